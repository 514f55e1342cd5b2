import { useEffect, useMemo, useState } from 'react';
import type { Occasion, Person } from '../../core/records';
import { couldSewFor } from '../../core/schedule/could-sew-for';
import { minutesBy, type CouldSew } from '../../core/schedule/for-an-occasion';
import { addToGroup } from '../../core/units/group-by';
import { expectedWear } from '../../core/wardrobe/expected-wear';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { useBench, useSittings } from '../../parts/use-bench';
import { useWorn } from '../../parts/use-worn';
import { useWhatHangs } from '../../parts/what-hangs';
import { useEngine } from '../../workers/use-engine';

/** The page stays alive while it is looked: it is given back after so many milliseconds. */
const AT_ONCE = 12;

/** Minutes until an occasion's day, undefined where nobody said when there is time; and how many of what is begun or wanted sooner wants of them. */
export interface TimeUntil {
  readonly there: number | undefined;
  readonly taken: number;
}

/** What could be sewn for an occasion from what is owned, looked through a little at a time. */
export function useCouldSew(
  occasion: Occasion,
  person: Person,
): { readonly found: readonly CouldSew[]; readonly looking: boolean; readonly time: TimeUntil } {
  const tables = useCaseTables();
  const unit = useUnit();
  const { bench, pace } = useBench();
  const sittings = useSittings();
  const hangs = useWhatHangs(person);
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const { answer: reckoned } = useEngine('decisions', tables, [person.id, plan]);
  const { hanging, told, tables: ofPerson } = useWorn(person.id, { tolerant: true });
  const time = useMemo((): TimeUntil => {
    // What is begun is finished first, and so is what is wanted sooner; what is meant for this day stands beside what is asked here.
    const before = bench.filter((i) => i.plan?.occasionId !== occasion.id && (i.make || (i.due !== undefined && i.due <= occasion.date)));
    return {
      there: sittings.length === 0 ? undefined : minutesBy(sittings, occasion.date),
      taken: before.reduce((sum, i) => sum + i.hands.middle, 0),
    };
  }, [bench, sittings, occasion.id, occasion.date]);
  const [state, setState] = useState<{ readonly found: readonly CouldSew[]; readonly looking: boolean }>({ found: [], looking: true });
  useEffect(() => {
    if (!reckoned || !hanging || !told) return;
    const rates = new Map<string, number[]>();
    for (const { make, rate } of hanging) if (rate && make.sources[0]) addToGroup(rates, make.sources[0].patternId, rate.mean);
    const asked = couldSewFor({
      occasion,
      tables,
      ofPerson,
      pace,
      sittings,
      taken: time.taken,
      wardrobe: hangs,
      right: new Map(reckoned.map((r) => [r.patternId, r.weakest?.chance])),
      // By what such garments did, else by the mean of its versions.
      worn: (plan) => {
        const of = rates.get(plan.patternId ?? '');
        return expectedWear(plan, told, ofPerson)?.aMonth ?? (of && of.reduce((a, b) => a + b, 0) / of.length);
      },
      today: today(),
      unit,
      newId,
    });
    let goesOn: ReturnType<typeof setTimeout>;
    const look = () => {
      const since = performance.now();
      for (let next = asked.next(); ; next = asked.next()) {
        if (next.done) return setState({ found: next.value, looking: false });
        if (performance.now() - since > AT_ONCE) break;
      }
      goesOn = setTimeout(look, 0);
    };
    goesOn = setTimeout(look, 0);
    return () => clearTimeout(goesOn);
  }, [occasion, tables, unit, pace, sittings, hangs, reckoned, hanging, told, ofPerson, time]);
  return { ...state, time };
}
