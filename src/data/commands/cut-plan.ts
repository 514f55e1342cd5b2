import { settleUses } from '../../core/fabric/stash';
import { cutOfPlan } from '../../core/plan/plan-to-make';
import type { Fabric, Make } from '../../core/records';
import { withClockTimes } from '../../core/schedule/touch';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { today } from '../today';
import { nextNumber } from './enter-make';
import { stillOpen } from './still-open';

/** A plan that is cut, and the make that it becomes. */
export interface PlanCut {
  readonly planId: string;
  readonly makeId: string;
  /** Today where none was said. */
  readonly day?: string | undefined;
  readonly remark?: string | undefined;
}

/**
 * A plan that is cut, as one act worked out within the transaction that writes it: a make in state cut, with what it takes from the
 * stash, and the plan done.
 *
 * @throws with a sentence where the plan is gone, or cut already
 */
export function cutPlan(database: LedgerDatabase, cut: PlanCut): Promise<Write[]> {
  return cutPlans(database, [cut]);
}

/**
 * The same for several that are cut as one: each takes what those before it left of a fabric, and is numbered after them.
 *
 * @throws as `cutPlan` does, and then none is cut
 */
export async function cutPlans(database: LedgerDatabase, cuts: readonly PlanCut[]): Promise<Write[]> {
  let stash: readonly Fabric[] = await database.fabrics.toArray();
  const made: Make[] = [];
  const writes: Write[] = [];
  for (const { planId, makeId, day = today(), remark } of cuts) {
    const plan = await stillOpen(database, planId);
    const version = plan.patternId === undefined ? 1 : await nextNumber(database, plan.patternId, plan.personId, made);
    const cut = cutOfPlan(plan, makeId, version, day);
    const { uses, changed } = settleUses(stash, [], cut.fabrics);
    const make = withClockTimes({ ...cut, fabrics: uses, ...(remark === undefined ? {} : { remark }) });
    stash = stash.map((fabric) => changed.find(({ from }) => from === fabric)?.to ?? fabric);
    made.push(make);
    writes.push(
      { table: 'makes', put: make },
      { table: 'plans', from: plan, to: { ...plan, state: 'made', makeId } },
      ...changed.map(({ from, to }): Write => ({ table: 'fabrics', from, to })),
    );
  }
  return writes;
}
