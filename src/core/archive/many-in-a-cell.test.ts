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

  test('of a pattern that nobody knows, is read by the first “of”', () =>
    expect(readPartCell('sleeve of the Dunlin coat', () => false)).toEqual({ called: 'the Dunlin coat', zones: ['sleeve'] }));

  test('that brings nothing by name is the whole pattern', () =>
    expect(readPartCell('Tern shirt, long', called)).toEqual({ called: 'Tern shirt, long' }));
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

  test('without a part the first is the main fabric and the next are contrast', () =>
    expect(['slate twill', 'oat linen', 'ticking (heavy)'].map((text, i) => readUseCell(text, i))).toEqual([
      { name: 'slate twill', part: 'main' },
      { name: 'oat linen', part: 'contrast' },
      { name: 'ticking (heavy)', part: 'contrast' },
    ]));
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

  test('is read as it is typed: in capitals, with a colon, with blanks', () =>
    expect(readOffersCell('Sleeve: Short ,long;  length mid')).toEqual({ sleeve: ['short', 'long'], length: ['mid'] }));

  test.each(['sleeve wide open', 'buttons four', 'sleeve'])('%j names nothing that is known, and nothing of it is taken', (text) =>
    expect(readOffersCell(text)).toBeUndefined(),
  );

  test('what was chosen of it is one of each', () => {
    expect(readChosenCell('sleeve long; length mid')).toEqual({ sleeve: 'long', length: 'mid' });
    for (const [detail, choice] of entriesOf({ sleeve: 'long', neck: 'round' }))
      expect(readChosenCell(`${detail} ${choice}`)).toEqual({ [detail]: choice });
  });
});
