import { sharpness } from './sharpness';
import { inOrder } from '../make/versions';
import { memoize } from '../units/memoize';
import { addToGroup } from '../units/group-by';
import { priorSpread, type ZoneId } from '../body/zones';
import type { FitNote, Make } from '../records';
import { bringsZone, type PatternCase } from './case';
import { looksInTime } from '../make/latest-note';
import { hardlyBelievable } from '../inference/hardly-believable';
import { type Observation } from '../inference/likelihood';
import { withDoubtOfSteps } from '../inference/unknown-step';
import { doubtOfGarment, Garment, isOfBody, type Offset } from './offset';
import { familyOf, sizesAsCut } from './ladder';
import { usualStep } from './usual-steps';

/** A fit note that counts, with the garment's offset when it was seen. */
export interface Evidence {
  readonly make: Make;
  readonly note: FitNote;
  readonly offset: Offset;
  readonly observation: Observation;
  /** k: 1.3 on the first day … 0.7 after ten wears. */
  readonly sharpness: number;
  /** Where the other notes make it hardly believable: the chance of such a note, or a stronger one, if they are right. */
  readonly tail?: number;
}

/** Whether what a note says is what its fabric did: as far off, and the same way, as its give moves the zone against the fabric asked for. */
export function isByFabric({ note, offset, observation }: Evidence): boolean {
  const { cm } = offset.fabric;
  return note.outcome !== 0 && Math.sign(note.outcome) === Math.sign(cm) && Math.abs(cm) >= observation.edges[0];
}

/** A fit note that is shown and does not count, and why. */
export interface UnusedNote {
  readonly make: Make;
  readonly note: FitNote;
  readonly why:
    | 'caused by another zone'
    | 'one side only'
    | 'part left out of the toile'
    | 'looked at again later'
    | 'version left out'
    | 'piece of another pattern';
}

function whyUnused({ pattern }: PatternCase, make: Make, note: FitNote): UnusedNote['why'] | undefined {
  // A doll's dress from a pattern for people says nothing of them.
  if (make.setAside !== undefined || make.kind === 'without fit') return 'version left out';
  if (!bringsZone(pattern, make, note.zone)) return 'piece of another pattern';
  if (make.lacking.includes(note.zone)) return 'part left out of the toile';
  if (note.causedBy !== undefined) return 'caused by another zone';
  if (note.side !== undefined) return 'one side only';
  return undefined;
}

/**
 * The notes on a zone that count as evidence, and those that do not.
 *
 * Per make and state of the garment only the latest look counts: one garment seen twice is not two garments.
 */
export function evidenceAt(input: PatternCase, zone: ZoneId): ZoneEvidence {
  const looks = looksIn(input).get(zone);
  if (!looks) return NO_EVIDENCE;
  const known = weighed(input);
  let evidence = known.get(zone);
  if (!evidence) {
    const { used, unused } = toldOf(input, looks);
    known.set(zone, (evidence = { used: used.length > 1 ? heldAgainstOthers(input, zone, used) : used, unused }));
  }
  return evidence;
}

/** What was told and held against each other, zone by zone as it is asked about: what other patterns say is asked at the zones of one. */
const weighed = memoize((_: PatternCase) => new Map<ZoneId, ZoneEvidence>());

/** The last of a make's notes that count as evidence, by zone. */
export function lastEvidence(input: PatternCase, makeId: string): Partial<Record<ZoneId, Evidence>> {
  return lastByMake(input).get(makeId) ?? {};
}

/** By make: what every change from version to version did is asked of hundreds of patterns at once. */
const lastByMake = memoize((input: PatternCase) => {
  const makes = new Map<string, Partial<Record<ZoneId, Evidence>>>();
  for (const zone of looksIn(input).keys())
    for (const evidence of evidenceAt(input, zone).used) {
      const zones = makes.get(evidence.make.id) ?? {};
      zones[zone] = evidence;
      makes.set(evidence.make.id, zones);
    }
  return makes;
});

/** Notes of a zone: those that count, and those that do not. */
export interface ZoneEvidence {
  readonly used: readonly Evidence[];
  readonly unused: readonly UnusedNote[];
}

const NO_EVIDENCE: ZoneEvidence = { used: [], unused: [] };

/** What was seen of a make at a zone, from the earliest look to the latest. */
interface Looks {
  readonly make: Make;
  readonly notes: readonly FitNote[];
}

/** The looks at each zone of a case, make by make in their order. */
const looksIn = memoize((input: PatternCase): ReadonlyMap<ZoneId, readonly Looks[]> => {
  const zones = new Map<ZoneId, Looks[]>();
  for (const make of inOrder(input.makes)) {
    const notes = new Map<ZoneId, FitNote[]>();
    for (const note of make.fitNotes) addToGroup(notes, note.zone, note);
    for (const [zone, seen] of notes) addToGroup(zones, zone, { make, notes: looksInTime(seen) });
  }
  return zones;
});

/** The garments of a case, by their makes: what is the same at all zones of one is found once. */
const garments = memoize((_: PatternCase) => new Map<Make, Garment>());

function garmentOf(input: PatternCase, make: Make): Garment {
  const known = garments(input);
  let garment = known.get(make);
  if (!garment) known.set(make, (garment = new Garment(input, make)));
  return garment;
}

/** The notes of a zone, each as it was told. */
function toldOf(input: PatternCase, looks: readonly Looks[]): ZoneEvidence {
  const used: Evidence[] = [];
  const unused: UnusedNote[] = [];
  for (const { make, notes } of looks) {
    const counting = notes.filter((note) => {
      const why = whyUnused(input, make, note);
      if (why) unused.push({ make, note, why });
      return why === undefined;
    });
    const garment = garmentOf(input, make);
    for (const [i, note] of counting.entries()) {
      // Two looks are rare: only then does it matter what had been altered between them.
      const again = counting.length > 1 && counting.slice(i + 1).some((later) => garment.stateAt(later) === garment.stateAt(note));
      if (again) unused.push({ make, note, why: 'looked at again later' });
      else used.push(evidenceOf(garment, make, note));
    }
  }
  return { used, unused };
}

/** The notes of a zone held against each other: one that is hardly believable beside the rest may be a slip, unless the sewist was asked. */
function heldAgainstOthers(input: PatternCase, zone: ZoneId, used: readonly Evidence[]): readonly Evidence[] {
  const { step, doubt } = sizingBy(input, zone, used);
  const told = used.map((e) => withDoubtOfSteps(e.observation, step));
  const tails = hardlyBelievable(told, Math.hypot(priorSpread(zone), doubt));
  return used.map((e, i) => {
    const tail = tails[i];
    if (tail === undefined) return e;
    return { ...e, tail, ...(e.note.sure ? {} : { observation: { ...e.observation, doubted: true as const } }) };
  });
}

/** What nobody gave of the sizes of a pattern at a zone. */
export interface Sizing {
  /** The usual length of a step that no chart gives, cm; 0 where every one is known. */
  readonly step: number;
  /** The first make's size stands in for the body: an offset is against that, and says nothing to other patterns. */
  readonly standIn: boolean;
  /** Which size was cut first says little of the body: by so much the ideal offset is in more doubt, cm. */
  readonly doubt: number;
}

const sizings = memoize((_: PatternCase) => new Map<ZoneId, Sizing>());

/** What is not known of the sizes of a pattern at a zone: by its notes, else by its first make as it was cut. */
export function sizingAt(input: PatternCase, zone: ZoneId): Sizing {
  const known = sizings(input).get(zone);
  if (known) return known;
  return sizingBy(input, zone, evidenceAt(input, zone).used);
}

/** The same by these notes, kept for whoever asks again: holding notes against each other asks before they are all told. */
function sizingBy(input: PatternCase, zone: ZoneId, used: readonly Evidence[]): Sizing {
  const first = used[0]?.make ?? inOrder(input.makes)[0];
  const offsets = used.length > 0 ? used.map((e) => e.offset) : first ? [new Garment(input, first).offset(zone)] : [];
  const standIn = offsets.some((o) => !isOfBody(o));
  const sizes = first && standIn ? sizesAsCut(input.pattern, input.makes, first)?.sizes : undefined;
  const sizing = { step: offsets[0]?.step ?? 0, standIn, doubt: sizes ? usualStep(zone, familyOf(sizes)) : 0 };
  sizings(input).set(zone, sizing);
  return sizing;
}

function evidenceOf(garment: Garment, make: Make, note: FitNote): Evidence {
  const { zone, edges } = garment.draft.at(note.zone);
  const offset = garment.offset(note.zone, note);
  const k = sharpness(note.seen, note.over !== undefined && note.over !== '');
  const seen = { x: offset.x, outcome: note.outcome, edges, observer: k * zone.sigma, garment: doubtOfGarment(offset) };
  const said = offset.steps === 0 ? seen : { ...seen, steps: offset.steps };
  const { amount, found } = note;
  if (amount === undefined) return { make, note, offset, sharpness: k, observation: said };
  return { make, note, offset, sharpness: k, observation: { ...said, amount, ...(found ? { found } : {}) } };
}
