import { chanceOfNote, edgesOf, type Degree, type Observation } from './likelihood';
import { chanceOfRight, equallyLikely, posteriorOf, priorFrom, quantile, type Posterior } from './posterior';

/** By how much the chance of right at the next cut is expected to rise, 0 to 1. */
export interface Worth {
  /** Where it is looked at and noted. */
  readonly note: number;
  /** Where it is pinned or measured besides. */
  readonly pin: number;
}

const OUTCOMES: readonly Degree[] = [-3, -2, -1, 0, 1, 2, 3];
/** So many values of θ, each as likely as any other, stand for what would be pinned. */
const THETAS = 9;
/** What is less likely to be seen is passed over. */
const HARDLY = 0.002;

/** The outcome that is seen where the garment is off by so much and the eye does not err. */
function outcomeAt(off: number, edges: Observation['edges']): Degree {
  return OUTCOMES.find((y) => {
    const [low, high] = edgesOf(y, edges);
    return off > low - 1e-9 && off <= high + 1e-9;
  })!;
}

/**
 * What it is worth to look at a place, before anything is seen there: all that could be seen is gone through, each with its chance.
 *
 * @param believed of the ideal offset now
 * @param look the garment's offset and doubts, and how sharp the eye is; its outcome is not read
 * @param t1 within which a cut is right, cm
 * @param sharpest the smallest width in what is believed, cm
 */
export function worthNoting(believed: Posterior, look: Observation, t1: number, sharpest: number): Worth {
  const { amount: _, found: __, ...eye } = look;
  const prior = priorFrom(believed, sharpest);
  const atBest = (of: Posterior) => chanceOfRight(of, quantile(of, 0.5), t1);
  const after = (seen: Observation) => atBest(posteriorOf([seen], prior));
  const now = atBest(believed);
  const thetas = equallyLikely(believed, THETAS);
  const chanceOf = (outcome: Degree) => {
    const chance = chanceOfNote({ ...eye, outcome });
    return thetas.reduce((sum, theta) => sum + chance(eye.x - theta, eye.garment), 0) / THETAS;
  };
  let note = 0;
  const ofRight = after({ ...eye, outcome: 0 });
  for (const outcome of OUTCOMES) {
    const chance = chanceOf(outcome);
    if (chance > HARDLY) note += chance * (outcome === 0 ? ofRight : after({ ...eye, outcome }));
    else note += chance * now;
  }
  const pin = thetas.reduce((sum, theta) => {
    const off = eye.x - theta;
    const outcome = outcomeAt(off, eye.edges);
    return sum + (outcome === 0 ? ofRight : after({ ...eye, outcome, amount: Math.abs(off), found: 'pinned' }));
  }, 0);
  return { note: note - now, pin: Math.max(note - now, pin / THETAS - now) };
}
