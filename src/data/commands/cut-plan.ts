import { settleUses } from '../../core/fabric/stash';
import { cutOfPlan } from '../../core/plan/plan-to-make';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { today } from '../today';
import { nextNumber } from './enter-make';

/**
 * A plan that is cut, as one act worked out within the transaction that writes it: a make in state cut, dated today, with what it takes from
 * the stash, and the plan done.
 *
 * @param makeId of the make that it becomes
 * @throws with a sentence where the plan is gone, or cut already
 */
export async function cutPlan(database: LedgerDatabase, planId: string, makeId: string): Promise<Write[]> {
  const plan = await database.plans.get(planId);
  if (!plan) throw new Error('this plan is not in the ledger any more');
  if (plan.state !== 'open') throw new Error('this plan was cut already, from another window or a moment ago');
  const cut = cutOfPlan(plan, makeId, plan.patternId === undefined ? 1 : await nextNumber(database, plan.patternId, plan.personId), today());
  const { uses, changed } = settleUses(await database.fabrics.toArray(), [], cut.fabrics);
  return [
    { table: 'makes', put: { ...cut, fabrics: uses } },
    { table: 'plans', from: plan, to: { ...plan, state: 'made', makeId } },
    ...changed.map(({ from, to }): Write => ({ table: 'fabrics', from, to })),
  ];
}
