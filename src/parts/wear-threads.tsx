import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { ThreadRow } from '../core/wear/year-of-wear';
import { useNarrow } from '../ui/use-narrow';

/** A stretch of the row with its name: a month, a season. */
export interface ThreadMark {
  readonly at: number;
  readonly name: string;
}

/** On a phone it scrolls rather than shrink its words. */
const WIDE = 980;
const NARROW = 680;
const LABEL = 178;
const TIMES = 46;
const HEAD = 20;
const ROW = 24;

/** A running stitch: slanted as a hand sews it; worn with several of the row that day, it is taller. */
const stitch = line<readonly [number, number]>();

/**
 * Wear as sewing shows it: a row is a thread, a day worn a stitch through it, an estimate a basted stretch with its number. Where a
 * garment is out of season its thread is thin. A table beneath says the same.
 */
export function WearThreads({
  caption,
  rows,
  names,
  days,
  marks,
  inSeason,
}: {
  caption: string;
  rows: readonly ThreadRow[];
  /** What each row is called. */
  names: (id: string) => string;
  /** How many days a row has. */
  days: number;
  marks: readonly ThreadMark[];
  /** Stretches in which the row's garment is in season; absent where that does not apply. */
  inSeason?: (id: string) => readonly (readonly [from: number, to: number])[];
}) {
  const width = useNarrow() ? NARROW : WIDE;
  const height = HEAD + rows.length * ROW + 4;
  const x = scaleLinear([0, days], [LABEL, width - TIMES]);
  return (
    <figure className="m-0">
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={caption}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          style={{ minWidth: NARROW }}
          className="block h-auto w-full"
          role="img"
          aria-label={`${caption}; the table below says the same.`}
        >
          {marks.map((m, i) => (
            <g key={m.name}>
              {i > 0 && <line x1={x(m.at)} x2={x(m.at)} y1={HEAD - 6} y2={height} stroke="var(--c-rule)" />}
              <text x={x(m.at) + 4} y={13} fontSize={12.5} fill="var(--c-ink2)">
                {m.name}
              </text>
            </g>
          ))}
          {rows.map((row, i) => {
            const y = HEAD + i * ROW + ROW / 2;
            return (
              <g key={row.id}>
                <text x={0} y={y + 4} fontSize={13} fill="var(--c-ink)">
                  {clipped(names(row.id))}
                </text>
                <line x1={x(0)} x2={x(days)} y1={y} y2={y} stroke="var(--c-rule2)" strokeWidth={0.8} strokeDasharray={inSeason ? '1 3' : undefined} />
                {inSeason?.(row.id).map(([a, b]) => (
                  <line key={a} x1={x(a)} x2={x(b)} y1={y} y2={y} stroke="var(--c-ink3)" strokeWidth={1} />
                ))}
                {row.bastings.map((b, at) => (
                  <g key={at}>
                    <line x1={x(b.from)} x2={x(b.to + 1)} y1={y} y2={y} stroke="var(--c-slate)" strokeWidth={2.4} strokeDasharray="9 5" />
                    <text
                      x={x((b.from + b.to + 1) / 2)}
                      y={y - 4}
                      fontSize={12}
                      textAnchor="middle"
                      fill="var(--c-slate)"
                      stroke="var(--c-paper)"
                      strokeWidth={3}
                      paintOrder="stroke"
                    >
                      about {Math.round(b.times)}
                    </text>
                  </g>
                ))}
                {row.stitches.map((s) => {
                  const half = Math.min(9, 4 + 2 * s.makeIds.length);
                  return (
                    <path
                      key={s.at}
                      d={
                        stitch([
                          [x(s.at + 0.5) - 1.5, y + half],
                          [x(s.at + 0.5) + 1.5, y - half],
                        ]) ?? ''
                      }
                      stroke="var(--c-ink)"
                      strokeWidth={1.7}
                      strokeLinecap="round"
                    />
                  );
                })}
                <text x={width} y={y + 4} fontSize={13} textAnchor="end" fill="var(--c-ink2)">
                  {row.times}&#x202f;×
                </text>
              </g>
            );
          })}
        </svg>
      </div>
      {/* A table does not shrink to nothing by itself; what is around it does. */}
      <div className="sr-only">
        <table>
          <caption>{caption}</caption>
          <thead>
            <tr>
              <th>row</th>
              <th>days noted</th>
              <th>wears, estimates included</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.id}>
                <th scope="row">{names(row.id)}</th>
                <td>{row.stitches.length}</td>
                <td>{row.times}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </figure>
  );
}

const clipped = (name: string) => (name.length > 27 ? `${name.slice(0, 26)}…` : name);
