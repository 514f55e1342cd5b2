import type { BodyMeasure } from '../body/zones';
import type { Make, Pattern, SizeChart, View } from '../records';
import { blankView } from '../records/blank';
import { casesFor, type PatternCase } from '../garment/case';
import { Recollection } from './recollection';
import { SAMPLE_PATTERN, sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import { sizingMethodWords, sizeRemarks } from './size-words';
import { sizesFor, type SizeRequest, type Sizes } from './sizes';

const CHART: SizeChart = {
  id: 'chart',
  name: 'body chart',
  sizes: ['A', 'B', 'C', 'D', 'E'],
  body: { bust: [82, 86, 90, 94, 98], waist: [64, 68, 72, 76, 80], hip: [90, 94, 98, 102, 106] },
  finished: {},
  finishedOf: [],
};
const bodyOf = (measures: Partial<Record<BodyMeasure, number>>) => [{ id: 'b', personId: 'person', date: '2025-01-01', measures }];

interface Asked extends Partial<Omit<SizeRequest, 'input'>> {
  readonly pattern?: Partial<Pattern>;
  readonly view?: View;
  readonly body?: Partial<Record<BodyMeasure, number>>;
  readonly makes?: readonly Make[];
  readonly input?: Partial<PatternCase>;
}
const VIEW = blankView('view', 'plain', ['bust', 'waist', 'hip']);
function ask({ pattern, view = VIEW, body = { bust: 90, waist: 72, hip: 98 }, makes = [], input, ...rest }: Asked = {}): Sizes {
  const own = sampleCase(makes, { pattern: { ...SAMPLE_PATTERN, charts: [CHART], views: [view], ...pattern }, bodies: bodyOf(body), ...input });
  return sizesFor({ input: own, view, plan: { date: '2025-06-01', unit: 'cm' }, ...rest })!;
}

describe('by the chart', () => {
  test.each([
    ['shirt', VIEW, { bust: 93, waist: 60, hip: 120 }, 'D', 'bust'],
    ['trousers', blankView('view', 'x', ['waistband', 'hip', 'thigh']), { bust: 120, waist: 60, hip: 103 }, 'D', 'hip'],
    ['skirt', blankView('view', 'x', ['waistband', 'skirt']), { waist: 69, hip: 110 }, 'B', 'waist'],
    ['skirt', blankView('view', 'pencil', ['waistband', 'hip']), { waist: 69, hip: 101 }, 'D', 'hip'],
  ] as const)('%s: by its deciding measure', (kind, view, body, size, measure) => {
    expect(ask({ pattern: { kind }, view, body }).byChart).toMatchObject({ size, measure });
  });

  test('between two sizes the one that lies closer everywhere else', () => {
    expect(ask({ body: { bust: 92, waist: 76, hip: 102 } }).byChart!.size).toBe('D');
    expect(ask({ body: { bust: 92, waist: 72, hip: 98 } }).byChart!.size).toBe('C');
  });

  test('by high bust: the chart’s bust less the cup it is drafted for, and the fullness that is missing, per side', () => {
    const body = { bust: 100, highBust: 89, waist: 76, hip: 100 };
    const c = ask({ body, by: 'high bust', pattern: { draftedCup: 'B' } });
    // High bust of size D is 94 − 5.
    expect(c.byChart).toMatchObject({ size: 'D', measure: 'highBust', chart: 89 });
    expect(c.fullBust).toBe(3);
    expect(sizeRemarks(c, 'cm').join()).toMatch(/add 3\s?cm of fullness on each side/);
    expect(ask({ body, by: 'bust' }).fullBust).toBeUndefined();
    expect(ask({ body, by: 'high bust', pattern: { draftedCup: 'D' } }).byChart!.size).toBe('E');
  });

  test('off the chart: the nearest, and a sentence instead of a number', () => {
    const found = ask({ body: { bust: 108, waist: 90, hip: 116 } });
    expect(found.byChart).toMatchObject({ size: 'E', offChart: -10 });
    expect(sizeRemarks(found, 'cm')[0]).toMatch(/does not reach bust 108\s?cm: E is the nearest, 10\s?cm too small/);
    expect(ask({ body: { bust: 99.5 } }).byChart!.offChart).toBeUndefined();
  });

  test('two charts: an extended range is taken where it lies nearer', () => {
    const extended = { ...CHART, id: 'more', name: 'extended', sizes: ['F', 'G'], body: { bust: [104, 110], waist: [86, 92], hip: [112, 118] } };
    const pattern = { charts: [CHART, extended] };
    expect(ask({ pattern, body: { bust: 108, waist: 90, hip: 116 } })).toMatchObject({ chart: { id: 'more' }, byChart: { size: 'G' } });
    const small = ask({ pattern });
    expect(small).toMatchObject({ chart: { id: 'chart' }, otherCharts: ['extended'] });
    expect(sizeRemarks(small, 'cm')[0]).toMatch(/Read from “body chart”/);
  });

  test('two cup ranges of one bust: the one that fits the waist as well', () => {
    const cups = { ...CHART, id: 'full', name: 'cups D to F', body: { bust: [88, 92, 96, 100, 104], waist: CHART.body.waist, hip: CHART.body.hip } };
    expect(ask({ pattern: { charts: [CHART, cups] }, body: { bust: 96, waist: 72, hip: 98 } }).chart.id).toBe('full');
  });
});

describe('by finished measures', () => {
  const finished = { ...CHART, finished: { bust: [90, 94, 98, 102, 106] } };

  test('the size whose ease is what the class usually has: semi, 8 cm', () => {
    expect(ask({ pattern: { charts: [finished] } }).byFinished).toMatchObject({ size: 'C', ease: 8, wanted: 8, wantedFrom: 'the intended ease' });
    expect(ask({ pattern: { charts: [finished], fitClass: 'loose' } }).byFinished).toMatchObject({ size: 'D', ease: 12 });
  });

  test('a loved garment’s ease comes first', () => {
    const loved = sampleMake(1, {
      size: { size: 'D' },
      fitNotes: [sampleNote('bust', 0)],
      verdicts: [{ id: 'v', date: '2025-06-01', wears: 9, love: 5, reasons: [] }],
    });
    const other = { ...sampleCase([loved]), bodies: bodyOf({ bust: 90 }) };
    // Semi, 8 cm, and cut 4 cm above the body's size.
    expect(ask({ pattern: { charts: [finished] }, all: [other] }).byFinished).toMatchObject({ size: 'D', wanted: 12, wantedFrom: 'a loved garment' });
    const unloved = { ...other, makes: [{ ...loved, verdicts: [{ ...loved.verdicts[0]!, love: 3 }] }] };
    expect(ask({ pattern: { charts: [finished] }, all: [unloved] }).byFinished!.wanted).toBe(8);
  });

  test('so does that of a garment that was bought and measured, if it is loved and like it', () => {
    const cardigan = { id: 'c', name: 'grey cardigan', kind: 'top' as const, loved: true, measured: [{ zone: 'bust' as const, cm: 102 }] };
    const wanted = (...bought: SizeRequest['bought'] & object) => ask({ pattern: { charts: [finished] }, bought }).byFinished;
    expect(wanted(cardigan)).toMatchObject({ size: 'D', wanted: 12, wantedFrom: 'a loved garment' });
    expect(wanted({ ...cardigan, loved: false })).toMatchObject({ wanted: 8, wantedFrom: 'the intended ease' });
    expect(wanted({ ...cardigan, structure: 'knit' })?.wanted).toBe(8);
    expect(wanted({ ...cardigan, fit: 'oversized' })?.wanted).toBe(8);
    expect(wanted({ ...cardigan, kind: 'trousers' })?.wanted).toBe(8);
    expect(wanted(cardigan, { ...cardigan, id: 'd', measured: [{ zone: 'bust', cm: 98 }] })?.wanted).toBe(10);
    expect(wanted({ ...cardigan, measured: [{ zone: 'waist', cm: 90 }] })?.wanted).toBe(8);
  });

  test('only finished measures: the chart cannot speak, finished and blend can', () => {
    const only = { ...finished, body: {} };
    const found = ask({ pattern: { charts: [only] }, body: { bust: 94 } });
    expect(found.byChart).toBeUndefined();
    expect(found.byFinished!.size).toBe('D');
    expect(found.blend.map((z) => [z.zone, z.size])).toEqual([['bust', 'D']]);
    expect(sizingMethodWords(found, 'cm').map((s) => s.size)).toEqual([undefined, 'D', undefined]);
  });
});

describe('by experience', () => {
  const tight = (size: string, outcome: -1 | 0 | 1) => sampleMake(1, { size: { size }, fitNotes: [sampleNote('bust', outcome)] });

  test('silent where there is no evidence; then the size that notes ask for', () => {
    expect(ask().byExperience).toBeUndefined();
    const found = ask({ makes: [tight('C', -1)], view: blankView('view', 'x', ['bust']) });
    expect(found.byChart!.size).toBe('C');
    expect(found.byExperience!.size).toBe('D');
    expect(found.byExperience!.chance).toBeGreaterThan(0.4);
  });

  test('what other patterns taught speaks for one that was never made', () => {
    const pattern = { ...SAMPLE_PATTERN, id: 'other', name: 'other' };
    const made = [1, 2].map((i) => ({
      ...sampleMake(i, { fitNotes: [sampleNote('bust', -2)] }),
      id: `o${i}`,
      sources: [{ patternId: 'other', viewId: 'view' }],
    }));
    const cases = casesFor('person', { patterns: [pattern], makes: made, bodies: bodyOf({ bust: 90 }), fabrics: [sampleFabric('poplin')] });
    const found = ask({ memory: new Recollection(cases), view: blankView('view', 'x', ['bust']) });
    expect(found.byExperience!.size).toBe('D');
  });

  test('less stretch than the pattern asks for: a size up, by the fabric that is planned', () => {
    const stretchy = { kind: 'top' as const, fitClass: 'close' as const, wants: { structure: 'knit' as const, stretch: 40 } };
    const view = blankView('view', 'x', ['bust']);
    const firm = sampleFabric('firm', { stretchAcross: 15 });
    const at = (fabricId?: string) =>
      ask({ pattern: stretchy, view, input: { fabrics: [firm] }, plan: { date: '2025-06-01', unit: 'cm', ...(fabricId ? { fabricId } : {}) } })
        .blend[0]!.size;
    expect(at()).toBe('C');
    expect(at('firm')).toBe('E');
  });

  test('zones that hang free, and lengths, do not decide', () => {
    const view = { ...blankView('view', 'x', ['bust', 'hip', 'bodice']), freeZones: ['hip' as const] };
    expect(ask({ view, body: { bust: 90, hip: 120, napeToWaist: 60 } }).blend.map((z) => z.zone)).toEqual(['bust']);
  });

  test('wide steps between neighbours are pointed out', () => {
    const seen = { seen: { at: 'worn' as const, wears: 12 } };
    const right = sampleMake(1, {
      size: { size: 'A' },
      sizeLines: [{ zone: 'waist', line: { size: 'E' } }],
      fitNotes: [sampleNote('bust', 0, seen), sampleNote('waist', 0, seen)],
    });
    const found = ask({ body: { bust: 82, waist: 80 }, makes: [right], view: blankView('view', 'x', ['bust', 'waist']) });
    expect(found.wideSteps).toEqual([['bust', 'waist']]);
    expect(sizeRemarks(found, 'cm').join()).toMatch(/From bust to waist the blend steps over more than two sizes/);
  });
});

describe('the body it is for', () => {
  test('an expected body stands in for the measured one', () => {
    expect(ask({ plan: { date: '2025-06-01', unit: 'cm', expected: { bust: 98 } } }).byChart!.size).toBe('E');
  });

  test('elastic waists leave the waist free and must pass the hip', () => {
    const view = { ...blankView('view', 'x', ['waistband', 'hip']), openings: [{ zone: 'waistband' as const, closes: 'elastic' as const }] };
    const pattern = { kind: 'trousers' as const, charts: [{ ...CHART, finished: { waistband: [88, 92, 96, 100, 104] } }] };
    const found = ask({ view, pattern });
    expect(found.blend.map((z) => z.zone)).toEqual(['hip']);
    expect(found.mustPass).toEqual([{ zone: 'waistband', over: 'hip', short: 2 }]);
    expect(sizeRemarks(found, 'cm').join()).toMatch(/must pass the hip and is 2\s?cm too small/);
  });

  test('what was not measured is named, and nothing is invented', () => {
    const found = ask({ body: {} });
    expect(found.byChart).toBeUndefined();
    expect(found.lacking).toEqual(['bust', 'waist', 'hip']);
    expect(
      sizesFor({ input: sampleCase([], { pattern: { ...SAMPLE_PATTERN, charts: [] } }), view: VIEW, plan: { date: '2025-06-01', unit: 'cm' } }),
    ).toBeUndefined();
  });
});
