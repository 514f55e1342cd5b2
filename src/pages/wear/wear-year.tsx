import { makeName } from '../../core/make/make-name';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import { counted } from '../../core/units/counted';
import { dayNumber, MONTH_NAMES, monthStart } from '../../core/units/date';
import { seasonOfMonth } from '../../core/wear/season';
import type { Hanging } from '../../core/wear/wardrobe';
import { yearOfWear, type ThreadRow } from '../../core/wear/year-of-wear';
import { usePatterns, useSettings, useWears } from '../../data/queries';
import { today } from '../../data/today';
import { WearThreads } from '../../parts/wear-threads';
import { Button } from '../../ui/button';
import { Segmented } from '../../ui/segmented';

const SHOWN = 14;
type By = 'garment' | 'kind' | 'day';

/** The row of the whole year cut into its months: a month a thread. */
function inMonths(whole: ThreadRow | undefined, year: number): ThreadRow[] {
  const first = dayNumber(`${year}-01-01`);
  return MONTH_NAMES.map((name, month) => {
    const [from, to] = [monthStart(year, month) - first, monthStart(year, month + 1) - first];
    const stitches = (whole?.stitches ?? []).filter((s) => s.at >= from && s.at < to).map((s) => ({ ...s, at: s.at - from }));
    const bastings = (whole?.bastings ?? []).flatMap((b) => {
      const [a, z] = [Math.max(from, b.from), Math.min(to - 1, b.to)];
      return z < a ? [] : [{ ...b, from: a - from, to: z - from, times: (b.times * (z - a + 1)) / (b.to - b.from + 1) }];
    });
    const times = stitches.reduce((n, s) => n + s.makeIds.length, 0) + bastings.reduce((n, b) => n + b.times, 0);
    return { id: name, stitches, bastings, times: Math.round(times) };
  });
}

/** A year of wear, by garment, by kind, or day by day. */
export function WearYear({ hanging }: { hanging: readonly Hanging[] }) {
  const patterns = usePatterns();
  const wears = useWears();
  const { hemisphere } = useSettings();
  const [year, setYear] = useState(Number(today().slice(0, 4)));
  const [by, setBy] = useState<By>('garment');
  const [all, setAll] = useState(false);
  const of = useMemo(() => new Map(hanging.map((h) => [h.make.id, h])), [hanging]);
  const whenever = wears.reduce((sum, w) => (w.undated && w.makeIds.some((id) => of.has(id)) ? sum + w.count : sum), 0);
  const rows = useMemo(() => {
    const found = yearOfWear(wears, year, (id) => {
      const h = of.get(id);
      return h && (by === 'garment' ? id : by === 'kind' ? h.kind : 'all');
    });
    return by === 'day' ? inMonths(found[0], year) : found.sort((a, b) => b.times - a.times);
  }, [wears, year, by, of]);

  const months = MONTH_NAMES.map((name, month) => ({ at: monthStart(year, month) - dayNumber(`${year}-01-01`), name: name.slice(0, 3) }));
  const days = dayNumber(`${year + 1}-01-01`) - dayNumber(`${year}-01-01`);
  const inSeason = (id: string) =>
    months.flatMap((m, month): (readonly [number, number])[] =>
      of.get(id)?.seasons.includes(seasonOfMonth(month, hemisphere)) ? [[m.at, months[month + 1]?.at ?? days]] : [],
    );
  const shown = by === 'garment' && !all ? rows.slice(0, SHOWN) : rows;
  const firstYear = Math.min(year, ...wears.map((w) => Number(w.date.slice(0, 4))));
  return (
    <section aria-labelledby="year" className="mb-6">
      <div className="mb-1 flex flex-wrap items-center gap-3">
        <h2 id="year" className="text-head">
          {year}, stitch by stitch
        </h2>
        <span className="flex">
          <Button quiet aria-label={`To ${year - 1}`} disabled={year <= firstYear} onClick={() => setYear(year - 1)}>
            <ChevronLeft size={16} aria-hidden />
          </Button>
          <Button quiet aria-label={`To ${year + 1}`} disabled={`${year + 1}` > today().slice(0, 4)} onClick={() => setYear(year + 1)}>
            <ChevronRight size={16} aria-hidden />
          </Button>
        </span>
        <Segmented
          label="By"
          value={by}
          choices={[
            { value: 'garment', label: 'by garment' },
            { value: 'kind', label: 'by kind' },
            { value: 'day', label: 'by day' },
          ]}
          onChange={setBy}
        />
      </div>
      {shown.length === 0 ? (
        <p className="text-ink2">Nothing was noted in {year}.</p>
      ) : (
        <WearThreads
          caption={`Wear in ${year}, by ${by}`}
          rows={shown}
          names={(id) => {
            const h = of.get(id);
            return h ? makeName(h.make, patterns) : id;
          }}
          days={by === 'day' ? 31 : days}
          marks={by === 'day' ? [1, 5, 10, 15, 20, 25, 30].map((d) => ({ at: d - 1, name: String(d) })) : months}
          {...(by === 'garment' ? { inSeason } : {})}
        />
      )}
      {whenever > 0 && <p className="text-small text-ink2">And {counted(whenever, 'wear')} of which nobody noted when, in this year or before.</p>}
      {by === 'garment' && rows.length > SHOWN && (
        <Button quiet onClick={() => setAll(!all)}>
          {all ? 'Only those worn most' : `All ${rows.length}`}
        </Button>
      )}
    </section>
  );
}
