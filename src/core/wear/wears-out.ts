import { makeName } from '../make/make-name';
import { mainFabric } from '../make/main-fabric';
import type { Fabric, Make, Mend, Pattern, Wear } from '../records';
import { wearCounts } from './wear-count';

export interface Worn {
  readonly make: Make;
  readonly mend: Mend;
  /** Wears it had by then. */
  readonly wears: number;
}

export interface WearsOut {
  readonly id: string;
  readonly name: string;
  readonly mends: readonly Worn[];
  /** Makes of this fabric or pattern in all, so that one mend of twenty is seen as such. */
  readonly of: number;
}

type Groups = Map<string, Omit<WearsOut, 'id'>>;

function add(groups: Groups, id: string, name: string, mends: readonly Worn[]) {
  const found = groups.get(id);
  groups.set(id, { name, mends: [...(found?.mends ?? []), ...mends], of: (found?.of ?? 0) + 1 });
}

function mostMended(groups: Groups): WearsOut[] {
  return [...groups]
    .map(([id, g]) => ({ id, ...g }))
    .filter((g) => g.mends.length > 0)
    .sort((a, b) => b.mends.length - a.mends.length || a.name.localeCompare(b.name));
}

/** What was mended, by main fabric and by pattern, the most mended first. */
export function wearsOut(
  makes: readonly Make[],
  wears: readonly Wear[],
  patterns: readonly Pattern[],
  fabrics: readonly Fabric[],
): { readonly byFabric: WearsOut[]; readonly byPattern: WearsOut[] } {
  const byFabric: Groups = new Map();
  const byPattern: Groups = new Map();
  for (const make of makes) {
    const own = make.mends.length > 0 ? wears.filter((w) => w.makeIds.includes(make.id)) : [];
    const mends = make.mends.map((mend) => ({ make, mend, wears: wearCounts(own, { until: mend.date }).get(make.id)?.times ?? 0 }));
    const fabric = mainFabric(make, fabrics).fabric;
    if (fabric) add(byFabric, fabric.id, fabric.name, mends);
    const pattern = patterns.find((p) => p.id === make.sources[0]?.patternId);
    add(byPattern, pattern?.id ?? make.id, pattern?.name ?? makeName(make, patterns), mends);
  }
  return { byFabric: mostMended(byFabric), byPattern: mostMended(byPattern) };
}
