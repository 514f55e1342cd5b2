import type { PlannedZone } from '../forecast/planned-chance';
import { sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { ZoneId } from '../body/zones';
import { toileQuestion } from './toile';

const at = (zone: ZoneId, chance: number, rest: Partial<PlannedZone> = {}): PlannedZone => ({
  zone,
  x: 0,
  chance,
  best: { median: 0, low: -1, high: 1 },
  atBest: 0.9,
  fabricTooFar: false,
  noted: true,
  ...rest,
});
const price = (minor: number) => ({ pricePerMetre: { minor, currency: 'EUR' } });
const stash = [sampleFabric('cheap', price(900)), sampleFabric('silk', price(6400)), ...[1, 2, 3].map((n) => sampleFabric(`c${n}`, price(1000 + n)))];
const timed = (version: number, minutes: number) => sampleMake(version, { times: [{ id: 't', phase: 'all', minutes }] });
const input = sampleCase([timed(1, 300), timed(2, 600), timed(3, 420)], { fabrics: stash });
const cut = (fabricId: string) => sampleMake(4, { fabrics: [{ id: 'u', fabricId, part: 'main' }] });

test('a low chance asks for a toile, with the parts that the zones in doubt need', () => {
  const found = toileQuestion(input, cut('cheap'), [at('sleeve', 0.3), at('acrossBack', 0.55), at('bust', 0.9)], 185);
  expect(found).toMatchObject({ advised: true, because: 'chance', chance: 0.3, doubt: ['sleeve', 'acrossBack'] });
  expect(found.parts).toEqual(['both sleeves']);
});

test('both costs are shown: the fabric to the cent, the hours as they were', () => {
  expect(toileQuestion(input, cut('silk'), [at('bust', 0.4)], 185)).toMatchObject({ cost: { minor: 11_840, currency: 'EUR' }, minutes: 420 });
  expect(toileQuestion(input, cut('silk'), [at('bust', 0.4)], undefined).cost).toBeUndefined();
});

test('in a expensive fabric a doubt is enough; in a cheap one it is not', () => {
  const doubtful = [at('bust', 0.55)];
  expect(toileQuestion(input, cut('silk'), doubtful, 185)).toMatchObject({ advised: true, because: 'expensive fabric' });
  expect(toileQuestion(input, cut('cheap'), doubtful, 185).advised).toBe(false);
  expect(toileQuestion(input, cut('silk'), [at('bust', 0.9)], 185).advised).toBe(false);
});

test('a fabric too far from the pattern is in doubt whatever its chance; a toile does not ask for another', () => {
  expect(toileQuestion(input, cut('silk'), [at('hip', 0.8, { fabricTooFar: true })], 185).doubt).toEqual(['hip']);
  expect(toileQuestion(input, { ...cut('cheap'), kind: 'toile' }, [at('bust', 0.1)], 185).advised).toBe(false);
});

test('the layer beneath comes from what it was worn over; nothing known says nothing', () => {
  const layered = sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', 0, { over: 'a thick jumper' }), sampleNote('hip', 0)] })]);
  expect(toileQuestion(layered, cut('poplin'), [at('bust', 0.3)], 185).over).toEqual(['a thick jumper']);
  expect(toileQuestion(sampleCase([]), cut('poplin'), [], undefined)).toMatchObject({
    advised: false,
    chance: undefined,
    minutes: undefined,
    parts: [],
  });
});
