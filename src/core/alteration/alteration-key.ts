import type { Alteration } from '../records';

type Named = Pick<Alteration, 'kind' | 'purpose' | 'part' | 'zones'>;

/**
 * Names a change by what is done, where and what for, whatever its amount: two of one key are the same change. The order of zones counts,
 * since a wedge names its widest place first.
 *
 * @example alterationKey({ kind: 'rise', purpose: 'fit', part: 'front' }) // 'rise fit front'
 */
export function alterationKey({ kind, purpose, part, zones = [] }: Named): string {
  // Both pieces are meant where none is named.
  return [kind, purpose, ...(part === undefined || part === 'both' ? [] : [part]), ...zones].join(' ');
}

/** Whether two alterations are the same change, by whatever amount. */
export function sameAlteration(a: Named, b: Named): boolean {
  return alterationKey(a) === alterationKey(b);
}
