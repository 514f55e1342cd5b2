import type { Make } from '../records';
import { sampleMake } from '../garment/sample-case';
import { sewnFor, whoseVersions } from './sewn-for';

const [maren, pia, tilda] = ['maren', 'pia', 'tilda'].map((id) => ({ id }));
const people = [maren!, pia!, tilda!];

test('everybody that a pattern was sewn for, joined with another or not', () => {
  const source = (patternId: string) => ({ patternId, viewId: 'view' });
  const make = (personId: string, first: string, second?: string): Make => ({
    ...sampleMake(1),
    personId,
    sources: [source(first), ...(second === undefined ? [] : [source(second)])],
  });
  const makes = [make('pia', 'curlew'), make('tilda', 'plover', 'curlew'), make('maren', 'plover')];
  expect([...sewnFor('curlew', makes)]).toEqual(['pia', 'tilda']);
  expect(sewnFor('dunlin', makes).size).toBe(0);
});

test('whose versions: hers, else theirs, and hers again where nobody has any', () => {
  expect(whoseVersions(maren, people, new Set(['maren', 'pia']))).toBe(maren);
  expect(whoseVersions(maren, people, new Set(['tilda', 'pia']))).toBe(pia);
  expect(whoseVersions(maren, people, new Set())).toBe(maren);
  // Somebody who was removed is nobody to look at.
  expect(whoseVersions(maren, people, new Set(['gone']))).toBe(maren);
  expect(whoseVersions(undefined, people, new Set(['tilda']))).toBe(tilda);
});
