import fc from 'fast-check';
import type { LineContext } from './sentence';
import { readLine } from './read-line';

const NOTHING: LineContext = { patterns: [], fabrics: [], people: [], unit: 'cm', currency: 'EUR', today: '2026-11-29' };
const facts = (text: string) => readLine(text, NOTHING).flatMap((c) => c.says);
const named = (text: string) => facts(text).flatMap((f) => (f.is === 'new pattern' || f.is === 'new thing' ? [f.name] : []));

/** Ways to say of a garment which size it was cut in. */
const SAYINGS = [
  '{name} {size}',
  '{name} in a {size}',
  '{name}, size {size}',
  'size {size} {name}',
  'UK {size} {name}',
  'I cut a straight size {size} of the {name}',
  'Last winter I made the {name} in a size {size}',
  'Yesterday: the {name}, size {size}',
  'Pattern: {name}. Size: {size}',
  'finally finished my second {name}, size {size}',
  'Really pleased with the {name}, size {size}',
  'the waist is a bit tight on my {name}, size {size}',
];
const NAMES = ['Harrow coat', 'Whimbrel jacket', 'Godwit wrap dress', 'Tern dungarees', 'Little Owl anorak', 'Dipper jeans'];

test('however it is said, the same garment in the same size', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SAYINGS), fc.constantFrom(...NAMES), fc.integer({ min: 4, max: 25 }), (saying, name, half) => {
      const size = String(2 * half);
      const text = saying.replace('{name}', name).replace('{size}', size);
      expect([text, named(text)]).toEqual([text, [name]]);
      expect(facts(text)).toContainEqual({ is: 'size', line: { size } });
    }),
  );
});

test.each([
  ['this skirt is always too long', []],
  ['wore it with a blue cardigan', []],
  ['shortened the sleeves by 2 cm', []],
  ['the sleeves are those of the Harrow coat', ['Harrow coat']],
  ['Curlew shirt with the collar of the Harrow coat', ['Curlew shirt']],
  ['My first dress: the Marlin dress', ['Marlin dress']],
  ['My first dress', ['dress']],
  ['two Marlin dresses', ['Marlin dress']],
  ['two pairs of Dipper jeans', ['Dipper jeans']],
  ['four napkins', ['napkins']],
  ['dress from the Heron pattern', ['Heron dress']],
  ['a dress from a free pattern', ['dress']],
  ['a dress, flower pattern, size 12', ['dress']],
  ['red corduroy Tern dungarees', ['Tern dungarees']],
  ['red corduroy dungarees', ['red corduroy dungarees']],
  // A verb, and no bag.
  ['they bag at the knee after an hour', []],
  ['the knees bag out', []],
  ['it bags at the seat', []],
  ['they bag out of shape', []],
  ['a Dunlin bag at the market', ['Dunlin bag']],
  ['Dunlin bag out of denim', ['Dunlin bag']],
])('%s: %j', (text, names) => expect(named(text)).toEqual(names));
