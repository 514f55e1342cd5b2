import fc from 'fast-check';
import { ZONE_IDS } from '../body/zones';
import { ALTERATION_KIND_IDS, alterationKind, isSized } from '../catalogue/alterations';
import type { Alteration } from '../records';
import { workableStep } from '../units/length';
import { answerMoving, isFine, movesBy } from './answer';
import { effectsOf, sharesOf, USUAL_GARMENT } from './effects';

describe('an amount at a zone and an amount of its answer are two things', () => {
  test.each([
    ['neckWidth', 2, 1],
    ['armhole', 2, 1],
    ['shoulder', -1, -1],
    ['bust', 4, 4],
    ['sleeve', 1.5, 1.5],
  ] as const)('%s by %d cm is %d of it', (zone, cm, amount) => expect(answerMoving(zone, cm, 'cm').amount).toBe(amount));

  test('whatever zone, the answer moves it by what was asked, as near as it can be cut', () => {
    const cm = fc.integer({ min: -40, max: 40 }).map((n) => n / 4);
    fc.assert(
      fc.property(fc.constantFrom(...ZONE_IDS), cm, fc.constantFrom('cm' as const, 'in' as const), (zone, by, unit) => {
        const moved = effectsOf(answerMoving(zone, by, unit), USUAL_GARMENT).find((e) => e.zone === zone)?.cm ?? 0;
        const step = workableStep(unit, isFine(zone)) * Math.abs(movesBy(zone));
        expect(Math.abs(moved - by)).toBeLessThanOrEqual(step / 2 + 1e-9);
      }),
    );
  });

  test('of every kind with an amount the effects are its own shares of it', () => {
    for (const kind of ALTERATION_KIND_IDS.filter(isSized)) {
      const { ways, zones } = alterationKind(kind);
      for (const way of ways) {
        const one: Alteration = { id: 'a', kind, way, amount: 1.5, purpose: 'fit', when: 'paper', ...(zones ? { zones: zones.slice(0, 2) } : {}) };
        const shares = sharesOf(one, USUAL_GARMENT);
        if (shares.length === 0) continue;
        expect(effectsOf(one, USUAL_GARMENT).map((e) => [e.zone, e.cm])).toEqual(shares.map((s) => [s.zone, 1.5 * s.per]));
      }
    }
  });
});
