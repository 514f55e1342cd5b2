import type { ZoneId } from '../body/zones';
import type { Make } from '../records';
import { firstOf, itemAt } from '../units/item-at';

/** A step of a blend between neighbouring zones weighs so much against the chance of right. Source: engine.md, section 6. */
const STEP_WEIGHT = 0.35;
/** A chance is floored here: a zone that no size can help is altered, and does not decide for the others. Source: our own convention. */
export const LEAST_CHANCE = 0.1;

const TRACE = 1e-11;

/** A size at a zone, with the chance of right there. */
export interface BlendZone {
  readonly zone: ZoneId;
  readonly size: string;
  readonly chance: number;
  /** Chance of right in every size of the chart. */
  readonly ofSize: readonly number[];
}

/**
 * A size for each zone down the body: the least of Σ −log(chance of right) + 0.35 · |steps between neighbours|, by dynamic programming
 * (engine.md, section 6).
 *
 * @param chances of right in each size, zone by zone in the order of the body
 * @param sizes their labels, in the order of the chart
 */
export function blendOf(chances: ReadonlyMap<ZoneId, readonly number[]>, sizes: readonly string[]): BlendZone[] {
  const zones = [...chances.keys()];
  if (zones.length === 0) return [];
  const places = sizes.map((_, place) => place);
  // Where no size helps the nearest is meant: a trace of the chance itself decides.
  const costsAt = (zone: ZoneId) =>
    chances.get(zone)!.map((chance) => -Math.log(Math.max(chance, LEAST_CHANCE)) - TRACE * Math.log(Math.max(chance, Number.MIN_VALUE)));
  const way = (costs: readonly number[], from: number, to: number) => itemAt(costs, from) + STEP_WEIGHT * Math.abs(to - from);
  const least = (of: (place: number) => number) => {
    let [best, cost] = [0, of(0)];
    for (let place = 1; place < places.length; place++) {
      const other = of(place);
      if (other < cost - 1e-12) [best, cost] = [place, other];
    }
    return best;
  };

  let costs = costsAt(firstOf(zones));
  const cameFrom: number[][] = [];
  for (const zone of zones.slice(1)) {
    const before = costs;
    const own = costsAt(zone);
    const from = places.map((to) => least((place) => way(before, place, to)));
    costs = places.map((to) => way(before, itemAt(from, to), to) + itemAt(own, to));
    cameFrom.push(from);
  }
  let place = least((p) => itemAt(costs, p));
  const path = [place];
  for (const from of cameFrom.reverse()) {
    place = itemAt(from, place);
    path.unshift(place);
  }
  return zones.map((zone, i) => {
    const ofSize = chances.get(zone)!;
    return { zone, size: itemAt(sizes, path[i]!), chance: itemAt(ofSize, path[i]!), ofSize };
  });
}

/** A blend as it is cut: the size that most places want, and a line where a place wants another. */
export function cutOfBlend(blend: readonly BlendZone[]): Pick<Make, 'size' | 'sizeLines'> {
  const wanted = new Map<string, number>();
  for (const { size } of blend) wanted.set(size, (wanted.get(size) ?? 0) + 1);
  const most = [...wanted].reduce<[string, number] | undefined>((best, of) => (best && best[1] >= of[1] ? best : of), undefined)?.[0];
  if (most === undefined) return { sizeLines: [] };
  return { size: { size: most }, sizeLines: blend.filter((z) => z.size !== most).map(({ zone, size }) => ({ zone, line: { size } })) };
}
