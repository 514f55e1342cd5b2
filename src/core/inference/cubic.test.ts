import fc from 'fast-check';
import { cubicAt as readAt, cubicsOf } from './cubic';

const table = (of: (x: number) => number, points = 12) => Float64Array.from({ length: points }, (_, i) => of(i));
const cubicAt = (values: Float64Array, at: number) => readAt(cubicsOf(values), at);
const number = fc.double({ min: -5, max: 5, noNaN: true });

test('at a point of the table it is the table', () => {
  const values = table((x) => Math.sin(x));
  for (let i = 0; i < values.length; i++) expect(cubicAt(values, i)).toBeCloseTo(values[i]!, 12);
});

test('a parabola is followed exactly wherever both neighbours on either side are there', () => {
  fc.assert(
    fc.property(number, number, number, fc.double({ min: 1, max: 9.999, noNaN: true }), (a, b, c, at) => {
      const parabola = (x: number) => a + b * x + c * x * x;
      expect(cubicAt(table(parabola), at)).toBeCloseTo(parabola(at), 6);
    }),
  );
});

test('between the first two points and the last two it stays near the line, since the last neighbour stands in', () => {
  const values = table((x) => 3 * x);
  for (const at of [0.5, 10.5]) expect(Math.abs(cubicAt(values, at) - 3 * at)).toBeLessThan(0.5);
});

test('a smooth function in steps of a sixteenth is followed to a twenty thousandth', () => {
  const step = 1 / 16;
  const values = Float64Array.from({ length: 120 }, (_, i) => Math.exp(-0.5 * (i * step - 3.5) ** 2));
  for (let at = 2; at < 117; at += 0.37) expect(Math.abs(cubicAt(values, at) - Math.exp(-0.5 * (at * step - 3.5) ** 2))).toBeLessThan(5e-5);
});
