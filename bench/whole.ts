import { Bench } from 'tinybench';
import { sewAgain } from '../src/core/decide/sew-again';
import { carryForward } from '../src/core/fit/carry-forward';
import { versionsOf, type CaseTables } from '../src/core/fit/case';
import { FitLedger, newsBetween } from '../src/core/fit/fit-ledger';
import { habitsOf } from '../src/core/fit/habits';
import type { Make } from '../src/core/records';
import { whatItDid } from '../src/core/versions/what-it-did';
import { wardrobe } from '../src/core/wear/wardrobe';
import { largeLedger, PERSON, TODAY } from './large-ledger';

const PLAN = { date: TODAY, unit: 'cm' as const };

export interface WholeResult {
  /** The very first time, before the engine has compiled what is used most, and after that. */
  readonly firstMs: number;
  readonly wholeMs: number;
  readonly againMs: number;
  /** Patterns reckoned again after one new note, and how many there are. */
  readonly anew: number;
  readonly patterns: number;
}

/** What is worked out of one pattern: the next cut, whether to sew it again, what its last change did. */
function reckon(ledger: FitLedger, patternId: string): void {
  const input = ledger.caseOf(PERSON, patternId)!;
  const carried = carryForward(input, PLAN, ledger.memory(PERSON));
  ledger.sizes(PERSON, patternId, PLAN, undefined);
  sewAgain({ input, carried, today: TODAY });
  const versions = versionsOf(input);
  for (const [i, later] of versions.slice(1).entries()) whatItDid(input, versions[i]!, later);
}

/** A ledger of 5,000 makes, 50,000 wears and 400 patterns: all of it from nothing, and what one new fit note touches. */
export async function benchWhole(): Promise<WholeResult> {
  const { wears, ...tables } = largeLedger(5000);
  const known = new FitLedger();
  known.learn(newsBetween(undefined, tables));
  known.memory(PERSON);
  let now: CaseTables = tables;

  const whole = () => {
    const ledger = new FitLedger();
    ledger.learn(newsBetween(undefined, tables));
    habitsOf(ledger.memory(PERSON));
    for (const { id } of tables.patterns) reckon(ledger, id);
    wardrobe(tables.makes, wears, tables.patterns, tables.cloths, 'north', TODAY);
  };
  const started = performance.now();
  whole();
  const firstMs = performance.now() - started;

  const bench = new Bench({ time: 0, iterations: 8, warmupIterations: 4, warmupTime: 0 });
  bench.add('all of it', whole);
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
  const [all, again] = bench.tasks.map((t) => (t.result && 'latency' in t.result ? t.result.latency.p50 : NaN));
  return { firstMs, wholeMs: all!, againMs: again!, anew: known.memory(PERSON).anew, patterns: tables.patterns.length };
}
