import { sampleAlteration, sampleCase, sampleMake, SAMPLE_BODY, SAMPLE_PATTERN } from '../garment/sample-case';
import type { FabricUse, Make, Pattern, PatternPiece } from '../records';
import { blankView } from '../records/blank';
import { draftMeasures } from './measures-of';
import { piecesOf } from './pieces-of';
import { areaOf, boundsOf, cornersOf } from '../units/polygon';

const withPieces = (pieces: PatternPiece[], rest: Partial<Pattern> = {}): Pattern => ({
  ...SAMPLE_PATTERN,
  ...rest,
  views: [{ ...blankView('view', 'plain', ['bust', 'sleeve']), pieces }],
});
const box = (width: number, height: number) => [0, 0, width, 0, width, height, 0, height];
const outlined = (name: string, sizes: Record<string, number[]>, rest: Partial<PatternPiece> = {}): PatternPiece => ({
  id: name,
  name,
  part: 'main',
  count: 1,
  pairs: false,
  outlines: Object.entries(sizes).map(([size, corners]) => ({ id: `${name} ${size}`, size, corners })),
  ...rest,
});
const at = (pattern: Pattern, make: Partial<Make> = {}, part?: FabricUse['part']) =>
  piecesOf(sampleCase([], { pattern }), sampleMake(1, { ...make }), part);
const sizeOf = (found: ReturnType<typeof at>, name: string) => {
  const { left, top, right, bottom } = boundsOf(found?.pieces.find((p) => p.name === name)?.outline ?? []);
  return [right - left, bottom - top];
};

describe('pieces of a make', () => {
  const pattern = withPieces([
    outlined('front', { B: box(40, 60), D: box(44, 60) }),
    outlined('sleeve', { B: box(30, 50) }),
    outlined('lining', { B: box(5, 5) }, { part: 'lining' }),
  ]);

  test('an outline of the size that is cut is taken as it is, another is graded by the chart', () => {
    const own = at(pattern, { size: { size: 'D' } });
    expect(own).toMatchObject({ from: 'outlines', graded: { from: 'B' } });
    expect(sizeOf(own, 'front')).toEqual([44, 60]);
    // The sleeve has only B: by the bust, 94 to 86.
    expect(sizeOf(own, 'sleeve')[0]).toBeCloseTo((30 * 94) / 86, 6);
    expect(at(pattern, { size: { size: 'B' } })).not.toHaveProperty('graded');
    // Between two of as many corners it is drawn between them.
    expect(sizeOf(at(pattern, { size: { size: 'C' } }), 'front')).toEqual([42, 60]);
    expect(at(pattern, { size: { size: 'C' } })?.graded).toEqual({ from: 'B and D' });
    expect(sizeOf(at(pattern, { size: { size: 'B', to: 'C', at: 0.5 } }), 'front')[0]).toBe(41);
  });

  test('what is altered on paper moves its piece, what is taken up later does not', () => {
    const longer = (when: 'paper' | 'body') => at(pattern, { size: { size: 'B' }, alterations: [sampleAlteration('sleeve-length', 3, { when })] });
    expect(sizeOf(longer('paper'), 'sleeve')[1]).toBe(53);
    expect(sizeOf(longer('paper'), 'front')[1]).toBe(60);
    expect(sizeOf(longer('body'), 'sleeve')[1]).toBe(50);
  });

  test('each part has its own pieces; a contrast without a fabric is cut from the main one', () => {
    expect(at(pattern)?.pieces.map((p) => p.name)).toEqual(['front', 'sleeve']);
    expect(at(pattern, {}, 'lining')?.pieces.map((p) => p.name)).toEqual(['lining']);
    expect(at(pattern, {}, 'interfacing')).toBeUndefined();
    const blocked = withPieces([outlined('front', { C: box(40, 60) }), outlined('yoke', { C: box(40, 12) }, { part: 'contrast' })]);
    expect(at(blocked)?.pieces.map((p) => p.name)).toEqual(['front', 'yoke']);
    const uses: FabricUse[] = [
      { id: 'a', fabricId: 'poplin', part: 'main' },
      { id: 'b', fabricId: 'cord', part: 'contrast' },
    ];
    expect(at(blocked, { fabrics: uses })?.pieces.map((p) => p.name)).toEqual(['front']);
  });

  test('drafted, a contrast takes the pieces that its words name', () => {
    const drafted = withPieces([]);
    const uses = (pieces?: string): FabricUse[] => [
      { id: 'a', fabricId: 'poplin', part: 'main' },
      { id: 'b', fabricId: 'cord', part: 'contrast', ...(pieces === undefined ? {} : { pieces }) },
    ];
    const names = (of: ReturnType<typeof at>) => of?.pieces.map((p) => p.name) ?? [];
    expect(names(at(drafted, { fabrics: uses('sleeves and the collar') }))).not.toContain('sleeve');
    expect(names(at(drafted, { fabrics: uses('sleeves and the collar') }, 'contrast'))).toEqual(expect.arrayContaining(['sleeve', 'collar']));
    expect(names(at(drafted, { fabrics: uses() }))).toContain('sleeve');
    expect(at(withPieces([], { kind: 'toy' }))).toBeUndefined();
  });

  test('a print is matched at the hem of front and back, and nowhere on a sleeve', () => {
    const found = at(pattern, { size: { size: 'B' } });
    expect(found?.pieces.find((p) => p.name === 'front')?.match).toEqual([0, 60]);
    expect(found?.pieces.find((p) => p.name === 'sleeve')).not.toHaveProperty('match');
  });

  test('corners are kept to a hundredth of a millimetre', () => {
    expect(
      cornersOf([
        [1 / 3, 2],
        [4.00049, 5],
        [0, 9],
      ]),
    ).toEqual([0.333, 2, 4, 5, 0, 9]);
  });

  test('asked again of the same make, the pieces are the very same', () => {
    const [input, make] = [sampleCase([], { pattern }), sampleMake(1)];
    expect(piecesOf(input, make)).toBe(piecesOf(input, make));
  });
});

describe('measures to draft by', () => {
  const measures = (pattern: Pattern, make: Partial<Make> = {}, body = SAMPLE_BODY) => {
    const input = { ...sampleCase([], { pattern }), bodies: [body] };
    return draftMeasures(input, sampleMake(1, make));
  };

  test('the chart’s body and the ease of the class; a size more is a step more', () => {
    expect(measures(SAMPLE_PATTERN, { size: { size: 'C' } })).toMatchObject({ bodyBust: 90, bust: 98, waist: 80, hip: 106 });
    expect(measures(SAMPLE_PATTERN, { size: { size: 'E' } }).bust).toBe(106);
    expect(measures(SAMPLE_PATTERN, { size: { size: 'C', to: 'D', at: 0.5 } }).bust).toBe(100);
    // A blend cuts each place in its own size.
    expect(measures(SAMPLE_PATTERN, { size: { size: 'C' }, sizeLines: [{ zone: 'hip', line: { size: 'E' } }] })).toMatchObject({
      bust: 98,
      hip: 114,
    });
  });

  test('finished measures go before a body and its ease', () => {
    const [chart] = SAMPLE_PATTERN.charts;
    const finished = { ...SAMPLE_PATTERN, charts: chart ? [{ ...chart, finished: { bust: [100, 104, 108, 112, 116] } }] : [] };
    expect(measures(finished, { size: { size: 'C' } })).toMatchObject({ bust: 108, waist: 80 });
  });

  test('without a chart the person’s body, and a size that is only a label by usual steps from the middle', () => {
    const bare = { ...SAMPLE_PATTERN, charts: [] };
    const { size: _, ...unsized } = sampleMake(1);
    expect(draftMeasures({ ...sampleCase([], { pattern: bare }), bodies: [SAMPLE_BODY] }, unsized)).toMatchObject({
      bodyBust: 90,
      upperArm: expect.closeTo(33, 0) as number,
    });
    expect(measures(bare, { size: { size: 'XL' } }).bust).toBeGreaterThanOrEqual(measures(bare, { size: { size: 'S' } }).bust);
  });

  test('alterations that are cut change the girth they are made to', () => {
    const taken = sampleAlteration('side-seams', -1, { zones: ['waist'] });
    expect(measures(SAMPLE_PATTERN, { size: { size: 'C' }, alterations: [taken] }).waist).toBeLessThan(80);
    expect(
      areaOf(at(SAMPLE_PATTERN, { alterations: [sampleAlteration('sleeve-length', 5)] })?.pieces.find((p) => p.name === 'sleeve')?.outline ?? []),
    ).toBeGreaterThan(areaOf(at(SAMPLE_PATTERN)?.pieces.find((p) => p.name === 'sleeve')?.outline ?? []) + 50);
  });
});

describe('where a print must meet', () => {
  const notched = (name: string, notches?: number[]): PatternPiece => ({
    ...outlined(name, {}),
    outlines: [{ id: `${name} B`, size: 'B', corners: box(40, 60), ...(notches ? { notches } : {}) }],
  });
  const matched = (pieces: PatternPiece[], make: Partial<Make> = {}) =>
    Object.fromEntries((at(withPieces(pieces), { size: { size: 'B' }, ...make })?.pieces ?? []).map((p) => [p.name, p.match]));

  test('at the lowest notches where front and back have them, along the middle', () => {
    expect(matched([notched('front', [40, 20, 40, 45]), notched('back', [40, 44])])).toEqual({ front: [0, 45], back: [0, 44] });
  });

  test('at the hem where one of them has none: a notch and a hem would not meet', () => {
    expect(matched([notched('front', [40, 45]), notched('back')])).toEqual({ front: [0, 60], back: [0, 60] });
    expect(matched([notched('front', [40, 45]), notched('back', [40, 44]), notched('sleeve')])).toEqual({
      front: [0, 45],
      back: [0, 44],
      sleeve: undefined,
    });
  });

  test('what is said to lie on a border is told to the lay', () => {
    const found = at(withPieces([outlined('skirt front', { B: box(40, 60) }, { onBorder: true }), outlined('band', { B: box(80, 8) })]), {
      size: { size: 'B' },
    });
    expect(found?.pieces.map((p) => [p.name, p.onBorder])).toEqual([
      ['skirt front', true],
      ['band', undefined],
    ]);
  });
});
