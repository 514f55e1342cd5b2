import { priorSpread, type ZoneId } from '../body/zones';
import type { PatternCase } from '../garment/case';
import { evidenceAt, sizingAt, type ZoneEvidence } from '../garment/evidence';
import { reportsAt } from '../garment/reports';
import type { BestCut, Prior } from '../inference/posterior';
import { believe, type Believed } from '../inference/unknown-step';
import type { Recollection } from './recollection';

/** What is believed of the ideal offset of a pattern at a zone, and what from. */
export interface Belief extends ZoneEvidence {
  /** Asked for only where a note is left out: what is believed with all of them needs no copy of it. */
  readonly prior: () => Prior | number;
  /** What the person's other patterns say, in numbers for people; absent where none does. Asked for where it is shown. */
  readonly saidByOthers: (() => BestCut) | undefined;
  /** Of the ideal offset, and of the step between sizes where no chart gives it. */
  readonly believed: Believed;
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
  const belief = zones.get(zone) ?? beliefOf(input, zone, memory);
  zones.set(zone, belief);
  return belief;
}

function beliefOf(input: PatternCase, zone: ZoneId, memory: Recollection | undefined): Belief {
  const { used, unused } = evidenceAt(input, zone);
  const others = memory?.others(input, zone);
  if (others) return { used, unused, prior: others.prior, saidByOthers: others.belief, believed: others.believed };
  const { step, doubt, standIn } = sizingAt(input, zone);
  const alone = Math.hypot(priorSpread(zone), doubt);
  // Against the first make's size what others found means nothing.
  const reports = standIn ? [] : reportsAt(input, zone);
  const observations = [...used.map((e) => e.observation), ...reports];
  return { used, unused, prior: () => alone, saidByOthers: undefined, believed: believe(observations, alone, step) };
}
