import { folded, isSlip, namesIn, wordsIn, type Vocabulary } from './names';

const VOCABULARY: Vocabulary = {
  patterns: [
    { id: 'skerry', name: 'Skerry concert jacket' },
    { id: 'ebb', name: 'Ebb tee' },
    { id: 'ebb-long', name: 'Ebb tee long' },
    { id: 'may', name: 'May' },
  ],
  fabrics: [
    { id: 'poplin', name: 'blue poplin' },
    { id: 'jersey', name: 'Jürgen’s jersey' },
  ],
  people: [{ id: 'tilda', name: 'Tilda' }],
};
const found = (text: string) =>
  namesIn(wordsIn(folded(text)), VOCABULARY).map((n) => `${n.id}: ${text.slice(n.from, n.to)}${n.readAs ? ` as ${n.readAs}` : ''}`);

test.each([
  ['Skerry concert jacket', ['skerry: Skerry concert jacket']],
  ['the skerry', ['skerry: skerry']],
  ['skerry jacket 3', ['skerry: skerry jacket']],
  ['skerry concert', ['skerry: skerry concert']],
  ['skerri concert jacket', ['skerry: skerri concert jacket as Skerry concert jacket']],
  ['ebb', []],
  ['ebb tee', ['ebb: ebb tee']],
  ['ebb tee long', ['ebb-long: ebb tee long']],
  ['may and tilda', ['may: may', 'tilda: tilda']],
  ['tilda’s jacket', ['tilda: tilda’s']],
  ['JURGEN’S JERSEY', ['jersey: JURGEN’S JERSEY']],
  ['blue', []],
  ['blue poplins', ['poplin: blue poplins']],
  ['blues poplins', []],
  ['maybe', []],
])('%s', (text, names) => expect(found(text)).toEqual(names));

test('a slip is one letter, more, less, other or out of place', () => {
  expect(['tidewatr', 'tidewaterr', 'tidevater', 'tidewaetr'].every((w) => isSlip(w, 'tidewater'))).toBe(true);
  expect(['tidewater', 'tidwatr', 'watertide', 'tide'].some((w) => isSlip(w, 'tidewater'))).toBe(false);
});

test('folding keeps every place', () => {
  for (const text of ['Jürgen’s — 2½″', 'ÉCRU', 'ﬁne', '👗 tee', 'İ']) expect(folded(text)).toHaveLength(text.length);
  expect(folded('Jürgen’s')).toBe("jurgen's");
});
