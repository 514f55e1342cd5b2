import type { ZoneId } from '../body/zones';
import { beliefAt } from '../forecast/belief';
import { zonesOfCase } from '../forecast/carry-forward';
import type { Recollection } from '../forecast/recollection';
import type { PatternCase } from '../garment/case';
import { evidenceAt, lastEvidence, type Evidence } from '../garment/evidence';
import { type Observation } from '../inference/likelihood';
import { posteriorOf } from '../inference/posterior';
import { sharesOf } from '../inference/shares';
import { doubtOfSteps } from '../inference/unknown-step';
import type { Make } from '../records';
import { itemAt } from '../units/item-at';
import { handDoubt, handOf, movesBetween, type Cause, type Changed } from './moves';

/** What became of a fit note in the next version; an overshot one is fixed, and its contrary is new. Source: engine.md, section 7. */
export type Fate = 'fixed' | 'eased' | 'the same' | 'worse' | 'not seen' | 'new';

/** How surely a cause is named. */
export type Surety = 'by' | 'mostly by' | 'most likely by' | 'not clear';

/** Who gets the credit for what became of a note. */
export interface Credit {
  readonly surety: Surety;
  /** The causes that are named, the weightiest first, with their parts of what helped; where it is not clear, the likeliest if any. */
  readonly causes: readonly { readonly cause: Cause; readonly share: number }[];
  /** What worked against it. */
  readonly inSpiteOf: readonly Cause[];
  /** By how much all changes together made what was seen likelier, 0 to 1. */
  readonly helped: number;
  /** Chance that without the first cause it would not have come so far; absent where it is not clear. */
  readonly otherwise?: number;
  /** Nothing that was changed touches the zone. */
  readonly untouched?: true;
}

export interface Effect {
  readonly zone: ZoneId;
  readonly fate: Fate;
  /** The note of the earlier version, of the later one; absent where the zone was not seen. */
  readonly before: Evidence | undefined;
  readonly after: Evidence | undefined;
  /** Absent where no credit is asked for. */
  readonly credit?: Credit;
}

/** Less help than this names nobody. This and the shares below: engine.md, section 7. */
const HELPED = 0.2;
const BY = 0.85;
const MOSTLY = 0.65;
const BOTH = 0.3;
/** What moved a zone by less, with less doubt, both in t1 of the zone, is never named. */
const TOO_LITTLE = { cm: 0.2, sd: 0.15 };
/** So many changes are weighed one by one; smaller ones go together. */
const MOST_CHANGES = 6;

const isTooLittle = ({ cm, sd }: Changed, t1: number) => Math.abs(cm) < TOO_LITTLE.cm * t1 && sd < TOO_LITTLE.sd * t1;
const strength = ({ cm, sd }: Changed) => Math.abs(cm) + sd;

/** What all notes of a zone but one say, seen from an earlier version: other fabrics hang in their own way, and steps to it may be of any length. */
function believedWithout(input: PatternCase, earlier: Evidence, later: Evidence, memory: Recollection | undefined) {
  const { zone } = later.note;
  const told = evidenceAt(input, zone).used.flatMap((e): Observation[] => {
    if (e.make.id === later.make.id) return [];
    const { steps: _, doubted: __, ...note } = e.observation;
    const hand = handDoubt(zone, note.edges[0], handOf(input, earlier.make, e.make));
    const steps = doubtOfSteps(e.offset.steps - earlier.offset.steps, e.offset.step);
    return [{ ...note, garment: Math.hypot(note.garment, hand, steps) }];
  });
  return posteriorOf(told, beliefAt(input, zone, memory).prior());
}

/** Who gets the credit for what became of a zone. */
function creditFor(input: PatternCase, before: Evidence, after: Evidence, memory: Recollection | undefined): Credit {
  const t1 = after.observation.edges[0];
  const moves = movesBetween(input, before, after);
  const weighty = moves.filter((m) => !isTooLittle(m, t1)).sort((a, b) => strength(b) - strength(a));
  const named = weighty.slice(0, MOST_CHANGES);
  const nobody = { surety: 'not clear', causes: [], inSpiteOf: [], helped: 0 } as const;
  if (named.length === 0) return { ...nobody, untouched: true };
  const rest = moves.filter((m) => !named.includes(m));
  const together = { cm: rest.reduce((sum, m) => sum + m.cm, 0), sd: Math.hypot(...rest.map((m) => m.sd)) };
  const towards = after.note.outcome > before.note.outcome ? 1 : -1;
  // What both versions have in common in doubt is no doubt between them.
  const { doubted: _, ...later } = after.observation;
  const { none, all, parts, without } = sharesOf(
    believedWithout(input, before, after, memory),
    before.offset.x,
    { ...later, garment: 0 },
    towards,
    rest.length === 0 ? named : [...named, together],
  );
  const helped = all - none;
  const total = parts.reduce((sum, part) => sum + Math.max(0, part), 0);
  const shares = named
    .map(({ cause }, i) => ({
      cause,
      part: itemAt(parts, i),
      share: total > 0 ? Math.max(0, itemAt(parts, i)) / total : 0,
      without: itemAt(without, i),
    }))
    .sort((a, b) => b.part - a.part);
  const causesOf = (list: typeof shares) => list.map(({ cause, share }) => ({ cause, share }));
  const inSpiteOf = shares.filter((s) => s.part < -HELPED / 2).map((s) => s.cause);
  const [first] = shares;
  if (!first || helped < HELPED) return { ...nobody, helped, inSpiteOf, causes: causesOf(shares.filter((s) => s.share >= MOSTLY).slice(0, 1)) };
  const both = shares.filter((s) => s.share >= BOTH);
  const surety = first.share >= BY ? 'by' : first.share >= MOSTLY ? 'mostly by' : both.length > 1 ? 'by' : 'most likely by';
  const causes = causesOf(first.share < MOSTLY && both.length > 1 ? both : [first]);
  return { surety, causes, inSpiteOf, helped, otherwise: 1 - first.without };
}

/**
 * What the changes from one version to the next did, note by note (engine.md, section 7): would it have been seen as it was without each?
 *
 * @param memory what the person's other patterns say; without it this pattern speaks alone
 * @returns an entry for each zone that was not right in one of the two; zones right in both are left out
 */
export function whatItDid(input: PatternCase, earlier: Make, later: Make, memory?: Recollection): Effect[] {
  const [ofEarlier, ofLater] = [lastEvidence(input, earlier.id), lastEvidence(input, later.id)];
  const found: Effect[] = [];
  for (const zone of zonesOfCase(input)) {
    const before = ofEarlier[zone];
    const after = ofLater[zone];
    const [was, is] = [before?.note.outcome ?? 0, after?.note.outcome ?? 0];
    if (was === 0 && is === 0) continue;
    const credit = before && after && was !== is ? { credit: creditFor(input, before, after, memory) } : {};
    const say = (fate: Fate, given: Pick<Effect, 'credit'> = {}) => found.push({ zone, fate, before, after, ...given });
    if (!after) say('not seen');
    else if (is !== 0 && Math.sign(is) === Math.sign(was)) say(is === was ? 'the same' : Math.abs(is) < Math.abs(was) ? 'eased' : 'worse', credit);
    else {
      if (was !== 0) say('fixed', credit);
      if (is !== 0) say('new', credit);
    }
  }
  return found;
}
