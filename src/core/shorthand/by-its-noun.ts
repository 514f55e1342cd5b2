import { mainFabric } from '../make/main-fabric';
import { isThere, STATES } from '../make/states';
import type { Make, Person } from '../records';
import { withId } from '../units/by-id';
import { addToGroup } from '../units/group-by';
import { byDay } from '../units/date';
import { memoize } from '../units/memoize';
import type { Chip } from './chip';
import type { LineTables } from './draft-from-line';
import { folded, wordsIn, type NameFound, type WordAt } from './names';
import { goBy, heard, isGarmentName, isPattern, type Heard } from './report';
import type { LineContext } from './sentence';
import { TOILES } from './words';

/** A garment of the ledger that a line may mean where it says only what it is. */
export interface Meant {
  /** In the place of the words for it. */
  readonly name: NameFound;
  /** What it is called in full. */
  readonly called: string;
  /** The line with that instead. */
  readonly inFull: string;
  /** Whose it is said to be. */
  readonly owner?: Person;
  /** It is spoken of as one that is known, *the* coat, *another* coat, or may well be: one lies on the table. */
  readonly definite: boolean;
}

/** What stands before a garment that is known. */
const KNOWN = /^(?:the|my|our|this|that|these|those|his|her|their|another)$/;
/** What tells nothing of which is meant. */
const TELLS_NOTHING = /^(?:new|old|poor|beloved|trusty|faded|favou?rite|latest|last|lovely|dear)$/;
/** So many words stand between an article and a garment: "my petrol viscose dress". */
const MOST_BETWEEN = 3;
/** More are not asked about: a digit answers, and to name it is sooner done than to look for it. */
const MOST = 5;
/** Other words for the same garment. */
const ALSO: Readonly<Record<string, string>> = {
  cardi: 'cardigan',
  tshirt: 'tee',
  't-shirt': 'tee',
  pinny: 'apron',
  trouser: 'pant',
  pant: 'trouser',
};

/** Whether a word is what a toile goes by. */
const isToile = (noun: string): boolean => TOILES.some((toile) => toile === noun);

/** One or several: "jeans", "a jean". */
const single = (noun: string) => noun.replace(/s$/, '');

const calledOf = (make: Make, { patterns }: LineTables) => withId(patterns, make.sources[0]?.patternId)?.name ?? make.name ?? '';

/** The garments that are there by what they are, the last word of their name: what lies on the table first, then the latest. */
const byNoun = memoize((tables: LineTables): ReadonlyMap<string, readonly Make[]> => {
  const sorted = new Map<string, Make[]>();
  const latest = tables.makes.filter(isThere).sort((a, b) => byDay(b.cutOn, a.cutOn));
  for (const make of [...latest.filter((m) => STATES[m.state].inHand), ...latest.filter((m) => !STATES[m.state].inHand)]) {
    const noun = wordsIn(folded(calledOf(make, tables))).at(-1)?.word;
    if (noun !== undefined) addToGroup(sorted, single(noun), make);
    if (make.kind === 'toile') for (const toile of TOILES) addToGroup(sorted, toile, make);
  }
  return sorted;
});

/** Whether some words are all of a garment's name, or of its fabric's. */
function tellsAll(make: Make, said: readonly string[], tables: LineTables): boolean {
  const { fabric } = mainFabric(make, tables.fabrics);
  const words = wordsIn(folded([calledOf(make, tables), fabric?.name, fabric?.colour, fabric?.fibre].join(' '))).map(({ word }) => word);
  return said.every((word) => words.includes(word));
}

/** Garments by their pattern; each by itself that has none. */
function byPattern(makes: readonly Make[]): ReadonlyMap<string, readonly Make[]> {
  const sorted = new Map<string, Make[]>();
  for (const make of makes) addToGroup(sorted, make.sources[0]?.patternId ?? make.id, make);
  return sorted;
}

/** What the patterns and things of a ledger are, by the last word of their names. */
const nounsOf = memoize(
  ({ patterns, things = [] }: LineContext): ReadonlySet<string> =>
    new Set([...patterns, ...things].map(({ name }) => single(wordsIn(folded(name)).at(-1)?.word ?? ''))),
);

/**
 * Where a line may speak of a garment of the ledger by what it is, and what that is.
 *
 * @example nounsIn('wore the skirt to work', context) // [{ from: 9, to: 14, noun: 'skirt' }]
 */
export function nounsIn(low: string, context: LineContext): readonly { readonly from: number; readonly to: number; readonly noun: string }[] {
  const nouns = nounsOf(context);
  return spokenIn(low).flatMap(({ from, whose, words }) => {
    const word = words.find((w) => nouns.has(single(w.word)));
    // "Coat: sleeves set": as a list heads its lines.
    const isSaid = word && (whose !== undefined || low.startsWith(':', word.to));
    return isSaid ? [{ from, to: word.to, noun: word.word }] : [];
  });
}

/** A place where a garment is spoken of as one that is known. */
interface Spoken {
  readonly from: number;
  /** The word that says whose it is: `the`, `my`, `tilda's`; none where a line begins with the garment. */
  readonly whose: string | undefined;
  readonly words: readonly WordAt[];
}

/** Every place where a line may speak of one that is known. */
function spokenIn(low: string): readonly Spoken[] {
  const words = wordsIn(low);
  /** Words one behind the other, with nothing but a space between. */
  const together = (from: number) => {
    const end = words.findIndex((w, i) => i > from && low.slice(words[i - 1]?.to, w.from) !== ' ');
    return words.slice(from, Math.min(end < 0 ? words.length : end, from + MOST_BETWEEN + 1));
  };
  const behind = words.flatMap(({ word, from }, i): Spoken[] => {
    const owned = word.endsWith("'s");
    return KNOWN.test(word) || owned ? [{ from: owned ? from : (words[i + 1]?.from ?? from), whose: word, words: together(i + 1) }] : [];
  });
  return [...behind, ...(words[0] ? [{ from: words[0].from, whose: undefined, words: together(0) }] : [])];
}

/**
 * The garments of the ledger that a line may mean where it names none, by what they are and are made of: "finished the coat", "my navy
 * skirt", "Tilda's pinafore".
 *
 * @param line without a name of a garment in it
 * @param spoken whose is what is said to be mine
 * @returns of the first words that speak of any: one for each pattern, or of it the makes that are of the fabric said; empty where none does
 * @example meantBy(heard('finished the coat', context), tables, maren).map(({ called }) => called) // ['Fogbell coat']
 */
export function meantBy({ text, low }: Heard, tables: LineTables, spoken: Person | undefined): readonly Meant[] {
  const nouns = byNoun(tables);
  for (const { from, whose, words } of spokenIn(low)) {
    const owner = whose?.endsWith("'s") ? tables.people.find(({ name }) => folded(name) === whose.slice(0, -2)) : whose === 'my' ? spoken : undefined;
    if (whose?.endsWith("'s") && !owner) continue;
    for (const [at, { word, to }] of words.entries()) {
      const noun = single(word);
      const called = (nouns.get(noun) ?? nouns.get(ALSO[noun] ?? '') ?? []).filter((make) => !owner || make.personId === owner.id);
      if (called.length === 0) continue;
      const which = words.slice(0, at).flatMap((w) => (TELLS_NOTHING.test(w.word) ? [] : w.word));
      const found = which.length === 0 ? called : called.filter((make) => tellsAll(make, which, tables));
      const all = byPattern(called);
      const meant = [...byPattern(found)].flatMap(([key, makes]): Meant[] => {
        const pattern = withId(tables.patterns, key);
        const as = (kind: 'patterns' | 'makes', id: string, full: string): Meant => ({
          name: { kind, id, from, to, whole: false },
          called: full,
          inFull: `${text.slice(0, from)}${full}${text.slice(to)}`,
          definite: whose !== undefined || makes.some((m) => STATES[m.state].inHand),
          ...(owner ? { owner } : {}),
        });
        // Where all of a pattern are of what is said, which of them is meant goes by what is told.
        if (pattern && !isToile(noun) && makes.length === all.get(key)?.length) return [as('patterns', key, pattern.name)];
        return makes.map((make) => as('makes', make.id, pattern ? `${pattern.name} version ${make.version}` : (make.name ?? '')));
      });
      if (meant.length > 0) return meant.slice(0, isToile(noun) ? 1 : MOST);
    }
  }
  return [];
}

/** Patterns by what they are, with the words of their names. */
const patternsByNoun = memoize((patterns: LineTables['patterns']) => {
  const sorted = new Map<string, { readonly pattern: LineTables['patterns'][number]; readonly own: readonly string[] }[]>();
  for (const pattern of patterns) {
    const own = wordsIn(folded(pattern.name)).map(({ word }) => word);
    addToGroup(sorted, single(own.at(-1) ?? ''), { pattern, own });
  }
  return sorted;
});

/** Patterns of which nothing was made yet, or nothing is there any more, that a line may mean by what they are. */
function unmadeOf({ text, low }: Heard, { patterns }: LineTables, made: readonly Meant[]): readonly Meant[] {
  for (const { from, whose, words } of spokenIn(low)) {
    const found = words.flatMap(({ word, to }, at) =>
      (patternsByNoun(patterns).get(single(word)) ?? []).flatMap(({ pattern, own }): Meant[] => {
        const isMeant = words.slice(0, at).every((w) => TELLS_NOTHING.test(w.word) || own.includes(w.word));
        const name: NameFound = { kind: 'patterns', id: pattern.id, from, to, whole: false };
        return isMeant && made.every((m) => m.name.id !== pattern.id)
          ? [{ name, called: pattern.name, inFull: `${text.slice(0, from)}${pattern.name}${text.slice(to)}`, definite: whose !== undefined }]
          : [];
      }),
    );
    if (found.length > 0) return found.slice(0, MOST - made.length);
  }
  return [];
}

/**
 * What there is of what a line calls new: a make of "the coat" is hardly the first of a pattern of that name.
 *
 * @param chips as the line is read by itself
 * @returns empty where the line names a garment of the ledger, and where it is of another that such a one is only spoken of beside
 */
export function mayBeKnown(
  text: string,
  chips: readonly Chip[],
  context: LineContext,
  tables: LineTables,
  spoken: Person | undefined,
): readonly Meant[] {
  const subject = chips.find(({ says }) => says.some(({ is }) => is === 'new pattern'));
  const line = heard(text, context);
  if (!subject || line.names.some(isGarmentName)) return [];
  const made = meantBy(line, tables, spoken);
  return [...made, ...unmadeOf(line, tables, made)]
    .filter(({ name }) => name.from < subject.to && name.to > subject.from)
    .map((meant) => {
      // Whose it is stays in the line.
      const [owned = ''] = /^[^ ]+['’]s /.exec(text.slice(meant.name.from)) ?? [];
      return { ...meant, inFull: `${text.slice(0, meant.name.from)}${owned}${meant.inFull.slice(meant.name.from)}` };
    });
}

/** A garment spoken of as one that is known, and what tells which of them: "my blue ". */
const WHICH_ONE = /(?:^|[ ,])(?:the|my|our|this|that|his|her|their) ((?:[a-zß-ɏ'-]+ ){1,3})$/;

/**
 * The makes of a pattern that a line names and tells apart by their fabric: "wore the blue Tidewater shirt".
 *
 * @returns empty where nothing of the kind is said, or none is of that
 */
export function ofItsFabric({ text, low, names }: Heard, tables: LineTables): readonly Meant[] {
  const name = names.find(isGarmentName);
  const said = name && isPattern(name) ? WHICH_ONE.exec(low.slice(0, name.from))?.[1] : undefined;
  if (!name || said === undefined) return [];
  const which = said.split(' ').filter((word) => word !== '' && !TELLS_NOTHING.test(word));
  if (which.length === 0) return [];
  const from = name.from - said.length;
  return goBy(name, tables.makes)
    .filter((make) => isThere(make) && tellsAll(make, which, tables))
    .map((make) => {
      const called = `${calledOf(make, tables)} version ${make.version}`;
      const inFull = `${text.slice(0, from)}${called}${text.slice(name.to)}`;
      return { name: { ...name, kind: 'makes', id: make.id, from } as const, called, inFull, definite: true };
    })
    .slice(0, MOST);
}

/**
 * A garment that a line names, with whose it is before it: "finished Tilda's Puffin pinafore".
 *
 * @returns undefined where nobody's name stands there
 */
export function ownedIn({ text, low, names }: Heard, people: readonly Person[]): Meant | undefined {
  const at = names.findIndex(isGarmentName);
  const [who, name] = [names[at - 1], names[at]];
  const owner = who?.kind === 'people' ? withId(people, who.id) : undefined;
  if (!who || !name || !owner || !low.slice(who.from, who.to).endsWith("'s") || low.slice(who.to, name.from) !== ' ') return undefined;
  const inFull = `${text.slice(0, who.from)}${text.slice(name.from)}`;
  return { name: { ...name, from: who.from }, called: text.slice(name.from, name.to), inFull, definite: true, owner };
}
