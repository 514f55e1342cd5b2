import { isNothing, type FabricFacts } from '../../fabric/told';
import type { Fabric } from '../../records';
import { withId } from '../../units/by-id';
import { SAID_LENGTH } from '../amounts';
import { nounsIn } from '../by-its-noun';
import type { LineTables } from '../draft-from-line';
import { directions, factsIn, takenBy, type FactsRead } from '../fabric-facts';
import { FIRST, isGarmentName, leftOf, SEWN, unnamed, type ActOptions, type Heard, type Way } from '../report';
import { readsOfAGarment } from './of-a-garment';
import type { WashedAct } from './of-fabric';

/** What a fabric of the stash is like, as its label says or as it was seen to do. */
export interface FabricToldAct {
  readonly is: 'fabric told';
  readonly fabric: Fabric;
  readonly facts: FabricFacts;
  /** The day on which what was measured on it was measured. */
  readonly date: string;
}

type OfContext = Pick<ActOptions, 'context'>;

/** What stands before the name of a fabric of which something is told; `§` stands for it. */
const OF_FABRIC = new RegExp(
  `^${FIRST}(?:(?:tested|measured|weighed|checked|looked at) )?(?:(?:the )?(?:label|swatch) (?:of|on|for) )?(?:(?:the|my|our|this|that) )?(?:${SAID_LENGTH} (?:of )?(?:the |my )?)?§(?! (?:is|are|was) for\\b)`,
);
/** "1 m of the", before its name. */
const SO_MUCH_OF = new RegExp(`(?<length>${SAID_LENGTH}) (?:of )?(?:the |my )?$`);
/** What leads from a fabric to what it is like. */
const IS =
  /^[\s,:;.(–-]*(?:(?:is|are|was|has|have|had|it|it['’]s|that|which|comes|came|lies|measures|turned out|says|also|actually|really|about|only|just|and|but|in|of|to be)(?: +|$))*$/;
/** What a garment is for, and none that is sewn. */
const FOR_SOMETHING = /\b(?:for|as) [^,;.]*/g;

/** What nothing was read in, without what only leads from one thing to the next. */
const wordsLeft = (read: FactsRead, text: string): readonly string[] =>
  leftOf(text, takenBy(read))
    .split(', ')
    .map((part) => part.replace(/^(?:and|but|it|it['’]s|is|also) /i, ''))
    .filter((part) => /[\p{L}\d]/u.test(part) && !IS.test(part.toLowerCase()));

const isEmpty = ({ facts, undirected }: FactsRead) => undirected === undefined && isNothing(facts);

/** The facts, or each way in which they may be meant. */
const waysOf = <Act>(read: FactsRead, act: (facts: FabricFacts) => Act): readonly Way<Act>[] =>
  read.undirected ? directions(read).map(({ called, facts }) => ({ called, act: act(facts) })) : [{ called: '', act: act(read.facts) }];

/**
 * What a line tells of a fabric of the stash itself, in each way in which that may be meant: none where it tells nothing of one.
 *
 * @example fabricTold(heard('the navy drill is 150 wide', context), tables, options)[0]?.act.facts.fields // { width: 150 }
 */
export function fabricTold({ text, low, names }: Heard, tables: LineTables, { context }: OfContext): readonly Way<FabricToldAct>[] {
  const [name, ...more] = names.filter(({ kind }) => kind === 'fabrics');
  const fabric = withId(tables.fabrics, name?.id);
  if (!name || !fabric || more.length > 0 || names.some(isGarmentName) || SEWN.test(low) || text.trim().endsWith('?')) return [];
  if (!OF_FABRIC.test(unnamed(low, name)) || nounsIn(low.slice(name.to).replace(FOR_SOMETHING, ''), context).length > 0) return [];
  // "1 m of the drill shrank to 96 cm": the metre is told of it, and the name is not.
  const length = SO_MUCH_OF.exec(low.slice(0, name.from))?.groups?.['length'];
  const [said, heardIn] = [text, low].map((words) => `${length ?? ''} ${words.slice(name.to).trimStart()}`.trimStart());
  const read = factsIn(said ?? '', heardIn ?? '', context);
  // A length that is told of nothing is how much of it there is.
  const first = Math.min(...takenBy(read).map(([from]) => from));
  if (isEmpty(read) || !IS.test(heardIn?.slice(0, first) ?? '') || (length !== undefined && first > 0)) return [];
  // What nothing was read in goes with how the fabric behaves, so that nothing that was said is lost.
  const words = wordsLeft(read, said ?? '');
  if (readsOfAGarment(words.join(', '), context)) return [];
  return waysOf(read, (facts) => ({ is: 'fabric told', fabric, facts: { ...facts, behaves: [...facts.behaves, ...words] }, date: context.today }));
}

/**
 * A wash with what it was seen to do to the fabric, in each way in which that may be meant.
 *
 * @example washedWith(act, options)[0]?.act // { is: 'washed', …, facts: { fields: { shrinkAlong: 4 }, … } } of "washed the navy drill, shrank 4 % lengthwise"
 */
export function washedWith(act: WashedAct, { context }: OfContext): readonly Way<WashedAct>[] {
  const { rest = '', ...only } = act;
  const read = factsIn(rest, rest.toLowerCase(), context);
  if (act.fabrics.length > 1 || isEmpty(read)) return [{ called: '', act }];
  const left = wordsLeft(read, rest).join(', ');
  return waysOf(read, (facts) => ({ ...only, facts, ...(left === '' ? {} : { rest: left }) }));
}
