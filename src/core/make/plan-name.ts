import type { Pattern, Plan } from '../records';
import { withId } from '../units/by-id';

/**
 * What a plan is called: by its pattern, else by its own name.
 *
 * @param patterns among which its pattern is looked up
 * @example planName({ name: 'the blue dress, cut down' }, []) // 'the blue dress, cut down'
 */
export function planName({ patternId, name }: Pick<Plan, 'patternId' | 'name'>, patterns: readonly Pick<Pattern, 'id' | 'name'>[]): string {
  return patternId === undefined ? (name ?? 'a plan') : (withId(patterns, patternId)?.name ?? 'a pattern that is gone');
}
