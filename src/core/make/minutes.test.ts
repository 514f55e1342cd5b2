import fc from 'fast-check';
import { PHASES, type TimeSpent } from '../records';
import { minutesOf, withMore } from './minutes';

const time = fc.record({ id: fc.uuid(), phase: fc.constantFrom(...PHASES), minutes: fc.nat(600) });
const more: TimeSpent = { id: 'more', phase: 'all', minutes: 40 };

test('forty minutes more are forty minutes more, where the whole or the phases were kept', () => {
  fc.assert(
    fc.property(fc.array(time), time, (times, spent) => {
      // A whole that is less than its phases says nothing of how much was added to it.
      const phases = times.filter((t) => t.phase !== 'all');
      const whole = times.filter((t) => t.phase === 'all');
      const kept = whole.length > 0 && phases.length > 0 ? whole : times;
      expect(minutesOf({ times: withMore(kept, spent) })).toBe((minutesOf({ times: kept }) ?? 0) + spent.minutes);
    }),
  );
});

test('of what nobody said is of the sewing, and with a whole of the whole', () => {
  expect(withMore([{ id: 'a', phase: 'cut', minutes: 60 }], more).at(-1)).toEqual({ ...more, phase: 'sew' });
  expect(withMore([{ id: 'a', phase: 'all', minutes: 60 }], { ...more, phase: 'cut' }).at(-1)).toEqual({ ...more, phase: 'all' });
});
