import { parseArgs } from 'node:util';
import { checkLedgerText } from '../src/core/ledger/check-ledger';
import { ledgerCounts } from '../src/core/records/ledger';
import { advise } from './advice';
import { adviceText } from './advice-text';

/** What a command printed, and its exit code: 0 done, 1 the file or a name is not in order, 2 the command is not understood. */
export interface Outcome {
  readonly code: 0 | 1 | 2;
  readonly out: string;
}

const USAGE = `The core of Amber Ledger on a ledger's file, without the app.

  npx tsx cli/ledger.ts advise FILE [--person NAME] [--pattern NAME | --all] [--unit cm|in] [--on 2026-03-09] [--json]
  npx tsx cli/ledger.ts check FILE

FILE is what the app saved: the archive (.zip) or the one text file (.json). advise speaks to the first person where none is named, and of all patterns.`;

const OPTIONS = {
  person: { type: 'string' },
  pattern: { type: 'string' },
  all: { type: 'boolean' },
  json: { type: 'boolean' },
  unit: { type: 'string' },
  on: { type: 'string' },
} as const;

/**
 * Runs one command.
 *
 * @param read gives the text of a file, or throws as reading does
 * @param today the day whose body and seasons count where `--on` names none
 */
export function run(args: readonly string[], read: (file: string) => string, today: string): Outcome {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true });
  } catch (error) {
    return { code: 2, out: `${error instanceof Error ? error.message : String(error)}\n\n${USAGE}` };
  }
  const { values, positionals } = parsed;
  const [command, file, ...more] = positionals;
  if ((command !== 'advise' && command !== 'check') || file === undefined || more.length > 0) return { code: 2, out: USAGE };
  const { unit = 'cm', on = today } = values;
  if (unit !== 'cm' && unit !== 'in') return { code: 2, out: `“${unit}” is not a unit: write --unit cm or --unit in.` };
  if (!/^\d{4}-\d{2}-\d{2}$/.test(on) || Number.isNaN(Date.parse(on))) return { code: 2, out: `“${on}” is not a day: write --on 2026-03-09.` };
  if (values.all && values.pattern !== undefined) return { code: 2, out: 'Ask for one pattern or for all of them, not for both.' };

  let text: string;
  try {
    text = read(file);
  } catch {
    return { code: 1, out: `The file ${file} cannot be read. Is it there, is its name right, and is it whole?` };
  }
  const checked = checkLedgerText(text);
  if (!checked.ok) return { code: 1, out: checked.problem };
  const { ledger } = checked;
  if (command === 'check') {
    const counts = Object.entries(ledgerCounts(ledger)).map(([table, n]) => `${n} ${table}`);
    return { code: 0, out: [`In order: ${counts.join(', ')}.`, ...checked.notices].join('\n') };
  }

  const named = <T extends { name: string }>(list: readonly T[], name: string): T | undefined =>
    list.find((x) => x.name.toLowerCase() === name.toLowerCase());
  const person = values.person === undefined ? ledger.people[0] : named(ledger.people, values.person);
  if (!person)
    return {
      code: 1,
      out:
        ledger.people.length === 0
          ? 'Nobody is in this ledger yet.'
          : `Nobody is called ${values.person}. There are: ${ledger.people.map((p) => p.name).join(', ')}.`,
    };
  const pattern = values.pattern === undefined ? undefined : named(ledger.patterns, values.pattern);
  if (values.pattern !== undefined && !pattern)
    return { code: 1, out: `No pattern is called ${values.pattern}. There are: ${ledger.patterns.map((p) => p.name).join(', ')}.` };
  const advice = advise(ledger, person, pattern && [pattern.id], on, unit);
  return { code: 0, out: values.json ? JSON.stringify(advice, null, 2) : adviceText(advice, unit) };
}
