import fc from 'fast-check';
import type { ZoneId } from '../body/zones';
import { zoneOf } from '../body/zones';
import type { Alteration } from '../records';
import {
  ALTERATION_KIND_IDS,
  ALTERATIONS,
  alterationKind,
  asksAllowance,
  asksZones,
  isSized,
  type AlterationKindId,
  type Way,
} from '../catalogue/alterations';
import { effectsOf, girthFactor, placesNotSaid, possibleEffectsOf, USUAL_GARMENT, type EffectContext } from './effects';

function alteration(kind: AlterationKindId, rest: Partial<Alteration> = {}): Alteration {
  return { id: 'a', kind, way: alterationKind(kind).ways[0]!, amount: 1, purpose: 'fit', when: 'paper', ...rest };
}

/** Effects as a plain table: zone to cm. */
function effects(kind: AlterationKindId, rest: Partial<Alteration> = {}, context: EffectContext = USUAL_GARMENT): Partial<Record<ZoneId, number>> {
  return Object.fromEntries(effectsOf(alteration(kind, rest), context).map((e) => [e.zone, e.cm]));
}

describe('lengths and positions', () => {
  test.each<[AlterationKindId, number, Partial<Record<ZoneId, number>>]>([
    ['bodice-above-bust', 1.5, { bodice: 1.5, frontBodice: 1.5, bodyLength: 1.5, armhole: 1.5, bustPoint: 1.5 }],
    ['bodice-below-bust', 2, { bodice: 2, frontBodice: 2, bodyLength: 2 }],
    ['front-length', 1, { frontBodice: 1 }],
    ['back-length', -1, { bodice: -1 }],
    ['sway-back', 1.5, { bodice: -1.5 }],
    ['body-at-hem', -3, { bodyLength: -3 }],
    ['sleeve-length', 1.5, { sleeve: 1.5 }],
    ['skirt-length', -4, { skirt: -4 }],
    ['leg-at-thigh', 2, { leg: 2, kneePoint: 2 }],
    ['leg-at-hem', -2, { leg: -2 }],
    ['strap-length', -1, { strap: -1 }],
    ['torso-length', 3, { torso: 3 }],
    ['bust-dart', 1.5, { bustPoint: 1.5 }],
    ['neck-depth', -2, { neckDepth: -2 }],
    ['pocket-height', 2, { pocket: 2 }],
    ['band-at-waist', 6, { bodyLength: 6, torso: 6 }],
    ['wedge-centre-front', -1, { frontBodice: -1 }],
    ['wedge-centre-back', 1.5, { bodice: 1.5 }],
    ['skirt-front', 2, { skirt: 2 }],
    ['skirt-back', -2, { skirt: -2 }],
    ['seat-coverage', 1, { seatCoverage: 1, legHem: -1 }],
    ['leg-line', -2, { legLine: -2, legHem: 2 }],
    ['dart-rotated', 1, {}],
    ['pocket-depth', 1, {}],
  ])('%s by %d cm', (kind, amount, expected) => {
    expect(effects(kind, { amount })).toEqual(expected);
  });

  test.each<[AlterationKindId, number, Partial<Record<ZoneId, number>>]>([
    ['high-back', 1, { bodice: 1 }],
    ['high-back', -0.5, { bodice: -0.5 }],
    ['hollow-chest', 1, { frontBodice: -1, neckDepth: -1 }],
    ['forward-shoulder', 1, { frontBodice: -1, bodice: 1 }],
    ['square-shoulder', 1, { armhole: 2 }],
    ['sloping-shoulder', 0.5, { armhole: -1 }],
    ['neckline-wedge', 1.5, { neckline: -1.5 }],
    ['armhole-wedge', 1, { armhole: -1 }],
    ['hem-flare', 12, { hemSweep: 12 }],
    ['full-seat', 1.5, { crotch: 1.5 }],
    ['flat-seat', 1.5, { crotch: -1.5 }],
    ['full-tummy', 2, { crotch: 2, waist: 2, waistband: 2 }],
    ['crotch-points', 1, { crotch: 1, thigh: 1 }],
    ['calf-girth', 2, { calf: 2 }],
    ['cap-height', -1, { sleeve: -1 }],
    ['wrist-girth', 1.5, { wrist: 1.5 }],
    ['elastic', -3, { waistband: -3 }],
  ])('%s by %d cm, at the place named in the catalogue', (kind, amount, expected) => {
    expect(effects(kind, { amount })).toEqual(expected);
  });

  test('a sleeve set on a square or a sloping shoulder: at most, because the underarm may follow', () => {
    for (const kind of ['square-shoulder', 'sloping-shoulder'] as const)
      expect(effectsOf(alteration(kind), USUAL_GARMENT)[0]).toMatchObject({ atMost: true });
  });

  test('the bust point stays when the bodice is changed below the bust', () => {
    expect(effects('bodice-below-bust')).not.toHaveProperty('bustPoint');
  });
});

describe('widths and girths by themselves', () => {
  test.each<[AlterationKindId, number, Partial<Record<ZoneId, number>>]>([
    ['across-back', 1, { acrossBack: 1 }],
    ['across-front', -1, { acrossFront: -1 }],
    ['shoulder-width', 0.5, { shoulder: 0.5 }],
    ['neck-width', 1, { neckWidth: 2 }],
    ['neckline-girth', 1, { neckline: 1 }],
    ['upper-arm', 2, { upperArm: 2 }],
    ['scoop-crotch', 1.5, { crotch: 1.5 }],
    ['strap-spacing', 1, { strapSpacing: 1 }],
    ['opening-girth', 1, { opening: 1 }],
    ['crown-girth', 1, { head: 1 }],
  ])('%s by %d cm', (kind, amount, expected) => {
    expect(effects(kind, { amount })).toEqual(expected);
  });

  test('scooping the crotch never touches the hip', () => {
    expect(effects('scoop-crotch')).not.toHaveProperty('hip');
  });

  test('lowering an armhole enlarges it by at most twice the amount, and says so', () => {
    expect(effectsOf(alteration('armhole-depth', { amount: 1 }), USUAL_GARMENT)).toEqual([{ zone: 'armhole', cm: 2, sd: 0, atMost: true }]);
  });
});

describe('how it was measured', () => {
  test.each<[Way, ZoneId, number]>([
    ['perSeam', 'bust', 4],
    ['perSide', 'bust', 2],
    ['perQuarter', 'bust', 4],
    ['total', 'bust', 1],
    ['perSeam', 'upperArm', 2],
    ['perSide', 'upperArm', 1],
    ['perSeam', 'thigh', 2],
    ['total', 'thigh', 1],
  ])('1 cm %s past the %s is %d cm round', (way, zone, expected) => {
    expect(effects('side-seams', { way, zones: [zone] })).toEqual({ [zone]: expected });
  });

  test('1 cm in at each side seam is 4 cm round the body', () => {
    expect(effects('side-seams', { amount: -1, way: 'perSeam', zones: ['bust', 'waist', 'hip'] })).toEqual({ bust: -4, waist: -4, hip: -4 });
  });

  test('more seams, when said, count', () => {
    expect(effects('side-seams', { way: 'perSeam', zones: ['waist'], seams: 6 })).toEqual({ waist: 12 });
    expect(girthFactor('perSeam', 3)).toBe(6);
  });

  test('the view’s own number of seams counts where the alteration names none', () => {
    const panels: EffectContext = { ...USUAL_GARMENT, seamsAcross: () => 4 };
    expect(effects('side-seams', { way: 'perSeam', zones: ['waist'] }, panels)).toEqual({ waist: 8 });
  });

  test('one garment and one limb side by side', () => {
    expect(effects('side-seams', { amount: 0.5, way: 'perSeam', zones: ['hip', 'thigh', 'knee'] })).toEqual({ hip: 2, thigh: 1, knee: 1 });
  });
});

describe('kinds with a rule of their own', () => {
  test('a wedge takes half of it midway and nothing at the end', () => {
    expect(effects('wedge', { amount: -1, way: 'perSeam', zones: ['hip', 'waist', 'bust'] })).toEqual({ hip: -4, waist: -2 });
  });

  test.each<['front' | 'back' | 'both' | undefined, number]>([
    ['front', 1],
    ['back', 1],
    ['both', 2],
    [undefined, 2],
  ])('rise on %p: the crotch curve grows by %d for 1 cm', (part, crotch) => {
    expect(effects('rise', { ...(part ? { part } : {}) })).toEqual({ rise: 1, crotch });
  });

  test('a full bust adjustment of 1 cm a side with its fullness left in', () => {
    expect(effects('full-bust', { amount: 1, fullness: 'left in' })).toEqual({ bust: 2, frontBodice: 0.5, waist: 2, hip: 2 });
  });

  test('and with the fullness taken out again', () => {
    expect(effects('full-bust', { amount: 1.5, fullness: 'taken out' })).toEqual({ bust: 3, frontBodice: 0.75 });
  });

  test('a seam sewn narrower than cut makes girths larger, limbs by one seam, and openings smaller', () => {
    const { amount: _, ...rest } = alteration('allowance', { allowance: { cut: 1.5, sewn: 1 } });
    const found = Object.fromEntries(effectsOf(rest, USUAL_GARMENT).map((e) => [e.zone, e.cm]));
    expect(found).toMatchObject({ bust: 2, waist: 2, hip: 2, upperArm: 1, thigh: 1, neckline: -1, armhole: -1 });
    expect(found).not.toHaveProperty('sleeve');
    expect(found).not.toHaveProperty('acrossBack');
  });

  test('a waist seam changes lengths where the view says so', () => {
    const withWaistSeam: EffectContext = { ...USUAL_GARMENT, seamsAcross: (z) => (z === 'bodyLength' ? 1 : zoneOf(z).seams) };
    expect(effects('allowance', { allowance: { cut: 1.5, sewn: 1 }, zones: ['bodyLength'] }, withWaistSeam)).toEqual({ bodyLength: 1 });
  });

  test('two princess seams, a centre back seam, darts and an inseam, as they were measured', () => {
    expect(effects('princess-seams', { amount: -0.5, way: 'perSeam', zones: ['bust', 'waist'] })).toEqual({ bust: -2, waist: -2 });
    expect(effects('princess-seams', { amount: -0.5, way: 'perSeam', zones: ['waist'], seams: 4 })).toEqual({ waist: -4 });
    expect(effects('centre-back-seam', { amount: -1, way: 'perSeam', zones: ['waist'] })).toEqual({ waist: -2 });
    expect(effects('waist-darts', { amount: -1, way: 'perSide', zones: ['waist'] })).toEqual({ waist: -2 });
    expect(effects('waist-darts', { amount: -1, way: 'total', zones: ['waistband'] })).toEqual({ waistband: -1 });
    expect(effects('inseam', { amount: 0.5, way: 'perSeam', zones: ['thigh', 'knee'] })).toEqual({ thigh: 1, knee: 1 });
  });

  test('a fold made a seam: nothing, where as much was added as is sewn; twice the seam is lost where nothing was', () => {
    expect(effects('fold-to-seam', { allowance: { cut: 1.5, sewn: 1.5 }, zones: ['bust'] })).toEqual({});
    expect(effects('fold-to-seam', { allowance: { cut: 0, sewn: 1.5 }, zones: ['bust', 'hip'] })).toEqual({ bust: -3, hip: -3 });
  });

  test('a seam made a fold: twice the allowance is gained where the cut edge lay on the fold', () => {
    expect(effects('seam-to-fold', { allowance: { cut: 0, sewn: 0 }, zones: ['acrossBack'] })).toEqual({});
    expect(effects('seam-to-fold', { allowance: { cut: 1.5, sewn: 0 }, zones: ['acrossBack'] })).toEqual({ acrossBack: 3 });
  });

  test.each<AlterationKindId>(['leave-out', 'add-part', 'swap-part'])('%s changes no length', (kind) => {
    expect(effects(kind)).toEqual({});
  });

  test('a band: what was cut off goes, the finished band comes', () => {
    expect(effects('band', { band: { cutOff: 4, finished: 6 }, zones: ['sleeve'] })).toEqual({ sleeve: 2 });
    expect(effects('band', { band: { cutOff: 6, finished: 6 }, zones: ['leg'] })).toEqual({ leg: 0 });
  });
});

describe('no amount noted', () => {
  test('“a bit” is halfway from slight to clear, with half of that as its doubt; never nothing', () => {
    const { amount: _, ...bit } = alteration('side-seams', { zones: ['bust'], direction: -1 });
    expect(effectsOf(bit, USUAL_GARMENT)).toEqual([{ zone: 'bust', cm: -3.5, sd: 1.75, atMost: false }]);
  });

  test('the intended ease scales it', () => {
    const { amount: _, ...bit } = alteration('side-seams', { zones: ['bust'], direction: 1 });
    expect(effectsOf(bit, { ...USUAL_GARMENT, fitClassAt: () => 'loose' })[0]).toMatchObject({ cm: 5.25, sd: 2.625 });
  });

  test('a sway back of a bit shortens the bodice', () => {
    const { amount: _, ...bit } = alteration('sway-back', { direction: 1 });
    expect(effectsOf(bit, USUAL_GARMENT)[0]).toMatchObject({ zone: 'bodice', cm: -1.75 });
  });
});

describe('laws', () => {
  const sized = ALTERATION_KIND_IDS.filter((k) => isSized(k) && !asksAllowance(k) && k !== 'band');
  const anyAlteration = fc
    .record({ kind: fc.constantFrom(...sized), way: fc.constantFrom<Way>('total', 'perSide', 'perSeam', 'perQuarter') })
    .map(({ kind, way }) => {
      const { ways, zones } = alterationKind(kind);
      return alteration(kind, { way: ways.includes(way) ? way : ways[0]!, ...(zones ? { zones: zones.slice(0, 3) } : {}) });
    });

  test('effects are linear in the amount', () => {
    fc.assert(
      fc.property(anyAlteration, fc.double({ min: -10, max: 10, noNaN: true }), fc.double({ min: -3, max: 3, noNaN: true }), (a, amount, times) => {
        const one = effectsOf({ ...a, amount }, USUAL_GARMENT);
        const more = effectsOf({ ...a, amount: amount * times }, USUAL_GARMENT);
        expect(more.map((e) => e.zone)).toEqual(one.map((e) => e.zone));
        one.forEach((e, i) => expect(more[i]!.cm).toBeCloseTo(e.cm * times, 9));
      }),
    );
  });

  test('what is let out and taken in again is nothing', () => {
    fc.assert(
      fc.property(anyAlteration, fc.double({ min: -10, max: 10, noNaN: true }), (a, amount) => {
        const out = effectsOf({ ...a, amount }, USUAL_GARMENT);
        const back = effectsOf({ ...a, amount: -amount }, USUAL_GARMENT);
        out.forEach((e, i) => expect(e.cm + back[i]!.cm).toBeCloseTo(0, 9));
      }),
    );
  });

  test('every kind of the catalogue touches a zone', () => {
    for (const kind of sized)
      expect(Object.keys(effects(kind, { zones: [...(alterationKind(kind).zones ?? [])].slice(0, 1) })).length).toBeGreaterThan(0);
  });
});

describe('the catalogue', () => {
  test('holds at least 45 kinds', () => {
    expect(ALTERATION_KIND_IDS.length).toBeGreaterThanOrEqual(45);
  });

  test('a kind that asks for zones offers some, and no other does', () => {
    for (const id of ALTERATION_KIND_IDS) expect([id, (alterationKind(id).zones ?? []).length > 0]).toEqual([id, asksZones(id)]);
  });

  test('every kind says how it is done, and no two share a name', () => {
    const labels = Object.values(ALTERATIONS).map((k) => k.label);
    expect(new Set(labels).size).toBe(labels.length);
    for (const { how } of Object.values(ALTERATIONS)) expect(how).toMatch(/^[A-Z].*\.$/);
  });

  test('lengths come before widths, bust height before bust fullness, armhole before sleeve', () => {
    const order = (id: AlterationKindId) => alterationKind(id).order;
    expect(order('bodice-below-bust')).toBeLessThan(order('across-back'));
    expect(order('bust-dart')).toBeLessThan(order('full-bust'));
    expect(order('rise')).toBeLessThan(order('scoop-crotch'));
    expect(order('armhole-depth')).toBeLessThan(order('sleeve-length'));
  });
});

describe('front or back only', () => {
  const girth = (rest: Partial<Alteration>) => effects('side-seams', { way: 'perSeam', zones: ['bust'], ...rest }).bust;
  test('one edge of each seam is half of both; what was measured in all stays what it is', () => {
    expect(girth({})).toBe(4);
    expect(girth({ part: 'front' })).toBe(2);
    expect(girth({ way: 'total', part: 'back' })).toBe(1);
    expect(girth({ way: 'perQuarter', part: 'back' })).toBe(2);
  });
});

test('an amount that is only about so much is in doubt by a quarter of it', () => {
  expect(effectsOf(alteration('sleeve-length', { amount: -2, about: true }), USUAL_GARMENT)[0]).toMatchObject({ cm: -2, sd: 0.5 });
});

test.each<[AlterationKindId, Way, ZoneId, number]>([
  ['dart-added', 'perSide', 'waist', 2],
  ['dart-added', 'total', 'bust', 1],
  ['princess-curve', 'perSide', 'bust', 2],
  ['pivot-and-slide', 'perQuarter', 'hip', 4],
  ['gathers', 'total', 'hemSweep', 1],
  ['sleeve-seam', 'perSeam', 'upperArm', 2],
])('%s, 1 cm %s at the %s, is %d cm round', (kind, way, zone, cm) => expect(effects(kind, { way, zones: [zone] })).toEqual({ [zone]: cm }));

describe('where nobody said which places a seam passed', () => {
  test('any of the body may be it; of a sleeve’s own seam those of the sleeve; a named one, or a fixed kind, is no question', () => {
    expect(placesNotSaid(alteration('centre-back-seam'))).toEqual(['bust', 'waist', 'waistband', 'hip', 'hemSweep']);
    expect(placesNotSaid(alteration('side-seams'))).toContain('thigh');
    expect(placesNotSaid(alteration('side-seams'))).not.toContain('upperArm');
    expect(placesNotSaid(alteration('sleeve-seam'))).toEqual(['upperArm', 'wrist']);
    expect(placesNotSaid(alteration('side-seams', { zones: ['hip'] }))).toEqual([]);
    for (const kind of ['sleeve-length', 'band', 'allowance', 'dart-rotated'] as const) expect(placesNotSaid(alteration(kind))).toEqual([]);
  });

  test('nothing is stated, and half is possible at each, in doubt by as much', () => {
    const seam = alteration('side-seams', { amount: -1, way: 'perSeam' });
    expect(effectsOf(seam, USUAL_GARMENT)).toEqual([]);
    const possible = possibleEffectsOf(seam, USUAL_GARMENT);
    expect(possible.map((e) => e.zone)).toEqual(placesNotSaid(seam));
    expect(possible.find((e) => e.zone === 'hip')).toEqual({ zone: 'hip', cm: -2, sd: 2, atMost: false, unplaced: true });
    expect(possibleEffectsOf({ ...seam, zones: ['hip'] }, USUAL_GARMENT)).toEqual([]);
  });
});
