import { useState } from 'react';
import { isUndated, writtenDay } from '../../core/make/its-day';
import { middleOf } from '../../core/make/known-to';
import { KNOWN_TO, Make, type KnownTo } from '../../core/records';
import { fieldMeta } from '../../core/records/field';
import { today } from '../../data/today';
import { useTradeWords } from '../../data/queries';
import { RecordField } from '../../parts/record-field';
import { DateField } from '../../ui/date-field';
import { ChoiceField, ReadField } from '../../ui/field';

const of = Make.shape;
const { label: HOW_KNOWN, words: KNOWN_WORDS = {} } = fieldMeta(of.knownTo);
const WORDS: Readonly<Record<string, string>> = { day: 'the day itself', nothing: 'nothing', ...KNOWN_WORDS };
/** What may be known of a day, the least first. */
const KNOWN = ['nothing', 'year', 'month', 'day'] as const;
type Known = (typeof KNOWN)[number];

/** When a make was cut and finished, asked for as exactly as it is known: by days, by a month or a year, or not at all. */
export function ItsDays({ make, onChange }: { make: Make; onChange: (part: Partial<Make>) => void }) {
  const inWords = useTradeWords();
  const { cutOn, finishedOn, knownTo } = make;
  /** More than is known so far, once that is asked for: nothing is written before it is given. */
  const [wanted, setWanted] = useState<KnownTo | 'day'>();
  const undated = isUndated(make);
  const isDone = make.state === 'finished';
  const known: Known = undated ? 'nothing' : (knownTo ?? 'day');
  const done = finishedOn ?? (isDone ? cutOn : undefined);
  const isOfDone = done !== undefined || undated;
  const knowTo = (to: Known) => {
    const isMore = to !== 'nothing' && KNOWN.indexOf(to) > KNOWN.indexOf(known);
    setWanted(isMore ? to : undefined);
    if (isMore || to === known || to === 'day') return;
    if (to === 'nothing') return onChange({ undated: true, knownTo: undefined, finishedOn: undefined });
    onChange({ knownTo: to, cutOn: middleOf(to, cutOn, today()), finishedOn: done && middleOf(to, done, today()) });
  };
  const give = (to: KnownTo | 'day', day: string) => {
    // What was cut in an earlier month or year than it was finished in still was.
    const wasBefore = !undated && finishedOn !== undefined && writtenDay(make, cutOn) < writtenDay(make, finishedOn) && cutOn < day;
    onChange({ undated: undefined, knownTo: to === 'day' ? undefined : to, cutOn: wasBefore ? cutOn : day, finishedOn: isOfDone ? day : undefined });
    setWanted(undefined);
  };
  return (
    <>
      {wanted ? (
        <RoughDay
          key={wanted}
          label={wanted === 'day' ? fieldMeta(isOfDone ? of.finishedOn : of.cutOn).label : isOfDone ? 'Made in' : 'Cut in'}
          knownTo={wanted}
          day={undefined}
          onDay={(day) => give(wanted, day)}
        />
      ) : knownTo ? (
        <RoughDays make={make} knownTo={knownTo} onChange={onChange} />
      ) : (
        <>
          {!undated && <RecordField of={of} name="cutOn" value={cutOn} onValue={(day) => onChange({ cutOn: day })} />}
          <RecordField
            of={of}
            name="finishedOn"
            value={finishedOn}
            onValue={(day) => onChange({ finishedOn: day, ...(undated && day ? { cutOn: day, undated: undefined } : {}) })}
          />
        </>
      )}
      <ChoiceField
        label={inWords(HOW_KNOWN)}
        all={['day', ...KNOWN_TO, ...(isDone || undated ? (['nothing'] as const) : [])] as const}
        words={(to) => inWords(WORDS[to] ?? to)}
        value={wanted ?? known}
        onValue={knowTo}
      />
    </>
  );
}

/** The month or the year of cutting and of finishing: asked once where they are the same. */
function RoughDays({ make, knownTo, onChange }: { make: Make; knownTo: KnownTo; onChange: (part: Partial<Make>) => void }) {
  const { cutOn, finishedOn } = make;
  const isOne = finishedOn === undefined || writtenDay(make, cutOn) === writtenDay(make, finishedOn);
  const done = finishedOn && {
    label: isOne ? 'Made in' : 'Finished in',
    day: finishedOn,
    take: (day: string) => onChange({ finishedOn: day, ...(isOne || day < cutOn ? { cutOn: day } : {}) }),
  };
  const cut = !(done && isOne) && {
    label: 'Cut in',
    day: cutOn,
    take: (day: string) => onChange({ cutOn: day, ...(finishedOn !== undefined && day > finishedOn ? { finishedOn: day } : {}) }),
  };
  return [cut, done].map((one) => one && <RoughDay key={one.label} label={one.label} knownTo={knownTo} day={one.day} onDay={one.take} />);
}

/**
 * A day as exactly as it is known: itself, or its month or year.
 *
 * @param day undefined where none is written yet
 * @param onDay the day, or one in the middle of its month or year
 */
function RoughDay({
  label,
  knownTo,
  day,
  onDay,
}: {
  label: string;
  knownTo: KnownTo | 'day';
  day: string | undefined;
  onDay: (day: string) => void;
}) {
  const kept = knownTo === 'day' ? {} : { knownTo };
  const written = day === undefined ? '' : writtenDay(kept, day);
  const wrongWith = (when: string | undefined) =>
    when === undefined
      ? `A ${knownTo} stands here: write one, or choose that nothing is known.`
      : when > writtenDay(kept, today())
        ? `This ${knownTo} is still to come.`
        : undefined;
  if (knownTo !== 'year')
    return (
      <DateField
        label={label}
        type={knownTo === 'day' ? 'date' : 'month'}
        value={written === '' ? undefined : written}
        check={wrongWith}
        onValue={(when) => when !== undefined && onDay(knownTo === 'day' ? when : middleOf(knownTo, `${when}-01`, today()))}
      />
    );
  return (
    <ReadField<string>
      label={label}
      inputMode="numeric"
      autoComplete="off"
      className="w-28"
      shown={written}
      read={(text) => {
        const year = text.trim();
        if (!/^(?:19|20)\d\d$/.test(year)) return { ok: false, problem: 'Write the year with its four figures.' };
        const problem = wrongWith(year);
        return problem === undefined ? { ok: true, value: year } : { ok: false, problem };
      }}
      onValue={(year) => onDay(middleOf('year', `${year}-01-01`, today()))}
    />
  );
}
