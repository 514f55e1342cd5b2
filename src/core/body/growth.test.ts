import { grownBody } from './growth';

const set = (date: string, measures: object) => ({ date, measures });

describe('a child’s body on a later day', () => {
  test('grows on as it grew between the first and the last set that have the measure', () => {
    const sets = [set('2026-06-01', { height: 118, hip: 63 }), set('2025-06-01', { height: 112, hip: 61 }), set('2025-12-01', { height: 115 })];
    const grown = grownBody(sets, '2027-06-01')!;
    expect(grown.height).toBeCloseTo(124, 9);
    expect(grown.hip).toBeCloseTo(65, 9);
  });

  test('never shrinks, and a day gone by is no growth', () => {
    expect(grownBody([set('2025-01-01', { waist: 55 }), set('2026-01-01', { waist: 54 })], '2027-01-01')).toEqual({ waist: 54 });
    expect(grownBody([set('2025-01-01', { waist: 54 }), set('2026-01-01', { waist: 55 })], '2025-06-01')).toEqual({ waist: 55 });
  });

  test.each([[[]], [[set('2026-01-01', { height: 116 })]], [[set('2026-01-01', { height: 116 }), set('2025-01-01', { hip: 60 })]]])(
    'one set of a measure is not enough: growth is asked for, not guessed',
    (sets) => expect(grownBody(sets, '2027-01-01')).toBeUndefined(),
  );
});
