import fc from 'fast-check';
import { wearPosterior, wearPrior, wearRates, type WornGarment } from './wear-rates';

const garment = (id: string, n: number, t: number, rest: Partial<WornGarment> = {}): WornGarment => ({ id, kind: 'shirt', n, t, spread: 0, ...rest });
const SHIRTS = [garment('a', 14, 6), garment('b', 2, 5), garment('c', 9, 9), garment('d', 30, 10), garment('e', 4, 1.5), garment('f', 0, 4)];

describe('how often garments are worn', () => {
  // m, v and k by hand from the formulas of engine.md, 8; intervals and chances by scipy.stats.gamma, version 1.10.
  test('the prior of six shirts', () => {
    const { shape, rate } = wearPrior(SHIRTS);
    expect(shape).toBeCloseTo(2.103616682601281, 10);
    expect(shape / rate).toBeCloseTo(1.6575342465753424, 10);
  });

  test.each([
    ['a', 2.2153448516, 1.54381604, 2.94570794, 0.8549778737, 0.9995663359, 'works hard'],
    ['b', 0.65457576, 0.28939386, 1.08765148, 0.009375022, 0.2610549562, undefined],
    ['c', 1.0812622926, 0.69179485, 1.51234928, 0.0554209914, 0.780416205, undefined],
    ['d', 2.84881206, 2.2264357, 3.5091654, 0.9974158723, 0.999999996, 'works hard'],
    ['e', 2.204168694, 1.16566874, 3.39672609, 0.7101980854, 0.9745028103, 'works hard'],
    ['f', 0.3992346046, 0.11123504, 0.76732358, 0.0020298649, 0.0799067833, 'rarely worn'],
  ] as const)('shirt %s', (id, mean, low, high, aboveMiddle, aboveHalf, word) => {
    const rate = wearRates(SHIRTS).get(id)!;
    expect(rate).toMatchObject({ among: 'kind', word });
    expect(rate.middle).toBeCloseTo(1.6427154933, 8);
    expect([rate.mean, rate.low, rate.high].map((x) => Number(x.toFixed(6)))).toEqual([mean, low, high].map((x) => Number(x.toFixed(6))));
    expect(rate.aboveMiddle).toBeCloseTo(aboveMiddle, 8);
    expect(rate.aboveHalf).toBeCloseTo(aboveHalf, 8);
  });

  test('fewer than five: a vague prior', () => {
    const rates = wearRates([garment('a', 6, 3), garment('b', 1, 4)]);
    expect(rates.get('a')!.mean).toBeCloseTo(1.7, 10);
    expect(rates.get('a')!.low).toBeCloseTo(0.96863237, 7);
    expect(rates.get('b')!.mean).toBeCloseTo(0.4619565217, 9);
    expect(rates.get('b')!.high).toBeCloseTo(0.85335906, 7);
    expect(rates.get('a')!.among).toBe('all');
  });

  test('a kind of which there are not five is held against all', () => {
    const rates = wearRates([...SHIRTS, garment('coat', 3, 2, { kind: 'coat' })]);
    expect(rates.get('coat')!.among).toBe('all');
    expect(rates.get('a')!.among).toBe('kind');
  });

  test('an estimate widens the range and leaves the mean', () => {
    const prior = { shape: 1.5, rate: 0.75 };
    const sure = wearPosterior(prior, { n: 20, t: 3, spread: 0 });
    const about = wearPosterior(prior, { n: 20, t: 3, spread: 4 });
    expect(about.shape / about.rate).toBeCloseTo(sure.shape / sure.rate, 12);
    // Variance: (1.5 + 20 + 4²) / 3.75².
    expect(about.shape / about.rate ** 2).toBeCloseTo(37.5 / 14.0625, 12);
  });

  test('nothing to be worn in yet is left out; little of it is too soon to say', () => {
    const rates = wearRates([...SHIRTS, garment('new', 0, 0), garment('young', 1, 0.5)]);
    expect(rates.has('new')).toBe(false);
    expect(rates.get('young')!.word).toBe('too soon to say');
    expect(wearRates([]).size).toBe(0);
  });

  test('one more wear never lowers a rate, nor makes it hang', () => {
    const some = fc.array(fc.record({ n: fc.nat(60), t: fc.double({ min: 0.1, max: 40, noNaN: true }) }), { minLength: 5, maxLength: 12 });
    fc.assert(
      fc.property(some, (set) => {
        const prior = wearPrior(set);
        const first = { ...set[0]!, spread: 0 };
        const before = wearPosterior(prior, first);
        const after = wearPosterior(prior, { ...first, n: first.n + 1 });
        expect(after.shape / after.rate).toBeGreaterThan(before.shape / before.rate);
        expect(prior.shape).toBeGreaterThanOrEqual(0.5);
        expect(prior.shape).toBeLessThanOrEqual(8);
      }),
    );
  });
});
