import { orderIn, pictureFacts, fieldOfOrder, leavesOf, recordOf, sayTheSame, type AnyRecord } from './leaves';
import { stampAt, tidyHistory, type MaybeRecord, type RecordHistory } from './history';
import { later, NEVER, type Stamp } from './stamp';
import equal from 'fast-deep-equal';
import type { TableName } from '../../records/table-names';

/** A record as one ledger has it, or had it before it was removed there, with what is noted of it. */
export interface Versioned {
  readonly record: MaybeRecord;
  readonly history: RecordHistory | undefined;
}

/** A leaf as one ledger tells it. */
export interface VersionedLeaf {
  readonly value: unknown;
  readonly stamp: Stamp;
}

/** Text that is the same for the same value, whatever the order in which its parts were written. */
function textOf(table: TableName, value: unknown): string {
  const facts = table === 'pictures' && value !== undefined ? pictureFacts(value as AnyRecord) : value;
  const sorted = (_: string, part: unknown): unknown =>
    typeof part === 'object' && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part;
  return JSON.stringify(facts, sorted) ?? '';
}

/** The leaf written last. Where neither was, a rule that does not ask whose it is: the one whose text sorts later. */
export function newer(table: TableName, a: VersionedLeaf, b: VersionedLeaf): VersionedLeaf {
  if (a.stamp !== b.stamp) return a.stamp > b.stamp ? a : b;
  return textOf(table, a.value) >= textOf(table, b.value) ? a : b;
}

/** One record of what two ledgers tell of it, leaf by leaf as `pick` says; a side that holds nothing of it is only asked when it was removed. */
export function join(
  at: { readonly table: TableName; readonly id: string },
  a: Versioned,
  b: Versioned,
  pick: (leaf: string, a: VersionedLeaf, b: VersionedLeaf) => VersionedLeaf,
): Versioned {
  const { table, id } = at;
  const removed = later(a.history?.removed ?? NEVER, b.history?.removed ?? NEVER);
  const back = later(a.history?.back ?? NEVER, b.history?.back ?? NEVER);
  if (!a.record || !b.record) {
    const { record, history } = a.record ? a : b;
    return { record, history: orNothing(tidyHistory({ table, id, ...(record ? history : {}), removed, back })) };
  }
  const leavesA = leavesOf(table, a.record, a.history?.orders);
  const leavesB = leavesOf(table, b.record, b.history?.orders);
  const all = later(a.history?.all ?? NEVER, b.history?.all ?? NEVER);
  const leaves = new Map<string, unknown>();
  const fields: Record<string, Stamp> = {};
  const names = [leavesA, leavesB].flatMap((l) => [...l.keys()]);
  // What was taken out of a record has no value any more, but when that was is noted.
  const takenOut = [a.history, b.history].flatMap((h) => Object.keys(h?.fields ?? {}));
  for (const leaf of new Set([...names, ...takenOut])) {
    const { value, stamp } = pick(
      leaf,
      { value: leavesA.get(leaf), stamp: stampAt(a.history, leaf) },
      { value: leavesB.get(leaf), stamp: stampAt(b.history, leaf) },
    );
    leaves.set(leaf, value);
    if (stamp !== all) fields[leaf] = stamp;
  }
  const record = recordOf(table, id, leaves);
  const stands = leavesOf(table, record);
  const orders: Record<string, string[]> = {};
  for (const [leaf, value] of leaves) {
    const list = fieldOfOrder(leaf);
    const order = list === undefined ? undefined : orderIn(value);
    if (list !== undefined && order !== undefined && !equal(order, stands.get(leaf))) orders[list] = order;
  }
  return { record: same(table, record, a.record, b.record), history: orNothing(tidyHistory({ table, id, all, fields, orders, removed, back })) };
}

/** A history that names nothing says nothing: the record was never written since such notes are kept. */
function orNothing(history: RecordHistory): RecordHistory | undefined {
  return Object.keys(history).length > 2 ? history : undefined;
}

/** The very record of a side where it says the same: what did not change is not written again. */
function same(table: TableName, record: AnyRecord, a: AnyRecord, b: AnyRecord): AnyRecord {
  return sayTheSame(table, record, a) ? a : sayTheSame(table, record, b) ? b : record;
}
