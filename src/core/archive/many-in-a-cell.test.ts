import fc from 'fast-check';
import { ZONE_IDS } from '../body/zones';
import { choicesOf, Chosen, FABRIC_PARTS, type Offers } from '../records';
import { blankPattern, blankView } from '../records/blank';
import { entriesOf, keysOf } from '../units/keys';
import {
  inCell,
  inLines,
  linesOfCell,
  offersCell,
  partCell,
  partsOfCell,
  readChosenCell,
  readLessonCell,
  readOffersCell,
  readPartCell,
  readReportCell,
  readUseCell,
  reportCell,
  useCell,
} from './many-in-a-cell';

/** Words as a sewist writes them, without the signs that part one thing in a cell from the next. */
const words = fc
  .array(fc.constantFrom('oat', 'linen', 'back', 'yoke', 'No', '2', 'à', 'plum'), { minLength: 1, maxLength: 4 })
  .map((all) => all.join(' '));
const sentence = fc.oneof(
  words,
  fc.tuple(words, words).map(([a, b]) => `${a}; ${b}, of ${a}`),
);

describe('many things in one cell', () => {
  test('part at semicolons and at lines, and what is blank is nothing', () => {
    expect(inCell(['sand', undefined, '', 'teal'])).toBe('sand; teal');
    expect(partsOfCell(' sand ;; teal\nplum; ')).toEqual(['sand', 'teal', 'plum']);
    expect(partsOfCell('')).toEqual([]);
  });

  test('sentences go one a line, whatever they hold', () =>
    fc.assert(fc.property(fc.array(sentence, { maxLength: 5 }), (all) => expect(linesOfCell(inLines(all))).toEqual(all))));

  test('a sentence of two lines is one of one line: it cannot come back as two things', () =>
    expect(linesOfCell(inLines(['press it\n  well', 'rest']))).toEqual(['press it well', 'rest']));
});

describe('a part of another pattern', () => {
  const tern = { ...blankPattern('tern', 'a', 'Tern shirt', 'shirt'), views: [blankView('a', 'A', []), blankView('b', 'long', [])] };
  const grebe = blankPattern('grebe', 'v', 'Skirt of the grebe', 'skirt');
  const called = (name: string) => ['Tern shirt, long', 'Tern shirt, A', 'Skirt of the grebe'].includes(name);
  const source = fc.record(
    {
      of: fc.constantFrom({ patternId: 'tern', viewId: 'b' }, { patternId: 'tern', viewId: 'a' }, { patternId: 'grebe', viewId: 'v' }),
      zones: fc.uniqueArray(fc.constantFrom(...ZONE_IDS), { minLength: 1, maxLength: 3 }),
      pieces: fc.constantFrom('sleeve and cuff', 'collar stand', 'half of the yoke'),
    },
    { requiredKeys: ['of'] },
  );

  test('comes in as it went out: what it brings, and whose it is, though a name has an “of” of its own', () =>
    fc.assert(
      fc.property(source, ({ of, ...brings }) => {
        const read = readPartCell(partCell({ ...of, ...brings }, [tern, grebe]), called);
        expect(read.called).toBe(of.patternId === 'grebe' ? 'Skirt of the grebe' : of.viewId === 'b' ? 'Tern shirt, long' : 'Tern shirt, A');
        expect([read.zones, read.pieces]).toEqual([brings.zones, brings.pieces]);
      }),
    ));

  const isPattern = (name: string) => ['Maid of Harbour', 'Tern shirt', 'Tern shirt, long'].includes(name);
  test.each([
    ['sleeve, wrist of Tern shirt', { called: 'Tern shirt', zones: ['sleeve', 'wrist'] }],
    ['puffed sleeves of Tern shirt', { called: 'Tern shirt', pieces: 'puffed sleeves' }],
    ['sleeves and cuffs (sleeve, wrist) of Tern shirt', { called: 'Tern shirt', pieces: 'sleeves and cuffs', zones: ['sleeve', 'wrist'] }],
    ['Maid of Harbour', { called: 'Maid of Harbour' }],
    ['skirt of Maid of Harbour', { called: 'Maid of Harbour', zones: ['skirt'] }],
    ['sleeve of an unknown blouse', { called: 'an unknown blouse', zones: ['sleeve'] }],
    ['sleeve of the Dunlin coat', { called: 'the Dunlin coat', zones: ['sleeve'] }],
    ['Tern shirt', { called: 'Tern shirt' }],
    ['Tern shirt, long', { called: 'Tern shirt, long' }],
  ])('%s', (text, read) => expect(readPartCell(text, isPattern)).toEqual(read));
});

describe('a fabric as it was used', () => {
  const pieces = fc.option(
    words.filter((w) => w.trim() !== ''),
    { nil: undefined },
  );

  test('comes in as it went out', () =>
    fc.assert(
      fc.property(words, fc.constantFrom(...FABRIC_PARTS), pieces, (name, part, named) => {
        const use = { part, ...(named === undefined ? {} : { pieces: named }) };
        expect(readUseCell(useCell(use, name), 0)).toEqual({ name, ...use });
      }),
    ));

  // Without a part the first is the main fabric and the next are contrast.
  test.each([
    ['oat linen', 0, { name: 'oat linen', part: 'main' }],
    ['slate twill', 0, { name: 'slate twill', part: 'main' }],
    ['oat linen', 1, { name: 'oat linen', part: 'contrast' }],
    ['plum viscose', 1, { name: 'plum viscose', part: 'contrast' }],
    ['plum viscose (lining)', 1, { name: 'plum viscose', part: 'lining' }],
    ['plum viscose (contrast: back yoke)', 1, { name: 'plum viscose', part: 'contrast', pieces: 'back yoke' }],
    ['denim (selvedge)', 0, { name: 'denim (selvedge)', part: 'main' }],
    ['ticking (heavy)', 2, { name: 'ticking (heavy)', part: 'contrast' }],
  ] as const)('%s at place %i', (text, place, read) => expect(readUseCell(text, place)).toEqual(read));
});

test('a lesson comes in with what it is about, and without where nothing is said', () => {
  expect(readLessonCell('starch it first')).toEqual({ words: 'starch it first', about: [] });
  expect(readLessonCell('starch it (twice) (about plum viscose; zip)')).toEqual({ words: 'starch it (twice)', about: ['plum viscose', 'zip'] });
});

test('what others report comes in with who said it, and a bracket within the words is left in them', () => {
  const report = (said: { readonly words: string; readonly from?: string }) => readReportCell(reportCell({ id: 'r', ...said }));
  expect(report({ words: 'runs long in the body', from: 'a review' })).toEqual({ words: 'runs long in the body', from: 'a review' });
  expect(report({ words: 'the straps (both) twist', from: 'a friend' })).toEqual({ words: 'the straps (both) twist', from: 'a friend' });
  expect(report({ words: 'runs small' })).toEqual({ words: 'runs small' });
});

describe('what a view offers', () => {
  const offers = fc
    .record(
      Object.fromEntries(
        keysOf(Chosen.shape).map((detail) => [detail, fc.uniqueArray(fc.constantFrom(...choicesOf(Chosen.shape[detail])), { minLength: 1 })]),
      ),
      { requiredKeys: [] },
    )
    .map((drawn) => drawn as Offers);

  test('comes in as it went out, whatever it offers', () =>
    fc.assert(fc.property(offers, (all) => expect(readOffersCell(offersCell(all))).toEqual(all))));

  test.each(['sleeve short, long; length mid', 'Sleeve: Short ,long;  length mid'])('%j is read as it is typed', (text) =>
    expect(readOffersCell(text)).toEqual({ sleeve: ['short', 'long'], length: ['mid'] }),
  );

  test.each(['sleeve wide open', 'sleeve enormous', 'hem deep', 'buttons four', 'sleeve'])(
    '%j names nothing that is known, and nothing of it is taken',
    (text) => expect(readOffersCell(text)).toBeUndefined(),
  );

  test('what was chosen of it is one of each', () => {
    expect(readChosenCell('sleeve long; length mid')).toEqual({ sleeve: 'long', length: 'mid' });
    for (const [detail, choice] of entriesOf({ sleeve: 'long', neck: 'round' }))
      expect(readChosenCell(`${detail} ${choice}`)).toEqual({ [detail]: choice });
  });
});
