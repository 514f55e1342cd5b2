import Dexie from 'dexie';
import type { DBCore, DBCoreCursor, DBCoreIndex, DBCoreKeyRange, DBCoreQuery, DBCoreTable, DBCoreTransaction, Middleware } from 'dexie';

/**
 * Tables that grow to very many small records, each with the store of its packs. A browser takes as long over one record as over a hundred
 * in one, so those that come all at once (an archive that is read) lie many to a pack.
 */
const PACKS_OF: ReadonlyMap<string, string> = new Map([
  ['wears', 'wearPacks'],
  ['histories', 'historyPacks'],
]);

/** So many records that are put at once come into packs: fewer lie by themselves, as does whatever is changed. */
export const MANY = 1000;
/** Records in one pack. */
export const IN_ONE = 50;
/** Of so few keys each pack is looked for by itself. */
const FEW = 200;

/** A record of a table that may lie in packs, or of what is noted. */
export type Held = Readonly<Record<string, unknown>>;

/** Records by the order of their keys: no key of another pack lies between the first and the last of one. */
export interface Pack {
  readonly first: string;
  /** A JSON list: texts are read several times as fast as objects, and can be looked through without being read. */
  readonly of: string;
}

/** The records of a pack. */
export function unpacked({ of }: Pack): readonly Held[] {
  const records: readonly Held[] = JSON.parse(of);
  return records;
}

/** One pack, with the keys of all its records in the indexes that its store lists. */
const packOf = (first: string, records: readonly Held[], listed: readonly string[]): Pack => ({
  ...Object.fromEntries(listed.map((field) => [field, [...new Set(records.flatMap((record) => record[field] ?? []))]])),
  first,
  of: JSON.stringify(records),
});

/**
 * Records in packs.
 *
 * @param records in the order of their keys
 * @param key the field that is their key
 * @param listed fields by which packs are found
 */
export function inPacksOf(records: readonly Held[], inOne: number, key: string, listed: readonly string[]): Pack[] {
  const packs: Pack[] = [];
  for (let at = 0; at < records.length; at += inOne) {
    const some = records.slice(at, at + inOne);
    packs.push(packOf(String(some[0]?.[key]), some, listed));
  }
  return packs;
}

/** A record as an index holds it: under each of its keys there. */
interface Entry {
  readonly key: unknown;
  readonly primaryKey: string;
  readonly value: Held;
}

/** What a transaction does with one packed table: who changes it waits for all before, who reads it for who changes it. */
interface Turns {
  changed: Promise<unknown>;
  read: Promise<unknown>;
  /** Whether there are any packs, once that was asked. */
  packs?: Promise<boolean>;
}

const [EQUAL, RANGE, ANY, NEVER] = [1, 2, 3, 4];
const ALL: DBCoreKeyRange = { type: ANY, lower: -Infinity, upper: [[]] };

/** Bounds of ranges that are no texts: below all texts, numbers, and above them, lists. */
const rank = (key: unknown) => (typeof key === 'string' ? 1 : typeof key === 'number' ? 0 : 2);

/** The order of keys, which are all texts here: IndexedDB has those in the order in which JavaScript compares them. */
function cmp(a: unknown, b: unknown): number {
  if (typeof a !== 'string' || typeof b !== 'string') return rank(a) - rank(b);
  return a === b ? 0 : a < b ? -1 : 1;
}

function within({ type, lower, lowerOpen, upper, upperOpen }: DBCoreKeyRange, key: unknown): boolean {
  if (type === ANY) return true;
  if (type === NEVER) return false;
  const [fromLower, toUpper] = [lower === undefined ? 1 : cmp(key, lower), upper === undefined ? 1 : cmp(upper, key)];
  return (lowerOpen ? fromLower > 0 : fromLower >= 0) && (upperOpen ? toUpper > 0 : toUpper >= 0);
}

/** The keys under which an index holds a record. */
function keysIn(index: DBCoreIndex, record: Held): readonly unknown[] {
  const key: unknown = index.extractKey?.(record);
  if (index.multiEntry && Array.isArray(key)) return [...new Set<unknown>(key)];
  return key === undefined ? [] : [key];
}

/** Stands on entries that are all there, as a cursor of the browser stands on what it has yet to find. */
class CursorOver implements DBCoreCursor {
  readonly #entries: readonly Entry[];
  readonly #order: 1 | -1;
  readonly trans: DBCoreTransaction;
  #at = 0;
  #moved = false;
  #running = false;
  #onNext: () => void = () => undefined;
  #ended: (value?: unknown) => void = () => undefined;
  #failed: (error: Error) => void = () => undefined;
  done = false;

  constructor(trans: DBCoreTransaction, entries: readonly Entry[], order: 1 | -1) {
    this.trans = trans;
    this.#entries = entries;
    this.#order = order;
  }
  get #entry(): Entry | undefined {
    return this.#entries[this.#at];
  }
  get key(): unknown {
    return this.#entry?.key;
  }
  get primaryKey(): string | undefined {
    return this.#entry?.primaryKey;
  }
  get value(): Held | undefined {
    return this.#entry?.value;
  }
  /** On to the next entry that is wished for. */
  #to(isThere: (entry: Entry) => boolean): void {
    do this.#at++;
    while (this.#entry && !isThere(this.#entry));
    this.#moved = true;
    this.#run();
  }
  readonly #reached = (entry: unknown, key: unknown) => this.#order * cmp(entry, key) >= 0;
  continue(key?: unknown): void {
    this.#to((entry) => key === undefined || this.#reached(entry.key, key));
  }
  continuePrimaryKey(key: unknown, primaryKey: unknown): void {
    this.#to((entry) => (cmp(entry.key, key) === 0 ? this.#reached(entry.primaryKey, primaryKey) : this.#reached(entry.key, key)));
  }
  advance(count: number): void {
    let left = count;
    this.#to(() => --left <= 0);
  }
  #run(): void {
    if (this.#running) return;
    this.#running = true;
    try {
      while (this.#moved && !this.done) {
        this.#moved = false;
        if (this.#entry) this.#onNext();
        else this.stop();
      }
    } catch (error) {
      this.fail(error instanceof Error ? error : new Error(String(error)));
    } finally {
      this.#running = false;
    }
  }
  start(onNext: () => void): Promise<unknown> {
    return new Promise((ended, failed) => {
      [this.#onNext, this.#ended, this.#failed, this.#moved] = [onNext, ended, failed, true];
      this.#run();
    });
  }
  stop(value?: unknown): void {
    this.done = true;
    this.#ended(value);
  }
  async next(): Promise<DBCoreCursor> {
    let met = false;
    await this.start(() => {
      if (met) return this.stop();
      met = true;
      this.continue();
    });
    return this;
  }
  fail(error: Error): void {
    this.done = true;
    this.#failed(error);
  }
}

/**
 * Does something of which the library does not follow the steps: it counts the promises of those who call it in a transaction, and ours are
 * none of theirs.
 */
const apart = <T>(work: () => Promise<T>): Promise<T> =>
  new Dexie.Promise<T>((done, failed) => Dexie.ignoreTransaction(() => void work().then(done, failed)));

/** A table of which some records lie by themselves and the rest in packs: whoever asks or changes it need not know which. */
function packedTable(core: DBCore, name: string, packsName: string, many: number, inOne: number): DBCoreTable {
  const singles = core.table(name);
  const packs = core.table(packsName);
  const { primaryKey } = singles.schema;
  const key = String(primaryKey.keyPath);
  const byFirst = packs.schema.primaryKey;
  const turns = new WeakMap<DBCoreTransaction, Turns>();
  /** Their keys are texts. */
  const keyOf = (record: Held): string => String(record[key]);

  const turnsOf = (trans: DBCoreTransaction): Turns => {
    const found = turns.get(trans) ?? { changed: Promise.resolve(), read: Promise.resolve() };
    turns.set(trans, found);
    return found;
  };
  /** A reading in its turn. */
  function inTurn<T>(trans: DBCoreTransaction, work: () => PromiseLike<T>): Promise<T> {
    return apart(() => {
      const turn = turnsOf(trans);
      const done = turn.changed.then(work);
      turn.read = Promise.allSettled([turn.read, done]);
      return done;
    });
  }
  /** A change in its turn. */
  function afterAll<T>(trans: DBCoreTransaction, work: () => PromiseLike<T>): Promise<T> {
    return apart(() => {
      const turn = turnsOf(trans);
      const done = Promise.all([turn.changed, turn.read]).then(work);
      turn.changed = Promise.allSettled([done]);
      return done;
    });
  }
  /** Layouts before the tenth, whose upgrades pass here too, have none. */
  const mayHavePacks = (trans: unknown) => trans instanceof IDBTransaction && trans.objectStoreNames.contains(packsName);
  function anyPacks(trans: DBCoreTransaction): Promise<boolean> {
    const turn = turnsOf(trans);
    turn.packs ??= Promise.resolve(packs.query({ trans, limit: 1, query: { index: byFirst, range: ALL } })).then(({ result }) => result.length > 0);
    return turn.packs;
  }
  async function packsIn(
    trans: DBCoreTransaction,
    range: DBCoreKeyRange,
    limit?: number,
    direction: 'next' | 'prev' = 'next',
    index = byFirst,
  ): Promise<readonly Pack[]> {
    const answer = await packs.query({ trans, values: true, query: { index, range }, direction, ...(limit === undefined ? {} : { limit }) });
    const found: readonly Pack[] = answer.result;
    return found;
  }
  /** Records that lie by themselves. */
  async function singlesIn(
    trans: DBCoreTransaction,
    query: DBCoreQuery = { index: primaryKey, range: ALL },
    limit?: number,
  ): Promise<readonly Held[]> {
    const answer = await singles.query({ trans, values: true, query, ...(limit === undefined ? {} : { limit }) });
    const found: readonly Held[] = answer.result;
    return found;
  }
  /** The pack in which a key would lie. */
  const packFor = async (trans: DBCoreTransaction, key: unknown) =>
    (await packsIn(trans, { type: RANGE, lower: undefined, upper: key }, 1, 'prev'))[0];
  /** The packs in which keys would lie, and perhaps others. */
  async function packsFor(trans: DBCoreTransaction, keys: readonly unknown[]): Promise<readonly Pack[]> {
    if (keys.length > FEW) return packsIn(trans, ALL);
    const found = await Promise.all(keys.map((key) => packFor(trans, key)));
    return [...new Map(found.flatMap((pack) => (pack ? [[pack.first, pack] as const] : []))).values()];
  }

  const listed = packs.schema.indexes.flatMap(({ keyPath }) => (typeof keyPath === 'string' ? [keyPath] : []));

  /** Takes records out of their packs; those that lie by themselves stay. */
  async function takeOut(trans: DBCoreTransaction, gone: (key: string) => boolean, among: readonly Pack[]): Promise<void> {
    const [changed, emptied]: [Pack[], string[]] = [[], []];
    for (const pack of among) {
      const records = unpacked(pack);
      const left = records.filter((record) => !gone(keyOf(record)));
      if (left.length === 0) emptied.push(pack.first);
      else if (left.length < records.length) changed.push(packOf(pack.first, left, listed));
    }
    if (changed.length > 0) await packs.mutate({ type: 'put', trans, values: changed });
    if (emptied.length > 0) await packs.mutate({ type: 'delete', trans, keys: emptied });
  }

  /** Lays all records of the table into packs, those that come in the place of what was there under their keys. */
  async function layAll(trans: DBCoreTransaction, coming: readonly Held[]) {
    const alone = await singlesIn(trans);
    const before = (await anyPacks(trans)) ? await packsIn(trans, ALL) : [];
    const all = new Map([...before.flatMap(unpacked), ...alone, ...coming].map((r) => [keyOf(r), r]));
    const inOrder = [...all].sort(([a], [b]) => cmp(a, b)).map(([, record]) => record);
    const made = inPacksOf(inOrder, inOne, key, listed);
    if (alone.length > 0) await singles.mutate({ type: 'deleteRange', trans, range: ALL });
    if (before.length > 0) await packs.mutate({ type: 'deleteRange', trans, range: ALL });
    await packs.mutate({ type: 'put', trans, values: made });
    turnsOf(trans).packs = Promise.resolve(true);
    const results = coming.map(keyOf);
    return { numFailures: 0, failures: {}, results, lastResult: results.at(-1) };
  }

  /** All entries of an index in a range, in its order; only the first of them where a limit is given. */
  async function entriesOf(trans: DBCoreTransaction, index: DBCoreIndex, range: DBCoreKeyRange, limit?: number): Promise<Entry[]> {
    const entries: Entry[] = [];
    const add = (value: Held) => {
      for (const key of keysIn(index, value)) if (within(range, key)) entries.push({ key, primaryKey: keyOf(value), value });
    };
    // An index of many keys gives a record once for each.
    for (const value of new Map((await singlesIn(trans, { index, range }, limit)).map((record) => [keyOf(record), record])).values()) add(value);
    for (const pack of await packsWith(trans, index, range, limit)) unpacked(pack).forEach(add);
    entries.sort((a, b) => cmp(a.key, b.key) || cmp(a.primaryKey, b.primaryKey));
    return limit === undefined ? entries : entries.slice(0, limit);
  }

  /** Packs in which all records are that an index has in a range, and others too; with a limit those of the first so many entries. */
  async function packsWith(trans: DBCoreTransaction, index: DBCoreIndex, range: DBCoreKeyRange, limit?: number): Promise<readonly Pack[]> {
    if (index.isPrimaryKey) {
      if (range.type === ANY || range.lower === undefined) return firstPacks(trans, range, limit);
      const inIt = await packFor(trans, range.lower);
      const further =
        range.upper !== undefined && cmp(range.lower, range.upper) >= 0 ? [] : await firstPacks(trans, { ...range, lowerOpen: true }, limit);
      return [...(inIt ? [inIt] : []), ...further];
    }
    const listed = packs.schema.getIndexByKeyPath(index.keyPath);
    if (listed) {
      return [...new Map((await packsIn(trans, range, limit, 'next', listed)).map((pack) => [pack.first, pack])).values()];
    }
    const all = await packsIn(trans, ALL);
    // What is not in its text is in no record of it.
    const asked = range.type === EQUAL ? JSON.stringify(range.lower) : '';
    return all.filter(({ of }) => of.includes(asked));
  }

  /** Packs from the first of a range on: as many as hold so many records, whatever was taken out of them. */
  async function firstPacks(trans: DBCoreTransaction, range: DBCoreKeyRange, limit?: number): Promise<readonly Pack[]> {
    if (limit === undefined) return packsIn(trans, range);
    const found: Pack[] = [];
    const step = Math.ceil(limit / inOne) + 1;
    let rest = range;
    for (let records = 0; records < limit;) {
      const some = await packsIn(trans, rest, step);
      found.push(...some);
      const last = some.at(-1);
      if (!last || some.length < step) break;
      records += some.reduce((sum, pack) => sum + unpacked(pack).length, 0);
      rest = {
        type: RANGE,
        lower: last.first,
        lowerOpen: true,
        upper: range.type === ANY ? undefined : range.upper,
        upperOpen: range.upperOpen === true,
      };
    }
    return found;
  }

  return {
    ...singles,
    mutate: (request) => {
      const { trans } = request;
      if (!mayHavePacks(trans)) return singles.mutate(request);
      return afterAll(trans, async () => {
        const coming: readonly Held[] = request.type === 'put' || request.type === 'add' ? request.values : [];
        if (request.type === 'put' && coming.length >= many) return layAll(trans, coming);
        if (!(await anyPacks(trans))) return singles.mutate(request);
        if (request.type === 'deleteRange') {
          const { range } = request;
          await takeOut(trans, (key) => within(range, key), await packsIn(trans, ALL));
          return singles.mutate(request);
        }
        const keys = request.type === 'delete' ? request.keys : coming.map(keyOf);
        const named = new Set<unknown>(keys);
        const among = await packsFor(trans, keys);
        // What is added must be new; it would else stand beside itself.
        if (request.type === 'add' && among.some((pack) => unpacked(pack).some((record) => named.has(keyOf(record)))))
          throw new DOMException(`A record of ${name} is there already.`, 'ConstraintError');
        await takeOut(trans, (key) => named.has(key), among);
        return singles.mutate(request);
      });
    },
    get: (request) => {
      const { trans, key } = request;
      if (!mayHavePacks(trans)) return singles.get(request);
      return inTurn(trans, async () => {
        const alone: unknown = await singles.get(request);
        if (alone !== undefined || !(await anyPacks(trans))) return alone;
        const pack = await packFor(trans, key);
        return pack && unpacked(pack).find((record) => keyOf(record) === key);
      });
    },
    getMany: (request) => {
      const { trans, keys } = request;
      if (!mayHavePacks(trans)) return singles.getMany(request);
      return inTurn(trans, async () => {
        if (!(await anyPacks(trans))) return singles.getMany(request);
        const asked: readonly (Held | undefined)[] = keys.length >= many ? await singlesIn(trans) : await singles.getMany(request);
        const alone = asked.filter((record) => record !== undefined);
        const found = new Map([...(await packsFor(trans, keys)).flatMap(unpacked), ...alone].map((r) => [keyOf(r), r]));
        return keys.map((key: string) => found.get(key));
      });
    },
    query: (request) => {
      const { trans, query, values, limit, direction = 'next' } = request;
      if (!mayHavePacks(trans)) return singles.query(request);
      return inTurn(trans, async () => {
        if (query.range.type === NEVER || !(await anyPacks(trans))) return singles.query(request);
        const found = await entriesOf(trans, query.index, query.range, direction === 'next' ? limit : undefined);
        const once = direction.endsWith('unique') ? firstOfEach(found) : found;
        if (direction.startsWith('prev')) once.reverse();
        return { result: once.slice(0, limit).map(({ primaryKey, value }) => (values ? value : primaryKey)) };
      });
    },
    openCursor: (request) => {
      const { trans, query, reverse, unique } = request;
      if (!mayHavePacks(trans)) return singles.openCursor(request);
      return inTurn(trans, async () => {
        if (query.range.type === NEVER || !(await anyPacks(trans))) return singles.openCursor(request);
        const found = await entriesOf(trans, query.index, query.range);
        const entries = unique ? firstOfEach(found) : found;
        if (reverse) entries.reverse();
        return entries.length === 0 ? null : new CursorOver(trans, entries, reverse ? -1 : 1);
      });
    },
    count: (request) => {
      const { trans, query } = request;
      if (!mayHavePacks(trans)) return singles.count(request);
      return inTurn(trans, async () => {
        if (!(await anyPacks(trans))) return singles.count(request);
        return (await entriesOf(trans, query.index, query.range)).length;
      });
    },
  };
}

/** Of the entries under one key the first. */
const firstOfEach = (entries: readonly Entry[]): Entry[] => entries.filter(({ key }, i) => i === 0 || cmp(entries[i - 1]?.key, key) !== 0);

/**
 * Keeps records that come very many at once in packs, below all that reads or writes their tables: to the library, and to us, they are
 * records like any others. Whatever is changed afterwards lies by itself from then on.
 *
 * @param many so many that are put at once come into packs
 * @param inOne records in one pack
 */
export const inPacks = ({ many = MANY, inOne = IN_ONE } = {}): Middleware<DBCore> => ({
  stack: 'dbcore',
  name: 'inPacks',
  // The lowest of all: a text of a table is let go above it, since it is the table that changes.
  level: -3,
  create: (core) => {
    const tables = new Map(
      [...PACKS_OF].flatMap(([name, packsName]) => {
        const [there, packsThere] = [name, packsName].map((of) => core.schema.tables.some((table) => table.name === of));
        return there && packsThere ? [[name, packedTable(core, name, packsName, many, inOne)] as const] : [];
      }),
    );
    return {
      ...core,
      transaction: (stores, mode, options) => {
        const more = stores.flatMap((name) => (tables.has(name) ? (PACKS_OF.get(name) ?? []) : []));
        return core.transaction([...new Set([...stores, ...more])], mode, options);
      },
      table: (name) => tables.get(name) ?? core.table(name),
    };
  },
});

/** The records of a store as they lie there, with those of its packs; for what reads a database that cannot be opened as it should be. */
export function withPacked(records: readonly unknown[], packs: readonly Pack[]): unknown[] {
  return [...records, ...packs.flatMap(unpacked)];
}

/** The tables that may have packs. */
export const PACKED: readonly string[] = [...PACKS_OF.keys()];

/** The store of a table's packs, where it may have any. */
export const packsOf = (table: string): string | undefined => PACKS_OF.get(table);
