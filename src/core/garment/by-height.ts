import { grownWithHeight } from '../body/growth';
import type { ZoneId } from '../body/zones';
import type { Draft } from './draft';

/** A length as the height that a pattern is drafted for leaves it on a body of another height. */
export interface HeightTerm {
  /** cm; below nought it is too short for the body. */
  readonly cm: number;
  /** The height the pattern is drafted for, and the body's, cm. */
  readonly drafted: number;
  readonly height: number;
}

/**
 * How far a length of which the chart says nothing is off, because the pattern is drafted for another height. Its doubt is in the prior of θ,
 * which was taken from people of every height.
 *
 * @param height of the body, cm
 * @returns undefined where the pattern says no height, where its sizes go by height, or where height changes nothing
 * @example heightTerm(draftOf(draftedFor168, view, undefined), 'leg', 178) // { cm: -5.5, drafted: 168, height: 178 }
 */
export function heightTerm(draft: Draft, zone: ZoneId, height: number | undefined): HeightTerm | undefined {
  const drafted = draft.pattern.draftedHeight;
  if (drafted === undefined || height === undefined || draft.chart?.body.height || draft.at(zone).reading) return undefined;
  const { cm } = grownWithHeight(zone, height - drafted);
  return cm === 0 ? undefined : { cm: -cm, drafted, height };
}
