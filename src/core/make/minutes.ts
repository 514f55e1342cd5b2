import type { Make, TimeSpent } from '../records';

/** Minutes spent on a make in all; undefined where nobody kept them. A whole beside phases is taken to hold them. */
export function minutesOf({ times }: Pick<Make, 'times'>): number | undefined {
  if (times.length === 0) return undefined;
  const sum = (list: readonly { minutes: number }[]) => list.reduce((total, t) => total + t.minutes, 0);
  const whole = times.filter((t) => t.phase === 'all');
  return whole.length > 0 ? Math.max(sum(whole), sum(times.filter((t) => t.phase !== 'all'))) : sum(times);
}

/**
 * The times of a make with some more that were spent on it, so that it took so much longer: with a whole they are more of the whole, and
 * else of the sewing where nobody said of what.
 *
 * @example withMore([{ id: 'a', phase: 'cut', minutes: 60 }], { id: 'b', phase: 'all', minutes: 40 }) // 60 min of cutting and 40 of sewing
 */
export function withMore(times: Make['times'], more: TimeSpent): Make['times'] {
  const phase = times.some((t) => t.phase === 'all') ? 'all' : more.phase === 'all' ? 'sew' : more.phase;
  return [...times, { ...more, phase }];
}

/**
 * Minutes that one more version is to be expected to take: the middle of the versions that say, each for one garment, toiles left out, since
 * they are sewn in part. Undefined where none says.
 */
export function usualMinutes(versions: readonly Pick<Make, 'times' | 'kind' | 'quantity'>[]): number | undefined {
  const all = versions
    .filter((m) => m.kind !== 'toile')
    .flatMap((m) => {
      const minutes = minutesOf(m);
      return minutes === undefined ? [] : minutes / m.quantity;
    })
    .sort((a, b) => a - b);
  return all[all.length >> 1];
}
