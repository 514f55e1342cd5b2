import Papa from 'papaparse';

/** A table as it was read: heads, and rows each with the line it stands on. */
export interface Sheet {
  readonly heads: readonly string[];
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[];
}

export type ReadSheet = { readonly ok: true; readonly sheet: Sheet } | { readonly ok: false; readonly problem: string };

/** More rows than any sewist has, and few enough that a page stays quick. */
const MOST_ROWS = 5000;
const MOST_COLUMNS = 100;
const LONGEST_CELL = 4000;

/** What a table that goes out writes before a cell that would be a formula. */
const withoutGuard = (cell: string) => cell.replace(/^'(?=[=+\-@\t\r])/, '');

/**
 * Reads a table that a spreadsheet wrote: parted by commas, tabs or semicolons, quoted or not, with or without a mark at its beginning.
 * Its first row names the columns.
 */
export function readSheet(text: string): ReadSheet {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimitersToGuess: [',', '\t', ';', '|'] });
  const quote = errors.find((e) => e.type === 'Quotes');
  if (quote) return { ok: false, problem: `Row ${(quote.row ?? 0) + 1} opens a quotation mark that is not closed in its place.` };
  const lines = data
    .map((cells, i) => ({ line: i + 1, cells: cells.map((c) => withoutGuard(c.trim()).slice(0, LONGEST_CELL)) }))
    .filter(({ cells }) => cells.some((c) => c !== ''));
  const [head, ...rows] = lines;
  if (!head || rows.length === 0)
    return { ok: false, problem: 'This is no table with a heading and rows: save it from the spreadsheet as CSV, or copy it with its headings.' };
  const columns = Math.max(head.cells.length, ...rows.map((r) => r.cells.length));
  if (columns < 2) return { ok: false, problem: 'It has one column only: its cells must be parted by commas, semicolons or tabs.' };
  if (columns > MOST_COLUMNS || rows.length > MOST_ROWS)
    return { ok: false, problem: `It is larger than ${MOST_ROWS} rows or ${MOST_COLUMNS} columns: take it in in parts.` };
  const whole = (cells: readonly string[]) => Array.from({ length: columns }, (_, i) => cells[i] ?? '');
  return { ok: true, sheet: { heads: whole(head.cells), rows: rows.map(({ line, cells }) => ({ line, cells: whole(cells) })) } };
}

/** The rows that were not taken, as a table of their own with the reason beside each, so that they can be mended and read again. */
export function rejectedText({ heads, rows }: Sheet, why: ReadonlyMap<number, string>): string {
  const kept = rows.filter((r) => why.has(r.line));
  return Papa.unparse([[...heads, 'Why it was not taken'], ...kept.map((r) => [...r.cells, why.get(r.line)!])], {
    escapeFormulae: true,
    newline: '\r\n',
  });
}
