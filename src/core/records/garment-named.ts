import { blankPattern } from './blank';
import type { Fabric } from './fabric';
import { GARMENT_KINDS, type GarmentKind, type Pattern } from './pattern';
import { isFitless } from './usual-zones';

/** Words as they are compared: small, with single spaces between them. */
export const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\s_-]+/g, ' ')
    .trim();

/** What kinds are called, beside our own words. */
const ALSO_CALLED: Record<GarmentKind, string> = {
  top: 'tee, t shirt, tshirt, tank, tank top, cami, camisole, sweater, jumper, pullover, sweatshirt, hoodie, hoody, tunic, turtleneck, henley, bustier, corset, smock, singlet, polo neck, rollneck, roll neck, mock neck, rash guard',
  shirt: 'blouse, button up, button down, overshirt',
  dress: 'gown, frock, pinafore, shirtdress, shirtwaister, sundress, kaftan, caftan, slip dress, ballgown, ball gown',
  skirt: 'kilt, skort, petticoat, slip skirt, tutu, half slip',
  trousers:
    'pants, jeans, leggings, culottes, joggers, sweatpants, chinos, capris, slacks, flares, breeches, jeggings, pyjamas, pyjama, pajamas, pjs, pyjama bottoms, trouser, tights, salopettes, plus fours, britches, pj bottoms, pj pants',
  shorts: 'bloomers, boxers, swim trunks',
  jacket: 'blazer, anorak, windbreaker, bomber, shacket, chore jacket, bolero, shrug, kimono, blouson, jerkin, spencer',
  coat: 'parka, raincoat, overcoat, trench, duster, cape, cloak, poncho, dressing gown, bathrobe, robe, peacoat, pea coat, duffel, ruana',
  cardigan: 'cardi',
  waistcoat: 'vest, gilet, bodywarmer',
  'one-piece':
    'jumpsuit, dungarees, dungaree, overalls, romper, playsuit, boilersuit, boiler suit, coverall, bodysuit, onesie, leotard, catsuit, sleepsuit, snowsuit, pramsuit, babygrow, unitard',
  swimsuit: 'swimwear, bikini, bathing suit',
  bra: 'bralette, brassiere, sports bra',
  briefs: 'knickers, underpants, panties, brief, thong, undies',
  nightwear: 'nightdress, nightgown, nightshirt, nightie, chemise',
  hat: 'bonnet, cap, beanie, beret, balaclava, turban',
  apron: 'pinny',
  accessory:
    'scarf, belt, mask, tie, bow tie, glove, mitten, slipper, bootie, bib, headband, scrunchie, shawl, snood, sarong, cravat, handkerchief, bandana, leg warmer, mitt, cowl, stole, sock, lanyard, key fob',
  bag: 'tote, pouch, purse, backpack, rucksack, wallet, case, pencil case, clutch, satchel, holdall, shopper, washbag, wash bag, crossbody, fanny pack, weekender, laptop sleeve',
  home: 'cushion, pillow, pillowcase, quilt, blanket, bedspread, curtain, bunting, tablecloth, tea towel, tea cosy, table runner, duvet cover, napkin, placemat, potholder, hot water bottle cover, pet bed, oven glove, pincushion, bolster, pouffe, rug, wall hanging, coaster, storage basket, changing mat, burp cloth, nappy, draught excluder, advent calendar, heat pack',
  toy: 'soft toy, teddy, doll, stuffed animal',
};
const KIND_WORDS = new Map<string, GarmentKind>(
  GARMENT_KINDS.flatMap((kind) => [plain(kind), ...ALSO_CALLED[kind].split(', ')].map((word) => [word, kind] as const)),
);

/** The last of some words that a text names, alone or in the plural, with where it ends. */
function lastNamed<T>(text: string, words: Iterable<readonly [string, T]>): { readonly end: number; readonly of: T } | undefined {
  const said = ` ${plain(text)} `;
  let last: { readonly end: number; readonly length: number; readonly of: T } | undefined;
  for (const [word, of] of words) {
    // Most are not there at all, and an expression takes longer to be made than a text to be looked through.
    if (!said.includes(` ${word}`)) continue;
    const at = said.search(new RegExp(` ${word}(e?s)? `));
    if (at < 0) continue;
    const found = { end: at + word.length, length: word.length, of };
    if (!last || found.end > last.end || (found.end === last.end && found.length > last.length)) last = found;
  }
  return last;
}

/**
 * The kind of garment that words name, alone or among others; the last one named counts, but not what it was made from.
 *
 * @example kindNamed('Skerry concert jacket') // 'jacket'
 * @example kindNamed('jeans') // 'trousers'
 * @example kindNamed('skirt from an old dress') // 'skirt'
 */
export function kindNamed(text: string): GarmentKind | undefined {
  const [made = ''] = text.split(/\s(?:from|out of)\s/i);
  return (lastNamed(made, KIND_WORDS) ?? lastNamed(text, KIND_WORDS))?.of;
}

/**
 * Whether words name a thing that is sewn and not fitted: a bag, a cushion.
 *
 * @example isWithoutFit('Kelp tote bag') // true
 */
export function isWithoutFit(text: string): boolean {
  const kind = kindNamed(text);
  return kind !== undefined && isFitless(kind);
}

const KNITS = /\b(knit|jersey|rib(bing)?|interlock|ponte|fleece|french terry|sweatshirting|lycra|tricot)\b/i;
const WOVENS = /\b(woven|cotton|linen|denim|twill|poplin|lawn|wool|silk|satin|canvas|voile|chambray|viscose|crepe|gabardine|corduroy)\b/i;
/** Garments that are made of a knit unless somebody says otherwise. */
const KNITTED =
  /\b(tee|t-?shirts?|leggings|joggers|sweatpants|hoodie|sweat(er|shirt)|jumper|pullover|cardi(gan)?|bodysuit|leotard|swim(suit|wear)|bikini|boxers|beanie|bra|bralette|briefs|knickers|underpants)s?\b/i;

/** Whether words are of a knit or of a woven fabric. */
export function structureNamed(text: string): Fabric['structure'] | undefined {
  if (/\bnon[ -]?stretch\b/i.test(text)) return 'woven';
  return KNITS.test(text) ? 'knit' : WOVENS.test(text) ? 'woven' : undefined;
}

/**
 * A pattern of which only the name is known: its kind and the fabric it wants are guessed from the words, to be changed where the guess is
 * wrong. Everything else can wait.
 *
 * @param fitless the kind that it is where its name says no other that is sewn without a fit; of a garment it is not given
 */
export function patternNamed(
  name: string,
  { id, viewId }: { readonly id: string; readonly viewId: string },
  added: string,
  fitless?: GarmentKind,
): Pattern {
  const structure = structureNamed(name) ?? (KNITTED.test(name) ? 'knit' : 'woven');
  const named = kindNamed(name);
  const kind = fitless === undefined ? (named ?? 'top') : named !== undefined && isFitless(named) ? named : fitless;
  // How far the fabric should stretch is on the envelope, and nobody has said it.
  return { ...blankPattern(id, viewId, name, kind, structure), wants: { structure }, added };
}
