import type { z } from 'zod';
import { carriedOver } from '../core/ledger/carry-over';
import { referencesOf } from '../core/ledger/references';
import { TABLE_NAMES, TABLE_WORDS, type TableName } from '../core/records/table-names';
import { firstOf } from '../core/units/item-at';
import type { unfitWords } from '../core/ledger/unfit';
import { actsOf } from './acts';
import { removesAny, type Change, type JournalEntry, type LedgerDatabase, type Stored } from './database';
import { keepWhole } from './keep-whole';
import { changeSettings, readSettings, type Settings } from './settings';
import { forgetOld, HISTORY_TABLES, noteChanges, putBack, takeHistories, type Brought, type Note } from './histories';

/** Days for which acts can be taken back, and what was removed can be brought back. */
const KEPT_DAYS = 30;
const DAY = 86_400_000;

/**
 * A record to write, an edit of one, or one to remove. An edit says what the record was when it was edited and what it became: only
 * what differs is written, down to one measure or one note, so that two edits in quick succession, or in two tabs, do not undo each other. An act that reckons
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

/** The write that puts a record into its table: the pair is of one table, which a list of records of all tables cannot say in its type. */
export const putOf = ({ table, record }: { readonly table: TableName; readonly record: { readonly id: string } }): Write =>
  ({ table, put: record }) as Write;

const tablesOf = (database: LedgerDatabase) => [...TABLE_NAMES, ...HISTORY_TABLES, 'journal', 'settings'].map((t) => database.table(t));

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
      // A whole ledger that comes into an empty one asks for none of its records. To count them all would take longer with each that is there.
      if ((await this.#database.table(table).limit(1).primaryKeys()).length === 0) continue;
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

/**
 * A change as the journal keeps it: a picture that is there after it need not lie there twice. Its bytes are taken into the journal when the
 * act that brought it is taken back, and only then.
 */
function withoutBytes(change: Change): Change {
  if (change.table !== 'pictures' || !change.after) return change;
  const { before, after } = change as { before?: Stored['pictures']; after: Stored['pictures'] };
  return { ...change, ...(before ? { before: factsOf(before) } : {}), after: factsOf(after) };
}

function factsOf({ blob: _, small: __, ...facts }: Stored['pictures']): Stored['pictures'] {
  return facts as Stored['pictures'];
}

/** What a record is to become; undefined where it is removed, or was removed meanwhile. */
function wantedOf(w: Write, now: Change['before']): Change['after'] {
  if ('remove' in w) return undefined;
  if ('put' in w) return w.put;
  // The table of the record and of the edit are one: the type of a write says so, and a lookup loses it.
  if ('edit' in w) return now && (w.edit as (now: NonNullable<Change['before']>) => NonNullable<Change['after']>)(now);
  // A record that is gone is not brought back by an edit.
  return now && (carriedOver(now, w.from, w.to) as typeof now);
}

interface Shapes {
  readonly TABLES: Record<TableName, z.ZodType>;
  readonly unfitWords: typeof unfitWords;
  readonly noted: Note;
}

let loading: Promise<Shapes> | undefined;

/**
 * The shapes, loaded after the first screen, or with the first write where that comes sooner, and before its transaction, which would not
 * wait for them. Loaded early, they are there when a newer app has taken the place of this one's parts on the server. Every write waits for the same
 * promise, so that acts are written in the order in which they were done; a load that failed is tried again with the next.
 */
export function loadShapes(): NonNullable<typeof loading> {
  loading ??= Promise.all([import('../core/records/ledger'), import('../core/ledger/merge/history'), import('../core/ledger/unfit')]).then(
    ([{ TABLES }, { noted }, { unfitWords }]) => ({ TABLES, noted, unfitWords }),
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
export function write(database: LedgerDatabase, label: string, writes: readonly Write[], now = Date.now()): Promise<void> {
  return writeReckoned(database, label, () => Promise.resolve({ writes }), now);
}

/** What an act writes: records, what another ledger noted of them, and what is chosen with it on this machine. */
export interface Reckoned {
  readonly writes: readonly Write[];
  readonly brought?: Brought;
  readonly settings?: Partial<Settings>;
  /** Where all records were read by their shapes just before, out of a file: they are not checked twice. */
  readonly checked?: true;
}

/**
 * The same for what can only be worked out from the ledger as it stands when it is written.
 *
 * @param reckon asked within the transaction: it may wait for the database and for nothing else
 */
export async function writeReckoned(database: LedgerDatabase, label: string, reckon: () => Promise<Reckoned>, now = Date.now()): Promise<void> {
  const { TABLES, noted, unfitWords } = await loadShapes();
  const checked = (table: TableName, record: Stored[TableName]) => {
    // A stored picture holds a blob where its shape has text.
    if (table === 'pictures') return record;
    const parsed = TABLES[table].safeParse(record);
    if (!parsed.success) throw new Error(unfitWords(table, firstOf(parsed.error.issues)));
    return parsed.data as typeof record;
  };
  await database.transaction('rw', tablesOf(database), async () => {
    const { writes, brought, settings, checked: areChecked } = await reckon();
    const standing = new Standing(database);
    await standing.read(writes.map((w) => ({ table: w.table, id: idOf(w) })));
    const changes = writes.map((w): Change => {
      const { table } = w;
      const id = idOf(w);
      const before = standing.get(table, id);
      const wanted = wantedOf(w, before);
      const after = wanted && (areChecked ? wanted : checked(table, wanted));
      standing.set(table, id, after);
      return { table, id, ...(before ? { before } : {}), ...(after ? { after } : {}) };
    });
    await standing.store();
    await keepWhole(database, changes);
    if (settings) await changeSettings(database, settings);
    const kept = brought ? { noted: await takeHistories(database, brought) } : await noteChanges(database, changes, noted, now);
    await database.journal.where('undone').equals(1).delete();
    const removes: Pick<JournalEntry, 'removes'> = removesAny(changes) ? { removes: 1 } : {};
    await database.journal.add({ label, at: now, changes: changes.map(withoutBytes), undone: 0, ...removes, ...kept });
  });
}

const isEdit = (c: Change) => c.before !== undefined && c.after !== undefined;

/** The change that takes another back. */
const backwards = ({ table, id, before, after }: Change) =>
  ({ table, id, ...(after ? { before: after } : {}), ...(before ? { after: before } : {}) }) as Change;

/** Changes with the bytes of pictures that the journal left where they lie: those that are about to go, and those that are to be written. */
async function withBytes(database: LedgerDatabase, changes: readonly Change[]): Promise<readonly Change[]> {
  const without = (record: Change['after']) => record !== undefined && !('blob' in record);
  const ids = changes.filter((c) => c.table === 'pictures' && (without(c.before) || without(c.after))).map((c) => c.id);
  if (ids.length === 0) return changes;
  const here = new Map((await database.pictures.bulkGet(ids)).flatMap((p) => (p ? [[p.id, p] as const] : [])));
  return changes.map((c) => {
    const picture = c.table === 'pictures' ? here.get(c.id) : undefined;
    if (!picture) return c;
    const { blob, small } = picture;
    const whole = (record: Change['after']) => (record && without(record) ? { ...record, blob, ...(small ? { small } : {}) } : record);
    return { ...c, ...(c.before ? { before: whole(c.before) } : {}), ...(c.after ? { after: whole(c.after) } : {}) };
  });
}

async function turn(database: LedgerDatabase, direction: 'undo' | 'redo'): Promise<string | undefined> {
  const { noted } = await loadShapes();
  return database.transaction('rw', tablesOf(database), async () => {
    const open = database.journal.where('undone').equals(direction === 'undo' ? 0 : 1);
    const entry = direction === 'undo' ? await open.last() : await open.first();
    if (!entry) return undefined;
    const changes = await withBytes(database, entry.changes);
    const turned = direction === 'undo' ? [...changes].reverse().map(backwards) : changes;
    const standing = new Standing(database);
    for (const { table, id, after } of turned) standing.set(table, id, after);
    await standing.store();
    if (entry.noted) await putBack(database, entry.noted.keys, direction === 'undo' ? entry.noted.before : entry.noted.after);
    else await noteChanges(database, turned, noted, Date.now());
    // What goes by this is kept with its bytes; what comes by it, or stays, lies in the ledger.
    const kept = changes.map((c) => (direction === 'undo' && !isEdit(c) ? c : withoutBytes(c)));
    await database.journal.update(entry.seq, { undone: direction === 'undo' ? 1 : 0, changes: kept });
    await changeSettings(database, { turns: (await readSettings(database)).turns + 1 });
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

/**
 * Lets go of acts older than thirty days: what was removed then is gone for good. A clock that is wrong for once costs nothing: what goes
 * must be so old by this start's clock and by the last one's, the order is that of the acts and not of their times, and a day's worth goes
 * at most.
 *
 * @param now milliseconds, at a start of the app
 */
export async function emptyOld(database: LedgerDatabase, now: number): Promise<void> {
  await database.transaction('rw', database.journal, database.histories, database.settings, async () => {
    const { startedAt } = await readSettings(database);
    await changeSettings(database, { startedAt: now });
    if (startedAt === undefined) return;
    const before = Math.min(now, startedAt) - KEPT_DAYS * DAY;
    const acts = await actsOf(database);
    const [oldest, newest] = [acts[0], acts.at(-1)];
    if (oldest && newest && (oldest.at <= before || oldest.at > now)) {
      // Written under a clock that was ahead, an act is no younger than the last of all.
      const atMost = Math.min(before, Math.min(oldest.at, newest.at) + DAY);
      const stays = acts.find(({ at }) => Math.min(at, newest.at) > atMost);
      await (stays ? database.journal.where('seq').below(stays.seq) : database.journal.toCollection()).delete();
    }
    await forgetOld(database, before, DAY);
  });
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

/** Acts that removed something and stand, the latest first. */
async function removing(database: LedgerDatabase): Promise<JournalEntry[]> {
  return (await database.journal.where('removes').equals(1).reverse().sortBy('seq')).filter(({ undone }) => undone === 0);
}

/** Acts of the last thirty days that removed something, the latest first; what came back since is left out. */
export async function removals(database: LedgerDatabase): Promise<Removal[]> {
  const found: Removal[] = [];
  for (const entry of await removing(database)) {
    const records = (await stillGone(database, entry)).length;
    if (records > 0) found.push({ seq: entry.seq, label: entry.label, at: entry.at, records });
  }
  return found;
}

/** What records speak of that is gone as well, and what that speaks of, as it was when it was removed. */
async function goneWith(database: LedgerDatabase, records: readonly Removed[]): Promise<Removed[]> {
  const found = new Map(records.map((r) => [`${r.table} ${r.before.id}`, r]));
  const open = [...records];
  let removedBy: readonly JournalEntry[] | undefined;
  for (let next = open.pop(); next; next = open.pop())
    for (const [table, id] of referencesOf(next.table, next.before)) {
      if (found.has(`${table} ${id}`) || (await database.table(table).get(id)) !== undefined) continue;
      removedBy ??= await removing(database);
      const before = removedBy.flatMap(({ changes }) => changes.find((c) => c.table === table && c.id === id && !c.after)?.before ?? [])[0];
      if (!before) throw new Error(`it speaks of something that is no longer kept (one of the ${TABLE_WORDS[table]})`);
      found.set(`${table} ${id}`, { table, before });
      open.push({ table, before });
    }
  return [...found.values()];
}

/**
 * Brings back what an act removed, whatever happened since, with what it needs that was removed too; what the act changed beside it (an
 * outfit that lost a garment, fabric that went back in the stash) is turned back as far as it is still there. An act of its own, which can
 * be undone.
 *
 * @returns the words of the act; undefined where nothing of it is gone
 * @throws with a sentence where something that is needed is no longer kept
 */
export async function bringBack(database: LedgerDatabase, seq: number): Promise<string | undefined> {
  const entry = await database.journal.get(seq);
  if (!entry) return undefined;
  const gone = await stillGone(database, entry);
  if (gone.length === 0) return undefined;
  const back = await goneWith(database, gone);
  const beside = entry.changes.flatMap((c) =>
    c.before && c.after && c.table !== 'pictures' ? [{ ...c, from: c.after, to: c.before } as Write] : [],
  );
  await write(database, `brought back: ${entry.label}`, [...back.map(({ table, before }) => putOf({ table, record: before })), ...beside]);
  return entry.label;
}
