import { sampleMake } from '../garment/sample-case';
import { USUAL_ZONES } from '../records';
import { chosenWords } from './chosen-words';
import { noteWords } from './note-words';
import { planName } from './plan-name';
import { withoutPattern } from './without-pattern';

test('a garment without a pattern has the places of its kind; where no kind is said it has none, and with a pattern that speaks', () => {
  const skirt = { ...sampleMake(1), sources: [], name: 'cut down', garment: 'skirt' as const };
  expect(withoutPattern(skirt)?.views[0]?.zones).toEqual(USUAL_ZONES.skirt);
  expect(withoutPattern(skirt)).toBe(withoutPattern(skirt));
  expect(withoutPattern(skirt)?.wants).toEqual({ structure: 'woven' });
  expect(withoutPattern({ ...skirt, garment: undefined })).toBeUndefined();
  expect(withoutPattern({ ...sampleMake(1), garment: 'skirt' })).toBeUndefined();
});

test('a plan is called by its pattern, else by its own name', () => {
  const patterns = [{ id: 'p', name: 'Tern blouse' }];
  expect(planName({ patternId: 'p', name: 'mine' }, patterns)).toBe('Tern blouse');
  expect(planName({ patternId: 'q' }, patterns)).toBe('a pattern that is gone');
  expect(planName({ name: 'shorten the dress' }, patterns)).toBe('shorten the dress');
});

test.each([
  ['next time', 'next time raise the dart', 'raise the dart'],
  ['next time', 'For next time: a deeper hem', 'a deeper hem'],
  ['next time', 'in wool', 'in wool'],
  ['tip', 'next time you press, press first', 'next time you press, press first'],
] as const)('%s: %s is shown as %s', (kind, words, shown) => expect(noteWords({ kind, words })).toBe(shown));

test('what was chosen, in words', () => {
  expect(chosenWords({ length: 'mid', sleeve: 'long' })).toBe('length mid, sleeve long');
  expect(chosenWords(undefined)).toBe('');
});
