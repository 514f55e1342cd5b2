import fc from 'fast-check';
import type { Observation } from './likelihood';
import { posteriorOf } from './posterior';
import { worthNoting } from './worth-noting';

const look = (x: number, observer = 1): Observation => ({ x, outcome: 0, edges: [2, 5, 9], observer, garment: 0 });
const worth = (notes: readonly Observation[], at: Observation) => worthNoting(posteriorOf(notes, 5), at, 2, 5);

test('where nothing is known a look helps much, and a pin more', () => {
  const { note, pin } = worth([], look(0));
  expect(note).toBeGreaterThan(0.3);
  expect(pin).toBeGreaterThan(note + 0.05);
});

test('where it was right ten times it hardly helps any more', () => {
  const known = Array.from({ length: 10 }, () => look(0));
  expect(worth(known, look(0)).note).toBeLessThan(0.03);
});

test('a garment far off tells less by a note than one near what is believed; a pin tells as much', () => {
  const tight = [{ ...look(0), outcome: -2 as const }];
  expect(worth(tight, look(-20)).note).toBeLessThan(worth(tight, look(5)).note);
  expect(worth(tight, look(-20)).pin).toBeGreaterThan(worth(tight, look(-20)).note);
});

test('a pin is never worth less than a note, and neither promises more than certainty', () => {
  fc.assert(
    fc.property(fc.double({ min: -8, max: 8, noNaN: true }), fc.double({ min: 0.4, max: 2, noNaN: true }), (x, observer) => {
      const { note, pin } = worth([look(0)], look(x, observer));
      expect(pin).toBeGreaterThanOrEqual(note);
      expect(pin).toBeLessThanOrEqual(1);
      expect(note).toBeGreaterThan(-0.02);
    }),
    { numRuns: 30 },
  );
});
