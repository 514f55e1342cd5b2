import { SAMPLE_PATTERN, sampleCase, sampleCloth, sampleMake } from '../garment/sample-case';
import type { Cloth, Make } from '../records';
import { clothsFor, matchOf } from './match';

const TODAY = '2025-06-01';
const piece = { pieces: [{ length: 250, width: 140 }] };
const loved = (love: 1 | 5) => ({ verdicts: [{ id: 'v', date: TODAY, wears: 5, love, reasons: [] }] });
const version = (n: number, clothId: string, rest: Partial<Make> = {}) =>
  sampleMake(n, { cloths: [{ id: 'u', clothId, part: 'main', length: 200 }], ...rest });
const input = (cloths: readonly Cloth[], makes: readonly Make[] = [version(1, cloths[0]!.id)]) =>
  sampleCase(makes, { cloths, pattern: SAMPLE_PATTERN });
const next = sampleMake(9, { cloths: [] });
const plain = (words: readonly string[]) => words.map((w) => w.replace(/\s/g, ' '));

test('a knit is no woven, a short piece is too short by so much, an untested stretch is not taken for enough', () => {
  const knit = sampleCloth('jersey', { ...piece, structure: 'knit' });
  expect(matchOf(input([knit]), next, knit, TODAY, 'cm')).toMatchObject({ suits: false, contra: ['a knit, and the pattern wants a woven'] });
  const short = sampleCloth('short', { pieces: [{ length: 150, width: 140 }], washedOn: '2025-01-01' });
  expect(plain(matchOf(input([short]), next, short, TODAY, 'cm').contra)).toEqual(['50 cm too short']);
  const stretchy = { ...SAMPLE_PATTERN, wants: { structure: 'knit' as const, stretch: 40 } };
  const untested = sampleCloth('untested', { ...piece, structure: 'knit', stretchAcross: undefined });
  const asked = { ...input([untested]), pattern: stretchy };
  expect(matchOf(asked, next, untested, TODAY, 'cm').contra).toContain('its stretch was never tested');
});

test('how the like did before speaks for a cloth or against it; another weight is not alike', () => {
  const cloths = ['a', 'like', 'heavy'].map((id) => sampleCloth(id, { ...piece, weight: id === 'heavy' ? 400 : 150 }));
  const found = (love: 1 | 5, id: string) => {
    const asked = input(cloths, [version(1, 'a', loved(love))]);
    return matchOf(
      asked,
      next,
      cloths.find((c) => c.id === id)!,
      TODAY,
      'cm',
    );
  };
  expect(found(5, 'like').pro).toContain('version 1 in a, alike in give and weight, is loved 5 of 5');
  expect(found(1, 'like').suits).toBe(false);
  expect(found(1, 'heavy').suits).toBe(true);
});

test('of a shelf those that suit come first, and what has nothing left is not offered', () => {
  const cloths = [
    sampleCloth('short', { pieces: [{ length: 90, width: 140 }] }),
    sampleCloth('gone', { pieces: [] }),
    sampleCloth('fine', { ...piece, seasons: ['summer'] }),
  ];
  const makes = [sampleMake(1, { cloths: [{ id: 'u', clothId: 'gone', part: 'main', length: 200 }] })];
  expect(clothsFor(input(cloths, makes), next, TODAY, 'cm').map((m) => [m.cloth.id, m.suits])).toEqual([
    ['fine', true],
    ['short', false],
  ]);
  expect(clothsFor(input(cloths, makes), next, TODAY, 'cm', 'winter')[0]!.contra).toContain('not for winter');
});
