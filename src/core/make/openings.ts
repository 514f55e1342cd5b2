import type { Make, Plan, View } from '../records';

type Opening = View['openings'][number];

/** Closures that open a garment wide, so that nothing need be pulled through it. */
export const OPENS_WIDE: readonly Opening['closes'][] = ['wrap', 'zip', 'buttons'];

/** A closure that was left out, by what is said of it. */
const CLOSURE = /\b(zip|zipper|buttons?|placket|closure|fly|snaps?|hooks?|slit)\b/i;

/**
 * How the openings of a garment close: as its plan or make says, else as its view does; a closure that was left out is none.
 *
 * @example openingsOf(view, { alterations: [leftOut('the zip')] }) // [{ zone: 'waist', closes: 'fixed' }]
 */
export function openingsOf(
  view: Pick<View, 'openings'>,
  { openings, alterations }: Pick<Make | Plan, 'openings' | 'alterations'>,
): readonly Opening[] {
  if (openings) return openings;
  const leftOut = alterations.some((a) => a.kind === 'leave-out' && CLOSURE.test(a.note ?? ''));
  return leftOut ? view.openings.map((o) => (OPENS_WIDE.includes(o.closes) && o.closes !== 'wrap' ? { ...o, closes: 'fixed' } : o)) : view.openings;
}
