/**
 * Names of formats 1 to 4 of a ledger file, and of layouts 1 to 3 of the database, which today are called otherwise. Everything that was
 * written under them stays readable: it is renamed when it is read, and nothing else of it changes.
 */

type Loose = Readonly<Record<string, unknown>>;

/** The first format whose records have today's names. */
export const RENAMED_IN_FORMAT = 5;

const TABLES: Readonly<Record<string, string>> = { cloths: 'fabrics' };

/** Fields by today's table: the earlier name, and today's. */
const FIELDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  fabrics: { dear: 'expensive' },
  makes: { cloths: 'fabrics' },
  plans: { cloths: 'fabrics' },
  pictures: { clothId: 'fabricId' },
};
const VIEW_FIELDS = { clothTable: 'fabricTable' };
const USE_FIELDS = { clothId: 'fabricId' };
const PART_FIELDS = { cloth: 'fabric' };

/** Choices that were called otherwise. */
const REASONS = { cloth: 'fabric' };
const SEW_AGAIN = { 'other cloth': 'other fabric' };
const DECISIONS = { 'another cloth': 'another fabric', 'let it go': 'retire' };
const PATTERN_STATES = { 'let go': 'retired' };
const CLOSINGS = { drawn: 'drawstring', slider: 'zip' };
/** Checks before cutting are ticked by their ids. */
const CHECKS = { cloth: 'fabric' };

const isRecord = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A record with its fields renamed; those of today's name stand as they are. */
function withFields(record: Loose, names: Readonly<Record<string, string>>): Loose {
  return Object.fromEntries(Object.entries(record).map(([field, value]) => [names[field] ?? field, value]));
}

/** One of a list of choices by today's name; what is no choice, or one of today's, stands as it is. */
const choice = (value: unknown, names: Readonly<Record<string, string>>): unknown => (typeof value === 'string' ? (names[value] ?? value) : value);

/** A field changed where the record has it. */
function changed(record: Loose, field: string, change: (value: unknown) => unknown): Loose {
  return field in record ? { ...record, [field]: change(record[field]) } : record;
}

/** Each record of a list changed; a list that is none, and what is no record in it, is left for the shapes to refuse. */
const each = (change: (record: Loose) => Loose) => (list: unknown) =>
  Array.isArray(list) ? list.map((item: unknown) => (isRecord(item) ? change(item) : item)) : list;

const uses = each((use) => withFields(use, USE_FIELDS));

function verdictToday(verdict: Loose): Loose {
  const named = changed(verdict, 'reasons', (list) => (Array.isArray(list) ? list.map((reason) => choice(reason, REASONS)) : list));
  const judged = changed(named, 'parts', (parts) => (isRecord(parts) ? withFields(parts, PART_FIELDS) : parts));
  return changed(judged, 'sewAgain', (said) => choice(said, SEW_AGAIN));
}

const verdicts = each(verdictToday);

const views = each((view) =>
  changed(
    withFields(view, VIEW_FIELDS),
    'openings',
    each((opening) => changed(opening, 'closes', (closes) => choice(closes, CLOSINGS))),
  ),
);

/** What changes within the fields of a table, by today's names. */
const WITHIN: Readonly<Record<string, Readonly<Record<string, (value: unknown) => unknown>>>> = {
  makes: { fabrics: uses, verdicts },
  plans: { fabrics: uses, checks: (checks) => (isRecord(checks) ? withFields(checks, CHECKS) : checks) },
  patterns: {
    views,
    state: (state) => choice(state, PATTERN_STATES),
    decided: each((decision) => changed(decision, 'answer', (answer) => choice(answer, DECISIONS))),
  },
};

/**
 * The name that a table has today.
 *
 * @example tableToday('cloths') // 'fabrics'
 */
export function tableToday(table: string): string {
  return TABLES[table] ?? table;
}

/**
 * A record of a table with the names that are used today. One that has them already is returned with the same content.
 *
 * @param table by its earlier name or by today's
 * @example recordToday('pictures', { id: 'p', clothId: 'linen' }) // { id: 'p', fabricId: 'linen' }
 */
export function recordToday(table: string, record: unknown): unknown {
  if (!isRecord(record)) return record;
  const name = tableToday(table);
  return Object.entries(WITHIN[name] ?? {}).reduce<Loose>(
    (renamed, [field, change]) => changed(renamed, field, change),
    withFields(record, FIELDS[name] ?? {}),
  );
}

/** The name of a part of a record that a history keeps a stamp of: `cloths/u1` of a make is `fabrics/u1`. */
function leafToday(table: string, leaf: string): string {
  const slash = leaf.indexOf('/');
  const field = slash < 0 ? leaf : leaf.slice(0, slash);
  return `${FIELDS[table]?.[field] ?? field}${slash < 0 ? '' : leaf.slice(slash)}`;
}

/**
 * What is noted of a record for merges, with the names that are used today.
 *
 * @param history as it stands in a file, or in the database with its `key`
 */
export function historyToday(history: unknown): unknown {
  if (!isRecord(history) || typeof history['table'] !== 'string') return history;
  const table = tableToday(history['table']);
  const leaves = (of: unknown) => (isRecord(of) ? Object.fromEntries(Object.entries(of).map(([leaf, v]) => [leafToday(table, leaf), v])) : of);
  const renamed = changed(changed({ ...history, table }, 'fields', leaves), 'orders', leaves);
  const held = changed(renamed, 'last', (last) => recordToday(table, last));
  return changed(held, 'key', (key) => (typeof key === 'string' ? key.replace(/^[^/]*/, tableToday) : key));
}

/**
 * A change in the journal with the names that are used today, so that what was done before can still be undone.
 *
 * @param change with its table, and the record before and after
 */
export function changeToday(change: unknown): unknown {
  if (!isRecord(change) || typeof change['table'] !== 'string') return change;
  const table = change['table'];
  const record = (of: unknown) => recordToday(table, of);
  return changed(changed({ ...change, table: tableToday(table) }, 'before', record), 'after', record);
}

/**
 * The content of a ledger file of an earlier format with the names that are used today. What is not in order is passed on as it is, for
 * the shapes to say what is wrong with it.
 *
 * @param file parsed, with its `version`
 */
export function fileToday(file: Loose): Loose {
  if (typeof file['version'] !== 'number' || file['version'] >= RENAMED_IN_FORMAT) return file;
  const tables = Object.fromEntries(
    Object.entries(file).map(([name, value]) => [tableToday(name), Array.isArray(value) ? value.map((record) => recordToday(name, record)) : value]),
  );
  return changed(tables, 'history', (history) =>
    isRecord(history)
      ? changed(
          history,
          'records',
          each((r) => historyToday(r) as Loose),
        )
      : history,
  );
}

/**
 * A draft of the app before, with the names that are used today.
 *
 * @param kind what it is of: a half-logged make, a verdict …
 */
export function draftToday(kind: string, value: unknown): unknown {
  if (!isRecord(value)) return value;
  if (kind === 'verdict') return verdictToday(value);
  if (kind !== 'log') return value;
  const named = changed(withFields(value, { newCloths: 'newFabrics' }), 'make', (make) => recordToday('makes', make));
  const fabrics = changed(
    named,
    'newFabrics',
    each((fabric) => recordToday('fabrics', fabric) as Loose),
  );
  return changed(fabrics, 'verdict', (verdict) => (isRecord(verdict) ? verdictToday(verdict) : verdict));
}
