import { dateOfDay, monthStart, type IsoDate } from '../units/date';
import type { TimeAbove } from './draft-from-line';
import { folded } from './names';
import { MONTH, MONTHS } from './recognise/date';

/** What a list may be of, before that it is one: "dress diary", "kids makes". */
export const LISTED_SORT =
  '(?:bras?|dress|skirt|shirt|top|blouse|bag|coat|jacket|jeans|trousers?|lingerie|underwear|swimwear|kids?|family|baby|quilt|knitwear|costume|toile|muslin|fitting|dressmaking)';
/** A year that stands by itself over what was sewn in it. */
export const YEAR_ABOVE = new RegExp(
  `(?:^|\\n)(?<line>[ \\t#*]*(?:(?:my|the|in|of|from|completed|finished|projects|spring|summer|autumn|fall|winter|sewing|sewn|made|makes|notebook|diary|journal|log|book|year|garments|${LISTED_SORT}(?= (?:log|diary|journal|makes|notebook)))[ ,]+)*(?<year>(?:19|20)\\d{2})(?:[ \\t]+(?:sewing|sewn|makes|garments|projects|notebook|diary|journal|log|list))*(?:[ \\t]*:?[ \\t]*(?=\\n|$)|[ \\t]?[:-][ \\t]+))`,
  'g',
);
/** A month that stands by itself over what was sewn in it, with its year or without, or over nothing. */
export const MONTH_ABOVE = new RegExp(
  `(?:^|\\n)(?<line>[ \\t#*_]*(?:(?:(?:made|sewn) )?in )?(?<month>${MONTH})\\.?(?:,? (?<year>(?:19|20)\\d{2}))?(?: (?:makes|sewing|projects))?[ \\t]*:?[ \\t*_]*(?<nothing>\\n?[ \\t*-]*(?:nothing|no sewing|none|did not sew|didn't sew)(?![a-z])[^\\n]{0,60})?)(?=\\n|$)`,
  'g',
);
/** "Three makes in October: …": when all was sewn that is listed behind it in its line. */
const ALL_SEWN_IN = new RegExp(
  `\\b(?:makes|made|sewed|finished|sewing|sewn)\\b[^:.;\\n]{0,30}? in (?:(?<month>${MONTH})(?: (?<year>(?:19|20)\\d{2}))?|(?<only>(?:19|20)\\d{2})) ?:`,
  'g',
);
/** "In 2022 I made …": when all was sewn that its sentence lists. */
const THEN_I_MADE = new RegExp(
  `(?:^|[.;\\n] *)in (?:(?<month>${MONTH})(?: (?<year>(?:19|20)\\d{2}))?|(?<only>(?:19|20)\\d{2})),? (?:i|we) (?:made|sewed|finished)(?![a-z])`,
  'g',
);
/** A day or a month of its own. */
const SAYS_MONTH = new RegExp(
  `(?:\\d{1,2}(?:st|nd|rd|th)?\\.? (?:of )?|(?<![a-z])(?:in|since|of|early|mid|late) |^[\\s*•-]*)${MONTH}(?![a-z])|(?<![a-z])${MONTH}\\.? \\d{1,2}(?!\\d)|^[\\s*•-]*\\d{1,2}[./]\\d{1,2}\\.? `,
);
/** Words that count from the day on which they are said. */
const FROM_TODAY = /\b(?:today|tonight|yesterday|ago|last|this)\b/;

/** A year or a month that stands above, from where to where, and its last day. */
export interface Time {
  readonly from: number;
  readonly to: number;
  readonly until: IsoDate;
  /** Of it the year is said alone, a month, or a month in which nothing was sewn. */
  readonly is: 'year' | 'month' | 'idle month';
}

/** The last day of a month that was said without its year, the last that has begun, or of the year that is said. */
function endOfMonth(month: string, year: string | undefined, today: IsoDate): IsoDate {
  const number = MONTHS.findIndex((name) => name.startsWith(month.slice(0, 3))) + 1;
  const until = (of: number) => dateOfDay(monthStart(of, number) - 1);
  const thisYear = Number(today.slice(0, 4));
  const latest = today.slice(0, 7) >= until(thisYear).slice(0, 7) ? thisYear : thisYear - 1;
  return until(year === undefined ? latest : Number(year));
}

/** What is listed behind when it was sewn, each from there to the end of its line. */
export const timesOfLists = (low: string, today: IsoDate): readonly Time[] =>
  [...low.matchAll(ALL_SEWN_IN), ...low.matchAll(THEN_I_MADE)].map(({ index, 0: all, groups: { month, year, only = '' } = {} }): Time => {
    const from = index + all.length;
    const end = low.slice(from).search(all.endsWith(':') ? /\n/ : /[.;\n]/);
    const to = end < 0 ? low.length : from + end;
    return month === undefined ? { from, to, until: `${only}-12-31`, is: 'year' } : { from, to, until: endOfMonth(month, year, today), is: 'month' };
  });

/** The years and months that stand above what was sewn in them. */
export function timesAbove(low: string, today: IsoDate): readonly Time[] {
  let above: string | undefined;
  return [...low.matchAll(YEAR_ABOVE), ...low.matchAll(MONTH_ABOVE)]
    .sort((a, b) => a.index - b.index)
    .map(({ index, 0: all, groups: { line = '', year: said, month, nothing } = {} }): Time => {
      const place = { from: index + all.length - line.length, to: index + all.length };
      if (month === undefined) {
        above = said;
        return { ...place, until: `${said}-12-31`, is: 'year' };
      }
      return { ...place, until: endOfMonth(month, said ?? above, today), is: nothing === undefined ? 'month' : 'idle month' };
    });
}

/**
 * The month or the year that is over what is told: what says its own month is only of the year above it, and what counts from today of none.
 *
 * @param above what stands above it, the nearest last
 * @returns undefined too where that time is not over yet
 */
export function timeOver(told: string, above: readonly Time[], today: IsoDate): TimeAbove | undefined {
  const low = folded(told);
  const last = above.at(-1);
  const time = last?.is === 'month' && !SAYS_MONTH.test(low) ? last : above.findLast(({ is }) => is === 'year');
  return time !== undefined && time.until < today && !FROM_TODAY.test(low)
    ? { until: time.until, is: time.is === 'year' ? 'year' : 'month' }
    : undefined;
}
