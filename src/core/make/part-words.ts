import { zoneList } from '../alteration/words';
import type { Make, PartSource, Pattern } from '../records';
import { withId } from '../units/by-id';
import { viewNamed } from './versions';

/** By what two garments are joined from the same parts: patterns, views, places, and parts of one's own. */
export function partsKey({ sources, own }: Pick<Make, 'sources' | 'own'>): string {
  return JSON.stringify([sources.map((s) => [s.patternId, s.viewId, [...(s.zones ?? [])].sort()]), own ?? '']);
}

/** What a part is called: its pattern, and its view where that has several. */
export function partName({ patternId, viewId }: PartSource, patterns: readonly Pattern[]): string {
  const pattern = withId(patterns, patternId);
  if (!pattern) return 'a pattern that is gone';
  return pattern.views.length > 1 ? `${pattern.name}, ${viewNamed(pattern, viewId).name}` : pattern.name;
}

/**
 * What a part brings: its pieces by their names, else the zones.
 *
 * @example brought({ patternId: 'grebe', viewId: 'a', zones: ['sleeve', 'wrist'] }) // 'sleeve and wrist'
 */
export function brought({ pieces, zones = [] }: PartSource): string {
  return pieces ?? (zones.length > 0 ? zoneList(zones) : 'a part');
}

/** In a line what a garment is joined from beside its main pattern. */
export function joinedSaid(sources: readonly PartSource[], own: string | undefined, patterns: readonly Pattern[]): string {
  return [...sources.slice(1).map((s) => `${brought(s)} of ${partName(s, patterns)}`), own].filter(Boolean).join(', ');
}
