import { classGroup, edgesOf } from '../body/fit-class';
import fc from 'fast-check';
import { zoneOf } from '../body/zones';
import type { Outcome } from '../records';
import type { Observation } from './likelihood';
import { Memory, type RememberedPattern } from './belief-tree';
import { bestCut, posteriorOf, priorFrom, type Posterior } from './posterior';

const note = (x: number, outcome: Outcome): Observation => ({
  x,
  outcome,
  edges: edgesOf('waist', 'semi'),
  observer: zoneOf('waist').sigma,
  garment: 0,
});
const A1: RememberedPattern = { id: 'A1', designer: 'A', group: 'semi', observations: [note(0, -2)] };
const A2: RememberedPattern = { id: 'A2', designer: 'A', group: 'semi', observations: [note(0, -1), note(3, 0)] };
const B1: RememberedPattern = { id: 'B1', designer: 'B', group: 'semi', observations: [note(2, -1)] };
const WAIST = zoneOf('waist').spread;
const SPREAD = { person: 4, fitClass: 0, designer: 1.5, pattern: 2 };

function near(belief: Posterior, [median, low, high]: readonly [number, number, number], within = 0.0051) {
  const best = bestCut(belief);
  for (const [found, wanted] of [
    [best.median, median],
    [best.low, low],
    [best.high, high],
  ] as const)
    expect(Math.abs(found - wanted)).toBeLessThan(within);
}

// engine.md, section 5: both worked trees, on the reference grid and on the grid that is used.
describe.each([
  ['the reference grid', 0.05, 0.0051],
  ['the grid that is used', undefined, 0.02],
])('worked, on %s', (_, step, within) => {
  test('all in one group, C = 0', () => {
    const memory = new Memory([A1, A2, B1], SPREAD, step);
    near(memory.person(), [4.06, 2.01, 6.11], within);
    near(memory.newPattern(B1, ['B1']), [3.48, -0.59, 7.54], within);
    near(memory.pattern('B1'), [5.01, 3.53, 6.51], within);
    near(memory.pattern('A1'), [5.54, 3.99, 7.23], within);
    near(memory.newPattern({ designer: 'A', group: 'semi' }), [4.28, 1.14, 7.42], within);
    near(memory.newPattern({ designer: 'somebody new', group: 'semi' }), [4.06, 0.26, 7.86], within);
  });

  test('C = 2, B1 in the loose group', () => {
    const memory = new Memory([A1, A2, { ...B1, group: 'loose' }], { ...SPREAD, fitClass: 2 }, step);
    near(memory.person(), [3.68, 1.16, 6.2], within);
    near(memory.newPattern({ ...B1, group: 'loose' }, ['B1']), [2.92, -2.21, 8.05], within);
    near(memory.pattern('B1'), [5.04, 3.53, 6.58], within);
    near(memory.pattern('A1'), [5.55, 3.98, 7.25], within);
    near(memory.newPattern({ designer: 'A', group: 'semi' }), [4.29, 1.09, 7.5], within);
    near(memory.newPattern({ designer: 'somebody new', group: 'loose' }), [4.22, 0.05, 8.38], within);
  });
});

test('with nobody to remember the prior is the spread of the whole tree', () => {
  const { person, fitClass, designer, pattern } = zoneOf('waist').spread;
  const whole = bestCut(posteriorOf([], Math.hypot(person, fitClass, designer, pattern)));
  near(new Memory([], WAIST).newPattern({ designer: 'A', group: 'semi' }), [whole.median, whole.low, whole.high], 0.02);
});

test('one pattern alone: its posterior is that of the engine for one pattern', () => {
  const alone = bestCut(posteriorOf(A2.observations, Math.hypot(4, 2, 1.5, 2)));
  near(new Memory([A2], WAIST).pattern('A2'), [alone.median, alone.low, alone.high], 0.02);
});

test('a prior handed on to the notes gives the posterior of the tree', () => {
  const memory = new Memory([A1, A2, B1], WAIST);
  const [prior, posterior] = [memory.newPattern(B1, ['B1']), memory.pattern('B1')];
  const { median, low, high } = bestCut(posteriorOf(B1.observations, priorFrom(prior, 2)));
  near(posterior, [median, low, high], 0.02);
});

// What is read off the memory's grid must be what every note says when it is asked itself: also where it turns at an angle, as amounts do
// and notes that contradict each other.
test('read off the grid, a posterior is as near as asked note by note', () => {
  const someNote = fc.record({
    x: fc.double({ min: -12, max: 12, noNaN: true }),
    outcome: fc.constantFrom(-3 as const, -2 as const, -1 as const, 0 as const, 1 as const, 2 as const),
    garment: fc.constantFrom(0, 0.4, 2),
    amount: fc.option(fc.constantFrom(0.5, 2, 4), { nil: undefined }),
  });
  const someNotes = fc
    .array(someNote, { minLength: 1, maxLength: 12 })
    .map((list) => list.map(({ amount, ...n }): Observation => ({ ...note(n.x, n.outcome), ...n, ...(amount === undefined ? {} : { amount }) })));
  fc.assert(
    fc.property(someNotes, (observations) => {
      const memory = new Memory([A1, A2, { ...B1, observations }], WAIST);
      const [prior, posterior] = [memory.newPattern(B1, ['B1']), memory.pattern('B1')];
      const asked = bestCut(posteriorOf(observations, priorFrom(prior, 2)));
      near(posterior, [asked.median, asked.low, asked.high], 0.02);
    }),
    { numRuns: 300 },
  );
});

test('a designer who runs small moves her own patterns more than others’', () => {
  const small = ['A1', 'A2', 'A3'].map((id): RememberedPattern => ({ id, designer: 'A', group: 'semi', observations: [note(0, -2), note(6, 0)] }));
  const fair = ['B1', 'B2', 'B3'].map((id): RememberedPattern => ({ id, designer: 'B', group: 'semi', observations: [note(0, 0), note(0, 0)] }));
  const memory = new Memory([...small, ...fair], WAIST);
  const of = (designer: string) => bestCut(memory.designer({ designer, group: 'semi' })).median;
  expect(of('A')).toBeGreaterThan(0.5);
  expect(of('B')).toBeLessThan(-0.5);
  const first = (designer: string) => bestCut(memory.newPattern({ designer, group: 'semi' })).median;
  expect(first('A')).toBeGreaterThan(first('C'));
  expect(first('C')).toBeGreaterThan(first('B'));
});

describe('laws', () => {
  const someNote = fc.record({
    x: fc.integer({ min: -6, max: 6 }),
    outcome: fc.constantFrom(-2 as const, -1 as const, 0 as const, 1 as const, 2 as const),
  });
  const somePatterns = fc
    .array(
      fc.record({
        designer: fc.constantFrom('A', 'B', 'C'),
        group: fc.constantFrom('close' as const, 'semi' as const, 'loose' as const),
        notes: fc.array(someNote, { minLength: 1, maxLength: 3 }),
      }),
      { minLength: 1, maxLength: 5 },
    )
    .map((list) =>
      list.map(({ notes, ...p }, i): RememberedPattern => ({ id: `p${i}`, ...p, observations: notes.map((n) => note(n.x, n.outcome)) })),
    );

  test('the order of the patterns does not matter', () => {
    fc.assert(
      fc.property(somePatterns, (patterns) => {
        const best = bestCut(new Memory(patterns, WAIST).person());
        near(new Memory([...patterns].reverse(), WAIST).person(), [best.median, best.low, best.high], 1e-6);
      }),
      { numRuns: 30 },
    );
  });

  test('leaving a pattern out is as if it had never been made', () => {
    fc.assert(
      fc.property(somePatterns, (patterns) => {
        const [gone, ...rest] = patterns;
        const branch = { designer: 'A', group: 'semi' as const };
        const never = bestCut(new Memory(rest, WAIST).newPattern(branch));
        const memory = new Memory(patterns, WAIST);
        const whole = bestCut(memory.newPattern(branch));
        near(memory.newPattern(branch, [gone!.id]), [never.median, never.low, never.high], 0.02);
        // What was asked in between is forgotten again.
        expect(bestCut(memory.newPattern(branch))).toEqual(whole);
        expect(bestCut(memory.person())).toEqual(bestCut(new Memory(patterns, WAIST).person()));
      }),
      { numRuns: 30 },
    );
  });

  test('everything mirrored mirrors the answer', () => {
    fc.assert(
      fc.property(somePatterns, (patterns) => {
        const mirrored = patterns.map((p) => ({
          ...p,
          observations: p.observations.map((o) => ({ ...o, x: -o.x, outcome: (-o.outcome || 0) as Outcome })),
        }));
        const one = bestCut(new Memory(patterns, WAIST).person());
        near(new Memory(mirrored, WAIST).person(), [-one.median, -one.high, -one.low], 0.02);
      }),
      { numRuns: 30 },
    );
  });
});

test('classes are grouped', () => {
  expect((['close', 'fitted', 'semi', 'loose', 'oversized'] as const).map(classGroup)).toEqual(['close', 'close', 'semi', 'loose', 'loose']);
  expect(() => new Memory([], WAIST).pattern('gone')).toThrow(/no notes at this zone/);
});
