import { parseArgs } from 'node:util';
import { checkLedgerText } from '../src/core/ledger/check-ledger';
import { ledgerCounts } from '../src/core/records/ledger';
import { ONE_OF, TABLE_WORDS } from '../src/core/records/table-names';
import { MARK_KINDS } from '../src/core/measure/lengths';
import { entriesOf } from '../src/core/units/keys';
import { advise } from './advice';
import { adviceText } from './advice-text';
import { demoLedger } from '../demo/ledger';
import type { Ledger } from '../src/core/records';
import { layAnswer, layWords } from './lay';
import { measureAnswer, measureWords } from './measure';
import { readingWords, readSentences } from './read';
import { scheduleAnswer, scheduleWords } from './schedule';
import { Unfit } from './read-file';
import { wardrobeAnswer, wardrobeWords } from './wardrobe';

/** What a command printed, and its exit code: 0 done, 1 the file or a name is not in order, 2 the command is not understood. */
export interface Outcome {
  readonly code: 0 | 1 | 2;
  readonly out: string;
}

const USAGE = `The core of Amber Ledger on a ledger's file, without the app.

  npx tsx cli/ledger.ts advise FILE [--person NAME] [--pattern NAME | --all] [--unit cm|in] [--on 2026-03-09] [--json]
  npx tsx cli/ledger.ts check FILE
  npx tsx cli/ledger.ts read [SENTENCES | -] [--demo | --ledger FILE] [--unit cm|in] [--on 2026-03-09] [--json]
  npx tsx cli/ledger.ts lay [FILE | --demo] [--pattern NAME] [--person NAME] [--size L] [--width CM] [--fabric NAME] [--nap] [--fold]
                            [--pieces FILE.svg|FILE.dxf] [--seconds N] [--seed N] [--json]
  npx tsx cli/ledger.ts schedule [FILE | --demo] [--on 2026-03-09] [--json]
  npx tsx cli/ledger.ts wardrobe [FILE | --demo] [--person NAME] [--on 2026-03-09] [--json]
  npx tsx cli/ledger.ts measure PICTURE.png --reference a4|letter|card|frame|WxH [--corners "x,y x,y x,y x,y"]
                            --line "x,y x,y" | --curve "x,y …" | --outline "x,y …" [--json]

SENTENCES is a file of sentences about makes, one a line; - or nothing is what comes in. They are read against the demo ledger unless another is named.
FILE is what the app saved: the archive (.zip) or the one text file (.json). advise speaks to the first person where none is named, and of all patterns.
lay lays the pattern as it was cut last, or in the size that is named; with --pieces those of a file, and then no ledger is needed.
schedule says what is under way and planned, how long its steps take, and when it will be done.
wardrobe says what the most worn and the loved garments of a person share.
measure takes places in pixels, from the upper left; corners clockwise from the upper left, found where none are given.`;

const OPTIONS = {
  person: { type: 'string' },
  pattern: { type: 'string' },
  all: { type: 'boolean' },
  json: { type: 'boolean' },
  unit: { type: 'string' },
  on: { type: 'string' },
  demo: { type: 'boolean' },
  ledger: { type: 'string' },
  size: { type: 'string' },
  width: { type: 'string' },
  fabric: { type: 'string' },
  nap: { type: 'boolean' },
  fold: { type: 'boolean' },
  pieces: { type: 'string' },
  seconds: { type: 'string' },
  seed: { type: 'string' },
  reference: { type: 'string' },
  corners: { type: 'string' },
  line: { type: 'string' },
  curve: { type: 'string' },
  outline: { type: 'string' },
} as const;

/** A number as it was given, between two; a sentence where it is none. */
function numberOf(name: string, text: string | undefined, usual: number, least: number, most: number): number | Outcome {
  const value = text === undefined ? usual : Number(text);
  return text?.trim() !== '' && value >= least && value <= most
    ? value
    : { code: 2, out: `“${text}” is no number for --${name}: write one from ${least} to ${most}.` };
}

const named = <T extends { name: string }>(list: readonly T[], name: string): T | undefined =>
  list.find((x) => x.name.toLowerCase() === name.toLowerCase());

type Values = Partial<Record<keyof typeof OPTIONS, string | boolean>>;

/** What `lay` prints. */
function layOut(values: Values, ledger: Ledger | undefined, textOf: (name: string) => string | Outcome, today: string): Outcome {
  const said = (name: keyof typeof OPTIONS) => {
    const value = values[name];
    return typeof value === 'string' ? value : undefined;
  };
  const [seconds, seed] = [numberOf('seconds', said('seconds'), 2, 0, 600), numberOf('seed', said('seed'), 1, 0, 2 ** 32 - 1)];
  const width = said('width') === undefined ? undefined : numberOf('width', said('width'), 0, 1, 1000);
  for (const given of [seconds, seed, width]) if (typeof given === 'object') return given;
  const one = <T extends { name: string }>(list: readonly T[] | undefined, name: string | undefined, what: string): T | Outcome | undefined =>
    name === undefined
      ? undefined
      : (named(list ?? [], name) ?? {
          code: 1,
          out:
            list === undefined
              ? `Which ledger has the ${what} ${name}? Name its file, or --demo.`
              : `No ${what} is called ${name}. There are: ${list.map((x) => x.name).join(', ')}.`,
        });
  const pattern = one(ledger?.patterns, said('pattern'), 'pattern');
  const fabric = one(ledger?.fabrics, said('fabric'), 'fabric');
  const person = one(ledger?.people, said('person'), 'person');
  for (const given of [pattern, fabric, person]) if (given && 'out' in given) return given;
  const piecesFile = said('pieces');
  const text = piecesFile === undefined ? undefined : textOf(piecesFile);
  if (typeof text === 'object') return text;
  if (piecesFile !== undefined && !/\.(?:svg|dxf)$/i.test(piecesFile)) return { code: 2, out: `${piecesFile} is neither SVG nor DXF.` };
  if (piecesFile === undefined && pattern === undefined)
    return { code: 2, out: `Name the pattern with --pattern, or a file of its pieces with --pieces.\n\n${USAGE}` };
  // Whoever sewed it last, where nobody is named: their size and alterations are the ones that are known.
  const sewn = pattern && 'id' in pattern ? ledger?.makes.filter((m) => m.sources[0]?.patternId === pattern.id).at(-1)?.personId : undefined;
  const whose = person ?? ledger?.people.find((p) => p.id === sewn) ?? ledger?.people[0];
  const size = said('size');
  const answer = layAnswer({
    ...(ledger ? { ledger } : {}),
    ...(whose && 'id' in whose ? { person: whose } : {}),
    ...(pattern && 'id' in pattern ? { pattern } : {}),
    ...(fabric && 'id' in fabric ? { fabric } : {}),
    ...(piecesFile !== undefined && text !== undefined ? { file: { name: piecesFile, text } } : {}),
    ...(size === undefined ? {} : { size }),
    ...(typeof width === 'number' ? { width } : {}),
    nap: values.nap === true,
    fold: values.fold === true,
    seconds: typeof seconds === 'number' ? seconds : 2,
    seed: typeof seed === 'number' ? seed : 1,
    today,
  });
  if (typeof answer === 'string') return { code: 1, out: answer };
  return { code: 0, out: values.json ? JSON.stringify(answer) : layWords(answer) };
}

/** What `measure` prints. */
function measureOut({ values, file }: { readonly values: Values; readonly file: string }, bytesOf: (name: string) => Uint8Array): Outcome {
  const { reference, corners } = values;
  const [mark, more] = MARK_KINDS.flatMap((kind) => (typeof values[kind] === 'string' ? [{ kind, points: values[kind] }] : []));
  if (typeof reference !== 'string') return { code: 2, out: `Name what lies beside it with --reference.\n\n${USAGE}` };
  if (!mark || more) return { code: 2, out: `Say what is measured: one of --line, --curve and --outline.\n\n${USAGE}` };
  let bytes;
  try {
    bytes = bytesOf(file);
  } catch {
    return unread(file);
  }
  const answer = measureAnswer({ name: file, bytes, reference, ...mark, ...(typeof corners === 'string' ? { corners } : {}) });
  if (typeof answer === 'string') return { code: 1, out: answer };
  return { code: 0, out: values.json ? JSON.stringify(answer) : measureWords(answer) };
}

const unread = (name: string): Outcome => ({ code: 1, out: `The file ${name} cannot be read. Is it there, is its name right, and is it whole?` });

/**
 * Runs one command.
 *
 * @param read gives the text of a file, or throws as reading does
 * @param bytesOf gives the bytes of a file that is a picture, or throws
 * @param today the day whose body and seasons count where `--on` names none
 */
export function run(args: readonly string[], read: (file: string) => string, bytesOf: (file: string) => Uint8Array, today: string): Outcome {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true });
  } catch (error) {
    return { code: 2, out: `${error instanceof Error ? error.message : String(error)}\n\n${USAGE}` };
  }
  const { values, positionals } = parsed;
  const [command, file, ...more] = positionals;
  if (command === 'measure' && file !== undefined && more.length === 0) return measureOut({ values, file }, bytesOf);
  const reads = command === 'read';
  const lays = command === 'lay' && (file !== undefined || values.demo === true || values.pieces !== undefined);
  const ofWear = command === 'wardrobe' && (file !== undefined || values.demo === true);
  const schedules = command === 'schedule' && (file !== undefined || values.demo === true);
  if (!(reads || lays || schedules || ofWear || ((command === 'advise' || command === 'check') && file !== undefined)) || more.length > 0)
    return { code: 2, out: USAGE };
  const { unit = 'cm', on = today } = values;
  if (unit !== 'cm' && unit !== 'in') return { code: 2, out: `“${unit}” is not a unit: write --unit cm or --unit in.` };
  if (!/^\d{4}-\d{2}-\d{2}$/.test(on) || Number.isNaN(Date.parse(on))) return { code: 2, out: `“${on}” is not a day: write --on 2026-03-09.` };
  if (values.all && values.pattern !== undefined) return { code: 2, out: 'Ask for one pattern or for all of them, not for both.' };

  const textOf = (name: string): string | Outcome => {
    try {
      return read(name);
    } catch (error) {
      if (error instanceof Unfit) return { code: 1, out: `${name} is not read. ${error.message}` };
      return unread(name);
    }
  };
  const ledgerIn = (name: string) => {
    const text = textOf(name);
    if (typeof text !== 'string') return text;
    const checked = checkLedgerText(text);
    return checked.ok ? checked : { code: 1 as const, out: checked.problem };
  };
  if (reads) {
    if (values.demo && values.ledger !== undefined) return { code: 2, out: 'Read against the demo or against a ledger, not against both.' };
    const sentences = textOf(file ?? '-');
    if (typeof sentences !== 'string') return sentences;
    const against = values.ledger === undefined ? { ledger: demoLedger() } : ledgerIn(values.ledger);
    if ('code' in against) return against;
    const readings = readSentences(sentences, against.ledger, on, unit);
    return { code: 0, out: values.json ? JSON.stringify(readings, null, 2) : readingWords(readings) };
  }
  if (values.demo && file !== undefined) return { code: 2, out: 'Ask of the demo or of a ledger, not of both.' };
  const checked: { readonly ledger: Ledger; readonly notices: readonly string[] } | Outcome | undefined = values.demo
    ? { ledger: demoLedger(), notices: [] }
    : lays && file === undefined
      ? undefined
      : ledgerIn(file ?? '');
  if (checked && 'code' in checked) return checked;
  const ledger = checked?.ledger;
  if (lays) return layOut(values, ledger, textOf, today);
  if (!ledger) return { code: 2, out: USAGE };
  if (schedules) {
    const answer = scheduleAnswer(ledger, on);
    return { code: 0, out: values.json ? JSON.stringify(answer) : scheduleWords(answer) };
  }
  if (command === 'check') {
    const counts = entriesOf(ledgerCounts(ledger)).map(([table, n]) => `${n} ${n === 1 ? ONE_OF[table] : TABLE_WORDS[table]}`);
    return { code: 0, out: [`In order: ${counts.join(', ')}.`, ...checked.notices].join('\n') };
  }

  const person = values.person === undefined ? ledger.people[0] : named(ledger.people, values.person);
  if (!person)
    return {
      code: 1,
      out:
        ledger.people.length === 0
          ? 'Nobody is in this ledger yet.'
          : `Nobody is called ${values.person}. There are: ${ledger.people.map((p) => p.name).join(', ')}.`,
    };
  if (ofWear) {
    const answer = wardrobeAnswer(ledger, person, on);
    return { code: 0, out: values.json ? JSON.stringify(answer) : wardrobeWords(answer) };
  }
  const pattern = values.pattern === undefined ? undefined : named(ledger.patterns, values.pattern);
  if (values.pattern !== undefined && !pattern)
    return { code: 1, out: `No pattern is called ${values.pattern}. There are: ${ledger.patterns.map((p) => p.name).join(', ')}.` };
  const advice = advise(ledger, person, pattern && [pattern.id], on, unit);
  return { code: 0, out: values.json ? JSON.stringify(advice, null, 2) : adviceText(advice, unit) };
}
