import MiniSearch from 'minisearch';
import { useEffect, useMemo, useState } from 'react';
import { sizeLineShort } from '../core/alteration/words';
import { mainUse } from '../core/make/main-fabric';
import { makeName } from '../core/make/make-name';
import { latestFirst } from '../core/make/versions';
import type { Fabric, Make, Pattern, Person } from '../core/records';
import { formatFabricLength, type FabricUnit } from '../core/units/length';
import { useFabrics, useFabricUnit, useMakes, usePatterns, usePeople } from '../data/queries';
import { whenIdle } from '../data/when-idle';
import { routes } from '../routes';
import { COMMANDS } from './commands';

/** Something that can be found by a few letters, and where it is. */
export interface Entry {
  readonly id: string;
  readonly what: 'commands' | 'patterns' | 'makes' | 'fabrics' | 'people';
  readonly title: string;
  readonly detail: string;
  readonly words: string;
  readonly path: string;
}

const GROUPS = ['commands', 'patterns', 'makes', 'fabrics', 'people'] as const;
const MOST_OF_A_GROUP = 5;

/** What can be found of a ledger. */
interface Findable {
  readonly patterns: readonly Pattern[];
  readonly makes: readonly Make[];
  readonly fabrics: readonly Fabric[];
  readonly people: readonly Person[];
  readonly unit: FabricUnit;
}

/** Everything but the makes, as entries of an index. */
function entriesBesideMakes({ patterns, fabrics, people }: Findable): readonly Entry[] {
  return [
    ...COMMANDS.map((c): Entry => ({
      id: `command ${c.title}`,
      what: 'commands',
      detail: c.detail ?? '',
      words: c.words ?? '',
      title: c.title,
      path: c.path,
    })),
    ...patterns.flatMap((p): Entry[] => [
      {
        id: `pattern ${p.id}`,
        what: 'patterns',
        title: p.name,
        detail: `${p.designer ?? p.kind}${p.state === 'retired' ? ' · retired' : ''}`,
        words: `${p.kind} ${p.designer ?? ''} ${p.note ?? ''}`,
        path: routes.pattern(p.id),
      },
      { id: `log ${p.id}`, what: 'commands', title: `Log a make of ${p.name}`, detail: '', words: '', path: routes.newMake({ pattern: p.id }) },
    ]),
    ...fabrics.map((c): Entry => ({
      id: `fabric ${c.id}`,
      what: 'fabrics',
      title: c.name,
      detail: c.fibre ?? '',
      words: `${c.fibre ?? ''} ${c.source ?? ''} ${c.colour ?? ''} ${c.weave ?? ''}`,
      path: routes.fabric(c.id),
    })),
    ...people.map((p): Entry => ({
      id: `person ${p.id}`,
      what: 'people',
      title: p.name,
      detail: 'measures',
      words: 'body measures',
      path: routes.person(p.id),
    })),
  ];
}

/** How a make is found: by its name, and by what was said of it. */
function entryOfMake({ patterns, fabrics, people, unit }: Findable): (make: Make) => Entry {
  const patternById = new Map(patterns.map((p) => [p.id, p]));
  const fabricName = new Map(fabrics.map((c) => [c.id, c.name]));
  const personName = new Map(people.map((p) => [p.id, p.name]));
  return (m) => {
    const pattern = patternById.get(m.sources[0]?.patternId ?? '');
    const use = mainUse(m);
    const fabric = fabricName.get(use?.fabricId ?? '') ?? '';
    const used = [use?.length === undefined ? '' : formatFabricLength(use.length, unit), fabric].filter(Boolean).join(' ');
    const who = personName.get(m.personId) ?? '';
    const said = [...m.notes, ...m.fitNotes, ...m.verdicts].map((n) => n.words ?? '').join(' ');
    return {
      id: `make ${m.id}`,
      what: 'makes',
      title: makeName(m, pattern ? [pattern] : []),
      detail: [m.size ? `size ${sizeLineShort(m.size)}` : '', used, who].filter(Boolean).join(' · '),
      words: `${fabric} ${who} ${m.state} ${m.kind} ${m.remark ?? ''} ${said}`,
      path: routes.make(m.id),
    };
  };
}

const emptyIndex = () =>
  new MiniSearch<Entry>({
    fields: ['title', 'words'],
    storeFields: ['title', 'detail', 'path', 'what'],
    searchOptions: { prefix: true, fuzzy: 0.2, boost: { title: 3 }, combineWith: 'AND' },
  });

/** So many makes are indexed at once; of more, some at a time, so that the first letter is not held up by thousands. */
const AT_ONCE = 500;
const AT_A_TIME = 50;

/** The index of everything that can be found; undefined while that of a large ledger is being made for the first time. */
function useIndex(): MiniSearch<Entry> | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const unit = useFabricUnit();
  // The latest first: of as many as are found of a name they are shown.
  const findable = useMemo(
    () => ({ patterns, makes: [...makes].sort(latestFirst), fabrics, people, unit }),
    [patterns, makes, fabrics, people, unit],
  );
  const small = useMemo(() => {
    if (findable.makes.length > AT_ONCE) return undefined;
    const index = emptyIndex();
    index.addAll([...entriesBesideMakes(findable), ...findable.makes.map(entryOfMake(findable))]);
    return index;
  }, [findable]);
  const [large, setLarge] = useState<MiniSearch<Entry>>();
  useEffect(() => {
    if (findable.makes.length <= AT_ONCE) return;
    let wanted = true;
    const index = emptyIndex();
    const addInTime = async <T>(items: readonly T[], entryOf: (item: T) => Entry) => {
      for (let at = 0; at < items.length && wanted; at += AT_A_TIME) {
        await new Promise<void>(whenIdle);
        index.addAll(items.slice(at, at + AT_A_TIME).map(entryOf));
      }
    };
    const make = async () => {
      await new Promise<void>(whenIdle);
      await addInTime(entriesBesideMakes(findable), (entry) => entry);
      await addInTime(findable.makes, entryOfMake(findable));
      if (wanted) setLarge(index);
    };
    void make();
    return () => {
      wanted = false;
    };
  }, [findable]);
  return small ?? large;
}

/**
 * What is found by what is typed, a few of each kind.
 *
 * @param asks it is a question: what there is comes before what can be done
 */
export function useFound(query: string, asks: boolean): readonly Entry[] {
  const index = useIndex();
  return useMemo(() => {
    if (!index || query.trim() === '') return [];
    const all = index.search(query) as unknown as Entry[];
    const groups = asks ? [...GROUPS.slice(1), GROUPS[0]] : GROUPS;
    return groups.flatMap((what) => all.filter((e) => e.what === what).slice(0, MOST_OF_A_GROUP));
  }, [index, query, asks]);
}
