import type { SizeLine } from '../records';
import { itemAt } from '../units/item-at';
import { labelCalled } from './ladder';

/** No size is called by more words than this. */
const LONGEST = 20;

/**
 * A size as it was cut: one of the chart's where there is one ("40/42" may be a single size, and "medium" is its M), else "C/D", "C-D" or "between C and D" as
 * halfway between two.
 *
 * @param sizes of the pattern's charts, if any are known
 * @returns undefined for what is no size: nothing, or a sentence
 * @example sizeFromText('size m', ['S', 'M', 'L']) // { size: 'M' }
 * @example sizeFromText('medium', ['S', 'M', 'L']) // { size: 'M' }
 * @example sizeFromText('between 12 and 14', []) // { size: '12', to: '14', at: 0.5 }
 */
export function sizeFromText(text: string, sizes: readonly string[]): SizeLine | undefined {
  const said = text.replace(/^(size|us|uk|eu)\s+/i, '').trim();
  if (said === '') return undefined;
  const known = (size: string) => labelCalled(size, sizes);
  const one = known(said);
  if (one) return { size: one };
  const two = /^(?:between\s+)?(.{1,12}?)\s*(?:\/|–|-|\band\b|\bto\b)\s*(.{1,12})$/i.exec(said);
  const [from, to] = two ? [known(itemAt(two, 1)) ?? itemAt(two, 1), known(itemAt(two, 2)) ?? itemAt(two, 2)] : [];
  const letters = (size: string) => /^[A-Z]{1,4}$/i.test(size);
  if (from && to && from !== to && (sizes.length > 0 ? known(from) && known(to) : (letters(from) && letters(to)) || /between/i.test(said)))
    return { size: from, to, at: 0.5 };
  return said.length > LONGEST ? undefined : { size: said };
}
