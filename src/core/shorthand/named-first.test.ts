import fc from 'fast-check';
import { parseLine, type LineContext } from './parse-line';

const CONTEXT: LineContext = {
  patterns: [
    { id: 'curlew', name: 'Curlew jeans', kind: 'trousers', sizes: [] },
    { id: 'ebb', name: 'Ebb tee', kind: 'top', sizes: ['S', 'M'] },
  ],
  fabrics: [],
  people: [],
  unit: 'cm',
  currency: 'EUR',
  today: '2026-11-27',
};
const read = (text: string, context = CONTEXT) =>
  parseLine(text, context).map(({ text: piece, understood: u }) => (u.is === 'words' ? `“${piece}”` : `${u.is}: ${piece}`));

test.each([
  ['Plover jeans M waistband tight', ['new pattern: Plover jeans', 'size: M', 'fit: waistband tight']],
  ['Sandbar blouse in size 40, bust right', ['new pattern: Sandbar blouse', 'size: in size 40', 'fit: bust right']],
  ['Dunlin pinafore, love 5', ['new pattern: Dunlin pinafore', 'love: love 5']],
  ['Kelpie M, waist loose', ['new pattern: Kelpie', 'size: M', 'fit: waist loose']],
  ['Kelp tote, love 4', ['new thing: Kelp tote', 'love: love 4']],
  ['kelpie M, waist loose', ['“kelpie M”', 'fit: waist loose']],
  ['Kelpie a, waist loose', ['“Kelpie a”', 'fit: waist loose']],
  ['waist loose, like the jeans of last year', ['fit: waist loose', '“like the jeans of last year”']],
])('%s', (text, pieces) => expect(read(text)).toEqual(pieces));

test.each([
  ['Curlew jeans L, waistband loose', ['pattern: Curlew jeans', 'size: L', 'fit: waistband loose']],
  ['Curlew jeans size 40 for the fair', ['pattern: Curlew jeans', 'size: size 40', '“for the fair”']],
  ['Curlew jeans and a belt', ['pattern: Curlew jeans', '“and a belt”']],
  ['Ebb tee L', ['pattern: Ebb tee', '“L”']],
])('the size of a pattern that has no chart: %s', (text, pieces) => expect(read(text)).toEqual(pieces));

test('pieces and the gaps between them are the line, character for character', () => {
  const bits = fc.constantFrom(
    'Plover',
    'jeans',
    'Kelpie',
    'M',
    '40',
    'size',
    'in',
    'a',
    'tote',
    'Curlew jeans',
    ',',
    'waist tight',
    'love 4',
    '+2',
    ' ',
  );
  fc.assert(
    fc.property(fc.array(bits, { maxLength: 8 }), (words) => {
      const text = words.join(' ');
      let at = 0;
      for (const chip of parseLine(text, CONTEXT)) {
        expect(chip.from).toBeGreaterThanOrEqual(at);
        expect(text.slice(chip.from, chip.to)).toBe(chip.text);
        at = chip.to;
      }
      const chips = parseLine(text, CONTEXT);
      const gaps = [...chips, { from: text.length, to: text.length }].map((chip, i) => text.slice(chips[i - 1]?.to ?? 0, chip.from));
      for (const gap of gaps) expect(gap.trim()).toMatch(/^[,;.·\s]*$/);
    }),
    { numRuns: 300 },
  );
});
