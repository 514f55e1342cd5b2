import { lookedWords, outcomeWords } from '../../core/make/fit-note-words';
import { useEngine } from '../../workers/use-engine';
import { makeName } from '../../core/make/make-name';
import { minutesOf } from '../../core/make/minutes';
import { mainFabric } from '../../core/make/main-fabric';
import clsx from 'clsx';
import { X } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { alterationWords, sizeLineWords } from '../../core/alteration/words';
import { costWords, makeCost, perWear } from '../../core/cost/cost';
import { formatDuration } from '../../core/units/duration';
import { FIT_CLASS_WORDS } from '../../core/body/fit-class';
import { formatLength } from '../../core/units/length';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { MOST_COMPARED } from '../../core/versions/most-compared';
import { timesWords } from '../../core/wear/wear-count';
import type { Compared } from '../../core/versions/compare-makes';
import { useCaseTables } from '../../data/engine-tables';
import { useCollections, usePeople, useSettings, useUnit, useWearCountsOf } from '../../data/queries';
import { markColour } from '../../parts/fit-mark';
import { GarmentPicture } from '../../parts/garment-picture';
import { Gauge } from '../../parts/gauge';
import { useMarked } from '../../parts/use-marked';
import { TwoPicturesButton } from '../../parts/pictures/two-pictures-button';
import { Empty, PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { Tick } from '../../ui/tick';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

interface CompareRow {
  readonly head: string;
  readonly cells: readonly ReactNode[];
  /** What the cells say, for rows that are alike. */
  readonly words: readonly string[];
}

/** Room on either side of what a row holds, as a part of it. */
const PAD = 0.12;

function domainOf(values: readonly number[]): readonly [number, number] {
  const [low, high] = [Math.min(0, ...values), Math.max(0, ...values)];
  const pad = Math.max(1, (high - low) * PAD);
  return [low - pad, high + pad];
}

/** Makes side by side, two to six, of one pattern or of many: the address of the page holds the choice. */
export function Compare() {
  const [params, setParams] = useSearchParams();
  const tables = useCaseTables();
  const people = usePeople();
  const unit = useUnit();
  const { currency } = useSettings();
  const collections = useCollections();
  const [onlyOther, setOnlyOther] = useState(false);
  const [, setMarked] = useMarked();
  const ids = params.getAll('m');
  const wears = useWearCountsOf(ids);
  const key = ids.join(' ');
  const found = useEngine('comparison', tables, [key.split(' ')]).answer;
  const compared = useMemo(
    () =>
      found?.compared.flatMap(({ makeId, zones }): Compared[] => {
        const make = withId(tables.makes, makeId);
        return make ? [{ make, pattern: withId(tables.patterns, make.sources[0]?.patternId), zones }] : [];
      }),
    [found, tables],
  );
  if (!found || !compared) return null;
  const { zones } = found;

  // The marks follow the choice: what was put beside or taken away here is so everywhere.
  const choose = (chosen: readonly string[]) => {
    setMarked(chosen);
    setParams(new URLSearchParams(chosen.map((id) => ['m', id])), { replace: true });
  };
  const shown = compared.map((c) => c.make.id);
  const options = tables.makes
    .filter((m) => !shown.includes(m.id))
    .map((m) => ({
      id: m.id,
      label: makeName(m, tables.patterns),
      detail: `${withId(people, m.personId)?.name ?? ''}, ${mainFabric(m, tables.fabrics).fabric?.name ?? 'fabric not noted'}`,
    }));

  const signed = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const row = (head: string, words: (c: Compared) => string): CompareRow => {
    const said = compared.map(words);
    return { head, words: said, cells: said };
  };
  const costOf = new Map(compared.map(({ make }) => [make.id, makeCost(make, { ...tables, collections }, currency)]));
  const fabricOf = (c: Compared) => mainFabric(c.make, tables.fabrics).fabric;
  const fitRow = (zone: ZoneId): CompareRow => {
    const at = compared.map((c) => c.zones.get(zone));
    const domain = domainOf(at.flatMap((z) => (z ? [z.ease ?? z.offset] : [])));
    return {
      head: zoneOf(zone).label,
      words: at.map((z) => (z ? `${z.note?.outcome} ${z.ease ?? ''} ${z.offset}` : '')),
      cells: compared.map((c, i) => {
        const z = at[i];
        if (!z) return '–';
        return (
          <span key={c.make.id} className="flex items-center justify-between gap-2" title={z.note && lookedWords(z.note, c.make)}>
            <span>
              <span style={{ color: markColour(z.note?.outcome ?? 0) }} className={clsx(!z.note && 'text-small !text-ink2')}>
                {z.note ? outcomeWords(z.note, unit) : 'not judged'}
              </span>
              <span className="block text-small text-ink2">
                {z.ease !== undefined && (
                  <span className="inline-block whitespace-nowrap">ease {formatLength(z.ease, unit, { about: true })} ·&nbsp;</span>
                )}
                <span className="inline-block whitespace-nowrap">
                  {z.ofBody ? 'offset' : 'from its first size about'} {signed(z.offset)}
                </span>
              </span>
            </span>
            {z.note && <Gauge x={z.ease ?? z.offset} outcome={z.note.outcome} kind={zoneOf(zone).kind} domain={domain} />}
          </span>
        );
      }),
    };
  };
  const groups: { readonly name: string; readonly rows: readonly CompareRow[] }[] = [
    {
      name: 'Cut',
      rows: [
        row('Pattern', (c) => [c.pattern?.designer, c.pattern && FIT_CLASS_WORDS[c.pattern.fitClass]].filter(Boolean).join(', ') || '–'),
        row('Size', (c) =>
          [sizeLineWords(c.make.size), ...c.make.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)].join(', '),
        ),
        row('Altered', (c) => c.make.alterations.map((a) => alterationWords(a, unit)).join('; ') || 'nothing noted'),
      ],
    },
    {
      name: 'Fabric',
      rows: [
        row('Main fabric', (c) => fabricOf(c)?.name ?? 'not noted'),
        row('Weight', (c) => {
          const fabric = fabricOf(c);
          return fabric?.weight ? `${fabric.weight}\u202fg/m²` : (fabric?.weightClass ?? '–');
        }),
        row('Stretch', (c) => {
          const give = fabricOf(c)?.stretchAcross;
          return give === undefined ? 'not tested' : `${give}\u202f%`;
        }),
      ],
    },
    { name: 'Fit', rows: zones.map(fitRow) },
    {
      name: 'Wear and cost',
      rows: [
        row('Worn', (c) => (c.make.kind === 'toile' ? '–' : timesWords(wears.get(c.make.id)))),
        row('Cost', (c) => {
          const cost = costOf.get(c.make.id)!;
          return cost.total === 0 ? 'not known' : costWords(cost, cost.total);
        }),
        row('Cost a wear', (c) => {
          const cost = costOf.get(c.make.id)!;
          const each = perWear(cost.total, wears.get(c.make.id)?.times ?? 0);
          return each === undefined || cost.total === 0 ? '–' : costWords(cost, each);
        }),
        row('Time', (c) => {
          const minutes = minutesOf(c.make);
          return minutes === undefined ? '–' : formatDuration(minutes);
        }),
      ],
    },
    {
      name: 'Verdict',
      rows: [
        row('Love', (c) => {
          const love = c.make.verdicts.at(-1)?.love;
          return love === undefined ? '–' : `${love} of 5`;
        }),
        row('Not reached for', (c) => c.make.verdicts.at(-1)?.reasons.join(', ') || '–'),
        row('In words', (c) => c.make.verdicts.at(-1)?.words ?? '–'),
      ],
    },
  ];
  const isShown = (r: CompareRow) => !onlyOther || new Set(r.words).size > 1;

  return (
    <>
      <PageHead
        title="Side by side"
        under={
          compared.length < 2 ? 'Two to six makes, of one pattern or of many' : `${compared.length} makes; each offset is against its own pattern`
        }
        aside={
          <div className="flex flex-wrap items-end gap-4">
            {compared.length > 1 && (
              <>
                <Tick on={onlyOther} onChange={setOnlyOther}>
                  Only what differs
                </Tick>
                <TwoPicturesButton makes={compared.map((c) => ({ ...c, name: makeName(c.make, tables.patterns) }))} fabrics={tables.fabrics} />
              </>
            )}
            {compared.length < MOST_COMPARED && (
              <Pick
                label="Put beside"
                placeholder="name, fabric, for whom …"
                options={options}
                value={undefined}
                onPick={(id) => choose([...shown, id])}
                className="w-72"
              />
            )}
          </div>
        }
      />
      {compared.length === 0 ? (
        <Empty>
          Choose the first make above, or mark makes in the list of{' '}
          <Link className="underline" to={routes.makes}>
            Makes
          </Link>
          .
        </Empty>
      ) : (
        <div className="relative overflow-x-auto border border-rule2 bg-page" tabIndex={0} role="region" aria-label="Makes side by side">
          <table className="w-full table-fixed border-collapse" style={{ minWidth: 110 + 190 * compared.length }}>
            <thead>
              <tr className="double-rule-b align-top">
                <td className="sticky left-0 z-10 w-[110px] bg-page" />
                {compared.map((c) => (
                  <th key={c.make.id} scope="col" className="border-l border-rule px-3 py-1.5 text-left font-normal">
                    <span className="flex items-start justify-between gap-2">
                      <span>
                        <Link to={routes.make(c.make.id)} className="font-serif text-name leading-5 underline-offset-2 hover:underline">
                          {makeName(c.make, tables.patterns)}
                        </Link>
                        <span className="block text-small text-ink2">
                          {withId(people, c.make.personId)?.name}, {c.make.kind === 'garment' ? c.make.state : c.make.kind}
                        </span>
                      </span>
                      <button
                        type="button"
                        aria-label={`Take ${makeName(c.make, tables.patterns)} away`}
                        className="rounded-md p-1 text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
                        onClick={() => choose(shown.filter((id) => id !== c.make.id))}
                      >
                        <X size={14} aria-hidden />
                      </button>
                    </span>
                    <GarmentPicture pattern={c.pattern} make={c.make} fabrics={tables.fabrics} className="mt-1 h-[84px] w-20" />
                  </th>
                ))}
              </tr>
            </thead>
            {groups
              .map((g) => ({ ...g, rows: g.rows.filter(isShown) }))
              .filter((g) => g.rows.length > 0)
              .map((g) => (
                <tbody key={g.name}>
                  <tr className="bg-tint">
                    <th
                      scope="rowgroup"
                      colSpan={compared.length + 1}
                      className="sticky left-0 px-3 py-0.5 text-left font-serif text-base font-normal italic"
                    >
                      {g.name}
                    </th>
                  </tr>
                  {g.rows.map((r) => (
                    <tr key={r.head} className="border-b border-rule align-top">
                      <th scope="row" className="sticky left-0 z-10 bg-page px-3 py-1 text-left font-normal text-ink2 first-letter:uppercase">
                        {r.head}
                      </th>
                      {r.cells.map((cell, i) => (
                        <td key={shown[i]} className="border-l border-rule px-3 py-1">
                          {cell}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              ))}
          </table>
        </div>
      )}
    </>
  );
}
