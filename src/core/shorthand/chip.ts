import type { ZoneId } from '../body/zones';
import type { Alteration, FabricUse, FitNote, Make, Money, Seen, SizeLine, TimeSpent } from '../records';

/** What a piece of a line was understood as. */
export type Understood =
  | { readonly is: 'pattern'; readonly patternId: string; readonly version?: number }
  /** Of which the ledger knows nothing yet: a pattern, or a thing without one. */
  | { readonly is: 'new pattern'; readonly name: string }
  | { readonly is: 'new thing'; readonly name: string }
  | { readonly is: 'version'; readonly version: number }
  | { readonly is: 'person'; readonly personId: string }
  | { readonly is: 'size'; readonly line: SizeLine }
  | { readonly is: 'size at'; readonly zones: readonly ZoneId[]; readonly line: SizeLine }
  | { readonly is: 'alteration'; readonly alteration: Omit<Alteration, 'id'> }
  | { readonly is: 'fit'; readonly notes: readonly Pick<FitNote, 'zone' | 'outcome' | 'amount' | 'side' | 'symptom'>[] }
  | { readonly is: 'rest right' }
  | {
      readonly is: 'fabric';
      /** A fabric of the stash, or the name of one that is not there yet. */
      readonly fabric: { readonly id: string } | { readonly name: string };
      readonly part: FabricUse['part'];
      readonly length?: number;
      readonly left?: number;
    }
  | { readonly is: 'seen'; readonly seen: Seen }
  | { readonly is: 'time'; readonly phase: TimeSpent['phase']; readonly minutes: number }
  | { readonly is: 'cost'; readonly what: string; readonly money: Money }
  | { readonly is: 'love'; readonly love: 1 | 2 | 3 | 4 | 5 }
  | { readonly is: 'date'; readonly date: string }
  | { readonly is: 'kind'; readonly kind: Make['kind'] }
  | { readonly is: 'note'; readonly kind: Make['notes'][number]['kind']; readonly words: string }
  | { readonly is: 'loose end'; readonly words: string }
  | { readonly is: 'words'; readonly words: string };

/** Another way to read a chip: writing `text` in its place says it without doubt. */
export interface Reading {
  readonly label: string;
  readonly text: string;
}

/** A piece of the line with what was understood by it. */
export interface Chip {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly understood: Understood;
  /** What could also be meant; empty where nothing else could. */
  readonly readings: readonly Reading[];
}
