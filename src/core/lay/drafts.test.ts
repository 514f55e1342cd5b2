import fc from 'fast-check';
import { GARMENT_KINDS } from '../records';
import { overlap } from './clip';
import { lengthOf, widthAt } from '../units/curve';
import { bodiceHalves, draftPieces, sleeveFor, trouserLegs, type DraftMeasures, type DraftOf } from './drafts';
import { areaOf, boundsOf, crossesItself } from '../units/polygon';

/** Bodies from a child's to a large adult's, in garments from close to oversized. */
const bodies = fc
  .record({
    bodyBust: fc.double({ min: 60, max: 130, noNaN: true }),
    ease: fc.double({ min: 2, max: 24, noNaN: true }),
    shape: fc.double({ min: -0.06, max: 0.08, noNaN: true }),
  })
  .map(({ bodyBust: b, ease, shape }): DraftMeasures => ({
    bodyBust: b,
    bust: b + ease,
    waist: b * (0.82 + shape) + ease,
    hip: b * (1.06 - shape / 2) + ease,
    upperArm: b * 0.315 + ease / 3 + 2,
    wrist: b * 0.17 + 5,
    thigh: (b * (1.06 - shape / 2) + ease) * 0.61,
    knee: b * 0.45 + 2,
    legHem: b * 0.42,
    neck: b * 0.4,
    head: 57,
    shoulder: b * 0.135,
    acrossBack: b * 0.38,
    napeToWaist: 26 + b * 0.16,
    armLength: 35 + b * 0.26,
    rise: 16 + b * 0.12,
    inseam: 40 + b * 0.37,
  }));

const draft = (measures: DraftMeasures, rest: Partial<DraftOf> = {}): DraftOf => ({
  kind: 'shirt',
  flat: {},
  measures,
  dropped: false,
  allowance: 1.5,
  ...rest,
});

test('a bodice has the finished bust, hips no smaller than asked, and seams that meet', () => {
  fc.assert(
    fc.property(bodies, fc.boolean(), (measures, dropped) => {
      const { front, back, bustLine, waistLine, shoulder, side } = bodiceHalves(draft(measures, { dropped }), 24, 0);
      const round = (y: number) => 2 * (widthAt(front, y) + widthAt(back, y));
      expect(round(bustLine + 0.01)).toBeCloseTo(measures.bust, 0);
      expect(round(waistLine + 20.6)).toBeGreaterThan(measures.hip - 1);
      expect(shoulder.front).toBeCloseTo(shoulder.back, 1);
      expect(lengthOf(side.front)).toBeCloseTo(lengthOf(side.back), 1);
    }),
    { numRuns: 60 },
  );
});

test('a sleeve is as wide as asked, its cap longer than the armhole by what is eased in', () => {
  fc.assert(
    fc.property(bodies, fc.boolean(), (measures, dropped) => {
      const of = draft(measures, { dropped, flat: { sleeve: 'long' } });
      const pieces = draftPieces(of) ?? [];
      const net = (name: string) => pieces.find((p) => p.name === name)?.net ?? [];
      // The armhole as it lies in the front and the back: from the shoulder's end to the side.
      const armhole = ['front', 'back'].reduce((sum, name) => {
        const outline = net(name);
        const side = outline.findIndex(([x, y], i) => i > 12 && Math.abs(x - measures.bust / 4) < 1e-6 && y > 10);
        return sum + lengthOf(outline.slice(side - 10, side + 1));
      }, 0);
      const sleeve = net('sleeve');
      const { right, left } = boundsOf(sleeve);
      expect(right - left).toBeCloseTo(measures.upperArm, 0);
      const ease = lengthOf(sleeve.slice(0, 17)) - armhole;
      expect(ease).toBeGreaterThan(dropped ? -0.05 : 2);
      expect(ease).toBeLessThan(dropped ? 1 : 5);
    }),
    { numRuns: 60 },
  );
});

test('trousers have the finished hip and thigh, and legs whose seams meet', () => {
  fc.assert(
    fc.property(bodies, fc.constantFrom('trousers' as const, 'shorts' as const), (measures, kind) => {
      const { front, back, hipLine, crotchLine, inseam, outseam } = trouserLegs(draft(measures, { kind }));
      expect(2 * (widthAt(front, hipLine - 0.01) + widthAt(back, hipLine - 0.01))).toBeGreaterThan(measures.hip - 1);
      const reach = (outline: typeof front) => boundsOf(outline);
      const thigh = -reach(front).left - reach(back).left + 2 * (measures.hip / 4);
      expect(thigh).toBeCloseTo(Math.max(measures.thigh, measures.hip / 2 + 8), 0);
      expect(Math.abs(lengthOf(inseam.front) - lengthOf(inseam.back))).toBeLessThan(0.3);
      expect(Math.abs(lengthOf(outseam.front) - lengthOf(outseam.back))).toBeLessThan(0.3);
      expect(crotchLine).toBeGreaterThan(hipLine);
    }),
    { numRuns: 60 },
  );
});

test('every kind with a usual shape has pieces that can be cut, allowance and all; the others say nothing', () => {
  const flats: DraftOf['flat'][] = [
    {},
    { neck: 'v', sleeve: 'short', length: 'short', shape: 'flared', pockets: 'slant' },
    { neck: 'collar', sleeve: 'long', cuffs: true, length: 'long', opening: 'buttons', pockets: 'patch' },
    { neck: 'boat', sleeve: 'elbow', shape: 'straight', opening: 'none', pockets: 'welt' },
    { neck: 'shawl', sleeve: 'none', opening: 'open' },
    { neck: 'band', opening: 'zip' },
  ];
  fc.assert(
    fc.property(bodies, fc.constantFrom(...GARMENT_KINDS), fc.constantFrom(...flats), fc.boolean(), (measures, kind, flat, dropped) => {
      const pieces = draftPieces(draft(measures, { kind, flat, dropped }));
      if (['accessory', 'bag', 'home', 'toy'].includes(kind)) {
        expect(pieces).toBeUndefined();
        return;
      }
      expect(pieces?.length).toBeGreaterThan(1);
      expect(new Set(pieces?.map((p) => p.name)).size).toBe(pieces?.length);
      for (const { name, net, outline, fold } of pieces ?? []) {
        expect([name, crossesItself(net)]).toEqual([name, false]);
        expect([name, crossesItself(outline)]).toEqual([name, false]);
        expect(areaOf(outline)).toBeGreaterThan(areaOf(net));
        expect(areaOf(net) - overlap(net, outline)).toBeLessThan(0.05);
        if (fold) expect(boundsOf(outline).left).toBeCloseTo(0, 6);
      }
    }),
    { numRuns: 150 },
  );
});

test('what is made longer is longer in its piece, and by as much', () => {
  const measures: DraftMeasures = {
    bodyBust: 92,
    bust: 100,
    waist: 84,
    hip: 106,
    upperArm: 34,
    wrist: 22,
    thigh: 64,
    knee: 46,
    legHem: 44,
    neck: 37,
    head: 57,
    shoulder: 12.4,
    acrossBack: 35,
    napeToWaist: 41,
    armLength: 59,
    rise: 27,
    inseam: 76,
  };
  const height = (of: DraftOf, name: string) => {
    const { top, bottom } = boundsOf(draftPieces(of)?.find((p) => p.name === name)?.outline ?? []);
    return bottom - top;
  };
  const longer = { body: 3, sleeve: 2, leg: -4 };
  for (const [kind, name, by] of [
    ['shirt', 'front', 3],
    ['shirt', 'sleeve', 2],
    ['trousers', 'trouser back', -4],
    ['skirt', 'skirt front', 3],
  ] as const)
    expect(height(draft(measures, { kind, longer }), name) - height(draft(measures, { kind }), name)).toBeCloseTo(by, 1);
  const long = draft(measures, { flat: { sleeve: 'long' } });
  expect(lengthOf(sleeveFor(long, 50).cap)).toBeCloseTo(53, 1);
});
