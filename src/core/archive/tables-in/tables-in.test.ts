import fc from 'fast-check';
import { demoLedger } from '../../../../demo/ledger';
import type { Fabric, Make, MeasurementSet, Pattern, Wear } from '../../records';
import { SHEETS, sheetText, type SheetName, type TablesOf } from '../tables-out';
import { kindNamed } from '../../records/garment-named';
import { readLove, readSizeLine } from './cells';
import { guessColumns, guessSheet, SHEET_FIELDS } from './columns';
import { readSheet, rejectedText, type Sheet } from './read-sheet';
import type { TakingInto } from './row';
import { guessOrder, takeRows } from './take-rows';

const demo = demoLedger();
const nothing: TablesOf = { people: [{ id: 'maren', name: 'Maren', child: false }], bodies: [], patterns: [], fabrics: [], makes: [], wears: [] };
const into = (rest: Partial<TakingInto> = {}): TakingInto => {
  let count = 0;
  return { tables: nothing, personId: 'maren', unit: 'cm', currency: 'EUR', today: '2026-11-25', newId: () => `new-${count++}`, ...rest };
};
const sheetOf = (text: string): Sheet => {
  const read = readSheet(text);
  if (!read.ok) throw new Error(read.problem);
  return read.sheet;
};
/** As the page does it: everything guessed. */
function take(text: string, context = into(), named?: SheetName) {
  const sheet = sheetOf(text);
  const which = named ?? guessSheet(sheet.heads);
  const columns = guessColumns(
    which,
    sheet.heads,
    sheet.rows.map((r) => r.cells),
    context.unit,
  );
  const taken = takeRows(sheet, { sheet: which, columns, order: guessOrder(sheet, columns, which, context.unit) }, context);
  const of = <T>(table: string) => taken.records.filter((r) => r.table === table).map((r) => r.record as T);
  return { ...taken, which, columns, of };
}

const OLD_SHEET = `Date finished;Pattern;Company;Garment type;Size;Fabric;Yardage;Alterations;Rating;Sew again;Hours;Notes
3/4/25;Tern shirt dress;Lowtide Drafts;Dress;C/D;slate twill;2 1/4 yds;+2 cm sleeve;4/5;yes;12.5;collar took an evening
25.4.2025;Tern shirt dress;Lowtide Drafts;Dress;D;oat linen;2.5;;★★★★★;;;
May 2024;Plover cardigan;;Cardi;M;wool jersey;180 cm;;loved;;7 h;
soon;Plover cardigan;;;M;;;;;;;no date here
12 June 2025;Reed trousers;;Pants;between 12 and 14;denim;"1,8";;9;;;stiff`;

describe('an old spreadsheet of garments', () => {
  const { which, columns, rows, of } = take(OLD_SHEET);
  const makes = of<Make>('makes');

  test('is known by its headings, each column by its name', () => {
    expect(which).toBe('makes');
    expect(columns.map((c) => c.field)).toEqual([
      'finishedOn',
      'name',
      'designer',
      'kind',
      'size',
      'fabric',
      'fabricUsed',
      'altered',
      'love',
      'sewAgain',
      'minutes',
      'remark',
    ]);
  });

  test('days, sizes, lengths and stars are read as they are written', () => {
    expect(makes.map((m) => [m.cutOn, m.version, m.size, m.fabrics[0]?.length, m.verdicts[0]?.love])).toEqual([
      ['2024-05-15', 1, { size: 'M' }, 180, 5],
      ['2025-04-03', 1, { size: 'C', to: 'D', at: 0.5 }, 205.74, 4],
      ['2025-04-25', 2, { size: 'D' }, 228.6, 5],
    ]);
    expect(makes[1]).toMatchObject({ verdicts: [{ sewAgain: 'as is' }], times: [{ minutes: 750 }], remark: 'collar took an evening' });
    expect(makes[1]!.notes[0]!.words).toBe('Altered: +2 cm sleeve');
  });

  test('patterns and fabrics that are not there yet come with them, each once', () => {
    expect(of<Pattern>('patterns').map((p) => [p.name, p.designer, p.kind, p.wants.structure])).toEqual([
      ['Plover cardigan', undefined, 'cardigan', 'knit'],
      ['Tern shirt dress', 'Lowtide Drafts', 'dress', 'woven'],
    ]);
    expect(of<Fabric>('fabrics').map((c) => [c.name, c.structure])).toEqual([
      ['wool jersey', 'knit'],
      ['slate twill', 'woven'],
      ['oat linen', 'woven'],
    ]);
  });

  test('a pattern is of the fabric of its own row, however many came before', () => {
    const sheet = 'Date,Pattern,Fabric\n2025-01-01,Tern skirt,oat linen\n2025-02-01,Tern top,teal jersey\n2025-03-01,Tern coat,boiled wool';
    expect(
      take(sheet)
        .of<Pattern>('patterns')
        .map((p) => p.wants.structure),
    ).toEqual(['woven', 'knit', 'woven']);
  });

  test('a row that cannot be taken says why and where, leaves nothing behind, and is given back', () => {
    expect(rows.filter((r) => r.state === 'not taken')).toEqual([
      { line: 5, state: 'not taken', words: 'Date finished: “soon” is no date. Write it as 2025-03-09 or 9 March 2025.' },
      { line: 6, state: 'not taken', words: 'Rating: “9” is not 1 to 5: write 4, 4/5, 8 of 10 or ★★★★' },
    ]);
    const back = rejectedText(sheetOf(OLD_SHEET), new Map(rows.flatMap((r) => (r.state === 'not taken' ? [[r.line, r.words]] : []))));
    const mended = take(back.replace(',9,', ',4,').replace('\r\nsoon,Plover', '\r\n1 March 2024,Plover'));
    expect(mended.rows.map((r) => r.state)).toEqual(['new', 'new']);
    expect(mended.of<Make>('makes').map((m) => m.size)).toEqual([{ size: 'M' }, { size: '12', to: '14', at: 0.5 }]);
  });

  test('of a month or a year no more is taken in than is written, and it is written like that again', () => {
    const first = take('Name,Size,Year\nTern skirt,12,2019\nTern skirt,12,Mar 2023\nReed trousers,14,2023-05-04\nReed trousers,14,2031');
    const makes = first.of<Make>('makes');
    expect(makes.map((m) => [m.finishedOn, m.knownTo])).toEqual([
      ['2019-07-01', 'year'],
      ['2023-03-15', 'month'],
      ['2023-05-04', undefined],
    ]);
    expect(first.rows.map((r) => r.words)).toEqual([
      expect.stringMatching(/ · 2019$/),
      expect.stringMatching(/ · Mar 2023$/),
      expect.stringMatching(/ · 4 May 2023$/),
      expect.stringMatching(/“2031” is still to come/),
    ]);
    const apart = take('Month,Year,Name\nMarch,2023,Tern skirt\n4,2022,Tern skirt\n12 May,2021,Tern skirt\n,2020,Tern skirt').of<Make>('makes');
    expect(apart.map((m) => [m.finishedOn, m.knownTo])).toEqual([
      ['2023-03-15', 'month'],
      ['2022-04-15', 'month'],
      ['2021-05-12', undefined],
      ['2020-07-01', 'year'],
    ]);
    const tables = { ...nothing, patterns: first.of<Pattern>('patterns'), makes };
    const written = sheetText('makes', tables, { unit: 'cm', money: true, separator: 'comma' });
    expect(take(written, into({ tables })).records).toEqual([]);
    const again = take(written).of<Make>('makes');
    expect(again.map((m) => [m.cutOn, m.finishedOn, m.knownTo])).toEqual(makes.map((m) => [m.cutOn, m.finishedOn, m.knownTo]));
  });

  test('a garment of which no day is said is of none, and so are its wears; taken in again another day it comes once', () => {
    const sheet = 'Pattern,Size,Times worn\nTern skirt,12,20\nReed trousers,14,';
    const first = take(sheet);
    expect(first.rows.map((r) => r.words)).toEqual([expect.stringMatching(/day not known.*worn 20/), expect.stringMatching(/day not known/)]);
    expect(first.of<Make>('makes').map((m) => [m.undated, m.finishedOn])).toEqual([
      [true, undefined],
      [true, undefined],
    ]);
    expect(first.of<Wear>('wears')).toEqual([expect.objectContaining({ count: 20, undated: true })]);
    const tables = { ...nothing, patterns: first.of<Pattern>('patterns'), makes: first.of<Make>('makes'), wears: first.of<Wear>('wears') };
    expect(take(sheet, into({ tables, today: '2027-01-03' })).records).toEqual([]);
    const out = (which: SheetName) =>
      take(sheetText(which, tables, { unit: 'cm', money: true, separator: 'comma' }), into({ tables: { ...tables, wears: [] } }), which);
    expect(out('makes').records).toEqual([]);
    expect(out('wears').of<Wear>('wears')).toEqual([expect.objectContaining({ count: 20, undated: true })]);
  });

  test('taken in again, nothing comes twice', () => {
    const first = take(OLD_SHEET);
    const tables = { ...nothing, patterns: first.of<Pattern>('patterns'), fabrics: first.of<Fabric>('fabrics'), makes: first.of<Make>('makes') };
    const again = take(OLD_SHEET, into({ tables }));
    expect(again.rows.map((r) => r.state)).toEqual(['there already', 'there already', 'there already', 'not taken', 'not taken']);
    expect(again.records).toEqual([]);
  });
});

test('the unit of bare numbers is the one by which they are as long as such things are', () => {
  const units = (text: string, unit: 'cm' | 'in' = 'cm') => {
    const { columns } = take(text, into({ unit }), 'fabrics');
    return columns.filter((c) => ['width', 'onHand'].includes(c.field!)).map((c) => c.unit);
  };
  expect(units('Name,Width,On hand\na,140,2.5\nb,150,1.2')).toEqual(['cm', 'm']);
  expect(units('Name,Width,On hand\na,54,2.25\nb,60,3', 'in')).toEqual(['in', 'yd']);
  expect(units('Name,Width,On hand\na,54,250')).toEqual(['in', 'cm']);
  expect(units('Name,Width (in),Yards\na,140,2.5')).toEqual(['in', 'yd']);
});

test('fabrics: pieces, weights and prices by the yard; a price is exact', () => {
  const { of, rows } = take(
    'Fabric\tContent\tWidth\tAmount\tWeight\tPrice per yard\tStretch\nteal jersey\tcotton\t60"\t1 1/2 yds; 30 x 150 cm\t6 oz\t$9.99\t30%\nbad one\tcotton\twide\t1 m\t\t\t',
    into({ unit: 'in', currency: 'USD' }),
  );
  expect(of<Fabric>('fabrics')).toMatchObject([
    {
      name: 'teal jersey',
      structure: 'knit',
      width: 152.4,
      weight: 203.4,
      stretchAcross: 30,
      pricePerMetre: { minor: 999, currency: 'USD' },
      pricedBy: 'yard',
      pieces: [
        { length: 137.16, width: 152.4 },
        { length: 76.2, width: 150 },
      ],
    },
  ]);
  expect(rows[1]!.words).toMatch(/^Width: “wide” is not a length/);
});

test('body measures in inches, of a person who is not there yet', () => {
  const { of } = take('Who,Measured,Bust,Waist,Hips,Inside leg\nTilda,"Mar 3, 2024",35 1/2,28,38,29', into({ unit: 'in' }));
  expect(of<{ name: string }>('people')).toMatchObject([{ name: 'Tilda' }]);
  expect(of<MeasurementSet>('bodies')).toMatchObject([{ date: '2024-03-03', measures: { bust: 90.17, waist: 71.12, hip: 96.52, inseam: 73.66 } }]);
});

test('a day that is none, or is still to come, says so once with its column', () => {
  const { rows } = take('Finished,Pattern,Size\n31.2.2025,Tern shirt dress,C\n1 March 2062,Tern shirt dress,C');
  expect(rows.map((r) => r.words)).toEqual([
    expect.stringMatching(/^Finished: “31\.2\.2025” is no day of the calendar/),
    'Finished: “1 March 2062” is still to come',
  ]);
});

test('in an empty ledger the one who takes a table in says whose it is', () => {
  const empty = { tables: { ...nothing, people: [] }, personId: undefined };
  const text = 'Date,Pattern,Size\n2025-03-09,Tern shirt dress,C\n2025-04-09,Tern shirt dress,D';
  expect(take(text, into(empty)).rows.map((r) => r.words)).toEqual(Array(2).fill(expect.stringMatching(/write above whom these are for/)));
  const { of } = take(text, into({ ...empty, personName: ' Maren ' }));
  const people = of<{ id: string; name: string }>('people');
  expect(people.map((p) => p.name)).toEqual(['Maren']);
  expect(of<Make>('makes').map((m) => [m.personId, m.version])).toEqual([
    [people[0]!.id, 1],
    [people[0]!.id, 2],
  ]);
});

test('wears: of a pattern’s version of that day, of several garments, and of none that is known', () => {
  const { of, rows } = take(
    'Date,What,Times\n2026-01-05,Skerry concert jacket,1\n5.1.2026,"Skerry concert jacket, version 1; Bollard overshirt",2\n2026-01-06,Nobody’s hat,1',
    into({ tables: demo }),
    'wears',
  );
  expect(rows.map((r) => r.state)).toEqual(['new', 'new', 'not taken']);
  const [one, two] = of<Wear>('wears');
  const version = (id: string) => demo.makes.find((m) => m.id === id)!.version;
  expect([version(one!.makeIds[0]!), version(two!.makeIds[0]!), two!.makeIds.length, two!.count]).toEqual([2, 1, 2, 2]);
  expect(rows[2]!.words).toMatch(/What: no garment is called “Nobody’s hat”/);
});

test('wears beside the estimate that a table of makes brought are said to be counted twice', () => {
  const makes = take('Name,Finished on,Worn\nTern shirt dress,2025-03-01,40\nPlover cardigan,2025-03-01,');
  const tables = { ...nothing, patterns: makes.of<Pattern>('patterns'), makes: makes.of<Make>('makes'), wears: makes.of<Wear>('wears') };
  const { rows } = take(
    'Worn on,What\n2025-04-01,Tern shirt dress\n2025-04-01,Plover cardigan\n2025-02-01,Tern shirt dress',
    into({ tables }),
    'wears',
  );
  expect(rows.map((r) => /beside an estimate of 40 wears/.test(r.words))).toEqual([true, false, false]);
});

test.each(SHEETS)('what goes out comes in: %s', (sheet) => {
  const text = sheetText(sheet, demo, { unit: 'cm', money: true, separator: 'tab' });
  expect(guessSheet(sheetOf(text).heads)).toBe(sheet);
  const known = new Set(take(text, into({ tables: demo })).columns.map((c) => c.field));
  // A year stands in the cell of its day, where we write it.
  for (const { key } of SHEET_FIELDS[sheet]) if (!['designer', 'kind', 'behaviour', 'year'].includes(key)) expect(known).toContain(key);
  // Into its own ledger all of it is there already; into an empty one nearly all of it comes.
  expect(take(text, into({ tables: demo })).rows.filter((r) => r.state === 'not taken')).toEqual([]);
  if (sheet === 'makes') expect(take(text, into({ tables: demo })).records).toEqual([]);
  if (sheet === 'wears') return;
  const fresh = take(text);
  expect(fresh.rows.filter((r) => r.state === 'not taken')).toEqual([]);
});

test('cells: sizes, stars and kinds', () => {
  expect(readSizeLine('40/42', ['38', '40/42'])).toEqual({ size: '40/42' });
  expect(readSizeLine('40/42', [])).toEqual({ size: '40/42' });
  expect(readSizeLine('c-d', ['C', 'D'])).toEqual({ size: 'C', to: 'D', at: 0.5 });
  expect(readSizeLine('size 14', [])).toEqual({ size: '14' });
  expect(['5', '4 stars', '8 of 10', '★★★☆☆', 'meh'].map(readLove)).toEqual([5, 4, 4, 3, 2]);
  expect(['Boxy T-shirts', 'pinafore dress', 'a bag', 'Jeans', 'coat dress'].map(kindNamed)).toEqual(['top', 'dress', 'bag', 'trousers', 'dress']);
});

test('what is no table says so; formulas that went out as words come back as they were', () => {
  const problem = (text: string) => {
    const read = readSheet(text);
    return read.ok ? '' : read.problem;
  };
  expect(problem('')).toMatch(/no table/);
  expect(problem('Name,Date')).toMatch(/no table/);
  expect(problem('Name\na\nb')).toMatch(/one column only/);
  expect(problem('Name,Note\n"a,b\nc,d')).toMatch(/quotation mark/);
  expect(sheetOf("Name,Note\na,'=1+1").rows[0]!.cells[1]).toBe('=1+1');
});

test('whatever stands in a table, every row gets one answer, and what is taken has its shape', () => {
  const cell = fc.oneof(fc.string(), fc.constantFrom('', '4/5', 'C/D', '2 1/4 yds', '3/4/25', '-1', '1e999', '<b>x</b>', '__proto__', 'jacket'));
  fc.assert(
    fc.property(
      fc.constantFrom(...SHEETS),
      fc.array(fc.array(cell, { minLength: 4, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
      (sheet, rows) => {
        const fields = SHEET_FIELDS[sheet];
        const columns = fields.slice(0, 4).map(({ key }) => ({ field: key, unit: 'cm' as const }));
        const read: Sheet = { heads: fields.slice(0, 4).map((f) => f.label), rows: rows.map((cells, i) => ({ line: i + 2, cells })) };
        const taken = takeRows(read, { sheet, columns, order: 'day first' }, into({ tables: demo }));
        expect(taken.rows.map((r) => r.line)).toEqual(read.rows.map((r) => r.line));
        if (taken.rows.every((r) => r.state !== 'new')) expect(taken.records).toEqual([]);
      },
    ),
    { numRuns: 200 },
  );
});
