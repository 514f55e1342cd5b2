import { FIT_CLASSES, FIT_CLASS_WORDS, type FitClass } from '../../body/fit-class';
import { GARMENT_KINDS, type GarmentKind, type SizeLine } from '../../records';
import { itemAt } from '../../units/item-at';

/** A row, or a cell of it, that cannot be taken: a sentence that says why. */
export class CannotTake extends Error {}

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\s_-]+/g, ' ')
    .trim();

/** What other tables call kinds of garment, beside our own words. */
const KIND_SYNONYMS: Record<string, GarmentKind> = {
  blouse: 'shirt',
  'button up': 'shirt',
  tunic: 'top',
  tee: 'top',
  't shirt': 'top',
  tshirt: 'top',
  sweater: 'top',
  jumper: 'top',
  sweatshirt: 'top',
  hoodie: 'top',
  camisole: 'top',
  pants: 'trousers',
  jeans: 'trousers',
  leggings: 'trousers',
  culottes: 'trousers',
  gown: 'dress',
  nightdress: 'dress',
  blazer: 'jacket',
  parka: 'coat',
  cardi: 'cardigan',
  vest: 'waistcoat',
  jumpsuit: 'one-piece',
  dungarees: 'one-piece',
  overalls: 'one-piece',
  romper: 'one-piece',
  swimwear: 'swimsuit',
  bonnet: 'hat',
  cap: 'hat',
};
const KIND_WORDS = new Map<string, GarmentKind>([...GARMENT_KINDS.map((k) => [plain(k), k] as const), ...Object.entries(KIND_SYNONYMS)]);

/** The kind of garment that words name, alone or among others: "Skerry concert jacket" is a jacket. The last one named counts. */
export function kindNamed(text: string): GarmentKind | undefined {
  const said = plain(text);
  const whole = KIND_WORDS.get(said) ?? KIND_WORDS.get(said.replace(/s$/, ''));
  if (whole) return whole;
  const found = [...KIND_WORDS].flatMap(([word, kind]) => {
    const at = ` ${said} `.search(new RegExp(` ${word}(e?s)? `));
    return at < 0 ? [] : [{ at: at + word.length, length: word.length, kind }];
  });
  return found.sort((a, b) => b.at - a.at || b.length - a.length)[0]?.kind;
}

const KNITS = /\b(knit|jersey|rib(bing)?|interlock|ponte|fleece|french terry|sweatshirting|lycra|tricot)\b/i;
const WOVENS = /\b(woven|cotton|linen|denim|twill|poplin|lawn|wool|silk|satin|canvas|voile|chambray|viscose|crepe|gabardine|corduroy)\b/i;

/** Whether words are of a knit or of a woven fabric. */
export function structureNamed(text: string): 'woven' | 'knit' | undefined {
  if (/\bnon[ -]?stretch\b/i.test(text)) return 'woven';
  return KNITS.test(text) ? 'knit' : WOVENS.test(text) ? 'woven' : undefined;
}

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

/**
 * A size as it was cut: one of the chart's where there is one ("40/42" may be a single size), else "C/D", "C-D" or "between C and D" as
 * halfway between two.
 *
 * @param sizes of the pattern's charts, if any are known
 */
export function readSizeLine(text: string, sizes: readonly string[]): SizeLine | undefined {
  const said = text.replace(/^(size|us|uk|eu)\s+/i, '').trim();
  if (said === '') return undefined;
  const known = (size: string) => sizes.find((s) => s.toLowerCase() === size.toLowerCase().trim());
  const one = known(said);
  if (one) return { size: one };
  const two = /^(?:between\s+)?(.{1,12}?)\s*(?:\/|–|-|\band\b|\bto\b)\s*(.{1,12})$/i.exec(said);
  const [from, to] = two ? [known(itemAt(two, 1)) ?? itemAt(two, 1), known(itemAt(two, 2)) ?? itemAt(two, 2)] : [];
  const letters = (size: string) => /^[A-Z]{1,4}$/i.test(size);
  if (from && to && from !== to && (sizes.length > 0 ? known(from) && known(to) : (letters(from) && letters(to)) || /between/i.test(said)))
    return { size: from, to, at: 0.5 };
  if (said.length > 20) throw new CannotTake(`“${said}” is not a size such as D, C/D or between 12 and 14`);
  return { size: said };
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

/** g/m² of an ounce to the square yard: 28.3495 g on 0.836127 m². Exact by definition of both. */
const GSM_OF_OUNCE = 28.349523125 / 0.83612736;

/** The weight of a fabric, g/m². */
export function readWeight(text: string): number {
  const found = /^(\d+(?:[.,]\d+)?)\s*(oz\b.*|ounces?.*|g\b.*|gsm)?$/i.exec(text.trim());
  const number = found ? Number(itemAt(found, 1).replace(',', '.')) : NaN;
  const gsm = /^o/i.test(found?.[2] ?? '') ? number * GSM_OF_OUNCE : number;
  if (!(gsm > 0 && gsm <= 3000)) throw new CannotTake(`“${text}” is not a weight such as 180 g/m² or 5 oz`);
  return Math.round(gsm * 10) / 10;
}

/** One of some words, as they are or as they begin; undefined where it is none of them. */
export function choiceNamed<T extends string>(text: string, choices: readonly T[]): T | undefined {
  const said = plain(text);
  return choices.find((c) => plain(c) === said) ?? choices.find((c) => said.length > 2 && plain(c).startsWith(said));
}
