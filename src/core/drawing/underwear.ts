import { bothSides, c, l, m, symmetrical, type Half } from './outline';
import { MID, type Details, type Flat, type FlatSide, type Stroke } from './sheet';

/** How deep the band of a bra is, by its length. */
const BAND = { short: 98, mid: 108, long: 122 } as const;

/** A bra laid flat: straps, cups with a seam over the fullest point, a cradle along the wire and the band. */
export function bra(d: Details, side: FlatSide): Flat {
  const bottom = BAND[d.length];
  const strap: Half = [m(27, 20), l(32, 20), l(34, 54), l(29, 56)];
  const strokes: Stroke[] = [];
  if (side === 'back') {
    const wing: Half = [m(0, bottom - 16), c(16, bottom - 16, 24, bottom - 30, 30, bottom - 34), l(56, bottom - 26), l(56, bottom), l(0, bottom)];
    strokes.push({ role: 'piece', path: symmetrical(wing, MID) });
    strokes.push({ role: 'detail', path: bothSides([m(30, 20), l(34, 20), l(34, bottom - 32), l(29, bottom - 33)], MID, true) });
    strokes.push({ role: 'seam', path: bothSides([m(4, bottom - 16), l(4, bottom)], MID) });
    strokes.push({ role: 'stitch', path: bothSides([m(0, bottom - 3), l(56, bottom - 3)], MID) });
    return { strokes, bottom: bottom + 2 };
  }
  const high = d.neck === 'boat' || d.neck === 'round' ? 62 : 70;
  const outline: Half = [m(0, high + 12), c(8, high + 8, 22, 62, 29, 55), l(34, 54), c(38, 66, 46, 74, 56, 78), l(56, bottom), l(0, bottom)];
  strokes.push({ role: 'piece', path: symmetrical(outline, MID) });
  strokes.push({ role: 'detail', path: bothSides(strap, MID, true) });
  // The wire line, and the seam over the fullest point of each cup.
  strokes.push({ role: 'seam', path: bothSides([m(2, high + 12), c(3, bottom - 2, 40, bottom - 4, 45, 74)], MID) });
  if (d.darts) strokes.push({ role: 'seam', path: bothSides([m(5, 86), c(16, 78, 30, 78, 43, 84)], MID) });
  strokes.push({ role: 'stitch', path: bothSides([m(0, bottom - 3), l(56, bottom - 3)], MID) });
  return { strokes, bottom: bottom + 2 };
}

/** Where the side of the leg opening lies: cut high, as usual, or with a short leg. */
const LEG = { short: 56, mid: 70, long: 92 } as const;
const WAIST = 40;
const CROTCH = 104;

/** Briefs laid flat: elastic at the waist and along the leg line; the back covers the seat. */
export function briefs(d: Details, side: FlatSide): Flat {
  const leg = LEG[d.length];
  const seat = side === 'back' ? 22 : 8;
  const below: Half =
    d.length === 'long' ? [l(46, leg + 12), l(7, leg + 18), l(0, leg + 8)] : [c(36, leg + 10, seat + 8, CROTCH - 18, 8, CROTCH), l(0, CROTCH)];
  const outline: Half = [m(0, WAIST + 2), c(14, WAIST + 2, 26, WAIST + 1, 36, WAIST), c(40, WAIST + 8, 43, leg - 6, 44, leg), ...below];
  const strokes: Stroke[] = [
    { role: 'piece', path: symmetrical(outline, MID) },
    { role: 'seam', path: bothSides([m(0, WAIST + 9), c(14, WAIST + 9, 26, WAIST + 8, 38, WAIST + 7)], MID) },
    {
      role: 'stitch',
      path:
        d.length === 'long'
          ? bothSides([m(45.4, leg + 7), l(7, leg + 13)], MID)
          : bothSides([m(42, leg - 3), c(33, leg + 8, seat + 6, CROTCH - 21, 6.5, CROTCH - 4)], MID),
    },
  ];
  if (side === 'front') strokes.push({ role: 'seam', path: bothSides([m(0, CROTCH - 20), l(d.length === 'long' ? 8 : 13, CROTCH - 20)], MID) });
  else strokes.push({ role: 'seam', path: `M${MID} ${WAIST + 9}V${d.length === 'long' ? leg + 8 : CROTCH - 8}` });
  return { strokes, bottom: (d.length === 'long' ? leg + 18 : CROTCH) + 2 };
}
