import { SAMPLE_PATTERN, sampleFabric, sampleMake } from '../garment/sample-case';
import { blankPlan } from '../records/blank';
import type { Make, Plan, SewingTime } from '../records';
import { paceOf, type Pace } from './pace';
import { underWay, type OnTheBench } from './under-way';

/** For tests: a blue fabric that is washed, and a red one that is not. */
export const SAMPLE_FABRICS = [
  sampleFabric('poplin', {
    swatch: { print: 'plain', ground: '#1d2a4d', figure: '#1d2a4d', repeat: 2 },
    washedOn: '2026-01-01',
    pieces: [{ length: 300, width: 140 }],
  }),
  sampleFabric('linen', { swatch: { print: 'plain', ground: '#c0392b', figure: '#c0392b', repeat: 2 }, pieces: [{ length: 300, width: 140 }] }),
];

export const samplePlan = (id: string, rest: Partial<Plan> = {}): Plan => ({
  ...blankPlan(id, 'person', 'pattern', 'view', '2026-10-01'),
  size: { size: 'C' },
  fabrics: [{ id: `${id}-use`, fabricId: 'poplin', part: 'main' }],
  ...rest,
});

/** Tuesdays an hour and a half, Saturdays three hours. */
export const SAMPLE_WEEK: SewingTime[] = [
  { id: 'tuesday', kind: 'usual', weekday: 2, from: '19:30', minutes: 90 },
  { id: 'saturday', kind: 'usual', weekday: 6, from: '10:00', minutes: 180 },
];

export const sampleTables = (makes: readonly Make[] = [], plans: readonly Plan[] = []) => ({
  patterns: [SAMPLE_PATTERN],
  makes,
  fabrics: SAMPLE_FABRICS,
  plans,
  lists: [],
});

/** A bench of plans and makes, with the pace that the makes tell. */
export function sampleBench(plans: readonly Plan[], makes: readonly Make[] = []): { readonly bench: OnTheBench[]; readonly pace: Pace } {
  const tables = sampleTables(makes, plans);
  const pace = paceOf(tables);
  return { bench: underWay(tables, pace), pace };
}

/** A finished version that took so many minutes in all. */
export const timedMake = (version: number, minutes: number, rest: Partial<Make> = {}): Make =>
  sampleMake(version, { state: 'finished', times: [{ id: 't', phase: 'all', minutes }], ...rest });
