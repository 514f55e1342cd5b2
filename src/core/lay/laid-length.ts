import { memoize } from '../units/memoize';
import { muchCoarser } from '../units/polygon';
import type { NoFits } from './search';
import { layings, TooWide, type CutPiece, type LayFabric } from './lay';

/** Orders in which the pieces are laid for a first answer. */
const ROUNDS = 3;
/** Answers kept: a list of plans asks for the same ones again and again. */
const KEPT = 2000;
const known = new Map<string, number | undefined>();

/** What is worked out of one set of pieces for every width: a stash has fabrics of many. */
const noFitsOf = new Map<string, NoFits>();
const SETS_KEPT = 30;

const inWords = memoize((pieces: readonly CutPiece[]): string =>
  pieces
    .map((p) => `${p.count} ${p.pairs} ${p.fold ?? ''} ${p.grain ?? ''} ${p.outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join(' ')}`)
    .join('\n'),
);
const piecesKey = (pieces: readonly CutPiece[], { nap, fold }: LayFabric): string => `${nap ?? false} ${fold ?? ''}\n${inWords(pieces)}`;

/**
 * How long a fabric must be for pieces by a first lay, in a few milliseconds: good enough to compare one plan with another, since both are
 * laid alike. A lay that is searched for longer takes a tenth less.
 *
 * @returns cm; undefined where a piece is wider than the fabric
 */
export function laidLength(pieces: readonly CutPiece[], fabric: Pick<LayFabric, 'width' | 'nap' | 'fold'>): number | undefined {
  const set = piecesKey(pieces, fabric);
  const key = `${fabric.width.toFixed(1)} ${set}`;
  if (known.has(key)) return known.get(key);
  const noFits = noFitsOf.get(set) ?? [];
  if (!noFitsOf.has(set) && noFitsOf.size >= SETS_KEPT) noFitsOf.clear();
  noFitsOf.set(set, noFits);
  const length = firstLength(pieces, fabric, noFits);
  if (known.size >= KEPT) known.clear();
  known.set(key, length);
  return length;
}

/**
 * How long a fabric must be for pieces by a lay that is searched for: close enough to see what a small change saves.
 *
 * @param effort work that is done at the most
 * @returns cm; undefined where a piece is wider than the fabric
 */
export function searchedLength(pieces: readonly CutPiece[], fabric: LayFabric, effort: number): number | undefined {
  return lengthAfter(layings(pieces, fabric, 1, [], effort), Infinity);
}

function firstLength(pieces: readonly CutPiece[], fabric: LayFabric, noFits: NoFits): number | undefined {
  // A few corners say as well how much is needed, and cost a tenth.
  const rough = pieces.map((piece) => ({ ...piece, outline: muchCoarser(piece.outline) }));
  return lengthAfter(layings(rough, fabric, 1, [], Infinity, noFits), ROUNDS * pieces.reduce((sum, p) => sum + p.count, 0));
}

/** The shortest of the lays that come within so many steps. */
function lengthAfter(lays: ReturnType<typeof layings>, steps: number): number | undefined {
  let best: number | undefined;
  let left = steps;
  try {
    for (const lay of lays) {
      if (lay) best = lay.length;
      if (--left <= 0 && best !== undefined) break;
    }
  } catch (error) {
    if (error instanceof TooWide) return undefined;
    throw error;
  }
  return best;
}
