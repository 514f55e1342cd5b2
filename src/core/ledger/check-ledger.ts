import type { z } from 'zod';
import { historyIn, NO_HISTORY, type History } from './merge/history';
import { Ledger, LEDGER_FILE_VERSION, TABLES } from '../records/ledger';
import { fileToday } from './earlier-names';
import { standInWords, withStandIns, type StandIn } from './stand-ins';
import { LEDGER_ID } from './ledger-id';
import { isTableName, ONE_OF, TABLE_NAMES, type TableName } from '../records/table-names';
import { counted } from '../units/counted';
import { firstOf } from '../units/item-at';
import { fromKeys } from '../units/keys';

export type CheckedLedger =
  | {
      readonly ok: true;
      readonly ledger: Ledger;
      readonly history: History;
      /** Empty records that stand where the file speaks of what it does not hold. */
      readonly standIns: readonly StandIn[];
      /** Under which its copies are kept, where the file says it. */
      readonly id?: string;
      /** What the sewist is to be told of what was read: sentences. */
      readonly notices: readonly string[];
    }
  | { readonly ok: false; readonly problem: string };

/** What a ledger's file calls itself. */
export const LEDGER_FORMAT = 'amber-ledger';

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A place in the file for people: `make 3 (“Skerry jacket”), fit note 2, outcome`. */
function placeOf(path: readonly PropertyKey[], file: Record<string, unknown>): string {
  const [table, index, ...rest] = path;
  const list = file[String(table)];
  const known = isTableName(table);
  const entry: unknown = Array.isArray(list) && typeof index === 'number' ? list[index] : undefined;
  const name = isRecord(entry) && typeof entry['name'] === 'string' ? ` (“${entry['name'].slice(0, 60)}”)` : '';
  const id = !name && isRecord(entry) && typeof entry['id'] === 'string' ? ` (${entry['id'].slice(0, 40)})` : '';
  const head = known && typeof index === 'number' ? `${ONE_OF[table]} ${index + 1}${name}${id}` : String(table ?? 'the file');
  const inside = rest.map((part) => (typeof part === 'number' ? `no. ${part + 1}` : String(part)));
  return [head, ...inside].join(', ');
}

function sentence(issue: Issue, file: Record<string, unknown>): string {
  return `At ${placeOf(issue.path, file)}: ${issue.message.charAt(0).toLowerCase()}${issue.message.slice(1)}.`;
}

type Issue = Pick<z.core.$ZodIssue, 'path' | 'message'>;

/**
 * The tables of a file, record by record up to the first that does not have its shape: a list of a million wrong ones tells no more, and
 * fills the machine. The file's own lists are emptied meanwhile.
 */
function ledgerIn(file: Record<string, unknown>): { readonly ok: true; readonly ledger: Ledger } | { readonly ok: false; readonly issue: Issue } {
  const unknown = Object.keys(file).find((name) => !isTableName(name));
  if (unknown !== undefined) return { ok: false, issue: { path: [], message: `No ledger holds “${unknown.slice(0, 60)}”` } };
  const ledger: Ledger = fromKeys(TABLE_NAMES, (): never[] => []);
  // The same lists: each is filled with what its own shape gave.
  const lists: Record<TableName, unknown[]> = ledger;
  for (const table of TABLE_NAMES) {
    // Tables that the first format did not have are empty where they are missing, as their shape says.
    const records = file[table] ?? Ledger.shape[table].safeParse(undefined).data;
    if (!Array.isArray(records)) return { ok: false, issue: { path: [table], message: 'The list is missing' } };
    for (const [index, record] of records.entries()) {
      const { success, data, error } = TABLES[table].safeParse(record);
      if (!success) {
        const { path, message } = firstOf(error.issues);
        return { ok: false, issue: { path: [table, index, ...path], message } };
      }
      lists[table].push(data);
      // Of a large ledger there is not room for all of it twice: what has been read is let go of.
      records[index] = undefined;
    }
  }
  return { ok: true, ledger };
}

/** What is said of a history of which some could not be used. */
const leftOutWords = (count: number) =>
  count === 0
    ? []
    : [`What it notes for merging two ledgers is not in order in ${counted(count, 'place')}, and was left out there: of those a merge will ask.`];

/** A record that is there twice. */
function thereTwice(ledger: Ledger): string | undefined {
  for (const table of TABLE_NAMES) {
    const met = new Set<string>();
    for (const { id } of ledger[table]) {
      if (met.has(id)) return `Two records among the ${table} have the id ${id}.`;
      met.add(id);
    }
  }
  return undefined;
}

/**
 * Checks the text of a ledger file.
 *
 * @returns the ledger, or one sentence that says what is wrong and where. Nothing is guessed and nothing dropped: a field that
 *   is not known refuses the file, so that nobody's words are lost in silence; where a record speaks of one that is not there, an empty
 *   one stands in for it, which is to be said.
 */
export function checkLedgerText(text: string): CheckedLedger {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { ok: false, problem: `This is not a whole ledger file: it cannot be read as JSON (${why}).` };
  }
  if (!isRecord(file) || file['format'] !== LEDGER_FORMAT)
    return { ok: false, problem: 'This file was not written by Amber Ledger: it does not begin with its format.' };
  if (typeof file['version'] !== 'number' || file['version'] < 1) return { ok: false, problem: 'At version: the number of the format is missing.' };
  if (file['version'] > LEDGER_FILE_VERSION)
    return {
      ok: false,
      problem: `This file is of format ${file['version']}; this Amber Ledger reads up to ${LEDGER_FILE_VERSION}. Open it with a newer one.`,
    };

  const { format: _format, version: _version, written: _written, ledger: id, history: noted, ...tables } = fileToday(file);
  const parsed = ledgerIn(tables);
  if (!parsed.ok) return { ok: false, problem: sentence(parsed.issue, file) };
  const twice = thereTwice(parsed.ledger);
  if (twice !== undefined) return { ok: false, problem: twice };
  const { ledger, standIns } = withStandIns(parsed.ledger);
  const { history, leftOut } = historyIn(noted);
  const named = typeof id === 'string' && LEDGER_ID.test(id) ? { id } : {};
  return { ok: true, ledger, history, standIns, ...named, notices: [...standInWords(standIns), ...leftOutWords(leftOut)] };
}

/**
 * The text of a ledger file.
 *
 * @param written the moment of writing, ISO
 * @param history what is noted for merges; left out where nothing is
 * @param id under which its copies are kept
 */
export function ledgerText(ledger: Ledger, written: string, history: History = NO_HISTORY, id?: string): string {
  const withHistory = history.known.length > 0 ? { history } : {};
  return JSON.stringify(
    { format: LEDGER_FORMAT, version: LEDGER_FILE_VERSION, written, ...(id === undefined ? {} : { ledger: id }), ...ledger, ...withHistory },
    null,
    1,
  );
}
