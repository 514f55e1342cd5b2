import type { ListAhead } from '../../core/schedule/look-ahead';

/** How many of a list will be done: never surer than it is. */
export function listWords({ of, least, most }: ListAhead): string {
  if (of === 1) return least === most ? (most === 1 ? 'done' : 'not done') : 'perhaps done';
  if (least === most) return least === of ? `all ${of}` : `${least} of ${of}`;
  return `${least} to ${most} of ${of}`;
}
