import { demoLedger } from '../demo/ledger';
import { run } from './run';
import { ScheduleAnswer, scheduleAnswer, scheduleWords } from './schedule';

const TODAY = '2026-11-28';
const nothing = () => {
  throw new Error('nothing is read');
};
const ask = (...args: string[]) => run(['schedule', ...args], nothing, nothing, TODAY);
const answer = (...args: string[]) => {
  const { code, out } = ask(...args, '--json');
  expect(code).toBe(0);
  return ScheduleAnswer.parse(JSON.parse(out));
};

test('the demo’s bench: what is half sewn first, its steps with their minutes, dates in order', () => {
  const { items, lists, week } = answer('--demo');
  expect(week).toBe(270);
  expect(items[0]).toMatchObject({ name: 'Fogbell coat, version 2', stage: 'half sewn' });
  for (const { hands, steps, chance, due, washBy, cutBy, sewFrom, likely, safe } of items) {
    expect(hands.least).toBeLessThan(hands.middle);
    expect(hands.middle).toBeLessThan(hands.most);
    expect(steps.every((s) => s.minutes.least < s.minutes.middle)).toBe(true);
    expect(chance === undefined).toBe(due === undefined);
    for (const [a, b] of [
      [washBy, cutBy],
      [cutBy, sewFrom],
      [likely, safe],
    ])
      if (a !== undefined && b !== undefined) expect(a <= b).toBe(true);
  }
  expect(lists.map((l) => l.name)).toEqual(['Winter concerts', 'For Tilda’s birthday']);
  expect(answer('--demo')).toEqual(answer('--demo'));
});

test('another day is another chance: what was possible in October is hardly so at the end of November', () => {
  const chanceOn = (day: string) => answer('--demo', '--on', day).items.find((i) => i.name === 'Skerry concert jacket')?.chance ?? NaN;
  expect(chanceOn('2026-08-01')).toBeGreaterThan(chanceOn('2026-11-28'));
});

test('in words; without any time nothing is said of dates', () => {
  expect(ask('--demo').out).toMatch(/^4.h 30.min in a usual week\.\nFogbell coat, version 2 \(half sewn\)/);
  expect(scheduleWords(scheduleAnswer({ ...demoLedger(), times: [] }, TODAY))).toMatch(/^Nobody said when there is time/);
  expect(ask().code).toBe(2);
  expect(ask('--demo', '--on', 'soon').code).toBe(2);
});
