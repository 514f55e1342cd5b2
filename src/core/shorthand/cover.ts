import { addToGroup } from '../units/group-by';
import { itemAt } from '../units/item-at';
import type { Choice } from './chip';
import type { Proposal } from './sentence';

/** A way to read a whole line: readings that do not overlap; what lies between them is words. */
export interface Cover {
  readonly score: number;
  readonly readings: readonly Proposal[];
}

/** So many covers are kept: what is close to the best one is among the first few. */
const KEPT = 8;

interface Chain {
  readonly score: number;
  readonly reading: Proposal | undefined;
  readonly next: Chain | undefined;
}

/**
 * The best ways to cover a line with readings, found from its end to its beginning: at each place where a word begins it is passed over or a
 * reading of it is taken.
 *
 * @param starts where words and signs begin, in order
 * @param proposals readings that begin at these places
 */
export function bestCovers(starts: readonly number[], proposals: readonly Proposal[]): Cover[] {
  const from = new Map<number, Proposal[]>();
  for (const p of proposals) addToGroup(from, p.from, p);
  const best: Chain[][] = [];
  best[starts.length] = [{ score: 0, reading: undefined, next: undefined }];
  /** The first start at or after a place. */
  const after = (place: number) => {
    const found = starts.findIndex((start) => start >= place);
    return found < 0 ? starts.length : found;
  };
  for (let i = starts.length - 1; i >= 0; i--) {
    const chains = [...(best[i + 1] ?? [])];
    for (const reading of from.get(itemAt(starts, i)) ?? [])
      for (const next of best[after(reading.to)] ?? []) chains.push({ score: reading.weight + next.score, reading, next });
    best[i] = chains.sort((a, b) => b.score - a.score).slice(0, KEPT);
  }
  return (best[0] ?? []).map((chain) => {
    const readings: Proposal[] = [];
    for (let at: Chain | undefined = chain; at; at = at.next) if (at.reading) readings.push(at.reading);
    return { score: chain.score, readings };
  });
}

/** What a whole make does not allow costs so much. */
const TOO_MANY = 4;

const factsOf = (readings: readonly Proposal[]): Choice => readings.flatMap((r) => r.says);

/** What speaks against a cover as a whole: a make has one size all over, one person, one love, one sign for one change. */
export function against(readings: readonly Proposal[]): number {
  const facts = factsOf(readings);
  const twice = (keys: readonly string[]) => Math.max(0, new Set(keys).size - 1) * TOO_MANY;
  const of = (is: string) => facts.flatMap((f) => (f.is === is ? [JSON.stringify(f)] : []));
  const signs = new Map<string, Set<number>>();
  for (const f of facts)
    if (f.is === 'alteration' && f.alteration.zones === undefined) {
      const key = `${f.alteration.kind} ${f.alteration.purpose} ${f.alteration.when}`;
      signs.set(key, (signs.get(key) ?? new Set()).add(Math.sign(f.alteration.amount ?? f.alteration.direction ?? 0)));
    }
  const turned = [...signs.values()].filter((s) => s.size > 1).length * TOO_MANY;
  return ['size', 'person', 'love', 'version', 'view', 'cut', 'state'].reduce((sum, is) => sum + twice(of(is)), turned);
}
