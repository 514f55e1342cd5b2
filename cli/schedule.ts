import { z } from 'zod';
import { drawnAhead, questionOf, toldAhead, DAYS_AHEAD } from '../src/core/schedule/look-ahead';
import { handsFor, paceOf, paceWith } from '../src/core/schedule/pace';
import { sittingsFrom } from '../src/core/schedule/sittings';
import { remaining } from '../src/core/schedule/steps';
import { benchName, STAGES, underWay } from '../src/core/schedule/under-way';
import type { Ledger } from '../src/core/records';
import type { IsoDate } from '../src/core/units/date';
import { formatDuration } from '../src/core/units/duration';

const Range = z.object({ middle: z.number(), least: z.number(), most: z.number() }).describe('minutes: the middle, and from to nine times in ten');
const Day = z.string().regex(/^\d{4}-\d{2}-\d{2}$/);

/** The shape of what `schedule --json` prints; docs/command-line.md is written from it. */
export const ScheduleAnswer = z.object({
  on: Day,
  /** Minutes a week in the usual week; nothing is said of dates where nobody said when there is time. */
  week: z.number(),
  items: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      stage: z.enum(STAGES),
      hands: Range,
      steps: z.array(z.object({ id: z.string(), words: z.string(), minutes: Range, wait: z.enum(['delivery', 'drying', 'hanging']).optional() })),
      waits: z.string().optional(),
      due: Day.optional(),
      chance: z.number().min(0).max(1).optional(),
      likely: Day.optional(),
      safe: Day.optional(),
      orderBy: Day.optional(),
      washBy: Day.optional(),
      cutBy: Day.optional(),
      sewFrom: Day.optional(),
    }),
  ),
  lists: z.array(z.object({ name: z.string(), due: Day, of: z.int(), least: z.int(), middle: z.int(), most: z.int() })),
});
export type ScheduleAnswer = z.infer<typeof ScheduleAnswer>;

/** What is under way and planned in a ledger, and when it will be done. */
export function scheduleAnswer(ledger: Ledger, today: IsoDate): ScheduleAnswer {
  const pace = paceOf(ledger);
  const bench = underWay(ledger, pace);
  const sittings = sittingsFrom(ledger.times, today, DAYS_AHEAD);
  const ahead = toldAhead(bench, drawnAhead(questionOf(bench, pace, sittings, today)), pace, sittings, today, ledger.lists);
  const told = new Map(ahead.items.map((item) => [item.id, item]));
  return {
    on: today,
    week: ledger.times.filter((t) => t.kind === 'usual').reduce((sum, t) => sum + t.minutes, 0),
    items: bench.map((item) => {
      const own = paceWith(pace, item.patternId);
      const { id, late: _, ...dates } = told.get(item.id) ?? { id: item.id };
      return {
        id,
        name: benchName(item, ledger.patterns),
        stage: item.stage,
        hands: item.hands,
        steps: remaining(item.steps).map((step) => ({
          id: step.id,
          words: step.words,
          minutes: handsFor([step], own, item.version),
          ...(step.wait ? { wait: step.wait } : {}),
        })),
        ...(item.waits ? { waits: item.waits.words } : {}),
        ...dates,
      };
    }),
    lists: ahead.lists.flatMap(({ id, ...counts }) => {
      const list = ledger.lists.find((l) => l.id === id);
      return list?.due === undefined ? [] : [{ name: list.name, due: list.due, ...counts }];
    }),
  };
}

/** The same in words. */
export function scheduleWords({ week, items, lists }: ScheduleAnswer): string {
  const about = (minutes: number) => formatDuration(Math.round(minutes));
  return [
    week === 0 ? 'Nobody said when there is time: nothing can be said of dates.' : `${about(week)} in a usual week.`,
    ...items.map((item) =>
      [
        `${item.name} (${item.stage}): ${about(item.hands.middle)}, ${about(item.hands.least)} to ${about(item.hands.most)}`,
        item.steps[0] && `next: ${item.steps[0].words}`,
        item.waits && `waits for ${item.waits}`,
        item.due && `wanted by ${item.due}${item.chance === undefined ? '' : `, ${Math.round(100 * item.chance)} % in time`}`,
        item.likely && `likely done ${item.likely}`,
        item.orderBy && `order by ${item.orderBy}`,
        item.washBy && `wash by ${item.washBy}`,
        item.cutBy && `cut by ${item.cutBy}`,
        item.sewFrom && `sew from ${item.sewFrom}`,
      ]
        .filter(Boolean)
        .join('; '),
    ),
    ...lists.map((list) => `${list.name}: ${list.least === list.most ? list.least : `${list.least} to ${list.most}`} of ${list.of} by ${list.due}`),
  ].join('\n');
}
