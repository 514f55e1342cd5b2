import { Bench } from 'tinybench';
import { waiting } from '../src/core/decide/waiting';
import { blankMake, blankPattern } from '../src/core/records/blank';
import type { Make, Pattern, Wear } from '../src/core/records';
import { wardrobe } from '../src/core/wear/wardrobe';
import { seeded } from './seeded';

const DAY = 86_400_000;
const TODAY = '2026-11-25';
const day = (n: number) => new Date(n * DAY).toISOString().slice(0, 10);

/** A ledger of so many makes with ten wears each, over ten years. */
function ledger(makes: number): { makes: Make[]; wears: Wear[]; patterns: Pattern[] } {
  const chance = seeded(61);
  const last = Date.parse(TODAY) / DAY;
  const patterns = Array.from({ length: Math.ceil(makes / 12) }, (_, i) => blankPattern(`p${i}`, `v${i}`, `pattern ${i}`, 'shirt'));
  const made = Array.from({ length: makes }, (_, i) => ({
    ...blankMake(`m${i}`, 'person', 1 + Math.floor(i / patterns.length), day(last - Math.floor(chance() * 3650))),
    sources: [{ patternId: `p${i % patterns.length}`, viewId: `v${i % patterns.length}` }],
  }));
  const wears = Array.from({ length: 10 * makes }, (_, i): Wear => {
    const make = made[i % makes]!;
    const from = Date.parse(make.cutOn) / DAY;
    return { id: `w${i}`, date: day(from + Math.floor(chance() * (last - from + 1))), makeIds: [make.id], count: chance() < 0.02 ? 12 : 1 };
  });
  return { makes: made, wears, patterns };
}

/** Wear of 5,000 makes and 50,000 wears against a tenth of it: how much more the whole costs, and how long it took, in ms. */
export async function benchWear(): Promise<{ readonly growth: number; readonly ms: number }> {
  const bench = new Bench({ time: 0, iterations: 5, warmupIterations: 2, warmupTime: 0 });
  for (const makes of [500, 5000]) {
    const { wears, patterns, ...rest } = ledger(makes);
    bench.add(`${makes} makes, ${10 * makes} wears`, () => {
      const hanging = wardrobe(rest.makes, wears, patterns, [], 'north', TODAY);
      waiting({ makes: rest.makes, cloths: [], plans: [], patterns }, hanging, 'north', TODAY);
    });
  }
  await bench.run();
  console.table(bench.table());
  const [small, large] = bench.tasks.map((t) => (t.result && 'latency' in t.result ? t.result.latency.mean : NaN));
  return { growth: large! / small!, ms: large! };
}
