import { SAMPLE_PATTERN, sampleCase, sampleFabric, sampleMake } from '../garment/sample-case';
import type { Fabric, Make } from '../records';
import { inOrderOfMatch, leftInStash, matchOf } from './match';

const TODAY = '2025-06-01';
const piece = { pieces: [{ length: 250, width: 140 }] };
const loved = (love: 1 | 5) => ({ verdicts: [{ id: 'v', date: TODAY, wears: 5, love, reasons: [] }] });
const version = (n: number, fabricId: string, rest: Partial<Make> = {}) =>
  sampleMake(n, { fabrics: [{ id: 'u', fabricId, part: 'main', length: 200 }], ...rest });
const input = (fabrics: readonly Fabric[], makes: readonly Make[] = [version(1, fabrics[0]!.id)]) =>
  sampleCase(makes, { fabrics, pattern: SAMPLE_PATTERN });
const next = sampleMake(9, { fabrics: [] });
const fabricsFor = (of: ReturnType<typeof input>, make: Make, today: string, unit: 'cm', season?: 'winter') =>
  inOrderOfMatch(leftInStash(of.fabrics).map((fabric) => matchOf(of, make, fabric, today, unit, season ? { season } : {})));
const plain = (words: readonly string[]) => words.map((w) => w.replace(/\s/g, ' '));

test('a knit is no woven, a short piece is too short by so much, an untested stretch is not taken for enough', () => {
  const knit = sampleFabric('jersey', { ...piece, structure: 'knit' });
  expect(matchOf(input([knit]), next, knit, TODAY, 'cm')).toMatchObject({ suits: false, contra: ['a knit, and the pattern wants a woven'] });
  const short = sampleFabric('short', { pieces: [{ length: 110, width: 140 }], washedOn: '2025-01-01' });
  expect(plain(matchOf(input([short]), next, short, TODAY, 'cm').contra)).toEqual([expect.stringMatching(/^\d+ cm too short$/)]);
  const stretchy = { ...SAMPLE_PATTERN, wants: { structure: 'knit' as const, stretch: 40 } };
  const untested = sampleFabric('untested', { ...piece, structure: 'knit', stretchAcross: undefined });
  const asked = { ...input([untested]), pattern: stretchy };
  expect(matchOf(asked, next, untested, TODAY, 'cm').contra).toContain('its stretch was never tested');
});

test('how the like did before speaks for a fabric or against it; another weight is not alike', () => {
  const fabrics = ['a', 'like', 'heavy'].map((id) => sampleFabric(id, { ...piece, weight: id === 'heavy' ? 400 : 150 }));
  const found = (love: 1 | 5, id: string) => {
    const asked = input(fabrics, [version(1, 'a', loved(love))]);
    return matchOf(
      asked,
      next,
      fabrics.find((c) => c.id === id)!,
      TODAY,
      'cm',
    );
  };
  expect(found(5, 'like').pro).toContain('version 1 in a, alike in stretch and weight, is loved 5 of 5');
  expect(found(1, 'like').suits).toBe(false);
  expect(found(1, 'heavy').suits).toBe(true);
});

test('what nobody tested or weighed is like nothing, and only what both are known in is named', () => {
  const known = sampleFabric('known', { ...piece, weight: 150 });
  const said = (now: Partial<Fabric>, was: Fabric = known) =>
    matchOf(
      input([was, sampleFabric('now', { ...piece, ...now })], [version(1, was.id, loved(5))]),
      next,
      sampleFabric('now', { ...piece, ...now }),
      TODAY,
      'cm',
    ).pro.filter((words) => words.startsWith('version 1'));
  expect(said({ stretchAcross: undefined, stretchAlong: undefined })).toEqual([]);
  expect(said({ weight: 150, stretchAcross: undefined, stretchAlong: undefined })).toEqual(['version 1 in known, alike in weight, is loved 5 of 5']);
  expect(said({})).toEqual(['version 1 in known, alike in stretch, is loved 5 of 5']);
  expect(said({ weight: 150, drape: 4 }, { ...known, drape: 2 })).toEqual([]);
});

test('of a stash those that suit come first, and what has nothing left is not offered', () => {
  const fabrics = [
    sampleFabric('short', { pieces: [{ length: 90, width: 140 }] }),
    sampleFabric('gone', { pieces: [] }),
    sampleFabric('fine', { ...piece, seasons: ['summer'] }),
  ];
  const makes = [sampleMake(1, { fabrics: [{ id: 'u', fabricId: 'gone', part: 'main', length: 200 }] })];
  expect(fabricsFor(input(fabrics, makes), next, TODAY, 'cm').map((m) => [m.fabric.id, m.suits])).toEqual([
    ['fine', true],
    ['short', false],
  ]);
  expect(fabricsFor(input(fabrics, makes), next, TODAY, 'cm', 'winter')[0]!.contra).toContain('not for winter');
});
