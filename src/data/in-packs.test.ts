import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import fc from 'fast-check';
import { sampleMake } from '../core/garment/sample-case';
import { LedgerDatabase } from './database';
import { inPacks } from './in-packs';
import { layInPacks } from './lay-in-packs';
import { redo, undo, write } from './journal';

interface Worn {
  readonly id: string;
  readonly date: string;
  readonly makeIds: readonly string[];
  readonly count: number;
}

const STORES = { wears: 'id, date, *makeIds', wearPacks: 'first, *makeIds', histories: 'key, gone', historyPacks: 'first, *gone', people: 'id' };

function opened(name: string, packed: boolean) {
  const database = new Dexie(name);
  database.version(1).stores(STORES);
  // Packs of three, from five on: what is many in a browser is few here.
  if (packed) database.use(inPacks({ many: 5, inOne: 3 }));
  return { packed, database, wears: database.table<Worn, string>('wears') };
}

const idOf = (n: number) => `wear-${String(n).padStart(2, '0')}`;
const [DAYS, MAKES] = [
  ['2026-11-01', '2026-11-02', '2026-11-03'],
  ['a', 'b', 'c', 'd'],
];
const worn = fc.record({
  id: fc.nat(25).map(idOf),
  date: fc.constantFrom(...DAYS),
  makeIds: fc.uniqueArray(fc.constantFrom(...MAKES), { minLength: 1, maxLength: 3 }),
  count: fc.nat(9),
});
const someWorn = (minLength: number, maxLength: number) => fc.uniqueArray(worn, { minLength, maxLength, selector: ({ id }) => id });
const act = fc.oneof(
  fc.record({ put: someWorn(5, 20) }),
  fc.record({ put: someWorn(1, 4) }),
  fc.record({ remove: fc.uniqueArray(fc.nat(25).map(idOf), { maxLength: 8 }) }),
  fc.record({ removeOf: fc.constantFrom(...MAKES) }),
  fc.record({ modify: fc.constantFrom(...DAYS) }),
  fc.record({ removeBetween: fc.tuple(fc.nat(25), fc.nat(25)) }),
  fc.record({ together: fc.uniqueArray(fc.nat(25), { minLength: 2, maxLength: 5 }) }),
  fc.constant({ clear: true as const }),
  fc.constant({ lay: true as const }),
  fc.record({ fail: someWorn(5, 9) }),
);
type Act = typeof act extends fc.Arbitrary<infer A> ? A : never;

async function done({ packed, database, wears }: ReturnType<typeof opened>, a: Act): Promise<void> {
  if ('put' in a) await wears.bulkPut(a.put);
  else if ('remove' in a) await wears.bulkDelete(a.remove);
  else if ('removeOf' in a) await wears.where('makeIds').equals(a.removeOf).delete();
  else if ('modify' in a) await wears.where('date').equals(a.modify).modify({ count: 11 });
  else if ('removeBetween' in a)
    await wears
      .where('id')
      .between(idOf(Math.min(...a.removeBetween)), idOf(Math.max(...a.removeBetween)))
      .delete();
  else if ('together' in a)
    // Side by side in one transaction: none waits for the other, as acts of a page do not.
    await database.transaction('rw', wears, () =>
      Promise.all(
        a.together.map(async (n, i) => {
          if (i % 2 === 0) await wears.delete(idOf(n));
          else await wears.put({ id: idOf(n), date: '2026-11-02', makeIds: ['a'], count: 20 + i });
        }),
      ),
    );
  else if ('clear' in a) await wears.clear();
  else if ('lay' in a) await (packed && layInPacks(database, 'wears', { many: 4, inOne: 3 }));
  else
    await database
      .transaction('rw', wears, async () => {
        await wears.bulkPut(a.fail);
        throw new Error('not after all');
      })
      .catch(() => undefined);
}

/** All that is asked of a table, and more. */
async function answers({ wears }: ReturnType<typeof opened>) {
  return [
    await wears.toArray(),
    await wears.count(),
    await wears.toCollection().primaryKeys(),
    await wears.limit(4).toArray(),
    await wears.reverse().limit(4).toArray(),
    await wears.where('id').above(idOf(7)).limit(5).toArray(),
    await wears.where('id').between(idOf(3), idOf(12), true, true).toArray(),
    await wears.where('id').below(idOf(9)).reverse().toArray(),
    await wears.get(idOf(8)),
    await wears.bulkGet([5, 2, 30, 11].map(idOf)),
    await wears.bulkGet(Array.from({ length: 26 }, (_, n) => idOf(n))),
    await wears.where('makeIds').equals('b').toArray(),
    await wears.where('makeIds').equals('b').count(),
    await wears.where('makeIds').equals('c').first(),
    await wears.where('makeIds').anyOf(['a', 'd']).distinct().toArray(),
    await wears.where('makeIds').anyOf(['d', 'b']).reverse().primaryKeys(),
    await wears.where('makeIds').above('b').limit(3).toArray(),
    await wears.orderBy('makeIds').uniqueKeys(),
    await wears.orderBy('date').reverse().toArray(),
    await wears.orderBy('date').last(),
    await wears.where('date').equals('2026-11-02').toArray(),
    await wears.where('date').notEqual('2026-11-02').count(),
    await wears.offset(3).limit(3).toArray(),
    await wears.filter(({ count }) => count > 4).toArray(),
  ];
}

test('whatever is put, changed and taken out: a table in packs answers as one without', async () => {
  let inPack = 0;
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 3, maxLength: 10 }), async (acts) => {
      const [plain, packed] = [opened('plain', false), opened('packed', true)];
      for (const a of acts) {
        await done(plain, a);
        await done(packed, a);
        inPack += await packed.database.table('wearPacks').count();
        const [expected, found] = [await answers(plain), await answers(packed)];
        expected.forEach((answer, i) => expect([i, found[i]]).toEqual([i, answer]));
      }
      await plain.database.delete();
      await packed.database.delete();
    }),
    { numRuns: 20 },
  );
  expect(inPack).toBeGreaterThan(50);
});

test('many at once lie in packs, what is changed lies by itself, and another table knows nothing of it', async () => {
  const { database, wears } = opened('few', true);
  await database.table('people').bulkPut(Array.from({ length: 9 }, (_, n) => ({ id: `p${n}` })));
  await wears.bulkPut(Array.from({ length: 7 }, (_, n) => ({ id: idOf(n), date: '2026-11-01', makeIds: ['a'], count: 1 })));
  const lying = () =>
    database.transaction('r', database.table('people'), database.table('wearPacks'), async () => {
      const packs = await database.table<{ first: string; of: string }>('wearPacks').toArray();
      return packs.map(({ first, of }) => [first, (JSON.parse(of) as Worn[]).length]);
    });
  expect(await lying()).toEqual([
    ['wear-00', 3],
    ['wear-03', 3],
    ['wear-06', 1],
  ]);
  await wears.update(idOf(4), { count: 2 });
  await wears.delete(idOf(6));
  expect(await lying()).toEqual([
    ['wear-00', 3],
    ['wear-03', 2],
  ]);
  expect((await wears.toArray()).map(({ count }) => count)).toEqual([1, 1, 1, 1, 2, 1]);
  // Another many: all is laid anew, and lies nowhere twice.
  await wears.bulkPut(Array.from({ length: 5 }, (_, n) => ({ id: idOf(n + 10), date: '2026-11-01', makeIds: ['a'], count: 1 })));
  expect((await lying()).map(([, count]) => count)).toEqual([3, 3, 3, 2]);
  await expect(wears.add({ id: idOf(3), date: '2026-11-01', makeIds: [], count: 1 })).rejects.toThrow('is there already');
  await database.delete();
});

test('what came one by one is laid in packs behind those there are, and nobody is told', async () => {
  const { database, wears } = opened('one by one', true);
  const changed = jest.fn();
  const enter = async (from: number, to: number) => {
    for (let n = from; n < to; n++) await wears.put({ id: idOf(n), date: '2026-11-01', makeIds: ['a'], count: n });
  };
  const lying = async () =>
    (await database.table<{ first: string; of: string }>('wearPacks').toArray()).map(({ first, of }) => [first, (JSON.parse(of) as Worn[]).length]);
  await enter(0, 9);
  Dexie.on.storagemutated.subscribe(changed);
  await layInPacks(database, 'wears', { many: 4, inOne: 3 });
  Dexie.on.storagemutated.unsubscribe(changed);
  expect(changed).not.toHaveBeenCalled();
  // Eight of nine, four at a time.
  const first = [
    ['wear-00', 3],
    ['wear-03', 1],
    ['wear-04', 3],
    ['wear-07', 1],
  ];
  expect(await lying()).toEqual(first);
  await enter(9, 12);
  await wears.update(idOf(7), { count: 70 });
  await layInPacks(database, 'wears', { many: 4, inOne: 3 });
  expect((await lying()).slice(3)).toEqual([
    ['wear-07', 3],
    ['wear-10', 1],
  ]);
  expect((await wears.toArray()).map(({ count }) => count)).toEqual([0, 1, 2, 3, 4, 5, 6, 70, 8, 9, 10, 11]);
  await database.delete();
});

test('an act of a thousand wears is taken back and done again as any other, and a wear of it is changed by itself', async () => {
  const database = new LedgerDatabase('a thousand');
  await database.makes.put(sampleMake(1));
  const wears = Array.from({ length: 1000 }, (_, n) => ({ id: `wear-${n}`, makeIds: ['make-1'], date: '2026-11-28', count: 1 }));
  await write(
    database,
    'read',
    wears.map((put) => ({ table: 'wears', put })),
  );
  const noted = await database.histories.toArray();
  expect([await database.wearPacks.count(), await database.historyPacks.count()]).toEqual([20, 20]);
  await write(database, 'worn twice', [{ table: 'wears', id: 'wear-500', edit: (was) => ({ ...was, count: 2 }) }]);
  expect((await database.wears.get('wear-500'))?.count).toBe(2);
  await undo(database);
  expect(await database.wears.where('makeIds').equals('make-1').count()).toBe(1000);
  expect((await database.wears.toArray()).every(({ count }) => count === 1)).toBe(true);
  await undo(database);
  expect([await database.wears.count(), await database.wearPacks.count()]).toEqual([0, 0]);
  // That they went is noted of each of them.
  expect((await database.histories.where('gone').above('').count()) > 0).toBe(true);
  expect(await database.histories.count()).toBe(noted.length);
  await redo(database);
  expect(await database.wears.count()).toBe(1000);
  await database.delete();
});
