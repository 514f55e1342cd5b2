import { sampleAlteration, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Fabric, Make } from '../records';
import { wardrobe } from '../wear/wardrobe';
import { judgedAgain, looseEndDone, markedOnPaper } from '../make/one-touch';
import { waiting } from './waiting';

const TODAY = '2026-03-20';
const waits = ({ makes = [], fabrics = [] }: { makes?: Make[]; fabrics?: Fabric[] }, days = 0) => {
  const wears = Array.from({ length: days }, (_, i) => ({
    id: `w${i}`,
    date: `2026-01-${String(i + 1).padStart(2, '0')}`,
    makeIds: ['make-1'],
    count: 1,
  }));
  const hanging = wardrobe(makes, wears, [SAMPLE_PATTERN], [], 'north', TODAY);
  return waiting({ fabrics }, hanging, [], 'north', TODAY);
};

test('a verdict is due after ten wears', () => {
  const makes = [sampleMake(1, { finishedOn: '2026-01-01' })];
  expect(waits({ makes }, 10).verdicts.map((v) => v.due)).toEqual([{ why: 'wears', wears: 10 }]);
  expect(waits({ makes }, 2).verdicts).toEqual([]);
});

test('fabric to wash: bought within the year, there, and it may shrink', () => {
  const pieces = [{ length: 200, width: 140 }];
  const fabrics = [
    sampleFabric('new', { bought: '2026-02-01', pieces }),
    sampleFabric('firm', { bought: '2026-02-01', pieces, shrinkAlong: 0 }),
    sampleFabric('old', { bought: '2020-02-01', pieces }),
    sampleFabric('cut up', { bought: '2026-02-01' }),
    sampleFabric('washed', { bought: '2026-02-01', washedOn: '2026-02-02', pieces }),
  ];
  const found = waits({ fabrics });
  expect(found.toWash.map((c) => c.id)).toEqual(['new']);
});

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
