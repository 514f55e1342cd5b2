import type { QueryClient } from '@tanstack/react-query';
import Dexie from 'dexie';
import { DATABASE_NAME } from './database';

/** The part of a Dexie mutation that names the table: `idb://amber-ledger/makes/…`. */
const TABLE_OF_PART = new RegExp(`^idb://${DATABASE_NAME}/([^/]+)/`);

/**
 * Tells which tables changed, whoever wrote: Dexie tells of writes in this tab and, through a broadcast, of those in others.
 *
 * @returns a function that stops it
 */
export function onTablesChanged(hear: (tables: ReadonlySet<string>) => void): () => void {
  const noticed = (parts: Record<string, unknown>) => hear(new Set(Object.keys(parts).flatMap((part) => TABLE_OF_PART.exec(part)?.[1] ?? [])));
  Dexie.on.storagemutated.subscribe(noticed);
  return () => Dexie.on.storagemutated.unsubscribe(noticed);
}

/**
 * Keeps what queries show in step with the database. A query belongs to the table that its key begins with.
 *
 * @returns a function that stops it
 */
export function keepFresh(client: QueryClient): () => void {
  return onTablesChanged((tables) => {
    for (const table of tables) void client.invalidateQueries({ queryKey: [table] });
  });
}
