import { priorSpread, zoneOf, type ZoneId } from '../src/core/body/zones';
import { Bench } from 'tinybench';
import type { Observation } from '../src/core/inference/likelihood';
import { phiBetween } from '../src/core/inference/normal';
import { bestCut, posteriorOf } from '../src/core/inference/posterior';
import { edgesOf } from '../src/core/body/fit-class';
import type { Outcome } from '../src/core/records';
import { seeded } from '../src/core/units/seeded';

const PATTERNS = 400;
const VERSIONS = 12;
const ZONES: readonly ZoneId[] = ['bust', 'waist', 'hip', 'acrossBack', 'sleeve', 'bodyLength'];
const STEP = 0.02;

interface Case {
  readonly zone: ZoneId;
  readonly observations: readonly Observation[];
}

/** Versions of a pattern closing in on a hidden ideal, each noted as an observer of the zone's sharpness would note it. */
function cases(): Case[] {
  const chance = seeded(4711);
  const normal = () => Math.sqrt(-2 * Math.log(chance() || 1e-9)) * Math.cos(2 * Math.PI * chance());
  return Array.from({ length: PATTERNS }, () =>
    ZONES.map((zone) => {
      const edges = edgesOf(zone, 'semi');
      const ideal = priorSpread(zone) * normal();
      const observations = Array.from({ length: VERSIONS }, (_, version): Observation => {
        const k = version % 3 === 0 ? 1.3 : version % 3 === 1 ? 1 : 0.7;
        const x = ideal + (priorSpread(zone) * normal()) / (version + 1);
        const felt = x - ideal + k * zoneOf(zone).sigma * normal();
        const size = edges.filter((t) => Math.abs(felt) > t).length;
        const outcome = (size * Math.sign(felt) || 0) as Outcome;
        return { x, outcome, edges, observer: k * zoneOf(zone).sigma, garment: 0 };
      });
      return { zone, observations };
    }),
  ).flat();
}

/** A note's log likelihood as engine.md writes it, with none of the core's short cuts. */
function plainLikelihood({ x, outcome, edges, observer, garment }: Observation): (theta: number) => number {
  const bounds = [-Infinity, -edges[2], -edges[1], -edges[0], ...edges, Infinity];
  const s = Math.hypot(observer, garment);
  const [low, high] = [bounds[outcome + 3]! - x, bounds[outcome + 4]! - x];
  return (theta) => Math.log(Math.max(1e-12, phiBetween((low + theta) / s, (high + theta) / s)));
}

/** The same computation, straightforwardly: every 0.02 cm over everything that is possible. */
function plainMedian({ zone, observations }: Case): number {
  const spread = priorSpread(zone);
  const reach = Math.max(8 * spread, ...observations.map((o) => Math.abs(o.x) + o.edges[2] + 4));
  const points = Math.ceil((2 * reach) / STEP) + 1;
  const notes = observations.map(plainLikelihood);
  const logs = new Float64Array(points);
  let peak = -Infinity;
  for (let i = 0; i < points; i++) {
    const theta = -reach + i * STEP;
    let sum = -0.5 * (theta / spread) ** 2;
    for (const note of notes) sum += note(theta);
    logs[i] = sum;
    peak = Math.max(peak, sum);
  }
  let total = 0;
  for (let i = 0; i < points; i++) total += logs[i] = Math.exp(logs[i]! - peak);
  let sum = 0;
  for (let i = 0; i < points; i++) {
    const before = sum;
    sum += logs[i]! / total;
    if (sum >= 0.5) return -reach + (i - 0.5 + (0.5 - before) / (sum - before)) * STEP;
  }
  return reach;
}

export interface PosteriorResult {
  readonly posteriors: number;
  readonly timesFaster: number;
  readonly furthest: number;
}

/** Posteriors for 400 patterns × 12 versions × 6 zones, against the plain grid, in one run. */
export async function benchPosterior(): Promise<PosteriorResult> {
  const all = cases();
  const fast = () => all.map(({ zone, observations }) => bestCut(posteriorOf(observations, priorSpread(zone))).median);
  const plain = () => all.map(plainMedian);
  const furthest = Math.max(...fast().map((m, i) => Math.abs(m - plainMedian(all[i]!))));
  const bench = new Bench({ time: 0, iterations: 3, warmupIterations: 1, warmupTime: 0 });
  bench.add('closing grid', () => void fast());
  bench.add('plain grid of 0.02 cm', () => void plain());
  await bench.run();
  console.table(bench.table());
  const [closing, grid] = bench.tasks.map((t) => (t.result && 'latency' in t.result ? t.result.latency.mean : NaN));
  return { posteriors: all.length, timesFaster: grid! / closing!, furthest };
}
