import { Link } from 'react-router';
import { clothsFor } from '../../core/plan/match';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import type { PlanInWork } from './use-plan';

/** So many are shown: those that suit, and the nearest of the others. */
const SHOWN = 6;

/** Cloths of the shelf for this plan, with what speaks for each and what against. */
export function ClothsThatSuit({ work: { input, make }, onTake }: { work: PlanInWork; onTake: (clothId: string) => void }) {
  const unit = useUnit();
  const found = clothsFor(input, make, today(), unit).filter((m) => !make.cloths.some((u) => u.clothId === m.cloth.id));
  if (found.length === 0) return <p className="text-ink2">Nothing else lies on the shelf.</p>;
  return (
    <ul className="border-t border-rule">
      {found.slice(0, SHOWN).map(({ cloth, suits, pro, contra }) => (
        <li key={cloth.id} className="flex flex-wrap items-start gap-3 border-b border-rule py-1.5">
          <Swatch swatch={cloth.swatch} className="size-9" />
          <span className="min-w-48 flex-1">
            <Link to={`/shelf?cloth=${cloth.id}`} className="underline-offset-2 hover:underline">
              {cloth.name}
            </Link>{' '}
            <span className="text-small text-ink2">{suits ? 'suits' : 'not quite'}</span>
            {pro.length > 0 && <span className="block text-small leading-[17px]">{pro.join('; ')}</span>}
            {contra.length > 0 && <span className="block text-small leading-[17px] text-ink2">but {contra.join('; ')}</span>}
          </span>
          <Button quiet aria-label={`Take ${cloth.name}`} onClick={() => onTake(cloth.id)}>
            Take it
          </Button>
        </li>
      ))}
    </ul>
  );
}
