import { isFitless } from '../../core/records/usual-zones';
import { askedFields, fieldWords, type FieldMeta, type Alteration, Make } from '../../core/records';
import { minutesOf } from '../../core/make/minutes';
import { latestNote } from '../../core/make/latest-note';
import { mainFabric, mainUse } from '../../core/make/main-fabric';
import type { ReactNode } from 'react';
import { alterationWords, sizeLineWords } from '../../core/alteration/words';
import type { Account as Reckoned, VersionColumn } from '../../core/engine/account';
import { type PatternCase } from '../../core/garment/case';
import { sameLine } from '../../core/garment/chart';
import { formatFabricLength, type FabricUnit, type LengthUnit } from '../../core/units/length';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { costWords, perWear, type MakeCost } from '../../core/cost/cost';
import { judgedEarly, reasonShares, verdictWeight, verdictWhen } from '../../core/decide/verdict-weight';
import { formatDuration } from '../../core/units/duration';
import { formatMoney } from '../../core/units/money';
import { AlterationList, Blank, CarryFit, FitCell, MeantNextTime, SizeLines } from './cells';
import { percent } from '../../core/units/percent';
import { timesWords } from '../../core/wear/wear-count';

type WearCounts = ReadonlyMap<string, { readonly times: number }>;

export interface AccountProps {
  readonly input: PatternCase;
  readonly carried: Reckoned;
  readonly wears: WearCounts;
  readonly costOf: (make: Make) => MakeCost;
  readonly unit: LengthUnit;
  readonly fabricUnit: FabricUnit;
  readonly plannedFabric: ReactNode;
  /** What else can be done with the versions, beside the account's own tools. */
  readonly tools?: ReactNode;
  readonly onWhy: (zone: ZoneId) => void;
  readonly chosen: ZoneId | undefined;
}

/** A row of the account: what it says of each version, and what is carried forward. */
export interface Row {
  readonly key: string;
  readonly head: ReactNode;
  readonly cell: (make: Make) => ReactNode;
  /** What the cell says, to tell whether the versions differ; undefined where nothing is known of a version. */
  readonly said: (make: Make) => string | number | undefined;
  /** Bears a notch where this version differs from the one before. */
  readonly changed?: (make: Make, before: Make) => boolean;
  readonly carry: ReactNode;
}

export interface Group {
  readonly name: string;
  readonly rows: readonly Row[];
}

/** Rows of fields that a make is asked for and that have a row of their own. */
function recordedRows(group: NonNullable<FieldMeta['account']>, unit: LengthUnit): Row[] {
  return askedFields(Make.shape, (meta) => meta.account === group).map(({ name, meta }) => {
    const said = (make: Make) => fieldWords(meta, make[name], unit);
    return { key: name, head: meta.label, cell: (make) => said(make) ?? <Blank />, said, carry: <Blank /> };
  });
}

/** What the account says of each version, group by group. */
export function accountRows(props: AccountProps): Group[] {
  // Of what has no fit and is not worn nothing of either is asked.
  return groupsOf(props).filter((g) => !isFitless(props.input.pattern.kind) || (g.name !== 'Fit' && g.name !== 'Wear'));
}

function groupsOf({ input, carried, wears, costOf, unit, fabricUnit, plannedFabric, onWhy, chosen }: AccountProps): Group[] {
  const { next, last, zones } = carried;
  const columns = new Map(carried.columns.map((c) => [c.makeId, c]));
  const differs = (what: VersionColumn['differences'][number]['what']) => (make: Make) =>
    columns.get(make.id)?.differences.some((d) => d.what === what) ?? false;
  const fabricOf = (make: Make) => mainFabric(make, input.fabrics).fabric;
  const lineChanged = (zone: ZoneId | 'all') =>
    zone === 'all'
      ? !sameLine(next.size, last.size)
      : !sameLine(next.sizeLines.find((l) => l.zone === zone)?.line, last.sizeLines.find((l) => l.zone === zone)?.line);
  const isNew = (a: Alteration) => !last.alterations.some((b) => alterationWords(a, unit) === alterationWords(b, unit));
  const verdict = (make: Make) => make.verdicts.at(-1);
  const shares = reasonShares(input.makes);
  const effectsAt = (make: Make, zone: ZoneId) => columns.get(make.id)?.effects.filter((e) => e.zone === zone) ?? [];

  return [
    {
      name: 'Cut',
      rows: [
        {
          key: 'size',
          head: 'Size lines',
          cell: (m) => <SizeLines size={m.size} lines={m.sizeLines} />,
          said: (m) => [m.size, ...m.sizeLines.map((l) => l.line)].map(sizeLineWords).join(),
          changed: differs('size'),
          carry: <SizeLines size={next.size} lines={next.sizeLines} changed={lineChanged} />,
        },
        {
          key: 'altered',
          head: 'Altered',
          cell: (m) => <AlterationList alterations={m.alterations} unit={unit} showWhen />,
          said: (m) => m.alterations.map((a) => alterationWords(a, unit)).join(),
          changed: differs('alteration'),
          carry: (
            <>
              <AlterationList alterations={next.alterations} unit={unit} showWhen={false} isNew={isNew} />
              <MeantNextTime input={input} />
            </>
          ),
        },
      ],
    },
    {
      name: 'Fabric',
      rows: [
        {
          key: 'fabric',
          head: 'Main fabric',
          cell: (m) => {
            const fabric = fabricOf(m);
            const weight = fabric?.weight ? `${fabric.weight}\u202fg/m²` : fabric?.weightClass;
            return (
              <span>
                {fabric?.name ?? 'not noted'}
                {weight && <span className="text-small text-ink2"> · {weight}</span>}
              </span>
            );
          },
          said: (m) => fabricOf(m)?.id,
          changed: differs('fabric'),
          carry: plannedFabric,
        },
        {
          key: 'used',
          head: 'Length used',
          cell: (m) => {
            const use = mainUse(m);
            if (use?.length === undefined) return <Blank />;
            return (
              <span>
                {formatFabricLength(use.length, fabricUnit)}
                {use.left !== undefined && <span className="text-small text-ink2"> · {formatFabricLength(use.left, fabricUnit)} left over</span>}
              </span>
            );
          },
          said: (m) => mainUse(m)?.length,
          carry: <Blank />,
        },
      ],
    },
    {
      name: 'Fit',
      rows: carried.places.map((zone) => {
        const forecast = zones.find((z) => z.zone === zone);
        return {
          key: zone,
          head: zoneOf(zone).label,
          cell: (m: Make) => (
            <FitCell x={columns.get(m.id)?.offsets[zone]} make={m} forecast={forecast} zone={zone} effects={effectsAt(m, zone)} unit={unit} />
          ),
          said: (m: Make) => latestNote(m, zone)?.outcome,
          changed: (m: Make, before: Make) => {
            const is = latestNote(m, zone);
            const was = latestNote(before, zone);
            return is !== undefined && was !== undefined && is.outcome !== was.outcome;
          },
          carry: forecast ? (
            <CarryFit
              forecast={forecast}
              disagree={carried.why[zone]!.contradictions.length > 0}
              slip={carried.why[zone]!.contradictions.some((c) => !c.evidence.note.sure)}
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
        ...recordedRows('Making', unit),
        {
          key: 'time',
          head: 'Time',
          cell: (m) => {
            const minutes = minutesOf(m);
            return minutes === undefined ? <Blank /> : <span>{formatDuration(minutes)}</span>;
          },
          said: minutesOf,
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
          said: (m) => m.notes.map((n) => n.words).join(),
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
        ...recordedRows('Wear', unit),
        {
          key: 'worn',
          head: 'Worn',
          cell: (m) => (m.kind === 'toile' ? <Blank /> : <span>{timesWords(wears.get(m.id))}</span>),
          said: (m) => (m.kind === 'toile' ? undefined : timesWords(wears.get(m.id))),
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
              <span className="text-small text-ink2">{costWords(cost, total)}, no wear noted</span>
            ) : (
              <span>
                {costWords(cost, each)}
                <span className="text-small text-ink2"> of {formatMoney({ minor: total, currency })}</span>
              </span>
            );
          },
          said: (m) => (m.kind === 'toile' ? undefined : perWear(costOf(m).total, wears.get(m.id)?.times ?? 0)),
          carry: <Blank />,
        },
      ],
    },
    {
      name: 'Verdict',
      rows: [
        ...recordedRows('Verdict', unit),
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
          said: (m) => verdict(m)?.love,
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
          said: (m) => verdict(m)?.reasons.join(),
          carry:
            shares.length === 0 ? (
              <Blank />
            ) : (
              <ul className="text-small leading-[17px]">
                {shares.map(({ reason, share }) => (
                  <li key={reason}>
                    {reason}, {percent(share)} of what was last said <span className="text-ink2">(by the wears behind it)</span>
                  </li>
                ))}
              </ul>
            ),
        },
      ],
    },
  ];
}
