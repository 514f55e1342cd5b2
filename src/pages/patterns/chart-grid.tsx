import type { LengthUnit } from '../../core/units/length';
import { keysOf } from '../../core/units/keys';
import { Button } from '../../ui/button';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Pick } from '../../ui/pick';
import { walkGrid } from '../../ui/walk-grid';

type Columns<M extends string> = Partial<Record<M, readonly (number | null)[]>>;

/** Measures of each size: a row a measure, a column a size; blank where the chart is blank. */
export function ChartGrid<M extends string>({
  title,
  labels,
  sizes,
  columns,
  unit,
  onColumns,
}: {
  title: string;
  /** What each measure that can stand here is called, in the order in which they are read. */
  labels: Record<M, string>;
  sizes: readonly string[];
  columns: Columns<M>;
  unit: LengthUnit;
  onColumns: (columns: Partial<Record<M, (number | null)[]>>) => void;
}) {
  const all = keysOf(labels);
  const shown = all.filter((m) => columns[m] !== undefined);
  const given = columns as Partial<Record<M, (number | null)[]>>;
  const setCell = (measure: M, at: number, cm: number | null) =>
    onColumns({ ...given, [measure]: sizes.map((_, i) => (i === at ? cm : (given[measure]?.[i] ?? null))) });
  return (
    <div className="flex flex-col gap-2">
      {shown.length > 0 && (
        <div className="relative overflow-x-auto">
          <table className="border-collapse" onKeyDownCapture={(e) => walkGrid(e, sizes.length, 'along')}>
            <thead className="double-rule-b text-small text-ink2">
              <tr>
                <th className="px-2 text-left font-normal">
                  {title}, {unit}
                </th>
                {sizes.map((s) => (
                  <th key={s} scope="col" className="px-1 text-left font-normal">
                    {s}
                  </th>
                ))}
                <td />
              </tr>
            </thead>
            <tbody>
              {shown.map((m) => (
                <tr key={m} className="border-b border-rule">
                  <th scope="row" className="px-2 text-left font-normal whitespace-nowrap">
                    {labels[m]}
                  </th>
                  {sizes.map((s, at) => (
                    <td key={s} className="px-0.5 py-0.5">
                      <LengthField
                        label={`${title}: ${labels[m]}, size ${s}`}
                        labelHidden
                        unit={unit}
                        cm={given[m]?.[at] ?? undefined}
                        check={aboveNought}
                        onCm={(cm) => setCell(m, at, cm ?? null)}
                        className="[&_input]:w-[68px]"
                      />
                    </td>
                  ))}
                  <td>
                    <Button
                      quiet
                      aria-label={`Leave ${labels[m]} out of the chart`}
                      onClick={() => onColumns(Object.fromEntries(Object.entries(given).filter(([id]) => id !== m)) as typeof given)}
                    >
                      ×
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <Pick
        label={`Another measure, ${title}`}
        labelHidden
        placeholder={`${title}: another measure …`}
        value={undefined}
        options={all.filter((m) => !shown.includes(m)).map((m) => ({ id: m, label: labels[m] }))}
        onPick={(m) => onColumns({ ...given, [m]: sizes.map(() => null) })}
        className="w-64"
      />
    </div>
  );
}
