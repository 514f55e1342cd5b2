import { SAMPLE_PATTERN } from '../garment/sample-case';
import type { ConstructionNote, Pattern } from '../records';
import { withErrataFound } from './errata-found';

const erratum = (id: string, words: string): ConstructionNote => ({ id, kind: 'erratum', words });
const pattern: Pattern = { ...SAMPLE_PATTERN, errata: [{ id: 'printed', words: 'step 9 is upside down' }] };
const after = (was: ConstructionNote[], is: ConstructionNote[], of = pattern) => {
  return withErrataFound(of, was, is)?.errata.map((e) => e.words);
};

describe('errata found while sewing', () => {
  test('go to the pattern; other notes do not', () => {
    expect(after([], [erratum('e', 'the notch is 1 cm off'), { id: 't', kind: 'tip', words: 'press first' }])).toEqual([
      'step 9 is upside down',
      'the notch is 1 cm off',
    ]);
    expect(after([], [{ id: 't', kind: 'tip', words: 'press first' }])).toBeUndefined();
  });

  test('are reworded and taken back there too, and what stood there by itself stays', () => {
    const known = { ...pattern, errata: [...pattern.errata, { id: 'e', words: 'the notch is off' }] };
    expect(after([erratum('e', 'the notch is off')], [erratum('e', 'the notch is 1 cm off')], known)).toEqual([
      'step 9 is upside down',
      'the notch is 1 cm off',
    ]);
    expect(after([erratum('e', 'the notch is off')], [], known)).toEqual(['step 9 is upside down']);
    expect(after([erratum('e', 'the notch is off')], [erratum('e', 'the notch is off')], known)).toBeUndefined();
  });

  test('that the pattern knows already are not written twice', () => {
    expect(after([], [erratum('e', 'step 9 is upside down')])).toEqual(['step 9 is upside down']);
  });
});
