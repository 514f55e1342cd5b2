import type { Pattern, Person } from '../../core/records';
import type { LengthUnit } from '../../core/units/length';
import { useBodies } from '../../data/queries';
import { NewChart } from '../../parts/new-chart';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { LinkButton } from '../../ui/button';

/** Sizes that are only labels: what they rest on, and what would say more, in a touch or two. */
export function WhatWouldSharpen({ pattern, person, unit }: { pattern: Pattern; person: Person | undefined; unit: LengthUnit }) {
  const measured = useBodies().some((b) => b.personId === person?.id);
  return (
    <section aria-labelledby="sharpen">
      <h2 id="sharpen" className="text-head">
        What would sharpen this
      </h2>
      <p className="mb-1 text-small text-ink2">
        Its sizes are only labels so far: usual steps between them are taken. The chart says how far apart they are
        {!measured && ', and a tape whose body they are for'}.
      </p>
      <p className="flex flex-wrap gap-2">
        <NewChart
          pattern={pattern}
          unit={unit}
          onChart={(chart) => void save(`size chart of ${pattern.name}`, [{ table: 'patterns', from: pattern, to: { ...pattern, charts: [chart] } }])}
        />
        {!measured && person && <LinkButton to={routes.person(person.id)}>Measure {person.name}</LinkButton>}
      </p>
    </section>
  );
}
