import { doubtsOf, type Doubt } from '../body/how-to-measure';
import { sameLine } from '../garment/chart';
import { STATES } from '../make/states';
import { inOrder, ofVersion } from '../make/versions';
import { whoever, type LogDraft, type Look, type NewId, type VerdictSaid } from '../make/log-draft';
import type { Make, MeasurementSet, Pattern, Person } from '../records';
import { withId } from '../units/by-id';
import { byDay } from '../units/date';
import { isWorn, readyOn } from '../wear/available';
import { anyOf, COUNT, countOf, ORDINAL, SAID_LENGTH } from './amounts';
import { bodySaid } from './body-said';
import { meantBy, nounsIn, ownedIn, type Meant } from './by-its-noun';
import type { Understood } from './chip';
import { dueSaid } from './due';
import { readMake, type LineTables, type ReadMake } from './draft-from-line';
import { folded, wordsIn, type NameFound } from './names';
import { MONEY, moneySaid } from './money-said';
import { BOUGHT, boughtEither, boughtIn, fabricsMeant, HAUL, ofKnownFabric, WASHED, type FabricAct } from './of-fabric';
import {
  begunOf,
  finishedOf,
  FINISHED,
  lyingBy,
  OF_THE_TABLE,
  OF_THE_CUT,
  OF_WHICH,
  withoutQuestions,
  workedOf,
  type CutAct,
  type FinishedAct,
  type SewingAct,
  type WorkedAct,
} from './on-the-table';
import { DAY, daysOf, WEEKDAYS } from './recognise/date';
import {
  blanked,
  dayIn,
  FIRST,
  heard,
  leftOf,
  SAID_DAY,
  SEWN,
  IS_BY_NOW,
  goBy,
  isGarmentName,
  isPattern,
  ITS_NAME,
  toldOn,
  unnamed,
  versionBeside,
  type Heard,
  type HeardLine,
  type Span,
} from './report';
import type { LineContext } from './sentence';
import { subjectOf } from './subject';
import { WHOSE } from './words';

/** What a line tells that is no make: to enter one for it would state what was not said. */
export type OtherAct =
  | {
      readonly is: 'worn';
      /** None where no garment of that pattern was finished. */
      readonly makes: readonly Make[];
      /** More than one where figures can be read both ways, or each of several is meant. */
      readonly dates: readonly string[];
      /** It was worn on each of the days. */
      readonly each?: true;
      readonly times: number;
      readonly occasion?: string;
      readonly remark?: string;
    }
  | FabricAct
  /** A body was measured; of one who is not in the ledger yet, where nobody is. */
  | {
      readonly is: 'measured';
      readonly person: Person;
      readonly isNew: boolean;
      readonly measures: MeasurementSet['measures'];
      /** What makes one look at the tape again, against what was measured before. */
      readonly doubts: readonly Doubt[];
      readonly otherUnit: boolean;
      readonly dates: readonly string[];
    }
  /** A pattern is bought, whatever may be sewn from it; what it cost, and that it was bought, are of one that there is too. */
  | {
      readonly is: 'pattern bought';
      readonly pattern: Pattern;
      readonly isNew: boolean;
      readonly came: Pick<Pattern, 'price' | 'obtained'>;
      readonly rest?: string;
    }
  /** A look at a garment that there is: how it fits, how it is liked, what is to be done next time. */
  | {
      readonly is: 'looked';
      readonly make: Make;
      readonly look: Look;
      /** When it was looked at was said. */
      readonly seenSaid: boolean;
      readonly verdict: VerdictSaid;
      readonly notes: Make['notes'];
      readonly remark?: string;
    }
  | FinishedAct
  | CutAct
  | SewingAct
  | WorkedAct
  /** Something was done with a garment that hangs: it goes into its remark, with the day on which it was told. */
  | { readonly is: 'noted'; readonly make: Make; readonly words: string }
  | {
      readonly is: 'ended';
      readonly make: Make;
      readonly state: Make['state'];
      /** The day that was said. */
      readonly since?: string;
      readonly why?: string;
    }
  | {
      readonly is: 'planned';
      readonly pattern: Pattern;
      /** What comes with it is as in a draft of a make; of the cut only what was said is taken. */
      readonly draft: LogDraft;
      /** Size, alterations or parts were said: the plan is cut so, and not as what was learned would have it. */
      readonly cutSaid: boolean;
      /** It is to be a toile first. */
      readonly toile: boolean;
      /** The day by which it is wanted. */
      readonly due?: string;
      readonly words?: string;
    };

/** A line that tells of a garment by what it is, where the ledger has several such: which of them is asked. */
export interface AskedAct {
  readonly is: 'which';
  readonly ways: readonly { readonly called: string; readonly act: OtherAct }[];
}

export interface ActOptions {
  readonly context: LineContext;
  /** Whom we speak of where the line names nobody. */
  readonly spoken: Person | undefined;
  readonly newId: NewId;
}

const WORE_SAID = `${FIRST}(?:wore|worn|wearing|(?:am|was) wearing|been wearing) +`;
const WORE = new RegExp(`^${WORE_SAID}`);
const WISHED_SAID = `${FIRST}(?:(?:want|need|plan|hope|intend|like|love|going|planning|hoping|would (?:like|love)|am (?:planning|going|hoping)) +to +(?:make|sew|cut out|cut|try|start)|(?:i'll|i will|we'll|will|should|must|might) +(?:make|sew|try)|thinking +(?:of|about)(?: +(?:making|sewing))?|(?:plan|planned|planning|to sew|up next|next up|wish ?list|queue) *(?:: *|(?= (?:the|my|a|an|another) )))(?: +|$|(?<=[: ]))`;
const WISHED = new RegExp(`^${WISHED_SAID}`);
/** The same of something that is to be there by a day: "need the Skua jacket by Friday". */
const WANTED = new RegExp(`^${FIRST}(?:want|need|must have|would like|should like|i'd like)(?: to have)? +(?=(?:the|my|a|an|another) )`);
/** A garment of a kind is wanted: "I need a black skirt for concerts". */
const WANTED_ONE = new RegExp(`^${FIRST}(?:want|need|would like|should like|i'd like|could do with)(?: to have)? +(?=(?:a|an|another|some|more) )`);
/** The same with the name right behind it, and somebody before it: "Tilda wore my §". */
const WORE_IT = new RegExp(`^(?:[a-z]+ )?${WORE_SAID}${ITS_NAME}`);
const WORN_BEHIND = new RegExp(
  `^${ITS_NAME},?(?: (?:has|have|had|was|were|been|got|is|are|only|now|already|just))* worn (?!out\\b|through\\b|to (?:bits|shreds|rags|death)\\b)`,
);
const WISHED_FOR = new RegExp(`^${WISHED_SAID} *${ITS_NAME}`);
const said = (source: string, state: Make['state']) => ({ said: new RegExp(`^${source}(?![a-z])`), state });
/** What is so now was not so before. */
const BY_NOW = '(?:now|already|by now|these days|any ?more|any longer)';
/** What speaks of wear. */
const WORN_THROUGH = '(?:holes?|holey|worn|threadbare|rags|shreds|tatters|frayed|pilled|faded|beyond repair|past (?:it|wearing|saving))';
/** How it is said that a garment's time is over; `§` stands for its name. */
const ENDED = [
  said(`${FIRST}(?:gave|given) ${ITS_NAME}(?: (?:away|to [^,.;]+))`, 'given'),
  said(`${FIRST}(?:gave away|given away|donated|passed on) ${ITS_NAME}`, 'given'),
  said(`${FIRST}sold ${ITS_NAME}`, 'sold'),
  // Thrown away it is worn out where that is said of it.
  said(`${FIRST}(?:threw|thrown|chucked|tossed|binned)(?: away| out)? ${ITS_NAME}(?: away| out| in the bin)?(?=.*\\b${WORN_THROUGH})`, 'worn out'),
  said(
    `${ITS_NAME} (?:${IS_BY_NOW})?(?:too (?:small|tight|short)(?: (?:for|on) (?:me|him|her|them))?,? ${BY_NOW}|${BY_NOW} too (?:small|tight|short))`,
    'outgrown',
  ),
  said(
    `${ITS_NAME} (?:(?:doesn't|don't|does not|do not|won't) fit(?: (?:me|him|her|them))? ${BY_NOW}|no longer fits?(?: (?:me|him|her|them))?)`,
    'outgrown',
  ),
  said(`${FIRST}(?:unpicked|took apart) ${ITS_NAME}`, 'unpicked'),
  said(`${FIRST}(?:wore|worn) out ${ITS_NAME}`, 'worn out'),
  said(`(?:${FIRST}|[a-z]+(?:'s| has)? )(?:outgrew|outgrown|grew out of|grown out of) ${ITS_NAME}`, 'outgrown'),
  said(`${ITS_NAME} ${IS_BY_NOW}(?:worn out|worn to (?:bits|shreds|rags|death)|past wearing)`, 'worn out'),
  said(`${ITS_NAME} ${IS_BY_NOW}outgrown`, 'outgrown'),
  said(
    `${ITS_NAME} (?:went|has gone|have gone|is going|are going) to (?:the |a |my |our )?(?:charity|op shop|thrift|second-?hand|clothes bank|friend|sister|mum|mother|neighbour|niece|cousin|daughter)(?: [a-z]+)?`,
    'given',
  ),
  said(`${ITS_NAME} ${IS_BY_NOW}(?:given away|donated|passed on)`, 'given'),
  said(`${ITS_NAME} ${IS_BY_NOW}sold`, 'sold'),
  said(`${FIRST}retired ${ITS_NAME}`, 'resting'),
  said(`${ITS_NAME} ${IS_BY_NOW}retired`, 'resting'),
];
/** An article, or which of several it is. */
const WHICH = new RegExp(`^ *${WHOSE}(?:${ORDINAL} +)?`);
const WHICH_ALONE = new RegExp(`${WHICH.source}$`);
const OFTEN = new RegExp(`\\b(?:(${COUNT}) times|(once|twice)|(\\d+) ?x)\\b`);
const THIS_SPAN = /\bthis (?:week|month|year|season|summer|winter|spring|autumn|fall)\b/;
/** What of a garment: "the zip of". */
const PART_OF_IT = '(?:(?:the|its|a|new) [a-z ,&]{2,40}? (?:of|on|at|in) )?';
/** What is done with a garment that there is. */
const DONE_WITH = new RegExp(
  `^${FIRST}(?:mended|repaired|patched|darned|unpicked|washed|ironed|dyed|lent|tried on|shrank|shrunk|felted|ruined|stained|ripped|tore|torn|burnt|burned|bleached|lost|broke|threw away|threw out|put) ${PART_OF_IT}${ITS_NAME}(?![a-z])`,
);
const PART = '(?:zip|buttons?|hem|seams?|lining|pockets?|elastic|straps?|collar|cuffs?|buttonholes?|hooks?|snaps?|knees?|elbows?)';
const GAVE_WAY =
  '(?:(?:has|have|is|are|just) )*(?:broke|broken|came|come|ripped|tore|torn|gone|split|unravell?ed|fell|wore|worn|popped|jams?|jammed)(?![a-z])';
/** How a garment goes on that has hung for some time. */
const GOES_ON = new RegExp(
  `^${ITS_NAME} (?:(?:is|are|has|have|'s) )?(?:still going|been worn|held up|holding up|holds up|lasted|kept (?:its|their)|shrank|shrunk|faded|ripped|tore|torn|pilled|bagged out|stretched out)(?![a-z])|^${ITS_NAME}(?:'s)? (?:[a-z]+ )?${PART} ${GAVE_WAY}|^(?:(?:the|a|an|one|its|both) )?(?:[a-z]+ )?${PART} (?:of|on|at|in) ${ITS_NAME} ${GAVE_WAY}`,
);
/** What is changed of a garment that there is, where nothing says that it was made so. */
const ALTERED = new RegExp(
  `^${FIRST}(?:re-?hemmed|hemmed|let (?:down|out)|took (?:in|up)|taken (?:in|up)|shortened|lengthened|altered|fixed|replaced|re-?sewed|sewed back on) ${PART_OF_IT}${ITS_NAME}(?![a-z])`,
);
/** All that begins another tale. */
const OTHERWISE = [WORE_IT, DONE_WITH, GOES_ON, WISHED_FOR, ...ENDED.map((way) => way.said)];
/** A toile is wished for. */
const TOILE = new RegExp(`^ *${WHOSE}(?:(?:wearable|first) )?(?:toile|muslin|mock-?up) (?:of|for) `);
/** Said of where it was worn, and not of what. */
const WHERE = /\b(?:to|for|at|in|from|by|near) (?:the |a |an |my )?$/;
/** Which make of a pattern is spoken of: the version that is said, else the latest that hangs ready, or of those that did. */
function spokenOf(name: NameFound, low: string, person: Person | undefined, makes: readonly Make[]): Make | undefined {
  const ready = goBy(name, makes).filter((m) => m.kind !== 'toile' && readyOn(m) !== undefined);
  const hers = ready.filter((m) => m.personId === person?.id);
  const own = inOrder(hers.length > 0 ? hers : ready);
  const { version } = versionBeside(name, low);
  return version === undefined ? (own.findLast((m) => STATES[m.state].worn) ?? own.at(-1)) : ofVersion(own, version);
}

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

function worn({ text, low, names }: Heard, tables: LineTables, options: ActOptions): OtherAct | undefined {
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
function wornBehind({ text, low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const name = names.find(isGarmentName);
  const said = name && WORN_BEHIND.exec(unnamed(low, name));
  if (!said) return undefined;
  const facts = whole().chips.flatMap((chip) => (chip.asks ? [] : chip.says));
  if (!facts.every(({ is }) => OF_WHICH.includes(is) || is === 'wears' || is === 'date' || is === 'words')) return undefined;
  const begins = said[0].length - 1 + name.to - name.from;
  // When has to be said: "worn about 20 times" may be in all the years since.
  if (!THIS_SPAN.test(low.slice(begins)) && !SAID_DAY.test(low.slice(begins))) return undefined;
  const act = wornFrom(text, low, { begins, patterns: [name], who: undefined }, tables, options);
  return act.makes.length === 0 ? undefined : act;
}

/** What is told from where it begins to say what was worn. */
function wornFrom(
  text: string,
  low: string,
  { begins, patterns, who }: { readonly begins: number; readonly patterns: readonly NameFound[]; readonly who: NameFound | undefined },
  tables: LineTables,
  { context, spoken }: ActOptions,
): Extract<OtherAct, { readonly is: 'worn' }> {
  const person = withId(tables.people, who?.id) ?? spoken;
  const found = patterns.map((name) => ({ name, make: spokenOf(name, low, person, tables.makes.filter(isWorn)) }));
  const makes = [...new Set(found.flatMap(({ make }) => make ?? []))];
  const { dates: days, at, each } = daysWorn(low, context.today);
  const often = OFTEN.exec(low);
  const times = often ? (often[2] ? (often[2] === 'twice' ? 2 : 1) : (countOf(often[1] ?? often[3] ?? '') ?? 1)) : 1;
  // Several wears are an estimate, spread round a day: that of a span which goes on is today's.
  const dates = days.length === 0 && times > 1 && THIS_SPAN.test(low) ? [context.today] : days;
  // A name with which version of it is said, before it or behind.
  const said = found.flatMap(({ name, make }): Span[] => {
    const { from: begin, to: end } = versionBeside(name, low);
    return [[begin, make ? end : name.from]];
  });
  const oftenAt: Span[] = often ? [[often.index, often.index + often[0].length]] : [];
  const left = leftOf(text, [[0, begins], ...said, ...at, ...oftenAt]);
  // "To the concert, the collar rides up": where, and how it was.
  const [, occasion, how = occasion === undefined ? left : ''] = /^(?:to|for|at) (?:the |a |an |my )?([^,.;]+)(?:[,.;] *(.+))?$/i.exec(left) ?? [];
  return {
    is: 'worn',
    makes,
    dates,
    ...(each ? { each } : {}),
    times,
    ...(occasion === undefined ? {} : { occasion }),
    ...(how === '' ? {} : { remark: how }),
  };
}

/** A line kept with a garment in its own words, and the day on which it was told. */
const notedWith = (make: Make, text: string, { context }: Pick<ActOptions, 'context'>): Extract<OtherAct, { readonly is: 'noted' }> => ({
  is: 'noted',
  make,
  words: toldOn(text, context.today),
});

/** A change of a garment that hangs; of one that is told of with its size or how it is liked it is how it was made. */
function altered({ text, low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const name = names.find(isGarmentName);
  if (!name || !ALTERED.test(unnamed(low, name))) return undefined;
  const make = spokenOf(name, low, options.spoken, tables.makes);
  return make &&
    whole().chips.every((chip) => chip.says.every(({ is }) => OF_WHICH.includes(is) || is === 'alteration' || is === 'words' || is === 'date'))
    ? notedWith(make, text, options)
    : undefined;
}

function becameOf({ text, low, names }: Heard, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const { context, spoken } = options;
  const [name, ...others] = names.filter(isGarmentName);
  if (!name || others.length > 0 || SEWN.test(low)) return undefined;
  const blank = unnamed(low, name);
  for (const { said, state } of ENDED) {
    const found = said.exec(blank)?.[0];
    if (found === undefined) continue;
    const make = spokenOf(name, low, spoken, tables.makes);
    if (!make) return undefined;
    const { dates, at } = dayIn(low, context.today);
    const since = at.length > 0 && dates.length === 1 ? dates[0] : undefined;
    const whole = found.length - 1 + name.to - name.from;
    // Whom it went to, and for how much, is part of what became of it.
    const to = / to [^,.;]+$/.exec(low.slice(0, whole))?.[0].length ?? 0;
    const why = leftOf(text, [[0, whole - to], ...(since === undefined ? [] : at)]);
    return { is: 'ended', make, state, ...(since === undefined ? {} : { since }), ...(why === '' ? {} : { why }) };
  }
  const make = DONE_WITH.test(blank) || GOES_ON.test(blank) ? spokenOf(name, low, spoken, tables.makes) : undefined;
  return make && notedWith(make, text, options);
}

/** The measures of a body that a line tells of and nothing else, whose they are and when. */
function bodyIn({ low, names }: Heard, { unit, today }: LineContext) {
  const [who, ...others] = names;
  if (others.length > 0 || (who && who.kind !== 'people')) return undefined;
  const { dates, at } = dayIn(low, today);
  const said = bodySaid(blanked(low, [...(who ? [[who.from, who.to] as const] : []), ...at], ' '), unit);
  return said && { ...said, who, dates };
}

function measured(line: Heard, { people, bodies }: LineTables, { context, spoken, newId }: ActOptions): OtherAct | undefined {
  const body = bodyIn(line, context);
  if (!body) return undefined;
  const { who, measures, otherUnit, dates } = body;
  const there = withId(people, who?.id) ?? spoken;
  const person = there ?? whoever(newId);
  const [day] = dates;
  const earlier = bodies.filter((set) => set.personId === person.id && (day === undefined || set.date < day)).sort((a, b) => byDay(b.date, a.date));
  return { is: 'measured', person, isNew: !there, measures, doubts: doubtsOf(measures, earlier[0]?.measures), otherUnit, dates };
}

/** That it is the pattern that was bought. */
const THE_PATTERN = /,? *\b(?:(?:pdf|paper|sewing|printed) )*pattern\b/;

/** What it cost, at the end of the line. */
const FOR_SO_MUCH = new RegExp(`(?:,|\\bfor|\\bat|\\bpaid|\\bcosts?) *(?<price>${MONEY})[ .]*$`);

/** Where a line says that a pattern was bought: how it begins, and the word for it. */
function patternSaid(low: string): readonly [bought: Span, pattern: Span] | undefined {
  const [lead, pattern] = [BOUGHT.exec(low), THE_PATTERN.exec(low)];
  if (!lead || !pattern || SEWN.test(low)) return undefined;
  return [
    [0, lead[0].length],
    [pattern.index, pattern.index + pattern[0].length],
  ];
}

function patternBought({ text, low }: Heard, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const apart = patternSaid(low);
  if (!apart) return undefined;
  const { chips, draft, pattern: of } = readMake(blanked(text, apart, ' '), tables, options);
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
    came: { ...(money ? { price: money } : {}), ...(/\b(?:bought|ordered)\b/.test(low.slice(...apart[0])) ? { obtained: 'bought' } : {}) },
    ...(rest === '' ? {} : { rest }),
  };
}

/** A purchase that says of how much, and not that it was for what was just spoken of. */
const BOUGHT_MUCH = new RegExp(`^${FIRST}(?:bought|picked up|ordered):? (?:.* )?${SAID_LENGTH}(?!.*\\bfor (?:it|this|that|them)\\b)`);

/** A line of a list of purchases; what is ordered is not there to be sewn. */
const BOUGHT_ITEM = new RegExp(`^(?:bought ?:|${FIRST}ordered\\b)`);

/**
 * Whether a sentence among others begins to tell of another garment than the one that was spoken of, and not that it was made: worn, worn no
 * more or wished for. What was bought may be what that one was made of, unless it begins a paragraph that makes nothing.
 *
 * @param paragraph the whole of it, where the sentence begins one
 *
 * @example beginsOther('Wore the Tidewater shirt to work.', context) // true
 */
export function beginsOther(text: string, context: LineContext, paragraph?: string): boolean {
  const line = heard(text, context);
  const { low, names } = line;
  if ((paragraph !== undefined || BOUGHT_ITEM.test(low)) && BOUGHT_MUCH.test(low) && !SEWN.test(paragraph === undefined ? low : folded(paragraph)))
    return true;
  if (paragraph !== undefined && HAUL.test(low)) return true;
  if (WASHED.test(low) && names.some(({ kind }) => kind === 'fabrics')) return true;
  if (bodyIn(line, context)) return true;
  const subject = () => subjectOf(low, wordsIn(low), names, context, (from, to) => text.slice(from, to));
  if (patternSaid(low)) return subject() !== undefined;
  const name = names.find(isGarmentName);
  if (name) return OTHERWISE.some((way) => way.test(unnamed(low, name)));
  // What is wished for may be new.
  const wished = WISHED.test(low) ? subject() : undefined;
  return wished?.says.is === 'new pattern' && WISHED_FOR.test(unnamed(low, wished));
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

function planned({ text, low }: Heard, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const wish = WISHED.exec(low) ?? WANTED_ONE.exec(low);
  const lead = wish ?? WANTED.exec(low);
  if (!lead) return undefined;
  const day = dueSaid(low, options.context.today);
  if (!wish && !day) return undefined;
  // A day on which it is begun is not the one by which it is wanted.
  const due = /\b(?:start|cut|try)\b/.test(lead[0]) ? undefined : day;
  const apart: readonly Span[] = due ? [[due.from, due.to]] : [];
  if (SEWN.test(blanked(low, apart, ' ').slice(lead[0].length))) return undefined;
  const toile = TOILE.exec(low.slice(lead[0].length))?.[0].length ?? 0;
  const behind = lead[0].length + toile;
  const from = behind + (WHICH.exec(low.slice(behind))?.[0].length ?? 0);
  const { chips, pattern, draft } = readMake(blanked(text, apart, ' ').slice(from), tables, options);
  const subject = chips.find((c) => c.says.some((u) => u.is === 'pattern' || u.is === 'new pattern' || u.is === 'new thing'));
  // "Want to make the sleeves of the Tidewater shirt longer" is about the shirt that there is.
  if (!pattern || !draft || subject?.from !== 0) return undefined;
  const stated = chips.flatMap((chip) => (chip.asks ? [] : chip.says));
  // What is not in the stash yet stays in the plan's words, and so does what no plan holds.
  const kept = chips
    .filter((c) => c.asks || c.says.some((u) => u.is === 'words' || u.is === 'date' || (u.is === 'fabric' && !('id' in u.fabric))))
    .map((c): Span => [c.from, c.to]);
  const words = leftOf(
    blanked(text, apart, '\n').slice(from),
    chips.map((c): Span => [c.from, c.to]).filter(([at]) => !kept.some(([begin]) => begin === at)),
  ).replace(/^next$|,? next$/i, '');
  return {
    is: 'planned',
    pattern,
    draft: {
      ...draft,
      make: { ...draft.make, fabrics: draft.make.fabrics.filter((use) => !draft.newFabrics.some((f) => f.id === use.fabricId)) },
      newFabrics: [],
    },
    toile: toile > 0,
    cutSaid: stated.some(({ is }) => OF_THE_CUT.includes(is)),
    ...(due ? { due: due.date } : {}),
    ...(words === '' ? {} : { words }),
  };
}

/** What may be said of a garment that there is. */
const SEEN_IN_IT: readonly Understood['is'][] = ['fit', 'rest right', 'love', 'reason', 'again', 'note', 'next'];
const OF_A_LOOK: readonly Understood['is'][] = [...SEEN_IN_IT, 'seen', 'wears', 'words'];

/** The make of a pattern and a person that is spoken of: the version that is said, else the latest. */
function meantOf(facts: readonly Understood[], pattern: Pattern | undefined, person: Person | undefined, { makes }: LineTables): Make | undefined {
  const version = facts.find((fact) => fact.is === 'version')?.version;
  const made = inOrder(makes.filter((m) => m.sources[0]?.patternId === pattern?.id && m.state !== 'planned'));
  const hers = made.filter((m) => m.personId === person?.id);
  // Whose it is nobody has to say, where it was never made for her.
  const own = hers.length > 0 || facts.some(({ is }) => is === 'person' || is === 'new person') ? hers : made;
  return ofVersion(own, version);
}

/**
 * A line as a look at a garment that there is: of the version that is said, else of the latest of its pattern and person.
 *
 * @returns undefined where it names none, where anything of it is asked, and where it says how a garment was cut or made
 * @example lookOf(readMake('Tidewater shirt, tight across the back', tables, options), tables) // { is: 'looked', make: its third version, … }
 */
export function lookOf({ chips, pattern, person, draft }: ReadMake, tables: LineTables): Extract<OtherAct, { readonly is: 'looked' }> | undefined {
  const facts = chips.flatMap((chip) => chip.says);
  if (!pattern || !person || !draft || chips.some((chip) => chip.asks)) return undefined;
  if (!facts.every(({ is }) => OF_A_LOOK.includes(is) || OF_WHICH.includes(is)) || !facts.some(({ is }) => SEEN_IN_IT.includes(is))) return undefined;
  const make = meantOf(facts, pattern, person, tables);
  const { look, verdict } = draft;
  return (
    make && {
      is: 'looked',
      make,
      look,
      seenSaid: facts.some(({ is }) => is === 'seen' || is === 'wears'),
      verdict,
      notes: draft.make.notes,
      ...(draft.make.remark === undefined || LED_TO.test(draft.make.remark) ? {} : { remark: draft.make.remark }),
    }
  );
}

/**
 * Nothing but words of a garment that there is, as what is kept with it: of the version that is said, else of the latest.
 *
 * @returns undefined where anything else is said of it, or asked
 * @example wordsOf('the Foreshore tee is my favourite', read, tables, options) // { is: 'noted', make: its fourth version, words: … }
 */
export function wordsOf(text: string, { chips, pattern, person }: ReadMake, tables: LineTables, options: Pick<ActOptions, 'context'>) {
  const facts = chips.flatMap((chip) => chip.says);
  const onlyWords = facts.every(({ is }) => is === 'words' || OF_WHICH.includes(is)) && facts.some(({ is }) => is === 'words');
  const stated = onlyWords && pattern && person && !chips.some((chip) => chip.asks);
  const make = stated ? meantOf(facts, pattern, person, tables) : undefined;
  return make && notedWith(make, text, options);
}

/** What lies on the table is said to be finished; one of another size is another garment. */
function finished({ low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const name = names.find(isGarmentName);
  if (!name || !FINISHED.test(unnamed(low, name)) || lyingBy(name, tables).length === 0) return undefined;
  const act = finishedOf(whole(), tables, options);
  return act?.make.size === undefined || sameLine(act.make.size, act.draft.make.size) ? act : undefined;
}

/** A version is named. */
const VERSION = new RegExp(`\\b(?:version|v|no\\.?|number) ?\\d|#\\d|\\b${ORDINAL}\\b`);

/** Of a version that there is nothing new is made. */
function looked({ text, low, whole }: HeardLine, tables: LineTables, options: ActOptions): OtherAct | undefined {
  if (!VERSION.test(low)) return undefined;
  const read = whole();
  const facts = read.chips.flatMap((chip) => chip.says);
  const version = facts.find((fact) => fact.is === 'version')?.version;
  if (version === undefined) return undefined;
  return lookOf(read, tables) ?? wordsOf(text, read, tables, options);
}

/** A sentence about a garment that there is. */
const IS = "(?:is|are|isn't|aren't|has|have|hasn't|haven't|looks?|feels?|hangs?|goes|keeps?|gets?|needs?|makes me)(?![a-z])";
/** A place of a garment. */
const PLACE =
  '(?:sleeves?|cuffs?|collar|neck(?:line)?|shoulders?|back|front|armholes?|bust|waist(?:band)?|hips?|seat|crotch|rise|thighs?|calves|legs?|hem|bodice|skirt|pockets?|length|straps?|hood|yoke)';
const TOLD_OF = new RegExp(`^${ITS_NAME}(?:'s)? (?:${PLACE} )?${IS}|^(?:(?:the|its|my|both) )?${PLACE} (?:of|on|in|at) ${ITS_NAME} ${IS}`);
/** What only led to the garment. */
const LED_TO = new RegExp(`^(?:(?:the|its|my|both) )?${PLACE} (?:of|on|in|at)$`, 'i');
/** How something is said for another version. */
const NEXT_TIME = /^(?:and |but )?(?:(?:for )?(?:the )?next (?:time|one|version)|in future)[,:]? +/;

/** A wish for another version of a garment that there is: it goes with the last one, and makes none. */
function forNextTime({ text, low, names, whole }: HeardLine, tables: LineTables, { newId }: ActOptions): OtherAct | undefined {
  const lead = NEXT_TIME.exec(low)?.[0];
  if (lead === undefined || !names.some(isGarmentName)) return undefined;
  const { chips, pattern, person, draft } = whole();
  const make = meantOf(
    chips.flatMap((chip) => chip.says),
    pattern,
    person,
    tables,
  );
  if (!make || !draft) return undefined;
  const note: Make['notes'][number] = { id: newId(), kind: 'next time', words: text.slice(lead.length).trim() };
  return { is: 'looked', make, look: { ...draft.look, said: [] }, seenSaid: false, verdict: {}, notes: [note] };
}

/** What a sentence tells of a garment that there is makes no other: how it fits, or nothing but words. */
function toldOf({ text, low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): OtherAct | undefined {
  const name = names.find(isGarmentName);
  // What is said to be done was sewn: where it does not lie on the table, it is another.
  if (!name || !TOLD_OF.test(unnamed(low, name)) || FINISHED.test(unnamed(low, name))) return undefined;
  const look = lookOf(whole(), tables);
  // Of what lies on the table it may be that it is finished so: that is asked.
  if (look) return STATES[look.make.state].unmade ? undefined : look;
  const read = whole();
  // "Is my favourite" may be so many things: it is kept in its words, and begins no other garment.
  return wordsOf(text, { ...read, chips: withoutQuestions(read.chips) }, tables, options);
}

/**
 * What a line tells where it is no make: that something was worn, mended or washed, or is worn no more, that fabric was bought, or a garment
 * wished for. It is known by how the line begins, and only where all that makes it such is said.
 *
 * @param text one line, as it was typed
 * @param tables the ledger as it is
 * @returns undefined where the line is a make, or nothing of these
 * @example readOther('wore the Tidewater shirt yesterday', tables, options) // { is: 'worn', makes: [its latest version], dates: [yesterday], times: 1 }
 * @example readOther('sold the Foreshore tee for 15', tables, options) // { is: 'ended', make, state: 'sold', why: 'for 15' }
 * @example readOther('finished the coat', tables, options) // { is: 'finished', make: the one that lies on the table, … }
 * @example readOther('bought 3 m of navy linen, 150 wide', tables, options) // { is: 'bought', fabric, piece: { length: 300, width: 150 }, … }
 * @example readOther('prewashed the sand washed linen', tables, options) // { is: 'washed', fabrics: [that], dates: [today] }
 * @example readOther('my measurements are bust 92, waist 74', tables, options) // { is: 'measured', person, measures: { bust: 92, waist: 74 }, … }
 * @example readOther('bought the Lapwing trousers pattern, 12 euros', tables, options) // { is: 'pattern bought', pattern: { name: 'Lapwing trousers', price, … } }
 * @example readOther('want to make the Fogbell coat in grey wool', tables, options) // { is: 'planned', pattern, words: 'in grey wool', … }
 */
export function readOther(text: string, tables: LineTables, options: ActOptions): OtherAct | AskedAct | undefined {
  const line = heard(text, options.context);
  /** What is told of one of the garments that may be meant. */
  const toldOfOne = ({ name, inFull, owner }: Meant) => {
    const names = [...line.names.filter(({ from, to }) => to <= name.from || from >= name.to), name].sort((a, b) => a.from - b.from);
    return actOf({ ...line, names }, inFull, tables, owner ? { ...options, spoken: owner } : options);
  };
  const owned = ownedIn(line, tables.people);
  if (owned) return toldOfOne(owned);
  const act = actOf(line, text, tables, options);
  const isNew = act?.is === 'planned' && act.draft.newPattern !== undefined;
  if ((act && !isNew) || line.names.some(isGarmentName)) return act;
  const garments = meantBy(line, tables, options.spoken).flatMap((meant) => {
    const told = isNew ? planned(heard(meant.inFull, options.context), tables, options) : toldOfOne(meant);
    const isEmpty = (told?.is === 'worn' && told.makes.length === 0) || (told?.is === 'planned' && told.draft.newPattern !== undefined);
    return told && !isEmpty ? [{ called: meant.called, act: told }] : [];
  });
  const ways = garments.length > 0 || isNew ? garments : fabricWays(line, tables, options);
  // "Again" is said of one that there is.
  if (isNew && !(ways.length === 1 && /\bagain\b/.test(line.low)))
    return ways.length === 0 ? act : { is: 'which', ways: [...ways, { called: 'a new pattern', act }] };
  const [only, ...more] = ways;
  return more.length === 0 ? only?.act : { is: 'which', ways };
}

/** What a line tells of a fabric of the stash that it names by some of its words. */
function fabricWays(line: Heard, tables: LineTables, options: ActOptions): AskedAct['ways'] {
  const known = fabricsMeant(line, tables).flatMap(({ name, called }) => {
    const told = ofKnownFabric({ ...line, names: [...line.names, name] }, tables, options);
    return told ? [{ called, act: told }] : [];
  });
  return known.length > 0 ? known : boughtEither(line, tables, options);
}

/** @param full the line as it is read whole, with a garment by its name */
function actOf(heardLine: Heard, full: string, tables: LineTables, options: ActOptions): OtherAct | undefined {
  let read: ReadMake | undefined;
  const line: HeardLine = { ...heardLine, whole: () => (read ??= readMake(full, tables, options)) };
  return (
    worn(line, tables, options) ??
    wornBehind(line, tables, options) ??
    becameOf(line, tables, options) ??
    workedOf(line, tables, options) ??
    altered(line, tables, options) ??
    ofKnownFabric(line, tables, options) ??
    patternBought(line, tables, options) ??
    boughtIn(line, tables, options) ??
    measured(line, tables, options) ??
    finished(line, tables, options) ??
    begunOf(line, tables, options) ??
    forNextTime(line, tables, options) ??
    looked(line, tables, options) ??
    planned(line, tables, options) ??
    toldOf(line, tables, options)
  );
}
