import { bothSides, c, l, m, symmetrical, type Half } from './outline';
import { MID, type Details, type Flat, type FlatSide, type Stroke } from './sheet';

const CROWN = { top: 44, y: 98, x: 35 };
/** How far the brim stands out, and down. */
const BRIM = { short: { x: 45, y: 112 }, mid: { x: 56, y: 124 }, long: { x: 68, y: 136 } } as const;

/** A hat with a crown of tip and side, and a brim: laid down as it is worn, since a hat does not lie flat. */
export function hat(d: Details, side: FlatSide): Flat {
  const { x, y } = BRIM[d.length];
  const brim: Half = [
    m(0, CROWN.y + 2),
    c(16, CROWN.y + 2, 28, CROWN.y, CROWN.x, CROWN.y - 4),
    l(x, y),
    c(x * 0.7, y + 13, x * 0.35, y + 17, 0, y + 17),
  ];
  const crown: Half = [
    m(0, CROWN.top),
    c(14, CROWN.top, 25, CROWN.top + 3, 29, CROWN.top + 12),
    l(CROWN.x, CROWN.y - 3),
    c(26, CROWN.y + 6, 13, CROWN.y + 8, 0, CROWN.y + 8),
  ];
  /** A row of stitching around the brim, a part of the way down it. */
  const row = (part: number): Stroke => {
    const [across, down] = [CROWN.x + (x - CROWN.x) * part, CROWN.y - 3 + (y - CROWN.y + 3) * part];
    return {
      role: 'stitch',
      path: bothSides([m(0, down + 11 + 6 * part), c(across * 0.35, down + 11 + 6 * part, across * 0.7, down + 9 + 4 * part, across, down)], MID),
    };
  };
  const strokes: Stroke[] = [
    { role: 'piece', path: symmetrical(brim, MID) },
    row(0.36),
    row(0.68),
    { role: 'piece', path: symmetrical(crown, MID) },
    { role: 'seam', path: bothSides([m(0, CROWN.top + 17), c(13, CROWN.top + 17, 24, CROWN.top + 15, 29, CROWN.top + 12)], MID) },
    { role: 'seam', path: bothSides([m(0, CROWN.y - 1), c(13, CROWN.y - 1, 25, CROWN.y - 3, CROWN.x - 1.2, CROWN.y - 11)], MID) },
  ];
  // The seam of the side of the crown lies at the back, and of the brim too.
  if (side === 'back') strokes.push({ role: 'seam', path: `M${MID} ${CROWN.top + 17}V${CROWN.y + 8}V${y + 17}` });
  return { strokes, bottom: y + 18 };
}
