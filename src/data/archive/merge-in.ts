import equal from 'fast-deep-equal';
import { historiesOf } from '../../core/ledger/merge/history';
import { conflictWords, recordWords, type ConflictWords } from '../../core/ledger/merge/conflict-words';
import { mergeLedgers, type Conflict, type Side, type Which } from '../../core/ledger/merge/merge';
import { settled } from '../../core/ledger/merge/settle';
import { knownBefore, twoCourses } from '../../core/ledger/merge/two-courses';
import { knownTogether, stampOf, type Stamp } from '../../core/ledger/merge/stamp';
import { TABLE_NAMES, type TableName } from '../../core/records/table-names';
import { withId } from '../../core/units/by-id';
import { fromKeys } from '../../core/units/keys';
import type { LengthUnit } from '../../core/units/length';
import { whatWouldChange, type TableChange } from '../../core/archive/what-would-change';
import type { LedgerDatabase } from '../database';
import { deviceHere, redrawDevice, stampNow } from '../histories';
import { writeReckoned } from '../journal';
import { partsWithin, sideOf, writesBetween, type ReadLedger } from './ledger-file';
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

/** Both sides as they are merged. */
interface Sides {
  readonly here: Side;
  readonly there: Side;
  /** Whether both went on as one and the same device, each on its own: what both changed is asked then, whoever they say they are. */
  readonly twoCourses: boolean;
}

function sidesOf(parts: LedgerInParts, { ledger, history, standIns = [] }: ReadLedger, device: string | undefined): Sides {
  const here = sideOf(parts);
  // What the other ledger lacks may be here: an empty record that stands in for it says nothing.
  const empty = (table: TableName, id: string) => standIns.some((s) => s.table === table && s.id === id) && withId(here.tables[table], id);
  const tables = fromKeys(TABLE_NAMES, (table) => (standIns.length === 0 ? ledger[table] : ledger[table].filter((r) => !empty(table, r.id))));
  const there = { tables, history: historiesOf(history) };
  const common = device === undefined ? undefined : twoCourses(device, here.history, there.history);
  if (device === undefined || common === undefined) return { here, there, twoCourses: false };
  const told = (side: Side): Side => ({ ...side, history: { ...side.history, known: knownBefore(side.history.known, device, common) } });
  return { here: told(here), there: told(there), twoCourses: true };
}

const mergedOf = ({ here, there }: Sides, choices: ReadonlyMap<string, Which>, fresh: Stamp) =>
  settled(mergeLedgers(here, there, choices, fresh), [here.tables, there.tables], fresh);

/** What would come of it; nothing is written. */
export async function lookTogether(database: LedgerDatabase, other: ReadLedger, unit: LengthUnit): Promise<Together> {
  const { parts, device } = await database.transaction('r', database.tables, async () => ({
    parts: await partsWithin(database),
    device: await deviceHere(database),
  }));
  const both = sidesOf(parts, other, device);
  const { here, there } = both;
  const merged = mergedOf(both, new Map(), LATEST);
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
    const both = sidesOf(await partsWithin(database), other, await deviceHere(database));
    // The other goes on under the id that both had.
    if (both.twoCourses) await redrawDevice(database);
    const fresh = await stampNow(database, Date.now(), known);
    const merged = mergedOf(both, choices, fresh);
    const { here } = both;
    // A picture of the other side comes with its bytes; one that is here has them.
    const stored = merged.tables.pictures.map((p) => ('blob' in p ? p : pictures.get(p.id)!));
    const writes = writesBetween(here.tables, { ...merged.tables, pictures: stored }, (_, now, then) => now === then);
    const histories = [...merged.history.records].flatMap(([key, h]) => (equal(here.history.records.get(key), h) ? [] : [h]));
    return { writes, brought: { histories, known: knownTogether(merged.history.known, known) }, settings: { ledger: 'own' } };
  });
}
