import type { Plan } from '../core/records';
import { cutPlan } from '../data/commands/cut-plan';
import { db } from '../data/database';
import { newId } from '../data/new-id';
import { save } from './save';

/**
 * Says of a plan that its fabric is cut: it becomes a make that lies on the table.
 *
 * @param name what is planned
 * @param said when it was cut, today else, and what is to be kept as words
 * @returns the id of the make; undefined where it was not written
 */
export async function planIsCut(
  { id }: Plan,
  name: string,
  said: { readonly day?: string; readonly remark?: string | undefined } = {},
): Promise<string | undefined> {
  const makeId = newId();
  const done = await save(`${name} is cut`, () => cutPlan(db, { planId: id, makeId, ...said }), {
    done: `${name} is cut: it lies on the table in the day book. Ctrl Z takes it back.`,
  });
  return done ? makeId : undefined;
}
