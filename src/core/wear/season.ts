import type { IsoDate } from '../measure/body';
import { SEASONS } from '../records/cloth';

export type Season = (typeof SEASONS)[number];
export type Hemisphere = 'north' | 'south';

/** Seasons by whole months, as the weather is counted: spring is March to May in the north, September to November in the south. */
const NORTH: readonly Season[] = [
  'winter',
  'winter',
  'spring',
  'spring',
  'spring',
  'summer',
  'summer',
  'summer',
  'autumn',
  'autumn',
  'autumn',
  'winter',
];

/**
 * The season of a day.
 *
 * @example seasonOf('2026-07-14', 'south') // 'winter'
 */
export function seasonOf(date: IsoDate, hemisphere: Hemisphere): Season {
  const month = Number(date.slice(5, 7)) - 1;
  return NORTH[(month + (hemisphere === 'south' ? 6 : 0)) % 12]!;
}
