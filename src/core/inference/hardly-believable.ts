import { Scratch } from './allocate';
import { doubtOf, edgesOf, logLikelihood, outcomeTails, type Observation } from './likelihood';
import { itemAt, numberAt } from '../units/item-at';

/** A note whose tail under all the others is below this is hardly believable beside them. Source: engine.md, section 4. */
const TAIL = 0.01;
/** A note is comfortable with a θ that lies by so many of its doubts within what would be noted like it. */
const COMFORTABLE = 0.75;
/** Beside two others at least, a note that is so likely where they all agree best is not held against them one by one. */
const AGREES = 0.1;
/** Where the logarithm of a density has fallen by so much, what is left moves no chance by a thousandth. */
const DEPTH = 12;

const ALL = new Scratch();
const ONE = new Scratch();

/** Whether there is a θ with which every note is comfortable: then none of them need be held against the others. */
function goTogether(observations: readonly Observation[]): boolean {
  let [low, high] = [-Infinity, Infinity];
  for (const o of observations) {
    const [from, to] = edgesOf(o.outcome, o.edges);
    const within = Math.min(COMFORTABLE * doubtOf(o), (to - from) / 2);
    low = Math.max(low, o.x - to + within);
    high = Math.min(high, o.x - from - within);
  }
  return low <= high;
}

/**
 * The notes that all the others together make hardly believable: for each note the chance of such a one, or a stronger, if the others are
 * right; undefined where there is nothing to wonder at.
 *
 * @param observations of one pattern at one zone; steps of an unknown length are told with their doubt
 * @param spread of what was believed before the notes, normal round 0, cm
 * @example hardlyBelievable([], 2) // []
 */
export function hardlyBelievable(observations: readonly Observation[], spread: number): (number | undefined)[] {
  if (observations.length < 2 || goTogether(observations)) return observations.map(() => undefined);
  const step = Math.min(spread, ...observations.map(doubtOf)) / 2;
  // Beyond what every note is sure of, only the prior speaks.
  const reach = 4 * spread;
  const start = Math.min(-reach, ...observations.map((o) => o.x - o.edges[2] - 4));
  const points = Math.ceil((Math.max(reach, ...observations.map((o) => o.x + o.edges[2] + 4)) - start) / step) + 1;
  const all = ALL.of(points);
  for (let k = 0; k < points; k++) all[k] = -0.5 * ((start + k * step) / spread) ** 2;
  const grid = { start, step, values: all };
  const said = observations.map(logLikelihood);
  for (const note of said) note(grid);
  const best = start + all.indexOf(Math.max(...all)) * step;
  return observations.map((observation, i) => {
    if (observations.length > 2) {
      const { atMost, atLeast } = outcomeTails(observation, best);
      if (Math.min(atMost, atLeast) >= AGREES) return undefined;
    }
    const others = ONE.of(points);
    itemAt(said, i)({ start, step, values: others });
    let peak = -Infinity;
    for (let k = 0; k < points; k++) peak = Math.max(peak, (others[k] = numberAt(all, k) - numberAt(others, k)));
    let [mass, atMost, atLeast] = [0, 0, 0];
    for (let k = 0; k < points; k++) {
      if (numberAt(others, k) < peak - DEPTH) continue;
      const weight = Math.exp(numberAt(others, k) - peak);
      const tails = outcomeTails(observation, start + k * step);
      mass += weight;
      atMost += weight * tails.atMost;
      atLeast += weight * tails.atLeast;
    }
    const tail = Math.min(atMost, atLeast) / mass;
    return tail < TAIL ? tail : undefined;
  });
}

/**
 * The same notes, those that are hardly believable marked as what may be a slip, so that later notes outvote them.
 *
 * @example withDoubts([], 2) // []
 */
export function withDoubts<O extends Observation>(observations: readonly O[], spread: number): readonly O[] {
  const tails = hardlyBelievable(observations, spread);
  return tails.every((t) => t === undefined) ? observations : observations.map((o, i) => (tails[i] === undefined ? o : { ...o, doubted: true }));
}
