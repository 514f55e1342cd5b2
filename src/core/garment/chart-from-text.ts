import Papa from 'papaparse';
import { parseLength, type LengthUnit } from '../units/length';
import { itemAt } from '../units/item-at';
import { entriesOf } from '../units/keys';
import { BODY_MEASURES, ZONE_IDS, zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';

/** A size chart as it was understood from a pasted table. Lengths in cm. */
export interface ReadChart {
  readonly sizes: readonly string[];
  readonly body: Partial<Record<BodyMeasure, readonly (number | null)[]>>;
  readonly finished: Partial<Record<ZoneId, readonly (number | null)[]>>;
  readonly unit: LengthUnit;
  /** How the unit was found. */
  readonly unitFrom: 'written' | 'guessed from the numbers' | 'as usual';
  readonly sizesRun: 'across' | 'down';
  /** Rows or columns that name nothing known, and cells that are no length: left out, and said. */
  readonly leftOut: readonly string[];
}

export type ChartReadingResult = { readonly ok: true; readonly chart: ReadChart } | { readonly ok: false; readonly problem: string };

/** What charts call body measures, beside our own words. */
const MEASURE_SYNONYMS: Record<string, BodyMeasure> = {
  chest: 'bust',
  'full bust': 'bust',
  'bust circumference': 'bust',
  'upper bust': 'highBust',
  'under bust': 'underbust',
  ribcage: 'underbust',
  'natural waist': 'waist',
  hips: 'hip',
  'full hip': 'hip',
  seat: 'hip',
  'back length': 'napeToWaist',
  'back waist length': 'napeToWaist',
  'back neck to waist': 'napeToWaist',
  'nape to waist': 'napeToWaist',
  arm: 'armLength',
  'sleeve length': 'armLength',
  'inside leg': 'inseam',
  bicep: 'upperArm',
  biceps: 'upperArm',
  'shoulder width': 'shoulder',
  'back width': 'acrossBack',
  'cross back': 'acrossBack',
  'body rise': 'rise',
  'crotch depth': 'rise',
  torso: 'torsoLoop',
  'head circumference': 'head',
};
const MEASURE_WORDS = new Map<string, BodyMeasure>([
  ...entriesOf(BODY_MEASURES).map(([id, label]) => [label, id] as const),
  ...Object.entries(MEASURE_SYNONYMS),
]);

/** What charts call finished measures, beside the zones' own words. */
const FINISHED_SYNONYMS: Record<string, ZoneId> = {
  chest: 'bust',
  hips: 'hip',
  length: 'bodyLength',
  'total length': 'bodyLength',
  'back length': 'bodyLength',
  'sleeve length': 'sleeve',
  bicep: 'upperArm',
  'leg opening': 'legHem',
  hem: 'hemSweep',
  'hem circumference': 'hemSweep',
  inseam: 'leg',
  'skirt length': 'skirt',
};
const FINISHED_WORDS = new Map<string, ZoneId>([...ZONE_IDS.map((id) => [zoneOf(id).label, id] as const), ...Object.entries(FINISHED_SYNONYMS)]);

const SIZE_HEAD = /^(size|sizes|us|uk|eu|eur|fr|de|it|au|int|international|label|letter|group)\b/i;
const FINISHED = /\b(finished|garment)\b/i;

interface Label {
  readonly measure?: BodyMeasure;
  readonly zone?: ZoneId;
  readonly unit?: LengthUnit;
}

function unitIn(text: string): LengthUnit | undefined {
  if (/\bcms?\b|centimet/i.test(text)) return 'cm';
  return /\binch(es)?\b|\bins?\b\.?|["″”]/i.test(text) ? 'in' : undefined;
}

/** A heading without its unit and what every heading says. */
function wordsOfHead(text: string): string {
  return text
    .toLowerCase()
    .replace(/\(.*?\)|\b(finished|garment|body|measurements?|circumference|girth|cm|cms|in|inch|inches)\b|["″”:*,]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/**
 * The body measure that a heading names.
 *
 * @example measureNamed('Waist (cm)') // 'waist'
 */
export function measureNamed(head: string): BodyMeasure | undefined {
  return MEASURE_WORDS.get(wordsOfHead(head));
}

/** What a heading names: a body measure, or a finished one where it or its section says so. */
function readLabel(text: string, finished: boolean): Label | undefined {
  const unit = unitIn(text);
  const words = wordsOfHead(text);
  const zone = finished || FINISHED.test(text) ? FINISHED_WORDS.get(words) : undefined;
  const measure = zone ? undefined : MEASURE_WORDS.get(words);
  return zone || measure ? { ...(zone ? { zone } : {}), ...(measure ? { measure } : {}), ...(unit ? { unit } : {}) } : undefined;
}

/** An empty cell, or the rule beneath the heads. */
const RULE = /^[-–—=:+\s]*$/;

/** The table's cells. Tabs, bars, semicolons or commas part them; else two spaces or more. */
function cellsOf(text: string): string[][] {
  const lines = text.replace(/\r\n?/g, '\n').replace(/^\n+|\s+$/g, '');
  const delimiter = ['\t', '|', ';'].find((d) => lines.includes(d)) ?? (/ {2,}/.test(lines) ? undefined : ',');
  const rows = delimiter
    ? Papa.parse<string[]>(lines, { delimiter, skipEmptyLines: true }).data
    : lines.split('\n').map((line) => line.trim().split(/ {2,}/));
  // A bar at both ends makes empty columns of nothing.
  const cells = rows.map((row) => row.map((c) => c.trim())).filter((r) => r.some((c) => !RULE.test(c)));
  const bare = cells.every((r) => r[0] === '') ? cells.map((r) => r.slice(1)) : cells;
  return bare.every((r) => r.at(-1) === '') ? bare.map((r) => r.slice(0, -1)) : bare;
}

/** A cell that says a length in both units: "80 cm / 31 ½ in", "62 (24 3/8″)". */
const BOTH_UNITS = /^(.+?)\s*(?:\/\s+|\s\/\s*|\||\()\s*([^()]+?)\)?$/;

/** Of a cell in both units the one in centimetres, as it is written; any other cell as it is. */
function inOneUnit(cell: string): string {
  const [, first, second] = BOTH_UNITS.exec(cell) ?? [];
  if (first === undefined || second === undefined) return cell;
  const units = [unitIn(first), unitIn(second)];
  if (units[0] === units[1]) return cell;
  const metric = units[0] === 'cm' || units[1] === 'in' ? first : second;
  return unitIn(metric) === 'cm' ? metric : `${metric} cm`;
}

/** A cell that only goes on with the head of its row: a unit, or one of several names of the sizes. */
const goesOn = (cell: string) => cell === '' || SIZE_HEAD.test(cell) || /^(cms?|in\.?|inch(es)?|["″”])$/i.test(cell);

/**
 * Rows whose heads run over two columns, as merged cells are pasted: `Bust | cm`, and beneath it, its first cell empty, ` | in`. Each gets
 * its whole head in one cell.
 */
function withWholeHeads(table: readonly (readonly string[])[]): string[][] {
  const second = table.map((r) => r[1] ?? '');
  if (second.every((c) => c === '') || !second.every(goesOn)) return table.map((r) => [...r]);
  let above = '';
  return table.map(([head = '', more = '', ...rest]) => {
    if (head !== '') above = head;
    return [`${head === '' && more !== '' && !SIZE_HEAD.test(more) ? above : head} ${more}`.trim(), ...rest];
  });
}

/** A cell as a length: of a range, its middle. */
function readCell(written: string, unit: LengthUnit): number | null | undefined {
  const cell = inOneUnit(written);
  if (cell === '' || RULE.test(cell) || /^(n\/?a|x)$/i.test(cell)) return null;
  // 32-1/2 is one length, 32-34 a range.
  const whole = parseLength(cell, unit);
  if (whole.ok && whole.cm > 0 && !/^\d+([.,]\d+)?\s*[-–]\s*\d+([.,]\d+)?$/.test(cell)) return whole.cm;
  const ends = /^(.+?)\s*(?:–|—|-|\bto\b|\.\.)\s*(.+)$/i.exec(cell);
  if (!ends) return undefined;
  const [low, high] = [parseLength(itemAt(ends, 1), unit), parseLength(itemAt(ends, 2), unit)];
  return low.ok && high.ok && low.cm > 0 && high.cm >= low.cm ? (low.cm + high.cm) / 2 : undefined;
}

/** Girths of a grown body are never below this in cm, nor above it in inches. Source: usual size charts, children's left to the usual unit. */
const INCHES_BELOW = 62;
/** With a smallest bust below this a chart may be a child's, in cm: the numbers do not tell. */
const CHILD = 45;

/** Inches or cm, where the table does not say: by its girths. */
function guessUnit(rows: readonly { label: Label; cells: readonly string[] }[]): LengthUnit | undefined {
  const girths = rows
    .filter(({ label }) => label.measure && ['bust', 'waist', 'hip'].includes(label.measure))
    .flatMap(({ cells }) => cells.map((c) => readCell(c, 'cm')))
    .filter((n): n is number => typeof n === 'number');
  if (girths.length === 0) return undefined;
  const most = Math.max(...girths);
  if (most >= INCHES_BELOW) return 'cm';
  return most < CHILD || Math.min(...girths) < CHILD ? 'in' : undefined;
}

/**
 * Reads a size chart from a table pasted from a spreadsheet or a web page: sizes across or down, body and finished measures, ranges
 * such as 81–84 (their middle), fractions, inches or cm or both, merged heads.
 *
 * @param text the pasted text
 * @param usual the sewist's unit, taken where the table neither says nor shows which it is in
 * @param forced the unit, where the sewist said which
 * @returns the chart with all that was left out, or a sentence that says what is missing
 */
export function chartFromText(text: string, usual: LengthUnit, forced?: LengthUnit): ChartReadingResult {
  const cells = cellsOf(text);
  if (cells.length < 2 || cells.every((r) => r.length < 2))
    return { ok: false, problem: 'This is not a table: copy the rows with their headings, from a spreadsheet or a web page.' };
  const named = (list: readonly (string | undefined)[]) =>
    list.filter((c) => c !== undefined && (readLabel(c, false) ?? readLabel(c, true)) !== undefined).length;
  const firstColumn = cells.map((r) => r[0]);
  const headRow = cells.findIndex((r) => named(r) >= 2);
  const down = headRow >= 0 && named(itemAt(cells, headRow)) > named(firstColumn);
  if (!down && named(firstColumn) === 0)
    return { ok: false, problem: 'No heading names a measure such as bust, waist or hip. Copy the headings along with the numbers.' };

  // With sizes down, the table is turned so that each measure is a row.
  const width = Math.max(...cells.map((r) => r.length));
  const table = withWholeHeads(
    down
      ? Array.from({ length: width }, (_, c) => cells.slice(headRow).map((r) => r[c] ?? ''))
      : cells.map((r) => Array.from({ length: width }, (_, c) => r[c] ?? '')),
  );

  const leftOut: string[] = [];
  const rows: { label: Label; cells: string[]; text: string }[] = [];
  let sizes: string[] | undefined;
  let finished = false;
  let written: LengthUnit | undefined = down ? unitIn(cells.slice(0, Math.max(0, headRow)).flat().join(' ')) : undefined;
  for (const [head = '', ...rest] of table) {
    if (rest.every((c) => RULE.test(c))) {
      // A heading over a part of the table.
      if (head !== '' && !RULE.test(head)) finished = FINISHED.test(head);
      written ??= unitIn(head);
      continue;
    }
    const label = readLabel(head, finished);
    if (label) rows.push({ label, cells: rest, text: head });
    else if (!sizes && (SIZE_HEAD.test(head) || head === '' || rows.length === 0)) {
      sizes = rest;
      written ??= unitIn(head);
    } else leftOut.push(SIZE_HEAD.test(head) ? `${head}: another name of the sizes` : `${head || 'a row without a heading'}: names no known measure`);
  }
  if (!sizes || rows.length === 0) return { ok: false, problem: 'The sizes are not named: copy the row or column that names them too.' };

  written ??= rows.map((r) => r.label.unit).find((u) => u !== undefined);
  const guessed = guessUnit(rows);
  const unit = forced ?? written ?? guessed ?? usual;
  const kept = sizes.map((s, i) => ({ s: s.replace(/^size\s+/i, ''), i })).filter(({ s }) => s !== '');
  const twice = kept.find(({ s }, i) => kept.findIndex((k) => k.s === s) < i);
  if (twice) return { ok: false, problem: `Size ${twice.s} is there twice. Copy one chart at a time.` };
  const body: Partial<Record<BodyMeasure, (number | null)[]>> = {};
  const finishedMeasures: Partial<Record<ZoneId, (number | null)[]>> = {};
  for (const { label, cells: row, text: head } of rows) {
    const column = kept.map(({ s, i }) => {
      const cm = readCell(row[i] ?? '', forced ?? label.unit ?? unit);
      if (cm === undefined) leftOut.push(`${head}, size ${s}: “${row[i]}” is no length`);
      return cm === undefined || cm === null ? null : Math.round(cm * 1e4) / 1e4;
    });
    if (column.every((cm) => cm === null)) continue;
    if (label.measure) body[label.measure] ??= column;
    else if (label.zone) finishedMeasures[label.zone] ??= column;
  }
  if (Object.keys(body).length + Object.keys(finishedMeasures).length === 0) return { ok: false, problem: 'No number could be read as a length.' };
  return {
    ok: true,
    chart: {
      sizes: kept.map(({ s }) => s),
      body,
      finished: finishedMeasures,
      unit,
      unitFrom: forced || written ? 'written' : guessed ? 'guessed from the numbers' : 'as usual',
      sizesRun: down ? 'down' : 'across',
      leftOut,
    },
  };
}
