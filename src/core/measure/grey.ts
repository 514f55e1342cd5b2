/** A picture in greys: one byte a pixel, row after row from the upper left. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array | Uint8ClampedArray;
}

/**
 * The lightness of a picture. Source: the weights of Rec. 601, in 256ths.
 *
 * @param rgba four bytes a pixel
 */
export function greyOf(width: number, height: number, rgba: Uint8Array | Uint8ClampedArray): Grey {
  const data = new Uint8Array(width * height);
  for (let i = 0, p = 0; i < data.length; i++, p += 4) data[i] = ((rgba[p] ?? 0) * 77 + (rgba[p + 1] ?? 0) * 150 + (rgba[p + 2] ?? 0) * 29) >> 8;
  return { width, height, data };
}

/** The lightness at a place between the centres of four pixels; at the edge that of the edge. The centre of the first pixel is at 0.5, 0.5. */
export function lightAt({ width, height, data }: Grey, x: number, y: number): number {
  const px = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const py = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [ix, iy] = [Math.floor(px), Math.floor(py)];
  const [fx, fy] = [px - ix, py - iy];
  const at = iy * width + ix;
  const [a = 0, b = 0, c = 0, d = 0] = [data[at], data[at + 1], data[at + width], data[at + width + 1]];
  return (a * (1 - fx) + b * fx) * (1 - fy) + (c * (1 - fx) + d * fx) * fy;
}

/**
 * A picture made smaller by averaging whole squares of pixels.
 *
 * @param by a whole number: so many pixels a side become one
 */
export function smaller(grey: Grey, by: number): Grey {
  if (by <= 1) return grey;
  const [width, height] = [Math.max(1, Math.floor(grey.width / by)), Math.max(1, Math.floor(grey.height / by))];
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let v = 0; v < by; v++) {
        const row = (y * by + v) * grey.width + x * by;
        for (let u = 0; u < by; u++) sum += grey.data[row + u] ?? 0;
      }
      data[y * width + x] = sum / (by * by);
    }
  return { width, height, data };
}

/** By how much a picture is made smaller for its longest side to be about so long, px. */
export const smallerBy = ({ width, height }: Pick<Grey, 'width' | 'height'>, side: number): number =>
  Math.max(1, Math.round(Math.max(width, height) / side));
