import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { sampleMake } from '../core/garment/sample-case';
import { LAYOUTS, LedgerDatabase } from './database';
import { undo, write } from './journal';
import { openTable, readInOne, readTable, type HearsText } from './table-text';
import Dexie from 'dexie';

const wear = (n: number) => ({ id: `wear-${n}`, makeIds: ['make-1'], date: '2026-11-28', count: 1 });

/** A database with what is asked to be kept later, in the order in which it was asked. */
function opened(name: string) {
  const database = new LedgerDatabase(name);
  const keeps: (() => Promise<void>)[] = [];
  const read = () => readTable(database, 'wears', { many: 1, later: (_, keep) => keeps.push(keep) });
  const texts = async () => (await database.texts.get('wears'))?.texts;
  return { database, keeps, read, texts };
}

test('whatever is written, taken out and kept in whatever order: what is read is what is there', async () => {
  const act = fc.record({
    act: fc.constantFrom<('put' | 'delete' | 'change' | 'clear' | 'read' | 'keep' | 'fail')[]>(
      'put',
      'delete',
      'change',
      'clear',
      'read',
      'keep',
      'keep',
      'fail',
    ),
    n: fc.nat(6),
  });
  let fromText = 0;
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 6, maxLength: 24 }), async (acts) => {
      const { database, keeps, read, texts } = opened('texts');
      await database.wears.bulkPut([7, 8, 9].map(wear));
      for (const { act, n } of acts) {
        if (act === 'put') await database.wears.put({ ...wear(n), count: n + 2 });
        else if (act === 'delete') await database.wears.delete(`wear-${n}`);
        else if (act === 'change') await database.wears.where('id').above(`wear-${n}`).modify({ remark: 'to the theatre' });
        else if (act === 'clear') await database.wears.clear();
        // Any of those that were asked to be kept, also one from before the table changed.
        else if (act === 'keep') await keeps.at(-1 - (n % 3))?.();
        else if (act === 'read') await read();
        else
          await database
            .transaction('rw', database.wears, async () => {
              await database.wears.put(wear(n + 20));
              throw new Error('not after all');
            })
            .catch(() => undefined);
        if (await texts()) fromText++;
        const there = await database.wears.toArray();
        expect(await read()).toEqual(there);
        expect(await database.transaction('r', database.tables, () => readInOne(database, 'wears'))).toEqual(there);
      }
      await database.delete();
    }),
    { numRuns: 30 },
  );
  expect(fromText).toBeGreaterThan(20);
});

test('whoever wishes to hear of a text has it before the records, and the very list that they are read into', async () => {
  const { database, keeps, read } = opened('heard');
  await database.wears.bulkPut([1, 2].map(wear));
  const hears = jest.fn<void, Parameters<HearsText>>((_, { records }) => expect(records).toHaveLength(0));
  await readTable(database, 'wears', { hears });
  await read();
  expect(hears).not.toHaveBeenCalled();
  await keeps[0]?.();
  const later = await openTable(database, 'wears', { hears });
  const [[table, heard, texts] = []] = hears.mock.calls;
  expect([table, hears.mock.calls.length]).toEqual(['wears', 1]);
  expect(heard).toBe(later);
  // It is read when it is first asked for, and once.
  expect(later.records).toHaveLength(0);
  const [records, again] = await Promise.all([later.read(), later.read()]);
  expect([records, again].every((list) => list === later.records)).toBe(true);
  expect(records).toHaveLength(2);
  expect(texts?.flatMap((text) => JSON.parse(text) as unknown)).toEqual(records);
  await database.delete();
});

test('out of its text a table is read without one record being asked for, until any of it is changed', async () => {
  const { database, keeps, read, texts } = opened('unasked');
  await database.makes.put(sampleMake(1, { id: 'make-1' }));
  await write(
    database,
    'worn',
    [1, 2, 3].map((n) => ({ table: 'wears', put: wear(n) })),
  );
  await read();
  await keeps[0]?.();
  const asked = jest.spyOn(IDBObjectStore.prototype, 'getAll');
  expect(await read()).toHaveLength(3);
  expect(asked).not.toHaveBeenCalled();
  asked.mockRestore();
  // An act, and its undo, each let it go; an act on another table does not.
  await write(database, 'named', [{ table: 'people', put: { id: 'maren', name: 'Maren', child: false } }]);
  expect(await texts()).toHaveLength(1);
  await write(database, 'worn twice', [{ table: 'wears', id: 'wear-2', edit: (was) => ({ ...was, count: 2 }) }]);
  expect(await texts()).toBeUndefined();
  expect((await read())[1]?.count).toBe(2);
  await keeps.at(-1)?.();
  await undo(database);
  expect((await read())[1]?.count).toBe(1);
  await database.delete();
});

test('an act that was taken back leaves the text as it was', async () => {
  const { database, keeps, read, texts } = opened('taken back');
  await database.wears.bulkPut([1, 2].map(wear));
  await read();
  await keeps[0]?.();
  const failing = database.transaction('rw', database.wears, async () => {
    await database.wears.clear();
    throw new Error('no');
  });
  await expect(failing).rejects.toThrow('no');
  expect(await texts()).toHaveLength(1);
  expect(await read()).toHaveLength(2);
  await database.delete();
});

test('a table of few records has no text, and makes have theirs by themselves', async () => {
  const { database } = opened('few');
  await database.makes.bulkPut([sampleMake(1, { id: 'a' }), sampleMake(2, { id: 'b' })]);
  const keeps: (() => Promise<void>)[] = [];
  const read = (many: number) => readTable(database, 'makes', { many, later: (_, keep) => keeps.push(keep) });
  await read(3);
  expect(keeps).toHaveLength(0);
  await read(2);
  await keeps[0]?.();
  expect((await database.texts.toArray()).map(({ table, texts }) => [table, texts?.length])).toEqual([['makes', 1]]);
  expect(await read(2)).toEqual(await database.makes.toArray());
  await database.delete();
});

test('a ledger of layout 8 opens, is read, and its changes are seen', async () => {
  const before = new Dexie('layout 8');
  for (const { version, stores } of LAYOUTS.filter((l) => l.version <= 8)) before.version(version).stores(stores);
  await before.table('wears').bulkPut([1, 2, 3].map(wear));
  before.close();
  const { database, keeps, read } = opened('layout 8');
  expect(await read()).toHaveLength(3);
  // Asked to be kept as it was found; changed before that was done.
  await database.wears.delete('wear-2');
  await keeps[0]?.();
  expect((await read()).map((w) => w.id)).toEqual(['wear-1', 'wear-3']);
  await database.delete();
});
