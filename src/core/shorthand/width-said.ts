import { decimalOf } from './amounts';
import { asTapeReads, CM_PER_INCH, type LengthUnit } from '../units/length';

const FIGURE = '\\d{2,3}(?:[.,]\\d+)?';
const IN = 'cms?|"|inch(?:es)?|ins?';

/** "150 cm wide", before or behind what is so wide, as an expression. */
const SO_WIDE = `(?<wide>${FIGURE})[ -]?(?<wideIn>${IN})?[ -]?wide(?![a-z])`;
/** The same before its name, and '2 yards of 58" denim'. */
export const SO_WIDE_HERE = `(?<wide>${FIGURE})[ -]?(?<wideIn>${IN})?(?:[ -]wide(?![a-z])|(?<=\\b(?:m|met(?:re|er)s?|yds?|yards?) of ${FIGURE}[ -]?(?:${IN})))`;
/** The same, and "width 150". */
export const WIDTH = `(?:${SO_WIDE}|width:? (?:of )?(?<width>${FIGURE})(?: ?(?<widthIn>${IN})(?![a-z]))?)`;

/** What `WIDTH` or `SO_WIDE` found, by its names. */
export interface WidthGroups {
  readonly wide?: string | undefined;
  readonly wideIn?: string | undefined;
  readonly width?: string | undefined;
  readonly widthIn?: string | undefined;
}

/** Fabric comes so wide, cm. Source: usual widths, ribbon and sail cloth left aside. */
const WIDTHS = [30, 400] as const;
/** @param cm across */
export const comesSoWide = (cm: number): boolean => cm >= WIDTHS[0] && cm <= WIDTHS[1];

/**
 * The unit of a width that is told without one: what comes by the yard is measured in inches across, in any ledger.
 *
 * @param beside what else is said of the fabric, with its length
 * @example unitOfWidth('2 yards of black denim', 'cm') // 'in'
 */
export const unitOfWidth = (beside: string, usual: LengthUnit): LengthUnit => (/\d ?(?:yd|yard)|\byards?\b/.test(beside) ? 'in' : usual);

/**
 * How wide a fabric lies, cm.
 *
 * @param groups what `WIDTH` found
 * @param usual the unit of a bare figure
 * @returns undefined where nothing was said, or no fabric comes so wide
 * @example widthSaid({ wide: '54', wideIn: 'in' }, 'cm') // 137.2
 */
export function widthSaid({ wide, wideIn, width, widthIn }: WidthGroups, usual: LengthUnit): number | undefined {
  const figure = wide ?? width;
  if (figure === undefined) return undefined;
  const unit = wideIn ?? widthIn ?? usual;
  const cm = asTapeReads(decimalOf(figure) * (unit.startsWith('c') ? 1 : CM_PER_INCH));
  return comesSoWide(cm) ? cm : undefined;
}
