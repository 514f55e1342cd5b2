import { sampleAlteration, sampleMake } from '../garment/sample-case';
import { Make } from '../records/make';
import { Plan } from '../records/plan';
import { makeOfPlan, planOfMake } from './plan-to-make';

const version = sampleMake(3, {
  kind: 'toile',
  lacking: ['sleeve'],
  chartId: 'chart',
  bodyId: 'body',
  sizeLines: [{ zone: 'hip', line: { size: 'D' } }],
  alterations: [sampleAlteration('sleeve-length', 2)],
  looseEnds: [{ id: 'l', words: 'a snap', since: '2025-03-01' }],
});

describe('a plan', () => {
  const plan = planOfMake(version, 'plan', '2026-02-01');

  test('of cutting a version again takes its cut, and neither its fabric nor what a toile left out', () => {
    expect(Plan.parse(plan)).toEqual(plan);
    expect(plan).toMatchObject({
      size: version.size,
      sizeLines: version.sizeLines,
      alterations: version.alterations,
      chartId: 'chart',
      bodyId: 'body',
    });
    expect(plan).toMatchObject({ kind: 'garment', lacking: [], fabrics: [], state: 'open', added: '2026-02-01' });
  });

  test('becomes a make with all that was planned', () => {
    const fabrics = [{ id: 'c', fabricId: 'poplin', part: 'main' as const, length: 180 }];
    const make = makeOfPlan({ ...plan, kind: 'toile', lacking: ['sleeve'], fabrics }, 'make', 4, '2026-03-01');
    expect(Make.parse(make)).toEqual(make);
    expect(make).toMatchObject({ version: 4, cutOn: '2026-03-01', kind: 'toile', lacking: ['sleeve'], fabrics, size: version.size, bodyId: 'body' });
    expect(make.sources).toEqual(version.sources);
    expect(make.looseEnds).toEqual([]);
  });

  test('there and back is the same cut', () => {
    const { kind: _k, ...again } = planOfMake(makeOfPlan(plan, 'make', 4, '2026-03-01'), 'plan', '2026-02-01');
    expect(again).toEqual(expect.objectContaining({ alterations: plan.alterations, size: plan.size, sizeLines: plan.sizeLines }));
  });
});
