import { freshDraft, type LogDraft, type NewId } from '../make/log-draft';
import type { Plan } from '../records';
import { makeOfPlan } from './plan-to-make';

/** A draft that begins from a plan: nothing is typed twice. */
export function draftFromPlan(plan: Plan, version: number, day: string, newId: NewId): LogDraft {
  return { ...freshDraft(makeOfPlan(plan, newId(), version, day), 'plan'), planId: plan.id };
}
