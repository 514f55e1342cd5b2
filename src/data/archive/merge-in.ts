import equal from 'fast-deep-equal';
import { historiesOf } from '../../core/ledger/merge/history';
import { conflictWords, recordWords, type ConflictWords } from '../../core/ledger/merge/conflict-words';
import { mergeLedgers, type Conflict, type Which } from '../../core/ledger/merge/merge';
import { settled } from '../../core/ledger/merge/settle';
import { stampOf, type Stamp } from '../../core/ledger/merge/stamp';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import { withId } from '../../core/units/by-id';
import { fromKeys } from '../../core/units/keys';
import type { LengthUnit } from '../../core/units/length';
import { whatWouldChange, type TableChange } from '../../core/archive/what-would-change';
import type { LedgerDatabase } from '../database';
import { stampNow } from '../histories';
import { writeReckoned } from '../journal';
import { partsWithin, readParts, sideOf, writesBetween, type ReadLedger } from './ledger-file';
import { storedPictures } from './start-ledger';
import type { LedgerInParts } from './zip-ledger';

/** What would come of bringing another ledger together with the one here. */
export interface Together {
  readonly changes: readonly TableChange[];
  /** What both sides changed, in words; each with what stands unless the sewist says otherwise. */
  readonly conflicts: readonly (ConflictWords & Pick<Conflict, 'key' | 'stands' | 'undated'>)[];
  /** Names of records that one side removed, and that come back because the other side needs them. */
  readonly returned: readonly string[];
  /** Makes that take the next number, since both sides had counted the same. */
  readonly renumbered: number;
}

/** A stamp later than all: for what is only looked at. */
const LATEST = stampOf(Infinity, 'z');

function brought(parts: LedgerInParts, { ledger, history, standIns = [] }: ReadLedger, choices: ReadonlyMap<string, Which>, fresh: Stamp) {
  const here = sideOf(parts);
  // What the other ledger lacks may be here: an empty record that stands in for it says nothing.
  const empty = (table: TableName, id: string) => standIns.some((s) => s.table === table && s.id === id) && withId(here.tables[table], id);
  const tables = fromKeys(TABLE_NAMES, (table) => (standIns.length === 0 ? ledger[table] : ledger[table].filter((r) => !empty(table, r.id))));
  const there = { tables, history: historiesOf(history) };
  return { here, there, merged: settled(mergeLedgers(here, there, choices, fresh), [here.tables, there.tables], fresh) };
}

/** What would come of it; nothing is written. */
export async function lookTogether(database: LedgerDatabase, other: ReadLedger, unit: LengthUnit): Promise<Together> {
  const { here, there, merged } = brought(await readParts(database), other, new Map(), LATEST);
  const sides = [here.tables, there.tables];
  return {
    changes: whatWouldChange(here.tables, merged.tables),
    conflicts: merged.conflicts.map((c) => ({ key: c.key, stands: c.stands, undated: c.undated, ...conflictWords(c, sides, unit) })),
    returned: merged.returned.map(({ table, id }) => recordWords(table, id, sides)),
    renumbered: merged.renumbered,
  };
}

/**
 * Brings another ledger together with the one here, as one act that can be undone.
 *
 * @param choices which side stands, by the keys of conflicts; without one the later does
 */
export async function bringTogether(database: LedgerDatabase, label: string, other: ReadLedger, choices: ReadonlyMap<string, Which>): Promise<void> {
  const pictures = new Map(storedPictures(other.ledger, other.files).map((p) => [p.id, p]));
  await writeReckoned(database, label, async () => {
    const { known } = historiesOf(other.history);
    const fresh = await stampNow(database, Date.now(), known);
    const { here, merged } = brought(await partsWithin(database), other, choices, fresh);
    // A picture of the other side comes with its bytes; one that is here has them.
    const stored = merged.tables.pictures.map((p) => ('blob' in p ? p : pictures.get(p.id)!));
    const writes = writesBetween(here.tables, { ...merged.tables, pictures: stored }, (_, now, then) => now === then);
    const histories = [...merged.history.records].flatMap(([key, h]) => (equal(here.history.records.get(key), h) ? [] : [h]));
    return { writes, brought: { histories, known: merged.history.known }, settings: { ledger: 'own' } };
  });
}
