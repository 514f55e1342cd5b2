import { degreeWord, directionWord, lookedWords, outcomeWords, seenWords } from '../make/fit-note-words';
import { ZONE_IDS, zoneOf } from '../body/zones';
import { chartTermWords } from './words';

const thin = (text: string | undefined) => text?.replace(/\u202f/g, ' ');

test.each([
  ['bust', -1, 'tight'],
  ['bust', 1, 'loose'],
  ['shoulder', -1, 'narrow'],
  ['shoulder', 1, 'wide'],
  ['sleeve', -1, 'short'],
  ['sleeve', 1, 'long'],
  ['bustPoint', -1, 'high'],
  ['bustPoint', 1, 'low'],
  ['hip', 0, 'right'],
] as const)('%s %d is %s', (zone, outcome, word) => expect(directionWord(zone, outcome)).toBe(word));

test('the garment is tight, never the body: no word speaks of one', () => {
  for (const zone of ZONE_IDS)
    for (const outcome of [-3, -2, -1, 0, 1, 2, 3] as const)
      expect(`${directionWord(zone, outcome)} ${degreeWord(outcome)}`).toMatch(
        /^(tight|loose|narrow|wide|short|long|high|low|right) (slight|clear|spoils|)$/,
      );
});

test('a note says its amount where it has one, else how much', () => {
  expect(outcomeWords({ zone: 'acrossBack', outcome: -1 }, 'cm')).toBe('narrow, slight');
  expect(thin(outcomeWords({ zone: 'sleeve', outcome: 2, amount: 2 }, 'cm'))).toBe('long by 2 cm');
  expect(thin(outcomeWords({ zone: 'sleeve', outcome: 2, amount: 1.5875 }, 'in'))).toBe('long by ⅝ in');
  expect(outcomeWords({ zone: 'sleeve', outcome: 0, amount: 3 }, 'cm')).toBe('right');
});

test('when a garment was looked at', () => {
  expect(seenWords({ at: 'tryOn' })).toBe('tried on');
  expect(seenWords({ at: 'tryOn', stage: 'before the hem' })).toBe('tried on, before the hem');
  expect(seenWords({ at: 'firstDay' })).toBe('on the first day');
  expect(seenWords({ at: 'worn', wears: 1 })).toBe('after 1 wear');
  expect(seenWords({ at: 'worn', wears: 12 })).toBe('after 12 wears');
});

test('months after it was finished a look is none of the first day; what nobody dated stays as it was said', () => {
  const look = (date: string, finishedOn?: string) => lookedWords({ seen: { at: 'firstDay' }, date }, { finishedOn });
  expect(look('2026-03-17', '2026-03-03')).toBe('on the first day');
  expect(look('2026-03-18', '2026-03-03')).toBe('with no wear noted');
  expect(look('2026-12-01')).toBe('on the first day');
  expect(lookedWords({ seen: { at: 'worn', wears: 3 }, date: '2026-12-01' }, { finishedOn: '2026-03-03' })).toBe('after 3 wears');
});

describe('where an offset came from', () => {
  const chart = {
    from: 'chart',
    cm: 4,
    measure: 'bust',
    line: { size: 'C' },
    chart: 90,
    body: 86,
    factor: 1,
    graded: false,
    standIn: false,
  } as const;

  test('from the chart', () => {
    expect(thin(chartTermWords(chart, 'cm'))).toBe('bust: C 90 cm − body 86 cm');
  });

  test('an estimate says so: graded, or with the first size standing in for the body', () => {
    expect(thin(chartTermWords({ ...chart, graded: true, factor: 0.3 }, 'cm'))).toBe('bust: C 90 cm − body 86 cm, graded × 0.3');
    expect(thin(chartTermWords({ ...chart, standIn: true }, 'cm'))).toContain('(the first size stands in)');
  });

  test('measured: a garment, a piece or a finished measure, less body and ease', () => {
    const measured = { from: 'measured', cm: 2, what: 'garment', measure: 100, body: 90, ease: 8 } as const;
    expect(thin(chartTermWords(measured, 'cm'))).toBe('garment measured 100 cm − body 90 cm − ease 8 cm');
    expect(thin(chartTermWords({ ...measured, what: 'piece', ease: 0 }, 'cm'))).toBe('piece laid flat 100 cm − body 90 cm');
  });

  test('nothing says nothing', () => {
    expect(chartTermWords({ from: 'nothing', cm: 0 }, 'cm')).toBeUndefined();
  });
});

test('every zone has words for both ways', () => {
  for (const zone of ZONE_IDS) expect([zoneOf(zone).label, directionWord(zone, -1) !== directionWord(zone, 1)]).toEqual([zoneOf(zone).label, true]);
});
