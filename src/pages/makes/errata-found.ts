import type { ConstructionNote, Pattern } from '../../core/records';
import type { Write } from '../../data/journal';

const errata = (notes: readonly ConstructionNote[]) => notes.filter((n) => n.kind === 'erratum');

/**
 * Takes errata that were noted while sewing over into the pattern, where the next version will see them: one that is new is added,
 * one that was reworded is reworded there, and one taken back goes. What stands in the pattern by itself is left alone.
 *
 * @param before the make's notes as they were
 * @param after the make's notes as they are to be
 */
export function errataFound(pattern: Pattern, before: readonly ConstructionNote[], after: readonly ConstructionNote[]): Write[] {
  const was = errata(before);
  const is = errata(after);
  const same = (a: ConstructionNote | undefined, b: ConstructionNote) => a?.words === b.words;
  if (
    was.length === is.length &&
    is.every((n) =>
      same(
        was.find((w) => w.id === n.id),
        n,
      ),
    )
  )
    return [];
  const gone = new Set(was.filter((w) => !is.some((n) => n.id === w.id)).map((n) => n.id));
  const kept = pattern.errata.filter((e) => !gone.has(e.id)).map((e) => ({ ...e, words: is.find((n) => n.id === e.id)?.words ?? e.words }));
  const added = is.filter((n) => !kept.some((e) => e.id === n.id || e.words === n.words)).map(({ id, words }) => ({ id, words }));
  return [{ table: 'patterns', from: pattern, to: { ...pattern, errata: [...kept, ...added] } }];
}
