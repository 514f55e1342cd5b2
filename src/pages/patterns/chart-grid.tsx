import type { ClipboardEvent } from 'react';
import { parseLength, type LengthUnit } from '../../core/measure/length';
import { BODY_MEASURES, type BodyMeasure } from '../../core/measure/zones';
import type { SizeChart } from '../../core/records';
import { Button } from '../../ui/button';
import { ReadField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { Pick } from '../../ui/pick';

type Column = readonly (number | null)[];

/** The sizes as they are written in a row: `A, B, C` or `34 36 38`. */
function readSizes(text: string): { ok: true; value: string[] } | { ok: false; problem: string } {
  const sizes = text.split(/[,;\t]+|\s{1,}/).filter(Boolean);
  if (sizes.length === 0) return { ok: false, problem: 'Write the sizes in order, with commas between them.' };
  const twice = sizes.find((s, i) => sizes.indexOf(s) < i);
  return twice ? { ok: false, problem: `Size ${twice} is there twice.` } : { ok: true, value: sizes };
}

/** The body measures of each size. A block copied from a spreadsheet can be pasted into any cell and fills what is right of and below it. */
export function ChartGrid({ chart, unit, onChange }: { chart: SizeChart; unit: LengthUnit; onChange: (chart: SizeChart) => void }) {
  const measures = (Object.keys(BODY_MEASURES) as BodyMeasure[]).filter((m) => chart.body[m] !== undefined);
  const setCells = (cells: readonly { measure: BodyMeasure; at: number; cm: number | null }[]) => {
    const body: Partial<Record<BodyMeasure, (number | null)[]>> = { ...chart.body };
    for (const { measure, at, cm } of cells) body[measure] = (body[measure] ?? chart.sizes.map(() => null)).map((was, i) => (i === at ? cm : was));
    onChange({ ...chart, body });
  };
  const setSizes = (sizes: string[]) => {
    const fit = (column: Column) => sizes.map((_, i) => column[i] ?? null);
    const body = Object.fromEntries(Object.entries(chart.body).map(([m, column]) => [m, fit(column)]));
    const finished = Object.fromEntries(Object.entries(chart.finished).map(([z, column]) => [z, fit(column)]));
    onChange({ ...chart, sizes, body, finished });
  };
  const paste = (event: ClipboardEvent, row: number, at: number) => {
    const text = event.clipboardData.getData('text/plain').replace(/\r?\n$/, '');
    if (!/[\t\n]/.test(text)) return;
    event.preventDefault();
    setCells(
      text.split(/\r?\n/).flatMap((line, r) =>
        line.split('\t').flatMap((cell, c) => {
          const measure = measures[row + r];
          const parsed = parseLength(cell, unit);
          return measure && at + c < chart.sizes.length && parsed.ok && parsed.cm > 0 ? [{ measure, at: at + c, cm: parsed.cm }] : [];
        }),
      ),
    );
  };
  return (
    <div className="flex flex-col gap-2">
      <ReadField label="Sizes in order" shown={chart.sizes.join(', ')} read={readSizes} onValue={setSizes} className="max-w-md" />
      <div className="relative overflow-x-auto">
        <table className="border-collapse">
          <thead className="double-rule-b text-small text-ink2">
            <tr>
              <th className="px-2 text-left font-normal">Body, {unit}</th>
              {chart.sizes.map((s) => (
                <th key={s} className="px-1 text-left font-normal">
                  {s}
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {measures.map((m, row) => (
              <tr key={m} className="border-b border-rule">
                <th scope="row" className="px-2 text-left font-normal whitespace-nowrap">
                  {BODY_MEASURES[m]}
                </th>
                {chart.sizes.map((s, at) => (
                  <td key={s} className="px-0.5 py-0.5">
                    <LengthField
                      label={`${BODY_MEASURES[m]}, size ${s}`}
                      labelHidden
                      unit={unit}
                      cm={chart.body[m]?.[at] ?? undefined}
                      onCm={(cm) => setCells([{ measure: m, at, cm: cm === undefined || cm <= 0 ? null : cm }])}
                      onPaste={(e) => paste(e, row, at)}
                      className="[&_input]:w-[68px]"
                    />
                  </td>
                ))}
                <td>
                  <Button
                    quiet
                    aria-label={`Leave ${BODY_MEASURES[m]} out of the chart`}
                    onClick={() => {
                      const { [m]: _, ...body } = chart.body;
                      onChange({ ...chart, body });
                    }}
                  >
                    ×
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Pick
        label="Another measure"
        labelHidden
        placeholder="another measure …"
        value={undefined}
        options={(Object.keys(BODY_MEASURES) as BodyMeasure[]).filter((m) => !measures.includes(m)).map((m) => ({ id: m, label: BODY_MEASURES[m] }))}
        onPick={(m) => onChange({ ...chart, body: { ...chart.body, [m]: chart.sizes.map(() => null) } })}
        className="w-44"
      />
    </div>
  );
}
