import fc from 'fast-check';
import { sampleAlteration, sampleCase, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make, Outcome } from '../records';
import { whatItDid } from './what-it-did';

const said = (makes: readonly [Make, Make]) => whatItDid(sampleCase(makes), makes[0], makes[1]);
const short = (rest: Partial<Make> = {}) => sampleMake(1, { fitNotes: [sampleNote('bodice', -2)], ...rest });
const then = (outcome: Outcome, rest: Partial<Make> = {}) => sampleMake(2, { fitNotes: [sampleNote('bodice', outcome)], ...rest });

describe('what the changes did', () => {
  test('a fix is credited to the alteration that made it', () => {
    const alteration = sampleAlteration('bodice-above-bust', 2);
    expect(said([short(), then(0, { alterations: [alteration] })])).toMatchObject([
      { zone: 'bodice', fate: 'fixed', credit: [{ cause: { of: 'alteration', alteration }, share: 1 }] },
    ]);
  });

  test('two that touch the zone share it by what each moved', () => {
    const alterations = [sampleAlteration('bodice-above-bust', 1.5), sampleAlteration('bodice-below-bust', 0.5)];
    const [effect] = said([short(), then(-1, { alterations })]);
    expect(effect!.fate).toBe('eased');
    expect(effect!.credit.map((c) => c.share)).toEqual([0.75, 0.25]);
  });

  test('a size line is credited at a girth', () => {
    const tight = sampleMake(1, { size: { size: 'C' }, fitNotes: [sampleNote('bust', -2)] });
    const [effect] = said([tight, sampleMake(2, { size: { size: 'D' }, fitNotes: [sampleNote('bust', 0)] })]);
    expect(effect).toMatchObject({ zone: 'bust', fate: 'fixed', credit: [{ cause: { of: 'size' }, share: 1 }] });
  });

  test('from tight to loose: the one is fixed, the other is new, and both by the same change', () => {
    const tight = sampleMake(1, { size: { size: 'C' }, fitNotes: [sampleNote('bust', -1)] });
    const effects = said([tight, sampleMake(2, { size: { size: 'E' }, fitNotes: [sampleNote('bust', 1)] })]);
    expect(effects.map((e) => [e.fate, e.credit[0]?.cause.of])).toEqual([
      ['fixed', 'size'],
      ['new', 'size'],
    ]);
  });

  test('fabric alone gets the credit; fabric and cut together, nobody', () => {
    const give = [{ id: 'use', fabricId: 'give', part: 'main' as const }];
    const tight = sampleMake(1, { fitNotes: [sampleNote('bust', -2)] });
    const looser = { fitNotes: [sampleNote('bust', 0)], fabrics: give };
    expect(said([tight, sampleMake(2, looser)])[0]).toMatchObject({ fate: 'fixed', credit: [{ cause: { of: 'fabric' }, share: 1 }] });
    expect(said([tight, sampleMake(2, { ...looser, size: { size: 'D' } })])[0]).toMatchObject({
      fate: 'fixed',
      credit: [],
      notClear: 'fabric and cut both changed',
    });
  });

  test('weight is not turned into centimetres, and cannot be told from the cut', () => {
    const fabrics = [sampleFabric('poplin', { weight: 110 }), sampleFabric('drill', { weight: 260 })];
    const makes = [
      short(),
      then(0, { alterations: [sampleAlteration('bodice-above-bust', 2)], fabrics: [{ id: 'u', fabricId: 'drill', part: 'main' }] }),
    ] as const;
    const [effect] = whatItDid(sampleCase(makes, { fabrics }), makes[0], makes[1]);
    expect(effect).toMatchObject({ fate: 'fixed', notClear: 'fabric and cut both changed' });
  });

  test('nothing is claimed where nothing changed, or the cut went the other way', () => {
    expect(said([short(), then(0)])[0]).toMatchObject({ fate: 'fixed', credit: [], notClear: 'nothing that touches it changed' });
    expect(said([short(), then(0, { alterations: [sampleAlteration('bodice-above-bust', -1)] })])[0]).toMatchObject({
      credit: [],
      notClear: 'the cut moved the other way',
    });
  });

  test('the same, worse, not seen, new at a zone that was never noted', () => {
    expect(said([short(), then(-2)])[0]).toMatchObject({ fate: 'the same', credit: [] });
    expect(said([short(), then(-3, { alterations: [sampleAlteration('bodice-above-bust', -1)] })])[0]).toMatchObject({ fate: 'worse' });
    expect(said([short(), sampleMake(2)])[0]).toMatchObject({ fate: 'not seen' });
    expect(said([sampleMake(1), then(1)])[0]).toMatchObject({ fate: 'new', credit: [] });
    expect(said([sampleMake(1, { fitNotes: [sampleNote('bodice', 0)] }), then(0)])).toEqual([]);
  });

  test('shares sum to one, or nobody is named', () => {
    const outcome = fc.integer({ min: -3, max: 3 }).map((n) => n as Outcome);
    const amount = fc.constantFrom(-2, -1, 0.5, 1, 2);
    fc.assert(
      fc.property(outcome, outcome, fc.array(amount, { maxLength: 2 }), fc.constantFrom('C', 'D'), (before, after, amounts, size) => {
        const alterations = amounts.map((a, i) => sampleAlteration(i === 0 ? 'bodice-above-bust' : 'bodice-below-bust', a));
        const first = sampleMake(1, { fitNotes: [sampleNote('bodice', before), sampleNote('bust', before)] });
        const later = sampleMake(2, { size: { size }, alterations, fitNotes: [sampleNote('bodice', after), sampleNote('bust', after)] });
        for (const effect of said([first, later])) {
          const total = effect.credit.reduce((sum, c) => sum + c.share, 0);
          if (effect.credit.length > 0) expect(total).toBeCloseTo(1, 12);
          expect(effect.credit.length > 0 && effect.notClear !== undefined).toBe(false);
        }
      }),
    );
  });
});
