import type { Make, Pattern } from '../records';
import { blankPattern } from '../records/blank';
import { memoize } from '../units/memoize';

/**
 * What stands for the pattern of a garment that needed none, so that its fit can be noted, drawn and read like any other's: nothing is known
 * of it but the kind of garment. Undefined where that was not said, or where there is a pattern.
 *
 * @example withoutPattern({ id: 'm', sources: [], garment: 'skirt', name: 'the blue dress, cut down' })?.kind // 'skirt'
 */
export function withoutPattern(make: Pick<Make, 'id' | 'sources' | 'garment' | 'name'>): Pattern | undefined {
  return make.garment === undefined || make.sources.length > 0 ? undefined : standIn(make);
}

const standIn = memoize(({ id, garment = 'top', name = '' }: Pick<Make, 'id' | 'sources' | 'garment' | 'name'>): Pattern => {
  const pattern = blankPattern(`none ${id}`, `view of ${id}`, name, garment);
  return { ...pattern, wants: { structure: 'woven' } };
});
