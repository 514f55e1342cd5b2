import type { WornFinding } from './what-is-worn';

const times = (n: number) => (n >= 10 ? n.toFixed(0) : n.toFixed(1));

/** More or less love of five, the range told the same way round; what goes over nought says where to. */
function lovedWords(middle: number, low: number, high: number): string {
  const [way, other] = middle > 0 ? ['more', 'less'] : ['less', 'more'];
  const [near, far] = middle > 0 ? [low, high] : [-high, -low];
  return `loved ${times(Math.abs(middle))} ${way} of five (${near < 0 ? `${times(-near)} ${other}` : times(near)} to ${times(far)}${near < 0 ? ` ${way}` : ''})`;
}

/**
 * A finding in a sentence. No cause is claimed: with a feature garments are worn more often, not because of it.
 *
 * @example wornWords(finding) // 'With pockets worn about 1.6 times as often (1.1 to 2.3), from 9 with and 14 without'
 */
export function wornWords({ of, features, lacking, clear, middle, low, high, withIt, without }: WornFinding): string {
  const which = features.map((f) => (lacking.includes(f) ? `without ${f.words}` : f.words)).join(', or ');
  const together = features.length > 1 ? ', which came together here' : '';
  const size = of === 'worn' ? `worn about ${times(middle)} times as often (${times(low)} to ${times(high)})` : lovedWords(middle, low, high);
  return `${clear ? 'With' : 'It leans: with'} ${which}${together}, ${size}, from ${withIt.length} with and ${without.length} without`;
}
