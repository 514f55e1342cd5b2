import type { Polygon } from './polygon';

/** An outline with a corner turned inward, as a facing has it: for tests. */
export const ARM: Polygon = [
  [0, 0],
  [30, 0],
  [30, 10],
  [10, 10],
  [10, 40],
  [0, 40],
];
