import { newWishes, openWishes } from '../core/alteration/wishes';
import { alterationWords } from '../core/alteration/words';
import type { LengthUnit } from '../core/units/length';
import type { Alteration, Pattern, View } from '../core/records';
import { newId } from '../data/new-id';
import { Button } from '../ui/button';
import { save } from './save';

/** What is changed for looks: wishes kept with the view are offered, and a change for looks can be kept as one. They say nothing of fit. */
export function Wishes({
  pattern,
  view,
  alterations,
  unit,
  onAlterations,
}: {
  pattern: Pattern;
  view: View;
  /** Those of the make or the plan. */
  alterations: readonly Alteration[];
  unit: LengthUnit;
  onAlterations: (alterations: Alteration[]) => void;
}) {
  const offered = openWishes(view, alterations);
  const toKeep = newWishes(view, alterations);
  if (offered.length === 0 && toKeep.length === 0) return null;
  const remember = (wish: Alteration) =>
    void save(`a wish kept with ${view.name}`, [
      {
        table: 'patterns',
        id: pattern.id,
        edit: (now) => {
          const { marked: _, date: __, ...plain } = wish;
          const kept: Alteration = { ...plain, id: newId(), when: 'paper' };
          return { ...now, views: now.views.map((v) => (v.id === view.id ? { ...v, wishes: [...v.wishes, kept] } : v)) };
        },
      },
    ]);
  return (
    <section aria-label="Wishes, for looks" className="text-small">
      <ul>
        {offered.map((w) => (
          <li key={w.id} className="flex flex-wrap items-center gap-2 py-0.5">
            <span className="min-w-48 flex-1">
              {alterationWords(w, unit)} <span className="text-ink2">a wish kept with {view.name}</span>
            </span>
            <Button
              quiet
              aria-label={`Take the wish in: ${alterationWords(w, unit)}`}
              onClick={() => onAlterations([...alterations, { ...w, id: newId() }])}
            >
              Take it in
            </Button>
          </li>
        ))}
        {toKeep.map((a) => (
          <li key={a.id} className="flex flex-wrap items-center gap-2 py-0.5">
            <span className="min-w-48 flex-1">
              {alterationWords(a, unit)} <span className="text-ink2">for looks, this time</span>
            </span>
            <Button quiet aria-label={`Keep as a wish: ${alterationWords(a, unit)}`} onClick={() => remember(a)}>
              Always wish for it
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
