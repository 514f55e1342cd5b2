import { casesFor, type CaseTables, type PatternCase } from '../core/fit/case';
import { useBodies, useCloths, useMakes, usePatterns } from './queries';

/** The last lists made, for whom: the same tables give the same list, on whichever page it is asked for. */
const kept = new Map<string, { readonly tables: CaseTables; readonly cases: readonly PatternCase[] }>();

function keptCases(personId: string, tables: CaseTables): readonly PatternCase[] {
  const known = kept.get(personId);
  const same = known && (Object.keys(tables) as (keyof CaseTables)[]).every((t) => tables[t] === known.tables[t]);
  if (same) return known.cases;
  const cases = casesFor(personId, tables);
  kept.set(personId, { tables, cases });
  return cases;
}

/** Every pattern that was made for a person: what they taught together; undefined while it is being read. */
export function usePersonCases(personId: string | undefined): readonly PatternCase[] | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const cloths = useCloths();
  if (personId === undefined || !patterns || !makes || !bodies || !cloths) return undefined;
  return keptCases(personId, { patterns, makes, bodies, cloths });
}
