import { checkLedgerText } from '../core/ledger/check-ledger';
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import { recordToday } from '../core/ledger/earlier-names';
import { sampleMake } from '../core/garment/sample-case';
import { TABLE_NAMES } from '../core/records';
import { exportLedger } from './archive/ledger-file';
import { unzipLedger } from './archive/unzip-ledger';
import { LAYOUTS, LedgerDatabase } from './database';
import { undo, write } from './journal';
import { changeSettings, readSettings, USUAL_SETTINGS } from './settings';

const { fabrics: _, ...withoutFabrics } = sampleMake(1);
/** A make as it was kept when fabrics were called cloths. */
const earlierMake = { ...withoutFabrics, cloths: [{ id: 'u', clothId: 'linen', part: 'main' }] };

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
    makes: earlierMake,
    wears: { id: 'wear', date: '2025-02-01', makeIds: ['make-1'], count: 1 },
    settings: { key: 'unit', value: 'in' },
  },
};

describe('migrations', () => {
  test('the first layout is as it reached users', () => {
    expect(LAYOUTS[0]).toEqual({ version: 1, stores: FIRST_LAYOUT.stores });
    expect(LAYOUTS.map((l) => l.version)).toEqual([...LAYOUTS.map((l) => l.version)].sort((a, b) => a - b));
  });

  test('later layouts only add tables, but for the one that took today’s names', () => {
    const first = Object.keys(FIRST_LAYOUT.stores);
    for (const { version, stores, upgrade } of LAYOUTS.slice(1)) {
      expect(Object.keys(stores).some((table) => first.includes(table))).toBe([4, 5, 6, 8].includes(version));
      expect(upgrade !== undefined).toBe([4, 8].includes(version));
    }
    expect(Object.keys(LAYOUTS[1]!.stores)).toEqual(['lists', 'plans']);
  });

  test('what was written under the first layout is there after opening with today’s', async () => {
    const old = new Dexie('migrated');
    old.version(1).stores(FIRST_LAYOUT.stores);
    for (const [table, record] of Object.entries(FIRST_LAYOUT.records)) await old.table(table).put(record);
    old.close();

    const now = new LedgerDatabase('migrated');
    for (const [table, record] of Object.entries(FIRST_LAYOUT.records))
      expect(await now.table(table).get('id' in record ? record.id : record.key)).toEqual(recordToday(table, record));
    expect((await now.makes.get('make-1'))?.fabrics).toEqual([{ id: 'u', fabricId: 'linen', part: 'main' }]);
    // And it can be worked on: a write under today's shapes goes through.
    await write(now, 'worked on', [{ table: 'makes', id: 'make-1', edit: (make) => ({ ...make, remark: 'still here' }) }]);
    expect((await now.makes.get('make-1'))?.remark).toBe('still here');
    await write(now, 'planned', [{ table: 'lists', put: { id: 'list', name: 'spring', added: '2026-01-01' } }]);
    expect(await now.lists.count()).toBe(1);
    expect(await now.wears.where('makeIds').equals('make-1').count()).toBe(1);
    await now.delete();
  });
});

describe('the names of layouts 1 to 3', () => {
  /** An archive of the demo that the app before wrote, with a few acts done in it; and its ledger as it lay in the browser. */
  const archive = readFileSync(join(__dirname, 'fixtures/demo-of-format-4.zip'));
  type Old = Record<string, Record<string, unknown>[]> & { history: { known: string[]; records: Record<string, unknown>[] } };
  const old = JSON.parse(strFromU8(unzipSync(archive)['ledger.json']!)) as Old;
  const linen = old['cloths']![0]!;

  /** The browser's database of layout 3 with all of that in it, and one act that can be undone. */
  const earlier = async (name: string) => {
    const before = new Dexie(name);
    for (const { version, stores } of LAYOUTS.filter((l) => l.version < 4)) before.version(version).stores(stores);
    for (const table of ['people', 'bodies', 'patterns', 'cloths', 'makes', 'wears', 'lists', 'plans'])
      await before.table(table).bulkPut(old[table]!);
    await before
      .table('pictures')
      .bulkPut(old['pictures']!.map(({ file: _, sha256: __, ...p }) => ({ ...p, blob: new Blob(['<svg/>'], { type: 'image/svg+xml' }) })));
    await before.table('histories').bulkPut(old.history.records.map((h) => ({ ...h, key: `${String(h['table'])}/${String(h['id'])}` })));
    const { dear: _, ...was } = linen;
    await before
      .table('journal')
      .add({ label: 'dear', at: 1, undone: 0, changes: [{ table: 'cloths', id: linen['id'], before: was, after: linen }] });
    before.close();
  };

  test('an archive that the app before wrote is read with today’s', async () => {
    const opened = await unzipLedger(new Blob([archive]));
    if (!opened.ok) throw new Error(opened.problem);
    for (const table of TABLE_NAMES) expect(opened.ledger[table]).toHaveLength((table === 'fabrics' ? old['cloths']! : (old[table] ?? [])).length);
    expect(opened.ledger.fabrics[0]).toMatchObject({ id: linen['id'], expensive: true, behaviour: 'sheds' });
    expect(opened.ledger.pictures.find((p) => p.id === 'swatch')).toMatchObject({ fabricId: linen['id'] });
    expect(opened.history.records.find((h) => h.id === 'remnant')).toMatchObject({ table: 'fabrics', last: { name: 'a remnant', expensive: true } });
    expect(JSON.stringify(opened.ledger).match(/"cloth[A-Za-z]*":|"cloths?"/g)).toBeNull();
  });

  test('a database of layout 3 opens with every record, history and act', async () => {
    await earlier('layout 3');
    const now = new LedgerDatabase('layout 3');
    const opened = await unzipLedger(new Blob([archive]));
    if (!opened.ok) throw new Error(opened.problem);
    for (const table of TABLE_NAMES) if (table !== 'pictures') expect(await now.table(table).toArray()).toEqual(opened.ledger[table]);
    expect((await now.pictures.get('swatch'))?.fabricId).toBe(linen['id']);
    expect(now.backendDB().objectStoreNames.contains('cloths')).toBe(false);
    expect((await now.histories.toArray()).map((h) => h.key).filter((k) => k.startsWith('cloths'))).toEqual([]);
    expect(await undo(now)).toBe('dear');
    expect((await now.fabrics.get(String(linen['id'])))?.expensive).toBeUndefined();
    expect(checkLedgerText(await exportLedger(now, '2026-11-27T12:00:00Z'))).toMatchObject({ ok: true });
    await now.delete();
  });

  test('cut off at any step it leaves the old one whole, which the next visit upgrades', async () => {
    const put = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put')!.value as IDBObjectStore['put'];
    const upgraded = async (steps: number) => {
      let left = steps;
      IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...rest) {
        left -= 1;
        if (left === 0) this.transaction.abort();
        return put.apply(this, rest);
      };
      const database = new LedgerDatabase('cut off');
      try {
        await database.open();
        return true;
      } catch {
        return false;
      } finally {
        IDBObjectStore.prototype.put = put;
        database.close();
      }
    };
    await earlier('cut off');
    for (const steps of [1, 20, 60]) {
      expect(await upgraded(steps)).toBe(false);
      const before = new Dexie('cut off');
      await before.open();
      expect([before.verno, await before.table('cloths').count()]).toEqual([3, old['cloths']!.length]);
      expect(await before.table('makes').toArray()).toEqual(old['makes']);
      before.close();
    }
    expect(await upgraded(Infinity)).toBe(true);
    const now = new LedgerDatabase('cut off');
    expect(await now.fabrics.count()).toBe(old['cloths']!.length);
    await now.delete();
  });
});

describe('a later layout', () => {
  test('is not written to by this app, neither opened later nor opened while it stands open', async () => {
    const name = 'later';
    const now = new LedgerDatabase(name);
    await now.makes.put(sampleMake(1));
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
