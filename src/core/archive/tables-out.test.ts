import Papa from 'papaparse';
import { demoLedger } from '../../../demo/ledger';
import { SHEETS, sheetText, type SheetWishes } from './tables-out';

const demo = demoLedger();
const read = (text: string, delimiter = ',') => Papa.parse<string[]>(text, { delimiter }).data;
const wishes: SheetWishes = { unit: 'cm', money: false, separator: 'comma' };

test.each(SHEETS)('%s: a row for each record, every row as wide as its head', (sheet) => {
  for (const separator of ['comma', 'tab'] as const) {
    const rows = read(sheetText(sheet, demo, { ...wishes, separator }), separator === 'tab' ? '\t' : ',');
    const table = sheet === 'body measures' ? demo.bodies : demo[sheet];
    expect(rows).toHaveLength(table.length + 1);
    expect(new Set(rows.map((r) => r.length)).size).toBe(1);
  }
});

test('a make in its row: size, alterations, fit and wears in words', () => {
  const rows = read(sheetText('makes', demo, wishes));
  const of = (name: string) => Object.fromEntries(rows[0]!.map((head, i) => [head, rows.find((r) => r[0] === name)![i]]));
  const plain = (text: string | undefined) => text?.replace(/\u202f/g, ' ');
  const jacket = of('Skerry concert jacket, version 2');
  expect(jacket).toMatchObject({ Version: '2', For: 'Maren', Size: 'D' });
  expect(plain(jacket['Fit'])).toContain('across back wide');
});

test('lengths in the unit asked for, named in the head; inches come as fractions', () => {
  const head = (unit: 'cm' | 'in') => read(sheetText('fabrics', demo, { ...wishes, unit }))[0]!;
  expect(head('cm')).toContain('Width, cm');
  expect(head('in')).toContain('Width, in');
  const fabric = { ...demo.fabrics[0]!, width: 145.415 };
  expect(read(sheetText('fabrics', { ...demo, fabrics: [fabric] }, { ...wishes, unit: 'in' }))[1]).toContain('57 1/4');
});

test('what was paid only where it is asked for', () => {
  const prices = (money: boolean) => read(sheetText('fabrics', demo, { ...wishes, money }))[0]!.includes('Price');
  expect([prices(false), prices(true)]).toEqual([false, true]);
});

test('a cell that begins as a formula does stays words', () => {
  const hostile = { ...demo.fabrics[0]!, name: '=HYPERLINK("x")', source: '+41 44', fibre: '@sum', colour: '-1+2' };
  const [, row] = read(sheetText('fabrics', { ...demo, fabrics: [hostile] }, wishes));
  for (const cell of row!.filter((c) => /HYPERLINK|\+41|@sum|-1\+2/.test(c))) expect(cell).toMatch(/^'/);
  expect(row!.filter((c) => c.startsWith("'"))).toHaveLength(4);
});
