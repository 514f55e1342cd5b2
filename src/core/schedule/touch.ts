import type { BenchStep, Make, OnBench, Plan, TimeSpent, WaitsFor } from '../records';
import type { IsoDate } from '../units/date';
import { phaseOfStep, type Step } from './steps';

/** What can lie on the bench. */
type Benched = Pick<Make | Plan, 'bench'>;

const EMPTY: OnBench = { steps: [] };

/** One step said anew, the rest as it was. What says nothing any more is not kept. */
function withStep<T extends Benched>(record: T, id: string, change: (step: BenchStep) => BenchStep): T {
  const bench = record.bench ?? EMPTY;
  const known = bench.steps.find((s) => s.id === id);
  const next = change(known ?? { id });
  const says = Object.values(next).filter((v) => v !== undefined).length > 1;
  const steps = known ? bench.steps.flatMap((s) => (s.id === id ? (says ? [next] : []) : [s])) : says ? [...bench.steps, next] : bench.steps;
  return { ...record, bench: { ...bench, steps } };
}

/** A step that is done, with the minutes it took where a clock ran; what ran before counts in. */
export const stepDone = <T extends Benched>(record: T, id: string, date: IsoDate, spent?: number): T =>
  withStep(record, id, (s) => ({ ...s, done: date, ...(spent === undefined ? {} : { spent: (s.spent ?? 0) + spent }) }));

/** A step that is not done after all; its minutes stay. */
export const stepOpen = <T extends Benched>(record: T, id: string): T => withStep(record, id, ({ done: _, ...s }) => s);

/** Minutes spent on a step that goes on another time. */
export const stepTimed = <T extends Benched>(record: T, id: string, spent: number): T =>
  withStep(record, id, (s) => ({ ...s, spent: (s.spent ?? 0) + spent }));

/** Left out of this garment, or taken in again. */
export const stepLeft = <T extends Benched>(record: T, id: string, left: boolean): T =>
  withStep(record, id, ({ left: _, ...s }) => (left ? { ...s, left: true } : s));

/** Said by hand: what it is called, how long it takes. */
export const stepSaid = <T extends Benched>(record: T, id: string, part: Pick<BenchStep, 'words' | 'minutes'>): T =>
  withStep(record, id, (s) => ({ ...s, ...part }));

/** A step of one's own, after another, or last. */
export function stepAdded<T extends Benched>(record: T, steps: readonly Step[], step: BenchStep, after?: string): T {
  const bench = record.bench ?? EMPTY;
  const ids = steps.map((s) => s.id);
  const at = after === undefined ? ids.length : ids.indexOf(after) + 1;
  return { ...record, bench: { ...bench, steps: [...bench.steps, step], order: [...ids.slice(0, at), step.id, ...ids.slice(at)] } };
}

/** A step of one's own that falls away again. */
export function stepRemoved<T extends Benched>(record: T, id: string): T {
  const bench = record.bench ?? EMPTY;
  return {
    ...record,
    bench: { ...bench, steps: bench.steps.filter((s) => s.id !== id), ...(bench.order ? { order: bench.order.filter((o) => o !== id) } : {}) },
  };
}

/** One step in two halves, each to be ticked by itself. */
export function stepSplit<T extends Benched>(record: T, steps: readonly Step[], step: Step, newId: string): T {
  const half = Math.max(1, Math.round(step.minutes / 2));
  const first = withStep(record, step.id, (s) => ({ ...s, words: `${step.words}, first part`, minutes: half }));
  return stepAdded(first, steps, { id: newId, words: `${step.words}, the rest`, minutes: Math.max(1, step.minutes - half) }, step.id);
}

/** All steps in an order of one's own. */
export const stepsOrdered = <T extends Benched>(record: T, order: readonly string[]): T => ({
  ...record,
  bench: { ...(record.bench ?? EMPTY), order: [...order] },
});

/** Where it stands on the bench; undefined as usual. */
export function benchPlaced<T extends Benched>(record: T, place: number | undefined): T {
  const { place: _, ...bench } = record.bench ?? EMPTY;
  return { ...record, bench: { ...bench, ...(place === undefined ? {} : { place }) } };
}

/** What it waits for; undefined when it came. */
export function waitsFor<T extends Benched>(record: T, waits: WaitsFor | undefined): T {
  const { waits: _, ...bench } = record.bench ?? EMPTY;
  return { ...record, bench: { ...bench, ...(waits ? { waits } : {}) } };
}

/** A make whose times hold what its clock said, phase by phase, beside what was written by hand. */
export function withClockTimes(make: Make): Make {
  const sums = new Map<TimeSpent['phase'], number>();
  for (const { id, spent } of make.bench?.steps ?? []) if (spent) sums.set(phaseOfStep(id), (sums.get(phaseOfStep(id)) ?? 0) + spent);
  const clocked = [...sums].map(([phase, minutes]): TimeSpent => ({ id: `${CLOCK}${phase.replaceAll(' ', '-')}`, phase, minutes }));
  return { ...make, times: [...make.times.filter((t) => !t.id.startsWith(CLOCK)), ...clocked] };
}
/** How times are known that a clock gave: they are added up anew as it goes on. */
const CLOCK = 'clock-';
