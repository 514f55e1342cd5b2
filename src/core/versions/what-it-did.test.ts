import fc from 'fast-check';
import { sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote, SAMPLE_PATTERN } from '../garment/sample-case';
import type { ZoneId } from '../body/zones';
import type { Make, Outcome } from '../records';
import { whatItDid } from './what-it-did';

const said = (makes: readonly [Make, Make], rest: Parameters<typeof sampleCase>[1] = {}) => whatItDid(sampleCase(makes, rest), makes[0], makes[1]);
const short = (rest: Partial<Make> = {}) => sampleMake(1, { fitNotes: [sampleNote('bodice', -2)], ...rest });
const then = (outcome: Outcome, rest: Partial<Make> = {}) => sampleMake(2, { fitNotes: [sampleNote('bodice', outcome)], ...rest });
const inFabric = (fabricId: string) => ({ fabrics: [{ id: 'u', fabricId, part: 'main' as const }] });
const named = (effects: ReturnType<typeof said>) => effects[0]?.credit?.causes.map((c) => c.cause.of);

describe('what the changes did', () => {
  test('a fix is credited to the alteration that made it, and would hardly have come without it', () => {
    const alteration = sampleAlteration('bodice-above-bust', 2);
    const [effect] = said([short(), then(0, { alterations: [alteration] })]);
    expect(effect).toMatchObject({
      zone: 'bodice',
      fate: 'fixed',
      credit: { surety: 'by', causes: [{ cause: { of: 'alteration', is: alteration } }] },
    });
    expect(effect!.credit!.otherwise).toBeGreaterThan(0.8);
    expect(effect!.credit!.helped).toBeGreaterThan(0.6);
  });

  test('two that are as large share it; a small one beside a large one is not named', () => {
    const alike = [sampleAlteration('bodice-above-bust', 1.5), sampleAlteration('bodice-below-bust', 1.5)];
    const both = said([short(), then(0, { alterations: alike })])[0]!.credit!;
    expect(both.causes.map((c) => c.share)).toEqual([expect.closeTo(0.5, 2), expect.closeTo(0.5, 2)]);
    const uneven = [sampleAlteration('bodice-above-bust', 2.5), sampleAlteration('bodice-below-bust', 0.3)];
    expect(said([short(), then(0, { alterations: uneven })])[0]!.credit).toMatchObject({
      surety: 'by',
      causes: [{ cause: { is: { kind: 'bodice-above-bust' } } }],
    });
  });

  test('a size line is credited at a girth', () => {
    const tight = sampleMake(1, { size: { size: 'C' }, fitNotes: [sampleNote('bust', -2)] });
    const effects = said([tight, sampleMake(2, { size: { size: 'D' }, fitNotes: [sampleNote('bust', 0)] })]);
    expect(effects[0]).toMatchObject({ zone: 'bust', fate: 'fixed', credit: { surety: 'by', causes: [{ cause: { of: 'size' } }] } });
  });

  test('from tight to loose: the one is fixed, the other is new, and both by the same change', () => {
    const tight = sampleMake(1, { size: { size: 'C' }, fitNotes: [sampleNote('bust', -1)] });
    const effects = said([tight, sampleMake(2, { size: { size: 'E' }, fitNotes: [sampleNote('bust', 1)] })]);
    expect(effects.map((e) => [e.fate, e.credit?.causes[0]?.cause.of])).toEqual([
      ['fixed', 'size'],
      ['new', 'size'],
    ]);
  });

  test('give alone gets the credit; with a cut that did more, it has the smaller part', () => {
    const pattern = { ...SAMPLE_PATTERN, fitClass: 'close' as const, wants: { structure: 'knit' as const, stretch: 20 } };
    const tight = sampleMake(1, { fitNotes: [sampleNote('bust', -2)] });
    const looser = { fitNotes: [sampleNote('bust', 0)], ...inFabric('give') };
    expect(named(said([tight, sampleMake(2, looser)], { pattern }))).toEqual(['stretch']);
    const both = said([tight, sampleMake(2, { ...looser, size: { size: 'E' } })], { pattern })[0]!.credit!;
    expect(both.causes[0]?.cause.of).toBe('size');
  });

  test('a heavier fabric alone may have done it, in doubt; beside a clear change of the cut it has not', () => {
    const fabrics = [sampleFabric('poplin', { weight: 110 }), sampleFabric('drill', { weight: 260 })];
    const makes = [short(), then(0, { alterations: [sampleAlteration('bodice-above-bust', 2)], ...inFabric('drill') })] as const;
    expect(named(said(makes, { fabrics }))).toEqual(['alteration']);
    const narrow = sampleMake(1, { fitNotes: [sampleNote('bust', -1)] });
    const alone = said([narrow, sampleMake(2, { fitNotes: [sampleNote('bust', 0)], ...inFabric('drill') })], { fabrics })[0]!.credit!;
    expect(alone.causes[0]?.cause).toEqual({ of: 'hand', properties: ['weight'] });
    expect(alone.helped).toBeLessThan(0.5);
  });

  test('a seam of which nobody said where it was let out may have done it, and is never “nothing that touches it”', () => {
    const at = (zones?: readonly ZoneId[]) => {
      const seam = sampleAlteration('centre-back-seam', 4, zones ? { zones: [...zones] } : {});
      const makes = [
        sampleMake(1, { fitNotes: [sampleNote('bust', -2)] }),
        sampleMake(2, { fitNotes: [sampleNote('bust', 0)], alterations: [seam] }),
      ] as const;
      return said(makes)[0]!.credit!;
    };
    const [unplaced, here, elsewhere] = [at(), at(['bust']), at(['hip'])];
    expect(unplaced.causes).toMatchObject([{ cause: { of: 'alteration' } }]);
    expect(unplaced.untouched).toBeUndefined();
    // Less is claimed for it than where it was said.
    expect(unplaced.helped).toBeLessThan(here.helped ?? 0);
    expect(elsewhere.untouched).toBe(true);
  });

  test('nothing is claimed where nothing changed, or the cut went the other way', () => {
    expect(said([short(), then(0)])[0]!.credit).toMatchObject({ surety: 'not clear', causes: [], untouched: true });
    const wrongWay = said([short(), then(0, { alterations: [sampleAlteration('bodice-above-bust', -1)] })])[0]!.credit!;
    expect(wrongWay).toMatchObject({ surety: 'not clear', causes: [], inSpiteOf: [{ of: 'alteration' }] });
    expect(wrongWay.otherwise).toBeUndefined();
  });

  test('an alteration that was taken back, or made by another amount, keeps both', () => {
    const two = sampleAlteration('bodice-below-bust', 2);
    const one = sampleAlteration('bodice-below-bust', 1);
    const long = sampleMake(1, { fitNotes: [sampleNote('bodice', 2)], alterations: [two] });
    expect(said([long, then(0)])[0]!.credit!.causes[0]?.cause).toEqual({ of: 'alteration', is: undefined, was: two });
    expect(said([long, then(0, { alterations: [one] })])[0]!.credit!.causes[0]?.cause).toEqual({ of: 'alteration', is: one, was: two });
  });

  test('the same, worse, not seen, new at a zone that was never noted', () => {
    expect(said([short(), then(-2)])[0]).toMatchObject({ fate: 'the same' });
    expect(said([short(), then(-2)])[0]!.credit).toBeUndefined();
    expect(said([short(), then(-3, { alterations: [sampleAlteration('bodice-above-bust', -1)] })])[0]).toMatchObject({ fate: 'worse' });
    expect(said([short(), sampleMake(2)])[0]).toMatchObject({ fate: 'not seen' });
    expect(said([sampleMake(1), then(1)])[0]).toMatchObject({ fate: 'new' });
    expect(said([sampleMake(1, { fitNotes: [sampleNote('bodice', 0)] }), then(0)])).toEqual([]);
  });

  test('shares lie between nought and one and never sum to more; who names a cause says what would have been', () => {
    const outcome = fc.integer({ min: -3, max: 3 }).map((n) => n as Outcome);
    const amount = fc.constantFrom(-2, -1, 0.5, 1, 2);
    fc.assert(
      fc.property(outcome, outcome, fc.array(amount, { maxLength: 2 }), fc.constantFrom('C', 'D'), (before, after, amounts, size) => {
        const alterations = amounts.map((a, i) => sampleAlteration(i === 0 ? 'bodice-above-bust' : 'bodice-below-bust', a));
        const first = sampleMake(1, { fitNotes: [sampleNote('bodice', before), sampleNote('bust', before)] });
        const later = sampleMake(2, { size: { size }, alterations, fitNotes: [sampleNote('bodice', after), sampleNote('bust', after)] });
        for (const { credit } of said([first, later])) {
          if (!credit) continue;
          expect(credit.causes.reduce((sum, c) => sum + c.share, 0)).toBeLessThanOrEqual(1 + 1e-9);
          for (const c of credit.causes) expect(c.share).toBeGreaterThan(0);
          expect(credit.otherwise === undefined).toBe(credit.surety === 'not clear');
          if (credit.surety !== 'not clear') expect(credit.helped).toBeGreaterThanOrEqual(0.2);
        }
      }),
      { numRuns: 60 },
    );
  });
});
