import 'fake-indexeddb/auto';
import { sampleMake } from '../core/garment/sample-case';
import { firstVisit } from './first-visit';
import { LedgerDatabase } from '../data/database';
import { openDemo, openEmpty } from '../data/demo';
import { undo, write } from '../data/journal';
import { readSettings } from '../data/settings';

/** The page's storage, which a test in Node does not have. */
class PageStorage {
  [key: string]: unknown;
  getItem(key: string) {
    return (this[key] as string | undefined) ?? null;
  }
  setItem(key: string, value: string) {
    this[key] = value;
  }
  removeItem(key: string) {
    delete this[key];
  }
}

let count = 0;
let database: LedgerDatabase;
let storage: PageStorage;
beforeEach(() => {
  database = new LedgerDatabase(`demo-${count++}`);
  storage = new PageStorage();
  Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true });
});
afterEach(() => database.delete());

// A blob does not survive the stand-in for the browser's database; the demo's pictures are looked at in the browser tests.
const makes = () => database.makes.count();

describe('the first visit', () => {
  test('leaves the choice to her who comes by the front door', async () => {
    expect(await firstVisit(database, '/')).toEqual({ copies: [], wasHere: false });
    expect(await makes()).toBe(0);
    expect(await readSettings(database)).toMatchObject({ ledger: 'none' });
  });

  test('opens the demo, and speaks of its first person, to her who comes to a page of it', async () => {
    expect(await firstVisit(database, '/sew-next')).toBeUndefined();
    expect(await makes()).toBeGreaterThanOrEqual(45);
    expect(await readSettings(database)).toMatchObject({ ledger: 'demo', personId: 'person-maren' });
  });

  test('a second visit leaves things as they are', async () => {
    await firstVisit(database, '/fit');
    await database.makes.clear();
    await firstVisit(database, '/fit');
    expect(await makes()).toBe(0);
  });

  test('an empty ledger stays empty at the next visit', async () => {
    await firstVisit(database, '/fit');
    await openEmpty(database);
    await firstVisit(database, '/fit');
    expect(await makes()).toBe(0);
    expect(await readSettings(database)).toMatchObject({ ledger: 'own' });
  });
});

describe('starting again', () => {
  test('takes what was tried in the demo away without a trace: records, undo and drafts', async () => {
    await openDemo(database);
    await write(database, 'tried', [
      { table: 'makes', put: sampleMake(9, { personId: 'person-maren', sources: [], name: 'a cushion', fabrics: [] }) },
    ]);
    storage.setItem('amber-ledger draft log', '{}');
    storage.setItem('another app', 'stays');
    await openEmpty(database);
    expect(await makes()).toBe(0);
    expect(await undo(database)).toBeUndefined();
    expect(Object.keys(storage)).toEqual(['another app']);
  });

  test('the demo is the same each time it is opened', async () => {
    await openDemo(database);
    const first = await database.makes.toArray();
    await openEmpty(database);
    await openDemo(database);
    expect(await database.makes.toArray()).toEqual(first);
  });
});
