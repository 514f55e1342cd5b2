import fc from 'fast-check';
import { carryForward } from '../forecast/carry-forward';
import { sampleCase, sampleFabric, sampleMake, sampleNote, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Decision, Make, Outcome, Verdict } from '../records';
import { REASONS } from '../records/make';
import { decisionReasonWords } from './decision-reason';
import { bestVersion, isExpensive, sewAgain, type SewAgainInput } from './sew-again';

const TODAY = '2026-03-01';
const verdict = (love: number, rest: Partial<Verdict> = {}): Verdict => ({ id: 'v', date: '2026-01-01', wears: 5, love, reasons: [], ...rest });
const ask = (makes: readonly Make[], rest: Partial<SewAgainInput> = {}, input = sampleCase(makes)) =>
  sewAgain({ input, carried: carryForward(input, { date: TODAY, unit: 'cm' }), today: TODAY, ...rest });
const right = [sampleNote('bust', 0), sampleNote('bodice', 0), sampleNote('sleeve', 0)];
const good = (love: number, rest: Partial<Verdict> = {}) => sampleMake(1, { fitNotes: right, verdicts: [verdict(love, rest)] });
/** Twice off, each time the other way: the best cut lies between, and is to be changed to. */
const off = (love: number) => [sampleMake(1, { fitNotes: [sampleNote('bodice', -2)], verdicts: [verdict(love)] })];

describe('sew it again?', () => {
  test.each([
    ['not made yet', ask([])],
    ['not judged yet', ask([sampleMake(1)])],
    ['sew again', ask([good(5)])],
    ['retire', ask([good(4, { sewAgain: 'no', words: 'never' })])],
    ['retire', ask([good(4)], {}, sampleCase([good(4)], { pattern: { ...SAMPLE_PATTERN, state: 'retired', why: 'the neck' } }))],
    ['retire', ask([good(2, { reasons: ['style'] })])],
    ['later', ask([good(5, { sewAgain: 'later', later: '2026-09' })])],
    ['sew again', ask([good(5, { sewAgain: 'later', later: '2026-02' })])],
    ['enough for now', ask([good(5)], { rotation: { ready: 4, wornOut: 0, wanted: 4 } })],
    ['sew again', ask([good(5)], { rotation: { ready: 4, wornOut: 1, wanted: 4 } })],
    ['another fabric', ask([good(4, { sewAgain: 'other fabric' })])],
    ['another fabric', ask([good(4, { reasons: ['fabric'] })])],
    ['one more, changed', ask(off(3))],
    ['sew again with changes', ask(off(5))],
    ['toile first', ask(off(5), { fabric: sampleFabric('silk', { expensive: true }) })],
    ['not loved', ask([sampleMake(1, { verdicts: [verdict(2)] })])],
    ['fits, not loved', ask([good(3, { parts: { fit: 5, style: 2 } })])],
  ] as const)('%s', (answer, found) => expect(found.answer).toBe(answer));

  test('a chance below 0.45 asks for a toile before anything that is said of love', () => {
    const carried = carryForward(sampleCase([good(5)]), { date: TODAY, unit: 'cm' })!;
    const asked = (chance: number) =>
      sewAgain({ input: sampleCase([good(5)]), carried: { ...carried, weakest: { zone: 'sleeve', chance } }, today: TODAY });
    expect(asked(0.44)).toMatchObject({ answer: 'toile first', wouldChange: 'a toile with the sleeve' });
    expect(asked(0.45).answer).toBe('one more, changed');
    expect(asked(0.6).answer).toBe('sew again');
  });

  test('it says why: the least of its parts, the version whose fabric did well', () => {
    expect(ask([good(3, { parts: { fit: 5, style: 2 } })]).because).toContainEqual({ code: 'least loved part', part: 'style', love: 2 });
    const makes = [
      sampleMake(1, { fitNotes: right, fabrics: [{ id: 'u', fabricId: 'give', part: 'main' }], verdicts: [verdict(5)] }),
      sampleMake(2, { fitNotes: right, verdicts: [verdict(2, { reasons: ['fabric'], date: '2026-02-01', wears: 9, sewAgain: 'other fabric' })] }),
    ];
    expect(ask(makes)).toMatchObject({ answer: 'another fabric' });
    expect(ask(makes).because).toContainEqual({ code: 'did well', version: 1, fabric: 'give', other: ['stretch'] });
    expect(ask(makes).because.map(decisionReasonWords)).toContain('version 1 in give did well: other stretch');
  });

  describe('stories', () => {
    const sheer = sampleFabric('sheer lawn', { weight: 60 });
    const linen = sampleFabric('linen', { weight: 180 });
    const fabrics = [sheer, linen];
    const of = (version: number, fabricId: string, ...said: Verdict[]) =>
      sampleMake(version, { fitNotes: right, fabrics: [{ id: 'u', fabricId, part: 'main' }], verdicts: said });
    const asked = (makes: readonly Make[], rest: Partial<SewAgainInput> = {}) => ask(makes, rest, sampleCase(makes, { fabrics }));

    test('four versions, one of them in a poor fabric and three loved: sewn again, and not in that fabric', () => {
      const poor = of(2, 'sheer lawn', verdict(2, { wears: 40, reasons: ['fabric', 'care'] }));
      const found = asked([of(1, 'linen', verdict(5)), poor, of(3, 'linen', verdict(5)), of(4, 'linen', verdict(4))]);
      expect(found.answer).toBe('sew again');
      expect(found.because).toContainEqual({ code: 'not in again', fabrics: ['sheer lawn'] });
    });

    test('the best version is in the very fabric that is complained of, or in one like it', () => {
      const poor = of(1, 'sheer lawn', verdict(2, { wears: 40, reasons: ['care'] }));
      expect(asked([poor, of(2, 'sheer lawn', verdict(5))]).answer).toBe('another fabric');
      expect(asked([poor, of(2, 'linen', verdict(5))]).answer).toBe('sew again');
    });

    test('care said once on the first wear, and loved later', () =>
      expect(asked([of(1, 'linen', verdict(3, { wears: 1, reasons: ['care'] }), verdict(5, { wears: 20 }))])).toMatchObject({ answer: 'sew again' }));

    test('never worn because of the occasion: few occasions, whatever the fit', () => {
      const gown = of(1, 'linen', verdict(4, { wears: 0, reasons: ['occasion'] }));
      expect(asked([gown])).toMatchObject({ answer: 'few occasions', because: [{ code: 'share of reasons', of: 'occasion', share: 1 }, {}, {}] });
      const tight = { ...gown, fitNotes: [sampleNote('bust', -2)] };
      expect(asked([tight]).answer).toBe('few occasions');
      expect(asked([{ ...gown, verdicts: [verdict(4, { wears: 0, reasons: ['occasion'], sewAgain: 'as is' })] }]).answer).toBe('sew again');
    });
  });

  test('tight by its fabric only: another fabric, naming how far it stretches; never a smaller size', () => {
    const pattern = { ...SAMPLE_PATTERN, fitClass: 'close' as const, wants: { structure: 'knit' as const, stretch: 40 } };
    const fabrics = [sampleFabric('firm', { structure: 'knit', stretchAcross: 15, stretchAlong: 15 })];
    const firm = (outcome: Outcome) =>
      sampleMake(1, { fitNotes: [sampleNote('bust', outcome)], fabrics: [{ id: 'u', fabricId: 'firm', part: 'main' }] });
    for (const outcome of [-1, -2] as const) {
      const input = sampleCase([firm(outcome)], { pattern, fabrics });
      const carried = carryForward(input, { date: TODAY, unit: 'cm' })!;
      expect(carried.next.size).toEqual({ size: 'C' });
      expect(carried.next.sizeLines).toEqual([]);
      expect(carried.zones.find((z) => z.zone === 'bust')!.basis).toBe('by its fabric');
      const found = sewAgain({ input, carried, today: TODAY });
      expect(found.answer).toBe('another fabric');
      expect(found.because.map(decisionReasonWords)).toContain(
        'version 1 is off by its fabric only: firm stretches 15\u202f% of the 40\u202f% asked',
      );
    }
  });

  test('early is a remark beside the answer', () => {
    expect(ask([good(5, { wears: 0 })])).toMatchObject({ answer: 'sew again', early: true });
    expect(ask([good(5, { wears: 3 })])).toMatchObject({ answer: 'sew again', early: false });
  });

  test('a body that changed is not the pattern’s failure', () =>
    expect(ask([good(2, { reasons: ['no longer fits', 'no longer fits', 'style'] })]).answer).toBe('retire'));

  test('the best version: the most loved, then the latest', () => {
    const makes = [
      sampleMake(1, { verdicts: [verdict(4)] }),
      sampleMake(2, { verdicts: [verdict(5), verdict(4)] }),
      sampleMake(3, { verdicts: [verdict(3)] }),
    ];
    expect(bestVersion(sampleCase(makes))!.version).toBe(2);
  });
});

test('expensive: marked so, not to be had again, or in the most expensive fifth of the stash', () => {
  const price = (minor: number) => ({ pricePerMetre: { minor, currency: 'EUR' } });
  const stash = [10, 20, 30, 40, 50].map((p, i) => sampleFabric(`c${i}`, price(p)));
  expect(isExpensive(stash[4]!, stash)).toBe(true);
  expect(isExpensive(stash[3]!, stash)).toBe(false);
  expect(isExpensive(stash[2]!, stash.slice(0, 3))).toBe(false);
  expect(isExpensive(sampleFabric('x', { irreplaceable: true }), [])).toBe(true);
  expect(isExpensive(sampleFabric('gift'), stash)).toBe(false);
});

test('every state of a ledger gets exactly one answer, with what it rests on and what would change it', () => {
  const ANSWERS: readonly Decision[] = [
    'not made yet',
    'not judged yet',
    'retire',
    'later',
    'enough for now',
    'another fabric',
    'toile first',
    'one more, changed',
    'fits, not loved',
    'not loved',
    'few occasions',
    'sew again with changes',
    'sew again',
  ];
  const someVerdict = fc.record({
    love: fc.integer({ min: 1, max: 5 }),
    wears: fc.nat(30),
    reasons: fc.subarray([...REASONS], { maxLength: 3 }),
    sewAgain: fc.constantFrom(undefined, 'as is' as const, 'with changes' as const, 'other fabric' as const, 'later' as const, 'no' as const),
    later: fc.constantFrom(undefined, '2026-01', '2026-12'),
  });
  const someMake = fc.record({
    notes: fc.array(fc.record({ zone: fc.constantFrom('bust' as const, 'bodice' as const), outcome: fc.integer({ min: -3, max: 3 }) }), {
      maxLength: 2,
    }),
    verdicts: fc.array(someVerdict, { maxLength: 2 }),
    state: fc.constantFrom('finished' as const, 'abandoned' as const, 'given' as const),
  });
  fc.assert(
    fc.property(fc.array(someMake, { maxLength: 3 }), fc.boolean(), (list, expensive) => {
      const makes = list.map(({ notes, verdicts, state }, i) =>
        sampleMake(i + 1, {
          state,
          fitNotes: notes.map((n, at) => sampleNote(n.zone, n.outcome as Outcome, { id: `${i} ${at}` })),
          verdicts: verdicts.map(({ sewAgain: again, later, ...v }, at) => ({
            id: `${i} ${at}`,
            date: '2026-01-01',
            ...v,
            ...(again ? { sewAgain: again } : {}),
            ...(later ? { later } : {}),
          })),
        }),
      );
      const found = ask(makes, { fabric: sampleFabric('planned', { expensive }) });
      expect(ANSWERS.filter((a) => a === found.answer)).toHaveLength(1);
      expect(found.wouldChange).not.toBe('');
      expect(found.because.map(decisionReasonWords).every((b) => b !== '' && !/undefined|NaN/.test(b))).toBe(true);
      if (found.answer === 'not made yet') expect(makes).toEqual([]);
      if (found.answer === 'not judged yet') expect(makes.every((m) => m.verdicts.length === 0)).toBe(true);
    }),
    { numRuns: 60 },
  );
});
