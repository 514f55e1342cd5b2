import { lab } from 'd3-color';

/** What a colour is to the eye: lightness 0 to 100, how strong it is, and its hue, degrees (CIELAB; d3-color). */
export interface Seen {
  readonly light: number;
  readonly strong: number;
  readonly hue: number;
}

/**
 * A colour as it is seen.
 *
 * @param hex as screens write it, '#20302d'
 */
export function seenColour(hex: string): Seen {
  const { l, a, b } = lab(hex);
  const hue = (Math.atan2(b, a) * 180) / Math.PI;
  return { light: l, strong: Math.hypot(a, b), hue: hue < 0 ? hue + 360 : hue };
}

/** Below so much strength a colour is a grey, a white or a black. Source: our own convention, looked at on swatches. */
const NEUTRAL = 14;

/** Hues by where they begin in CIELAB, degrees. Source: usual names of colours. */
const HUES: readonly (readonly [from: number, name: string])[] = [
  [0, 'pink'],
  [20, 'red'],
  [48, 'orange'],
  [72, 'yellow'],
  [112, 'green'],
  [190, 'teal'],
  [230, 'blue'],
  [300, 'purple'],
  [335, 'pink'],
];

/**
 * What a colour is called in a word or two, as thread is chosen by it.
 *
 * @example colourFamily('#1d2a4d') // 'dark blue'
 */
export function colourFamily(hex: string): string {
  const { light, strong, hue } = seenColour(hex);
  if (strong < NEUTRAL) return light < 22 ? 'black' : light > 88 ? 'white' : light > 72 ? 'light grey' : light < 45 ? 'dark grey' : 'grey';
  const name = HUES.findLast(([from]) => hue >= from)?.[1] ?? 'pink';
  // What is warm, dark and not strong is called brown or beige.
  const named = (name === 'orange' || name === 'yellow' || name === 'red') && strong < 45 ? (light > 60 ? 'beige' : 'brown') : name;
  return light < 32 && named !== 'brown' ? `dark ${named}` : light > 78 && named !== 'beige' && named !== 'yellow' ? `light ${named}` : named;
}
