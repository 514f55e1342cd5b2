import { sampleAlteration, sampleMake } from '../garment/sample-case';
import { draftFromPlan } from './draft-from-plan';
import { planOfMake } from './plan-to-make';

test('begins from a plan with nothing typed twice', () => {
  const plan = planOfMake(sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 2)] }), 'plan', '2026-01-01');
  expect(draftFromPlan(plan, 2, '2026-02-01', () => 'new')).toMatchObject({
    start: 'plan',
    planId: 'plan',
    make: { version: 2, size: { size: 'C' }, alterations: [{ amount: 2 }] },
  });
});
