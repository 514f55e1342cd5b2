import { Check } from 'lucide-react';
import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { toast } from 'react-toastify';
import { alterationWords } from '../../core/alteration/words';
import { mainCloth } from '../../core/fit/cloth-give';
import type { Make } from '../../core/records';
import { makeName } from '../../core/records/blank';
import { db } from '../../data/database';
import { openDemo } from '../../data/demo';
import { useCloths, useMakes, usePatterns, usePeople, useUnit, useWearCounts } from '../../data/queries';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { HalfLogged } from '../makes/half-logged';
import { GarmentPicture } from '../../parts/garment-picture';
import { Button } from '../../ui/button';
import { Empty, PageHead } from '../../ui/page-head';

const LATEST = 8;

/** The day book: what waits for a hand, and the latest entries. */
export function DayBook() {
  const makes = useMakes();
  const patterns = usePatterns();
  const cloths = useCloths();
  const people = usePeople();
  const wears = useWearCounts();
  const unit = useUnit();
  if (!makes || !patterns || !cloths || !people || !wears) return null;

  const patternOf = (make: Make) => patterns.find((p) => p.id === make.sources[0]?.patternId);
  const nameOf = (make: Make) => makeName(make, patterns);
  const whoOf = (make: Make) => people.find((p) => p.id === make.personId)?.name ?? '';
  const loose = makes
    .flatMap((make) => make.looseEnds.filter((l) => !l.done).map((end) => ({ make, end })))
    .sort((a, b) => a.end.since.localeCompare(b.end.since));
  // Of each pattern and person only the last version's paper matters: earlier ones were cut from it already.
  const unmarked = makes
    .filter(
      (m) =>
        !makes.some(
          (o) => o.personId === m.personId && o.sources[0]?.patternId === m.sources[0]?.patternId && o.version > m.version && o.state !== 'abandoned',
        ),
    )
    .flatMap((make) =>
      make.alterations
        .filter((a) => a.purpose === 'fit' && a.marked === undefined && a.when !== 'cutting')
        .map((alteration) => ({ make, alteration })),
    );
  const latest = [...makes].sort((a, b) => (b.finishedOn ?? b.cutOn).localeCompare(a.finishedOn ?? a.cutOn)).slice(0, LATEST);

  if (makes.length === 0 && patterns.length === 0)
    return (
      <>
        <PageHead title="Day book" under="An empty ledger." />
        <Empty>
          <p className="mb-3">
            Here stand the latest garments and what is still to be done on them. Begin with whose body you sew for, then log a make of a pattern.
          </p>
          <div className="flex flex-wrap justify-center gap-2">
            <Link to="/people/new" className="rounded-md border border-ink bg-page px-3 py-1.5 text-ink hover:bg-tint">
              1. Whose body
            </Link>
            <Link to="/patterns/new" className="rounded-md border border-ink bg-page px-3 py-1.5 text-ink hover:bg-tint">
              2. Add a pattern
            </Link>
            <Link to="/makes/new" className="rounded-md border border-ink bg-page px-3 py-1.5 text-ink hover:bg-tint">
              3. Log a make
            </Link>
          </div>
          <p className="mt-4">
            <button type="button" className="underline" onClick={() => void openDemo(db)}>
              Or look round in the demo ledger
            </button>
          </p>
        </Empty>
      </>
    );

  const done = async (make: Make, id: string, words: string) => {
    const looseEnds = make.looseEnds.map((l) => (l.id === id ? { ...l, done: today() } : l));
    if (await keep(`done: ${words}`, [{ table: 'makes', from: make, to: { ...make, looseEnds } }])) toast(`Done: ${words}. Ctrl Z takes it back.`);
  };
  const mark = async (make: Make, id: string, words: string) => {
    const alterations = make.alterations.map((a) => (a.id === id ? { ...a, marked: today() } : a));
    if (await keep(`marked on the pattern paper: ${words}`, [{ table: 'makes', from: make, to: { ...make, alterations } }]))
      toast('Marked on the paper. Ctrl Z takes it back.');
  };

  return (
    <>
      <PageHead title="Day book" under={format(new Date(), 'EEEE, d MMMM yyyy')} />
      <HalfLogged />
      <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-8 max-lg:grid-cols-1">
        <section aria-labelledby="latest">
          <h2 id="latest" className="text-[17px]">
            Latest makes
          </h2>
          <table className="w-full border-collapse">
            <thead className="sr-only">
              <tr>
                <th>Picture</th>
                <th>Make</th>
                <th>Worn and loved</th>
                <th>When</th>
              </tr>
            </thead>
            <tbody className="border-t-[3px] border-double border-rule2">
              {latest.map((m) => (
                <tr key={m.id} className="relative border-b border-rule hover:bg-tint focus-within:bg-tint">
                  <td className="w-14 py-1">
                    <GarmentPicture small pattern={patternOf(m)} make={m} cloths={cloths} className="h-[52px] w-11" />
                  </td>
                  <td className="py-1">
                    <Link to={`/makes/${m.id}`} className="font-serif text-[16px] after:absolute after:inset-0">
                      {nameOf(m)}
                    </Link>
                    <span className="block text-small text-ink2">
                      {[m.kind === 'garment' ? '' : m.kind, mainCloth(m, cloths).cloth?.name, `for ${whoOf(m)}`].filter(Boolean).join(' · ')}
                    </span>
                  </td>
                  <td className="py-1 text-small text-ink2">
                    {m.state === 'finished' && m.kind === 'toile'
                      ? 'tried on'
                      : m.state === 'finished'
                        ? `worn ${wears.get(m.id)?.times ?? 0}\u2009×`
                        : m.state}
                    {m.verdicts.length > 0 && <span className="block">love {m.verdicts.at(-1)?.love} of 5</span>}
                  </td>
                  <td className="py-1 text-right text-small text-ink2">{format(parseISO(m.finishedOn ?? m.cutOn), 'd MMM yyyy')}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2">
            <Link to="/makes" className="underline underline-offset-2">
              All {makes.length} makes
            </Link>
          </p>
        </section>
        <div className="flex flex-col gap-6">
          <section aria-labelledby="loose">
            <h2 id="loose" className="text-[17px]">
              Loose ends
            </h2>
            {loose.length === 0 && <p className="border-t border-rule pt-1 text-ink2">Nothing hangs half done.</p>}
            <ul className="border-t border-rule">
              {loose.map(({ make, end }) => (
                <li key={end.id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
                  <span>
                    {end.words}
                    <span className="block text-small text-ink2">
                      <Link className="underline-offset-2 hover:underline" to={`/makes/${make.id}`}>
                        {nameOf(make)}
                      </Link>
                      , for {formatDistanceStrict(parseISO(end.since), new Date())}
                    </span>
                  </span>
                  <Button onClick={() => void done(make, end.id, end.words)} aria-label={`Done: ${end.words}`}>
                    <Check size={14} aria-hidden /> Done
                  </Button>
                </li>
              ))}
            </ul>
          </section>
          <section aria-labelledby="unmarked">
            <h2 id="unmarked" className="text-[17px] text-amber">
              Mark on the pattern paper
            </h2>
            {unmarked.length === 0 && <p className="border-t border-rule pt-1 text-ink2">Every alteration stands on its paper.</p>}
            <ul className="border-t border-rule">
              {unmarked.map(({ make, alteration }) => (
                <li key={alteration.id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
                  <span>
                    {alterationWords(alteration, unit)}
                    <span className="block text-small text-ink2">
                      <Link className="underline-offset-2 hover:underline" to={`/patterns/${make.sources[0]?.patternId ?? ''}`}>
                        {nameOf(make)}
                      </Link>
                    </span>
                  </span>
                  <Button
                    onClick={() => void mark(make, alteration.id, alterationWords(alteration, unit))}
                    aria-label={`Marked: ${alterationWords(alteration, unit)}, ${nameOf(make)}`}
                  >
                    <Check size={14} aria-hidden /> Marked
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </>
  );
}
