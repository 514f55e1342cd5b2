import type { Plan } from '../records';

/**
 * What is planned of a pattern for a person and not cut yet: the first of several.
 *
 * @example openPlanOf(plans, 'pattern-tidewater', 'person-maren')?.state // 'open'
 */
export function openPlanOf(plans: readonly Plan[], patternId: string, personId: string): Plan | undefined {
  return plans.find((plan) => plan.patternId === patternId && plan.personId === personId && plan.state === 'open');
}
