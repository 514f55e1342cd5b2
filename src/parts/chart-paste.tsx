import { useMemo, useState } from 'react';
import { formatLength, type LengthUnit } from '../core/units/length';
import { entriesOf } from '../core/units/keys';
import { BODY_MEASURES, zoneOf } from '../core/body/zones';
import { chartFromText, type ReadChart } from '../core/garment/chart-from-text';
import { Button } from '../ui/button';
import { Segmented } from '../ui/segmented';

/** The chart as it was understood, before it is kept. */
function Preview({ chart, unit }: { chart: ReadChart; unit: LengthUnit }) {
  const rows = [
    ...entriesOf(chart.body).map(([m, column]) => ({ label: BODY_MEASURES[m], column })),
    ...entriesOf(chart.finished).map(([z, column]) => ({ label: `${zoneOf(z).label}, finished`, column })),
  ];
  return (
    <div className="relative max-h-64 overflow-auto border border-rule2">
      <table className="w-full border-collapse" aria-label="The chart as it was understood">
        <thead className="double-rule-b text-small text-ink2">
          <tr>
            <th className="px-2 text-left font-normal">{unit}</th>
            {chart.sizes.map((s) => (
              <th key={s} scope="col" className="px-2 text-right font-normal">
                {s}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, column }) => (
            <tr key={label} className="border-b border-rule">
              <th scope="row" className="px-2 py-0.5 text-left font-normal first-letter:uppercase">
                {label}
              </th>
              {column.map((cm, i) => (
                <td key={chart.sizes[i]} className="px-2 text-right">
                  {cm === null ? '–' : formatLength(cm, unit, { bare: true })}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const FROM_WORDS: Record<ReadChart['unitFrom'], string> = {
  written: 'so the table says',
  'guessed from the numbers': 'by the size of the numbers',
  'as usual': 'your usual unit; the table does not say',
};

/** A size chart pasted from a spreadsheet or a web page, shown as it was understood before it is kept. */
export function ChartPaste({ unit, onChart, onClose }: { unit: LengthUnit; onChart: (chart: ReadChart) => void; onClose: () => void }) {
  const [text, setText] = useState('');
  const [forced, setForced] = useState<LengthUnit>();
  const read = useMemo(() => (text.trim() === '' ? undefined : chartFromText(text, unit, forced)), [text, unit, forced]);
  return (
    <div className="mt-3 flex flex-col gap-3">
      <label className="flex flex-col gap-0.5 text-small text-ink2">
        Paste the table here, with the headings of its rows and columns
        <textarea
          rows={6}
          autoFocus
          spellCheck={false}
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="rounded-md border border-rule2 bg-page p-2 font-sans text-base text-ink"
        />
      </label>
      {read && !read.ok && (
        <p role="alert" className="text-garnet">
          {read.problem}
        </p>
      )}
      {read?.ok && (
        <>
          <div className="flex flex-wrap items-center gap-3">
            <span className="text-small text-ink2">Its numbers are in</span>
            <Segmented<LengthUnit>
              label="Unit of the table"
              value={read.chart.unit}
              choices={[
                { value: 'cm', label: 'cm' },
                { value: 'in', label: 'in' },
              ]}
              onChange={setForced}
            />
            <span className="text-small text-ink2">{forced ? 'as you say' : FROM_WORDS[read.chart.unitFrom]}</span>
          </div>
          <Preview chart={read.chart} unit={unit} />
          {read.chart.leftOut.length > 0 && (
            <div className="text-small text-ink2">
              Left out:
              <ul>
                {read.chart.leftOut.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            </div>
          )}
        </>
      )}
      <div className="flex justify-end gap-2">
        <Button quiet onClick={onClose}>
          Put away
        </Button>
        <Button disabled={!read?.ok} onClick={() => read?.ok && onChart(read.chart)}>
          Keep this chart
        </Button>
      </div>
    </div>
  );
}
