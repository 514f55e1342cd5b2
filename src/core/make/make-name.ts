import type { Make, Pattern } from '../records';
import { withId } from '../units/by-id';

/**
 * What a make is called: by its pattern and its version, else by its own name.
 *
 * @param patterns among which its pattern is looked up
 */
export function makeName(make: Pick<Make, 'name' | 'version' | 'sources'>, patterns: readonly Pick<Pattern, 'id' | 'name'>[]): string {
  const source = make.sources[0];
  if (!source) return make.name ?? 'a make';
  return `${withId(patterns, source.patternId)?.name ?? 'a pattern that is gone'}, version ${make.version}`;
}
