import { lastSeasons, neighbourSpan, spanAround } from './span';

test.each([
  ['month', '2024-02-10', 'north', 'February 2024', '2024-02-01', '2024-02-29'],
  ['season', '2026-01-15', 'north', 'Winter 2025/26', '2025-12-01', '2026-02-28'],
  ['season', '2025-12-31', 'south', 'Summer 2025/26', '2025-12-01', '2026-02-28'],
  ['season', '2026-07-14', 'south', 'Winter 2026', '2026-06-01', '2026-08-31'],
  ['year', '2026-07-14', 'north', '2026', '2026-01-01', '2026-12-31'],
] as const)('the %s of %s in the %s is %s', (kind, date, hemisphere, name, from, until) =>
  expect(spanAround(kind, date, hemisphere)).toEqual({ name, from, until }),
);

test('there and back again, for every kind', () => {
  for (const kind of ['month', 'season', 'year'] as const) {
    const span = spanAround(kind, '2026-03-31', 'north');
    expect(neighbourSpan(kind, neighbourSpan(kind, span, 1, 'north'), -1, 'north')).toEqual(span);
    expect(neighbourSpan(kind, span, -1, 'north').until < span.from).toBe(true);
  }
});

test('the last seasons, the present one first', () =>
  expect(lastSeasons('2026-11-25', 'north').map((s) => s.name)).toEqual(['Autumn 2026', 'Summer 2026', 'Spring 2026', 'Winter 2025/26']));
