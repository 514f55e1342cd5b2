import fc from 'fast-check';
import type { SizeChart } from '../records';
import { chartOf, chartReading, finishedColumn, lineAt, lineOf, placeOf, readColumn, sameLine } from './chart';
import { SAMPLE_PATTERN } from './sample-case';

const chart: SizeChart = {
  id: 'chart',
  name: 'body chart',
  sizes: ['A', 'B', 'C', 'D'],
  body: { bust: [82, 86, 90, 94], waist: [64, null, 72, 76], hip: [null, null, null, null] },
  finished: { bust: [92, 96, 100, 104] },
  finishedOf: [{ viewId: 'loose', finished: { bust: [98, 102, 106, 110] } }],
};

describe('the place of a line', () => {
  test.each([
    [{ size: 'A' }, 0],
    [{ size: 'D' }, 3],
    [{ size: 'B', to: 'C', at: 0.5 }, 1.5],
    [{ size: 'B', to: 'D', at: 0.25 }, 1.5],
    [{ size: 'C', to: 'B', at: 0.25 }, 1.75],
  ])('%j is at %d', (line, place) => expect(placeOf(chart, line)).toBe(place));

  test.each([{ size: 'E' }, { size: 'A', to: 'E', at: 0.5 }])('%j is not in the chart', (line) => expect(placeOf(chart, line)).toBeUndefined());

  test('a size is a label: its letter case and its figures mean nothing', () => {
    expect(placeOf({ ...chart, sizes: ['8', '10', '2'] }, { size: '2' })).toBe(2);
    expect(placeOf(chart, { size: 'a' })).toBeUndefined();
  });

  test('back again, to the nearest quarter and within the chart', () => {
    expect(lineAt(chart, 2)).toEqual({ size: 'C' });
    expect(lineAt(chart, 1.52)).toEqual({ size: 'B', to: 'C', at: 0.5 });
    expect(lineAt(chart, 2.9)).toEqual({ size: 'D' });
    expect(lineAt(chart, -3)).toEqual({ size: 'A' });
    expect(lineAt(chart, 9)).toEqual({ size: 'D' });
  });

  test('a quarter of a chart survives the way there and back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), (quarter) => {
        expect(placeOf(chart, lineAt(chart, quarter / 4))).toBe(quarter / 4);
      }),
    );
  });
});

describe('reading a column', () => {
  test('between two sizes it is interpolated', () => {
    expect(readColumn(chart.body.bust, 1)).toBe(86);
    expect(readColumn(chart.body.bust, 1.5)).toBe(88);
    expect(readColumn(chart.body.bust, 2.25)).toBe(91);
  });

  test('next to a blank it says nothing rather than something wrong', () => {
    expect(readColumn(chart.body.waist, 1)).toBeUndefined();
    expect(readColumn(chart.body.waist, 0.5)).toBeUndefined();
    expect(readColumn(chart.body.waist, 2.5)).toBe(74);
    expect(readColumn(undefined, 0)).toBeUndefined();
    expect(readColumn(chart.body.bust, 4)).toBeUndefined();
  });
});

describe('how a chart speaks of a zone', () => {
  test('by its own measure where it has one', () => {
    expect(chartReading(chart, 'bust')).toMatchObject({ measure: 'bust', factor: 1, graded: false });
    expect(chartReading(chart, 'waistband')).toMatchObject({ measure: 'waist', factor: 1, graded: false });
  });

  test.each([
    ['upperArm', 'bust', 0.3],
    ['armhole', 'bust', 0.45],
    ['wrist', 'bust', 0.15],
    ['neckline', 'bust', 0.25],
    ['neckWidth', 'bust', 0.25],
    ['acrossBack', 'bust', 0.2],
    ['acrossFront', 'bust', 0.2],
    ['shoulder', 'bust', 0.06],
    ['underbust', 'bust', 1],
  ] as const)('%s is graded from the %s by %d', (zone, measure, factor) => {
    expect(chartReading(chart, zone)).toMatchObject({ measure, factor, graded: true });
  });

  test('a column of nothing but blanks is no measure', () => {
    expect(chartReading(chart, 'hip')).toBeUndefined();
    expect(chartReading(chart, 'thigh')).toBeUndefined();
  });

  test('lengths that no chart gives are not graded', () => {
    for (const zone of ['sleeve', 'bodice', 'bodyLength', 'rise', 'bustPoint'] as const) expect(chartReading(chart, zone)).toBeUndefined();
  });

  test('hem and thigh are graded from the hip, the waist from bust before hip', () => {
    const lower: SizeChart = { ...chart, body: { hip: [90, 94, 98, 102] } };
    expect(chartReading(lower, 'thigh')).toMatchObject({ measure: 'hip', factor: 0.6 });
    expect(chartReading(lower, 'knee')).toMatchObject({ measure: 'hip', factor: 0.4 });
    expect(chartReading(lower, 'waist')).toMatchObject({ measure: 'hip', factor: 1, graded: true });
    expect(chartReading({ ...lower, body: { ...lower.body, bust: [82, 86, 90, 94] } }, 'waist')).toMatchObject({ measure: 'bust' });
  });
});

describe('finished measures', () => {
  test('a view’s own go before those of all views', () => {
    expect(finishedColumn(chart, 'bust', 'plain')).toEqual([92, 96, 100, 104]);
    expect(finishedColumn(chart, 'bust', 'loose')).toEqual([98, 102, 106, 110]);
    expect(finishedColumn(chart, 'hip', 'loose')).toBeUndefined();
  });
});

test('the chart a make names, else the first', () => {
  const pattern = { ...SAMPLE_PATTERN, charts: [chart, { ...chart, id: 'extended' }] };
  expect(chartOf(pattern, 'extended')?.id).toBe('extended');
  expect(chartOf(pattern, 'gone')?.id).toBe('chart');
  expect(chartOf({ ...pattern, charts: [] }, undefined)).toBeUndefined();
});

test('the line at a zone is its own, else the size cut', () => {
  const make = { size: { size: 'B' }, sizeLines: [{ zone: 'hip' as const, line: { size: 'C' } }] };
  expect(lineOf(make, 'hip')).toEqual({ size: 'C' });
  expect(lineOf(make, 'bust')).toEqual({ size: 'B' });
  expect(sameLine(lineOf(make, 'hip'), { size: 'C' })).toBe(true);
  expect(sameLine({ size: 'B', to: 'C', at: 0.5 }, { size: 'B', to: 'C', at: 0.25 })).toBe(false);
  expect(sameLine(undefined, undefined)).toBe(true);
});
