/** A copy of a ledger by the moment it was written, ISO in UTC. */
export interface DatedCopy {
  readonly name: string;
  readonly written: string;
}

/** On so many days on which copies were made the last of each stays, every copy on the latest two. Source: usual practice of keeping copies. */
const ALL_ON = 2;
const DAILY_ON = 31;
/** No more than that go at a time: whatever went wrong, it is seen before much is gone. */
const AT_ONCE = 3;

/**
 * Which copies are let go: all of the latest two days stay, the last of each day for 31 days, and the last of each month for good. Days are
 * counted as those on which copies were made and not by a clock: one that was wrong for once, or a long pause, ages nothing. The newest is
 * never let go, and what goes goes a few at a time.
 *
 * @param copies of one ledger, in any order
 */
export function copiesToLetGo(copies: readonly DatedCopy[]): DatedCopy[] {
  const newestFirst = [...copies].sort((a, b) => b.written.localeCompare(a.written) || b.name.localeCompare(a.name));
  const days = [...new Set(newestFirst.map((copy) => copy.written.slice(0, 10)))];
  const kept = new Set<string>();
  const old = newestFirst.filter((copy) => {
    const day = copy.written.slice(0, 10);
    const age = days.indexOf(day);
    if (age < ALL_ON) return false;
    const span = age < DAILY_ON ? day : day.slice(0, 7);
    if (kept.has(span)) return true;
    kept.add(span);
    return false;
  });
  return old.slice(-AT_ONCE);
}
