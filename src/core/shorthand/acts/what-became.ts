import type { Make } from '../../records';
import type { Understood } from '../chip';
import type { LineTables } from '../draft-from-line';
import { PART } from '../garment-words';
import {
  dayIn,
  FIRST,
  IS_BY_NOW,
  isGarmentName,
  ITS_NAME,
  leftOf,
  SEWN,
  toldOn,
  unnamed,
  type ActOptions,
  type Heard,
  type HeardLine,
} from '../report';
import { hangingOf, OF_WHICH } from './which-garment';

/** A garment hangs in the wardrobe no more. */
export interface EndedAct {
  readonly is: 'ended';
  readonly make: Make;
  readonly state: Make['state'];
  /** The day that was said. */
  readonly since?: string;
  readonly why?: string;
}

/** Something was done with a garment that hangs: it goes into its remark, with the day on which it was told. */
export interface NotedAct {
  readonly is: 'noted';
  readonly make: Make;
  readonly words: string;
}

const said = (source: string, state: Make['state']) => ({ said: new RegExp(`^${source}(?![a-z])`), state });
/** "The tee is", "the tee:", or nothing before what became of it. */
const IT_IS = `${ITS_NAME}:? (?:${IS_BY_NOW})?`;
/** What is so now was not so before. */
const BY_NOW = '(?:now|already|by now|these days|any ?more|any longer)';
/** What speaks of wear. */
const WORN_THROUGH = '(?:holes?|holey|worn|threadbare|rags|shreds|tatters|frayed|pilled|faded|beyond repair|past (?:it|wearing|saving))';
/** How it is said that a garment's time is over; `§` stands for its name. */
export const ENDED = [
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
  // What was unpicked of it is no end of it: "the overshirt collar".
  said(`${FIRST}(?:unpicked|took apart) ${ITS_NAME}(?!(?:'s)? (?:[a-z]+ )?${PART}(?![a-z]))`, 'unpicked'),
  said(`${FIRST}(?:wore|worn) out ${ITS_NAME}`, 'worn out'),
  said(`(?:${FIRST}|[a-z]+(?:'s| has)? )(?:outgrew|outgrown|grew out of|grown out of) ${ITS_NAME}`, 'outgrown'),
  said(`${IT_IS}(?:worn out|worn to (?:bits|shreds|rags|death)|past wearing)`, 'worn out'),
  said(`${IT_IS}outgrown`, 'outgrown'),
  said(
    `${ITS_NAME} (?:went|has gone|have gone|is going|are going) to (?:the |a |my |our )?(?:charity|op shop|thrift|second-?hand|clothes bank|friend|sister|mum|mother|neighbour|niece|cousin|daughter)(?: [a-z]+)?`,
    'given',
  ),
  said(`${IT_IS}(?:given away|donated|passed on)`, 'given'),
  said(`${IT_IS}sold`, 'sold'),
  said(`${IT_IS}gifted(?: to [^,.;]+)?`, 'given'),
  said(`${IT_IS}(?:unpicked|taken apart)(?=\\s*(?:$|[,.;]))`, 'unpicked'),
  said(`${FIRST}retired ${ITS_NAME}`, 'resting'),
  said(`${IT_IS}retired`, 'resting'),
];
/** What of a garment: "the zip of". */
const PART_OF_IT = '(?:(?:the|its|a|new) [a-z ,&]{2,40}? (?:of|on|at|in) )?';
/** What is done with a garment that there is. */
export const DONE_WITH = new RegExp(
  `^${FIRST}(?:mended|repaired|patched|darned|unpicked|(?:hand-? ?|re)?washed|dry-? ?cleaned|de-?pilled|ironed|pressed|steamed|dyed|replaced|lent|tried on|shrank|shrunk|felted|ruined|stained|ripped|tore|torn|burnt|burned|bleached|lost|broke|threw away|threw out|put|took (?:a )?(?:photos?|pictures?) of|photographed|packed|brought|took(?= (?:(?:the|my|our) )?§ (?:on|to|along|with|away)\\b)|(?:(?:got |had |getting |lots of |loads of |so many |two |three |another |more )*compliments? (?:on|about|for|in|wearing|when i wore))|(?:haven't|not|never|hardly) (?:yet )?(?:been )?(?:worn|wearing|touched)|(?:it is |it's )?time to (?:retire|bin|donate|sell|mend|let go of|say goodbye to)|(?:spilled|spilt) [^,.;]{2,30} (?:on|over|down)) ${PART_OF_IT}${ITS_NAME}(?![a-z])`,
);
const GAVE_WAY =
  '(?:(?:has|have|is|are|just) )*(?:broke|broken|(?:came|come|coming) (?:off|undone|unsewn|apart|loose|away|down)|ripped|tore|torn|gone|split|unravell?ed|fell|wore|worn|popped|jams?|jammed)(?![a-z])';
/** How a garment goes on that has hung for some time. */
export const GOES_ON = new RegExp(
  `^${ITS_NAME} (?:(?:is|are|has|have|'s) )?(?:still going|been worn|held up|holding up|holds up|lasted|kept (?:its|their)|shrank|shrunk|faded|ripped|tore|torn|pilled|bagged out|stretched out|lost (?:its|a|an|one|two|the)|misses|missing|binned|thrown (?:away|out))(?![a-z])|^${ITS_NAME}(?:'s|[:,])? (?:[a-z]+ )?${PART} ${GAVE_WAY}|^(?:(?:the|a|an|one|its|both) )?(?:[a-z]+ )?${PART} (?:of|on|at|in) ${ITS_NAME} ${GAVE_WAY}`,
);
/** What is changed of a garment that there is, where nothing says that it was made so. */
export const ALTERED = new RegExp(
  `^${FIRST}(?:(?:took|taken|let) (?=${ITS_NAME} (?:in|up|out|down)(?![a-z]))|(?:re-?hemmed|hemmed|let (?:down|out)|took (?:in|up)|taken (?:in|up)|shortened|lengthened|altered|fixed|changed|swapped|re-?sewed|sewed back on|sewed (?:the|its|a|an|one|two) [a-z ]{2,30} back (?:on|onto|on to|in|into)) ${PART_OF_IT})${ITS_NAME}(?![a-z])`,
);

/** A line kept with a garment in its own words, and the day on which it was told. */
export const notedWith = (make: Make, text: string, { context }: Pick<ActOptions, 'context'>): NotedAct => ({
  is: 'noted',
  make,
  words: toldOn(text, context.today),
});

const OF_A_CHANGE: readonly Understood['is'][] = ['alteration', 'time', 'words', 'date'];

/** A change of a garment that hangs; of one that is told of with its size or how it is liked it is how it was made. */
export function altered({ text, low, names, whole }: HeardLine, tables: LineTables, options: ActOptions): EndedAct | NotedAct | undefined {
  const name = names.find(isGarmentName);
  if (!name || !ALTERED.test(unnamed(low, name))) return undefined;
  const make = hangingOf(name, low, options.spoken, tables.makes);
  return make && whole().chips.every((chip) => chip.says.every(({ is }) => OF_WHICH.includes(is) || OF_A_CHANGE.includes(is)))
    ? notedWith(make, text, options)
    : undefined;
}

export function becameOf({ text, low, names }: Heard, tables: LineTables, options: ActOptions): EndedAct | NotedAct | undefined {
  const { context, spoken } = options;
  const [name, ...others] = names.filter(isGarmentName);
  if (!name || others.length > 0 || SEWN.test(low)) return undefined;
  const blank = unnamed(low, name);
  for (const { said, state } of ENDED) {
    const found = said.exec(blank)?.[0];
    if (found === undefined) continue;
    const make = hangingOf(name, low, spoken, tables.makes);
    if (!make) return undefined;
    const { dates, at } = dayIn(low, context.today);
    const since = at.length > 0 && dates.length === 1 ? dates[0] : undefined;
    const whole = found.length - 1 + name.to - name.from;
    // Whom it went to, and for how much, is part of what became of it.
    const to = / to [^,.;]+$/.exec(low.slice(0, whole))?.[0].length ?? 0;
    const why = leftOf(text, [[0, whole - to], ...(since === undefined ? [] : at)]);
    return { is: 'ended', make, state, ...(since === undefined ? {} : { since }), ...(why === '' ? {} : { why }) };
  }
  const make = DONE_WITH.test(blank) || GOES_ON.test(blank) ? hangingOf(name, low, spoken, tables.makes) : undefined;
  return make && notedWith(make, text, options);
}
