import fc from 'fast-check';
import { sampleAlteration, sampleCase, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { FabricUse, Make } from '../records';
import { blankView } from '../records/blank';
import { fabricFor } from './fabric-for-plan';
import { enoughOf } from './checks';
import { longerBy, mainTook, neededFor, partTook } from './took';

const use = (fabricId: string, length: number | undefined, part: FabricUse['part'] = 'main', rest: Partial<FabricUse> = {}): FabricUse => ({
  id: `${fabricId} ${part}`,
  fabricId,
  part,
  ...(length === undefined ? {} : { length }),
  ...rest,
});
const fabrics = [
  sampleFabric('poplin', { width: 140 }),
  sampleFabric('cord', { width: 140, nap: true }),
  sampleFabric('check', { width: 140, repeatAlong: 10 }),
  sampleFabric('stash', { width: 140, washedOn: '2025-01-01', pieces: [{ length: 120, width: 140 }] }),
];
// A kind of no usual shape: nothing but lengths says what it takes.
const top = { ...SAMPLE_PATTERN, kind: 'bag' as const, views: [blankView('view', 'plain', ['bust', 'bodyLength'])] };
const cropped = sampleMake(1, {
  fabrics: [use('poplin', 100)],
  alterations: [sampleAlteration('body-at-hem', -27.5, { when: 'cutting', purpose: 'style' })],
});
const plan = (rest: Partial<Make> = {}) => ({ ...sampleMake(2, { fabrics: [use('stash', undefined)], ...rest }), id: 'plan' });
const of = (...makes: Make[]) => sampleCase(makes, { pattern: top, fabrics });
const needed = (version: Make, planned: Make) =>
  fabricFor(
    of(version),
    planned,
    fabrics.find((f) => f.id === planned.fabrics[0]?.fabricId)!,
    '2026-01-01',
  );

describe('what is joined from elsewhere', () => {
  const joins: Make['sources'] = [
    { patternId: SAMPLE_PATTERN.id, viewId: 'view' },
    { patternId: 'other', viewId: 'o', zones: ['sleeve'] },
  ];
  const alone = sampleMake(1, { fabrics: [use('poplin', 160)] });
  const joined = sampleMake(2, { sources: joins, fabrics: [use('poplin', 210)] });
  const found = (makes: Make[], planned: Make) => neededFor(of(...makes), planned, 140).found;

  test('a version of the same parts tells, whatever was sewn since', () => {
    const planned = { ...plan({ sources: joins }), version: 4 };
    const since = sampleMake(3, { fabrics: [use('poplin', 150)] });
    expect(found([alone, joined, since], planned)).toMatchObject({ length: 210, version: 2, rough: false });
    expect(found([alone, joined, since], planned)).not.toHaveProperty('without');
    expect(found([alone, joined, since], { ...plan(), version: 4 })).toMatchObject({ length: 150, version: 3, rough: false });
  });

  test('without one it is what the pattern takes by itself, and that is said; with other parts it is rough', () => {
    expect(found([alone], plan({ sources: joins }))).toMatchObject({ length: 160, rough: true, without: true });
    expect(found([joined], plan())).toMatchObject({ length: 210, rough: true });
    const own = fabricFor(of(alone), plan({ own: 'a half circle skirt', fabrics: [use('stash', undefined)] }), fabrics[3]!, '2026-01-01');
    expect(enoughOf(own, 'cm').detail).toContain('version 1 took 160\u202fcm at 140\u202fcm, rough, without the parts that are joined to it');
  });

  test('where it only lent a part, a garment says nothing of what it takes', () => {
    const lent = {
      ...joined,
      sources: [
        { patternId: 'other', viewId: 'o' },
        { patternId: SAMPLE_PATTERN.id, viewId: 'view', zones: ['sleeve' as const] },
      ],
    };
    expect(found([lent], plan())).toBeUndefined();
  });
});

describe('what a version took is told as the plan would take it', () => {
  test('a cropped top says nothing short for one that is not: 100 cm become 155, and 120 in the stash are not enough', () => {
    const found = needed(cropped, plan());
    expect(found.needed?.middle).toBeCloseTo(155, 6);
    expect(found.hand.answer).toBe('not enough');
    expect(needed(cropped, plan({ alterations: cropped.alterations })).needed?.middle).toBeCloseTo(100, 6);
  });

  test('of two cut at once each took half, and of the words it is said that they were two', () => {
    const alike = { ...cropped, alterations: [], quantity: 2, fabrics: [use('poplin', 300)] };
    const found = needed(alike, plan());
    expect(found.needed?.middle).toBeCloseTo(150, 6);
    expect(enoughOf(found, 'cm').detail).toContain('version 1 took 300\u202fcm for 2 at 140\u202fcm');
  });

  test('what was taken up after it was cut took its fabric all the same', () => {
    const takenUp = { ...cropped, alterations: [sampleAlteration('body-at-hem', -27.5, { when: 'body' })] };
    expect(needed(takenUp, plan()).needed?.middle).toBeCloseTo(100, 6);
  });

  test('a larger size by its chart; without one by its steps, and roughly', () => {
    const small = sampleMake(1, { size: { size: 'A' }, fabrics: [use('poplin', 160)] });
    expect(mainTook(of(small), plan({ size: { size: 'E' } }), small)).toEqual({ length: (160 * 98) / 82, rough: false });
    expect(mainTook(of(small), plan({ size: { size: 'A' } }), small)).toEqual({ length: 160, rough: false });
    const uncharted = { ...of(small), pattern: { ...top, charts: [] } };
    const [xs, xxl] = [{ ...small, size: { size: 'XS' } }, plan({ size: { size: 'XXL' } })];
    const found = mainTook({ ...uncharted, makes: [xs] }, xxl, xs)!;
    expect(found.rough).toBe(true);
    expect(found.length).toBeCloseTo(160 * 1.25, 6);
  });

  test('one fabric for all of it holds what had a fabric of its own; with a contrast it need not', () => {
    const blocked = sampleMake(1, { fabrics: [use('poplin', 80, 'main', { left: 40 }), use('cord', 66, 'contrast')] });
    expect(mainTook(of(blocked), plan(), blocked)!.length).toBeCloseTo(80 + 60, 6);
    const again = plan({ fabrics: [use('stash', undefined), use('cord', undefined, 'contrast')] });
    expect(mainTook(of(blocked), again, blocked)!.length).toBeCloseTo(80, 6);
    expect(partTook(of(blocked), again, 'contrast')).toMatchObject({ length: expect.closeTo(60, 6) as number, version: 1 });
    expect(partTook(of(blocked), again, 'lining')).toBeUndefined();
    const unsaid = { ...blocked, fabrics: [use('poplin', 90), use('cord', undefined, 'contrast')] };
    expect(mainTook(of(unsaid), plan(), unsaid)).toEqual({ length: 90, rough: true });
  });

  test('a nap is counted once: cord after cord takes what it took, and poplin after cord a tenth less', () => {
    const napped = sampleMake(1, { fabrics: [use('cord', 220)] });
    expect(needed(napped, plan({ fabrics: [use('cord', undefined)] })).needed?.middle).toBeCloseTo(220, 6);
    expect(needed(napped, plan()).needed?.middle).toBeCloseTo(200, 6);
  });

  test('so is a repeat', () => {
    const checked = sampleMake(1, { fabrics: [use('check', 220)] });
    expect(needed(checked, plan({ fabrics: [use('check', undefined)] })).needed?.middle).toBeCloseTo(220, 6);
    expect(needed(checked, plan()).needed?.middle).toBeCloseTo(200, 6);
  });

  test('of what nobody measured nothing is known', () => {
    const unsaid = sampleMake(1, { fabrics: [use('poplin', undefined)] });
    expect(mainTook(of(unsaid), plan(), unsaid)).toBeUndefined();
  });
});

test('the same plan as the version takes what it took, whatever that was; a longer one never less', () => {
  const amounts = fc.integer({ min: -30, max: 30 });
  fc.assert(
    fc.property(fc.integer({ min: 40, max: 400 }), amounts, amounts, fc.constantFrom('poplin', 'cord', 'check'), (length, was, now, fabricId) => {
      const hem = (amount: number) => (amount === 0 ? [] : [sampleAlteration('body-at-hem', amount)]);
      const version = sampleMake(1, { fabrics: [use(fabricId, length)], alterations: hem(was) });
      const again = plan({ fabrics: [use(fabricId, undefined)], alterations: hem(was) });
      expect(needed(version, again).needed?.middle).toBeCloseTo(length, 6);
      const other = plan({ fabrics: [use(fabricId, undefined)], alterations: hem(now) });
      expect(needed(version, other).needed!.middle).toBeGreaterThanOrEqual(length - 1e-6);
      expect(longerBy(of(version), other, version)).toBe(Math.max(0, now - was));
    }),
  );
});
