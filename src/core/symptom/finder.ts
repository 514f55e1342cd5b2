import { alterationKind, asksZones } from '../catalogue/alterations';
import { effectsOf, USUAL_GARMENT } from '../alteration/effects';
import type { Habits } from '../forecast/habits';
import { isFine } from '../alteration/answer';
import { roundToWorkable, type LengthUnit } from '../units/length';
import { firstOf } from '../units/item-at';
import type { ZoneId } from '../body/zones';
import type { Alteration } from '../records';
import { symptomOf, type Answer, type Cause, type SymptomId } from '../catalogue/symptoms';

/** A likely cause of what is seen, with what the person's patterns say of it. */
export interface LikelyCause extends Cause {
  /** The chance that patterns as drafted are so on this person; absent where nothing was noted at the zone. */
  readonly chance?: number;
  /** Patterns that say so. */
  readonly patterns: number;
  /** Alterations that answer this cause: those that move its zone the other way. */
  readonly answers: readonly Alteration[];
}

/** An answer as an alteration on paper, without an amount: a bit, in its direction. */
function asAlteration({ kind, direction }: Answer, zone: ZoneId): Alteration {
  const { ways, zones } = alterationKind(kind);
  const at = asksZones(kind) && zones?.includes(zone) ? { zones: [zone] } : {};
  return { id: `${kind} ${zone}`, kind, way: firstOf(ways), direction, ...at, purpose: 'fit', when: 'paper' };
}

/**
 * cm at a zone for 1 cm of an answer, on a semi-fitted garment with the usual seams; 0 where it does not touch the zone.
 *
 * @example movesAt({ kind: 'sleeve-length', direction: -1 }, 'sleeve') // −1
 */
export function movesAt(answer: Answer, zone: ZoneId): number {
  const { direction, ...alteration } = asAlteration(answer, zone);
  return effectsOf({ ...alteration, amount: direction! }, USUAL_GARMENT).find((e) => e.zone === zone)?.cm ?? 0;
}

/**
 * Likely causes of a symptom: those that this person's patterns usually show first, then in the order of practice. A symptom is
 * evidence and not a diagnosis: every cause stays in the list.
 *
 * @param habits what the person's patterns taught; an amount is offered where they agree on a direction
 */
export function likelyCauses(id: SymptomId, habits: Habits | undefined, unit: LengthUnit): LikelyCause[] {
  const { causes, answers } = symptomOf(id);
  return causes
    .map((cause): LikelyCause => {
      const known = habits?.zones.find((z) => z.zone === cause.zone);
      const chance = known && (cause.direction < 0 ? known.under : known.over);
      const needed = known && Math.sign(known.best.median) === -cause.direction ? Math.abs(known.best.median) : 0;
      return {
        ...cause,
        ...(chance === undefined ? {} : { chance }),
        patterns: known?.patterns ?? 0,
        answers: answers
          .filter((a) => Math.sign(movesAt(a, cause.zone)) === -cause.direction)
          .map((answer) => {
            const { direction, ...alteration } = asAlteration(answer, cause.zone);
            const amount = roundToWorkable(needed / Math.abs(movesAt(answer, cause.zone)), unit, isFine(cause.zone));
            return amount > 0 ? { ...alteration, amount: direction! * amount } : { ...alteration, direction: direction! };
          }),
      };
    })
    .sort((a, b) => (b.chance ?? 0) - (a.chance ?? 0));
}
