import { fabricFamily, type FabricFamily } from '../catalogue/fabric-families';
import type { Fabric } from '../records';
import { keysOf } from '../units/keys';

/** What a fabric of this name is usually like, beside what was said of it. */
export interface Usually {
  readonly family: FabricFamily;
  /** For each field that nobody filled: what it usually is, to be taken as it stands or overruled. */
  readonly fields: Partial<Fabric>;
}

const middle = ([from, to]: readonly [number, number]) => Math.round((from + to) / 10) * 5;

/** The family of a fabric, by its name and what is noted of its weave or knit. */
export const familyOfFabric = ({ name, weave = '' }: Pick<Fabric, 'name' | 'weave'>): FabricFamily | undefined => fabricFamily(`${name} ${weave}`);

/**
 * What the name of a fabric says of it, where the sewist said nothing: a guess, never stored unless it is taken.
 *
 * @returns undefined where its name is of no family, or all is said
 * @example usually({ name: 'navy ponte', structure: 'knit' })?.fields.stretchAcross // 30
 */
export function usually(fabric: Pick<Fabric, 'name' | 'structure'> & Partial<Fabric>): Usually | undefined {
  const family = familyOfFabric(fabric);
  if (!family) return undefined;
  const { names, fibre, weight, stretch, drape, opacity, nap, shrinks, care, behaviour } = family;
  const guess: Partial<Fabric> = {
    weave: names[0],
    ...(fibre === undefined ? {} : { fibre }),
    ...(fabric.weightClass === undefined ? { weight: middle(weight) } : {}),
    stretchAcross: stretch[1] <= 3 ? 0 : middle(stretch),
    drape,
    opacity,
    ...(nap ? { nap } : {}),
    shrinkAlong: shrinks,
    care,
    behaviour,
  };
  const open = keysOf(guess).filter((name) => fabric[name] === undefined || fabric[name] === '');
  const fields: Partial<Fabric> = Object.fromEntries(open.map((name) => [name, guess[name]]));
  return open.length === 0 ? undefined : { family, fields };
}
