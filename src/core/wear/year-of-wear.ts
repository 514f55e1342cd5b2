import type { Wear } from '../records';
import { dayNumber } from '../units/date';
import { isEstimate } from './wear-count';

/** A stitch on a thread: a day with how many garments of the row were worn, and which. */
export interface Stitch {
  /** Day of the row, from 0. */
  readonly at: number;
  readonly makeIds: readonly string[];
}

/** A basted stretch: an estimate, spread over days. */
export interface Basting {
  readonly from: number;
  readonly to: number;
  readonly times: number;
  readonly makeIds: readonly string[];
}

export interface ThreadRow {
  readonly id: string;
  readonly stitches: readonly Stitch[];
  readonly bastings: readonly Basting[];
  /** Wears within the year: stitches and the part of each estimate that falls into it. */
  readonly times: number;
}

/**
 * A year of wear in rows.
 *
 * @param rowOf the rows that a garment's wear belongs to: itself, its kind, or none
 * @returns rows in the order in which they were first met, days counted from the first of January
 */
export function yearOfWear(wears: readonly Wear[], year: number, rowOf: (makeId: string) => string | undefined): ThreadRow[] {
  const first = dayNumber(`${year}-01-01`);
  const days = dayNumber(`${year + 1}-01-01`) - first;
  const rows = new Map<string, { stitches: Map<number, string[]>; bastings: Basting[]; times: number }>();
  for (const wear of wears) {
    if (wear.count === 0 || wear.undated) continue;
    const from = dayNumber(wear.date) - first;
    const to = wear.until === undefined ? from : dayNumber(wear.until) - first;
    if (to < 0 || from >= days) continue;
    for (const makeId of wear.makeIds) {
      const id = rowOf(makeId);
      if (id === undefined) continue;
      const row = rows.get(id) ?? { stitches: new Map<number, string[]>(), bastings: [], times: 0 };
      rows.set(id, row);
      if (isEstimate(wear)) {
        const [a, b] = [Math.max(0, from), Math.min(days - 1, to)];
        const times = (wear.count * (b - a + 1)) / (to - from + 1);
        row.bastings.push({ from: a, to: b, times, makeIds: [makeId] });
        row.times += times;
      } else {
        row.stitches.set(from, [...(row.stitches.get(from) ?? []), makeId]);
        row.times += 1;
      }
    }
  }
  return [...rows].map(([id, { stitches, bastings, times }]) => ({
    id,
    stitches: [...stitches].map(([at, makeIds]) => ({ at, makeIds })).sort((a, b) => a.at - b.at),
    bastings,
    times: Math.round(times),
  }));
}
