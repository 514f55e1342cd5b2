import { parseFabricWeight } from '../../units/fabric-weight';
import { FIT_CLASSES, FIT_CLASS_WORDS, type FitClass } from '../../body/fit-class';
import type { SizeLine } from '../../records';
import { itemAt } from '../../units/item-at';
import { plain } from '../../records/garment-named';
import { sizeFromText } from '../../garment/size-from-text';

/** A row, or a cell of it, that cannot be taken: a sentence that says why. */
export class CannotTake extends Error {}

const FIT_SYNONYMS: Record<string, FitClass> = {
  slim: 'fitted',
  tight: 'close',
  'semi fitted': 'semi',
  regular: 'semi',
  relaxed: 'loose',
  boxy: 'loose',
};

export function fitClassNamed(text: string): FitClass | undefined {
  const said = plain(text);
  return FIT_CLASSES.find((c) => c === said || FIT_CLASS_WORDS[c].toLowerCase() === said) ?? FIT_SYNONYMS[said];
}

/** A size as it was cut, of a chart whose sizes are known or not; a sentence is no size. */
export function readSizeLine(text: string, sizes: readonly string[]): SizeLine | undefined {
  const line = sizeFromText(text, sizes);
  if (!line && text.trim() !== '') throw new CannotTake(`“${text.trim()}” is not a size such as D, C/D or between 12 and 14`);
  return line;
}

const LOVE_WORDS: Record<string, number> = {
  'love it': 5,
  loved: 5,
  love: 5,
  great: 5,
  like: 4,
  good: 4,
  ok: 3,
  okay: 3,
  fine: 3,
  meh: 2,
  dislike: 2,
  bad: 1,
  hate: 1,
};

/** How well a garment is liked, 1 to 5: stars, "4", "4/5", "8 of 10", or a word. */
export function readLove(text: string): number {
  const stars = /^[★*]+[☆]*$/.exec(text.replace(/\s/g, ''));
  const love = stars ? (text.match(/[★*]/g)?.length ?? 0) : loveOfNumbers(text);
  if (love === undefined || love < 1 || love > 5) throw new CannotTake(`“${text}” is not 1 to 5: write 4, 4/5, 8 of 10 or ★★★★`);
  return love;
}

function loveOfNumbers(text: string): number | undefined {
  const found = /^(\d+(?:[.,]\d+)?)\s*(?:(?:\/|of|out of)\s*(\d+))?\s*(?:stars?)?$/i.exec(text.trim());
  if (!found) return LOVE_WORDS[plain(text)];
  const [given, of] = [Number(itemAt(found, 1).replace(',', '.')), Number(found[2] ?? 5)];
  return given > of ? undefined : Math.max(1, Math.round((5 * given) / of));
}

export function readWhole(text: string, most: number): number {
  const number = Number(text.replace(/^(about|ca\.?|~)\s*/i, '').replace(/\s*(x|×|times)$/i, ''));
  if (!Number.isInteger(number) || number < 0 || number > most) throw new CannotTake(`“${text}” is not a whole number up to ${most}`);
  return number;
}

/** A share in %, from "30", "30 %" or "30%". */
export function readPercent(text: string): number {
  const number = Number(text.replace('%', '').replace(',', '.').trim());
  if (!Number.isFinite(number) || number < 0 || number > 300) throw new CannotTake(`“${text}” is not a share such as 30 %`);
  return number;
}

/** Yes or no, as people write it. */
export function readYes(text: string): boolean {
  if (/^(y|yes|true|x|1|✓|✔)$/i.test(text.trim())) return true;
  if (/^(n|no|none|false|0|-|–)$/i.test(text.trim())) return false;
  throw new CannotTake(`“${text}” is neither yes nor no`);
}

/** The weight of a fabric, g/m². */
export function readWeight(text: string): number {
  const read = parseFabricWeight(text, 'cm');
  if (!read.ok) throw new CannotTake(read.problem.replace(/\.$/, ''));
  return read.gsm;
}

/** One of some words, as they are or as they begin; undefined where it is none of them. */
export function choiceNamed<T extends string>(text: string, choices: readonly T[]): T | undefined {
  const said = plain(text);
  return choices.find((c) => plain(c) === said) ?? choices.find((c) => said.length > 2 && plain(c).startsWith(said));
}
