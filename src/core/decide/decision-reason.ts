import { zoneOf, type ZoneId } from '../body/zones';
import { listed } from '../units/listed';
import { percent } from '../units/percent';
import type { VerdictPart } from '../records';
import type { FabricProperty } from '../versions/differences';
import type { Reason } from './verdict-weight';

/** One thing that a decision rests on: what it is, and its numbers. Worded by {@link decisionReasonWords} alone. */
export type DecisionReason =
  | { readonly code: 'nothing said' }
  | { readonly code: 'said no'; readonly words?: string | undefined }
  | { readonly code: 'said later'; readonly month: string }
  | { readonly code: 'said other fabric' }
  | { readonly code: 'pattern retired'; readonly why: string }
  /** `love` of five. */
  | { readonly code: 'loved'; readonly version: number; readonly love: number }
  | { readonly code: 'least loved part'; readonly part: VerdictPart; readonly love: number }
  | { readonly code: 'not reached for'; readonly reasons: readonly Reason[] }
  /** `share` of what was last said of its makes, 0 to 1, by weight. */
  | { readonly code: 'share of reasons'; readonly of: 'drafting' | 'fabric' | 'occasion'; readonly share: number }
  /** Fabrics that were complained of, where the best version is of another. */
  | { readonly code: 'not in again'; readonly fabrics: readonly string[] }
  /** A version that was off by its fabric only: `stretch` of `asked`, %. */
  | { readonly code: 'tight by its fabric'; readonly version: number; readonly fabric: string; readonly stretch: number; readonly asked: number }
  /** `chance` that the zone is right, 0 to 1. */
  | { readonly code: 'weakest place'; readonly zone: ZoneId; readonly chance: number }
  | { readonly code: 'to change'; readonly zones: readonly ZoneId[] }
  | { readonly code: 'enough hang ready'; readonly ready: number; readonly wanted: number }
  | { readonly code: 'expensive fabric'; readonly fabric: string }
  /** `other`: what its fabric had that those that did poorly had not. */
  | { readonly code: 'did well'; readonly version: number; readonly fabric: string; readonly other: readonly FabricProperty[] };

const SHARED_REASON = {
  fabric: 'the fabric or its care',
  drafting: 'its style or how it is drafted',
  occasion: 'having few occasions for it',
} as const;

/**
 * A reason of a decision in words, to follow others after a semicolon or to stand in a list.
 *
 * @example
 * decisionReasonWords({ code: 'loved', version: 3, love: 5 }) // 'version 3 is loved 5 of 5'
 * @example
 * decisionReasonWords({ code: 'weakest place', zone: 'sleeve', chance: 0.7 })
 * // 'its weakest place, the sleeve, is right with a chance of 70\u202f%'
 */
export function decisionReasonWords(reason: DecisionReason): string {
  switch (reason.code) {
    case 'nothing said':
      return 'no fit note and no verdict';
    case 'said no':
      return `you said no${reason.words ? `: ${reason.words}` : ''}`;
    case 'said later':
      return `you said: in ${reason.month}`;
    case 'said other fabric':
      return 'you said so';
    case 'pattern retired':
      return reason.why;
    case 'loved':
      return `version ${reason.version} is loved ${reason.love} of 5`;
    case 'least loved part':
      return `least of all for its ${reason.part}: ${reason.love} of 5`;
    case 'not reached for':
      return `not reached for: ${reason.reasons.join(', ')}`;
    case 'share of reasons':
      return `${SHARED_REASON[reason.of]} keeps you from it in ${percent(reason.share)} of what you last said`;
    case 'not in again':
      return `not in ${reason.fabrics.join(' or ')} again`;
    case 'tight by its fabric':
      return `version ${reason.version} is off by its fabric only: ${reason.fabric} stretches ${reason.stretch}\u202f% of the ${reason.asked}\u202f% asked`;
    case 'weakest place':
      return `its weakest place, the ${zoneOf(reason.zone).label}, is right with a chance of ${percent(reason.chance)}`;
    case 'to change':
      return `something is to be changed: ${reason.zones.map((z) => zoneOf(z).label).join(', ')}`;
    case 'enough hang ready':
      return `${reason.ready} of its kind hang ready, and ${reason.wanted} are wanted`;
    case 'expensive fabric':
      return `${reason.fabric} is expensive or cannot be had again`;
    case 'did well':
      return `version ${reason.version} in ${reason.fabric} did well${reason.other.length > 0 ? `: other ${listed(reason.other)}` : ''}`;
  }
}
