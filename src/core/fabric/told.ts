import type { Fabric, FabricTest } from '../records';
import { withTest } from './stash';

/** The fields of a fabric that a sentence may tell. */
export const TOLD_FIELDS = [
  'fibre',
  'weight',
  'weightClass',
  'width',
  'stretchAcross',
  'stretchAlong',
  'recovery',
  'shrinkAlong',
  'shrinkAcross',
  'nap',
  'repeatAlong',
  'repeatAcross',
  'care',
  'pricePerMetre',
  'pricedBy',
  'source',
  'irreplaceable',
] as const satisfies readonly (keyof Fabric)[];
export type FabricTold = Partial<Pick<Fabric, (typeof TOLD_FIELDS)[number]>>;

/** What was told of a fabric itself. */
export interface FabricFacts {
  readonly fields: FabricTold;
  /** What was measured on a piece before and after, cm. */
  readonly tests: readonly Pick<FabricTest, 'of' | 'before' | 'after'>[];
  /** How it behaves, in the sewist's words. */
  readonly behaves: readonly string[];
}

export const NOTHING_TOLD: FabricFacts = { fields: {}, tests: [], behaves: [] };

/** Whether nothing was told. */
export const isNothing = ({ fields, tests, behaves }: FabricFacts): boolean =>
  Object.keys(fields).length === 0 && tests.length === 0 && behaves.length === 0;

/** Prices are quoted by the metre where nothing else is said: what is told of the one is not left with the length of another. */
const quoted = ({ pricePerMetre, pricedBy }: FabricTold) => (pricePerMetre && !pricedBy ? { pricedBy: undefined } : {});

/**
 * A fabric with what was told of it: a field that was told takes the place of what stood there, words stand behind those that were, and a
 * piece that lay as wide as its fabric was thought to lie lies as wide as it does.
 *
 * @param tested the day of what was measured, and the names of those tests
 * @example withFacts(linen, { fields: { width: 150 }, tests: [], behaves: ['frays'] }, tested) // { ...linen, width: 150, behaviour: 'frays' }
 */
export function withFacts(
  fabric: Fabric,
  { fields, tests, behaves }: FabricFacts,
  { date, newId }: { readonly date: string; readonly newId: () => string },
): Fabric {
  const { width } = fields;
  const pieces =
    width === undefined
      ? fabric.pieces
      : fabric.pieces.map((piece) => (piece.width === undefined || piece.width !== fabric.width ? piece : { ...piece, width }));
  const behaviour = [fabric.behaviour, ...behaves].filter(Boolean).join('; ');
  const { pricedBy, ...told }: Fabric = { ...fabric, ...quoted(fields), ...fields, pieces, ...(behaviour === '' ? {} : { behaviour }) };
  return tests.reduce((now, test) => withTest(now, { ...test, id: newId(), date }), pricedBy === undefined ? told : { ...told, pricedBy });
}
