import { alterationKey, sameAlteration } from '../alteration/alteration-key';
import type { Alteration, Make, Pattern } from '../records';

/** An alteration that was made on a garment and is not on the pattern paper yet. */
export interface PaperMark {
  readonly make: Make;
  readonly alteration: Alteration;
  /** The same change as the next cut has it: its amount may be another. */
  readonly wanted: Alteration;
}

/** The same change in a cut that is planned; undefined where it is taken back, or turned round. */
function carriedOn(alteration: Alteration, next: Pick<Make, 'alterations'>): Alteration | undefined {
  return next.alterations.find(
    (a) =>
      sameAlteration(a, alteration) &&
      (a.amount === undefined || alteration.amount === undefined || Math.sign(a.amount) === Math.sign(alteration.amount)),
  );
}

/**
 * What is to be marked on the pattern paper before the next cut: alterations for fit that were made, live on in that cut and were never
 * marked. The latest version that has a change speaks for it. What was altered in the fabric while cutting leaves the paper as it is, and
 * a retired pattern wants no marks.
 *
 * @param versions those that count, in order
 * @param next the cut that is planned, or the one that the engine proposes
 */
export function toMark(pattern: Pick<Pattern, 'state'>, versions: readonly Make[], next: Pick<Make, 'alterations'>): PaperMark[] {
  return unmarked(pattern, versions).flatMap(({ make, alteration }) => {
    const wanted = carriedOn(alteration, next);
    return wanted ? [{ make, alteration, wanted }] : [];
  });
}

/** Whether a pattern could have anything to mark, whatever is cut next: asked before a cut is worked out for it. */
export function canBeMarked(pattern: Pick<Pattern, 'state'>, versions: readonly Make[]): boolean {
  return unmarked(pattern, versions).length > 0;
}

function unmarked({ state }: Pick<Pattern, 'state'>, versions: readonly Make[]): Omit<PaperMark, 'wanted'>[] {
  if (state === 'retired') return [];
  const latest = new Map<string, Omit<PaperMark, 'wanted'>>();
  for (const make of versions)
    for (const alteration of make.alterations)
      if (alteration.purpose === 'fit' && alteration.when !== 'cutting') latest.set(alterationKey(alteration), { make, alteration });
  return [...latest.values()].filter(({ alteration }) => alteration.marked === undefined);
}
