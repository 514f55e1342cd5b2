import type { z } from 'zod';
import { TABLE_NAMES, type TableName } from '../core/records/table-names';
import type { Change, JournalEntry, LedgerDatabase, Stored } from './database';

/** Days for which acts can be taken back, and what was removed can be brought back. */
const KEPT_DAYS = 30;
const DAY = 86_400_000;

/**
 * A record to write, an edit of one, or one to remove. An edit says what the record was when it was edited and what it became: only
 * the fields that differ are written, so that two edits in quick succession, or in two tabs, do not undo each other. An act that reckons
 * with what the record holds (a wash, one more verdict) says how: it is worked out from the record as it stands when it is written.
 */
export type Write =
  | {
      [T in TableName]:
        | { readonly table: T; readonly put: Stored[T] }
        | { readonly table: T; readonly from: Stored[T]; readonly to: Stored[T] }
        | { readonly table: T; readonly id: string; readonly edit: (now: Stored[T]) => Stored[T] };
    }[TableName]
  | { readonly table: TableName; readonly remove: string };

const tablesOf = (database: LedgerDatabase) => [...TABLE_NAMES.map((t) => database.table(t)), database.journal];

/** The record as it stands with the fields of an edit in it; a record that is gone is not brought back by an edit. */
function edited<T extends object>(now: T | undefined, from: T, to: T): T | undefined {
  if (!now) return undefined;
  const fields = new Set([...Object.keys(from), ...Object.keys(to)] as (keyof T)[]);
  const result = { ...now };
  for (const field of fields) {
    if (from[field] === to[field]) continue;
    if (to[field] === undefined) delete result[field];
    else result[field] = to[field];
  }
  return result;
}

const idOf = (w: Write): string => ('remove' in w ? w.remove : 'put' in w ? w.put.id : 'edit' in w ? w.id : w.to.id);

type AnyRecord = Change['after'];

/** Records of an act as they stand while it is worked out: read and stored by the table, since an act may be a whole ledger. */
class Standing {
  readonly #database: LedgerDatabase;
  readonly #tables = new Map<TableName, Map<string, AnyRecord>>();

  constructor(database: LedgerDatabase) {
    this.#database = database;
  }

  async read(records: readonly { readonly table: TableName; readonly id: string }[]): Promise<void> {
    for (const { table, id } of records) this.set(table, id, undefined);
    for (const [table, of] of this.#tables) {
      const ids = [...of.keys()];
      const found = (await this.#database.table(table).bulkGet(ids)) as AnyRecord[];
      ids.forEach((id, i) => of.set(id, found[i]));
    }
  }

  get(table: TableName, id: string): AnyRecord {
    return this.#tables.get(table)?.get(id);
  }

  set(table: TableName, id: string, record: AnyRecord): void {
    const of = this.#tables.get(table) ?? new Map<string, AnyRecord>();
    this.#tables.set(table, of.set(id, record));
  }

  async store(): Promise<void> {
    for (const [table, of] of this.#tables) {
      await this.#database.table(table).bulkPut([...of.values()].filter((r) => r !== undefined));
      await this.#database.table(table).bulkDelete([...of].filter(([, r]) => r === undefined).map(([id]) => id));
    }
  }
}

/** What a record is to become; undefined where it is removed, or was removed meanwhile. */
function wantedOf(w: Write, now: Change['before']): Change['after'] {
  if ('remove' in w) return undefined;
  if ('put' in w) return w.put;
  // The table of the record and of the edit are one: the type of a write says so, and a lookup loses it.
  if ('edit' in w) return now && (w.edit as (now: NonNullable<Change['before']>) => NonNullable<Change['after']>)(now);
  return edited(now, w.from, w.to);
}

let loading: Promise<Record<TableName, z.ZodType>> | undefined;

/**
 * The shapes, loaded with the first write and before its transaction, which would not wait for them. Every write waits for the same
 * promise, so that acts are written in the order in which they were done; a load that failed is tried again with the next.
 */
function loadShapes(): NonNullable<typeof loading> {
  loading ??= import('../core/records/ledger').then(
    ({ TABLES }) => TABLES,
    (error: unknown) => {
      loading = undefined;
      throw error;
    },
  );
  return loading;
}

/**
 * Writes records as one act: all of them or none, noted in the journal so that it can be undone.
 *
 * @param label what was done, as it will be read in "Undone: …"
 * @throws when a record does not have its shape; nothing is written then
 */
export async function write(database: LedgerDatabase, label: string, writes: readonly Write[], now = Date.now()): Promise<void> {
  const shapes = await loadShapes();
  // A stored picture holds a blob where its shape has text.
  const checked = (table: TableName, record: Stored[TableName]) => (table === 'pictures' ? record : (shapes[table].parse(record) as typeof record));
  await database.transaction('rw', tablesOf(database), async () => {
    const standing = new Standing(database);
    await standing.read(writes.map((w) => ({ table: w.table, id: idOf(w) })));
    const changes = writes.map((w): Change => {
      const { table } = w;
      const id = idOf(w);
      const before = standing.get(table, id);
      const wanted = wantedOf(w, before);
      const after = wanted && checked(table, wanted);
      standing.set(table, id, after);
      return { table, id, ...(before ? { before } : {}), ...(after ? { after } : {}) } as Change;
    });
    await standing.store();
    await database.journal.where('undone').equals(1).delete();
    await database.journal.add({ label, at: now, changes, undone: 0 } as Omit<JournalEntry, 'seq'> as JournalEntry);
  });
}

async function turn(database: LedgerDatabase, direction: 'undo' | 'redo'): Promise<string | undefined> {
  return database.transaction('rw', tablesOf(database), async () => {
    const open = database.journal.where('undone').equals(direction === 'undo' ? 0 : 1);
    const entry = direction === 'undo' ? await open.last() : await open.first();
    if (!entry) return undefined;
    const changes = direction === 'undo' ? [...entry.changes].reverse() : entry.changes;
    const standing = new Standing(database);
    for (const { table, id, before, after } of changes) standing.set(table, id, direction === 'undo' ? before : after);
    await standing.store();
    await database.journal.update(entry.seq, { undone: direction === 'undo' ? 1 : 0 });
    return entry.label;
  });
}

/** Takes the last act back. Returns its label, or undefined where there is nothing to take back. */
export function undo(database: LedgerDatabase): Promise<string | undefined> {
  return turn(database, 'undo');
}

/** Does the last act again that was taken back. */
export function redo(database: LedgerDatabase): Promise<string | undefined> {
  return turn(database, 'redo');
}

/** Lets go of acts older than thirty days: what was removed then is gone for good. */
export async function emptyOld(database: LedgerDatabase, now: number): Promise<void> {
  const recent = await database.journal
    .orderBy('seq')
    .filter((entry) => entry.at > now - KEPT_DAYS * DAY)
    .first();
  const old = recent ? database.journal.where('seq').below(recent.seq) : database.journal.toCollection();
  await old.delete();
}

/** An act that removed records which are still gone. */
export interface Removal {
  readonly seq: number;
  readonly label: string;
  readonly at: number;
  readonly records: number;
}

type Removed = { readonly table: TableName; readonly before: Stored[TableName] };

async function stillGone(database: LedgerDatabase, entry: JournalEntry): Promise<Removed[]> {
  const gone: Removed[] = [];
  for (const { table, id, before, after } of entry.changes)
    if (before && !after && (await database.table(table).get(id)) === undefined) gone.push({ table, before });
  return gone;
}

/** Acts of the last thirty days that removed something, the latest first; what came back since is left out. */
export async function removals(database: LedgerDatabase): Promise<Removal[]> {
  const found: Removal[] = [];
  for (const entry of await database.journal.where('undone').equals(0).reverse().sortBy('seq')) {
    const records = (await stillGone(database, entry)).length;
    if (records > 0) found.push({ seq: entry.seq, label: entry.label, at: entry.at, records });
  }
  return found;
}

/** Brings back what an act removed, whatever happened since; an act of its own, which can be undone. */
export async function bringBack(database: LedgerDatabase, seq: number): Promise<string | undefined> {
  const entry = await database.journal.get(seq);
  if (!entry) return undefined;
  const gone = await stillGone(database, entry);
  if (gone.length === 0) return undefined;
  await write(
    database,
    `brought back: ${entry.label}`,
    gone.map(({ table, before }) => ({ table, put: before }) as Write),
  );
  return entry.label;
}
