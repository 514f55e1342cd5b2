import fc from 'fast-check';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleFabric, sampleMake } from '../garment/sample-case';
import { blankPlan } from '../records/blank';
import type { Fabric, Make, Pattern, Person, Plan } from '../records';
import { makeOfPlan } from './plan-to-make';
import { checksFor, type CheckRequest } from './checks';

const TODAY = '2025-06-01';
const person: Person = { id: 'person', name: 'Maren', child: false };
const view = SAMPLE_PATTERN.views[0]!;
const taken = sampleMake(1, { fabrics: [{ id: 'u', fabricId: 'c', part: 'main', length: 190, left: 10 }] });

/** A plan in a fabric, with whatever differs from the plainest. */
function request(
  rest: { make?: Partial<Make>; fabric?: Partial<Fabric>; pattern?: Partial<Pattern>; person?: Partial<Person>; makes?: readonly Make[] } = {},
): CheckRequest {
  const fabric = sampleFabric('c', { width: 140, washedOn: '2025-05-01', pieces: [{ length: 250, width: 140 }], ...rest.fabric });
  const make = sampleMake(2, { id: 'plan', fabrics: [{ id: 'p', fabricId: 'c', part: 'main' }], ...rest.make });
  const input = sampleCase(rest.makes ?? [taken], { fabrics: [fabric], pattern: { ...SAMPLE_PATTERN, ...rest.pattern }, bodies: [SAMPLE_BODY] });
  return { input, make, person: { ...person, ...rest.person }, today: TODAY, unit: 'cm', plans: [] };
}
const said = (r: CheckRequest) => new Map(checksFor(r).map((c) => [c.id, c]));
const plain = (text: string | undefined) => text?.replace(/\s/g, ' ');

describe('fabric', () => {
  test('what the last version took is what is needed; the piece and the centimetres are named', () => {
    const enough = said(request()).get('enough c')!;
    expect(enough.weight).toBe('info');
    expect(plain(enough.words)).toMatch(/^c: plenty, \d+ cm over$/);
    expect(plain(enough.detail)).toMatch(
      /^needed \d+ cm, \d+ cm to be safe at 140 cm; version 1 took 190 cm at 140 cm, by a lay of pieces drafted from its kind and size; the longest piece is 250 cm$/,
    );
  });

  test('a piece too short stops the cut, and two pieces are not one', () => {
    const short = said(
      request({
        fabric: {
          pieces: [
            { length: 120, width: 140 },
            { length: 130, width: 140 },
          ],
        },
      }),
    ).get('enough c')!;
    expect([short.weight, plain(short.words)]).toEqual(['blocker', expect.stringMatching(/^c: not enough, \d+ cm short$/)]);
  });

  test('unwashed, it is as long as it will be once washed', () => {
    const found = said(request({ fabric: { washedOn: undefined, shrinkAlong: 10, pieces: [{ length: 245, width: 140 }] } }));
    const unshrunk = said(request({ fabric: { shrinkAlong: 0, pieces: [{ length: 245, width: 140 }] } }));
    const over = (of: typeof found) => Number(/(\d+) cm over/.exec(plain(of.get('enough c')?.words) ?? '')?.[1]);
    expect(over(unshrunk) - over(found)).toBeCloseTo(24.5, -0.5);
    expect(plain(found.get('wash c')!.detail)).toBe('it shrinks 10 % along');
  });

  test('the widest piece is held against the width, on the bias with both its sides; unmeasured, a bias cut asks for a look', () => {
    const of = (widest: number | undefined, bias = false) =>
      said(
        request({
          pattern: { views: [{ ...view, ...(widest === undefined ? {} : { widest, longest: 100 }) }] },
          make: { fabrics: [{ id: 'p', fabricId: 'c', part: 'main', ...(bias ? { bias } : {}) }] },
        }),
      );
    expect(of(141).get('enough c')!.words).toBe('c is too narrow for the widest piece');
    expect(plain(of(141).get('enough c')!.detail)).toContain('it needs 141 cm, and the widest in the stash is 140 cm');
    expect(of(120).get('enough c')!.weight).toBe('info');
    // (120 + 100) / √2 = 155.6
    expect(plain(of(120, true).get('enough c')!.detail)).toContain('it needs 155.6 cm');
    expect([of(undefined, true).has('widest'), of(undefined).has('widest'), of(120, true).has('widest')]).toEqual([true, false, false]);
  });

  test('a length written into the plan goes before what was reckoned', () => {
    const own = request({ make: { fabrics: [{ id: 'p', fabricId: 'c', part: 'main', length: 245 }] } });
    expect(plain(said(own).get('enough c')!.words)).toBe('c: tight, 5 cm over');
  });

  test('nothing known, none chosen, none in the stash: each is said and none is nought', () => {
    expect(said(request({ makes: [], pattern: { kind: 'bag' } })).get('enough c')!.words).toMatch(/is not known$/);
    expect(plain(said(request({ makes: [] })).get('enough c')!.detail)).toContain('by a lay of pieces drafted from its kind and size, rough');
    expect(said(request({ make: { fabrics: [] } })).get('fabric')!.words).toBe('No fabric is chosen yet.');
    expect(said(request({ fabric: { pieces: [] } })).get('enough c')!.weight).toBe('blocker');
  });

  test('nap, repeat and bias are said once each; another plan in the same fabric too', () => {
    const all = request({ fabric: { nap: true, repeatAlong: 12 }, make: { fabrics: [{ id: 'p', fabricId: 'c', part: 'main', bias: true }] } });
    const other = { ...blankPlan('other', 'person', 'pattern', 'view', TODAY), fabrics: [{ id: 'o', fabricId: 'c', part: 'main' as const }] };
    const found = said({ ...all, plans: [other] });
    expect(found.get('nap')!.words).toBe('All pieces one way');
    expect(plain(found.get('repeat')!.words)).toContain('12 cm');
    expect(found.get('bias')!.words).toContain('hang');
    expect(found.get('shared c')!.words).toContain('another plan');
    expect(said({ ...all, plans: [{ ...other, state: 'dropped' }] }).has('shared c')).toBe(false);
  });

  test('a knit that gives less than asked is heeded, less than half stops, untested is to be tested', () => {
    const knit = { wants: { structure: 'knit' as const, stretch: 40 } };
    const giving = (stretchAcross: number | undefined) =>
      said(request({ pattern: knit, fabric: { structure: 'knit', stretchAcross } })).get('stretch c');
    expect(giving(30)!.weight).toBe('warning');
    expect(giving(15)!.weight).toBe('blocker');
    expect(giving(50)).toBeUndefined();
    expect(plain(giving(undefined)!.detail)).toBe('the pattern asks for 40 %: 10 cm must reach 14 cm');
    expect(said(request({ pattern: knit })).get('structure')!.weight).toBe('blocker');
  });
});

describe('the paper', () => {
  const onBody = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 1.5, { when: 'body' })] });

  test('what was altered on the body and never marked is to be marked before the next cut', () => {
    const found = said(request({ makes: [onBody], make: { alterations: [sampleAlteration('sleeve-length', 1.5)] } })).get('mark sleeve-length')!;
    expect(plain(found.words)).toBe('Mark on the paper: sleeve length +1.5 cm');
    expect(found.detail).toBe('made on the body in version 1, never copied to the pattern');
  });

  test('what is marked, and what is only for looks, is not asked for', () => {
    const done = [sampleAlteration('sleeve-length', 1.5, { marked: '2025-05-01' }), sampleAlteration('body-at-hem', -4, { purpose: 'style' })];
    expect([...said(request({ make: { alterations: done } })).keys()].filter((id) => id.startsWith('mark'))).toEqual([]);
  });

  test('what went wrong last time speaks, with the tip that answers it', () => {
    const first = sampleMake(1, { notes: [{ id: 'n1', kind: 'mistake', words: 'collar sewn on upside down' }] });
    const second = sampleMake(2, {
      notes: [
        { id: 'n2', kind: 'tip', words: 'chalk an arrow on the collar stand' },
        { id: 'n3', kind: 'tip', words: 'a longer stitch in the yoke' },
      ],
    });
    const found = said(request({ makes: [first, second] })).get('mistake n1')!;
    expect([found.weight, found.words]).toEqual(['warning', 'Not again: collar sewn on upside down']);
    expect(found.detail).toBe('version 1; the tip since: chalk an arrow on the collar stand');
  });

  test('seams are trued where a piece was altered or a line bends, and only there', () => {
    expect(said(request()).has('true')).toBe(false);
    expect(said(request({ make: { alterations: [sampleAlteration('full-bust', 1)] } })).get('true')!.detail).toContain(
      'True the side seam and the dart',
    );
    const bent = said(request({ make: { sizeLines: [{ zone: 'hip', line: { size: 'D' } }] } })).get('true')!;
    expect(bent.detail).toBe('Blend the lines between the sizes along the seam, alike on both pieces.');
  });

  test('errata speak; notions of a longer garment are counted again', () => {
    const zipped = sampleMake(1, { notions: [{ id: 'n', what: 'zip 20 cm' }] });
    const found = said(
      request({
        makes: [zipped],
        make: { alterations: [sampleAlteration('body-at-hem', 3)] },
        pattern: { errata: [{ id: 'e', words: 'step 9 is the wrong way round' }] },
      }),
    );
    expect(found.get('erratum e')!.words).toContain('step 9');
    expect(plain(found.get('notion zip 20 cm')!.detail)).toContain('3 cm longer');
  });
});

describe('closing, and getting in', () => {
  const chart = { ...SAMPLE_PATTERN.charts[0]!, finished: { waistband: [62, 66, 70, 74, 78], neckline: [50, 51, 52, 53, 54] } };
  const banded = { charts: [chart], views: [{ ...view, zones: ['waistband' as const] }] };

  test('a band that would be too short to close stops the cut, with by how much', () => {
    // Size A: 62 round, the waist 72.
    const found = said(request({ pattern: banded, make: { size: { size: 'A' } } })).get('closes waistband')!;
    expect(found.weight).toBe('blocker');
    expect(plain(found.words)).toBe('The waistband would be 10 cm short of the body: it cannot close');
    expect(said(request({ pattern: banded, make: { size: { size: 'D' } } })).has('closes waistband')).toBe(false);
  });

  test('a piece measured on the paper is held against the body, with the sum; unmeasured, it is asked for', () => {
    const bands = (cut: number) => [{ id: 'b', zone: 'waistband' as const, cut, pieces: 1, onFold: true, allowance: 1.5 }];
    const of = (cut: number) => {
      const plan = { ...blankPlan('plan', 'person', SAMPLE_PATTERN.id, view.id, TODAY), bands: bands(cut) };
      const asked = request({ pattern: banded });
      return said({ ...asked, make: { ...makeOfPlan(plan, 'plan', 2, TODAY), fabrics: asked.make.fabrics }, plans: [plan] });
    };
    const found = of(36).get('closes waistband')!;
    // 2 × 36 − 2 × 1.5 = 69 round a waist of 72.
    expect(plain(found.words)).toBe('The waistband would be 3 cm short of the body: it cannot close');
    expect(plain(found.detail)).toContain('1 × 36 cm on the fold, less 1.5 cm at each end');
    expect(of(38).has('closes waistband')).toBe(false);
    expect(of(38).has('piece waistband')).toBe(false);
    expect(said(request({ pattern: banded })).get('piece waistband')!.weight).toBe('info');
  });

  test('a knit band is cut smaller and stretched on: it is stopped only where it gives too little', () => {
    const knit = (stretchAcross: number) =>
      said(request({ pattern: banded, make: { size: { size: 'A' } }, fabric: { structure: 'knit', stretchAcross } }));
    expect(knit(30).has('closes waistband')).toBe(false);
    expect(knit(10).has('closes waistband')).toBe(true);
  });

  test('drawn in by elastic it need not close, but must pass the hip', () => {
    const elastic = {
      ...banded,
      views: [{ ...view, zones: ['waistband' as const], openings: [{ zone: 'waistband' as const, closes: 'elastic' as const }] }],
    };
    const found = said(request({ pattern: elastic, make: { size: { size: 'A' } } }));
    expect(found.has('closes waistband')).toBe(false);
    expect(plain(found.get('put on waistband')!.words)).toContain('opens to 62 cm, and the hip is 98 cm');
  });

  test('a band in a dress is checked like any other, and so is what a sewist names', () => {
    const dress: Partial<Pattern> = { kind: 'dress', views: [{ ...view, zones: ['bust', 'waist', 'upperArm'] }] };
    const of = (bands: NonNullable<Plan['bands']>) => {
      const plan = { ...blankPlan('plan', 'person', SAMPLE_PATTERN.id, view.id, TODAY), bands };
      const asked = request({ pattern: dress });
      return said({ ...asked, make: { ...makeOfPlan(plan, 'plan', 2, TODAY), fabrics: asked.make.fabrics }, plans: [plan] });
    };
    const band = { id: 'b', pieces: 1, onFold: false, allowance: 0 };
    // The waist of the body is 72, its upper arm 29.
    expect(plain(of([{ ...band, zone: 'waist', cut: 50 }]).get('closes waist')!.words)).toBe(
      'The waist would be 22 cm short of the body: it cannot close',
    );
    expect(of([{ ...band, zone: 'upperArm', cut: 26 }]).get('closes upperArm')!.weight).toBe('blocker');
    expect(of([{ ...band, zone: 'upperArm', cut: 31 }]).has('closes upperArm')).toBe(false);
    const named = of([{ ...band, zone: 'strap', cut: 40, name: 'halter', round: 46 }]).get('closes b')!;
    expect(plain(named.words)).toBe('The halter would be 6 cm short of what it goes round');
  });

  test('a zip that is left out is asked after, and held against what it must pass where that is known', () => {
    const zipped = { charts: [chart], views: [{ ...view, openings: [{ zone: 'waistband' as const, closes: 'zip' as const }] }] };
    expect(said(request({ pattern: zipped })).has('put on waistband')).toBe(false);
    const leftOut = { alterations: [{ ...sampleAlteration('leave-out', 0), note: 'the zip' }] };
    expect(said(request({ pattern: zipped, make: leftOut })).get('put on waistband')!.weight).toBe('blocker');
    expect(said(request({ pattern: zipped, make: { openings: [{ zone: 'waistband', closes: 'buttons' }] } })).has('put on waistband')).toBe(false);
    const unknown = { views: zipped.views };
    expect(said(request({ pattern: unknown, make: leftOut })).get('put on waistband')!.words).toBe(
      'Without the zip at the waistband: can it still be put on?',
    );
  });

  test('a neck without a slit is held against the head; a neck made smaller is asked after', () => {
    const body = { ...SAMPLE_BODY, measures: { ...SAMPLE_BODY.measures, head: 57 } };
    const necked = { charts: [chart], views: [{ ...view, openings: [{ zone: 'neckline' as const, closes: 'fixed' as const }] }] };
    const asked = request({ pattern: necked, make: { size: { size: 'C' } } });
    const found = said({ ...asked, input: { ...asked.input, bodies: [body] } });
    expect(plain(found.get('put on neckline')!.words)).toContain('the head is 57 cm');
  });
});

describe('who it is for', () => {
  test('a child: cords, small parts under three, nightwear; an adult: none of them', () => {
    const of = (birthMonth: string | undefined) => said(request({ person: { child: true, ...(birthMonth ? { birthMonth } : {}) } }));
    expect(of('2024-01').has('small parts')).toBe(true);
    expect(of('2019-01').has('small parts')).toBe(false);
    expect(of('2019-01').get('cords')!.words).toMatch(/hood and neck/);
    expect(of('2015-01').get('cords')!.words).toMatch(/dangle/);
    expect(of('2008-01').has('cords')).toBe(false);
    const drawnIn = { views: [{ ...view, openings: [{ zone: 'waistband' as const, closes: 'elastic' as const }] }] };
    const elastic = (birthMonth: string) => said(request({ person: { child: true, birthMonth }, pattern: drawnIn })).has('elastic');
    expect([elastic('2024-05'), elastic('2019-01')]).toEqual([true, false]);
    // Of unknown age the youngest is meant.
    expect(of(undefined).has('small parts')).toBe(true);
    expect([...said(request()).keys()].filter((id) => ['cords', 'small parts', 'nightwear'].includes(id))).toEqual([]);
  });

  test('cords are judged by what is there: corduroy is none, and a tie that was left out is gone', () => {
    const child = { child: true, birthMonth: '2021-01' };
    const of = (kind: 'add-part' | 'leave-out' | 'sleeve-length', note: string, closes: 'drawstring' | 'fixed' = 'fixed') =>
      said(
        request({
          person: child,
          pattern: { views: [{ ...view, openings: [{ zone: 'waistband', closes }] }] },
          make: { alterations: [{ ...sampleAlteration(kind, 1), note }] },
        }),
      ).get('cords')!.weight;
    expect(of('add-part', 'ties at the neck')).toBe('blocker');
    expect(of('add-part', 'corduroy patches')).toBe('info');
    expect(of('sleeve-length', 'a tie was too short')).toBe('info');
    expect(of('add-part', 'pockets', 'drawstring')).toBe('blocker');
    expect(of('leave-out', 'the drawstring', 'drawstring')).toBe('info');
  });

  test('nightwear is what is slept in; a swimsuit is none', () => {
    const of = (pattern: Partial<Pattern>) => said(request({ person: { child: true, birthMonth: '2021-01' }, pattern })).has('nightwear');
    expect(of({ kind: 'swimsuit' })).toBe(false);
    expect(of({ kind: 'one-piece' })).toBe(true);
    expect(of({ kind: 'top', name: 'Puffin pyjamas' })).toBe(true);
  });

  test.each([
    ['viscose', ['wet', 'shrinks']],
    ['rayon', ['wet', 'shrinks']],
    ['lyocell and linen', ['wet', 'shrinks']],
    ['97 % cotton, 3 % elastane', ['heat']],
    ['triacetate', ['heat']],
    ['80 % wool, 20 % nylon', ['felts', 'heat']],
    ['silk', ['water marks', 'wet']],
    ['linen', []],
  ])('%s: %j', (fibre, ids) => {
    const found = said(request({ fabric: { fibre } }));
    expect(['heat', 'wet', 'shrinks', 'felts', 'water marks'].filter((id) => found.has(id)).sort()).toEqual([...ids].sort());
  });

  test('measures a year old are asked after, a child’s after four months', () => {
    const old = { ...request(), today: '2026-06-01' };
    expect(said(old).get('body 2025-01-01')!.words).toBe('Measure Maren again');
    expect(said(request()).has('body 2025-01-01')).toBe(false);
    expect(said(request({ person: { child: true } })).has('body 2025-01-01')).toBe(true);
    expect(said({ ...old, input: { ...old.input, bodies: [] } }).get('body')!.words).toBe('No measures of Maren: the first size stands in');
    const uncharted = { ...old.input, bodies: [], pattern: { ...old.input.pattern, charts: [] } };
    expect(said({ ...old, input: uncharted }).get('body')!.words).toBe('No measures of Maren');
  });

  test('what would spoil the cut comes first, and no id stands twice', () => {
    const all = checksFor(request({ fabric: { pieces: [], nap: true, fibre: 'polyester', behaviour: 'sheds, bleeds', weight: 400 } }));
    const order = ['blocker', 'warning', 'info'];
    expect(all.map((c) => order.indexOf(c.weight))).toEqual(all.map((c) => order.indexOf(c.weight)).sort((a, b) => a - b));
    expect(new Set(all.map((c) => c.id)).size).toBe(all.length);
    expect(all.map((c) => c.id)).toEqual(expect.arrayContaining(['heat', 'dust', 'dye', 'needles']));
  });
});

test('whatever the fabric and whoever it is for: an answer, no id twice, and none without words', () => {
  const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });
  const fabric = fc.record({
    structure: fc.constantFrom('woven' as const, 'knit' as const),
    stretchAcross: maybe(fc.nat(150)),
    shrinkAlong: maybe(fc.nat(20)),
    washedOn: maybe(fc.constant('2025-05-01')),
    nap: maybe(fc.boolean()),
    repeatAlong: maybe(fc.integer({ min: 1, max: 60 })),
    weight: maybe(fc.integer({ min: 40, max: 600 })),
    fibre: maybe(fc.constantFrom('linen', 'polyester', 'silk')),
    pieces: fc.array(fc.record({ length: fc.integer({ min: 10, max: 400 }), width: fc.integer({ min: 60, max: 160 }) }), { maxLength: 3 }),
  });
  const who = fc.record({ child: fc.boolean(), birthMonth: maybe(fc.constantFrom('2024-05', '2019-05', '1990-05')) });
  fc.assert(
    fc.property(fabric, who, fc.integer({ min: -6, max: 6 }), (of, person, amount) => {
      const alterations = amount === 0 ? [] : [sampleAlteration('sleeve-length', amount)];
      const found = checksFor(request({ fabric: of, person: person, make: { alterations } }));
      expect(new Set(found.map((c) => c.id)).size).toBe(found.length);
      for (const { words, detail } of found) expect(`${words} ${detail ?? ''}`).not.toMatch(/undefined|NaN|Infinity| {2}/);
      // Enough or not, the fabric is spoken of once.
      expect(found.filter((c) => c.id === 'enough c')).toHaveLength(1);
    }),
  );
});
