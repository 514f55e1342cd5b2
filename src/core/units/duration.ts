import { NUMBER_WORDS } from './number-words';

/** Minutes in what sewists say instead of hours. Rough by nature; the field shows what it made of it. Source: our own convention. */
const SPELLS: Record<string, number> = { morning: 180, afternoon: 240, evening: 180, day: 420, weekend: 840 };
const COUNTS: Readonly<Record<string, number>> = { half: 0.5, ...NUMBER_WORDS };
const FRACTIONS: Record<string, string> = { '½': '.5', '¼': '.25', '¾': '.75' };

/** The most that one make can take: longer is a slip of the pen. */
const MOST = 200_000;

const TERM =
  /^\s*(?:and\s+)?(half|an?|one|two|three|four|five|six|seven|eight|nine|ten|\d+(?:[.,]\d+)?)\s*(hours?|hrs?|h|minutes?|mins?|min|m|mornings?|afternoons?|evenings?|days?|weekends?)?\.?\s*/i;

export type ParsedDuration = { readonly ok: true; readonly minutes: number } | { readonly ok: false; readonly problem: string };

/**
 * Reads a time as people write it; a bare number is hours.
 *
 * @returns whole minutes, or a sentence that says what could not be read
 * @example parseDuration('2h10') // { ok: true, minutes: 130 }
 * @example parseDuration('two afternoons') // { ok: true, minutes: 480 }
 */
export function parseDuration(text: string): ParsedDuration {
  const said = text.trim();
  const problem = `“${said}” is not a time. Write it as 2h10, 90 min or two afternoons.`;
  const clock = /^(\d{1,3}):([0-5]\d)$/.exec(said);
  if (clock) return { ok: true, minutes: Number(clock[1]) * 60 + Number(clock[2]) };
  let rest = said.replace(/(\d*)\s*([½¼¾])/g, (_, whole: string, f: string) => `${whole || '0'}${FRACTIONS[f]}`).replace(/^half an?\s+/i, 'half ');
  if (rest === '') return { ok: false, problem: 'No time is written.' };
  let minutes = 0;
  let inHours = false;
  while (rest !== '') {
    const found = TERM.exec(rest);
    if (!found) return { ok: false, problem };
    const [all, count, unit = ''] = found;
    const n = COUNTS[count!.toLowerCase()] ?? Number(count!.replace(',', '.'));
    const spell = SPELLS[unit.toLowerCase().replace(/s$/, '')];
    // After hours a bare number is minutes: 2h10.
    const hours: boolean = unit === '' ? !inHours : /^h/i.test(unit);
    if (unit === '' && inHours && n >= 60) return { ok: false, problem };
    minutes += n * (spell ?? (hours ? 60 : 1));
    inHours = hours;
    rest = rest.slice(all.length);
  }
  if (minutes > MOST) return { ok: false, problem: `“${said}” is longer than a make can take.` };
  return { ok: true, minutes: Math.round(minutes) };
}

/**
 * A time for reading: `2 h 10 min`, `45 min`, with thin spaces before the units.
 *
 * @example formatDuration(200) // '3 h 20 min'
 */
export function formatDuration(minutes: number): string {
  const h = Math.floor(minutes / 60);
  const m = minutes % 60;
  if (h === 0) return `${m}\u202fmin`;
  return m === 0 ? `${h}\u202fh` : `${h}\u202fh ${m}\u202fmin`;
}

/**
 * A time for a field: `2h10`, `45 min`.
 *
 * @example durationForEditing(200) // '3h20'
 */
export function durationForEditing(minutes: number): string {
  const h = Math.floor(minutes / 60);
  const m = minutes % 60;
  if (h === 0) return `${m} min`;
  return m === 0 ? `${h}h` : `${h}h${String(m).padStart(2, '0')}`;
}

/**
 * Minutes as they are said where nobody counts them: to five, and from two hours on to a quarter of an hour.
 *
 * @example roughly(131) // '2 h 15 min'
 */
export function roughly(minutes: number): string {
  const step = minutes >= 120 ? 15 : minutes >= 12 ? 5 : 1;
  return formatDuration(Math.max(step, Math.round(minutes / step) * step));
}
