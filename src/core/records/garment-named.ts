import { blankPattern } from './blank';
import type { Fabric } from './fabric';
import { GARMENT_KINDS, type GarmentKind, type Pattern } from './pattern';

/** Words as they are compared: small, with single spaces between them. */
export const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\s_-]+/g, ' ')
    .trim();

/** What kinds of garment are called, beside our own words. */
const ALSO_CALLED: Record<GarmentKind, string> = {
  top: 'tee, t shirt, tshirt, tank, tank top, cami, camisole, sweater, jumper, pullover, sweatshirt, hoodie, tunic, turtleneck',
  shirt: 'blouse, button up, button down, overshirt, nightshirt',
  dress: 'gown, nightdress, nightgown, pinafore, shirtdress, sundress, kaftan, slip dress',
  skirt: 'kilt, skort, petticoat, slip skirt',
  trousers: 'pants, jeans, leggings, culottes, joggers, sweatpants, chinos, capris, pyjamas, pyjama, pajamas, trouser',
  shorts: 'bloomers, boxers',
  jacket: 'blazer, anorak, windbreaker, bomber, shacket, chore jacket',
  coat: 'parka, raincoat, duster, cape, dressing gown, bathrobe, robe',
  cardigan: 'cardi',
  waistcoat: 'vest, gilet',
  'one-piece': 'jumpsuit, dungarees, overalls, romper, playsuit, boilersuit, boiler suit, coverall, bodysuit, onesie, leotard',
  swimsuit: 'swimwear, bikini, bathing suit',
  hat: 'bonnet, cap, beanie, beret',
};
const KIND_WORDS = new Map<string, GarmentKind>(
  GARMENT_KINDS.flatMap((kind) => [plain(kind), ...ALSO_CALLED[kind].split(', ')].map((word) => [word, kind] as const)),
);

/** The last of some words that a text names, alone or in the plural, with where it ends. */
function lastNamed<T>(text: string, words: Iterable<readonly [string, T]>): { readonly end: number; readonly of: T } | undefined {
  const said = ` ${plain(text)} `;
  let last: { readonly end: number; readonly length: number; readonly of: T } | undefined;
  for (const [word, of] of words) {
    const at = said.search(new RegExp(` ${word}(e?s)? `));
    if (at < 0) continue;
    const found = { end: at + word.length, length: word.length, of };
    if (!last || found.end > last.end || (found.end === last.end && found.length > last.length)) last = found;
  }
  return last;
}

/**
 * The kind of garment that words name, alone or among others; the last one named counts.
 *
 * @example kindNamed('Skerry concert jacket') // 'jacket'
 * @example kindNamed('jeans') // 'trousers'
 */
export function kindNamed(text: string): GarmentKind | undefined {
  return lastNamed(text, KIND_WORDS)?.of;
}

const FITLESS =
  'bag, tote, pouch, purse, backpack, rucksack, cushion, pillow, pillowcase, quilt, blanket, curtain, apron, scarf, bunting, tablecloth, napkin, placemat, potholder, mask, case, wallet, hot water bottle cover'
    .split(', ')
    .map((word) => [word, true] as const);

/**
 * Whether words name a thing that is sewn and not fitted: a bag, a cushion.
 *
 * @example isWithoutFit('Kelp tote bag') // true
 */
export function isWithoutFit(text: string): boolean {
  const thing = lastNamed(text, FITLESS);
  const garment = lastNamed(text, KIND_WORDS);
  return thing !== undefined && (garment === undefined || thing.end > garment.end);
}

const KNITS = /\b(knit|jersey|rib(bing)?|interlock|ponte|fleece|french terry|sweatshirting|lycra|tricot)\b/i;
const WOVENS = /\b(woven|cotton|linen|denim|twill|poplin|lawn|wool|silk|satin|canvas|voile|chambray|viscose|crepe|gabardine|corduroy)\b/i;
/** Garments that are made of a knit unless somebody says otherwise. */
const KNITTED =
  /\b(tee|t-?shirts?|leggings|joggers|sweatpants|hoodie|sweat(er|shirt)|jumper|pullover|cardi(gan)?|bodysuit|leotard|swim(suit|wear)|bikini|boxers|beanie)s?\b/i;

/** Whether words are of a knit or of a woven fabric. */
export function structureNamed(text: string): Fabric['structure'] | undefined {
  if (/\bnon[ -]?stretch\b/i.test(text)) return 'woven';
  return KNITS.test(text) ? 'knit' : WOVENS.test(text) ? 'woven' : undefined;
}

/**
 * A pattern of which only the name is known: its kind and the fabric it wants are guessed from the words, to be changed where the guess is
 * wrong. Everything else can wait.
 *
 * @param ids of the pattern and of its view
 */
export function patternNamed(name: string, { id, viewId }: { readonly id: string; readonly viewId: string }, added: string): Pattern {
  const structure = structureNamed(name) ?? (KNITTED.test(name) ? 'knit' : 'woven');
  // How far the fabric should stretch is on the envelope, and nobody has said it.
  return { ...blankPattern(id, viewId, name, kindNamed(name) ?? 'top', structure), wants: { structure }, added };
}
