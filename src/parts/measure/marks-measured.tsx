import type { ReactNode } from 'react';
import { lengthOfMark } from '../../core/measure/kept';
import { namedFor } from '../../core/measure/named';
import type { GarmentKind, PictureMark, PictureMeasured } from '../../core/records';
import type { LengthUnit } from '../../core/units/length';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { doubtedWords } from './measure-words';

/** A change to the marks of a picture as they then stand. */
export type MarksChange = (now: readonly PictureMark[]) => PictureMark[];

/**
 * What was marked in a picture: what each is, how long, and below it where its measure goes.
 *
 * @param under what stands below each mark
 */
export function MarksMeasured({
  measured,
  garment,
  unit,
  chosen,
  onChosen,
  onMarks,
  under,
}: {
  measured: PictureMeasured;
  garment: GarmentKind | undefined;
  unit: LengthUnit;
  chosen: string | undefined;
  onChosen: (id: string | undefined) => void;
  onMarks: (change: MarksChange, what: string) => void;
  under: ((mark: PictureMark, measured: PictureMeasured) => ReactNode) | undefined;
}) {
  const { marks } = measured;
  return (
    <section>
      <h2 className="text-head">Measured</h2>
      {marks.length === 0 && <p className="text-small text-ink2">Nothing yet. Choose Line, and put both ends of what you want to know.</p>}
      <ul aria-live="polite">
        {marks.map((mark, i) => {
          const names = namedFor(garment).filter((n) => n.kind === mark.kind || (mark.kind !== 'outline' && n.kind !== 'outline'));
          const called = (name: string) => {
            const { doubled: _, zone: __, name: ___, ...bare } = mark;
            const named = names.find((n) => n.name === name);
            const next: PictureMark = named
              ? { ...bare, name: named.name, ...(named.doubled ? { doubled: true } : {}), ...(named.zone ? { zone: named.zone } : {}) }
              : bare;
            onMarks((now) => now.map((m) => (m.id === mark.id ? next : m)), 'what was measured');
          };
          return (
            <li key={mark.id} className={`border-b border-rule py-1.5 ${mark.id === chosen ? 'bg-tint' : ''}`}>
              <div className="flex items-end justify-between gap-2">
                <SelectField
                  label={`${mark.kind} ${i + 1}`}
                  value={mark.name ?? ''}
                  onChange={(e) => called(e.target.value)}
                  className="min-w-0 flex-1 [&_select]:w-full"
                >
                  <option value="">no name</option>
                  {names.map((n) => (
                    <option key={n.name} value={n.name}>
                      {n.name}
                    </option>
                  ))}
                </SelectField>
                <button
                  type="button"
                  className="min-h-8 rounded-md px-1 text-right font-semibold whitespace-nowrap underline-offset-2 hover:underline max-sm:min-h-11"
                  aria-pressed={mark.id === chosen}
                  onClick={() => onChosen(mark.id === chosen ? undefined : mark.id)}
                >
                  {doubtedWords(lengthOfMark(measured, mark), unit)}
                  {mark.doubled && <span className="block text-small font-normal text-ink2">all round</span>}
                </button>
                <Button
                  quiet
                  aria-label={`Remove ${mark.name ?? `${mark.kind} ${i + 1}`}`}
                  onClick={() => onMarks((now) => now.filter((m) => m.id !== mark.id), 'a mark removed')}
                >
                  ×
                </Button>
              </div>
              {mark.name !== undefined && <p className="text-small text-ink2">{names.find((n) => n.name === mark.name)?.how}</p>}
              {under?.(mark, measured)}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
