import { makeName } from '../../core/make/make-name';
import clsx from 'clsx';
import { Check } from 'lucide-react';
import { formatISO, parseISO, subDays } from 'date-fns';
import { useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { mainFabric } from '../../core/make/main-fabric';
import { readyOn } from '../../core/wear/available';
import { outfitsOfDay, touched, type DayChange } from '../../core/wear/day-of-wear';
import type { Hanging } from '../../core/wear/wardrobe';
import { db } from '../../data/database';
import type { Write } from '../../data/journal';
import { newId } from '../../data/new-id';
import { useFabrics, usePatterns, useWears } from '../../data/queries';
import { today } from '../../data/today';
import { GarmentPicture } from '../../parts/garment-picture';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { DayField } from '../../ui/date-field';
import { TextField } from '../../ui/field';
import { KeyCap } from '../../ui/key-cap';
import { Segmented } from '../../ui/segmented';
import { findsWords } from '../../ui/typed-words';
import { WearFields } from './wear-fields';
import { withId } from '../../core/units/by-id';

/** Keys of the first garments shown: the home row, so that a garment is two keys away from anywhere (6, then its letter). */
const KEYS = ['a', 's', 'd', 'f', 'g', 'h', 'j', 'k'] as const;
const SHOWN = 16;

const writeOf = (change: DayChange): Write =>
  change.what === 'add'
    ? { table: 'wears', put: change.wear }
    : change.what === 'remove'
      ? { table: 'wears', remove: change.wear.id }
      : { table: 'wears', from: change.from, to: change.to };

/** What was worn on a day: each garment touched is entered at once, and those of a day are one outfit. */
export function DayCapture({ hanging }: { hanging: readonly Hanging[] }) {
  const [date, setDate] = useState(today());
  const [other, setOther] = useState(false);
  const [find, setFind] = useState('');
  const [all, setAll] = useState(false);
  const [apart, setApart] = useState(false);
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const wears = useWears();

  const names = useMemo(() => new Map(hanging.map((h) => [h.make.id, makeName(h.make, patterns)])), [hanging, patterns]);
  const nameOf = (h: Hanging) => names.get(h.make.id)!;
  // What is worn most in this season comes first; what was finished after the day, or lies in the mending, cannot have been worn.
  const order = hanging
    .filter((h) => h.ready && (readyOn(h.make) ?? '9999') <= date)
    .sort((a, b) => Number(b.inSeason) - Number(a.inSeason) || (b.rate?.mean ?? 99) - (a.rate?.mean ?? 99) || nameOf(a).localeCompare(nameOf(b)));
  const finds = findsWords(find);
  const finding = find.trim() !== '';
  const found = order.filter((h) => finds(nameOf(h)));
  const shown = all ? found : found.slice(0, SHOWN);
  const own = new Set(hanging.map((h) => h.make.id));
  const day = outfitsOfDay(wears, date).filter((w) => w.makeIds.some((id) => own.has(id)));
  const worn = new Set(day.flatMap((w) => w.makeIds));

  // One touch after the other, each reckoned with the day as it then stands: two quick ones are one outfit.
  const waiting = useRef(Promise.resolve());
  const touch = (h: Hanging) => {
    const another = apart;
    setApart(false);
    setFind('');
    waiting.current = waiting.current.then(async () => {
      const now = outfitsOfDay(await db.wears.where('date').equals(date).toArray(), date).filter((w) => w.makeIds.some((id) => own.has(id)));
      const change = touched(now, h.make.id, date, newId(), another);
      const off = now.some((w) => w.makeIds.includes(h.make.id));
      await save(`${off ? 'not worn after all' : 'worn'}: ${nameOf(h)}`, [writeOf(change)]);
    });
  };
  useHotkeys(
    KEYS.join(','),
    (_, { keys }) => {
      const h = shown[KEYS.findIndex((k) => k === keys?.join(''))];
      if (h) touch(h);
    },
    { useKey: true },
  );

  const yesterday = formatISO(subDays(parseISO(today()), 1), { representation: 'date' });
  return (
    <section aria-labelledby="worn-on" className="mb-6">
      <h2 id="worn-on" className="sr-only">
        What was worn
      </h2>
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <Segmented
          label="Which day"
          value={other ? 'other' : date === today() ? 'today' : 'yesterday'}
          choices={[
            { value: 'today', label: 'today' },
            { value: 'yesterday', label: 'yesterday' },
            { value: 'other', label: 'another day' },
          ]}
          onChange={(which) => {
            setOther(which === 'other');
            if (which !== 'other') setDate(which === 'today' ? today() : yesterday);
          }}
        />
        {other && <DayField atOnce label="The day" labelHidden value={date} max={today()} onValue={setDate} />}
        <TextField
          label="Find a garment"
          labelHidden
          placeholder="find a garment; Enter wears it"
          value={find}
          onChange={(e) => setFind(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && finding && found[0]) touch(found[0]);
          }}
          className="w-64 max-sm:w-full"
        />
      </div>
      {day.map((wear) => (
        <div key={wear.id} className="mb-2 border-l-4 border-ink bg-page py-1.5 pr-2 pl-3">
          <p className="font-serif text-name">
            {wear.makeIds
              .map((id) => hanging.find((h) => h.make.id === id))
              .filter((h) => h !== undefined)
              .map(nameOf)
              .join(' with ')}
          </p>
          <div className="flex flex-wrap items-end gap-2">
            <WearFields wear={wear} names={['occasion', 'comfort', 'remark', 'washed']} />
          </div>
        </div>
      ))}
      <div className="grid grid-cols-4 pr-px pb-px max-lg:grid-cols-3 max-sm:grid-cols-2">
        {shown.map((h, i) => {
          const on = worn.has(h.make.id);
          return (
            <button
              key={h.make.id}
              type="button"
              aria-pressed={on}
              onClick={() => touch(h)}
              className={clsx(
                // Each with its own edge: a row that is not full leaves nothing behind it.
                'relative -mr-px -mb-px flex min-h-14 items-center gap-2 border border-rule px-2 py-1 text-left focus-visible:z-10',
                on ? 'bg-tint shadow-[inset_4px_0_0_var(--c-ink)]' : 'bg-page hover:bg-tint',
              )}
            >
              <GarmentPicture
                small
                pattern={withId(patterns, h.make.sources[0]?.patternId)}
                make={h.make}
                fabrics={fabrics}
                className="h-12 w-10 shrink-0"
              />
              <span className="min-w-0 flex-1">
                <span className={clsx('block leading-[18px]', on && 'font-semibold')}>{nameOf(h)}</span>
                <span className="block truncate text-small text-ink2">{mainFabric(h.make, fabrics).fabric?.name}</span>
              </span>
              {on ? <Check size={18} aria-hidden className="shrink-0" /> : KEYS[i] && !finding && <KeyCap>{KEYS[i]}</KeyCap>}
            </button>
          );
        })}
      </div>
      {shown.length === 0 && <p className="py-2 text-ink2">No garment in rotation is called that.</p>}
      <div className="mt-1 flex flex-wrap gap-2">
        {found.length > SHOWN && (
          <Button quiet onClick={() => setAll(!all)}>
            {all ? 'Only those worn most' : `All ${found.length} in rotation`}
          </Button>
        )}
        {day.length > 0 && (
          <Button quiet aria-pressed={apart} onClick={() => setApart(!apart)}>
            {apart ? 'The next one begins another outfit' : 'Changed clothes: another outfit'}
          </Button>
        )}
      </div>
    </section>
  );
}
