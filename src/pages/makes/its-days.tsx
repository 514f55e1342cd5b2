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

/** When a make was cut and finished, asked for as exactly as it is known: by days, by a month or a year, or not at all. */
export function ItsDays({ make, onChange }: { make: Make; onChange: (part: Partial<Make>) => void }) {
  const inWords = useTradeWords();
  const { cutOn, finishedOn, knownTo } = make;
  const undated = isUndated(make);
  const isDone = make.state === 'finished';
  const known = undated ? 'nothing' : (knownTo ?? 'day');
  const knowTo = (to: typeof known) => {
    if (to === 'nothing') return onChange({ undated: true, knownTo: undefined, finishedOn: undefined });
    if (to === 'day') return onChange({ undated: undefined, knownTo: undefined });
    const done = finishedOn ?? (isDone ? cutOn : undefined);
    onChange({ undated: undefined, knownTo: to, cutOn: middleOf(to, cutOn, today()), finishedOn: done && middleOf(to, done, today()) });
  };
  return (
    <>
      {knownTo ? (
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
        value={known}
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
  return [cut, done].map(
    (one) =>
      one && (
        <RoughDay key={one.label} label={one.label} knownTo={knownTo} day={one.day} onDay={(day) => one.take(middleOf(knownTo, day, today()))} />
      ),
  );
}

/** A month or a year, as a day of it. */
function RoughDay({ label, knownTo, day, onDay }: { label: string; knownTo: KnownTo; day: string; onDay: (day: string) => void }) {
  const written = writtenDay({ knownTo }, day);
  const wrongWith = (when: string | undefined) =>
    when === undefined
      ? `A ${knownTo} stands here: write one, or choose that nothing is known.`
      : when > writtenDay({ knownTo }, today())
        ? `This ${knownTo} is still to come.`
        : undefined;
  if (knownTo === 'month')
    return (
      <DateField label={label} type="month" value={written} check={wrongWith} onValue={(month) => month !== undefined && onDay(`${month}-01`)} />
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
      onValue={(year) => onDay(`${year}-01-01`)}
    />
  );
}
