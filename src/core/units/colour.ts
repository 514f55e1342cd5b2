import { color, lab } from 'd3-color';

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

/** Colours as sewists call them, where screens know no such name. Source: usual names of fabric colours. */
const CALLED: Readonly<Record<string, string>> = {
  aubergine: '#43283f',
  blush: '#e6c4bd',
  bordeaux: '#561a22',
  bottlegreen: '#1d4030',
  burgundy: '#641c2a',
  camel: '#b98a55',
  charcoal: '#3b3d40',
  cobalt: '#27499c',
  copper: '#a8633c',
  cream: '#f3e9d2',
  denim: '#3d5575',
  duckegg: '#a3d0c8',
  ecru: '#e3d9c0',
  emerald: '#1f7a52',
  graphite: '#46484b',
  lemon: '#efdc7a',
  lilac: '#bda6cc',
  mauve: '#a88aa3',
  mint: '#b5d6c2',
  mustard: '#c99a2e',
  oatmeal: '#d6c8ae',
  ochre: '#b8862f',
  peach: '#eab896',
  petrol: '#1f5660',
  rust: '#a4502c',
  sage: '#9caf88',
  sand: '#cdb98f',
  scarlet: '#b5262a',
  stone: '#b7ada0',
  taupe: '#8c7b6b',
  terracotta: '#b5613f',
  wine: '#5c1f33',
};

/** Colours that a screen shows stronger than any dye is, or knows as another: as fabric has them. Source: our own, looked at on drawn garments. */
const DYED: Readonly<Record<string, string>> = {
  aqua: '#8fc7c4',
  black: '#1f1f21',
  blue: '#345f9c',
  brown: '#6b4a33',
  chocolate: '#4a2f23',
  cyan: '#3fa0b5',
  darkblue: '#1f2d57',
  fuchsia: '#b8327a',
  gold: '#c9a13b',
  green: '#3f7a4d',
  indigo: '#2c3a63',
  khaki: '#8a7d55',
  lightgreen: '#a9c9a0',
  lime: '#8fb83f',
  magenta: '#b03070',
  maroon: '#5a2328',
  navy: '#1f2a4d',
  olive: '#6b6a3a',
  orange: '#d37a35',
  pink: '#e2a3b0',
  plum: '#5b2f5e',
  purple: '#6d4a86',
  red: '#b0302c',
  teal: '#2a6b70',
  turquoise: '#3f9e9c',
  violet: '#7b5c9e',
  yellow: '#e3bc3f',
};

/** What screens know as a colour and sewists as something else. */
const NO_COLOURS: ReadonlySet<string> = new Set(['linen', 'transparent']);

/**
 * The colour that words name.
 *
 * @returns as screens write it; undefined where no colour is named
 * @example colourCalled('dark green') // '#006400'
 */
export function colourCalled(words: string): string | undefined {
  const all = words.toLowerCase().match(/[a-z]+/g) ?? [];
  // Denim is blue where nothing else is said of it: "black denim".
  return namedIn(all.filter((word) => word !== 'denim')) ?? namedIn(all);
}

function namedIn(said: readonly string[]): string | undefined {
  // The longest name that stands there: dark green before green.
  for (const length of [2, 1])
    for (let i = said.length - length; i >= 0; i--) {
      const name = said.slice(i, i + length).join('');
      const found = CALLED[name] ?? DYED[name] ?? (NO_COLOURS.has(name) ? undefined : color(name)?.formatHex());
      if (found) return found;
    }
  return undefined;
}
