import fc from 'fast-check';
import { keysOf } from '../units/keys';
import type { Make, SizeLine } from '../records';
import { lastCutAgain, nextCut, caseForPlan, type PlannedCut } from './next-cut';
import { offsetOf } from '../garment/offset';
import { SAMPLE_BODY, sampleAlteration, sampleCase, sampleMake } from '../garment/sample-case';
import type { ZoneId } from '../body/zones';

const PLAN: PlannedCut = { date: '2026-01-01', unit: 'cm' };

/** An earlier make cut again. */
const again = (last: Make, plan: PlannedCut = PLAN) => lastCutAgain(sampleCase([last]), last, plan);

/** The next cut with an offset wanted at some places, from one earlier make. */
function cut(targets: Partial<Record<ZoneId, number>>, last: Make = sampleMake(1), plan: PlannedCut = PLAN): Make {
  return nextCut(again(last, plan), plan, new Map(keysOf(targets).map((zone) => [zone, { x: targets[zone]! }]))).make;
}
const lineAt = (make: Make, zone: ZoneId): SizeLine | undefined => make.sizeLines.find((l) => l.zone === zone)?.line;
const reached = (make: Make, zone: ZoneId, last: Make = sampleMake(1)) => offsetOf(caseForPlan(sampleCase([last]), PLAN), make, zone).x;

describe('size lines first', () => {
  test('a whole size where it is as near as anything', () => {
    expect(lineAt(cut({ bust: 4 }), 'bust')).toEqual({ size: 'D' });
    expect(cut({ bust: 4 }).alterations).toEqual([]);
  });

  test('a point between two where it is nearer', () => {
    expect(lineAt(cut({ bust: 2 }), 'bust')).toEqual({ size: 'C', to: 'D', at: 0.5 });
    expect(lineAt(cut({ bust: -3 }), 'bust')).toEqual({ size: 'B', to: 'C', at: 0.25 });
  });

  test('at most two sizes away; the rest is an alteration', () => {
    const far = cut({ bust: 12 });
    expect(lineAt(far, 'bust')).toEqual({ size: 'E' });
    expect(far.alterations).toEqual([expect.objectContaining({ kind: 'side-seams', zones: ['bust'], amount: 4, way: 'total' })]);
    expect(reached(far, 'bust')).toBeCloseTo(12, 6);
  });

  test('back to the size cut, no line is left', () => {
    const last = sampleMake(1, { sizeLines: [{ zone: 'bust', line: { size: 'D' } }] });
    expect(cut({ bust: 0 }, last).sizeLines).toEqual([]);
  });

  test('the size cut all over stays: only places move', () => {
    expect(cut({ bust: 4, waist: -4 }).size).toEqual({ size: 'C' });
  });

  test('the size moves where most places want the same other one; what wants the old one keeps it, what nobody noted goes along', () => {
    const larger = cut({ bust: 4, waist: 4, hip: 0 });
    expect(larger.size).toEqual({ size: 'D' });
    expect(larger.sizeLines).toEqual([{ zone: 'hip', line: { size: 'C' } }]);
    expect(reached(larger, 'hip')).toBeCloseTo(0, 6);
    expect(reached(larger, 'bust')).toBeCloseTo(4, 6);
    expect(cut({ bust: 4 }).size).toEqual({ size: 'C' });
  });

  test('a line of a place that nobody noted stays when the size moves', () => {
    const last = sampleMake(1, { sizeLines: [{ zone: 'hip', line: { size: 'E' } }] });
    expect(cut({ bust: 4, waist: 4 }, last)).toMatchObject({ size: { size: 'D' }, sizeLines: [{ zone: 'hip', line: { size: 'E' } }] });
  });

  test('naming the cut by the size of most places changes none that was noted', () => {
    const wish = fc.constantFrom(-8, -4, -2, 0, 2, 4, 8);
    fc.assert(
      fc.property(wish, wish, wish, (bust, waist, hip) => {
        const make = cut({ bust, waist, hip });
        for (const [zone, x] of [
          ['bust', bust],
          ['waist', waist],
          ['hip', hip],
        ] as const)
          expect(reached(make, zone)).toBeCloseTo(x, 6);
        expect(make.sizeLines.length).toBeLessThanOrEqual(3);
        expect(make.sizeLines.every(({ line }) => line.size !== make.size!.size || line.to !== make.size!.to)).toBe(true);
      }),
    );
  });
});

describe('then alterations', () => {
  test('a length without a chart, to half a centimetre', () => {
    expect(cut({ sleeve: 1.7 }).alterations).toEqual([
      expect.objectContaining({ kind: 'sleeve-length', amount: 1.5, purpose: 'fit', when: 'paper' }),
    ]);
  });

  test('in inches to a quarter, fine places to an eighth', () => {
    const inches: PlannedCut = { ...PLAN, unit: 'in' };
    expect(cut({ sleeve: 1.7 }, sampleMake(1), inches).alterations[0]!.amount).toBeCloseTo(0.75 * 2.54, 6);
    expect(cut({ bustPoint: 1 }, sampleMake(1), inches).alterations[0]!.amount).toBeCloseTo(0.375 * 2.54, 6);
  });

  test('per side where the catalogue measures so: the girth it makes is what was wanted', () => {
    const wide = cut({ neckWidth: 2 }, sampleMake(1, { measured: [] }));
    expect(reached(wide, 'neckWidth')).toBeCloseTo(2, 1);
  });

  test('what is there is changed and not doubled, and taken off where nothing is left of it', () => {
    const last = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 1.5)] });
    expect(cut({ sleeve: 3 }, last).alterations.map((a) => a.amount)).toEqual([3]);
    expect(cut({ sleeve: 0 }, last).alterations).toEqual([]);
  });

  test('two alterations of one kind become one: +1.5 on paper and −0.5 on the body are +1', () => {
    const last = sampleMake(1, {
      alterations: [sampleAlteration('sleeve-length', 1.5), { ...sampleAlteration('sleeve-length', -0.5), id: 'b', when: 'body' }],
    });
    expect(again(last).make.alterations).toEqual([expect.objectContaining({ amount: 1, when: 'paper' })]);
  });

  test('a wish is not carried by the fit', () => {
    const last = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', -4, { purpose: 'style' })] });
    expect(again(last).make.alterations).toEqual([]);
  });

  test('a longer bodice lowers the hem, which is put right where the length was noted', () => {
    const both = cut({ bodice: 2, bodyLength: 0 });
    expect(both.alterations.map((a) => [a.kind, a.amount])).toEqual([
      ['bodice-below-bust', 2],
      ['body-at-hem', -2],
    ]);
    expect(reached(both, 'bodyLength')).toBeCloseTo(0, 6);
  });
});

describe('what is not worth cutting', () => {
  test('less than half a step from the last cut is the same cut to scissors', () => {
    expect(cut({ sleeve: 0.2 }).alterations).toEqual([]);
    expect(cut({ bust: 0.2 }).sizeLines).toEqual([]);
  });

  test('a rest thinner than the pencil beside a moved line is left', () => {
    const near = cut({ bust: 4.6 });
    expect(near.alterations).toEqual([]);
    expect(Math.abs(reached(near, 'bust') - 4.6)).toBeLessThan(1);
  });
});

describe('the plan', () => {
  test('without a planned fabric the pattern’s own is meant, which gives as much as asked', () => {
    const next = cut({});
    expect(offsetOf(caseForPlan(sampleCase([sampleMake(1)]), PLAN), next, 'bust').fabric).toMatchObject({ cm: 0, sd: 0 });
  });

  test('the next make is planned for its day, counted on, and carries no notes', () => {
    expect(cut({})).toMatchObject({ version: 2, cutOn: '2026-01-01', kind: 'garment', fitNotes: [], lacking: [] });
  });

  test('the body of the planned day counts, whichever body the last one was cut for', () => {
    const grown = { ...SAMPLE_BODY, id: 'grown', date: PLAN.date, measures: { ...SAMPLE_BODY.measures, bust: 94 } };
    const last = sampleMake(1, { bodyId: SAMPLE_BODY.id });
    const input = sampleCase([last], { bodies: [SAMPLE_BODY, grown] });
    expect(offsetOf(input, last, 'bust').x).toBe(0);
    expect(lastCutAgain(input, last, PLAN).offset('bust').x).toBe(-4);
    const next = nextCut(lastCutAgain(input, last, PLAN), PLAN, new Map([['bust', { x: 0 }]]));
    expect(lineAt(next.make, 'bust')).toEqual({ size: 'D' });
    expect(next.make.bodyId).toBeUndefined();
  });

  test('a garment measured is not the paper: the next cut is reckoned from the chart again', () => {
    const last = sampleMake(1, {
      measured: [
        { zone: 'bust', cm: 104, of: 'garment' },
        { zone: 'hip', cm: 106, of: 'piece' },
      ],
    });
    expect(again(last).make.measured).toEqual([{ zone: 'hip', cm: 106, of: 'piece' }]);
  });
});
