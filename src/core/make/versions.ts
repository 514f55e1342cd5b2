import type { Make, Pattern, View } from '../records';
import { byDay } from '../units/date';
import { addToGroup } from '../units/group-by';
import { firstOf } from '../units/item-at';
import { memoize } from '../units/memoize';
import { STATES } from './states';
import { viewAsMade, type ViewAsMade } from './view-as-made';

/** A pattern with a person's makes of it, in any order. */
export interface MadeOf {
  readonly pattern: Pick<Pattern, 'id'>;
  readonly makes: readonly Make[];
}

/** The view that a pattern is drawn in where none is named: its shape asks for one at least. */
export function firstView({ views }: Pick<Pattern, 'views'>): View {
  return firstOf(views);
}

/** A view of a pattern by its id; the first where there is none of that id, or none is named. */
export function viewNamed(pattern: Pick<Pattern, 'views'>, id: string | undefined): View {
  return pattern.views.find((v) => v.id === id) ?? firstView(pattern);
}

/** The view of this pattern that a make used, with what was chosen for it and the parts that came from other views. */
export function viewOf(pattern: Pattern, { sources, chosen }: Pick<Make, 'sources'> & Partial<Pick<Make, 'chosen'>>): ViewAsMade {
  // Asked of every note: most patterns have one view, and most garments come from one pattern with nothing to choose.
  if (pattern.views.length === 1 && !chosen) return firstView(pattern);
  const view = viewNamed(pattern, sources.find((s) => s.patternId === pattern.id)?.viewId);
  return sources.length === 1 && !chosen ? view : viewAsMade(pattern, view, sources, chosen);
}

/** The order of versions, as a list is sorted by it: by number, and of two with one number the one that was cut first. */
export const byVersion = (a: Make, b: Make): number => a.version - b.version || byDay(a.cutOn, b.cutOn);

/** Makes in the order of their versions. */
export function inOrder(makes: readonly Make[]): Make[] {
  return [...makes].sort(byVersion);
}

/** The part of a ULID that tells when it was made. */
const GIVEN_AT = /^([0-9A-HJKMNP-TV-Z]{10})[0-9A-HJKMNP-TV-Z]{16}$/;

/** When an id was given, as a text that sorts by it; nothing where the id does not tell. */
const givenAt = (id: string): string => GIVEN_AT.exec(id)?.[1] ?? '';

/**
 * Makes as a list shows them that begins with the latest: by the day they were finished, else cut; of one day what was entered last, and of what
 * was entered at once the later version.
 *
 * @example [...makes].sort(latestFirst)
 */
export const latestFirst = (a: Make, b: Make): number => {
  const day = byDay(b.finishedOn ?? b.cutOn, a.finishedOn ?? a.cutOn);
  if (day !== 0) return day;
  const [given, before] = [givenAt(a.id), givenAt(b.id)];
  return given === before ? b.version - a.version : given > before ? -1 : 1;
};

/**
 * The version that is said, of makes in their order; the last where none is.
 *
 * @example ofVersion(inOrder(makes), undefined) // the latest of them
 */
export const ofVersion = (ordered: readonly Make[], version: number | undefined): Make | undefined =>
  version === undefined ? ordered.at(-1) : ordered.findLast((m) => m.version === version);

/** The makes of each pattern that is the first of their sources, by its id, in the order in which they stand; worked out once of a table. */
export const madeOfEach: (makes: readonly Make[]) => ReadonlyMap<string, readonly Make[]> = memoize((makes) => {
  const found = new Map<string, Make[]>();
  for (const make of makes) if (make.sources[0]) addToGroup(found, make.sources[0].patternId, make);
  return found;
});

/** Makes of a pattern for a person, where the pattern is any of their sources, in the order of their versions. */
export function makesOf(makes: readonly Make[], patternId: string, personId: string): Make[] {
  return makes.filter((m) => m.personId === personId && m.sources.some((s) => s.patternId === patternId)).sort(byVersion);
}

/** The versions of a pattern: makes of which it is the main one. Where it only lent a piece, a make is evidence and no version. */
export function versionsOf({ pattern, makes }: MadeOf): Make[] {
  return inOrder(makes.filter((m) => m.sources[0]?.patternId === pattern.id));
}

/** The number that the next version bears: toiles count, and so does what was given up. */
export function nextVersion(made: MadeOf): number {
  return Math.max(0, ...versionsOf(made).map((m) => m.version)) + 1;
}

/** Whether a make counts in what is carried forward: not one left out, only planned, or given up before anything was seen of it. */
export function counts(make: Make): boolean {
  if (make.setAside !== undefined || make.state === 'planned') return false;
  const givenUp = STATES[make.state].unmade && STATES[make.state].ended;
  return !givenUp || make.fitNotes.length > 0;
}

/** Makes that count, in order. */
export function countedMakes({ makes }: Pick<MadeOf, 'makes'>): Make[] {
  return inOrder(makes).filter(counts);
}

/** Versions that count, in order. */
export function countedVersions({ pattern, makes }: MadeOf): Make[] {
  return versionsOf({ pattern, makes: countedMakes({ makes }) });
}

/** The version from which a new one starts: the last that counts. */
export function lastVersion(made: MadeOf): Make | undefined {
  return countedVersions(made).at(-1);
}
