import { byDay, type IsoDate } from '../units/date';
import type { Wear } from '../records';

/** Garments worn together, how often, and last when. */
export interface Outfit {
  readonly makeIds: readonly string[];
  readonly times: number;
  readonly last: IsoDate;
  readonly occasions: readonly string[];
}

/** Garments that were worn together, the most often worn outfit first. */
export function outfits(wears: readonly Wear[]): Outfit[] {
  const found = new Map<string, { makeIds: string[]; times: number; last: IsoDate; occasions: Set<string> }>();
  for (const { makeIds, date, count, occasion } of wears) {
    const together = [...new Set(makeIds)].sort();
    if (together.length < 2 || count === 0) continue;
    const key = together.join('\n');
    const outfit = found.get(key) ?? { makeIds: together, times: 0, last: date, occasions: new Set<string>() };
    outfit.times += count;
    if (date > outfit.last) outfit.last = date;
    if (occasion) outfit.occasions.add(occasion);
    found.set(key, outfit);
  }
  return [...found.values()].map((o) => ({ ...o, occasions: [...o.occasions].sort() })).sort((a, b) => b.times - a.times || byDay(b.last, a.last));
}
