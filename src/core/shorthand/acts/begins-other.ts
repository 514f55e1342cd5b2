import { SAID_LENGTH } from '../amounts';
import { nounsIn } from '../by-its-noun';
import { folded, wordsIn, type NameFound } from '../names';
import { DIARY_LINE, FIRST, heard, isGarmentName, SEWN, unnamed } from '../report';
import { isGarment } from '../new-name';
import type { LineContext } from '../sentence';
import { subjectOf } from '../subject';
import { HAUL } from './fabric-bought';
import { TO_DO, TO_DO_ON } from './for-a-garment';
import { bodyIn } from './measured';
import { WASHED } from './of-fabric';
import { OF_THE_TABLE } from './on-the-table';
import { patternSaid } from './pattern-bought';
import { WISHED, WISHED_FOR } from './planned';
import { AWAY_OR_BACK } from './away';
import { MENDED } from './mended';
import { ALTERED, DONE_WITH, ENDED, GOES_ON } from './what-became';
import { WORE_IT } from './worn';

/** All that begins another tale. */
const OTHERWISE = [WORE_IT, DONE_WITH, GOES_ON, WISHED_FOR, ...AWAY_OR_BACK, ...MENDED, ...ENDED.map((way) => way.said)];

/** A purchase that says of how much, and not that it was for what was just spoken of. */
const BOUGHT_MUCH = new RegExp(
  `^${FIRST}(?:bought|picked up|ordered):? (?:.* )?${SAID_LENGTH}(?!.*\\bfor (?:it|its|this|that|them|the (?:collar|cuffs?|lining|sleeves?|facings?|pockets?|contrast|binding|yoke|waistband|bodice|skirt))\\b)`,
);

/** A line of a list of purchases; what is ordered is not there to be sewn. */
const BOUGHT_ITEM = new RegExp(`^(?:bought ?:|${FIRST}ordered\\b)`);

/** That a body is spoken of. */
const MEASURED = /\bmeasur|\b(?:i am|i'm|my|[a-z]+ is)\b|\btall\b|\d ?(?:'|ft\b|feet\b)/;

/** A day of a diary: whatever it tells, it is of that day. */
const DIARY = new RegExp(`^${DIARY_LINE}`);

/**
 * Whether a sentence among others begins to tell of another garment than the one that was spoken of, and not that it was made: worn, worn no
 * more or wished for. What was bought may be what that one was made of, unless it begins a paragraph that makes nothing.
 *
 * @param paragraph the whole of it, where the sentence begins one
 * @param isLine whether the sentence begins a line
 * @example beginsOther('Wore the Tidewater shirt to work.', context) // true
 */
export function beginsOther(text: string, context: LineContext, paragraph?: string, isLine = true): boolean {
  const line = heard(text, context);
  const { low, names } = line;
  const isDiary = DIARY.test(low);
  if (
    (paragraph !== undefined || isDiary || BOUGHT_ITEM.test(low)) &&
    BOUGHT_MUCH.test(low) &&
    !SEWN.test(paragraph === undefined ? low : folded(paragraph))
  )
    return true;
  if (paragraph !== undefined && HAUL.test(low)) return true;
  if (WASHED.test(low) && names.some(({ kind }) => kind === 'fabrics')) return true;
  // "Curlew jeans. Waist 31 hips 32": sizes, where nobody says whose body that is.
  if ((isLine || MEASURED.test(low)) && bodyIn(line, context)) return true;
  const subject = () => subjectOf(low, wordsIn(low), names, context, (from, to) => text.slice(from, to));
  if (patternSaid(low)) return subject() !== undefined;
  const name = names.find(isGarmentName);
  if (name) return [...OTHERWISE, ...(isDiary ? OF_THE_TABLE : [])].some((way) => way.test(unnamed(low, name)));
  // What is wished for may be new.
  const wished = WISHED.test(low) ? subject() : undefined;
  return wished?.says.is === 'new pattern' && WISHED_FOR.test(unnamed(low, wished));
}

/** A garment by a name that the ledger does not have: "the Godwit dress". */
const NAMED_HERE = /(?<![\p{L}])(?:[Tt]he|[Mm]y) (?<name>(?:\p{Lu}[\p{L}'-]+ )+(?<noun>\p{Ll}[\p{L}-]+))/u;

/**
 * The same of a garment that it names and nobody has told of.
 *
 * @example beginsUnknown('Gave the Ruff jacket to a charity shop.', context, true) // true
 */
export function beginsUnknown(text: string, context: LineContext, isLine: boolean): boolean {
  const { name, noun = '' } = NAMED_HERE.exec(text)?.groups ?? {};
  if (name === undefined || !isGarment(noun)) return false;
  return beginsOther(text, { ...context, patterns: [...context.patterns, { id: name, name }] }, undefined, isLine);
}

/**
 * Whether a sentence among others tells what is still to be done on a garment that it names.
 *
 * @example isLeftToDo('To do: hem the Tidewater shirt', context) // true
 */
export function isLeftToDo(text: string, context: LineContext): boolean {
  const { low, names } = heard(text, context);
  const name = names.find(isGarmentName);
  return name !== undefined && [TO_DO, TO_DO_ON].some((way) => way.test(unnamed(low, name)));
}

/**
 * What sort of garment a sentence among others reports of, where it names none: worn, given away, or, at the beginning of a line, worked on.
 *
 * @example reportsOf('Wore the skirt to work.', context, false) // 'skirt'
 */
export function reportsOf(text: string, context: LineContext, isLine: boolean): string | undefined {
  const { low, names } = heard(text, context);
  if (names.some(isGarmentName)) return undefined;
  // "The Wren dress" is one that the ledger does not have.
  const isNamed = (spoken: Pick<NameFound, 'from' | 'to'>) => /\p{Lu}/u.test(text.slice(spoken.from, spoken.to).replace(/^\S+['’]s /, ''));
  const ways = isLine ? [...OTHERWISE, ALTERED, ...OF_THE_TABLE] : OTHERWISE;
  return nounsIn(low, context).find((spoken) => !isNamed(spoken) && ways.some((way) => way.test(unnamed(low, spoken))))?.noun;
}
