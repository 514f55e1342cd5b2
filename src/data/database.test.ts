import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { sampleMake } from '../core/garment/sample-case';
import { LAYOUTS, LedgerDatabase } from './database';
import { write } from './journal';
import { changeSettings, readSettings, USUAL_SETTINGS } from './settings';

/** A record of each table as the first layout of the database kept it. Never edited: this is what lies in people's browsers. */
const FIRST_LAYOUT = {
  stores: {
    people: 'id',
    bodies: 'id, personId',
    patterns: 'id',
    cloths: 'id',
    makes: 'id, personId',
    wears: 'id, date, *makeIds',
    pictures: 'id, makeId, clothId',
    journal: '++seq, undone',
    settings: 'key',
  },
  records: {
    people: { id: 'person', name: 'Maren', child: false },
    bodies: { id: 'body', personId: 'person', date: '2025-01-01', measures: { bust: 90 } },
    makes: sampleMake(1),
    wears: { id: 'wear', date: '2025-02-01', makeIds: ['make-1'], count: 1 },
    settings: { key: 'unit', value: 'in' },
  },
};

describe('migrations', () => {
  test('the first layout is as it reached users', () => {
    expect(LAYOUTS[0]).toEqual({ version: 1, stores: FIRST_LAYOUT.stores });
    expect(LAYOUTS.map((l) => l.version)).toEqual([...LAYOUTS.map((l) => l.version)].sort((a, b) => a - b));
  });

  test('later layouts only add tables, so nothing is rewritten', () => {
    const first = Object.keys(FIRST_LAYOUT.stores);
    for (const { stores } of LAYOUTS.slice(1))
      for (const [table, keys] of Object.entries(stores)) expect([table, first.includes(table), keys]).toEqual([table, false, keys]);
    expect(Object.keys(LAYOUTS[1]!.stores)).toEqual(['lists', 'plans']);
  });

  test('what was written under the first layout is there after opening with today’s', async () => {
    const old = new Dexie('migrated');
    old.version(1).stores(FIRST_LAYOUT.stores);
    for (const [table, record] of Object.entries(FIRST_LAYOUT.records)) await old.table(table).put(record);
    old.close();

    const now = new LedgerDatabase('migrated');
    for (const [table, record] of Object.entries(FIRST_LAYOUT.records))
      expect(await now.table(table).get('id' in record ? record.id : record.key)).toEqual(record);
    // And it can be worked on: a write under today's shapes goes through.
    await write(now, 'worked on', [{ table: 'makes', put: { ...FIRST_LAYOUT.records.makes, remark: 'still here' } }]);
    expect((await now.makes.get('make-1'))?.remark).toBe('still here');
    await write(now, 'planned', [{ table: 'lists', put: { id: 'list', name: 'spring', added: '2026-01-01' } }]);
    expect(await now.lists.count()).toBe(1);
    expect(await now.wears.where('makeIds').equals('make-1').count()).toBe(1);
    await now.delete();
  });
});

describe('a later layout', () => {
  test('is not written to by this app, neither opened later nor opened while it stands open', async () => {
    const name = 'later';
    const now = new LedgerDatabase(name);
    await write(now, 'a make', [{ table: 'makes', put: sampleMake(1) }]);
    const later = new Dexie(name);
    for (const { version, stores } of [...LAYOUTS, { version: LAYOUTS.at(-1)!.version + 1, stores: { hats: 'id' } }])
      later.version(version).stores(stores);
    await later.open();
    await expect(write(now, 'a remark', [{ table: 'makes', put: sampleMake(1, { remark: 'of the old one' }) }])).rejects.toThrow(
      /a newer Amber Ledger has opened this ledger/,
    );
    await expect(new LedgerDatabase(name).makes.toArray()).rejects.toThrow(/newer/);
    expect(await later.table('makes').toArray()).toEqual([sampleMake(1)]);
    await later.delete();
  });
});

describe('settings', () => {
  test('usual until chosen, and each by itself', async () => {
    const database = new LedgerDatabase('settings');
    expect(await readSettings(database)).toEqual(USUAL_SETTINGS);
    await changeSettings(database, { unit: 'in' });
    await changeSettings(database, { theme: 'lamp' });
    expect(await readSettings(database)).toEqual({ ...USUAL_SETTINGS, unit: 'in', theme: 'lamp' });
    await database.delete();
  });
});
