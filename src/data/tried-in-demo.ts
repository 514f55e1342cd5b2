import { demoLedger } from '../../demo/ledger';
import { TO_MEASURE } from '../../demo/to-measure';
import { takenAlong } from '../core/ledger/taken-along';
import { TABLE_NAMES, type TableName } from '../core/records/table-names';
import { fromKeys } from '../core/units/keys';
import { startLedger } from './archive/start-ledger';
import type { LedgerDatabase } from './database';
import { clearDrafts } from './drafts';

/** What was entered in the demo, and what goes along with it. */
async function triedIn(database: LedgerDatabase) {
  const ledger = demoLedger();
  // The app adds these to the ledger's text when it opens the demo: nobody entered them.
  const demo = { ...ledger, pictures: [...ledger.pictures, ...TO_MEASURE] };
  const now = {
    people: await database.people.toArray(),
    bodies: await database.bodies.toArray(),
    patterns: await database.patterns.toArray(),
    fabrics: await database.fabrics.toArray(),
    makes: await database.makes.toArray(),
    wears: await database.wears.toArray(),
    lists: await database.lists.toArray(),
    plans: await database.plans.toArray(),
    sets: await database.sets.toArray(),
    collections: await database.collections.toArray(),
    times: await database.times.toArray(),
    occasions: await database.occasions.toArray(),
    pictures: await database.pictures.toArray(),
  };
  return {
    now,
    ...takenAlong(
      now,
      fromKeys(TABLE_NAMES, (table) => new Set(demo[table].map((r) => r.id))),
    ),
  };
}

/** How many records of each table were entered in the demo. */
export const enteredInDemo = async (database: LedgerDatabase): Promise<Readonly<Record<TableName, number>>> => (await triedIn(database)).own;

/** Starts a ledger with what was entered in the demo: all else of the demo goes, and undo begins anew. */
export async function openWithTried(database: LedgerDatabase): Promise<void> {
  const { now, ids } = await triedIn(database);
  const personId = now.makes.findLast((m) => ids.makes.has(m.id))?.personId ?? [...ids.people][0];
  await startLedger(database, undefined, { ledger: 'own', ledgerId: undefined, personId }, async () => {
    for (const table of TABLE_NAMES) {
      const rows: readonly { readonly id: string }[] = now[table];
      await database.table(table).bulkPut(rows.filter((r) => ids[table].has(r.id)));
    }
  });
  clearDrafts();
}
