import { byDay, type IsoDate } from '../units/date';
import type { Plan, PlanList } from '../records';

/** A day in a calendar: a garment wanted by then, or a list to be done. */
export interface CalendarDay {
  readonly id: string;
  readonly date: IsoDate;
  readonly title: string;
  readonly note?: string | undefined;
}

/**
 * The days of open plans and of lists that are not done.
 *
 * @param nameOf a plan's name: the pattern and its version
 */
export function calendarDays(plans: readonly Plan[], lists: readonly PlanList[], nameOf: (plan: Plan) => string): CalendarDay[] {
  const open = plans.filter((p) => p.state === 'open');
  const ofPlans = open.flatMap((p): CalendarDay[] =>
    p.due === undefined ? [] : [{ id: p.id, date: p.due, title: `Sewn by today: ${nameOf(p)}`, note: p.words }],
  );
  const ofLists = lists.flatMap((l): CalendarDay[] => {
    const left = open.filter((p) => p.listId === l.id);
    if (l.due === undefined || left.length === 0) return [];
    return [{ id: l.id, date: l.due, title: `${l.name}: to be done`, note: [l.note, ...left.map(nameOf)].filter(Boolean).join('\n') }];
  });
  return [...ofPlans, ...ofLists].sort((a, b) => byDay(a.date, b.date));
}
