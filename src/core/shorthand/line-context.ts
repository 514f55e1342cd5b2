import { sizesAsCut } from '../garment/ladder';
import type { Fabric, Make, Pattern, Person, SewnSet } from '../records';
import { isThere } from '../make/states';
import { inOrder, madeOfEach } from '../make/versions';
import { memoize } from '../units/memoize';
import type { LineContext } from './sentence';

/** The sizes that a pattern is known to have: its charts', else those of the family it was cut in. */
function sizesSaid(pattern: Pattern, makes: readonly Make[]): string[] {
  const charted = pattern.charts.flatMap((c) => c.sizes);
  if (charted.length > 0) return [...new Set(charted)];
  return [...(sizesAsCut(pattern, madeOfEach(makes).get(pattern.id) ?? [], {})?.sizes ?? [])];
}

function sizeCutLast(makes: readonly Make[]): string | undefined {
  const last = inOrder(makes).at(-1)?.size;
  return last && last.to === undefined ? last.size : undefined;
}

/**
 * What lines are read against: the names of a ledger, with what its patterns have.
 *
 * @param usual unit and currency where none is said, and the day
 */
export function lineContextOf(
  {
    patterns,
    makes,
    fabrics,
    people,
    sets = [],
  }: {
    readonly patterns: readonly Pattern[];
    readonly makes: readonly Make[];
    readonly fabrics: readonly Fabric[];
    readonly people: readonly Person[];
    readonly sets?: readonly SewnSet[];
  },
  { unit, currency, today, hemisphere }: Pick<LineContext, 'unit' | 'currency' | 'today' | 'hemisphere'>,
): LineContext {
  const sizesOf = memoize((pattern: Pattern) => sizesSaid(pattern, makes));
  return {
    patterns: patterns.map((p) => ({
      id: p.id,
      name: p.name,
      kind: p.kind,
      // Asked for once a line names the pattern.
      get sizes() {
        return sizesOf(p);
      },
      get lastSize() {
        return sizeCutLast(madeOfEach(makes).get(p.id) ?? []);
      },
      zones: [...new Set(p.views.flatMap((v) => [...v.zones, ...v.freeZones]))],
      views: p.views.map(({ id, name, zones }) => ({ id, name, zones })),
      offers: p.offers,
    })),
    fabrics: fabrics.map(({ id, name }) => ({ id, name })),
    people: people.map(({ id, name }) => ({ id, name })),
    // The latest of a name first: it is meant.
    things: inOrder(makes.filter((m) => m.sources.length === 0 && isThere(m)))
      .reverse()
      .flatMap(({ id, name }) => (name === undefined ? [] : [{ id, name }])),
    sets: sets.map(({ id, name }) => ({ id, name })),
    unit,
    currency,
    ...(hemisphere ? { hemisphere } : {}),
    today,
  };
}
