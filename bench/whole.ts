import { Bench } from 'tinybench';
import type { CaseTables } from '../src/core/garment/case';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import type { Make } from '../src/core/records';
import { largeLedger, PERSON } from './large-ledger';
import { reckon, reckonAll } from './reckon-all';

export interface WholeResult {
  readonly wholeMs: number;
  readonly againMs: number;
  /** How many times as long as JSON.parse of the same ledger's text. */
  readonly timesParse: number;
  /** Patterns reckoned again after one new note, and how many there are. */
  readonly anew: number;
  readonly patterns: number;
}

/** A ledger of 5,000 makes, 50,000 wears and 400 patterns: all of it from nothing, and what one new fit note touches. */
export async function benchWhole(): Promise<WholeResult> {
  const { wears, ...tables } = largeLedger(5000);
  const known = new EngineSession();
  known.learn(newsBetween({}, tables));
  // Asked about everything, so that all is known before the note.
  known.habits(PERSON);
  let now: CaseTables = tables;

  const bench = new Bench({ time: 0, iterations: 8, warmupIterations: 4, warmupTime: 0 });
  bench.add('all of it', () => reckonAll(tables, wears));
  const text = JSON.stringify({ ...tables, wears });
  bench.add('its text parsed', () => JSON.parse(text));
  bench.add('after one new fit note', () => {
    const first = now.makes[0]!;
    const noted: Make = { ...first, fitNotes: first.fitNotes.map((n, i) => (i === 0 ? { ...n, outcome: n.outcome === 0 ? 1 : 0 } : n)) };
    const next = { ...now, makes: [noted, ...now.makes.slice(1)] };
    known.learn(newsBetween(now, next));
    now = next;
    reckon(known, first.sources[0]!.patternId);
  });
  await bench.run();
  console.table(bench.table());
  const [all, parsed, again] = bench.tasks.map((t) => (t.result && 'latency' in t.result ? t.result.latency.p50 : NaN));
  return { wholeMs: all!, againMs: again!, timesParse: all! / parsed!, anew: known.memory(PERSON).anew, patterns: tables.patterns.length };
}
