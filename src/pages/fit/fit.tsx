import { directionWord } from '../../core/make/fit-note-words';
import { scaleLinear } from 'd3-scale';
import { Link } from 'react-router';
import { answerMoving } from '../../core/alteration/answer';
import { alterationWords } from '../../core/alteration/words';
import type { Habits } from '../../core/forecast/habits';
import type { CaseTables } from '../../core/garment/case';
import type { Person } from '../../core/records';
import type { BestCut } from '../../core/inference/posterior';
import { byDay } from '../../core/units/date';
import { edgesOf } from '../../core/body/fit-class';
import { formatLength } from '../../core/units/length';
import { zoneOf } from '../../core/body/zones';
import { useCaseTables } from '../../data/engine-tables';
import { usePatterns, usePerson, useUnit } from '../../data/queries';
import { percent } from '../../core/units/percent';
import { Empty, PageHead } from '../../ui/page-head';
import { BodyChart } from './body-chart';
import { EaseChart } from './ease-chart';
import { SymptomFinder } from './symptom-finder';
import { useEngine } from '../../workers/use-engine';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** Where the person's own deviation lies against the pattern, with the band in which a garment is right. */
function DeviationRule({ best, t1, reach }: { best: BestCut; t1: number; reach: number }) {
  const x = scaleLinear([-reach, reach], [4, 216]).clamp(true);
  return (
    <svg width={220} height={18} aria-hidden className="block max-w-full">
      <rect x={x(-t1)} y={3} width={x(t1) - x(-t1)} height={12} fill="var(--c-tint)" stroke="var(--c-rule2)" strokeWidth={0.6} />
      <line x1={x(0)} x2={x(0)} y1={2} y2={16} stroke="var(--c-ink3)" />
      <line x1={x(best.low)} x2={x(best.high)} y1={9} y2={9} stroke="var(--c-ink2)" strokeWidth={3} />
      <circle cx={x(best.median)} cy={9} r={4} fill="var(--c-ink)" />
    </svg>
  );
}

/** So many patterns are named; of hundreds the rest is a number. */
const MOST_NAMED = 5;

function PatternNames({ ids }: { ids: readonly string[] }) {
  const patterns = usePatterns();
  const named = ids.length > MOST_NAMED + 1 ? ids.slice(0, MOST_NAMED) : ids;
  return (
    <>
      {named.map((id, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link className="underline-offset-2 hover:underline" to={routes.pattern(id)}>
            {withId(patterns, id)?.name ?? 'a pattern that is gone'}
          </Link>
        </span>
      ))}
      {named.length < ids.length && ` and ${ids.length - named.length} others`}
    </>
  );
}

function Usual({ habits }: { habits: Habits }) {
  const unit = useUnit();
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  return (
    <section aria-labelledby="usual" className="mb-6">
      <h2 id="usual" className="text-head text-amber">
        Usual alterations
      </h2>
      {habits.usual.length === 0 ? (
        <p className="border-t border-rule pt-1 text-ink2">
          None that two patterns or more agree on with a chance above 80&#x202f;%. They show themselves as versions are noted.
        </p>
      ) : (
        <ul className="border-t border-rule">
          {habits.usual.map((u) => (
            <li key={u.zone} className="flex flex-wrap items-baseline justify-between gap-x-6 border-b border-rule py-1.5">
              <span className="min-w-60">
                <b className="text-amber">{alterationWords(answerMoving(u.zone, u.best.median, unit), unit)}</b>
                <span className="block text-small text-ink2">
                  as drafted the {zoneOf(u.zone).label} would be {directionWord(u.zone, -Math.sign(u.best.median))}
                </span>
              </span>
              <span className="text-ink2">
                about {about(u.best.median)} ({about(u.best.low)} to {about(u.best.high)}), chance {percent(u.chance)}
              </span>
              <span className="basis-full text-small text-ink2">
                from {u.patterns.length} patterns: <PatternNames ids={u.patterns} />
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Designers({ habits }: { habits: Habits }) {
  const unit = useUnit();
  return (
    <section aria-labelledby="designers" className="mb-6">
      <h2 id="designers" className="text-head">
        Designers
      </h2>
      {habits.designers.length === 0 ? (
        <p className="border-t border-rule pt-1 text-ink2">
          No designer is known to run small or large: that takes two of their patterns, and another designer to hold them against.
        </p>
      ) : (
        <ul className="border-t border-rule">
          {habits.designers.map((d) => (
            <li key={`${d.designer} ${d.zone}`} className="border-b border-rule py-1.5">
              {d.designer} runs {d.best.median > 0 ? 'small' : 'large'} at the {zoneOf(d.zone).label}, by about{' '}
              {formatLength(Math.abs(d.best.median), unit, { about: true })}
              <span className="text-small text-ink2">
                {' '}
                (chance {percent(d.chance)}; <PatternNames ids={d.patterns} />)
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Why nothing is taught yet: nothing is noted, or only against sizes that are labels; and what would change that. */
function NothingTaught({ person, tables }: { person: Person; tables: CaseTables }) {
  const noted = tables.makes.filter((m) => m.personId === person.id && m.fitNotes.length > 0);
  if (noted.length === 0) return <Empty>No fit note yet. How a make fits at a place teaches something about every other pattern.</Empty>;
  const measured = tables.bodies.some((b) => b.personId === person.id);
  const uncharted = [...new Set(noted.flatMap((m) => m.sources.map((s) => s.patternId)))].filter(
    (id) => withId(tables.patterns, id)?.charts.length === 0,
  );
  return (
    <Empty>
      <p>What was noted so far says what to cut next of its own pattern, and nothing yet of any other.</p>
      {!measured && (
        <p className="mt-2">
          <Link className="underline" to={routes.person(person.id)}>
            Measure {person.name}
          </Link>
          : a size is only a label until it is known whose body it is for.
        </p>
      )}
      {uncharted.length > 0 && (
        <p className="mt-2 [&_a]:underline">
          Add the size {uncharted.length === 1 ? 'chart' : 'charts'} of <PatternNames ids={uncharted} />: how far apart sizes lie is only guessed.
        </p>
      )}
    </Empty>
  );
}

/** What all of a person's patterns taught together: usual alterations, designers, and each zone. */
export function Fit() {
  const person = usePerson();
  const tables = useCaseTables();
  const habits = useEngine('habits', tables, person && [person.id]).answer;
  const ease = useEngine('ease', tables, person && [person.id]).answer;
  const unit = useUnit();
  if (!person)
    return (
      <>
        <PageHead title="Fit" />
        <Empty>
          What all patterns teach together stands here. Begin with{' '}
          <Link className="underline" to={routes.newPerson}>
            whose body you sew for
          </Link>
          .
        </Empty>
      </>
    );
  if (!habits) return null;
  // The figure begins as what was sewn last.
  const latest = tables.makes
    .filter((m) => m.personId === person.id && m.sources.length > 0)
    .sort((a, b) => byDay(a.cutOn, b.cutOn))
    .at(-1);
  const usualKind = withId(tables.patterns, latest?.sources[0]?.patternId)?.kind ?? 'dress';
  const body = <BodyChart key={person.id} person={person} bodies={tables.bodies} makes={tables.makes} patterns={tables.patterns} />;
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const reach = Math.max(6, ...habits.zones.flatMap((z) => [Math.abs(z.best.low), Math.abs(z.best.high)]));
  return (
    <>
      <PageHead title="Fit" under={`What all patterns sewn for ${person.name} taught together, against the patterns as drafted`} />
      {habits.zones.length === 0 ? (
        <>
          <NothingTaught person={person} tables={tables} />
          <SymptomFinder habits={habits} person={person} usualKind={usualKind} />
          {body}
        </>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-x-8 max-lg:grid-cols-1">
            <Usual habits={habits} />
            <Designers habits={habits} />
          </div>
          <SymptomFinder habits={habits} person={person} usualKind={usualKind} />
          <div className="grid grid-cols-2 gap-x-8 max-lg:grid-cols-1">
            {ease && <EaseChart ease={ease} tables={tables} name={person.name} />}
            {body}
          </div>
          <section aria-labelledby="zones">
            <h2 id="zones" className="text-head">
              Place by place
            </h2>
            <p className="mb-1 max-w-3xl text-small text-ink2">
              What it takes for {person.name} beyond the pattern, whoever drew it: the middle, and the range that holds it with a chance of
              80&#x202f;%. In the tinted band a semi-fitted garment is right as drafted.
            </p>
            <table className="w-full max-w-3xl border-collapse">
              <thead className="text-left text-small text-ink2 [&_th]:py-0.5 [&_th]:font-normal">
                <tr className="double-rule-b">
                  <th scope="col">Zone</th>
                  <th scope="col">Needs</th>
                  <th scope="col" className="max-sm:hidden" aria-label="The range, drawn" />
                  <th scope="col" className="text-right">
                    Patterns
                  </th>
                </tr>
              </thead>
              <tbody>
                {habits.zones.map(({ zone, best, patterns }) => (
                  <tr key={zone} className="border-b border-rule">
                    <th scope="row" className="py-1 text-left font-normal first-letter:uppercase">
                      {zoneOf(zone).label}
                    </th>
                    <td className="py-1">
                      {about(best.median)}{' '}
                      <span className="text-small text-ink2">
                        ({about(best.low)} to {about(best.high)})
                      </span>
                    </td>
                    <td className="py-1 max-sm:hidden">
                      <DeviationRule best={best} t1={edgesOf(zone, 'semi')[0]} reach={reach} />
                    </td>
                    <td className="py-1 text-right">{patterns}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </>
      )}
    </>
  );
}
