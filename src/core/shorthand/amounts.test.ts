import fc from 'fast-check';
import { anyOf, countOf, END, LENGTH, lengthOf } from './amounts';

test.each<[string, number, boolean]>([
  ['an inch and a half', 3.81, true],
  ['two and a half centimetres', 2.5, true],
  ['a couple of centimetres', 2, true],
  ['half a centimetre', 0.5, true],
  ['three quarters of an inch', 1.905, true],
  ['an inch', 2.54, true],
  ['one point eight metres', 180, true],
  ['two point two five metres', 225, true],
  ['zero point five cm', 0.5, true],
  ['1 point 5 cm', 1.5, true],
  ['about 2 cm', 2, true],
  ['1 1/2', 3.81, false],
  ['5/8', 1.5875, false],
  ['1½ in', 3.81, true],
  ['10mm', 1, true],
  ['2,5', 2.5, false],
  ['1.9m', 190, true],
  ['2 1/4 yds', 205.74, true],
  ['1 m 20', 120, true],
])('%s', (text, cm, unitSaid) => {
  expect(new RegExp(`^${LENGTH}$`).test(text)).toBe(true);
  const read = lengthOf(text, 'cm')!;
  expect(read.cm).toBeCloseTo(cm, 6);
  expect(read.unitSaid).toBe(unitSaid);
});

test('a bare number is in the ledger’s unit', () => expect(lengthOf('2', 'in')!.cm).toBeCloseTo(5.08));

test.each(['2 in all', '4 in blue', '3 buttons', 'a', 'the'])('“%s” is no length with a unit', (text) => {
  expect(new RegExp(`^${LENGTH}`).exec(text)?.[0] ?? '').not.toMatch(/[a-z]/);
});

test('counts in words', () => expect(['two', 'a dozen', '12', 'half a dozen', 'half'].map(countOf)).toEqual([2, 12, 12, 6, undefined]));

test('a tree of words finds each of them, the longest first, and nothing else', () => {
  const words = ['hip', 'hips', 'high hip', 'hem', 'hem width', 'c.b.'];
  const found = new RegExp(`^${anyOf(words)}${END}`);
  for (const word of words) expect(found.exec(`${word} tight`)?.[0]).toBe(word);
  for (const other of ['hi', 'he', 'hipster', 'cxb.', '']) expect(found.test(other)).toBe(false);
});

test('any words at all are found at the start of a text, the longest of them first', () => {
  const word = fc.string({ unit: fc.constantFrom('a', 'b', '.', '(', '\\', ' '), minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(fc.array(word, { minLength: 1, maxLength: 12 }), word, (words, text) => {
      const longest = words.filter((each) => text.startsWith(each)).toSorted((one, other) => other.length - one.length)[0];
      expect(new RegExp(`^${anyOf(words)}`).exec(text)?.[0]).toBe(longest);
    }),
  );
});
