import { makeName } from '../make/make-name';
import { minutesOf } from '../make/minutes';
import { sampleAlteration, sampleFabric, sampleMake, sampleNote, SAMPLE_PATTERN } from '../garment/sample-case';
import { Alteration, Fabric, FitNote, Make, MeasurementSet, Pattern, Picture, Verdict, Wear } from './index';
import { blankChart, blankFabric, blankMake, blankPattern } from './blank';

const first = (result: { success: boolean; error?: { issues: { path: PropertyKey[]; message: string }[] } | undefined }) =>
  result.success ? undefined : [result.error!.issues[0]!.path.join('.'), result.error!.issues[0]!.message];

describe('blank records have their shape', () => {
  test('fabric, pattern, chart and make', () => {
    expect(first(Fabric.safeParse(blankFabric('c', 'linen')))).toBeUndefined();
    expect(
      first(Pattern.safeParse({ ...blankPattern('p', 'v', 'Quay blouse', 'shirt'), charts: [blankChart('ch', 'shirt', ['S', 'M'])] })),
    ).toBeUndefined();
    expect(first(Make.safeParse({ ...blankMake('m', 'person', 1, '2026-03-09'), name: 'a bag' }))).toBeUndefined();
  });

  test('a knit asks for a stretch that nobody has said yet, a woven for none', () => {
    expect(blankPattern('p', 'v', 'x', 'top', 'knit').wants).toEqual({ structure: 'knit' });
    expect(blankPattern('p', 'v', 'x', 'top').wants).toEqual({ structure: 'woven', stretch: 0 });
  });

  test('trousers have no bust in their chart', () => {
    expect(Object.keys(blankChart('c', 'trousers', ['S']).body)).toEqual(['waist', 'hip']);
  });
});

describe('what is refused, and where', () => {
  test.each<[string, unknown, string]>([
    ['a make without pattern and name', blankMake('m', 'p', 1, '2026-03-09'), 'name'],
    ['a day that is not in the calendar', { ...sampleMake(1), cutOn: '2026-02-30' }, 'cutOn'],
    ['a time of day', { ...sampleMake(1), cutOn: '2026-02-03T10:00:00Z' }, 'cutOn'],
    ['half a point between sizes', { ...sampleMake(1), size: { size: 'A', to: 'B' } }, 'size'],
    ['a point beyond the sizes', { ...sampleMake(1), size: { size: 'A', to: 'B', at: 1 } }, 'size.at'],
    ['a zone nobody knows', { ...sampleMake(1), lacking: ['elbow'] }, 'lacking.0'],
    ['a field nobody knows', { ...sampleMake(1), colour: 'red' }, ''],
    ['a length of nothing', { ...sampleMake(1), measured: [{ zone: 'bust', cm: 0, of: 'piece' }] }, 'measured.0.cm'],
    ['half a cent', { ...sampleMake(1), notions: [{ id: 'n', what: 'zip', cost: { minor: 12.5, currency: 'EUR' } }] }, 'notions.0.cost.minor'],
    ['version nought', { ...sampleMake(1), version: 0 }, 'version'],
  ])('%s', (_, make, path) => {
    expect(first(Make.safeParse(make))?.[0]).toBe(path);
  });

  test('an alteration needs an amount or a direction, unless it is no matter of more or less', () => {
    const { amount: _, ...unsized } = sampleAlteration('sleeve-length', 1);
    expect(first(Alteration.safeParse(unsized))?.[1]).toMatch(/amount, or at least a direction/);
    expect(first(Alteration.safeParse({ ...unsized, direction: -1 }))).toBeUndefined();
    expect(first(Alteration.safeParse({ ...unsized, kind: 'leave-out', note: 'the patch pocket' }))).toBeUndefined();
    expect(first(Alteration.safeParse({ ...unsized, kind: 'allowance', allowance: { cut: 1.5, sewn: 1 } }))).toBeUndefined();
  });

  test('a fit note runs from −3 to 3, and its amount has no sign', () => {
    expect(first(FitNote.safeParse({ ...sampleNote('bust', 0), outcome: 4 }))?.[0]).toBe('outcome');
    expect(first(FitNote.safeParse(sampleNote('bust', -2, { amount: -2 })))?.[0]).toBe('amount');
    expect(first(FitNote.safeParse(sampleNote('bust', -2, { seen: { at: 'worn', wears: 0 } })))?.[0]).toBe('seen.wears');
    expect(first(FitNote.safeParse(sampleNote('bust', -2, { pin: { pictureId: 'p', x: 1.2, y: 0 } })))?.[0]).toBe('pin.x');
  });

  test('a chart whose columns are not as long as its sizes, or that names a size twice', () => {
    const [chart] = SAMPLE_PATTERN.charts;
    const withChart = (rest: object) => Pattern.safeParse({ ...SAMPLE_PATTERN, charts: [{ ...chart, ...rest }] });
    expect(first(withChart({ body: { bust: [82, 86] } }))).toEqual(['charts.0.body.bust', 'has 2 amounts for 5 sizes']);
    expect(first(withChart({ finishedOf: [{ viewId: 'view', finished: { hip: [1] } }] }))?.[0]).toBe('charts.0.finishedOf.0.hip');
    expect(first(withChart({ sizes: ['A', 'A', 'C', 'D', 'E'] }))?.[1]).toBe('names a size twice');
  });

  test('love is 1 to 5, a verdict may be in parts, and later wants a month', () => {
    const verdict = { id: 'v', date: '2026-01-01', wears: 3, love: 4 };
    expect(first(Verdict.safeParse(verdict))).toBeUndefined();
    expect(first(Verdict.safeParse({ ...verdict, love: 6 }))?.[0]).toBe('love');
    expect(first(Verdict.safeParse({ ...verdict, parts: { fit: 0 } }))?.[0]).toBe('parts.fit');
    expect(first(Verdict.safeParse({ ...verdict, sewAgain: 'later', later: 'spring' }))?.[0]).toBe('later');
  });

  test('a picture belongs to one make or to one fabric, never to both or to none', () => {
    const picture = { id: 'p', side: 'front', type: 'image/png', data: 'AAAA' };
    expect(first(Picture.safeParse({ ...picture, makeId: 'm' }))).toBeUndefined();
    expect(first(Picture.safeParse({ ...picture, fabricId: 'c' }))).toBeUndefined();
    expect(first(Picture.safeParse(picture))?.[1]).toMatch(/one make, fabric, pattern, plan or person/);
    expect(first(Picture.safeParse({ ...picture, makeId: 'm', fabricId: 'c' }))).toBeDefined();
  });

  test('a measurement set takes any measure and none that is nothing', () => {
    expect(first(MeasurementSet.safeParse({ id: 'b', personId: 'p', date: '2026-01-01', measures: {} }))).toBeUndefined();
    expect(first(MeasurementSet.safeParse({ id: 'b', personId: 'p', date: '2026-01-01', measures: { waist: 0 } }))?.[0]).toBe('measures.waist');
  });

  test('a fabric gives a percentage that fabric can give', () => {
    expect(first(Fabric.safeParse(sampleFabric('c', { stretchAcross: 400 })))?.[0]).toBe('stretchAcross');
    expect(first(Fabric.safeParse(sampleFabric('c', { drape: 6 })))?.[0]).toBe('drape');
    expect(first(Fabric.safeParse({ ...sampleFabric('c'), swatch: { print: 'plain', ground: 'red', figure: '#000000' } }))?.[0]).toBe(
      'swatch.ground',
    );
  });

  test('a wear is of at least one make', () => {
    expect(first(Wear.safeParse({ id: 'w', date: '2026-01-01', makeIds: [] }))?.[0]).toBe('makeIds');
    expect(Wear.parse({ id: 'w', date: '2026-01-01', makeIds: ['m'] }).count).toBe(1);
  });
});

describe('what a make is called, and how long it took', () => {
  const patterns = [{ id: 'pattern', name: 'Sandbar blouse' }];

  test('by its pattern and version, else by its own name', () => {
    expect(makeName(sampleMake(3), patterns)).toBe('Sandbar blouse, version 3');
    expect(makeName({ ...sampleMake(3), sources: [], name: 'music bag' }, patterns)).toBe('music bag');
    expect(makeName(sampleMake(3), [])).toBe('a pattern that is gone, version 3');
  });

  test('phases add up; a whole beside them is taken to hold them; nothing noted is not nought', () => {
    const time = (phase: 'sew' | 'cut' | 'all', minutes: number) => ({ id: `${phase}${minutes}`, phase, minutes });
    expect(minutesOf({ times: [time('cut', 40), time('sew', 90)] })).toBe(130);
    expect(minutesOf({ times: [time('all', 300), time('sew', 90)] })).toBe(300);
    expect(minutesOf({ times: [time('all', 60), time('sew', 90)] })).toBe(90);
    expect(minutesOf({ times: [] })).toBeUndefined();
  });
});
