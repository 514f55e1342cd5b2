import { addDays, addMonths, parseISO, startOfISOWeek } from 'date-fns';
import { lastSeasons, spanAround } from '../wear/span';
import { byDay, type IsoDate } from '../units/date';
import { daysBetween } from '../body/measures';
import type { Hemisphere } from '../wear/season';
import type { Frequency } from '../wear/wear-count';
import { readyOn } from '../wear/available';
import type { Make } from '../records';
import { COUNT, countOf, TIMES_IN_A_WORD } from './amounts';
import { iso, MONTH, MONTHS } from './recognise/date';
import type { LineContext } from './sentence';

/** Where something is said in a text. */
type Place = readonly [from: number, to: number];

/** Days over which something went on, both included. */
export interface Over {
  readonly from: IsoDate;
  readonly until: IsoDate;
}

const SEASON = 'spring|summer|autumn|fall|winter';
const LEAD = '(?:(?:all|over|during|in|through|throughout|most of|for|of) )*(?:the )?(?:whole )?';
/** No more follows that it belongs to: "the summer concert" is no span. */
const ENDS = '(?=\\s*(?:$|[,.;:·|!?)]|(?:and|but|with|to|at|for|on|because|since|when)\\b))';
const SEASONS_SAID = [
  `${LEAD}(?<which>last |this |the last )(?<season>${SEASON})`,
  `(?:(?:all|over|during|in|through|throughout|most of) )+(?:the )?(?:whole )?(?<season>${SEASON})(?: (?:of )?(?<year>\\d{4}))?`,
  `the whole (?<season>${SEASON})`,
  `(?<season>${SEASON}) (?:of )?(?<year>\\d{4})`,
];
type SpanSaid = readonly [
  said: RegExp,
  days: (groups: Record<string, string | undefined>, today: IsoDate, hemisphere: Hemisphere) => Over | undefined,
];
const SPANS: readonly SpanSaid[] = [
  [
    new RegExp(`\\b(?:ever )?since (?:(?<season>${SEASON})|(?<month>${MONTH}))(?: (?<year>\\d{4}))?(?![a-z\\d])`),
    ({ season, month, year }, today, hemisphere) => {
      const begun = season ? ofSeason(season, year, true, today, hemisphere) : ofMonth(month ?? '', year, today);
      return begun && { from: begun.from, until: today };
    },
  ],
  ...SEASONS_SAID.map((said): SpanSaid => [
    new RegExp(`\\b${said}(?: long)?${ENDS}`),
    ({ which, season = '', year }, today, hemisphere) => ofSeason(season, year, which === undefined || which.startsWith('this'), today, hemisphere),
  ]),
  [
    new RegExp(`\\b${LEAD}(?<which>last|this|the last|the past) (?<kind>month|year)(?![a-z])`),
    ({ which, kind }, today) => {
      const one = kind === 'year' ? 'year' : 'month';
      const day = which === 'this' ? today : iso(addMonths(parseISO(today), one === 'year' ? -12 : -1));
      return spanAround(one, day, 'north');
    },
  ],
  [/\b(?:all|over|in|during|for)? ?the (?:past|last) week(?![a-z])/, (_, today) => ({ from: iso(addDays(parseISO(today), -6)), until: today })],
  [
    /\b(?:(?:all|the whole|most of)(?: of)?(?: this| the)? week|this(?: whole)? week)(?! ?end)(?![a-z])/,
    (_, today) => ({ from: iso(startOfISOWeek(parseISO(today))), until: today }),
  ],
  [
    /\blast week(?![a-z])/,
    (_, today) => {
      const monday = startOfISOWeek(parseISO(today));
      return { from: iso(addDays(monday, -7)), until: iso(addDays(monday, -1)) };
    },
  ],
  [
    new RegExp(`\\b(?:(?:all|over|during|in|through|throughout|most of|for|of|last|this) )+(?<month>${MONTH})(?: (?<year>\\d{4}))?(?![a-z\\d])`),
    ({ month = '', year }, today) => ofMonth(month, year, today),
  ],
  [/\b(?:all (?:of|through)|in|during|throughout|over) (?<year>(?:19|20)\d{2})(?!\d)/, ({ year }) => spanAround('year', `${year}-01-01`, 'north')],
];

/** A season of a year, that of winter the one it ends in; without a year the last that has begun, or that is over. */
function ofSeason(said: string, year: string | undefined, mayGoOn: boolean, today: IsoDate, hemisphere: Hemisphere): Over | undefined {
  const season = said === 'fall' ? 'autumn' : said;
  const last = lastSeasons(today, hemisphere).find((s) => s.season === season);
  if (!last) return undefined;
  const at = (years: number) => spanAround('season', iso(addMonths(parseISO(last.until), 12 * years)).slice(0, 7) + '-01', hemisphere);
  if (year !== undefined) return at(Number(year) - Number(last.until.slice(0, 4)));
  return mayGoOn || last.until < today ? last : at(-1);
}

/** The month of a year, or the last of its name that has begun. */
function ofMonth(said: string, year: string | undefined, today: IsoDate): Over | undefined {
  const at = MONTHS.findIndex((name) => name.startsWith(said.slice(0, 3)));
  const inYear = (of: string) => `${of}-${String(at + 1).padStart(2, '0')}-01`;
  const thisYear = today.slice(0, 4);
  const first = inYear(year ?? (inYear(thisYear) > today ? String(Number(thisYear) - 1) : thisYear));
  return at < 0 ? undefined : spanAround('month', first, 'north');
}

/**
 * Over which days something went on, where a line says it: never later than today.
 *
 * @param low small letters
 * @example overSaid('all last summer', '2026-11-25', 'north') // { over: { from: '2026-06-01', until: '2026-08-31' }, at: [0, 15] }
 */
export function overSaid(low: string, today: IsoDate, hemisphere: Hemisphere): { readonly over: Over; readonly at: Place } | undefined {
  for (const [said, days] of SPANS) {
    const found = said.exec(low);
    const over = found && days({ ...found.groups }, today, hemisphere);
    if (!over || over.from > today) continue;
    return { over: { from: over.from, until: over.until > today ? today : over.until }, at: [found.index, found.index + found[0].length] };
  }
  return undefined;
}

/** How often something was: in a word of the ledger's, in times in all, or so many times in so many days. */
export type HowOften = { readonly often: Frequency } | { readonly times: number } | { readonly times: number; readonly days: number };

const DAYS = { day: 1, week: 7, fortnight: 14, month: 30.4, year: 365 } as const;
const isUnit = (said: string): said is keyof typeof DAYS => said in DAYS;
const ABOUT = '(?:(?:about|around|roughly|at least|maybe|probably|usually|almost|nearly) )*';

/** Each with what it may mean: of several it is asked. */
const OFTEN: readonly [said: RegExp, ways: (groups: Record<string, string | undefined>) => readonly HowOften[]][] = [
  [
    new RegExp(
      `\\b${ABOUT}(?:(?<once>once|twice|thrice)|(?<count>${COUNT}) times|(?<x>\\d+) ?x) (?:a|per|each|every) (?<unit>day|week|fortnight|month|year)(?![a-z])`,
    ),
    ({ once, count, x, unit = '' }) => {
      const times = once ? TIMES_IN_A_WORD[once] : countOf(count ?? x ?? '');
      return times !== undefined && isUnit(unit) ? [{ times, days: DAYS[unit] }] : [];
    },
  ],
  [
    new RegExp(`\\b${ABOUT}(?:every (?:single )?(?<unit>day|week|fortnight|month|year)|(?<adverb>daily|weekly|monthly))(?![a-z])`),
    ({ unit, adverb }) => {
      const of = unit ?? { daily: 'day', weekly: 'week', monthly: 'month' }[adverb ?? ''] ?? '';
      return isUnit(of) ? [{ times: 1, days: DAYS[of] }] : [];
    },
  ],
  [/\b(?:constantly|all the time|non[- ]?stop|most days|day in,? day out|all day every day)(?![a-z])/, () => [{ often: 'constantly' }]],
  [
    /\b(?:very |quite |pretty |really |so )*(?:often|a lot|lots|loads|heaps|tons|regularly|frequently|so much|most weeks|most weekends|every weekend)(?![a-z])/,
    () => [{ often: 'often' }],
  ],
  [
    /\b(?:a few times|several times|quite a few times|some times|now and (?:then|again)|occasionally|from time to time)(?![a-z])/,
    () => [{ times: 3 }, { times: 5 }, { times: 8 }],
  ],
  [
    new RegExp(`\\b(?=(?:all|the whole|throughout|most of) (?:(?:this|last|the) )?(?:${SEASON}|year)\\b)`),
    () => [{ often: 'constantly' }, { often: 'often' }],
  ],
];

/**
 * How often something was, where a line says it in other words than a number.
 *
 * @returns what it may mean, and where it is said; undefined where nothing is said of it
 * @example oftenSaid('twice a week') // { ways: [{ times: 2, days: 7 }], at: [0, 12] }
 */
export function oftenSaid(low: string): { readonly ways: readonly HowOften[]; readonly at: Place } | undefined {
  for (const [said, ways] of OFTEN) {
    const found = said.exec(low);
    const meant = found ? ways({ ...found.groups }) : [];
    if (found && meant.length > 0) return { ways: meant, at: [found.index, found.index + found[0].length] };
  }
  return undefined;
}

/** How many times that is over some days; undefined of a word, which counts by the months in which a garment can be worn. */
export const timesOver = (how: HowOften, { from, until }: Over): number | undefined =>
  'often' in how ? undefined : 'days' in how ? Math.max(1, Math.round((how.times * (daysBetween(from, until) + 1)) / how.days)) : how.times;

/** How many times, in figures or as one word. */
export const COUNTED = new RegExp(`\\b(?:(${COUNT}) times|(once|twice)|(\\d+) ?x)\\b`);
/** How many those are. */
export const timesIn = (found: RegExpExecArray): number => TIMES_IN_A_WORD[found[2] ?? ''] ?? countOf(found[1] ?? found[3] ?? '') ?? 1;
const COUNTED_ABOUT = new RegExp(`(?:\\b(?:about|around|roughly|maybe|some|at least) )*${COUNTED.source}`);

/** More wears than one entry may stand for. */
const MOST = 1000;

/** Many wears, over some days. */
export interface Estimate {
  readonly dates: readonly IsoDate[];
  readonly over: Over;
  readonly times: number;
  readonly often?: Frequency;
}

const placeOf = (found: RegExpExecArray | null): Place | undefined => (found ? [found.index, found.index + found[0].length] : undefined);

/** Where another clause begins: what is said there is of something else, unless it begins with how often. */
const CLAUSE = /[,;.!?] *| (?:but|because|and|so) /g;

/** The clause that says how often, and where it begins. */
function clauseOfHowOften(low: string): { readonly text: string; readonly from: number } | undefined {
  const between = [...low.matchAll(CLAUSE)];
  const begins = [0, ...between.map((found) => found.index + found[0].length)];
  const ends = [...between.map(({ index }) => index), low.length];
  return begins
    .map((from, i) => ({ from, text: low.slice(from, ends[i]) }))
    .find(({ from, text }) => {
      const at = oftenSaid(text)?.at ?? placeOf(COUNTED_ABOUT.exec(text));
      return at !== undefined && (from === 0 || at[0] === 0);
    });
}

/**
 * Many wears as they are told: over the days that are named, else since the garment was ready.
 *
 * @param low what is said behind the garments, in small letters
 * @returns each way in which it may be meant, by what it is called; undefined where it tells of one wear, of days before there was a garment, or
 *   of several garments and of no days
 */
export function estimatesIn(low: string, makes: readonly Make[], { today, hemisphere = 'north' }: Pick<LineContext, 'today' | 'hemisphere'>) {
  const clause = clauseOfHowOften(low);
  if (!clause) return undefined;
  const rate = oftenSaid(clause.text);
  const counted = COUNTED_ABOUT.exec(clause.text);
  const said = overSaid(clause.text, today, hemisphere);
  // A number without its days is spread round one day, which is asked.
  const hows = rate ? rate.ways : counted && said ? [{ times: timesIn(counted) }] : [];
  const [ready] = makes.map((make) => readyOn(make) ?? make.cutOn).sort(byDay);
  if (hows.length === 0 || ready === undefined || (!said && makes.length > 1)) return undefined;
  const over = { from: said && said.over.from > ready ? said.over.from : ready, until: said?.over.until ?? today };
  if (over.from > over.until) return undefined;
  const at = [rate?.at, said?.at, rate ? undefined : placeOf(counted)].flatMap((place): Place[] =>
    place ? [[place[0] + clause.from, place[1] + clause.from]] : [],
  );
  const ways = hows.flatMap((how) => {
    const times = timesOver(how, over);
    // So many are no entry, and nobody counted them.
    if (times !== undefined && times > MOST) return [];
    const told: Estimate = { dates: [over.from], over, times: times ?? 1, ...('often' in how ? { often: how.often } : {}) };
    const called = 'often' in how ? how.often : `about ${times} times`;
    return [{ called: said ? called : `${called} since it was finished`, told }];
  });
  return ways.length === 0 ? undefined : { at, ways, isSpanSaid: said !== undefined };
}

/**
 * How many times that is that is told as so many in so many days, over days that are named; undefined where either is not said.
 *
 * @param low small letters
 * @example countedOver('worn twice a week all winter', { today: '2026-11-25' }) // 26
 */
export function countedOver(low: string, { today, hemisphere = 'north' }: Pick<LineContext, 'today' | 'hemisphere'>): number | undefined {
  const [how] = oftenSaid(low)?.ways ?? [];
  const said = overSaid(low, today, hemisphere);
  return how && 'days' in how && said ? timesOver(how, said.over) : undefined;
}
