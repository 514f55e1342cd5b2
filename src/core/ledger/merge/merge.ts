import equal from 'fast-deep-equal';
import { TABLES } from '../../records/ledger';
import { referencesOf } from '../references';
import { TABLE_NAMES, type TableName } from '../../records/table-names';
import { newestOf, tidyHistory, type Histories, type MaybeRecord, type RecordHistory } from './history';
import { historyKey } from './history-key';
import { join, newer, type Versioned, type VersionedLeaf } from './join';
import { fieldOfOrder, sayTheSame, type AnyRecord } from './leaves';
import { knows, knownTogether, later, NEVER, type Stamp } from './stamp';
import { addToGroup } from '../../units/group-by';
import { itemAt } from '../../units/item-at';
import { fromKeys } from '../../units/keys';

export type Tables = Readonly<Record<TableName, readonly AnyRecord[]>>;

/** One of two ledgers that are brought together. */
export interface Side {
  readonly tables: Tables;
  readonly history: Histories;
}

export type Which = 'here' | 'there';

/** The leaf that stands for a record's being there at all. */
export const BEING_THERE = '/';

/** Something that both sides changed, neither knowing of the other. The later one stands unless the sewist says otherwise. */
export interface Conflict {
  readonly key: string;
  readonly table: TableName;
  readonly id: string;
  /** Field, `field/ID` of a thing in it, or `BEING_THERE`: removed on one side, changed on the other. */
  readonly leaf: string;
  readonly here: unknown;
  readonly there: unknown;
  /** Which stands unless the sewist says otherwise: the later one. */
  readonly stands: Which;
  /** Nobody noted when either was written: which is the later is not known. */
  readonly undated: boolean;
}

export interface Merged {
  readonly tables: Tables;
  readonly history: Histories;
  readonly conflicts: readonly Conflict[];
  /** Removed on one side, and back because a record of the other side is nothing without them. */
  readonly returned: readonly { readonly table: TableName; readonly id: string }[];
}

interface Joined extends Versioned {
  readonly table: TableName;
  readonly id: string;
  /** Whether it is there, by what is noted of the record itself. */
  readonly there: boolean;
}

/**
 * Two ledgers brought together, record by record and field by field: what only one side changed is taken from there, what both changed
 * from the later one, and told. What one side removed is gone, unless it was changed after that, or something that is there is
 * nothing without it. It does not matter which ledger is which, nor in which order several are brought together, and a second time
 * changes nothing. (Textbook: each leaf keeps its last writer; joins of such form a lattice.)
 *
 * @param choices answers to conflicts, by their keys
 * @param fresh the stamp of now: what the sewist chose is written with it
 */
export function mergeLedgers(here: Side, there: Side, choices: ReadonlyMap<string, Which>, fresh: Stamp): Merged {
  const conflicts: Conflict[] = [];
  const joined = new Map<string, Joined>();
  for (const table of TABLE_NAMES)
    for (const [id, [a, b]] of pairs(table, here, there))
      joined.set(historyKey(table, id), joinPair(table, id, a, b, { here, there, choices, fresh, conflicts }));
  const returned = bringBackNeeded(joined);

  const tables = fromKeys(TABLE_NAMES, (): AnyRecord[] => []);
  const records = new Map<string, RecordHistory>();
  for (const [key, { table, record, history, there: isThere }] of joined) {
    const stands = (isThere || returned.has(key)) && record !== undefined;
    if (stands) tables[table].push(record);
    if (!history) continue;
    const last = stands || table === 'pictures' ? undefined : record;
    records.set(key, equal(history.last, last) ? history : tidyHistory({ ...history, last: last && { ...last } }));
  }
  return {
    tables,
    history: { known: knownTogether(here.history.known, there.history.known), records },
    conflicts,
    returned: [...returned].map((key) => joined.get(key)!).map(({ table, id }) => ({ table, id })),
  };
}

/** What each side tells of every record of a table that either knows. */
export function pairs(table: TableName, here: Side, there: Side): Map<string, [Versioned, Versioned]> {
  const found = new Map<string, [Versioned, Versioned]>();
  const nothing: Versioned = { record: undefined, history: undefined };
  const at = (id: string) => {
    const pair = found.get(id) ?? [nothing, nothing];
    if (!found.has(id)) found.set(id, pair);
    return pair;
  };
  for (const [i, side] of [here, there].entries()) {
    for (const record of side.tables[table]) at(record.id)[i] = { record, history: side.history.records.get(historyKey(table, record.id)) };
    for (const history of side.history.records.values())
      if (history.table === table && !itemAt(at(history.id), i).record) at(history.id)[i] = { record: lastOf(table, history), history };
  }
  return found;
}

/** What a removed record held, where it is still known and still has its shape. */
function lastOf(table: TableName, { last }: RecordHistory): MaybeRecord {
  if (!last) return undefined;
  const parsed = TABLES[table].safeParse(last);
  return parsed.success ? parsed.data : undefined;
}

/** Whether what is known of a record is that it is there. */
export const isThere = ({ record, history }: Versioned) => record !== undefined && (!history?.removed || newestOf(history) > history.removed);

interface Merging {
  readonly here: Side;
  readonly there: Side;
  readonly choices: ReadonlyMap<string, Which>;
  readonly fresh: Stamp;
  readonly conflicts: Conflict[];
}

function joinPair(table: TableName, id: string, a: Versioned, b: Versioned, { here, there, choices, fresh, conflicts }: Merging): Joined {
  const at = { table, id };
  // Nearly every record of two ledgers is the same in both.
  if (a.record && b.record && sayTheSame(table, a.record, b.record) && equal(a.history, b.history)) return { ...at, ...a, there: isThere(a) };
  /** What the sewist chose of what both wrote; undefined where nobody need choose, or the later one will do. */
  const asked = (leaf: string, hereSays: VersionedLeaf, thereSays: VersionedLeaf, stands: Which): Which | undefined => {
    const apart =
      hereSays.stamp === thereSays.stamp
        ? hereSays.stamp === NEVER
        : !knows(here.history.known, thereSays.stamp) && !knows(there.history.known, hereSays.stamp);
    if (!apart) return undefined;
    const key = `${historyKey(table, id)}#${leaf}`;
    conflicts.push({
      key,
      table,
      id,
      leaf,
      here: hereSays.value,
      there: thereSays.value,
      stands,
      undated: hereSays.stamp === NEVER && thereSays.stamp === NEVER,
    });
    return choices.get(key);
  };
  const aThere = isThere(a);
  const bThere = isThere(b);
  const { record, history } = join(at, a, b, (leaf, hereSays, thereSays) => {
    const won = newer(table, hereSays, thereSays);
    if (sayTheSame(table, hereSays.value, thereSays.value) || !aThere || !bThere || fieldOfOrder(leaf) !== undefined) return won;
    const chosen = asked(leaf, hereSays, thereSays, won === hereSays ? 'here' : 'there');
    if (!chosen) return won;
    return { value: (chosen === 'here' ? hereSays : thereSays).value, stamp: fresh };
  });
  const result: Joined = { ...at, record, history, there: isThere({ record, history }) };
  if (aThere === bThere) return result;
  const [living, gone] = aThere ? [a, b] : [b, a];
  if (!gone.history?.removed) return result;
  const beingThere: VersionedLeaf = { value: living.record, stamp: newestOf(living.history) };
  const removal: VersionedLeaf = { value: undefined, stamp: gone.history.removed };
  const stands = result.there === aThere ? 'here' : 'there';
  const chosen = asked(BEING_THERE, aThere ? beingThere : removal, aThere ? removal : beingThere, stands);
  if (!chosen || !history) return result;
  return (chosen === 'here') === aThere
    ? { ...result, history: { ...history, fields: { ...history.fields, [BEING_THERE]: fresh } }, there: true }
    : { ...result, history: { ...history, removed: fresh }, there: false };
}

/**
 * Which removed records are there all the same: what a record that is there is nothing without, and what went in the same act with one
 * that is back (the wears of a garment).
 */
function bringBackNeeded(joined: ReadonlyMap<string, Joined>): ReadonlySet<string> {
  const returned = new Set<string>();
  const needs = ({ table, record }: Joined) => referencesOf(table, record as never).map(([other, id]) => historyKey(other, id));
  /** Of each removed record that went in an act, what else went in it because of it. */
  const wentWith = new Map<string, Joined[]>();
  for (const one of joined.values()) {
    if (one.there || !one.record) continue;
    for (const needed of needs(one)) {
      const { all = NEVER, back = NEVER, removed = NEVER } = joined.get(needed)?.history ?? {};
      // Made anew or brought back after it had been removed, it was so by one who knew what had gone with it.
      if (removed !== one.history?.removed || later(all, back) > removed) continue;
      addToGroup(wentWith, needed, one);
    }
  }
  const waiting = [...joined.values()].filter((one) => one.there);
  for (let one = waiting.pop(); one; one = waiting.pop()) {
    const back = [...needs(one).map((key) => joined.get(key)), ...(wentWith.get(historyKey(one.table, one.id)) ?? [])];
    for (const other of back) {
      if (!other?.record || other.there) continue;
      const key = historyKey(other.table, other.id);
      if (returned.has(key)) continue;
      returned.add(key);
      waiting.push(other);
    }
  }
  return returned;
}
