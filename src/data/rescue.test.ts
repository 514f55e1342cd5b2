import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { sampleMake } from '../core/garment/sample-case';
import { DATABASE_NAME, LedgerDatabase } from './database';
import { rescue } from './rescue';

afterEach(() => Dexie.delete(DATABASE_NAME));

test('whatever the layout, what is in it can be saved; tables that are not ours are left out, and nothing is changed', async () => {
  const newer = new Dexie(DATABASE_NAME);
  newer.version(99).stores({ people: 'id', makes: 'id', hats: 'id' });
  await newer.table('makes').add(sampleMake(1));
  await newer.table('people').add({ id: 'person', name: 'Maren' });
  newer.close();

  const saved = (await rescue())!;
  expect(saved.unread).toEqual([]);
  expect(JSON.parse(saved.text)).toMatchObject({ rescued: true, makes: [{ id: 'make-1' }], people: [{ name: 'Maren' }] });
  expect(saved.text).not.toContain('hats');
  const again = new Dexie(DATABASE_NAME);
  await again.open();
  expect(again.verno).toBe(99);
  again.close();
});

test('a table that cannot be read does not take the others along', async () => {
  const database = new LedgerDatabase();
  await database.makes.add(sampleMake(1));
  database.close();
  const all = IDBObjectStore.prototype.getAll;
  const broken = jest.spyOn(IDBObjectStore.prototype, 'getAll').mockImplementation(function (this: IDBObjectStore) {
    if (this.name === 'wears') throw new DOMException('damaged', 'UnknownError');
    return all.call(this);
  });
  const saved = (await rescue())!;
  broken.mockRestore();
  expect(saved.unread).toEqual(['wears']);
  expect(JSON.parse(saved.text)).toMatchObject({ makes: [{ id: 'make-1' }] });
});

test('records that lie in packs are saved with those that lie by themselves', async () => {
  const database = new LedgerDatabase();
  await database.wears.bulkPut(Array.from({ length: 1000 }, (_, n) => ({ id: `wear-${n}`, makeIds: ['make-1'], date: '2026-11-28', count: 1 })));
  await database.wears.update('wear-7', { remark: 'to the theatre' });
  database.close();
  const { wears } = JSON.parse((await rescue())!.text) as { wears: { id: string; remark?: string }[] };
  expect(new Set(wears.map(({ id }) => id)).size).toBe(1000);
  expect(wears.filter(({ id }) => id === 'wear-7')).toMatchObject([{ remark: 'to the theatre' }]);
});

test('where nothing lies, nothing is saved', async () => {
  expect(await rescue()).toBeUndefined();
});
