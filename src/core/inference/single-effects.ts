import { NINE_TENTHS } from './normal';

/** One garment, or whatever is looked at: what was seen of it, how surely, and what it has of each column (0, 1, or between). */
export interface Seen {
  readonly y: number;
  /** The variance of y by itself: of a count of wears 1 / (n + ½). */
  readonly own: number;
  readonly x: readonly number[];
}

/** How the effects are taken before anything is seen. */
export interface EffectPrior {
  /** How many effects there may be at most. */
  readonly effects: number;
  /** The standard deviation of an effect that there is. */
  readonly sd: number;
  /** The chance that an effect is none. */
  readonly none: number;
  /** What things differ by anyhow, as a variance. */
  readonly between: number;
  /** It is estimated from so many things on, and kept within these. */
  readonly estimatedFrom: number;
  readonly betweenWithin: readonly [number, number];
}

/** Five effects of usual size, one in twenty of them none (wardrobe model; docs/wardrobe.md). */
export const USUAL_PRIOR: EffectPrior = { effects: 5, sd: 0.5, none: 0.05, between: 0.36, estimatedFrom: 30, betweenWithin: [0.1, 1] };

/** One effect: at which column it may be, and how large it is if it is there. */
export interface SingleEffect {
  /** The chance of each column; what is missing to one is the chance that the effect is none. */
  readonly at: readonly number[];
  readonly mean: readonly number[];
  readonly variance: readonly number[];
}

/** All effects together. */
export interface SingleEffects {
  readonly effects: readonly SingleEffect[];
  /** The chance of each column that any effect is at it. */
  readonly inclusion: readonly number[];
  /** What y is in the middle, and each column, by weight: an effect is told against these. */
  readonly middle: number;
  readonly means: readonly number[];
  readonly between: number;
  /** Turns until nothing moved. */
  readonly turns: number;
}

/** Nothing moves any more from so little on; and turns are not taken for ever. */
const [STILL, MOST_TURNS] = [1e-4, 500];

/**
 * Which columns matter, as a sum of single effects: each effect is at one column, and says at which with a chance; columns that nearly always come together share it (Wang,
 * Sarkar, Carbonetto and Stephens, "A simple new approach to variable selection in regression", 2020). Columns are centred by weight; effects are fitted by turns, each
 * to what the others leave.
 *
 * @example singleEffects(garments, USUAL_PRIOR).inclusion // [0.97, 0.03, 0.04]
 */
export function singleEffects(seen: readonly Seen[], prior: EffectPrior = USUAL_PRIOR): SingleEffects {
  const count = seen[0]?.x.length ?? 0;
  const raw: Raw = { y: listed(seen, (s) => s.y), columns: Array.from({ length: count }, () => new Float64Array(seen.length)) };
  // Thing by thing: thousands of them lie apart in memory.
  seen.forEach(({ x }, i) => raw.columns.forEach((column, j) => (column[i] = x[j] ?? 0)));
  let between = prior.between;
  let fitted = fit(seen, raw, between, prior);
  if (seen.length >= prior.estimatedFrom)
    for (let n = 0; n < 3; n++) {
      between = estimated(seen, fitted, between, prior);
      fitted = fit(seen, raw, between, prior);
    }
  const inclusion = Array.from({ length: count }, (_, j) => 1 - fitted.effects.reduce((none, e) => none * (1 - (e.at[j] ?? 0)), 1));
  return { effects: fitted.effects, inclusion, between, middle: fitted.middle, means: fitted.means, turns: fitted.turns };
}

interface Fitted {
  readonly effects: readonly SingleEffect[];
  readonly middle: number;
  readonly means: readonly number[];
  readonly turns: number;
  /** What is left of each y. */
  readonly left: readonly number[];
}

/** What things differ by: the mean of what is left, squared, less what a count is off by itself. */
function estimated(
  seen: readonly Seen[],
  { left, effects }: Fitted,
  before: number,
  { between: usual, estimatedFrom, betweenWithin: [least, most] }: EffectPrior,
): number {
  let [sum, weights] = [0, 0];
  seen.forEach(({ own }, i) => {
    const weight = 1 / (own + before) ** 2;
    sum += weight * ((left[i] ?? 0) ** 2 - own);
    weights += weight;
  });
  // A mean was taken out of it, and an effect takes as much as it is there.
  const taken = 1 + effects.reduce((total, { at }) => total + at.reduce((a, b) => Math.max(a, b), 0), 0);
  const freedom = seen.length / Math.max(1, seen.length - taken);
  const told = weights > 0 ? (freedom * sum) / weights : before;
  // Some tens of things say it roughly: what is usual counts as much as so many of them.
  const blended = (seen.length * told + estimatedFrom * usual) / (seen.length + estimatedFrom);
  return Math.min(most, Math.max(least, blended));
}

/** A number of each thing seen. */
function listed(seen: readonly Seen[], of: (one: Seen) => number): Float64Array {
  const list = new Float64Array(seen.length);
  seen.forEach((one, i) => (list[i] = of(one)));
  return list;
}

/** The sum of products of two lists of one length. */
function product(a: Float64Array | undefined, b: Float64Array): number {
  let sum = 0;
  if (a) for (let i = 0; i < b.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

/** What was seen, column by column. */
interface Raw {
  readonly y: Float64Array;
  readonly columns: readonly Float64Array[];
}

function fit(seen: readonly Seen[], raw: Raw, between: number, { effects: many, sd, none }: EffectPrior): Fitted {
  const count = raw.columns.length;
  const weights = listed(seen, ({ own }) => 1 / (own + between));
  const all = weights.reduce((a, b) => a + b, 0);
  const meanOf = (values: Float64Array) => product(weights, values) / (all || 1);
  const [middle, means] = [meanOf(raw.y), raw.columns.map(meanOf)];
  const columns = raw.columns.map((column, j) => column.map((v) => v - means[j]!));
  const y = raw.y.map((v) => v - middle);
  const weighted = columns.map((column) => column.map((v, i) => v * weights[i]!));
  // All that the turns ask of the things seen: how columns go with each other, and with y. Thousands of garments are gone through once.
  const together = columns.map(() => new Float64Array(count));
  columns.forEach((column, j) => {
    for (let k = 0; k <= j; k++) together[j]![k] = together[k]![j] = product(weighted[k], column);
  });
  const withY = weighted.map((column) => product(column, y));
  const share = (1 - none) / Math.max(1, count);
  const slab = sd * sd;
  const told = Array.from({ length: many }, () => new Array<number>(count).fill(0));
  const effects: SingleEffect[] = Array.from({ length: many }, () => ({ at: [], mean: [], variance: [] }));
  /** What each column is told to do by all effects together. */
  const sum = new Array<number>(count).fill(0);
  let turns = 0;
  for (let moved = Infinity; moved > STILL && turns < MOST_TURNS; turns++) {
    moved = 0;
    for (let l = 0; l < many; l++) {
      const own = told[l] ?? [];
      const others = Float64Array.from(sum, (v, j) => v - (own[j] ?? 0));
      const [mean, variance, logs]: [number[], number[], number[]] = [[], [], []];
      for (let j = 0; j < count; j++) {
        const score = (withY[j] ?? 0) - product(together[j], others);
        const spread = 1 / ((together[j]?.[j] ?? 0) + 1 / slab);
        variance.push(spread);
        mean.push(spread * score);
        // What the column explains, against an effect that is none.
        logs.push(Math.log(share) + 0.5 * Math.log(spread / slab) + 0.5 * spread * score * score);
      }
      const nothing = Math.log(none);
      const highest = Math.max(nothing, ...logs);
      const whole = logs.reduce((total, v) => total + Math.exp(v - highest), Math.exp(nothing - highest));
      const at = logs.map((v) => Math.exp(v - highest) / whole);
      at.forEach((chance, j) => {
        const next = chance * (mean[j] ?? 0);
        moved = Math.max(moved, Math.abs(next - (own[j] ?? 0)));
        sum[j] = (others[j] ?? 0) + next;
        own[j] = next;
      });
      effects[l] = { at, mean, variance };
    }
  }
  const left = Array.from(y);
  sum.forEach((by, j) => {
    if (Math.abs(by) > 1e-9) columns[j]?.forEach((v, i) => (left[i] = (left[i] ?? 0) - by * v));
  });
  return { effects, middle, means, turns, left };
}

/** What is said: one column, or a few that came together and of which one matters. */
export interface Finding {
  /** Columns, the likelier first. */
  readonly columns: readonly number[];
  /** Of these it is the lack that goes with the effect of the first: where one is there the other mostly is not. */
  readonly lacking: readonly number[];
  /** The chance that one of them matters. */
  readonly chance: number;
  readonly clear: boolean;
  /** The effect on y: the middle, and where it is eight times in ten. */
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

/** Clear above this chance, a lean from that on; a set that is said holds so much in at most so many columns. */
const [CLEAR, LEANS, IN_A_SET] = [0.8, 0.5, 2];
/**
 * What can be said of the columns: those that are likelier to matter than not, each once, and pairs of which one does.
 *
 * @param may whether a column may be spoken of at all: enough things with it and without
 */
export function findings({ effects, inclusion }: SingleEffects, may: (column: number) => boolean): Finding[] {
  const found: Finding[] = [];
  const said = new Set<number>();
  const say = (columns: readonly number[], chance: number) => {
    columns.forEach((c) => said.add(c));
    const best = likeliestAt(effects, columns);
    const sign = (c: number) => Math.sign(best.mean[c] ?? 0);
    const lacking = columns.filter((c) => sign(c) * sign(columns[0] ?? c) < 0);
    found.push({ columns, lacking, chance, clear: chance > CLEAR, ...sizeAt(effects, columns, lacking) });
  };
  const byItself = (least: number) =>
    inclusion
      .map((chance, column) => ({ chance, column }))
      .filter(({ chance, column }) => chance >= least && may(column) && !said.has(column))
      .sort((a, b) => b.chance - a.chance)
      .forEach(({ chance, column }) => say([column], chance));
  byItself(CLEAR);
  // Where one alone is not clear, two that came together may be: that is then said, and not the likelier of them.
  for (const { at } of effects) {
    const order = at
      .map((chance, column) => ({ chance, column }))
      .sort((a, b) => b.chance - a.chance)
      .slice(0, IN_A_SET);
    const chance = order.reduce((sum, o) => sum + o.chance, 0);
    if (chance > CLEAR && order.every((o) => may(o.column) && !said.has(o.column)))
      say(
        order.map((o) => o.column),
        chance,
      );
  }
  byItself(LEANS);
  return found.sort((a, b) => b.chance - a.chance);
}

/** How large an effect is, given that it is at one of these columns: what the other effects have there counts as far as it is there. */
function sizeAt(effects: readonly SingleEffect[], columns: readonly number[], lacking: readonly number[]): Pick<Finding, 'middle' | 'low' | 'high'> {
  const best = likeliestAt(effects, columns);
  const moments = (effect: SingleEffect, whole: number) => {
    const of = (value: (c: number) => number) => columns.reduce((sum, c) => sum + ((effect.at[c] ?? 0) / whole) * value(c), 0);
    const mean = of((c) => (lacking.includes(c) ? -1 : 1) * (effect.mean[c] ?? 0));
    return { mean, variance: of((c) => (effect.variance[c] ?? 0) + (effect.mean[c] ?? 0) ** 2) - mean ** 2 };
  };
  const all = effects.map((effect) => moments(effect, effect === best ? chanceAt(best, columns) || 1 : 1));
  const middle = all.reduce((sum, m) => sum + m.mean, 0);
  const wide = NINE_TENTHS * Math.sqrt(all.reduce((sum, m) => sum + m.variance, 0));
  return { middle, low: middle - wide, high: middle + wide };
}
/** The effect that is likeliest to be at one of these columns. */
const likeliestAt = (effects: readonly SingleEffect[], columns: readonly number[]): SingleEffect =>
  effects.reduce((a, b) => (chanceAt(b, columns) > chanceAt(a, columns) ? b : a));
const chanceAt = ({ at }: SingleEffect, columns: readonly number[]): number => columns.reduce((sum, c) => sum + (at[c] ?? 0), 0);
