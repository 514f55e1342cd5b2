import { blankFabric } from '../records/blank';
import { sampleAlteration, sampleMake } from '../garment/sample-case';
import type { Make } from '../records';
import { Make as MakeShape } from '../records';
import type { Answers } from './chip';
import { completions } from './complete';
import { entryFromLine } from './entry-from-line';
import { readLine } from './read-line';
import { remarkWords } from './remark-words';
import type { LineContext } from './sentence';

const CONTEXT: LineContext = {
  patterns: [{ id: 'pattern', name: 'Sandbar blouse', kind: 'shirt', sizes: ['A', 'B', 'C', 'D', 'E'] }],
  fabrics: [
    { id: 'poplin', name: 'blue poplin' },
    { id: 'twill', name: 'grey twill' },
  ],
  people: [{ id: 'person', name: 'Maren' }],
  unit: 'cm',
  currency: 'EUR',
  today: '2026-11-25',
};

/** A second version that begins from the first one's cut. */
const START: Make = {
  ...sampleMake(2),
  cutOn: CONTEXT.today,
  fabrics: [],
  alterations: [sampleAlteration('sleeve-length', 1), sampleAlteration('body-at-hem', -3)],
};

function entry(text: string, start = START, answers: Answers = {}) {
  let n = 0;
  return entryFromLine(readLine(text, CONTEXT, answers), { start, zones: ['bust', 'bodice', 'sleeve'], context: CONTEXT, newId: () => `id-${n++}` });
}

test('what the line does not speak of stays as the last version had it', () => {
  const { make } = entry('sandbar blouse 2 · blue poplin 1.9m');
  expect(make.size).toEqual({ size: 'C' });
  expect(make.alterations).toEqual(START.alterations);
  expect(make.fabrics).toEqual([expect.objectContaining({ fabricId: 'poplin', part: 'main', length: 190 })]);
});

test('an alteration takes the place of the same one, and leaves the others', () => {
  const { make } = entry('sandbar sleeve +2.5, bodice +1');
  expect(make.alterations.map((a) => [a.kind, a.amount])).toEqual([
    ['body-at-hem', -3],
    ['sleeve-length', 2.5],
    ['bodice-below-bust', 1],
  ]);
});

test('what was put right on the garment was seen before that, and comes on top of the paper', () => {
  const { make, said } = entry('sandbar sleeves too long so I took them up 3 cm, the rest fits');
  expect(make.alterations.map((a) => [a.kind, a.amount, a.when])).toEqual([
    ['sleeve-length', 1, 'paper'],
    ['body-at-hem', -3, 'paper'],
    ['sleeve-length', -3, 'body'],
  ]);
  expect(make.fitNotes).toMatchObject([{ zone: 'sleeve', outcome: 2, seen: { at: 'tryOn' }, date: CONTEXT.today }]);
  expect(said).toEqual([
    { zone: 'bust', outcome: 0 },
    { zone: 'bodice', outcome: 0 },
  ]);
});

test('a fault that was put right nobody knows how far is kept in its words', () => {
  const { make, said } = entry('sandbar bust too tight so I let it out');
  expect([make.fitNotes, said, make.alterations]).toEqual([[], [], START.alterations]);
  expect(make.remark).toContain('bust too tight');
});

test('for looks and for fit are two changes', () => {
  const { make } = entry('sandbar sleeve -4 for looks');
  expect(make.alterations.filter((a) => a.kind === 'sleeve-length').map((a) => [a.purpose, a.amount])).toEqual([
    ['fit', 1],
    ['style', -4],
  ]);
});

test('a size said anew is meant all over; zones said with it differ', () => {
  const start = { ...START, sizeLines: [{ zone: 'waist' as const, line: { size: 'B' } }] };
  expect(entry('sandbar D', start).make).toMatchObject({ size: { size: 'D' }, sizeLines: [] });
  expect(entry('sandbar D, hip E', start).make).toMatchObject({ size: { size: 'D' }, sizeLines: [{ zone: 'hip', line: { size: 'E' } }] });
  expect(entry('sandbar hip E, D', start).make.sizeLines).toEqual([{ zone: 'hip', line: { size: 'E' } }]);
  expect(entry('sandbar hip E', start).make.sizeLines).toHaveLength(2);
});

test('the rest is right speaks of the zones that matter and were not named', () => {
  const { said, seen } = entry('sandbar, sleeve too short by 2 cm, rest right, after 4 wears');
  expect(said).toEqual([
    { zone: 'sleeve', outcome: -2, amount: 2 },
    { zone: 'bust', outcome: 0 },
    { zone: 'bodice', outcome: 0 },
  ]);
  expect(seen).toEqual({ at: 'worn', wears: 4 });
});

test('a fabric that the stash does not have is put there', () => {
  const { make, newFabrics } = entry('sandbar in storm grey linen 2m');
  expect(newFabrics).toEqual([expect.objectContaining({ name: 'storm grey linen' })]);
  expect(make.fabrics[0]).toMatchObject({ fabricId: newFabrics[0]!.id, length: 200 });
});

test.each([
  ['sandbar, lesson: walk the elastic in quarters', [{ of: 'technique', name: 'elastic' }]],
  ['sandbar, lesson on welts: mark the corners with thread', [{ of: 'technique', name: 'welt pocket' }]],
  ['sandbar, lesson about smocking: pull every third thread', [{ of: 'technique', name: 'smocking' }]],
  ['sandbar, lesson: cut it in the evening', [{ of: 'pattern' }]],
  ['sandbar in storm grey linen 2m, lesson learned: steam it only', [{ of: 'fabrics like it', fabricId: expect.any(String) as string }]],
] as const)('%s', (line, about) => expect(entry(line).make.notes).toMatchObject([{ kind: 'tip', about }]));

test('a set of the ledger is named, and any other stays in words', () => {
  const context = { ...CONTEXT, sets: [{ id: 'pyjamas', name: 'Winter pyjamas' }] };
  const read = (line: string) => entryFromLine(readLine(line, context), { start: START, zones: [], context, newId: () => 'id' }).make;
  expect(read('sandbar C, of the set winter pyjamas, love 4').setId).toBe('pyjamas');
  expect(read('sandbar C, part of the set: Winter pyjamas').setId).toBe('pyjamas');
  expect(read('sandbar C, of the set nobody knows').setId).toBeUndefined();
});

test.each([
  ['Kittiwake bralette size 75B, cup tight', '75B'],
  ['Kittiwake bra 34DD', '34DD'],
  ['Curlew jeans 34b', undefined],
])('band and cup are one size: %s', (line, size) => {
  const chips = readLine(line, { ...CONTEXT, patterns: [] });
  expect(chips.flatMap((c) => c.says).find((u) => u.is === 'size')).toEqual(size === undefined ? undefined : { is: 'size', line: { size } });
});

test('time, money, notes, loose ends, date and kind have their places', () => {
  const { make, verdict } = entry('toile sandbar · 2h10 · zip 3.20 · tip: press first · to do: hem by hand · 2026-11-02 · love 4');
  expect(make).toMatchObject({
    kind: 'toile',
    cutOn: '2026-11-02',
    finishedOn: '2026-11-02',
    state: 'loose ends',
    times: [{ phase: 'all', minutes: 130 }],
    notions: [{ what: 'zip', cost: { minor: 320, currency: 'EUR' } }],
    notes: [{ kind: 'tip', words: 'press first' }],
    looseEnds: [{ words: 'hem by hand' }],
  });
  expect(verdict.love).toBe(4);
});

test('what is meant for next time is kept as that, and changes nothing of this one', () => {
  const { make, said } = entry('sandbar blouse 2 C, next time lengthen the sleeves by 2 cm and move the pockets up, should have taken in the waist');
  expect(make.alterations).toEqual(START.alterations);
  expect(said).toEqual([]);
  expect(make.notes.map((n) => [n.kind, n.words])).toEqual([
    ['next time', 'next time lengthen the sleeves by 2 cm and move the pockets up'],
    ['next time', 'should have taken in the waist'],
  ]);
});

test('of a question nothing is entered before it is answered; then what was chosen is', () => {
  const asked = entry('sandbar C, took in the side seams 1 at hip, not tight at the bust');
  expect(asked.make.alterations).toEqual(START.alterations);
  expect(asked.said).toEqual([]);
  const chosen = entry('sandbar C, took in the side seams 1 at hip, not tight at the bust', START, {
    'took in the side seams 1 at hip': 1,
    'not tight at the bust': 0,
  });
  expect(chosen.make.alterations.at(-1)).toMatchObject({ kind: 'side-seams', amount: -1, way: 'perSide', zones: ['hip'] });
  expect(chosen.said).toEqual([{ zone: 'bust', outcome: 0 }]);
});

test('how far it has come, how little was left, what it cost a metre, where it was bought', () => {
  const { make, newFabrics } = entry('sandbar C, cut out, in rust corduroy 1.6 m at 18 a metre, 320 gsm, took every scrap');
  expect(make).toMatchObject({ state: 'cut', fabrics: [{ length: 160, squeeze: 'every scrap' }] });
  expect(make.finishedOn).toBeUndefined();
  expect(newFabrics[0]).toMatchObject({ name: 'rust corduroy', pricePerMetre: { minor: 1800, currency: 'EUR' }, weight: 320 });
});

test('what it took is of the fabric that is named, wherever that stands; of none it is kept as words, which is said', () => {
  const named = entry('sandbar C in rust corduroy, love 4, squeezed out of 1.2 m');
  expect(named.make.fabrics).toMatchObject([{ length: 120, squeeze: 'tight' }]);
  expect(named.remarks).toEqual([]);
  // Said twice, it is the length beside the fabric that counts.
  const twice = entry('sandbar C in rust corduroy 1.4 m, used 1.3 m');
  expect([twice.make.fabrics[0]?.length, twice.make.remark]).toEqual([140, expect.stringContaining('1.3 m')]);
  const nameless = entry('sandbar C, used every scrap of 1.3 m');
  expect([nameless.make.fabrics, nameless.remarks]).toEqual([[], [{ is: 'fabric not named' }]]);
  expect(nameless.make.remark).toContain('1.3 m');
});

test.each([
  ['in 1.6 m of 150 cm wide rust corduroy', 160, 150],
  ['1.6 m of rust corduroy, 150 wide, 18 a metre', 160, 150],
  ['rust corduroy (150cm wide), 1.6 m', 160, 150],
  ['in 2 yards of 54 in wide rust corduroy', 182.88, 137.2],
  ['2 yards of rust corduroy, 54 wide', 182.88, 137.2],
  ['in 2 yds of 58" rust corduroy', 182.88, 147.3],
  ['in rust corduroy, 1.6 m, 5 wide', 160, undefined],
])('how wide a fabric lies goes with it: %s', (said, length, width) => {
  const { make, newFabrics } = entry(`sandbar C, ${said}`);
  expect(make).toMatchObject({ size: { size: 'C' }, fabrics: [{ length }] });
  expect(newFabrics[0]).toMatchObject({ name: 'rust corduroy' });
  expect(newFabrics[0]?.width).toBe(width);
});

test('a new fabric is drawn in the colour that its name has, where it has one', () => {
  const grounds = (said: string) => entry(`sandbar C, in ${said}`).newFabrics.map(({ swatch }) => swatch.ground);
  expect(grounds('black denim')).toEqual(['#1f1f21']);
  expect(grounds('denim')).toEqual(['#3d5575']);
  expect(grounds('boiled wool')).toEqual([blankFabric('', '').swatch.ground]);
});

test('several at once are counted, and what is said of a fabric of the stash stays as words', () => {
  expect(entry('made two sandbar blouses, C').make.quantity).toBe(2);
  expect(entry('sandbar blouse C, three of them').make.quantity).toBe(3);
  expect(entry('sandbar blouse C').make.quantity).toBe(1);
  expect(entry('sandbar blouse C, blue poplin at 14 a metre from Harbour Cloth').make.remark).toBe(
    'blue poplin: 14.00\u202fEUR a metre, from Harbour Cloth',
  );
  expect(entry('sandbar blouse C, 1.8 m of 140 cm wide blue poplin').make.remark).toBe('blue poplin: 140\u202fcm wide');
});

test('a verdict without how much it is liked stays in its own words; with it, it is a verdict', () => {
  expect(entry('sandbar C, too dressy').make.remark).toBe('too dressy');
  expect(entry('sandbar C, too dressy, love 2').verdict).toEqual({ love: 2, reasons: ['occasion'] });
});

test('as drafted takes away what the last version had, and not what the line says', () => {
  const { make } = entry('sandbar C, sleeve +1, no alterations');
  expect(make.alterations.map((a) => [a.kind, a.amount])).toEqual([['sleeve-length', 1]]);
});

test('a version that is not the next one is remarked upon and entered as the next', () => {
  const { make, remarks } = entry('sandbar blouse 7 C');
  expect(make.version).toBe(2);
  expect(remarks).toEqual([{ is: 'another version', said: 7, entered: 2 }]);
  expect(remarks.map(remarkWords)).toEqual(['The line says version 7; by the ledger this is version 2, and so it is entered.']);
  expect(entry('sandbar blouse 2 C').remarks).toEqual([]);
});

test('words that were not understood are kept as the remark, all of them', () => {
  expect(entry('sandbar for the quay concert · C · in a hurry').make.remark).toBe('for the quay concert … in a hurry');
});

test('whatever the line says, the make has its shape', () => {
  for (const text of [
    'sandbar blouse 2 C hip D bodice +1.5 blue poplin 1.9m tight armhole 2 love 4',
    'sandbar seam allowance sewn at 1 instead of 1.5 took in side seams a bit, leave out',
    'sandbar a bit off the sides, between C and D, fba 1.5 for looks, 90 min, €4, tip: x, to do: y, muslin, yesterday',
  ])
    expect(MakeShape.safeParse(entry(text).make).error).toBeUndefined();
});

describe('completions', () => {
  test.each<[string, string[]]>([
    ['sa', ['Sandbar blouse ']],
    ['C, hip D, blue', ['C, hip D, blue poplin ']],
    ['blue po', ['blue poplin ']],
    ['sandbar blouse · gr', ['sandbar blouse · grey twill ']],
    ['for Ma', ['for Maren ']],
    ['blue poplin', []],
    ['x', []],
    ['', []],
  ])('%j', (text, lines) => {
    expect(completions(text, CONTEXT).map((c) => c.line)).toEqual(lines);
  });
});
