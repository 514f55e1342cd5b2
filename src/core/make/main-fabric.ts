import type { Fabric, FabricUse, Make } from '../records';
import { memoize } from '../units/memoize';

/** Fabrics of a stash by their ids: every note asks for one, and a stash may hold hundreds. */
const stashById = memoize((fabrics: readonly Fabric[]): ReadonlyMap<string, Fabric> => new Map(fabrics.map((f) => [f.id, f])));

/**
 * The use of fabric that a garment is mainly made of: the one that is said to be, else the first that is named. Undefined where none is.
 *
 * @example mainUse({ fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] })?.fabricId // 'linen'
 */
export function mainUse({ fabrics }: Pick<Make, 'fabrics'>): FabricUse | undefined {
  // Most garments name one: it is asked for every note.
  return (fabrics.length > 1 ? fabrics.find((u) => u.part === 'main') : undefined) ?? fabrics[0];
}

/**
 * How much a use takes for one garment, cm, where several alike were cut at once.
 *
 * @example lengthForOne({ quantity: 2 }, { length: 300 }) // 150
 */
export const lengthForOne = ({ quantity }: Pick<Make, 'quantity'>, { length }: Pick<FabricUse, 'length'>): number | undefined =>
  length === undefined ? undefined : length / quantity;

/**
 * The main fabric of a make or a plan, with whether it was cut on the bias.
 *
 * @param fabrics the stash; a fabric that is not in it is not known
 */
export function mainFabric(make: Pick<Make, 'fabrics'>, fabrics: readonly Fabric[]): { readonly fabric: Fabric | undefined; readonly bias: boolean } {
  const use = mainUse(make);
  return use ? { fabric: stashById(fabrics).get(use.fabricId), bias: use.bias ?? false } : { fabric: undefined, bias: false };
}
