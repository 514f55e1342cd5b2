import { folded, namesIn, wordsIn, type Vocabulary } from './names';

/** How a question begins, whether or not it ends as one. */
const BEGINS =
  /^(?:(?:what|which)(?! an? )|where|why|who(?:se)?|how (?:much|many|long|often|wide|big|far|old|did|do|does|was|were|is|are|should)|when (?:did|do|does|was|were|is|are|have|has|will|should|can)|what's|where's|who's)(?![a-z])/;
/** How one begins that is known by its end. */
const ASKS = /^(?:is|are|was|were|do|does|did|have|has|had|can|could|should|will|would|am)(?![a-z]).*\?\s*$/;

/** Words of a question that name nothing. */
const ASKING: ReadonlySet<string> = new Set(
  'what which where why who whose how much many long often wide big far old when is are was were do does did have has had can could should will would am i my me we our the a an of for in at to on with it its this that these those and or not no any all there last first next best most least ever again still need needs needed take takes took use used uses make makes made sew sews sewn sewed cut wear wears wore worn like liked love loved buy bought fabric size sizes time times one ones did get got give gave'.split(
    ' ',
  ),
);

/**
 * What a question asks about: the names of the ledger in it, else the words that name something.
 *
 * @param text one line, as it was typed
 * @returns undefined where it is no question; nothing where it names nothing
 * @example askedAbout('what size is the tidewater shirt', vocabulary) // 'Tidewater shirt'
 * @example askedAbout('which linen did I like best?', vocabulary) // 'linen'
 * @example askedAbout('Tidewater shirt C, waist tight?', vocabulary) // undefined
 */
export function askedAbout(text: string, vocabulary: Vocabulary): string | undefined {
  const low = folded(text).trim();
  if (!BEGINS.test(low) && !ASKS.test(low)) return undefined;
  const words = wordsIn(low);
  const names = namesIn(words, vocabulary).map(({ from, to }) => low.slice(from, to).replace(/'s$/, ''));
  return names.length > 0 ? names.join(' ') : words.flatMap(({ word }) => (ASKING.has(word) ? [] : [word.replace(/'s$/, '')])).join(' ');
}
