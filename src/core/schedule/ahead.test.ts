import fc from 'fast-check';
import { chanceBy, countBy, dayBy, sewnThrough, type Task } from './ahead';
import { inHand } from './in-hand';
import { stepsWithin } from './in-minutes';
import { canBeLeftOut, drawnAhead, lastStart, proposedOrder, questionOf, toldAhead } from './look-ahead';
import { sessionsOf } from './sessions';
import { sittingsFrom, weekdayOf } from './sittings';
import { SAMPLE_WEEK, sampleBench, samplePlan } from './sample-bench';
import { sampleMake } from '../garment/sample-case';
import type { SewingTime } from '../records';

/** A Monday. */
const TODAY = '2026-11-30';
const sittings = sittingsFrom(SAMPLE_WEEK, TODAY, 400);

describe('when there is time', () => {
  test('the usual week, day by day', () => {
    expect([weekdayOf('2026-11-30'), weekdayOf('2026-12-06'), weekdayOf('1969-12-29')]).toEqual([1, 7, 1]);
    expect(sittingsFrom(SAMPLE_WEEK, TODAY, 7)).toEqual([
      { date: '2026-12-01', from: '19:30', minutes: 90 },
      { date: '2026-12-05', from: '10:00', minutes: 180 },
    ]);
  });

  test('one day instead; busy hours take what they overlap, once, and what is left begins after them', () => {
    const times: SewingTime[] = [
      ...SAMPLE_WEEK,
      { id: 'none', kind: 'that day', date: '2026-12-05', minutes: 0 },
      { id: 'more', kind: 'that day', date: '2026-12-06', minutes: 240 },
      { id: 'a', kind: 'busy', date: '2026-12-01', from: '19:00', minutes: 60, words: 'rehearsal' },
      { id: 'b', kind: 'busy', date: '2026-12-01', from: '19:45', minutes: 30 },
      { id: 'c', kind: 'busy', date: '2026-12-06', from: '10:00', minutes: 60 },
    ];
    expect(sittingsFrom(times, TODAY, 7)).toEqual([
      { date: '2026-12-01', from: '20:15', minutes: 45, usual: 90, taken: ['rehearsal'] },
      // When it begins was not said: only a whole day would take it.
      { date: '2026-12-06', minutes: 240 },
    ]);
    expect(sittingsFrom([...times, { id: 'd', kind: 'busy', date: '2026-12-06', minutes: 1440 }], TODAY, 7)[1]?.minutes).toBe(0);
  });

  test('never less than nothing nor more than there was, however busy', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 1, max: 600 })), { maxLength: 8 }), (busy) => {
        const times = busy.map(([hour, minutes], i): SewingTime => ({
          id: `b${i}`,
          kind: 'busy',
          date: '2026-12-01',
          from: `${String(hour).padStart(2, '0')}:00`,
          minutes,
        }));
        const [tuesday] = sittingsFrom([...SAMPLE_WEEK, ...times], TODAY, 2);
        expect(tuesday?.minutes).toBeGreaterThanOrEqual(0);
        expect(tuesday?.minutes).toBeLessThanOrEqual(90);
      }),
    );
  });
});

describe('sewn through', () => {
  const exactly = (id: string, minutes: readonly number[], rest: Partial<Task> = {}): Task => ({
    id,
    stretches: minutes.map((m) => ({ log: { mean: Math.log(m), variance: 0 }, paced: 1 })),
    pace: { mean: 0, variance: 0 },
    ...rest,
  });

  test('without any doubt: each thing falls on the day that counting gives', () => {
    const drawn = sewnThrough([exactly('a', [80]), exactly('b', [100])], sittings, TODAY, 0, 3);
    // 90 on Tuesday; the second needs ten of Tuesday and ninety of Saturday.
    expect([dayBy(drawn, 'a', 0.5), dayBy(drawn, 'b', 0.5)]).toEqual([1, 5]);
    expect(chanceBy(drawn, 'b', TODAY, '2026-12-04')).toBe(0);
    expect(chanceBy(drawn, 'b', TODAY, '2026-12-05')).toBe(1);
    expect(chanceBy(drawn, 'nobody', TODAY, '2026-12-05')).toBe(0);
  });

  test('while one thing dries the next goes on', () => {
    const wash: Task = {
      ...exactly('a', []),
      stretches: [
        { log: { mean: Math.log(10), variance: 0 }, paced: 1, wait: 'delivery' },
        { log: { mean: Math.log(30), variance: 0 }, paced: 1 },
      ],
    };
    const drawn = sewnThrough([wash, exactly('b', [60])], sittings, TODAY, 0, 2);
    expect([dayBy(drawn, 'b', 0.5), dayBy(drawn, 'a', 0.5)]).toEqual([1, 8]);
  });

  test('what waits is not begun before; past the last sitting nothing is done', () => {
    expect(dayBy(sewnThrough([exactly('a', [30], { notBefore: '2026-12-03' })], sittings, TODAY, 0, 2), 'a', 0.5)).toBe(5);
    expect(dayBy(sewnThrough([exactly('a', [1e6])], sittings, TODAY, 0, 2), 'a', 0.5)).toBe(Infinity);
    expect(dayBy(sewnThrough([exactly('a', [30])], [], TODAY, 0, 2), 'a', 0.5)).toBe(Infinity);
    expect(dayBy(sewnThrough([exactly('a', [])], [], TODAY, 0, 2), 'a', 0.5)).toBe(0);
  });

  test('of several as a range, never more than there are', () => {
    const doubtful = (id: string): Task => ({ ...exactly(id, [200]), pace: { mean: 0, variance: 0.2 } });
    const drawn = sewnThrough(['a', 'b', 'c'].map(doubtful), sittings, TODAY, 0.1, 500);
    const counted = countBy(drawn, ['a', 'b', 'c'], TODAY, '2026-12-12');
    expect(counted.least).toBeLessThanOrEqual(counted.middle);
    expect(counted.most).toBeLessThanOrEqual(3);
    expect(counted.least).toBeLessThan(counted.most);
  });

  test('the same seed draws the same; a later day is never less likely; the first in order is done before', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.array(fc.integer({ min: 10, max: 900 }), { minLength: 1, maxLength: 6 }), (seed, minutes) => {
        const tasks = minutes.map((m, i): Task => ({ ...exactly(`t${i}`, [m]), pace: { mean: 0, variance: 0.2 } }));
        const [a, b] = [sewnThrough(tasks, sittings, TODAY, 0.1, 40, seed), sewnThrough(tasks, sittings, TODAY, 0.1, 40, seed)];
        expect(a.done).toEqual(b.done);
        for (const { id } of tasks) {
          expect(chanceBy(a, id, TODAY, '2026-12-20')).toBeLessThanOrEqual(chanceBy(a, id, TODAY, '2027-01-20'));
          expect(dayBy(a, id, 0.5)).toBeLessThanOrEqual(dayBy(a, id, 0.9));
        }
        for (let i = 1; i < tasks.length; i++) expect(dayBy(a, `t${i - 1}`, 0.5)).toBeLessThanOrEqual(dayBy(a, `t${i}`, 0.5));
      }),
      { numRuns: 40 },
    );
  });
});

describe('backwards from the day', () => {
  const { bench, pace } = sampleBench([
    samplePlan('a', { due: '2027-01-30' }),
    samplePlan('b', { due: '2026-12-12', fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] }),
  ]);
  const drawn = drawnAhead(questionOf(bench, pace, sittings, TODAY));
  const { items } = toldAhead(bench, drawn, pace, sittings, TODAY);
  const [a, b] = ['a', 'b'].map((id) => items.find((i) => i.id === id));

  test('the days stand in order, each before what it is for; what will not be is said', () => {
    expect(a?.chance).toBeGreaterThan(b?.chance ?? 1);
    expect([a?.cutBy ?? 'never', a?.sewFrom ?? '', '2027-01-30']).toEqual([a?.cutBy, a?.sewFrom, '2027-01-30'].sort());
    expect(a?.washBy).toBeUndefined();
    expect(b?.late).toBe(true);
    expect(b?.washBy).toBeUndefined();
  });

  test('where nobody said when there is time nothing is told of dates', () => {
    const told = toldAhead(bench, drawnAhead(questionOf(bench, pace, [], TODAY)), pace, [], TODAY);
    expect(told.items.find((i) => i.id === 'a')).toEqual({ id: 'a', due: '2027-01-30' });
  });

  test('begun on such a day nine in ten are on time', () => {
    const item = bench.find((i) => i.id === 'a');
    if (!item || !a?.cutBy) throw new Error('no such day');
    const late = sittings.filter((s) => s.date >= a.cutBy!);
    const alone = drawnAhead(questionOf([{ ...item, steps: item.steps.filter((s) => s.id !== 'trace') }], pace, late, a.cutBy));
    const chance = chanceBy(alone, 'a', a.cutBy, '2027-01-30');
    expect(chance).toBeGreaterThan(0.86);
    expect(chance).toBeLessThan(0.99);
  });

  test('days of waiting count backwards too', () => {
    const item = bench.find((i) => i.id === 'b');
    if (!item) throw new Error('no plan');
    const [with_, without] = [item.steps, item.steps.filter((s) => !s.wait)].map((steps) => lastStart(steps, item, pace, sittings, '2027-03-27'));
    expect(with_! < without!).toBe(true);
  });
});

describe('what goes first', () => {
  const { bench, pace } = sampleBench([
    samplePlan('blue late', { due: '2027-05-01' }),
    samplePlan('red soon', { due: '2027-02-20', fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] }),
    samplePlan('blue soon', { due: '2027-02-10' }),
    samplePlan('blue any'),
  ]);

  test('what is wanted first, and after it what needs the same thread where there is slack', () => {
    const order = proposedOrder(bench, pace, sittings);
    expect(order[0]).toBe('blue soon');
    expect([...order].sort()).toEqual(['blue any', 'blue late', 'blue soon', 'red soon']);
    const roomy = proposedOrder(bench, pace, sittingsFrom([{ id: 'all', kind: 'usual', weekday: 1, minutes: 600 }, ...SAMPLE_WEEK], TODAY, 400));
    expect(roomy).toEqual(['blue soon', 'blue late', 'blue any', 'red soon']);
  });

  test('her own order rules', () => {
    const { bench: own } = sampleBench([samplePlan('a'), samplePlan('b', { bench: { steps: [], place: 0 } })]);
    expect(own.map((i) => i.id)).toEqual(['b', 'a']);
  });
});

describe('forty minutes', () => {
  const { bench, pace } = sampleBench(
    [samplePlan('red', { fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] })],
    [sampleMake(1, { state: 'sewing', id: 'blue', bench: { steps: [{ id: 'interface', done: '2025-01-02' }] } })],
  );

  test('next steps that fit, those as threaded first, and nothing after what must dry', () => {
    const found = stepsWithin(40, bench, pace, { thread: 'dark blue' });
    expect(found[0]).toMatchObject({ step: { id: 'darts' }, asThreaded: true });
    expect(found.reduce((sum, f) => sum + f.minutes, 0)).toBeLessThanOrEqual(40);
    expect(stepsWithin(5, bench, pace)).toEqual([]);
    const red = stepsWithin(
      500,
      bench.filter((i) => i.id === 'red'),
      pace,
    );
    expect(red.map((f) => f.step.id)).toEqual(['wash']);
  });

  test('what waits is left out', () => {
    expect(
      stepsWithin(
        500,
        bench.map((i) => ({ ...i, waits: { words: 'buttons', since: TODAY } })),
        pace,
      ),
    ).toEqual([]);
  });

  test('what can be left out, with what it saves', () => {
    const item = bench.find((i) => i.id === 'blue');
    expect(item && canBeLeftOut(item, pace).map((c) => c.step.id)).toEqual(['picture']);
  });
});

test('sessions: each sitting is filled in order, a long step goes over two', () => {
  const { bench, pace } = sampleBench([samplePlan('a')]);
  const sessions = sessionsOf(bench, pace, sittings.slice(0, 12), TODAY);
  expect(sessions[0]?.parts[0]?.step.id).toBe('trace');
  for (const { sitting, parts } of sessions) expect(parts.reduce((sum, p) => sum + p.minutes, 0)).toBeLessThanOrEqual(sitting.minutes + 1e-6);
  const sewn = sessions.flatMap((s) => s.parts).reduce((sum, p) => sum + p.minutes, 0);
  const needed = bench[0]?.hands.middle ?? 0;
  // The middle of a sum is a little more than the sum of the middles.
  expect(sewn).toBeGreaterThan(0.85 * needed);
  expect(sewn).toBeLessThanOrEqual(needed);
  expect(sessions.some((s) => s.parts.some((p) => p.goesOn))).toBe(true);
});

describe('what the day book names of the bench', () => {
  test('loose ends by age, without those that are done', () => {
    const looseEnds = [
      { id: 'a', words: 'hem', since: '2026-02-01' },
      { id: 'b', words: 'snap', since: '2025-02-01' },
      { id: 'c', words: 'button', since: '2024-02-01', done: '2024-03-01' },
    ];
    const { bench } = sampleBench([], [sampleMake(1, { state: 'loose ends', looseEnds })]);
    expect(inHand(bench, TODAY).looseEnds.map((l) => l.end.words)).toEqual(['snap', 'hem']);
    expect(bench[0]?.steps.map((s) => s.words)).toEqual(['hem', 'snap']);
  });

  test('plans wanted within six weeks, and those whose fabric is washed; none that is made', () => {
    const linen = [{ id: 'u', fabricId: 'linen', part: 'main' as const }];
    const { bench } = sampleBench([
      samplePlan('later', { due: '2027-03-01', fabrics: linen }),
      samplePlan('soon', { due: '2026-12-20', fabrics: linen }),
      samplePlan('washed'),
      samplePlan('made', { due: '2026-12-01', state: 'made' }),
    ]);
    expect(inHand(bench, TODAY).planned.map((p) => p.id)).toEqual(['soon', 'washed']);
  });

  test('cut before half sewn by the day, a finished one not at all; in the mending it is on the bench again', () => {
    const { bench } = sampleBench(
      [],
      [
        sampleMake(2, { state: 'sewing' }),
        sampleMake(1, { state: 'cut' }),
        sampleMake(3, { state: 'finished', away: [{ id: 'm', why: 'in the mending', from: '2026-11-01' }] }),
        sampleMake(4, { state: 'finished' }),
      ],
    );
    expect(inHand(bench, TODAY).begun.map((m) => m.version)).toEqual([1, 2]);
    expect(bench.map((i) => i.stage)).toEqual(['half sewn', 'mending', 'cut']);
  });
});
