import { X } from 'lucide-react';
import { sizeLineWords } from '../core/alteration/words';
import { placeOf } from '../core/fit/chart';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/measure/zones';
import type { Make, SizeChart, SizeLine } from '../core/records';
import { SelectField, WordsField } from '../ui/field';
import { Pick } from '../ui/pick';

/** Every size and the point half way to the next, in order; a line at another point stands among them. */
function linesOf(chart: SizeChart, current: SizeLine | undefined): SizeLine[] {
  const lines = chart.sizes.flatMap((size, i): SizeLine[] => {
    const to = chart.sizes[i + 1];
    return to === undefined ? [{ size }] : [{ size }, { size, to, at: 0.5 }];
  });
  if (current && !lines.some((l) => keyOf(l) === keyOf(current))) lines.push(current);
  return lines.sort((a, b) => (placeOf(chart, a) ?? 0) - (placeOf(chart, b) ?? 0));
}

const keyOf = ({ size, to, at }: SizeLine) => `${size}|${to ?? ''}|${at ?? ''}`;

function LineSelect({
  label,
  labelHidden = false,
  chart,
  line,
  onLine,
}: {
  label: string;
  labelHidden?: boolean;
  chart: SizeChart;
  line: SizeLine | undefined;
  onLine: (line: SizeLine | undefined) => void;
}) {
  const lines = linesOf(chart, line);
  return (
    <SelectField
      label={label}
      labelHidden={labelHidden}
      value={line ? keyOf(line) : ''}
      onChange={(e) => onLine(lines.find((l) => keyOf(l) === e.target.value))}
    >
      {!line && <option value="">not noted</option>}
      {lines.map((l) => (
        <option key={keyOf(l)} value={keyOf(l)}>
          {sizeLineWords(l)}
        </option>
      ))}
    </SelectField>
  );
}

/** The size cut, and the zones where another line of the chart was followed. */
export function SizeLineEntry({
  chart,
  size,
  lines,
  zones,
  onChange,
}: {
  chart: SizeChart | undefined;
  size: SizeLine | undefined;
  lines: Make['sizeLines'];
  zones: readonly ZoneId[];
  onChange: (change: { size?: SizeLine; sizeLines?: Make['sizeLines'] }) => void;
}) {
  if (!chart)
    return (
      <WordsField
        label="Size cut (the pattern has no chart yet)"
        words={size?.size ?? ''}
        onWords={(words) => onChange(words === '' ? {} : { size: { size: words } })}
        className="w-56"
      />
    );
  const setLine = (zone: ZoneId, line: SizeLine | undefined) =>
    onChange({
      sizeLines: line
        ? lines.some((l) => l.zone === zone)
          ? lines.map((l) => (l.zone === zone ? { zone, line } : l))
          : [...lines, { zone, line }]
        : lines.filter((l) => l.zone !== zone),
    });
  const offered = [...zones, ...ZONE_IDS.filter((z) => !zones.includes(z))].filter((z) => !lines.some((l) => l.zone === z));
  return (
    <div className="flex flex-wrap items-end gap-3">
      <LineSelect label="Size cut" chart={chart} line={size} onLine={(line) => line && onChange({ size: line })} />
      {lines.map(({ zone, line }) => (
        <span key={zone} className="flex items-end">
          <LineSelect label={zoneOf(zone).label} chart={chart} line={line} onLine={(to) => setLine(zone, to)} />
          <button
            type="button"
            aria-label={`Same size at the ${zoneOf(zone).label} as elsewhere`}
            onClick={() => setLine(zone, undefined)}
            className="rounded-md p-1.5 text-ink2 hover:bg-tint"
          >
            <X size={15} aria-hidden />
          </button>
        </span>
      ))}
      <Pick
        label="Another size at"
        labelHidden
        placeholder="another size at …"
        value={undefined}
        options={offered.map((z) => ({ id: z, label: zoneOf(z).label }))}
        onPick={(z) => setLine(z as ZoneId, size ?? { size: chart.sizes[0]! })}
        className="w-40"
      />
    </div>
  );
}
