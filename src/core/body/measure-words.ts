import { format, parseISO } from 'date-fns';
import type { BodyValue } from './measures';

/**
 * What is known of a measure: what was measured and when, and what is expected by the day asked for where that is another.
 *
 * @param say a length in words
 * @example measureWords({ how: 'carried on', cm: 74.6, measured: 73.8, measuredOn: '2026-03-07' }, (cm) => `${cm} cm`) // '74.6 cm expected, 73.8 cm measured in March 2026'
 */
export function measureWords(
  { how, cm, measured, measuredOn }: Pick<BodyValue, 'how' | 'cm' | 'measured' | 'measuredOn'>,
  say: (cm: number) => string,
): string {
  const was = `${say(measured)} measured in ${format(parseISO(measuredOn), 'MMMM yyyy')}`;
  return how === 'carried on' ? `${say(cm)} expected, ${was}` : was;
}
