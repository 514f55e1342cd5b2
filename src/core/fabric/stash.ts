import type { Cloth, ClothTest, ClothUse, Piece } from '../records';

/** What is left of less than this, cm, is a scrap and no longer a piece. Source: our own convention; a pocket wants more. */
const SCRAP = 10;

const tidy = (cm: number) => Math.round(cm * 1e4) / 1e4;

/** Pieces after a length was cut, and by how much they were too short for it. */
export interface CutFromShelf {
  readonly pieces: readonly Piece[];
  /** cm really taken off the shelf. */
  readonly taken: number;
}

/**
 * Cuts a length off the shelf: from the shortest piece that is long enough, so that the long ones stay whole; where none is, from
 * the longest first, one after the other.
 *
 * @param length cm, along the cloth
 * @example cutFrom([{ length: 300, width: 140 }, { length: 120, width: 140 }], 100) // takes from the 120
 */
export function cutFrom(pieces: readonly Piece[], length: number): CutFromShelf {
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
    return rest === undefined ? [p] : rest >= SCRAP ? [{ ...p, length: rest }] : [];
  });
  return { pieces: after, taken: tidy(length - Math.max(0, wanted)) };
}

/**
 * Puts a length back: onto the piece it was most likely cut from (the longest of the cloth's own width), else as a piece of its own.
 *
 * @param length cm
 */
export function putBack(cloth: Pick<Cloth, 'pieces' | 'width'>, length: number): readonly Piece[] {
  if (length <= 0) return cloth.pieces;
  const width = cloth.width ?? cloth.pieces[0]?.width ?? 140;
  const longest = [...cloth.pieces].filter((p) => Math.abs(p.width - width) < 1).sort((a, b) => b.length - a.length)[0];
  if (!longest) return [...cloth.pieces, { length: tidy(length), width }];
  return cloth.pieces.map((p) => (p === longest ? { ...p, length: tidy(p.length + length) } : p));
}

/**
 * Takes the cloths of a make off the shelf, or corrects what was taken when its uses change.
 *
 * @param before uses as they were; each knows what it took
 * @param after uses as they are to be; a use whose `taken` is not 0 takes its length
 * @returns the uses with what each really took, and the cloths whose pieces changed
 */
export function settleUses(
  cloths: readonly Cloth[],
  before: readonly ClothUse[],
  after: readonly ClothUse[],
): { readonly uses: ClothUse[]; readonly changed: readonly { readonly from: Cloth; readonly to: Cloth }[] } {
  const pieces = new Map<string, readonly Piece[]>();
  const of = (id: string) => pieces.get(id) ?? cloths.find((c) => c.id === id)?.pieces ?? [];
  const wants = (use: ClothUse) => (use.taken === 0 ? 0 : (use.length ?? 0));
  const settled = (use: ClothUse) => {
    const was = before.find((b) => b.id === use.id && b.clothId === use.clothId);
    return was !== undefined && wants(was) === wants(use) && (was.taken ?? 0) === (use.taken ?? 0);
  };
  // What is no longer used, or used in another length, goes back before anything new is taken.
  for (const use of before) {
    const still = after.find((a) => a.id === use.id && a.clothId === use.clothId);
    const cloth = cloths.find((c) => c.id === use.clothId);
    if (cloth && use.taken && !(still && settled(still))) pieces.set(cloth.id, putBack({ ...cloth, pieces: [...of(cloth.id)] }, use.taken));
  }
  // A use that was entered without taking anything (an old make, written down long after) goes on taking nothing.
  const neverTook = (use: ClothUse) => before.some((b) => b.id === use.id && b.taken === undefined && b.length !== undefined);
  const uses = after.map((use) => {
    const cloth = cloths.find((c) => c.id === use.clothId);
    if (!cloth || settled(use) || neverTook(use)) return use;
    const length = wants(use);
    if (length === 0 || of(cloth.id).length === 0) {
      const { taken, ...rest } = use;
      return taken === 0 ? use : rest;
    }
    const cut = cutFrom(of(cloth.id), length);
    pieces.set(cloth.id, cut.pieces);
    return { ...use, taken: cut.taken };
  });
  const changed = cloths.flatMap((from) => {
    const now = pieces.get(from.id);
    return now && JSON.stringify(now) !== JSON.stringify(from.pieces) ? [{ from, to: { ...from, pieces: [...now] } }] : [];
  });
  return { uses, changed };
}

/** What a test on a piece of cloth found: % for stretch (plus) and shrinkage (plus is shorter), g/m² for weight (area in cm², grams). */
export function testResult({ of, before, after }: Pick<ClothTest, 'of' | 'before' | 'after'>): number {
  const result = of === 'weight' ? (after / before) * 10_000 : of.startsWith('stretch') ? (after / before - 1) * 100 : (1 - after / before) * 100;
  return Math.round(result * 10) / 10;
}

const FIELD = {
  'stretch across': 'stretchAcross',
  'stretch along': 'stretchAlong',
  'shrinkage across': 'shrinkAcross',
  'shrinkage along': 'shrinkAlong',
  weight: 'weight',
} as const satisfies Record<ClothTest['of'], keyof Cloth>;

/** A cloth with a test entered: the test is kept, and its result stands where the cloth says what it does. */
export function withTest(cloth: Cloth, test: ClothTest): Cloth {
  return { ...cloth, tests: [...cloth.tests, test], [FIELD[test.of]]: testResult(test) };
}

/** The shelf after a wash: every piece shorter and narrower by what the cloth shrinks. A cloth washed before does not shrink again. */
export function washed(cloth: Cloth, date: string): Cloth {
  if (cloth.washedOn !== undefined) return { ...cloth, washedOn: date };
  const along = 1 - (cloth.shrinkAlong ?? 0) / 100;
  const across = 1 - (cloth.shrinkAcross ?? 0) / 100;
  const pieces = cloth.pieces.map((p) => ({ ...p, length: tidy(p.length * along), width: tidy(p.width * across) }));
  return { ...cloth, washedOn: date, pieces };
}

/** The longest piece on the shelf, cm; 0 where none is left. A sum of pieces is not a length that can be cut. */
export function longestPiece({ pieces }: Pick<Cloth, 'pieces'>): number {
  return Math.max(0, ...pieces.map((p) => p.length));
}
