import { SAMPLE_PATTERN, sampleMake } from '../garment/sample-case';
import { sampleTables, samplePlan } from './sample-bench';
import { remaining, stepsOfMake, stepsOfPlan } from './steps';
import {
  benchPlaced,
  stepAdded,
  stepDone,
  stepLeft,
  stepOpen,
  stepRemoved,
  stepSaid,
  stepSplit,
  stepTimed,
  stepsOrdered,
  waitsFor,
  withClockTimes,
} from './touch';

const words = (steps: readonly { readonly id: string }[]) => steps.map((s) => s.id);
const tables = sampleTables();

test('a shirt in washed fabric, in a size that was never traced: from the paper to the picture', () => {
  expect(words(stepsOfPlan(samplePlan('p'), tables))).toEqual([
    'trace',
    'cut',
    'mark',
    'interface',
    'darts',
    'shoulders',
    'collar',
    'sleeves',
    'seams',
    'neaten',
    'try',
    'cuffs',
    'hem',
    'buttonholes',
    'press',
    'picture',
  ]);
});

test('what is not there is ordered, what is not washed is washed, and both are waited for', () => {
  expect(stepsOfPlan(samplePlan('p', { fabrics: [] }), tables)[0]).toMatchObject({ id: 'order', wait: 'delivery' });
  const washed = stepsOfPlan(samplePlan('p', { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] }), tables);
  expect(washed[0]).toMatchObject({ id: 'wash', wait: 'drying' });
});

test('a size that was traced or cut before is not traced again; alterations not yet on the paper are', () => {
  const plan = samplePlan('p', {
    alterations: [
      { id: 'a', kind: 'sleeve-length', way: 'total', amount: 2, purpose: 'fit', when: 'paper' },
      { id: 'b', kind: 'side-seams', way: 'total', amount: 2, purpose: 'fit', when: 'paper', marked: '2026-01-01' },
    ],
  });
  const steps = stepsOfPlan(plan, sampleTables([sampleMake(1)]));
  expect(words(steps)).not.toContain('trace');
  expect(steps.find((s) => s.id === 'alter')?.minutes).toBe(15);
  const other = stepsOfPlan(samplePlan('p', { size: { size: 'D' } }), sampleTables([sampleMake(1)]));
  expect(words(other)).toContain('trace');
});

test('a pattern printed at home is printed and put together by its pages, the first time only', () => {
  const printed = { ...tables, patterns: [{ ...SAMPLE_PATTERN, form: 'printed at home' as const, pages: 24 }] };
  const steps = stepsOfPlan(samplePlan('p'), printed);
  expect(steps.find((s) => s.id === 'assemble')?.minutes).toBe(48);
  expect(words(stepsOfPlan(samplePlan('p'), { ...printed, makes: [sampleMake(1)] }))).not.toContain('print');
});

test('a toile has no buttonholes, a mend is one step, a lining can be left out', () => {
  expect(words(stepsOfPlan(samplePlan('p', { kind: 'toile' }), tables))).not.toContain('buttonholes');
  expect(words(stepsOfPlan({ ...samplePlan('p', { kind: 'mend' }), patternId: undefined, name: 'patch' }, tables))).toEqual([
    'mend',
    'press',
    'picture',
  ]);
  const lined = stepsOfPlan(
    samplePlan('p', {
      fabrics: [
        { id: 'u', fabricId: 'poplin', part: 'main' },
        { id: 'l', fabricId: 'linen', part: 'lining' },
      ],
    }),
    tables,
  );
  expect(lined.find((s) => s.id === 'lining')).toMatchObject({ spare: true });
  expect(words(lined)).not.toContain('neaten');
});

test('a view chosen without sleeves has no sleeves to sew', () => {
  const steps = words(stepsOfPlan(samplePlan('p', { chosen: { sleeve: 'none' } }), tables));
  expect(steps).not.toContain('sleeves');
  expect(steps).toContain('armholes');
});

test('of a make that is cut the scissors are past; a hem on the bias hangs first', () => {
  const steps = stepsOfMake(sampleMake(1, { state: 'cut', fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', bias: true }] }), tables);
  expect(words(steps)).not.toContain('cut');
  expect(words(steps)[0]).toBe('interface');
  expect(steps[words(steps).indexOf('hem') - 1]).toMatchObject({ id: 'hang', wait: 'hanging' });
});

test('a step of her own comes again with the next version, as long as it took, and can be left out', () => {
  const first = sampleMake(1, {
    state: 'finished',
    bench: {
      steps: [
        { id: 'x', words: 'cover the buttons', minutes: 15, spent: 25, done: '2025-01-09' },
        { id: 'collar', words: 'collar, first part', minutes: 30 },
      ],
    },
  });
  const plan = samplePlan('p');
  const again = stepsOfPlan(plan, sampleTables([first]));
  expect(again.find((s) => s.id === 'x')).toMatchObject({ words: 'cover the buttons', minutes: 25, said: true });
  // What was split last time is whole again.
  expect(again.filter((s) => s.id === 'collar').map((s) => s.words)).toEqual(['collar']);
  expect(again.find((s) => s.id === 'x')?.done).toBeUndefined();
  expect(remaining(stepsOfPlan(stepLeft(plan, 'x', true), sampleTables([first]))).map((s) => s.id)).not.toContain('x');
  expect(words(stepsOfMake(sampleMake(2, { state: 'cut' }), sampleTables([first])))).toContain('x');
  expect(words(stepsOfMake({ ...first, bench: undefined }, sampleTables([first])))).not.toContain('x');
});

describe('what the sewist says of steps', () => {
  const make = sampleMake(1, { state: 'sewing' });
  const steps = stepsOfMake(make, tables);

  test('ticked with its time, opened again, timed twice', () => {
    const done = stepDone(make, 'collar', '2026-11-28', 50);
    expect(stepsOfMake(done, tables).find((s) => s.id === 'collar')).toMatchObject({ done: '2026-11-28', spent: 50 });
    expect(remaining(stepsOfMake(done, tables))).toHaveLength(steps.length - 1);
    expect(stepOpen(done, 'collar').bench?.steps).toEqual([{ id: 'collar', spent: 50 }]);
    expect(stepTimed(done, 'collar', 10).bench?.steps[0]?.spent).toBe(60);
    expect(stepOpen(stepDone(make, 'collar', '2026-11-28'), 'collar').bench?.steps).toEqual([]);
  });

  test('times of the clock stand with the make by phase, beside those by hand', () => {
    const hand = { id: 'hand', phase: 'plan' as const, minutes: 30 };
    const timed = withClockTimes(stepDone(stepDone({ ...make, times: [hand] }, 'collar', '2026-11-28', 50), 'hem', '2026-11-28', 20));
    expect(timed.times).toEqual([hand, { id: 'clock-sew', phase: 'sew', minutes: 50 }, { id: 'clock-finish', phase: 'finish', minutes: 20 }]);
    expect(withClockTimes(timed).times).toEqual(timed.times);
  });

  test('left out, said anew, one of her own behind another, split, put in order', () => {
    expect(remaining(stepsOfMake(stepLeft(make, 'picture', true), tables)).map((s) => s.id)).not.toContain('picture');
    expect(stepLeft(stepLeft(make, 'picture', true), 'picture', false).bench?.steps).toEqual([]);
    expect(stepsOfMake(stepSaid(make, 'hem', { minutes: 90 }), tables).find((s) => s.id === 'hem')).toMatchObject({ minutes: 90, said: true });
    const own = stepAdded(make, steps, { id: 'x', words: 'cover the buttons', minutes: 15 }, 'collar');
    const withOwn = words(stepsOfMake(own, tables));
    expect(withOwn[withOwn.indexOf('collar') + 1]).toBe('x');
    expect(words(stepsOfMake(stepRemoved(own, 'x'), tables))).toEqual(words(steps));
    const collar = steps.find((s) => s.id === 'collar');
    const split = collar && stepsOfMake(stepSplit(make, steps, collar, 'y'), tables);
    expect(split?.filter((s) => s.words.startsWith('collar')).map((s) => [s.words, s.minutes])).toEqual([
      ['collar, first part', 34],
      ['collar, the rest', 34],
    ]);
    const turned = stepsOfMake(stepsOrdered(make, [...words(steps)].reverse()), tables);
    expect(words(turned)).toEqual([...words(steps)].reverse());
  });

  test('what an order does not know stands behind what it usually follows', () => {
    const ordered = stepsOrdered(
      make,
      words(steps).filter((id) => id !== 'collar'),
    );
    expect(words(stepsOfMake(ordered, tables))).toEqual(words(steps));
  });

  test('its place and what it waits for are said and taken back', () => {
    const waits = { words: 'buttons', since: '2026-11-20' };
    expect(waitsFor(make, waits).bench?.waits).toEqual(waits);
    expect(waitsFor(waitsFor(make, waits), undefined).bench?.waits).toBeUndefined();
    expect(benchPlaced(benchPlaced(make, 3), undefined).bench?.place).toBeUndefined();
  });
});
