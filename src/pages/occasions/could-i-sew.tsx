import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Occasion, Person, Plan } from '../../core/records';
import type { CouldSew } from '../../core/schedule/for-an-occasion';
import { roughly } from '../../core/units/duration';
import { likelihood } from '../../core/units/percent';
import { useCaseTables } from '../../data/engine-tables';
import { useUnit } from '../../data/queries';
import { planOfPattern } from '../../parts/begin-plan';
import { dayWords } from '../../parts/bench-words';
import { save } from '../../parts/save';
import { Swatch } from '../../parts/swatch';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { Tick } from '../../ui/tick';
import { fabricOf, keyOf, nameOf, Reasons, SideBySide } from './side-by-side';
import { useCouldSew, type TimeUntil } from './use-could-sew';

/** So many stand side by side at most: more are not compared at a glance. */
const SIDE_BY_SIDE = 3;

/** What time there is until the day, and what would make more of it possible. */
function Until({ occasion, time: { there, taken } }: { occasion: Occasion; time: TimeUntil }) {
  const day = dayWords(occasion.date);
  const bench = (words: string) => (
    <Link className="underline underline-offset-2" to={routes.bench}>
      {words}
    </Link>
  );
  if (there === undefined)
    return (
      <p className="text-small text-ink2">
        {bench('Say when there is time to sew')}, and it is told whether it can be done by {day}.
      </p>
    );
  return (
    <p className="text-small text-ink2">
      {there === 0 ? `There is no sitting before ${day}` : `Before ${day} there are about ${roughly(there)} to sew`}
      {taken >= 1 && `; what is begun or wanted sooner takes ${roughly(taken)}`}. {taken > there && bench('Let something wait, or add a sitting')}
    </p>
  );
}

/** "What could I sew for it?": patterns with their fabrics, each with what speaks for it and what against. */
export function CouldISew({ occasion, person }: { occasion: Occasion; person: Person }) {
  const { found, looking, time } = useCouldSew(occasion, person);
  const tables = useCaseTables();
  const unit = useUnit();
  const navigate = useNavigate();
  const [side, setSide] = useState<readonly string[]>([]);
  const [together, setTogether] = useState(false);
  const beside = found.filter((c) => side.includes(keyOf(c)));
  const plan = async ({ pattern, fabric }: CouldSew) => {
    const begun = await planOfPattern(tables, pattern, person.id, unit, fabric?.id);
    const put: Plan = { ...begun, occasionId: occasion.id, due: occasion.date, words: occasion.name };
    if (await save(`plan: ${pattern.name} for ${occasion.name}`, [{ table: 'plans', put }])) void navigate(routes.plan(put.id));
  };
  return (
    <section aria-labelledby="could">
      <div className="flex flex-wrap items-end justify-between gap-2">
        <h2 id="could" className="text-head">
          What could I sew for it?
        </h2>
        {beside.length > 1 &&
          (together ? (
            <Button quiet onClick={() => setTogether(false)}>
              All of them again
            </Button>
          ) : (
            <Button onClick={() => setTogether(true)}>See the {beside.length} side by side</Button>
          ))}
      </div>
      {looking && <p className="text-small text-ink2">Patterns and fabrics are being looked through…</p>}
      {!looking && found.length > 0 && <Until occasion={occasion} time={time} />}
      {!looking && found.length === 0 && (
        <p className="text-ink2">No pattern of the ledger is one to wear. One logged make or one pattern is enough to begin with.</p>
      )}
      {together && beside.length > 1 ? (
        <SideBySide beside={beside} onPlan={(c) => void plan(c)} />
      ) : (
        <ol className="mt-1 border-t-[3px] border-double border-rule2">
          {found.map((c) => (
            <li key={keyOf(c)} className="border-b border-rule py-2">
              <div className="flex flex-wrap items-start justify-between gap-2">
                <span className="flex items-center gap-2">
                  {c.fabric && <Swatch swatch={c.fabric.swatch} className="size-8 shrink-0" />}
                  <span>
                    <span className="font-serif text-name">{c.pattern.name}</span> in {fabricOf(c)}
                    <span className="block text-small text-ink2">
                      {roughly(c.hours.minutes)}
                      {c.hours.chance !== undefined && `, ${likelihood(c.hours.chance)} in time`}
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
                  <Button aria-label={`Plan ${nameOf(c)}`} onClick={() => void plan(c)}>
                    Plan it
                  </Button>
                </span>
              </div>
              <div className="mt-1 columns-2 gap-6 text-small max-sm:columns-1">
                <Reasons of={c.reasons} />
              </div>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
