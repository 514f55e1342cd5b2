import { COLUMN_UNITS, SHEET_FIELDS, unitOfColumn, type ColumnGuess, type ColumnUnit } from '../../core/archive/tables-in/columns';
import type { Sheet } from '../../core/archive/tables-in/read-sheet';
import type { SheetName } from '../../core/archive/tables-out';
import type { LengthUnit } from '../../core/units/length';
import { ChoiceField, SelectField } from '../../ui/field';

const UNIT_WORDS: Record<ColumnUnit, string> = { cm: 'centimetres', in: 'inches', m: 'metres', yd: 'yards' };

/** Cells that show what a column holds. */
const SHOWN = 3;

/** Each column of a table with some of its cells, what it was taken for, and the unit of its bare numbers. */
export function ColumnsOfATable({
  sheet: { heads, rows },
  which,
  columns,
  own,
  onColumns,
}: {
  sheet: Sheet;
  which: SheetName;
  columns: readonly ColumnGuess[];
  own: LengthUnit;
  onColumns: (columns: readonly ColumnGuess[]) => void;
}) {
  const fields = SHEET_FIELDS[which];
  const cellsOf = (i: number) => rows.map((r) => r.cells[i] ?? '');
  const choose = (i: number, key: string) => {
    const field = fields.find((f) => f.key === key);
    const unit = field?.usual ? unitOfColumn(field, heads[i] ?? '', cellsOf(i), own) : own;
    // A field is one column: another that was taken for it is left out.
    onColumns(columns.map((c, at) => (at === i ? { field: field?.key, unit } : c.field === key ? { ...c, field: undefined } : c)));
  };
  return (
    <table className="w-full table-fixed">
      <thead>
        <tr className="border-b border-rule2 text-left text-small text-ink2">
          <th className="py-1 font-normal">In the table</th>
          <th className="py-1 font-normal">Taken for</th>
        </tr>
      </thead>
      <tbody>
        {columns.map(({ field, unit }, i) => {
          const head = heads[i] || `column ${i + 1}`;
          const shown = cellsOf(i)
            .filter((c) => c !== '')
            .slice(0, SHOWN);
          return (
            <tr key={i} className="border-b border-rule align-top">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                <span className="font-semibold break-words">{head}</span>
                <span className="block truncate text-small text-ink2">{shown.join(' · ') || 'empty'}</span>
              </th>
              <td className="py-1.5">
                <div className="flex flex-wrap gap-2">
                  <SelectField
                    label={`${head} is taken for`}
                    labelHidden
                    className="w-44 max-w-full"
                    value={field ?? ''}
                    onChange={(e) => choose(i, e.target.value)}
                  >
                    <option value="">left out</option>
                    {fields.map((f) => (
                      <option key={f.key} value={f.key}>
                        {f.label}
                      </option>
                    ))}
                  </SelectField>
                  {fields.some((f) => f.key === field && f.kind === 'length') && (
                    <ChoiceField
                      label={`${head} is in`}
                      labelHidden
                      className="w-32 max-w-full"
                      value={unit}
                      all={COLUMN_UNITS}
                      words={(u) => UNIT_WORDS[u]}
                      onValue={(chosen) => onColumns(columns.map((c, at) => (at === i ? { ...c, unit: chosen } : c)))}
                    />
                  )}
                </div>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
