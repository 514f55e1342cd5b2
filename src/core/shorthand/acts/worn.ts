import { isWorn } from '../../wear/available';
import type { Frequency } from '../../wear/wear-count';
import type { Make } from '../../records';
import { withId } from '../../units/by-id';
import { byDay } from '../../units/date';
import { anyOf } from '../amounts';
import type { LineTables } from '../draft-from-line';
import type { NameFound } from '../names';
import { DAY, daysOf, WEEKDAYS } from '../recognise/date';
import {
  dayIn,
  FIRST,
  goBy,
  isGarmentName,
  isPattern,
  ITS_NAME,
  leftOf,
  SAID_DAY,
  unnamed,
  versionBeside,
  WHICH,
  type ActOptions,
  type Heard,
  type HeardLine,
  type Span,
  type Way,
} from '../report';
import { COUNTED, estimatesIn, timesIn, type Over } from '../how-often';
import { notedWith, type NotedAct } from './what-became';
import { hangingOf, OF_WHICH } from './which-garment';

/** Garments were worn. */
export interface WornAct {
  readonly is: 'worn';
  /** None where no garment of that pattern was finished. */
  readonly makes: readonly Make[];
  /** More than one where figures can be read both ways, or each of several is meant. */
  readonly dates: readonly string[];
  /** It was worn on each of the days. */
  readonly each?: true;
  readonly times: number;
  /** It is an estimate, over these days; `dates` holds the first of them. */
  readonly over?: Over;
  /** The word in which it is said how often; the times follow from the months in which it could be worn. */
  readonly often?: Frequency;
  readonly occasion?: string;
  readonly remark?: string;
}

/** The same in each way in which it may be meant how often. */
interface AskedWorn {
  readonly is: 'which';
  readonly ways: readonly Way<WornAct | NotedAct>[];
}

const WORE_SAID = `${FIRST}(?:wore|worn|wearing|(?:am|was) wearing|been wearing|first (?:wear|outing) (?:of|for|with)) +`;
const WORE = new RegExp(`^${WORE_SAID}`);
/** The same with the name right behind it, and somebody before it: "Tilda wore my §". */
export const WORE_IT = new RegExp(`^(?:[a-z]+ )?${WORE_SAID}${ITS_NAME}`);
const WORN_BEHIND = new RegExp(
  `^${ITS_NAME},?(?: (?:has|have|had|was|were|been|got|is|are|only|now|already|just))* worn (?!out\\b|through\\b|to (?:bits|shreds|rags|death)\\b)`,
);
const THIS_SPAN = /\bthis (?:week|month|year|season|summer|winter|spring|autumn|fall)\b/;
/** Nothing else stands between what it says and what was worn. */
const WHICH_ALONE = new RegExp(`${WHICH.source}$`);
/** Said of where it was worn, and not of what. */
const WHERE = /\b(?:to|for|at|in|from|by|near) (?:the |a |an |my )?$/;

/** Days of the week that are named one after the other: "Monday, Tuesday and Thursday". */
const WEEKDAYS_SAID = new RegExp(`(?<!\\bevery *)(?:,? *\\b(?:and |& )?(?:on |last |this )?${anyOf(WEEKDAYS)}(?![a-z]))+`);
const WEEKDAY = new RegExp(anyOf(WEEKDAYS), 'g');

const DAY_SAID = new RegExp(DAY, 'g');
const DAYS_SAID = new RegExp(`(?<![\\w/])(?:on )?${DAY}(?:(?:,| and|, and| &) (?:on )?${DAY})+(?![\\w/])`);
/** Many days, and none that is named: "every Monday", "all week". */
const NO_DAY =
  /\b(?:every|each|most|all) (?:of )?(?:the )?(?:\w+day|day|week|weekend|month|summer|winter|spring|autumn|fall|season|year|holiday)s?\b|\bdaily\b/;

/** When it was worn: the weekdays that are named, each the last that there was; else the day. */
function daysWorn(low: string, today: string): { readonly dates: readonly string[]; readonly at: readonly Span[]; readonly each?: true } {
  if (NO_DAY.test(low)) return { dates: [], at: [] };
  const [weekdays, days] = [WEEKDAYS_SAID.exec(low), DAYS_SAID.exec(low)];
  const said = weekdays ?? days;
  if (!said) return dayIn(low, today);
  const each = weekdays ? (said[0].match(WEEKDAY) ?? []).map((weekday) => `last ${weekday}`) : (said[0].match(DAY_SAID) ?? []);
  const dates = [...new Set(each.flatMap((day) => daysOf(day, today)))].sort(byDay);
  return { dates, at: [[said.index, said.index + said[0].length]], ...(dates.length > 1 ? { each: true } : {}) };
}

export function worn({ text, low, names }: Heard, tables: LineTables, options: ActOptions): WornAct | AskedWorn | undefined {
  const [first] = names;
  const who = first?.kind === 'people' && first.from === 0 ? first : undefined;
  const from = who ? /^ */.exec(low.slice(who.to))![0].length + who.to : 0;
  const lead = WORE.exec(low.slice(from));
  if (!lead) return undefined;
  const begins = from + lead[0].length;
  const wearable = tables.makes.filter(isWorn);
  const patterns = names.filter(
    (n) =>
      n.from >= begins &&
      !WHERE.test(low.slice(begins, n.from)) &&
      // Of a pattern it is said where none is finished; a thing that nobody wears was not meant.
      (isPattern(n) || (isGarmentName(n) && goBy(n, wearable).length > 0)),
  );
  // "Wore holes into the Gangways": what was worn is named right away.
  if (!patterns[0] || !WHICH_ALONE.test(low.slice(begins, patterns[0].from))) return undefined;
  return wornFrom(text, low, { begins, patterns, who }, tables, options);
}

/** "The Foreshore tee was worn three times": it says so of one that there is, where nothing else is said of it. */
export function wornBehind({ text, low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): WornAct | AskedWorn | undefined {
  const name = names.find(isGarmentName);
  const said = name && WORN_BEHIND.exec(unnamed(low, name));
  if (!said) return undefined;
  const facts = whole().chips.flatMap((chip) => (chip.asks ? [] : chip.says));
  if (!facts.every(({ is }) => OF_WHICH.includes(is) || is === 'wears' || is === 'date' || is === 'words')) return undefined;
  const begins = said[0].length - 1 + name.to - name.from;
  const act = wornFrom(text, low, { begins, patterns: [name], who: undefined }, tables, options);
  if (act.is === 'which' || act.over) return act;
  // When has to be said: "worn about 20 times" may be in all the years since.
  const rest = low.slice(begins);
  return act.makes.length > 0 && (THIS_SPAN.test(rest) || SAID_DAY.test(rest)) ? act : undefined;
}

/** What is told from where it begins to say what was worn. */
function wornFrom(
  text: string,
  low: string,
  { begins, patterns, who }: { readonly begins: number; readonly patterns: readonly NameFound[]; readonly who: NameFound | undefined },
  tables: LineTables,
  { context, spoken }: ActOptions,
): WornAct | AskedWorn {
  const person = withId(tables.people, who?.id) ?? spoken;
  const found = patterns.map((name) => ({ name, make: hangingOf(name, low, person, tables.makes.filter(isWorn)) }));
  const makes = [...new Set(found.flatMap(({ make }) => make ?? []))];
  const { dates: days, at, each } = daysWorn(low, context.today);
  const often = COUNTED.exec(low);
  const times = often ? timesIn(often) : 1;
  // Several wears are an estimate, spread round a day: that of a span which goes on is today's.
  const dates = days.length === 0 && times > 1 && THIS_SPAN.test(low) ? [context.today] : days;
  // A name with which version of it is said, before it or behind.
  const said = found.flatMap(({ name, make }): Span[] => {
    const { from: begin, to: end } = versionBeside(name, low);
    return [[begin, make ? end : name.from]];
  });
  const oftenAt: Span[] = often ? [[often.index, often.index + often[0].length]] : [];
  // What is said of how often stands behind what was worn.
  const behind = Math.max(begins, ...said.map(([, end]) => end), ...patterns.map(({ to }) => to));
  const onDays = each ?? (days.length > 0 && at.length > 0);
  const estimates = onDays ? undefined : estimatesIn(low.slice(behind), makes, context);
  const estimatedAt = estimates?.at.map(([begin, end]): Span => [begin + behind, end + behind]);
  const left = leftOf(text, [[0, begins], ...said, ...at, ...(estimatedAt ?? oftenAt)]);
  // "To the concert, the collar rides up": where, and how it was.
  const [, occasion, how = occasion === undefined ? left : ''] = /^(?:to|for|at) (?:the |a |an |my )?([^,.;]+)(?:[,.;] *(.+))?$/i.exec(left) ?? [];
  const beside = { ...(occasion === undefined ? {} : { occasion }), ...(how === '' ? {} : { remark: how }) };
  const ways = (estimates?.ways ?? []).map(({ called, told }): Way<WornAct> => ({ called, act: { is: 'worn', makes, ...told, ...beside } }));
  const [only, ...more] = ways;
  if (only && estimates?.isSpanSaid) return more.length === 0 ? only.act : { is: 'which', ways };
  // Where the days are not said it may have been over all of them, or over some that nobody can know.
  const [make] = makes;
  if (only && make) return { is: 'which', ways: [...ways, { called: 'only in words', act: notedWith(make, text, { context }) }] };
  return { is: 'worn', makes, dates, ...(each ? { each } : {}), times, ...beside };
}
