import { ChevronDown, ChevronRight } from 'lucide-react';
import clsx from 'clsx';
import { format, parseISO } from 'date-fns';
import { useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { alterationPlace, alterationAmount, alterationWhen, alterationWords, sizeLineWords, zoneList } from '../../core/alteration/words';
import type { Account as Reckoned } from '../../core/fit/fit-ledger';
import { reckonedMakes, zonesOfCase, type ZoneForecast } from '../../core/fit/carry-forward';
import { versionsOf, type PatternCase } from '../../core/fit/case';
import { mainCloth } from '../../core/fit/cloth-give';
import { offsetOf } from '../../core/fit/offset';
import { isChanged } from '../../core/fit/summary';
import { outcomeWords, seenWords } from '../../core/fit/words';
import { sameLine } from '../../core/fit/chart';
import { formatLength, type LengthUnit } from '../../core/measure/length';
import { zoneOf, type ZoneId } from '../../core/measure/zones';
import type { Alteration, Cloth, FitNote, Make, SizeLine } from '../../core/records';
import { costWords, perWear, type MakeCost } from '../../core/cost/cost';
import { judgedEarly, reasonShares, verdictWeight, verdictWhen } from '../../core/decide/verdict-weight';
import { formatDuration } from '../../core/measure/duration';
import { formatMoney } from '../../core/measure/money';
import { minutesOf } from '../../core/records/blank';
import { differencesBetween } from '../../core/versions/differences';
import { markColour } from '../fit-mark';
import { GarmentPicture } from '../garment-picture';
import { Gauge } from '../gauge';
import { percent } from '../../core/measure/percent';

type WearCounts = ReadonlyMap<string, { readonly times: number }>;

interface AccountProps {
  readonly input: PatternCase;
  readonly carried: Reckoned;
  readonly wears: WearCounts;
  readonly costOf: (make: Make) => MakeCost;
  readonly unit: LengthUnit;
  readonly plannedCloth: ReactNode;
  readonly onWhy: (zone: ZoneId) => void;
  readonly chosen: ZoneId | undefined;
}

/** A row of the account: what it says of each version, and what is carried forward. */
interface Row {
  readonly key: string;
  readonly head: ReactNode;
  readonly cell: (make: Make) => ReactNode;
  /** Bears a notch where this version differs from the one before. */
  readonly changed?: (make: Make, before: Make) => boolean;
  readonly carry: ReactNode;
}

interface Group {
  readonly name: string;
  readonly rows: readonly Row[];
}

/** A triangle on the edge that a cell shares with the version before, as pattern pieces bear notches where they meet. */
function Notch() {
  return (
    <svg width={8} height={12} className="absolute top-1/2 left-0 -translate-y-1/2" role="img" aria-label="changed since the version before:">
      <path d="M0 0L8 6L0 12Z" fill="var(--c-ink)" />
    </svg>
  );
}

/** Zones of one line together: `C; bust D; across back between C and D`. */
function SizeLines({ size, lines, changed }: { size: SizeLine | undefined; lines: Make['sizeLines']; changed?: (zone: ZoneId | 'all') => boolean }) {
  const strong = (zone: ZoneId | 'all', text: string) => (changed?.(zone) ? <b>{text}</b> : text);
  return (
    <>
      {strong('all', sizeLineWords(size))}
      {lines.map((l) => (
        <span key={l.zone}>
          {', '}
          {strong(l.zone, `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)}
        </span>
      ))}
    </>
  );
}

function AlterationList({
  alterations,
  unit,
  showWhen,
  isNew,
}: {
  alterations: readonly Alteration[];
  unit: LengthUnit;
  showWhen: boolean;
  isNew?: (a: Alteration) => boolean;
}) {
  if (alterations.length === 0) return <span className="text-small text-ink2">nothing</span>;
  return (
    <ul>
      {alterations.map((a) => (
        <li key={a.id} className="leading-[18px]">
          {alterationPlace(a)} <span className={clsx('whitespace-nowrap', isNew?.(a) && 'font-bold')}>{alterationAmount(a, unit)}</span>
          {showWhen && <span className="text-small text-ink2"> {a.purpose === 'style' ? 'for looks' : alterationWhen(a)}</span>}
        </li>
      ))}
    </ul>
  );
}

/** The latest look at a zone, and the ends of the scale that its row shares. */
function latestNote(make: Make, zone: ZoneId): FitNote | undefined {
  const worn = ({ seen }: FitNote) => (seen.at === 'worn' ? seen.wears : seen.at === 'firstDay' ? 0 : -1);
  return make.fitNotes
    .filter((n) => n.zone === zone)
    .sort((a, b) => worn(a) - worn(b) || a.date.localeCompare(b.date))
    .at(-1);
}

function FitCell({
  input,
  make,
  forecast,
  zone,
  unit,
}: {
  input: PatternCase;
  make: Make;
  forecast: ZoneForecast | undefined;
  zone: ZoneId;
  unit: LengthUnit;
}) {
  const note = latestNote(make, zone);
  if (!note) return <span className="text-small text-ink2">{make.lacking.includes(zone) ? 'part left out' : 'not judged'}</span>;
  const kind = zoneOf(zone).kind;
  const { x } = offsetOf(input, make, zone, { note });
  return (
    <span className="flex items-center justify-between gap-2" title={`${seenWords(note.seen)}${note.words ? `: ${note.words}` : ''}`}>
      <span style={{ color: markColour(note.outcome) }}>{outcomeWords(note, unit)}</span>
      {forecast && <Gauge best={forecast.best} x={x} outcome={note.outcome} kind={kind} domain={rowDomain(forecast)} />}
    </span>
  );
}

function rowDomain({ best, evidence, x }: ZoneForecast): readonly [number, number] {
  const all = [best.low, best.high, x, 0, ...evidence.map((e) => e.offset.x)];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const pad = Math.max(1, (high - low) * 0.12);
  return [low - pad, high + pad];
}

interface CarryFitProps {
  readonly forecast: ZoneForecast;
  readonly disagree: boolean;
  readonly unit: LengthUnit;
  readonly onWhy: (zone: ZoneId) => void;
  readonly chosen: boolean;
}

function CarryFit({ forecast, disagree, unit, onWhy, chosen }: CarryFitProps) {
  const { zone, x, best, chance } = forecast;
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true, bare: true });
  if (chance === undefined) return <span className="text-small text-ink2">no note yet: last cut kept</span>;
  const changed = isChanged(forecast);
  return (
    <button
      type="button"
      onClick={() => onWhy(zone)}
      aria-label={`${zoneOf(zone).label}: ${changed ? 'change to' : 'keep'} ${formatLength(x, unit, { signed: true, about: true })}, chance of right ${percent(chance)}. Why?`}
      className={clsx(
        '-mx-2 flex w-[calc(100%+16px)] items-center justify-between gap-2 rounded-md px-2 py-0.5 text-left hover:bg-amber-tint',
        chosen && 'bg-amber-tint',
      )}
    >
      <span>
        {!changed && 'keep '}
        <b>{about(x)}</b>{' '}
        <span className="text-small text-ink2">
          about {about(best.low)} to {about(best.high)}
        </span>
        {disagree && <span className="text-small text-garnet"> · notes disagree</span>}
      </span>
      <span className="text-small whitespace-nowrap text-ink2 underline decoration-dotted underline-offset-2">{percent(chance)}</span>
    </button>
  );
}

const give = (cloth: Cloth | undefined) =>
  cloth === undefined
    ? 'cloth not noted'
    : cloth.stretchAcross === undefined
      ? `${cloth.name}, give not tested`
      : cloth.stretchAcross === 0
        ? `${cloth.name}, no give`
        : `${cloth.name}, ${cloth.stretchAcross}\u2009% give`;

function rowsOf({ input, carried, wears, costOf, unit, plannedCloth, onWhy, chosen }: AccountProps): Group[] {
  const { next, last, zones } = carried;
  const differs = (what: string) => (make: Make, before: Make) => differencesBetween(input, before, make).some((d) => d.what === what);
  const clothOf = (make: Make) => mainCloth(make, input.cloths).cloth;
  const lineChanged = (zone: ZoneId | 'all') =>
    zone === 'all'
      ? !sameLine(next.size, last.size)
      : !sameLine(next.sizeLines.find((l) => l.zone === zone)?.line, last.sizeLines.find((l) => l.zone === zone)?.line);
  const isNew = (a: Alteration) => !last.alterations.some((b) => alterationWords(a, unit) === alterationWords(b, unit));
  const verdict = (make: Make) => make.verdicts.at(-1);
  const asked = zonesOfCase(input);
  const shares = reasonShares(input.makes);

  return [
    {
      name: 'Cut',
      rows: [
        {
          key: 'size',
          head: 'Size lines',
          cell: (m) => <SizeLines size={m.size} lines={m.sizeLines} />,
          changed: differs('size'),
          carry: <SizeLines size={next.size} lines={next.sizeLines} changed={lineChanged} />,
        },
        {
          key: 'altered',
          head: 'Altered',
          cell: (m) => <AlterationList alterations={m.alterations} unit={unit} showWhen />,
          changed: differs('alteration'),
          carry: <AlterationList alterations={next.alterations} unit={unit} showWhen={false} isNew={isNew} />,
        },
      ],
    },
    {
      name: 'Cloth',
      rows: [
        {
          key: 'cloth',
          head: 'Main cloth',
          cell: (m) => {
            const cloth = clothOf(m);
            const weight = cloth?.weight ? `${cloth.weight}\u2009g/m²` : cloth?.weightClass;
            return (
              <span>
                {cloth?.name ?? 'not noted'}
                {weight && <span className="text-small text-ink2"> · {weight}</span>}
              </span>
            );
          },
          changed: differs('cloth'),
          carry: plannedCloth,
        },
        {
          key: 'used',
          head: 'Length used',
          cell: (m) => {
            const use = m.cloths.find((u) => u.part === 'main');
            if (use?.length === undefined) return <Blank />;
            return (
              <span>
                {formatLength(use.length, unit)}
                {use.left !== undefined && <span className="text-small text-ink2"> · {formatLength(use.left, unit)} left over</span>}
              </span>
            );
          },
          carry: <Blank />,
        },
      ],
    },
    {
      name: 'Fit',
      rows: asked.map((zone) => {
        const forecast = zones.find((z) => z.zone === zone);
        return {
          key: zone,
          head: zoneOf(zone).label,
          cell: (m: Make) => <FitCell input={input} make={m} forecast={forecast} zone={zone} unit={unit} />,
          changed: (m: Make, before: Make) => {
            const is = latestNote(m, zone);
            const was = latestNote(before, zone);
            return is !== undefined && was !== undefined && is.outcome !== was.outcome;
          },
          carry: forecast ? (
            <CarryFit
              forecast={forecast}
              disagree={carried.why[zone]!.contradictions.length > 0}
              unit={unit}
              onWhy={onWhy}
              chosen={chosen === zone}
            />
          ) : (
            <Blank />
          ),
        };
      }),
    },
    {
      name: 'Making',
      rows: [
        {
          key: 'time',
          head: 'Time',
          cell: (m) => {
            const minutes = minutesOf(m);
            return minutes === undefined ? <Blank /> : <span>{formatDuration(minutes)}</span>;
          },
          carry: <Blank />,
        },
        {
          key: 'learned',
          head: 'Learned',
          cell: (m) =>
            m.notes.length === 0 ? (
              <Blank />
            ) : (
              <ul className="text-small leading-[17px]">
                {m.notes.map((n) => (
                  <li key={n.id}>{n.words}</li>
                ))}
              </ul>
            ),
          carry: (
            <ul className="text-small leading-[17px]">
              {input.pattern.errata.map((e) => (
                <li key={e.id}>{e.words}</li>
              ))}
              {input.makes.flatMap((m) => m.notes.filter((n) => n.kind === 'tip' || n.kind === 'erratum').map((n) => <li key={n.id}>{n.words}</li>))}
            </ul>
          ),
        },
      ],
    },
    {
      name: 'Wear',
      rows: [
        {
          key: 'worn',
          head: 'Worn',
          cell: (m) => (m.kind === 'toile' ? <Blank /> : <span>{wears.get(m.id)?.times ?? 0}&#x2009;×</span>),
          carry: <Blank />,
        },
        {
          key: 'cost',
          head: 'Cost a wear',
          cell: (m) => {
            if (m.kind === 'toile') return <Blank />;
            const cost = costOf(m);
            const { total, currency } = cost;
            const each = perWear(total, wears.get(m.id)?.times ?? 0);
            if (total === 0) return <span className="text-small text-ink2">price not known</span>;
            return each === undefined ? (
              <span className="text-small text-ink2">{costWords(cost, total)}, not worn yet</span>
            ) : (
              <span>
                {costWords(cost, each)}
                <span className="text-small text-ink2"> of {formatMoney({ minor: total, currency })}</span>
              </span>
            );
          },
          carry: <Blank />,
        },
      ],
    },
    {
      name: 'Verdict',
      rows: [
        {
          key: 'love',
          head: 'Love',
          cell: (m) => {
            const first = m.verdicts[0];
            const latest = verdict(m);
            if (!first || !latest) return <Blank />;
            return (
              <span>
                {latest.love} of 5
                <span className="text-small text-ink2">
                  {m.verdicts.length > 1 ? `, first ${first.love}` : ''}
                  {` · ${verdictWhen(latest)}`}
                  {`, counts ${verdictWeight(latest)}`}
                </span>
                {judgedEarly(m) && <span className="block text-small text-ink2 italic">judged early</span>}
              </span>
            );
          },
          changed: (m, before) => verdict(m) !== undefined && verdict(before) !== undefined && verdict(m)?.love !== verdict(before)?.love,
          carry: <Blank />,
        },
        {
          key: 'reasons',
          head: 'Not reached for',
          cell: (m) => {
            const latest = verdict(m);
            if (!latest || latest.reasons.length === 0) return <Blank />;
            return <span title={latest.words}>{latest.reasons.join(', ')}</span>;
          },
          carry:
            shares.length === 0 ? (
              <Blank />
            ) : (
              <ul className="text-small leading-[17px]">
                {shares.map(({ reason, share, weight }) => (
                  <li key={reason}>
                    {reason}, {percent(share)} of what was said <span className="text-ink2">({weight} by the wears behind it)</span>
                  </li>
                ))}
              </ul>
            ),
        },
      ],
    },
  ];
}

function Blank() {
  return <span className="text-small text-ink2">–</span>;
}

const KIND_WORDS: Record<Make['kind'], string> = {
  garment: '',
  toile: 'toile · ',
  'wearable toile': 'wearable toile · ',
  refashion: 'refashion · ',
  'without fit': '',
};

/** The account of a pattern: versions run left to right, what was learned is carried forward at the end and always in view. */
export function Account(props: AccountProps) {
  const { input, carried } = props;
  const makes = useMemo(() => versionsOf(input), [input]);
  const counted = useMemo(() => versionsOf({ ...input, makes: reckonedMakes(input) }), [input]);
  const notes = carried.zones.reduce((n, z) => n + z.evidence.length, 0);
  const [folded, setFolded] = useState<ReadonlySet<string>>(() => new Set(['Making']));
  const fold = (name: string) =>
    setFolded((was) => {
      const now = new Set(was);
      if (!now.delete(name)) now.add(name);
      return now;
    });
  const headCell = 'sticky left-0 z-20 bg-page double-rule-r';
  const carryCell = 'sticky right-0 z-20 bg-amber-wash border-l-2 border-amber max-sm:static';

  // On a phone the last column cannot stay in view beside the heads: the account opens at it instead.
  const box = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    if (box.current && window.matchMedia('(max-width: 640px)').matches) box.current.scrollLeft = box.current.scrollWidth;
  }, [input.pattern.id]);

  return (
    <div
      ref={box}
      className="relative overflow-x-auto border border-rule2 bg-page"
      tabIndex={0}
      role="region"
      aria-label={`Account of ${input.pattern.name}`}
    >
      <table className="w-full table-fixed border-collapse" style={{ minWidth: 118 + 272 + makes.length * 200 }}>
        <colgroup>
          <col className="w-[118px] max-sm:w-[104px]" />
          {makes.map((m) => (
            <col key={m.id} />
          ))}
          <col className="w-[272px] max-sm:w-[256px]" />
        </colgroup>
        <thead>
          <tr className="align-top">
            <td className={clsx(headCell, 'double-rule-b px-3 py-2 align-bottom text-small leading-4 text-ink2')}>
              offset against the pattern, {props.unit}
            </td>
            {makes.map((m) => (
              <th
                key={m.id}
                scope="col"
                className={clsx('double-rule-b border-r border-rule px-3 py-1.5 text-left font-normal', m.setAside !== undefined && 'opacity-70')}
              >
                <span className="flex items-start justify-between gap-2">
                  <span>
                    <Link to={`/makes/${m.id}`} className="font-serif text-[17px] leading-6 underline-offset-2 hover:underline">
                      Version {m.version}
                    </Link>
                    <span className="block text-small leading-[17px] text-ink2">
                      {KIND_WORDS[m.kind]}
                      {format(parseISO(m.cutOn), 'MMMM yyyy')}
                    </span>
                    <span className="block text-small leading-[17px] text-ink2">{give(mainCloth(m, input.cloths).cloth)}</span>
                    {!counted.includes(m) && (
                      <span className="block text-small leading-[17px] text-ink2 italic">
                        {m.state === 'abandoned' ? 'abandoned' : 'left out of the reckoning'}
                      </span>
                    )}
                  </span>
                  <GarmentPicture small pattern={input.pattern} make={m} cloths={input.cloths} className="h-[54px] w-11 shrink-0" />
                </span>
              </th>
            ))}
            <th scope="col" className={clsx(carryCell, 'double-rule-b border-t-4 border-t-amber-fill px-3 py-1 text-left font-normal')}>
              <span className="font-serif text-[17px] leading-6 text-amber">Carry forward</span>
              <span className="block text-small leading-[17px] text-ink2">
                from {counted.length} {counted.length === 1 ? 'version' : 'versions'} and {notes} fit {notes === 1 ? 'note' : 'notes'}
              </span>
              {carried.notNoted.length > 0 && (
                <span className="block text-small leading-[17px] text-ink2">nothing noted on {zoneList(carried.notNoted)}</span>
              )}
            </th>
          </tr>
        </thead>
        {rowsOf(props).map((group) => {
          const open = !folded.has(group.name);
          return (
            <tbody key={group.name}>
              <tr className="h-[25px] border-y border-rule bg-tint">
                <th scope="rowgroup" className="sticky left-0 z-20 bg-tint px-3 py-0 text-left font-normal">
                  <button
                    type="button"
                    aria-expanded={open}
                    onClick={() => fold(group.name)}
                    className="-ml-1.5 flex h-6 min-w-20 items-center gap-0.5 font-serif text-[15px] leading-6 text-ink2 italic hover:text-ink max-sm:h-11"
                  >
                    {open ? <ChevronDown size={13} aria-hidden /> : <ChevronRight size={13} aria-hidden />}
                    {group.name}
                  </button>
                </th>
                <td colSpan={makes.length} />
                <td className="sticky right-0 z-20 border-l-2 border-amber bg-amber-tint max-sm:static" />
              </tr>
              {open &&
                group.rows.map((row) => (
                  <tr key={row.key} className="h-[31px] border-b border-rule">
                    <th scope="row" className={clsx(headCell, 'px-3 py-1 text-left font-normal text-ink2 first-letter:uppercase')}>
                      {row.head}
                    </th>
                    {makes.map((m, i) => {
                      const before = makes[i - 1];
                      return (
                        <td
                          key={m.id}
                          className={clsx('relative border-r border-rule px-3 py-1 align-middle', m.setAside !== undefined && 'opacity-70')}
                        >
                          {before && row.changed?.(m, before) && <Notch />}
                          {row.cell(m)}
                        </td>
                      );
                    })}
                    <td className={clsx(carryCell, 'px-3 py-1')}>{row.carry}</td>
                  </tr>
                ))}
            </tbody>
          );
        })}
      </table>
    </div>
  );
}
