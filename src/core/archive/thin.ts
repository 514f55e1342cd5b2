/** A copy in the stash by the moment it was written, ISO in UTC. */
export interface DatedCopy {
  readonly name: string;
  readonly written: string;
}

const DAY = 86_400_000;
/** So long every copy stays; then one for each day; then one for each month, for years. Source: usual practice of keeping copies. */
const ALL_FOR = DAY;
const DAILY_FOR = 31 * DAY;

/**
 * Which copies are let go: all of the last day stay, the last of each day for a month, and the last of each month for good. A copy that
 * claims to be of the future stays too: a clock that was wrong is no reason to lose one. The newest is never let go.
 *
 * @param now milliseconds
 */
export function copiesToLetGo(copies: readonly DatedCopy[], now: number): DatedCopy[] {
  const newestFirst = [...copies].sort((a, b) => b.written.localeCompare(a.written) || b.name.localeCompare(a.name));
  const kept = new Set<string>();
  return newestFirst.filter((copy, i) => {
    const age = now - Date.parse(copy.written);
    if (i === 0 || age <= ALL_FOR) return false;
    const span = copy.written.slice(0, age <= DAILY_FOR ? 10 : 7);
    if (!kept.has(span)) {
      kept.add(span);
      return false;
    }
    return true;
  });
}
