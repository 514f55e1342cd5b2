import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import MiniSearch from 'minisearch';
import { useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { FIND_LABEL, FIND_LOOK } from './find-field';
import { useCloths, useMakes, usePatterns, usePeople } from '../data/queries';

interface Entry {
  readonly id: string;
  readonly what: string;
  readonly title: string;
  readonly detail: string;
  readonly words: string;
  readonly path: string;
}

/** Everything that can be found, as entries of one index. */
function useEntries(): readonly Entry[] {
  const patterns = usePatterns();
  const makes = useMakes();
  const cloths = useCloths();
  const people = usePeople();
  return useMemo(() => {
    if (!patterns || !makes || !cloths || !people) return [];
    const pattern = new Map(patterns.map((p) => [p.id, p]));
    const cloth = new Map(cloths.map((c) => [c.id, c]));
    return [
      ...patterns.map((p): Entry => ({
        id: `p-${p.id}`,
        what: 'pattern',
        title: p.name,
        detail: `account · ${p.designer ?? p.kind}`,
        words: `${p.kind} ${p.designer ?? ''}`,
        path: `/patterns/${p.id}`,
      })),
      ...patterns.map((p): Entry => ({
        id: `l-${p.id}`,
        what: 'log',
        title: `Log a make of ${p.name}`,
        detail: '',
        words: '',
        path: `/makes/new?pattern=${p.id}`,
      })),
      ...makes.map((m): Entry => {
        const name = pattern.get(m.sources[0]!.patternId)?.name ?? 'make';
        const of = cloth.get(m.cloths[0]?.clothId ?? '')?.name ?? '';
        const who = people.find((p) => p.id === m.personId)?.name ?? '';
        return {
          id: `m-${m.id}`,
          what: 'make',
          title: `${name}, version ${m.version}`,
          detail: `${of}${who ? ` · ${who}` : ''}`,
          words: `${of} ${who} ${m.state} ${m.kind}`,
          path: `/makes/${m.id}`,
        };
      }),
      ...cloths.map((c): Entry => ({
        id: `c-${c.id}`,
        what: 'cloth',
        title: c.name,
        detail: 'cloth',
        words: `${c.fibre ?? ''} ${c.source ?? ''}`,
        path: `/shelf?cloth=${c.id}`,
      })),
    ];
  }, [patterns, makes, cloths, people]);
}

/** The field on the strip: find anything by a few letters. */
export function Find() {
  const entries = useEntries();
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const [query, setQuery] = useState('');
  const index = useMemo(() => {
    const search = new MiniSearch<Entry>({
      fields: ['title', 'words'],
      storeFields: ['title', 'detail', 'path', 'what'],
      searchOptions: { prefix: true, fuzzy: 0.15, boost: { title: 3 }, combineWith: 'AND' },
    });
    search.addAll(entries);
    return search;
  }, [entries]);
  const found = query.trim() === '' ? [] : (index.search(query).slice(0, 12) as unknown as Entry[]);
  useHotkeys('slash', () => field.current?.focus(), { preventDefault: true });
  return (
    <Combobox
      value={null as Entry | null}
      onChange={(entry) => {
        if (!entry) return;
        setQuery('');
        field.current?.blur();
        void navigate(entry.path);
      }}
      onClose={() => setQuery('')}
    >
      <ComboboxInput
        ref={field}
        autoFocus
        aria-label={FIND_LABEL}
        placeholder={`${FIND_LABEL} …`}
        autoComplete="off"
        displayValue={() => query}
        onChange={(e) => setQuery(e.target.value)}
        className={FIND_LOOK}
      />
      <ComboboxOptions
        modal={false}
        anchor={{ to: 'bottom start', gap: 4 }}
        className="z-50 w-(--input-width) rounded-md border border-rule2 bg-page py-1 shadow-lg empty:invisible"
      >
        {found.map((entry) => (
          <ComboboxOption key={entry.id} value={entry} className="flex cursor-pointer justify-between gap-4 px-3 py-1 data-focus:bg-tint">
            <span>{entry.title}</span>
            <span className="text-small text-ink2">{entry.detail}</span>
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}
