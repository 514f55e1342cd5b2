import { washed } from '../core/fabric/stash';
import type { Fabric, Make, Pattern, Plan, WaitsFor } from '../core/records';
import { beingSewn, finished, looseEndDone } from '../core/make/one-touch';
import type { Step } from '../core/schedule/steps';
import * as touch from '../core/schedule/touch';
import type { OnTheBench } from '../core/schedule/under-way';
import { saveDraft } from '../data/drafts';
import type { Write } from '../data/journal';
import { newId } from '../data/new-id';
import type { RunningClock } from '../data/settings';
import { today } from '../data/today';
import { choose, save } from './save';

/** Changes the record behind something on the bench, as it then stands; what else is done by the same act comes with it. */
export function changeBenched(
  item: OnTheBench,
  label: string,
  change: <T extends Make | Plan>(record: T) => T,
  { done, also = [] }: { readonly done?: string; readonly also?: readonly Write[] } = {},
): Promise<boolean> {
  const write: Write = item.make
    ? { table: 'makes', id: item.id, edit: (now: Make): Make => touch.withClockTimes(change(now)) }
    : { table: 'plans', id: item.id, edit: (now: Plan): Plan => change(now) };
  return save(label, [write, ...also], done === undefined ? {} : { done });
}

/**
 * What is true elsewhere once a step of a plan is done, so that nothing stands in two places that disagree: its fabric is washed, its size is on the paper. (What is marked on the
 * paper is marked with the plan itself.)
 */
function doneElsewhere({ plan }: OnTheBench, step: Step): Write[] {
  if (!plan) return [];
  if (step.id === 'wash')
    return [...new Set(plan.fabrics.map((u) => u.fabricId))].map((id) => ({
      table: 'fabrics',
      id,
      edit: (now: Fabric): Fabric => (now.washedOn === undefined ? washed(now, today()) : now),
    }));
  const { size, sizeLines, personId, patternId } = plan;
  if (step.id === 'trace' && patternId !== undefined && size)
    return [
      {
        table: 'patterns',
        id: patternId,
        edit: (now: Pattern): Pattern => ({
          ...now,
          paper: [...now.paper, { id: newId(), personId, date: today(), how: 'traced', size, sizeLines }],
        }),
      },
    ];
  return [];
}

/** A plan whose alterations are on the paper now. */
const marked = <T extends Make | Plan>(record: T): T => ({
  ...record,
  alterations: record.alterations.map((a) => (a.when === 'paper' && a.marked === undefined ? { ...a, marked: today() } : a)),
});

/** A loose end stands among the steps of its make, and is done as one. */
const isLoose = (item: OnTheBench, step: Step) => item.make?.looseEnds.some((l) => l.id === step.id) ?? false;

/** Ticks a step, with the minutes of the clock where it ran for it. */
export async function tickStep(item: OnTheBench, step: Step, name: string, clock: RunningClock | undefined): Promise<void> {
  const running = clock?.id === item.id && clock.step === step.id ? clock : undefined;
  const spent = running && minutesOn(running);
  const label = `done: ${step.words}, ${name}`;
  const said = `${step.words} is done${spent ? `, ${spent} min by the clock` : ''}. Ctrl Z takes it back.`;
  const make = item.make;
  const done =
    make && isLoose(item, step)
      ? await save(label, [{ table: 'makes', id: make.id, edit: (now: Make) => looseEndDone(now, step.id, today()) }], { done: said })
      : await changeBenched(
          item,
          label,
          (now) => {
            const ticked = touch.stepDone(now, step.id, today(), spent);
            return item.plan && step.id === 'alter' ? marked(ticked) : ticked;
          },
          { done: said, also: doneElsewhere(item, step) },
        );
  if (done && running) await choose({ clock: undefined });
}

/** Whole minutes since a clock was started. */
export const minutesOn = ({ since }: RunningClock): number => Math.max(1, Math.round((Date.now() - since) / 60_000));

/** Starts the clock for a step. */
export async function startClock(item: OnTheBench, step: Step): Promise<void> {
  await choose({ clock: { of: item.make ? 'makes' : 'plans', id: item.id, step: step.id, since: Date.now() } });
}

/** Stops the clock: the minutes are kept with the step, which goes on another time. */
export async function stopClock(item: OnTheBench, clock: RunningClock, words: string): Promise<void> {
  const minutes = minutesOn(clock);
  if (
    await changeBenched(item, `${minutes} min on ${words}`, (now) => touch.stepTimed(now, clock.step, minutes), {
      done: `${minutes} min kept with ${words}. Ctrl Z takes it back.`,
    })
  )
    await choose({ clock: undefined });
}

/** What comes next for a make as a whole, in one key: being sewn, finished. */
export async function onward(make: Make, name: string, toFit: () => void): Promise<void> {
  if (make.state === 'cut') await toMachine(make, name);
  else await finish(make, name, toFit);
}

/**
 * A garment that is taken to the machine.
 *
 * @param also what else is changed of it by the same act
 */
export function toMachine({ id }: Make, name: string, also: (now: Make) => Make = (now) => now): Promise<boolean> {
  return save(`being sewn: ${name}`, [{ table: 'makes', id, edit: (now: Make) => also(beingSewn(now)) }], {
    done: `Being sewn: ${name}. Ctrl Z takes it back.`,
  });
}

/** A garment that is done. What is finished is asked how it fits: the look is open on its page. */
export async function finish(make: Make, name: string, toFit: () => void): Promise<void> {
  if (
    await save(`finished: ${name}`, [{ table: 'makes', id: make.id, edit: (now: Make) => finished(now, today()) }], {
      done: `Finished: ${name}. Ctrl Z takes it back.`,
    })
  ) {
    saveDraft(`look ${make.id}`, { seen: { at: 'firstDay' }, said: [] });
    toFit();
  }
}

/** All on the bench in an order of the sewist's own, as one act. */
export function placeBench(bench: readonly OnTheBench[], ids: readonly string[]): Promise<boolean> {
  const byId = new Map(bench.map((i) => [i.id, i]));
  return save(
    'order of the bench',
    ids.flatMap((id, place): Write[] => {
      const item = byId.get(id);
      if (!item) return [];
      return item.make
        ? [{ table: 'makes' as const, id, edit: (now: Make) => touch.benchPlaced(now, place) }]
        : [{ table: 'plans' as const, id, edit: (now: Plan) => touch.benchPlaced(now, place) }];
    }),
  );
}

/** What something waits for; undefined when it came. */
export const setWaits = (item: OnTheBench, name: string, waits: WaitsFor | undefined): Promise<boolean> =>
  changeBenched(item, waits ? `${name} waits for ${waits.words}` : `${name} waits no more`, (now) => touch.waitsFor(now, waits));

/** A step of one's own at the end of what is left. */
export const addStep = (item: OnTheBench, words: string, minutes: number | undefined): Promise<boolean> =>
  changeBenched(item, `step: ${words}`, (now) =>
    touch.stepAdded(now, item.steps, { id: newId(), words, ...(minutes === undefined ? {} : { minutes }) }),
  );
