import type { Swatch } from '../records';

/** How light a colour is, 0 to 1 (WCAG relative luminance). */
export function lightness(hex: string): number {
  const channel = (at: number) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}

/** A colour between two, `part` of the way to the second. */
export function blend(from: string, to: string, part: number): string {
  const channel = (at: number) => {
    const a = parseInt(from.slice(at, at + 2), 16);
    const b = parseInt(to.slice(at, at + 2), 16);
    return Math.round(a + part * (b - a))
      .toString(16)
      .padStart(2, '0');
  };
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

/**
 * The fabric's print as an SVG pattern.
 *
 * @param id the id of the pattern within its drawing
 * @param unitsPerCm scale of the drawing; the repeat is drawn true, but never finer than can be seen
 */
export function printPattern({ print, ground, figure, repeat }: Swatch, id: string, unitsPerCm: number): string {
  const r = Math.max(repeat * unitsPerCm, 3);
  const tile = (size: number, marks: string, turn = 0, width = size) =>
    `<pattern id="${id}" width="${width}" height="${size}" patternUnits="userSpaceOnUse"${turn ? ` patternTransform="rotate(${turn})"` : ''}><rect width="${width}" height="${size}" fill="${ground}"/>${marks}</pattern>`;
  switch (print) {
    case 'plain':
      return tile(8, '');
    case 'stripe':
      return tile(r, `<rect width="${r * 0.34}" height="${r}" fill="${figure}"/>`);
    case 'check':
      return tile(
        r,
        `<rect width="${r * 0.36}" height="${r}" fill="${figure}" opacity=".5"/><rect width="${r}" height="${r * 0.36}" fill="${figure}" opacity=".5"/>`,
      );
    case 'dot':
      return tile(
        r,
        `<circle cx="${r / 4}" cy="${r / 4}" r="${r * 0.15}" fill="${figure}"/><circle cx="${r * 0.75}" cy="${r * 0.75}" r="${r * 0.15}" fill="${figure}"/>`,
      );
    case 'sprig':
      return tile(
        r,
        `<g fill="${figure}"><ellipse cx="${r * 0.3}" cy="${r * 0.25}" rx="${r * 0.13}" ry="${r * 0.06}" transform="rotate(35 ${r * 0.3} ${r * 0.25})"/><circle cx="${r * 0.2}" cy="${r * 0.17}" r="${r * 0.07}"/><ellipse cx="${r * 0.78}" cy="${r * 0.74}" rx="${r * 0.13}" ry="${r * 0.06}" transform="rotate(-40 ${r * 0.78} ${r * 0.74})"/><circle cx="${r * 0.68}" cy="${r * 0.82}" r="${r * 0.07}"/></g>`,
      );
    case 'rib':
      return tile(3, `<rect width="1" height="3" fill="${figure}"/>`);
    case 'twill':
      return tile(2.6, `<rect width="0.8" height="2.6" fill="${figure}"/>`, 35);
    case 'pile':
      return tile(
        40,
        `<rect width="6" height="40" fill="${figure}" opacity=".35"/><rect x="16" width="9" height="40" fill="${figure}" opacity=".2"/><rect x="32" width="4" height="40" fill="${figure}" opacity=".3"/>`,
        8,
      );
    case 'melange':
      return tile(
        7,
        `<g fill="${figure}"><rect x="1" y="1" width="1.6" height=".7"/><rect x="4" y="2.4" width="1.8" height=".7"/><rect x="2" y="4.2" width="1.4" height=".7"/><rect x="5" y="5.6" width="1.5" height=".7"/></g>`,
        12,
      );
  }
}
