import type { Fabric } from '../records';

/** So opaque or less a fabric shows what is beneath it, of five. */
const SHEER = 2;

/** Whether a fabric shows what is beneath it; undefined where nobody said. */
export const isSheer = ({ opacity }: Pick<Fabric, 'opacity'>): boolean | undefined => (opacity === undefined ? undefined : opacity <= SHEER);
