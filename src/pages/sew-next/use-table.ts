import { useMemo } from 'react';
import { reckonedWidth, widePieces } from '../../core/fabric/usual-width';
import type { LayFabric, Pin } from '../../core/lay/lay';
import { onPieces, type PiecedStrip } from '../../core/lay/on-pieces';
import { piecesOf, type PiecesOf } from '../../core/lay/pieces-of';
import { mainFabric } from '../../core/make/main-fabric';
import { fabricFor, type FabricForPlan } from '../../core/plan/fabric-for-plan';
import type { Fabric, Piece } from '../../core/records';
import type { LayQuestion } from '../../workers/use-lay';
import type { PlanInWork } from './use-plan';

/** How long a lay is searched before it is asked whether to go on, s. */
export const SECONDS = 8;
/** Room between pieces where nobody chose another, cm. */
const GAP = 0.5;
const NO_PINS: readonly Pin[] = [];

/** A plan on its table: its pieces, and its fabric as it lies. */
export interface Table {
  readonly fabric: Fabric | undefined;
  /** Undefined where nothing says what its pieces look like. */
  readonly found: PiecesOf | undefined;
  readonly stash: FabricForPlan | undefined;
  /** Pieces of the fabric as they lie once washed. */
  readonly washed: readonly Piece[];
  /** The place among them of the one that is best laid on; -1 where there is none. */
  readonly at: number;
  /** The pieces that are laid on; undefined where another width was asked for than is there. */
  readonly strip: PiecedStrip | undefined;
  readonly on: LayFabric;
  readonly pins: readonly Pin[];
}

/** What is laid on what, as the plan says it: the same on every page that shows the lay. */
export function useTable({ plan, input, make, request }: PlanInWork): Table {
  const { fabric } = mainFabric(make, input.fabrics);
  const found = useMemo(() => piecesOf(input, make), [input, make]);
  const stash = useMemo(() => fabric && fabricFor(input, make, fabric, request.today, request.plans), [fabric, input, make, request]);
  const washed = useMemo(() => (stash ? widePieces(stash.lain) : []), [stash]);
  const { fold, gap = GAP, width: asked, whole = false } = plan.lay ?? {};
  const pins = plan.lay?.pins ?? NO_PINS;
  // Of the stash's own record: a piece is shown washed, and kept as it was noted.
  const at = stash?.hand.piece ? stash.lain.pieces.indexOf(stash.hand.piece) : -1;
  const piece = washed[at];
  const strip = useMemo(() => {
    if (whole && washed.length > 1) return onPieces(washed);
    return piece && (asked === undefined || Math.abs(asked - piece.width) < 0.5) ? onPieces([piece]) : undefined;
  }, [whole, washed, piece, asked]);
  const width = strip?.width ?? asked ?? stash?.at ?? reckonedWidth(fabric);
  const on = useMemo(
    (): LayFabric => ({
      width,
      // With a nap one layer would lie upside down.
      ...(fold && !(fabric?.nap && fold === 'crosswise') ? { fold } : {}),
      gap,
      ...(fabric?.nap ? { nap: true } : {}),
      ...(fabric?.border ? { border: fabric.border } : {}),
      repeatAlong: fabric?.repeatAlong,
      repeatAcross: fabric?.repeatAcross,
      onHand: strip?.length,
      taken: strip?.taken ?? [],
    }),
    [width, fold, gap, fabric, strip],
  );
  return useMemo(() => ({ fabric, found, stash, washed, at, strip, on, pins }), [fabric, found, stash, washed, at, strip, on, pins]);
}

/** The question to the worker that lays a plan; undefined where nothing says what its pieces look like. */
export const layQuestion = ({ input, make, request }: PlanInWork, { found, on, pins }: Table): Omit<LayQuestion, 'seed'> | undefined =>
  found && { input, make, pieces: found.pieces, fabric: on, pins, seconds: SECONDS, unit: request.unit };

/** Where the fabric is folded, cm across. */
export function foldsOf({ fold, width }: LayFabric): number[] {
  if (fold === 'lengthwise') return [width / 2];
  return fold === 'to the middle' ? [width / 4, (3 * width) / 4] : [];
}
