import { priorSpread, ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import fc from 'fast-check';
import { edgesOf, type FitClass } from '../body/fit-class';
import type { Outcome } from '../records';
import { outcomeTails, type Observation } from './likelihood';
import { bestCut, chanceOfRight, divergence, expectation, massBelow, posteriorOf, quantile } from './posterior';
import { logLikelihoodAt } from '../garment/sample-case';

/** Notes after three wears. */
function notes(zone: ZoneId, fitClass: FitClass, seen: readonly (readonly [x: number, outcome: Outcome, amount?: number])[]): Observation[] {
  return seen.map(([x, outcome, amount]) => ({
    x,
    outcome,
    edges: edgesOf(zone, fitClass),
    observer: zoneOf(zone).sigma,
    garment: 0,
    ...(amount === undefined ? {} : { amount }),
  }));
}

describe('the worked examples', () => {
  test.each<[ZoneId, FitClass, [number, Outcome, number?][], { median: number; low: number; high: number; chance: number }]>([
    [
      'thigh',
      'fitted',
      [
        [0, -2],
        [4, 2],
      ],
      { median: 1.95, low: 1.17, high: 2.73, chance: 0.95 },
    ],
    [
      'bodice',
      'semi',
      [
        [0, -1],
        [2, 0],
      ],
      { median: 1.78, low: 1.06, high: 2.51, chance: 0.93 },
    ],
    ['sleeve', 'semi', [[0, -2, 3]], { median: 3.14, low: 2.37, high: 4.2, chance: 0.85 }],
  ])('%s, %s, %j', (zone, fitClass, seen, expected) => {
    const posterior = posteriorOf(notes(zone, fitClass, seen), priorSpread(zone));
    const best = bestCut(posterior);
    expect(Math.abs(best.median - expected.median)).toBeLessThan(0.0055);
    expect(Math.abs(best.low - expected.low)).toBeLessThan(0.0055);
    expect(Math.abs(best.high - expected.high)).toBeLessThan(0.0055);
    expect(chanceOfRight(posterior, best.median, edgesOf(zone, fitClass)[0])).toBeCloseTo(expected.chance, 2);
  });
});

describe('before any note', () => {
  test('the spreads of person, class, designer and pattern together', () => {
    expect(priorSpread('waist')).toBeCloseTo(Math.sqrt(16 + 4 + 2.25 + 4), 12);
    const best = bestCut(posteriorOf([], priorSpread('waist')));
    expect(best.median).toBeCloseTo(0, 3);
    // The 90 % point of a normal is 1.2816 standard deviations up.
    expect(best.high).toBeCloseTo(1.2815515655 * priorSpread('waist'), 2);
    expect(best.low).toBeCloseTo(-best.high, 6);
  });
});

/** The plain way: a fine even grid over everything, summed up. Slow and hard to get wrong. */
function plainQuantiles(observations: readonly Observation[], spread: number, step: number): number[] {
  const reach = Math.max(8 * spread, ...observations.map((o) => Math.abs(o.x) + o.edges[2] + 4));
  const ways = observations.map(logLikelihoodAt);
  const weights: number[] = [];
  let total = 0;
  for (let theta = -reach; theta <= reach; theta += step) {
    const w = Math.exp(ways.reduce((sum, way) => sum + way(theta), -0.5 * (theta / spread) ** 2));
    weights.push(w);
    total += w;
  }
  return [0.1, 0.5, 0.9].map((share) => {
    let sum = 0;
    for (let i = 0; i < weights.length; i++) {
      const before = sum;
      sum += weights[i]! / total;
      if (sum >= share) return -reach + (i - 0.5 + (share - before) / (sum - before)) * step;
    }
    return reach;
  });
}

const anyZone = fc.constantFrom(...ZONE_IDS);
const anyOutcome = fc.constantFrom<Outcome>(-3, -2, -1, 0, 1, 2, 3);
const anyNote = fc.record({
  x: fc.double({ min: -8, max: 8, noNaN: true }),
  outcome: anyOutcome,
  k: fc.constantFrom(0.7, 1, 1.15, 1.3),
  garment: fc.constantFrom(0, 0, 0, 1.5),
  amount: fc.constantFrom(undefined, undefined, 0.5, 2, 4),
});
const anyNotes = fc
  .tuple(anyZone, fc.array(anyNote, { minLength: 1, maxLength: 8 }))
  .map(([zone, list]) => ({
    zone,
    observations: list.map(({ x, outcome, k, garment, amount }): Observation => ({
      x,
      outcome,
      edges: edgesOf(zone, 'semi'),
      observer: k * zoneOf(zone).sigma,
      garment,
      ...(amount === undefined ? {} : { amount }),
    })),
  }));

describe('laws', () => {
  test('a posterior is a distribution', () => {
    fc.assert(
      fc.property(anyNotes, ({ zone, observations }) => {
        const posterior = posteriorOf(observations, priorSpread(zone));
        expect(posterior.mass.at(-1)).toBe(1);
        expect(expectation(posterior, () => 1)).toBeCloseTo(1, 2);
        expect(posterior.density.every((d) => d >= 0)).toBe(true);
        const { low, median, high } = bestCut(posterior);
        expect(low).toBeLessThan(median);
        expect(median).toBeLessThan(high);
        for (const share of [0.1, 0.5, 0.9]) expect(massBelow(posterior, quantile(posterior, share))).toBeCloseTo(share, 6);
      }),
    );
  });

  test('agrees with the plain fine grid within 0.02 cm, contradictions and all', () => {
    fc.assert(
      fc.property(anyNotes, ({ zone, observations }) => {
        const posterior = posteriorOf(observations, priorSpread(zone));
        const plain = plainQuantiles(observations, priorSpread(zone), 0.01);
        [0.1, 0.5, 0.9].forEach((share, i) => {
          // Where flat contradiction leaves two hills and a quantile falls into the empty valley between, any place in it is as true.
          const inValley = Math.abs(massBelow(posterior, plain[i]!) - share) < 1e-3;
          if (!inValley) expect(Math.abs(quantile(posterior, share) - plain[i]!)).toBeLessThan(0.02);
        });
      }),
      { numRuns: 30 },
    );
  });

  test('each note moves the best cut towards itself: too small asks for more, too large for less', () => {
    fc.assert(
      fc.property(anyNotes, fc.double({ min: -6, max: 6, noNaN: true }), fc.constantFrom<Outcome>(-3, 3), ({ zone, observations }, x, outcome) => {
        const before = bestCut(posteriorOf(observations, priorSpread(zone))).median;
        const note: Observation = { x, outcome, edges: edgesOf(zone, 'semi'), observer: zoneOf(zone).sigma, garment: 0 };
        const after = bestCut(posteriorOf([...observations, note], priorSpread(zone))).median;
        // Quantiles are promised to 0.02 cm.
        if (outcome < 0) expect(after).toBeGreaterThanOrEqual(before - 0.02);
        else expect(after).toBeLessThanOrEqual(before + 0.02);
      }),
    );
  });

  test('right at x draws the best cut towards x', () => {
    fc.assert(
      fc.property(anyZone, fc.double({ min: -5, max: 5, noNaN: true }), (zone, x) => {
        const { median } = bestCut(posteriorOf(notes(zone, 'semi', [[x, 0]]), priorSpread(zone)));
        expect(Math.abs(median - x)).toBeLessThanOrEqual(Math.abs(x) + 1e-3);
        expect(median * x).toBeGreaterThanOrEqual(-1e-3);
      }),
    );
  });

  test('more notes that agree never widen the range', () => {
    fc.assert(
      fc.property(anyZone, fc.double({ min: -3, max: 3, noNaN: true }), anyOutcome, fc.integer({ min: 1, max: 6 }), (zone, x, outcome, times) => {
        const width = (n: number) => {
          const { low, high } = bestCut(
            posteriorOf(
              notes(
                zone,
                'semi',
                Array.from({ length: n }, () => [x, outcome]),
              ),
              priorSpread(zone),
            ),
          );
          return high - low;
        };
        expect(width(times + 1)).toBeLessThanOrEqual(width(times) + 0.01);
      }),
    );
  });

  test('any note may widen the range only where it lies in the tail of the others', () => {
    fc.assert(
      fc.property(anyNotes, anyNote, ({ zone, observations: said }, { x, outcome, k }) => {
        // Of outcomes: an amount is far likelier or less likely than any of seven outcomes is.
        const observations = said.map(({ amount: _, ...outcomeOnly }): Observation => outcomeOnly);
        const spread = priorSpread(zone);
        // Notes that contradict each other already leave several hills, and any note may level them: that is said elsewhere.
        const agree = observations.every((o, i) => {
          const rest = posteriorOf(
            observations.filter((_, j) => j !== i),
            spread,
          );
          return (['atMost', 'atLeast'] as const).every((tail) => expectation(rest, (theta) => outcomeTails(o, theta)[tail]) >= 0.01);
        });
        fc.pre(agree);
        const note: Observation = { x, outcome, edges: edgesOf(zone, 'semi'), observer: k * zoneOf(zone).sigma, garment: 0 };
        const before = posteriorOf(observations, spread);
        const after = posteriorOf([...observations, note], spread);
        const width = (p: typeof before) => quantile(p, 0.9) - quantile(p, 0.1);
        const likely = expectation(before, (theta) => Math.exp(logLikelihoodAt(note)(theta)));
        if (width(after) > width(before) + 0.05) expect(likely).toBeLessThan(0.25);
      }),
    );
  });

  test('the garment mirrored gives the best cut mirrored', () => {
    fc.assert(
      fc.property(anyNotes, ({ zone, observations }) => {
        const mirrored = observations.map((o): Observation => ({ ...o, x: -o.x, outcome: -o.outcome as Outcome }));
        const one = bestCut(posteriorOf(observations, priorSpread(zone)));
        const other = posteriorOf(mirrored, priorSpread(zone));
        // By their mass, not by where they lie: in the empty valley between two equal hills any point is the middle.
        expect(massBelow(other, -one.median)).toBeCloseTo(0.5, 3);
        expect(massBelow(other, -one.high)).toBeCloseTo(0.1, 3);
        expect(massBelow(other, -one.low)).toBeCloseTo(0.9, 3);
      }),
    );
  });
});

describe('chance of right', () => {
  const posterior = posteriorOf(
    notes('bust', 'semi', [
      [2, 0],
      [2, 0],
    ]),
    priorSpread('bust'),
  );

  test('highest near the median, and falls away on both sides', () => {
    const { median } = bestCut(posterior);
    const at = (x: number) => chanceOfRight(posterior, x, 2);
    expect(at(median)).toBeGreaterThan(at(median + 2));
    expect(at(median)).toBeGreaterThan(at(median - 2));
    expect(at(median + 30)).toBeCloseTo(0, 9);
  });

  test('a fabric in doubt lowers it, and less doubt leads to the plain answer', () => {
    const { median } = bestCut(posterior);
    expect(chanceOfRight(posterior, median, 2, 3)).toBeLessThan(chanceOfRight(posterior, median, 2));
    expect(chanceOfRight(posterior, median, 2, 0.01)).toBeCloseTo(chanceOfRight(posterior, median, 2), 2);
  });
});

describe('how much a note counts', () => {
  test('nothing for the same posterior, more for a note that moves it more', () => {
    const spread = priorSpread('bust');
    const none = posteriorOf([], spread);
    const little = posteriorOf(notes('bust', 'oversized', [[0, 0]]), spread);
    const much = posteriorOf(notes('bust', 'close', [[6, 0]]), spread);
    expect(divergence(none, none)).toBeCloseTo(0, 9);
    expect(divergence(much, none)).toBeGreaterThan(divergence(little, none));
  });
});
