import { firstView, nextVersion, viewOf } from './versions';
import type { Alteration, Fabric, FitNote, Make, PartSource, Pattern, Person, Seen, SewnSet } from '../records';
import { blankMake } from '../records/blank';
import { isFitless } from '../records/usual-zones';
import { kindNamed, patternNamed } from '../records/garment-named';
import type { LogDraft, Look, VerdictSaid } from './draft-shapes';
import type { Start } from './starts';

export type { LogDraft, Look, VerdictSaid };
export type { Start };
export type ZoneSaid = Look['said'][number];

/** Gives an id that was never given before; the core draws none by itself. */
export type NewId = () => string;

/** The name under which a half logged make is kept. Each has its own, so that one begun does not take the place of another. */
export const logDraftName = ({ make }: Pick<LogDraft, 'make'>) => `log ${make.id}`;

/** Half logged makes of a pattern (or, without one, of a name) for a person, in the order they were given. */
export function draftsFor<T extends { readonly value: LogDraft }>(
  drafts: readonly T[],
  of: { patternId?: string | undefined; name?: string | undefined },
): readonly T[] {
  return drafts.filter(({ value: { make } }) => make.sources[0]?.patternId === of.patternId && (of.patternId !== undefined || make.name === of.name));
}

/** Alterations as they come with the paper into the next make: whatever was done on the body before is on the paper now. */
function ontoPaper(alterations: readonly Alteration[], newId: NewId): Alteration[] {
  return alterations.map(({ afterWears: _, stage: __, date: ___, ...a }) => ({ ...a, id: newId(), when: 'paper' }));
}

/**
 * A new version of a pattern.
 *
 * @param input the pattern with this person's makes of it
 * @param day the day it is logged, which is taken for the day it was cut and finished
 * @param previous the make to start from: the last version, or the next cut that the engine proposes; none begins with the pattern as drafted
 */
export function startMake(
  input: { readonly pattern: Pattern; readonly makes: readonly Make[] },
  personId: string,
  day: string,
  previous: Make | undefined,
  newId: NewId,
): Make {
  const { pattern } = input;
  const start: Make = {
    ...blankMake(newId(), personId, nextVersion(input), day),
    sources: sourcesAsDrafted(pattern),
    ...(isFitless(pattern.kind) ? { kind: 'without fit' as const } : {}),
  };
  if (!previous) return start;
  const { own, chosen } = previous;
  return {
    ...start,
    // A combination is kept whole; where the pattern only lent a part, the new one is of it alone.
    sources:
      previous.sources[0]?.patternId === pattern.id ? [...previous.sources] : [{ patternId: pattern.id, viewId: viewOf(pattern, previous).id }],
    ...(own === undefined ? {} : { own }),
    ...(chosen === undefined ? {} : { chosen }),
    ...(previous.chartId ? { chartId: previous.chartId } : {}),
    ...(previous.size ? { size: previous.size } : {}),
    sizeLines: previous.sizeLines,
    alterations: ontoPaper(previous.alterations, newId),
  };
}

/** What a pattern is cut from as drafted: itself, and the parts that it joins. */
export function sourcesAsDrafted(pattern: Pick<Pattern, 'id' | 'views' | 'joins'>): PartSource[] {
  return [{ patternId: pattern.id, viewId: firstView(pattern).id }, ...(pattern.joins ?? [])];
}

/** A garment made over from another: it needs no pattern, and what its name says that it is decides where it is fitted. */
export function startMadeOver(name: string, personId: string, day: string, newId: NewId): Make {
  const garment = kindNamed(name);
  return { ...blankMake(newId(), personId, 1, day), name, kind: 'refashion', ...(garment === undefined ? {} : { garment }) };
}

/** A draft that says nothing yet of fit and liking. */
export function freshDraft(make: Make, start: Start = 'last'): LogDraft {
  return { make, start, look: { seen: { at: 'firstDay' }, said: [] }, verdict: {}, newFabrics: [] };
}

/** Who sews, where nobody is in the ledger yet. */
export const whoever = (newId: NewId): Person => ({ id: newId(), name: 'Me', child: false });

/**
 * A draft of the first make of a pattern that is not in the ledger yet, or of a thing without one; the pattern comes with the make, and so
 * does the person where there is none.
 *
 * @param name as it was typed
 * @param personId whom it is for; undefined where nobody is in the ledger
 */
export function draftNamed(
  name: string,
  { personId, fitless, day, newId }: { personId: string | undefined; fitless: boolean; day: string; newId: NewId },
): LogDraft {
  const newPerson = personId === undefined ? whoever(newId) : undefined;
  const owner = personId ?? newPerson?.id ?? '';
  const newPattern = patternNamed(name, { id: newId(), viewId: newId() }, day, fitless ? 'accessory' : undefined);
  return {
    ...freshDraft(startMake({ pattern: newPattern, makes: [] }, owner, day, undefined, newId), 'drafted'),
    newPattern,
    ...(newPerson ? { newPerson } : {}),
  };
}

/** What a line amounts to: a make, and what is said of it that is not part of the make itself. */
interface LineAmounts {
  readonly make: Make;
  readonly seen: Seen;
  readonly said: readonly ZoneSaid[];
  readonly verdict: VerdictSaid;
  readonly newFabrics: readonly Fabric[];
  readonly newSet?: SewnSet | undefined;
}

/**
 * The draft that a line amounts to.
 *
 * @param named what the line names first, how a draft of that starts, and from which plan
 */
export function draftFromLine(
  { make, seen, said, verdict, newFabrics, newSet }: LineAmounts,
  named?: { readonly [K in 'newPattern' | 'newPerson' | 'start' | 'planId']?: LogDraft[K] | undefined },
): LogDraft {
  const { newPattern, newPerson, planId } = named ?? {};
  const first = {
    ...(planId === undefined ? {} : { planId }),
    ...(newPattern ? { newPattern } : {}),
    ...(newPerson ? { newPerson } : {}),
    ...(newSet ? { newSet } : {}),
  };
  return { ...first, make, start: named?.start ?? 'last', look: { seen, said: [...said] }, verdict, newFabrics: [...newFabrics] };
}

/** The people who come with a make: whom it is for, and who sews. */
export const peopleWith = ({ newPerson, sewist }: Pick<LogDraft, 'newPerson' | 'sewist'>): readonly Person[] =>
  [newPerson, sewist].flatMap((p) => p ?? []);

/** Whom it is that is spoken of from a make on, where nobody was before: who sews, else whom it is for. */
export const spokenOfWith = ({ newPerson, sewist }: Pick<LogDraft, 'newPerson' | 'sewist'>): Person | undefined => sewist ?? newPerson;

/** Whether a make speaks of what comes only with another draft: a pattern, a person, a set or a fabric that was named there first. */
export function leansOn({ make }: Pick<LogDraft, 'make'>, draft: LogDraft): boolean {
  const comes = [draft.newPattern, draft.newSet, ...peopleWith(draft), ...draft.newFabrics].flatMap((record) => record?.id ?? []);
  const spoken = [make.personId, make.setId, ...make.sources.map((s) => s.patternId), ...make.fabrics.map((u) => u.fabricId)];
  return comes.some((id) => spoken.includes(id));
}

/** The fit notes that a look amounts to. */
export function notesOf({ seen, said }: Look, date: string, newId: NewId): FitNote[] {
  return said.map((s) => ({ id: newId(), seen, date, ...s }));
}

/** The verdict that was said, once it says how much the garment is liked: none before that. */
export function verdictsOf({ love, reasons = [], ...more }: VerdictSaid, date: string, wears: number, newId: NewId): Make['verdicts'] {
  return love === undefined ? [] : [{ id: newId(), date, wears, love, reasons, ...more }];
}
