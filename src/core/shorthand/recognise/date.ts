import { addDays, addMonths, addYears, formatISO, getDay, getDayOfYear, parseISO } from 'date-fns';
import { middleOf } from '../../make/known-to';
import type { KnownTo } from '../../records';
import { MONTH_NAMES, type IsoDate } from '../../units/date';
import { readDay } from '../../units/day-as-written';
import { anyOf, COUNT, countOf } from '../amounts';
import type { Choice } from '../chip';
import { asks, beforeName, byRules, mereWords, rule, says, type Meant } from '../said';
import type { Recogniser, Sentence } from '../sentence';
import { FOR_SOMEBODY } from './person';

export const MONTHS = MONTH_NAMES.map((name) => name.toLowerCase());
/** The name of a month, whole or short. */
export const MONTH = anyOf([...MONTHS, ...MONTHS.map((name) => name.slice(0, 3)), 'sept']);
/** A month in short, that is no name: before a make in a list. */
export const SHORT_MONTH = '(?:jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)';
const HAS_MONTH = new RegExp(MONTH);
/** A month that was said without a day: "in October", "October:". One by itself may be a name. */
const IN_MONTH = new RegExp(`\\bin (?<in>${MONTH})(?![a-z]| \\d)|(?<=^|\\n|[.;] )(?<over>${MONTH})(?= ?:)`, 'g');
/** From Sunday, as days of the week are counted. */
export const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
/** Their names as a diary shortens them. */
export const SHORT_WEEKDAY = '(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)';
/** A day, as it is said. */
export const DAY = `(?:\\d{4}-\\d{2}-\\d{2}|\\d{1,2}[./]\\d{1,2}[./](?:\\d{4}|\\d{2})(?!\\d)|\\d{1,2}-\\d{1,2}-\\d{4}|\\d{1,2}(?:st|nd|rd|th)?\\.? (?:of )?${MONTH}\\.?(?:,? \\d{4})?|${MONTH}\\.? \\d{1,2}(?:st|nd|rd|th)?(?:,? \\d{4})?(?![./\\d])|today|tonight|this (?:morning|afternoon|evening)|yesterday(?: (?:evening|morning|afternoon))?|last night|the day before yesterday|(?:last|this past|on) ${anyOf(WEEKDAYS)}|${COUNT} days? ago|(?:a|one) week ago|${COUNT} weeks ago|a fortnight ago)`;
/** A day of this month or of the last, where nothing is counted by it: "on the 3rd". */
const OF_A_MONTH = '(?:on )?the \\d{1,2}(?:st|nd|rd|th)(?= *(?:$|[,.;·|)\\n]|and\\b|but\\b|it\\b|took\\b))';
const NTH = /^(?:on )?the (\d{1,2})[a-z]{2}$/;
/** A part of a month, with the day in its middle. */
const PARTS_OF: Readonly<Record<string, number>> = { early: 5, 'beginning of': 5, 'start of': 5, mid: 15, 'middle of': 15, late: 25, 'end of': 25 };
const PART_OF = anyOf(Object.keys(PARTS_OF));
const BEGINS_WITH_PART = new RegExp(`^(?:in |at the )?(${PART_OF})`);
/** About when, without a day. */
export const DOUBTFUL = `(?:(?:last|this) ${MONTH}|last (?:week|weekend|month|year|summer|winter|spring|autumn|fall)|this (?:week|month|year|summer|winter|spring|autumn|fall)|${COUNT} (?:months?|years?|summers?|winters?) ago|(?<!\\d )(?:in )?${MONTH} \\d{4}|in ${MONTH}|(?:in |at the )?${PART_OF}[ -]${MONTH}(?: \\d{4})?|(?<=^|\\n|[.;] )${MONTH}(?= ?:|, )|(?<=^|\\n)${SHORT_MONTH}(?= [a-z])|in (?:the )?(?:summer|winter|spring|autumn)(?: of \\d{4}| \\d{4})?|some time ago|a while ago|ages ago|years ago|back in \\d{4}|in (?:19|20)\\d{2})`;
/** A season or a feast of a year: "spring 2019", "Christmas 2022". */
const SEASON_OF_A_YEAR = '(?:(?:in|at|over) )?(?:the )?(?:spring|summer|autumn|fall|winter|christmas|easter)(?: of)? \\d{4}';
/** What makes of a time no more than about when. */
const ABOUT = '(?:around|about|roughly|circa|ca\\.?|approximately|approx\\.?)';
const ABOUT_BEFORE = new RegExp(`\\b${ABOUT} $`);
/** The same, as it is written before a year too. */
const ABOUT_A_YEAR = `(?:${ABOUT}|c\\.)`;
const BEGINS_WITH_ABOUT = new RegExp(`^${ABOUT_A_YEAR} ?`);

/** A day as it is kept. */
export const iso = (date: Date): IsoDate => formatISO(date, { representation: 'date' });

/** "In October …, finished on the 25th": of that month. */
function withItsMonth(day: string, before: string): string {
  const of = NTH.exec(day.trim())?.[1];
  const { in: named, over = named } = of === undefined ? {} : ([...before.matchAll(IN_MONTH)].at(-1)?.groups ?? {});
  return of === undefined || over === undefined ? day : `${of} ${over}`;
}

/** A day that was said; two where figures can be read both ways, and neither is still to come. */
export function daysOf(text: string, today: string): readonly string[] {
  const said = text
    .trim()
    .replace(/,/g, '')
    .replace(/ of /, ' ')
    .replace(/^(\d{1,2})-(\d{1,2})-(\d{4})$/, '$1/$2/$3')
    // "25/11/26": the latest such year.
    .replace(
      /^(\d{1,2}[./]\d{1,2}[./])(\d{2})$/,
      (_, figures: string, year: string) => figures + (`20${year}` > today.slice(0, 4) ? `19${year}` : `20${year}`),
    );
  const now = parseISO(today);
  if (/^(?:today|tonight|this )/.test(said)) return [today];
  if (/^(?:yesterday|last night)/.test(said)) return [iso(addDays(now, -1))];
  if (said === 'the day before yesterday') return [iso(addDays(now, -2))];
  if (said === 'a fortnight ago') return [iso(addDays(now, -14))];
  const ago = /^(.+) (day|week)s? ago$/.exec(said);
  if (ago) {
    const n = countOf(ago[1] ?? '');
    return n === undefined || n > 400 ? [] : [iso(addDays(now, -n * (ago[2] === 'week' ? 7 : 1)))];
  }
  const weekday = /(\w+day)$/.exec(said);
  if (weekday) {
    const back = (getDay(now) - WEEKDAYS.indexOf(weekday[1] ?? '') + 7) % 7;
    return [iso(addDays(now, -(back === 0 ? 7 : back)))];
  }
  const ofMonth = NTH.exec(said)?.[1];
  if (ofMonth !== undefined) {
    const day = ofMonth.padStart(2, '0');
    return [0, -1, -2]
      .flatMap((by) => {
        const date = `${formatISO(addMonths(now, by), { representation: 'date' }).slice(0, 8)}${day}`;
        return date <= today && readDay(date, 'day first').ok ? [date] : [];
      })
      .slice(0, 1);
  }
  // Without a year the latest such day is meant.
  const full = /\d{4}/.test(said) ? [said] : [0, -1].map((by) => `${said} ${Number(today.slice(0, 4)) + by}`);
  const orders = /^\d{1,2}\/\d{1,2}\//.test(said) ? (['day first', 'month first'] as const) : (['day first'] as const);
  const days = new Set<string>();
  for (const order of orders)
    for (const one of full) {
      const read = readDay(one.replace(/^(\d{1,2})\. /, '$1 '), order);
      if (!read.ok) continue;
      if (read.date > today && full.length > 1) continue;
      days.add(read.date);
      break;
    }
  const past = [...days].filter((day) => day <= today);
  return past.length > 0 ? past : [...days];
}

/** The latest days that a day and a month by their figures may be: "20/11". */
export function latestOf(figures: string, today: string): readonly string[] {
  const [parts = '/'] = /[./]/.exec(figures) ?? [];
  const days = [0, -1].map((by) =>
    daysOf(`${figures.replace(/\.$/, '')}${parts}${Number(today.slice(0, 4)) + by}`, today).filter((date) => date <= today),
  );
  return days.find((some) => some.length > 0) ?? [];
}

const on = (of: 'cut' | 'finished', days: readonly string[]): Meant | undefined => {
  const [first] = days;
  if (first === undefined) return undefined;
  return days.length > 1 ? asks(...days.map((date): Choice => [{ is: 'date', of, date }])) : says({ is: 'date', of, date: first });
};

/** One of these days, or no day of finishing at all. */
const perhapsOn = (days: readonly string[], s: Sentence, from: number, to: number): Meant =>
  asks(...days.map((date): Choice => [{ is: 'date', of: 'finished', date }]), mereWords(s.typed(from, to)));

/** A day that stands for about when something was, and what of it is known where that is a month or a year. */
interface Roughly {
  readonly date: IsoDate;
  readonly knownTo?: KnownTo;
  /** The words say more than that: a season, a part of a month. */
  readonly saysMore?: true;
  /** A winter begins in the year before. */
  readonly orYearBefore?: true;
}

/** About when something was that has no day. */
function roughly(text: string, today: IsoDate): Roughly | undefined {
  if (BEGINS_WITH_ABOUT.test(text)) {
    const about = roughly(text.replace(BEGINS_WITH_ABOUT, ''), today);
    return about && { ...about, saysMore: true };
  }
  const said = text.trim();
  const now = parseISO(today);
  const within = (knownTo: KnownTo, of: IsoDate): Roughly => ({ date: middleOf(knownTo, of, today), knownTo });
  const ago = /^(.+) (month|year|summer|winter)s? ago$/.exec(said);
  const n = ago && countOf(ago[1] ?? '');
  if (ago && n) {
    if (ago[2] === 'month') return within('month', iso(addMonths(now, -n)));
    if (ago[2] === 'year') return within('year', iso(addYears(now, -n)));
    const date = `${Number(today.slice(0, 4)) - n}-${ago[2] === 'summer' ? '07' : '01'}-15`;
    return { date, knownTo: 'year', saysMore: true, ...(ago[2] === 'winter' ? { orYearBefore: true } : {}) };
  }
  if (said === 'last week' || said === 'last weekend') return { date: iso(addDays(now, -7)) };
  if (said === 'last month') return within('month', iso(addMonths(now, -1)));
  if (said === 'last year') return within('year', iso(addYears(now, -1)));
  // In the middle of what of it is over.
  if (said === 'this week') return { date: iso(addDays(now, -Math.floor(((getDay(now) + 6) % 7) / 2))) };
  if (said === 'this month') return { date: `${today.slice(0, 8)}${String(Math.ceil(now.getDate() / 2)).padStart(2, '0')}`, knownTo: 'month' };
  if (said === 'this year') return { date: iso(addDays(now, -Math.floor((getDayOfYear(now) - 1) / 2))), knownTo: 'year' };
  const season = /(summer|winter|spring|autumn|fall)/.exec(said)?.[1];
  const year = /(\d{4})/.exec(said)?.[1];
  if (year !== undefined && /christmas/.test(said)) return { ...within('month', `${year}-12-25`), saysMore: true };
  if (year !== undefined && /easter/.test(said)) return { ...within('year', `${year}-04-15`), saysMore: true };
  const month = HAS_MONTH.exec(said)?.[0];
  if (month) {
    const part = BEGINS_WITH_PART.exec(said)?.[1];
    const [date] = daysOf(`${PARTS_OF[part ?? 'mid'] ?? 15} ${month}${year ? ` ${year}` : ''}`, today);
    return date === undefined ? undefined : { date, knownTo: 'month', ...(part === undefined ? {} : { saysMore: true }) };
  }
  if (season) {
    const at = { summer: '07', winter: '01', spring: '04', autumn: '10', fall: '10' }[season] ?? '07';
    const this_ = `${year ?? today.slice(0, 4)}-${at}-15`;
    // The last one is the latest that is over, some six weeks after its middle.
    const since = said.startsWith('last') ? iso(addDays(parseISO(this_), 45)) : this_;
    const date = year === undefined && since > today ? `${Number(today.slice(0, 4)) - 1}-${at}-15` : this_;
    return { date, knownTo: 'year', saysMore: true, ...(season === 'winter' && year === undefined ? { orYearBefore: true } : {}) };
  }
  return year !== undefined && year <= today.slice(0, 4) ? within('year', `${year}-07-01`) : undefined;
}

const DONE = '(?:finished|made|done|completed|sewn|sewed|finished it|made it|made this)';
/** That something was made, in the sentence in which a month or a year is said; and what else in it may have been then. */
const MADE_IN_IT =
  /(?:^|[,.;·\n] ?|\b(?:and|then) )(?:(?:i|we|i've|we've|just|have|had|finally|also) )*(?:made|sewed|sewn|finished|completed) [^,.;\n]*$/;
const BEGINS_WITH_MADE = new RegExp(`^${DONE}\\b`);
/** "In 2022 I made the Skerry tee". */
const MADE_BEHIND = /^,? (?:i |we )?(?:(?:also|just|finally) )?(?:made|sewed|finished) /;
const MAY_BE_ELSE = /\b(?:that|which|who|since|like|from|began|begun|started|cut|fits?|fitted|is|was|were)\b[^,.;·\n]*$/;

const doubtful = (of: 'cut' | 'finished', text: string, s: Sentence, from: number, to: number): Meant => {
  const found = roughly(text, s.context.today);
  const words = mereWords(s.typed(from, to));
  if (!found || found.date > s.context.today) return asks(words);
  const { saysMore, orYearBefore, ...when } = found;
  const on = (date: IsoDate): Choice => [{ is: 'date', of, ...when, date }, ...(saysMore ? words : [])];
  const dated = on(found.date);
  if (orYearBefore) return asks(dated, on(iso(addMonths(parseISO(found.date), -1))), words);
  const before = s.low.slice(0, from);
  const isMadeThen =
    BEGINS_WITH_MADE.test(s.low.slice(from, to)) || (MADE_IN_IT.test(before) && !MAY_BE_ELSE.test(before)) || MADE_BEHIND.test(s.low.slice(to));
  // "Made the Skerry tee in May": all that is said of its day is kept.
  const isPlain = of === 'finished' && when.knownTo !== undefined && !saysMore && /^(?:in |last |this |.* ago$|\d{4}$)/.test(text.trim());
  return isPlain && isMadeThen ? { says: dated } : asks(dated, words);
};

const CUT = '(?:cut|cut it)';
const BEGINNING = '(?:started|begun|began)';

/** What was done on that day was not the sewing, or is to be done by then: "for the wedding on 12 June". */
const ANOTHER_DAY =
  /\b(?:wore|worn|wear|wearing|washed|bought|gave|given|ordered|tried|changed|replaced|swapped|mended|repaired)\b[^,;.·|\n]*$|\bfor (?:the|an?|my|our|her|his|[a-z]+'s) [^,;.·|\n]*$|\b(?:hope|want|plan|going|need|have|like|mean|intend)s? to [^,;.·|\n]*$|\b(?:by|before|until|till|due|since) $|\b(?:due|wanted|needed|planned|scheduled)(?: on| for)? $|\b(?:is|are) on $|\b(?:birthday|wedding|concert|party|show|exam)(?: is| was)?(?: on)? $|\b(?:moved?|postponed?|put off|pushed?) [^,;.·|\n]*$/;

const isOfAnotherDay = (before: string): boolean => ANOTHER_DAY.test(before.replace(FOR_SOMEBODY, 'for'));

/** Whether a time is part of the name of what is spoken of, or of another day than that of making. */
const isOfElse = ({ subject, low }: Sentence, from: number, to: number): boolean =>
  (subject !== undefined && subject.from < to && subject.to > from) || isOfAnotherDay(low.slice(0, from));

/** Whether what stands at a place goes on from the name: "tried on the Plover dress I made in May". */
const isOfTheNamed = ({ subject, low }: Sentence, from: number): boolean =>
  subject !== undefined && subject.to <= from && /^,?(?: (?:that|which))?(?: (?:i|we))? $/.test(low.slice(subject.to, from));

/** Cutting is spoken of, and not how it was cut: "cut the Tidewater shirt on Monday". */
const CUT_OF_IT = 'cut (?!out|it|this|down|in )';
const CUTTING = new RegExp(`(?:^|[,.;] ?|\\band )(?:(?:i|i've|just|have|finally) )*${CUT_OF_IT}[^,.;\\n]*$`);
/** That it was begun: "cut out the Tidewater shirt on Monday", "on Monday I started the Tidewater shirt". */
const BEGUN = "(?:(?:i|i've|we|just|have|finally) )*(?:cut out|cutting(?: out)?|started|began) (?!it\\b|this\\b)";
const BEGUN_BEFORE = new RegExp(`(?:^|[,.;] ?|\\band )${BEGUN}[^,.;\\n]*$`);
const BEGUN_BEHIND = new RegExp(`^,? ?${BEGUN}`);
/** What makes that day no more than the day of cutting: it was finished later, or not yet. */
const SEWN_LATER = /\b(?:finished|completed|sewed|sewn|unsewn|done|ready to (?:be sewn|sew)|not started sewing)\b/;

/** Only something finished is worn, liked and seen to fit: it may be so after all. */
export const SEEN_LATER =
  /\b(?:love|loved|like|likes|tight|loose|short|long|wide|narrow|too|fits?|perfect|worn|wore|wears?|hours?|minutes?|min)\b|\d ?h\b/;

/** What is said not to have been done yet. */
const NOT_YET = /(?:\b(?:not|never|still to be)|n't)(?: (?:yet|been|even|started|it))*(?: (?:sewn|sewed|sewing|finished|done|completed))|\bunsewn\b/g;

/** Whether a text tells that something was sewn or finished in the end. */
export const tellsOfFinishing = (text: string): boolean => /\b(?:finished|completed|sewed|sewn|done)\b/.test(text.replace(NOT_YET, ''));

/** "Cut out yesterday" says of a garment that it lies there cut, "started on Monday" that it is being sewn, where nothing tells what came after. */
const begunOn = (state: 'cut' | 'sewing', days: readonly string[], { low }: Sentence, from: number, to: number): Meant | undefined => {
  const day = on('cut', days);
  const beside = `${low.slice(0, from)} ${low.slice(to)}`;
  return day?.says.length === 1 && !tellsOfFinishing(beside) && !SEEN_LATER.test(beside) ? { says: [...day.says, { is: 'state', state }] } : day;
};

/** That a garment is in work, and where it lies then. */
export const UNDER_WAY = '(?:in progress|in the works|under ?way|on the go|under the needle|wip|ufo(?! pile))';
export const ON_THE_MACHINE = 'on (?:the|my) (?:sewing )?(?:machine|table)';
/** That it is being sewn: "been working on it on and off". */
const SEWING = `(?:(?:still|i|i've|i'm|we|we've|have|has|been|am|it is|it's|is|now) )*(?:sewing|working on|making|${UNDER_WAY}|${ON_THE_MACHINE})(?: (?:it|this|on it|at it))?(?: on and off| off and on)?`;

/** What stands between the day of a diary and what was done on it. */
const DIARY = "(?:[:,]| [-–])? +(?:i |we |i've )?(?:finally )?";
const DIARY_CUT = new RegExp(`^${DIARY}(?:cut|started|began)`);
/** Work on a part of it. */
const WORKED_ON = /^(?:[,:]| ?[-–])? *(?:i |we )?(?:sewed|stitched|did|set|attached|hemmed|basted|pinned|pressed|lined|fitted|worked)(?![a-z])/;
/** What was done on a day that stands before it. */
const ONLY_CUT = /^: *cut(?: (?:it )?out)?\s*(?:$|[.,;\n])/;
const WORN_THEN = /^: *(?:worn|wore|washed|first (?:wear|worn|outing)|tried on)(?![a-z])/;
const CUT_BEHIND = new RegExp(`^${DIARY}${CUT_OF_IT}`);
const OF_ALL_OF_IT = new RegExp(
  `^${DIARY}(?:(?:finished|completed)(?: (?:it|them))?\\s*(?:$|[,.;!\\n])|cut out(?: (?:it|them))?\\s*(?:$|[,.;!\\n]))`,
);

const dates = byRules([
  rule(`cut (?:it )?out(?: on)?:? (?<day>${DAY})`, 'sure', ({ day }, s, from, to) => begunOn('cut', daysOf(day ?? '', s.context.today), s, from, to)),
  rule(`${BEGINNING}(?: (?:it|this|sewing(?: (?:it|this))?))?(?: on)?:? (?<day>${DAY}|${anyOf(WEEKDAYS)})`, 'sure', ({ day }, s, from, to) =>
    begunOn('sewing', daysOf(day ?? '', s.context.today), s, from, to),
  ),
  // Whatever is said of its fit as well, it is being sewn.
  rule(`${SEWING}:? since (?<day>${DAY}|${anyOf(WEEKDAYS)})`, 'sure', ({ day }, s) => {
    const since = on('cut', daysOf(day ?? '', s.context.today));
    const sewn = (said: Choice): Choice => [...said, { is: 'state', state: 'sewing' }];
    return since && (since.choices ? { ...since, choices: since.choices.map(sewn) } : { says: sewn(since.says) });
  }),
  rule(
    `${SEWING} since (?<day>${DOUBTFUL}|${MONTH}(?: \\d{4})?|(?:the )?(?:spring|summer|autumn|winter))(?![a-z])`,
    'likely',
    ({ day = '' }, s, from, to) =>
      // Who has been sewing since last year has not been at this garment.
      /\bi(?:'ve| have)? been sewing since [^,.;]*$/.test(s.low.slice(0, to))
        ? undefined
        : { says: [{ is: 'state', state: 'sewing' }, ...mereWords(s.typed(s.low.indexOf(day, from), to))] },
  ),
  rule(`${CUT}(?: (?:it|this))?(?: on)?:? (?<day>${DAY})`, 'sure', ({ day }, s) => on('cut', daysOf(day ?? '', s.context.today))),
  rule(`${DONE}(?: (?:it|this))?(?: on)?:? (?<day>${DAY}|${OF_A_MONTH}|${anyOf(WEEKDAYS)})`, 'sure', ({ day }, s, from) =>
    on('finished', daysOf(withItsMonth(day ?? '', s.low.slice(0, from)), s.context.today)),
  ),
  // "Finished 12/10": the latest such day.
  rule(
    `(?:(?<done>finished|completed)(?: (?:it|this))?(?: on)?:?|(?:(?:made|done|sewn)(?: (?:it|this))? )?on) (?<day>\\d{1,2}[./]\\d{1,2})\\.?(?![./\\d]| ?(?:cm|mm|m|inch(?:es)?|")(?![a-z]))`,
    'sure',
    ({ done, day = '' }, s, _, to) => {
      if (done === undefined && isOfAnotherDay(s.low.slice(0, to - day.length))) return undefined;
      return on('finished', latestOf(day, s.context.today));
    },
  ),
  // "Gull culottes 12, 11/3": what is no half and no mark out of five or ten may be a day.
  rule(`(?<day>\\d{1,2}/(?!(?:2|4|5|8|10|16)(?!\\d))\\d{1,2})(?=\\s*(?:$|[,;]|\\.(?:\\s|$)))`, 'weak', ({ day = '' }, s, from, to) => {
    const days = /(?:^|[,;]) ?$/.test(s.low.slice(0, from)) ? latestOf(day, s.context.today) : [];
    return days.length === 0 ? undefined : perhapsOn(days, s, from, to);
  }),
  rule(`(?:${CUT}|${BEGINNING}|cut (?:it )?out)(?: (?:it|this))? (?<day>${DOUBTFUL})`, 'likely', ({ day }, s, from, to) =>
    doubtful('cut', day ?? '', s, from, to),
  ),
  // "Heron blouse 12, 2019", "(2019)": what a list says of a garment by a year alone is most likely that.
  rule(`(?:${DONE}(?: (?:it|this))? (?:in )?|(?<=[,(–-] ?))(?<day>(?:19|20)\\d{2})(?=\\s*(?:$|[,.;)\\n]))`, 'weak', ({ day = '' }, s, from, to) =>
    s.subject === undefined || isOfElse(s, from, to) ? undefined : doubtful('finished', day, s, from, to),
  ),
  rule(
    `(?:${DONE}(?: (?:it|this))? )?(?<day>${SEASON_OF_A_YEAR}|${ABOUT_A_YEAR} ?(?:${SEASON_OF_A_YEAR}|${DOUBTFUL}|(?:19|20)\\d{2}))`,
    'weak',
    ({ day = '' }, s, from, to) => (isOfElse(s, from, to) ? undefined : doubtful('finished', day, s, from, to)),
  ),
  rule(`(?<done>${DONE}(?: (?:it|this))? )?(?<day>${DOUBTFUL})(?!'s)`, 'weak', ({ done, day }, s, from, to) =>
    ((done === undefined || !isOfTheNamed(s, from)) && isOfElse(s, from, to)) || /\bhalf $/.test(s.low.slice(0, from))
      ? undefined
      : doubtful(BEGUN_BEFORE.test(s.low.slice(0, from)) || BEGUN_BEHIND.test(s.low.slice(to)) ? 'cut' : 'finished', day ?? '', s, from, to),
  ),
  // "The Plover dress from 2019".
  rule(`from (?<day>(?:19|20)\\d{2}|(?:in )?${MONTH}(?: \\d{4})?)(?![a-z\\d])`, 'weak', ({ day = '' }, s, from, to) =>
    beforeName(s, from) === undefined ? undefined : doubtful('finished', day, s, from, to),
  ),
  // "Sunday: finished the coat": as a diary dates its lines.
  rule(
    `(?:on )?(?<day>${anyOf(WEEKDAYS)})(?=${DIARY}(?:finished|completed|cut|started|began|sewed|made)\\b)`,
    'sure',
    ({ day = '' }, s, from, to) => {
      const [before, behind] = [s.low.slice(0, from), s.low.slice(to)];
      // Further on only what was done with all of it: "Tuesday: sewed the pockets" is no day of finishing.
      if (before.trim() !== '' && !(/[.;\n][\s*•-]*$/.test(before) && OF_ALL_OF_IT.test(behind))) return undefined;
      return on(DIARY_CUT.test(behind) ? 'cut' : 'finished', daysOf(`last ${day}`, s.context.today));
    },
  ),
  // "20/3 finished!", further down in a diary.
  rule(
    `(?<day>\\d{1,2}[./]\\d{1,2})\\.?(?:[:,]| [-–])? (?:finally )?(?:finished|completed|done)(?: (?:it|them))?(?=\\s*(?:$|[,.;!\\n]))`,
    'sure',
    ({ day = '' }, s, from) => (/\n[\s*•-]*$/.test(s.low.slice(0, from)) ? on('finished', latestOf(day, s.context.today)) : undefined),
  ),
  // "20/11 Oxbow trousers", "12/3 cut out the Oxbow trousers": as a notebook dates its lines.
  rule(
    `(?<day>\\d{1,2}[./]\\d{1,2})\\.?(?:[:,]? (?:(?:i|we|finally) )*(?:(?:finished|completed|made|sewed)|(?<begun>cut out|cut|started|began))(?: (?:on|sewing))?)?(?= )`,
    'sure',
    ({ day = '', begun }, s, from, to) => {
      const article = s.subject && s.low.slice(to, s.subject.from);
      if (from !== 0 || article === undefined || !/^ (?:(?:the|a|an|my) )?$/.test(article)) return undefined;
      const days = latestOf(day, s.context.today);
      return begun === undefined ? on('finished', days) : begunOn(begun.startsWith('cut') ? 'cut' : 'sewing', days, s, from, to);
    },
  ),
  rule(`(?:on )?(?<day>${DAY})`, 'likely', ({ day }, s, from, to) => {
    const before = s.low.slice(0, from);
    // "Tonight I want to log a few things": that is when it is told.
    const days = daysOf(day ?? '', s.context.today);
    // About when, and after when, is no day.
    const about = ABOUT_BEFORE.test(before);
    if (about) return perhapsOn(days, s, from, to);
    if (/\b(?:after|ago|between [^,.;]*) $/.test(before)) return undefined;
    // "4 May: worn", as a diary has it.
    if (WORN_THEN.test(s.low.slice(to))) return undefined;
    if (isOfAnotherDay(before) || /^,? (?:i|we) (?:\w+ )?to (?:log|note|enter|record|write down|tell)\b/.test(s.low.slice(to))) return undefined;
    const behind = s.low.slice(to);
    // "5 Nov - sewed the sleeves", further down in a diary.
    if (/\n[\s*•-]*$/.test(before) && WORKED_ON.test(behind) && !OF_ALL_OF_IT.test(behind)) return undefined;
    if (BEGUN_BEFORE.test(before) || BEGUN_BEHIND.test(behind)) return on('cut', days);
    if (ONLY_CUT.test(behind)) return on('cut', days);
    if (!CUTTING.test(before) && !CUT_BEHIND.test(behind)) return on('finished', days);
    // "Cut a 42 yesterday" may be said of the cutting alone, or of the garment.
    return SEWN_LATER.test(behind)
      ? on('cut', days)
      : asks(
          ...days.flatMap((date): Choice[] =>
            (['cut', 'finished'] as const).map((of) => [
              { is: 'date', of, date },
              { is: 'state', state: of },
            ]),
          ),
        );
  }),
]);

/** Days: of cutting, of finishing; what has no day is asked, and so is one that is still to come. */
export const recogniseDate: Recogniser = (sentence, at) =>
  dates(sentence, at).map((reading) => {
    const { today, now = today } = sentence.context;
    const isToCome = reading.says.some((fact) => fact.is === 'date' && fact.date > now);
    return isToCome ? { ...reading, says: [], choices: [reading.says, mereWords(sentence.typed(reading.from, reading.to))] } : reading;
  });
