import { bothSides, c, l, m, symmetrical, type Half, type Move } from './outline';
import { MID, type Details, type Flat, type FlatSide, type Stroke } from './sheet';

/** Things that are sewn and not fitted, laid flat. */

const across = (y: number, x: number): Half => [m(0, y), l(x, y)];

/** An apron with a bib, a neck loop and ties; the back shows the loop and the ties alone beside the wrong side. */
export function apron(d: Details, side: FlatSide): Flat {
  const hem = { short: 120, mid: 146, long: 172 }[d.length];
  const outline: Half = [m(0, 46), l(20, 46), c(22, 66, 28, 76, 46, 80), l(48, hem - 4), c(46, hem, 42, hem, 38, hem), l(0, hem)];
  const strokes: Stroke[] = [
    { role: 'under', path: bothSides([m(17, 46), c(16, 28, 10, 18, 0, 18), l(0, 22), c(8, 22, 12, 30, 13, 46)], MID, true) },
    { role: 'detail', path: bothSides([m(46, 80), l(70, 96), l(69, 100), l(46, 85)], MID, true) },
    { role: 'piece', path: symmetrical(outline, MID) },
    { role: 'stitch', path: bothSides(across(hem - 5, 44), MID) },
    { role: 'stitch', path: bothSides(across(50, 19), MID) },
  ];
  if (side === 'front' && d.pockets !== 'none')
    strokes.push({ role: 'detail', path: symmetrical([m(0, 100), l(26, 100), l(26, 122), c(25, 125, 22, 126, 19, 126), l(0, 126)], MID) });
  if (side === 'back') strokes.push({ role: 'stitch', path: bothSides([m(42, 84), l(43, hem - 6)], MID) });
  return { strokes, bottom: hem + 2 };
}

/** A long scarf folded once, its ends below each other, with a fringe. */
export function scarf(d: Details, side: FlatSide): Flat {
  const end = { short: 110, mid: 140, long: 168 }[d.length];
  const wide = { straight: 26, shaped: 20, flared: 34 }[d.shape];
  const fringe = Array.from({ length: 5 }, (_, i): Stroke => {
    const x = 3 + (i * (wide - 6)) / 4;
    return { role: 'seam', path: bothSides([m(x, end), l(x, end + 9)], MID) };
  });
  return {
    strokes: [
      { role: 'under', path: symmetrical([m(0, 30), l(wide - 4, 30), l(wide - 4, end - 18), l(0, end - 18)], MID) },
      { role: 'piece', path: symmetrical([m(0, 26), c(wide * 0.5, 26, wide, 26, wide, 30), l(wide, end), l(0, end)], MID) },
      { role: 'stitch', path: bothSides(across(end - 4, wide), MID) },
      ...(side === 'back' ? [{ role: 'stitch' as const, path: `M${MID} 28V${end - 4}` }] : []),
      ...fringe,
    ],
    bottom: end + 12,
  };
}

/** A bag with two handles, and a pocket in front where it has one. */
export function bag(d: Details, side: FlatSide): Flat {
  const bottom = { short: 124, mid: 150, long: 174 }[d.length];
  const base = { straight: 50, shaped: 42, flared: 58 }[d.shape];
  const handle: Half = [m(20, 66), c(20, 34, 16, 22, 0, 22), l(0, 27), c(12, 27, 15, 38, 15, 66)];
  const strokes: Stroke[] = [
    { role: 'detail', path: bothSides(handle, MID, true) },
    {
      role: 'piece',
      path: symmetrical([m(0, 64), l(50, 64), l(base, bottom - 6), c(base, bottom, base - 4, bottom, base - 8, bottom), l(0, bottom)], MID),
    },
    { role: 'stitch', path: bothSides(across(72, 50), MID) },
    { role: 'seam', path: bothSides([m(base - 12, bottom), l(base - 12, bottom - 10), l(base, bottom - 10)], MID) },
  ];
  if (side === 'front' && d.pockets !== 'none')
    strokes.push({ role: 'detail', path: symmetrical([m(0, 90), l(24, 90), l(24, 124), l(0, 124)], MID) });
  if (side === 'back') strokes.push({ role: 'seam', path: `M${MID} 72V${bottom}` });
  return { strokes, bottom: bottom + 2 };
}

/** A cushion stands for what is sewn for the home: its opening lies at the back. */
export function cushion(d: Details, side: FlatSide): Flat {
  const half = { short: 34, mid: 46, long: 56 }[d.length];
  const [top, bottom] = [36, 36 + 2 * half];
  const outline: Half = [
    m(0, top + 5),
    c(half * 0.5, top + 5, half * 0.8, top + 2, half, top),
    c(half - 3, top + half * 0.5, half - 3, bottom - half * 0.5, half, bottom),
    c(half * 0.8, bottom - 2, half * 0.5, bottom - 5, 0, bottom - 5),
  ];
  const strokes: Stroke[] = [
    { role: 'piece', path: symmetrical(outline, MID) },
    { role: 'stitch', path: bothSides([m(0, top + 9), c(half * 0.4, top + 9, half * 0.7, top + 7, half - 6, top + 6)], MID) },
  ];
  if (side === 'back' && d.opening !== 'none')
    strokes.push(
      { role: 'seam', path: bothSides(across((top + bottom) / 2, half - 4), MID) },
      { role: 'stitch', path: bothSides(across((top + bottom) / 2 + 4, half - 5), MID) },
    );
  else if (side === 'back') strokes.push({ role: 'seam', path: `M${MID} ${top + 5}V${bottom - 5}` });
  return { strokes, bottom: bottom + 4 };
}

/** A soft toy: a round body with ears and feet. */
export function toy(d: Details, side: FlatSide): Flat {
  const ear = { short: 42, mid: 36, long: 14 }[d.length];
  const round = (x: number, y: number): Move[] => [c(x - 1, y - 10, x - 1, y + 10, x - 6, y + 16)];
  const strokes: Stroke[] = [
    { role: 'detail', path: bothSides([m(7, 54), c(8, 42, 12, ear, 20, ear), c(30, ear, 32, 50, 24, 62)], MID, true) },
    { role: 'detail', path: bothSides([m(6, 152), c(8, 166, 30, 170, 34, 158), c(36, 152, 30, 146, 24, 146)], MID, true) },
    { role: 'piece', path: symmetrical([m(0, 92), c(30, 92, 44, 114, 40, 136), ...round(40, 136), c(26, 158, 12, 160, 0, 160)], MID) },
    { role: 'piece', path: symmetrical([m(0, 50), c(18, 50, 30, 60, 30, 76), c(30, 92, 16, 100, 0, 100)], MID) },
    ...(side === 'front'
      ? [
          { role: 'button' as const, path: bothSides([m(8, 72), c(8, 69, 12, 69, 12, 72), c(12, 75, 8, 75, 8, 72)], MID, true) },
          { role: 'seam' as const, path: bothSides([m(0, 104), c(16, 104, 24, 116, 24, 130), c(24, 146, 14, 150, 0, 150)], MID) },
        ]
      : [{ role: 'seam' as const, path: `M${MID} 50V160` }]),
  ];
  return { strokes, bottom: 170 };
}
