import { itemAt } from '../units/item-at';
import { asFarAs, chanceOfNote, type Observation } from './likelihood';
import { equallyLikely, type Posterior } from './posterior';

/** One change between two versions: by how much it moved the offset, and the doubt of that, cm. */
export interface Move {
  readonly cm: number;
  readonly sd: number;
}

/** What each of some changes had to do with what was seen. Chances, 0 to 1, that the later note would have been as far as it was. */
export interface Shares {
  /** With none of the changes, and with all. */
  readonly none: number;
  readonly all: number;
  /** Each change's part of all less none; less than nought where it worked against it. */
  readonly parts: readonly number[];
  /** With all but each one. */
  readonly without: readonly number[];
}

/** So many values of θ stand for what is believed of it, each as likely as any other. */
const THETAS = 25;
/** A standard normal in nine points, from −3 to 3, with weights that sum to 1. */
const DOUBTS = (() => {
  const raw = Array.from({ length: 9 }, (_, i) => ({ z: (i - 4) * 0.75, weight: Math.exp(-0.5 * ((i - 4) * 0.75) ** 2) }));
  const sum = raw.reduce((total, { weight }) => total + weight, 0);
  return raw.map(({ z, weight }) => ({ z, weight: weight / sum }));
})();
const CERTAIN = [{ z: 0, weight: 1 }];

/**
 * Shapley values of the chance that a note is as far, in its direction, as the one seen: every change joins the others in every order.
 * The doubts of the moves are integrated over, and weighed by the later note itself.
 *
 * @param believed of θ, by all notes but the later one
 * @param from the offset of the earlier version, cm
 * @param later the later note; its x is not read: it is `from` and all the moves
 * @param towards 1 where the garment was seen larger, longer or lower than before
 * @param moves eight at the most: the work doubles with each
 * @example sharesOf(posterior, 0, note, 1, [{ cm: 4, sd: 0 }]).parts // [all − none]
 */
export function sharesOf(believed: Posterior, from: number, later: Observation, towards: 1 | -1, moves: readonly Move[]): Shares {
  const thetas = equallyLikely(believed, THETAS);
  const whole = (1 << moves.length) - 1;
  const size = (set: number) => moves.filter((_, i) => set & (1 << i)).length;
  const seen = asFarAs(later, towards);
  const believable = chanceOfNote(later);
  const chanceWith = (set: number) => {
    // What is moved here, and what the rest moves; variances add up.
    let [here, doubt, rest, restDoubt] = [0, 0, 0, 0];
    for (const [i, { cm, sd }] of moves.entries())
      if (set & (1 << i)) [here, doubt] = [here + cm, doubt + sd * sd];
      else [rest, restDoubt] = [rest + cm, restDoubt + sd * sd];
    [doubt, restDoubt] = [Math.sqrt(doubt), Math.sqrt(restDoubt)];
    let [chance, mass] = [0, 0];
    for (const theta of thetas)
      for (const { z, weight } of doubt === 0 ? CERTAIN : DOUBTS) {
        const off = from + here + z * doubt - theta;
        const weighed = weight * believable(off + rest, restDoubt);
        mass += weighed;
        chance += weighed * seen(off);
      }
    return chance / mass;
  };
  const chances = Array.from({ length: whole + 1 }, (_, set) => chanceWith(set));
  const parts = moves.map((_, i) => {
    const bit = 1 << i;
    let part = 0;
    for (let set = 0; set <= whole; set++)
      if (!(set & bit)) part += orders(size(set), moves.length) * (itemAt(chances, set | bit) - itemAt(chances, set));
    return part;
  });
  return { none: itemAt(chances, 0), all: itemAt(chances, whole), parts, without: moves.map((_, i) => itemAt(chances, whole & ~(1 << i))) };
}

const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));
/** The part of all orders in which exactly these come before one change. */
const orders = (before: number, all: number): number => (factorial(before) * factorial(all - before - 1)) / factorial(all);
