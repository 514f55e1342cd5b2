import type { Alteration, View } from '../records';
import { sameAlteration } from './alteration-key';

/** Wishes kept with a view that a make or a plan does not fulfil yet: they are offered. */
export function openWishes(view: Pick<View, 'wishes'>, alterations: readonly Alteration[]): Alteration[] {
  return view.wishes.filter((w) => !alterations.some((a) => sameAlteration(a, w)));
}

/** Changes for looks that are no wish of the view yet: they can be kept as one. */
export function newWishes(view: Pick<View, 'wishes'>, alterations: readonly Alteration[]): Alteration[] {
  return alterations.filter((a) => a.purpose === 'style' && !view.wishes.some((w) => sameAlteration(a, w)));
}
