import type { Plan } from '../../core/records';
import type { LedgerDatabase } from '../database';

/**
 * A plan that is not cut yet, as it stands; to be asked within the transaction that cuts it.
 *
 * @throws with a sentence where it is gone, or cut already
 */
export async function stillOpen(database: LedgerDatabase, planId: string): Promise<Plan> {
  const plan = await database.plans.get(planId);
  if (!plan) throw new Error('this plan is not in the ledger any more');
  if (plan.state !== 'open') throw new Error('this plan was cut already, from another window or a moment ago');
  return plan;
}
