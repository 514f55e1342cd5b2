import type { Make, PartSource, Pattern, View } from '../records';
import { blankPattern } from '../records/blank';
import { byDay } from '../units/date';
import { withId } from '../units/by-id';
import { firstOf } from '../units/item-at';
import type { NewId } from './log-draft';
import { partsKey } from './part-words';
import { viewNamed } from './versions';
import { viewWithParts } from './view-as-made';

/** The view of what is joined: that of the pattern named first, with the parts that the others bring; undefined where the first is gone. */
export function viewAsJoined([main, ...others]: readonly PartSource[], patterns: readonly Pattern[]): View | undefined {
  const pattern = withId(patterns, main?.patternId);
  if (!pattern) return undefined;
  const parts = others.flatMap((source) => {
    const of = withId(patterns, source.patternId);
    return of ? [{ view: viewNamed(of, source.viewId), zones: source.zones ?? [] }] : [];
  });
  const { zoneFrom: _, ...view } = viewWithParts(viewNamed(pattern, main?.viewId), parts);
  return view;
}

/** A combination with a name: a pattern of its own, and the makes that are its versions from now on. */
export interface NamedCombination {
  readonly pattern: Pattern;
  readonly makes: readonly { readonly from: Make; readonly to: Make }[];
}

/**
 * Gives the parts that a make joins a name, and with it an account: the same parts sewn before are its earlier versions. What was noted of a
 * zone stays with the pattern that the zone came from.
 *
 * @param make one that joins parts of several patterns or views, or has parts of its own sums
 * @param makes all makes of the ledger
 * @throws where the main pattern is gone
 */
export function nameCombination(
  name: string,
  make: Make,
  makes: readonly Make[],
  patterns: readonly Pattern[],
  newId: NewId,
  day: string,
): NamedCombination {
  const main = firstOf(make.sources);
  const pattern = withId(patterns, main.patternId);
  const view = viewAsJoined(make.sources, patterns);
  if (!pattern || !view) throw new Error('the pattern that it is mainly cut from is gone');
  const others = make.sources.slice(1);
  const lent = new Set(others.flatMap((s) => (withId(patterns, s.patternId) ? (s.zones ?? []) : [])));
  const own = viewNamed(pattern, main.viewId);
  const [id, viewId] = [newId(), newId()];
  const joins: PartSource[] = [{ ...main, zones: own.zones.filter((z) => !lent.has(z)) }, ...others];
  const combination: Pattern = {
    ...blankPattern(id, viewId, name, pattern.kind, pattern.wants.structure),
    fitClass: pattern.fitClass,
    wants: pattern.wants,
    // What it is cut from was paid for already.
    form: 'own draft',
    joins,
    ...(make.own === undefined ? {} : { own: make.own }),
    views: [{ ...view, id: viewId, name: 'as joined' }],
    added: day,
  };
  const key = partsKey(make);
  const counted = new Map<string, number>();
  const same = makes.filter((m) => m.id === make.id || (m.sources.length > 0 && partsKey(m) === key)).sort((a, b) => byDay(a.cutOn, b.cutOn));
  return {
    pattern: combination,
    makes: same.map((from) => {
      const version = (counted.get(from.personId) ?? 0) + 1;
      counted.set(from.personId, version);
      return { from, to: { ...from, version, sources: [{ patternId: id, viewId }, ...joins] } };
    }),
  };
}
