import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { toast } from 'react-toastify';
import { planName } from '../../core/make/plan-name';
import { Occasion, type Person, type Plan } from '../../core/records';
import { packFor } from '../../core/schedule/goes-with';
import type { CouldSew } from '../../core/schedule/for-an-occasion';
import { withId } from '../../core/units/by-id';
import { counted } from '../../core/units/counted';
import { dayNumber } from '../../core/units/date';
import { percent } from '../../core/units/percent';
import { seasonOf, seasonsOf } from '../../core/wear/season';
import { useCaseTables } from '../../data/engine-tables';
import { useFabrics, useOccasions, usePatterns, usePeople, usePlans, useSettings, useUnit } from '../../data/queries';
import { planOfPattern } from '../../parts/begin-plan';
import { dayWords, roughly } from '../../parts/bench-words';
import { RecordField } from '../../parts/record-field';
import { save } from '../../parts/save';
import { Swatch } from '../../parts/swatch';
import { useWhatHangs } from '../../parts/what-hangs';
import { routes } from '../../routes';
import { Button, LinkButton } from '../../ui/button';
import { Empty, PageHead } from '../../ui/page-head';
import { Tick } from '../../ui/tick';
import { useCouldSew } from './use-could-sew';

/** An occasion: what is known of it, what could be sewn for it, and what already hangs. */
export function OccasionPage() {
  const { occasionId = '' } = useParams();
  const occasion = withId(useOccasions(), occasionId);
  const people = usePeople();
  const navigate = useNavigate();
  const person = withId(people, occasion?.personId);
  if (!occasion || !person) return <Empty>This occasion is not in the ledger. It may have been removed; Ctrl Z brings it back.</Empty>;
  const change = (part: Partial<Occasion>) =>
    void save(`facts of ${occasion.name}`, [{ table: 'occasions', id: occasion.id, edit: (now: Occasion): Occasion => ({ ...now, ...part }) }]);
  const remove = async () => {
    if (
      await save(`${occasion.name} removed`, [{ table: 'occasions', remove: occasion.id }], {
        done: `${occasion.name} is removed. Ctrl Z brings it back.`,
      })
    )
      void navigate(routes.sewNext);
  };
  return (
    <>
      <PageHead
        title={occasion.name}
        under={`for ${person.name}, ${dayWords(occasion.date)}${occasion.until ? ` to ${dayWords(occasion.until)}` : ''}`}
        aside={
          <Button quiet onClick={() => void remove()}>
            Remove it
          </Button>
        }
      />
      <div className="flex flex-wrap items-start gap-3">
        {(['name', 'date', 'until', 'warmth', 'dressy', 'long', 'layers', 'care', 'note'] as const).map((name) => (
          <RecordField
            key={name}
            of={Occasion.shape}
            name={name}
            value={occasion[name]}
            onValue={(value) => change({ [name]: value })}
            className={name === 'name' || name === 'layers' || name === 'note' ? 'w-52' : 'w-36'}
          />
        ))}
      </div>
      <PlansForIt occasion={occasion} />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)_minmax(0,320px)] gap-8 max-lg:grid-cols-1">
        <CouldISew occasion={occasion} person={person} />
        <FromWhatHangs key={daysOf(occasion)} occasion={occasion} person={person} />
      </div>
    </>
  );
}

function PlansForIt({ occasion }: { occasion: Occasion }) {
  const plans = usePlans().filter((p) => p.occasionId === occasion.id && p.state !== 'dropped');
  const patterns = usePatterns();
  if (plans.length === 0) return null;
  return (
    <p className="mt-3">
      Meant for it:{' '}
      {plans.map((plan, i) => (
        <span key={plan.id}>
          {i > 0 && ', '}
          <Link className="underline underline-offset-2" to={plan.makeId ? routes.make(plan.makeId) : routes.plan(plan.id)}>
            {planName(plan, patterns)}
          </Link>
        </span>
      ))}
      .{' '}
      <LinkButton quiet to={routes.bench}>
        In time?
      </LinkButton>
    </p>
  );
}

/** So many stand side by side at most: more are not compared at a glance. */
const SIDE_BY_SIDE = 3;

/** "What could I sew for it?": patterns with their fabrics, each with what speaks for it and what against. */
function CouldISew({ occasion, person }: { occasion: Occasion; person: Person }) {
  const { found, looking } = useCouldSew(occasion, person);
  const tables = useCaseTables();
  const unit = useUnit();
  const navigate = useNavigate();
  const [side, setSide] = useState<readonly string[]>([]);
  const keyOf = (c: CouldSew) => `${c.pattern.id} ${c.fabric.id}`;
  const beside = found.filter((c) => side.includes(keyOf(c)));
  const plan = async ({ pattern, fabric }: CouldSew) => {
    const begun = await planOfPattern(tables, pattern, person.id, unit, fabric.id, (why) =>
      toast.error(`The next cut could not be worked out (${why}): the last cut is planned instead.`),
    );
    const put: Plan = { ...begun, occasionId: occasion.id, due: occasion.date, words: occasion.name };
    if (await save(`plan: ${pattern.name} for ${occasion.name}`, [{ table: 'plans', put }])) void navigate(routes.plan(put.id));
  };
  const reasons = (c: CouldSew) => (
    <>
      {c.pro.map((words) => (
        <li key={words} className="text-moss">
          + {words}
        </li>
      ))}
      {c.contra.map((words) => (
        <li key={words} className="text-garnet">
          − {words}
        </li>
      ))}
    </>
  );
  return (
    <section aria-labelledby="could">
      <h2 id="could" className="text-head">
        What could I sew for it?
      </h2>
      {looking && <p className="text-small text-ink2">Patterns and fabrics are being looked through…</p>}
      {!looking && found.length === 0 && (
        <p className="text-ink2">No pattern of the ledger goes with a fabric of the stash. One fabric or one pattern more would be enough.</p>
      )}
      {beside.length > 1 ? (
        <>
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Side by side">
            <table className="border-collapse">
              <thead>
                <tr>
                  {beside.map((c) => (
                    <th key={keyOf(c)} className="min-w-52 border-b border-rule2 p-2 text-left align-top font-serif text-name font-normal">
                      {c.pattern.name} in {c.fabric.name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                <tr>
                  {beside.map((c) => (
                    <td key={keyOf(c)} className="p-2 align-top text-small">
                      {roughly(c.minutes)}
                      {c.inTime !== undefined && `, ${percent(c.inTime)} in time`}
                    </td>
                  ))}
                </tr>
                <tr>
                  {beside.map((c) => (
                    <td key={keyOf(c)} className="p-2 align-top text-small">
                      <ul>{reasons(c)}</ul>
                    </td>
                  ))}
                </tr>
                <tr>
                  {beside.map((c) => (
                    <td key={keyOf(c)} className="p-2">
                      <Button aria-label={`Plan ${c.pattern.name} in ${c.fabric.name}`} onClick={() => void plan(c)}>
                        Plan it
                      </Button>
                    </td>
                  ))}
                </tr>
              </tbody>
            </table>
          </div>
          <Button quiet onClick={() => setSide([])}>
            All of them again
          </Button>
        </>
      ) : (
        <ol className="border-t-[3px] border-double border-rule2">
          {found.map((c) => (
            <li key={keyOf(c)} className="border-b border-rule py-2">
              <div className="flex flex-wrap items-start justify-between gap-2">
                <span className="flex items-center gap-2">
                  <Swatch swatch={c.fabric.swatch} className="size-8 shrink-0" />
                  <span>
                    <span className="font-serif text-name">{c.pattern.name}</span> in {c.fabric.name}
                    <span className="block text-small text-ink2">
                      {roughly(c.minutes)}
                      {c.inTime !== undefined && `, ${c.inTime > 0.99 ? 'almost surely' : c.inTime < 0.01 ? 'hardly' : percent(c.inTime)} in time`}
                    </span>
                  </span>
                </span>
                <span className="flex flex-wrap items-center gap-2">
                  <Tick
                    on={side.includes(keyOf(c))}
                    onChange={(on) => setSide((now) => (on ? [...now, keyOf(c)].slice(-SIDE_BY_SIDE) : now.filter((k) => k !== keyOf(c))))}
                  >
                    side by side<span className="sr-only">: {c.pattern.name}</span>
                  </Tick>
                  <Button aria-label={`Plan ${c.pattern.name} in ${c.fabric.name}`} onClick={() => void plan(c)}>
                    Plan it
                  </Button>
                </span>
              </div>
              <ul className="mt-1 text-small">{reasons(c)}</ul>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** How many days it takes: a journey has a last one. */
const daysOf = ({ date, until }: Occasion): number => Math.max(1, until === undefined ? 1 : dayNumber(until) - dayNumber(date) + 1);

/** What hangs already: an outfit for each day from the fewest garments. */
function FromWhatHangs({ occasion, person }: { occasion: Occasion; person: Person }) {
  const hangs = useWhatHangs(person);
  const fabrics = useFabrics();
  const { hemisphere } = useSettings();
  const [days, setDays] = useState(daysOf(occasion));
  const season = seasonOf(occasion.date, hemisphere);
  const { packed, outfits } = useMemo(() => {
    const fitting = hangs.filter((h) => !h.make || seasonsOf(h.make, fabrics).includes(season));
    return packFor(Math.min(60, Math.max(0, days)), fitting);
  }, [hangs, fabrics, season, days]);
  return (
    <section aria-labelledby="hangs">
      <h2 id="hangs" className="text-head">
        From what hangs
      </h2>
      <label className="flex items-center gap-2 text-small">
        Outfits for
        <input
          type="number"
          min={1}
          max={60}
          value={days}
          onChange={(e) => setDays(Number(e.target.value))}
          className="w-16 rounded-md border border-rule2 bg-page px-2 py-1 max-sm:min-h-11"
        />
        {days === 1 ? 'day' : 'days'}
      </label>
      <p className="mt-1 text-small text-ink2">
        {outfits.length === 0
          ? `Nothing that hangs makes an outfit for ${season}, as far as kinds are known.`
          : `${counted(outfits.length, 'outfit')} from ${counted(packed.length, 'garment')}${outfits.length < days ? '; more do not hang together' : ''}.`}
      </p>
      <ol className="border-t border-rule">
        {outfits.map((outfit, i) => (
          <li key={outfit.map((g) => g.id).join(' ')} className="border-b border-rule py-1 text-small">
            {outfits.length > 1 && <span className="text-ink2">{i + 1}. </span>}
            {outfit.map((g) => g.name).join(' with ')}
          </li>
        ))}
      </ol>
    </section>
  );
}
