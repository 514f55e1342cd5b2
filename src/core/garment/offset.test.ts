import fc from 'fast-check';
import type { Make, Pattern } from '../records';
import { madeBefore, offsetOf } from './offset';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleMake, sampleNote } from './sample-case';

/** The offset of one make by itself. */
function offset(make: Make, zone: Parameters<typeof offsetOf>[2], rest: Parameters<typeof sampleCase>[1] = {}) {
  return offsetOf(sampleCase([make], rest), make, zone);
}

describe('the chart term', () => {
  test('the size that is the body: nothing', () => {
    expect(offset(sampleMake(1), 'bust')).toMatchObject({ x: 0, chart: { from: 'chart', chart: 90, body: 90, graded: false, standIn: false } });
  });

  test.each([
    ['A', -8],
    ['D', 4],
    ['E', 8],
  ])('size %s is %d cm from the body at the bust', (size, expected) => {
    expect(offset(sampleMake(1, { size: { size } }), 'bust').x).toBeCloseTo(expected, 9);
  });

  test('between C and D interpolates', () => {
    expect(offset(sampleMake(1, { size: { size: 'C', to: 'D', at: 0.5 } }), 'bust').x).toBeCloseTo(2, 9);
    expect(offset(sampleMake(1, { size: { size: 'C', to: 'D', at: 0.25 } }), 'acrossBack').x).toBeCloseTo(0.25, 9);
  });

  test('a size line of its own at a zone', () => {
    const make = sampleMake(1, { sizeLines: [{ zone: 'hip', line: { size: 'E' } }] });
    expect(offset(make, 'hip').x).toBeCloseTo(8, 9);
    expect(offset(make, 'bust').x).toBeCloseTo(0, 9);
  });

  test.each<[Parameters<typeof offsetOf>[2], number]>([
    ['upperArm', 1.2],
    ['armhole', 1.8],
    ['wrist', 0.6],
    ['neckWidth', 1],
    ['acrossFront', 0.8],
    ['shoulder', 0.24],
    ['underbust', 4],
  ])('%s is graded from the bust where the chart lacks it: D, 4 cm up, gives %d', (zone, expected) => {
    const found = offset(sampleMake(1, { size: { size: 'D' } }), zone);
    expect(found.x).toBeCloseTo(expected, 9);
    expect(found.chart).toMatchObject({ from: 'chart', graded: true, measure: 'bust' });
  });

  test.each<[Parameters<typeof offsetOf>[2], number]>([
    ['thigh', 2.4],
    ['knee', 1.6],
    ['calf', 1.6],
    ['hemSweep', 4],
  ])('%s is graded from the hip: D gives %d', (zone, expected) => {
    expect(offset(sampleMake(1, { size: { size: 'D' } }), zone).x).toBeCloseTo(expected, 9);
  });

  test('a length without a measure in the chart is nought, and listed as unknown', () => {
    expect(offset(sampleMake(1), 'sleeve')).toMatchObject({ x: 0, chart: { from: 'nothing' }, unknown: ['no chart for the zone'] });
  });

  test('a length with one counts', () => {
    const chart = { ...SAMPLE_PATTERN.charts[0]!, body: { ...SAMPLE_PATTERN.charts[0]!.body, armLength: [58, 59, 60, 61, 62] } };
    const pattern: Pattern = { ...SAMPLE_PATTERN, charts: [chart] };
    expect(offset(sampleMake(1, { size: { size: 'E' } }), 'sleeve', { pattern }).x).toBeCloseTo(2, 9);
  });

  test('without a body measure the first make’s size stands in, and it is said', () => {
    const first = sampleMake(1, { size: { size: 'B' } });
    const second = sampleMake(2, { size: { size: 'D' } });
    const input = sampleCase([second, first], { bodies: [] });
    expect(offsetOf(input, first, 'bust')).toMatchObject({ x: 0, unknown: expect.arrayContaining(['body measure']) });
    expect(offsetOf(input, second, 'bust').x).toBeCloseTo(8, 9);
  });

  test('a size that nobody noted, or that the chart lacks, is unknown and not nothing said', () => {
    expect(offset(sampleMake(1, { size: undefined }), 'bust').unknown).toContain('size cut');
    expect(offset(sampleMake(1, { size: { size: 'XXL' } }), 'bust').unknown).toContain('size not in the chart');
  });

  test('finished measures only: finished − body − the ease of the class', () => {
    const pattern: Pattern = { ...SAMPLE_PATTERN, charts: [{ ...SAMPLE_PATTERN.charts[0]!, body: {}, finished: { bust: [94, 98, 102, 106, 110] } }] };
    expect(offset(sampleMake(1), 'bust', { pattern })).toMatchObject({ x: 4, chart: { from: 'measured', what: 'finished', ease: 8 } });
  });

  test('a piece laid flat takes the place of the chart; a sewn garment also of its alterations', () => {
    const altered = [sampleAlteration('side-seams', 3, { zones: ['bust'] })];
    const piece = sampleMake(1, { measured: [{ zone: 'bust', cm: 100, of: 'piece' }], alterations: altered });
    const garment = sampleMake(1, { measured: [{ zone: 'bust', cm: 100, of: 'garment' }], alterations: altered });
    expect(offset(piece, 'bust').x).toBeCloseTo(100 - 90 - 8 + 3, 9);
    expect(offset(garment, 'bust').x).toBeCloseTo(100 - 90 - 8, 9);
  });
});

describe('the body of the day', () => {
  const bodies = [SAMPLE_BODY, { ...SAMPLE_BODY, id: 'later', date: '2025-07-01', measures: { bust: 94 } }];

  test('the day of the note; the day it was cut without one; the day planned for', () => {
    const make = sampleMake(1, { cutOn: '2025-01-01' });
    const input = sampleCase([make], { bodies });
    expect(offsetOf(input, make, 'bust').x).toBeCloseTo(0, 9);
    expect(offsetOf(input, make, 'bust', { note: sampleNote('bust', 0, { date: '2025-07-01' }) }).x).toBeCloseTo(-4, 9);
    expect(offsetOf(input, make, 'bust', { bodyOn: '2025-12-01' }).x).toBeCloseTo(-4, 9);
  });

  test('a make cut for another set is reckoned by it, until it is looked at', () => {
    const make = sampleMake(1, { cutOn: '2025-01-01', bodyId: 'later' });
    const input = sampleCase([make], { bodies });
    expect(offsetOf(input, make, 'bust').x).toBeCloseTo(-4, 9);
    expect(offsetOf(input, make, 'bust', { note: sampleNote('bust', 0, { date: '2025-01-01' }) }).x).toBeCloseTo(0, 9);
  });
});

describe('alterations', () => {
  test('fit moves the offset, looks do not', () => {
    const fit = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 1.5)] });
    const style = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', -20, { purpose: 'style' })] });
    expect(offset(fit, 'sleeve').x).toBe(1.5);
    expect(offset(style, 'sleeve').x).toBe(0);
  });

  test('without an amount it still counts, with its doubt', () => {
    const bit = sampleMake(1, { alterations: [sampleAlteration('side-seams', undefined, { zones: ['bust'], direction: -1 })] });
    expect(offset(bit, 'bust')).toMatchObject({ x: -3.5, unsized: 1.75, unknown: ['amount of an alteration'] });
  });

  test('where nobody said which places it passed, half of it counts at each, and as much is in doubt', () => {
    const unplaced = sampleMake(1, { alterations: [sampleAlteration('centre-back-seam', -3)] });
    expect(offset(unplaced, 'bust')).toMatchObject({ x: -1.5, unsized: 1.5, unknown: ['place of an alteration'] });
    expect(offset(unplaced, 'sleeve')).toMatchObject({ x: 0, unsized: 0, unknown: ['no chart for the zone'] });
    const bit = sampleMake(1, { alterations: [sampleAlteration('side-seams', undefined, { direction: -1 })] });
    expect(offset(bit, 'bust')).toMatchObject({ x: -1.75, unknown: ['place of an alteration'] });
    // It was −3.5 ± 1.75 or nothing.
    expect(offset(bit, 'bust').unsized).toBeCloseTo(Math.sqrt((3.5 ** 2 + 1.75 ** 2) / 2 - 1.75 ** 2), 9);
  });

  test('a seam sewn narrower than cut', () => {
    const { amount: _, ...narrow } = sampleAlteration('allowance', 0, { allowance: { cut: 1.5, sewn: 1 } });
    const make = sampleMake(1, { alterations: [narrow] });
    expect(offset(make, 'bust').x).toBeCloseTo(2, 9);
    expect(offset(make, 'armhole').x).toBeCloseTo(-1, 9);
  });

  test.each<[Parameters<typeof sampleAlteration>[2], Parameters<typeof sampleNote>[2], boolean]>([
    [{ when: 'paper' }, { seen: { at: 'tryOn' } }, true],
    [{ when: 'cutting' }, { seen: { at: 'tryOn' } }, true],
    [{ when: 'body' }, { seen: { at: 'tryOn' } }, false],
    [{ when: 'body' }, { seen: { at: 'firstDay' } }, true],
    [{ when: 'body' }, { seen: { at: 'worn', wears: 1 } }, true],
    [{ when: 'wear', afterWears: 2 }, { seen: { at: 'worn', wears: 2 } }, false],
    [{ when: 'wear', afterWears: 2 }, { seen: { at: 'worn', wears: 3 } }, true],
    [{ when: 'wear', afterWears: 2 }, { seen: { at: 'firstDay' } }, false],
    [{ when: 'body', date: '2025-05-01' }, { seen: { at: 'tryOn' }, date: '2025-06-01' }, true],
    [{ when: 'body', date: '2025-07-01' }, { seen: { at: 'worn', wears: 4 }, date: '2025-06-01' }, false],
  ])('%o before %o: %p', (alteration, note, before) => {
    expect(madeBefore(sampleAlteration('body-at-hem', -3, alteration), sampleNote('bodyLength', 0, note))).toBe(before);
  });

  test('a try-on is judged without what was then altered on the body', () => {
    const make = sampleMake(1, { alterations: [sampleAlteration('body-at-hem', -3, { when: 'body' })] });
    const input = sampleCase([make]);
    expect(offsetOf(input, make, 'bodyLength', { note: sampleNote('bodyLength', 1, { seen: { at: 'tryOn' } }) }).x).toBe(0);
    expect(offsetOf(input, make, 'bodyLength', { note: sampleNote('bodyLength', 0) }).x).toBe(-3);
  });

  test('the offset is the sum of its terms', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.constantFrom('A', 'B', 'C', 'D', 'E'),
        (a, b, size) => {
          const alterations = [sampleAlteration('side-seams', a, { zones: ['bust'] }), sampleAlteration('full-bust', b, { id: 'b', way: 'perSide' })];
          const found = offset(sampleMake(1, { size: { size }, alterations, fabrics: [{ id: 'u', fabricId: 'give', part: 'main' }] }), 'bust');
          expect(found.x).toBeCloseTo(found.chart.cm + a + 2 * b + found.fabric.cm, 9);
        },
      ),
    );
  });
});
