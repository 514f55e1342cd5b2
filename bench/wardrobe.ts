/**
 * What is really worn: simulated wardrobes with three true effects, three pairs of features that nearly always come together, and garments that differ anyhow. What is said
 * from an even chance up is held against what is true; a table of means stands beside it.
 */
import { findings, singleEffects, USUAL_PRIOR, type Seen } from '../src/core/inference/single-effects';
import { seeded } from '../src/core/units/seeded';
import { whatIsWorn } from '../src/core/wardrobe/what-is-worn';
import { wardrobe as wardrobeOf } from '../src/core/wear/wardrobe';
import { largeLedger, TODAY } from './large-ledger';

const SEEDS = Number(process.argv[2] ?? 200);
const [GARMENTS, FEATURES, EFFECT, BETWEEN] = [60, 15, 0.5, 0.6];
/** Features that come together: each with the next, nine times in ten. */
const PAIRS = new Map([
  [1, 0],
  [3, 2],
  [5, 4],
]);

interface Wardrobe {
  readonly seen: Seen[];
  readonly truth: ReadonlyMap<number, number>;
}

function wardrobe(seed: number, effects: number): Wardrobe {
  const chance = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
  const poisson = (mean: number) => {
    const left = Math.exp(-mean);
    let n = 0;
    for (let p = chance(); p > left; p *= chance()) n++;
    return n;
  };
  const truth = new Map<number, number>();
  while (truth.size < effects) truth.set(Math.floor(chance() * FEATURES), chance() < 0.5 ? EFFECT : -EFFECT);
  const seen = Array.from({ length: GARMENTS }, (): Seen => {
    const x: number[] = [];
    for (let j = 0; j < FEATURES; j++) {
      const with_ = PAIRS.get(j);
      x.push(with_ !== undefined ? (chance() < 0.9 ? (x[with_] ?? 0) : chance() < 0.5 ? 1 : 0) : chance() < 0.4 ? 1 : 0);
    }
    const months = 3 + 15 * chance();
    const rate = Math.exp(0.7 + BETWEEN * normal() + [...truth].reduce((sum, [j, b]) => sum + b * (x[j] ?? 0), 0));
    const n = poisson(rate * months);
    return { y: Math.log((n + 0.5) / months), own: 1 / (n + 0.5), x };
  });
  return { seen, truth };
}

/** What a table of means singles out: 80 % ranges of the difference that leave nought out. */
function tableOfMeans(seen: readonly Seen[]): number[] {
  return Array.from({ length: FEATURES }, (_, j) => j).filter((j) => {
    const [with_, without] = [seen.filter((s) => s.x[j] === 1).map((s) => s.y), seen.filter((s) => s.x[j] !== 1).map((s) => s.y)];
    if (with_.length < 3 || without.length < 3) return false;
    const stats = (v: readonly number[]) => {
      const mean = v.reduce((a, b) => a + b, 0) / v.length;
      return { mean, se2: v.reduce((a, b) => a + (b - mean) ** 2, 0) / (v.length - 1) / v.length };
    };
    const [a, b] = [stats(with_), stats(without)];
    return Math.abs(a.mean - b.mean) > 1.2816 * Math.sqrt(a.se2 + b.se2);
  });
}

const sums = { said: 0, wrong: 0, found: 0, truths: 0, held: 0, ranges: 0, tableSaid: 0, tableWrong: 0, nothing: 0 };
for (let seed = 1; seed <= SEEDS; seed++) {
  const { seen, truth } = wardrobe(seed, 3);
  const may = (j: number) => {
    const with_ = seen.filter((s) => (s.x[j] ?? 0) > 0.5).length;
    return with_ >= 3 && seen.length - with_ >= 3;
  };
  const told = findings(singleEffects(seen, USUAL_PRIOR), may);
  sums.truths += truth.size;
  sums.said += told.length;
  const found = new Set<number>();
  for (const { columns, lacking, low, high } of told) {
    const right = columns.filter((c) => truth.has(c));
    if (right.length === 0) sums.wrong++;
    right.forEach((c) => found.add(c));
    const effect = right[0] === undefined ? 0 : (lacking.includes(right[0]) ? -1 : 1) * (truth.get(right[0]) ?? 0);
    sums.ranges++;
    if (effect >= low && effect <= high) sums.held++;
  }
  sums.found += found.size;
  const table = tableOfMeans(seen);
  sums.tableSaid += table.length;
  sums.tableWrong += table.filter((j) => !truth.has(j)).length;
  const quiet = wardrobe(seed + 100_000, 0);
  sums.nothing += findings(singleEffects(quiet.seen, USUAL_PRIOR), () => true).length;
}
const percent = (a: number, b: number) => `${((100 * a) / Math.max(1, b)).toFixed(1)} %`;
console.log(
  `Wardrobes: ${sums.said} findings in ${SEEDS}, ${percent(sums.wrong, sums.said)} wrong (at most 8), ${percent(sums.found, sums.truths)} of true effects found (at least 35); 80 % ranges hold ${percent(sums.held, sums.ranges)} (72 to 88).`,
);
console.log(
  `Without any effect ${(sums.nothing / SEEDS).toFixed(2)} findings each (at most 0.2). A table of means: ${percent(sums.tableWrong, sums.tableSaid)} of ${sums.tableSaid} wrong.`,
);

const { wears, ...tables } = largeLedger(5000);
const hanging = wardrobeOf(tables.makes, wears, tables.patterns, tables.fabrics, 'north', TODAY);
const took = Array.from({ length: 5 }, () => {
  const begun = performance.now();
  // Tables of its own each time: what was worked out of others is not used again.
  whatIsWorn(hanging, { ...tables });
  return performance.now() - begun;
});
console.log(`5,000 makes are told in ${Math.min(...took).toFixed(0)} ms (at most 1,000), the first time in ${(took[0] ?? 0).toFixed(0)}.`);
