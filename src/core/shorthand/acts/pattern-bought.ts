import type { Pattern } from '../../records';
import { withId } from '../../units/by-id';
import { readMake, type LineTables } from '../draft-from-line';
import { MONEY, moneySaid } from '../money-said';
import { blanked, FIRST, FROM_SHOP, isPattern, leftOf, SEWN, type ActOptions, type Heard, type Span } from '../report';
import { readsOfAGarment } from './of-a-garment';
import { BOUGHT } from './fabric-bought';
import { WISHED } from './planned';

/** A pattern is bought, whatever may be sewn from it; what it cost, and that it was bought, are of one that there is too. */
export interface PatternBoughtAct {
  readonly is: 'pattern bought';
  readonly pattern: Pattern;
  readonly isNew: boolean;
  readonly came: Pick<Pattern, 'price' | 'obtained'>;
  readonly rest?: string;
}

/** What a known pattern is like, or what became of it: in words. */
export interface PatternToldAct {
  readonly is: 'pattern told';
  readonly pattern: Pattern;
  readonly words: string;
}

const PATTERN = '(?:(?:pdf|paper|sewing|printed) )*pattern(?![a-z])';
/** That it is the pattern that was bought. */
const THE_PATTERN = new RegExp(`,? *\\b${PATTERN}`);
/** Behind a name: that it is not the garment that is spoken of. */
const PATTERN_BEHIND = new RegExp(`^ ${PATTERN}`);
const CAME = new RegExp(`^${FIRST}(?:downloaded|borrowed|was lent) +`);
/** "New pattern: Lapwing trousers". */
const NEW_PATTERN = new RegExp(`^${FIRST}(?:my |an? )?new ${PATTERN}[:,]? +`);

/** Where it was bought. */
const ITS_SHOP = new RegExp(`(?<=\\bpattern),? *\\b${FROM_SHOP}`, 'u');

/** What it cost, at the end of the line. */
const FOR_SO_MUCH = new RegExp(`(?:,|\\bfor|\\bat|\\bpaid|\\bcosts?) *(?<price>${MONEY})[ .]*$`);

/** Where a line says that a pattern was bought: how it begins, and the word for it. */
export function patternSaid(low: string): readonly [bought: Span, ...pattern: Span[]] | undefined {
  const isNew = NEW_PATTERN.exec(low);
  if (isNew) return [[0, isNew[0].length]];
  const [lead, pattern] = [BOUGHT.exec(low) ?? CAME.exec(low), THE_PATTERN.exec(low)];
  if (!lead || !pattern || SEWN.test(low)) return undefined;
  return [
    [0, lead[0].length],
    [pattern.index, pattern.index + pattern[0].length],
  ];
}

const FOR_FREE = /\bfor (?:free|nothing)\b/;
function obtainedBy(lead: string, low: string): Pick<Pattern, 'obtained'> {
  if (FOR_FREE.test(low) || /\b(?:given|gave)\b/.test(lead)) return { obtained: 'given free' };
  return /\b(?:bought|ordered)\b/.test(lead) ? { obtained: 'bought' } : {};
}

export function patternBought({ text, low }: Heard, tables: LineTables, options: ActOptions): PatternBoughtAct | undefined {
  const apart = patternSaid(low);
  if (!apart) return undefined;
  // Where it came from is not what it is called: there may be a pattern of the shop's name.
  const shop = ITS_SHOP.exec(text);
  const behind: Span[] = shop ? [[shop.index, shop.index + shop[0].length]] : [];
  const { chips, draft, pattern: of } = readMake(blanked(text, [...apart, ...behind], ' '), tables, options);
  // With fabric it is a purchase of that, in words.
  if (!of || chips.some((chip) => chip.says.some(({ is }) => is === 'fabric'))) return undefined;
  const price = FOR_SO_MUCH.exec(low);
  const money = price ? moneySaid(price.groups?.['price'] ?? '', options.context.currency) : undefined;
  const named = chips.find((chip) => chip.says.some(({ is }) => is === 'new pattern' || is === 'pattern'));
  const taken = [named, ...chips.filter((chip) => chip.says.some(({ is }) => is === 'designer'))];
  const paid: Span[] = price && money ? [[price.index, low.length]] : [];
  const free = FOR_FREE.exec(low);
  const lent = CAME.exec(low) && /\b(?:borrowed|lent)\b/.exec(low);
  const began: Span = lent ? [0, lent.index] : apart[0];
  const rest = leftOf(text, [
    began,
    ...apart.slice(1),
    ...(free ? [[free.index, free.index + free[0].length] as const] : []),
    ...paid,
    ...taken.flatMap((chip): Span[] => (chip ? [[chip.from, chip.to]] : [])),
  ]);
  return {
    is: 'pattern bought',
    pattern: of,
    isNew: draft?.newPattern !== undefined,
    came: { ...(money ? { price: money } : {}), ...obtainedBy(low.slice(...apart[0]), low) },
    ...(rest === '' ? {} : { rest }),
  };
}

/**
 * What a line tells of a pattern itself: to whom it was given, that its seams are left out. It goes into its note, and no garment is given away.
 *
 * @example patternTold(heard('lost the Tidewater shirt pattern', context), tables, options) // { is: 'pattern told', pattern, words: 'lost' }
 */
export function patternTold({ text, low, names }: Heard, tables: LineTables, { context }: Pick<ActOptions, 'context'>): PatternToldAct | undefined {
  const [name, ...more] = names.filter(isPattern);
  const pattern = withId(tables.patterns, name?.id);
  const behind = name && PATTERN_BEHIND.exec(low.slice(name.to));
  if (!behind || !pattern || more.length > 0 || SEWN.test(low) || WISHED.test(low) || patternSaid(low) || text.trim().endsWith('?')) return undefined;
  const words = leftOf(text, [[name.from, name.to + behind[0].length]]);
  return words === '' || readsOfAGarment(words, context) ? undefined : { is: 'pattern told', pattern, words };
}
