import { sameLine } from '../garment/chart';
import { fitAlterations } from '../alteration/effects';
import { sameAlteration } from '../alteration/alteration-key';
import type { Alteration, Make, Pattern } from '../records';
import type { Intended } from '../plan/meant';
import { entryFromLine } from './entry-from-line';
import { readLine } from './read-line';
import type { LineContext } from './sentence';

/** How a wish begins: what comes after it is read like what was done. */
const WISH =
  /^(?:(?:i|please|so|and|but|then|it)\s+)*(?:(?:for |the )?next (?:time|one|version|pair)\s*[,:–-]?\s*|(?:in )?future\s*[,:]?\s*|needed(?: to)?\s+|(?:(?:i )?(?:should|would|could|must|want to|need to|plan to|will|ought to)|i'd|i'll|might|try to|remember to)\s+(?:(?:like|try|prefer|love|also|probably|definitely|rather)(?: to)?\s+)*)+/i;

/**
 * What is meant by words about the next version of a pattern.
 *
 * @param words as they were written: `next time lengthen the sleeve by 2`
 * @param make the garment of which they were said
 * @param context names of the ledger, usual unit and currency, and the day
 * @param newId gives ids; two calls give different ones
 */
export function readIntention(words: string, make: Make, pattern: Pattern, context: LineContext, newId: () => string): Intended {
  const own = { ...context, patterns: context.patterns.filter((p) => p.id === pattern.id) };
  const chips = readLine(`${pattern.name}, ${words.trim().replace(WISH, '')}`, own);
  const bare: Make = { ...make, alterations: [], sizeLines: [], fabrics: [] };
  const { make: said, newFabrics } = entryFromLine(chips, { start: bare, zones: [], context: own, newId });
  const before = fitAlterations(make);
  const viewId = said.sources[0]?.viewId;
  return {
    alterations: said.alterations.map((a) => onTopOf(before, a)),
    ...(said.size && !sameLine(said.size, make.size) ? { size: said.size } : {}),
    sizeLines: said.sizeLines,
    ...(viewId === undefined || viewId === make.sources[0]?.viewId ? {} : { viewId }),
    fabrics: said.fabrics.filter((use) => !newFabrics.some((f) => f.id === use.fabricId)),
  };
}

/** "Two longer" is two longer than it was: what was altered alike is added. */
function onTopOf(before: readonly Alteration[], meant: Alteration): Alteration {
  const alike = before.filter((a) => sameAlteration(a, meant) && a.way === meant.way && a.amount !== undefined);
  if (meant.amount === undefined || alike.length === 0) return { ...meant, when: 'paper' };
  const amount = alike.reduce((sum, a) => sum + (a.amount ?? 0), meant.amount);
  return { ...meant, when: 'paper', amount: Math.round(amount * 100) / 100 };
}

/** Whether anything of it was understood. */
export const isUnderstood = ({ alterations, size, sizeLines, viewId, fabrics }: Intended): boolean =>
  alterations.length > 0 || size !== undefined || sizeLines.length > 0 || viewId !== undefined || fabrics.length > 0;
