import { useEffect, useMemo, useState } from 'react';
import { addToGroup } from '../../core/units/group-by';
import { expectedWear } from '../../core/wardrobe/expected-wear';
import { caseOf } from '../../core/garment/case';
import { startMake } from '../../core/make/log-draft';
import { lastVersion } from '../../core/make/versions';
import { longestPiece } from '../../core/fabric/stash';
import { leftInStash, matchOf } from '../../core/plan/match';
import { planOfMake } from '../../core/plan/plan-to-make';
import { blankPlan, type Fabric, type Make, type Occasion, type Pattern, type Person, type Plan } from '../../core/records';
import { couldSew, hoursFor, minutesBy, ranked, type CouldSew, type OfPattern } from '../../core/schedule/for-an-occasion';
import { layerOf } from '../../core/schedule/goes-with';
import { stepsOfPlan } from '../../core/schedule/steps';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { useBench, useSittings } from '../../parts/use-bench';
import { useWorn } from '../../parts/use-worn';
import { useWhatHangs } from '../../parts/what-hangs';
import { useEngine } from '../../workers/use-engine';

/** So many are shown; so many patterns are looked at closely, each in so many fabrics: whether there is enough of one takes a while to say. */
const [SHOWN, PATTERNS, CLOSELY] = [6, 16, 4];
/** The page stays alive while it is looked: it is given back after so many milliseconds. */
const AT_ONCE = 12;
/** What is meant for the inside of garments. */
const INSIDE = /\b(lining|interfacing|interlining)\b/i;
/** A piece so long is enough for most: shorter ones come later at a glance, cm. */
const ROOMY = 200;

/** Minutes until an occasion's day, undefined where nobody said when there is time; and how many of what is begun or wanted sooner wants of them. */
export interface TimeUntil {
  readonly there: number | undefined;
  readonly taken: number;
}

/** What could be sewn for an occasion from what is owned: every pattern in every fabric at a glance, the best of them closely, a few at a time. */
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
  const { hanging: worn, told, tables: ofPerson } = useWorn(person.id, { tolerant: true });
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
    if (!reckoned || !worn || !told) return;
    let stopped = false;
    const versions = new Map<string, Make[]>();
    for (const make of tables.makes) if (make.sources[0]) addToGroup(versions, make.sources[0].patternId, make);
    const ownOf = (id: string) => (versions.get(id) ?? []).filter((m) => m.personId === person.id);
    // What was only ever sewn for somebody else is theirs.
    const isTheirs = (p: Pattern) => versions.has(p.id) && ownOf(p.id).length === 0;
    const rates = new Map<string, number[]>();
    for (const { make, rate } of worn) if (rate && make.sources[0]) addToGroup(rates, make.sources[0].patternId, rate.mean);
    /** Wears a month: by what such garments did, else by the mean of its versions. */
    const wornOf = (plan: Plan): number | undefined => {
      const of = rates.get(plan.patternId ?? '');
      return expectedWear(plan, told, ofPerson)?.aMonth ?? (of && of.reduce((a, b) => a + b, 0) / of.length);
    };
    const right = new Map(reckoned.map((r) => [r.patternId, r.weakest?.chance]));
    const patterns = tables.patterns.filter((p) => p.state === 'kept' && layerOf(p.kind) !== undefined && !isTheirs(p));
    const fabrics = leftInStash(tables.fabrics).filter((f) => !INSIDE.test(f.name));
    const hoursOf = (pattern: Pattern, plan: Plan) =>
      hoursFor(
        stepsOfPlan(plan, tables),
        { patternId: pattern.id, version: pace.versions.get(pattern.id) ?? 1 },
        pace,
        sittings,
        occasion.date,
        time.taken,
      );
    let since = performance.now();
    /** Gives the page back where it is time; false once nobody waits for the answer. */
    const goOn = async () => {
      if (performance.now() - since > AT_ONCE) {
        await new Promise((done) => setTimeout(done, 0));
        since = performance.now();
      }
      return !stopped;
    };
    const look = async () => {
      const glance: { readonly known: OfPattern; readonly fabrics: readonly Fabric[]; readonly at: number }[] = [];
      for (const pattern of patterns) {
        if (!(await goOn())) return;
        const own = ownOf(pattern.id);
        const loves = own.flatMap((m) => m.verdicts.at(-1)?.love ?? []);
        const plan = blankPlan('glance', person.id, pattern.id, pattern.views[0]?.id ?? '', today());
        const known: OfPattern = {
          pattern,
          hours: hoursOf(pattern, plan),
          versions: own.length,
          loved: loves.length === 0 ? undefined : Math.max(...loves),
          right: right.get(pattern.id),
          worn: wornOf(plan),
        };
        const best = fabrics
          .filter((f) => f.structure === pattern.wants.structure)
          .map((fabric) => ({ fabric, at: couldSew(occasion, known, fabric, undefined, []).rank + Math.min(1, longestPiece(fabric) / ROOMY) }))
          .sort((a, b) => b.at - a.at)
          .slice(0, CLOSELY);
        glance.push({ known, fabrics: best.map((b) => b.fabric), at: best[0]?.at ?? couldSew(occasion, known, undefined, undefined, []).rank });
      }
      glance.sort((a, b) => b.at - a.at);
      const found: CouldSew[] = [];
      for (const { known, fabrics: some } of glance.slice(0, PATTERNS)) {
        const input = caseOf(known.pattern, person.id, tables);
        const make = startMake(input, person.id, today(), lastVersion(input), newId);
        if (some.length === 0) found.push(couldSew(occasion, known, undefined, undefined, hangs));
        for (const fabric of some) {
          if (!(await goOn())) return;
          const plan: Plan = { ...planOfMake(make, 'thought of', today()), fabrics: [{ id: 'u', fabricId: fabric.id, part: 'main' }] };
          const closely = { ...known, hours: hoursOf(known.pattern, plan), worn: wornOf(plan) };
          found.push(couldSew(occasion, closely, fabric, matchOf(input, make, fabric, today(), unit, { others: ofPerson }), hangs));
        }
      }
      setState({ found: ranked(found, SHOWN), looking: false });
    };
    void look();
    return () => {
      stopped = true;
    };
  }, [occasion, person, tables, unit, pace, sittings, hangs, reckoned, worn, told, ofPerson, time]);
  return { ...state, time };
}
