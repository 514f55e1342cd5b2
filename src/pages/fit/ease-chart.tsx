import { outcomeWords } from '../../core/make/fit-note-words';
import { latestNote } from '../../core/make/latest-note';
import { scaleLinear } from 'd3-scale';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import type { EaseAt } from '../../core/engine/session';
import type { CaseTables } from '../../core/garment/case';
import { CLASS_EASE, FIT_CLASS_WORDS, type FitClass } from '../../core/body/fit-class';
import { formatLength } from '../../core/units/length';
import { itemAt } from '../../core/units/item-at';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import type { EaseDot, Liking } from '../../core/versions/ease-by-class';
import { useUnit } from '../../data/queries';
import { columnsOf, EaseColumns, Hatch, LIKINGS, likingFill, type EaseColumn } from './ease-columns';
import { ChartTable } from '../../ui/chart-table';
import { ChoiceField } from '../../ui/field';
import { useNarrow } from '../../ui/use-narrow';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** A phone is narrower than the chart: it is drawn narrower, so that its words stay as large. */
const WIDTH = { wide: 520, narrow: 350 } as const;
const LEFT = 92;
const RIGHT = 14;
const DOT = 5;
/** Where more dots would lie on each other than this, they are counted in columns. */
const MOST_STACKED = 10;
/** So high is the tallest of the columns, and at least so wide each of them. */
const COLUMN = { height: 72, width: 8 } as const;

/** Loved is full, liked a ring, not loved a cross, unsaid a point: shape and not colour tells them apart. */
function LikingMark({ liking }: { liking: Liking }) {
  if (liking === 'loved') return <circle r={DOT} fill="var(--c-ink)" />;
  if (liking === 'liked') return <circle r={DOT - 0.8} fill="var(--c-paper)" stroke="var(--c-ink)" strokeWidth={1.6} />;
  if (liking === 'not loved') return <path d="M-4 -4L4 4M4 -4L-4 4" stroke="var(--c-ink)" strokeWidth={1.8} />;
  return <circle r={1.8} fill="var(--c-ink2)" />;
}

/** Dots that would lie on each other are laid one above the other. */
function dodged(dots: readonly EaseDot[], x: (ease: number) => number): { readonly dot: EaseDot; readonly level: number }[] {
  const ends: number[] = [];
  return [...dots]
    .sort((a, b) => a.ease - b.ease)
    .map((dot) => {
      const at = x(dot.ease);
      const free = ends.findIndex((end) => end <= at - 2 * DOT);
      const level = free === -1 ? ends.length : free;
      ends[level] = at;
      return { dot, level };
    });
}

/** The garments behind the figures; one that was removed meanwhile is left out. */
function dotsOf(
  classes: EaseAt['classes'],
  { makes, patterns }: Pick<CaseTables, 'makes' | 'patterns'>,
): (readonly [FitClass, readonly EaseDot[]])[] {
  const byId = new Map(makes.map((m) => [m.id, m]));
  return classes.map(({ fitClass, dots }) => [
    fitClass,
    dots.flatMap(({ makeId, ...dot }): EaseDot[] => {
      const make = byId.get(makeId);
      const pattern = withId(patterns, make?.sources[0]?.patternId);
      return make && pattern ? [{ ...dot, make, pattern }] : [];
    }),
  ]);
}

/** At a girth, the ease of every garment by intended ease: where those worn with love stand, and where those left hanging. */
export function EaseChart({ ease, tables, name }: { ease: readonly EaseAt[]; tables: Pick<CaseTables, 'makes' | 'patterns'>; name: string }) {
  const unit = useUnit();
  const hatch = useId();
  const width = useNarrow() ? WIDTH.narrow : WIDTH.wide;
  const girths = ease.map((e) => e.zone);
  const [asked, setAsked] = useState<ZoneId>();
  const zone = asked ?? girths.find((z) => z === 'bust' || z === 'hip') ?? girths[0];
  const classes = dotsOf(ease.find((e) => e.zone === zone)?.classes ?? [], tables);
  if (!zone) return null;
  const dots = classes.flatMap(([, of]) => of);
  const low = Math.min(0, ...dots.map((d) => d.ease)) - 1;
  const high = Math.max(12, ...dots.map((d) => d.ease)) + 1;
  const x = scaleLinear([low, high], [LEFT, width - RIGHT]);
  const stacked = classes.map(([fitClass, of]) => ({ fitClass, of, dots: dodged(of, x) }));
  const many = stacked.some((r) => r.dots.some(({ level }) => level >= MOST_STACKED));
  const steps = x.ticks(Math.floor((width - LEFT - RIGHT) / COLUMN.width));
  const step = itemAt(steps, 1) - itemAt(steps, 0);
  const rows = stacked.map(({ fitClass, of, dots }) =>
    many ? { fitClass, dots: [], columns: columnsOf(of, step) } : { fitClass, dots, columns: [] },
  );
  const tallest = Math.max(1, ...rows.flatMap((r) => r.columns.map((c) => c.all)));
  const heights = rows.map((r) =>
    many ? 26 + (COLUMN.height * Math.max(0, ...r.columns.map((c) => c.all))) / tallest : 26 + 2 * DOT * Math.max(0, ...r.dots.map((d) => d.level)),
  );
  const tops = heights.map((_, i) => heights.slice(0, i).reduce((a, b) => a + b, 0));
  const bottom = heights.reduce((a, b) => a + b, 0);
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  const wordsOf = ({ make, pattern, ease, liking }: EaseDot) => `${pattern.name}, version ${make.version}: ease ${length(ease)}, ${liking}`;
  const columnWords = ({ from, to, counts }: EaseColumn) =>
    `${length(from)} to ${length(to)}: ${LIKINGS.filter((l) => counts[l] > 0)
      .map((l) => `${counts[l]} ${l}`)
      .join(', ')}`;
  const usual = (c: FitClass) => Math.min(high, CLASS_EASE[c]);
  return (
    <section aria-labelledby="ease" className="mb-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 id="ease" className="text-head">
          Ease, and what became of it
        </h2>
        <ChoiceField label="At the" value={zone} all={girths} words={(z) => zoneOf(z).label} onValue={setAsked} />
      </div>
      <p className="mb-1 text-small text-ink2">
        What garments for {name} measure beyond the body, by intended ease. A stroke marks the ease that is usual for the class.
      </p>
      {dots.length === 0 ? (
        <p className="text-ink2">No garment has a known ease there: that takes its size, a chart and the body’s measure.</p>
      ) : (
        <figure className="m-0">
          <svg viewBox={`0 0 ${width} ${bottom + 22}`} className="block h-auto w-full max-w-[620px]" aria-hidden>
            <defs>
              <Hatch id={hatch} />
            </defs>
            {x.ticks(6).map((t) => (
              <g key={t}>
                <line x1={x(t)} x2={x(t)} y1={0} y2={bottom} stroke={t === 0 ? 'var(--c-ink3)' : 'var(--c-rule)'} />
                <text x={x(t)} y={bottom + 16} textAnchor="middle" fontSize={12.5} fill="var(--c-ink2)">
                  {t === 0 ? 'none' : formatLength(t, unit, { signed: true, bare: true, about: true })}
                </text>
              </g>
            ))}
            {rows.map((r, i) => (
              <g key={r.fitClass}>
                <line x1={0} x2={width} y1={itemAt(tops, i) + itemAt(heights, i)} y2={itemAt(tops, i) + itemAt(heights, i)} stroke="var(--c-rule)" />
                <text x={0} y={itemAt(tops, i) + itemAt(heights, i) - 9} fontSize={12.5} fill="var(--c-ink)">
                  {FIT_CLASS_WORDS[r.fitClass]}
                </text>
                <line
                  x1={x(usual(r.fitClass))}
                  x2={x(usual(r.fitClass))}
                  y1={itemAt(tops, i) + 4}
                  y2={itemAt(tops, i) + itemAt(heights, i) - 3}
                  stroke="var(--c-ink2)"
                  strokeWidth={1.4}
                  strokeDasharray="3 2"
                />
                <EaseColumns
                  columns={r.columns}
                  x={x}
                  bottom={itemAt(tops, i) + itemAt(heights, i) - 3}
                  scale={COLUMN.height / tallest}
                  hatch={hatch}
                  words={columnWords}
                />
                {r.dots.map(({ dot, level }) => (
                  <g key={dot.make.id} transform={`translate(${x(dot.ease)} ${itemAt(tops, i) + itemAt(heights, i) - 13 - 2 * DOT * level})`}>
                    <title>{wordsOf(dot)}</title>
                    <rect x={-DOT - 1} y={-DOT - 1} width={2 * DOT + 2} height={2 * DOT + 2} fill="transparent" />
                    <LikingMark liking={dot.liking} />
                  </g>
                ))}
              </g>
            ))}
          </svg>
          <figcaption className="mt-1 flex flex-wrap gap-x-4 text-small text-ink2">
            {LIKINGS.filter((l) => dots.some((d) => d.liking === l)).map((l) => (
              <span key={l} className="inline-flex items-center gap-1">
                <svg viewBox="-7 -7 14 14" width={14} height={14} aria-hidden>
                  {many ? <rect x={-5} y={-5} width={10} height={10} strokeWidth={1} {...likingFill(l, hatch)} /> : <LikingMark liking={l} />}
                </svg>
                {l} ({dots.filter((d) => d.liking === l).length})
              </span>
            ))}
          </figcaption>
          <ChartTable
            caption={`Ease at the ${zoneOf(zone).label}`}
            heads={['make', 'class', 'ease', 'noted there', 'love']}
            rows={classes.flatMap(([fitClass, of]) =>
              of.map(({ make, pattern, ease }) => ({
                key: make.id,
                cells: () => {
                  const note = latestNote(make, zone);
                  const love = make.verdicts.at(-1)?.love;
                  return [
                    <Link key="make" to={routes.make(make.id)} className="underline-offset-2 hover:underline">
                      {pattern.name}, version {make.version}
                    </Link>,
                    FIT_CLASS_WORDS[fitClass],
                    length(ease),
                    note ? outcomeWords(note, unit) : '–',
                    love === undefined ? '–' : `${love} of 5`,
                  ];
                },
              })),
            )}
          />
        </figure>
      )}
    </section>
  );
}
