import { isSizeLabel, labelCalled } from '../../garment/ladder';
import type { SizeLine } from '../../records';
import { anyOf } from '../amounts';
import { FABRIC_COLOUR, FABRIC_NOUN } from '../fabric-nouns';
import { canHave, zonesNamed } from '../places';
import { says, type Meant } from '../said';
import type { Sentence } from '../sentence';

/** Whose sizing a number is of: no part of its label. */
export const WHOSE = '(?:uk|us|eu|eur|euro|fr|ger|aus|au)';
const OF_WHOSE = new RegExp(`^${WHOSE} ?(?=\\d)`);
/** What may be a size: a label, by itself or of two kinds joined. */
export const LABEL = `(?:extra[ -]small|extra[ -]large|x-small|x-large|small|medium|large|(?:${WHOSE} (?=\\d))?[a-z0-9]{1,4}(?:\\s?(?:y|yrs?|years|months?|m|cm))?)`;
/** What may follow a number that is a size: no noun that it counts, and no unit. */
const AFTER_SIZE =
  'in at on with for from and but to all again throughout graded grading blended cut made sewn straight now this as it the then which who would should next too no without out of love loved worn bust waist waistband hip hips shoulder shoulders sleeve sleeves bodice version view yesterday today tonight tomorrow last except only using plus because so is was fit fits lengthened shortened took let raised lowered added cropped tight loose not still he she i my finished time half between fba sba a an over during under when while after before since has had came turned gave given donated sold passed went binned unlined lined looks feels needs sits went were are very really more less her his our maybe probably finally slightly much far such long short apart other cost toile muslin wearable sleeveless petite tall regular otherwise elsewhere everywhere w/ w/o'.split(
    ' ',
  );
/** What begins behind a size where no comma parts them: "14 2m black denim", "14 black denim". */
export const SO_MUCH = '\\d+(?:[.,]\\d+)? ?(?:m|met(?:re|er)s?|yds?|yards?)';
export const FABRIC = `(?:${FABRIC_COLOUR} (?:[a-zß-ɏ]+ ){0,2})?${FABRIC_NOUN}`;
/** That nothing goes on with a label that stands here. */
export const ALONE = `(?![a-z0-9]|[/-][a-z0-9]|[.,]\\d)(?:(?<=[a-z])|(?= *(?:$|[^ a-z0-9]|(?:${anyOf(AFTER_SIZE)}|[x×]\\d{1,2}|${SO_MUCH}|${FABRIC})(?![a-z]))))`;
/** "75B": the sizes of bras. */
export const BAND_AND_CUP = /^(?:2[68]|[3-5]\d|[6-9][05]|1[0-3][05])(?:aa?|b|c|d{1,4}|ee?|ff?|gg?|hh?|j|k)$/;

/** A label as the pattern has it; one that the pattern's chart lacks only where "size" says so. */
export function labelOf(word: string | undefined, { subject }: Sentence, cued: boolean): string | undefined {
  if (word === undefined) return undefined;
  const said = word.trim();
  const sizes = subject?.sizes ?? [];
  const bare = said.replace(OF_WHOSE, '');
  const known = labelCalled(said, sizes) ?? (bare === said ? undefined : labelCalled(bare, sizes));
  if (known !== undefined) return known;
  // Band and cup: "75B", "34 DD".
  if (BAND_AND_CUP.test(said))
    return cued || (subject?.kind === 'bra' && sizes.every((size) => BAND_AND_CUP.test(size.toLowerCase()))) ? said.toUpperCase() : undefined;
  // Women's, petite, tall, toddlers': "22W", "3T".
  if (/^\d{1,2}[wpt]$/.test(said)) return cued || (/t$/.test(said) && sizes.length === 0) ? said.toUpperCase() : undefined;
  const asWritten = /^[a-z]{1,3}$|^\d?x+[sl]$|^\dx$/.test(said) ? said.toUpperCase() : bare;
  if (!isSizeLabel(asWritten)) return undefined;
  return cued || (sizes.length === 0 && subject !== undefined) ? (SPELLED[asWritten.toLowerCase()] ?? asWritten) : undefined;
}
const SPELLED: Readonly<Record<string, string>> = {
  small: 'S',
  medium: 'M',
  large: 'L',
  'extra large': 'XL',
  'extra-large': 'XL',
  'extra small': 'XS',
  'extra-small': 'XS',
};

/** Sizes in words, as they are dictated: "a forty", "size thirty-eight". */
const TENS: Readonly<Record<string, number>> = { twenty: 20, thirty: 30, forty: 40, fifty: 50 };
const ONES: Readonly<Record<string, number>> = { two: 2, four: 4, six: 6, eight: 8, ten: 10, twelve: 12, fourteen: 14, sixteen: 16, eighteen: 18 };
export const IN_WORDS = `(?:${anyOf(Object.keys(TENS))}(?:[ -]${anyOf(['two', 'four', 'six', 'eight'])})?|${anyOf(Object.keys(ONES))})`;
export const figureOf = (words: string): string => String(words.split(/[ -]/).reduce((sum, word) => sum + (TENS[word] ?? ONES[word] ?? 0), 0));

/** The lines of a size, and of the middle between two. */
export const whole = (size: string): SizeLine => ({ size });
export const halfway = (size: string, to: string): SizeLine => ({ size, to, at: 0.5 });

/** A size all over. */
export const all = (line: SizeLine): Meant => says({ is: 'size', line });

/** Women's, men's and bands of bras end below it; a child's height is no size of one place, and "waist 74" is a measure. */
const MEASURES_FROM = 58;
/** A size at a place that was named. */
export const at = (line: SizeLine, zoneWords: string | undefined, sentence: Sentence): Meant | undefined => {
  if (/^\d+$/.test(line.size) && Number(line.size) >= MEASURES_FROM && (sentence.subject?.sizes ?? []).length === 0) return undefined;
  // The body of a garment is all but its sleeves and collar, and no length.
  if (/^(?:the |main )*body$/.test(zoneWords?.trim() ?? '')) return all(line);
  const zones = zonesNamed(zoneWords, sentence);
  // What has a length is measured, and a pocket has no size of its own.
  if (/\b(?:inseam|inside leg|inner leg|pockets?)\b/.test(zoneWords ?? '')) return undefined;
  // Patterns of any kind may be sold by cups.
  const ofFit = zones.filter((zone) => zone !== 'cup');
  return zones.length === 0 || !canHave(ofFit, sentence) ? undefined : says({ is: 'size at', zones, line });
};

/** A size right behind what the line is about. */
const SIZE_OF_IT = new RegExp(`^[ ,:(]*(?:in |an? |size )*(?<size>${LABEL})${ALONE}`);

/** The size that was said right behind the name, before a place; undefined where none was. */
export const sizeBehindName = (s: Sentence, before: number): string | undefined =>
  s.subject && s.subject.to < before ? labelOf(SIZE_OF_IT.exec(s.low.slice(s.subject.to, before))?.groups?.['size'], s, true) : undefined;
