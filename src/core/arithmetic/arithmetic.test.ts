import fc from 'fast-check';
import { biasFrom, squareForBias } from './bias';
import { circleSkirt, QUARTERS, type CirclePart } from './circle-skirt';
import { gramsOf, ouncesOf } from '../units/fabric-weight';
import { band, elasticLength, foldToSeam, gatherRatio, seamToFold, skirtLength, strapLength } from './lengths';
import { needleFor } from './needle-and-thread';
import { pieceCheck } from './piece-check';
import { canBePutOn } from './put-on';

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('piece check', () => {
  test.each([
    ['a waistband on the fold, too short to close', { cut: 36, pieces: 1, onFold: true, allowance: 1.5 }, 72, 2, 69, -5, false],
    ['the same from two pieces', { cut: 40, pieces: 2, onFold: false, allowance: 1.5 }, 72, 2, 74, 0, true],
    ['a cuff that overlaps', { cut: 26, pieces: 1, onFold: false, allowance: 1, overlap: 2 }, 16, 3, 22, 3, true],
    ['a neckband of a knit, stretched on', { cut: 50, pieces: 1, onFold: false, allowance: 1 }, 56, -8, 48, 0, true],
  ] as const)('%s', (_, piece, body, ease, finished, over, closes) => {
    expect(pieceCheck(piece, body, ease)).toEqual({ finished, needed: body + ease, over, closes });
  });

  test('a wider allowance never makes it rounder', () => {
    fc.assert(
      fc.property(cm(10, 100), cm(0, 2), cm(0, 2), (cut, a, b) => {
        const finished = (allowance: number) => pieceCheck({ cut, pieces: 2, onFold: false, allowance }, 70, 0).finished;
        expect(finished(a + b)).toBeLessThanOrEqual(finished(a));
      }),
    );
  });
});

describe('can it be put on', () => {
  test.each([
    ['a neck too small', { opening: 54, over: { head: 57 } }, -5, 'head', false],
    ['with a slit', { opening: 54, slit: 4, over: { head: 57 } }, 3, 'head', true],
    ['a knit that gives', { opening: 50, stretch: 30, over: { head: 57 } }, 6, 'head', true],
    ['over shoulders and head: the wider one counts', { opening: 98, over: { head: 57, shoulders: 104 } }, -8, 'shoulders', false],
  ] as const)('%s', (_, passage, spare, tightest, passes) => {
    const found = canBePutOn(passage)!;
    expect(found.spare).toBeCloseTo(spare, 9);
    expect(found).toMatchObject({ tightest, passes });
  });

  test('nothing to pass: nothing to say', () => expect(canBePutOn({ opening: 50, over: {} })).toBeUndefined());
});

describe('lengths', () => {
  test.each([
    ['elastic', elasticLength(72, 0.9, 2), 66.8],
    ['strap', strapLength(38, 1.5), 41],
    ['strap that stretches', strapLength(44, 1, 10), 42],
    ['skirt to 12 above the floor', skirtLength(104, 12), 92],
    ['skirt that falls', skirtLength(104, 12, 2), 90],
    ['gathers', gatherRatio(210, 84), 2.5],
    ['fold to seam', foldToSeam(24, 1.5), 25.5],
  ])('%s', (_, found, expected) => expect(found).toBeCloseTo(expected, 9));

  test('a band: what is cut off and what is put on', () => {
    expect(band(4, 3, 1)).toEqual({ changes: -1, cutWidth: 8 });
    expect(band(0, 5, 1.5)).toEqual({ changes: 5, cutWidth: 13 });
  });

  test('fold to seam and back is where it was', () => {
    fc.assert(
      fc.property(cm(1, 100), cm(0, 3), (width, allowance) => expect(seamToFold(foldToSeam(width, allowance), allowance)).toBeCloseTo(width, 9)),
    );
  });
});

describe('circle skirts', () => {
  const allowance = { waist: 1.5, hem: 2 };

  test('a full circle for a waist of 72: radius 11.46, from 150 wide in one piece', () => {
    const skirt = circleSkirt('full', 72, 60, 150, allowance)!;
    expect(skirt.radius).toBeCloseTo(11.459, 3);
    expect(skirt.cutRadius).toBeCloseTo(9.959, 3);
    expect(skirt.sweep).toBeCloseTo(448.99, 2);
    expect(skirt).toMatchObject({ panels: 1 });
    expect(skirt.fabric).toBeCloseTo(146.92, 2);
  });

  test.each([
    ['full', 140, 2, 4],
    ['three-quarter', 140, 2, 3],
    ['half', 140, 1, 2],
    ['half', 180, 1, 1],
    ['three-quarter', 180, 1, 2],
  ] as const)('%s at %d: %d panels, %d outer radii of fabric', (part, width, panels, radii) => {
    const skirt = circleSkirt(part, 72, 60, width, allowance)!;
    expect(skirt.panels).toBe(panels);
    expect(skirt.fabric / skirt.outer).toBeCloseTo(radii, 9);
  });

  test('longer than the fabric is wide: it would have to be pieced', () => expect(circleSkirt('full', 72, 100, 90, allowance)).toBeUndefined());

  test('the arc is as long as the waist, the panels lie on the fabric', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(QUARTERS) as CirclePart[])),
        cm(50, 140),
        cm(20, 110),
        cm(90, 180),
        (part, waist, length, width) => {
          const skirt = circleSkirt(part, waist, length, width, allowance);
          if (!skirt) return;
          const share = QUARTERS[part] / 4;
          expect(2 * Math.PI * skirt.radius * share).toBeCloseTo(waist, 6);
          // A ring segment never has more area than the fabric it is cut from.
          expect(Math.PI * (skirt.outer ** 2 - skirt.cutRadius ** 2) * share).toBeLessThan(skirt.fabric * width);
        },
      ),
    );
  });
});

describe('bias strip', () => {
  test('a square of 50 gives five and a half metres at 4 cm', () => {
    expect(biasFrom(50, 50, 4)).toBeGreaterThan(500);
    expect(biasFrom(50, 50, 4)).toBeLessThan(600);
  });

  test('never more than its area; the way round does not matter', () => {
    fc.assert(
      fc.property(cm(10, 200), cm(10, 200), cm(2, 8), (length, width, strip) => {
        expect(biasFrom(length, width, strip)).toBeLessThanOrEqual((length * width) / strip + 1e-6);
        expect(biasFrom(length, width, strip)).toBeCloseTo(biasFrom(width, length, strip), 6);
      }),
    );
  });

  test('the square that gives what is wanted, and no smaller one', () => {
    const side = squareForBias(300, 4);
    expect(biasFrom(side, side, 4)).toBeGreaterThanOrEqual(300);
    expect(biasFrom(side - 1, side - 1, 4)).toBeLessThan(300);
  });
});

describe('fabric weight', () => {
  test('ounces a square yard and grams a square metre', () => {
    expect(gramsOf(1)).toBeCloseTo(33.906, 3);
    expect(ouncesOf(170)).toBeCloseTo(5.014, 3);
    fc.assert(fc.property(cm(0.1, 30), (oz) => expect(ouncesOf(gramsOf(oz))).toBeCloseTo(oz, 9)));
  });
});

describe('needle and thread', () => {
  test.each([
    [{ structure: 'woven', weight: 90 }, 'fine sharp 70', 2],
    [{ structure: 'woven', weight: 180 }, 'universal 80', 2.5],
    [{ structure: 'woven', weightClass: 'heavy' }, 'strong 100', 3],
    [{ structure: 'knit', weight: 180 }, 'ballpoint 80', 2.5],
    [{ structure: 'knit', weight: 200, stretchAcross: 60 }, 'stretch 80', 2.5],
    [{ structure: 'woven' }, 'universal 80', 2.5],
  ] as const)('%j', (fabric, needle, stitch) => expect(needleFor(fabric)).toMatchObject({ needle, stitch }));
});
