import { z } from 'zod';
import { sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import { indexPage } from '../archive/index-page';
import { guessColumns, SHEET_FIELDS } from '../archive/tables-in/columns';
import { readSheet } from '../archive/tables-in/read-sheet';
import { takeRows } from '../archive/tables-in/take-rows';
import { sheetText, type TablesOf } from '../archive/tables-out';
import { changeWords } from '../versions/change-words';
import { field } from './field';
import { askedFields, calledField, fieldWords, sheetCell, sheetHead } from './fields';
import { Fabric } from './fabric';
import { Make } from './make';
import { Pattern } from './pattern';
import { Plan } from './plan';

const tables = (makes: Make[], patterns: Pattern[]) => ({
  people: [{ id: 'person', name: 'Maren', child: false }],
  bodies: [],
  patterns,
  fabrics: [],
  makes,
  wears: [],
});
const WISHES = { unit: 'cm' as const, money: true, separator: 'comma' as const };
/** A table written by one ledger and read into an empty one. */
const through = (which: 'makes' | 'patterns', out: TablesOf) => {
  const read = readSheet(sheetText(which, out, WISHES));
  if (!read.ok) throw new Error(read.problem);
  const columns = guessColumns(
    which,
    read.sheet.heads,
    read.sheet.rows.map((r) => r.cells),
    'cm',
  );
  let n = 0;
  return takeRows(
    read.sheet,
    { sheet: which, columns, order: 'day first' },
    { tables: tables([], []), personId: 'person', unit: 'cm', currency: 'EUR', today: '2026-11-27', newId: () => `new ${++n}` },
  );
};

describe('a field is declared once, and everything else derives from it', () => {
  const easy = sampleMake(1);
  const hard = { ...easy, difficulty: 4 };
  const tested = { ...SAMPLE_PATTERN, obtained: 'tested for the designer' as const };

  test('how hard a make was: the shape checks it, the account has a row, undo a name, the archive a line', () => {
    expect(Make.safeParse({ ...hard, difficulty: 6 }).error?.issues[0]?.message).toBe('from 1 to 5');
    expect(askedFields(Make.shape, (m) => m.account === 'Making').map((f) => f.name)).toEqual(['difficulty']);
    expect(changeWords('a shirt', easy, hard, 'cm')).toBe('how hard it was to make on a shirt');
    expect(indexPage({ ...tables([hard], [SAMPLE_PATTERN]), pictures: [] }, '2026-11-27', 'cm')).toContain('<b>How hard to make, 1 to 5</b> 4');
  });

  test('it goes out in a spreadsheet and comes in again, and so does how a pattern was got', () => {
    expect(through('makes', tables([hard], [SAMPLE_PATTERN])).records).toContainEqual({
      table: 'makes',
      record: expect.objectContaining({ difficulty: 4 }),
    });
    expect(through('patterns', tables([], [tested])).records).toContainEqual({
      table: 'patterns',
      record: expect.objectContaining({ obtained: 'tested for the designer' }),
    });
  });

  test('what a column may not say refuses the row, with the name of the column', () => {
    const read = readSheet('Pattern,Finished on,Difficulty\nTidewater shirt,2026-03-01,9\n');
    if (!read.ok) throw new Error(read.problem);
    const columns = guessColumns(
      'makes',
      read.sheet.heads,
      read.sheet.rows.map((r) => r.cells),
      'cm',
    );
    const into = { tables: tables([], []), personId: 'person', unit: 'cm' as const, currency: 'EUR', today: '2026-11-27', newId: () => 'x' };
    const taken = takeRows(read.sheet, { sheet: 'makes', columns, order: 'day first' }, into);
    expect(taken.rows[0]).toMatchObject({ state: 'not taken', words: expect.stringMatching(/Difficulty: from 1 to 5/i) as string });
  });

  test('every field that has a column is known in the table of its record', () => {
    for (const [sheet, shapes] of [
      ['makes', Make.shape],
      ['fabrics', Fabric.shape],
      ['patterns', Pattern.shape],
    ] as const)
      for (const { name } of askedFields(shapes, (m) => m.sheet !== undefined)) expect(SHEET_FIELDS[sheet].map((f) => f.key)).toContain(name);
  });

  test('undo has a name for every field of a make, a plan, a pattern and a fabric, and none is code', () => {
    for (const { shape } of [Make, Plan, Pattern, Fabric])
      for (const name of Object.keys(shape)) expect(calledField(shape, name)).toMatch(/^[a-z][a-zäöü0-9 ,()’-]*$/i);
    expect(calledField(Plan.shape, 'listId')).toBe('list');
    expect(calledField(Pattern.shape, 'draftedHeight')).toBe('height it is drafted for');
  });
});

describe('what a field holds, in words and in a column', () => {
  const shapes = {
    width: field(z.number().optional(), { label: 'Width', ask: 'length', sheet: { heads: [] } }),
    cost: field(z.strictObject({ minor: z.int(), currency: z.string() }).optional(), { label: 'Cost', ask: 'money' }),
    napped: field(z.boolean().optional(), { label: 'Nap', ask: 'yes' }),
    sewn: field(z.number().optional(), { label: 'Time', ask: 'minutes' }),
  };
  const meta = Object.fromEntries(askedFields(shapes).map((f) => [f.name, f.meta]));

  test.each([
    ['width', 140, '140\u202fcm', '140'],
    ['cost', { minor: 1250, currency: 'EUR' }, undefined, '12.50 EUR'],
    ['napped', false, 'no', 'no'],
    ['sewn', 90, undefined, 90],
    ['width', undefined, undefined, undefined],
  ] as const)('%s %p', (name, value, words, cell) => {
    if (words !== undefined || value === undefined) expect(fieldWords(meta[name], value, 'cm')).toBe(words);
    expect(sheetCell(meta[name]!, value, 'cm')).toBe(cell);
  });

  test('a head names the unit of its numbers', () => {
    expect(sheetHead(meta['width']!, 'in')).toBe('Width, in');
    expect(sheetHead({ label: 'Weight', ask: 'number', unit: 'g/m²' }, 'cm')).toBe('Weight, g/m²');
    expect(sheetHead({ label: 'Recovery', ask: 'percent' }, 'cm')).toBe('Recovery, %');
  });
});
