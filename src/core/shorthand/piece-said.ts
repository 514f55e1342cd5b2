import type { LengthUnit } from '../units/length';
import { decimalOf } from './amounts';
import { comesSoWide } from './width-said';

const NUMBER = '(\\d+(?:[.,]\\d+)?)';
const METRES = 'm(?:et(?:re|er)s?)?';
const SIZE_UNIT = `cm|${METRES}|yds?|yards?|in(?:ch(?:es)?)?|"`;
/** "80 x 140 cm", "3 m by 150". */
const LONG_BY_WIDE = new RegExp(`(?<![\\d.,])${NUMBER} ?(${SIZE_UNIT})? ?(?:x|×|by) ?${NUMBER} ?(${SIZE_UNIT})?(?![\\p{L}\\d])`, 'giu');
const METRES_WIDE = new RegExp(`(?<![\\d.,])${NUMBER} ?${METRES}[ -]wide(?![a-z])`, 'giu');
/** "2 m, 150 cm": no fabric has two lengths, and this is how wide it comes off the bolt. Source: usual widths, 90 to 180 cm. */
const SECOND = /(?<=\d ?m(?:et(?:re|er)s?)?(?![a-z\d])[^;\n]*?)(9\d|1[0-7]\d)( ?cm)(?=\s*(?:$|[,;.(]|\d))/giu;

const isMetres = (unit: string | undefined) => /^m/i.test(unit ?? '');
const wide = (figure: string, unit: string) => (isMetres(unit) ? `${Math.round(decimalOf(figure) * 100)} cm wide` : `${figure} ${unit} wide`);

/**
 * Says how large a piece of fabric is in the words in which a length and a width are read; whatever else is said stays.
 *
 * @param usual the unit of bare figures
 * @example lengthAndWidth('80 x 140 cm of linen', 'cm') // '80 cm 140 cm wide of linen'
 * @example lengthAndWidth('3 m of poplin, 1.5 m wide', 'cm') // '3 m of poplin, 150 cm wide'
 */
export const lengthAndWidth = (text: string, usual: LengthUnit): string =>
  text
    .replace(LONG_BY_WIDE, (all, long: string, longIn: string | undefined, across: string, acrossIn: string | undefined) => {
      const unit = acrossIn ?? (longIn === undefined || (isMetres(longIn) && comesSoWide(decimalOf(across))) ? usual : longIn);
      const cm = decimalOf(across) * (isMetres(unit) ? 100 : 1);
      // "2 x 1 m" may be two pieces.
      if ((longIn === undefined && isMetres(unit)) || !comesSoWide(cm)) return all;
      return `${long} ${longIn ?? unit} ${wide(across, unit)}`;
    })
    .replace(METRES_WIDE, (all, figure: string) => (decimalOf(figure) < 5 ? wide(figure, 'm') : all))
    .replace(SECOND, '$1$2 wide');
