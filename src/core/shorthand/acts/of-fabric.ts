import type { FabricFacts } from '../../fabric/told';
import type { Fabric } from '../../records';
import { withId } from '../../units/by-id';
import { addToGroup } from '../../units/group-by';
import { memoize } from '../../units/memoize';
import { anyOf, lengthOf, SAID_LENGTH } from '../amounts';
import type { LineTables } from '../draft-from-line';
import { folded, isShortFor, wordsIn, type NameFound } from '../names';
import type { LineContext } from '../sentence';
import { dayIn, FIRST, isGarmentName, leftOf, SEWN, unnamed, type ActOptions, type Heard, type Span } from '../report';

/** Fabric of the stash was washed before it is cut. */
export interface WashedAct {
  readonly is: 'washed';
  readonly fabrics: readonly Fabric[];
  /** More than one where figures can be read both ways. */
  readonly dates: readonly string[];
  /** What the wash was seen to do to it. */
  readonly facts?: FabricFacts;
  readonly rest?: string;
}

/** So much of a fabric is left in one piece. */
export interface LeftAct {
  readonly is: 'left';
  readonly fabric: Fabric;
  /** cm; none is 0. */
  readonly length: number;
  readonly rest?: string;
}

type OfContext = Pick<ActOptions, 'context'>;

/** How it is said that fabric was washed. */
export const WASHED = new RegExp(`^${FIRST}(?:(?:pre-?)?washed|pre-?shrunk) +`);

/** The fabrics that a line names. */
const named = (names: readonly NameFound[]) => names.filter(({ kind }) => kind === 'fabrics');

function washedIn({ text, low, names }: Heard, tables: LineTables, { context }: OfContext): WashedAct | undefined {
  const lead = WASHED.exec(low)?.[0];
  const fabrics = [...new Set(named(names).flatMap(({ id }) => withId(tables.fabrics, id) ?? []))];
  if (lead === undefined || fabrics.length === 0) return undefined;
  const { dates, at } = dayIn(low, context.today);
  const rest = leftOf(text, [[0, lead.length], ...named(names).map(({ from, to }): Span => [from, to]), ...at]);
  return { is: 'washed', fabrics, dates, ...(rest === '' ? {} : { rest }) };
}

const OF_IT = '(?:(?:of )?(?:the|my|our|that|this) |of )?§';
const LAST = '(?:all|the last|the rest|what was left|every scrap|the remains?|the last (?:bits?|scraps?|piece))(?: of)?';
/** How it is said that nothing of a fabric is left; `§` stands for its name. */
const GONE = [
  new RegExp(`^${FIRST}(?:used|finished|cut) ${LAST} ${OF_IT}`),
  new RegExp(
    `^${FIRST}(?:used up|finished up|ran out of|run out of|out of|no more|gave away|gave|given away|sold|binned|threw (?:away|out)|donated|passed on) (?:${LAST} )?${OF_IT}`,
  ),
  new RegExp(
    `^(?:${LAST} )?${OF_IT} (?:(?:is|are|was|has|have|been|now|all|finally|completely) )+(?:gone|used up|finished|sold|given away)(?![a-z])`,
  ),
];
/** Parts of what there was. */
const PARTS: ReadonlyMap<string, number> = new Map([
  ['half', 1 / 2],
  ['a third', 1 / 3],
  ['two thirds', 2 / 3],
  ['a quarter', 1 / 4],
  ['three quarters', 3 / 4],
]);
const PART_SAID = anyOf(PARTS.keys());
const partOf = (said = '') => PARTS.get(said) ?? 0;
/** How much of it is left. */
const LEFT = [
  new RegExp(
    `^(?:(?:only|just|still|about|there|is|there's|i|i've|have|got|we) )*(?<part>${PART_SAID}) ${OF_IT} (?:(?:is|are|still) )*(?:left|remain(?:s|ing)?)(?: over)?(?![a-z])`,
  ),
  new RegExp(`^${FIRST}used (?:up )?(?:about )?(?<used>${PART_SAID}) ${OF_IT}(?![a-z])`),
  new RegExp(
    `^(?:(?:only|just|still|there|is|are|there's|i|i've|have|got|we|about) )*(?<length>${SAID_LENGTH}) ${OF_IT} (?:(?:is|are|still) )*(?:left|remain(?:s|ing)?)(?: over)?(?![a-z])`,
  ),
  new RegExp(
    `^(?:(?:only|just|still|there|is|are|there's|i|i've|have|got|we|about) )*(?<length>${SAID_LENGTH}) (?:left|remain(?:s|ing)?)(?: over)? ${OF_IT}`,
  ),
  new RegExp(`^${OF_IT}[,:]? (?:(?:has|have|is|are|only|just|still|there) )*(?<length>${SAID_LENGTH}) (?:left|remain(?:s|ing)?)(?: over)?(?![a-z])`),
  new RegExp(
    `^${FIRST}(?:measured|measured up) ${OF_IT}[,:]? (?:(?:at|is|it is|it's|has|there is|there are|as|only|just) )*(?<length>${SAID_LENGTH})(?=[ .]*$)`,
  ),
  new RegExp(`^(?:i|we)(?:'ve| have)(?: got)? (?:(?:still|only|just|about) )*(?<length>${SAID_LENGTH}) ${OF_IT}(?: in (?:the|my) stash)?(?=[ .]*$)`),
  // So much is gone of it.
  new RegExp(
    `^${FIRST}(?:(?:gave(?: away)?|sold|lent|swapped|threw (?:away|out)|binned|donated) (?<less>${SAID_LENGTH})|cut (?:a strip of )?(?<cut>${SAID_LENGTH}) (?:off|from)) ${OF_IT}(?![a-z])`,
  ),
];

type Groups = Readonly<Record<string, string | undefined>>;

/** How much is said to be left, cm; undefined where that cannot be told, as half of several pieces. */
function lengthLeft({ length, part, used, less, cut }: Groups, { pieces }: Fabric, { unit }: LineContext): number | undefined {
  if (length !== undefined) return lengthOf(length, unit)?.cm;
  const gone = less ?? cut;
  if (part === undefined && used === undefined && gone === undefined) return 0;
  const [piece, ...more] = pieces;
  if (!piece || more.length > 0) return undefined;
  if (gone === undefined) return Math.round(piece.length * (used === undefined ? partOf(part) : 1 - partOf(used)));
  const left = piece.length - (lengthOf(gone, unit)?.cm ?? Infinity);
  return left < 0 ? undefined : Math.round(left * 10) / 10;
}

function leftIn({ text, low, names }: Heard, tables: LineTables, { context }: OfContext): LeftAct | undefined {
  const [name, ...more] = named(names);
  const fabric = withId(tables.fabrics, name?.id);
  if (!name || !fabric || more.length > 0 || SEWN.test(low.replace(/^(?:[a-z]+ )?finished /, ''))) return undefined;
  const blank = unnamed(low, name);
  const found = [...GONE, ...LEFT].map((way) => way.exec(blank)).find((way) => way !== null);
  if (!found) return undefined;
  const length = lengthLeft(found.groups ?? {}, fabric, context);
  // Nothing that is not there is gone.
  if (length === undefined || (length === 0 && fabric.pieces.length === 0)) return undefined;
  const rest = leftOf(text, [[0, found[0].length - 1 + name.to - name.from]]);
  return { is: 'left', fabric, length, ...(rest === '' ? {} : { rest }) };
}

/** What a line tells of fabrics that the stash has and it names. */
export function ofKnownFabric(line: Heard, tables: LineTables, options: OfContext): WashedAct | LeftAct | undefined {
  return line.names.some(isGarmentName) ? undefined : (washedIn(line, tables, options) ?? leftIn(line, tables, options));
}

/** A fabric of the stash that a line may mean. */
interface FabricMeant {
  readonly name: NameFound;
  readonly called: string;
}

/** Fabrics by the last word of their names: sorted once for a stash, since they are asked for at every letter of a line. */
const byLastWord = memoize((fabrics: LineTables['fabrics']) => {
  const sorted = new Map<string, { readonly fabric: Fabric; readonly full: string }[]>();
  for (const fabric of fabrics) {
    const full = folded(fabric.name);
    addToGroup(sorted, wordsIn(full).at(-1)?.word ?? '', { fabric, full });
  }
  return sorted;
});

/** More are not asked about. */
const MOST = 8;
/** What stands before the words for a fabric. */
const FABRIC_WORDS = new RegExp(`(?:\\b(?:the|my|our|all|of|washed|prewashed|shrunk|${SAID_LENGTH}) |^)(?=[a-z])`, 'g');

/**
 * The fabrics of the stash that a line may mean where it names none in full: by words of their names, the last of them said.
 *
 * @example fabricsMeant(heard('used up the petrol crepe', context), tables).map(({ called }) => called) // ['petrol viscose crepe']
 */
export function fabricsMeant({ low, names }: Heard, { fabrics }: LineTables): readonly FabricMeant[] {
  if (named(names).length > 0) return [];
  const sorted = byLastWord(fabrics);
  for (const { index, 0: lead } of low.matchAll(FABRIC_WORDS)) {
    const from = index + lead.length;
    const said = wordsIn(low.slice(from)).slice(0, 3);
    for (let count = said.length; count > 0; count--) {
      const last = said[count - 1];
      const name = low.slice(from, from + (last?.to ?? 0));
      const all = (sorted.get(last?.word ?? '') ?? []).filter(({ full }) => isShortFor(name, full));
      // Of what is gone it may be said that some is left after all.
      const there = all.filter(({ fabric }) => fabric.pieces.length > 0);
      const found = there.length > 0 ? there : all;
      if (last && found.length > 0)
        return found
          .slice(0, MOST)
          .map(({ fabric }) => ({ name: { kind: 'fabrics', id: fabric.id, from, to: from + last.to, whole: false }, called: fabric.name }));
    }
  }
  return [];
}
