import fc from 'fast-check';
import type { Observation } from './likelihood';
import { posteriorOf } from './posterior';
import { sharesOf } from './shares';

const note = (outcome: -1 | 0 | 1): Observation => ({ x: 0, outcome, edges: [1, 2.5, 5], observer: 0.6, garment: 0 });
const tooShort = posteriorOf([{ ...note(-1), x: 0, outcome: -2 }], 3);

test('one change has all that helped', () => {
  const { none, all, parts, without } = sharesOf(tooShort, 0, note(0), 1, [{ cm: 3, sd: 0 }]);
  expect(parts[0]).toBeCloseTo(all - none, 12);
  expect(without[0]).toBeCloseTo(none, 12);
  expect(all - none).toBeGreaterThan(0.6);
});

test('alike changes have alike parts, and one that does nothing has none', () => {
  const { parts } = sharesOf(tooShort, 0, note(0), 1, [
    { cm: 1.5, sd: 0.2 },
    { cm: 1.5, sd: 0.2 },
    { cm: 0, sd: 0 },
  ]);
  expect(parts[0]).toBeCloseTo(parts[1]!, 12);
  expect(parts[2]).toBeCloseTo(0, 12);
});

test('one that worked against it has less than nought', () => {
  const { parts } = sharesOf(tooShort, 0, note(0), 1, [
    { cm: 4, sd: 0 },
    { cm: -1, sd: 0 },
  ]);
  expect(parts[0]).toBeGreaterThan(0);
  expect(parts[1]).toBeLessThan(0);
});

test('a move in doubt is weighed by what was seen: it must have gone that way', () => {
  const { parts } = sharesOf(tooShort, 0, note(0), 1, [{ cm: 0, sd: 2 }]);
  expect(parts[0]).toBeGreaterThan(0.3);
});

test('the parts sum to what all together helped, in whatever order they stand; seen in a mirror they are the same', () => {
  const move = fc.record({ cm: fc.integer({ min: -6, max: 6 }).map((n) => n / 2), sd: fc.constantFrom(0, 0.3, 1) });
  fc.assert(
    fc.property(fc.array(move, { minLength: 1, maxLength: 4 }), (moves) => {
      const { none, all, parts } = sharesOf(tooShort, 0, note(0), 1, moves);
      expect(parts.reduce((a, b) => a + b, 0)).toBeCloseTo(all - none, 9);
      const reversed = sharesOf(tooShort, 0, note(0), 1, [...moves].reverse()).parts;
      expect([...reversed].reverse()).toEqual(parts.map((p) => expect.closeTo(p, 9) as number));
      const tooLong = posteriorOf([{ ...note(1), x: 0, outcome: 2 }], 3);
      const mirrored = sharesOf(
        tooLong,
        0,
        note(0),
        -1,
        moves.map((m) => ({ ...m, cm: -m.cm })),
      );
      expect(mirrored.parts).toEqual(parts.map((p) => expect.closeTo(p, 3) as number));
    }),
    { numRuns: 25 },
  );
});
