import { doubtsOf } from '../body/how-to-measure';
import { BODY_MEASURES, type BodyMeasure } from '../body/zones';
import { keysOf } from '../units/keys';
import { CM_PER_INCH, type LengthUnit } from '../units/length';
import { anyOf, lengthOf } from './amounts';

/** What measures are called beside their own names. */
const ALSO: Readonly<Record<string, BodyMeasure>> = {
  chest: 'bust',
  'full bust': 'bust',
  'upper bust': 'highBust',
  'under bust': 'underbust',
  'rib cage': 'underbust',
  hips: 'hip',
  'full hip': 'hip',
  'full hips': 'hip',
  shoulders: 'shoulder',
  'shoulder length': 'shoulder',
  'back length': 'napeToWaist',
  'nape to waist': 'napeToWaist',
  'back waist': 'napeToWaist',
  'sleeve length': 'armLength',
  arm: 'armLength',
  bicep: 'upperArm',
  biceps: 'upperArm',
  'inside leg': 'inseam',
  'inner leg': 'inseam',
  thighs: 'thigh',
  'head circumference': 'head',
  'crotch depth': 'rise',
};
const MEASURE_NAMED: Readonly<Record<string, BodyMeasure>> = {
  ...Object.fromEntries(keysOf(BODY_MEASURES).map((measure) => [BODY_MEASURES[measure], measure])),
  ...ALSO,
};
const NAME = anyOf(Object.keys(MEASURE_NAMED));
const UNIT = '(?:cms?|centimet(?:re|er)s?|in(?:ch(?:es)?)?|")';
/** A height in feet and inches: no other measure is said so. */
const FEET = `\\d ?(?:'|ft\\.?|feet|foot) ?\\d{1,2}(?: ?(?:"|in(?:ches)?))?`;
const ENDS = '(?![a-z0-9/]|[.,]\\d)';
const FIGURE = `(?:${FEET}|1\\.\\d{2} ?m|\\d{1,3}(?:[ -]\\d/\\d|[½¼¾]|[.,]\\d{1,2})?(?: ?${UNIT})?)${ENDS}`;
const SAID_OF =
  '(?: (?:measurement|measure|measures|circumference|is|was|are|now|still|of|at|(?:went|has gone|grew|has grown|shrank|has shrunk) (?:up |down )?to))*(?: ?[:=-])? ?';
/** How tall somebody is, or has grown. */
const HEIGHT = `(?<high>${FIGURE}) tall(?![a-z])|(?<feet>${FEET}${ENDS})|(?<=i'm |i am )(?<own>\\d{3} ?cms?|1[.,]\\d{1,2} ?m)(?![a-z])|(?:(?:grown|grew|shot up) to|^\\s+is(?: now)?(?= \\d{2,3} ?cm| 1[.,]\\d{1,2} ?m)) (?<grown>${FIGURE})(?!(?: ?c?m)? tall)`;
/**
 * "Waist 74", "hips: 100 cm", "bust measurement is now 92", and the same the other way round: "92 bust", "92 at the bust". Who is so tall, or
 * has grown to so much, is so high.
 */
const WAYS = [
  `(?<name>${NAME})${SAID_OF}(?<figure>${FIGURE})|${HEIGHT}`,
  `(?<figure>${FIGURE}) (?:(?:at|round|around) (?:the|my|her|his) )?(?<name>${NAME})(?![a-z])|${HEIGHT}`,
].map((way) => new RegExp(`(?<![a-z\\d])(?:${way})`, 'g'));
/** "92-74-98": bust, waist and hip, behind a name or said to be measures. */
const THREE_FIGURES = '(\\d{2,3}(?:[.,]\\d)?)';
const THREE = new RegExp(`(?<=\\D)(?<![\\d.,/-])${THREE_FIGURES} ?[-–] ?${THREE_FIGURES} ?[-–] ?${THREE_FIGURES}(?![\\d/-]|[.,]\\d)`);
/** What may stand beside measures and says nothing of a garment. */
const BESIDE =
  /^(?:[\s,;:.()/=+-]|'s\b|\b(?:my|our|her|his|the|a|i|i'm|i've|am|is|are|were|was|have|has|had|got|grown|shot up|again|so much|a lot|just|now|still|today|new|current|latest|updated?|myself|herself|himself|me|us|lost|gained|put|some|bit|weight|body|full|here|these|moment|taken|took|of|for|at|on|in|with|and|re-?|measure(?:s|d|ment|ments)?|measuring|sizes?|cms?|centimet(?:re|er)s|inch(?:es)?|all)\b)*$/;
/** How much somebody weighs, or no longer does. */
const WEIGHT = /(?<![\d.,])\d{1,3}(?:[.,]\d)? ?(?:kgs?|kilos?|lbs?|pounds|stone)(?![a-z])/g;
const LABELLED = /\bsize ?:? *\d{1,3}(?![\d.,-])/;
const OF_BODY = /\bmeasur|^(?:my|i am|i'm)\b|^'s\b|\btall\b|\bweight\b/;
const IN_FEET = /^\d ?(?:'|f)/;
const IN_INCHES = /\b(?:inch(?:es)?|all in in)\b/;
const IN_CM = /\b(?:cms?|centimet(?:re|er)s)\b/;

/** Whether a measure is none that a body has. */
const amiss = (measures: BodySaid['measures']): boolean => doubtsOf(measures).some(({ why }) => why !== 'order');

/** Measures of a body, cm, as a line says them. */
export interface BodySaid {
  readonly measures: Partial<Record<BodyMeasure, number>>;
  /** As they stand they would be no body's in the ledger's unit: they are taken for the other one. */
  readonly otherUnit: boolean;
}

/**
 * The measures of a body, where a text tells of nothing else: two of them, or one that is said to be a measure or mine.
 *
 * @param text in small letters, blanks in the place of a name and of a day that it says
 * @param unit the ledger's own, for bare figures; where they can be no body's in that and can in the other, it is that
 * @param isAll whether it stands by itself: then one measure alone is one
 * @returns undefined where there is more in it, or a measure is said twice
 * @example bodySaid('my measurements are bust 92, waist 74 and hip 100', 'cm') // { measures: { bust: 92, waist: 74, hip: 100 }, otherUnit: false }
 * @example bodySaid('bust 36 waist 29 hips 40', 'cm') // { measures: { bust: 91.44, waist: 73.66, hip: 101.6 }, otherUnit: true }
 * @example bodySaid('my measures: 92-74-98', 'cm') // { measures: { bust: 92, waist: 74, hip: 98 }, otherUnit: false }
 */
export function bodySaid(text: string, unit: LengthUnit, isAll = false): BodySaid | undefined {
  // "Size 38 bust, 40 hip" are labels.
  if (LABELLED.test(text)) return undefined;
  const low = text.replace(WEIGHT, ' ').replace(THREE, 'bust $1, waist $2, hip $3');
  const way = WAYS.find((one) => low.search(one) >= 0 && BESIDE.test(low.replace(one, ' ')));
  const items = way ? [...low.matchAll(way)] : [];
  if (!way || items.length === 0 || (items.length === 1 && !isAll && !items[0]?.groups?.['grown'] && !OF_BODY.test(low.trim()))) return undefined;
  // "36, 29 and 40 inches": the unit behind the last is that of all, where none of the others has one.
  const figures = items.map(({ groups: { figure, high, feet, own, grown } = {} }) => (figure ?? high ?? feet ?? own ?? grown ?? '').trim());
  const alone = figures.slice(0, -1).every((figure) => /\d$/.test(figure)) ? (figures.at(-1) ?? '') : '';
  const beside = `${low.replace(way, ' ')} ${alone}`;
  // Who says her height in feet says her bust in inches.
  const said = IN_INCHES.test(beside) || figures.some((figure) => IN_FEET.test(figure)) ? 'in' : IN_CM.test(beside) ? 'cm' : unit;
  const read = items.flatMap(({ groups: { name } = {} }, i) => {
    const measure = name === undefined ? 'height' : MEASURE_NAMED[name];
    const length = lengthOf((figures[i] ?? '').replace(/ ?(?:ft\.?|feet|foot) ?/, "'").replace(/(\d)[ -](?=\d\/)/, '$1 '), said);
    return measure && length && length.cm > 0 ? [{ measure, ...length }] : [];
  });
  if (read.length < items.length || new Set(read.map(({ measure }) => measure)).size < read.length) return undefined;
  const measures: BodySaid['measures'] = Object.fromEntries(read.map(({ measure, cm }) => [measure, cm]));
  const bare = said === unit && read.every(({ unitSaid }) => !unitSaid);
  const inOther = Object.fromEntries(read.map(({ measure, cm }) => [measure, unit === 'cm' ? cm * CM_PER_INCH : cm / CM_PER_INCH]));
  const otherUnit = bare && amiss(measures) && !amiss(inOther);
  // Three figures that are no body's were a date, or something else; so is one alone.
  if ((low !== text || (isAll && items.length === 1)) && amiss(measures) && !otherUnit) return undefined;
  return { measures: otherUnit ? inOther : measures, otherUnit };
}

const HERS = "(?:(?:my|our|her|his|the|'s) )?";
const BY_SO_MUCH = `(?:by )?(?:about )?(?<by>${FIGURE})`;
/** "My waist is down 2 cm", "lost 3 cm at the hips", "has grown 3 cm". */
const CHANGED = [
  `${HERS}(?<name>${NAME}) (?:(?:is|are|has|have|went|gone|come|now) )*(?<way>up|down|grown|shrunk) ${BY_SO_MUCH}`,
  `(?:(?:i|i've|has|have) )*(?<way>gained|lost|put on) ${BY_SO_MUCH} (?:at|in|on|round|around|off) ${HERS}(?<name>${NAME})`,
  `(?:has |have )?(?<way>grew|grown|shot up) ${BY_SO_MUCH}(?: taller)?`,
].map((way) => new RegExp(`^[\\s]*${way}(?: (?:now|again|already))?[\\s.!]*$`));

/** By how much a measure of a body is another than when it was measured last, cm; it has grown where none is named. */
export interface BodyChange {
  readonly measure: BodyMeasure;
  readonly by: number;
}

/**
 * By how much a measure of a body is said to have changed, where a text tells of nothing else.
 *
 * @param text in small letters, blanks in the place of a name and of a day that it says
 * @param unit the ledger's own, for bare figures
 * @example bodyChangeSaid('my waist is down 2 cm', 'cm') // { measure: 'waist', by: -2 }
 * @example bodyChangeSaid('      grew 3 cm', 'cm') // { measure: 'height', by: 3 }
 */
export function bodyChangeSaid(text: string, unit: LengthUnit): BodyChange | undefined {
  const groups = CHANGED.map((way) => way.exec(text)?.groups).find((found) => found !== undefined);
  const measure = groups && (groups['name'] === undefined ? 'height' : MEASURE_NAMED[groups['name']]);
  const length = lengthOf(groups?.['by'] ?? '', unit);
  if (!groups || !measure || !length || length.cm <= 0) return undefined;
  return { measure, by: /^(?:down|lost|shrunk)$/.test(groups['way'] ?? '') ? -length.cm : length.cm };
}
