import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chipWords, choicesInWords } from './chip-words';
import { LINE_EXAMPLES, OTHER_EXAMPLES } from './examples';
import { readLine } from './read-line';
import type { LineContext } from './sentence';

const CONTEXT: LineContext = {
  patterns: [
    { id: 'tidewater', name: 'Tidewater shirt', kind: 'shirt', sizes: ['A', 'B', 'C', 'D', 'E'] },
    { id: 'slackwater', name: 'Slackwater dress', kind: 'dress' },
  ],
  fabrics: [{ id: 'poplin', name: 'blue poplin' }],
  people: [{ id: 'maren', name: 'Maren' }],
  unit: 'cm',
  currency: 'EUR',
  today: '2026-11-25',
};
const fill = (line: string) =>
  line.replace(
    /\{(\w+)\}/g,
    (_, name: string) =>
      ({ pattern: 'tidewater shirt', other: 'Slackwater dress', fabric: 'blue poplin', person: 'Maren', size: 'C', next: 'D' })[name] ?? name,
  );
const words = (text: string, unit: 'cm' | 'in' = 'cm') =>
  readLine(text, { ...CONTEXT, unit }).flatMap((chip) =>
    (chip.asks ? (chip.choices[0] ?? []) : chip.says).map((fact) => {
      const { kind, says } = chipWords(fact, CONTEXT, unit);
      return `${kind}: ${says.replace(/\u202f/g, ' ')}`;
    }),
  );

describe('the examples of the help page', () => {
  test.each(LINE_EXAMPLES.flatMap((e) => e.lines))('%s is understood whole', (line) => {
    const chips = readLine(fill(line), CONTEXT);
    expect(chips.length).toBeGreaterThan(0);
    expect(chips.filter((c) => c.says.some((u) => u.is === 'words')).map((c) => c.text)).toEqual([]);
  });
});

test('the written page shows the examples of the help page, all of them and no others', () => {
  const page = readFileSync(join(__dirname, '../../../docs/the-line.md'), 'utf8');
  const written = [...page.matchAll(/^- `(.+)`$/gm)].map((m) => m[1]);
  const shown = [...LINE_EXAMPLES, OTHER_EXAMPLES];
  expect(written).toEqual(shown.flatMap((e) => e.lines));
  expect([...page.matchAll(/^## (.+)$/gm)].map((m) => m[1])).toEqual(['How it reads', ...shown.map((e) => e.about)]);
});

test.each([
  ['tidewater 3', ['pattern: Tidewater shirt', 'version: 3']],
  ['for Maren', ['for: Maren']],
  ['tidewater C, hip between C and D', ['pattern: Tidewater shirt', 'size: C', 'size: between C and D at the hip']],
  ['bodice +1.5', ['altered: bodice below the bust +1.5 cm']],
  ['hem -3 on the body', ['altered: length at the hem −3 cm on the body']],
  ['sleeve -4 for looks', ['for looks: sleeve length −4 cm']],
  ['took in side seams 1 per seam at hip', ['altered: side seams at hip −1 cm per seam']],
  ['a bit off the sides', ['altered: side seams take in a bit']],
  ['tight armhole 2', ['fit: armhole tight, clear']],
  ['shoulder 1 cm too wide on the left', ['fit: shoulder wide by 1 cm on the left']],
  ['gaping neckline', ['fit: gaping neckline: perhaps neckline loose, slight']],
  ['the rest is right', ['fit: the rest is right']],
  ['blue poplin 1.9 m', ['fabric: blue poplin, 1.9 m']],
  ['in storm linen 2 m', ['fabric: storm linen (new), 2 m']],
  ['lining blue poplin', ['lining: blue poplin']],
  ['after 4 wears', ['seen: after 4 wears']],
  ['worn 4 times', ['worn: 4 times']],
  ['next time in wool', ['next time: next time in wool']],
  ['not tight at the waist', ['fit: waist right']],
  ['sewing 2h10', ['time: 2 h 10 min, sew']],
  ['zip 3.20', ['zip: 3.20 EUR']],
  ['love 4', ['love: 4 of 5']],
  ['9 March 2026', ['finished: 9 March 2026']],
  ['muslin', ['kind: toile']],
  ['tip: press first', ['tip: press first']],
  ['to do: snap', ['loose end: snap']],
  ['the quay', ['words: the quay']],
])('%s', (text, expected) => expect(words(text)).toEqual(expected));

test('lengths are said in the sewist’s unit', () => {
  expect(words('sleeve +5/8', 'in')).toEqual(['altered: sleeve length +⅝ in']);
});

test.each([
  ['tidewater in storm linen 2 m, 30 euros', ['30.00\u202fEUR a metre', '15.00\u202fEUR a metre', 'just words']],
  ['tidewater in storm linen 2.1 m, 30 euros in all', ['storm linen 30.00\u202fEUR', 'everything 30.00\u202fEUR']],
  ['tidewater C, spring 2022', ['finished 2022, with these words', 'just words']],
  ['tidewater C, low rise', ['just words', 'fit rise short, slight']],
  ['tidewater C, too big all over', ['fit bust and waist loose, clear', 'just words']],
  ['tidewater C, sleeves twist', ['fit across back narrow, slight', 'fit across back wide, slight', 'just words']],
])('the choices of “%s” are said by what they differ in', (text, expected) => {
  const asked = readLine(text, CONTEXT).find(({ asks }) => asks);
  expect(choicesInWords(asked?.choices ?? [], CONTEXT, 'cm')).toEqual(expected);
});
