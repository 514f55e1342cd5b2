import type { SewingTime } from '../records';
import type { IsoDate } from '../units/date';
import { sittingsFrom, type Sitting } from './sittings';

/** What of a day's time is said anew: those of its own day go, and others come. */
export interface TimesChanged {
  readonly gone: readonly SewingTime[];
  readonly put: readonly SewingTime[];
}

const hourOf = (s: Sitting): Pick<SewingTime, 'from'> => (s.from === undefined ? {} : { from: s.from });

/** The sittings of a day as they stand, before anything busy. */
const meantOn = (times: readonly SewingTime[], date: IsoDate): Sitting[] =>
  sittingsFrom(
    times.filter((t) => t.kind !== 'busy'),
    date,
    1,
  );

/** A day with these sittings and no others. */
function dayAs(times: readonly SewingTime[], date: IsoDate, sittings: readonly Sitting[], newId: () => string): TimesChanged {
  const put =
    sittings.length === 0
      ? [{ id: newId(), kind: 'that day' as const, date, minutes: 0 }]
      : sittings.map((s) => ({ id: newId(), kind: 'that day' as const, date, ...hourOf(s), minutes: s.minutes }));
  return { gone: times.filter((t) => t.kind === 'that day' && t.date === date), put };
}

/** A sitting that falls away on its day; the usual week stays as it is. */
export function sittingOff(times: readonly SewingTime[], sitting: Sitting, newId: () => string): TimesChanged {
  const others = meantOn(times, sitting.date).filter((s) => s.from !== sitting.from);
  return dayAs(times, sitting.date, others, newId);
}

/**
 * A sitting moved to another day, where it comes beside what that day has already.
 *
 * @param sitting one of the days as they stand, of the usual week or not
 */
export function sittingMoved(times: readonly SewingTime[], sitting: Sitting, to: IsoDate, newId: () => string): TimesChanged {
  if (to === sitting.date) return { gone: [], put: [] };
  const off = sittingOff(times, sitting, newId);
  const moved = { ...sitting, date: to, minutes: sitting.usual ?? sitting.minutes };
  const there = dayAs(times, to, [...meantOn(times, to), moved], newId);
  return { gone: [...off.gone, ...there.gone], put: [...off.put, ...there.put] };
}
