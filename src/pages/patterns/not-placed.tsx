import { useState } from 'react';
import { fitAlterations, placesNotSaid } from '../../core/alteration/effects';
import { alterationWords } from '../../core/alteration/words';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { placedAt } from '../../core/make/one-touch';
import type { Alteration, Make } from '../../core/records';
import { useUnit } from '../../data/queries';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { Tick } from '../../ui/tick';

interface Asked {
  readonly make: Make;
  readonly alteration: Alteration;
  readonly places: readonly ZoneId[];
}

/** The places that one alteration may have passed, to be ticked and kept together. */
function PlacesPassed({ make, alteration, places }: Asked) {
  const unit = useUnit();
  const [passed, setPassed] = useState<readonly ZoneId[]>([]);
  const words = alterationWords(alteration, unit);
  return (
    <li role="group" aria-label={`${words}, version ${make.version}`}>
      {words} <span className="text-small text-ink2">(version {make.version})</span>
      <div className="flex flex-wrap items-center gap-x-3">
        {places.map((zone) => (
          <Tick
            key={zone}
            on={passed.includes(zone)}
            onChange={(on) => setPassed((now) => places.filter((z) => (z === zone ? on : now.includes(z))))}
          >
            {zoneOf(zone).label}
          </Tick>
        ))}
        <Button
          disabled={passed.length === 0}
          onClick={() =>
            void save(`where it passed: ${words}`, [{ table: 'makes', id: make.id, edit: (now) => placedAt(now, alteration.id, passed) }], {
              done: 'It counts where it was done. Ctrl Z takes it back.',
            })
          }
        >
          Keep
        </Button>
      </div>
    </li>
  );
}

/** Seams that were taken in or let out and nobody said where: asked once, since every fit beside them hangs on it. */
export function NotPlaced({ makes, zones }: { makes: readonly Make[]; zones: readonly ZoneId[] }) {
  const asked = makes.flatMap((make) =>
    fitAlterations(make).flatMap((alteration): Asked[] => {
      const places = placesNotSaid(alteration).filter((zone) => zones.includes(zone));
      return places.length > 0 ? [{ make, alteration, places }] : [];
    }),
  );
  if (asked.length === 0) return null;
  return (
    <section aria-labelledby="not-placed">
      <h2 id="not-placed" className="mb-1 text-head text-amber">
        Which places did it pass?
      </h2>
      <p className="mb-1 text-small text-ink2">Until that is said, half of it counts at each of these places, and as much is in doubt.</p>
      <ul className="flex flex-col gap-2">
        {asked.map((of) => (
          <PlacesPassed key={of.alteration.id} {...of} />
        ))}
      </ul>
    </section>
  );
}
