import type { GarmentKind, Offers } from '../records';
import type { ZoneId } from '../body/zones';
import type { LengthUnit } from '../units/length';
import type { Hemisphere } from '../wear/season';
import type { NameFound, Named, Vocabulary } from './names';
import type { Choice, Understood } from './chip';

/** A pattern that a line may speak of. */
export interface KnownPattern extends Named {
  readonly kind?: GarmentKind;
  /** Its size labels in their order. */
  readonly sizes?: readonly string[];
  /** The label that its latest version was cut in all over, where it was one. */
  readonly lastSize?: string | undefined;
  /** The zones that decide its fit, of all views. */
  readonly zones?: readonly ZoneId[];
  readonly views?: readonly (Named & { readonly zones?: readonly ZoneId[] })[];
  /** What one may choose of its views. */
  readonly offers?: Offers | undefined;
}

/** What a line is read against. */
export interface LineContext extends Vocabulary {
  readonly patterns: readonly KnownPattern[];
  /** Garments without a pattern, which have a name of their own. */
  readonly things?: readonly Named[];
  /** Sets that garments are made in. */
  readonly sets?: readonly { readonly id: string; readonly name: string }[];
  readonly unit: LengthUnit;
  readonly currency: string;
  /** Which seasons are meant: the north's, where nothing is said. */
  readonly hemisphere?: Hemisphere;
  /** ISO date: the day on which it is told. */
  readonly today: string;
  /** The day that it is, where that is another: nothing later was. */
  readonly now?: string;
}

/** The pattern that a line is about: one of the ledger, or one that it names first. */
export interface Subject {
  readonly from: number;
  readonly to: number;
  readonly says: Understood;
  /** What is said along with it. */
  readonly also?: Choice;
  /** The part that it brings is said with its name, so that another brings the rest. */
  readonly part?: boolean;
  readonly pattern?: KnownPattern;
  readonly kind: GarmentKind | undefined;
  readonly sizes: readonly string[];
}

/** A line as the recognisers see it. Places are those of `low`, small letters in which slips are put right. */
export interface Sentence {
  readonly low: string;
  readonly context: LineContext;
  readonly subject: Subject | undefined;
  readonly names: readonly NameFound[];
  /** The text as it was typed at a place of `low`. */
  readonly typed: (from: number, to: number) => string;
}

/** A way to read a piece of a line. */
export interface Proposal {
  readonly from: number;
  readonly to: number;
  readonly says: Choice;
  /** How sure it is: see weights.ts. */
  readonly weight: number;
  /** Where it is a question: what could be meant. */
  readonly choices?: readonly Choice[];
}

/** Proposes readings of what begins at a place. */
export type Recogniser = (sentence: Sentence, at: number) => readonly Proposal[];
