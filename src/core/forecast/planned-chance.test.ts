import { carryForward } from './carry-forward';
import { plannedZones } from './planned-chance';
import { SAMPLE_BODY, sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import { tapeFor } from './worth-measuring';

const PLAN = { date: '2025-06-01', unit: 'cm' as const };
const fabrics = [sampleFabric('c')];
const makes = [
  sampleMake(1, { fitNotes: [sampleNote('sleeve', -2)], fabrics: [{ id: 'u', fabricId: 'c', part: 'main' }] }),
  sampleMake(2, {
    fitNotes: [sampleNote('sleeve', 0)],
    alterations: [sampleAlteration('sleeve-length', 3)],
    fabrics: [{ id: 'u', fabricId: 'c', part: 'main' }],
  }),
];
const input = sampleCase(makes, { fabrics });
const sleeve = (amount: number) =>
  plannedZones(input, sampleMake(3, { alterations: [sampleAlteration('sleeve-length', amount)] }), PLAN).find((z) => z.zone === 'sleeve')!;

test('the plan that is carried forward has the chances that carry forward states', () => {
  const carried = carryForward(input, PLAN)!;
  const planned = plannedZones(input, carried.next, PLAN);
  for (const zone of carried.zones.filter((z) => z.chance !== undefined)) {
    const found = planned.find((p) => p.zone === zone.zone)!;
    expect([found.x, found.chance]).toEqual([zone.x, zone.chance]);
  }
});

test('a change of the plan shows in its chance, and no plan is better than the best cut', () => {
  expect(sleeve(0).chance).toBeLessThan(0.2);
  expect(sleeve(3).chance).toBeGreaterThan(0.7);
  for (const amount of [0, 1.5, 3, 4.5, 6]) expect(sleeve(amount).chance).toBeLessThanOrEqual(sleeve(amount).atBest + 1e-6);
});

test('an alteration without an amount is less sure than one with it', () => {
  const vague = plannedZones(input, sampleMake(3, { alterations: [sampleAlteration('sleeve-length', undefined, { direction: 1 })] }), PLAN);
  expect(vague.find((z) => z.zone === 'sleeve')!.chance).toBeLessThan(sleeve(3).chance);
});

test('a part that the toile leaves out is not spoken of', () => {
  expect(plannedZones(input, sampleMake(3, { lacking: ['sleeve'] }), PLAN).map((z) => z.zone)).not.toContain('sleeve');
});

describe('the tape', () => {
  const bust = sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', 0)] })]);
  const at = (date: string, rest: { expected?: { bust: number } } = {}) =>
    plannedZones(bust, sampleMake(2), { date, unit: 'cm', ...rest }).find((z) => z.zone === 'bust')!;

  test('the longer ago a body was measured, the less sure a cut is and the more the tape helps', () => {
    const [soon, late] = [at('2025-06-02'), at('2026-12-02')];
    expect(late.chance).toBeLessThan(soon.chance - 0.03);
    expect(late.tape!.gain).toBeGreaterThan(soon.tape!.gain);
    expect(tapeFor([late.tape!])).toEqual([late.tape]);
  });

  test('on the day on which it was taken it can tell nothing more', () => {
    const input = { ...bust, bodies: [{ ...SAMPLE_BODY, date: '2026-12-02' }] };
    expect(plannedZones(input, sampleMake(2), { date: '2026-12-02', unit: 'cm' }).find((z) => z.zone === 'bust')!.tape!.gain).toBe(0);
  });

  test('of a body that is expected it is not asked for', () => {
    expect(at('2026-12-02', { expected: { bust: 94 } }).tape).toBeUndefined();
  });
});
