import { USUAL_ALLOWANCE } from '../arithmetic/sums';
import type { PatternCase } from '../garment/case';
import { placeOf, lineAt } from '../garment/chart';
import { chartFor } from '../garment/offset';
import { sizeLineWords } from '../alteration/words';
import { searchedLength } from '../lay/laid-length';
import { EFFORT_OF_A_SECOND, type CutPiece, type LayFabric } from '../lay/lay';
import { piecesOf } from '../lay/pieces-of';
import { boundsOf, type Point } from '../units/polygon';
import type { Make } from '../records';
import type { LengthUnit } from '../units/length';
import { formatLength } from '../units/length';

/** A change to a plan that takes less fabric. */
export interface SavingChange {
  readonly words: string;
  /** cm of the fabric's length. */
  readonly saves: number;
}

/** Pieces that nobody sees from outside: they come out of any fabric. */
const HIDDEN = /facing|pocket bag|collar stand|under collar|yoke lining/i;
/** Shorter by so much, cm, is a change that is hardly seen. */
const SHORTER = 3;
/** Each way is searched for so long, as long as the plan itself. */
const EFFORT = 0.4 * EFFORT_OF_A_SECOND;
/** Less is not worth the change, cm. */
const WORTH = 2;

const shortened = (pieces: readonly CutPiece[], which: RegExp): CutPiece[] =>
  pieces.map((piece) => {
    if (!which.test(piece.name)) return piece;
    const { top, bottom } = boundsOf(piece.outline);
    return { ...piece, outline: piece.outline.map(([x, y]): Point => [x, y > (top + bottom) / 2 ? y - SHORTER : y]) };
  });

/** A back on the fold as two halves, with an allowance at the new seam. */
const withSeam = (pieces: readonly CutPiece[], allowance: number): CutPiece[] =>
  pieces.map((piece): CutPiece => {
    const { fold, ...rest } = piece;
    if (!/\bback\b/i.test(piece.name) || /facing|lining/i.test(piece.name) || fold === undefined) return piece;
    const { left, right } = boundsOf(piece.outline);
    const edge = fold === 'left' ? left : right;
    const outline = piece.outline.map(([x, y]): Point => [Math.abs(x - edge) < 0.05 ? x + (fold === 'left' ? -allowance : allowance) : x, y]);
    return { ...rest, outline, count: piece.count * 2, pairs: true };
  });

/**
 * What could be changed of a plan for it to take less fabric, tried one after another, those that save most first. Each is laid as the plan is, which takes seconds:
 * a matter for a worker.
 *
 * @param on the fabric as it lies
 */
export function changesThatSave(input: PatternCase, make: Make, on: LayFabric, unit: LengthUnit): SavingChange[] {
  const found = piecesOf(input, make);
  const base = found && searchedLength(found.pieces, on, EFFORT);
  if (!found || base === undefined) return [];
  const { pieces } = found;
  const allowance = input.pattern.allowance ?? USUAL_ALLOWANCE;
  const by = formatLength(SHORTER, unit, { about: true });
  const chart = chartFor(input, make);
  const place = chart && make.size ? placeOf(chart, make.size) : undefined;
  const smaller = chart && place !== undefined && place >= 0.5 ? lineAt(chart, place - 0.5) : undefined;
  const ways: { readonly words: string; readonly pieces: readonly CutPiece[] | undefined; readonly fabric?: LayFabric }[] = [
    {
      words: 'Facings and what else is hidden from another fabric',
      pieces: pieces.some((p) => HIDDEN.test(p.name)) ? pieces.filter((p) => !HIDDEN.test(p.name)) : undefined,
    },
    { words: `Sleeves shorter by ${by}`, pieces: pieces.some((p) => /sleeve/i.test(p.name)) ? shortened(pieces, /sleeve/i) : undefined },
    { words: `The whole shorter by ${by}`, pieces: shortened(pieces, /front|back|skirt|leg|trouser/i) },
    {
      words: 'A seam at the centre back',
      pieces: pieces.some((p) => p.fold !== undefined && /\bback\b/i.test(p.name)) ? withSeam(pieces, allowance) : undefined,
    },
    {
      words: smaller ? `Half a size smaller: ${sizeLineWords(smaller)}` : '',
      pieces: smaller ? piecesOf(input, { ...make, size: smaller, sizeLines: [] })?.pieces : undefined,
    },
    { words: 'On a single layer, not folded', pieces: on.fold ? pieces : undefined, fabric: { ...on, fold: undefined } },
  ];
  return ways
    .flatMap(({ words, pieces: changed, fabric = on }): SavingChange[] => {
      const length = changed && changed.length > 0 ? searchedLength(changed, fabric, EFFORT) : undefined;
      return length !== undefined && base - length >= WORTH ? [{ words, saves: base - length }] : [];
    })
    .sort((a, b) => b.saves - a.saves);
}
