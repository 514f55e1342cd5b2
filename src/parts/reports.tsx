import { DIRECTION_WORDS, zoneOf, ZONE_IDS, type ZoneId } from '../core/body/zones';
import { Report, type Pattern } from '../core/records';
import { newId } from '../data/new-id';
import { OutLink } from '../ui/out-link';
import { SelectField } from '../ui/field';
import { RecordRows } from './record-rows';

/** Where and which way a report says that it is off, in words: `long in the sleeve`. */
export function reportWords({ zone, direction }: Pick<Report, 'zone' | 'direction'>): string {
  if (zone === undefined) return '';
  const { kind, label } = zoneOf(zone);
  return direction === undefined ? label : `${label} ${DIRECTION_WORDS[kind][direction < 0 ? 'under' : 'over']}`;
}

/** The place and the way, each to be said or left open. */
function WhereOff({ report, zones, onChange }: { report: Report; zones: readonly ZoneId[]; onChange: (part: Partial<Report>) => void }) {
  const { zone, direction } = report;
  const words = zone === undefined ? undefined : DIRECTION_WORDS[zoneOf(zone).kind];
  const zoneNamed = (id: string) => ZONE_IDS.find((z) => z === id);
  return (
    <div className="flex flex-wrap items-end gap-2">
      <SelectField
        label="Where"
        value={zone ?? ''}
        onChange={(e) => onChange({ zone: zoneNamed(e.target.value), ...(e.target.value === '' ? { direction: undefined } : {}) })}
      >
        <option value="">not said</option>
        {[...new Set([...zones, ...(zone ? [zone] : [])])].map((z) => (
          <option key={z} value={z}>
            {zoneOf(z).label}
          </option>
        ))}
      </SelectField>
      {words && (
        <SelectField
          label="Which way"
          value={direction ?? ''}
          onChange={(e) => onChange({ direction: e.target.value === '' ? undefined : e.target.value === '1' ? 1 : -1 })}
        >
          <option value="">not said</option>
          <option value="-1">{words.under}</option>
          <option value="1">{words.over}</option>
        </SelectField>
      )}
      <span className="text-small text-ink2">
        {zone !== undefined && direction !== undefined
          ? 'counts as weak evidence for the first cut'
          : 'kept in words; with a place and a way it counts as weak evidence'}
      </span>
    </div>
  );
}

/** What others reported of a pattern, noted before it is cut and kept apart from one's own notes. */
export function Reports({
  pattern,
  zones,
  onReports,
}: {
  pattern: Pattern;
  zones: readonly ZoneId[];
  onReports: (reports: Report[] | undefined) => void;
}) {
  return (
    <RecordRows
      of={Report.shape}
      names={['words', 'from', 'amount', 'link']}
      rows={pattern.reports ?? []}
      blank={(): Report => ({ id: newId(), words: '' })}
      add="a report from elsewhere"
      widths={{ words: 'min-w-56 flex-1', from: 'w-44', amount: 'w-24', link: 'w-40' }}
      under={(row, change) => <WhereOff report={row} zones={zones} onChange={change} />}
      onRows={(reports) => onReports(reports.length > 0 ? reports : undefined)}
    />
  );
}

/** The same to be read, where the pattern is looked at. */
export function ReportList({ reports }: { reports: readonly Report[] }) {
  return (
    <ul className="text-small">
      {reports.map((report) => (
        <li key={report.id} className="border-b border-rule py-1">
          {report.words}
          <span className="text-ink2">
            {[report.from, reportWords(report)]
              .filter(Boolean)
              .map((words) => ` · ${String(words)}`)
              .join('')}
            {report.link !== undefined && (
              <>
                {' · '}
                <OutLink to={report.link}>Open the link</OutLink>
              </>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
