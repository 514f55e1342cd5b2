import { bothSides, c, l, m, symmetrical, type Half } from './outline';
import { MID, type Details, type Flat, type FlatSide, type Stroke } from './sheet';

const STRAP = { inner: 17, outer: 23, y: 17 };
const UNDERARM = { x: 33, y: 56 };
const CROTCH = 152;
/** Where the side of the leg opening lies: cut high, as usual, or with a short leg. */
const LEG = { short: 96, mid: 112, long: 138 } as const;

/** The edge of the neck from the centre to the strap; the back is cut lower than the front. */
function neck(d: Details, side: FlatSide): Half {
  const deep = side === 'back' ? 74 : { round: 46, v: 58, boat: 34, collar: 40, notched: 46, band: 34, shawl: 50 }[d.neck];
  if (side === 'front' && d.neck === 'v') return [m(0, deep), l(STRAP.inner, STRAP.y)];
  return [m(0, deep), c(11, deep, STRAP.inner - 1, deep - 14, STRAP.inner, STRAP.y)];
}

/** From the underarm to the crotch: the side, then the leg opening. */
function sideAndLeg(d: Details, side: FlatSide): Half {
  const leg = LEG[d.length];
  const hip = 36;
  if (d.length === 'long') return [c(30, 74, 28, 82, 29, 88), c(31, 104, hip, 112, hip + 1, leg), l(8, leg + 10), c(6, leg + 6, 3, leg + 2, 0, leg)];
  // The back covers more than the front: its opening runs outside it.
  const seat = side === 'back' ? 15 : 6;
  return [c(30, 74, 28, 82, 29, 88), c(31, 98, hip - 1, leg - 6, hip, leg), c(hip - 4, leg + 16, seat + 8, CROTCH - 14, 7, CROTCH), l(0, CROTCH)];
}

const inwards = (half: Half, dx: number, dy: number): Half =>
  half.map((move) =>
    move[0] === 'C'
      ? c(move[1] + dx, move[2] + dy, move[3] + dx, move[4] + dy, move[5] + dx, move[6] + dy)
      : move[0] === 'M'
        ? m(move[1] === 0 ? 0 : move[1] + dx, move[2] + dy)
        : l(move[1] + dx, move[2] + dy),
  );

/** A one-piece swimsuit laid flat: straps, a low back, and a leg cut high, as usual, or with a short leg. */
export function swimsuit(d: Details, side: FlatSide): Flat {
  const edge = neck(d, side);
  const armhole = c(STRAP.outer + 1, 34, 25, 50, UNDERARM.x, UNDERARM.y);
  const below = sideAndLeg(d, side);
  const outline: Half = [...edge, l(STRAP.outer, STRAP.y), armhole, ...below];
  const strokes: Stroke[] = [{ role: 'piece', path: symmetrical(outline, MID) }];
  // Elastic is sewn along every edge.
  strokes.push({ role: 'stitch', path: bothSides(inwards(edge, 1.8, 3), MID) });
  strokes.push({ role: 'stitch', path: bothSides([m(STRAP.outer - 1.8, STRAP.y + 2), c(22, 36, 23, 52, UNDERARM.x - 1.6, UNDERARM.y + 3)], MID) });
  const leg = LEG[d.length];
  if (d.length === 'long') {
    strokes.push({ role: 'stitch', path: bothSides([m(36.6, leg - 3.5), l(6.5, leg + 6)], MID) });
    strokes.push({ role: 'seam', path: `M${MID} ${side === 'back' ? 74 : 100}V${leg}` });
  } else {
    const seat = side === 'back' ? 15 : 6;
    strokes.push({ role: 'stitch', path: bothSides([m(34.6, leg - 3.5), c(31, leg + 12, seat + 6, CROTCH - 16, 5.6, CROTCH - 3)], MID) });
    strokes.push({ role: 'seam', path: bothSides([m(0, CROTCH - 16), l(side === 'back' ? 16 : 10.5, CROTCH - 16)], MID) });
  }
  if (side === 'front') strokes.push({ role: 'seam', path: bothSides([m(UNDERARM.x - 0.5, 64), c(24, 66, 20, 62, 18, 56)], MID) });
  else strokes.push({ role: 'seam', path: `M${MID} 74V${d.length === 'long' ? leg : CROTCH - 16}` });
  return { strokes, bottom: d.length === 'long' ? leg + 12 : CROTCH + 2 };
}
