import { blankMake } from '../records/blank';
import type { Make, Verdict } from '../records';
import type { Hanging } from '../wear/wardrobe';
import { stillSo, verdictDue, verdictDueWords } from './verdict-due';
import { judgedEarly, reasonShare, reasonShares, verdictChange, verdictWeight } from './verdict-weight';

const verdict = (wears: number, love: number, rest: Partial<Verdict> = {}): Verdict => ({
  id: `v${wears}`,
  date: '2026-01-01',
  wears,
  love,
  reasons: [],
  ...rest,
});

describe('what a verdict counts', () => {
  test('one, and one for each wear', () => expect([0, 3, 10].map((wears) => verdictWeight({ wears }))).toEqual([1, 4, 11]));

  test('reasons by weight: ten wears of knowledge outweigh a first day, and a verdict without a reason weighs too', () => {
    const makes = [
      { verdicts: [verdict(0, 3, { reasons: ['style'] }), verdict(10, 3, { reasons: ['fabric', 'care'] })] },
      { verdicts: [verdict(2, 2, { reasons: ['fabric', 'no longer fits'] })] },
      { verdicts: [verdict(5, 5)] },
    ];
    expect(reasonShares(makes)).toEqual([
      { reason: 'fabric', share: expect.closeTo(14 / 20, 12) as number },
      { reason: 'care', share: expect.closeTo(11 / 20, 12) as number },
    ]);
    // Said of one make, two reasons of a kind count once.
    expect(reasonShare(makes, ['fabric', 'care'])).toBeCloseTo(14 / 20, 12);
  });

  test('what was said once and is not said any more is gone, and of one to be sewn as it is there is nothing to complain', () => {
    expect(reasonShares([{ verdicts: [verdict(1, 3, { reasons: ['care'] }), verdict(20, 5)] }])).toEqual([]);
    expect(reasonShares([{ verdicts: [verdict(6, 4, { reasons: ['season'], sewAgain: 'as is' })] }])).toEqual([]);
    expect(reasonShare([], ['fit'])).toBe(0);
  });

  test('judged early: under three wears', () => {
    expect(judgedEarly({ verdicts: [] })).toBe(false);
    expect(judgedEarly({ verdicts: [verdict(0, 5)] })).toBe(true);
    expect(judgedEarly({ verdicts: [verdict(0, 5), verdict(3, 5)] })).toBe(false);
  });

  test('what changed, in words', () => {
    expect(verdictChange(verdict(0, 5), verdict(4, 3, { reasons: ['fit'] }))).toBe('love 5 → 3; now also fit');
    expect(verdictChange(verdict(3, 3, { reasons: ['fit'] }), verdict(9, 3))).toBe('no longer fit');
    expect(verdictChange(verdict(3, 4), verdict(9, 4))).toBe('still so');
  });
});

describe('when a garment is asked about again', () => {
  const hanging = (make: Partial<Make>, times: number, rest: Partial<Hanging> = {}): Hanging => ({
    make: { ...blankMake('m', 'p', 1, '2026-01-10'), ...make },
    kind: 'shirt',
    seasons: ['spring', 'summer', 'autumn', 'winter'],
    count: { times, spread: 0, last: undefined, folded: 0 },
    observed: { times, spread: 0, last: undefined, folded: 0 },
    months: 5,
    rate: undefined,
    expected: undefined,
    inRotation: true,
    isNoted: true,
    ready: true,
    inSeason: true,
    ...rest,
  });
  const due = (h: Hanging, today = '2026-03-20') => verdictDue(h, 'north', today);

  test.each([
    [[], 2, undefined],
    [[], 3, { why: 'wears', wears: 3 }],
    [[verdict(0, 4)], 4, { why: 'wears', wears: 4 }],
    [[verdict(0, 4), verdict(3, 4)], 9, undefined],
    [[verdict(0, 4), verdict(3, 4)], 10, { why: 'wears', wears: 10 }],
    [[verdict(12, 4)], 40, undefined],
  ])('verdicts %#: after three wears and after ten', (verdicts, times, expected) => expect(due(hanging({ verdicts }, times))).toEqual(expected));

  test('at the end of its season, for two months', () => {
    const winter = hanging({ finishedOn: '2025-11-20', verdicts: [] }, 1, { seasons: ['winter'] });
    expect(due(winter)).toEqual({ why: 'season', season: 'winter', ended: '2026-02-28' });
    expect(verdictDueWords(due(winter)!)).toBe('winter is over');
    expect(due(winter, '2026-02-20')).toBeUndefined();
    expect(due(winter, '2026-05-20')).toBeUndefined();
    // Said in February: that spoke for the winter.
    expect(due(hanging({ verdicts: [verdict(1, 3, { date: '2026-02-10' })] }, 1, { seasons: ['winter'] }))).toBeUndefined();
    // A garment of autumn and winter has one season's end.
    expect(due(hanging({ finishedOn: '2025-09-01' }, 0, { seasons: ['autumn', 'winter'] }))).toMatchObject({ season: 'winter' });
    expect(verdictDue(winter, 'south', '2026-03-20')).toBeUndefined();
  });

  test('one for all the year: after a year', () => {
    expect(due(hanging({ verdicts: [verdict(12, 4, { date: '2025-03-20' })] }, 30))).toEqual({ why: 'year' });
    expect(due(hanging({ verdicts: [verdict(12, 4, { date: '2025-04-20' })] }, 30))).toBeUndefined();
  });

  test('what is not in rotation is left in peace', () => expect(due(hanging({}, 10, { inRotation: false }))).toBeUndefined());

  test('still so: all as before but the words, the day and the wears', () => {
    const before = verdict(3, 4, { reasons: ['care'], sewAgain: 'as is', parts: { fit: 5 }, words: 'first frost' });
    expect(stillSo(before, 'new', '2026-03-20', 11)).toEqual({
      id: 'new',
      date: '2026-03-20',
      wears: 11,
      love: 4,
      reasons: ['care'],
      sewAgain: 'as is',
      parts: { fit: 5 },
    });
  });
});
