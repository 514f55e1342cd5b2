import clsx from 'clsx';
import { useRef, type KeyboardEvent } from 'react';
import { directionWord } from '../core/fit/words';
import type { LengthUnit } from '../core/measure/length';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/measure/zones';
import type { FitNote, Outcome } from '../core/records';
import { Button } from '../ui/button';
import { KeyCap } from '../ui/key-cap';
import { LengthField } from '../ui/length-field';
import { Pick } from '../ui/pick';
import { FitMark, markColour } from './fit-mark';

/** What is said of a zone in one look: enough of a fit note to complete it with when and by whom. */
export type ZoneSaid = Pick<FitNote, 'zone' | 'outcome'> & Partial<Pick<FitNote, 'amount' | 'words'>>;

const DEGREES: readonly { readonly size: 1 | 2 | 3; readonly word: string }[] = [
  { size: 1, word: 'slight' },
  { size: 2, word: 'clear' },
  { size: 3, word: 'spoils' },
];

/** Slight, then clear, then spoils, then slight again. */
function stronger(was: Outcome | undefined, sign: -1 | 1): Outcome {
  const size = was !== undefined && Math.sign(was) === sign ? (Math.abs(was) % 3) + 1 : 1;
  return (sign * size) as Outcome;
}

/**
 * One line a zone: under, right or over with one key each. `u` and `o` again make it clear, and again spoils; `r` goes on to the
 * next zone; `a` says that the rest is right.
 */
export function FitEntry({
  zones,
  said,
  unit,
  onChange,
}: {
  zones: readonly ZoneId[];
  said: readonly ZoneSaid[];
  unit: LengthUnit;
  onChange: (said: readonly ZoneSaid[]) => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  const shown = [...zones, ...said.map((s) => s.zone).filter((z) => !zones.includes(z))];
  const at = (zone: ZoneId) => said.find((s) => s.zone === zone);
  const set = (zone: ZoneId, change: Partial<ZoneSaid> | undefined) => {
    const others = said.filter((s) => s.zone !== zone);
    if (!change) return onChange(others);
    const { amount, ...rest } = { ...at(zone), ...change } as ZoneSaid;
    onChange([...others, { ...rest, zone, ...(amount === undefined || rest.outcome === 0 ? {} : { amount }) }]);
  };
  const restRight = () => onChange([...said, ...shown.filter((z) => !at(z)).map((zone): ZoneSaid => ({ zone, outcome: 0 }))]);
  const focusRow = (index: number) => list.current?.querySelectorAll<HTMLElement>('[data-row-stop]')[index]?.focus();

  const onKey = (event: KeyboardEvent, zone: ZoneId, index: number) => {
    if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
    const acts: Record<string, () => void> = {
      u: () => set(zone, { outcome: stronger(at(zone)?.outcome, -1) }),
      o: () => set(zone, { outcome: stronger(at(zone)?.outcome, 1) }),
      r: () => {
        set(zone, { outcome: 0 });
        focusRow(index + 1);
      },
      a: restRight,
      Backspace: () => set(zone, undefined),
      Delete: () => set(zone, undefined),
      ArrowDown: () => focusRow(index + 1),
      ArrowUp: () => focusRow(index - 1),
    };
    const act = acts[event.key];
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };

  return (
    <div>
      <ul ref={list} className="border-t border-rule">
        {shown.map((zone, index) => {
          const is = at(zone);
          const { kind, label } = zoneOf(zone);
          const choices = [
            { sign: -1, outcome: is && is.outcome < 0 ? is.outcome : (-1 as Outcome) },
            { sign: 0, outcome: 0 as Outcome },
            { sign: 1, outcome: is && is.outcome > 0 ? is.outcome : (1 as Outcome) },
          ] as const;
          return (
            <li
              key={zone}
              onKeyDown={(e) => onKey(e, zone, index)}
              className="flex min-h-[33px] flex-wrap items-center gap-x-2 border-b border-rule py-0.5 focus-within:bg-tint"
            >
              <span className="w-28 first-letter:uppercase">{label}</span>
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
                        '-ml-px flex min-h-[28px] w-[86px] items-center gap-1 border border-rule2 bg-page px-2 text-left first:ml-0 first:rounded-l-md last:rounded-r-md max-sm:min-h-11 max-sm:w-[92px]',
                        on ? 'relative border-ink font-semibold' : 'text-ink2 hover:bg-tint',
                      )}
                      style={on ? { color: markColour(outcome) } : undefined}
                    >
                      <FitMark kind={kind} outcome={(sign * 2) as Outcome} size={18} />
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
                        onClick={() => set(zone, { outcome: (Math.sign(is.outcome) * size) as Outcome })}
                        className={clsx(
                          'min-h-[28px] px-1.5 text-small max-sm:min-h-11',
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
                </>
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
          label="Another zone"
          labelHidden
          placeholder="another zone …"
          value={undefined}
          options={ZONE_IDS.filter((z) => !shown.includes(z)).map((z) => ({ id: z, label: zoneOf(z).label }))}
          onPick={(id) => set(id as ZoneId, { outcome: 0 })}
          className="w-40"
        />
      </div>
    </div>
  );
}
