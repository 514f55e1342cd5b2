import type { Alteration } from '../records';
import { answerFor, inOrderOfAnswers } from './answer';
import { effectsOf, USUAL_GARMENT } from './effects';
import { ZONE_IDS } from '../body/zones';
import { alterationWhen, alterationWords, sizeLineShort, sizeLineWords, zoneList } from './words';

const plain = (text: string) => text.replace(/\u202f/g, ' ');
const base: Omit<Alteration, 'kind'> = { id: 'a', way: 'total', purpose: 'fit', when: 'paper' };

describe('an alteration in a line', () => {
  test.each<[Partial<Alteration> & { kind: Alteration['kind'] }, string]>([
    [{ kind: 'sleeve-length', amount: 1.5 }, 'sleeve length +1.5 cm'],
    [{ kind: 'body-at-hem', amount: -3 }, 'length at the hem −3 cm'],
    [{ kind: 'side-seams', amount: -1, way: 'perSeam', zones: ['bust', 'waist', 'hip'] }, 'side seams at bust, waist and hip −1 cm per seam'],
    [{ kind: 'side-seams', direction: -1, zones: ['waist'] }, 'side seams at waist take in a bit'],
    [{ kind: 'rise', amount: 2, part: 'back' }, 'rise, back +2 cm'],
    [{ kind: 'rise', amount: 2, part: 'both' }, 'rise +2 cm'],
    [{ kind: 'allowance', allowance: { cut: 1.5, sewn: 1 } }, 'other seam allowance cut 1.5 cm, sewn 1 cm'],
    [{ kind: 'band', zones: ['sleeve'], band: { cutOff: 4, finished: 6 } }, 'band added or changed, sleeve 4 cm off, band 6 cm'],
  ])('%o', (a, words) => {
    expect(plain(alterationWords({ ...base, ...a }, 'cm'))).toBe(words);
  });

  test('in inches as fractions', () => {
    expect(plain(alterationWords({ ...base, kind: 'sleeve-length', amount: -1.905 }, 'in'))).toBe('sleeve length −¾ in');
  });

  test('when it was done', () => {
    expect(alterationWhen({ ...base, kind: 'rise', when: 'body' })).toBe('on the body');
  });
});

describe('size lines and lists of zones', () => {
  test.each([
    [{ size: 'C' }, 'C'],
    [{ size: 'C', to: 'D', at: 0.5 }, 'between C and D'],
    [{ size: 'C', to: 'D', at: 0.25 }, 'between C and D, nearer C'],
    [{ size: 'C', to: 'D', at: 0.75 }, 'between C and D, nearer D'],
    [undefined, 'size not noted'],
  ])('%o is “%s”', (line, words) => {
    expect(sizeLineWords(line)).toBe(words);
  });

  test('a list ends with and', () => {
    expect(zoneList([])).toBe('');
    expect(zoneList(['bust'])).toBe('bust');
    expect(zoneList(['bust', 'waist', 'hip'])).toBe('bust, waist and hip');
  });
});

describe('the alteration that answers a zone', () => {
  test('every zone has one, and it moves that zone first, towards over', () => {
    for (const zone of ZONE_IDS) {
      const [first] = effectsOf(answerFor(zone, 1), USUAL_GARMENT);
      expect(first?.zone).toBe(zone);
      expect(first?.cm).toBeGreaterThan(0);
    }
  });

  test('an answer that moves other zones comes before them, so that they can be put right', () => {
    const order = inOrderOfAnswers(ZONE_IDS);
    for (const zone of ZONE_IDS)
      for (const { zone: other } of effectsOf(answerFor(zone, 1), USUAL_GARMENT))
        expect(order.indexOf(other)).toBeGreaterThanOrEqual(order.indexOf(zone));
  });

  test('ordering loses no zone', () => {
    expect([...inOrderOfAnswers(ZONE_IDS)].sort()).toEqual([...ZONE_IDS].sort());
  });
});

test.each<[string, Partial<Alteration>]>([
  ['left out: the patch pocket', { kind: 'leave-out', note: 'the patch pocket' }],
  ['added', { kind: 'add-part' }],
  ['taken from another pattern: the sleeve of the shirt', { kind: 'swap-part', note: 'the sleeve of the shirt' }],
])('what is no matter of more or less is kept in words: %s', (words, rest) => {
  expect(alterationWords({ ...base, kind: 'leave-out', ...rest }, 'cm')).toBe(words);
});

test.each([
  [{ size: 'C' }, 'C'],
  [{ size: 'C', to: 'D', at: 0.25 }, 'C/D'],
  [{ size: 'S/M', to: 'L/XL', at: 0.5 }, 'S/M–L/XL'],
])('%j in little room is %s', (line, words) => expect(sizeLineShort(line)).toBe(words));
