import { BODY_MEASURES, type BodyMeasure } from '../../body/zones';
import { CM_PER_INCH, parseLength, type LengthUnit } from '../../units/length';
import { entriesOf, keysOf } from '../../units/keys';
import { measureNamed } from '../../garment/chart-from-text';
import { askedFields, Fabric, Make, Pattern, type Shapes } from '../../records';
import type { SheetName } from '../tables-out';

/** Units in which a column of bare numbers may be. */
export const COLUMN_UNITS = ['cm', 'in', 'm', 'yd'] as const;
export type ColumnUnit = (typeof COLUMN_UNITS)[number];

export const CM_OF: Record<ColumnUnit, number> = { cm: 1, in: CM_PER_INCH, m: 100, yd: 36 * CM_PER_INCH };

/** What a column of a sewist's table can be. */
export interface SheetField {
  readonly key: string;
  readonly label: string;
  /** What other tables call it; all that begins so is taken, the longest first. */
  readonly heads: readonly string[];
  readonly kind: 'words' | 'day' | 'length' | 'money';
  /** Lengths: from how many cm to how many they usually are, by which the unit is guessed. */
  readonly usual?: readonly [number, number];
}

/** A heading without its unit, its numbers and its signs: "Width, cm" and "width (in)" are both "width". */
const plainHead = (head: string) =>
  head
    .toLowerCase()
    .replace(/\(.*?\)/g, ' ')
    .replace(/,?\s*\b(of 5|out of \d+|cms?|inch(es)?|ins?|g\/m²|%)(?=\s|$)|[#:*?"″,%]/g, ' ')
    .replace(/[_\s]+/g, ' ')
    .trim();

const words = (key: string, label: string, ...heads: string[]): SheetField => ({ key, label, heads: [plainHead(label), ...heads], kind: 'words' });
const day = (key: string, label: string, ...heads: string[]): SheetField => ({ ...words(key, label, ...heads), kind: 'day' });
const money = (key: string, label: string, ...heads: string[]): SheetField => ({ ...words(key, label, ...heads), kind: 'money' });
const length = (key: string, label: string, usual: readonly [number, number], ...heads: string[]): SheetField => ({
  ...words(key, label, ...heads),
  kind: 'length',
  usual,
});

/** Lengths of fabric as they are bought, and widths it is woven in, cm. Source: usual fabrics; used only to guess a unit. */
const FABRIC_LENGTH = [25, 1500] as const;
const FABRIC_WIDTH = [70, 330] as const;

/** From how many cm to how many a measure of a body is; height and head to waist apart. Used only to guess a unit. */
const bodyRange = (measure: BodyMeasure): readonly [number, number] =>
  measure === 'height' ? [80, 215] : ['bust', 'highBust', 'underbust', 'waist', 'hip', 'torsoLoop'].includes(measure) ? [44, 190] : [8, 110];

/** Columns of the fields that say so themselves; `row.fields` reads them. */
function recorded(shapes: Shapes): SheetField[] {
  return askedFields(shapes, (meta) => meta.sheet !== undefined).map(({ name, meta: { label, ask, sheet } }) => ({
    key: name,
    label,
    heads: [plainHead(label), ...(sheet?.heads ?? [])],
    kind: ask === 'date' ? 'day' : ask === 'length' || ask === 'fabric length' ? 'length' : ask === 'money' ? 'money' : 'words',
    ...(sheet?.usual ? { usual: sheet.usual } : {}),
  }));
}

/** Which columns each table can have. */
export const SHEET_FIELDS: Readonly<Record<SheetName, readonly SheetField[]>> = {
  makes: [
    words('name', 'Name', 'pattern', 'pattern name', 'garment', 'project', 'item', 'what', 'make', 'title'),
    words('designer', 'Designer', 'company', 'pattern company', 'brand', 'pattern maker', 'publisher'),
    words('kind', 'Kind of garment', 'garment type', 'type', 'category', 'kind of garment'),
    words('made', 'Kind', 'made as', 'toile', 'muslin'),
    words('view', 'View', 'variation', 'option', 'style'),
    words('chosen', 'Choices', 'chosen'),
    words('version', 'Version', 'version no', 'v'),
    words('person', 'For', 'for whom', 'made for', 'recipient', 'who', 'person', 'wearer'),
    words('state', 'State', 'status'),
    day('cutOn', 'Cut on', 'date cut', 'started', 'start date', 'begun', 'date started', 'cut'),
    day('finishedOn', 'Finished on', 'finished', 'date finished', 'completed', 'date completed', 'done', 'end date', 'date', 'month'),
    words('year', 'Year', 'year made', 'year finished', 'made in'),
    words('size', 'Size', 'size cut', 'size made', 'cut size'),
    words('sizeElsewhere', 'Size elsewhere', 'graded', 'grading'),
    words('joined', 'Joined with', 'combined with', 'hacked with', 'mashed with'),
    words('was', 'It was', 'bought as', 'refashioned from', 'upcycled from'),
    words('label', 'Size on its label', 'label size'),
    money('wasPaid', 'Paid for it'),
    words('madeOver', 'Made over from', 'made from'),
    words('set', 'Of the set', 'set', 'part of the set'),
    words('next', 'Next time', 'for next time', 'would change'),
    words('lessons', 'Lessons', 'lesson', 'learned', 'what i learned'),
    words('altered', 'Altered', 'alterations', 'alteration', 'adjustments', 'modifications', 'mods', 'changes', 'fitting changes'),
    words('fabric', 'Fabric', 'fabric used', 'cloth', 'material', 'main fabric'),
    length(
      'fabricUsed',
      'Fabric length',
      FABRIC_LENGTH,
      'cloth used',
      'yardage',
      'metres',
      'meters',
      'yards',
      'amount used',
      'amount',
      'used',
      'fabric amount',
    ),
    words('fit', 'Fit', 'fit notes', 'fitting notes', 'fit issues'),
    words('love', 'Love', 'rating', 'stars', 'score', 'verdict', 'how much i like it'),
    words('sewAgain', 'Sew again', 'make again', 'would sew again', 'again'),
    words('worn', 'Worn', 'times worn', 'wears', 'wear count'),
    words('minutes', 'Minutes', 'time', 'hours', 'time spent', 'sewing time'),
    ...recorded(Make.shape),
    words('remark', 'Remark', 'notes', 'note', 'comments', 'comment', 'remarks'),
  ],
  wears: [
    day('date', 'Worn on', 'date', 'day', 'when'),
    day('until', 'Until', 'to'),
    words('undated', 'Day not known', 'undated'),
    words('what', 'What', 'garment', 'make', 'item', 'name', 'outfit', 'worn'),
    words('times', 'Times', 'count', 'how often', 'wears', 'times worn'),
    words('occasion', 'Occasion', 'event', 'where', 'for'),
    words('comfort', 'Comfort', 'comfortable'),
    words('remark', 'Remark', 'notes', 'note', 'comment', 'comments'),
  ],
  fabrics: [
    words('name', 'Name', 'fabric', 'fabric name', 'cloth', 'description', 'material', 'title'),
    words('structure', 'Structure', 'knit or woven', 'woven or knit', 'type'),
    words('weight', 'Weight', 'gsm', 'weight gsm'),
    length('width', 'Width', FABRIC_WIDTH, 'fabric width'),
    length('onHand', 'On hand', FABRIC_LENGTH, 'length', 'amount', 'yardage', 'metres', 'meters', 'yards', 'quantity', 'have', 'left', 'size'),
    words('gives', 'Crosswise stretch', 'gives across', 'stretch', 'stretch across'),
    money(
      'price',
      'Price a metre',
      'price per metre',
      'price per meter',
      'per metre',
      'price/m',
      'price m',
      'price',
      'price per yard',
      'per yard',
      'price/yd',
      'price yd',
    ),
    words('pricedBy', 'Price is for a', 'priced by', 'price for'),
    ...recorded(Fabric.shape),
  ],
  patterns: [
    words('name', 'Name', 'pattern', 'pattern name', 'title'),
    words('kind', 'Kind', 'garment', 'garment type', 'type', 'category'),
    words('fitClass', 'Intended ease', 'class of fit', 'fit', 'ease', 'silhouette'),
    words('wants', 'Wants', 'fabric', 'woven or knit', 'knit or woven', 'fabric type'),
    words('form', 'Form', 'format', 'paper or pdf'),
    words('state', 'State', 'status'),
    words('collection', 'Came in', 'book', 'magazine', 'issue', 'membership', 'source'),
    words('views', 'Views', 'view', 'variations'),
    words('offers', 'Choices', 'options'),
    words('joins', 'Joined from', 'combined from'),
    words('reports', 'Reports', 'reviews', 'review'),
    ...recorded(Pattern.shape),
  ],
  'body measures': [
    words('person', 'Of', 'name', 'person', 'who', 'for'),
    day('date', 'On', 'date', 'measured', 'measured on', 'day', 'when'),
    ...entriesOf(BODY_MEASURES).map(([measure, label]) => length(measure, label, bodyRange(measure))),
    words('note', 'Note', 'notes', 'comment', 'comments', 'remark'),
  ],
};

/** What a column was taken for, and how its bare numbers are read. */
export interface ColumnGuess {
  /** The key of a field; undefined for a column that is left out. */
  readonly field: string | undefined;
  readonly unit: ColumnUnit;
}

function fieldNamed(sheet: SheetName, head: string): SheetField | undefined {
  const fields = SHEET_FIELDS[sheet];
  const plain = plainHead(head);
  if (plain === '') return undefined;
  const measure = sheet === 'body measures' ? measureNamed(head) : undefined;
  return (
    fields.find((f) => f.key === measure || f.heads.includes(plain)) ??
    // The longest name that a heading begins with: "fabric used (main)" is more than "fabric".
    fields
      .flatMap((f) => f.heads.filter((h) => h.length > 2 && plain.startsWith(`${h} `)).map((h) => [h.length, f] as const))
      .sort(([a], [b]) => b - a)[0]?.[1]
  );
}

/** The unit that a heading writes. */
function unitOfHead(head: string): ColumnUnit | undefined {
  if (/\bcms?\b|centimet/i.test(head)) return 'cm';
  if (/\b(yds?|yards?|yardage)\b/i.test(head)) return 'yd';
  if (/\b(m|met(re|er)s?)\b/i.test(head)) return 'm';
  return /\b(in|ins|inch|inches)\b|["″”]/i.test(head) ? 'in' : undefined;
}

/** Whether a cell writes a number without a unit. */
export const isBareNumber = (cell: string) => /^[\d\s.,/½¼¾⅛⅜⅝⅞]+$/.test(cell.trim());

/** Bare numbers in a column: those with a unit of their own say nothing of the others. */
const bareNumbers = (cells: readonly string[]) =>
  cells.flatMap((cell) => {
    if (!isBareNumber(cell)) return [];
    const read = parseLength(cell, 'cm');
    return read.ok && read.cm > 0 ? [read.cm] : [];
  });

/** The unit by which most of a column would be as long as such things are; the sewist's own first. */
function unitOfNumbers(cells: readonly string[], usual: readonly [number, number], own: LengthUnit): ColumnUnit | undefined {
  const numbers = bareNumbers(cells).sort((a, b) => a - b);
  const middle = numbers[Math.floor(numbers.length / 2)];
  if (middle === undefined) return undefined;
  const order: readonly ColumnUnit[] = own === 'cm' ? ['cm', 'm', 'in', 'yd'] : ['in', 'yd', 'cm', 'm'];
  return order.find((unit) => middle * CM_OF[unit] >= usual[0] && middle * CM_OF[unit] <= usual[1]);
}

/** What each column of a table is, by its heading and its numbers. Each field is taken once, by the column that names it best. */
export function guessColumns(sheet: SheetName, heads: readonly string[], rows: readonly (readonly string[])[], own: LengthUnit): ColumnGuess[] {
  const taken = new Set<string>();
  const exact = (head: string, field: SheetField) => field.heads.includes(plainHead(head)) || measureNamed(head) === field.key;
  const named = heads.map((head) => ({ head, field: fieldNamed(sheet, head) }));
  const best = (pass: boolean) =>
    named.forEach(({ head, field }, i) => {
      if (!field || taken.has(field.key) || exact(head, field) !== pass) return;
      taken.add(field.key);
      fields[i] = field;
    });
  const fields: (SheetField | undefined)[] = heads.map(() => undefined);
  best(true);
  best(false);
  return heads.map((head, i): ColumnGuess => {
    const field = fields[i];
    return {
      field: field?.key,
      unit: field?.usual
        ? unitOfColumn(
            field,
            head,
            rows.map((r) => r[i] ?? ''),
            own,
          )
        : own,
    };
  });
}

/** The unit of a column's bare numbers: as its heading says, else as its numbers are, else the sewist's own. */
export function unitOfColumn(field: SheetField, head: string, cells: readonly string[], own: LengthUnit): ColumnUnit {
  return unitOfHead(head) ?? (field.usual && unitOfNumbers(cells, field.usual, own)) ?? own;
}

/** Which table a file is most likely of: the one of which most columns are known; makes where none is. */
export function guessSheet(heads: readonly string[]): SheetName {
  const known = (sheet: SheetName) => new Set(heads.flatMap((h) => fieldNamed(sheet, h)?.key ?? [])).size;
  return keysOf(SHEET_FIELDS).reduce((best, sheet) => (known(sheet) > known(best) ? sheet : best), 'makes');
}
