import { isDeepStrictEqual } from 'node:util';
import fc from 'fast-check';
import { demoLedger } from '../../../demo/ledger';
import { largeLedger } from '../../../bench/large-ledger';
import { blankFabric, blankMake, blankPattern, blankPlan, TABLE_NAMES, type Ledger } from '../records';
import { changeToday, fileToday, historyToday, recordToday } from './earlier-names';
import { checkLedgerText, LEDGER_FORMAT } from './check-ledger';

/** A ledger with its names put back to those of format 4, by the text: the opposite way, written apart from the code that is tested. */
function earlierText(ledger: Ledger): string {
  const value = (v: unknown): unknown => {
    if (Array.isArray(v)) return v.map(value);
    if (typeof v !== 'object' || v === null) return v;
    return Object.fromEntries(
      Object.entries(v).map(([key, inner]) => {
        if (key === 'fabrics') return ['cloths', value(inner)];
        if (key === 'fabricId') return ['clothId', inner];
        if (key === 'fabricTable') return ['clothTable', value(inner)];
        if (key === 'expensive') return ['dear', inner];
        if (key === 'parts') return [key, Object.fromEntries(Object.entries(inner as object).map(([k, n]) => [k === 'fabric' ? 'cloth' : k, n]))];
        if (key === 'reasons') return [key, (inner as string[]).map((r) => (r === 'fabric' ? 'cloth' : r))];
        if (key === 'closes') return [key, inner === 'zip' ? 'slider' : inner === 'drawstring' ? 'drawn' : inner];
        if (key === 'sewAgain' && inner === 'other fabric') return [key, 'other cloth'];
        if (key === 'answer') return [key, inner === 'retire' ? 'let it go' : inner === 'another fabric' ? 'another cloth' : inner];
        if (key === 'state' && inner === 'retired') return [key, 'let go'];
        return [key, value(inner)];
      }),
    );
  };
  return JSON.stringify({ format: LEDGER_FORMAT, version: 4, written: '2026-11-26T12:00:00Z', ...(value(ledger) as object) });
}

test('one of each, by hand', () => {
  expect(recordToday('cloths', { ...blankFabric('l', 'linen'), dear: true })).toEqual({ ...blankFabric('l', 'linen'), expensive: true });
  const verdict = { id: 'v', date: '2026-01-01', wears: 0, love: 4, reasons: ['fit', 'cloth'], parts: { cloth: 2, fit: 5 }, sewAgain: 'other cloth' };
  const { fabrics: _, ...make } = blankMake('m', 'p', 1, '2026-01-01');
  expect(recordToday('makes', { ...make, cloths: [{ id: 'u', clothId: 'l', part: 'main' }], verdicts: [verdict] })).toEqual({
    ...make,
    fabrics: [{ id: 'u', fabricId: 'l', part: 'main' }],
    verdicts: [{ ...verdict, reasons: ['fit', 'fabric'], parts: { fabric: 2, fit: 5 }, sewAgain: 'other fabric' }],
  });
  const { fabrics: __, ...plan } = blankPlan('pl', 'p', 'x', 'y', '2026-01-01');
  expect(recordToday('plans', { ...plan, cloths: [], checks: { cloth: 'done', 'wash l': 'later' } })).toEqual({
    ...plan,
    fabrics: [],
    checks: { fabric: 'done', 'wash l': 'later' },
  });
  const pattern = blankPattern('x', 'y', 'Tidewater shirt', 'shirt');
  const { fabricTable, ...view } = pattern.views[0]!;
  const old = {
    ...view,
    clothTable: fabricTable,
    openings: [
      { zone: 'waistband', closes: 'slider' },
      { zone: 'head', closes: 'drawn' },
    ],
  };
  const decided = { id: 'd', personId: 'p', date: '2026-01-01', answer: 'let it go', why: 'tired' };
  expect(recordToday('patterns', { ...pattern, views: [old], state: 'let go', decided: [decided] })).toEqual({
    ...pattern,
    views: [
      {
        ...pattern.views[0],
        openings: [
          { zone: 'waistband', closes: 'zip' },
          { zone: 'head', closes: 'drawstring' },
        ],
      },
    ],
    state: 'retired',
    decided: [{ ...decided, answer: 'retire' }],
  });
});

test('what is noted for merges, and what can be undone', () => {
  const stamps = { 'cloths/': 'a', 'cloths/u1': 'b', clothier: 'c', verdicts: 'd' };
  expect(historyToday({ key: 'makes/m', table: 'makes', id: 'm', fields: stamps, orders: { cloths: ['u1'] } })).toEqual({
    key: 'makes/m',
    table: 'makes',
    id: 'm',
    fields: { 'fabrics/': 'a', 'fabrics/u1': 'b', clothier: 'c', verdicts: 'd' },
    orders: { fabrics: ['u1'] },
  });
  expect(historyToday({ key: 'cloths/l', table: 'cloths', id: 'l', last: { id: 'l', dear: true } })).toEqual({
    key: 'fabrics/l',
    table: 'fabrics',
    id: 'l',
    last: { id: 'l', expensive: true },
  });
  expect(changeToday({ table: 'pictures', id: 'p', after: { id: 'p', clothId: 'l' } })).toEqual({
    table: 'pictures',
    id: 'p',
    after: { id: 'p', fabricId: 'l' },
  });
});

/** A ledger without what format 4 did not have: there a note was about nothing, and no fabric came out of a garment. */
const asInFormat4 = (ledger: Ledger): Ledger => ({
  ...ledger,
  makes: ledger.makes.map(({ cameOut: _, ...make }) => ({ ...make, notes: make.notes.map(({ about: __, ...note }) => note) })),
});

test.each<readonly [string, () => Ledger]>([
  ['the demo', () => asInFormat4(demoLedger())],
  [
    'a large ledger',
    () => {
      const { patterns, makes, wears, bodies, fabrics } = largeLedger(2000);
      return {
        people: [{ id: 'person', name: 'Maren', child: false }],
        bodies,
        patterns,
        fabrics,
        makes,
        wears,
        lists: [],
        plans: [],
        sets: [],
        collections: [],
        times: [],
        occasions: [],
        pictures: [],
      };
    },
  ],
])('%s written in format 4 reads as the very same ledger', (_, make) => {
  const ledger = make();
  const text = earlierText(ledger);
  expect(text).toContain('"cloths"');
  const checked = checkLedgerText(text);
  if (!checked.ok) throw new Error(checked.problem);
  for (const table of TABLE_NAMES) expect([table, isDeepStrictEqual(checked.ledger[table], ledger[table])]).toEqual([table, true]);
});

test('a file of today is not touched, nor is what is no record', () => {
  const file = { version: 5, cloths: [{ dear: true }] };
  expect(fileToday(file)).toBe(file);
  fc.assert(
    fc.property(fc.constantFrom('cloths', 'makes', 'plans', 'patterns', 'pictures', 'wears'), fc.anything(), (table, anything) => {
      // Whatever stands in a broken file is passed on, so that its shape can say what is wrong.
      expect(() => recordToday(table, anything)).not.toThrow();
      expect(() => fileToday({ version: 4, [table]: anything, history: anything })).not.toThrow();
    }),
  );
});

test('names of today stand where they stood: renaming twice is renaming once', () => {
  const ledger = demoLedger();
  for (const table of TABLE_NAMES) for (const record of ledger[table]) expect(recordToday(table, record)).toEqual(record);
});
