import { lab } from 'd3-color';

/** The colours that a picture of a fabric shows: of what most of it is, and of what stands out on it; the same twice where nothing does. */
export interface ColoursSeen {
  readonly ground: string;
  readonly figure: string;
}

type Lab = readonly [l: number, a: number, b: number];

/** Two colours are told apart from so far on (CIELAB), and something stands out that takes so much of the picture. Source: our own convention, looked at on swatches. */
const [APART, STANDS_OUT] = [14, 0.06];
/** Turns of the grouping: it has come to rest long before. */
const TURNS = 12;

const distance = (x: Lab, y: Lab) => Math.hypot(x[0] - y[0], x[1] - y[1], x[2] - y[2]);

const middle = (of: readonly Lab[]): Lab => {
  const at = (axis: 0 | 1 | 2) => [...of].map((c) => c[axis]).sort((a, b) => a - b)[of.length >> 1] ?? 0;
  return [at(0), at(1), at(2)];
};

/**
 * The colours of a fabric in a picture of it, grouped in two as the eye sees them (CIELAB by d3-color, two means).
 *
 * @param pixels red, green, blue and how opaque, 0 to 255, one pixel after the other
 * @returns as screens write them; undefined of a picture without a pixel that is seen
 * @example coloursSeen(new Uint8ClampedArray([29, 42, 77, 255])) // { ground: '#1d2a4d', figure: '#1d2a4d' }
 */
export function coloursSeen(pixels: Uint8ClampedArray): ColoursSeen | undefined {
  const seen: Lab[] = [];
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    if ((pixels[i + 3] ?? 0) < 128) continue;
    const { l, a, b } = lab(`rgb(${pixels[i]}, ${pixels[i + 1]}, ${pixels[i + 2]})`);
    seen.push([l, a, b]);
  }
  const first = seen[0];
  if (!first) return undefined;
  const all = middle(seen);
  // Begun with what is most usual, and what is farthest from it.
  let centres: readonly [Lab, Lab] = [all, seen.reduce((far, c) => (distance(c, all) > distance(far, all) ? c : far), first)];
  let groups: readonly [Lab[], Lab[]] = [seen, []];
  for (let turn = 0; turn < TURNS; turn++) {
    const next: [Lab[], Lab[]] = [[], []];
    for (const c of seen) next[distance(c, centres[0]) <= distance(c, centres[1]) ? 0 : 1].push(c);
    groups = next;
    centres = [next[0].length > 0 ? middle(next[0]) : centres[0], next[1].length > 0 ? middle(next[1]) : centres[1]];
  }
  const swapped = groups[1].length > groups[0].length;
  const [ground, figure] = swapped ? [centres[1], centres[0]] : centres;
  const share = Math.min(groups[0].length, groups[1].length) / seen.length;
  const hex = ([l, a, b]: Lab) => lab(l, a, b).rgb().clamp().formatHex();
  const stands = share >= STANDS_OUT && distance(ground, figure) >= APART;
  // Light falls unevenly on what is plain: it is then one colour.
  return stands ? { ground: hex(ground), figure: hex(figure) } : { ground: hex(all), figure: hex(all) };
}
