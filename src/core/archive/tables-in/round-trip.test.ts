import { demoLedger } from '../../../../demo/ledger';
import { makeName } from '../../make/make-name';
import { subjectWords } from '../../plan/lessons';
import { TABLE_NAMES, type Ledger } from '../../records';
import { partCell } from '../many-in-a-cell';
import { sheetText, type SheetName } from '../tables-out';
import { guessColumns } from './columns';
import { readSheet } from './read-sheet';
import { takeRows } from './take-rows';

const demo = demoLedger();
const empty = Object.fromEntries(TABLE_NAMES.map((t) => [t, []])) as unknown as Ledger;

/** A ledger's tables one after the other through a spreadsheet into an empty ledger, as a sewist would do it. */
function throughSheets(order: readonly SheetName[]): Ledger {
  const ledger = structuredClone({ ...empty, people: demo.people });
  let count = 0;
  for (const sheet of order) {
    const read = readSheet(sheetText(sheet, demo, { unit: 'cm', money: true, separator: 'comma' }));
    if (!read.ok) throw new Error(read.problem);
    const rows = read.sheet.rows.map((r) => r.cells);
    const columns = guessColumns(sheet, read.sheet.heads, rows, 'cm');
    expect(columns.filter((c) => c.field === undefined).map((_, i) => i)).toHaveLength(sheet === 'patterns' ? 1 : 0);
    const into = { tables: ledger, personId: 'maren', unit: 'cm', currency: 'EUR', today: '2026-11-25', newId: () => `n${count++}` } as const;
    const taken = takeRows(read.sheet, { sheet, columns, order: 'day first' }, into);
    expect(taken.rows.filter((r) => r.state === 'not taken')).toEqual([]);
    for (const { table, record } of taken.records) (ledger[table] as unknown[]).push(record);
  }
  return ledger;
}

/** What a make says of more than its cut, by names. */
function told({ makes, patterns, fabrics, sets }: Ledger) {
  const nameOf = (id: string | undefined, list: readonly { readonly id: string; readonly name: string }[]) => list.find((r) => r.id === id)?.name;
  return Object.fromEntries(
    makes.map((m) => {
      const name = makeName(m, patterns);
      const from = makes.find((other) => other.id === m.refashionOf);
      return [
        `${name} ${m.cutOn}`,
        {
          parts: m.sources.map((s) => partCell(s, patterns)),
          own: m.own,
          chosen: m.chosen,
          quantity: m.quantity,
          set: nameOf(m.setId, sets),
          bought: m.bought,
          madeOver: from && makeName(from, patterns),
          fabrics: m.fabrics.map((u) => [nameOf(u.fabricId, fabrics), u.part, u.pieces]),
          next: m.notes.filter((n) => n.kind === 'next time').map((n) => n.words),
          lessons: m.notes.filter((n) => n.about).map((n) => [n.words, subjectWords(n.about ?? [], fabrics)]),
        },
      ];
    }),
  );
}

test('through a spreadsheet and back a ledger keeps what is joined, chosen, made over, in sets, meant and learned', () => {
  const back = throughSheets(['patterns', 'fabrics', 'makes']);
  const [before, after] = [told(demo), told(back)];
  expect(Object.keys(after).sort()).toEqual(Object.keys(before).sort());
  expect(after).toEqual(before);
  // The demo has one of each at least, or the comparison would say nothing.
  const all = Object.values(before);
  expect(all.filter((m) => m.parts.length > 1).length).toBeGreaterThan(0);
  expect(all.filter((m) => m.set !== undefined).length).toBeGreaterThan(1);
  expect(all.filter((m) => m.bought !== undefined).length).toBeGreaterThan(0);
  expect(all.flatMap((m) => m.lessons).length).toBeGreaterThanOrEqual(5);
  expect(all.flatMap((m) => m.next).length).toBeGreaterThanOrEqual(8);
});

test('patterns keep what they came in, what they join, their views and choices, and reports from elsewhere', () => {
  const of = ({ patterns, collections }: Ledger) =>
    patterns
      .map((p) => ({
        name: p.name,
        kind: p.kind,
        cameIn: collections.find((c) => c.id === p.collectionId)?.name,
        joins: (p.joins ?? []).map((s) => partCell(s, patterns)),
        views: p.views.map((v) => v.name),
        offers: p.offers,
        reports: (p.reports ?? []).map(({ words, from }) => [words, from]),
      }))
      .sort((a, b) => (a.name < b.name ? -1 : 1));
  const back = throughSheets(['patterns']);
  expect(of(back)).toEqual(of(demo));
  expect(back.collections.map((c) => c.kind)).toEqual(demo.collections.map((c) => c.kind));
  // A combination is fitted where its parts are.
  const zones = (ledger: Ledger) => ledger.patterns.find((p) => p.joins)?.views[0]?.zones.length;
  expect(zones(back)).toBeGreaterThan(0);
});

test('fabrics keep their repeats, border, panel and nap', () => {
  const of = ({ fabrics }: Ledger) =>
    fabrics.map((f) => [f.name, f.repeatAlong, f.repeatAcross, f.border, f.panel, f.nap, f.care, f.behaviour, f.pricedBy]);
  expect(of(throughSheets(['fabrics']))).toEqual(of(demo));
});
