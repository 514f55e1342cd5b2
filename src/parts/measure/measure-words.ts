import type { Doubted } from '../../core/measure/lengths';
import { formatLength, type LengthUnit } from '../../core/units/length';

/**
 * A measure with its doubt, as fine as that allows.
 *
 * @example doubtedWords({ value: 53.41, doubt: 0.36 }, 'cm') // '53.4 cm ± 0.4'
 */
export function doubtedWords({ value, doubt }: Doubted, unit: LengthUnit): string {
  const step = unit === 'cm' ? 0.1 : 2.54 / 8;
  // A doubt is never told smaller than it is.
  const up = Math.max(1, Math.ceil(doubt / step - 1e-9)) * step;
  return `${formatLength(value, unit, { about: true })} ± ${formatLength(up, unit, { about: true, bare: true })}`;
}
