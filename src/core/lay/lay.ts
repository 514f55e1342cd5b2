import { seeded } from '../units/seeded';
import { itemAt } from '../units/item-at';
import { overlap, united, widened } from './clip';
import {
  areaOf,
  atOrigin,
  boundsOf,
  type Bounds,
  mirrored,
  moved,
  rectangle,
  turnedBy,
  turnedRound,
  type Point,
  type Polygon,
} from '../units/polygon';
import { Search, type Lain, type Lay, type NoFits, type Phase } from './search';

/** Which way the grain of a piece lies on the fabric. */
export type Grain = 'along' | 'across' | 'bias';

/** A pattern piece at one size, as it is cut out: with its seam allowance, its grain along y, cm. */
export interface CutPiece {
  readonly name: string;
  readonly outline: Polygon;
  /** How many are cut out. */
  readonly count: number;
  /** Every second one mirrored: a left one and a right one. */
  readonly pairs: boolean;
  /** The outline is one half: this side of its box lies on a fold of the fabric. */
  readonly fold?: 'left' | 'right';
  readonly grain?: Grain;
  /** Where its print must meet that of its neighbours. */
  readonly match?: Point;
  /** Its lower edge lies on the border of a fabric that has one. */
  readonly onBorder?: boolean;
}

/** How the fabric is folded, right sides together: once along its length, so that both selvedges meet in its middle, or once across it. */
export const FOLDS = ['lengthwise', 'to the middle', 'crosswise'] as const;
export type Fold = (typeof FOLDS)[number];

/** The fabric as it lies on the table, cm. */
export interface LayFabric {
  /** What can be used of the width: between the selvedges. */
  readonly width: number;
  /** A nap or a one-way print: no piece is turned round. */
  readonly nap?: boolean;
  /** Two layers of it; absent where it lies in a single one. */
  readonly fold?: Fold | undefined;
  /** How long it is, where that is known: folded across, the fold lies in its middle, and what is taken of it with it. */
  readonly onHand?: number | undefined;
  /** A border print along its selvedges: the pieces that belong on it lie there, in a single layer or folded across. */
  readonly border?: 'one edge' | 'both edges' | undefined;
  /** Kept free between pieces. */
  readonly gap?: number;
  /** Must stay free of pieces, as it lies unfolded: a bite cut out, a flaw. */
  readonly taken?: readonly Polygon[];
  readonly repeatAlong?: number | undefined;
  readonly repeatAcross?: number | undefined;
}

/** A piece that stays where it was put: its box's corner on the unfolded fabric. */
export interface Pin {
  readonly piece: string;
  readonly copy: number;
  readonly turned: boolean;
  readonly x: number;
  readonly y: number;
}

/** One copy of a piece on the fabric. */
export interface Placed {
  readonly piece: string;
  /** Counted from 1. */
  readonly copy: number;
  readonly mirrored: boolean;
  /** By half a circle. */
  readonly turned: boolean;
  /** x across the fabric from one selvedge, y along it from the cut end. */
  readonly polygon: Polygon;
}

/** A lay as it is drawn, the fabric unfolded. */
export interface DrawnLay {
  readonly width: number;
  /** Fabric it takes, cm. */
  readonly length: number;
  /** No lay of these pieces can be shorter, cm. */
  readonly bound: number;
  readonly placed: readonly Placed[];
}

/** One thing for the search, with what comes out of it when it is cut. */
interface Job {
  readonly lain: Lain;
  readonly piece: CutPiece;
  /** First copy it gives; two where it is cut through both layers. */
  readonly copy: number;
  readonly mirrored: boolean;
  readonly through: boolean;
  /** The outline as it is cut, its box against that of the search's. */
  readonly cut: Polygon;
  /** How far within the search's box the cut one's lies: room between pieces, more of it at a sharp corner. */
  readonly inset: Bounds;
  /** On which of two folds a half lies. */
  readonly side: 'left' | 'right';
  /** Turned round already, so that its lower edge lies on a border. */
  readonly round: boolean;
}

const isLengthwise = (fold: Fold | undefined): boolean => fold === 'lengthwise' || fold === 'to the middle';

/** Whether a piece lies across, its lower edge on the border of the fabric: not where that is folded along its length. */
export const liesOnBorder = ({ onBorder = false }: Pick<CutPiece, 'onBorder'>, { border, fold }: Pick<LayFabric, 'border' | 'fold'>): boolean =>
  onBorder && border !== undefined && !isLengthwise(fold);

/** Longer than any fabric, cm. */
const FAR = 20_000;

/** Work of about a second on a common machine, in edges asked. Source: measured. */
export const EFFORT_OF_A_SECOND = 40e6;

/** A pattern piece cannot be laid: wider than the fabric. */
export class TooWide extends RangeError {
  constructor(
    readonly piece: string,
    readonly needs: number,
    readonly has: number,
  ) {
    super(`${piece} is ${needs.toFixed(1)} cm wide as it lies; the fabric has ${has.toFixed(1)} cm.`);
  }
}

/** The outline as it lies, its grain along the fabric, across or on the bias. */
const onGrain = (outline: Polygon, grain: Grain | undefined): Polygon =>
  grain === 'across' ? turnedBy(outline, 90) : grain === 'bias' ? turnedBy(outline, 45) : outline;

/**
 * A piece drawn as one half, opened out over its fold.
 *
 * @example opened([[0, 0], [20, 0], [20, 50], [0, 50]], 'left') // 40 cm wide
 */
export function opened(outline: Polygon, fold: 'left' | 'right'): Polygon {
  const { left, right } = boundsOf(outline);
  const at = fold === 'left' ? left : right;
  const onFold = moved(outline, -at, 0);
  // A hair beyond the fold, or the two halves would only touch.
  const half = onFold.map(([x, y]): Point => [Math.abs(x) < 1e-6 ? (fold === 'left' ? -1e-4 : 1e-4) : x, y]);
  return itemAt(
    united([half, mirrored(half)]).sort((a, b) => areaOf(b) - areaOf(a)),
    0,
  );
}

/** Whether a piece is its own mirror image. */
function evenSided(outline: Polygon): boolean {
  const [one, other] = [atOrigin(outline), atOrigin(mirrored(outline))];
  return overlap(one, other) > 0.995 * areaOf(one);
}

/** @param off how far the cut piece lies from where its search's box says, as it is and turned round */
const phaseOf = (repeat: number | undefined, at: number | undefined, size: number, [off, round]: Point): Phase | undefined =>
  repeat === undefined || at === undefined || repeat <= 0 ? undefined : { repeat, first: -at - off, turned: at - size - round };

/** What the search is to lay, copy by copy. */
function jobs(pieces: readonly CutPiece[], fabric: LayFabric, pins: readonly Pin[]): Job[] {
  const { fold, nap = false, gap = 0 } = fabric;
  /** Folded along its length: only then there is a fold for halves to lie on. */
  const lengthwise = isLengthwise(fold);
  const width = !lengthwise ? fabric.width : fold === 'to the middle' ? fabric.width / 4 : fabric.width / 2;
  let halves = 0;
  let onBorder = 0;
  return pieces.flatMap((piece, at): Job[] => {
    const half = piece.fold !== undefined && lengthwise;
    const whole = piece.fold !== undefined && !lengthwise ? opened(piece.outline, piece.fold) : piece.outline;
    // On the fold of the fabric, the edge on it lies at x = 0.
    const drawn = half && piece.fold === 'right' ? mirrored(whole) : whole;
    const bordered = liesOnBorder(piece, fabric);
    // Turned so that its lower edge lies along the first selvedge.
    const outline = bordered ? turnedBy(drawn, 90) : onGrain(drawn, half ? undefined : piece.grain);
    const through = fold !== undefined && !half && piece.count > 1 && (piece.pairs || evenSided(outline));
    const each = (copy: number, flip: boolean, two: boolean): Job => {
      const faced = flip ? mirrored(outline) : outline;
      const cut = atOrigin(faced);
      const grown = gap > 0 ? itemAt(widened(cut, gap / 2), 0) : cut;
      const onLeft = half ? grown.map(([x, y]): Point => [Math.max(0, x), y]) : grown;
      // With two folds, halves go to one and the other in turn.
      const side = half && fold === 'to the middle' && halves++ % 2 === 1 ? 'right' : 'left';
      // With a border at both selvedges one piece lies on one, the next on the other.
      const second = bordered && fabric.border === 'both edges' && onBorder++ % 2 === 1;
      // Mirrored its lower edge would lie on the other side; turned round it comes back.
      const round = bordered && flip !== second;
      const onFold = side === 'right' ? mirrored(onLeft) : round ? turnedRound(onLeft) : onLeft;
      const box = boundsOf(onFold);
      const inner = boundsOf(side === 'right' ? mirrored(cut) : round ? turnedRound(cut) : cut);
      const inset: Bounds = {
        left: inner.left - box.left,
        top: inner.top - box.top,
        right: box.right - inner.right,
        bottom: box.bottom - inner.bottom,
      };
      if (box.right - box.left - gap > width + 1e-6) throw new TooWide(piece.name, box.right - box.left - gap, width);
      // A print runs along the grain: a piece that lies otherwise is not matched.
      const match = bordered || (piece.grain ?? 'along') !== 'along' ? undefined : piece.match;
      const { left, top, right, bottom } = boundsOf(faced);
      const matchX = match && (flip ? -match[0] : match[0]) - left;
      const across = half ? undefined : phaseOf(fabric.repeatAcross, matchX, right - left, [inset.left - gap / 2, inset.right - gap / 2]);
      const along = phaseOf(fabric.repeatAlong, match && match[1] - top, bottom - top, [inset.top - gap / 2, inset.bottom - gap / 2]);
      const pin = fold !== undefined ? undefined : pins.find((p) => p.piece === piece.name && p.copy === copy);
      return {
        piece,
        copy,
        mirrored: flip,
        through: two,
        cut,
        side,
        round,
        inset,
        lain: {
          outline: atOrigin(onFold),
          turns: !nap && !half && !bordered,
          shape: `${at} ${flip} ${round}`,
          ...(half ? { atX: side === 'left' ? 0 : fabric.width / 2 - (box.right - box.left) } : {}),
          ...(bordered ? { atX: second ? fabric.width + gap / 2 + inset.right - (box.right - box.left) : gap / 2 - inset.left } : {}),
          ...(across ? { across } : {}),
          ...(along ? { along } : {}),
          ...(pin
            ? {
                pinned: {
                  turned: pin.turned !== round,
                  x: pin.x + gap / 2 - (pin.turned ? inset.right : inset.left),
                  y: pin.y + gap / 2 - (pin.turned ? inset.bottom : inset.top),
                },
              }
            : {}),
        },
      };
    };
    const list: Job[] = [];
    for (let copy = 1; copy <= piece.count;) {
      const two = through && copy < piece.count;
      list.push(each(copy, !two && piece.pairs && copy % 2 === 0, two));
      copy += two ? 2 : 1;
    }
    return list;
  });
}

/** Where each copy lies on the unfolded fabric. */
function drawn({ length, spots }: Lay, list: readonly Job[], fabric: LayFabric, bound: number): DrawnLay {
  const { width, gap = 0 } = fabric;
  const margin = gap / 2;
  const toMiddle = fabric.fold === 'to the middle';
  // Where the fold lies, or the left one of two; the layer that is drawn on begins there.
  const fold = toMiddle ? width / 4 : width / 2;
  // Folded across, the second layer lies mirrored beyond a fold that is no nearer than the lay is long.
  const across = fabric.fold === 'crosswise' ? Math.max(length - margin, (fabric.onHand ?? 0) / 2) : undefined;
  const placed = list.flatMap(({ piece, copy, mirrored: flip, through, cut, side, round, inset }, i): Placed[] => {
    const spot = itemAt(spots, i);
    const x = spot.x + (spot.turned ? inset.right : inset.left) - margin;
    const y = spot.y + (spot.turned ? inset.bottom : inset.top) - margin;
    const turned = spot.turned !== round;
    const way = atOrigin(turned ? turnedRound(cut) : cut);
    const one = (polygon: Polygon, number: number, face: boolean): Placed => ({ piece: piece.name, copy: number, mirrored: face, turned, polygon });
    // The strip of the search is wider by half a gap at each edge, since none is needed there; at the fold there is.
    if (fabric.fold === undefined) return [one(moved(way, x, y), copy, flip)];
    if (across !== undefined) {
      const here = one(moved(way, x, y), copy, flip);
      // Over a fold across the grain the other layer is mirrored and turned.
      const there = here.polygon.map(([px, py]): Point => [px, 2 * across - py]).reverse();
      return through ? [here, { ...here, copy: copy + 1, mirrored: !flip, turned: !turned, polygon: there }] : [here];
    }
    if (piece.fold !== undefined) {
      const whole = opened(moved(way, 0, y), 'left');
      return [one(moved(whole, side === 'left' ? fold : (3 * width) / 4, 0), copy, false)];
    }
    const right = moved(way, fold + x + margin, y);
    // The other layer is the mirror image over the fold that is nearer.
    const over = toMiddle && x + margin > width / 4 - 0.02 ? (3 * width) / 4 : fold;
    const left = moved(mirrored(right), 2 * over, 0);
    return through ? [one(right, copy, flip), one(left, copy + 1, !flip)] : [one(right, copy, flip)];
  });
  // Both layers count, though the second holds only what is cut through both.
  const end = across === undefined ? length - gap : 2 * across;
  return { width, length: Math.max(0, end), bound, placed };
}

/** How long a piece is along the fabric, cm. Opened out over its fold it is no longer, as long as its grain runs along. */
export function lengthAlong({ outline, grain = 'along', fold }: Pick<CutPiece, 'outline' | 'grain' | 'fold'>): number {
  const { top, bottom } = boundsOf(onGrain(fold !== undefined && grain !== 'along' ? opened(outline, fold) : outline, grain));
  return bottom - top;
}

/**
 * No lay of these pieces can be shorter, cm: their area spread over the width, and the longest piece.
 */
export function shortest(pieces: readonly CutPiece[], { width, fold, border }: Pick<LayFabric, 'width' | 'fold' | 'border'>): number {
  // On a fold of the fabric a half lies along it, whatever its grain; on a border a piece lies across.
  const lengths = pieces.map((piece) =>
    lengthAlong(
      isLengthwise(fold) && piece.fold !== undefined
        ? { outline: piece.outline }
        : liesOnBorder(piece, { border, fold })
          ? { ...piece, grain: 'across' }
          : piece,
    ),
  );
  const area = pieces.reduce((sum, { outline, count, fold }) => sum + areaOf(outline) * count * (fold === undefined ? 1 : 2), 0);
  return Math.max(area / width, ...lengths, 0);
}

/**
 * Better and better lays of pieces on a fabric, each shorter than the one before it; nothing where a step of work brought none. Whoever asks
 * decides when to stop: the same seed gives the same lays in the same steps.
 *
 * @param seed a whole number
 * @param pins pieces that stay where they are; on a single layer only
 * @param effort how much work is done at the most, in edges asked: the same lays on every machine, which a time would not give
 * @param noFits what was worked out for the same pieces on another width, where nothing is taken of either; more is added to it
 * @throws TooWide where a piece does not go onto the fabric; RangeError for a fabric with a nap folded across
 * @example for (const lay of layings(pieces, { width: 140 }, 1)) if (lay && lay.length < 150) break;
 */
export function* layings(
  pieces: readonly CutPiece[],
  fabric: LayFabric,
  seed: number,
  pins: readonly Pin[] = [],
  effort = Infinity,
  noFits: NoFits = [],
): Generator<DrawnLay | undefined, void> {
  if (fabric.nap && fabric.fold === 'crosswise') throw new RangeError('With a nap a fabric is not folded across: one layer would lie upside down.');
  const list = jobs(pieces, fabric, pins);
  const bound = shortest(pieces, fabric);
  if (list.length === 0) {
    yield { width: fabric.width, length: 0, bound, placed: [] };
    return;
  }
  const gap = fabric.gap ?? 0;
  const toMiddle = fabric.fold === 'to the middle';
  const taken = (fabric.taken ?? []).flatMap((polygon) => {
    const here = moved(polygon, gap / 2, gap / 2);
    if (fabric.fold === undefined) return [here];
    if (fabric.fold === 'crosswise') {
      const over = here.map(([x, y]): Point => [x, (fabric.onHand ?? 0) + gap - y]).reverse();
      return fabric.onHand === undefined ? [here] : [here, over];
    }
    // A flaw spoils both layers: the fold lies at x = 0, and what is left of it comes to lie over what is right of it.
    const right = moved(polygon, toMiddle ? -fabric.width / 4 : -fabric.width / 2, gap / 2);
    return [right, mirrored(right), ...(toMiddle ? [moved(mirrored(right), fabric.width, 0)] : [])];
  });
  // Where the selvedges meet nothing lies across.
  const meeting = rectangle(fabric.width / 4 - 0.01, -10, fabric.width / 4 + 0.01, FAR);
  const strip = !isLengthwise(fabric.fold)
    ? { width: fabric.width + gap, taken }
    : toMiddle
      ? { width: fabric.width / 2, taken: [...taken, meeting] }
      : { width: fabric.width / 2 + gap / 2, taken };
  const search = new Search(
    list.map(({ lain }) => lain),
    strip,
    seeded(seed),
    noFits,
  );
  let laid = false;
  for (const lay of search.lays(bound)) {
    yield lay && drawn(lay, list, fabric, bound);
    laid ||= lay !== undefined;
    if (laid && search.work > effort) return;
  }
}
