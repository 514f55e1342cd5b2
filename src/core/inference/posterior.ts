import { cubicAt, cubicsOf } from './cubic';
import { expOf } from './exp';
import { doubtOf, logLikelihood, type Grid, type Observation, type Said } from './likelihood';
import { phiBetween } from './normal';
import { allocate, Scratch } from './allocate';
import { numberAt } from '../units/item-at';

/** What is believed of the ideal offset θ at a zone, as a density on an even grid. */
export interface Posterior {
  readonly start: number;
  readonly step: number;
  /** Density at each grid point; integrates to 1. */
  readonly density: Float64Array;
  /** Mass up to each grid point. */
  readonly mass: Float64Array;
  /** Logarithm of what the mass was before it was brought to 1: among posteriors of one prior, how well its notes agree with it. */
  readonly logMass: number;
}

/** θ where the lower edge of the 80 % range, the middle and the upper edge lie, cm. */
export interface BestCut {
  readonly median: number;
  readonly low: number;
  readonly high: number;
}

/** A standard normal in 25 points, from −4 to 4, with weights that sum to 1. */
const DOUBT_POINTS = Array.from({ length: 25 }, (_, i) => {
  const z = (i - 12) / 3;
  return { z, weight: Math.exp(-0.5 * z * z) / 3 / Math.sqrt(2 * Math.PI) };
});

/** Points of a search grid, and of the grid that is kept. The kept grid has a step of about a quarter of the posterior's spread. */
const SEARCH_POINTS = 33;
const KEPT_POINTS = 56;
/** Where the density has fallen by e^−23 nothing is left that moves a quantile by a hundredth of a centimetre. */
export const DEPTH = 23;

/** Beneath this a density is taken for nothing; its logarithm stays finite. */
const LEAST = 1e-300;
const LOG_LEAST = Math.log(LEAST);

const CUBICS = new Scratch();

/** Densities turned into their logarithms, in place. */
export function logsOf(density: Float64Array): Float64Array {
  for (let i = 0; i < density.length; i++) density[i] = numberAt(density, i) <= LEAST ? LOG_LEAST : Math.log(numberAt(density, i));
  return density;
}

/** What is believed of θ before the pattern's own notes. */
export interface Prior {
  /** Nothing worth speaking of lies further out than this, cm. */
  readonly reach: number;
  /** The smallest width in it, cm: no grid may be coarser. */
  readonly sharpest: number;
  /** The logarithm of the density; a constant more or less does not matter. */
  readonly log: Said;
}

/** Normal round 0: what is believed where nothing else speaks. */
function normalPrior(spread: number): Prior {
  const log: Said = ({ start, step, values }) => {
    for (let k = 0; k < values.length; k++) values[k] = numberAt(values, k) - 0.5 * ((start + k * step) / spread) ** 2;
  };
  return { reach: 8 * spread, sharpest: spread, log };
}

/**
 * A posterior taken as the prior of what comes next. Between grid points the logarithm of the density is followed by a cubic; beyond the
 * grid it falls on as a normal of the same spread would.
 */
export function priorFrom({ start, step, density }: Posterior, sharpest: number): Prior {
  const last = density.length - 1;
  const logs = logsOf(density.slice());
  const cubics = cubicsOf(logs);
  const log: Said = ({ start: first, step: by, values }) => {
    for (let k = 0; k < values.length; k++) {
      const place = (first + k * by - start) / step;
      const beyond = place < 0 ? -place : place - last;
      const there = beyond < 0 ? cubicAt(cubics, place) : numberAt(logs, place < 0 ? 0 : last) - 0.5 * ((beyond * step) / sharpest) ** 2;
      values[k] = numberAt(values, k) + there;
    }
  };
  return { reach: Math.max(Math.abs(start), Math.abs(start + last * step)), sharpest, log };
}

/**
 * The posterior of the ideal offset at a zone.
 *
 * @param observations what the notes say; none gives the prior
 * @param before what was believed before them; a number is the spread of a normal round 0, cm
 */
export function posteriorOf(observations: readonly Observation[], before: Prior | number): Posterior {
  // A coarse grid over all that is possible finds where the mass lies; the grid then closes in on it until it fits. Sums over an even grid
  // of a smooth density converge so fast that 56 points give quantiles well within 0.02 cm.
  const prior = typeof before === 'number' ? normalPrior(before) : before;
  let reach = prior.reach;
  for (const { x, edges } of observations) reach = Math.max(reach, Math.abs(x) + edges[2] + 4);
  const notes = observations.map(logLikelihood);
  const logDensity = (start: number, step: number, points: number): Grid => {
    const grid = { start, step, values: allocate(points) };
    prior.log(grid);
    for (const note of notes) note(grid);
    return grid;
  };

  let low = -reach;
  let high = reach;
  let hills = 1;
  for (let closing = true; closing;) {
    const step = (high - low) / (SEARCH_POINTS - 1);
    const span = spanOfMass(logDensity(low, step, SEARCH_POINTS));
    closing = span.high - span.low < (high - low) / 2;
    ({ low, high, hills } = span);
  }

  const sharpest = Math.min(prior.sharpest, ...observations.map(doubtOf));
  const points = pointsOver({ low, high, hills }, sharpest);
  const step = (high - low) / (points - 1);
  return fromLogs(low, step, logDensity(low, step, points).values);
}

/**
 * A posterior whose log density is known on a wide grid already, where its mass lies: read off by cubics, as finely as if every note had
 * been asked there.
 *
 * @param smooth log densities of all that goes smoothly from one point of its grid to the next
 * @param rest what does not: asked at every point of the finer grid
 * @param sharpest the smallest width in it, cm
 */
export function posteriorAlong(span: Span, smooth: Grid, rest: readonly Said[], sharpest: number): Posterior {
  const { low, high } = span;
  const points = pointsOver(span, sharpest);
  const step = (high - low) / (points - 1);
  const cubics = cubicsOf(smooth.values, CUBICS);
  const fine = { start: low, step, values: allocate(points) };
  for (let i = 0; i < points; i++) fine.values[i] = cubicAt(cubics, (low + i * step - smooth.start) / smooth.step);
  for (const said of rest) said(fine);
  return fromLogs(low, step, fine.values);
}

/** Where a posterior lies, cm, and of how many hills it is there. */
export interface Span {
  readonly low: number;
  readonly high: number;
  readonly hills: number;
}

/** A difference of log densities that is none. */
const LEVEL = 1e-6;
/** Where notes contradict each other a quantile may fall into a valley, where little mass lies on much of the way: so many times finer. */
const FINER_IN_HILLS = 6;

/**
 * Points of the grid that is kept over a span: none of its hills may be narrower than the grid can see.
 *
 * @param sharpest the smallest width in it, cm
 */
function pointsOver({ low, high, hills }: Span, sharpest: number): number {
  return Math.ceil(Math.max(KEPT_POINTS, (3 * (high - low)) / sharpest)) * (hills > 1 ? FINER_IN_HILLS : 1);
}

/** The stretch of a grid of log densities outside which nothing is left, cm. */
export function spanOfMass({ start, step, values }: Grid): Span {
  let peak = -Infinity;
  for (let i = 0; i < values.length; i++) if (numberAt(values, i) > peak) peak = numberAt(values, i);
  const enough = peak - DEPTH;
  /** Where, from a point that has not enough to its neighbour that has, it becomes enough. */
  const between = (without: number, having: number) => {
    const [less, more] = [values[without], numberAt(values, having)];
    return less === undefined ? having : without + ((having - without) * (enough - less)) / (more - less);
  };
  let first = 0;
  while (numberAt(values, first) <= enough) first++;
  let last = values.length - 1;
  while (numberAt(values, last) <= enough) last--;
  let hills = 1;
  let fell = false;
  for (let k = first + 1; k <= last; k++) {
    const rise = numberAt(values, k) - numberAt(values, k - 1);
    if (rise < -LEVEL) fell = true;
    else if (fell && rise > LEVEL) {
      hills += 1;
      fell = false;
    }
  }
  return { low: start + step * between(first - 1, first), high: start + step * between(last + 1, last), hills };
}

/** A posterior from the logarithms of its density, which become its density. */
function fromLogs(start: number, step: number, logs: Float64Array): Posterior {
  let peak = -Infinity;
  for (let i = 0; i < logs.length; i++) if (numberAt(logs, i) > peak) peak = numberAt(logs, i);
  for (let i = 0; i < logs.length; i++) logs[i] = expOf(numberAt(logs, i) - peak);
  return posteriorFrom(start, step, logs, peak);
}

/**
 * A posterior from its density on an even grid, which need not be normalised and is then. Each cell is integrated by the cubic through its four nearest points, which is exact to the fifth power
 * of the step; the outermost cells hold nothing worth more than a straight line.
 *
 * @param logPeak what the logarithms of the density were made smaller by before they became one
 */
export function posteriorFrom(start: number, step: number, density: Float64Array, logPeak = 0): Posterior {
  const mass = allocate(density.length);
  const last = density.length - 1;
  for (let i = 1; i <= last; i++) {
    const inner = numberAt(density, i - 1) + numberAt(density, i);
    const cell = i > 1 && i < last ? (13 * inner - numberAt(density, i - 2) - numberAt(density, i + 1)) / 24 : inner / 2;
    mass[i] = numberAt(mass, i - 1) + step * Math.max(0, cell);
  }
  const total = numberAt(mass, last);
  for (let i = 0; i <= last; i++) {
    density[i] = numberAt(density, i) / total;
    mass[i] = numberAt(mass, i) / total;
  }
  return { start, step, density, mass, logMass: logPeak + Math.log(total) };
}

/** The part of a cell's mass that lies in its first `part`, the density going straight from d0 to d1. */
function shareOfCell(d0: number, d1: number, part: number): number {
  return d0 + d1 === 0 ? part : (part * (2 * d0 + part * (d1 - d0))) / (d0 + d1);
}

/** The part of a cell below which a share of its mass lies: `shareOfCell` turned round. */
function partOfCell(d0: number, d1: number, share: number): number {
  const rest = (share * (d0 + d1)) / 2;
  return (2 * rest) / (d0 + Math.sqrt(Math.max(0, d0 * d0 + 2 * (d1 - d0) * rest)) || 1);
}

/**
 * The θ below which a share of the mass lies, cm.
 *
 * @example quantile(posteriorOf([], 2), 0.5) // 0
 */
export function quantile({ start, step, mass, density }: Posterior, share: number): number {
  let low = 0;
  let high = mass.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (numberAt(mass, middle) <= share) low = middle;
    else high = middle;
  }
  const inCell = numberAt(mass, high) - numberAt(mass, low);
  const part = inCell > 0 ? partOfCell(numberAt(density, low), numberAt(density, high), (share - numberAt(mass, low)) / inCell) : 0;
  return start + (low + Math.min(1, Math.max(0, part))) * step;
}

/**
 * So many values of θ that stand for what is believed of it, each as likely as any other, cm.
 *
 * @example equallyLikely(posteriorOf([], 2), 1) // [0]
 */
export function equallyLikely(posterior: Posterior, count: number): number[] {
  return Array.from({ length: count }, (_, i) => quantile(posterior, (i + 0.5) / count));
}

/** Median with the 10 % and 90 % points, cm. */
export function bestCut(posterior: Posterior): BestCut {
  return { median: quantile(posterior, 0.5), low: quantile(posterior, 0.1), high: quantile(posterior, 0.9) };
}

/**
 * The mass below θ.
 *
 * @example massBelow(posteriorOf([], 2), 2) // 0.841314
 */
export function massBelow({ start, step, mass, density }: Posterior, theta: number): number {
  const at = (theta - start) / step;
  if (at <= 0) return 0;
  if (at >= mass.length - 1) return 1;
  const cell = Math.floor(at);
  return (
    numberAt(mass, cell) +
    (numberAt(mass, cell + 1) - numberAt(mass, cell)) * shareOfCell(numberAt(density, cell), numberAt(density, cell + 1), at - cell)
  );
}

/**
 * The mean of a function of θ.
 *
 * @example expectation(posteriorOf([], 2), (theta) => theta ** 2) // 4
 */
export function expectation({ start, step, density }: Posterior, of: (theta: number) => number): number {
  let sum = 0;
  for (let i = 0; i < density.length; i++) {
    const weight = i === 0 || i === density.length - 1 ? 0.5 : 1;
    sum += weight * numberAt(density, i) * of(start + i * step);
  }
  return sum * step;
}

/**
 * The chance that a garment at offset x is noted as right: the mass within t1 of it.
 *
 * @param fabricDoubt σφ of a planned fabric, cm (engine.md, section 2)
 * @example chanceOfRight(posteriorOf([], 2), 0, 2) // 0.682628
 */
export function chanceOfRight(posterior: Posterior, x: number, t1: number, fabricDoubt = 0): number {
  const massWithin = (at: number) => massBelow(posterior, at + t1) - massBelow(posterior, at - t1);
  if (fabricDoubt <= 1e-9) return massWithin(x);
  // Less doubt than a step of the grid: its edges would fall between the points, so the doubt is summed over instead of θ.
  if (fabricDoubt < posterior.step) return DOUBT_POINTS.reduce((sum, { z, weight }) => sum + weight * massWithin(x + z * fabricDoubt), 0);
  return expectation(posterior, (theta) => phiBetween((-t1 - x + theta) / fabricDoubt, (t1 - x + theta) / fabricDoubt));
}

/**
 * How much `full` knows that `less` does not: the Kullback–Leibler divergence in nats, on the grid of `full`.
 * It weighs how much one note counts, whether it moved the best cut or narrowed it.
 *
 * @example divergence(posteriorOf([], 2), posteriorOf([], 2)) // 0
 */
export function divergence(full: Posterior, less: Posterior): number {
  const lessAt = (theta: number) => {
    const at = (theta - less.start) / less.step;
    const cell = Math.floor(at);
    if (cell < 0 || cell >= less.density.length - 1) return 1e-12;
    const part = at - cell;
    return numberAt(less.density, cell) * (1 - part) + numberAt(less.density, cell + 1) * part;
  };
  let sum = 0;
  for (let i = 0; i < full.density.length; i++) {
    const p = numberAt(full.density, i);
    if (p > 1e-12) sum += p * Math.log(p / Math.max(lessAt(full.start + i * full.step), 1e-12));
  }
  return Math.max(0, sum * full.step);
}
