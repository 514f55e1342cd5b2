import type { Look, VerdictSaid } from '../../make/log-draft';
import { STATES } from '../../make/states';
import type { Make } from '../../records';
import { ORDINAL } from '../amounts';
import { askedWords, withoutQuestions, type Chip, type Understood } from '../chip';
import { choicesInWords } from '../chip-words';
import type { LineTables, ReadMake } from '../draft-from-line';
import { IS_NOW, PART } from '../garment-words';
import { isGarmentName, ITS_NAME, unnamed, type ActOptions, type HeardLine, type Way } from '../report';
import { FINISHED } from './finished';
import { notedWith, type NotedAct } from './what-became';
import { hangingOf, makeOf, OF_WHICH } from './which-garment';

/** A look at a garment that there is: how it fits, how it is liked, what is to be done next time. */
export interface LookedAct {
  readonly is: 'looked';
  readonly make: Make;
  readonly look: Look;
  /** When it was looked at was said. */
  readonly seenSaid: boolean;
  readonly verdict: VerdictSaid;
  readonly notes: Make['notes'];
  readonly remark?: string;
}

/** What may be said of a garment that there is. */
const SEEN_IN_IT: readonly Understood['is'][] = ['fit', 'rest right', 'love', 'reason', 'again', 'note', 'next'];
const OF_A_LOOK: readonly Understood['is'][] = [...SEEN_IN_IT, 'seen', 'wears', 'words'];

/** Whether facts tell of nothing else than a look, and of what. */
const ofALook = (facts: readonly Understood[]): boolean => facts.every(({ is }) => OF_A_LOOK.includes(is) || OF_WHICH.includes(is));
const isSeen = ({ is }: Understood): boolean => SEEN_IN_IT.includes(is);

/**
 * A line as a look at a garment that there is: of the version that is said, else of the latest of its pattern and person.
 *
 * @returns undefined where it names none, where anything of it is asked, and where it says how a garment was cut or made
 * @example lookOf(readMake('Tidewater shirt, tight across the back', tables, options), tables) // { is: 'looked', make: its third version, … }
 */
export function lookOf({ chips, pattern, person, draft }: ReadMake, tables: LineTables): LookedAct | undefined {
  const facts = chips.flatMap((chip) => chip.says);
  if (!pattern || !person || !draft || chips.some((chip) => chip.asks)) return undefined;
  if (!ofALook(facts) || !facts.some(isSeen)) return undefined;
  const make = makeOf(facts, pattern, person, tables);
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
  // How often it was worn is told of one that there is.
  const onlyWords =
    facts.every(({ is }) => is === 'words' || is === 'seen' || is === 'wears' || OF_WHICH.includes(is)) && facts.some(({ is }) => is === 'words');
  const stated = onlyWords && pattern && person && !chips.some((chip) => chip.asks);
  const make = stated ? makeOf(facts, pattern, person, tables) : undefined;
  return make && notedWith(make, text, options);
}

/** A look of which something is asked, by what it may mean: each answer is a look of its own, and the words as they stand are one too. */
interface AskedLook {
  readonly is: 'which';
  readonly ways: readonly Way<LookedAct | NotedAct>[];
}

/** The answer to a question that states nothing. */
const inWords = ({ choices }: Chip): number => choices.findIndex((choice) => choice.every(({ is }) => is === 'words'));

/**
 * How a garment that there is fits, where that is asked: what one sees of it comes from one place or another. Of several questions the first is
 * asked, and the others are kept in their words.
 *
 * @returns undefined where nothing of the fit is asked, an answer would be neither a look nor words, or the garment is not sewn yet
 */
function eitherLook({ text, whole }: HeardLine, tables: LineTables, options: ActOptions): AskedLook | undefined {
  const [first, ...others] = whole().chips.filter((chip) => chip.asks);
  if (!first || others.some((chip) => inWords(chip) < 0)) return undefined;
  const kept = Object.fromEntries(others.map((chip) => [askedWords(chip.text), inWords(chip)]));
  const called = choicesInWords(first.choices, options.context, options.context.unit);
  const ways = called.flatMap((words, i) => {
    const read = whole({ ...kept, [askedWords(first.text)]: i });
    const act = lookOf(read, tables) ?? wordsOf(text, read, tables, options);
    return act ? [{ called: words, act }] : [];
  });
  const ofFit = ways.some(({ act }) => act.is === 'looked' && act.look.said.length > 0 && !STATES[act.make.state].unmade);
  return ofFit && ways.length === called.length ? { is: 'which', ways } : undefined;
}

/** What says that a garment was made, or is to be. */
const OF_MAKING = new RegExp(
  `\\b(?:made|mak(?:e|ing)|sew(?:ed|n|ing)?|cut|finished|started|began|knocked up|ran up|another|again|new|next|${ORDINAL})\\b`,
);

/**
 * Words of a garment that there is, which hardly make another of it: "Skerry jacket on hold".
 *
 * @param act what they would be kept as
 * @returns undefined where they speak of making one
 */
export const hardlyAMake = (text: string, act: LookedAct | NotedAct | undefined): NotedAct | undefined =>
  act?.is === 'noted' && !OF_MAKING.test(text.toLowerCase()) ? act : undefined;

/**
 * The garment that there is of which a line may be a look, whatever is still asked of it: "Tidewater love 5", "Tidewater shirt, neckline ripples".
 *
 * @returns undefined where it tells anything else, speaks of making one, or nothing of the pattern is sewn yet
 */
export function perhapsLookedAt(text: string, { chips, pattern, person }: ReadMake, tables: LineTables): Make | undefined {
  const facts = chips.flatMap((chip) => chip.says);
  const isOfALook = ofALook(facts) && (facts.some(isSeen) || chips.some((chip) => chip.asks));
  if (!isOfALook || !pattern || !person || OF_MAKING.test(text.toLowerCase())) return undefined;
  const make = makeOf(facts, pattern, person, tables);
  return make && !STATES[make.state].unmade ? make : undefined;
}

/** A version is named. */
const VERSION = new RegExp(`\\b(?:version|v|no\\.?|number) ?\\d|#\\d|\\b${ORDINAL}\\b`);

/** Of a version that there is nothing new is made. */
export function looked(line: HeardLine, tables: LineTables, options: ActOptions): LookedAct | NotedAct | AskedLook | undefined {
  const { text, low, whole } = line;
  if (!VERSION.test(low)) return undefined;
  const read = whole();
  const facts = read.chips.flatMap((chip) => chip.says);
  const version = facts.find((fact) => fact.is === 'version')?.version;
  if (version === undefined) return undefined;
  return lookOf(read, tables) ?? eitherLook(line, tables, options) ?? wordsOf(text, read, tables, options);
}

/** That it is liked so much, or not, that it is made again: of which it is said there is one. */
const WOULD_AGAIN = new RegExp(
  `^(?:(?:i|definitely|certainly|probably|absolutely) )*(?:would|wouldn't|will|won't|i'd|i'll) (?:(?:definitely|certainly|happily|never|not) )*(?:make|sew) ${ITS_NAME} again(?![a-z])`,
);
/** A sentence about a garment that there is. */
const TOLD_OF = new RegExp(
  `^(?:(?:i|i've|have) )*changed my mind (?:about|on) ${ITS_NAME}|^${ITS_NAME}(?:'s)? (?:${PART} )?${IS_NOW}|^(?:(?:the|its|my|both) )?${PART} (?:of|on|in|at) ${ITS_NAME} ${IS_NOW}|^(?:(?:i|really|still|absolutely|just|do) )*(?:love|adore) ${ITS_NAME}(?= *(?:$|[,.;!]|but\\b|and\\b))`,
);
/** What only led to the garment. */
const LED_TO = new RegExp(`^(?:(?:the|its|my|both) )?${PART} (?:of|on|in|at)(?: (?:the|my|our|his|her|their))?$`, 'i');
/** How something is said for another version. */
const NEXT_TIME =
  /^(?:and |but )?(?:(?:(?:for )?(?:the )?next (?:time|one|version)|in future)[,:]? +|(?=(?:i |we )?(?:should|could|ought to)(?: have|'ve|ve) (?:cut|made|used|sized|gone|lengthened|shortened|added|taken|let|graded|lined|interfaced|chosen|measured|checked|moved|raised|lowered|widened|narrowed|left)(?![a-z])))/;

/** "Remind me to lengthen the sleeves next time I make the shirt". */
const REMINDED =
  /^(?:(?:(?:please )?remind me(?: to)?|note to self|(?:i )?(?:must|should|need to) remember(?: to)?|remember(?: to)?)[:,]? +)(?=.*\b(?:next (?:time|one|version)|in future)\b)/;

/** A wish for another version of a garment that there is: it goes with the last one, and makes none. */
export function forNextTime({ text, low, names, whole }: HeardLine, tables: LineTables, { newId }: ActOptions): LookedAct | NotedAct | undefined {
  const lead = (NEXT_TIME.exec(low) ?? REMINDED.exec(low))?.[0];
  if (lead === undefined || !names.some(isGarmentName)) return undefined;
  const { chips, pattern, person, draft } = whole();
  const make = makeOf(
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
export function toldOf(line: HeardLine, tables: LineTables, options: ActOptions): LookedAct | NotedAct | AskedLook | undefined {
  const { text, low, names, whole } = line;
  const name = names.find(isGarmentName);
  if (name && WOULD_AGAIN.test(unnamed(low, name))) {
    const make = hangingOf(name, low, options.spoken, tables.makes);
    return make && notedWith(make, text, options);
  }
  // What is said to be done was sewn: where it does not lie on the table, it is another.
  if (!name || !TOLD_OF.test(unnamed(low, name)) || FINISHED.test(unnamed(low, name))) return undefined;
  const look = lookOf(whole(), tables);
  // Of what lies on the table it may be that it is finished so: that is asked.
  if (look) return STATES[look.make.state].unmade ? undefined : look;
  const either = eitherLook(line, tables, options);
  if (either) return either;
  const read = whole();
  // "Is my favourite" may be so many things: it is kept in its words, and begins no other garment.
  return wordsOf(text, { ...read, chips: withoutQuestions(read.chips) }, tables, options);
}
