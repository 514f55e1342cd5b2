import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { LedgerDatabase } from './database';
import { readWhole } from './read-whole';

let database: LedgerDatabase;
beforeEach(() => (database = new LedgerDatabase('read-whole')));
afterEach(() => database.delete());

const wear = (id: string) => ({ id, makeIds: ['make-1'], date: '2026-11-28', count: 1 });

test('however many are taken out at once: every record, each once, in the order of the ids', async () => {
  await fc.assert(
    fc.asyncProperty(fc.uniqueArray(fc.string({ minLength: 1 }), { maxLength: 30 }), fc.integer({ min: 1, max: 31 }), async (ids, atOnce) => {
      await database.wears.clear();
      await database.wears.bulkPut(ids.map(wear));
      expect(await readWhole(database.wears, atOnce)).toEqual(await database.wears.toArray());
      expect(await readWhole(database.wears, atOnce)).toHaveLength(ids.length);
    }),
    { numRuns: 40 },
  );
});

test('what is written meanwhile is seen whole or not at all', async () => {
  await database.wears.bulkPut(['a', 'b', 'c', 'd', 'e'].map(wear));
  const [read] = await Promise.all([readWhole(database.wears, 2), database.wears.bulkDelete(['a', 'e'])]);
  expect(read.map(({ id }) => id).join('')).toMatch(/^(abcde|bcd)$/);
});
