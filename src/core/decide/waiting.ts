import { byDay, type IsoDate } from '../units/date';
import { daysBetween } from '../body/measures';
import type { Alteration, Fabric, LooseEnd, Make, Pattern, Plan } from '../records';
import type { Hanging } from '../wear/wardrobe';
import type { Hemisphere } from '../wear/season';
import { verdictDue, type VerdictDue } from './verdict-due';

/** Plans are named in the day book from so many days before they are wanted. Source: our own convention; a garment takes some weeks. */
const PLAN_AHEAD = 42;
/** A fabric bought within so many days waits for its first wash; later it lies in the stash like any other. */
const FABRIC_FRESH = 365;

/** What waits for a hand: each is done in one act. */
export interface Waiting {
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
 * What waits: loose ends by age, verdicts due, alterations not yet marked on paper, fabric to wash or ready to cut, plans due.
 *
 * @param hanging all garments in the wardrobe, of everybody
 */
export function waiting(
  { makes, fabrics, plans, patterns }: { makes: readonly Make[]; fabrics: readonly Fabric[]; plans: readonly Plan[]; patterns: readonly Pattern[] },
  hanging: readonly Hanging[],
  hemisphere: Hemisphere,
  today: IsoDate,
): Waiting {
  const open = plans.filter((p) => p.state === 'open');
  return {
    looseEnds: makes
      .flatMap((make) => make.looseEnds.filter((l) => !l.done).map((end) => ({ make, end })))
      .sort((a, b) => byDay(a.end.since, b.end.since)),
    verdicts: hanging
      .flatMap((h) => {
        const due = verdictDue(h, hemisphere, today);
        return due ? [{ hanging: h, due }] : [];
      })
      .sort((a, b) => b.hanging.count.times - a.hanging.count.times),
    unmarked: unmarkedOf(makes, patterns),
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

/**
 * Fit alterations that are not yet on the pattern paper. Of each pattern and person only the last version's paper matters: earlier ones
 * were cut from it already. What was altered in the fabric while cutting leaves the paper as it is; a pattern let go wants no marks.
 */
function unmarkedOf(makes: readonly Make[], patterns: readonly Pattern[]): { make: Make; alteration: Alteration }[] {
  const kept = new Set(patterns.filter((p) => p.state !== 'retired').map((p) => p.id));
  const last = new Map<string, number>();
  const key = (m: Make) => `${m.personId} ${m.sources[0]?.patternId}`;
  for (const m of makes) if (m.state !== 'abandoned') last.set(key(m), Math.max(last.get(key(m)) ?? 0, m.version));
  return makes
    .filter((m) => kept.has(m.sources[0]?.patternId ?? '') && m.version >= (last.get(key(m)) ?? 0))
    .flatMap((make) =>
      make.alterations
        .filter((a) => a.purpose === 'fit' && a.marked === undefined && a.when !== 'cutting')
        .map((alteration) => ({ make, alteration })),
    );
}
