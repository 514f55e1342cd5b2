// npx tsx cli/ledger.ts: the core on a ledger's file, without the app. Says what it can do when asked nothing.
import { readFileSync } from 'node:fs';
import { formatISO } from 'date-fns';
import { ledgerTextOf } from './read-file';
import { run } from './run';

const { code, out } = run(
  process.argv.slice(2),
  (file) => (file === '-' ? readFileSync(0, 'utf8') : /\.(?:zip|json)$/i.test(file) ? ledgerTextOf(readFileSync(file)) : readFileSync(file, 'utf8')),
  (file) => readFileSync(file),
  formatISO(new Date(), { representation: 'date' }),
);
(code === 0 ? console.log : console.error)(out);
process.exitCode = code;
