import clsx from 'clsx';
import { X } from 'lucide-react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { sizeLineWords } from '../core/alteration/words';
import { lineAt, placeOf, sameLine } from '../core/garment/chart';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/body/zones';
import type { Make, SizeChart, SizeLine } from '../core/records';
import { Pick } from '../ui/pick';
import { firstOf } from '../core/units/item-at';

const ROW = 30;
/** Room at both ends of the track, so that the first and the last size have their label whole; % of its width. */
const EDGE = 5;

interface StripProps {
  readonly chart: SizeChart;
  readonly size: SizeLine | undefined;
  readonly lines: Make['sizeLines'];
  /** Zones that decide the fit, from the neck down: each has its own row. */
  readonly zones: readonly ZoneId[];
  readonly onChange: (change: { size?: SizeLine; sizeLines?: Make['sizeLines'] }) => void;
}

/**
 * The size lines of a make on one strip: sizes run across, places down, and the line that is traced bends between them. A click
 * or the arrow keys set a size or the point half way to the next; the first row is the size cut all over.
 */
export function SizeStrip({ chart, size, lines, zones, onChange }: StripProps) {
  const last = chart.sizes.length - 1;
  const at = (place: number) => (last === 0 ? 50 : EDGE + (place / last) * (100 - 2 * EDGE));
  const base = size && placeOf(chart, size);
  const shown = ZONE_IDS.filter((z) => zones.includes(z) || lines.some((l) => l.zone === z));
  const own = (zone: ZoneId) => lines.find((l) => l.zone === zone)?.line;
  const placeFor = (zone: ZoneId) => placeOf(chart, own(zone) ?? size ?? { size: '' }) ?? base;
  const setZone = (zone: ZoneId, line: SizeLine | undefined) => {
    const others = lines.filter((l) => l.zone !== zone);
    onChange({ sizeLines: line && !sameLine(line, size) ? [...others, { zone, line }] : others });
  };
  const setAll = (line: SizeLine) => onChange({ size: line, sizeLines: lines.filter((l) => !sameLine(l.line, line)) });

  const bend = shown
    .map((zone, i) => ({ x: placeFor(zone), y: (i + 0.5) * ROW }))
    .flatMap(({ x, y }) => (x === undefined ? [] : [`${at(x)},${y - ROW * 0.28} ${at(x)},${y + ROW * 0.28}`]))
    .join(' ');

  return (
    <div>
      <div className="border-y border-rule" role="group" aria-label="Size lines">
        <StripRow chart={chart} label="size cut" line={size} place={base} at={at} marked onLine={setAll} head />
        <div className="relative">
          {bend && (
            <svg
              viewBox={`0 0 100 ${shown.length * ROW}`}
              preserveAspectRatio="none"
              aria-hidden
              className="pointer-events-none absolute top-0 right-9 bottom-0 left-[112px] h-full w-[calc(100%-112px-2.25rem)]"
            >
              <polyline points={bend} fill="none" stroke="var(--c-ink)" strokeWidth={1.6} vectorEffect="non-scaling-stroke" strokeLinejoin="round" />
            </svg>
          )}
          {shown.map((zone) => (
            <StripRow
              key={zone}
              chart={chart}
              label={zoneOf(zone).label}
              line={own(zone) ?? size}
              place={placeFor(zone)}
              at={at}
              marked={own(zone) !== undefined}
              onLine={(line) => setZone(zone, line)}
              onClear={own(zone) && (() => setZone(zone, undefined))}
            />
          ))}
        </div>
      </div>
      <Pick
        label="Another size at"
        labelHidden
        placeholder="another size at …"
        value={undefined}
        options={ZONE_IDS.filter((z) => !shown.includes(z)).map((z) => ({ id: z, label: zoneOf(z).label }))}
        onPick={(z) => onChange({ sizeLines: [...lines, { zone: z, line: size ?? { size: firstOf(chart.sizes) } }] })}
        className="mt-1 w-44"
      />
    </div>
  );
}

/** One row of the strip: a slider over the sizes of the chart. */
function StripRow({
  chart,
  label,
  line,
  place,
  at,
  marked,
  onLine,
  onClear,
  head = false,
}: {
  chart: SizeChart;
  label: string;
  line: SizeLine | undefined;
  place: number | undefined;
  at: (place: number) => number;
  /** Set here, and not only followed from the size cut. */
  marked: boolean;
  onLine: (line: SizeLine) => void;
  onClear?: (() => void) | undefined;
  head?: boolean;
}) {
  const last = chart.sizes.length - 1;
  const go = (to: number) => onLine(lineAt(chart, Math.round(Math.min(last, Math.max(0, to)) * 2) / 2));
  const onKey = (event: KeyboardEvent) => {
    const from = place ?? 0;
    const to: Record<string, number> = {
      ArrowRight: Math.floor(from * 2 + 1) / 2,
      ArrowLeft: Math.ceil(from * 2 - 1) / 2,
      PageUp: from + 1,
      PageDown: from - 1,
      Home: 0,
      End: last,
    };
    if (event.key in to) {
      event.preventDefault();
      go(to[event.key]!);
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && onClear) {
      event.preventDefault();
      onClear();
    } else {
      // A letter or figure goes to the next size that begins with it.
      const found = chart.sizes.findIndex((s) => s.toLowerCase().startsWith(event.key.toLowerCase()));
      if (event.key.length === 1 && found >= 0 && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        event.stopPropagation();
        go(found);
      }
    }
  };
  const onPointer = (event: PointerEvent<HTMLElement>) => {
    if (event.type === 'pointermove' && event.buttons !== 1) return;
    const box = event.currentTarget.getBoundingClientRect();
    const share = ((event.clientX - box.left) / box.width) * 100;
    const span = at(last) - at(0);
    go(span === 0 ? 0 : ((share - at(0)) / span) * last);
  };
  return (
    <div className={clsx('flex items-center', head && 'border-b border-rule bg-tint')} style={{ height: head ? ROW + 6 : ROW }}>
      <span className={clsx('w-[112px] shrink-0 first-letter:uppercase', marked ? 'text-ink' : 'text-ink2')}>{label}</span>
      <span
        role="slider"
        tabIndex={0}
        aria-label={head ? 'Size cut all over' : `Size at the ${label}`}
        aria-valuemin={0}
        aria-valuemax={last}
        aria-valuenow={place ?? 0}
        aria-valuetext={sizeLineWords(line)}
        title={sizeLineWords(line)}
        onKeyDown={onKey}
        onPointerDown={onPointer}
        onPointerMove={onPointer}
        className="relative h-full min-w-0 flex-1 cursor-pointer touch-none"
      >
        {chart.sizes.map((size, i) => (
          <span
            key={size}
            className={clsx('absolute -translate-x-1/2 text-small', head ? 'bottom-0.5' : 'top-1/2 h-1.5 w-px -translate-y-1/2 bg-rule2')}
            style={{ left: `${at(i)}%` }}
          >
            {head && size}
          </span>
        ))}
        {place !== undefined && (
          <span
            className={clsx(
              'absolute size-2.5 -translate-x-1/2 -translate-y-1/2 rotate-45 border border-ink',
              marked ? 'bg-ink' : 'bg-page',
              head ? 'top-2.5' : 'top-1/2',
            )}
            style={{ left: `${at(place)}%` }}
          />
        )}
      </span>
      <span className="flex w-9 shrink-0 justify-end">
        {onClear && (
          <button
            type="button"
            aria-label={`Same size at the ${label} as elsewhere`}
            onClick={onClear}
            className="rounded-md p-1 text-ink2 hover:bg-tint max-sm:p-2"
          >
            <X size={14} aria-hidden />
          </button>
        )}
      </span>
    </div>
  );
}
