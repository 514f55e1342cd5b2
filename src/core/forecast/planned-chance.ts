import { viewOf } from '../make/versions';
import { edgesOf } from '../body/fit-class';
import { bodyOn } from '../body/measures';
import type { ZoneId } from '../body/zones';
import type { Make } from '../records';
import { beliefAt } from './belief';
import { fitClassAt, type PatternCase } from '../garment/case';
import { zonesOfCase } from './carry-forward';
import { caseForPlan, plannedUse, type PlannedCut } from './next-cut';
import { doubtOfGarment, Garment, measureIn, type Offset } from '../garment/offset';
import type { BestCut } from '../inference/posterior';
import { chanceOfCut } from '../inference/unknown-step';
import { idealAt } from './ideal';
import { labelPlaces, type LabelPlaces } from './label-places';
import type { Recollection } from './recollection';
import { tapeGain, type TapeGain } from './worth-measuring';

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
  /** What it would help to take the measure again that decides it; absent where none does. */
  readonly tape?: TapeGain;
}

/** What the tape is worth at a zone: by how much its best cut would be surer. Of a body that is expected no tape can tell. */
function tapeAt(
  { bodies }: PatternCase,
  zone: ZoneId,
  offset: Offset,
  { date, expected = {} }: PlannedCut,
  now: number,
  atBest: (bodyDoubt: number) => number,
): TapeGain | undefined {
  const measure = measureIn(offset, zone);
  const body = measure && expected[measure] === undefined && offset.bodyDoubt > 0 ? bodyOn(bodies, measure, date) : undefined;
  return measure && body && tapeGain(measure, body, offset.bodyDoubt, now, atBest);
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
    if (offset.chart.from === 'nothing' && !offset.height && offset.alterations.length === 0 && used.length === 0) return [];
    const [t1] = edgesOf(zone, fitClassAt(input.pattern, viewOf(input.pattern, make), zone));
    const doubt = doubtOfGarment(offset);
    const { best, chance: atBest } = idealAt(garment, zone, believed, t1, doubt);
    const chance = chanceOfCut(believed, offset, t1, doubt);
    const labels = labelPlaces(garment, zone, believed);
    const tape = tapeAt(
      forPlan,
      zone,
      offset,
      plan,
      atBest,
      (bodyDoubt) => idealAt(garment, zone, believed, t1, doubtOfGarment({ ...offset, bodyDoubt })).chance,
    );
    const told = { zone, x: offset.x, chance, best, atBest, fabricTooFar: offset.fabric.tooFar, noted: used.length > 0 };
    return [{ ...told, ...(labels ? { labels } : {}), ...(tape ? { tape } : {}) }];
  });
}
