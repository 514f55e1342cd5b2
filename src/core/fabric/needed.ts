import { lengthForOne, mainFabric, mainUse } from '../make/main-fabric';
import { STATES } from '../make/states';
import type { Fabric, Make, Pattern, Piece, SizeLine, View } from '../records';
import { usableLength } from './stash';
import { notedWidth, reckonedWidth } from './usual-width';

/** To a narrower width by area, and more, since pieces do not fill it as well. Source: engine.md, section 10. */
const ROUGH = 1.15;
/** What is left over when there is plenty, and what is tight, cm. Source: our own convention. */
const PLENTY = 30;
const TIGHT = 10;

/** Makes that say what a view takes: not a toile of some parts, nor what was cut from another garment; and only when all of it is cut. */
export const TAKES_ITS_FILL: readonly Make['kind'][] = ['garment', 'wearable toile'];

/** Where the length came from. */
export type NeedFrom = 'the table of the view' | 'a version' | 'another width';

/** A length of fabric needed, cm, at a width. */
export interface FabricNeeded {
  readonly length: number;
  readonly width: number;
  readonly from: NeedFrom;
  /** Reckoned from another width by area, or from a fabric whose width nobody noted: rough. */
  readonly rough: boolean;
  readonly version?: number;
  /** Nothing says what the parts take that are joined from elsewhere: they are not in it. */
  readonly without?: true;
  /** By a version: the lengths that the plan adds are in it already. */
  readonly asPlanned?: true;
}

export interface NeedRequest {
  readonly pattern: Pattern;
  readonly view: View;
  /** Makes of this view that name what they took. */
  readonly makes: readonly Make[];
  /** What one of them took, told as what is planned would take it; without it as it was. */
  readonly took?: (make: Make) => { readonly length: number; readonly rough: boolean } | undefined;
  readonly fabrics: readonly Fabric[];
  readonly size?: SizeLine | undefined;
  /** Width of the fabric that is wanted, cm. */
  readonly width: number;
  /** The longest piece of the pattern, cm, where known: no width makes that shorter. */
  readonly longestPiece?: number | undefined;
}

/** Whether a line of the table speaks of this size: it names none, or names it. Ranges are read along the chart. */
export function speaksOf(sizes: string | undefined, size: SizeLine | undefined, pattern: Pattern): boolean {
  if (sizes === undefined || sizes.trim() === '' || /^all$/i.test(sizes.trim()) || size === undefined) return true;
  const order = pattern.charts[0]?.sizes ?? [];
  return sizes.split(/[,;]/).some((part) => {
    const [from, to = from] = part.split(/\s+to\s+|\s*[–-]\s*/).map((s) => s.trim());
    if (from === size.size || to === size.size) return true;
    const [a, b, at] = [from, to, size.size].map((s) => order.indexOf(s ?? ''));
    return a! >= 0 && b! >= 0 && at! >= a! && at! <= b!;
  });
}

/** What is known of this view: table lines for the size, and what versions really took. */
function known({ pattern, view, makes, took, fabrics, size }: NeedRequest): FabricNeeded[] {
  const table = view.fabricTable
    .filter((n) => speaksOf(n.sizes, size, pattern))
    .map(({ width, length }): FabricNeeded => ({ width, length, from: 'the table of the view', rough: false }));
  const taken = makes
    .filter(
      ({ kind, state, sources: [main] }) =>
        // Where it only lent a part, the fabric was mostly another's.
        TAKES_ITS_FILL.includes(kind) && STATES[state].cutOut && main?.patternId === pattern.id && main.viewId === view.id,
    )
    .flatMap((make): FabricNeeded[] => {
      const use = mainUse(make);
      const length = use && lengthForOne(make, use);
      if (!length) return [];
      const { fabric } = mainFabric(make, fabrics);
      const told = took ? took(make) : { length, rough: false };
      if (!told) return [];
      const rough = told.rough || fabric?.width === undefined;
      return [
        { width: reckonedWidth(fabric), ...told, rough, from: 'a version', version: make.version, ...(took ? { asPlanned: true as const } : {}) },
      ];
    });
  return [...table, ...taken];
}

/**
 * Length of fabric needed at a width, before nap, repeats, added lengths and shrinkage (engine.md, section 10).
 *
 * What a version really took at this width is the better evidence; then the table; then another width, by area and a bit more. A wider
 * fabric never takes less than the longest piece.
 *
 * @returns cm; undefined where nothing is known of the view
 */
export function fabricNeeded(request: NeedRequest): FabricNeeded | undefined {
  const { width, longestPiece = 0 } = request;
  const all = known(request);
  const near = (n: FabricNeeded) => Math.abs(n.width - width) < 5;
  const latest = all.filter((n) => n.from === 'a version' && near(n)).sort((a, b) => b.version! - a.version!)[0];
  const direct = latest ?? all.find(near);
  if (direct) return { ...direct, length: Math.max(direct.length, longestPiece) };
  // The nearest width below costs nothing extra; from a wider one to this narrower one it is area, and rough.
  const narrower = all.filter((n) => n.width < width).sort((a, b) => b.width - a.width)[0];
  const wider = all.filter((n) => n.width > width).sort((a, b) => a.width - b.width)[0];
  if (wider) {
    const length = (wider.length * wider.width * ROUGH) / width;
    const most = narrower ? Math.min(length, narrower.length) : length;
    return { ...wider, length: Math.max(most, longestPiece), width, from: 'another width', rough: true };
  }
  if (!narrower) return undefined;
  return { ...narrower, length: Math.max(narrower.length, longestPiece), width, from: 'another width', rough: true };
}

/** A tenth more where pieces cannot be turned. Source: cutting practice. */
export const ONE_WAY = 0.1;
/** Lengths into which pieces are laid one after the other: front and back. */
export const USUAL_LENGTHS = 2;

export type Enough = 'plenty' | 'enough' | 'tight' | 'not enough';

/** Whether the stash has enough, with the piece that was asked and how much it is over or short. */
export interface OnHand {
  readonly answer: Enough;
  /** The piece that comes nearest; undefined where none is in the stash. */
  readonly piece: Piece | undefined;
  /** cm left over in that piece; minus is short. */
  readonly over: number;
  /** No piece is wide enough for the widest pattern piece. */
  readonly tooNarrow: boolean;
}

/** A length needed, cm: as likely too much as too little, and one that is enough nine times in ten. */
export interface LengthNeeded {
  readonly middle: number;
  readonly enough: number;
}

/**
 * Whether the pieces in the stash suffice: one of them must, since a sum of pieces is not a length. It is tight where the length that is
 * most likely needed is there and the one that is enough nine times in ten is not.
 *
 * @param fabric washed, or as it will lie after the first wash (`washed` in stash.ts)
 * @param needed length at a piece's own width, cm
 * @param widest the widest pattern piece, or the width a bias or circular piece needs, cm; what nobody said the width of is not called too narrow
 */
export function onHand(fabric: Pick<Fabric, 'pieces' | 'width'>, needed: (width: number) => LengthNeeded | undefined, widest = 0): OnHand {
  const { pieces } = fabric;
  const fits = pieces.filter((p) => (notedWidth(fabric, p) ?? Infinity) >= widest);
  const asked = (fits.length > 0 ? fits : pieces).map((piece) => {
    const width = reckonedWidth(fabric, piece);
    const { middle = Infinity, enough = Infinity } = needed(width) ?? {};
    const length = usableLength({ ...piece, width });
    return { piece, over: length - middle, safe: length - Math.max(enough, middle + TIGHT) };
  });
  const best = asked.reduce<(typeof asked)[number] | undefined>((a, b) => (a === undefined || b.over > a.over ? b : a), undefined);
  if (!best) return { answer: 'not enough', piece: undefined, over: -(needed(reckonedWidth(fabric))?.middle ?? 0), tooNarrow: false };
  const tooNarrow = fits.length === 0;
  const { over, piece, safe } = best;
  const answer = tooNarrow || over < 0 ? 'not enough' : safe < 0 ? 'tight' : safe < PLENTY - TIGHT ? 'enough' : 'plenty';
  return { answer, piece, over, tooNarrow };
}
