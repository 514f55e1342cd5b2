import { sampleAlteration, sampleMake } from '../garment/sample-case';
import { isAway } from '../wear/available';
import { backAgain, goneAway, inRotationAgain, judgedAgain, looseEndDone, markedOnPaper, mendedOn } from './one-touch';

const TODAY = '2026-03-20';

test('done in one touch, from the make as it stands: what was said meanwhile stays', () => {
  const make = sampleMake(1, {
    looseEnds: [
      { id: 'a', words: 'hem', since: '2026-02-01' },
      { id: 'b', words: 'snap', since: '2026-02-01' },
    ],
    alterations: [sampleAlteration('bodice-above-bust', 1.5), sampleAlteration('sleeve-length', 1)],
    verdicts: [{ id: 'v', date: '2026-01-01', wears: 0, love: 4, reasons: [] }],
  });
  expect(looseEndDone(make, 'b', TODAY).looseEnds.map((l) => l.done)).toEqual([undefined, TODAY]);
  expect(markedOnPaper(make, make.alterations[0]!.id, TODAY).alterations.map((a) => a.marked)).toEqual([TODAY, undefined]);
  expect(judgedAgain(make, { id: 'w', date: TODAY, wears: 3, love: 5, reasons: [] }).verdicts.map((v) => v.love)).toEqual([4, 5]);
});

test('away for one reason at a time, and back from the day it is said', () => {
  const lent = goneAway(sampleMake(1), { id: 'a', why: 'lent', from: '2026-03-01' });
  expect(isAway(lent, '2026-03-10')).toBe(true);
  const stored = goneAway(lent, { id: 'b', why: 'stored', from: '2026-03-10' });
  expect(stored.away).toEqual([
    { id: 'a', why: 'lent', from: '2026-03-01', until: '2026-03-10' },
    { id: 'b', why: 'stored', from: '2026-03-10' },
  ]);
  const back = backAgain(stored, TODAY);
  expect([isAway(back, TODAY), isAway(back, '2026-03-19')]).toEqual([false, true]);
  // What ended before stays as it was, and what is not away is untouched.
  expect(back.away?.[0]).toEqual(stored.away?.[0]);
  const there = sampleMake(1);
  expect(backAgain(there, TODAY)).toBe(there);
});

test('mended, it is in the mending no more; what is lent stays lent', () => {
  const mend = { id: 'm', date: TODAY, what: 'patched the elbow' };
  const mended = mendedOn(goneAway(sampleMake(1), { id: 'a', why: 'in the mending', from: '2026-03-01' }), mend);
  expect([mended.mends, isAway(mended, TODAY)]).toEqual([[mend], false]);
  expect(isAway(mendedOn(goneAway(sampleMake(1), { id: 'a', why: 'lent', from: '2026-03-01' }), mend), TODAY)).toBe(true);
});

test('what rested is in rotation again, with no word of why it rested; what was given away is not', () => {
  const resting = sampleMake(1, { state: 'resting', stateSince: '2026-01-01', why: 'tired of it' });
  expect(inRotationAgain(resting, TODAY)).toEqual(sampleMake(1, { state: 'finished' }));
  const given = sampleMake(1, { state: 'given', why: 'to Pia' });
  expect(inRotationAgain(given, TODAY)).toEqual(given);
});
