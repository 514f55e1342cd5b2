import { MARKS } from './grammar';
import { markNames, type Vocabulary } from './mark-names';

const VOCABULARY: Vocabulary = {
  patterns: [
    { id: 'ebb', name: 'Ebb tee' },
    { id: 'ebb-long', name: 'Ebb tee long' },
    { id: 'skerry', name: 'Skerry concert jacket' },
    { id: 'c', name: 'C' },
  ],
  fabrics: [
    { id: 'poplin', name: 'blue poplin' },
    { id: 'ebb-fabric', name: 'Ebb tee' },
    { id: 'jersey', name: 'Jürgen’s jersey' },
  ],
  people: [{ id: 'maren', name: 'Maren' }],
};

/** The text with each mark as ‹id›. */
function marked(text: string): string {
  const found = markNames(text, VOCABULARY);
  return [...found.text].map((c) => (found.named(c) ? `‹${found.named(c)!.id}›` : c)).join('');
}

test.each([
  ['Ebb tee', '‹ebb›'],
  ['ebb TEE LONG', '‹ebb-long›'],
  ['the ebb tee.', 'the ‹ebb›.'],
  ['skerry 3', '‹skerry› 3'],
  ['skerry concert 3', '‹skerry› 3'],
  ['concert jacket', 'concert jacket'],
  ['ebb 3', 'ebb 3'],
  ['skerryish', 'skerryish'],
  ['unskerry', 'unskerry'],
  ['jurgen’s jersey', '‹jersey›'],
  ['JÜRGEN’S JERSEY', '‹jersey›'],
  ['blue poplinblue poplin', 'blue poplinblue poplin'],
  ['blue poplin,blue poplin', '‹poplin›,‹poplin›'],
  ['blue', 'blue'],
  ['', ''],
])('%j', (text, expected) => expect(marked(text)).toBe(expected));

test('of two with the same name the pattern is meant', () => {
  expect(marked('ebb tee')).toBe('‹ebb›');
});

test('every place of the marked text leads back to the typed one', () => {
  const text = 'made skerry concert jacket in blue poplin 👗 for Maren';
  const { text: short, places } = markNames(text, VOCABULARY);
  expect(places).toHaveLength(short.length + 1);
  expect(places.at(-1)).toBe(text.length);
  expect([...places]).toEqual([...places].sort((a, b) => a - b));
  const at = [...short].findIndex((c) => c.charCodeAt(0) === MARKS.fabric);
  const place = short.indexOf(String.fromCharCode(MARKS.fabric));
  expect(at).toBeGreaterThan(0);
  expect(text.slice(places[place], places[place + 1])).toBe('blue poplin');
});

test('a thousand names are found as fast as few: each place is looked up by its first letter', () => {
  const many: Vocabulary = {
    patterns: Array.from({ length: 1000 }, (_, i) => ({ id: `p${i}`, name: `Pattern ${i} of many` })),
    fabrics: [],
    people: [],
  };
  const { text, named } = markNames('pattern 77 of many', many);
  expect(named(text)?.id).toBe('p77');
});
