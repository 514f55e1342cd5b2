import { viewOf } from '../make/versions';
import { edgesOf } from '../body/fit-class';
import type { ZoneId } from '../body/zones';
import type { Make } from '../records';
import { beliefAt } from './belief';
import { fitClassAt, type PatternCase } from '../garment/case';
import { zonesOfCase } from './carry-forward';
import { caseForPlan, plannedUse, type PlannedCut } from './next-cut';
import { Garment } from '../garment/offset';
import type { BestCut } from '../inference/posterior';
import { chanceOfCut } from '../inference/unknown-step';
import { idealAt } from './ideal';
import { labelPlaces, type LabelPlaces } from './label-places';
import type { Recollection } from './recollection';

/** What is to be expected of a planned cut at a zone. */
export interface PlannedZone {
  readonly zone: ZoneId;
  /** Offset of the cut as it is planned, cm. */
  readonly x: number;
  readonly chance: number;
  readonly best: BestCut;
  /** Chance of the best cut there is. */
  readonly atBest: number;
  /** The fabric gives too differently from what the pattern asks to reckon with: a toile is the answer. */
  readonly fabricTooFar: boolean;
  /** Sizes that are only labels: offsets are told as places among them. */
  readonly labels?: LabelPlaces;
  /** Rests on notes of this pattern; else on other patterns alone. */
  readonly noted: boolean;
}

/**
 * The chance of right at every zone of which anything is known, for a cut as it is planned: size lines, alterations, fabric and body.
 *
 * @param make the plan as a make (`makeOfPlan`)
 * @param plan the day whose body counts, and the planned fabric
 * @param memory what the person's other patterns say
 */
export function plannedZones(input: PatternCase, make: Make, plan: PlannedCut, memory?: Recollection): PlannedZone[] {
  const forPlan = caseForPlan(input, plan);
  const cut: Make = { ...make, cutOn: plan.date, fabrics: [plannedUse(plan)], fitNotes: [] };
  // Whose body counts is the plan's to say, whatever the make it would become keeps of it.
  const garment = new Garment(forPlan, { ...cut, bodyId: undefined, expected: undefined });
  const zones = new Set([...zonesOfCase(input), ...viewOf(input.pattern, make).zones]);
  return [...zones].flatMap((zone): PlannedZone[] => {
    if (make.lacking.includes(zone)) return [];
    const { used, saidByOthers, believed } = beliefAt(input, zone, memory);
    if (used.length === 0 && !saidByOthers) return [];
    const offset = garment.offset(zone);
    // An offset of which no term is known says nothing, and neither does one that waits for its size.
    if (offset.unknown.includes('size cut')) return [];
    if (offset.chart.from === 'nothing' && offset.alterations.length === 0 && used.length === 0) return [];
    const [t1] = edgesOf(zone, fitClassAt(input.pattern, viewOf(input.pattern, make), zone));
    const doubt = Math.hypot(offset.fabric.sd, offset.unsized);
    const { best, chance: atBest } = idealAt(garment, zone, believed, t1, doubt);
    const chance = chanceOfCut(believed, offset, t1, doubt);
    const labels = labelPlaces(garment, zone, believed);
    const told = { zone, x: offset.x, chance, best, atBest, fabricTooFar: offset.fabric.tooFar, noted: used.length > 0 };
    return [labels ? { ...told, labels } : told];
  });
}
