import type { z } from 'zod';
import { History, NO_HISTORY } from './merge/history';
import { Ledger, LEDGER_FILE_VERSION } from '../records/ledger';
import { fileToday } from './earlier-names';
import { standInWords, withStandIns, type StandIn } from './stand-ins';
import { isTableName, ONE_OF, TABLE_NAMES } from '../records/table-names';
import { firstOf } from '../units/item-at';

export type CheckedLedger =
  | {
      readonly ok: true;
      readonly ledger: Ledger;
      readonly history: History;
      /** Empty records that stand where the file speaks of what it does not hold. */
      readonly standIns: readonly StandIn[];
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

function sentence(issue: z.core.$ZodIssue, file: Record<string, unknown>): string {
  return `At ${placeOf(issue.path, file)}: ${issue.message.charAt(0).toLowerCase()}${issue.message.slice(1)}.`;
}

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

  const { format: _format, version: _version, written: _written, history = NO_HISTORY, ...tables } = fileToday(file);
  const parsed = Ledger.safeParse(tables);
  if (!parsed.success) return { ok: false, problem: sentence(firstOf(parsed.error.issues), file) };
  const checkedHistory = History.safeParse(history);
  if (!checkedHistory.success)
    return { ok: false, problem: `In the history: ${sentence(firstOf(checkedHistory.error.issues), isRecord(history) ? history : {})}` };
  const twice = thereTwice(parsed.data);
  if (twice !== undefined) return { ok: false, problem: twice };
  const { ledger, standIns } = withStandIns(parsed.data);
  return { ok: true, ledger, history: checkedHistory.data, standIns, notices: standInWords(standIns) };
}

/**
 * The text of a ledger file.
 *
 * @param written the moment of writing, ISO
 * @param history what is noted for merges; left out where nothing is
 */
export function ledgerText(ledger: Ledger, written: string, history: History = NO_HISTORY): string {
  const withHistory = history.known.length > 0 ? { history } : {};
  return JSON.stringify({ format: LEDGER_FORMAT, version: LEDGER_FILE_VERSION, written, ...ledger, ...withHistory }, null, 1);
}
