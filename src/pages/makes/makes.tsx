import { outcomeWords } from '../../core/make/fit-note-words';
import { isUndated, makeDayWords } from '../../core/make/its-day';
import { createColumnHelper, flexRender, getCoreRowModel, getSortedRowModel, useReactTable, type SortingState } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import clsx from 'clsx';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useDeferredValue, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { isWorn } from '../../core/wear/available';
import { latestFirst } from '../../core/make/versions';
import { timesWords } from '../../core/wear/wear-count';
import { sizeLineShort } from '../../core/alteration/words';
import { mainUse } from '../../core/make/main-fabric';
import { zoneOf } from '../../core/body/zones';
import type { FitNote, Make, Pattern } from '../../core/records';
import { useFabrics, useMakes, usePatterns, usePeople, useUnit, useWearCounts, useTradeWords } from '../../data/queries';
import { FitMark } from '../../parts/fit-mark';
import { LogFirst } from '../../parts/log-first';
import { MarkMake } from '../../parts/marked-makes';
import { GarmentPicture } from '../../parts/garment-picture';
import { SelectField, TextField } from '../../ui/field';
import { Empty, PageHead } from '../../ui/page-head';
import { counted } from '../../core/units/counted';
import { itemAt } from '../../core/units/item-at';
import { routes } from '../../routes';

interface Line {
  readonly make: Make;
  readonly pattern: Pattern | undefined;
  readonly name: string;
  readonly person: string;
  readonly fabric: string;
  readonly size: string;
  readonly worn: number | undefined;
  readonly love: number | undefined;
  /** The worst of the latest notes: what the eye should find. */
  readonly worst: FitNote | undefined;
  /** What the filter looks through. */
  readonly words: string;
}

const column = createColumnHelper<Line>();
const ROW = 57;

function useLines(): readonly Line[] | undefined {
  const makes = useMakes();
  const patterns = usePatterns();
  const people = usePeople();
  const fabrics = useFabrics();
  const wears = useWearCounts();
  return useMemo(() => {
    const pattern = new Map(patterns.map((p) => [p.id, p]));
    const fabric = new Map(fabrics.map((c) => [c.id, c.name]));
    const person = new Map(people.map((p) => [p.id, p.name]));
    return makes.map((make): Line => {
      const of = pattern.get(make.sources[0]?.patternId ?? '');
      const latest = make.fitNotes.reduce((date, n) => (n.date > date ? n.date : date), '');
      const name = of?.name ?? make.name ?? 'a pattern that is gone';
      const who = person.get(make.personId) ?? '';
      const from = fabric.get(mainUse(make)?.fabricId ?? '') ?? '';
      return {
        make,
        pattern: of,
        name,
        person: who,
        fabric: from,
        words: `${name} ${make.version} ${who} ${from} ${make.state} ${make.kind} ${of?.kind ?? ''} ${of?.designer ?? ''}`.toLowerCase(),
        size: make.size ? sizeLineShort(make.size) : '',
        worn: wears.get(make.id)?.times,
        love: make.verdicts.at(-1)?.love,
        worst: make.fitNotes.filter((n) => n.date === latest).sort((a, b) => Math.abs(b.outcome) - Math.abs(a.outcome))[0],
      };
    });
  }, [makes, patterns, people, fabrics, wears]);
}

/** All makes in a table: sorted by a head, filtered by typing, walked with the arrow keys. */
export function Makes() {
  const inWords = useTradeWords();
  const lines = useLines();
  const fabrics = useFabrics();
  const unit = useUnit();
  const navigate = useNavigate();
  const [filter, setFilter] = useState('');
  // Typing is never held up by looking through thousands.
  const looked = useDeferredValue(filter);
  const [who, setWho] = useState('');
  const [sorting, setSorting] = useState<SortingState>([{ id: 'cut', desc: true }]);
  const box = useRef<HTMLDivElement>(null);
  const people = [...new Set(lines?.map((l) => l.person))].sort();
  // What is alike in the column that is sorted by stands as it was entered, the last first.
  const shown = useMemo(() => (lines ?? []).filter((l) => who === '' || l.person === who).sort((a, b) => latestFirst(a.make, b.make)), [lines, who]);
  const columns = useMemo(
    () => [
      column.display({
        id: 'mark',
        header: () => <span className="sr-only">Put side by side</span>,
        cell: ({ row: { original: l } }) => <MarkMake id={l.make.id} name={`${l.name}${l.pattern ? ` version ${l.make.version}` : ''}`} />,
        size: 40,
      }),
      column.display({
        id: 'picture',
        header: () => <span className="sr-only">Picture</span>,
        cell: ({ row: { original: l } }) => <GarmentPicture small pattern={l.pattern} make={l.make} fabrics={fabrics} className="h-[50px] w-10" />,
        size: 58,
      }),
      column.accessor((l) => `${l.name} ${String(l.make.version).padStart(3, '0')}`, {
        id: 'name',
        header: 'Make',
        sortingFn: 'text',
        cell: ({ row: { original: l } }) => (
          <>
            <span className="font-serif text-name">{l.name}</span> {l.pattern && <span className="text-ink2">version {l.make.version}</span>}
            <span className="block text-small text-ink2">
              {[l.make.kind === 'garment' ? '' : inWords(l.make.kind), l.make.state].filter(Boolean).join(' · ')}
            </span>
          </>
        ),
        size: 228,
      }),
      column.accessor('person', { header: 'For', sortingFn: 'text', size: 74 }),
      column.accessor('fabric', { header: 'Fabric', sortingFn: 'text', size: 174 }),
      column.accessor('size', { header: 'Size', size: 64 }),
      column.accessor((l) => (l.worst ? Math.abs(l.worst.outcome) : -1), {
        id: 'fit',
        header: 'Fit',
        sortDescFirst: true,
        cell: ({ row: { original: l } }) =>
          l.worst ? (
            <span className="flex items-center gap-1.5">
              <FitMark kind={zoneOf(l.worst.zone).kind} outcome={l.worst.outcome} size={15} />
              {l.worst.outcome === 0 ? 'all right' : `${zoneOf(l.worst.zone).label} ${outcomeWords(l.worst, unit)}`}
            </span>
          ) : (
            <span className="text-small text-ink2">not judged</span>
          ),
        size: 188,
      }),
      column.accessor('worn', {
        header: 'Worn',
        sortDescFirst: true,
        sortUndefined: 'last',
        cell: (c) => {
          const times = c.getValue();
          return isWorn(c.row.original.make) && times !== undefined ? timesWords({ times }) : '–';
        },
        size: 64,
      }),
      column.accessor((l) => l.love ?? 0, {
        id: 'love',
        header: 'Love',
        sortDescFirst: true,
        cell: ({ row: { original: l } }) => (l.love === undefined ? '–' : `${l.love} of 5`),
        size: 64,
      }),
      column.accessor((l) => l.make.cutOn, {
        id: 'cut',
        header: 'Cut',
        // Days are written so that their letters are in order: no figures need be found in them.
        sortingFn: 'basic',
        sortDescFirst: true,
        cell: (c) => (isUndated(c.row.original.make) ? 'not noted' : makeDayWords(c.row.original.make, c.getValue(), 'd MMM yyyy')),
        size: 104,
      }),
    ],
    [fabrics, unit, inWords],
  );
  // The table hands out functions that cannot be remembered safely; nothing here is compiled to do so.
  // oxlint-disable-next-line react/incompatible-library
  const table = useReactTable({
    data: shown,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  // Thousands are sorted once, and looked through as they stand: the table itself would sort them again with each letter.
  const sorted = table.getRowModel().rows;
  const rows = useMemo(() => {
    const words = looked.toLowerCase().split(/\s+/);
    return sorted.filter(({ original: l }) => words.every((w) => l.words.includes(w)));
  }, [sorted, looked]);
  const virtual = useVirtualizer({ count: rows.length, getScrollElement: () => box.current, estimateSize: () => ROW, overscan: 8 });
  if (!lines) return null;

  const onKey = (event: KeyboardEvent<HTMLTableSectionElement>) => {
    const here = (event.target as HTMLElement).closest<HTMLElement>('[data-index]');
    if (!here || (event.key !== 'ArrowDown' && event.key !== 'ArrowUp')) return;
    event.preventDefault();
    const to = Math.min(rows.length - 1, Math.max(0, Number(here.dataset['index']) + (event.key === 'ArrowDown' ? 1 : -1)));
    virtual.scrollToIndex(to);
    requestAnimationFrame(() => box.current?.querySelector<HTMLElement>(`[data-index="${to}"] a`)?.focus());
  };
  const [first] = virtual.getVirtualItems();
  const after = virtual.getTotalSize() - (virtual.getVirtualItems().at(-1)?.end ?? 0);

  return (
    <div className="flex h-full flex-col">
      <PageHead
        title="Makes"
        under={lines.length > 0 ? `${rows.length} of ${counted(lines.length, 'garment')}` : 'Nothing is sewn yet.'}
        aside={
          lines.length > 0 && (
            <div className="flex flex-wrap items-end gap-3">
              <TextField
                label="Filter"
                placeholder="name, fabric, state …"
                value={filter}
                onChange={(e) => setFilter(e.target.value)}
                className="w-56"
              />
              <SelectField label="For" value={who} onChange={(e) => setWho(e.target.value)}>
                <option value="">everybody</option>
                {people.map((p) => (
                  <option key={p}>{p}</option>
                ))}
              </SelectField>
            </div>
          )
        }
      />
      {lines.length === 0 ? (
        <Empty>
          <p>Every garment you finish stands here, toiles and failures too.</p>
          <LogFirst />
        </Empty>
      ) : (
        <div ref={box} className="relative min-h-0 flex-1 overflow-auto border border-rule2 bg-page">
          <table className="w-full min-w-[1040px] table-fixed border-collapse">
            <colgroup>
              {table.getAllLeafColumns().map((c) => (
                <col key={c.id} style={{ width: c.getSize() }} />
              ))}
            </colgroup>
            <thead className="sticky top-0 z-10 bg-page">
              <tr className="double-rule-b">
                {table.getFlatHeaders().map((h) => {
                  const sorted = h.column.getIsSorted();
                  return (
                    <th
                      key={h.id}
                      scope="col"
                      aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
                      className="px-3 py-1 text-left text-small font-normal text-ink2"
                    >
                      {h.column.getCanSort() ? (
                        <button type="button" onClick={h.column.getToggleSortingHandler()} className="flex items-center gap-1 hover:text-ink">
                          {flexRender(h.column.columnDef.header, h.getContext())}
                          {sorted === 'asc' && <ArrowUp size={12} aria-hidden />}
                          {sorted === 'desc' && <ArrowDown size={12} aria-hidden />}
                        </button>
                      ) : (
                        flexRender(h.column.columnDef.header, h.getContext())
                      )}
                    </th>
                  );
                })}
              </tr>
            </thead>
            <tbody onKeyDown={onKey}>
              {first && first.start > 0 && <tr style={{ height: first.start }} />}
              {virtual.getVirtualItems().map(({ index }) => {
                const row = itemAt(rows, index);
                return (
                  <tr
                    key={row.id}
                    data-index={index}
                    style={{ height: ROW }}
                    onClick={() => void navigate(routes.make(row.original.make.id))}
                    className="cursor-pointer border-b border-rule hover:bg-tint focus-within:bg-tint"
                  >
                    {row.getVisibleCells().map((cell) => (
                      <td
                        key={cell.id}
                        className={clsx(
                          'px-3 py-0.5',
                          !['mark', 'picture'].includes(cell.column.id) && 'truncate',
                          cell.column.id === 'name' && 'whitespace-normal',
                        )}
                      >
                        {cell.column.id === 'name' ? (
                          <Link to={routes.make(row.original.make.id)} onClick={(e) => e.stopPropagation()} className="block">
                            {flexRender(cell.column.columnDef.cell, cell.getContext())}
                          </Link>
                        ) : (
                          flexRender(cell.column.columnDef.cell, cell.getContext())
                        )}
                      </td>
                    ))}
                  </tr>
                );
              })}
              {after > 0 && <tr style={{ height: after }} />}
            </tbody>
          </table>
          {rows.length === 0 && <p className="px-3 py-4 text-ink2">Nothing in the ledger has these words.</p>}
        </div>
      )}
    </div>
  );
}
