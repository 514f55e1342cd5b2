import 'fake-indexeddb/auto';
import { demoLedger } from '../../../demo/ledger';
import { TABLE_NAMES } from '../../core/records';
import { LedgerDatabase } from '../database';
import { undo } from '../journal';
import { fromBase64, toBase64 } from './base64';
import { exportLedger, readFile } from './ledger-file';
import { startLedger } from './start-ledger';

const LABEL = 'ledger read from a file';
let count = 0;
let database: LedgerDatabase;
beforeEach(() => {
  database = new LedgerDatabase(`file-${count++}`);
});
afterEach(() => database.delete());

// A blob does not survive the database that stands in for the browser's in these tests, so pictures are left to the browser tests.
const ledger = { ...demoLedger(), pictures: [] };
const counts = async () =>
  Object.fromEntries(await Promise.all(TABLE_NAMES.map(async (t): Promise<[string, number]> => [t, await database.table(t).count()])));
/** What a file says of the ledger itself: not when it was written, nor what is noted for merges. */
const tables = (text: string) => {
  const { written: _, history: __, ...rest } = JSON.parse(text) as Record<string, unknown>;
  return rest;
};

describe('out and in', () => {
  test('out, empty, in: the same ledger', async () => {
    await startLedger(database, ledger);
    const text = await exportLedger(database, '2026-11-24T12:00:00Z');
    await startLedger(database, undefined);
    expect(Object.values(await counts()).every((n) => n === 0)).toBe(true);
    expect((await readFile(database, new Blob([text]), LABEL)).ok).toBe(true);
    expect(tables(await exportLedger(database, '2026-11-25T12:00:00Z'))).toEqual(tables(text));
  });

  test('a refused file leaves the ledger as it was', async () => {
    await startLedger(database, ledger);
    const before = await exportLedger(database, 'x');
    for (const text of ['', '{}', before.slice(0, -40), before.replace('"outcome": -1', '"outcome": -9')]) {
      const result = await readFile(database, new Blob([text]), LABEL);
      expect(result.ok).toBe(false);
      if (!result.ok) expect(result.problem.length).toBeGreaterThan(20);
    }
    expect(await exportLedger(database, 'x')).toBe(before);
    expect(await database.journal.count()).toBe(0);
  });

  test('a file takes the place of what was there, and undo brings it back', async () => {
    await startLedger(database, ledger);
    const before = await exportLedger(database, 'x');
    const other = { ...ledger, makes: ledger.makes.slice(0, 1), wears: [] };
    await readFile(database, new Blob([JSON.stringify({ format: 'amber-ledger', version: 1, ...other })]), LABEL);
    expect(await counts()).toMatchObject({ makes: 1, wears: 0 });
    expect(await undo(database)).toBe('ledger read from a file');
    expect(tables(await exportLedger(database, 'x'))).toEqual(tables(before));
    expect(await database.histories.count()).toBe(0);
  });

  test('starting empty leaves no trace: no record, no journal', async () => {
    await startLedger(database, ledger);
    await readFile(database, new Blob([JSON.stringify({ format: 'amber-ledger', version: 1, ...ledger })]), LABEL);
    await startLedger(database, undefined);
    expect(await database.journal.count()).toBe(0);
    expect(await undo(database)).toBeUndefined();
  });
});

describe('bytes as text', () => {
  test('come back byte for byte, also in thousands', async () => {
    const bytes = Uint8Array.from({ length: 100_000 }, (_, i) => (i * 7) % 256);
    const text = await toBase64(new Blob([bytes]));
    const back = fromBase64(text, 'image/png');
    expect(back.type).toBe('image/png');
    expect(new Uint8Array(await back.arrayBuffer())).toEqual(bytes);
  });
});
