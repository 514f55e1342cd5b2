import type { ZoneId } from '../body/zones';
import { anyOf, END } from './amounts';
import { IS_OR_WAS } from './garment-words';
import type { Sentence } from './sentence';
import { hasZone, ZONE_WORDS } from './words';

const ONE = `${anyOf(ZONE_WORDS.keys())}${END}`;

/** What may stand before a place. */
export const THE = '(?:(?:the|my|her|his|its|their|both|each|every) )?';
export const ZONE = ONE;
/** One place, or several, each but the first ended so: a comma parts two only where "and" follows the next. */
const places = (end: string) => `(?:${THE}${ONE}(?:(?:,(?= (?:the )?[a-z]+,? (?:and|&) )|,? (?:and|&|\\+|or)) ${THE}${ONE}${end}){0,3})`;
export const ZONES = places('');

/** What begins to tell of the place before it: "tight across the shoulders and the hem is long". */
const TOLD_OF = `(?! (?:${IS_OR_WAS}|too [a-z]))`;
/** The same behind what is said of them: the last of several may begin what is said next. */
export const ZONES_BEHIND = places(TOLD_OF);

const EACH = new RegExp(ONE, 'g');

/**
 * A place of the garment that a line is about: its waist is the waistband where it has one; a hem is where its length ends.
 */
export function zoneHere(zone: ZoneId, word: string, { subject }: Pick<Sentence, 'subject'>): ZoneId {
  const zones = subject?.pattern?.zones ?? [];
  const kind = subject?.kind;
  if (
    zone === 'waist' &&
    word.startsWith('waist') &&
    !zones.includes('waist') &&
    (zones.includes('waistband') || kind === 'trousers' || kind === 'shorts')
  )
    return 'waistband';
  if (zone === 'bodyLength' && (word === 'hem' || word === 'length' || word === 'body length')) {
    if (kind === 'skirt' || kind === 'dress') return 'skirt';
    if (kind === 'trousers' || kind === 'shorts') return 'leg';
  }
  return zone;
}

/** The places in some words, with the words for them. */
export function placesIn(text: string | undefined, sentence: Pick<Sentence, 'subject'>): { readonly zone: ZoneId; readonly word: string }[] {
  return [...(text ?? '').matchAll(EACH)].flatMap((m) => {
    const [word] = m;
    const zone = ZONE_WORDS.get(word);
    return zone === undefined ? [] : [{ zone: zoneHere(zone, word, sentence), word }];
  });
}

export const zonesNamed = (text: string | undefined, sentence: Pick<Sentence, 'subject'>): ZoneId[] => [
  ...new Set(placesIn(text, sentence).map((p) => p.zone)),
];

/** Whether the garment of a line can have all these places. */
export const canHave = (zones: readonly ZoneId[], { subject }: Pick<Sentence, 'subject'>): boolean =>
  zones.every((zone) => hasZone(subject?.kind, zone) || (subject?.pattern?.zones ?? []).includes(zone));
