import { durationForEditing, formatDuration, parseDuration } from '../core/units/duration';
import { ReadField } from './field';

type Props = Omit<Parameters<typeof ReadField<number | undefined>>[0], 'shown' | 'read' | 'onValue'> & {
  readonly minutes: number | undefined;
  readonly onMinutes: (minutes: number | undefined) => void;
  /** The most that can be meant. */
  readonly most?: number;
};

/** A time as one says it: "40", "1h30", "two hours"; a bare number is minutes. Empty means not noted. */
export function MinutesField({ minutes, onMinutes, most = 200_000, hint, ...rest }: Props) {
  return (
    <ReadField<number | undefined>
      autoComplete="off"
      {...rest}
      hint={minutes === undefined ? hint : undefined}
      shown={minutes === undefined ? '' : durationForEditing(minutes)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        // A bare number is minutes here, as one says it at the machine.
        const parsed = parseDuration(/^\s*\d+\s*$/.test(text) ? `${text} min` : text);
        if (!parsed.ok) return parsed;
        return parsed.minutes > most ? { ok: false, problem: `At most ${formatDuration(most)}.` } : { ok: true, value: parsed.minutes };
      }}
      onValue={onMinutes}
    />
  );
}
