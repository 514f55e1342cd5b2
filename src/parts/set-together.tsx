import { Link } from 'react-router';
import { planName } from '../core/make/plan-name';
import { makeName } from '../core/make/make-name';
import type { Plan } from '../core/records';
import { withId } from '../core/units/by-id';
import { cutPlans } from '../data/commands/cut-plan';
import { db } from '../data/database';
import { newId } from '../data/new-id';
import { useMakes, usePatterns, usePlans, useSets } from '../data/queries';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { save } from './save';

/** What else belongs to the set of a plan: planned as one, cut as one. */
export function SetTogether({ plan }: { plan: Plan }) {
  const set = withId(useSets(), plan.setId);
  const plans = usePlans();
  const makes = useMakes();
  const patterns = usePatterns();
  if (!set) return null;
  const open = plans.filter((p) => p.setId === set.id && p.state === 'open');
  const others = open.filter((p) => p.id !== plan.id);
  const made = makes.filter((m) => m.setId === set.id);
  const cutAll = () =>
    void save(
      `${set.name} is cut`,
      () =>
        cutPlans(
          db,
          open.map(({ id }) => ({ planId: id, makeId: newId() })),
        ),
      { done: `All of ${set.name} is cut: it lies on the table in the day book. Ctrl Z takes it back.` },
    );
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>
        {set.name}: {others.length + made.length === 0 && 'nothing else belongs to it yet. Put another plan into the same set.'}
        {others.map((p, i) => (
          <span key={p.id}>
            {i > 0 && ', '}
            <Link className="underline underline-offset-2" to={routes.plan(p.id)}>
              {planName(p, patterns)}
            </Link>{' '}
            planned
          </span>
        ))}
        {made.map((m, i) => (
          <span key={m.id}>
            {(i > 0 || others.length > 0) && ', '}
            <Link className="underline underline-offset-2" to={routes.make(m.id)}>
              {makeName(m, patterns)}
            </Link>
          </span>
        ))}
      </span>
      {others.length > 0 && plan.state === 'open' && <Button onClick={cutAll}>Mark the whole set as cut</Button>}
    </p>
  );
}
