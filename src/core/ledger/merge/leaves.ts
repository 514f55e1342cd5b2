import equal from 'fast-deep-equal';
import type { z } from 'zod';
import { TABLES } from '../../records/ledger';
import { TABLE_NAMES, type TableName } from '../../records/table-names';

/** A record of any table. */
export interface AnyRecord {
  readonly id: string;
}

/**
 * What a record is made of for a merge: its fields by name, but each fit note, verdict or other thing with an id by itself
 * (`fitNotes/ID`), and the order of such things (`fitNotes/`). Two devices may each add a note to one make.
 */
export type Leaves = ReadonlyMap<string, unknown>;

/** The only leaf of a picture: its facts are of little use without its bytes, so it goes as a whole. */
const WHOLE = '';

const defOf = (shape: z.ZodType) =>
  (shape._zod as unknown as { def: { type: string; innerType?: z.ZodType; element?: z.ZodType; shape?: Record<string, z.ZodType> } }).def;

/** Whether a shape is a list of things that each have an id, whatever wraps it. */
function isListOfThings(shape: z.ZodType): boolean {
  const { innerType, element } = defOf(shape);
  if (innerType) return isListOfThings(innerType);
  const id = element && defOf(element).shape?.['id'];
  return id !== undefined && !id.safeParse(undefined).success;
}

/** By the shapes: which fields of a table are lists of things with ids. */
const LISTS = Object.fromEntries(
  TABLE_NAMES.map((table) => [
    table,
    new Set(Object.entries<z.ZodType>(TABLES[table].shape).flatMap(([name, shape]) => (isListOfThings(shape) ? [name] : []))),
  ]),
) as unknown as Record<TableName, ReadonlySet<string>>;

const orderLeaf = (field: string) => `${field}/`;

/** The field whose order a leaf tells; undefined for other leaves. */
export function fieldOfOrder(leaf: string): string | undefined {
  return leaf !== WHOLE && leaf.indexOf('/') === leaf.length - 1 ? leaf.slice(0, -1) : undefined;
}

/** The order that a leaf of orders holds; undefined where it holds none. */
export const orderIn = (leaf: unknown): string[] | undefined => (Array.isArray(leaf) ? leaf.map(String) : undefined);

/** Keys of things in a list: their ids, told apart where a damaged ledger has one twice. */
function keysOf(things: readonly AnyRecord[]): string[] {
  const seen = new Map<string, number>();
  return things.map(({ id }) => {
    const times = seen.get(id) ?? 0;
    seen.set(id, times + 1);
    return times === 0 ? id : `${id} ${times}`;
  });
}

/**
 * @param orders orders that were told apart from the lists as they stand: where two lists were joined, whose order counts is not to be seen
 *   from the joined one
 */
export function leavesOf(table: TableName, record: AnyRecord, orders: Readonly<Record<string, readonly string[]>> = {}): Leaves {
  if (table === 'pictures') return new Map([[WHOLE, record]]);
  const leaves = new Map<string, unknown>();
  for (const [field, value] of Object.entries(record)) {
    if (field === 'id' || value === undefined) continue;
    if (!LISTS[table].has(field)) {
      leaves.set(field, value);
      continue;
    }
    const things = value as readonly AnyRecord[];
    const keys = keysOf(things);
    leaves.set(orderLeaf(field), orders[field] ?? keys);
    keys.forEach((key, i) => leaves.set(`${orderLeaf(field)}${key}`, things[i]));
  }
  return leaves;
}

/** The record again: things stand as their order has them, and those it does not name after them by their ids. */
export function recordOf(table: TableName, id: string, leaves: Leaves): AnyRecord {
  if (table === 'pictures') return leaves.get(WHOLE) as AnyRecord;
  const record: Record<string, unknown> & { id: string } = { id };
  const things = new Map<string, Map<string, unknown>>();
  for (const [leaf, value] of leaves) {
    const slash = leaf.indexOf('/');
    const field = slash < 0 ? leaf : leaf.slice(0, slash);
    const key = leaf.slice(field.length + 1);
    if (value === undefined) continue;
    if (slash < 0) record[field] = value;
    else if (key !== '') things.set(field, (things.get(field) ?? new Map<string, unknown>()).set(key, value));
  }
  for (const field of LISTS[table]) {
    const order = orderIn(leaves.get(orderLeaf(field)));
    const of = things.get(field) ?? new Map<string, unknown>();
    if (order === undefined && of.size === 0) continue;
    const named = (order ?? []).filter((key) => of.has(key));
    const rest = [...of.keys()].filter((key) => !named.includes(key)).sort();
    record[field] = [...named, ...rest].map((key) => of.get(key));
  }
  return record;
}

/** What is known of a picture wherever its bytes lie. */
export function pictureFacts(picture: AnyRecord): object {
  const { id, makeId, fabricId, patternId, planId, personId, noteId, side, place, type, measured } = picture as unknown as Record<string, unknown>;
  return { id, makeId, fabricId, patternId, planId, personId, noteId, side, place, type, measured };
}

/** Whether two records of a table, or two leaves of them, say the same; pictures by what is known of them. */
export function sayTheSame(table: TableName, a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (table !== 'pictures' || a === undefined || b === undefined) return equal(a, b);
  return equal(pictureFacts(a as AnyRecord), pictureFacts(b as AnyRecord));
}
