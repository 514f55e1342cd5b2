import { checkLedgerText } from '../../core/ledger/check-ledger';
import 'fake-indexeddb/auto';
import { demoLedger } from '../../../demo/ledger';
import { type Ledger } from '../../core/records';
import { LedgerDatabase } from '../database';
import { bringBack, emptyOld, redo, removals, undo, write, type Write } from '../journal';
import { readSettings } from '../settings';
import { exportLedger, readFile, type ReadLedger } from './ledger-file';
import { bringTogether, lookTogether } from './merge-in';
import { startLedger } from './start-ledger';

// A blob does not survive the database that stands in for the browser's in these tests, so pictures are left to the browser tests.
const demo = demoLedger();
/** As much of the demo as is spoken of, and some more: each test writes it several times. */
const makes = demo.makes.slice(0, 8);
const ledger: Ledger = {
  ...demo,
  makes,
  wears: demo.wears.filter((wear) => wear.makeIds.every((id) => makes.some((make) => make.id === id))).slice(0, 30),
  pictures: [],
};
const [first, second] = ledger.makes as [Ledger['makes'][number], Ledger['makes'][number]];
let count = 0;
let desk: LedgerDatabase;
let phone: LedgerDatabase;

async function fileOf(database: LedgerDatabase): Promise<ReadLedger> {
  const read = checkLedgerText(await exportLedger(database, '2026-11-25T12:00:00Z'));
  if (!read.ok) throw new Error(read.problem);
  return read;
}
const take = async (from: LedgerDatabase, into: LedgerDatabase, choices: [string, 'here' | 'there'][] = []) =>
  bringTogether(into, 'brought together', await fileOf(from), new Map(choices));
const look = async (from: LedgerDatabase, into: LedgerDatabase) => lookTogether(into, await fileOf(from), 'cm');
const records = async (database: LedgerDatabase) => (await fileOf(database)).ledger;

/** A desktop with a ledger, and a phone on which its file was read. */
beforeEach(async () => {
  desk = new LedgerDatabase(`desk-${count}`);
  phone = new LedgerDatabase(`phone-${count++}`);
  await startLedger(desk, ledger, { ledger: 'own' });
  await write(desk, 'a remark', [{ table: 'makes', from: first, to: { ...first, remark: 'from before' } }]);
  await readFile(phone, new Blob([await exportLedger(desk, 'x')]), 'read');
});
afterEach(async () => {
  await desk.delete();
  await phone.delete();
});

test('both sides go on and are brought together: each has all, and a second time nothing changes', async () => {
  await write(phone, 'worn', [{ table: 'wears', put: { id: 'w-phone', date: '2026-11-20', makeIds: [first.id], count: 1 } }]);
  await write(phone, 'a verdict', [
    {
      table: 'makes',
      id: first.id,
      edit: (m) => ({ ...m, verdicts: [...m.verdicts, { id: 'v-phone', date: '2026-11-20', wears: 9, love: 4, reasons: [] }] }),
    },
  ]);
  await write(desk, 'a note', [
    { table: 'makes', id: first.id, edit: (m) => ({ ...m, notes: [...m.notes, { id: 'n-desk', kind: 'tip', words: 'press first' }] }) },
  ]);
  await write(desk, 'gone', [{ table: 'makes', id: second.id, edit: (m) => ({ ...m, state: 'given' }) }]);
  const seen = await look(phone, desk);
  expect(seen).toMatchObject({ conflicts: [], returned: [], renumbered: 0 });
  expect(seen.changes).toEqual([
    { table: 'makes', come: 0, go: 0, differ: 1 },
    { table: 'wears', come: 1, go: 0, differ: 0 },
  ]);
  await take(phone, desk);
  await take(desk, phone);
  expect(await records(phone)).toEqual(await records(desk));
  const make = (await desk.makes.get(first.id))!;
  expect([make.verdicts.at(-1)!.id, make.notes.at(-1)!.id, make.remark]).toEqual(['v-phone', 'n-desk', 'from before']);
  expect((await look(phone, desk)).changes).toEqual([]);
  expect(await readSettings(desk)).toMatchObject({ ledger: 'own' });
});

test('what both changed waits for an answer; undo takes the whole back, and it can be done again', async () => {
  const fabric = ledger.fabrics[0]!;
  await write(desk, 'name', [{ table: 'fabrics', from: fabric, to: { ...fabric, name: 'as the desk has it' } }]);
  await write(phone, 'name', [{ table: 'fabrics', from: fabric, to: { ...fabric, name: 'as the phone has it' } }]);
  const { conflicts } = await look(phone, desk);
  expect(conflicts).toMatchObject([
    { of: 'as the desk has it', what: 'name', here: 'as the desk has it', there: 'as the phone has it', stands: 'there' },
  ]);
  await take(phone, desk, [[conflicts[0]!.key, 'here']]);
  expect((await desk.fabrics.get(fabric.id))!.name).toBe('as the desk has it');
  await undo(desk);
  expect((await look(phone, desk)).conflicts).toHaveLength(1);
  await take(phone, desk);
  expect((await desk.fabrics.get(fabric.id))!.name).toBe('as the phone has it');
  await undo(desk);
  await redo(desk);
  expect((await desk.fabrics.get(fabric.id))!.name).toBe('as the phone has it');
  expect((await look(desk, phone)).conflicts).toEqual([]);
});

test('an undo on one side is the last word on it; what was removed and brought back is there on both', async () => {
  await write(phone, 'a remark', [{ table: 'makes', id: first.id, edit: (m) => ({ ...m, remark: 'a slip' }) }]);
  await take(phone, desk);
  await undo(phone);
  await take(phone, desk);
  expect((await desk.makes.get(first.id))!.remark).toBe('from before');
  const wear = ledger.wears[0]!;
  await write(desk, 'a wear removed', [{ table: 'wears', remove: wear.id }]);
  await take(desk, phone);
  expect(await phone.wears.get(wear.id)).toBeUndefined();
  await bringBack(desk, (await removals(desk))[0]!.seq);
  await take(desk, phone);
  expect(await phone.wears.get(wear.id)).toEqual(wear);
});

test('a browser that was copied to another machine: what both changed is asked, and one goes on under another id', async () => {
  // The profile is copied: the phone is the desk, with its id.
  await phone.devices.clear();
  await phone.devices.bulkPut(await desk.devices.toArray());
  const idOf = async (database: LedgerDatabase) => (await database.devices.toArray()).find((d) => d.here)!.id;
  const remark = (words: string, now: number): [string, Write[], number] => [
    'a remark',
    [{ table: 'makes', id: first.id, edit: (m) => ({ ...m, remark: words }) }],
    now,
  ];
  await write(desk, ...remark('of the desk', Date.now() + 1000));
  await write(phone, ...remark('of the copy', Date.now() + 2000));
  expect((await look(phone, desk)).conflicts.map((c) => [c.here, c.there])).toEqual([['of the desk', 'of the copy']]);
  await take(phone, desk, [[`makes/${first.id}#remark`, 'here']]);
  expect((await desk.makes.get(first.id))!.remark).toBe('of the desk');
  expect(await idOf(desk)).not.toBe(await idOf(phone));
  await take(desk, phone);
  expect((await phone.makes.get(first.id))!.remark).toBe('of the desk');
  expect(await records(phone)).toEqual(await records(desk));
  // From here on they are two.
  await write(desk, ...remark('later, of the desk', Date.now() + 5000));
  await write(phone, ...remark('later, of the copy', Date.now() + 6000));
  expect((await look(phone, desk)).conflicts).toHaveLength(1);
});

test('two that were both numbered version 9 become two versions', async () => {
  const again = (id: string, cutOn: string) => ({ ...first, id, version: 9, cutOn, fitNotes: [], verdicts: [] });
  await write(desk, 'logged', [{ table: 'makes', put: again('m-desk', '2026-11-02') }]);
  await write(phone, 'logged', [{ table: 'makes', put: again('m-phone', '2026-11-01') }]);
  expect((await look(phone, desk)).renumbered).toBe(1);
  await take(phone, desk);
  await take(desk, phone);
  const versions = async (database: LedgerDatabase) => (await database.makes.bulkGet(['m-desk', 'm-phone'])).map((m) => m!.version);
  expect([await versions(desk), await versions(phone)]).toEqual([
    [10, 9],
    [10, 9],
  ]);
  // Both did so before they knew of each other: it is the same answer, and nobody is asked.
  expect((await look(phone, desk)).conflicts).toEqual([]);
});

test('a copy put back is what was meant: it stands against the other device, which knew of what came later', async () => {
  const copy = await exportLedger(desk, 'x');
  await write(desk, 'spoilt', [{ table: 'makes', id: first.id, edit: (m) => ({ ...m, remark: 'spoilt' }) }]);
  await write(desk, 'spoilt', [{ table: 'wears', remove: ledger.wears[0]!.id }]);
  await take(desk, phone);
  await readFile(desk, new Blob([copy]), 'put back');
  await take(phone, desk);
  expect((await desk.makes.get(first.id))!.remark).toBe('from before');
  expect(await desk.wears.get(ledger.wears[0]!.id)).toBeDefined();
  await take(desk, phone);
  expect(await records(phone)).toEqual(await records(desk));
});

test('what a removed record held is let go of after thirty days, and the removal is still known', async () => {
  const wear = ledger.wears[0]!;
  await write(desk, 'removed', [{ table: 'wears', remove: wear.id }]);
  const held = async () => (await fileOf(desk)).history.records.find((r) => r.id === wear.id);
  await emptyOld(desk, Date.now() + 20 * 86_400_000);
  expect((await held())!.last).toMatchObject({ date: wear.date });
  // Let go of when two starts find it old.
  for (const days of [31, 31.5]) await emptyOld(desk, Date.now() + days * 86_400_000);
  expect(await held()).not.toHaveProperty('last');
  await take(desk, phone);
  expect(await phone.wears.get(wear.id)).toBeUndefined();
});
