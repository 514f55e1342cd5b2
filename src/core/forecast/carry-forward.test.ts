import { bodyOn } from '../body/measures';
import { priorSpread, zoneOf } from '../body/zones';
import { countedVersions } from '../make/versions';
import fc from 'fast-check';
import type { Make, Outcome } from '../records';
import { edgesOf } from '../body/fit-class';
import { basisWords } from './words';
import { carryForward, keepsLast, zonesOfCase } from './carry-forward';
import type { PatternCase } from '../garment/case';
import type { PlannedCut } from './next-cut';
import { offsetOf } from '../garment/offset';
import { chanceOfRight, posteriorOf } from '../inference/posterior';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleMake, sampleNote } from '../garment/sample-case';
import { whyAt } from './why';
import { isChanged, summaryOf } from './summary';

const PLAN: PlannedCut = { date: '2025-12-01', unit: 'cm' };
const carried = (makes: readonly Make[], rest: Partial<PatternCase> = {}, plan: PlannedCut = PLAN) => carryForward(sampleCase(makes, rest), plan)!;
const zone = (result: ReturnType<typeof carried>, id: string) => result.zones.find((z) => z.zone === id)!;

describe('what is kept', () => {
  test('nothing cut yet: nothing is invented', () => {
    expect(carryForward(sampleCase([]), PLAN)).toBeUndefined();
  });

  test('no note: the last cut', () => {
    const result = carried([
      sampleMake(1, { size: { size: 'B' } }),
      sampleMake(2, { size: { size: 'D' }, alterations: [sampleAlteration('sleeve-length', 1.5)] }),
    ]);
    expect(result.next.size).toEqual({ size: 'D' });
    expect(result.next.alterations.map((a) => [a.kind, a.amount])).toEqual([['sleeve-length', 1.5]]);
    expect(result.notNoted).toEqual(['acrossBack', 'bust', 'bodice', 'sleeve']);
    expect(result.weakest).toBeUndefined();
    expect(zone(result, 'bust')).toMatchObject({ basis: 'no note', x: 4, lastX: 4 });
    expect(zone(result, 'bust').chance).toBeUndefined();
  });

  test('right after wear: kept, though the best cut lies elsewhere', () => {
    const result = carried([
      sampleMake(1, { fitNotes: [sampleNote('sleeve', -2, { seen: { at: 'tryOn' } })] }),
      sampleMake(2, { alterations: [sampleAlteration('sleeve-length', 1.5)], fitNotes: [sampleNote('sleeve', 0)] }),
    ]);
    expect(zone(result, 'sleeve')).toMatchObject({ basis: 'right after wear', x: 1.5 });
    expect(zone(result, 'sleeve').best.median).toBeGreaterThan(1.9);
  });

  test('right after wear, but all else says by far that it was luck: the best cut', () => {
    const short = { fitNotes: [sampleNote('sleeve', -3, { amount: 6 })] };
    const result = carried([
      sampleMake(1, short),
      sampleMake(2, short),
      sampleMake(3, { alterations: [sampleAlteration('sleeve-length', 1.5)], fitNotes: [sampleNote('sleeve', 0)] }),
    ]);
    expect(zone(result, 'sleeve')).toMatchObject({ basis: 'best cut' });
    expect(zone(result, 'sleeve').chance! - zone(result, 'sleeve').chanceOfLast!).toBeGreaterThan(0.3);
  });

  test.each([
    [0, 0.6, 0.89, true],
    [0, 0.6, 0.91, false],
    [-1, 0.85, 0.87, true],
    [1, 0.85, 0.89, false],
  ] as const)('outcome %d, chances %d and %d: kept %s', (outcome, ofLast, ofBest, kept) => {
    expect(keepsLast(outcome, ofLast, ofBest)).toBe(kept);
  });

  test('unless a later version says otherwise', () => {
    const result = carried([
      sampleMake(1, { fitNotes: [sampleNote('sleeve', 0)] }),
      sampleMake(2, { alterations: [sampleAlteration('sleeve-length', -2)], fitNotes: [sampleNote('sleeve', -2)] }),
    ]);
    expect(zone(result, 'sleeve').basis).toBe('best cut');
    expect(zone(result, 'sleeve').x).toBeGreaterThan(-1);
  });

  test('right on the first day only is evidence, not a verdict; good enough is kept', () => {
    const result = carried([sampleMake(1, { fitNotes: [sampleNote('bust', 0, { seen: { at: 'firstDay' } })] })]);
    expect(zone(result, 'bust')).toMatchObject({ basis: 'good enough', x: 0 });
  });

  test('what was made on the body is on the paper the next time, and sums up', () => {
    const result = carried([
      sampleMake(1, {
        alterations: [sampleAlteration('sleeve-length', 1.5), sampleAlteration('sleeve-length', -0.5, { when: 'body' })],
        fitNotes: [sampleNote('sleeve', 0)],
      }),
    ]);
    expect(result.next.alterations).toEqual([expect.objectContaining({ kind: 'sleeve-length', amount: 1, when: 'paper' })]);
  });

  test('wishes for looks are not carried in the fit', () => {
    const result = carried([sampleMake(1, { alterations: [sampleAlteration('sleeve-length', -20, { purpose: 'style' })] })]);
    expect(result.next.alterations).toEqual([]);
  });
});

describe('what is changed', () => {
  test('narrow in one size, wide in the next: the line between', () => {
    const chart = { ...SAMPLE_PATTERN.charts[0]!, body: { ...SAMPLE_PATTERN.charts[0]!.body, acrossBack: [31, 33, 35, 37, 39] } };
    const pattern = { ...SAMPLE_PATTERN, charts: [chart] };
    const result = carried(
      [sampleMake(1, { fitNotes: [sampleNote('acrossBack', -1)] }), sampleMake(2, { size: { size: 'D' }, fitNotes: [sampleNote('acrossBack', 1)] })],
      { pattern },
    );
    expect(result.next.size).toEqual({ size: 'D' });
    expect(result.next.sizeLines).toEqual([{ zone: 'acrossBack', line: { size: 'C', to: 'D', at: 0.5 } }]);
    expect(zone(result, 'acrossBack').x).toBeCloseTo(0, 6);
    expect(result.next.alterations).toEqual([]);
  });

  test('says nothing about the sleeve', () => {
    const result = carried([sampleMake(1, { fitNotes: [sampleNote('bust', -3)] })]);
    expect(isChanged(zone(result, 'bust'))).toBe(true);
    expect(isChanged(zone(result, 'sleeve'))).toBe(false);
    expect(result.next.sizeLines.map((l) => l.zone)).toEqual(['bust']);
  });

  test('a length without a chart is altered, rounded to half a centimetre', () => {
    const result = carried([sampleMake(1, { fitNotes: [sampleNote('sleeve', -2, { amount: 3 })] })]);
    expect(result.next.alterations).toEqual([expect.objectContaining({ kind: 'sleeve-length', amount: 3, purpose: 'fit', when: 'paper' })]);
  });

  test('in inches it is rounded to a quarter', () => {
    const result = carried([sampleMake(1, { fitNotes: [sampleNote('sleeve', -2, { amount: 3 })] })], {}, { ...PLAN, unit: 'in' });
    const quarters = result.next.alterations[0]!.amount! / 0.635;
    expect(quarters).toBeGreaterThan(0);
    expect(quarters).toBeCloseTo(Math.round(quarters), 5);
  });

  test('an alteration that is there is changed, not doubled', () => {
    const result = carried([
      sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 1)], fitNotes: [sampleNote('sleeve', -1, { amount: 1.5 })] }),
    ]);
    const sleeves = result.next.alterations.filter((a) => a.kind === 'sleeve-length');
    expect(sleeves).toHaveLength(1);
    expect(sleeves[0]?.amount).toBeGreaterThan(1.5);
  });

  test('“a bit off” becomes an amount once the zone is changed', () => {
    const result = carried([
      sampleMake(1, {
        alterations: [sampleAlteration('sleeve-length', undefined, { direction: -1 })],
        fitNotes: [sampleNote('sleeve', -2, { amount: 3 })],
      }),
    ]);
    expect(result.next.alterations.every((a) => a.amount !== undefined)).toBe(true);
  });

  test('a longer bodice lowers the hem; where the length was right, it is taken up again', () => {
    const pattern = { ...SAMPLE_PATTERN, views: [{ ...SAMPLE_PATTERN.views[0]!, zones: ['bodice' as const, 'bodyLength' as const] }] };
    const result = carried([sampleMake(1, { fitNotes: [sampleNote('bodice', -2, { amount: 2.5 }), sampleNote('bodyLength', 0)] })], { pattern });
    const longer = result.next.alterations.find((a) => a.kind === 'bodice-below-bust')?.amount ?? 0;
    expect(longer).toBeGreaterThan(1.5);
    expect(result.next.alterations.find((a) => a.kind === 'body-at-hem')?.amount).toBeCloseTo(-longer, 6);
    expect(zone(result, 'bodyLength').x).toBeCloseTo(0, 6);
  });

  test('lengths come before widths in the list of alterations', () => {
    const noChart = { ...SAMPLE_PATTERN, charts: [] };
    const result = carried([sampleMake(1, { size: undefined, fitNotes: [sampleNote('acrossBack', -2), sampleNote('bodice', -2)] })], {
      pattern: noChart,
    });
    expect(result.next.alterations.map((a) => a.kind)).toEqual(['bodice-below-bust', 'across-back']);
  });

  test('beyond two sizes the line stops and an alteration does the rest', () => {
    const result = carried([sampleMake(1, { size: { size: 'A' }, fitNotes: [sampleNote('bust', -3, { amount: 14 })] })]);
    expect(result.next.sizeLines).toEqual([{ zone: 'bust', line: { size: 'C' } }]);
    expect(result.next.alterations.find((a) => a.kind === 'side-seams')?.amount).toBeGreaterThan(0);
  });
});

describe('the body and the fabric of the plan', () => {
  test('a body that has grown asks for more fabric at the same offset', () => {
    const grown = { ...SAMPLE_BODY, id: 'grown', date: '2025-11-30', measures: { ...SAMPLE_BODY.measures, bust: 98 } };
    const result = carried([sampleMake(1, { cutOn: '2025-01-01', fitNotes: [sampleNote('bust', 0, { date: '2025-01-01' })] })], {
      bodies: [SAMPLE_BODY, grown],
    });
    expect(result.next.sizeLines).toEqual([{ zone: 'bust', line: { size: 'E' } }]);
    expect(zone(result, 'bust').x).toBeCloseTo(0, 6);
  });

  const knit = { ...SAMPLE_PATTERN, fitClass: 'close' as const, wants: { structure: 'knit' as const, stretch: 20 } };
  const inGive = sampleMake(1, { fabrics: [{ id: 'u', fabricId: 'give', part: 'main' as const }], fitNotes: [sampleNote('bust', 0)] });

  test('a fabric that stretches less than asked is cut larger, and its doubt lowers the chance', () => {
    const asAsked = carried([inGive], { pattern: knit });
    const inPoplin = carried([inGive], { pattern: knit }, { ...PLAN, fabricId: 'poplin' });
    expect(asAsked.next.sizeLines).toEqual([]);
    expect(inPoplin.next.sizeLines.find((l) => l.zone === 'bust')).toBeDefined();
    expect(zone(inPoplin, 'bust').chance!).toBeLessThan(zone(asAsked, 'bust').chance!);
  });

  test('a garment tight in a stiff fabric is not blamed on the size', () => {
    const stiff = sampleMake(1, { fitNotes: [sampleNote('bust', -3)] });
    expect(zone(carried([stiff], { pattern: knit }), 'bust').best.median).toBeLessThan(zone(carried([stiff]), 'bust').best.median + 6);
    expect(offsetOf(sampleCase([stiff], { pattern: knit }), stiff, 'bust').fabric.cm).toBeCloseTo(-7.2, 6);
  });
});

describe('the whole garment', () => {
  const makes = [sampleMake(1, { fitNotes: [sampleNote('bust', -1), sampleNote('sleeve', 0), sampleNote('acrossBack', 1)] })];

  test('the weakest noted zone, and all at once as the product', () => {
    const result = carried(makes);
    const chances = result.zones.flatMap((z) => (z.chance === undefined ? [] : [z.chance]));
    expect(result.weakest?.chance).toBe(Math.min(...chances));
    expect(result.allAtOnce).toBeCloseTo(
      chances.reduce((p, c) => p * c, 1),
      12,
    );
    expect(result.notNoted).toEqual(['bodice']);
  });

  test('the chance is that of the cut proposed, rounding and all', () => {
    for (const z of carried(makes).zones.filter((f) => f.chance !== undefined)) {
      const posterior = posteriorOf(
        z.evidence.map((e) => e.observation),
        priorSpread(z.zone),
      );
      const { measure } = zoneOf(z.zone);
      const body = measure && bodyOn(sampleCase(makes).bodies, measure, PLAN.date);
      expect(z.chance).toBeCloseTo(chanceOfRight(posterior, z.x, edgesOf(z.zone, 'semi')[0], body?.doubt), 4);
    }
  });

  test('every figure has its reasons, and their shares make a whole', () => {
    for (const z of carried(makes).zones) {
      const { reasons } = whyAt(sampleCase(makes), z.zone);
      expect(reasons.length > 0).toBe(z.chance !== undefined);
      if (reasons.length > 0) expect(reasons.reduce((sum, r) => sum + r.share, 0)).toBeCloseTo(1, 9);
    }
  });

  test('the range closes in version by version, from before any note', () => {
    const sleeve = whyAt(sampleCase([...makes, sampleMake(2, { fitNotes: [sampleNote('sleeve', 0)] })]), 'sleeve').closingIn;
    expect(sleeve.map((c) => c.version)).toEqual([0, 1, 2]);
    const widths = sleeve.map((c) => c.best.high - c.best.low);
    expect(widths[1]).toBeLessThan(widths[0]!);
    expect(widths[2]).toBeLessThan(widths[1]!);
  });
});

describe('to mark on the pattern paper', () => {
  test('what is carried on and was never marked; not what was marked, taken back or for looks', () => {
    const result = carried([
      sampleMake(1, {
        alterations: [
          sampleAlteration('sleeve-length', 1.5, { marked: '2025-01-01' }),
          sampleAlteration('body-at-hem', -3, { when: 'body' }),
          sampleAlteration('neck-depth', 2, { purpose: 'style' }),
        ],
        fitNotes: [sampleNote('bodyLength', 0), sampleNote('sleeve', 0)],
      }),
    ]);
    expect(result.toMark.map((t) => t.alteration.kind)).toEqual(['body-at-hem']);
  });
});

describe('contradiction', () => {
  test('two notes that cannot both be, with what differed', () => {
    const input = sampleCase([
      sampleMake(1, { fitNotes: [sampleNote('bust', -3)] }),
      sampleMake(2, { fabrics: [{ id: 'u', fabricId: 'give', part: 'main' }], fitNotes: [sampleNote('bust', 3, { seen: { at: 'firstDay' } })] }),
    ]);
    const found = whyAt(input, 'bust').contradictions;
    expect(found.map((c) => c.evidence.make.version)).toEqual([1, 2]);
    expect(found[0]?.differed).toEqual(['fabric', 'stage']);
    expect(found[0]?.tail).toBeLessThan(0.01);
  });

  test('a slight difference is none', () => {
    const input = sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', -1)] }), sampleMake(2, { fitNotes: [sampleNote('bust', 0)] })]);
    expect(whyAt(input, 'bust').contradictions).toEqual([]);
  });
});

describe('which versions count', () => {
  test('not those left out, planned, or abandoned before anything was seen', () => {
    const makes = [
      sampleMake(1),
      sampleMake(2, { setAside: 'wrong sheet' }),
      sampleMake(3, { state: 'planned' }),
      sampleMake(4, { state: 'abandoned' }),
      sampleMake(5, { state: 'abandoned', fitNotes: [sampleNote('bust', -1)] }),
    ];
    expect(countedVersions(sampleCase(makes)).map((m) => m.version)).toEqual([1, 5]);
  });

  test('a noted zone is spoken of even where the view does not name it', () => {
    expect(zonesOfCase(sampleCase([sampleMake(1, { fitNotes: [sampleNote('neckline', -1)] })]))).toContain('neckline');
  });

  test('a summary says what the account says', () => {
    const input = sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', -3)] })]);
    const summary = summaryOf(input, carryForward(input, PLAN));
    expect(summary).toMatchObject({ patternId: 'pattern', versions: 1, changes: ['bust'], toMark: 0, weakest: carryForward(input, PLAN)!.weakest });
    expect(summaryOf(sampleCase([]), undefined)).toEqual({ patternId: 'pattern', versions: 0, changes: [], toMark: 0 });
  });
});

test('a proposal never lowers a chance by more than the margin that keeping allows', () => {
  const anyNote = fc.constantFrom<Outcome>(-3, -2, -1, 0, 1, 2, 3);
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.constantFrom('A', 'B', 'C', 'D', 'E'), anyNote, anyNote), { minLength: 1, maxLength: 4 }), (versions) => {
      const makes = versions.map(([size, bust, sleeve], i) =>
        sampleMake(i + 1, { size: { size }, fitNotes: [sampleNote('bust', bust), sampleNote('sleeve', sleeve)] }),
      );
      for (const z of carried(makes).zones) {
        if (z.chance === undefined || z.basis === 'right after wear') continue;
        expect(z.chance).toBeGreaterThan(z.chanceOfBest! - 0.2);
      }
    }),
    { numRuns: 40 },
  );
});

test('what was right moves with a body that changed, and says by how much', () => {
  const bodies = [SAMPLE_BODY, { ...SAMPLE_BODY, id: 'later', date: '2026-01-01', measures: { ...SAMPLE_BODY.measures, bust: 96 } }];
  const input = sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', 0)] })], { bodies });
  const at = (date: string) => carryForward(input, { date, unit: 'cm' })!.zones.find((z) => z.zone === 'bust')!;
  expect(at('2026-03-01')).toMatchObject({ basis: 'right after wear' });
  expect(at('2026-03-01').bodyMoved).toBeGreaterThan(2);
  expect(basisWords(at('2026-03-01'), 'cm')).toMatch(/^It was right after wear, and moves with the body by \+3\.5\s*cm\.$/);
  expect(at('2025-06-10').bodyMoved).toBeUndefined();
});
