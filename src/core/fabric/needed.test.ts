import fc from 'fast-check';
import { blankView, type Make, type Piece, type View } from '../records';
import { SAMPLE_PATTERN, sampleFabric, sampleMake } from '../garment/sample-case';
import { fabricNeeded, onHand, type NeedRequest } from './needed';

const VIEW: View = {
  ...blankView('view', 'plain', ['bust']),
  fabricTable: [
    { width: 115, length: 245 },
    { width: 140, length: 200, sizes: 'A to C' },
    { width: 140, length: 220, sizes: 'D, E' },
  ],
};
const took = (version: number, length: number, left: number, fabricId = 'poplin'): Make =>
  sampleMake(version, { fabrics: [{ id: 'u', fabricId, part: 'main', length, left }] });
const ask = (width: number, rest: Partial<NeedRequest> = {}) =>
  fabricNeeded({
    pattern: SAMPLE_PATTERN,
    view: VIEW,
    makes: [],
    fabrics: [sampleFabric('poplin', { width: 140 }), sampleFabric('narrow', { width: 90 })],
    size: { size: 'C' },
    width,
    ...rest,
  });

describe('length needed', () => {
  test.each([
    ['A', 200],
    ['C', 200],
    ['D', 220],
    ['E', 220],
  ])('from the table, for size %s', (size, length) => {
    expect(ask(140, { size: { size } })).toMatchObject({ length, from: 'the table of the view', rough: false });
  });

  test('what the last version of this view took is the better evidence', () => {
    const found = ask(140, { makes: [took(1, 230, 0), took(2, 190, 10)] });
    expect(found).toMatchObject({ length: 190, from: 'a version', version: 2 });
    for (const part of [{ kind: 'toile' }, { kind: 'refashion', refashionOf: 'other' }, { state: 'cut' }, { state: 'abandoned' }] as const)
      expect(ask(140, { makes: [{ ...took(1, 100, 0), ...part }] })).toMatchObject({ from: 'the table of the view' });
    expect(ask(140, { makes: [{ ...took(1, 100, 0), sources: [{ patternId: 'pattern', viewId: 'other' }] }] })).toMatchObject({ length: 200 });
  });

  test('a narrower width by area and a bit more, said to be rough', () => {
    const found = ask(90)!;
    expect(found).toMatchObject({ from: 'another width', rough: true, width: 90 });
    expect(found.length).toBeCloseTo((245 * 115 * 1.15) / 90, 6);
  });

  test('between two widths never more than the narrower takes; a wider one never less than the longest piece', () => {
    expect(ask(125)!.length).toBe(245);
    expect(ask(180)).toMatchObject({ length: 200, rough: true });
    expect(ask(180, { longestPiece: 212 })!.length).toBe(212);
  });

  test('nothing known: nothing invented', () => {
    expect(ask(140, { view: { ...VIEW, fabricTable: [] } })).toBeUndefined();
  });

  test('a wider fabric never takes more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 80, max: 200 }), fc.integer({ min: 0, max: 60 }), (width, more) => {
        expect(ask(width + more)!.length).toBeLessThanOrEqual(ask(width)!.length + 1e-6);
      }),
    );
  });
});

describe('on hand: pieces, never a sum', () => {
  const needed = (width: number) => ({ middle: width >= 140 ? 180 : 220, enough: width >= 140 ? 180 : 220 });

  test.each<[Piece[], string, number]>([
    [[{ length: 215, width: 140 }], 'plenty', 35],
    [[{ length: 195, width: 140 }], 'enough', 15],
    [[{ length: 184, width: 140 }], 'tight', 4],
    [[{ length: 172, width: 140 }], 'not enough', -8],
    [
      [
        { length: 120, width: 140 },
        { length: 120, width: 140 },
      ],
      'not enough',
      -60,
    ],
    [
      [
        { length: 215, width: 110 },
        { length: 190, width: 140 },
      ],
      'enough',
      10,
    ],
  ])('%j: %s, %d over', (pieces, answer, over) => {
    expect(onHand({ pieces }, needed)).toMatchObject({ answer, over, tooNarrow: false });
  });

  test('a bias or circular piece needs a width that no length makes up for', () => {
    expect(onHand({ pieces: [{ length: 900, width: 110 }] }, needed, 146)).toMatchObject({ answer: 'not enough', tooNarrow: true });
    expect(
      onHand(
        {
          pieces: [
            { length: 900, width: 110 },
            { length: 200, width: 150 },
          ],
        },
        needed,
        146,
      ),
    ).toMatchObject({ answer: 'enough', piece: { width: 150 } });
  });

  test('a bite counts: a piece that is long enough only beside it is not', () => {
    const lacks = [{ id: 'bite', corners: [0, 0, 70, 0, 70, 40, 0, 40] }];
    expect(onHand({ pieces: [{ length: 195, width: 140, lacks }] }, needed)).toMatchObject({ answer: 'not enough', over: -5 });
  });

  test('a piece of which nobody said the width lies as wide as its fabric, else the usual width, and is not called too narrow', () => {
    const pieces = [{ length: 195 }];
    expect(onHand({ pieces, width: 110 }, needed)).toMatchObject({ answer: 'not enough', over: -25 });
    expect(onHand({ pieces, width: 110 }, needed, 130).tooNarrow).toBe(true);
    expect(onHand({ pieces }, needed, 146)).toMatchObject({ answer: 'enough', over: 15, tooNarrow: false });
  });

  test('an empty stash', () =>
    expect(onHand({ pieces: [] }, needed)).toEqual({ answer: 'not enough', piece: undefined, over: -180, tooNarrow: false }));
});
