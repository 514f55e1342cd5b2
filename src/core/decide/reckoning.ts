import { versionsOf } from '../make/versions';
import { usualMinutes } from '../make/minutes';
import type { CarryForward } from '../forecast/carry-forward';
import { type PatternCase } from '../garment/case';
import type { PlannedCut } from '../forecast/next-cut';
import type { ZoneId } from '../body/zones';
import type { Decision, GarmentKind, Make, OwnDecision, Pattern } from '../records';
import { DECISIONS } from '../records/decisions';
import { inRotation } from '../wear/available';
import type { DecisionReason } from './decision-reason';
import { sewAgain, type SewAgainInput } from './sew-again';

/** A pattern in the reckoning: whether to sew it again, with its evidence and what would change it. */
export interface Reckoned {
  readonly patternId: string;
  readonly answer: Decision;
  readonly because: readonly DecisionReason[];
  readonly wouldChange: string;
  readonly early: boolean;
  readonly versions: number;
  readonly bestId?: string;
  readonly weakest?: { readonly zone: ZoneId; readonly chance: number };
  /** Minutes that a version took, the middle of those that say; absent where none does. */
  readonly minutes?: number;
}

/** How many of a kind hang ready, and how many of those are worn out. */
type Rotation = Pick<NonNullable<SewAgainInput['rotation']>, 'ready' | 'wornOut'>;

/** A garment that is no longer reached for since it is damaged. */
const isWornOut = (make: Make) => make.verdicts.at(-1)?.reasons.includes('damage') ?? false;

/** What hangs ready of each kind of garment, in all of a person's patterns. */
export function rotationOf(cases: readonly PatternCase[]): ReadonlyMap<GarmentKind, Rotation> {
  const kinds = new Map<GarmentKind, Rotation>();
  for (const input of cases)
    for (const make of versionsOf(input).filter(inRotation)) {
      const { ready, wornOut } = kinds.get(input.pattern.kind) ?? { ready: 0, wornOut: 0 };
      kinds.set(input.pattern.kind, { ready: ready + make.quantity, wornOut: wornOut + (isWornOut(make) ? make.quantity : 0) });
    }
  return kinds;
}

/**
 * One pattern of a person, reckoned.
 *
 * @param carried what is carried forward of it into this plan; undefined where nothing was cut
 * @param rotation how many of its kind hang ready and are wanted, where the sewist said
 */
export function reckon(input: PatternCase, plan: PlannedCut, carried: CarryForward | undefined, rotation?: SewAgainInput['rotation']): Reckoned {
  const fabric = plan.fabricId === undefined ? undefined : input.fabrics.find((f) => f.id === plan.fabricId);
  const { answer, because, wouldChange, early, best } = sewAgain({ input, carried, today: plan.date, fabric, rotation });
  const minutes = usualMinutes(versionsOf(input));
  return {
    patternId: input.pattern.id,
    answer,
    because,
    wouldChange,
    early,
    versions: versionsOf(input).length,
    ...(best ? { bestId: best.id } : {}),
    ...(carried?.weakest ? { weakest: carried.weakest } : {}),
    ...(minutes === undefined ? {} : { minutes }),
  };
}

/** The sewist's latest own answer for a person; undefined where she said none. */
export function ownDecision(pattern: Pick<Pattern, 'decided'>, personId: string): OwnDecision | undefined {
  return pattern.decided.filter((d) => d.personId === personId).reduce<OwnDecision | undefined>((a, b) => (a && a.date > b.date ? a : b), undefined);
}

/** What is known of a pattern's best version for the order: wears to be expected in a year, and what one has cost. */
export interface Expected {
  readonly wears?: number | undefined;
  /** In minor units. */
  readonly costPerWear?: number | undefined;
}

/**
 * The order of the reckoning: by answer, what can be sewn at once first; within an answer by wears to be expected, then by cost a wear
 * (engine.md, section 9). What is not known comes last.
 */
export function inOrder<T extends { readonly answer: Decision; readonly expected: Expected }>(lines: readonly T[]): T[] {
  return [...lines].sort(
    (a, b) =>
      DECISIONS.indexOf(a.answer) - DECISIONS.indexOf(b.answer) ||
      (b.expected.wears ?? -1) - (a.expected.wears ?? -1) ||
      (a.expected.costPerWear ?? Infinity) - (b.expected.costPerWear ?? Infinity),
  );
}
