import { makeDayWords } from '../../core/make/its-day';
import { makeName } from '../../core/make/make-name';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { byDay } from '../../core/units/date';
import type { Wear } from '../../core/records';
import { newId } from '../../data/new-id';
import { useMakes, usePatterns } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { WearFields } from '../wear/wear-fields';
import { withId } from '../../core/units/by-id';

/** How many are shown until all are asked for. */
const LATEST = 5;
const FIELDS = ['date', 'occasion', 'comfort', 'remark', 'washed', 'count', 'until'] as const;

/** One wearing, or many at once as an estimate: read in a line, changed in place. */
function WearLine({ wear, makeId, open, onOpen }: { wear: Wear; makeId: string; open: boolean; onOpen: () => void }) {
  const makes = useMakes();
  const patterns = usePatterns();
  const others = wear.makeIds.filter((id) => id !== makeId).map((id) => withId(makes, id));
  const own = withId(makes, makeId);
  // Told in a number, it is spread from the day of its finishing on, of which only a month or a year may be known.
  const since = own && wear.until !== undefined && wear.date === own.finishedOn ? own : {};
  const said = [
    wear.until && `to ${format(parseISO(wear.until), 'd MMM yyyy')}`,
    wear.often ? `${wear.often}: taken for ${wear.count}` : wear.count > 1 && `about ${wear.count} times`,
    wear.count === 0 && !wear.often && 'went along and stayed folded',
    wear.occasion,
    wear.comfort && `comfort ${wear.comfort} of 5`,
    wear.washed && 'washed after',
    ...others.map((m) => m && `with ${makeName(m, patterns)}`),
  ].filter(Boolean);
  const remove = () => {
    // A day's outfit keeps its other garments.
    const write =
      wear.makeIds.length > 1 ? { from: wear, to: { ...wear, makeIds: wear.makeIds.filter((id) => id !== makeId) } } : { remove: wear.id };
    void save('a wear removed', [{ table: 'wears', ...write }]);
  };
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        className="flex min-h-[29px] w-full flex-wrap gap-x-2 py-0.5 text-left hover:bg-tint max-sm:min-h-11"
      >
        <span className="w-28">{wear.undated ? 'not noted when' : makeDayWords(since, wear.date, 'd MMM yyyy')}</span>
        <span className="text-ink2">{said.join(' · ')}</span>
        {wear.remark && <i className="text-ink2">{wear.remark}</i>}
      </button>
      {open && (
        <div className="flex flex-wrap items-end gap-2 pb-2">
          <WearFields wear={wear} names={FIELDS} />
          <Button quiet onClick={remove}>
            Remove this wear
          </Button>
        </div>
      )}
    </li>
  );
}

/** The wears of a make, the latest first. "About 20 times" is one entry, marked as an estimate. */
export function WearList({ makeId, wears }: { makeId: string; wears: readonly Wear[] }) {
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState<string>();
  const own = wears.filter((w) => w.makeIds.includes(makeId)).sort((a, b) => byDay(b.date, a.date) || b.id.localeCompare(a.id));
  const shown = all ? own : own.slice(0, LATEST);
  const add = async () => {
    const wear: Wear = { id: newId(), date: today(), makeIds: [makeId], count: 1 };
    if (await save('a wear', [{ table: 'wears', put: wear }])) setOpen(wear.id);
  };
  return (
    <div>
      <ul className="border-t border-rule">
        {shown.map((w) => (
          <WearLine key={w.id} wear={w} makeId={makeId} open={open === w.id} onOpen={() => setOpen(open === w.id ? undefined : w.id)} />
        ))}
      </ul>
      <div className="mt-1 flex gap-2">
        <Button onClick={() => void add()}>Worn on another day …</Button>
        {own.length > LATEST && (
          <Button quiet onClick={() => setAll(!all)}>
            {all ? 'Only the latest' : `All ${own.length} entries`}
          </Button>
        )}
      </div>
    </div>
  );
}
