import type { IsoDate } from '../units/date';
import { daysBetween } from '../body/measures';
import type { Alteration, Fabric, Make } from '../records';
import type { Hanging } from '../wear/wardrobe';
import type { Hemisphere } from '../wear/season';
import { verdictDue, type VerdictDue } from './verdict-due';

/** A fabric bought within so many days waits for its first wash; later it lies in the stash like any other. */
const FABRIC_FRESH = 365;

/** What waits for a hand: each is done in one act. */
export interface Waiting {
  readonly verdicts: readonly { readonly hanging: Hanging; readonly due: VerdictDue }[];
  readonly unmarked: readonly { readonly make: Make; readonly alteration: Alteration }[];
  /** Bought within the year and not washed, though it shrinks or nobody knows whether it does. */
  readonly toWash: readonly Fabric[];
}

/**
 * What waits beside the bench: verdicts due, alterations not yet marked on paper, fabric to wash.
 *
 * @param hanging all garments in the wardrobe, of everybody
 * @param marks what everybody's next cuts want on the paper (`toMark`)
 */
export function waiting(
  { fabrics }: { readonly fabrics: readonly Fabric[] },
  hanging: readonly Hanging[],
  marks: Waiting['unmarked'],
  hemisphere: Hemisphere,
  today: IsoDate,
): Waiting {
  return {
    verdicts: hanging
      .flatMap((h) => {
        const due = verdictDue(h, hemisphere, today);
        return due ? [{ hanging: h, due }] : [];
      })
      .sort((a, b) => b.hanging.count.times - a.hanging.count.times),
    unmarked: marks,
    toWash: fabrics.filter(
      (c) =>
        c.washedOn === undefined &&
        c.pieces.length > 0 &&
        c.bought !== undefined &&
        daysBetween(c.bought, today) <= FABRIC_FRESH &&
        (c.shrinkAlong === undefined || c.shrinkAlong > 0),
    ),
  };
}
