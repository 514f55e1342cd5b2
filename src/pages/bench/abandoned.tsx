import { Link } from 'react-router';
import { makeName } from '../../core/make/make-name';
import { LOVED } from '../../core/forecast/sizes';
import type { Make } from '../../core/records';
import { handsFor, paceWith, type Pace } from '../../core/schedule/pace';
import { stepsOfMake } from '../../core/schedule/steps';
import { useFabrics, useMakes, usePatterns } from '../../data/queries';
import { today } from '../../data/today';
import { rangeWords } from '../../parts/bench-words';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { Button } from '../../ui/button';

/** How its pattern's finished versions did: what a saved one may become. */
function howTheOthersDid(make: Make, makes: readonly Make[]): string {
  const judged = makes.filter(
    (m) => m.id !== make.id && m.personId === make.personId && m.sources[0]?.patternId === make.sources[0]?.patternId && m.verdicts.length > 0,
  );
  if (judged.length === 0) return 'no other version says whether it would be loved';
  const loved = judged.filter((m) => (m.verdicts.at(-1)?.love ?? 0) >= LOVED).length;
  return `${loved} of ${judged.length} other ${judged.length === 1 ? 'version is' : 'versions are'} loved`;
}

/** What was abandoned is asked after: saved, given away or cut up, with what is left to do against what it may become. */
export function Abandoned({ pace }: { pace: Pace }) {
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const left = makes.filter((m) => m.state === 'abandoned');
  if (left.length === 0) return null;
  const act = (make: Make, state: Make['state'], label: string, done: string) =>
    save(
      label,
      [
        {
          table: 'makes',
          id: make.id,
          edit: ({ stateSince: _, ...now }: Make): Make => ({ ...now, state, ...(state === 'sewing' ? {} : { stateSince: today() }) }),
        },
      ],
      { done: `${done} Ctrl Z takes it back.` },
    );
  return (
    <section aria-labelledby="abandoned" className="mt-6">
      <h2 id="abandoned" className="text-head">
        Abandoned: shall it stay so?
      </h2>
      <ul className="border-t border-rule">
        {left.map((make) => {
          const name = makeName(make, patterns);
          const steps = stepsOfMake(make, { patterns, makes, fabrics });
          const patternId = make.sources[0]?.patternId;
          return (
            <li key={make.id} className="flex flex-wrap items-center justify-between gap-2 border-b border-rule py-1.5">
              <span className="min-w-48 flex-1">
                <Link className="underline-offset-2 hover:underline" to={routes.make(make.id)}>
                  {name}
                </Link>
                <span className="block text-small text-ink2">
                  {[
                    make.why,
                    make.stage,
                    `at most ${rangeWords(handsFor(steps, paceWith(pace, patternId), make.version))} left`,
                    howTheOthersDid(make, makes),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
              <span className="flex flex-wrap gap-1 print:hidden">
                <Button
                  aria-label={`Save it: ${name}`}
                  onClick={() => void act(make, 'sewing', `${name} is sewn on`, `${name} is on the bench again.`)}
                >
                  Save it
                </Button>
                <Button
                  quiet
                  aria-label={`Give it away: ${name}`}
                  onClick={() => void act(make, 'given', `${name} given away`, `${name} is given away.`)}
                >
                  Give it away
                </Button>
                <Button quiet aria-label={`Cut it up: ${name}`} onClick={() => void act(make, 'unpicked', `${name} cut up`, `${name} is cut up.`)}>
                  Cut it up
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
