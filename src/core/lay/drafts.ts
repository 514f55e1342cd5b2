import type { FlatDetails, GarmentKind, GarmentPart } from '../records';
import { widened } from './clip';
import { curve, lengthOf, solved } from '../units/curve';
import type { CutPiece } from './lay';
import { areaOf, rectangle, type Point, type Polygon } from '../units/polygon';

/** Finished girths of the garment and lengths of the body it is for, cm. */
export interface DraftMeasures {
  readonly bust: number;
  readonly waist: number;
  readonly hip: number;
  readonly upperArm: number;
  readonly wrist: number;
  readonly thigh: number;
  readonly knee: number;
  readonly legHem: number;
  /** Of the body: the others are of the garment. */
  readonly bodyBust: number;
  readonly neck: number;
  readonly head: number;
  readonly shoulder: number;
  readonly acrossBack: number;
  readonly napeToWaist: number;
  readonly armLength: number;
  readonly rise: number;
  readonly inseam: number;
}

/** What is drafted. */
export interface DraftOf {
  readonly kind: GarmentKind;
  readonly flat: FlatDetails;
  readonly parts?: readonly GarmentPart[];
  readonly measures: DraftMeasures;
  /** How much longer than drafted, cm: what alterations do to body or skirt, sleeve and leg. */
  readonly longer?: { readonly body?: number; readonly sleeve?: number; readonly leg?: number };
  /** Cut wide, with the shoulder over the arm: the sleeve is set in flat. */
  readonly dropped: boolean;
  /** Seam allowance, cm. */
  readonly allowance: number;
}

/** A piece before its seam allowance, with what was taken out of it by darts. */
export interface DraftedPiece extends CutPiece {
  /** The outline is that of the finished garment, without allowance. */
  readonly net: Polygon;
}

/** Turned up at hems, cm. Source: usual practice. */
const HEM = 3;
/** Strips of such lengths are laid across, cm: longer than a cuff, and not wider than any fabric. */
const [LONG_STRIP, NARROWEST] = [50, 105];
/** A sleeve's cap is so much longer than its armhole, cm: eased into it, or sewn in flat. Source: basic block drafting. */
const CAP_EASE = { setIn: 3, dropped: 0.5 } as const;

interface Sketch {
  readonly name: string;
  readonly net: Polygon;
  readonly count?: number;
  readonly pairs?: boolean;
  readonly fold?: 'left';
  readonly match?: Point;
  readonly grain?: 'across';
}

const box = (width: number, height: number): Polygon => rectangle(0, 0, width, height);

/** A strip: waistband, tie, strap. A long one is laid across the fabric, where it costs its width and not its length. Source: usual practice. */
const strip = (name: string, long: number, wide: number, count = 1): Sketch => ({
  name,
  net: box(wide, long),
  count,
  ...(long > LONG_STRIP && long < NARROWEST ? { grain: 'across' } : {}),
});

/** Halves of front and back from the neck to the hem, with where their lines are. */
interface Bodice {
  readonly front: Polygon;
  readonly back: Polygon;
  readonly armhole: { readonly front: readonly Point[]; readonly back: readonly Point[] };
  readonly neck: { readonly front: readonly Point[]; readonly back: readonly Point[] };
  readonly shoulder: { readonly front: number; readonly back: number };
  readonly side: { readonly front: readonly Point[]; readonly back: readonly Point[] };
  readonly bustLine: number;
  readonly waistLine: number;
}

const NECK_DEPTH: Record<NonNullable<FlatDetails['neck']>, number> = { round: 8, v: 18, boat: 4, collar: 8, notched: 16, band: 8, shawl: 18 };

/**
 * The halves of a bodice.
 *
 * Drawn as a basic block from few measures (the proportions of W. Aldrich, *Metric Pattern Cutting*: armhole depth, neck from a fifth of its
 * girth, back width with half a centimetre of ease), without the bust dart: a flat outline takes the same fabric.
 *
 * @param end length below the waist, cm
 * @param flare how much wider the hem is than the hip on each quarter, cm
 */
export function bodiceHalves({ flat, measures: m, dropped }: DraftOf, end: number, flare: number, deeper = 0): Bodice {
  const ease = Math.max(0, m.bust - m.bodyBust);
  const bustLine = 21.5 + (m.bodyBust - 88) / 8 + (dropped ? ease * 0.12 : 0) + deeper;
  const waistLine = 2 + m.napeToWaist;
  const hipLine = waistLine + 20.6;
  const hem = waistLine + end;
  const neckWidth = m.neck / 5 + (flat.neck === 'boat' ? 4 : 0);
  const across = m.acrossBack / 2 + 0.5 + ease / 16;
  const side = m.bust / 4;
  const at = (y: number): number => {
    // No side seam takes in more than 3.5 cm; the rest of the waist is darts.
    const waist = Math.max(m.waist / 4, side - 3.5);
    if (end <= 0 || y <= waistLine) return side + ((waist - side) * (y - bustLine)) / (waistLine - bustLine);
    const hip = Math.max(m.hip / 4, side - 2);
    if (y <= hipLine) return waist + ((hip - waist) * (y - waistLine)) / (hipLine - waistLine);
    return hip + (hem > hipLine ? (flare * (y - hipLine)) / Math.max(40, hem - hipLine) : 0);
  };
  const levels = [...(end > 0 ? [waistLine] : []), ...(hem > hipLine ? [hipLine] : []), hem];
  const sideSeam = [bustLine, ...levels].map((y): Point => [at(y), y]);
  const half = (neckDepth: number, chest: number) => {
    const long = m.shoulder + (dropped ? 5 : 0);
    const tip: Point = [neckWidth + long * 0.94, long * 0.34];
    const neck: Point[] = [
      [0, neckDepth],
      ...(flat.neck === 'v' && neckDepth > 5
        ? [[neckWidth, 0] as const]
        : curve([0, neckDepth], [neckWidth * 0.6, neckDepth], [neckWidth, neckDepth * 0.5], [neckWidth, 0], 6)),
    ];
    const inner = Math.max(chest, dropped ? tip[0] - 2 : 0);
    const middle: Point = [Math.min(inner, tip[0], side), tip[1] + (bustLine - tip[1]) * 0.55];
    const armhole: Point[] = [
      tip,
      ...curve(tip, [tip[0] - 0.5, tip[1] + 4], [middle[0], middle[1] - 4], middle, 4),
      ...curve(middle, [middle[0], middle[1] + (bustLine - middle[1]) * 0.8], [side - (side - middle[0]) * 0.5, bustLine], [side, bustLine], 6),
    ];
    return {
      outline: [...neck, ...armhole, ...sideSeam.slice(1), [0, hem] as const],
      neck,
      armhole,
      shoulder: Math.hypot(tip[0] - neckWidth, tip[1]),
    };
  };
  const front = half(NECK_DEPTH[flat.neck ?? 'round'], across - 1);
  const back = half(2, across);
  return {
    front: front.outline,
    back: back.outline,
    armhole: { front: front.armhole, back: back.armhole },
    neck: { front: front.neck, back: back.neck },
    shoulder: { front: front.shoulder, back: back.shoulder },
    side: { front: sideSeam, back: sideSeam },
    bustLine,
    waistLine,
  };
}

/** The cap of a sleeve from one underarm point over the top to the other. */
function capOf(width: number, height: number): Point[] {
  const [start, top, end]: [Point, Point, Point] = [
    [0, height],
    [width / 2, 0],
    [width, height],
  ];
  return [start, ...curve(start, [width * 0.2, height], [width * 0.26, 0], top, 8), ...curve(top, [width * 0.74, 0], [width * 0.8, height], end, 8)];
}

/** A sleeve whose cap goes into an armhole. */
export function sleeveFor(
  { flat, measures: m, dropped, longer }: DraftOf,
  armhole: number,
): { readonly net: Polygon; readonly cap: readonly Point[]; readonly wrist: number } {
  const wanted = armhole + (dropped ? CAP_EASE.dropped : CAP_EASE.setIn);
  const height = solved(0.5, 30, (h) => lengthOf(capOf(m.upperArm, h)), wanted);
  const cap = capOf(m.upperArm, height);
  const kind = flat.sleeve ?? 'long';
  const whole = m.armLength - (dropped ? 5 : 0) - (flat.cuffs ? 5 : 0);
  const long = { none: 0, short: Math.min(24, whole * 0.4), elbow: whole * 0.55, long: whole }[kind] + (longer?.sleeve ?? 0);
  const end = Math.max(long, height + 3) + (flat.cuffs ? 0 : HEM);
  const narrow = kind === 'long' ? (flat.cuffs ? m.wrist + 5 : m.wrist) : m.upperArm - 2;
  const off = Math.max(0, (m.upperArm - narrow) / 2);
  return { net: [...cap, [m.upperArm - off, end], [off, end]], cap, wrist: narrow };
}

/** A strip of so much beside the neck edge, between shoulder and middle: a facing. */
function facing(neck: readonly Point[], wide: number): Polygon {
  const [middle, shoulder] = [neck[0], neck.at(-1)];
  if (!middle || !shoulder) return [];
  const outer = neck.map(([x, y], i): Point => {
    const t = i / (neck.length - 1);
    return [x + wide * 0.94 * t, y + wide * (1 - t) + wide * 0.34 * t];
  });
  return [...neck, ...outer.reverse()];
}

const OPENS_IN_FRONT: readonly GarmentKind[] = ['shirt', 'jacket', 'coat', 'cardigan', 'waistcoat'];
const SLEEVELESS: readonly GarmentKind[] = ['waistcoat', 'swimsuit', 'bra'];

function withBodice(of: DraftOf, end: number, flare: number): Sketch[] {
  const { kind, measures: m, dropped, parts } = of;
  const flat: FlatDetails = {
    ...of.flat,
    neck: of.flat.neck ?? (kind === 'shirt' ? 'collar' : kind === 'jacket' || kind === 'coat' ? 'notched' : 'round'),
  };
  const sleeve = flat.sleeve ?? (SLEEVELESS.includes(kind) ? 'none' : kind === 'top' || kind === 'dress' ? 'short' : 'long');
  const given = { ...of, flat: { ...flat, sleeve } };
  let bodice = bodiceHalves(given, end, flare);
  const round = () => lengthOf(bodice.armhole.front) + lengthOf(bodice.armhole.back);
  // A wide sleeve asks for a deep armhole: no cap is shorter than the sleeve is wide.
  const least = m.upperArm * 1.06 - (dropped ? CAP_EASE.dropped : CAP_EASE.setIn);
  for (let deeper = 0.5; sleeve !== 'none' && round() < least && deeper < 25; deeper += 0.5) bodice = bodiceHalves(given, end, flare, deeper);
  const opens =
    flat.opening === undefined ? OPENS_IN_FRONT.includes(kind) : flat.opening === 'buttons' || flat.opening === 'zip' || flat.opening === 'open';
  const overlap = flat.opening === 'zip' || flat.opening === 'open' ? 0 : 2;
  const match: Point = [m.bust / 4, bodice.bustLine];
  const pieces: Sketch[] = [
    opens
      ? { name: 'front', net: bodice.front.map(([x, y]): Point => [x < 1e-9 ? -overlap : x, y]), count: 2, pairs: true, match }
      : { name: 'front', net: bodice.front, fold: 'left', match },
    { name: 'back', net: bodice.back, fold: 'left', match },
  ];
  if (sleeve !== 'none') {
    const { net, cap, wrist } = sleeveFor(given, round());
    pieces.push({ name: 'sleeve', net, count: 2, pairs: true, match: [0, cap[0]?.[1] ?? 0] });
    if (flat.cuffs) pieces.push(strip('cuff', wrist, 12, 2));
  }
  const neckline = 2 * (lengthOf(bodice.neck.front) + lengthOf(bodice.neck.back));
  if (flat.neck === 'collar' || flat.neck === 'notched' || flat.neck === 'shawl') {
    pieces.push({
      name: 'collar',
      net: [
        [0, 0],
        [neckline / 2 + 1.5, 0],
        [neckline / 2 + 3, 7.5],
        [0, 7.5],
      ],
      count: 2,
      fold: 'left',
    });
    if (flat.neck === 'collar') pieces.push({ name: 'collar stand', net: box(neckline / 2 + overlap, 4), count: 2, fold: 'left' });
  } else if (flat.neck === 'band') pieces.push(strip('neckband', neckline, 6));
  if (opens)
    pieces.push({
      name: 'front facing',
      net: box(7, Math.max(10, bodice.waistLine + end - NECK_DEPTH[flat.neck ?? 'round'])),
      count: 2,
      pairs: true,
    });
  else if (flat.neck === 'round' || flat.neck === 'v' || flat.neck === 'boat')
    pieces.push(
      { name: 'front neck facing', net: facing(bodice.neck.front, 5), fold: 'left' },
      { name: 'back neck facing', net: facing(bodice.neck.back, 5), fold: 'left' },
    );
  if (parts?.includes('hood'))
    pieces.push({
      name: 'hood',
      net: [
        [0, 0],
        [24, 2],
        [29, 16],
        [26, 36],
        [4, 38],
        [0, 30],
      ],
      count: 2,
      pairs: true,
    });
  return [...pieces, ...pockets(flat)];
}

function pockets({ pockets: kind }: FlatDetails): Sketch[] {
  switch (kind) {
    case 'patch':
      return [
        {
          name: 'pocket',
          net: [
            [0, 0],
            [15, 0],
            [15, 14],
            [7.5, 18],
            [0, 14],
          ],
          count: 2,
        },
      ];
    case 'slant':
      return [
        {
          name: 'pocket bag',
          net: [
            [0, 0],
            [16, 0],
            [17, 20],
            [13, 30],
            [4, 30],
            [0, 24],
          ],
          count: 4,
          pairs: true,
        },
      ];
    case 'welt':
      return [strip('welt', 15, 8, 2), { name: 'pocket bag', net: box(17, 20), count: 4, pairs: true }];
    default:
      return [];
  }
}

/** A sector of a ring, half of a flared panel, its fold along x = 0. */
function sector(inner: number, outer: number, angle: number): Polygon {
  const on = (radius: number, t: number): Point => [radius * Math.sin(t), radius * Math.cos(t)];
  const steps = Array.from({ length: 11 }, (_, k) => (angle * k) / 10);
  return [...steps.map((t) => on(inner, t)), ...steps.map((t) => on(outer, t)).reverse()];
}

/** Front and back of a skirt; flared ones as halves of half a circle. */
function skirtPanels({ flat, measures: m, longer }: DraftOf, band: boolean): Sketch[] {
  const long = { short: 42, mid: 62, long: 92 }[flat.length ?? 'mid'] + (longer?.body ?? 0) + HEM;
  const panels: Sketch[] = (() => {
    if (flat.shape === 'flared') {
      const radius = m.waist / Math.PI;
      const net = sector(radius, radius + long, Math.PI / 4);
      return [
        { name: 'skirt front', net, fold: 'left' as const },
        { name: 'skirt back', net, fold: 'left' as const },
      ];
    }
    const flare = flat.shape === 'straight' ? 0 : 6;
    const half = (darts: number): Polygon => {
      const waist: Point = [Math.min(m.waist / 4 + darts, m.hip / 4), 0];
      return [
        [0, 1],
        waist,
        ...curve(waist, [waist[0] + (m.hip / 4 - waist[0]) * 0.6, 7], [m.hip / 4, 14], [m.hip / 4, 20.6], 5),
        [m.hip / 4 + flare, long],
        [0, long],
      ];
    };
    return [
      { name: 'skirt front', net: half(2), fold: 'left', match: [m.hip / 4, 20.6] },
      { name: 'skirt back', net: half(2), fold: 'left', match: [m.hip / 4, 20.6] },
    ];
  })();
  return [...panels, ...(band ? [strip('waistband', m.waist + 4, 8)] : []), ...pockets(flat)];
}

/** Front and back of a trouser leg. */
export interface Leg {
  readonly front: Polygon;
  readonly back: Polygon;
  readonly inseam: { readonly front: readonly Point[]; readonly back: readonly Point[] };
  readonly outseam: { readonly front: readonly Point[]; readonly back: readonly Point[] };
  readonly hipLine: number;
  readonly crotchLine: number;
}

/**
 * The legs of trousers: a basic trouser block from hip, rise and inside leg, the fork of the front a third of both, the crease in the middle
 * of the leg (after W. Aldrich, *Metric Pattern Cutting*); the back's fork is dropped until both inside legs are of one length.
 */
export function trouserLegs({ kind, flat, measures: m, longer }: DraftOf): Leg {
  const crotchLine = m.rise + 1;
  const hipLine = crotchLine * 0.7;
  const whole =
    kind === 'shorts'
      ? { short: 8, mid: 18, long: 28 }[flat.length ?? 'mid']
      : { short: m.inseam * 0.45, mid: m.inseam * 0.75, long: m.inseam }[flat.length ?? 'long'];
  const end = crotchLine + Math.max(5, whole + (longer?.leg ?? 0)) + HEM;
  const kneeLine = crotchLine + m.inseam * 0.45;
  const forks = Math.max(8, m.thigh - m.hip / 2);
  const quarter = m.hip / 4;
  const leg = (fork: number, wider: number, drop: number, slant: number) => {
    /** Width of a leg's piece below the crotch, of one with this fork; a back is wider than a front. */
    const wide = (y: number, by = wider, of = fork): number => {
      const knee = m.knee / 2 + by;
      const thigh = quarter + of;
      const hem = Math.min((flat.shape === 'flared' ? m.legHem + 12 : m.legHem) / 2 + by, thigh);
      if (y <= kneeLine) return thigh + ((knee - thigh) * (y - crotchLine)) / (kneeLine - crotchLine);
      return knee + ((hem - knee) * (y - kneeLine)) / Math.max(1, crotchLine + m.inseam + HEM - kneeLine);
    };
    // Both outside legs are the same line, as half of a leg that is neither front nor back.
    const outside = (y: number): number => quarter - (wide(crotchLine, 0, forks / 2) - wide(y, 0, forks / 2)) / 2;
    const below = [...(kneeLine < end ? [kneeLine] : []), end];
    const waist: Point = [slant, -drop * 0.8];
    const side: Point = [Math.min(quarter - 1, m.waist / 4 + 3.5), 0];
    const outseam: Point[] = [
      side,
      ...curve(side, [side[0] + 1, hipLine * 0.4], [quarter, hipLine * 0.7], [quarter, hipLine], 4),
      ...below.map((y): Point => [outside(y), y]),
    ];
    const point: Point = [-fork, crotchLine + drop];
    const inseam: Point[] = [point, ...below.map((y): Point => [outside(y) - wide(y), y])];
    const top: Point = [0, hipLine];
    const seat = curve(point, [-fork * 0.45, crotchLine + drop * 0.4], [0, crotchLine - 3], top, 6);
    return { outline: [waist, ...outseam, ...[...inseam].reverse(), ...seat], inseam, outseam };
  };
  const front = leg(forks / 3, -1, 0, 0);
  const wanted = lengthOf(front.inseam);
  const lower = solved(0, 6, (drop) => -lengthOf(leg((2 * forks) / 3, 1, drop, 3).inseam), -wanted);
  const back = leg((2 * forks) / 3, 1, lower, 3);
  return {
    front: front.outline,
    back: back.outline,
    inseam: { front: front.inseam, back: back.inseam },
    outseam: { front: front.outseam, back: back.outseam },
    hipLine,
    crotchLine,
  };
}

function trousers(of: DraftOf): Sketch[] {
  const { front, back, crotchLine } = trouserLegs(of);
  const match = (net: Polygon): Point => [Math.max(...net.map(([x]) => x)), crotchLine];
  return [
    { name: 'trouser front', net: front, count: 2, pairs: true, match: match(front) },
    { name: 'trouser back', net: back, count: 2, pairs: true, match: match(back) },
    strip('waistband', of.measures.waist + 4, 8),
    ...pockets(of.flat),
  ];
}

/** Half of briefs' front or back: waist, leg line, crotch. */
const briefs = (hip: number, high: number, wide: number): Polygon => [
  [0, 0],
  [hip / 4, 0],
  [hip / 4, 5],
  ...curve([hip / 4, 5], [hip / 4 - wide, 10], [4, high - 8], [3.5, high], 6),
  [0, high],
];

function swimwear(of: DraftOf): Sketch[] {
  const { kind, measures: m } = of;
  const lower: Sketch[] = [
    { name: 'lower front', net: briefs(m.hip, 24, 6), fold: 'left' },
    { name: 'lower back', net: briefs(m.hip, 28, 2), fold: 'left' },
    { name: 'crotch lining', net: box(7, 14) },
  ];
  if (kind === 'briefs') return lower;
  const { front, back } = bodiceHalves({ ...of, flat: { ...of.flat, neck: 'boat' } }, 0, 0);
  return [{ name: 'upper front', net: front, fold: 'left' }, { name: 'upper back', net: back, fold: 'left' }, ...lower];
}

function bra({ measures: m }: DraftOf): Sketch[] {
  return [
    {
      name: 'upper cup',
      net: [
        [0, 0],
        [8, 2],
        [18, 10],
        [0, 12],
      ],
      count: 2,
      pairs: true,
    },
    {
      name: 'lower cup',
      net: [
        [0, 0],
        [18, 0],
        [15, 8],
        [8, 10],
        [2, 7],
      ],
      count: 2,
      pairs: true,
    },
    {
      name: 'cradle',
      net: [
        [0, 0],
        [6, 3],
        [m.bust / 4, 0],
        [m.bust / 4, 9],
        [0, 9],
      ],
      fold: 'left',
    },
    {
      name: 'back band',
      net: [
        [0, 0],
        [m.bust / 4, 3],
        [m.bust / 4, 8],
        [0, 10],
      ],
      count: 2,
      pairs: true,
    },
    strip('strap', 45, 3, 2),
  ];
}

function hat({ measures: m }: DraftOf): Sketch[] {
  const wide = m.head / 6;
  const gore: Polygon = [
    [0, 18],
    ...curve([0, 18], [0, 10], [wide * 0.35, 3], [wide / 2, 0], 5),
    ...curve([wide / 2, 0], [wide * 0.65, 3], [wide, 10], [wide, 18], 5),
  ];
  const radius = m.head / (2 * Math.PI);
  return [
    { name: 'crown', net: gore, count: 6 },
    { name: 'brim', net: sector(radius, radius + 8, Math.PI / 2), count: 4, fold: 'left' },
  ];
}

const apron = ({ measures: m, longer }: DraftOf): Sketch[] => [
  {
    name: 'bib',
    net: [
      [0, 0],
      [12, 0],
      [15, 28],
      [0, 28],
    ],
    fold: 'left',
  },
  { name: 'apron skirt', net: box(Math.min(45, m.hip * 0.4), 55 + (longer?.body ?? 0)), fold: 'left' },
  strip('tie', 75, 8, 2),
  strip('neck strap', 60, 8),
  { name: 'pocket', net: box(30, 20) },
];

/** Lengths of upper garments below the waist, cm, by what their drawing says. */
const BELOW_WAIST: Record<NonNullable<FlatDetails['length']>, number> = { short: 4, mid: 20, long: 34 };
const COAT_BELOW_WAIST: typeof BELOW_WAIST = { short: 30, mid: 52, long: 75 };

/** A part of the garment at a time: what its kind is put together from. Nothing where a kind says nothing of its shape. */
function sketched(of: DraftOf): Sketch[] | undefined {
  const { kind, flat, longer } = of;
  const more = longer?.body ?? 0;
  const flare = flat.shape === 'flared' ? 8 : flat.shape === 'straight' ? 0 : 2;
  switch (kind) {
    case 'top':
    case 'shirt':
    case 'cardigan':
    case 'waistcoat':
    case 'nightwear':
      return withBodice(
        of,
        (kind === 'nightwear' ? COAT_BELOW_WAIST : BELOW_WAIST)[flat.length ?? (kind === 'waistcoat' ? 'short' : 'mid')] + HEM + more,
        flare,
      );
    case 'jacket':
      return withBodice(of, BELOW_WAIST[flat.length ?? 'mid'] + 4 + HEM + more, flare);
    case 'coat':
      return withBodice(of, COAT_BELOW_WAIST[flat.length ?? 'mid'] + HEM + more, flare);
    case 'dress':
      return flat.shape === 'flared'
        ? [...withBodice({ ...of, flat: { ...flat, pockets: 'none' } }, 0, 0), ...skirtPanels(of, false)]
        : withBodice(of, { short: 45, mid: 62, long: 92 }[flat.length ?? 'mid'] + HEM + more, flare + 3);
    case 'skirt':
      return skirtPanels(of, true);
    case 'trousers':
    case 'shorts':
      return trousers(of);
    case 'one-piece':
      return [
        ...withBodice({ ...of, flat: { ...flat, pockets: 'none' } }, 0, 0),
        ...trousers({ ...of, kind: 'trousers' }).filter((p) => p.name !== 'waistband'),
      ];
    case 'swimsuit':
    case 'briefs':
      return swimwear(of);
    case 'bra':
      return bra(of);
    case 'hat':
      return hat(of);
    case 'apron':
      return apron(of);
    case 'accessory':
    case 'bag':
    case 'home':
    case 'toy':
      return undefined;
  }
}

/**
 * Pieces that a cutter would draw for a garment of which only measures are known. The outline carries the seam allowance; `net` is without.
 *
 * @returns nothing for kinds of no usual shape: a bag, a toy, something for the home
 */
export function draftPieces(of: DraftOf): DraftedPiece[] | undefined {
  return sketched(of)?.map(({ name, net, count = 1, pairs = false, fold, match, grain }): DraftedPiece => {
    const [grown = net] = [...widened(net, of.allowance)].sort((a, b) => areaOf(b) - areaOf(a));
    // What lies on the fold has no seam there.
    const outline = fold ? grown.map(([x, y]): Point => [Math.max(0, x), y]) : grown;
    return { name, net, outline, count, pairs, ...(fold ? { fold } : {}), ...(match ? { match } : {}), ...(grain ? { grain } : {}) };
  });
}
