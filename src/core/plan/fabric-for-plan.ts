import { effectsOf } from '../alteration/effects';
import { clothNeeded, lengthToBuy, onHand, type ClothNeeded, type OnHand } from '../fabric/needed';
import { washed } from '../fabric/stash';
import { effectContext, viewOf, type PatternCase } from '../garment/case';
import type { IsoDate } from '../units/date';
import type { ZoneId } from '../body/zones';
import type { Cloth, Make, Plan, View } from '../records';

/** Lengths along the grain that take cloth when they are altered. */
const ALONG: readonly ZoneId[] = ['bodyLength', 'skirt', 'leg', 'sleeve'];

/** Whether a cloth's pieces must all lie one way, and what is left out of the length when they do. */
const extraOf = (cloth: Cloth, added: number) => ({
  oneWay: cloth.nap ?? false,
  ...(cloth.repeatAlong === undefined ? {} : { repeat: cloth.repeatAlong }),
  added,
});

/** What the alterations of a plan add to the longest pieces along the grain, cm; what is shortened gives nothing back. */
export function addedAlong({ pattern }: Pick<PatternCase, 'pattern'>, make: Make): number {
  const context = effectContext(pattern, viewOf(pattern, make));
  const sums = new Map<ZoneId, number>();
  for (const a of make.alterations)
    for (const { zone, cm } of effectsOf(a, context)) if (ALONG.includes(zone)) sums.set(zone, (sums.get(zone) ?? 0) + cm);
  return Math.max(0, ...sums.values());
}

/**
 * The width that a view's widest piece needs on the cloth, cm: as it lies on the grain, or turned by half a right angle on the bias, where
 * both its sides count. 0 where nobody measured it.
 */
export function widthNeeded({ widest, longest = widest }: Pick<View, 'widest' | 'longest'>, bias: boolean): number {
  if (widest === undefined) return 0;
  return bias ? (widest + longest!) / Math.SQRT2 : widest;
}

/** What a plan needs of its main cloth, and whether the shelf has it. */
export interface ClothForPlan {
  readonly cloth: Cloth;
  /** Length on the table, cm, washed; with nap, repeats and added lengths. Undefined where nothing is known of the view. */
  readonly needed: number | undefined;
  readonly at: number;
  readonly from: ClothNeeded | undefined;
  /** Width that the widest piece needs, cm; 0 where nobody measured it. */
  readonly widest: number;
  readonly hand: OnHand;
  /** Pieces are shorter after the first wash than they lie there now. */
  readonly shrinks: boolean;
  /** Other open plans in the same cloth, by their ids. */
  readonly alsoPlanned: readonly string[];
}

/** A cloth as it lies once washed: the length that counts at the table. */
const afterWash = (cloth: Cloth, today: IsoDate): Cloth => (cloth.washedOn === undefined ? washed(cloth, today) : cloth);

/**
 * Whether a cloth suffices for a make as it is planned.
 *
 * @param make the plan as a make
 * @param plans all plans: the same cloth may be meant twice
 */
export function clothFor(input: PatternCase, make: Make, cloth: Cloth, today: IsoDate, plans: readonly Plan[] = []): ClothForPlan {
  const { pattern, makes, cloths } = input;
  const view = viewOf(pattern, make);
  const lain = afterWash(cloth, today);
  const added = addedAlong(input, make);
  const at = lain.pieces[0]?.width ?? lain.width ?? 140;
  const use = make.cloths.find((u) => u.clothId === cloth.id && u.part === 'main');
  const widest = widthNeeded(view, use?.bias ?? false);
  const request = { pattern, view, makes, cloths, size: make.size, longestPiece: view.longest };
  const named = use?.length;
  const ofWidth = (width: number) => {
    const found = clothNeeded({ ...request, width });
    // Versions took their own lengths with their own alterations: what they took is what they took.
    const extra = extraOf(lain, found?.from === 'a version' ? 0 : added);
    return found && lengthToBuy(found.length, extra);
  };
  // A length that the sewist wrote into the plan is hers to know better.
  const needed = (width: number) => named ?? ofWidth(width);
  return {
    cloth,
    needed: needed(at),
    at,
    from: named === undefined ? clothNeeded({ ...request, width: at }) : undefined,
    widest,
    hand: onHand(lain.pieces, needed, widest),
    shrinks: cloth.washedOn === undefined && (cloth.shrinkAlong ?? 0) > 0,
    alsoPlanned: plans.filter((p) => p.state === 'open' && p.id !== make.id && p.cloths.some((u) => u.clothId === cloth.id)).map((p) => p.id),
  };
}
