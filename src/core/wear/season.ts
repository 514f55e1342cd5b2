import { mainFabric } from '../make/main-fabric';
import type { IsoDate } from '../units/date';
import { itemAt } from '../units/item-at';
import type { Fabric, Make } from '../records';
import { SEASONS } from '../records/seasons';

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
 * The season of a month, 0 for January.
 *
 * @example seasonOfMonth(0, 'south') // 'summer'
 */
export function seasonOfMonth(month: number, hemisphere: Hemisphere): Season {
  return itemAt(NORTH, (month + (hemisphere === 'south' ? 6 : 0)) % 12);
}

/**
 * The season of a day.
 *
 * @example seasonOf('2026-07-14', 'south') // 'winter'
 */
export function seasonOf(date: IsoDate, hemisphere: Hemisphere): Season {
  return seasonOfMonth(Number(date.slice(5, 7)) - 1, hemisphere);
}

/** The seasons a garment is worn in: those said of it, else those of its main fabric, else all the year. */
export function seasonsOf(make: Pick<Make, 'seasons' | 'fabrics'>, fabrics: readonly Fabric[]): readonly Season[] {
  if (make.seasons && make.seasons.length > 0) return make.seasons;
  const ofFabric = mainFabric(make, fabrics).fabric?.seasons;
  return ofFabric && ofFabric.length > 0 ? ofFabric : SEASONS;
}
