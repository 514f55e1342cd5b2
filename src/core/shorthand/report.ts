import { format, parseISO } from 'date-fns';
import { anyOf, ORDINAL, ordinalOf } from './amounts';
import type { NewId } from '../make/log-draft';
import type { Make, Person } from '../records';
import type { Answers } from './chip';
import type { ReadMake } from './draft-from-line';
import { folded, namesIn, wordsIn, type NameFound } from './names';
import { LEADING } from './read-line';
import { MONTH, DAY, daysOf, DOUBTFUL, latestOf, WEEKDAYS } from './recognise/date';
import type { LineContext } from './sentence';
import { WHOSE } from './words';

/** How a line that reports something begins, and what it says it of. */

/** "20/11", as a notebook dates its lines: a day and a month, and not so much of something. */
const DAY_AND_MONTH = '(?:(?:0?[1-9]|[12]\\d|3[01])[./](?:0?[1-9]|1[0-2])|(?:0?[1-9]|1[0-2])[./](?:1[3-9]|2\\d|3[01]))';
const IN_FIGURES = `${DAY_AND_MONTH}\\.?(?= +[a-z])(?! +(?:m|cm|mm|met(?:re|er)s?|in|inch(?:es)?|yds?|yards?|h|hrs?|hours?|min|times|of|an?)(?![a-z]))`;
/** What stands before the verb of a short report. */
export const FIRST = `(?:(?:${DAY}|(?<=^|\\n)${IN_FIGURES}|(?:on )?${anyOf(WEEKDAYS)}|(?:this|last) (?:week|weekend|month)|i|i've|i'm|i'd|we|just|also|finally|have|and|so|then|well|now|really|next)(?:[,:]| [-–])? +)*`;
/** How a line of a diary begins: by its day. */
export const DIARY_LINE = `(?:(?:on )?${anyOf(WEEKDAYS)} ?: |(?:\\d|${MONTH})[^\\n]{0,16}(?<=${DAY})(?: [-–]|:) +|${IN_FIGURES} +)`;
const BEHIND_NAME = ',? *(?:version|v|no\\.?|number|#) *';
/** Which version of a pattern is spoken of, behind its name. */
export const VERSION_BEHIND = `${BEHIND_NAME}(\\d{1,3})\\b`;
/** A number by itself right behind a name: how often, how much or how long is none. */
const BARE_NUMBER =
  '\\d{1,2}(?= *(?:$|[,.;:!?)]|(?:today|yesterday|tonight|last|this|on|to|for|at|in|is|are|was|were|has|have|had|won|doesn|again|with|and|but|away|out|now|never|still|because|since|worn|sold|given|gifted|donated|washed|mended|ironed|retired|outgrown|unpicked|binned)\\b))';
/** A garment, and which of them; `§` stands for its name. */
export const ITS_NAME = `${WHOSE}(?:${ORDINAL} +)?(?:(?:old|poor|beloved|trusty|faded|favou?rite) +)*§(?:${BEHIND_NAME}\\d{1,3}\\b| ${BARE_NUMBER})?`;
/** An article, or which of several it is. */
export const WHICH = new RegExp(`^ *${WHOSE}(?:${ORDINAL} +)?`);
/** What stands between a garment and what became of it. */
export const IS_BY_NOW = '(?:(?:is|are|was|were|has|have|been|got|went|now|finally|completely|all|long) +)+';

const ORDINAL_BEFORE = new RegExp(`\\b(${ORDINAL}) +$`);
const BEHIND = new RegExp(`^${VERSION_BEHIND}`);
const BARE_BEHIND = new RegExp(`^ (${BARE_NUMBER})`);

/** Something was sewn after all: it is a make, whatever else is said. */
export const SEWN = /\b(?:made|sewed|sewn|finished|completed|hemmed|cut it|cut out)\b/;

/** At or from a shop, by its name. */
export const FROM_SHOP = "(?:at|from) (\\p{Lu}[\\p{L}'’&-]*(?: (?:of |the |& )?\\p{Lu}[\\p{L}'’&-]*){0,3})";

/** A stretch of a text. */
export type Span = readonly [from: number, to: number];

/** A text with a sign in the place of each of some stretches: what stands beside them stays where it was. */
export const blanked = (text: string, spans: readonly Span[], sign: string): string =>
  spans.reduce((now, [from, to]) => `${now.slice(0, from)}${sign.repeat(Math.max(0, to - from))}${now.slice(to)}`, text);

/**
 * What is left to be kept as words: the text without some stretches, and without what only leads from one thing to the next.
 *
 * @example leftOf('sold the tee for 15', [[0, 12]]) // 'for 15'
 */
export const leftOf = (text: string, taken: readonly Span[]): string =>
  blanked(text, taken, '\n')
    .split('\n')
    .map((part) => part.replace(/^[\s,;.:!-]+|[\s,;.:!-]+(?:(?:the|an?)\s*)?$/g, ''))
    .filter((part) =>
      part
        .split(/\s+/)
        .some((word) => word !== '' && !LEADING.test(word.toLowerCase()) && !/^(?:plus|together|both|pattern|his|her|their|our|&)$/i.test(word)),
    )
    .join(', ');

/** A day that is said. */
export const SAID_DAY = new RegExp(`(?<![\\w/.])(?:on )?(?<day>${DAY})(?![\\w/])`);
/** "Wore the Tidewater 11/27", where it is no rating. */
const DAY_BEHIND = new RegExp(`(?<![\\w/.])(?:on (?<on>${DAY_AND_MONTH})|(?<bare>${DAY_AND_MONTH})(?<!/(?:5|10)))\\.?(?=\\s*(?:$|[,;]))`);
/** "Sunday: washed the linen". */
const DIARY_DAY = new RegExp(`^(?:(?:on )?(?<day>${anyOf(WEEKDAYS)})(?=[:,]? )|(?<figures>${IN_FIGURES}))`);
const SAID_ROUGHLY = new RegExp(`(?<![\\w/])${DOUBTFUL}(?!\\w)`);

/** Where a day is said, and which it may be; today where none is, and none where it is only said about when. */
export function dayIn(low: string, today: string): { readonly dates: readonly string[]; readonly at: readonly Span[] } {
  const diary = DIARY_DAY.exec(low);
  const { day, figures } = diary?.groups ?? {};
  if (diary) return { dates: figures === undefined ? daysOf(`last ${day}`, today) : latestOf(figures, today), at: [[0, diary[0].length]] };
  const said = SAID_DAY.exec(low);
  const behind = said ? null : DAY_BEHIND.exec(low);
  if (behind)
    return { dates: latestOf(behind.groups?.['on'] ?? behind.groups?.['bare'] ?? '', today), at: [[behind.index, behind.index + behind[0].length]] };
  if (!said) return { dates: SAID_ROUGHLY.test(low) ? [] : [today], at: [] };
  return { dates: daysOf(said.groups?.['day'] ?? '', today), at: [[said.index, said.index + said[0].length]] };
}

/** A line, folded, with the names of the ledger in it. */
export interface Heard {
  readonly text: string;
  readonly low: string;
  readonly names: readonly NameFound[];
}

/** The same, read as a make where somebody asks: once for all who do. */
export interface HeardLine extends Heard {
  readonly whole: (answers?: Answers) => ReadMake;
}

/** One way in which a line may be meant, by what it is called where it is asked. */
export interface Way<Act> {
  readonly called: string;
  readonly act: Act;
}

/** What a line is read with. */
export interface ActOptions {
  readonly context: LineContext;
  /** Whom we speak of where the line names nobody. */
  readonly spoken: Person | undefined;
  readonly newId: NewId;
}

export function heard(text: string, context: LineContext): Heard {
  const low = folded(text);
  const words = wordsIn(low);
  const names = namesIn(words, context);
  const things = namesIn(words, { patterns: context.things ?? [], fabrics: [], people: [] })
    .filter(({ whole, from, to }) => whole && !names.some((name) => name.from < to && name.to > from))
    .map((name): NameFound => ({ ...name, kind: 'makes' }));
  return { text, low, names: [...names, ...things].sort((a, b) => a.from - b.from) };
}

/**
 * A line in its own words, with the day on which it was told.
 *
 * @example toldOn('mended the pocket.', '2026-11-25') // 'mended the pocket (25 Nov 2026)'
 */
export const toldOn = (text: string, today: string): string => `${text.trim().replace(/\.$/, '')} (${format(parseISO(today), 'd MMM yyyy')})`;

export const isPattern = ({ kind }: NameFound): boolean => kind === 'patterns';

/** Whether a name is that of a garment: by its pattern, or by itself. */
export const isGarmentName = ({ kind }: NameFound): boolean => kind === 'patterns' || kind === 'makes';

/** The garments that go by a name. */
export const goBy = ({ kind, id }: NameFound, makes: readonly Make[]): readonly Make[] =>
  makes.filter((m) => (kind === 'makes' ? m.id : m.sources[0]?.patternId) === id);

/** The line with `§` in the place of a name. */
export const unnamed = (low: string, { from, to }: Pick<NameFound, 'from' | 'to'>): string => `${low.slice(0, from)}§${low.slice(to)}`;

/**
 * Which version of a pattern is said beside its name, before it or behind, and from where to where that and the name stand.
 *
 * @returns `isLikely` of a number by itself: it is a version where there is such
 * @example versionBeside(name, 'the second tidewater shirt') // { version: 2, isLikely: false, from: 4, to: 26 }
 */
export function versionBeside(
  name: NameFound,
  low: string,
): { readonly version: number | undefined; readonly isLikely: boolean; readonly from: number; readonly to: number } {
  const before = ORDINAL_BEFORE.exec(low.slice(0, name.from));
  const sure = BEHIND.exec(low.slice(name.to));
  const likely = before || sure ? null : BARE_BEHIND.exec(low.slice(name.to));
  const after = sure ?? likely;
  const version = before?.[1] === undefined ? (after?.[1] === undefined ? undefined : Number(after[1])) : ordinalOf(before[1]);
  return { version, isLikely: likely !== null, from: name.from - (before?.[0].length ?? 0), to: name.to + (after?.[0].length ?? 0) };
}
