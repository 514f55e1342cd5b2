import { Bench } from 'tinybench';
import { verdictsDue } from '../src/core/decide/verdict-due';
import { wardrobe } from '../src/core/wear/wardrobe';
import { largeLedger, TODAY } from './large-ledger';

/** Wear of 5,000 makes and 50,000 wears against a quarter of it: how much more the whole costs, and how long it took, in ms. */
export async function benchWear(): Promise<{ readonly growth: number; readonly ms: number }> {
  const bench = new Bench({ time: 0, iterations: 15, warmupIterations: 5, warmupTime: 0 });
  for (const makes of [1250, 5000]) {
    const { wears, patterns, ...rest } = largeLedger(makes);
    bench.add(`${makes} makes, ${10 * makes} wears`, () => {
      wardrobe(rest.makes, wears, patterns, [], 'north', TODAY);
      verdictsDue(rest.makes, wears, [], 'north', TODAY);
    });
  }
  await bench.run();
  console.table(bench.table());
  const [small, large] = bench.tasks.map((t) => (t.result && 'latency' in t.result ? t.result.latency.p50 : NaN));
  return { growth: large! / small!, ms: large! };
}
