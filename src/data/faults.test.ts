import { checkLedgerText, ledgerText } from '../core/ledger/check-ledger';
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { sampleMake, SAMPLE_BODY, SAMPLE_PATTERN } from '../core/garment/sample-case';
import { blankFabric } from '../core/records/blank';
import { Ledger } from '../core/records';
import { exportLedger, readFile } from './archive/ledger-file';
import { bringTogether } from './archive/merge-in';
import { startLedger } from './archive/start-ledger';
import { LAYOUTS, LedgerDatabase } from './database';
import { bringBack, emptyOld, redo, removals, undo, write } from './journal';
import { removalOf } from './removal';
import { changeSettings } from './settings';

const DAY = 86_400_000;

const ledger = Ledger.parse({
  people: [{ id: 'person', name: 'Maren' }],
  bodies: [SAMPLE_BODY],
  patterns: [SAMPLE_PATTERN],
  fabrics: [blankFabric('linen', 'washed linen'), blankFabric('twill', 'slate twill')],
  makes: [sampleMake(1, { fabrics: [] }), sampleMake(2, { fabrics: [{ id: 'use', fabricId: 'linen', part: 'main', length: 120 }] })],
  wears: [
    { id: 'wear', date: '2025-03-01', makeIds: ['make-1'] },
    { id: 'both', date: '2025-04-01', makeIds: ['make-1', 'make-2'] },
  ],
  pictures: [{ id: 'picture', makeId: 'make-1', side: 'front', type: 'image/png', data: 'iVBORw0KGgo=' }],
});
/** Another ledger, of which some is here, some is not, and some is otherwise. */
const other: Ledger = {
  ...ledger,
  fabrics: [blankFabric('linen', 'oat linen'), blankFabric('wool', 'boiled wool')],
  makes: [sampleMake(2, { fabrics: [], remark: 'sheds' })],
  pictures: [{ ...ledger.pictures[0]!, id: 'other picture', makeId: 'make-2' }],
  wears: [{ id: 'new', date: '2025-05-01', makeIds: ['make-2'], count: 1 }],
};

let count = 0;
let database: LedgerDatabase;
const everything = async () => Object.fromEntries(await Promise.all(database.tables.map(async (t) => [t.name, await t.toArray()] as const)));

beforeEach(async () => {
  database = new LedgerDatabase(`faults-${count++}`);
  await startLedger(database, ledger, { ledger: 'own', startedAt: Date.now() + 39 * DAY });
  await write(database, 'a remark', [{ table: 'makes', id: 'make-1', edit: (m) => ({ ...m, remark: 'first' }) }]);
  await write(database, 'gone', await removalOf(database, 'makes', 'make-1'));
  await undo(database);
});
afterEach(() => database.delete());

/** What can go wrong with one write of the browser's storage. */
const FAULTS = {
  'no room': () => {
    throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
  },
  'a power cut': (store: IDBObjectStore) => store.transaction.abort(),
};

/**
 * Lets the browser's storage fail at its nth write from now on.
 *
 * @returns how many writes were asked for, and an end to it
 */
function failAt(nth: number, fault: (store: IDBObjectStore) => void): { asked: () => number; end: () => void } {
  let asked = 0;
  const store = IDBObjectStore.prototype as unknown as Record<string, (...given: unknown[]) => unknown>;
  const cursor = IDBCursor.prototype as unknown as Record<string, (...given: unknown[]) => unknown>;
  const ends = [
    ...['put', 'add', 'delete', 'clear'].map((name) => [store, name] as const),
    ...['update', 'delete'].map((name) => [cursor, name] as const),
  ].map(([of, name]) => {
    const real = of[name]!;
    of[name] = function (this: IDBObjectStore | IDBCursor, ...given: unknown[]) {
      asked += 1;
      if (asked === nth) fault('source' in this ? (this.source as IDBObjectStore) : this);
      return real.apply(this, given);
    };
    return () => void (of[name] = real);
  });
  return { asked: () => asked, end: () => ends.forEach((end) => end()) };
}

const file = (of: Ledger) => new Blob([ledgerText(of, 'x')]);
const stampedFile = async () => {
  const read = checkLedgerText(ledgerText(other, 'x', { known: ['000mwwo0000.phone'], records: [] }));
  if (!read.ok) throw new Error(read.problem);
  return Promise.resolve(read);
};

const ACTS: Record<string, { readonly before?: () => Promise<unknown>; readonly act: () => Promise<unknown> }> = {
  'a write of several records': {
    act: async () =>
      write(database, 'several', [
        { table: 'fabrics', put: blankFabric('silk', 'grey silk') },
        { table: 'makes', id: 'make-2', edit: (m) => ({ ...m, remark: 'x' }) },
        { table: 'wears', remove: 'wear' },
      ]),
  },
  'a garment removed with its wears': { act: async () => write(database, 'removed', await removalOf(database, 'makes', 'make-2')) },
  undo: { act: () => undo(database) },
  redo: { act: () => redo(database) },
  'bringing back': {
    before: async () => write(database, 'removed', [{ table: 'wears', remove: 'wear' }]),
    act: async () => bringBack(database, (await removals(database))[0]!.seq),
  },
  'reading a file in the place of the ledger': { act: () => readFile(database, file(other), 'read') },
  'undoing that': { before: () => readFile(database, file(other), 'read'), act: () => undo(database) },
  'bringing together': { act: async () => bringTogether(database, 'together', await stampedFile(), new Map([['fabrics/linen#name', 'here']])) },
  'undoing the bringing together': {
    before: async () => bringTogether(database, 'together', await stampedFile(), new Map()),
    act: () => undo(database),
  },
  'starting another ledger': { act: () => startLedger(database, other, { ledger: 'demo' }) },
  'letting go of what is old': {
    before: async () => write(database, 'removed', [{ table: 'wears', remove: 'wear' }]),
    act: () => emptyOld(database, Date.now() + 40 * DAY),
  },
  'a setting': { act: () => changeSettings(database, { unit: 'in', theme: 'lamp' }) },
};

describe.each(Object.keys(FAULTS) as (keyof typeof FAULTS)[])('%s at each write, one after another', (fault) => {
  test.each(Object.entries(ACTS))('%s: the ledger is the old one or the new one', async (_, { before, act }) => {
    await before?.();
    const old = await everything();
    let failures = 0;
    for (let nth = 1; ; nth++) {
      const failing = failAt(nth, FAULTS[fault]);
      const done = await act().then(
        () => true,
        () => false,
      );
      failing.end();
      if (failing.asked() < nth) {
        expect(done).toBe(true);
        break;
      }
      failures += 1;
      expect(done).toBe(false);
      // As one who opens the page anew would find it.
      database.close();
      await database.open();
      expect(await everything()).toEqual(old);
    }
    expect(failures).toBeGreaterThan(0);
    expect(await everything()).not.toEqual(old);
    expect(checkLedgerText(await exportLedger(database, 'x'))).toMatchObject({ ok: true });
  });
});

describe('an upgrade of the database', () => {
  /** A database of the layout before, with records in it. */
  const olderOne = async (name: string) => {
    const older = new Dexie(name);
    for (const { version, stores } of LAYOUTS.filter((l) => l.version < 3)) older.version(version).stores(stores);
    const { fabrics: _, ...make } = sampleMake(1);
    await older.table('makes').put({ ...make, cloths: [] });
    older.close();
  };
  const versionOf = async (name: string) => (await indexedDB.databases()).find((d) => d.name === name)!.version;

  test('cut off in the middle leaves the old one, which the next visit upgrades', async () => {
    await olderOne('cut-off');
    const create = Object.getOwnPropertyDescriptor(IDBDatabase.prototype, 'createObjectStore')!.value as IDBDatabase['createObjectStore'];
    let made = 0;
    IDBDatabase.prototype.createObjectStore = function (name, ...rest) {
      made += 1;
      const store = create.call(this, name, ...rest);
      if (made === 2) store.transaction.abort();
      return store;
    };
    const cut = new LedgerDatabase('cut-off');
    await expect(cut.open()).rejects.toThrow();
    cut.close();
    IDBDatabase.prototype.createObjectStore = create;
    expect(made).toBeGreaterThanOrEqual(2);
    expect(await versionOf('cut-off')).toBe(20);
    const next = new LedgerDatabase('cut-off');
    expect(await next.makes.count()).toBe(1);
    await write(next, 'worked on', [{ table: 'makes', id: 'make-1', edit: (m) => ({ ...m, remark: 'still here' }) }]);
    expect(await next.histories.count()).toBe(1);
    await next.delete();
  });
});
