import { historyKey } from '../core/ledger/merge/history-key';
import type { History, noted, RecordHistory } from '../core/ledger/merge/history';
import { knownTogether, later, latestOf, NEVER, nextStamp, stampOf, timeOf, type Known, type Stamp } from '../core/ledger/merge/stamp';
import type { Change, Device, JournalEntry, LedgerDatabase, StoredHistory } from './database';
import { newName } from './new-id';
import { itemAt } from '../core/units/item-at';

/** Works out the history of a record after a change; handed in, since the shapes it needs are loaded late. */
export type Note = typeof noted;

export const HISTORY_TABLES = ['histories', 'devices'] as const;

/** What comes with the records of another ledger: their histories as they are to stand, and what is known by now. */
export interface Brought {
  readonly histories: readonly RecordHistory[];
  readonly known: Known;
}

function stored(history: RecordHistory): StoredHistory {
  const { table, id, last, removed } = history;
  return { key: historyKey(table, id), ...history, ...(last && removed ? { gone: removed } : {}) };
}

const hereAmong = (devices: readonly Device[]) => devices.find((d) => d.here);

const knownOf = (devices: readonly Device[]) => new Map(devices.map(({ id, last }) => [id, last]));

/**
 * The stamp of what is written now; within a transaction.
 *
 * @param others what is being brought in: the stamp is later than all of it
 */
export async function stampNow(database: LedgerDatabase, now: number, others: Known = new Map()): Promise<Stamp> {
  const devices = await database.devices.toArray();
  const here = hereAmong(devices) ?? { id: newName(), last: NEVER, here: true as const };
  const stamp = nextStamp(now, latestOf(knownTogether(knownOf(devices), others)), here.id);
  await database.devices.put({ ...here, last: stamp });
  return stamp;
}

/** The id under which this ledger writes; undefined where it never did. Within a transaction. */
export async function deviceHere(database: LedgerDatabase): Promise<string | undefined> {
  return hereAmong(await database.devices.toArray())?.id;
}

/** Goes on under a new id: the one there was is also that of another machine, to which this browser was copied. Within a transaction. */
export async function redrawDevice(database: LedgerDatabase): Promise<void> {
  const here = hereAmong(await database.devices.toArray());
  if (here) await database.devices.put({ id: here.id, last: here.last });
  await database.devices.put({ id: newName(), last: here?.last ?? NEVER, here: true });
}

/** Notes when records were changed; within the transaction that changes them. */
export async function noteChanges(database: LedgerDatabase, changes: readonly Change[], note: Note, now: number): Promise<void> {
  const stamp = await stampNow(database, now);
  const keys = [...new Set(changes.map((c) => historyKey(c.table, c.id)))];
  const histories = new Map<string, RecordHistory | undefined>();
  (await database.histories.bulkGet(keys)).forEach((found, i) => histories.set(itemAt(keys, i), found && historyOf(found)));
  for (const { table, id, before, after } of changes) {
    const key = historyKey(table, id);
    histories.set(key, note({ table, id }, histories.get(key), before, after, stamp));
  }
  await database.histories.bulkPut([...histories.values()].flatMap((history) => (history ? [stored(history)] : [])));
}

function historyOf({ key: _, gone: __, ...history }: StoredHistory): RecordHistory {
  return history;
}

/** Takes histories in the place of what is noted; within a transaction. Returns what the journal needs to take that back. */
export async function takeHistories(database: LedgerDatabase, { histories, known }: Brought): Promise<NonNullable<JournalEntry['noted']>> {
  const taken = histories.map(stored);
  const keys = taken.map((h) => h.key);
  const before = { histories: (await database.histories.bulkGet(keys)).flatMap((h) => (h ? [h] : [])), devices: await database.devices.toArray() };
  await database.histories.bulkPut(taken);
  const devices = new Map(before.devices.map((d) => [d.id, d]));
  for (const [id, last] of known) devices.set(id, { ...devices.get(id), id, last: later(last, devices.get(id)?.last ?? NEVER) });
  await database.devices.bulkPut([...devices.values()]);
  return { keys, before, after: { histories: taken, devices: [...devices.values()] } };
}

/** Puts histories back as an act found or left them. The clock of this device goes on: it never tells a time twice. */
export async function putBack(
  database: LedgerDatabase,
  keys: readonly string[],
  { histories, devices }: NonNullable<JournalEntry['noted']>['before'],
): Promise<void> {
  await database.histories.bulkDelete([...keys]);
  await database.histories.bulkPut([...histories]);
  await database.devices.filter((d) => d.here !== true).delete();
  await database.devices.bulkPut(devices.filter((d) => d.here !== true));
}

/** All that is noted, as it stands in a file; within a transaction. */
export async function readHistory(database: LedgerDatabase): Promise<History> {
  return { known: (await database.devices.toArray()).map((d) => d.last), records: (await database.histories.toArray()).map(historyOf) };
}

/**
 * Lets go of what was held by records removed before a time: then they are gone for good.
 *
 * @param before milliseconds
 * @param atOnce milliseconds: of those only what was removed within so long after the first
 */
export async function forgetOld(database: LedgerDatabase, before: number, atOnce: number): Promise<void> {
  const first = (await database.histories.orderBy('gone').first())?.gone;
  if (first === undefined) return;
  const old = await database.histories
    .where('gone')
    .below(stampOf(Math.min(before, timeOf(first) + atOnce), ''))
    .toArray();
  await database.histories.bulkPut(old.map(({ last: _, gone: __, ...rest }) => rest));
}
