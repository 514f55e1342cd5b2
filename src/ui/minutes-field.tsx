import { durationForEditing, formatDuration, parseDuration } from '../core/units/duration';
import { ReadField } from './field';

type Props = Omit<Parameters<typeof ReadField<number | undefined>>[0], 'shown' | 'read' | 'onValue'> & {
  readonly minutes: number | undefined;
  readonly onMinutes: (minutes: number | undefined) => void;
  /** The most that can be meant. */
  readonly most?: number;
};

/** A time as one says it: "1h30", "90 min", "two hours". Empty means not noted. */
export function MinutesField({ minutes, onMinutes, most = 200_000, hint, ...rest }: Props) {
  return (
    <ReadField<number | undefined>
      autoComplete="off"
      {...rest}
      hint={minutes === undefined ? hint : undefined}
      shown={minutes === undefined ? '' : durationForEditing(minutes)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const parsed = parseDuration(text);
        if (!parsed.ok) return parsed;
        return parsed.minutes > most ? { ok: false, problem: `At most ${formatDuration(most)}.` } : { ok: true, value: parsed.minutes };
      }}
      onValue={onMinutes}
    />
  );
}
