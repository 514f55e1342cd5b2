import { useMemo } from 'react';
import { useCaseTables, useWearTablesToAsk } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import { makeName } from '../../core/make/make-name';
import { format, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { alterationWords } from '../../core/alteration/words';
import { fabricsToWash, washed } from '../../core/fabric/stash';
import { judgedAgain, markedOnPaper } from '../../core/make/one-touch';
import { stillSo, verdictDueWords, type DueVerdict } from '../../core/decide/verdict-due';
import { verdictWhen } from '../../core/decide/verdict-weight';
import type { Alteration, Fabric, Make } from '../../core/records';
import { newId } from '../../data/new-id';
import { useSettings } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { LoveButtons } from '../makes/love-buttons';
import { actOn } from './act-on';
import { useNextInPlace, type PlaceInLists } from './use-walk';
import { WaitsList, type Waits } from './waits';
import type { WaitsTables } from './what-waits';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/**
 * What waits to be marked on the paper, judged anew and washed.
 *
 * @param alone whether nothing else waits: where nothing does here either, it is said
 */
export function ToJudge({ makes, patterns, fabrics, place, alone }: WaitsTables & { readonly place: PlaceInLists; readonly alone: boolean }) {
  const { hemisphere, unit } = useSettings();
  const toJudge = useEngine('verdictsDue', useWearTablesToAsk(), [hemisphere, today()]).answer;
  const tables = useCaseTables();
  const plan = useMemo(() => ({ date: today(), unit }), [unit]);
  const toMark = useEngine('marks', tables, [plan]).answer;
  useNextInPlace(place);
  if (!toJudge) return null;
  const verdicts = toJudge.flatMap(({ makeId, ...facts }) => {
    const make = withId(makes, makeId);
    return make ? [{ ...facts, make }] : [];
  });
  // What is to be marked follows from every pattern's next cut: of a large ledger that comes later than all else, which need not wait for it.
  const marks = (toMark ?? []).flatMap(({ makeId, alterationId }) => {
    const make = withId(makes, makeId);
    const alteration = make?.alterations.find((a) => a.id === alterationId);
    return make && alteration ? [{ make, alteration }] : [];
  });
  const unwashed = fabricsToWash(fabrics, today());

  const nameOf = (make: Make) => makeName(make, patterns);
  const verdict = ({ make, times: worn, due }: DueVerdict): Waits => {
    const latest = make.verdicts.at(-1);
    const times = Math.round(worn);
    const add = (said: Make['verdicts'][number], label: string) => void actOn(`${label}: ${nameOf(make)}`, make, (now) => judgedAgain(now, said));
    return {
      key: make.id,
      words: (
        <Link className="underline-offset-2 hover:underline" to={routes.make(make.id)}>
          {nameOf(make)}
        </Link>
      ),
      under: latest
        ? `${verdictDueWords(due)}; you said love ${latest.love} ${verdictWhen(latest)}${latest.reasons.length > 0 ? `, ${latest.reasons.join(', ')}` : ''}`
        : `${verdictDueWords(due)}; nothing said yet`,
      ...(latest
        ? {
            act: { label: 'Still so', name: `Still so: ${nameOf(make)}`, onAct: () => add(stillSo(latest, newId(), today(), times), 'still so') },
            aside: (
              <Link
                className="text-small text-ink2 underline underline-offset-2"
                to={`${routes.make(make.id)}#verdicts`}
                aria-label={`Not so any more: ${nameOf(make)}`}
              >
                not so any more
              </Link>
            ),
          }
        : {
            aside: (
              <LoveButtons
                of={`: ${nameOf(make)}`}
                love={undefined}
                onLove={(love) => add({ id: newId(), date: today(), wears: times, love, reasons: [] }, `love ${love}`)}
              />
            ),
          }),
    };
  };
  const unmarked = ({ make, alteration }: { readonly make: Make; readonly alteration: Alteration }): Waits => ({
    key: alteration.id,
    words: alterationWords(alteration, unit),
    under: (
      <Link className="underline-offset-2 hover:underline" to={routes.pattern(make.sources[0]?.patternId ?? '')}>
        {nameOf(make)}
      </Link>
    ),
    act: {
      label: 'Marked',
      name: `Marked: ${alterationWords(alteration, unit)}, ${nameOf(make)}`,
      onAct: () =>
        void actOn(`marked on the pattern paper: ${alterationWords(alteration, unit)}`, make, (now) => markedOnPaper(now, alteration.id, today())),
    },
  });
  const toWash = (fabric: Fabric): Waits => ({
    key: fabric.id,
    words: (
      <Link className="underline-offset-2 hover:underline" to={routes.fabric(fabric.id)}>
        {fabric.name}
      </Link>
    ),
    under: `bought ${format(parseISO(fabric.bought!), 'd MMM yyyy')}, not washed; ${fabric.shrinkAlong === undefined ? 'nobody knows how it shrinks' : `shrinks ${fabric.shrinkAlong}\u202f%`}`,
    act: {
      label: 'Washed',
      name: `Washed: ${fabric.name}`,
      onAct: () => void save(`washed: ${fabric.name}`, [{ table: 'fabrics', id: fabric.id, edit: (now) => washed(now, today()) }]),
    },
  });

  if (toMark && alone && [marks, verdicts, unwashed].every((list) => list.length === 0))
    return <p className="border-t border-rule pt-1 text-ink2">Nothing waits: no loose end, no mark, no plan that is due.</p>;
  return (
    <>
      {toMark ? (
        <WaitsList id="unmarked" head="Mark on the pattern paper" things={marks} item={unmarked} amber />
      ) : (
        <p className="border-t border-rule pt-1 text-small text-ink2">What is to be marked on the pattern paper is being worked out.</p>
      )}
      <WaitsList id="due" head="How do you like it now?" things={verdicts} item={verdict} />
      <WaitsList id="wash" head="Fabric to wash" things={unwashed} item={toWash} />
    </>
  );
}
