import clsx from 'clsx';
import { chipWords } from '../core/shorthand/chip-words';
import type { LineContext } from '../core/shorthand/parse-line';
import type { Chip } from '../core/shorthand/chip';

/**
 * What a line was understood as, chip by chip. Where something else could be meant, a chip offers it; taking it writes it into the
 * line. A chip can be taken back to mere words.
 *
 * @param onText the line with a chip's text replaced
 */
export function LineChips({
  text,
  chips,
  context,
  onText,
}: {
  text: string;
  chips: readonly Chip[];
  context: LineContext;
  onText: (text: string) => void;
}) {
  const replaced = (chip: Chip, by: string) => onText(`${text.slice(0, chip.from)}${by}${text.slice(chip.to)}`);
  return (
    <ul aria-label="What the line was understood as" className="flex flex-wrap gap-1.5">
      {chips.map((chip) => {
        const { kind, says } = chipWords(chip.understood, context, context.unit);
        const words = chip.understood.is === 'words';
        return (
          <li
            key={`${chip.from} ${chip.text}`}
            className={clsx(
              'flex flex-wrap items-center gap-1 rounded-md border px-1.5 py-0.5',
              words ? 'border-dashed border-rule2' : 'border-rule2 bg-paper',
            )}
          >
            <span className="text-small text-ink2 italic">{words ? 'kept as words' : kind}</span>
            <span className={words ? 'italic' : 'font-semibold'}>{says}</span>
            {chip.readings.map((reading) => (
              <button
                key={reading.text}
                type="button"
                // The field keeps the focus: one goes on typing after choosing.
                onMouseDown={(e) => e.preventDefault()}
                onClick={() => replaced(chip, reading.text)}
                className="min-h-6 rounded-md border border-rule2 px-1 text-small text-ink2 hover:bg-tint max-sm:min-h-11"
              >
                or {reading.label}
              </button>
            ))}
          </li>
        );
      })}
    </ul>
  );
}
