import type { Point } from '../units/polygon';
import { inPicture, type Frame, type View } from './camera';
import type { OnLine } from './fit-view';
import { lightAt, type Grey } from './grey';

/** What is looked for across a line: an edge from dark to light or back, or a thin line. */
export type Across = 'edge' | 'lighter inside' | 'line';

/** A line of the table, from one end to the other, cm. */
export interface TableLine {
  readonly axis: 0 | 1;
  readonly cm: number;
  readonly from: number;
  readonly to: number;
  /** Which way along the axis lies the inside of what it bounds. */
  readonly inside: 1 | -1;
  readonly line: number;
}

/** Profiles are read in steps of so much, px. */
const STEP = 0.5;
/** An edge weaker than this is none, in grey values. */
const LEAST_CONTRAST = 8;

/** Lightness across a point along a direction, `reach` px either way; each an average over a little length along the line. */
function profile(grey: Grey, [x, y]: Point, [dx, dy]: Point, reach: number): number[] {
  const count = 2 * Math.round(reach / STEP) + 1;
  return Array.from({ length: count }, (_, i) => {
    const t = (i - (count - 1) / 2) * STEP;
    const [px, py] = [x + dx * t, y + dy * t];
    return (lightAt(grey, px - dy, py + dx) + lightAt(grey, px, py) + lightAt(grey, px + dy, py - dx)) / 3;
  });
}

/** Where along a profile its edge lies, from the middle, px: the middle of the slope round its steepest place. */
function edgeIn(values: readonly number[], what: Across): number | undefined {
  const slopes = values.slice(2).map((v, i) => v - (values[i] ?? v));
  const signed = what === 'lighter inside' ? slopes : slopes.map(Math.abs);
  let top = 0;
  for (let i = 1; i < signed.length; i++) if ((signed[i] ?? 0) > (signed[top] ?? 0)) top = i;
  const most = signed[top] ?? 0;
  if (most < LEAST_CONTRAST / 2 || top === 0 || top === signed.length - 1) return undefined;
  let [low, high] = [top, top];
  while (low > 0 && (signed[low - 1] ?? 0) > 0.3 * most) low--;
  while (high < signed.length - 1 && (signed[high + 1] ?? 0) > 0.3 * most) high++;
  // A slope that is cut off by the end of the profile has no middle.
  if (low === 0 || high === signed.length - 1) return undefined;
  let [sum, weighed] = [0, 0];
  for (let i = low; i <= high; i++) {
    const weight = signed[i] ?? 0;
    sum += weight;
    weighed += weight * i;
  }
  return (weighed / sum + 1 - (values.length - 1) / 2) * STEP;
}

/** Where along a profile a thin line lies, from the middle, px: lighter or darker than what is beside it. */
function lineIn(values: readonly number[]): number | undefined {
  const beside = [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;
  const off = values.map((v) => Math.abs(v - beside));
  let top = 0;
  for (let i = 1; i < off.length; i++) if ((off[i] ?? 0) > (off[top] ?? 0)) top = i;
  const most = off[top] ?? 0;
  if (most < LEAST_CONTRAST || top < 2 || top > off.length - 3) return undefined;
  const sign = Math.sign((values[top] ?? 0) - beside);
  let [sum, weighed] = [0, 0];
  for (let i = Math.max(0, top - 5); i <= Math.min(off.length - 1, top + 5); i++) {
    const weight = Math.max(0, sign * ((values[i] ?? 0) - beside) - 0.25 * most);
    sum += weight;
    weighed += weight * i;
  }
  return (weighed / sum - (values.length - 1) / 2) * STEP;
}

/**
 * Points of the picture that lie on lines of the table, looked for across where a view expects them.
 *
 * @param spacing of the points along a line, cm
 * @param reach how far across a line is looked, px
 */
export function pointsOnLines(
  grey: Grey,
  frame: Frame,
  view: View,
  lines: readonly TableLine[],
  { what, spacing, reach }: { readonly what: Across; readonly spacing: number; readonly reach: number },
): OnLine[] {
  return lines.flatMap(({ axis, cm, from, to, inside, line }) => {
    const count = Math.max(2, Math.floor((to - from) / spacing));
    const place = (t: number): Point => (axis === 0 ? [cm, t] : [t, cm]);
    const within = (t: number): Point => (axis === 0 ? [cm + inside * 0.1, t] : [t, cm + inside * 0.1]);
    return Array.from({ length: count }, (_, i) => from + ((i + 0.5) * (to - from)) / count).flatMap((t): OnLine[] => {
      const at = inPicture(view, frame, place(t));
      if (!(at[0] > reach && at[1] > reach && at[0] < frame.width - reach && at[1] < frame.height - reach)) return [];
      // Across the line as it is seen, towards the inside.
      const [before, after] = [inPicture(view, frame, place(t - 0.05)), inPicture(view, frame, place(t + 0.05))];
      const run = Math.hypot(after[0] - before[0], after[1] - before[1]);
      let normal: Point = [-(after[1] - before[1]) / run, (after[0] - before[0]) / run];
      const inwards = inPicture(view, frame, within(t));
      if ((inwards[0] - at[0]) * normal[0] + (inwards[1] - at[1]) * normal[1] < 0) normal = [-normal[0], -normal[1]];
      const values = profile(grey, at, normal, reach);
      const off = what === 'line' ? lineIn(values) : edgeIn(values, what);
      return off === undefined ? [] : [{ at: [at[0] + normal[0] * off, at[1] + normal[1] * off], axis, cm, line }];
    });
  });
}
