import { lookedWords, outcomeWords } from '../core/make/fit-note-words';
import { scaleLinear, scalePoint, type ScaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { useState, type KeyboardEvent } from 'react';
import { sizeLineWords } from '../core/alteration/words';
import type { ZoneForecast } from '../core/forecast/carry-forward';
import { offsetWords, rangeWords, shortOffset } from '../core/forecast/label-places';
import type { Evidence } from '../core/garment/evidence';
import type { BestCut } from '../core/inference/posterior';
import type { ClosingIn } from '../core/forecast/why';
import { formatLength, type LengthUnit } from '../core/units/length';
import { percent } from '../core/units/percent';
import { itemAt, lastOf } from '../core/units/item-at';
import { zoneOf } from '../core/body/zones';
import { ChartTable } from '../ui/chart-table';
import { useNarrow } from '../ui/use-narrow';
import { FitMark, FitMarkShape, markColour } from './fit-mark';
import { OffsetTerms } from './offset-terms';

const MARGIN = { top: 12, right: 84, bottom: 26, left: 74 };
/** On a phone it is drawn narrower, so that its words stay as large. */
const NARROW = 360;

/** Where words stand from their mark, above and beneath it. */
const [ABOVE, BENEATH, FAR_ABOVE, FAR_BENEATH] = [-11, 20, -24, 33];
/** How far the middle of words is above their foot, and how far it keeps from a line. */
const [HALF, CLEAR] = [4, 10];

/** The first of some places for words beside a mark that no line strikes through; else the one farthest from all. */
function placeOfWords(mark: number, places: readonly number[], lines: readonly number[]): number {
  const clear = (place: number) => Math.min(...lines.map((y) => Math.abs(mark + place - HALF - y)));
  return places.find((place) => clear(place) >= CLEAR) ?? [...places].sort((a, b) => clear(b) - clear(a))[0] ?? ABOVE;
}

/** A place along the chart: before any note, after a version, or the next cut. */
interface Stop {
  readonly key: string;
  readonly label: string;
  readonly best: BestCut;
  readonly evidence: readonly Evidence[];
}

function stopsOf({ evidence }: ZoneForecast, steps: ClosingIn): Stop[] {
  const stops = steps.map(({ version, best }): Stop => ({
    key: `v${version}`,
    label: version === 0 ? 'before' : `version ${version}`,
    best,
    evidence: evidence.filter((e) => e.make.version === version),
  }));
  return [...stops, { key: 'next', label: 'next', best: lastOf(stops).best, evidence: [] }];
}

/** The size line and what was noted, in a word or two: what stands beside a mark. */
const cutAndNoted = (e: Evidence, unit: LengthUnit) =>
  `${sizeLineWords('line' in e.offset.chart ? e.offset.chart.line : e.make.size)}, ${outcomeWords(e.note, unit)}`;

/** What is known at a stop: the range, the notes it closed in by, and how each offset came about. */
function AtStop({ stop, forecast, unit }: { stop: Stop; forecast: ZoneForecast; unit: LengthUnit }) {
  const { labels } = forecast;
  const about = (cm: number) => offsetWords(labels, cm, unit);
  const { best, evidence } = stop;
  const kind = zoneOf(forecast.zone).kind;
  const span = labels ? rangeWords(labels, best.low, best.high, unit) : `${about(best.low)} to ${about(best.high)}`;
  const range = `about ${about(best.median)}, four times in five from ${span}`;
  return (
    <div className="min-h-[40px] border-t border-rule pt-1 text-small leading-[18px]" aria-live="polite">
      {stop.key === 'next' ? (
        <p>
          <b className="text-amber">Next: {about(forecast.x)}</b>
          {forecast.chance !== undefined && `, right with a chance of ${percent(forecast.chance)}`}.{' '}
          <span className="text-ink2">Best cut {range}.</span>
        </p>
      ) : (
        <p>
          <b className="first-letter:uppercase">{stop.key === 'v0' ? 'Before any note' : `After ${stop.label}`}</b>:{' '}
          <span className="text-ink2">{range}.</span>
        </p>
      )}
      {evidence.map((e) => (
        <div key={e.note.id} className="flex flex-wrap gap-x-4">
          <span className="flex items-center gap-1">
            <FitMark kind={kind} outcome={e.note.outcome} />
            {outcomeWords(e.note, unit)} at {about(e.offset.x)}, {lookedWords(e.note, e.make)}
            {e.note.words && <i className="text-ink2">{e.note.words}</i>}
          </span>
          <OffsetTerms offset={e.offset} unit={unit} />
        </div>
      ))}
    </div>
  );
}

/** Lines of the scale in centimetres, or inches: nought is the pattern as drafted. */
const centimetreTicks = (down: ScaleLinear<number, number>, unit: LengthUnit) =>
  down.ticks(5).map((at) => ({ at, words: at === 0 ? 'as drafted' : formatLength(at, unit, { signed: true, bare: true, about: true }) }));

/**
 * One zone, version by version: the range of the best cut narrows towards what to cut next. Pointing at a version, or the arrow keys,
 * show its evidence; a table says the same, and is drawn on paper too.
 */
export function ClosingInChart({
  forecast,
  steps,
  unit,
  width: wide = 700,
  height = 190,
}: {
  forecast: ZoneForecast;
  steps: ClosingIn;
  unit: LengthUnit;
  width?: number;
  height?: number;
}) {
  const width = useNarrow() ? NARROW : wide;
  const { zone, evidence: shown, x, labels } = forecast;
  const kind = zoneOf(zone).kind;
  const all = stopsOf(forecast, steps);
  const [at, setAt] = useState<string>();
  const stop = all.find((s) => s.key === at) ?? lastOf(all);
  const across = scalePoint(
    all.map((s) => s.key),
    [MARGIN.left, width - MARGIN.right],
  );
  const apart = across.step();
  const noted = all.slice(1, -1);
  const low = Math.min(0, x, ...shown.map((e) => e.offset.x), ...noted.map((s) => s.best.low));
  const high = Math.max(0, x, ...shown.map((e) => e.offset.x), ...noted.map((s) => s.best.high));
  const pad = Math.max(0.8, (high - low) * 0.18);
  const down = scaleLinear([low - pad, high + pad], [height - MARGIN.bottom, MARGIN.top]).clamp(true);
  const band = area<Stop>()
    .x((d) => across(d.key)!)
    .y0((d) => down(d.best.low))
    .y1((d) => down(d.best.high))
    .curve(curveMonotoneX);
  const middle = line<Stop>()
    .x((d) => across(d.key)!)
    .y((d) => down(d.best.median))
    .curve(curveMonotoneX);
  const about = (cm: number) => (labels ? shortOffset(labels, cm, unit) : offsetWords(labels, cm, unit));
  // Along labels a line for every size; else for every round centimetre.
  const ticks = labels
    ? labels.sizes.map((size, place) => ({ at: (place - labels.nought) * labels.step, words: size }))
    : centimetreTicks(down, unit);
  const label = zoneOf(zone).label;
  // Words stand beside a mark where there is room; where versions crowd, the mark speaks and its evidence says the rest.
  const roomy = apart > 96;
  const every = Math.ceil(70 / apart);
  const walk = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!by) return;
    event.preventDefault();
    const i = all.indexOf(stop) + by;
    setAt(itemAt(all, Math.max(0, Math.min(all.length - 1, i))).key);
  };

  return (
    <figure className="m-0">
      <div
        tabIndex={0}
        role="group"
        aria-label={`The best cut at the ${label}, closing in: left and right arrows go from version to version`}
        onKeyDown={walk}
        className="rounded-md"
      >
        <svg viewBox={`0 0 ${width} ${height}`} className="block h-auto w-full" aria-hidden onPointerLeave={() => setAt(undefined)}>
          {ticks
            .filter((t) => t.at >= low - pad && t.at <= high + pad)
            .map((t) => (
              <g key={t.words}>
                <line
                  x1={MARGIN.left}
                  x2={width - MARGIN.right}
                  y1={down(t.at)}
                  y2={down(t.at)}
                  stroke={t.at === 0 ? 'var(--c-ink3)' : 'var(--c-rule)'}
                  strokeWidth={t.at === 0 ? 1.2 : 1}
                />
                <text x={MARGIN.left - 8} y={down(t.at) + 4} textAnchor="end" fontSize={12.5} fill="var(--c-ink2)">
                  {t.words}
                </text>
              </g>
            ))}
          <path d={band(all) ?? ''} fill="var(--c-amber-fill)" fillOpacity={0.45} stroke="var(--c-amber)" strokeWidth={0.5} strokeDasharray="3 3" />
          <path d={middle(all) ?? ''} fill="none" stroke="var(--c-amber)" strokeWidth={1.8} />
          {at !== undefined && (
            <line
              x1={across(stop.key)}
              x2={across(stop.key)}
              y1={MARGIN.top}
              y2={height - MARGIN.bottom}
              stroke="var(--c-ink3)"
              strokeDasharray="2 3"
            />
          )}
          {all.flatMap((s) =>
            s.evidence.map((e, i) => {
              const at = down(e.offset.x);
              // The words keep off the middle line and that of the pattern as drafted: first where they lead away from the middle.
              const near = e.offset.x >= s.best.median ? [ABOVE, BENEATH] : [BENEATH, ABOVE];
              const words = placeOfWords(at, [...near, FAR_ABOVE, FAR_BENEATH], [down(0), down(s.best.median)]);
              return (
                <g key={e.note.id} transform={`translate(${across(s.key)} ${at})`}>
                  <FitMarkShape kind={kind} outcome={e.note.outcome} />
                  {roomy && i === s.evidence.length - 1 && (
                    <text
                      x={0}
                      y={words}
                      textAnchor="middle"
                      fontSize={12.5}
                      fill={markColour(e.note.outcome)}
                      stroke="var(--c-paper)"
                      strokeWidth={3}
                      paintOrder="stroke"
                    >
                      {cutAndNoted(e, unit)}
                    </text>
                  )}
                </g>
              );
            }),
          )}
          <path d={`M${across('next')} ${down(x) - 7}l7 7l-7 7l-7 -7z`} fill="var(--c-amber-fill)" stroke="var(--c-amber)" strokeWidth={1.2} />
          {all.map((s, i) => (
            <text
              key={s.key}
              x={across(s.key)}
              y={height - 6}
              textAnchor="middle"
              fontSize={12.5}
              fill={s.key === 'next' ? 'var(--c-amber)' : 'var(--c-ink2)'}
              fontWeight={s.key === 'next' || s.key === at ? 600 : 400}
            >
              {s.key === 'next' ? `next: ${about(x)}` : i % every === 0 && all.length - 1 - i >= every ? s.label : ''}
            </text>
          ))}
          {all.map((s) => (
            <rect
              key={s.key}
              data-stop={s.key}
              x={across(s.key)! - apart / 2}
              width={apart}
              y={0}
              height={height}
              fill="transparent"
              onPointerEnter={() => setAt(s.key)}
            />
          ))}
        </svg>
        <AtStop stop={stop} forecast={forecast} unit={unit} />
      </div>
      <ChartTable
        caption={`Best cut at the ${label}, ${labels ? 'among the sizes' : 'against the pattern'}`}
        heads={['after', 'cut and noted', 'cut at', 'middle', 'from', 'to']}
        rows={all
          .slice(0, -1)
          .map((s) => ({
            key: s.key,
            cells: () => [
              s.label,
              s.evidence.map((e) => cutAndNoted(e, unit)).join('; ') || '–',
              s.evidence.map((e) => about(e.offset.x)).join('; ') || '–',
              about(s.best.median),
              about(s.best.low),
              about(s.best.high),
            ],
          }))}
      />
    </figure>
  );
}
