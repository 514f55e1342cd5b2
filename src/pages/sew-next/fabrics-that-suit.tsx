import { Link } from 'react-router';
import { useEffect, useState } from 'react';
import { inOrderOfMatch, leftInStash, matchOf, type Match } from '../../core/plan/match';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { Swatch } from '../../parts/swatch';
import { useTablesOf } from '../../parts/use-worn';
import { Button } from '../../ui/button';
import type { PlanInWork } from './use-plan';
import { routes } from '../../routes';

/** So many are shown: those that suit, and the nearest of the others. */
const SHOWN = 6;

/** Fabrics of the stash for this plan, with what speaks for each and what against. */
export function FabricsThatSuit({ work: { input, make }, onTake }: { work: PlanInWork; onTake: (fabricId: string) => void }) {
  const unit = useUnit();
  const others = useTablesOf(make.personId);
  const [found, setFound] = useState<readonly Match[]>();
  // Each width is a lay of its own: one fabric at a time, so that the page can be used meanwhile.
  useEffect(() => {
    let left = false;
    const inStash = leftInStash(input.fabrics).filter((f) => !make.fabrics.some((u) => u.fabricId === f.id));
    const ask = async () => {
      const matches: Match[] = [];
      for (const fabric of inStash) {
        await new Promise((done) => setTimeout(done, 0));
        if (left) return;
        matches.push(matchOf(input, make, fabric, today(), unit, { others }));
      }
      setFound(inOrderOfMatch(matches));
    };
    void ask();
    return () => {
      left = true;
    };
  }, [input, make, unit, others]);
  if (!found) return <p className="text-ink2">Held against the stash…</p>;
  if (found.length === 0) return <p className="text-ink2">Nothing {make.fabrics.length > 0 && 'else '}lies in the stash.</p>;
  return (
    <ul className="border-t border-rule">
      {found.slice(0, SHOWN).map(({ fabric, suits, pro, contra }) => (
        <li key={fabric.id} className="flex flex-wrap items-start gap-3 border-b border-rule py-1.5">
          <Swatch swatch={fabric.swatch} className="size-9" />
          <span className="min-w-48 flex-1">
            <Link to={routes.fabric(fabric.id)} className="underline-offset-2 hover:underline">
              {fabric.name}
            </Link>{' '}
            <span className="text-small text-ink2">{suits ? 'suits' : 'not quite'}</span>
            {pro.length > 0 && <span className="block text-small leading-[17px]">{pro.join('; ')}</span>}
            {contra.length > 0 && <span className="block text-small leading-[17px] text-ink2">but {contra.join('; ')}</span>}
          </span>
          <Button quiet aria-label={`Take ${fabric.name}`} onClick={() => onTake(fabric.id)}>
            Take it
          </Button>
        </li>
      ))}
    </ul>
  );
}
