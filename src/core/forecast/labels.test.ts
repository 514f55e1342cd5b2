import type { FitClass } from '../body/fit-class';
import { priorSpread, type ZoneId } from '../body/zones';
import { SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleMake, sampleNote } from '../garment/sample-case';
import type { FitNote, Make, Outcome, SizeLine } from '../records';
import { chanceOfRight, posteriorOf } from '../inference/posterior';
import { edgesOf } from '../body/fit-class';
import { carryForward } from './carry-forward';
import { placeAt } from './label-places';
import { plannedZones } from './planned-chance';
import { Recollection } from './recollection';
import { sizesFor } from './sizes';

const PLAN = { date: '2025-12-01', unit: 'cm' as const };

/** Versions of a pattern of which nobody typed a chart, for a body that nobody measured. */
function unknown(zone: ZoneId, fitClass: FitClass, versions: readonly (readonly [size: string, outcome: Outcome, rest?: Partial<FitNote>])[]) {
  const makes = versions.map(([size, outcome, rest], i) => sampleMake(i + 1, { size: { size }, fitNotes: [sampleNote(zone, outcome, rest)] }));
  return sampleCase(makes, { pattern: { ...SAMPLE_PATTERN, fitClass, charts: [] }, bodies: [] });
}

const BY_SIZE: Partial<Make> = { alterations: [] };
const between = (size: string, to: string, at: number): SizeLine => ({ size, to, at });

/** Worked numbers of engine.md, section 12: all after three wears. */
describe.each<[string, ZoneId, FitClass, Parameters<typeof unknown>[2], SizeLine, number]>([
  [
    'M clearly tight, L clearly loose',
    'waistband',
    'semi',
    [
      ['M', -2],
      ['L', 2],
    ],
    between('M', 'L', 0.5),
    0.94,
  ],
  [
    'M slightly tight, L slightly loose',
    'waistband',
    'semi',
    [
      ['M', -1],
      ['L', 1],
    ],
    between('M', 'L', 0.5),
    0.97,
  ],
  ['40 clearly tight', 'hip', 'semi', [['40', -2]], between('42', '44', 0.5), 0.59],
  [
    '40 clearly, 42 slightly tight',
    'hip',
    'semi',
    [
      ['40', -2],
      ['42', -1],
    ],
    between('42', '44', 0.75),
    0.78,
  ],
  ['40 right', 'hip', 'semi', [['40', 0]], { size: '40' }, 0.82],
  ['S clearly tight, by 3', 'bust', 'fitted', [['S', -2, { amount: 3 }]], between('S', 'M', 0.75), 0.64],
  [
    '38 loose and spoils, 36 right',
    'waist',
    'fitted',
    [
      ['38', 3],
      ['36', 0],
    ],
    between('34', '36', 0.75),
    0.82,
  ],
])('%s', (_, zone, fitClass, versions, line, chance) => {
  const input = unknown(zone, fitClass, versions);
  const carried = carryForward(input, PLAN)!;
  const at = carried.zones.find((z) => z.zone === zone)!;

  test('where to cut next, and its chance', () => {
    expect(Math.abs(at.chanceOfBest! - chance)).toBeLessThan(0.009);
    expect(carried.next).toMatchObject(BY_SIZE);
    if (at.basis !== 'best cut') return;
    expect(at.line).toEqual(line);
    expect(at.chance).toBe(at.chanceOfBest);
  });

  test('without a chart no more is promised than the same notes could by one', () => {
    const [t1] = edgesOf(zone, fitClass);
    const alone = chanceOfRight(posteriorOf([], priorSpread(zone)), 0, t1);
    expect(carryForward(unknown(zone, fitClass, []), PLAN)).toBeUndefined();
    for (const { chance: planned } of plannedZones({ ...input, makes: input.makes.map((m) => ({ ...m, fitNotes: [] })) }, input.makes[0]!, PLAN))
      expect(planned).toBeLessThanOrEqual(alone);
  });
});

test('the step that the notes speak for, and where the ideal lies', () => {
  const told = (...of: Parameters<typeof unknown>) => {
    const { labels, best } = carryForward(unknown(...of), PLAN)!.zones.find((z) => z.zone === of[0])!;
    return { labels: labels!, best };
  };
  const jeans = told('waistband', 'semi', [
    ['M', -2],
    ['L', 2],
  ]);
  const first = jeans.labels.sizes.indexOf('M');
  expect(jeans.labels.step).toBe(5.5);
  expect([jeans.best.low, jeans.best.median, jeans.best.high].map((cm) => placeAt(jeans.labels, cm) - first)).toEqual([
    expect.closeTo(0.37, 1),
    expect.closeTo(0.5, 2),
    expect.closeTo(0.62, 1),
  ]);
  expect(
    told('waistband', 'semi', [
      ['M', -1],
      ['L', 1],
    ]).labels.believed,
  ).toBeCloseTo(3.6, 1);
  expect(
    told('waist', 'fitted', [
      ['38', 3],
      ['36', 0],
    ]).labels.believed,
  ).toBeCloseTo(5.06, 1);
  const hip = told('hip', 'semi', [['40', -2]]);
  expect(placeAt(hip.labels, hip.best.median) - hip.labels.sizes.indexOf('40')).toBeCloseTo(1.65, 1);
});

describe('beside a chart', () => {
  test('a size that the chart does not name is a step further, with its doubt', () => {
    const makes = [sampleMake(1, { size: { size: 'F' }, fitNotes: [sampleNote('bust', 2)] })];
    const { offset } = carryForward(sampleCase(makes), PLAN)!.zones.find((z) => z.zone === 'bust')!.evidence[0]!;
    expect(offset).toMatchObject({ x: 98 - 90 + 4, steps: 1, step: 4 });
    expect(offset.unknown).toContain('step between sizes');
  });

  test('what the body gained since the first version counts where it was measured', () => {
    const body = (date: string, waist: number) => ({ id: date, personId: 'person', date, measures: { waist } });
    const input = {
      ...unknown('waist', 'semi', [
        ['M', 0, { date: '2025-01-01' }],
        ['M', -2, { date: '2025-06-01' }],
      ]),
      bodies: [body('2025-01-01', 72), body('2025-06-01', 78)],
    };
    const xs = carryForward(input, PLAN)!
      .zones.find((z) => z.zone === 'waist')!
      .evidence.map((e) => e.offset.x);
    expect(xs).toEqual([0, -6]);
  });

  test('a length without a chart is told to other patterns, a girth is not', () => {
    const one = unknown('sleeve', 'semi', [['M', -2, { amount: 3 }]]);
    const girth = unknown('bust', 'semi', [['M', -2, { amount: 3 }]]);
    const other = { ...one, pattern: { ...one.pattern, id: 'other' }, makes: [] };
    expect(new Recollection([one]).zones).toEqual(['sleeve']);
    expect(new Recollection([girth]).zones).toEqual([]);
    expect(new Recollection([one]).others(other, 'sleeve')!.belief().median).toBeGreaterThan(1);
  });
});

describe('the size from labels', () => {
  test('by experience, with every size within reach and what it rests on; the other ways have nothing to go by', () => {
    const input = unknown('waistband', 'semi', [
      ['M', -2],
      ['L', 2],
    ]);
    const view = { ...input.pattern.views[0]!, zones: ['waistband' as const] };
    const sizes = sizesFor({ input: { ...input, pattern: { ...input.pattern, views: [view] } }, view, plan: PLAN })!;
    expect(sizes.byChart).toBeUndefined();
    expect(sizes.byFinished).toBeUndefined();
    expect(sizes.labelsAlone).toBe(true);
    expect(['M', 'L']).toContain(sizes.byExperience!.size);
    expect(sizes.byExperience!.chance).toBeLessThan(0.02);
  });

  test('nothing where no size was ever named', () => {
    const input = unknown('waist', 'semi', []);
    expect(sizesFor({ input, view: input.pattern.views[0]!, plan: PLAN })).toBeUndefined();
  });
});

test('an alteration in centimetres on top of labels moves the place it was cut at', () => {
  const taken = sampleMake(1, {
    size: { size: 'L' },
    alterations: [sampleAlteration('side-seams', -2.5, { id: 'in', zones: ['waist'] })],
    fitNotes: [sampleNote('waist', 0)],
  });
  const input = { ...unknown('waist', 'semi', []), makes: [taken] };
  const waist = carryForward(input, PLAN)!.zones.find((z) => z.zone === 'waist')!;
  expect(waist.x).toBeLessThan(0);
  expect(waist.basis).toBe('right after wear');
  expect(waist.line).toEqual({ size: 'L' });
});

test('a length that was right stays as it was cut where the size of most places is another', () => {
  const cutAt44 = (zones: readonly ZoneId[], others: readonly FitNote[]) =>
    sampleMake(2, {
      size: { size: '42' },
      sizeLines: zones.map((zone) => ({ zone, line: { size: '44' } })),
      fitNotes: [...zones.map((zone) => sampleNote(zone, 0)), sampleNote('rise', 0), ...others],
    });
  const first = sampleMake(1, { size: { size: '42' }, fitNotes: [sampleNote('waistband', 0)] });
  const wanted = (make: Make) => carryForward({ ...unknown('hip', 'semi', []), makes: [first, make] }, PLAN)!;
  const rise = (make: Make) => wanted(make).zones.find((z) => z.zone === 'rise')!.x;

  const even = cutAt44(['hip'], [sampleNote('thigh', -1)]);
  expect(wanted(even).next).toMatchObject({ size: { size: '42' }, sizeLines: ['hip', 'thigh'].map((zone) => ({ zone, line: { size: '44' } })) });
  expect(rise(even)).toBe(0);
  // Outvoted, it keeps the old size as a line of its own.
  const most = cutAt44(['hip', 'knee'], [sampleNote('thigh', -1)]);
  expect(wanted(most).next).toMatchObject({ size: { size: '44' }, sizeLines: ['waistband', 'rise'].map((zone) => ({ zone, line: { size: '42' } })) });
  expect(rise(most)).toBe(0);
});

test('no place goes further than two sizes from where it was cut: beyond that the size is altered', () => {
  const at = (first: Outcome) => {
    const input = unknown('neckWidth', 'semi', [
      ['M', first, { seen: { at: 'firstDay' } }],
      ['S', 0],
    ]);
    const { zones, next } = carryForward(input, PLAN)!;
    return { line: zones.find((z) => z.zone === 'neckWidth')!.line, altered: next.alterations.map((a) => a.kind) };
  };
  expect(at(2)).toEqual({ line: { size: 'XXS' }, altered: [] });
  expect(at(3)).toEqual({ line: { size: 'S' }, altered: ['neck-width'] });
});
