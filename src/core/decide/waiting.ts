import { byDay, type IsoDate } from '../units/date';
import { daysBetween } from '../body/measures';
import type { Alteration, Fabric, LooseEnd, Make, Plan } from '../records';
import type { Hanging } from '../wear/wardrobe';
import type { Hemisphere } from '../wear/season';
import { verdictDue, type VerdictDue } from './verdict-due';

/** Plans are named in the day book from so many days before they are wanted. Source: our own convention; a garment takes some weeks. */
const PLAN_AHEAD = 42;
/** A fabric bought within so many days waits for its first wash; later it lies in the stash like any other. */
const FABRIC_FRESH = 365;

/** What waits for a hand: each is done in one act. */
export interface Waiting {
  /** Cut or half sewn, what was cut first before what was cut later. */
  readonly begun: readonly Make[];
  readonly looseEnds: readonly { readonly make: Make; readonly end: LooseEnd }[];
  readonly verdicts: readonly { readonly hanging: Hanging; readonly due: VerdictDue }[];
  readonly unmarked: readonly { readonly make: Make; readonly alteration: Alteration }[];
  /** Bought within the year and not washed, though it shrinks or nobody knows whether it does. */
  readonly toWash: readonly Fabric[];
  /** Washed, in the stash, not cut yet, and named in a plan. */
  readonly readyToCut: readonly { readonly fabric: Fabric; readonly plan: Plan }[];
  readonly plansDue: readonly Plan[];
}

/**
 * What waits: what lies cut or half sewn, loose ends by age, verdicts due, alterations not yet marked on paper, fabric to wash or ready to cut, plans due.
 *
 * @param hanging all garments in the wardrobe, of everybody
 * @param marks what everybody's next cuts want on the paper (`toMark`)
 */
export function waiting(
  { makes, fabrics, plans }: { makes: readonly Make[]; fabrics: readonly Fabric[]; plans: readonly Plan[] },
  hanging: readonly Hanging[],
  marks: Waiting['unmarked'],
  hemisphere: Hemisphere,
  today: IsoDate,
): Waiting {
  const open = plans.filter((p) => p.state === 'open');
  return {
    begun: makes.filter((m) => m.state === 'sewing' || m.state === 'cut').sort((a, b) => byDay(a.cutOn, b.cutOn)),
    looseEnds: makes
      .flatMap((make) => make.looseEnds.filter((l) => !l.done).map((end) => ({ make, end })))
      .sort((a, b) => byDay(a.end.since, b.end.since)),
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
    readyToCut: open.flatMap((plan) => {
      const used = fabrics.filter((c) => plan.fabrics.some((u) => u.fabricId === c.id));
      return used.filter((c) => c.washedOn !== undefined && c.pieces.length > 0).map((fabric) => ({ fabric, plan }));
    }),
    plansDue: open.filter((p) => p.due !== undefined && daysBetween(today, p.due) <= PLAN_AHEAD).sort((a, b) => byDay(a.due!, b.due!)),
  };
}
