import { directionWord, outcomeWords } from '../core/make/fit-note-words';
import { withoutEmpty } from '../core/units/keys';
import { outcomeOf } from '../core/make/outcome';
import clsx from 'clsx';
import { MoreHorizontal } from 'lucide-react';
import { useRef, useState, type KeyboardEvent } from 'react';
import { alterationKind } from '../core/catalogue/alterations';
import { askWords } from '../core/forecast/words';
import type { Ask } from '../core/forecast/worth-asking';
import { type LengthUnit } from '../core/units/length';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/body/zones';
import type { ZoneSaid } from '../core/make/log-draft';
import { FitNote, fieldMeta, type Outcome } from '../core/records';
import { SYMPTOM_IDS, symptomOf, symptomsAt } from '../core/catalogue/symptoms';
import { Button } from '../ui/button';
import { ChoiceOrNone } from '../ui/field';
import { KeyCap } from '../ui/key-cap';
import { LengthField } from '../ui/length-field';
import { Pick } from '../ui/pick';
import { FitMark, markColour } from './fit-mark';
import { GarmentFigure, type Drawn } from './garment-figure';
import { RecordField } from './record-field';

const DEGREES: readonly { readonly size: 1 | 2 | 3; readonly word: string }[] = [
  { size: 1, word: 'slight' },
  { size: 2, word: 'clear' },
  { size: 3, word: 'spoils' },
];

/** With a key held down beside it, a key is another's. */
const isHeld = ({ ctrlKey, metaKey, altKey }: KeyboardEvent) => ctrlKey || metaKey || altKey;

/** Slight, then clear, then spoils, then slight again. */
function stronger(was: Outcome | undefined, sign: -1 | 1): Outcome {
  const size = was !== undefined && Math.sign(was) === sign ? (Math.abs(was) % 3) + 1 : 1;
  return outcomeOf(sign, size);
}

/** What a symptom may mean, and how to tell: none of its causes is certain, and another can be taken with one click. */
function SymptomLine({ said, onCause }: { said: ZoneSaid; onCause: (zone: ZoneId, outcome: Outcome) => void }) {
  if (!said.symptom) return null;
  const { label, causes, ruleOut, tell, answers } = symptomOf(said.symptom);
  const degree = Math.max(1, Math.abs(said.outcome));
  const others = causes.filter((c) => c.zone !== said.zone || c.direction !== Math.sign(said.outcome));
  const taken = causes.find((c) => c.zone === said.zone && c.direction === Math.sign(said.outcome));
  return (
    <div className="basis-full pb-1 text-small text-ink2">
      <b className="inline-block text-ink first-letter:uppercase">{label}</b>
      {taken && `: often ${taken.words}.`} {tell} Rule out {ruleOut}.
      <span className="flex flex-wrap items-center gap-1">
        {others.length > 0 && 'Or:'}
        {others.map((c) => (
          <button
            key={`${c.zone} ${c.direction}`}
            type="button"
            onClick={() => onCause(c.zone, outcomeOf(c.direction, degree))}
            className="min-h-6 rounded-md border border-rule2 px-1.5 hover:bg-tint max-sm:min-h-11"
          >
            {zoneOf(c.zone).label} {directionWord(c.zone, c.direction)}: {c.words}
          </button>
        ))}
      </span>
      Answered by{' '}
      {answers
        .map(({ kind, direction }) => `${alterationKind(kind).label} (${direction > 0 ? alterationKind(kind).plus : alterationKind(kind).minus})`)
        .join(', ')}
      .
    </div>
  );
}

/** What else can be said of a note: on one side, over another layer, caused by another zone, in words. */
function NoteDetails({ said, zones, onChange }: { said: ZoneSaid; zones: readonly ZoneId[]; onChange: (change: Partial<ZoneSaid>) => void }) {
  return (
    <div className="flex basis-full flex-wrap items-end gap-2 pb-1.5">
      <RecordField of={FitNote.shape} name="words" value={said.words} onValue={(words) => onChange({ words })} className="min-w-44 flex-1" />
      <RecordField of={FitNote.shape} name="side" value={said.side} onValue={(side) => onChange({ side })} className="w-32" />
      <ChoiceOrNone
        label="Caused by"
        value={said.causedBy}
        all={zones.filter((z) => z !== said.zone)}
        words={(z) => zoneOf(z).label}
        none="itself"
        onValue={(causedBy) => onChange({ causedBy })}
        className="w-36"
      />
      <RecordField of={FitNote.shape} name="over" value={said.over} onValue={(over) => onChange({ over })} className="w-44" />
      <RecordField of={FitNote.shape} name="done" value={said.done} onValue={(done) => onChange({ done })} className="w-44" />
    </div>
  );
}

/**
 * One line a zone: under, right or over with one key each. `u` and `o` again make it clear, and again spoils; `r` goes on to the
 * next zone; `a` says that the rest is right.
 */
export function FitEntry({
  zones,
  said,
  drawn,
  unit,
  asks = [],
  onChange,
}: {
  zones: readonly ZoneId[];
  said: readonly ZoneSaid[];
  /** Places whose notes would help most. */
  asks?: readonly Ask[] | undefined;
  /** The garment, to point at. */
  drawn?: Drawn | undefined;
  unit: LengthUnit;
  onChange: (said: readonly ZoneSaid[]) => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  const [detailed, setDetailed] = useState<ZoneId>();
  const shown = [...zones, ...said.map((s) => s.zone).filter((z) => !zones.includes(z))];
  const symptomsHere = new Set(symptomsAt(shown));
  const at = (zone: ZoneId) => said.find((s) => s.zone === zone);
  // What is pinned, or looked at where no more is asked, is asked no longer.
  const open = asks.filter(
    (a) => shown.includes(a.zone) && (a.how === 'pin' ? at(a.zone)?.outcome !== 0 && at(a.zone)?.amount === undefined : !at(a.zone)),
  );
  const set = (zone: ZoneId, change: Partial<ZoneSaid> | undefined) => {
    const others = said.filter((s) => s.zone !== zone);
    if (!change) return onChange(others);
    const { amount, found, symptom, outcome = 0, ...rest } = { ...at(zone), ...change };
    // What was never said is not kept as an empty field, and of a zone that is right there is no amount and no symptom.
    onChange([
      ...others,
      { ...withoutEmpty({ ...rest, ...(outcome === 0 ? {} : { amount, found: amount === undefined ? undefined : found, symptom }) }), zone, outcome },
    ]);
  };
  const restRight = () => onChange([...said, ...shown.filter((z) => !at(z)).map((zone): ZoneSaid => ({ zone, outcome: 0 }))]);
  const focusRow = (index: number) => list.current?.querySelectorAll<HTMLElement>('[data-row-stop]')[index]?.focus();

  /** What a key says of a zone, on its line or its spot; whether it was one of those keys. */
  const sayByKey = (event: KeyboardEvent, zone: ZoneId): boolean => {
    if (isHeld(event)) return false;
    const acts: Record<string, () => void> = {
      u: () => set(zone, { outcome: stronger(at(zone)?.outcome, -1) }),
      o: () => set(zone, { outcome: stronger(at(zone)?.outcome, 1) }),
      r: () => set(zone, { outcome: 0 }),
      a: restRight,
      Backspace: () => set(zone, undefined),
      Delete: () => set(zone, undefined),
    };
    acts[event.key]?.();
    return event.key in acts;
  };
  const onRowKey = (event: KeyboardEvent, zone: ZoneId, index: number) => {
    if (event.target instanceof HTMLInputElement || isHeld(event)) return;
    const row = { ArrowDown: index + 1, ArrowUp: index - 1, r: index + 1 }[event.key];
    if (!sayByKey(event, zone) && row === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    if (row !== undefined) focusRow(row);
  };

  return (
    <div>
      {drawn && (
        <GarmentFigure
          drawn={drawn}
          zones={shown}
          said={(zone) => {
            const is = at(zone);
            return { marks: is ? [is.outcome] : [], words: `${zoneOf(zone).label}: ${is ? outcomeWords(is, unit) : 'not judged'}. Go to it` };
          }}
          onZone={(zone) => focusRow(shown.indexOf(zone))}
          onKey={sayByKey}
          className="mb-2"
        />
      )}
      {open.length > 0 && (
        <p className="mb-1.5 flex flex-wrap items-center gap-y-1 text-small">
          <span className="text-amber">What helps the next one most:</span>
          {open.map((a) => (
            <Button key={a.zone} quiet onClick={() => focusRow(shown.indexOf(a.zone))}>
              {askWords(a, unit)}
            </Button>
          ))}
        </p>
      )}
      <ul ref={list} className="border-t border-rule">
        {shown.map((zone, index) => {
          const is = at(zone);
          const { kind, label } = zoneOf(zone);
          const choices = [
            { sign: -1, outcome: is && is.outcome < 0 ? is.outcome : -1 },
            { sign: 0, outcome: 0 },
            { sign: 1, outcome: is && is.outcome > 0 ? is.outcome : 1 },
          ] as const satisfies readonly { sign: number; outcome: Outcome }[];
          return (
            <li
              key={zone}
              onKeyDown={(e) => onRowKey(e, zone, index)}
              className="flex min-h-[33px] flex-wrap items-center gap-x-2 border-b border-rule py-0.5 focus-within:bg-tint"
            >
              <span className="w-24 first-letter:uppercase">{label}</span>
              <span role="group" aria-label={`${label}: how it fitted`} className="flex">
                {choices.map(({ sign, outcome }) => {
                  const on = is !== undefined && Math.sign(is.outcome) === sign;
                  const press = () =>
                    on && sign === 0 ? set(zone, undefined) : set(zone, { outcome: sign === 0 ? 0 : stronger(is?.outcome, sign) });
                  return (
                    <button
                      key={sign}
                      type="button"
                      aria-pressed={on}
                      data-row-stop={sign === 0 ? '' : undefined}
                      tabIndex={sign === 0 ? 0 : -1}
                      onClick={press}
                      className={clsx(
                        '-ml-px flex min-h-[28px] w-[80px] items-center gap-1 border border-rule2 bg-page px-2 text-left first:ml-0 first:rounded-l-md last:rounded-r-md max-sm:min-h-11 max-sm:w-[92px]',
                        on ? 'relative border-ink font-semibold' : 'text-ink2 hover:bg-tint',
                      )}
                      style={on ? { color: markColour(outcome) } : undefined}
                    >
                      <FitMark kind={kind} outcome={outcomeOf(sign, 2)} size={18} />
                      {directionWord(zone, sign)}
                    </button>
                  );
                })}
              </span>
              {is && is.outcome !== 0 && (
                <>
                  <span role="group" aria-label={`${label}: how much`} className="flex">
                    {DEGREES.map(({ size, word }) => (
                      <button
                        key={word}
                        type="button"
                        tabIndex={-1}
                        aria-pressed={Math.abs(is.outcome) === size}
                        onClick={() => set(zone, { outcome: outcomeOf(is.outcome, size) })}
                        className={clsx(
                          'min-h-[28px] px-1 text-small max-sm:min-h-11',
                          Math.abs(is.outcome) === size ? 'font-bold underline underline-offset-4' : 'text-ink2 hover:bg-tint',
                        )}
                      >
                        {word}
                      </button>
                    ))}
                  </span>
                  <LengthField
                    label={`${label}: by how much, if known`}
                    labelHidden
                    placeholder={`by … ${unit}`}
                    unit={unit}
                    cm={is.amount}
                    onCm={(cm) => set(zone, { amount: cm === undefined ? undefined : Math.abs(cm) || undefined })}
                    className="w-20 [&_input]:w-20"
                  />
                  {is.amount !== undefined && (
                    <ChoiceOrNone
                      label={`${label}: how the amount was found`}
                      labelHidden
                      value={is.found}
                      all={['pinned', 'about']}
                      words={(found) => fieldMeta(FitNote.shape.found).words?.[found] ?? found}
                      none="judged by eye"
                      onValue={(found) => set(zone, { found })}
                      className="w-40"
                    />
                  )}
                </>
              )}
              {is && (
                <button
                  type="button"
                  aria-label={`${label}: more about it`}
                  aria-expanded={detailed === zone}
                  onClick={() => setDetailed(detailed === zone ? undefined : zone)}
                  className="ml-auto min-h-6 min-w-6 rounded-md px-1 text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
                >
                  <MoreHorizontal size={15} aria-hidden className="inline" />
                </button>
              )}
              {is && detailed === zone && <NoteDetails said={is} zones={shown} onChange={(change) => set(zone, change)} />}
              {is && (
                <SymptomLine
                  said={is}
                  onCause={(other, outcome) =>
                    onChange([...said.filter((s) => s.zone !== zone && s.zone !== other), { ...is, zone: other, outcome }])
                  }
                />
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-1.5 flex flex-wrap items-center gap-3">
        <Button quiet onClick={restRight}>
          The rest is right <KeyCap>a</KeyCap>
        </Button>
        <Pick
          label="What do you see?"
          labelHidden
          placeholder="what do you see? pulls, folds, gaps …"
          value={undefined}
          options={SYMPTOM_IDS.map((id) => ({ id, label: symptomOf(id).label, detail: symptomsHere.has(id) ? '' : 'elsewhere' })).sort(
            (a, b) => Number(a.detail !== '') - Number(b.detail !== ''),
          )}
          onPick={(symptom) => {
            const [{ zone, direction }] = symptomOf(symptom).causes;
            set(zone, { outcome: stronger(at(zone)?.outcome, direction), symptom });
          }}
          className="w-72"
        />
        <Pick
          label="Another zone"
          labelHidden
          placeholder="another zone …"
          value={undefined}
          options={ZONE_IDS.filter((z) => !shown.includes(z)).map((z) => ({ id: z, label: zoneOf(z).label }))}
          onPick={(id) => set(id, { outcome: 0 })}
          className="w-40"
        />
      </div>
    </div>
  );
}
