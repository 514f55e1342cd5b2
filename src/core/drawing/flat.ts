import type { FlatDetails, GarmentKind } from '../records';
import { hat } from './hat';
import { bothSides, c, l, m, oneSide, symmetrical, type Half, type Move } from './outline';
import { MID, type Details, type Flat, type FlatSide, type Stroke } from './sheet';
import { swimsuit } from './swimsuit';
import { apron, bag, cushion, scarf, toy } from './things';
import { bra, briefs } from './underwear';

/** What has none of what a garment has. */
const PLAIN: Details = {
  neck: 'round',
  sleeve: 'none',
  length: 'mid',
  shape: 'straight',
  opening: 'none',
  pockets: 'none',
  darts: false,
  cuffs: false,
};

const USUAL: Record<GarmentKind, Details> = {
  top: { neck: 'round', sleeve: 'short', length: 'mid', shape: 'straight', opening: 'none', pockets: 'none', darts: false, cuffs: false },
  shirt: { neck: 'collar', sleeve: 'long', length: 'mid', shape: 'straight', opening: 'buttons', pockets: 'none', darts: true, cuffs: true },
  dress: { neck: 'v', sleeve: 'elbow', length: 'mid', shape: 'flared', opening: 'none', pockets: 'none', darts: true, cuffs: false },
  skirt: { neck: 'round', sleeve: 'none', length: 'mid', shape: 'flared', opening: 'zip', pockets: 'none', darts: true, cuffs: false },
  trousers: { neck: 'round', sleeve: 'none', length: 'long', shape: 'straight', opening: 'zip', pockets: 'slant', darts: true, cuffs: false },
  shorts: { neck: 'round', sleeve: 'none', length: 'short', shape: 'straight', opening: 'zip', pockets: 'slant', darts: true, cuffs: false },
  jacket: { neck: 'notched', sleeve: 'long', length: 'mid', shape: 'shaped', opening: 'buttons', pockets: 'welt', darts: true, cuffs: false },
  coat: { neck: 'notched', sleeve: 'long', length: 'long', shape: 'straight', opening: 'buttons', pockets: 'welt', darts: false, cuffs: false },
  cardigan: { neck: 'v', sleeve: 'long', length: 'mid', shape: 'straight', opening: 'buttons', pockets: 'patch', darts: false, cuffs: true },
  waistcoat: { neck: 'v', sleeve: 'none', length: 'short', shape: 'shaped', opening: 'buttons', pockets: 'welt', darts: true, cuffs: false },
  'one-piece': {
    neck: 'collar',
    sleeve: 'short',
    length: 'long',
    shape: 'straight',
    opening: 'buttons',
    pockets: 'patch',
    darts: false,
    cuffs: false,
  },
  swimsuit: { neck: 'round', sleeve: 'none', length: 'mid', shape: 'shaped', opening: 'none', pockets: 'none', darts: false, cuffs: false },
  bra: { neck: 'v', sleeve: 'none', length: 'mid', shape: 'shaped', opening: 'none', pockets: 'none', darts: true, cuffs: false },
  briefs: { neck: 'round', sleeve: 'none', length: 'mid', shape: 'shaped', opening: 'none', pockets: 'none', darts: false, cuffs: false },
  nightwear: { neck: 'band', sleeve: 'long', length: 'mid', shape: 'straight', opening: 'buttons', pockets: 'none', darts: false, cuffs: false },
  hat: { neck: 'round', sleeve: 'none', length: 'mid', shape: 'flared', opening: 'none', pockets: 'none', darts: false, cuffs: false },
  apron: { ...PLAIN, pockets: 'patch' },
  accessory: PLAIN,
  bag: { ...PLAIN, pockets: 'patch' },
  home: { ...PLAIN, opening: 'zip' },
  toy: PLAIN,
};

/** Where the landmarks of a garment for the upper body lie. */
const TOP = 16;
const NECK = { x: 13, y: TOP };
const TIP = { x: 34, y: 23 };
const UNDERARM = { x: 41, y: 60 };
const WAIST_Y = 84;
/** Lengths from the waist, by what a view calls short, mid and long. */
const LEG_LENGTH = { short: 66, mid: 112, long: 166 } as const;
const SKIRT_LENGTH = { short: 74, mid: 104, long: 140 } as const;

interface Body {
  readonly d: Details;
  readonly side: FlatSide;
  readonly kind: GarmentKind;
  readonly hemY: number;
  readonly waistX: number;
  readonly hemX: number;
  /** Lowest point of the neckline at the centre. */
  readonly neckY: number;
  readonly tip: { x: number; y: number };
}

function bodyHem(kind: GarmentKind, d: Details): number {
  const usual = { short: 104, mid: 128, long: 150 }[d.length];
  if (kind === 'dress') return { short: 150, mid: 172, long: 190 }[d.length];
  if (kind === 'nightwear') return { short: 134, mid: 162, long: 186 }[d.length];
  if (kind === 'coat') return { short: 132, mid: 158, long: 184 }[d.length];
  if (kind === 'waistcoat') return 112;
  if (kind === 'one-piece') return WAIST_Y;
  return usual;
}

function neckDepth(d: Details, side: FlatSide): number {
  if (side === 'back') return d.neck === 'boat' ? TOP + 4 : TOP + 5;
  return { round: TOP + 15, v: TOP + 40, boat: TOP + 8, collar: TOP + 12, notched: TOP + 44, band: TOP + 12, shawl: TOP + 50 }[d.neck];
}

function body(kind: GarmentKind, d: Details, side: FlatSide): Body {
  const waistX = d.shape === 'shaped' ? 34 : d.shape === 'flared' ? 33 : 39;
  const hemY = bodyHem(kind, d);
  const hemX = d.shape === 'flared' ? (kind === 'dress' ? 62 : 52) : d.shape === 'shaped' ? 41 : 42;
  const sleeveless = d.sleeve === 'none';
  return { d, side, kind, hemY, waistX, hemX, neckY: neckDepth(d, side), tip: sleeveless ? { x: 29, y: 21 } : TIP };
}

/** The neck edge from the centre to the shoulder. */
function neckEdge({ d, side, neckY }: Body): Half {
  const straight = side === 'front' && (d.neck === 'v' || d.neck === 'notched');
  const width = d.neck === 'boat' ? 20 : NECK.x;
  if (straight) return [m(0, neckY), l(width, NECK.y)];
  if (side === 'front' && d.neck === 'shawl') return [m(0, neckY), c(7, neckY - 16, 12, NECK.y + 16, width, NECK.y)];
  return [m(0, neckY), c(width * 0.75, neckY, width, NECK.y + (neckY - NECK.y) * 0.55, width, NECK.y)];
}

function armhole({ tip }: Body): Move {
  return c(tip.x - 5, tip.y + 16, tip.x - 3, UNDERARM.y - 6, UNDERARM.x, UNDERARM.y);
}

function trunk(b: Body): Half {
  const { waistX, hemX, hemY, d, kind, tip } = b;
  // A one-piece ends at its waist seam, where the legs begin.
  const sides: Move[] =
    kind === 'one-piece'
      ? [c(39, 70, waistX, 76, waistX, WAIST_Y)]
      : d.shape === 'straight'
        ? [c(40, 90, 41, hemY - 30, hemX, hemY)]
        : [
            c(39, 70, waistX, 76, waistX, WAIST_Y),
            d.shape === 'flared' ? c(waistX + 4, WAIST_Y + 16, hemX - 6, hemY - 40, hemX, hemY) : c(waistX, 98, hemX, 106, hemX, hemY),
          ];
  const pointed = kind === 'waistcoat' && b.side === 'front';
  const hem: Move[] = pointed
    ? [l(14, hemY + 12), l(0, hemY)]
    : kind === 'shirt'
      ? [c(hemX - 6, hemY + 1, 24, hemY + 10, 0, hemY + 10)]
      : [c(hemX * 0.6, hemY + 3, hemX * 0.3, hemY + 4, 0, hemY + 4)];
  return [...neckEdge(b), l(tip.x, tip.y), armhole(b), ...sides, ...hem];
}

/** Sleeve, from shoulder to hem and back to the underarm. */
function sleeve({ d }: Body): { piece: Half; hem: Half; elbow?: Half } | undefined {
  if (d.sleeve === 'none') return undefined;
  const reach = { short: 0.38, elbow: 0.58, long: 1 }[d.sleeve];
  const outer = { x: TIP.x + 36 * reach + 2, y: TIP.y + 94 * reach };
  const width = 18 + (1 - reach) * 8;
  const inner = { x: outer.x - width, y: outer.y + 6 };
  const piece: Half = [
    m(TIP.x, TIP.y),
    c(TIP.x + 7, TIP.y + 4, TIP.x + 9 + 6 * reach, TIP.y + 30 * reach + 4, outer.x, outer.y),
    l(inner.x, inner.y),
    c(inner.x - 3 * reach, inner.y - 20 * reach, UNDERARM.x + 4 * reach, UNDERARM.y + 16 * reach, UNDERARM.x, UNDERARM.y),
    c(TIP.x - 3, UNDERARM.y - 6, TIP.x - 5, TIP.y + 16, TIP.x, TIP.y),
  ];
  const up = d.cuffs ? 9 : 4;
  const hem: Half = [m(outer.x - up * 0.36, outer.y - up), l(inner.x - up * 0.12, inner.y - up)];
  return { piece, hem };
}

const button = (x: number, y: number, r = 1.5): Stroke => ({
  role: 'button',
  path: `M${MID + x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
});

function collar({ d, side, neckY }: Body): Stroke[] {
  if (d.neck === 'collar') {
    if (side === 'back')
      return [
        {
          role: 'detail',
          path: symmetrical([m(0, TOP - 5), c(8, TOP - 5, 12, TOP - 3, NECK.x + 1, TOP), c(12, TOP + 8, 6, TOP + 10, 0, TOP + 10)], MID),
        },
      ];
    return [
      { role: 'under', path: symmetrical([m(0, TOP - 5), c(8, TOP - 5, 12, TOP - 3, NECK.x, TOP), c(12, TOP + 6, 6, neckY - 2, 0, neckY)], MID) },
      {
        role: 'detail',
        path: bothSides(
          [
            m(9, TOP - 4.5),
            c(12, TOP - 4, NECK.x + 1, TOP - 2, NECK.x + 1, TOP),
            l(17, TOP + 13),
            l(1, neckY),
            c(6, neckY - 4, 9, TOP + 4, 9, TOP - 4.5),
          ],
          MID,
          true,
        ),
      },
    ];
  }
  if (d.neck === 'notched') {
    if (side === 'back')
      return [
        {
          role: 'detail',
          path: symmetrical([m(0, TOP - 4), c(8, TOP - 4, 12, TOP - 2, NECK.x + 1, TOP), c(11, TOP + 7, 6, TOP + 8, 0, TOP + 8)], MID),
        },
      ];
    return [
      { role: 'under', path: symmetrical([m(0, TOP - 4), c(8, TOP - 4, 12, TOP - 2, NECK.x, TOP), l(0, neckY)], MID) },
      { role: 'detail', path: bothSides([m(0.5, neckY), l(19, TOP + 22), l(21, TOP + 15), l(15.5, TOP + 12), l(7, TOP + 16)], MID, true) },
      {
        role: 'detail',
        path: bothSides(
          [m(8, TOP - 3.5), c(11, TOP - 3, NECK.x + 2, TOP - 2, NECK.x + 1, TOP), l(18, TOP + 9), l(15.5, TOP + 12), l(7, TOP + 16)],
          MID,
          true,
        ),
      },
    ];
  }
  if (d.neck === 'shawl' && side === 'front')
    return [
      {
        role: 'detail',
        path: bothSides(
          [m(0, neckY), c(16, neckY - 18, 21, TOP + 12, NECK.x + 1, TOP), l(NECK.x - 2, TOP - 2), c(10, TOP + 14, 6, neckY - 18, 0, neckY)],
          MID,
          true,
        ),
      },
    ];
  if (d.neck === 'band') {
    const rise: Half = [
      m(0, neckY - 5),
      c(8, neckY - 5, NECK.x - 2, TOP + 5, NECK.x - 1, TOP - 5),
      l(NECK.x, TOP),
      c(NECK.x, TOP + 8, 10, neckY, 0, neckY),
    ];
    return [
      ...(side === 'front'
        ? [
            {
              role: 'under' as const,
              path: symmetrical([m(0, TOP - 5), l(NECK.x - 1, TOP - 5), c(NECK.x - 2, TOP + 5, 8, neckY - 5, 0, neckY - 5)], MID),
            },
          ]
        : []),
      {
        role: 'detail',
        path: symmetrical(
          side === 'front' ? rise : [m(0, TOP - 5), l(NECK.x - 1, TOP - 5), l(NECK.x, TOP), c(9, TOP + 5, 5, TOP + 5, 0, TOP + 5)],
          MID,
        ),
      },
    ];
  }
  // A plain edge: what is seen of the inside of the back, and a line of stitching.
  const width = d.neck === 'boat' ? 20 : NECK.x;
  const stitch = neckEdge({ d, side, neckY } as Body).map((m): Move =>
    m[0] === 'C'
      ? ['C', m[1] + 2, m[2] + 3, m[3] + 3, m[4] + 2, m[5] + 3, m[6] + 1.5]
      : m[0] === 'M'
        ? ['M', 0, m[2] + 4]
        : ['L', m[1] + 3, m[2] + 1.5],
  );
  return [
    ...(side === 'front'
      ? [
          {
            role: 'under' as const,
            path: symmetrical([m(0, TOP + 4), c(width * 0.6, TOP + 4, width * 0.9, TOP + 2, width, TOP), ...reversedEdge(d, neckY, width)], MID),
          },
        ]
      : []),
    { role: d.neck === 'v' && d.opening === 'buttons' ? 'seam' : 'stitch', path: bothSides(stitch, MID) },
  ];
}

function reversedEdge(d: Details, neckY: number, width: number): Move[] {
  return d.neck === 'v' ? [l(0, neckY)] : [c(width, TOP + (neckY - TOP) * 0.55, width * 0.75, neckY, 0, neckY)];
}

/** Buttons down the front of what opens there. */
const BUTTONS: Partial<Record<GarmentKind, number>> = {
  shirt: 6,
  nightwear: 4,
  'one-piece': 5,
  cardigan: 5,
  waistcoat: 4,
  jacket: 2,
  coat: 3,
  dress: 6,
  top: 3,
};

function openings(b: Body): Stroke[] {
  const { d, side, neckY, hemY, kind } = b;
  if (side === 'back' || d.opening === 'none') return [];
  // What is slept in is pulled on: it opens as far as the head needs.
  const bottom = kind === 'nightwear' ? neckY + 34 : kind === 'shirt' ? hemY + 10 : kind === 'waistcoat' ? hemY : hemY + 4;
  if (d.opening === 'open') return [{ role: 'seam', path: bothSides([m(1.5, neckY), l(1.5, bottom)], MID) }];
  if (d.opening === 'zip')
    return [
      { role: 'seam', path: `M${MID} ${neckY}V${bottom}` },
      { role: 'stitch', path: bothSides([m(2.5, neckY + 2), l(2.5, bottom)], MID) },
    ];
  const placket = kind === 'shirt' || kind === 'nightwear' || kind === 'one-piece' || kind === 'cardigan';
  const edge = placket ? 3.2 : 2;
  const count = BUTTONS[kind] ?? 0;
  const last =
    kind === 'jacket' ? neckY + 20 : kind === 'coat' ? neckY + 50 : kind === 'dress' ? hemY - 24 : bottom - (kind === 'nightwear' ? 6 : 16);
  const first = neckY + (placket ? 6 : 4);
  return [
    { role: 'seam', path: `M${MID - edge} ${neckY - (placket ? 0 : -2)}V${bottom}` },
    ...(placket ? [{ role: 'stitch' as const, path: `M${MID + edge} ${neckY}V${bottom}` }] : []),
    ...Array.from({ length: count }, (_, i) =>
      button(placket ? 0 : 2.4, first + (count < 2 ? 0 : (i * (last - first)) / (count - 1)), placket ? 1.2 : 1.7),
    ),
  ];
}

function pocketsAndDarts({ d, side, kind, hemY, waistX }: Body): Stroke[] {
  const strokes: Stroke[] = [];
  if (side === 'front') {
    const y = kind === 'waistcoat' ? WAIST_Y + 6 : kind === 'coat' ? WAIST_Y + 26 : WAIST_Y + 16;
    if (d.pockets === 'patch')
      strokes.push({ role: 'seam', path: bothSides([m(12, y), l(31, y), l(31, y + 16), c(28, y + 20, 15, y + 20, 12, y + 16)], MID, true) });
    if (d.pockets === 'welt') strokes.push({ role: 'detail', path: bothSides([m(14, y + 1), l(32, y - 1), l(32, y + 4), l(14, y + 6)], MID, true) });
    if (d.darts)
      strokes.push({
        role: 'seam',
        path: bothSides(
          d.shape === 'straight' ? [m(UNDERARM.x - 1, 68), l(23, 62)] : [m(19, 64), c(17, 76, 17, 90, 19, Math.min(hemY - 8, 108))],
          MID,
        ),
      });
  } else {
    if (kind === 'shirt' || kind === 'coat' || kind === 'one-piece')
      strokes.push({ role: 'seam', path: symmetricalLine([m(0, 36), c(14, 37, 24, 35, 32, 34)]) });
    if (d.darts) strokes.push({ role: 'seam', path: bothSides([m(18, 60), c(16, 74, 16, 92, 18, Math.min(hemY - 10, 106))], MID) });
    if (kind === 'jacket' || kind === 'coat') strokes.push({ role: 'seam', path: `M${MID} ${TOP + 8}V${hemY + 4}` });
    if (kind === 'waistcoat') strokes.push({ role: 'seam', path: symmetricalLine([m(0, WAIST_Y + 2), l(16, WAIST_Y), l(waistX, WAIST_Y - 2)]) });
  }
  return strokes;
}

/** A line through the centre that is the same on both sides. */
function symmetricalLine(half: Half): string {
  return bothSides(half, MID);
}

function hemLine({ kind, hemX, hemY, d, side }: Body): Stroke[] {
  if (kind === 'one-piece' || (kind === 'waistcoat' && side === 'front')) return [];
  if (kind === 'cardigan')
    return [{ role: 'seam', path: symmetricalLine([m(0, hemY - 7), c(hemX * 0.4, hemY - 7, hemX * 0.7, hemY - 8, hemX - 0.4, hemY - 10)]) }];
  const drop = kind === 'shirt' ? 7 : 0;
  const up = 4;
  return [
    {
      role: 'stitch',
      path: symmetricalLine([
        m(0, hemY + drop - up + 4),
        c(hemX * 0.3, hemY + drop - up + 4, hemX * 0.6, hemY - up + 3, hemX - (d.shape === 'flared' ? 1.5 : 0.4), hemY - up),
      ]),
    },
  ];
}

function upperBody(kind: GarmentKind, d: Details, side: FlatSide): Stroke[] {
  const b = body(kind, d, side);
  const arms = sleeve(b);
  const waistSeam =
    kind === 'dress'
      ? [
          { role: 'seam' as const, path: symmetricalLine([m(0, WAIST_Y + 2), c(12, WAIST_Y + 2, 24, WAIST_Y + 1, b.waistX, WAIST_Y)]) },
          { role: 'seam' as const, path: bothSides([m(16, WAIST_Y + 3), c(19, WAIST_Y + 20, 24, WAIST_Y + 36, 27, WAIST_Y + 52)], MID) },
        ]
      : [];
  return [
    ...(arms
      ? [
          { role: 'piece' as const, path: bothSides(arms.piece, MID, true) },
          { role: d.cuffs ? ('seam' as const) : ('stitch' as const), path: bothSides(arms.hem, MID) },
        ]
      : []),
    { role: 'piece', path: symmetrical(trunk(b), MID) },
    ...waistSeam,
    ...pocketsAndDarts(b),
    ...hemLine(b),
    ...openings(b),
    ...collar(b),
  ];
}

/** Trousers and shorts from a waist height down; a one-piece hangs them from its waist seam. */
function legs(d: Details, side: FlatSide, top: number, band: boolean): Stroke[] {
  const hemY = top + LEG_LENGTH[d.length];
  const crotchY = top + 44;
  const hemOut = d.shape === 'flared' ? 50 : d.length === 'short' ? 44 : d.shape === 'shaped' ? 33 : 41;
  const hemIn = d.shape === 'flared' ? 10 : d.length === 'short' ? 4 : 7;
  const waist = band ? 29 : 34;
  const bandDepth = band ? 7 : 0;
  const outline: Half = [
    m(0, top + (side === 'back' ? 0 : 2)),
    c(10, top + 1, 20, top, waist, top),
    c(waist + 5, top + 12, 42, top + 24, 42, top + 36),
    c(43, top + 70, hemOut, hemY - 40, hemOut, hemY),
    c(hemOut - 10, hemY + 2, hemIn + 8, hemY + 2, hemIn, hemY),
    c(hemIn, hemY - 40, 4, crotchY + 26, 0, crotchY),
  ];
  const strokes: Stroke[] = [{ role: 'piece', path: symmetrical(outline, MID) }];
  strokes.push({
    role: 'stitch',
    path: bothSides([m(hemOut - 0.2, hemY - 5), c(hemOut - 10, hemY - 3, hemIn + 8, hemY - 3, hemIn + 0.2, hemY - 5)], MID),
  });
  strokes.push({ role: 'seam', path: `M${MID} ${top + bandDepth}V${crotchY}` });
  if (band)
    strokes.push({
      role: 'seam',
      path: symmetricalLine([m(0, top + bandDepth + 2), c(10, top + bandDepth + 1, 20, top + bandDepth, waist + 2.6, top + bandDepth)]),
    });
  if (side === 'front') {
    if (d.opening === 'zip' && band)
      strokes.push(
        { role: 'stitch', path: oneSide([m(6, top + bandDepth + 2), l(6, top + 26), c(6, top + 32, 3, top + 35, 0, top + 36)], MID) },
        button(2.5, top + 5),
      );
    if (d.pockets === 'slant') strokes.push({ role: 'seam', path: bothSides([m(20, top + bandDepth + 0.5), l(39, top + 30)], MID) });
    if (d.darts) strokes.push({ role: 'seam', path: bothSides([m(14, top + bandDepth + 1), l(15, top + 24)], MID) });
    else strokes.push({ role: 'seam', path: bothSides([m(20, crotchY + 20), l((hemOut + hemIn) / 2, hemY - 8)], MID) });
  } else {
    strokes.push({ role: 'seam', path: bothSides([m(15, top + bandDepth + 1), l(16, top + 18)], MID) });
    if (d.pockets !== 'none')
      strokes.push({ role: 'detail', path: bothSides([m(9, top + 22), l(28, top + 21), l(28, top + 24.5), l(9, top + 25.5)], MID, true) });
  }
  return strokes;
}

function skirt(d: Details, side: FlatSide): Stroke[] {
  const top = TOP + 14;
  const hemY = top + SKIRT_LENGTH[d.length];
  const hemX = d.shape === 'flared' ? 62 : d.shape === 'shaped' ? 36 : 42;
  const outline: Half = [
    m(0, top + 2),
    c(10, top + 2, 20, top + 1, 28, top),
    c(34, top + 16, d.shape === 'flared' ? 46 : 41, top + 30, d.shape === 'flared' ? 48 : 42, top + 40),
    l(hemX, hemY),
    c(hemX * 0.66, hemY + 5, hemX * 0.33, hemY + 7, 0, hemY + 7),
  ];
  return [
    { role: 'piece', path: symmetrical(outline, MID) },
    { role: 'seam', path: symmetricalLine([m(0, top + 9), c(10, top + 9, 20, top + 8, 30.5, top + 7)]) },
    { role: 'stitch', path: symmetricalLine([m(0, hemY + 2.5), c(hemX * 0.33, hemY + 2.5, hemX * 0.66, hemY + 0.5, hemX - 1, hemY - 4.5)]) },
    ...(d.darts ? [{ role: 'seam' as const, path: bothSides([m(15, top + 9), l(16, top + (side === 'back' ? 32 : 26))], MID) }] : []),
    ...(d.shape === 'flared' ? [{ role: 'seam' as const, path: bothSides([m(18, top + 44), l(24, hemY - 6)], MID) }] : []),
    ...(side === 'back' || d.opening === 'buttons' ? [{ role: 'seam' as const, path: `M${MID} ${top + 9}V${hemY + 7}` }] : []),
    ...(d.pockets === 'slant' && side === 'front' ? [{ role: 'seam' as const, path: bothSides([m(22, top + 8.5), l(40, top + 30)], MID) }] : []),
    ...(d.opening === 'buttons' && side === 'front'
      ? Array.from({ length: 6 }, (_, i) => button(2.4, top + 14 + (i * (hemY - top - 24)) / 5, 1.5))
      : []),
  ];
}

/** A garment laid flat, seen from one side. Symmetrical but for what closes or hangs on one side. */
export function garmentFlat(kind: GarmentKind, flat: FlatDetails | undefined, side: FlatSide): Flat {
  const d: Details = { ...USUAL[kind], ...flat };
  switch (kind) {
    case 'trousers':
    case 'shorts':
      return { strokes: legs(d, side, TOP, true), bottom: TOP + LEG_LENGTH[d.length] };
    case 'skirt':
      return { strokes: skirt(d, side), bottom: TOP + 22 + SKIRT_LENGTH[d.length] };
    case 'swimsuit':
      return swimsuit(d, side);
    case 'hat':
      return hat(d, side);
    case 'bra':
      return bra(d, side);
    case 'briefs':
      return briefs(d, side);
    case 'apron':
      return apron(d, side);
    case 'accessory':
      return scarf(d, side);
    case 'bag':
      return bag(d, side);
    case 'home':
      return cushion(d, side);
    case 'toy':
      return toy(d, side);
    case 'one-piece': {
      const hang: Details = { ...d, length: d.length === 'long' ? 'mid' : d.length, pockets: side === 'front' ? 'slant' : 'none' };
      return {
        strokes: [...legs(hang, side, WAIST_Y - 10, false), ...upperBody(kind, { ...d, shape: 'shaped', pockets: 'none' }, side)],
        bottom: WAIST_Y - 10 + LEG_LENGTH[hang.length],
      };
    }
    default:
      return { strokes: upperBody(kind, d, side), bottom: bodyHem(kind, d) + 12 };
  }
}
