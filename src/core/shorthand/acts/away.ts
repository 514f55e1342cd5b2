import type { Away, Make } from '../../records';
import { withId } from '../../units/by-id';
import { isAway } from '../../wear/available';
import type { LineTables } from '../draft-from-line';
import { dayIn, FIRST, IS_BY_NOW, isGarmentName, ITS_NAME, leftOf, SEWN, unnamed, type ActOptions, type Heard } from '../report';
import { hangingOf } from './which-garment';

/** A garment cannot be worn for a time. */
export interface AwayAct {
  readonly is: 'away';
  readonly make: Make;
  readonly why: Away['why'];
  /** The day from which; more than one where figures can be read both ways. */
  readonly dates: readonly string[];
  /** To whom it was lent, what for it is stored. */
  readonly remark?: string;
}

/** A garment that was away can be worn again. */
export interface BackAct {
  readonly is: 'back';
  readonly make: Make;
  readonly dates: readonly string[];
  readonly remark?: string;
}

const WHERE_STORED =
  '(?:(?:in|into|up in|up to|to|down to|under) (?:storage|the (?:attic|loft|cellar|basement|trunk|chest|bed)|a (?:box|vacuum bag|suitcase)))';
const MENDING = '(?:(?:the |my )?(?:mending|repair|alterations?)(?: (?:pile|basket|bag|box|heap))?)';
const MENDER = "(?:(?:the |a |my )?(?:mender|tailor|seamstress|dressmaker|cobbler|repair shop|alterations? (?:shop|place))(?:'s|s)?)";
const IT_IS = `${ITS_NAME}:? (?:${IS_BY_NOW})`;
const ENDS = '(?![a-z])';

const gone = (why: Away['why'], ...ways: readonly string[]) => ways.map((way) => ({ why, said: new RegExp(`^(?:${way})${ENDS}`, 'u') }));
/** How it is said that a garment is away for a time; `§` stands for its name. */
const GONE = [
  // Whoever borrowed it is named: what she borrowed herself is not hers to lend.
  ...gone(
    'lent',
    `${FIRST}(?:lent|loaned)(?: out)? ${ITS_NAME}(?: out)?`,
    `${IT_IS}(?:lent(?: out)?|on loan)`,
    `(?!(?:i|we) )[\\p{L}'-]+ (?:has |is )?(?:borrowed|borrowing) ${ITS_NAME}(?! pattern)`,
  ),
  ...gone(
    'in the mending',
    `${FIRST}(?:took|taken|brought|sent) ${ITS_NAME} (?:in )?to ${MENDER}`,
    `${FIRST}(?:put|threw|thrown|laid) ${ITS_NAME} (?:in|into|on|onto|with) ${MENDING}`,
    `${IT_IS}(?:in|on|with) ${MENDING}`,
    `${IT_IS}(?:at|with) ${MENDER}`,
  ),
  ...gone(
    'stored',
    `${FIRST}(?:put|packed|tidied|stowed|tucked) ${ITS_NAME} away`,
    `${FIRST}(?:put|packed|tidied|stowed) away ${ITS_NAME}`,
    `${FIRST}stored ${ITS_NAME}`,
    `${FIRST}(?:put|packed|moved) ${ITS_NAME} ${WHERE_STORED}`,
    `${IT_IS}(?:stored|packed away|put away|${WHERE_STORED})`,
  ),
  ...gone(
    'too big yet',
    `${ITS_NAME}:? (?:(?:is|are) )?(?:still (?:a bit |much )?too (?:big|large)|(?:much |a bit )?too (?:big|large)(?: (?:for|on) (?:him|her|them))? (?:yet|still))`,
  ),
];

const IN_USE = '(?: (?:in|into) (?:rotation|use|the wardrobe|my wardrobe))?';
/** How it is said that it is there again. */
const BACK = [
  `${FIRST}(?:got|took|brought|fetched|unpacked|dug|had|put) ${ITS_NAME} (?:back|out)(?: again)?${IN_USE}`,
  `${FIRST}(?:got|took|brought|fetched) (?:back|out) ${ITS_NAME}`,
  `${FIRST}unpacked ${ITS_NAME}`,
  `${ITS_NAME}:? (?:(?:is|are|came|has come|have come|was|were|'s) )+(?:back|returned)(?: again)?${IN_USE}`,
  `${ITS_NAME}:? (?:is|are) in (?:rotation|use) again`,
  `[\\p{L}'-]+ (?:has )?(?:returned|brought back|gave back) ${ITS_NAME}`,
  `[\\p{L}'-]+ (?:has )?(?:gave|given|brought|sent) ${ITS_NAME} back`,
].map((way) => new RegExp(`^(?:${way})${ENDS}`, 'u'));

/** Every way to say either, for a sentence among others. */
export const AWAY_OR_BACK: readonly RegExp[] = [...GONE.map(({ said }) => said), ...BACK];

/**
 * Whether a garment is away for a time, or back again: only what is away comes back.
 *
 * @returns undefined where nothing of the kind is said, or no such garment was finished
 * @example awayOf(heard('lent the Tidewater shirt to Pia', context), tables, options) // { is: 'away', make, why: 'lent', dates: [today], remark: 'to Pia' }
 */
export function awayOf({ text, low, names }: Heard, tables: LineTables, { context, spoken }: ActOptions): AwayAct | BackAct | undefined {
  const [name, ...others] = names.filter(isGarmentName);
  if (!name || others.length > 0 || SEWN.test(low)) return undefined;
  const blank = unnamed(low, name);
  const away = GONE.find(({ said }) => said.test(blank));
  const back = away ? undefined : BACK.find((said) => said.test(blank));
  const found = (away?.said ?? back)?.exec(blank)?.[0];
  // Only what is away, or rests, comes back.
  const meant = back ? tables.makes.filter((make) => isAway(make, context.today) || make.state === 'resting') : tables.makes;
  const make = found === undefined ? undefined : hangingOf(name, low, spoken, meant);
  if (found === undefined || !make) return undefined;
  // Of somebody who grows no more it is how it fits.
  if (away?.why === 'too big yet' && !withId(tables.people, make.personId)?.child) return undefined;
  const { dates, at } = dayIn(low, context.today);
  const whole = found.length - 1 + name.to - name.from;
  // Who borrowed it stands before its name.
  const who = /^(?<who>[\p{L}'-]+) (?:has |is )?borrow/u.exec(low)?.groups?.['who'];
  const left = [who && `to ${text.slice(0, who.length)}`, leftOf(text, [[0, whole], ...at])].filter(Boolean).join(', ');
  const beside = { dates, ...(left === '' ? {} : { remark: left }) };
  return away ? { is: 'away', make, why: away.why, ...beside } : { is: 'back', make, ...beside };
}
