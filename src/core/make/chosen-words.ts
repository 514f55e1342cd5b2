import type { Chosen } from '../records';
import { entriesOf } from '../units/keys';

/**
 * What was chosen of a view, in words; empty where nothing was.
 *
 * @example chosenWords({ length: 'mid', sleeve: 'long' }) // 'length mid, sleeve long'
 */
export function chosenWords(chosen: Chosen | undefined): string {
  return entriesOf(chosen ?? {})
    .flatMap(([detail, value]) => (value === undefined ? [] : [`${detail} ${value}`]))
    .join(', ');
}
