import { alterationWords } from '../core/alteration/words';
import type { Offset } from '../core/garment/offset';
import { chartTermWords, heightWords } from '../core/forecast/words';
import { formatLength, type LengthUnit } from '../core/units/length';

/** The terms of an offset, one a line: how this number came about. */
export function OffsetTerms({ offset, unit }: { offset: Offset; unit: LengthUnit }) {
  const length = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const chart = chartTermWords(offset.chart, unit);
  return (
    <ul className="text-small leading-[18px] text-ink2">
      {chart && (
        <li>
          {offset.chart.from !== 'sizes' && length(offset.chart.cm)} {chart}
        </li>
      )}
      {offset.height && (
        <li>
          {length(offset.height.cm)} {heightWords(offset.height, unit)}
        </li>
      )}
      {offset.alterations.map((a) => (
        <li key={a.alteration.id}>
          {length(a.cm)} {alterationWords(a.alteration, unit)}
          {a.unplaced ? ' (half of it: nobody said whether it passed here)' : a.atMost ? ' (at most)' : ''}
        </li>
      ))}
      {offset.fabric.cm !== 0 && <li>{length(offset.fabric.cm)} the stretch of the fabric, against what the pattern asks</li>}
      {!chart && !offset.height && offset.alterations.length === 0 && offset.fabric.cm === 0 && <li>as drafted</li>}
    </ul>
  );
}
