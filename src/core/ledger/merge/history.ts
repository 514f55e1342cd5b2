import { z } from 'zod';
import { Id } from '../../records/shapes';
import { TABLE_NAMES, type TableName } from '../../records/table-names';
import { historyKey } from './history-key';
import { orderIn, fieldOfOrder, leavesOf, sayTheSame, type AnyRecord } from './leaves';
import { deviceOf, isStamp, later, NEVER, type Known, type Stamp } from './stamp';

const StampShape = z.string().refine(isStamp, 'not a stamp');

/** When a record was written, leaf by leaf: what a merge goes by. A record without one was never written since such notes are kept. */
export const RecordHistory = z.strictObject({
  table: z.enum(TABLE_NAMES),
  id: Id,
  /** The stamp of every leaf that is not named in `fields`. */
  all: StampShape.optional(),
  fields: z.record(z.string().max(200), StampShape).optional(),
  /** The order of a list with ids as it was when its stamp was set; without, the list as it stands. */
  orders: z.record(z.string().max(60), z.array(z.string().max(80)).max(10_000)).optional(),
  /** When it was removed, if ever; it is there again where anything was written later. */
  removed: StampShape.optional(),
  /** When it was brought back as it was, if ever: it is there again, and none of its fields was written by that. */
  back: StampShape.optional(),
  /** What a removed record held, kept for a time: what another device has come to need comes back whole. Never of pictures. */
  last: z.looseObject({ id: Id }).optional(),
});
export type RecordHistory = z.infer<typeof RecordHistory>;

/** The history of a ledger as it stands in its file. */
export interface History {
  /** The last stamp known of each device. */
  readonly known: readonly Stamp[];
  readonly records: readonly RecordHistory[];
}

/** More devices than anybody has: a list without end would be written on into every file. */
const MOST_DEVICES = 10_000;

/**
 * The history that stands in a file. What is not in order in it is left out: it tells of the records and is none of them, and the most that
 * is lost is that a merge has to ask.
 *
 * @returns the history, and how much was left out
 */
export function historyIn(value: unknown): { readonly history: History; readonly leftOut: number } {
  const { known, records } = value === undefined ? NO_HISTORY : { known: [], records: [], ...(typeof value === 'object' ? value : {}) };
  const list = (of: unknown): readonly unknown[] => (Array.isArray(of) ? of : []);
  const stamps = list(known)
    .filter((s): s is Stamp => typeof s === 'string' && isStamp(s))
    .slice(0, MOST_DEVICES);
  const read = list(records).flatMap((r) => RecordHistory.safeParse(r).data ?? []);
  return { history: { known: stamps, records: read }, leftOut: list(known).length - stamps.length + list(records).length - read.length };
}

/** Of a ledger in which nothing was written since such notes are kept. */
export const NO_HISTORY: History = { known: [], records: [] };

/** The same to be looked things up in. */
export interface Histories {
  readonly known: Known;
  /** By `historyKey`. */
  readonly records: ReadonlyMap<string, RecordHistory>;
}

export function historiesOf({ known, records }: History): Histories {
  return { known: new Map(known.map((stamp) => [deviceOf(stamp), stamp])), records: new Map(records.map((r) => [historyKey(r.table, r.id), r])) };
}

export function stampAt(history: RecordHistory | undefined, leaf: string): Stamp {
  return history?.fields?.[leaf] ?? history?.all ?? NEVER;
}

/** When a record was last written, or brought back. */
export function newestOf(history: RecordHistory | undefined): Stamp {
  return Object.values(history?.fields ?? {}).reduce(later, later(history?.all ?? NEVER, history?.back ?? NEVER));
}

/** A history without what is empty in it, so that equal ones are equal. */
export function tidyHistory({ table, id, all, fields, orders, removed, back, last }: RecordHistory): RecordHistory {
  const some = <T extends object>(of: T | undefined) => of && Object.keys(of).length > 0;
  return {
    table,
    id,
    ...(all ? { all } : {}),
    ...(some(fields) ? { fields } : {}),
    ...(some(orders) ? { orders } : {}),
    ...(removed ? { removed } : {}),
    ...(back ? { back } : {}),
    ...(last ? { last } : {}),
  };
}

/** A record as it was or is: absent before it was made and after it was removed. */
export type MaybeRecord = AnyRecord | undefined;

/** The history of a record after it was written, changed or removed at `stamp`. */
export function noted(
  at: { readonly table: TableName; readonly id: string },
  history: RecordHistory | undefined,
  before: MaybeRecord,
  after: MaybeRecord,
  stamp: Stamp,
): RecordHistory | undefined {
  const { table, id } = at;
  const { all, fields, orders, removed, back } = history ?? {};
  if (!after) {
    if (!before) return history;
    return tidyHistory({ table, id, all, fields, orders, removed: stamp, back, ...(table === 'pictures' ? {} : { last: { ...before } }) });
  }
  if (!before) {
    // What comes back as it was, by undo or from what was removed, is there again; its fields were written when they were. Of a picture
    // nothing is kept to compare, and it never comes back but as it was.
    const was = removed === undefined ? undefined : table === 'pictures' ? after : history?.last;
    if (!was) return tidyHistory({ table, id, all: stamp, removed });
    const again = noted(at, { ...history, table, id }, was, after, stamp);
    return tidyHistory({ ...again, table, id, back: stamp, last: undefined });
  }
  const was = leavesOf(table, before);
  const is = leavesOf(table, after);
  const stamps = { ...fields };
  const orderings = { ...orders };
  for (const leaf of new Set([...was.keys(), ...is.keys()])) {
    if (sayTheSame(table, was.get(leaf), is.get(leaf))) continue;
    stamps[leaf] = stamp;
    const list = fieldOfOrder(leaf);
    const order = list === undefined ? undefined : orderIn(is.get(leaf));
    if (list !== undefined && order) orderings[list] = order;
    else if (list !== undefined) delete orderings[list];
  }
  return tidyHistory({ table, id, all, fields: stamps, orders: orderings, removed, back });
}
