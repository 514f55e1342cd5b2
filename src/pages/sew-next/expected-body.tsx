import { viewOf } from '../../core/make/versions';
import { measuresOn } from '../../core/body/measures';
import { formatLength } from '../../core/units/length';
import { keysOf } from '../../core/units/keys';
import { BODY_MEASURES, zoneOf, type BodyMeasure } from '../../core/body/zones';
import type { Plan } from '../../core/records';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { Button } from '../../ui/button';
import { aboveNought, LengthField } from '../../ui/length-field';
import type { PlanInWork } from './use-plan';

/** The body a plan is for, where it will not be the one measured: a child's later on, or one that is changing. What is left empty stays as it is. */
export function ExpectedBody({ work: { plan, input, make }, onExpected }: { work: PlanInWork; onExpected: (expected: Plan['expected']) => void }) {
  const unit = useUnit();
  const now = measuresOn(input.bodies, today());
  const asked = new Set<BodyMeasure>([...viewOf(input.pattern, make).zones.flatMap((z) => zoneOf(z).measure ?? []), ...keysOf(plan.expected ?? {})]);
  const set = (measure: BodyMeasure, cm: number | undefined) => {
    const { [measure]: _, ...others } = plan.expected ?? {};
    const expected = cm === undefined ? others : { ...others, [measure]: cm };
    onExpected(Object.keys(expected).length === 0 ? undefined : expected);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      {[...asked].map((m) => (
        <LengthField
          key={m}
          label={BODY_MEASURES[m]}
          hint={now[m] === undefined ? 'not measured' : `now ${formatLength(now[m], unit, { about: true })}`}
          unit={unit}
          cm={plan.expected?.[m]}
          check={aboveNought}
          onCm={(cm) => set(m, cm)}
          className="w-32"
        />
      ))}
      {plan.expected && (
        <Button quiet onClick={() => onExpected(undefined)}>
          The body as measured
        </Button>
      )}
    </div>
  );
}
