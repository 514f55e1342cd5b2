import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { LedgerDatabase, type StoredPicture } from './database';
import { pictureReader } from './read-pictures';

const picture = (id: string, of: Partial<StoredPicture>): StoredPicture => ({
  id,
  side: 'front',
  place: 0,
  type: 'image/png',
  blob: new Blob(['x']),
  ...of,
});

/** Before a database is opened: the library takes it from there then. */
const begun = jest.spyOn(IDBDatabase.prototype, 'transaction');

/** A ledger with some pictures, and its reader. */
async function withPictures(name: string) {
  const database = new LedgerDatabase(name);
  await database.pictures.bulkPut([
    picture('a', { makeId: 'make-1' }),
    picture('b', { makeId: 'make-1', side: 'back' }),
    picture('c', { makeId: 'make-2' }),
    picture('d', { fabricId: 'make-1' }),
  ]);
  begun.mockClear();
  return { database, read: pictureReader(database) };
}

const ids = (found: readonly StoredPicture[]) => found.map(({ id }) => id);

test('what is asked in one breath is read in one transaction for each kind of record, and each has its own', async () => {
  const { read } = await withPictures('in-one-breath');
  const found = await Promise.all([
    read('makeId', 'make-1'),
    read('makeId', 'make-2'),
    read('makeId', 'make-3'),
    read('fabricId', 'make-1'),
    read('makeId', 'make-1'),
  ]);
  expect(found.map(ids)).toEqual([['a', 'b'], ['c'], [], ['d'], ['a', 'b']]);
  expect(begun).toHaveBeenCalledTimes(2);
});

test('whoever asks when a reading has begun has another, with what was written meanwhile', async () => {
  const { database, read } = await withPictures('later');
  const first = read('makeId', 'make-2');
  await Promise.resolve();
  await Promise.resolve();
  await database.pictures.put(picture('e', { makeId: 'make-2' }));
  expect(ids(await read('makeId', 'make-2'))).toEqual(['c', 'e']);
  expect(ids(await first)).toEqual(['c']);
});

test('in whatever breaths it is asked, the answer is what a reading of its own finds', async () => {
  const { database, read } = await withPictures('whatever');
  const asking = fc.array(fc.record({ id: fc.constantFrom('make-1', 'make-2', 'make-3'), pause: fc.nat(3) }), { maxLength: 12 });
  await fc.assert(
    fc.asyncProperty(asking, async (asked) => {
      const answers: Promise<void>[] = [];
      for (const { id, pause } of asked) {
        for (let i = 0; i < pause; i++) await Promise.resolve();
        answers.push(
          read('makeId', id).then(async (found) => expect(ids(found)).toEqual(ids(await database.pictures.where({ makeId: id }).toArray()))),
        );
      }
      await Promise.all(answers);
    }),
    { numRuns: 20 },
  );
});

test('a database that fails says so to all who asked, and is asked again', async () => {
  const { database, read } = await withPictures('failing');
  begun.mockImplementationOnce(() => {
    throw new Error('the disk is gone');
  });
  const asked = await Promise.allSettled([read('makeId', 'make-1'), read('makeId', 'make-2')]);
  expect(asked.map(({ status }) => status)).toEqual(['rejected', 'rejected']);
  expect(ids(await read('makeId', 'make-2'))).toEqual(['c']);
  await database.delete();
});
