import { orderOfDays, type DayOrder } from '../../units/day-as-written';
import type { LengthUnit } from '../../units/length';
import { TABLE_NAMES, type Ledger, type TableName } from '../../records';
import type { SheetName } from '../tables-out';
import { CannotTake } from './cells';
import { SHEET_FIELDS, type ColumnGuess } from './columns';
import type { Sheet } from './read-sheet';
import { Row, type TableReading, type TakingInto } from './row';
import { takeMake } from './take-make';
import { takeBody, takeFabric, takePattern, takeWear } from './take-others';
import { Taking, THERE } from './taking';

/** What became of a row. */
export interface TakenRow {
  readonly line: number;
  readonly state: 'new' | 'there already' | 'not taken';
  /** What it was understood as, or why it cannot be taken. */
  readonly words: string;
}

export interface TakenTable {
  readonly rows: readonly TakenRow[];
  /** Records to be written, those before others that speak of them. */
  readonly records: readonly { readonly table: TableName; readonly record: Ledger[TableName][number] }[];
}

/** The order in which a table writes its days: as any of them proves, else as is usual with the sewist's unit. */
export function guessOrder({ rows }: Sheet, columns: readonly ColumnGuess[], sheet: SheetName, unit: LengthUnit): DayOrder {
  const days = SHEET_FIELDS[sheet].filter((f) => f.kind === 'day').map((f) => f.key);
  const cells = columns.flatMap(({ field }, i) => (field !== undefined && days.includes(field) ? rows.map((r) => r.cells[i] ?? '') : []));
  return orderOfDays(cells) ?? (unit === 'in' ? 'month first' : 'day first');
}

/** How a row of each table becomes records: what it was understood as, or `THERE`. */
const TAKE: Readonly<Record<SheetName, (row: Row, taking: Taking) => string | typeof THERE>> = {
  makes: takeMake,
  wears: takeWear,
  fabrics: takeFabric,
  patterns: takePattern,
  'body measures': takeBody,
};

/**
 * Takes a table in, row by row: each becomes records, is there already, or cannot be taken and says why. Nothing is guessed at that a cell
 * says otherwise, and a row that cannot be taken leaves no trace.
 */
export function takeRows({ heads, rows }: Sheet, reading: TableReading, into: TakingInto): TakenTable {
  const taking = new Taking(into);
  const results: TakenRow[] = [];
  // Versions are counted in the order in which they were cut.
  const dayOf = (row: Row) => {
    try {
      return row.day('cutOn') ?? row.day('finishedOn') ?? row.day('date') ?? '';
    } catch {
      return '';
    }
  };
  const inOrder = rows
    .map(({ line, cells }) => ({ line, row: new Row(cells, heads, reading, into) }))
    // A combination comes after the patterns that it joins.
    .map((r) => ({ ...r, day: dayOf(r.row), late: r.row.text('joins') === undefined ? 0 : 1 }))
    .sort((a, b) => a.late - b.late || (a.day < b.day ? -1 : a.day > b.day ? 1 : a.line - b.line));
  for (const { line, row } of inOrder) {
    const before = taking.added.length;
    try {
      const words = TAKE[reading.sheet](row, taking);
      results.push(words === THERE ? { line, state: 'there already', words: 'is in the ledger already' } : { line, state: 'new', words });
    } catch (error) {
      if (!(error instanceof CannotTake)) throw error;
      taking.takeBack(before);
      results.push({ line, state: 'not taken', words: error.message });
    }
  }
  const order = (table: TableName) => TABLE_NAMES.indexOf(table);
  return { rows: results.sort((a, b) => a.line - b.line), records: [...taking.added].sort((a, b) => order(a.table) - order(b.table)) };
}
