import { isSizeLabel } from '../garment/ladder';
import { sizeFromText } from '../garment/size-from-text';
import { isWithoutFit, kindNamed } from '../records/garment-named';
import type { Chip } from './chip';

/** A size at the end of some words, with what leads to it: "in size M", "M". */
const SIZE_AT_END = /\s+(?:in\s+)?(?:(?:a\s+)?size\s+)?([A-Za-z0-9/]{1,7})$/;

/** What a pattern may be called: words, without the signs that shorthand is written in. */
const NAME = /^[\p{L}\d][\p{L}\d '’&.-]*$/u;

const chipAt = (text: string, from: number, understood: Chip['understood']): Chip => ({
  from,
  to: from + text.length,
  text,
  understood,
  readings: [],
});

/** A size at the beginning of some words, with what leads to it. */
const SIZE_AT_START = /^(?:in\s+)?(?:(?:a\s+)?size\s+)?([A-Za-z0-9/]{1,7})(?![A-Za-z0-9])/;

/** Of a pattern whose sizes nobody named yet, a word after its name that can only be a size is the size it was cut in. */
export function withSizeSaid(chips: readonly Chip[]): Chip[] {
  const at = chips.findIndex((c) => c.understood.is === 'pattern') + 1;
  const words = chips[at];
  if (at === 0 || words?.understood.is !== 'words') return [...chips];
  const found = SIZE_AT_START.exec(words.text);
  const line = found?.[1] !== undefined && isSizeLabel(found[1]) ? sizeFromText(found[1], []) : undefined;
  if (!line || !found) return [...chips];
  const rest = words.text.slice(found[0].length);
  const left = rest.trimStart();
  const after = left === '' ? [] : [chipAt(left, words.from + found[0].length + rest.length - left.length, { is: 'words', words: left })];
  return [...chips.slice(0, at), chipAt(found[0], words.from, { is: 'size', line }), ...after, ...chips.slice(at + 1)];
}

/**
 * A line that names no pattern of the ledger may name one that is not in it yet: where it begins with words that say what garment it is, or
 * with a capital letter and a size at the end, these are its name. Nothing is taken for a name that stands later in the line.
 *
 * @param chips of a line without a pattern
 */
export function withNewPattern(chips: readonly Chip[]): Chip[] {
  const [first, ...rest] = chips;
  if (first?.understood.is !== 'words') return [...chips];
  const { words } = first.understood;
  const ending = SIZE_AT_END.exec(words);
  const line = ending?.[1] !== undefined && isSizeLabel(ending[1]) ? sizeFromText(ending[1], []) : undefined;
  const name = (line && ending ? words.slice(0, ending.index) : words).trim();
  const start = words.indexOf(name);
  const fitless = isWithoutFit(name);
  const isGarment = fitless || kindNamed(name) !== undefined;
  if (!NAME.test(name) || !(isGarment || (line && /^\p{Lu}/u.test(name)))) return [...chips];
  const named = chipAt(name, first.from + start, fitless ? { is: 'new thing', name } : { is: 'new pattern', name });
  if (!line || !ending) return [named, ...rest];
  const from = first.from + ending.index + (ending[0].length - ending[0].trimStart().length);
  return [named, chipAt(words.slice(from - first.from), from, { is: 'size', line }), ...rest];
}
