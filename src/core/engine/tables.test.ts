import fc from 'fast-check';
import { sampleMake } from '../garment/sample-case';
import { inParts, newsBetween, NO_TABLES, tablesAfter, type EngineTables, type Many } from './tables';

/** So many of every table. */
const each = (most: number): Many => ({ patterns: most, makes: most, bodies: most, fabrics: most, people: most, wears: most });

const makes = fc
  .uniqueArray(fc.record({ n: fc.nat(40), version: fc.integer({ min: 1, max: 3 }) }), { selector: ({ n }) => n })
  .map((some) => some.map(({ n, version }) => sampleMake(version, { id: `m${n}` })));
const MAREN = { id: 'maren', name: 'Maren', child: false };
const tables = makes.map((some): EngineTables => ({ ...NO_TABLES, makes: some, people: [MAREN] }));
/** The tables as they were and as they are: records that did not change are the very same. */
const change = fc.tuple(tables, tables).map(([was, is]) => {
  const known = new Map(was.makes.map((m) => [m.id, m]));
  return { was, is: { ...is, makes: is.makes.map((m) => (known.get(m.id)?.version === m.version ? (known.get(m.id) ?? m) : m)) } };
});

test('who is told what is new has what there is', () => {
  fc.assert(
    fc.property(change, ({ was, is }) => {
      const after = tablesAfter(was, newsBetween(was, is)).makes;
      expect(new Map(after.map((m) => [m.id, m]))).toEqual(new Map(is.makes.map((m) => [m.id, m])));
      expect(after).toHaveLength(is.makes.length);
      // Those that stay stand as they stood, and what is new comes after.
      const stays = was.makes.filter((m) => is.makes.some(({ id }) => id === m.id)).map(({ id }) => id);
      expect(after.slice(0, stays.length).map(({ id }) => id)).toEqual(stays);
    }),
  );
});

test('told in parts of any size the tables are as they are told at once', () => {
  fc.assert(
    fc.property(change, fc.integer({ min: 1, max: 12 }), ({ was, is }, most) => {
      const told = newsBetween(was, is);
      const parts = inParts(told, each(most));
      expect(parts.every((part) => Object.values(part).every(({ changed, added }) => changed.length + added.length <= most))).toBe(true);
      expect(parts.reduce(tablesAfter, was)).toEqual(tablesAfter(was, told));
    }),
  );
});

test('of each table so many as are said of it', () => {
  const [first, second, third] = [1, 2, 3].map((n) => sampleMake(n, { id: `m${n}` }));
  const people = { changed: [], added: [], gone: ['maren'] };
  const parts = inParts({ makes: { changed: [first!], added: [second!, third!], gone: [] }, people }, { ...each(1), makes: 2 });
  expect(parts).toEqual([
    { makes: { changed: [first], added: [second], gone: [] } },
    { makes: { changed: [], added: [third], gone: [] } },
    { people },
  ]);
});

test('what only goes is told too, and where nothing is new nothing is', () => {
  const wears = { changed: [], added: [], gone: ['w'] };
  expect(inParts({ wears }, each(5))).toEqual([{ wears }]);
  expect(inParts({}, each(5))).toEqual([]);
});
