import { blankFabric, type Fabric } from '../records';
import { colourCalled } from '../units/colour';

const NOT_SAID = blankFabric('', '').swatch.ground;

/**
 * The colour of a fabric: its swatch's, else what its name calls it; undefined where nobody said.
 *
 * @returns as screens write it
 * @example colourOf(blankFabric('f', 'navy needlecord')) // '#000080'
 */
export const colourOf = ({ swatch, name }: Pick<Fabric, 'swatch' | 'name'>): string | undefined =>
  swatch.ground === NOT_SAID ? colourCalled(name) : swatch.ground;
