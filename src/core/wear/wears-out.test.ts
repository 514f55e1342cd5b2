import { sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make, Wear } from '../records';
import { wearsOut } from './wears-out';

const skirt = { ...SAMPLE_PATTERN, id: 'second', name: 'Kittiwake skirt' };
const mend = (id: string, date: string, wore: string) => ({ id, date, what: `mended ${id}`, wore });
const of = (fabricId: string) => [{ id: 'use', fabricId, part: 'main' as const }];
const makes: Make[] = [
  sampleMake(1, { fabrics: of('poplin'), mends: [mend('a', '2026-02-01', 'collar'), mend('b', '2026-06-01', 'cuffs')] }),
  sampleMake(2, { fabrics: of('poplin') }),
  sampleMake(3, {
    id: 'skirt',
    sources: [{ patternId: 'second', viewId: 'view' }],
    fabrics: of('twill'),
    mends: [mend('c', '2026-03-01', 'waistband')],
  }),
  { ...sampleMake(4, { id: 'bag', name: 'music bag', kind: 'without fit', fabrics: of('canvas') }), sources: [] },
];
const wears: Wear[] = ['2026-01-01', '2026-01-15', '2026-02-01', '2026-05-01'].map((date, i) => ({
  id: `w${i}`,
  date,
  makeIds: ['make-1'],
  count: 1,
}));

test('what wore out where, by fabric and by pattern, after how many wears', () => {
  const fabrics = ['poplin', 'twill', 'canvas'].map((id) => sampleFabric(id));
  const { byFabric, byPattern } = wearsOut(makes, wears, [SAMPLE_PATTERN, skirt], fabrics);
  expect(byFabric.map((g) => [g.name, g.of, g.mends.map((m) => [m.mend.wore, m.wears])])).toEqual([
    [
      'poplin',
      2,
      [
        ['collar', 3],
        ['cuffs', 4],
      ],
    ],
    ['twill', 1, [['waistband', 0]]],
  ]);
  expect(byPattern.map((g) => [g.name, g.of, g.mends.length])).toEqual([
    ['Sandbar blouse', 2, 2],
    ['Kittiwake skirt', 1, 1],
  ]);
});

test('a thing without a pattern stands by its own name', () => {
  const bag = { ...makes[3]!, mends: [mend('d', '2026-04-01', 'handle')] };
  expect(wearsOut([bag], [], [], []).byPattern).toMatchObject([{ id: 'bag', name: 'music bag', of: 1 }]);
});
