import { useEffect, useMemo, useState } from 'react';
import { caseOf } from '../../core/garment/case';
import { startMake } from '../../core/make/log-draft';
import { lastVersion } from '../../core/make/versions';
import { longestPiece } from '../../core/fabric/stash';
import { leftInStash, matchOf } from '../../core/plan/match';
import { planOfMake } from '../../core/plan/plan-to-make';
import type { Fabric, Occasion, Pattern, Person } from '../../core/records';
import { couldSew, ranked, type CouldSew, type OfPattern } from '../../core/schedule/for-an-occasion';
import { layerOf } from '../../core/schedule/goes-with';
import { stepsOfPlan } from '../../core/schedule/steps';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { useBench, useSittings } from '../../parts/use-bench';
import { useWardrobe } from '../../parts/use-wardrobe';
import { useWhatHangs } from '../../parts/what-hangs';
import { useEngine } from '../../workers/use-engine';

/** So many are shown, and of each pattern so many fabrics looked at closely: whether there is enough of one takes a while to say. */
const [SHOWN, CLOSELY] = [6, 4];
/** What is meant for the inside of garments. */
const INSIDE = /\b(lining|interfacing|interlining)\b/i;
/** A piece so long is enough for most: shorter ones come later at a glance, cm. */
const ROOMY = 200;

/** What could be sewn for an occasion from what is owned: every pattern in every fabric at a glance, the best of them closely, a few at a time. */
export function useCouldSew(occasion: Occasion, person: Person): { readonly found: readonly CouldSew[]; readonly looking: boolean } {
  const tables = useCaseTables();
  const unit = useUnit();
  const { bench, pace } = useBench();
  const sittings = useSittings();
  const hangs = useWhatHangs(person);
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const { answer: reckoned } = useEngine('decisions', tables, [person.id, plan]);
  const worn = useWardrobe(person.id, { tolerant: true });
  const [state, setState] = useState<{ readonly found: readonly CouldSew[]; readonly looking: boolean }>({ found: [], looking: true });
  useEffect(() => {
    if (!reckoned || !worn) return;
    let stopped = false;
    // What is begun is finished first, and so is what is wanted sooner.
    const before = bench.filter((i) => i.make || (i.due !== undefined && i.due <= occasion.date));
    const around = { pace, sittings, wardrobe: hangs, taken: before.reduce((sum, i) => sum + i.hands.middle, 0) };
    // What was only ever sewn for somebody else is theirs.
    const isTheirs = (p: Pattern) => {
      const makers = new Set(tables.makes.filter((m) => m.sources[0]?.patternId === p.id).map((m) => m.personId));
      return makers.size > 0 && !makers.has(person.id);
    };
    const patterns = tables.patterns.filter((p) => p.state === 'kept' && layerOf(p.kind) !== undefined && !isTheirs(p));
    const look = async () => {
      const of = patterns.map((pattern) => {
        const input = caseOf(pattern, person.id, tables);
        const make = startMake(input, person.id, today(), lastVersion(input), newId);
        const rates = worn.flatMap((h) => (h.make.sources[0]?.patternId === pattern.id && h.rate ? [h.rate.mean] : []));
        const known: OfPattern = {
          pattern,
          steps: [],
          version: pace.versions.get(pattern.id) ?? 1,
          right: reckoned.find((r) => r.patternId === pattern.id)?.weakest?.chance,
          worn: rates.length === 0 ? undefined : rates.reduce((a, b) => a + b, 0) / rates.length,
        };
        return { input, make, known };
      });
      const inFabric = (o: (typeof of)[number], fabric: Fabric): OfPattern => ({
        ...o.known,
        steps: stepsOfPlan({ ...planOfMake(o.make, 'thought of', today()), fabrics: [{ id: 'u', fabricId: fabric.id, part: 'main' }] }, tables),
      });
      const glance = of.flatMap((o) =>
        leftInStash(tables.fabrics)
          .filter((f) => f.structure === o.known.pattern.wants.structure && !INSIDE.test(f.name))
          .map((fabric) => ({
            o,
            fabric,
            at: couldSew(occasion, inFabric(o, fabric), fabric, undefined, around).rank + Math.min(1, longestPiece(fabric) / ROOMY),
          }))
          .sort((a, b) => b.at - a.at)
          .slice(0, CLOSELY),
      );
      const found: CouldSew[] = [];
      for (const { o, fabric } of glance) {
        // The page stays alive while it is looked.
        await new Promise((done) => setTimeout(done, 0));
        if (stopped) return;
        found.push(couldSew(occasion, inFabric(o, fabric), fabric, matchOf(o.input, o.make, fabric, today(), unit), around));
      }
      setState({ found: ranked(found, SHOWN), looking: false });
    };
    void look();
    return () => {
      stopped = true;
    };
  }, [occasion, person, tables, unit, bench, pace, sittings, hangs, reckoned, worn]);
  return state;
}
