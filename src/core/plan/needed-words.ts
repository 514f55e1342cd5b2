import type { LengthNeeded } from '../fabric/needed';
import { formatLength, type LengthUnit } from '../units/length';
import type { FabricEstimate } from './fabric-estimate';
import type { FabricForPlan } from './fabric-for-plan';

/**
 * A length needed in words; one number where both are alike.
 *
 * @example neededWords({ middle: 185, enough: 200 }, 'cm') // '185 cm, 200 cm to be safe'
 */
export function neededWords({ middle, enough }: LengthNeeded, unit: LengthUnit): string {
  const [likely, safe] = [Math.round(middle), Math.ceil(enough - 1e-6)].map((cm) => formatLength(cm, unit, { about: true }));
  return likely === safe ? `${likely}` : `${likely}, ${safe} to be safe`;
}

/**
 * The width at which a length is reckoned, in words; where nobody noted it, that is said.
 *
 * @example atWidth({ at: 150, isWidthNoted: true }, 'cm') // 'at 150 cm'
 * @example atWidth({ at: 140, isWidthNoted: false }, 'cm') // 'at the usual 140 cm (its own width is not noted)'
 */
export function atWidth({ at, isWidthNoted }: Pick<FabricForPlan, 'at' | 'isWidthNoted'>, unit: LengthUnit): string {
  const width = formatLength(at, unit, { about: true });
  return isWidthNoted ? `at ${width}` : `at the usual ${width} (its own width is not noted)`;
}

const PIECES_WORDS: Record<NonNullable<FabricEstimate['pieces']>, string> = {
  outlines: 'by a lay of its own pieces',
  rectangles: 'by a lay of its measured pieces',
  'an estimate': 'by a lay of pieces drafted from its kind and size',
};

/** Of pieces that are drafted for nobody in particular. */
const USUAL_BODY = 'by a lay of pieces drafted from its kind for a usual grown body: no size chart and no measure says for whom';

/** Where an estimate comes from, in words: what was noted first. */
export function groundWords({ version, from, pieces, ofUsualBody, rough, without }: FabricEstimate, unit: LengthUnit): string {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  return [
    version &&
      `version ${version.number} took ${length(version.length)}${version.quantity === undefined ? '' : ` for ${version.quantity}`} ${version.width === undefined ? 'of a fabric whose width nobody noted' : `at ${length(version.width)}`}`,
    from === 'the table of the view' && 'by the table of the view',
    from === 'another width' && !version && 'reckoned from another width',
    pieces && (ofUsualBody ? USUAL_BODY : PIECES_WORDS[pieces]),
    rough && 'rough',
    without && 'without the parts that are joined to it: nothing says what they take',
  ]
    .filter(Boolean)
    .join(', ');
}
