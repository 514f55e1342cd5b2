import type { Pattern } from '../../records';
import { readMake, type LineTables } from '../draft-from-line';
import { MONEY, moneySaid } from '../money-said';
import { blanked, leftOf, SEWN, type ActOptions, type Heard, type Span, FROM_SHOP } from '../report';
import { BOUGHT } from './fabric-bought';

/** A pattern is bought, whatever may be sewn from it; what it cost, and that it was bought, are of one that there is too. */
export interface PatternBoughtAct {
  readonly is: 'pattern bought';
  readonly pattern: Pattern;
  readonly isNew: boolean;
  readonly came: Pick<Pattern, 'price' | 'obtained'>;
  readonly rest?: string;
}

/** That it is the pattern that was bought. */
const THE_PATTERN = /,? *\b(?:(?:pdf|paper|sewing|printed) )*pattern\b/;

/** Where it was bought. */
const ITS_SHOP = new RegExp(`(?<=\\bpattern),? *\\b${FROM_SHOP}`, 'u');

/** What it cost, at the end of the line. */
const FOR_SO_MUCH = new RegExp(`(?:,|\\bfor|\\bat|\\bpaid|\\bcosts?) *(?<price>${MONEY})[ .]*$`);

/** Where a line says that a pattern was bought: how it begins, and the word for it. */
export function patternSaid(low: string): readonly [bought: Span, pattern: Span] | undefined {
  const [lead, pattern] = [BOUGHT.exec(low), THE_PATTERN.exec(low)];
  if (!lead || !pattern || SEWN.test(low)) return undefined;
  return [
    [0, lead[0].length],
    [pattern.index, pattern.index + pattern[0].length],
  ];
}

const obtainedBy = (lead: string): Pick<Pattern, 'obtained'> =>
  /\b(?:bought|ordered)\b/.test(lead) ? { obtained: 'bought' } : /\b(?:given|gave)\b/.test(lead) ? { obtained: 'given free' } : {};

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
  const rest = leftOf(text, [...apart, ...paid, ...taken.flatMap((chip): Span[] => (chip ? [[chip.from, chip.to]] : []))]);
  return {
    is: 'pattern bought',
    pattern: of,
    isNew: draft?.newPattern !== undefined,
    came: { ...(money ? { price: money } : {}), ...obtainedBy(low.slice(...apart[0])) },
    ...(rest === '' ? {} : { rest }),
  };
}
