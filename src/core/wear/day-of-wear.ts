import type { IsoDate } from '../units/date';
import type { Wear } from '../records';
import { isEstimate } from './wear-count';

/** What one touch of a garment does to a day: an entry is changed, added or removed. */
export type DayChange =
  | { readonly what: 'add'; readonly wear: Wear }
  | { readonly what: 'change'; readonly from: Wear; readonly to: Wear }
  | { readonly what: 'remove'; readonly wear: Wear };

/** The outfits of a day, in the order in which they were entered; estimates are not outfits. */
export function outfitsOfDay(wears: readonly Wear[], date: IsoDate): Wear[] {
  return wears.filter((w) => w.date === date && !isEstimate(w) && w.count > 0).sort((a, b) => a.id.localeCompare(b.id));
}

/**
 * A garment touched on a day: worn, it joins the day's last outfit (or begins one); touched again, it leaves the outfit it is in,
 * and an outfit with nothing left in it goes.
 *
 * @param day the outfits of the day
 * @param apart begin another outfit
 * @param id for an outfit that begins
 */
export function touched(day: readonly Wear[], makeId: string, date: IsoDate, id: string, apart: boolean): DayChange {
  const worn = day.find((w) => w.makeIds.includes(makeId));
  if (worn) {
    const makeIds = worn.makeIds.filter((m) => m !== makeId);
    return makeIds.length === 0 ? { what: 'remove', wear: worn } : { what: 'change', from: worn, to: { ...worn, makeIds } };
  }
  const last = day.at(-1);
  return last && !apart
    ? { what: 'change', from: last, to: { ...last, makeIds: [...last.makeIds, makeId] } }
    : { what: 'add', wear: { id, date, makeIds: [makeId], count: 1 } };
}
