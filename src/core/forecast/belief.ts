import { priorSpread, type ZoneId } from '../body/zones';
import type { PatternCase } from '../garment/case';
import { evidenceAt, type ZoneEvidence } from '../garment/evidence';
import { posteriorOf, type BestCut, type Posterior, type Prior } from '../inference/posterior';
import type { Recollection } from './recollection';

/** What is believed of the ideal offset of a pattern at a zone, and what from. */
export interface Belief extends ZoneEvidence {
  /** Asked for only where a note is left out: what is believed with all of them needs no copy of it. */
  readonly prior: () => Prior | number;
  /** What the person's other patterns say, in numbers for people; absent where none does. Asked for where it is shown. */
  readonly saidByOthers: (() => BestCut) | undefined;
  readonly posterior: Posterior;
}

const ALONE = {};
/** Beliefs that were worked out already: carry forward and sizes ask for the same ones. */
const kept = new WeakMap<object, WeakMap<PatternCase, Map<ZoneId, Belief>>>();

/**
 * What all notes say of a pattern at a zone.
 *
 * @param memory what the person's other patterns say; without it this pattern speaks alone
 */
export function beliefAt(input: PatternCase, zone: ZoneId, memory?: Recollection): Belief {
  const cases = kept.get(memory ?? ALONE) ?? new WeakMap<PatternCase, Map<ZoneId, Belief>>();
  kept.set(memory ?? ALONE, cases);
  const zones = cases.get(input) ?? new Map<ZoneId, Belief>();
  cases.set(input, zones);
  const belief = zones.get(zone) ?? believe(input, zone, memory);
  zones.set(zone, belief);
  return belief;
}

function believe(input: PatternCase, zone: ZoneId, memory: Recollection | undefined): Belief {
  const { used, unused } = evidenceAt(input, zone);
  const others = memory?.others(input, zone);
  if (others) return { used, unused, prior: others.prior, saidByOthers: others.belief, posterior: others.posterior };
  const alone = priorSpread(zone);
  const observations = used.map((e) => e.observation);
  return { used, unused, prior: () => alone, saidByOthers: undefined, posterior: posteriorOf(observations, alone) };
}
