import { scaleLinear, scalePoint } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import type { ZoneForecast } from '../core/fit/carry-forward';
import type { ClosingIn } from '../core/fit/why';
import { outcomeWords } from '../core/fit/words';
import { formatLength, type LengthUnit } from '../core/measure/length';
import { zoneOf } from '../core/measure/zones';
import { sizeLineWords } from '../core/alteration/words';
import { FitMarkShape, markColour } from './fit-mark';

const MARGIN = { top: 12, right: 84, bottom: 26, left: 74 };

/** One zone, version by version: the range of the best cut narrows towards what to cut next. A table beneath says the same. */
export function ClosingInChart({
  forecast,
  steps: closingIn,
  unit,
  width = 700,
  height = 190,
}: {
  forecast: ZoneForecast;
  steps: ClosingIn;
  unit: LengthUnit;
  width?: number;
  height?: number;
}) {
  const { zone, evidence: shown, x } = forecast;
  const kind = zoneOf(zone).kind;
  const steps = [...closingIn.map((c) => ({ key: `v${c.version}`, label: c.version === 0 ? 'before' : `version ${c.version}`, best: c.best }))];
  const last = steps.at(-1)!;
  const all = [...steps, { key: 'next', label: 'next', best: last.best }];
  const across = scalePoint(
    all.map((s) => s.key),
    [MARGIN.left, width - MARGIN.right],
  );
  const low = Math.min(0, x, ...shown.map((e) => e.offset.x), ...steps.slice(1).map((s) => s.best.low));
  const high = Math.max(0, x, ...shown.map((e) => e.offset.x), ...steps.slice(1).map((s) => s.best.high));
  const pad = Math.max(0.8, (high - low) * 0.18);
  const down = scaleLinear([low - pad, high + pad], [height - MARGIN.bottom, MARGIN.top]).clamp(true);
  const ticks = down.ticks(5);
  const band = area<(typeof all)[number]>()
    .x((d) => across(d.key)!)
    .y0((d) => down(d.best.low))
    .y1((d) => down(d.best.high))
    .curve(curveMonotoneX);
  const middle = line<(typeof all)[number]>()
    .x((d) => across(d.key)!)
    .y((d) => down(d.best.median))
    .curve(curveMonotoneX);
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const label = zoneOf(zone).label;

  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block h-auto w-full"
        role="img"
        aria-label={`The best cut at the ${label} after each version; the table below says the same.`}
      >
        {ticks.map((t) => (
          <g key={t}>
            <line
              x1={MARGIN.left}
              x2={width - MARGIN.right}
              y1={down(t)}
              y2={down(t)}
              stroke={t === 0 ? 'var(--c-ink3)' : 'var(--c-rule)'}
              strokeWidth={t === 0 ? 1.2 : 1}
            />
            <text x={MARGIN.left - 8} y={down(t) + 4} textAnchor="end" fontSize={12.5} fill="var(--c-ink2)">
              {t === 0 ? 'as drafted' : formatLength(t, unit, { signed: true, bare: true, about: true })}
            </text>
          </g>
        ))}
        <path d={band(all) ?? ''} fill="var(--c-amber-fill)" opacity={0.45} />
        <path d={middle(all) ?? ''} fill="none" stroke="var(--c-amber)" strokeWidth={1.8} />
        {shown.map((e, i) => {
          const words = `${sizeLineWords(e.offset.chart.from === 'chart' ? e.offset.chart.line : e.make.size)}, ${outcomeWords(e.note, unit)}`;
          return (
            <g key={e.note.id} transform={`translate(${across(`v${e.make.version}`)} ${down(e.offset.x)})`}>
              <FitMarkShape kind={kind} outcome={e.note.outcome} />
              {(i === shown.length - 1 || shown[i + 1]?.make.version !== e.make.version) && (
                <text x={12} y={4} fontSize={12.5} fill={markColour(e.note.outcome)} stroke="var(--c-paper)" strokeWidth={3} paintOrder="stroke">
                  {words}
                </text>
              )}
            </g>
          );
        })}
        <path d={`M${across('next')} ${down(x) - 7}l7 7l-7 7l-7 -7z`} fill="var(--c-amber-fill)" stroke="var(--c-amber)" strokeWidth={1.2} />
        {all.map((s) => (
          <text
            key={s.key}
            x={across(s.key)}
            y={height - 6}
            textAnchor="middle"
            fontSize={12.5}
            fill={s.key === 'next' ? 'var(--c-amber)' : 'var(--c-ink2)'}
            fontWeight={s.key === 'next' ? 600 : 400}
          >
            {s.key === 'next' ? `next: ${about(x)}` : s.label}
          </text>
        ))}
      </svg>
      <table className="sr-only">
        <caption>Best cut at the {label}, against the pattern</caption>
        <thead>
          <tr>
            <th>after</th>
            <th>middle</th>
            <th>from</th>
            <th>to</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((s) => (
            <tr key={s.key}>
              <th>{s.label}</th>
              <td>{about(s.best.median)}</td>
              <td>{about(s.best.low)}</td>
              <td>{about(s.best.high)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
