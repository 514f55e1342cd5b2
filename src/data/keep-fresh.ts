import type { QueryClient } from '@tanstack/react-query';
import Dexie from 'dexie';
import { DATABASE_NAME } from './database';

/** The part of a Dexie mutation that names the table: `idb://amber-ledger/makes/…`. */
const TABLE_OF_PART = new RegExp(`^idb://${DATABASE_NAME}/([^/]+)/`);

/**
 * Keeps what queries show in step with the database, whoever wrote: Dexie tells of writes in this tab and, through a
 * broadcast, of those in others. A query belongs to the table that its key begins with.
 *
 * @returns a function that stops it
 */
export function keepFresh(client: QueryClient): () => void {
  const refresh = (parts: Record<string, unknown>) => {
    const tables = new Set(Object.keys(parts).map((part) => TABLE_OF_PART.exec(part)?.[1]));
    for (const table of tables) if (table) void client.invalidateQueries({ queryKey: [table] });
  };
  Dexie.on.storagemutated.subscribe(refresh);
  return () => Dexie.on.storagemutated.unsubscribe(refresh);
}
