import type { Make } from '../records';
import { keysOf } from '../units/keys';

type State = Make['state'];

/** What a state means, wherever it is asked. */
interface StateFacts {
  /** It was never finished: it hung ready on no day. */
  readonly unmade?: true;
  /** Fabric was laid for all of it, so that what it took says what its view takes. */
  readonly cutOut: boolean;
  /** It is being sewn: it is tried on, and can still be changed. */
  readonly inHand?: true;
  /** It can be reached for. */
  readonly worn?: true;
  /** It is worn no more, or was never finished: it wants to be explained once. */
  readonly ended?: true;
  /** It left the wardrobe for good. */
  readonly left?: true;
}

/** Every state of a make with what follows from it. A question about states is asked here and nowhere else. */
export const STATES: Readonly<Record<State, StateFacts>> = {
  planned: { unmade: true, cutOut: false },
  cut: { unmade: true, inHand: true, cutOut: false },
  sewing: { unmade: true, inHand: true, cutOut: true },
  'loose ends': { worn: true, inHand: true, cutOut: true },
  finished: { worn: true, cutOut: true },
  resting: { ended: true, cutOut: true },
  outgrown: { ended: true, left: true, cutOut: true },
  given: { ended: true, left: true, cutOut: true },
  sold: { ended: true, left: true, cutOut: true },
  unpicked: { ended: true, left: true, cutOut: true },
  'worn out': { ended: true, left: true, cutOut: true },
  abandoned: { unmade: true, ended: true, cutOut: false },
};

/**
 * Whether a garment is there to be spoken of: it hangs, rests or is being sewn, and was neither given up nor given away.
 *
 * @example isThere({ state: 'sewing' }) // true
 */
export const isThere = ({ state }: Pick<Make, 'state'>): boolean => !STATES[state].left && (!STATES[state].unmade || STATES[state].inHand === true);

/** States in which a garment is worn no more, or was never finished, in the order in which they are offered. */
export const ENDED_STATES: readonly State[] = keysOf(STATES).filter((state) => STATES[state].ended);
