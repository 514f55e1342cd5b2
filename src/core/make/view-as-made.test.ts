import { blankView } from '../records/blank';
import type { PartSource, Pattern, View } from '../records';
import { SAMPLE_PATTERN } from '../garment/sample-case';
import { viewAsMade, viewWithParts } from './view-as-made';

const plain: View = {
  ...blankView('a', 'A', ['neckline', 'bust', 'sleeve', 'wrist']),
  zoneClass: { bust: 'fitted' },
  seams: { sleeve: 1 },
  openings: [
    { zone: 'neckline', closes: 'zip' },
    { zone: 'wrist', closes: 'elastic' },
  ],
  flat: { neck: 'round', sleeve: 'short', length: 'mid' },
};
const puffed: View = {
  ...blankView('b', 'B', ['neckline', 'bust', 'sleeve', 'upperArm']),
  zoneClass: { sleeve: 'loose', bust: 'oversized' },
  freeZones: ['upperArm', 'bust'],
  openings: [{ zone: 'neckline', closes: 'buttons' }],
  flat: { neck: 'v', sleeve: 'long', cuffs: true },
};
const pattern: Pattern = { ...SAMPLE_PATTERN, views: [plain, puffed] };
const sources = (zones: PartSource['zones']): PartSource[] => [
  { patternId: 'pattern', viewId: 'a' },
  { patternId: 'pattern', viewId: 'b', ...(zones ? { zones } : {}) },
];

describe('parts of other views', () => {
  const made = viewAsMade(pattern, plain, sources(['sleeve', 'upperArm', 'wrist']), undefined);

  test('bring their zones, how they are meant to fit, and where they hang free; the rest is as it was', () => {
    expect(made.zones).toEqual(['neckline', 'bust', 'sleeve', 'upperArm']);
    expect(made.zoneClass).toEqual({ bust: 'fitted', sleeve: 'loose' });
    expect(made.freeZones).toEqual(['upperArm']);
    expect(made.seams).toEqual({});
    expect(made.zoneFrom).toEqual({ sleeve: 'b', upperArm: 'b', wrist: 'b' });
  });

  test('take their openings along and leave the others', () => {
    expect(made.openings).toEqual([{ zone: 'neckline', closes: 'zip' }]);
    expect(viewWithParts(plain, [{ view: puffed, zones: ['neckline'] }]).openings).toEqual([
      { zone: 'wrist', closes: 'elastic' },
      { zone: 'neckline', closes: 'buttons' },
    ]);
  });

  test('are drawn: the sleeve of B on the neck of A', () => {
    expect(made.flat).toEqual({ neck: 'round', sleeve: 'long', length: 'mid', cuffs: true });
    expect(viewWithParts(plain, [{ view: puffed, zones: ['neckline'] }]).flat).toMatchObject({ neck: 'v', sleeve: 'short' });
  });

  test('that name no zone, or a view that is gone, change nothing', () => {
    expect(viewAsMade(pattern, plain, sources(undefined), undefined)).toBe(plain);
    expect(viewAsMade(pattern, plain, sources([]), {})).toBe(plain);
    const gone = [{ patternId: 'pattern', viewId: 'gone', zones: ['sleeve' as const] }];
    expect(viewAsMade(pattern, plain, gone, undefined)).toEqual(plain);
  });

  test('the same parts are the very same view, since what is worked out of it is found again by it', () => {
    expect(viewAsMade(pattern, plain, sources(['sleeve', 'upperArm', 'wrist']), undefined)).toBe(made);
    expect(viewAsMade(pattern, plain, sources(['sleeve']), undefined)).not.toBe(made);
  });
});

describe('what is chosen of a view', () => {
  const chosen = (of: Parameters<typeof viewAsMade>[3]) => viewAsMade(pattern, plain, sources(undefined), of);

  test('without sleeves there is no sleeve to judge; a short one has no wrist', () => {
    expect(chosen({ sleeve: 'none' }).zones).toEqual(['neckline', 'bust']);
    expect(chosen({ sleeve: 'short' }).zones).toEqual(['neckline', 'bust', 'sleeve']);
    expect(chosen({ sleeve: 'long' }).zones).toEqual(plain.zones);
  });

  test('a zip left out closes nothing, elastic stays elastic', () => {
    const closes = (opening: 'none' | 'buttons' | 'open') => chosen({ opening }).openings.map((o) => o.closes);
    expect(closes('none')).toEqual(['fixed', 'elastic']);
    expect(closes('buttons')).toEqual(['buttons', 'elastic']);
    expect(closes('open')).toEqual(['wrap', 'elastic']);
    expect(chosen({ length: 'long' }).openings).toEqual(plain.openings);
  });

  test('it is drawn, and what was not chosen is as the view has it', () => {
    expect(chosen({ length: 'long' }).flat).toEqual({ neck: 'round', sleeve: 'short', length: 'long' });
  });
});
