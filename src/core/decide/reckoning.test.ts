import fc from 'fast-check';
import { sampleCase, sampleMake, sampleNote } from '../garment/sample-case';
import { DECISIONS } from '../records';
import { carryForward } from '../forecast/carry-forward';
import { Recollection } from '../forecast/recollection';
import { inOrder, ownDecision, reckon, rotationOf } from './reckoning';

const PLAN = { date: '2026-03-01', unit: 'cm' as const };
const verdict = { id: 'v', date: '2026-01-01', wears: 6, love: 5, reasons: [] };

test('a pattern never cut is not made yet; one that is right and loved is sewn again, with the time it takes', () => {
  expect(reckon(sampleCase([]), PLAN, undefined)).toMatchObject({ answer: 'not made yet', versions: 0 });
  const times = (minutes: number) => [{ id: 't', phase: 'all' as const, minutes }];
  const makes = [300, 500, 420].map((minutes, i) =>
    sampleMake(i + 1, {
      fitNotes: ['acrossBack', 'bust', 'bodice', 'sleeve'].map((z) => sampleNote(z as 'bust', 0)),
      verdicts: [verdict],
      times: times(minutes),
    }),
  );
  const input = sampleCase(makes);
  expect(reckon(input, PLAN, carryForward(input, PLAN))).toMatchObject({ answer: 'sew again', versions: 3, bestId: 'make-3', minutes: 420 });
});

describe('enough of a kind', () => {
  const shirts = [
    sampleCase([sampleMake(1, { verdicts: [verdict] }), sampleMake(2, { verdicts: [verdict], state: 'given' })]),
    sampleCase([sampleMake(1, { id: 'other', verdicts: [verdict] }), sampleMake(2, { id: 'toile', kind: 'toile' })]),
  ];
  const { kind } = shirts[0]!.pattern;
  const answers = (wanted: number | undefined, cases = shirts) => {
    const rotation = wanted === undefined ? undefined : { ready: 0, wornOut: 0, ...rotationOf(cases).get(kind), wanted };
    return cases.map((input) => reckon(input, PLAN, carryForward(input, PLAN, new Recollection(cases)), rotation).answer);
  };

  test('what hangs ready is counted over all patterns: not what was given away, nor a toile', () => {
    expect(rotationOf(shirts).get(kind)).toEqual({ ready: 2, wornOut: 0 });
    expect(rotationOf([sampleCase([sampleMake(1, { quantity: 3 })])]).get(kind)).toEqual({ ready: 3, wornOut: 0 });
  });

  test('as many as are wanted are enough; one more wanted, or nothing said, and it is not', () => {
    expect(answers(2)).toEqual(['enough for now', 'enough for now']);
    expect(answers(3)).not.toContain('enough for now');
    expect(answers(undefined)).not.toContain('enough for now');
  });

  test('one of them damaged, and they are not enough', () => {
    const damaged = sampleCase([sampleMake(1, { verdicts: [{ ...verdict, reasons: ['damage'] }] })]);
    expect(answers(2, [damaged, shirts[1]!])).not.toContain('enough for now');
  });
});

test('the latest own answer counts, and each person has her own', () => {
  const decided = [
    { id: 'a', personId: 'maren', date: '2026-01-01', answer: 'retire' as const, why: 'tired of it' },
    { id: 'b', personId: 'maren', date: '2026-02-01', answer: 'sew again' as const, why: 'missed it' },
    { id: 'c', personId: 'tilda', date: '2026-02-03', answer: 'later' as const, why: 'still fits' },
  ];
  expect(ownDecision({ decided }, 'maren')?.why).toBe('missed it');
  expect(ownDecision({ decided }, 'anselm')).toBeUndefined();
});

test('the order: by answer, then by wears to come, then by cost a wear; what is not known comes last', () => {
  const line = fc.record({
    answer: fc.constantFrom(...DECISIONS),
    expected: fc.record({ wears: fc.option(fc.nat(50), { nil: undefined }), costPerWear: fc.option(fc.nat(900), { nil: undefined }) }),
  });
  fc.assert(
    fc.property(fc.array(line), (lines) => {
      const sorted = inOrder(lines);
      expect(sorted).toHaveLength(lines.length);
      for (const [i, b] of sorted.slice(1).entries()) {
        const a = sorted[i]!;
        const [x, y] = [DECISIONS.indexOf(a.answer), DECISIONS.indexOf(b.answer)];
        expect(x).toBeLessThanOrEqual(y);
        if (x !== y) continue;
        const [v, w] = [a.expected.wears ?? -1, b.expected.wears ?? -1];
        expect(v).toBeGreaterThanOrEqual(w);
        if (v === w) expect(a.expected.costPerWear ?? Infinity).toBeLessThanOrEqual(b.expected.costPerWear ?? Infinity);
      }
    }),
  );
});
