import fc from 'fast-check';
import { sampleMake } from '../garment/sample-case';
import { usualMinutes } from '../make/minutes';
import { handsFor, logHands, PACE_SD, paceOf, paceWith, PATTERN_SD, quicker, rangeOf, sumOf } from './pace';
import { sampleTables, timedMake } from './sample-bench';
import { stepsThatWere } from './steps';

const usual = (version: number) => stepsThatWere(sampleMake(version), version, sampleTables()).reduce((sum, s) => sum + s.minutes, 0);

test('the second version takes 0.85 of the first, the fourth and all later ones 0.75', () => {
  expect([1, 2, 3, 4, 9].map(quicker)).toEqual([1, 0.85, 0.8, 0.75, 0.75]);
});

test('a sum of log-normals has their mean and variance', () => {
  const { mean, variance } = sumOf([60, 60, 60, 60], 0.4);
  const [m, s2] = [60 * Math.exp(0.08), 3600 * Math.exp(0.16) * (Math.exp(0.16) - 1)];
  expect(Math.exp(mean + variance / 2)).toBeCloseTo(4 * m, 6);
  expect((Math.exp(variance) - 1) * Math.exp(2 * mean + variance)).toBeCloseTo(4 * s2, 4);
  expect(sumOf([60]).mean).toBeCloseTo(Math.log(60), 12);
  expect(rangeOf(sumOf([]))).toEqual({ middle: 0, least: 0, most: 0 });
});

test('nobody timed anything: the table, and as wide as sewists differ', () => {
  const pace = paceOf(sampleTables());
  expect(pace.own).toEqual({ mean: 0, variance: PACE_SD ** 2 + PATTERN_SD ** 2 });
  expect(pace.told).toBe(0);
});

test('one make that took twice as long says that she is slow, less of her than of the pattern together', () => {
  const pace = paceOf(sampleTables([timedMake(1, 2 * usual(1))]));
  const own = paceWith(pace, 'pattern');
  expect(own.mean).toBeGreaterThan(pace.own.mean);
  expect(pace.own.mean).toBeGreaterThan(0.35);
  expect(own.mean).toBeLessThan(Math.LN2);
  expect(own.variance).toBeLessThan(pace.own.variance);
});

test('two sewn at once in twice the time tell of one what one tells', () => {
  const [one, two] = [timedMake(1, 300), timedMake(1, 600, { quantity: 2 })].map((make) => paceOf(sampleTables([make])));
  expect(two!.own).toEqual(one!.own);
  expect(usualMinutes([timedMake(1, 600, { quantity: 2 })])).toBe(300);
});

test('by hand: two patterns, each once, give the mean of a normal with two levels', () => {
  const patterns = sampleTables().patterns.flatMap((p) => [p, { ...p, id: 'other' }]);
  const makes = [timedMake(1, usual(1)), timedMake(2, 3 * usual(1), { sources: [{ patternId: 'other', viewId: 'view' }] })];
  const pace = paceOf({ ...sampleTables(makes), patterns });
  const noise = sumOf(stepsThatWere(sampleMake(1), 1, sampleTables()).map((s) => s.minutes));
  const variance = noise.variance + 0.15 ** 2 + PATTERN_SD ** 2;
  const told = [0, Math.log(3)].map((log) => log + Math.log(usual(1)) - noise.mean);
  const weight = 1 / PACE_SD ** 2 + 2 / variance;
  expect(pace.sewist.mean).toBeCloseTo(((told[0] ?? 0) + (told[1] ?? 0)) / variance / weight, 10);
  expect(pace.sewist.variance).toBeCloseTo(1 / weight, 10);
});

test('phases tell as the whole does; of what is half sewn only what lies before the needle; a toile tells nothing', () => {
  const cutOnly = sampleMake(1, {
    state: 'sewing',
    times: [
      { id: 'a', phase: 'cut', minutes: 200 },
      { id: 'b', phase: 'sew', minutes: 5 },
    ],
  });
  expect(paceOf(sampleTables([cutOnly])).own.mean).toBeGreaterThan(0.2);
  expect(paceOf(sampleTables([sampleMake(1, { state: 'sewing', times: [{ id: 'b', phase: 'all', minutes: 5 }] })])).told).toBe(0);
  expect(paceOf(sampleTables([timedMake(1, 900, { kind: 'toile' })])).told).toBe(0);
});

test('steps timed one by one are held against those steps alone', () => {
  const make = sampleMake(1, {
    state: 'sewing',
    bench: { steps: [{ id: 'collar', done: '2025-01-02', spent: 68 }] },
    times: [{ id: 'clock-sew', phase: 'sew', minutes: 68 }],
  });
  expect(Math.abs(paceOf(sampleTables([make])).own.mean)).toBeLessThan(0.01);
});

test('minutes she said herself are hers: pace does not move them', () => {
  const [step] = stepsThatWere(sampleMake(1), 1, sampleTables());
  if (!step) throw new Error('no step');
  const slow = { mean: 1, variance: 0.01 };
  expect(handsFor([{ ...step, minutes: 60, said: true }], slow, 4).middle).toBeCloseTo(60, 6);
  expect(handsFor([{ ...step, minutes: 60 }], slow, 1).middle).toBeCloseTo(60 * Math.E, 6);
});

test('properties: a slower make never makes her quicker, and every time noted narrows', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 60, max: 3000 }), { minLength: 1, maxLength: 6 }), fc.integer({ min: 1, max: 500 }), (times, more) => {
      const makes = times.map((minutes, i) => timedMake(i + 1, minutes, { id: `m${i}` }));
      const before = paceOf(sampleTables(makes));
      const slower = paceOf(sampleTables(makes.map((m, i) => (i === 0 ? timedMake(1, (times[0] ?? 0) + more, { id: 'm0' }) : m))));
      expect(slower.own.mean).toBeGreaterThanOrEqual(before.own.mean);
      const fewer = paceOf(sampleTables(makes.slice(1)));
      expect(before.own.variance).toBeLessThanOrEqual(fewer.own.variance + 1e-12);
      expect(logHands([], before.own, 1).mean).toBe(-Infinity);
    }),
    { numRuns: 60 },
  );
});
