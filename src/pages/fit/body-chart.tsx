import { format, parseISO } from 'date-fns';
import { makeName } from '../../core/make/make-name';
import { isUndated } from '../../core/make/its-day';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { Link } from 'react-router';
import { bodyOn, type BodyValue } from '../../core/body/measures';
import { counted } from '../../core/units/counted';
import { addToGroup } from '../../core/units/group-by';
import { byDay, dateOfDay, dayNumber } from '../../core/units/date';
import { formatLength } from '../../core/units/length';
import { firstOf, lastOf } from '../../core/units/item-at';
import { BODY_MEASURES, type BodyMeasure } from '../../core/body/zones';
import type { Make, MeasurementSet, Pattern, Person } from '../../core/records';
import { useUnit } from '../../data/queries';
import { ChartTable } from '../../ui/chart-table';
import { ChoiceField } from '../../ui/field';
import { useNarrow } from '../../ui/use-narrow';
import { routes } from '../../routes';

/** A phone is narrower than the chart: it is drawn narrower, so that its words stay as large. */
const WIDTH = { wide: 520, narrow: 350 } as const;
const HEIGHT = 170;
const MARGIN = { top: 12, right: 14, bottom: 24, left: 62 };

/** Points nearer to each other than this are one. */
const APART = 6;

const isMeasure = (m: string): m is BodyMeasure => m in BODY_MEASURES;

const HOW_KNOWN: Record<BodyValue['how'], string> = {
  measured: 'measured',
  interpolated: 'between two sets',
  nearest: 'the nearest set',
  'carried on': 'expected by the last sets',
};

/** A measure of a person over the years, with the garments that were cut on each body: a point on the line is one of them. */
export function BodyChart({
  person,
  bodies,
  makes,
  patterns,
}: {
  person: Person;
  bodies: readonly MeasurementSet[];
  makes: readonly Make[];
  patterns: readonly Pattern[];
}) {
  const unit = useUnit();
  const width = useNarrow() ? WIDTH.narrow : WIDTH.wide;
  const sets = bodies.filter((b) => b.personId === person.id).sort((a, b) => byDay(a.date, b.date));
  const taken = Object.keys(BODY_MEASURES)
    .filter(isMeasure)
    .filter((m) => sets.some((s) => s.measures[m] !== undefined));
  const change = (m: BodyMeasure) => {
    const values = sets.flatMap((s) => s.measures[m] ?? []);
    return Math.max(...values) - Math.min(...values);
  };
  const [asked, setAsked] = useState<BodyMeasure>();
  // What changed most is what a sewist would want to see.
  const measure = asked ?? [...taken].sort((a, b) => change(b) - change(a))[0];
  if (!measure) return null;
  const points = sets.flatMap((s) => (s.measures[measure] === undefined ? [] : [{ date: s.date, cm: s.measures[measure] }]));
  const cut = makes
    .filter((m) => m.personId === person.id && m.state !== 'planned' && !isUndated(m) && m.knownTo !== 'year')
    .flatMap((make) => {
      const body = bodyOn(sets, measure, make.cutOn);
      return body ? [{ make, cm: body.cm, how: body.how }] : [];
    })
    .sort((a, b) => byDay(a.make.cutOn, b.make.cutOn));
  const days = [...points.map((p) => dayNumber(p.date)), ...cut.map((c) => dayNumber(c.make.cutOn))];
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const across = scaleLinear([first, last === first ? first + 1 : last], [MARGIN.left, width - MARGIN.right]);
  const heights = [...points, ...cut].map((p) => p.cm);
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const pad = Math.max(1, (high - low) * 0.25);
  const down = scaleLinear([low - pad, high + pad], [HEIGHT - MARGIN.bottom, MARGIN.top]);
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  const years = Array.from(
    { length: Number(dateOfDay(last).slice(0, 4)) - Number(dateOfDay(first).slice(0, 4)) + 1 },
    (_, i) => Number(dateOfDay(first).slice(0, 4)) + i,
  );
  const every = Math.ceil(years.length / (width / 65));
  // Of garments that would lie on each other one stands for all: of thousands nobody sees more.
  const gathered = new Map<string, (typeof cut)[number][]>();
  for (const one of cut) addToGroup(gathered, [across(dayNumber(one.make.cutOn)), down(one.cm)].map((at) => Math.round(at / APART)).join(), one);
  // Before the first set and after the last the nearest is taken, and drawn so.
  const path = line<{ date: string; cm: number }>()
    .x((p) => across(dayNumber(p.date)))
    .y((p) => down(p.cm));
  const ends = [
    [{ date: dateOfDay(first), cm: firstOf(points).cm }, firstOf(points)],
    [lastOf(points), { date: dateOfDay(last), cm: lastOf(points).cm }],
  ];
  return (
    <section aria-labelledby="body" className="mb-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 id="body" className="text-head">
          The body over time
        </h2>
        <ChoiceField label="Measure" value={measure} all={taken} words={(m) => BODY_MEASURES[m]} onValue={setAsked} />
      </div>
      <p className="mb-1 text-small text-ink2">
        Squares are what the tape said, rounds the garments cut then: each is judged against the body of its day.{' '}
        <Link to={routes.person(person.id)} className="underline">
          All measures
        </Link>
      </p>
      <figure className="m-0">
        <svg viewBox={`0 0 ${width} ${HEIGHT}`} className="block h-auto w-full max-w-[620px]" aria-hidden>
          {down.ticks(4).map((t) => (
            <g key={t}>
              <line x1={MARGIN.left} x2={width - MARGIN.right} y1={down(t)} y2={down(t)} stroke="var(--c-rule)" />
              <text x={MARGIN.left - 8} y={down(t) + 4} textAnchor="end" fontSize={12.5} fill="var(--c-ink2)">
                {length(t)}
              </text>
            </g>
          ))}
          {years
            .filter((y, i) => i % every === 0 && dayNumber(`${y}-01-01`) >= first)
            .map((y) => (
              <g key={y}>
                <line
                  x1={across(dayNumber(`${y}-01-01`))}
                  x2={across(dayNumber(`${y}-01-01`))}
                  y1={HEIGHT - MARGIN.bottom}
                  y2={HEIGHT - MARGIN.bottom + 4}
                  stroke="var(--c-ink3)"
                />
                <text x={across(dayNumber(`${y}-01-01`))} y={HEIGHT - 6} textAnchor="middle" fontSize={12.5} fill="var(--c-ink2)">
                  {y}
                </text>
              </g>
            ))}
          {ends.map((end, i) => (
            <path key={i} d={path(end) ?? ''} fill="none" stroke="var(--c-ink3)" strokeDasharray="3 3" />
          ))}
          <path d={path(points) ?? ''} fill="none" stroke="var(--c-ink2)" strokeWidth={1.6} />
          {[...gathered.values()].map((near) => {
            const [{ make, cm }, others] = [firstOf(near), near.length - 1];
            return (
              <circle
                key={make.id}
                cx={across(dayNumber(make.cutOn))}
                cy={down(cm)}
                r={4}
                fill="var(--c-page)"
                stroke="var(--c-ink)"
                strokeWidth={1.3}
              >
                <title>
                  {makeName(make, patterns)}
                  {others > 0 && ` and ${counted(others, 'other')}`}, cut {make.cutOn}
                  {others > 0 && ` to ${lastOf(near).make.cutOn}`}: {BODY_MEASURES[measure]} {length(cm)}
                </title>
              </circle>
            );
          })}
          {points.map((p) => (
            <rect key={p.date} x={across(dayNumber(p.date)) - 4} y={down(p.cm) - 4} width={8} height={8} fill="var(--c-ink)">
              <title>
                {format(parseISO(p.date), 'd MMM yyyy')}: {length(p.cm)}
              </title>
            </rect>
          ))}
        </svg>
        <ChartTable
          caption={`${person.name}: ${BODY_MEASURES[measure]}`}
          heads={['day', BODY_MEASURES[measure], 'from', 'garment cut']}
          rows={[
            ...points.map((p) => ({ key: p.date, day: p.date, cells: () => [p.date, length(p.cm), 'measured', '–'] })),
            ...cut.map(({ make, cm, how }) => ({
              key: make.id,
              day: make.cutOn,
              cells: () => [
                make.cutOn,
                length(cm),
                HOW_KNOWN[how],
                <Link key="make" to={routes.make(make.id)} className="underline-offset-2 hover:underline">
                  {makeName(make, patterns)}
                </Link>,
              ],
            })),
          ].sort((a, b) => byDay(a.day, b.day))}
        />
      </figure>
    </section>
  );
}
