import { useNavigate } from 'react-router';
import type { Plan } from '../core/records';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { planIsCut } from './plan-is-cut';

/** Says of a plan that its fabric is cut: it becomes a make that lies on the table, and nothing is asked of a fit nobody has seen. */
export function MarkAsCut({
  plan,
  name,
  onto = false,
  waits = false,
}: {
  plan: Plan;
  /** What is planned. */
  name: string;
  onto?: boolean;
  waits?: boolean;
}) {
  const navigate = useNavigate();
  const cut = async () => {
    const makeId = await planIsCut(plan, name);
    if (makeId !== undefined && onto) void navigate(routes.make(makeId));
  };
  return (
    <Button aria-label={onto ? undefined : `Mark as cut: ${name}`} {...(waits ? { 'data-waits': true } : {})} onClick={() => void cut()}>
      Mark as cut
    </Button>
  );
}
