import { widePieces } from './usual-width';
import { daysBetween } from '../body/measures';
import type { IsoDate } from '../units/date';
import { asTapeReads } from '../units/length';
import { areaOf, polygonOf } from '../units/polygon';
import type { Fabric, FabricTest, FabricUse, Piece } from '../records';

/** What is left of less than this, cm, is a scrap and no longer a piece. Source: our own convention; a pocket wants more. */
const SCRAP = 10;

const tidy = (cm: number) => Math.round(cm * 1e4) / 1e4;

/** What a piece lacks, once so much was cut off its beginning and the rest shrank: what lay on what is gone is gone with it. */
function lacksAfter({ lacks }: Piece, cut: number, along = 1, across = 1): Pick<Piece, 'lacks'> {
  if (!lacks) return {};
  const left = lacks
    .map((lack) => ({ ...lack, corners: lack.corners.map((v, i) => tidy(i % 2 === 0 ? v * across : Math.max(0, v - cut) * along)) }))
    .filter(({ corners }) => corners.some((v, i) => i % 2 === 1 && v > 0));
  return { lacks: left };
}

/** How long a piece is by what can be cut from it, cm: a bite takes as much as its area would over the whole width. */
export const usableLength = ({ length, width, lacks = [] }: Pick<Piece, 'length' | 'lacks'> & { readonly width: number }): number =>
  Math.max(0, length - lacks.reduce((sum, { corners }) => sum + areaOf(polygonOf(corners)), 0) / width);

/** Pieces after a length was cut, and by how much they were too short for it. */
export interface CutFromStash {
  readonly pieces: readonly Piece[];
  /** cm really taken from the stash. */
  readonly taken: number;
}

/**
 * Cuts a length from the stash: from the shortest piece that is long enough, so that the long ones stay whole; where none is, from
 * the longest first, one after the other.
 *
 * @param length cm, along the fabric
 * @example cutFrom([{ length: 300, width: 140 }, { length: 120, width: 140 }], 100) // takes from the 120
 */
export function cutFrom(pieces: readonly Piece[], length: number): CutFromStash {
  const enough = pieces.filter((p) => p.length >= length - 1e-9).sort((a, b) => a.length - b.length)[0];
  const order = enough ? [enough] : [...pieces].sort((a, b) => b.length - a.length);
  let wanted = length;
  const left = new Map<Piece, number>();
  for (const piece of order) {
    const cut = Math.min(piece.length, wanted);
    left.set(piece, tidy(piece.length - cut));
    wanted = tidy(wanted - cut);
    if (wanted <= 1e-9) break;
  }
  const after = pieces.flatMap((p) => {
    const rest = left.get(p);
    return rest === undefined ? [p] : rest >= SCRAP ? [{ ...p, length: rest, ...lacksAfter(p, p.length - rest) }] : [];
  });
  return { pieces: after, taken: tidy(length - Math.max(0, wanted)) };
}

/**
 * Puts a length back: onto the piece it was most likely cut from (the longest of the fabric's own width), else as a piece of its own.
 *
 * @param length cm
 */
export function putBack(fabric: Pick<Fabric, 'pieces' | 'width'>, length: number): readonly Piece[] {
  if (length <= 0) return fabric.pieces;
  const width = fabric.width ?? fabric.pieces[0]?.width;
  const longest = fabric.pieces
    .filter((p) => p.width === undefined || (width !== undefined && Math.abs(p.width - width) < 1))
    .sort((a, b) => b.length - a.length)[0];
  if (!longest) return [...fabric.pieces, { length: tidy(length), ...(width === undefined ? {} : { width }) }];
  return fabric.pieces.map((p) => (p === longest ? { ...p, length: tidy(p.length + length) } : p));
}

/**
 * Takes the fabrics of a make from the stash, or corrects what was taken when its uses change.
 *
 * @param before uses as they were; each knows what it took
 * @param after uses as they are to be; a use whose `taken` is not 0 takes its length
 * @returns the uses with what each really took, and the fabrics whose pieces changed
 */
export function settleUses(
  fabrics: readonly Fabric[],
  before: readonly FabricUse[],
  after: readonly FabricUse[],
): { readonly uses: FabricUse[]; readonly changed: readonly { readonly from: Fabric; readonly to: Fabric }[] } {
  const pieces = new Map<string, readonly Piece[]>();
  const of = (id: string) => pieces.get(id) ?? fabrics.find((c) => c.id === id)?.pieces ?? [];
  const wants = (use: FabricUse) => (use.taken === 0 ? 0 : (use.length ?? 0));
  const settled = (use: FabricUse) => {
    const was = before.find((b) => b.id === use.id && b.fabricId === use.fabricId);
    return was !== undefined && wants(was) === wants(use) && (was.taken ?? 0) === (use.taken ?? 0);
  };
  // What is no longer used, or used in another length, goes back before anything new is taken.
  for (const use of before) {
    const still = after.find((a) => a.id === use.id && a.fabricId === use.fabricId);
    const fabric = fabrics.find((c) => c.id === use.fabricId);
    if (fabric && use.taken && !(still && settled(still))) pieces.set(fabric.id, putBack({ ...fabric, pieces: [...of(fabric.id)] }, use.taken));
  }
  // A use that was entered without taking anything (an old make, written down long after) goes on taking nothing.
  const neverTook = (use: FabricUse) => before.some((b) => b.id === use.id && b.taken === undefined && b.length !== undefined);
  const uses = after.map((use) => {
    const fabric = fabrics.find((c) => c.id === use.fabricId);
    if (!fabric || settled(use) || neverTook(use)) return use;
    const length = wants(use);
    if (length === 0 || of(fabric.id).length === 0) {
      const { taken, ...rest } = use;
      return taken === 0 ? use : rest;
    }
    const cut = cutFrom(of(fabric.id), length);
    pieces.set(fabric.id, cut.pieces);
    return { ...use, taken: cut.taken };
  });
  const changed = fabrics.flatMap((from) => {
    const now = pieces.get(from.id);
    return now && JSON.stringify(now) !== JSON.stringify(from.pieces) ? [{ from, to: { ...from, pieces: [...now] } }] : [];
  });
  return { uses, changed };
}

/**
 * A fabric of the stash of which so much is said to be left: none, or one piece, which is the one that was there where it was the only one.
 *
 * @param length cm
 * @example withLeft({ ...linen, pieces: [{ length: 300, width: 140 }] }, 60).pieces // [{ length: 60, width: 140 }]
 */
export function withLeft(fabric: Fabric, length: number): Fabric {
  const [piece, ...more] = fabric.pieces;
  // Where on it a flaw lay, nobody knows of what is left.
  const { lacks: _, ...only } = (more.length === 0 ? piece : undefined) ?? {};
  return { ...fabric, pieces: length === 0 ? [] : [{ ...(fabric.width === undefined ? {} : { width: fabric.width }), ...only, length }] };
}

/** What a test on a piece of fabric found: % for stretch (plus) and shrinkage (plus is shorter), g/m² for weight (area in cm², grams). */
export function testResult({ of, before, after }: Pick<FabricTest, 'of' | 'before' | 'after'>): number {
  const result = of === 'weight' ? (after / before) * 10_000 : of.startsWith('stretch') ? (after / before - 1) * 100 : (1 - after / before) * 100;
  return asTapeReads(result);
}

/** The field in which what a test found stands. */
export const TEST_FIELD = {
  'stretch across': 'stretchAcross',
  'stretch along': 'stretchAlong',
  'shrinkage across': 'shrinkAcross',
  'shrinkage along': 'shrinkAlong',
  weight: 'weight',
} as const satisfies Record<FabricTest['of'], keyof Fabric>;

/** A fabric with a test entered: the test is kept, and its result stands where the fabric says what it does. */
export function withTest(fabric: Fabric, test: FabricTest): Fabric {
  return { ...fabric, tests: [...fabric.tests, test], [TEST_FIELD[test.of]]: testResult(test) };
}

/** The stash after a wash: every piece shorter and narrower by what the fabric shrinks. A fabric washed before does not shrink again. */
export function washed(fabric: Fabric, date: string): Fabric {
  if (fabric.washedOn !== undefined) return { ...fabric, washedOn: date };
  const along = 1 - (fabric.shrinkAlong ?? 0) / 100;
  const across = 1 - (fabric.shrinkAcross ?? 0) / 100;
  const pieces = fabric.pieces.map((p) => ({
    ...p,
    length: tidy(p.length * along),
    ...(p.width === undefined ? {} : { width: tidy(p.width * across) }),
    ...lacksAfter(p, 0, along, across),
  }));
  return { ...fabric, washedOn: date, pieces };
}

/** The longest piece in the stash, cm; 0 where none is left. A sum of pieces is not a length that can be cut. */
export function longestPiece(fabric: Pick<Fabric, 'pieces' | 'width'>): number {
  return Math.max(0, ...widePieces(fabric).map(usableLength));
}

/** A fabric bought within so many days waits for its first wash; later it lies in the stash like any other. Source: our own convention. */
const FRESH = 365;

/** Fabric bought within the year and not washed, though it shrinks or nobody knows whether it does. */
export const fabricsToWash = (fabrics: readonly Fabric[], today: IsoDate): Fabric[] =>
  fabrics.filter(
    (f) =>
      f.washedOn === undefined &&
      f.pieces.length > 0 &&
      f.bought !== undefined &&
      daysBetween(f.bought, today) <= FRESH &&
      (f.shrinkAlong === undefined || f.shrinkAlong > 0),
  );
