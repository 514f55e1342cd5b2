import fc from 'fast-check';
import { sampleMake } from '../garment/sample-case';
import { inParts, NO_TABLES, tablesAfter, type Many, type News } from './tables';

/** So many of every table. */
const each = (most: number): Many => ({ patterns: most, makes: most, bodies: most, fabrics: most, people: most, wears: most });

const make = fc.integer({ min: 0, max: 30 }).map((n) => sampleMake(n, { id: `m${n}` }));
const news: fc.Arbitrary<News> = fc.record({
  makes: fc.record({
    put: fc.uniqueArray(make, { selector: (m) => m.id }),
    gone: fc.uniqueArray(fc.integer({ min: 31, max: 40 }).map((n) => `m${n}`)),
  }),
  people: fc.constant({ put: [{ id: 'maren', name: 'Maren', child: false }], gone: [] }),
});
const before = { ...NO_TABLES, makes: [35, 3, 40].map((n) => sampleMake(n, { id: `m${n}` })) };

test('told in parts of any size the tables are as they are told at once', () => {
  fc.assert(
    fc.property(news, fc.integer({ min: 1, max: 12 }), (told, most) => {
      const parts = inParts(told, each(most));
      expect(parts.every((part) => Object.values(part).every(({ put }) => put.length <= most))).toBe(true);
      expect(parts.reduce(tablesAfter, before)).toEqual(tablesAfter(before, told));
    }),
  );
});

test('of each table so many as are said of it', () => {
  const put = [1, 2, 3].map((n) => sampleMake(n, { id: `m${n}` }));
  const people = { put: [], gone: ['maren'] };
  expect(inParts({ makes: { put, gone: [] }, people }, { ...each(1), makes: 2 }).map((part) => part.makes?.put.length ?? 0)).toEqual([2, 1, 0]);
});

test('what only goes is told too, and where nothing is new nothing is', () => {
  expect(inParts({ wears: { put: [], gone: ['w'] } }, each(5))).toEqual([{ wears: { put: [], gone: ['w'] } }]);
  expect(inParts({}, each(5))).toEqual([]);
});
