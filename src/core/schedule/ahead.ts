import { numberAt } from '../units/item-at';
import { seeded } from '../units/seeded';
import type { Sitting } from './sittings';
import { WAIT_DAYS, type StepWait } from './steps';
import type { Normal } from './pace';
import { dayNumber, type IsoDate } from '../units/date';

/** A stretch of work with nothing to wait for in it, and what is waited for after it. */
export interface Stretch {
  /** Minutes, as a normal of logs without pace; and the share of it that pace moves. */
  readonly log: Normal;
  readonly paced: number;
  readonly wait?: StepWait | undefined;
}

/** What is to be done, as it is drawn. */
export interface Task {
  readonly id: string;
  readonly stretches: readonly Stretch[];
  /** Whose pace it shares: tasks of one pattern go fast or slowly together. */
  readonly patternId?: string | undefined;
  /** Pace with it, as a normal of logs. */
  readonly pace: Normal;
  /** It can be begun only then: buttons come, a try-on is agreed. */
  readonly notBefore?: IsoDate | undefined;
}

/** When tasks are done, drawn many times: the day of each, for each draw. `Infinity` where the days looked at are not enough. */
export interface Draws {
  readonly ids: readonly string[];
  /** Task after task, draw after draw; days from the first on. */
  readonly done: Float64Array;
  readonly draws: number;
}

/** Two independent normal numbers from two even ones (Box and Muller, 1958). */
function normals(chance: () => number): () => number {
  let kept: number | undefined;
  return () => {
    if (kept !== undefined) {
      const now = kept;
      kept = undefined;
      return now;
    }
    const r = Math.sqrt(-2 * Math.log(1 - chance()));
    const angle = 2 * Math.PI * chance();
    kept = r * Math.sin(angle);
    return r * Math.cos(angle);
  };
}

/**
 * Sews the bench many times over: in its order, in the time there is; while one thing waits (for the post, to dry, to hang) the next goes on.
 * The part of pace that is the sewist's own is drawn once for all tasks, what is a pattern's once for all of that pattern.
 *
 * @param sittings time to sew, from the first day on
 * @param shared how much of each task's pace is the sewist's own: the variance of it
 * @param seed the same seed draws the same
 */
export function sewnThrough(tasks: readonly Task[], sittings: readonly Sitting[], from: IsoDate, shared: number, draws = 1000, seed = 1): Draws {
  const first = dayNumber(from);
  /** Minutes there were by the end of each sitting, and its day. */
  const ends = new Float64Array(sittings.length);
  const days = new Float64Array(sittings.length);
  sittings.forEach((s, i) => {
    ends[i] = (i > 0 ? numberAt(ends, i - 1) : 0) + s.minutes;
    days[i] = dayNumber(s.date) - first;
  });
  const all = sittings.length > 0 ? numberAt(ends, sittings.length - 1) : 0;
  /** Minutes there were before a day. */
  const before = (day: number): number => {
    let [low, high] = [0, sittings.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (numberAt(days, middle) < day) low = middle + 1;
      else high = middle;
    }
    return low === 0 ? 0 : numberAt(ends, low - 1);
  };
  /** The sitting in which so many minutes are used up; undefined past the last. */
  const dayAt = (minutes: number): number => {
    if (minutes > all) return Infinity;
    let [low, high] = [0, sittings.length - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (numberAt(ends, middle) < minutes) low = middle + 1;
      else high = middle;
    }
    return sittings.length > 0 ? numberAt(days, low) : Infinity;
  };
  const chance = normals(seeded(seed));
  const count = tasks.length;
  const done = new Float64Array(count * draws);
  const ready = new Float64Array(count);
  const at = new Int32Array(count);
  const pace = new Float64Array(count);
  const begins = tasks.map((t) => (t.notBefore === undefined ? 0 : Math.max(0, dayNumber(t.notBefore) - first)));
  for (let draw = 0; draw < draws; draw++) {
    const own = chance();
    const ofPattern = new Map<string, number>();
    tasks.forEach((task, i) => {
      const key = task.patternId ?? task.id;
      let z = ofPattern.get(key);
      if (z === undefined) {
        z = chance();
        ofPattern.set(key, z);
      }
      const hers = Math.min(shared, task.pace.variance);
      pace[i] = task.pace.mean + own * Math.sqrt(hers) + z * Math.sqrt(task.pace.variance - hers);
      ready[i] = begins[i] ?? 0;
      at[i] = 0;
    });
    let now = 0;
    let open = count;
    // What has nothing left to do is done at once.
    tasks.forEach((task, i) => {
      if (task.stretches.length > 0) return;
      done[i * draws + draw] = numberAt(ready, i);
      at[i] = -1;
      open--;
    });
    while (open > 0) {
      const today = dayAt(now + 1e-6);
      let next = -1;
      let [soonest, soonestDay] = [-1, Infinity];
      for (let i = 0; i < count; i++) {
        if ((at[i] ?? -1) < 0) continue;
        const day = numberAt(ready, i);
        if (day <= today) {
          next = i;
          break;
        }
        if (day < soonestDay) [soonest, soonestDay] = [i, day];
      }
      if (next < 0) {
        if (soonest < 0) break;
        next = soonest;
        now = Math.max(now, before(soonestDay));
      }
      const task = tasks[next];
      const place = at[next] ?? 0;
      const stretch = task?.stretches[place];
      if (!task || !stretch) break;
      now += Number.isFinite(stretch.log.mean)
        ? Math.exp(stretch.log.mean + stretch.paced * numberAt(pace, next) + chance() * Math.sqrt(stretch.log.variance))
        : 0;
      const day = dayAt(now);
      const waited = day + (stretch.wait ? WAIT_DAYS[stretch.wait] : 0);
      if (place + 1 < task.stretches.length && Number.isFinite(day)) {
        at[next] = place + 1;
        ready[next] = waited;
      } else {
        done[next * draws + draw] = waited;
        at[next] = -1;
        open--;
      }
    }
    // Past the last day nothing is known of when.
    for (let i = 0; i < count; i++) if ((at[i] ?? -1) >= 0) done[i * draws + draw] = Infinity;
  }
  return { ids: tasks.map((t) => t.id), done, draws };
}

/** In how many of the draws a task is done by a day, as a share. */
export function chanceBy({ ids, done, draws }: Draws, id: string, from: IsoDate, by: IsoDate): number {
  const i = ids.indexOf(id);
  if (i < 0) return 0;
  const day = dayNumber(by) - dayNumber(from);
  let count = 0;
  for (let draw = 0; draw < draws; draw++) if (numberAt(done, i * draws + draw) <= day) count++;
  return count / draws;
}

/** The day by which a task is done in a share of the draws, counted from the first; Infinity where that is past what was looked at. */
export function dayBy({ ids, done, draws }: Draws, id: string, share: number): number {
  const i = ids.indexOf(id);
  const days = done.slice(i * draws, (i + 1) * draws).sort();
  return i < 0 || draws === 0 ? Infinity : numberAt(days, Math.min(draws - 1, Math.ceil(share * draws) - 1));
}

/** How many of some tasks are done by a day, from to nine times in ten: "five to seven of nine". */
export function countBy(
  { ids, done, draws }: Draws,
  of: readonly string[],
  from: IsoDate,
  by: IsoDate,
): { readonly least: number; readonly middle: number; readonly most: number } {
  const day = dayNumber(by) - dayNumber(from);
  const places = of.map((id) => ids.indexOf(id)).filter((i) => i >= 0);
  const counts = Float64Array.from({ length: draws }, (_, draw) => places.filter((i) => numberAt(done, i * draws + draw) <= day).length).sort();
  const at = (share: number) => (draws === 0 ? 0 : numberAt(counts, Math.min(draws - 1, Math.floor(share * draws))));
  return { least: at(0.05), middle: at(0.5), most: at(0.95) };
}
