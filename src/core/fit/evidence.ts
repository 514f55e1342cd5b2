import { effectsOf } from '../alteration/effects';
import { onceFor } from '../measure/once-for';
import type { ZoneId } from '../measure/zones';
import type { FitNote, Make } from '../records';
import { bringsZone, effectContext, inOrder, viewOf, type PatternCase } from './case';
import { chartOf } from './chart';
import { draftOf } from './draft';
import { sharpness, type Observation } from './likelihood';
import { madeBefore, offsetsOf, type Offset } from './offset';
import { gather } from '../measure/gather';

/** A fit note that counts, with the garment's offset when it was seen. */
export interface Evidence {
  readonly make: Make;
  readonly note: FitNote;
  readonly offset: Offset;
  readonly observation: Observation;
  /** k: 1.3 on the first day … 0.7 after ten wears. */
  readonly sharpness: number;
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

/** The state of a garment at a zone: which of the alterations that touch it had been made. */
function stateAt({ pattern }: PatternCase, make: Make, note: FitNote): string {
  const context = effectContext(pattern, viewOf(pattern, make));
  return make.alterations
    .filter((a) => madeBefore(a, note) && effectsOf(a, context).some((e) => e.zone === note.zone))
    .map((a) => a.id)
    .join(' ');
}

/** Notes of a make at a zone from the earliest to the latest look. */
function inTime(notes: readonly FitNote[]): readonly FitNote[] {
  if (notes.length < 2) return notes;
  const worn = ({ seen }: FitNote) => (seen.at === 'worn' ? seen.wears : seen.at === 'firstDay' ? 0 : -1);
  return [...notes].sort((a, b) => worn(a) - worn(b) || a.date.localeCompare(b.date));
}

/** The latest look at a zone of a make, whether it counts as evidence or not. */
export function latestNote(make: Pick<Make, 'fitNotes'>, zone: ZoneId): FitNote | undefined {
  return inTime(make.fitNotes.filter((n) => n.zone === zone)).at(-1);
}

function whyUnused({ pattern }: PatternCase, make: Make, note: FitNote): UnusedNote['why'] | undefined {
  if (make.setAside !== undefined) return 'version left out';
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
  return readCase(input).get(zone) ?? NO_EVIDENCE;
}

/** The last of a make's notes that count as evidence, by zone. */
export function lastEvidence(input: PatternCase, makeId: string): Partial<Record<ZoneId, Evidence>> {
  return lastByMake(input).get(makeId) ?? {};
}

/** By make: what every change from version to version did is asked of hundreds of patterns at once. */
const lastByMake = onceFor((input: PatternCase) => {
  const makes = new Map<string, Partial<Record<ZoneId, Evidence>>>();
  for (const [zone, { used }] of readCase(input))
    for (const evidence of used) {
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

/** All notes of a case in one pass over its makes: memory, carry forward and what a change did all ask for the same ones. */
const readCase = onceFor((input: PatternCase): ReadonlyMap<ZoneId, ZoneEvidence> => {
  const zones = new Map<ZoneId, { readonly used: Evidence[]; readonly unused: UnusedNote[] }>();
  const listsAt = (zone: ZoneId) => {
    const lists = zones.get(zone) ?? { used: [], unused: [] };
    zones.set(zone, lists);
    return lists;
  };
  for (const make of inOrder(input.makes)) {
    const evidenceOf = evidenceFrom(input, make);
    for (const [zone, notes] of byZone(make.fitNotes)) {
      const { used, unused } = listsAt(zone);
      const counting: FitNote[] = [];
      for (const note of inTime(notes)) {
        const why = whyUnused(input, make, note);
        if (why) unused.push({ make, note, why });
        else counting.push(note);
      }
      for (const [i, note] of counting.entries()) {
        // Two looks are rare: only then does it matter what had been altered between them.
        const later = counting.length > 1 ? counting.slice(i + 1) : NO_NOTES;
        if (later.some((next) => stateAt(input, make, next) === stateAt(input, make, note)))
          unused.push({ make, note, why: 'looked at again later' });
        else used.push(evidenceOf(note));
      }
    }
  }
  return zones;
});

const NO_NOTES: readonly FitNote[] = [];

function byZone(notes: readonly FitNote[]): ReadonlyMap<ZoneId, readonly FitNote[]> {
  const zones = new Map<ZoneId, FitNote[]>();
  for (const note of notes) gather(zones, note.zone, note);
  return zones;
}

/** Makes evidence of the notes of a make. */
function evidenceFrom(input: PatternCase, make: Make): (note: FitNote) => Evidence {
  const draft = draftOf(input.pattern, viewOf(input.pattern, make), chartOf(input.pattern, make.chartId));
  const offsetAt = offsetsOf(input, make);
  return (note) => {
    const { outcome, amount } = note;
    const { zone, edges } = draft.at(note.zone);
    const offset = offsetAt(note.zone, { note });
    const k = sharpness(note.seen, note.over !== undefined && note.over !== '');
    const said = { x: offset.x, outcome, edges, observer: k * zone.sigma, garment: Math.sqrt(offset.cloth.sd ** 2 + offset.unsized ** 2) };
    return { make, note, offset, sharpness: k, observation: amount === undefined ? said : { ...said, amount } };
  };
}
