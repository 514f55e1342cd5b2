import { sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make, Wear } from '../records';
import { wardrobe } from './wardrobe';

const TODAY = '2026-07-01';
const fabrics = [sampleFabric('poplin'), sampleFabric('linen', { seasons: ['summer'] }), sampleFabric('tweed', { seasons: ['winter'] })];
const of = (fabricId: string) => [{ id: 'use', fabricId, part: 'main' as const }];
const hang = (makes: readonly Make[], wears: readonly Wear[] = [], hemisphere: 'north' | 'south' = 'north') =>
  wardrobe(makes, wears, [SAMPLE_PATTERN], fabrics, hemisphere, TODAY);
const garment = (version: number, rest: Partial<Make> = {}) => sampleMake(version, { finishedOn: '2025-07-01', ...rest });
const worn = (makeId: string, dates: readonly string[]): Wear[] =>
  dates.map((date, i) => ({ id: `${makeId}-${i}`, date, makeIds: [makeId], count: 1 }));

describe('a wardrobe', () => {
  test('toiles and things that are not worn do not hang in it', () => {
    const found = hang([garment(1), garment(2, { kind: 'toile' }), garment(3, { kind: 'without fit' }), garment(4, { kind: 'wearable toile' })]);
    expect(found.map((h) => h.make.version)).toEqual([1, 4]);
  });

  test('of wears of which nobody said when none counts for how often it is worn, until its day is known', () => {
    const { finishedOn: _, ...made } = garment(1, { cutOn: '2026-03-01' });
    const told: Wear = { id: 'told', date: '2026-03-01', makeIds: [made.id], count: 60, undated: true };
    const noted = worn(made.id, ['2026-05-01', '2026-06-01']);
    const [undated] = hang([{ ...made, undated: true }], [told, ...noted]);
    expect([undated?.count.times, undated?.observed.times, Math.round(undated?.months ?? 0)]).toEqual([62, 2, 2]);
    const [known] = hang([garment(1)], [told, ...noted]);
    expect([known?.observed.times, Math.round(known?.months ?? 0)]).toEqual([62, 10]);
    expect(undated?.rate?.mean).toBeLessThan(known?.rate?.mean ?? 0);
  });

  test('in season by its fabric and the hemisphere', () => {
    const makes = [garment(1, { fabrics: of('linen') }), garment(2, { fabrics: of('tweed') })];
    expect(hang(makes).map((h) => h.inSeason)).toEqual([true, false]);
    expect(hang(makes, [], 'south').map((h) => h.inSeason)).toEqual([false, true]);
  });

  test('ready: in rotation and not away this day', () => {
    const away = (from: string, until?: string) => [{ id: 'a', why: 'in the mending' as const, from, ...(until ? { until } : {}) }];
    const found = hang([
      garment(1),
      garment(2, { away: away('2026-06-20') }),
      garment(3, { away: away('2026-06-20', '2026-07-01') }),
      garment(4, { state: 'resting', stateSince: '2026-01-01' }),
    ]);
    expect(found.map((h) => [h.inRotation, h.ready])).toEqual([
      [true, true],
      [true, false],
      // Back on the day itself.
      [true, true],
      [false, false],
    ]);
  });

  test('expected wears: the rate over the months of its seasons in a year; none for what is put aside', () => {
    const makes = [garment(1), garment(2, { fabrics: of('linen') }), garment(3, { state: 'given', stateSince: '2026-01-01' })];
    const [all, summer, given] = hang(makes, worn('make-1', ['2025-09-01', '2026-01-05', '2026-05-05']));
    expect(all!.expected).toBeCloseTo(all!.rate!.mean * 12, 12);
    expect(summer!.expected).toBeCloseTo(summer!.rate!.mean * 3, 12);
    expect(given!.expected).toBeUndefined();
    expect(given!.rate).toBeDefined();
  });

  test('what was finished today has no rate yet', () => {
    const [fresh] = hang([garment(1, { finishedOn: TODAY })]);
    expect(fresh).toMatchObject({ months: 0, rate: undefined, expected: undefined, inRotation: true });
  });

  test('where nobody noted a wear nothing is expected; that it was never worn is a note', () => {
    expect(hang([garment(1), garment(2)]).map((h) => [h.isNoted, h.rate, h.expected])).toEqual([
      [false, undefined, undefined],
      [false, undefined, undefined],
    ]);
    const never: Wear = { id: 'never', date: '2026-05-05', makeIds: ['make-1'], count: 0, often: 'never' };
    expect(hang([garment(1), garment(2)], [never]).map((h) => [h.isNoted, h.rate === undefined])).toEqual([
      [true, false],
      [false, true],
    ]);
    // Since the first day that was noted of any, no note of another says something too.
    const noted = hang([garment(1), garment(2)], worn('make-1', ['2026-05-05']));
    expect(noted.map((h) => [h.isNoted, h.rate === undefined])).toEqual([
      [true, false],
      [false, false],
    ]);
    expect(noted[1]!.months).toBeLessThan(2);
  });

  test('wears of other people’s garments and of removed ones change nothing', () => {
    const mine = worn('make-1', ['2026-01-01']);
    expect(hang([garment(1)], [...mine, ...worn('another', ['2026-01-02'])])).toEqual(hang([garment(1)], mine));
  });
});
