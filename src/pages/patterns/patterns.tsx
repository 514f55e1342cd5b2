import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { LinkButton } from '../../ui/button';
import { zoneList } from '../../core/alteration/words';
import { byDay } from '../../core/units/date';
import { FIT_CLASS_WORDS } from '../../core/body/fit-class';
import { zoneOf } from '../../core/body/zones';
import type { Pattern } from '../../core/records';
import { useFabrics, useMakes, usePatterns, usePeople, usePerson, useUnit, useTradeWords } from '../../data/queries';
import { useCaseTables } from '../../data/engine-tables';
import { today } from '../../data/today';
import { percent } from '../../core/units/percent';
import { GarmentPicture } from '../../parts/garment-picture';
import { TextField } from '../../ui/field';
import { Empty, PageHead } from '../../ui/page-head';
import { useEngine } from '../../workers/use-engine';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** All patterns with what each would say of its next cut; a row opens the account. */
export function Patterns() {
  const inWords = useTradeWords();
  const patterns = usePatterns();
  const makes = useMakes();
  const fabrics = useFabrics();
  const people = usePeople();
  const person = usePerson();
  const unit = useUnit();
  const [filter, setFilter] = useState('');
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const asked = useEngine('summaries', useCaseTables(), person && [person.id, plan], { tolerant: true });
  const found = asked.answer;

  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const rows = [...patterns]
    .filter((p) => words.every((w) => `${p.name} ${p.designer ?? ''} ${p.kind}`.toLowerCase().includes(w)))
    .sort((a, b) => Number(a.state === 'retired') - Number(b.state === 'retired') || a.name.localeCompare(b.name));
  const summaryOf = (p: Pattern) => found?.find((s) => s.patternId === p.id);
  const lastOf = (p: Pattern) =>
    makes
      .filter((m) => m.sources.some((s) => s.patternId === p.id) && m.state !== 'abandoned')
      .sort((a, b) => byDay(a.cutOn, b.cutOn))
      .at(-1);

  return (
    <>
      <PageHead
        title="Patterns"
        under="Each opens its account: the versions side by side, and what to cut next."
        aside={
          <div className="flex items-end gap-3">
            {patterns.length > 0 && <TextField label="Filter" value={filter} onChange={(e) => setFilter(e.target.value)} className="w-52" />}
            <LinkButton to={routes.newPattern()}>Add a pattern</LinkButton>
          </div>
        }
      />
      {patterns.length === 0 ? (
        <Empty>The patterns that you sew from stand here. Add one with its size chart, or log a make and name its pattern there.</Empty>
      ) : (
        <div className="overflow-x-auto border border-rule2 bg-page">
          <table className="w-full min-w-[760px] border-collapse">
            <thead className="double-rule-b text-left text-small text-ink2">
              <tr>
                <th className="w-16 px-3 py-1 font-normal">
                  <span className="sr-only">Drawing</span>
                </th>
                <th className="px-3 py-1 font-normal">Pattern</th>
                <th className="px-3 py-1 font-normal">Kind and intended ease</th>
                <th className="px-3 py-1 font-normal">Versions</th>
                <th className="px-3 py-1 font-normal">Next cut</th>
                <th className="px-3 py-1 font-normal">Weakest place</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((p) => {
                const summary = summaryOf(p);
                const last = lastOf(p);
                const forOther = last && last.personId !== person?.id ? withId(people, last.personId)?.name : undefined;
                return (
                  <tr key={p.id} className="relative border-b border-rule hover:bg-tint focus-within:bg-tint">
                    <td className="px-3 py-1">
                      <GarmentPicture small pattern={p} make={last} fabrics={fabrics} className="h-[46px] w-10" />
                    </td>
                    <td className="px-3 py-1">
                      <Link to={routes.pattern(p.id)} className="font-serif text-head after:absolute after:inset-0">
                        {p.name}
                      </Link>
                      <span className="block text-small text-ink2">{p.designer ?? 'designer not noted'}</span>
                    </td>
                    <td className="px-3 py-1">
                      {inWords(p.kind)}, {FIT_CLASS_WORDS[p.fitClass]}
                    </td>
                    <td className="px-3 py-1">
                      {summary?.versions ?? '…'}
                      {forOther && <span className="text-small text-ink2"> for {forOther}</span>}
                    </td>
                    <td className="px-3 py-1">
                      {p.state === 'retired' ? (
                        <span className="text-ink2 italic">retired</span>
                      ) : !summary?.weakest ? (
                        <span className="text-small text-ink2">{summary ? 'nothing noted yet' : '…'}</span>
                      ) : (
                        <span className="text-amber">{summary.changes.length === 0 ? 'as last time' : `change ${zoneList(summary.changes)}`}</span>
                      )}
                      {p.state !== 'retired' && summary && summary.toMark > 0 && (
                        <span className="block text-small text-ink2">{summary.toMark} to mark on the paper</span>
                      )}
                    </td>
                    <td className="px-3 py-1">
                      {summary?.weakest ? (
                        <>
                          {zoneOf(summary.weakest.zone).label}, {percent(summary.weakest.chance)}
                        </>
                      ) : (
                        '–'
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {rows.length === 0 && <p className="px-3 py-4 text-ink2">No pattern has these letters in its name, designer or kind.</p>}
        </div>
      )}
    </>
  );
}
