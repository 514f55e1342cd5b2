import fc from 'fast-check';
import type { Degree, Observation } from './likelihood';
import { bestCut, chanceOfRight, posteriorOf, quantile } from './posterior';
import { believe, believedAt, chanceOfCut, doubtOfSteps, idealFrom, meanOver, stepOf } from './unknown-step';

const EDGES = [2, 4.5, 8] as const;
const note = (steps: number, outcome: Degree, usual: number): Observation => ({
  x: steps * usual,
  outcome,
  edges: EDGES,
  observer: 1,
  garment: 0,
  ...(steps ? { steps } : {}),
});
const SPREAD = 6;

test('with every step known it is the posterior itself', () => {
  const notes = [note(0, -1, 4)];
  const believed = believe(notes, SPREAD, 0);
  const alone = posteriorOf(notes, SPREAD);
  expect(chanceOfCut(believed, { x: 2, steps: 0 }, 2)).toBe(chanceOfRight(alone, 2, 2));
  expect(idealFrom(believed, { x: 0, steps: 0 }, 'sizes')).toBe(believed.posteriors[0]);
  expect(stepOf(believed)).toBe(0);
});

test('notes of one size say nothing of the step, and a further size is in more doubt than the same length', () => {
  const notes = [note(0, -2, 4)];
  const believed = believe(notes, SPREAD, 4);
  expect(stepOf(believed)).toBeCloseTo(stepOf(believedAt(posteriorOf([], SPREAD), 4)), 9);
  const bySize = chanceOfCut(believed, { x: 4, steps: 1 }, 2);
  const byLength = chanceOfCut(believed, { x: 4, steps: 0 }, 2);
  expect(Math.abs(bySize - byLength)).toBeGreaterThan(0.01);
  expect(byLength).toBe(chanceOfRight(posteriorOf(notes, SPREAD), 4, 2));
});

test('tight here and loose a size on: the step is as long as that takes', () => {
  const far = stepOf(believe([note(0, -2, 5.5), note(1, 2, 5.5)], SPREAD, 5.5));
  const near = stepOf(believe([note(0, -1, 5.5), note(1, 1, 5.5)], SPREAD, 5.5));
  expect(far).toBeGreaterThan(near + 0.5);
});

test('short steps are told as a doubt: nearly what integrating over them gives', () => {
  const notes = [note(0, -1, 0.5), note(2, 0, 0.5)];
  expect(doubtOfSteps(2, 0.5)).toBeCloseTo(0.3, 9);
  const told = believe(notes, SPREAD, 0.5);
  expect(told.posteriors).toHaveLength(1);
  // The same with a sharper eye is integrated; both are as sharp here.
  const integrated = believe(notes, SPREAD, 0.5 + 1e-9);
  expect(quantile(told.posteriors[0]!, 0.5)).toBeCloseTo(quantile(integrated.posteriors[0]!, 0.5), 6);
});

test('the ideal place moves with the notes, and turns round with them', () => {
  const outcomes = fc.constantFrom<Degree[]>(-3, -2, -1, 0, 1, 2, 3);
  fc.assert(
    fc.property(outcomes, outcomes, fc.constantFrom(-1, 1, 2), (first, second, steps) => {
      const from = { x: 0, steps: 0 };
      const ideal = bestCut(idealFrom(believe([note(0, first, 4), note(steps, second, 4)], SPREAD, 4), from, 'sizes'));
      const turned = bestCut(idealFrom(believe([note(0, -first as Degree, 4), note(-steps, -second as Degree, 4)], SPREAD, 4), from, 'sizes'));
      expect(ideal.low).toBeLessThan(ideal.median);
      expect(ideal.median).toBeLessThan(ideal.high);
      expect(ideal.median).toBeCloseTo(-turned.median, 1);
    }),
    { numRuns: 25 },
  );
});

test('a chance is one, and weighs every length of the step', () => {
  fc.assert(
    fc.property(fc.double({ min: -3, max: 3, noNaN: true }), fc.double({ min: 0, max: 3, noNaN: true }), (steps, doubt) => {
      const believed = believe([note(0, -1, 4), note(1, 1, 4)], SPREAD, 4);
      const chance = chanceOfCut(believed, { x: 4 * steps, steps }, 2, doubt);
      expect(chance).toBeGreaterThanOrEqual(0);
      expect(chance).toBeLessThanOrEqual(1);
      const within = meanOver(believed, (theta, longer) => (Math.abs(theta - 4 * steps - steps * longer) <= 2 ? 1 : 0));
      if (doubt < 1e-6) expect(chance).toBeCloseTo(within, 1);
    }),
    { numRuns: 40 },
  );
});
