import { USUAL_ALLOWANCE } from '../arithmetic/sums';
import { type PatternCase, fitClassAt } from '../garment/case';
import { placeOf, readColumn } from '../garment/chart';
import { chartFor } from '../garment/offset';
import { viewOf } from '../make/versions';
import type { FabricUse, Make, PatternPiece } from '../records';
import { isLower } from '../records/usual-zones';
import { memoize } from '../units/memoize';
import { draftPieces } from './drafts';
import type { CutPiece } from './lay';
import { cutLongerAt, draftMeasures, isOfUsualBody } from './measures-of';
import { boundsOf, polygonOf, rectangle, type Point, type Polygon } from '../units/polygon';

/** Where pieces come from, the surest first. */
export type PiecesFrom = 'outlines' | 'rectangles' | 'an estimate';

/** The pieces of a make, as they are cut from one of its fabrics. */
export interface PiecesOf {
  readonly pieces: readonly CutPiece[];
  readonly from: PiecesFrom;
  /** The outlines are of another size, and were made larger or smaller. */
  readonly graded?: { readonly from: string };
  /** They are drafted for a usual body: nothing says how large the size is, or its wearer. */
  readonly ofUsualBody?: true;
}

type Part = FabricUse['part'];

/** So many measured pieces are taken for all of them; fewer stand in for the drafted ones of their names. */
const ALL_OF_THEM = 3;

/** Pieces whose print must meet at the side seams. */
const HEMMED = /^(?:side )?(?:front|back)\b(?!.*facing)|skirt|trouser|\bleg\b/i;

/** Longer by so much in its middle, where lengthening lines lie. */
function lengthened(outline: Polygon, by: number): Polygon {
  if (by === 0) return outline;
  const { top, bottom } = boundsOf(outline);
  // No piece is shortened away.
  const most = Math.max(by, (top - bottom) * 0.8);
  return outline.map(([x, y]): Point => [x, y > (top + bottom) / 2 ? y + most : y]);
}

/** Wider by a factor, its fold or its middle staying where it is. */
const widenedBy = (outline: Polygon, times: number): Polygon => (times === 1 ? outline : outline.map(([x, y]): Point => [x * times, y]));

/** How many times as wide a size is as another, by the chart's girths; 1 where no chart says it. */
function girthRatio(input: PatternCase, make: Make, from: string | undefined): number {
  const chart = chartFor(input, make);
  if (!chart || !make.size || from === undefined) return 1;
  const [to, was] = [placeOf(chart, make.size), placeOf(chart, { size: from })];
  const column = isLower(input.pattern.kind) ? (chart.body.hip ?? chart.body.waist) : (chart.body.bust ?? chart.body.hip);
  const [a, b] = column && to !== undefined && was !== undefined ? [readColumn(column, to), readColumn(column, was)] : [];
  return a !== undefined && b !== undefined ? a / b : 1;
}

/** An outline at a size that lies between two others of as many corners: each corner so far along its way. */
const between = (low: readonly number[], high: readonly number[], part: number): number[] => low.map((v, i) => v + part * ((high[i] ?? v) - v));

/** A piece at the make's size: its own outline, one between its neighbours', else the nearest made larger or smaller by the chart. */
function outlineAt(
  input: PatternCase,
  make: Make,
  { outlines = [] }: PatternPiece,
): { readonly outline: Polygon; readonly from?: string } | undefined {
  const chart = chartFor(input, make);
  const at = chart && make.size ? placeOf(chart, make.size) : undefined;
  const placed = outlines.flatMap((o) => {
    const place = chart && o.size !== undefined ? placeOf(chart, { size: o.size }) : undefined;
    return place === undefined ? [] : [{ ...o, place }];
  });
  if (at === undefined || placed.length === 0) {
    const [own] = [outlines.find((o) => o.size === make.size?.size), ...outlines].flatMap((o) => o ?? []);
    return own && { outline: polygonOf(own.corners), ...(own.size === undefined || own.size === make.size?.size ? {} : { from: own.size }) };
  }
  const low = placed.filter((o) => o.place <= at).reduce<(typeof placed)[number] | undefined>((a, b) => (a && a.place > b.place ? a : b), undefined);
  const high = placed.filter((o) => o.place >= at).reduce<(typeof placed)[number] | undefined>((a, b) => (a && a.place < b.place ? a : b), undefined);
  const exact = [low, high].find((o) => o?.place === at);
  if (exact) return { outline: polygonOf(exact.corners) };
  if (low && high && low.corners.length === high.corners.length) {
    const part = (at - low.place) / (high.place - low.place);
    return { outline: polygonOf(between(low.corners, high.corners, part)), from: `${low.size} and ${high.size}` };
  }
  // The larger one where both are there: a piece cut too large is cut smaller.
  const nearest = high ?? low;
  return (
    nearest && {
      outline: widenedBy(polygonOf(nearest.corners), girthRatio(input, make, nearest.size)),
      ...(nearest.size ? { from: nearest.size } : {}),
    }
  );
}

/** How low the lowest notch of a piece lies, cm: that of its own size, moved with the hem where the piece was made longer. */
function lowestNotch({ outlines = [] }: PatternPiece, make: Make, hem: number): number {
  const own = outlines.find((o) => o.size === make.size?.size && o.notches) ?? outlines.find((o) => o.notches);
  if (!own?.notches) return hem;
  const up = boundsOf(polygonOf(own.corners)).bottom - Math.max(...polygonOf(own.notches).map(([, y]) => y));
  return hem - up;
}

/** What alterations do to the length of a piece, by what it is called, cm. */
function longerPiece(input: PatternCase, make: Make, name: string): number {
  const add = (...zones: Parameters<typeof cutLongerAt>[2][]) => zones.reduce((sum, zone) => sum + cutLongerAt(input, make, zone), 0);
  if (/sleeve/i.test(name)) return add('sleeve');
  if (/\bleg\b|trouser|shorts/i.test(name)) return add('leg', 'rise');
  if (/skirt/i.test(name)) return add('skirt');
  if (/front|back|bodice|\bbody\b|panel|facing/i.test(name))
    return isLower(input.pattern.kind) ? add('skirt', 'leg', 'rise') : add('bodyLength', 'bodice', 'skirt');
  return 0;
}

/** Recorded pieces of a part, at the make's size; nothing where one of them has neither outline nor both its sides. */
function recorded(input: PatternCase, make: Make, pieces: readonly PatternPiece[]): PiecesOf | undefined {
  let from: PiecesFrom = 'outlines';
  let graded: string | undefined;
  const notched = pieces.every((p) => !HEMMED.test(p.name) || (p.outlines ?? []).some((o) => o.notches !== undefined));
  const cutPieces: CutPiece[] = [];
  for (const piece of pieces) {
    const { name, count, pairs, fold, grain, length, width, onBorder } = piece;
    const own = outlineAt(input, make, piece);
    let outline: Polygon;
    if (own) {
      graded ??= own.from;
      ({ outline } = own);
    } else if (length !== undefined && width !== undefined) {
      from = 'rectangles';
      outline = rectangle(0, 0, width, length);
    } else return undefined;
    const cut = lengthened(outline, longerPiece(input, make, name));
    const { left, right, bottom } = boundsOf(cut);
    cutPieces.push({
      name,
      count,
      pairs,
      outline: cut,
      // A print is matched at the lowest notches where all pieces have them, else at the hem, and along the middle of front and back. Source: usual practice.
      ...(HEMMED.test(name) ? { match: [fold === 'right' ? right : left, notched ? lowestNotch(piece, make, bottom) : bottom] as const } : {}),
      ...(onBorder ? { onBorder } : {}),
      ...(fold ? { fold } : {}),
      ...(grain ? { grain } : {}),
    });
  }
  return { pieces: cutPieces, from, ...(graded === undefined ? {} : { graded: { from: graded } }) };
}

/** Words that say of which garment a piece is, not which piece it is. */
const bare = (name: string): string =>
  name
    .toLowerCase()
    .replace(/\b(?:trouser|skirt|shirt|bodice|dress|main|piece|panel|leg)s?\b/g, '')
    .replace(/\s+/g, ' ')
    .trim();
const sameName = (a: string, b: string): boolean => bare(a) === bare(b);

/** Names of our own drafts that are cut from a contrast where a make has one, by the words for what the contrast is used for. */
const isNamed = (words: string | undefined, name: string): boolean =>
  words !== undefined &&
  name
    .toLowerCase()
    .split(' ')
    .some((word) => word.length > 3 && words.toLowerCase().includes(word));

/**
 * The pieces that a make cuts from its main fabric, or from another of its parts: by outlines read from a file, by their lengths and widths,
 * else drafted by us from the kind of garment, its details and its measures.
 *
 * One or two measured pieces stand in for the drafted ones of the same names; more of them, or outlines, are taken for all there are.
 *
 * A part without a fabric of its own is cut from the main one. What a contrast takes is known by the words on its use; else nothing is taken off.
 *
 * @returns undefined where a kind has no usual shape and nobody measured it
 */
export const piecesOf = (input: PatternCase, make: Make, part: Part = 'main'): PiecesOf | undefined => pieces(input, make, part, 1);

/** One grown body in ten is so many times as large round as the usual one, or larger. Source: our own convention, from usual body tables. */
const LARGE_BODY = 1.17;

/** The same for a large body, of what is drafted for a usual one: it may be for either. */
export const piecesForLarge = (input: PatternCase, make: Make, part: Part = 'main'): PiecesOf | undefined => pieces(input, make, part, LARGE_BODY);

function pieces(input: PatternCase, make: Make, part: Part, larger: number): PiecesOf | undefined {
  const known = piecesOfMakes(input)(make);
  const key = `${part} ${larger}`;
  if (!known.has(key)) known.set(key, workedOut(input, make, part, larger));
  return known.get(key);
}

/** What was worked out of a case: every fabric of a stash asks for the pieces of the same plan and the same versions. */
const piecesOfMakes = memoize((_: PatternCase) => memoize((__: Make) => new Map<string, PiecesOf | undefined>()));

function workedOut(input: PatternCase, make: Make, part: Part, larger: number): PiecesOf | undefined {
  const { pattern } = input;
  const view = viewOf(pattern, make);
  const apart = make.fabrics.filter((use) => use.part !== 'main');
  const own = (view.pieces ?? []).filter(
    (p) => p.part === part || (part === 'main' && p.part === 'contrast' && !apart.some((u) => u.part === 'contrast')),
  );
  const known = own.length > 0 ? recorded(input, make, own) : undefined;
  if (known && !(known.from === 'rectangles' && own.length < ALL_OF_THEM)) return known;
  if (part !== 'main' && part !== 'contrast') return known;
  const drafted = draftPieces({
    kind: pattern.kind,
    flat: view.flat ?? {},
    ...(view.parts ? { parts: view.parts } : {}),
    measures: draftMeasures(input, make, larger),
    longer: {
      body: cutLongerAt(input, make, 'bodyLength') + cutLongerAt(input, make, 'skirt'),
      sleeve: cutLongerAt(input, make, 'sleeve'),
      leg: cutLongerAt(input, make, 'leg'),
    },
    dropped: ['loose', 'oversized'].includes(fitClassAt(pattern, view, 'bust')),
    allowance: pattern.allowance ?? USUAL_ALLOWANCE,
  });
  if (!drafted) return known;
  if (known) return { ...known, pieces: [...known.pieces, ...drafted.filter((d) => !own.some((p) => sameName(p.name, d.name)))] };
  const contrast = apart.filter((u) => u.part === 'contrast').map((u) => u.pieces);
  const ofContrast = (name: string) => contrast.some((words) => isNamed(words, name));
  const ofPart = drafted.filter((p) => (part === 'main' ? !ofContrast(p.name) : ofContrast(p.name)));
  if (ofPart.length === 0) return undefined;
  return { pieces: ofPart, from: 'an estimate', ...(isOfUsualBody(input, make) ? { ofUsualBody: true } : {}) };
}
