import { sampleAlteration, sampleMake } from '../garment/sample-case';
import { judgedAgain, looseEndDone, markedOnPaper } from './one-touch';

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
