import { useMemo } from 'react';
import { caseOf } from '../../core/garment/case';
import { piecesOf } from '../../core/lay/pieces-of';
import { planName } from '../../core/make/plan-name';
import { lastVersion } from '../../core/make/versions';
import type { AlsoWanted } from '../../core/plan/out-of-the-rest';
import { makeOfPlan } from '../../core/plan/plan-to-make';
import type { Fabric, Pattern } from '../../core/records';
import { withId } from '../../core/units/by-id';
import { useCaseTables } from '../../data/engine-tables';
import { usePlans } from '../../data/queries';
import type { PlanInWork } from './use-plan';

/** So many other garments are asked whether they come out of what is left. */
const MOST_ALSO = 30;

/** Other plans and garments made before, of the same structure: what could come out of what is left of the fabric. */
export function useAlsoWanted({ plan, input, request }: PlanInWork, fabric: Fabric | undefined): readonly AlsoWanted[] {
  const tables = useCaseTables();
  const plans = usePlans();
  return useMemo(() => {
    const suits = (pattern: Pattern) => fabric !== undefined && pattern.wants.structure === fabric.structure && pattern.id !== input.pattern.id;
    const found: AlsoWanted[] = [];
    for (const p of plans) {
      const pattern = withId(tables.patterns, p.patternId);
      if (found.length >= MOST_ALSO || p.id === plan.id || p.state !== 'open' || !pattern || !suits(pattern)) continue;
      const pieces = piecesOf(caseOf(pattern, p.personId, tables), makeOfPlan(p, p.id, 1, request.today))?.pieces ?? [];
      found.push({ name: `${planName(p, tables.patterns)}, which is planned`, pieces });
    }
    const already = new Set(plans.flatMap((p) => (p.state === 'open' && p.patternId !== undefined ? [p.patternId] : [])));
    for (const pattern of tables.patterns) {
      // Pieces are drafted for no more than are asked about: a ledger may have hundreds of patterns.
      if (found.length >= MOST_ALSO || !suits(pattern) || already.has(pattern.id)) continue;
      const person = tables.makes.find((m) => m.sources[0]?.patternId === pattern.id)?.personId;
      const of = person === undefined ? undefined : caseOf(pattern, person, tables);
      const last = of && lastVersion(of);
      if (of && last) found.push({ name: `${pattern.name} once more, as version ${last.version}`, pieces: piecesOf(of, last)?.pieces ?? [] });
    }
    return found;
  }, [plan, plans, tables, fabric, input, request]);
}
