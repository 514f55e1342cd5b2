import { COLUMN_LABEL } from './form-labels';
import { folded } from './names';
import { LISTED_SORT, MONTH_ABOVE, YEAR_ABOVE } from './telling-times';

/** The sign of a list. */
export const SIGN =
  '(?:\\|[ \\t]*|(?:[-*•][ \\t]+)?(?:\\([x✓✔]\\)|[☑✅✓✔])[ \\t]+|(?:[-*•]|\\d{1,2}[.)]|(?:week|day|project|make|garment|item|no\\.?|#) ?\\d{1,2} ?[:.)])[ \\t]+)';
/** The same, behind what stands before it. */
export const SIGN_BEHIND = new RegExp(`${SIGN}$`);
/** Sorts of garments, over what was sewn of them: "Tops", "My dresses". */
const SORTS =
  '(?:tops|dresses|skirts|shirts|blouses|tees|t-shirts|jumpers|sweaters|cardigans|hoodies|sweatshirts|jackets|coats|bras|bags|hats|quilts|bottoms|underwear|lingerie|outerwear|swimwear|nightwear|activewear|accessories|menswear|womenswear|(?:trousers|jeans|shorts|leggings|pants|knickers|pyjamas)(?= ?:))';
/** What there is a list of: "Bra log". */
const A_LIST_OF = `${LISTED_SORT}(?= (?:log|diary|journal|makes|list|notebook)(?:[ \\t]*:|[ \\t]*(?:\\n|$)| (?:19|20)\\d{2}))`;
/** What a list of makes is headed by, which says nothing of them. */
export const LIST_WORDS = `[ \\t#*_]*(?:(?:${SORTS}|${A_LIST_OF}|(?:this|last) (?:year|season|month|week)'s|my|the|our|all|of|i|i've|i have|what|some|spring|summer|autumn|fall|winter|holiday|capsule|wardrobe|sewing|sewn|sewed|made|makes|handmade|(?:finished|completed)(?= (?:makes|projects|garments|things|objects))|log|list|notebook|notes|journal|diary|book|projects?|garments?|clothes|things|so far|recent|old|older|back ?log)(?![a-z])[ ,]*)+`;
/** The head of a table. */
const COLUMNS = `(?:\\|[ \\t]*)?(?:${COLUMN_LABEL}[ \\t]*[|,;\\t][ \\t]*)+${COLUMN_LABEL}?[ \\t|]*`;
/** A list's heading, and nothing else, before its first item. */
export const LIST_HEADING = new RegExp(
  `^\\s*(?:${LIST_WORDS}[ \\t*_]*(?:[:\\n]\\s*|(?<=so far)\\.\\s+)|${COLUMNS}\\n(?:[ \\t|:-]+\\n)?)(?:${SIGN})?$`,
  'u',
);
/** A line that is such a heading, over others. */
export const HEADING_LINE = new RegExp(`^${LIST_WORDS}(?:(?:19|20)\\d{2})?[ \\t*_:]*\\n[ \\t]*\\S`, 'u');
/** Lines of which only that is left, signs of a list, and words that joined what was told. */
const LEFT_OVER = new RegExp(
  `(?:^|(?<=\\n))[ \\t]*(?:(?:${LIST_WORDS}|${COLUMNS})[ \\t*_:.]*(?=\\n|$)|${SIGN})|(?<!\\p{L})(?:and|plus|oh|then)(?!\\p{L})`,
  'gu',
);
/** What stands over others in a line of its own: "In progress:". */
const HEADING = '\\s*[^\\n:.;!?,]{2,40}:';
const HEADINGS = new RegExp(`(?:^|\\n)${HEADING}[ \\t]*(?=\\n|$)`, 'g');
/** The same, behind what was told. */
export const HEADING_BEHIND = new RegExp(`\\n(?:${HEADING}|${LIST_WORDS})$`, 'iu');
/** What only leads on to the next: signs of a list, and "and". */
export const withoutTail = (told: string) =>
  told.replace(/(?:[\s,;]|\n[ \t]*(?:[-*•|☑✅✓✔]|\d{1,2}[.)]|(?:[-*•][ \t]+)?\[[x ✓✔]?\])|\s(?:and|plus|um|uh|erm|what else)(?=\s*$))+$/, '');

/**
 * Whether nothing is left to be told in what stays of a telling: signs, and years or months over what was entered.
 *
 * @example isToldOut('2025\n\n') // true
 */
export const isToldOut = (text: string): boolean =>
  !/[\p{L}\p{N}]/u.test(folded(text).replace(YEAR_ABOVE, '').replace(MONTH_ABOVE, '').replace(HEADINGS, '').replace(LEFT_OVER, ''));
