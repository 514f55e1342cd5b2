import { keysOf } from '../units/keys';

/** Ways of working that lessons are about: in the trade's own terms, with the words by which one is met. The list can grow by any name of one's own. */
export const TECHNIQUES = {
  zip: /\b(zips?|zippers?|fly)\b/i,
  elastic: /\b(elastics?|elasticated)\b/i,
  buttonhole: /\b(buttons?|buttonholes?|button ?band|placket)\b/i,
  binding: /\b(bindings?|bias tape|bound)\b/i,
  gathering: /\b(gather(s|ed|ing)?|ruffles?|shirring)\b/i,
  pleats: /\b(pleats?|pleated|tucks?)\b/i,
  darts: /\bdarts?\b/i,
  'set-in sleeve': /\b(set-?in sleeves?|sleeve (cap|head)s?)\b/i,
  'welt pocket': /\b(welts?|jetted|welt pockets?)\b/i,
  'patch pocket': /\bpatch pockets?\b/i,
  collar: /\b(collars?|lapels?|undercollar)\b/i,
  facing: /\b(facings?|stay ?tape|staystitch(ing)?)\b/i,
  waistband: /\bwaistbands?\b/i,
  cuff: /\bcuffs?\b/i,
  lining: /\b(linings?|lined)\b/i,
  interfacing: /\b(interfac(e|ing|ings)|fusible)\b/i,
  'pattern matching': /\b(match(ing)? (the )?(stripes?|checks?|plaids?|pattern|print|repeat))\b/i,
  'hem of a knit': /\b(twin needle|cover ?stitch|knit hem|hem of a knit)\b/i,
  'rolled hem': /\brolled hems?\b/i,
  topstitching: /\btop-?stitch(ing|ed)?\b/i,
  'French seam': /\bfrench seams?\b/i,
  'bias cut': /\b(bias|on the cross)\b/i,
  underwire: /\b(under)?wires?\b/i,
} as const satisfies Readonly<Record<string, RegExp>>;
type TechniqueName = keyof typeof TECHNIQUES;

/**
 * The techniques that words speak of.
 *
 * @example techniquesIn('stay tape at the neckline facing') // ['facing']
 */
export function techniquesIn(words: string): TechniqueName[] {
  return keysOf(TECHNIQUES).filter((name) => TECHNIQUES[name].test(words));
}
