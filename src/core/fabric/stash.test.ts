import fc from 'fast-check';
import { sampleFabric } from '../garment/sample-case';
import type { FabricUse } from '../records';
import { cutFrom, fabricsToWash, longestPiece, putBack, settleUses, testResult, usableLength, washed, withLeft, withTest } from './stash';

const piece = (length: number, width = 140) => ({ length, width });
const poplin = sampleFabric('poplin', { width: 140, pieces: [piece(300), piece(120)] });
const use = (rest: Partial<FabricUse> = {}): FabricUse => ({ id: 'u1', fabricId: 'poplin', part: 'main', ...rest });
const sum = (pieces: readonly { length: number }[]) => pieces.reduce((total, p) => total + p.length, 0);

test('what is said to be left is one piece: the only one that was there, else of the usual width of the fabric', () => {
  const flawed = { ...piece(300, 150), note: 'from the market', lacks: [{ id: 'hole', corners: [0, 0, 10, 0, 10, 10] }] };
  expect(withLeft({ ...poplin, pieces: [flawed] }, 60).pieces).toEqual([{ length: 60, width: 150, note: 'from the market' }]);
  expect(withLeft(poplin, 60).pieces).toEqual([piece(60)]);
  expect(withLeft({ ...poplin, pieces: [] }, 60).pieces).toEqual([piece(60)]);
  expect(withLeft(poplin, 0).pieces).toEqual([]);
});

describe('cutting from the stash', () => {
  test('takes from the shortest piece that is long enough', () => {
    expect(cutFrom(poplin.pieces, 100)).toEqual({ pieces: [piece(300), piece(20)], taken: 100 });
    expect(cutFrom(poplin.pieces, 190)).toEqual({ pieces: [piece(110), piece(120)], taken: 190 });
  });

  test('what is left of less than a hand is no piece', () => {
    expect(cutFrom(poplin.pieces, 115)).toEqual({ pieces: [piece(300)], taken: 115 });
    expect(cutFrom([piece(200)], 200)).toEqual({ pieces: [], taken: 200 });
  });

  test('where no piece is long enough, it takes what there is and says how much that was', () => {
    expect(cutFrom(poplin.pieces, 350)).toEqual({ pieces: [piece(70)], taken: 350 });
    expect(cutFrom(poplin.pieces, 500)).toEqual({ pieces: [], taken: 420 });
    expect(cutFrom([], 100)).toEqual({ pieces: [], taken: 0 });
  });

  test('never gains fabric', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 600 }), { maxLength: 5 }), fc.integer({ min: 1, max: 900 }), (lengths, length) => {
        const before = lengths.map((l) => piece(l));
        const { pieces, taken } = cutFrom(before, length);
        expect(taken).toBeLessThanOrEqual(length);
        expect(sum(pieces)).toBeLessThanOrEqual(sum(before) - taken);
        expect(sum(pieces)).toBeGreaterThan(sum(before) - taken - 10 * Math.max(1, before.length));
      }),
    );
  });
});

describe('putting back', () => {
  test('onto the longest piece of the fabric’s width, else as a piece of its own', () => {
    expect(putBack(poplin, 50)).toEqual([piece(350), piece(120)]);
    expect(putBack({ width: 150, pieces: [piece(40, 20)] }, 50)).toEqual([piece(40, 20), piece(50, 150)]);
    expect(putBack({ pieces: [] }, 50)).toEqual([{ length: 50 }]);
    expect(putBack({ pieces: [piece(40, 20), { length: 90 }] }, 50)).toEqual([piece(40, 20), { length: 140 }]);
  });
});

describe('the uses of a make', () => {
  test('a new use takes its length and knows what it took', () => {
    const { uses, changed } = settleUses([poplin], [], [use({ length: 190 })]);
    expect(uses[0]).toMatchObject({ length: 190, taken: 190 });
    expect(changed[0]?.to.pieces).toEqual([piece(110), piece(120)]);
  });

  test('two uses of one fabric both take', () => {
    const { changed } = settleUses([poplin], [], [use({ length: 190 }), use({ id: 'u2', part: 'facing', length: 60 })]);
    expect(sum(changed[0]!.to.pieces)).toBe(170);
  });

  test('a use that is not from the stash takes nothing', () => {
    expect(settleUses([poplin], [], [use({ length: 190, taken: 0 })]).changed).toEqual([]);
  });

  test('a fabric with nothing in the stash is only noted', () => {
    const empty = sampleFabric('poplin');
    expect(settleUses([empty], [], [use({ length: 190 })])).toEqual({ uses: [use({ length: 190 })], changed: [] });
  });

  test('a length corrected gives back and takes anew', () => {
    const first = settleUses([poplin], [], [use({ length: 190 })]);
    const stash = first.changed[0]!.to;
    const second = settleUses([stash], first.uses, [{ ...first.uses[0]!, length: 150 }]);
    expect(second.uses[0]!.taken).toBe(150);
    expect(sum(second.changed[0]!.to.pieces)).toBe(270);
  });

  test('a use removed, or moved to another fabric, gives back what it took', () => {
    const first = settleUses([poplin], [], [use({ length: 190 })]);
    const stash = [first.changed[0]!.to, sampleFabric('twill', { width: 150, pieces: [piece(200, 150)] })];
    expect(sum(settleUses(stash, first.uses, []).changed[0]!.to.pieces)).toBe(420);
    const moved = settleUses(stash, first.uses, [{ ...first.uses[0]!, fabricId: 'twill' }]);
    expect(moved.changed.map(({ to }) => [to.id, sum(to.pieces)])).toEqual([
      ['poplin', 420],
      ['twill', 10],
    ]);
  });

  test('an old make that took nothing from the stash goes on taking nothing when it is corrected', () => {
    const old = use({ length: 225 });
    const { uses, changed } = settleUses([poplin], [old], [{ ...old, length: 230, squeeze: 'tight' }]);
    expect(uses).toEqual([use({ length: 230, squeeze: 'tight' })]);
    expect(changed).toEqual([]);
  });

  test('a use noted without a length takes it once it is said', () => {
    const { uses } = settleUses([poplin], [use()], [use({ length: 100 })]);
    expect(uses[0]!.taken).toBe(100);
  });

  test('settling what is settled changes nothing', () => {
    const first = settleUses([poplin], [], [use({ length: 190 })]);
    const again = settleUses([first.changed[0]!.to], first.uses, first.uses);
    expect(again).toEqual({ uses: first.uses, changed: [] });
  });
});

describe('tests on a piece', () => {
  test.each([
    ['stretch across', 10, 13, 30],
    ['stretch along', 10, 10, 0],
    ['shrinkage along', 100, 96, 4],
    ['shrinkage across', 50, 49, 2],
    ['weight', 100, 1.8, 180],
  ] as const)('%s: %d to %d is %d', (of, before, after, result) => {
    expect(testResult({ of, before, after })).toBe(result);
  });

  test('the result stands where the fabric says what it does, and the test is kept', () => {
    const tested = withTest(sampleFabric('knit', { stretchAcross: undefined }), {
      id: 't',
      of: 'stretch across',
      date: '2026-11-01',
      before: 10,
      after: 12.5,
    });
    expect(tested.stretchAcross).toBe(25);
    expect(tested.tests).toHaveLength(1);
  });
});

describe('washing', () => {
  const cotton = sampleFabric('cotton', { shrinkAlong: 4, shrinkAcross: 1, pieces: [piece(200)] });

  test('the first wash shortens and narrows every piece, a later one does not', () => {
    const once = washed(cotton, '2026-11-01');
    expect(once).toMatchObject({ washedOn: '2026-11-01', pieces: [{ length: 192, width: 138.6 }] });
    expect(washed(once, '2026-11-20').pieces).toEqual(once.pieces);
  });

  test('the longest piece counts, not their sum', () => {
    expect(longestPiece(poplin)).toBe(300);
    expect(longestPiece({ pieces: [] })).toBe(0);
  });
});

describe('what a piece lacks', () => {
  const bite = { id: 'bite', corners: [100, 150, 140, 150, 140, 200, 100, 200] };
  const flaw = { id: 'flaw', corners: [20, 10, 30, 10, 30, 20, 20, 20] };
  const bitten = { ...piece(200), lacks: [bite, flaw] };

  test('takes from its length what its area would over the whole width', () => {
    expect(usableLength(piece(200))).toBe(200);
    expect(usableLength(bitten)).toBeCloseTo(200 - (40 * 50 + 100) / 140, 6);
    expect(longestPiece({ pieces: [bitten, piece(183)] })).toBeCloseTo(usableLength(bitten), 6);
    expect(longestPiece({ pieces: [bitten, piece(190)] })).toBe(190);
    expect(usableLength({ ...piece(10, 20), lacks: [{ id: 'all', corners: [0, 0, 20, 0, 20, 30, 0, 30] }] })).toBe(0);
  });

  test('moves with the cut end, and what lay on what was cut off is gone', () => {
    const [left] = cutFrom([bitten], 160).pieces;
    expect(left).toEqual({ length: 40, width: 140, lacks: [{ id: 'bite', corners: [100, 0, 140, 0, 140, 40, 100, 40] }] });
    const [almost] = cutFrom([bitten], 15).pieces;
    expect(almost?.lacks?.map((l) => [l.id, l.corners[1]])).toEqual([
      ['bite', 135],
      ['flaw', 0],
    ]);
  });

  test('shrinks with its piece', () => {
    const shrunk = washed(sampleFabric('poplin', { shrinkAlong: 10, shrinkAcross: 5, pieces: [bitten] }), '2026-01-01').pieces[0];
    expect(shrunk).toMatchObject({ length: 180, width: 133 });
    expect(shrunk?.lacks?.[0]?.corners).toEqual([95, 135, 133, 135, 133, 180, 95, 180]);
  });

  test('nothing is ever gained by cutting from a piece that lacks something', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 199 }), fc.integer({ min: 0, max: 150 }), fc.integer({ min: 1, max: 60 }), (cut, top, high) => {
        const before = { ...piece(200), lacks: [{ id: 'l', corners: [0, top, 50, top, 50, top + high, 0, top + high] }] };
        const [after] = cutFrom([before], cut).pieces;
        if (after)
          expect(longestPiece({ pieces: [after] })).toBeLessThanOrEqual(usableLength(before) - cut + Math.min(cut, (50 * high) / 140) + 1e-6);
        for (const y of (after?.lacks ?? []).flatMap((l) => l.corners.filter((_, i) => i % 2 === 1))) expect(y).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

test('fabric to wash: bought within the year, there, and it may shrink', () => {
  const pieces = [{ length: 200, width: 140 }];
  const fabrics = [
    sampleFabric('new', { bought: '2026-02-01', pieces }),
    sampleFabric('firm', { bought: '2026-02-01', pieces, shrinkAlong: 0 }),
    sampleFabric('old', { bought: '2020-02-01', pieces }),
    sampleFabric('cut up', { bought: '2026-02-01' }),
    sampleFabric('washed', { bought: '2026-02-01', washedOn: '2026-02-02', pieces }),
  ];
  expect(fabricsToWash(fabrics, '2026-03-20').map((c) => c.id)).toEqual(['new']);
});
