import { viewOf } from '../make/versions';
import { onHand, type LengthNeeded, type OnHand } from '../fabric/needed';
import { notedWidth, reckonedWidth } from '../fabric/usual-width';
import { washed } from '../fabric/stash';
import type { PatternCase } from '../garment/case';
import type { IsoDate } from '../units/date';
import type { Fabric, Make, Plan, View } from '../records';
import { askedOf, fabricEstimate, type FabricEstimate } from './fabric-estimate';

/**
 * The width that a view's widest piece needs on the fabric, cm: as it lies on the grain, or turned by half a right angle on the bias, where
 * both its sides count. 0 where nobody measured it.
 */
export function widthNeeded({ widest, longest = widest }: Pick<View, 'widest' | 'longest'>, bias: boolean): number {
  if (widest === undefined) return 0;
  return bias ? (widest + longest!) / Math.SQRT2 : widest;
}

/** What a plan needs of its main fabric, and whether the stash has it. */
export interface FabricForPlan {
  readonly fabric: Fabric;
  /** The same as it lies once washed. */
  readonly lain: Fabric;
  /** Length on the table, cm, washed; with nap, repeats and alterations. Undefined where nothing is known of the view. */
  readonly needed: LengthNeeded | undefined;
  /** The width at which that is reckoned, cm. */
  readonly at: number;
  /** Whether that width was noted; else it is the usual one. */
  readonly isWidthNoted: boolean;
  /** Where the length comes from; undefined where the sewist wrote it into the plan. */
  readonly from: FabricEstimate | undefined;
  /** Width that the widest piece needs, cm; 0 where nobody measured it. */
  readonly widest: number;
  readonly hand: OnHand;
  /** Pieces are shorter after the first wash than they lie there now. */
  readonly shrinks: boolean;
  /** Other open plans in the same fabric, by their ids. */
  readonly alsoPlanned: readonly string[];
}

/** A fabric as it lies once washed: the length that counts at the table. */
export const afterWash = (fabric: Fabric, today: IsoDate): Fabric => (fabric.washedOn === undefined ? washed(fabric, today) : fabric);

/**
 * Whether a fabric suffices for a make as it is planned.
 *
 * @param make the plan as a make
 * @param plans all plans: the same fabric may be meant twice
 */
export function fabricFor(input: PatternCase, make: Make, fabric: Fabric, today: IsoDate, plans: readonly Plan[] = []): FabricForPlan {
  const view = viewOf(input.pattern, make);
  const lain = afterWash(fabric, today);
  const [piece] = lain.pieces;
  const at = reckonedWidth(lain, piece);
  const use = make.fabrics.find((u) => u.fabricId === fabric.id && u.part === 'main');
  const widest = widthNeeded(view, use?.bias ?? false);
  const named = use?.length;
  const estimated = (width: number) => fabricEstimate(input, make, askedOf(lain, width));
  // A length that the sewist wrote into the plan is hers to know better.
  const needed = (width: number): LengthNeeded | undefined => (named === undefined ? estimated(width) : { middle: named, enough: named });
  const from = named === undefined ? estimated(at) : undefined;
  return {
    fabric,
    lain,
    needed: from ?? needed(at),
    at,
    isWidthNoted: notedWidth(lain, piece) !== undefined,
    from,
    widest,
    hand: onHand(lain, needed, widest),
    shrinks: fabric.washedOn === undefined && (fabric.shrinkAlong ?? 0) > 0,
    alsoPlanned: plans.filter((p) => p.state === 'open' && p.id !== make.id && p.fabrics.some((u) => u.fabricId === fabric.id)).map((p) => p.id),
  };
}
