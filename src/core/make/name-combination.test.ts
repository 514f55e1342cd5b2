import { sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make, PartSource, Pattern } from '../records';
import { Pattern as PatternShape } from '../records';
import { blankView } from '../records/blank';
import { asCut } from './joined';
import { nameCombination } from './name-combination';

const bodice: Pattern = {
  ...SAMPLE_PATTERN,
  allowance: 1.5,
  views: [{ ...blankView('view', 'plain', ['bust', 'bodice', 'sleeve']), fabricTable: [{ width: 140, length: 180 }] }],
};
const sleeves: Pattern = {
  ...SAMPLE_PATTERN,
  id: 'sleeves',
  name: 'Brent shirt',
  views: [{ ...blankView('s', 'plain', ['sleeve', 'wrist']), flat: { sleeve: 'long' } }],
};
const patterns = [bodice, sleeves];
const SOURCES: PartSource[] = [
  { patternId: 'pattern', viewId: 'view' },
  { patternId: 'sleeves', viewId: 's', zones: ['sleeve', 'wrist'], pieces: 'sleeve and cuff' },
];
const joined = (id: string, version: number, rest: Partial<Make> = {}): Make => ({ ...sampleMake(version, rest), id, sources: SOURCES });
let n = 0;
const newId = () => `new ${++n}`;
const named = (make: Make, makes: readonly Make[]) => {
  n = 0;
  return nameCombination('the Sunday blouse', make, makes, patterns, newId, '2026-01-01');
};

test('it is a pattern that joins the parts, each zone with one owner, and its shape takes it', () => {
  const make = joined('m', 4);
  const { pattern } = named(make, [make]);
  expect(PatternShape.safeParse(pattern).error?.issues).toBeUndefined();
  expect(pattern).toMatchObject({ name: 'the Sunday blouse', kind: bodice.kind, form: 'own draft', charts: [] });
  expect(pattern.joins).toEqual([{ patternId: 'pattern', viewId: 'view', zones: ['bust', 'bodice'] }, SOURCES[1]]);
  expect(pattern.views[0]?.zones).toEqual(['bust', 'bodice', 'sleeve', 'wrist']);
  expect(pattern.views[0]).not.toHaveProperty('zoneFrom');
});

test('what was sewn of the same parts before are its versions, counted from one in the order of cutting, for each person', () => {
  const [first, second] = [joined('a', 3, { cutOn: '2025-01-01' }), joined('b', 5, { cutOn: '2025-06-01' })];
  const hers = { ...joined('c', 1, { cutOn: '2025-03-01' }), personId: 'other' };
  const alone = sampleMake(4);
  const otherPart = { ...joined('d', 6), sources: [SOURCES[0]!, { ...SOURCES[1]!, zones: ['sleeve' as const] }] };
  const { makes, pattern } = named(second, [second, alone, otherPart, hers, first]);
  expect(makes.map(({ to }) => [to.id, to.version])).toEqual([
    ['a', 1],
    ['c', 1],
    ['b', 2],
  ]);
  expect(makes[0]!.to.sources[0]).toEqual({ patternId: pattern.id, viewId: pattern.views[0]!.id });
  expect(makes[0]!.to.sources.slice(1)).toEqual(pattern.joins);
});

test('parts of one’s own sums belong to it: with others it is another combination', () => {
  const own = joined('a', 1, { own: 'a half circle skirt' });
  const { pattern, makes } = named(own, [own, joined('b', 2)]);
  expect(pattern.own).toBe('a half circle skirt');
  expect(makes.map((m) => m.to.id)).toEqual(['a']);
});

test('a main pattern that is gone is said', () => {
  const make = { ...joined('m', 1), sources: [{ patternId: 'gone', viewId: 'x' }] };
  expect(() => named(make, [make])).toThrow('the pattern that it is mainly cut from is gone');
});

describe('as it is cut', () => {
  const make = joined('m', 1);
  const { pattern } = named(make, [make]);

  test('it has sizes, allowance and fabric table of the pattern it joins first, unless it has its own', () => {
    const cut = asCut(pattern, patterns);
    expect([cut.charts, cut.allowance, cut.views[0]?.fabricTable]).toEqual([bodice.charts, 1.5, [{ width: 140, length: 180 }]]);
    expect(asCut({ ...pattern, allowance: 1 }, patterns).allowance).toBe(1);
  });

  test('the same two are the same object; a pattern that joins nothing, or whose main is gone, is itself', () => {
    expect(asCut(pattern, patterns)).toBe(asCut(pattern, [...patterns]));
    expect(asCut(pattern, [{ ...bodice }, sleeves])).not.toBe(asCut(pattern, patterns));
    expect(asCut(bodice, patterns)).toBe(bodice);
    expect(asCut(pattern, [sleeves])).toBe(pattern);
  });
});
