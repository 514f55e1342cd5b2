import type { ConstructionNote, Pattern } from '../records';

const errata = (notes: readonly ConstructionNote[]) => notes.filter((n) => n.kind === 'erratum');

/**
 * A pattern with the errata that were noted while sewing, where the next version will see them: one that is new is added, one that was
 * reworded is reworded there, and one taken back goes. What stands in the pattern by itself is left alone.
 *
 * @param before the make's notes as they were
 * @param after the make's notes as they are to be
 * @returns undefined where nothing of it changed
 */
export function withErrataFound(pattern: Pattern, before: readonly ConstructionNote[], after: readonly ConstructionNote[]): Pattern | undefined {
  const was = errata(before);
  const is = errata(after);
  if (was.length === is.length && is.every((n) => was.some((w) => w.id === n.id && w.words === n.words))) return undefined;
  const gone = new Set(was.filter((w) => !is.some((n) => n.id === w.id)).map((n) => n.id));
  const kept = pattern.errata.filter((e) => !gone.has(e.id)).map((e) => ({ ...e, words: is.find((n) => n.id === e.id)?.words ?? e.words }));
  const added = is.filter((n) => !kept.some((e) => e.id === n.id || e.words === n.words)).map(({ id, words }) => ({ id, words }));
  return { ...pattern, errata: [...kept, ...added] };
}
