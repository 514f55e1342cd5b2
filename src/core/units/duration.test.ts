import fc from 'fast-check';
import { durationForEditing, formatDuration, parseDuration } from './duration';

test.each([
  ['2h10', 130],
  ['2 h 10 min', 130],
  ['2h', 120],
  ['2', 120],
  ['1.5 h', 90],
  ['1,5', 90],
  ['1½ h', 90],
  ['½ h', 30],
  ['90 min', 90],
  ['90m', 90],
  ['2:10', 130],
  ['0:45', 45],
  ['two afternoons', 480],
  ['an evening', 180],
  ['half a day', 210],
  ['a weekend and two evenings', 1200],
  ['3 hours and 20 minutes', 200],
  ['12 hrs', 720],
])('%s is %d minutes', (text, minutes) => {
  expect(parseDuration(text)).toEqual({ ok: true, minutes });
});

test.each(['', 'ages', '2h75', '-3 h', '2h10 tomorrow', '1e9 h', '99999 h'])('“%s” is refused with a sentence', (text) => {
  const read = parseDuration(text);
  expect(read.ok).toBe(false);
  if (!read.ok) expect(read.problem).toMatch(/\.$/);
});

test('what a field shows is read back to the minute', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 5000 }), (minutes) => {
      expect(parseDuration(durationForEditing(minutes))).toEqual({ ok: true, minutes });
    }),
  );
});

test('is written with thin spaces', () => {
  expect(formatDuration(130)).toBe('2\u202fh 10\u202fmin');
  expect(formatDuration(45)).toBe('45\u202fmin');
  expect(formatDuration(120)).toBe('2\u202fh');
});
