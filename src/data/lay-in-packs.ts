import Dexie, { type Table } from 'dexie';
import { lastOf } from '../core/units/item-at';
import { inPacksOf, IN_ONE, MANY, PACKED, packsOf, unpacked, type Held, type Pack } from './in-packs';

const answerOf = <T>(asked: IDBRequest<T>): Promise<T> =>
  new Dexie.Promise((done, failed) => {
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => failed(new Error(asked.error?.message));
  });

/** The same of all tables that may have packs. */
export async function layAllInPacks(database: Dexie): Promise<void> {
  for (const name of PACKED) await layInPacks(database, name);
}

/**
 * Lays in packs what came one by one and lies behind all packs: of a ledger that grew by hand for years, as of one that was read at once, wears
 * are found several times as fast. Some at a time, each in a transaction of its own: what is written meanwhile waits a moment. Nobody is told,
 * since no record changes.
 */
export async function layInPacks(database: Dexie, name: string, { many = MANY, inOne = IN_ONE } = {}): Promise<void> {
  const packsName = packsOf(name);
  if (packsName === undefined) return;
  const [table, packs] = [database.table(name), database.table<Pack, string>(packsName)];
  while (await database.transaction('rw', table, packs, () => laySome(table, packs, many, inOne)));
}

/** Lays so many that lie behind all packs, past the library: to it they are in that table all along. Returns whether there were so many. */
async function laySome(table: Table, packs: Table<Pack, string>, many: number, inOne: number): Promise<boolean> {
  const key = String(table.schema.primKey.keyPath);
  const last = await packs.orderBy('first').last();
  const behind = last && IDBKeyRange.lowerBound(lastOf(unpacked(last))[key], true);
  const within = Dexie.currentTransaction.idbtrans;
  const alone = within.objectStore(table.name);
  const some: readonly Held[] = await answerOf(alone.getAll(behind, many));
  if (some.length < many) return false;
  const listed = packs.schema.indexes.map(({ name }) => name);
  for (const pack of inPacksOf(some, inOne, key, listed)) within.objectStore(packs.name).put(pack);
  await answerOf(alone.delete(IDBKeyRange.bound(some[0]?.[key], lastOf(some)[key])));
  return true;
}
