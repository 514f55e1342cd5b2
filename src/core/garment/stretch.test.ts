import { mainFabric } from '../make/main-fabric';
import type { Pattern } from '../records';
import { fabricStretch } from './stretch';
import { SAMPLE_PATTERN, sampleFabric, sampleMake } from './sample-case';

const knit: Pattern = { ...SAMPLE_PATTERN, fitClass: 'close', wants: { structure: 'knit', stretch: 60 } };
const across = (stretchAcross: number | undefined) => sampleFabric('knit', { structure: 'knit', stretchAcross });

describe('what a fabric’s give does', () => {
  test('a fabric that gives as asked does nothing', () => {
    expect(fabricStretch(knit, 'bust', across(60), { girth: 90, ease: 0 })).toEqual({ cm: 0, sd: 0, tooFar: false });
  });

  test('less give than asked is like a smaller cut: 0.4 · 90 · (40 − 60) / 100', () => {
    const give = fabricStretch(knit, 'bust', across(40), { girth: 90, ease: 0 });
    expect(give.cm).toBeCloseTo(-7.2, 9);
    expect(give.sd).toBeCloseTo(2.16, 9);
    expect(give.tooFar).toBe(false);
  });

  test.each([
    [0, 1],
    [-3, 1],
    [5, 0.5],
    [8, 0.2],
    [10, 0],
    [20, 0],
  ])('with %d cm of ease it counts × %d', (ease, f) => {
    expect(fabricStretch(knit, 'bust', across(40), { girth: 90, ease }).cm).toBeCloseTo(-7.2 * f, 9);
  });

  test('in a closed band it always counts in full', () => {
    expect(fabricStretch(knit, 'waistband', across(40), { girth: 70, ease: 8 }).cm).toBeCloseTo(-5.6, 9);
  });

  test('cut to ±10 cm, and then the fabric is too far from the pattern', () => {
    const give = fabricStretch(knit, 'hip', across(0), { girth: 98, ease: 0 });
    expect(give.cm).toBe(-10);
    expect(give.tooFar).toBe(true);
    expect(give.sd).toBeCloseTo(0.3 * 0.4 * 98 * 0.6, 9);
  });

  test('stretch not tested: nothing is assumed, the doubt is', () => {
    expect(fabricStretch(knit, 'bust', across(undefined), { girth: 90, ease: 0 })).toEqual({
      cm: 0,
      sd: 5.3999999999999995,
      tooFar: false,
      unknown: 'stretch of the fabric',
    });
  });

  test('a pattern that asks for no particular give exchanges nothing', () => {
    const unasked: Pattern = { ...SAMPLE_PATTERN, wants: { structure: 'woven' } };
    expect(fabricStretch(unasked, 'bust', across(40), { girth: 90, ease: 0 })).toEqual({ cm: 0, sd: 0, tooFar: false });
  });

  test('lengths do not stretch, but the torso loop by the give along', () => {
    expect(fabricStretch(knit, 'sleeve', across(0), { girth: 60, ease: 0 }).cm).toBe(0);
    expect(fabricStretch(knit, 'torso', sampleFabric('k', { stretchAlong: 50, stretchAcross: 0 }), { girth: 160, ease: 0 }).cm).toBeCloseTo(-6.4, 9);
  });

  test('a woven on the bias counts as 10 % unless it was tested', () => {
    const woven = { ...SAMPLE_PATTERN, fitClass: 'close' as const };
    expect(fabricStretch(woven, 'bust', sampleFabric('w', { stretchAcross: undefined }), { girth: 90, ease: 0, bias: true }).cm).toBeCloseTo(3.6, 9);
    expect(fabricStretch(woven, 'bust', sampleFabric('w', { stretchAcross: 5 }), { girth: 90, ease: 0, bias: true }).cm).toBeCloseTo(1.8, 9);
  });

  test('a girth that was only assumed: the same φ, in a tenth more doubt, and said', () => {
    const measured = fabricStretch(knit, 'bust', across(40), { girth: 92, ease: 0 });
    const assumed = fabricStretch(knit, 'bust', across(40), { girth: 92, assumed: true, ease: 0 });
    expect(assumed.cm).toBe(measured.cm);
    expect(assumed.sd).toBeCloseTo(0.4 * Math.abs(measured.cm), 9);
    expect([measured.unknown, assumed.unknown]).toEqual([undefined, 'girth of the body']);
  });
});

test('the main fabric, not the lining, decides', () => {
  const fabrics = [sampleFabric('lining'), sampleFabric('wool')];
  const make = sampleMake(1, {
    fabrics: [
      { id: '1', fabricId: 'lining', part: 'lining' },
      { id: '2', fabricId: 'wool', part: 'main', bias: true },
    ],
  });
  expect(mainFabric(make, fabrics)).toEqual({ fabric: fabrics[1], bias: true });
  expect(mainFabric({ fabrics: [] }, fabrics)).toEqual({ fabric: undefined, bias: false });
});
