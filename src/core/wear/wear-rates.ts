import { gammaBelow, gammaPoint } from './gamma';
import { addToGroup } from '../units/group-by';
import { itemAt } from '../units/item-at';

/** A garment as the reckoning of wear sees it. */
export interface WornGarment {
  readonly id: string;
  /** Kind of garment; those of a kind are compared with each other where there are five. */
  readonly kind: string;
  /** Wears. */
  readonly n: number;
  /** How far `n` may be out where it was estimated, standard deviation. */
  readonly spread: number;
  /** In-season months in which it could be worn. */
  readonly t: number;
}

export type WearWord = 'works hard' | 'rarely worn' | 'too soon to say';

export interface WearRate {
  /** Wears per in-season month: the mean, and the range that holds it with a chance of 80 %. */
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  /** Against what it was held: the garments of its kind, or all. */
  readonly among: 'kind' | 'all';
  /** The middle rate of those, and the chances on which the word rests. */
  readonly middle: number;
  readonly aboveMiddle: number;
  readonly aboveHalf: number;
  /** Absent where the numbers say neither. */
  readonly word: WearWord | undefined;
}

const ENOUGH = 5;

/** A Gamma distribution by shape and rate. */
interface Gamma {
  readonly shape: number;
  readonly rate: number;
}

/** The prior of a set of garments (engine.md, 8): mean and variance of their rates by moments. */
export function wearPrior(garments: readonly Pick<WornGarment, 'n' | 't'>[]): Gamma {
  const sum = (f: (g: Pick<WornGarment, 'n' | 't'>) => number) => garments.reduce((s, g) => s + f(g), 0);
  const t = sum((g) => g.t);
  const m = (1.5 + sum((g) => g.n)) / (1 + t);
  if (garments.length < ENOUGH) return { shape: 1.5, rate: 1.5 / m };
  const v = (sum((g) => g.t * (g.n / g.t - m) ** 2) - (garments.length - 1) * m) / (t - sum((g) => g.t ** 2) / t);
  const shape = v <= 0 ? 8 : Math.min(8, Math.max(0.5, m ** 2 / v));
  return { shape, rate: shape / m };
}

/** The posterior of one garment. A count that was estimated widens it: the Gamma with the same mean and the variance of both. */
export function wearPosterior(prior: Gamma, { n, t, spread }: Pick<WornGarment, 'n' | 't' | 'spread'>): Gamma {
  const shape = prior.shape + n;
  const rate = prior.rate + t;
  const narrower = shape / (shape + spread ** 2);
  return { shape: shape * narrower, rate: rate * narrower };
}

const median = (values: readonly number[]) => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? itemAt(sorted, half) : (itemAt(sorted, half - 1) + itemAt(sorted, half)) / 2;
};

/**
 * How often each garment is worn and what that says (engine.md, 8): *works hard*, *hangs*, *too soon to say*, or nothing.
 *
 * @param garments of one person; those without a month in which they could be worn are left out
 */
export function wearRates(garments: readonly WornGarment[]): Map<string, WearRate> {
  const counted = garments.filter((g) => g.t > 0);
  const kinds = new Map<string, WornGarment[]>();
  for (const g of counted) addToGroup(kinds, g.kind, g);
  const measureOf = (set: readonly WornGarment[]) => {
    const prior = wearPrior(set);
    const means = set.map((g) => {
      const p = wearPosterior(prior, g);
      return p.shape / p.rate;
    });
    return { prior, middle: means.length > 0 ? median(means) : 0 };
  };
  const all = measureOf(counted);
  const rates = new Map<string, WearRate>();
  for (const set of kinds.values()) {
    const among = set.length >= ENOUGH ? 'kind' : 'all';
    const { prior, middle } = among === 'kind' ? measureOf(set) : all;
    for (const g of set) {
      const { shape, rate } = wearPosterior(prior, g);
      const above = (x: number) => 1 - gammaBelow(shape, x * rate);
      const aboveMiddle = above(middle);
      const aboveHalf = above(middle / 2);
      const word =
        aboveMiddle > 0.7 && g.t >= 1 && g.n >= 3
          ? 'works hard'
          : aboveHalf < 0.1 && g.t >= 2
            ? 'rarely worn'
            : g.t < 2
              ? 'too soon to say'
              : undefined;
      rates.set(g.id, {
        mean: shape / rate,
        low: gammaPoint(shape, rate, 0.1),
        high: gammaPoint(shape, rate, 0.9),
        among,
        middle,
        aboveMiddle,
        aboveHalf,
        word,
      });
    }
  }
  return rates;
}
