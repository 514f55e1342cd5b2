import type { ZoneId } from '../body/zones';
import type { Alteration, Chosen, FabricUse, FitNote, KnownTo, Make, Money, REASONS, Seen, SizeLine, TimeSpent, Verdict } from '../records';

/** What was seen of a place; tried: before it was put right. */
type NoteSaid = Pick<FitNote, 'zone' | 'outcome' | 'amount' | 'side' | 'symptom'> & { readonly tried?: true };

/** One thing that was said. */
export type Understood =
  | { readonly is: 'pattern'; readonly patternId: string }
  /** Of which the ledger knows nothing yet: a pattern, a thing without one, a person. */
  | { readonly is: 'new pattern'; readonly name: string }
  | { readonly is: 'new thing'; readonly name: string }
  /** A garment made over from another, which needs no pattern. */
  | { readonly is: 'remade'; readonly name: string }
  /** What it was made over from: a make of a pattern (the latest where no version is said), or what no make of the ledger was. */
  | { readonly is: 'made over'; readonly from: { readonly patternId: string; readonly version?: number } | NonNullable<Make['bought']> }
  | { readonly is: 'new person'; readonly name: string }
  | { readonly is: 'designer'; readonly name: string }
  | { readonly is: 'version'; readonly version: number }
  /** Several alike at once. */
  | { readonly is: 'quantity'; readonly quantity: number }
  | { readonly is: 'view'; readonly viewId: string }
  | { readonly is: 'person'; readonly personId: string }
  | { readonly is: 'size'; readonly line: SizeLine }
  | { readonly is: 'size at'; readonly zones: readonly ZoneId[]; readonly line: SizeLine }
  | { readonly is: 'alteration'; readonly alteration: Omit<Alteration, 'id'> }
  /** The cut of the last version, or the pattern as its designer drew it. */
  | { readonly is: 'cut'; readonly as: 'last' | 'drafted' | number }
  | { readonly is: 'fit'; readonly notes: readonly NoteSaid[] }
  | { readonly is: 'rest right' }
  /** A piece that came from another pattern, or from another view. */
  | { readonly is: 'source'; readonly patternId: string; readonly viewId?: string; readonly part: string; readonly zones: readonly ZoneId[] }
  /** Parts that come from no pattern. */
  | { readonly is: 'own'; readonly words: string }
  /** What was chosen of what its view offers. */
  | { readonly is: 'chosen'; readonly chosen: Chosen }
  | {
      readonly is: 'fabric';
      /** A fabric of the stash, or the name of one that is not there yet. */
      readonly fabric: { readonly id: string } | { readonly name: string };
      readonly part: FabricUse['part'];
      readonly length?: number;
      readonly left?: number;
      readonly price?: Money;
      /** The price is for a yard, and not for a metre. */
      readonly pricedBy?: 'yard';
      readonly shop?: string;
      /** How wide it lies, cm. */
      readonly width?: number;
      /** g/m². */
      readonly weight?: number;
    }
  /** How much it took of its main fabric, cm. */
  | { readonly is: 'length used'; readonly length: number }
  | { readonly is: 'squeeze'; readonly squeeze: NonNullable<FabricUse['squeeze']> }
  | { readonly is: 'seen'; readonly seen: Seen }
  /** How often it was worn so far. */
  | { readonly is: 'wears'; readonly wears: number }
  | { readonly is: 'time'; readonly phase: TimeSpent['phase']; readonly minutes: number }
  | { readonly is: 'cost'; readonly what: string; readonly money?: Money }
  | { readonly is: 'love'; readonly love: 1 | 2 | 3 | 4 | 5 }
  | { readonly is: 'reason'; readonly reason: (typeof REASONS)[number] }
  | { readonly is: 'again'; readonly answer: NonNullable<Verdict['sewAgain']> }
  | { readonly is: 'date'; readonly of: 'cut' | 'finished'; readonly date: string; readonly knownTo?: KnownTo }
  | { readonly is: 'kind'; readonly kind: Make['kind'] }
  | { readonly is: 'state'; readonly state: Make['state']; readonly stage?: string }
  | { readonly is: 'difficulty'; readonly difficulty: number }
  /** A lesson is of more than this garment: about what was named, or what its words speak of where nothing was (empty). */
  | { readonly is: 'note'; readonly kind: Make['notes'][number]['kind']; readonly words: string; readonly lesson?: string }
  /** Meant for the next version: never done on this one. */
  | { readonly is: 'next'; readonly words: string }
  /** Made together with others, and worn apart. */
  | { readonly is: 'set'; readonly setId: string }
  | { readonly is: 'new set'; readonly name: string }
  | { readonly is: 'loose end'; readonly words: string }
  | { readonly is: 'words'; readonly words: string };

/** One way to understand a piece of a line: all of it is said at once. */
export type Choice = readonly Understood[];

/** A piece of the line with what was understood by it. */
export interface Chip {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** What it says; a question says nothing until it is answered. */
  readonly says: Choice;
  /** What could be meant; empty where there is nothing to choose. */
  readonly choices: readonly Choice[];
  /** Nobody has chosen yet, and nothing of it may be entered. */
  readonly asks: boolean;
  /** How a word was read that is spelled otherwise. */
  readonly readAs?: string;
}

/** What was chosen for the questions of a line, by their words (`askedWords`). */
export type Answers = Readonly<Record<string, number>>;

/**
 * A question's words as they are remembered with what was chosen.
 *
 * @example askedWords('Low  rise') // 'low rise'
 */
export const askedWords = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim();

/** What a chip says, or asks, as no more than its words. */
export const asWords = (chip: Chip): Chip => ({ ...chip, asks: false, says: [{ is: 'words', words: chip.text }] });

/** Of what is asked the words are kept: nobody answers here. */
export const withoutQuestions = (chips: readonly Chip[]): readonly Chip[] => chips.map((chip) => (chip.asks ? asWords(chip) : chip));
