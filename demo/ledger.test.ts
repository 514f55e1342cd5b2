import { checkLedgerText, ledgerText } from '../src/core/ledger/check-ledger';
import { countedVersions } from '../src/core/make/versions';
import { casesFor, bringsZone, type PatternCase } from '../src/core/garment/case';
import { Recollection } from '../src/core/forecast/recollection';
import { carryForward } from '../src/core/forecast/carry-forward';
import { fabricStretch } from '../src/core/garment/stretch';
import { whyAt } from '../src/core/forecast/why';
import { offsetOf } from '../src/core/garment/offset';
import { type Make } from '../src/core/records';
import { longestPiece } from '../src/core/fabric/stash';
import { demoLedger } from './ledger';

const ledger = demoLedger();
const PLAN = { date: '2026-11-24', unit: 'cm' } as const;

function caseOf(patternId: string, personId = 'person-maren'): PatternCase {
  return {
    pattern: ledger.patterns.find((p) => p.id === patternId)!,
    makes: ledger.makes.filter((m) => m.personId === personId && m.sources.some((s) => s.patternId === patternId)),
    bodies: ledger.bodies.filter((b) => b.personId === personId),
    fabrics: ledger.fabrics,
  };
}
const carried = (patternId: string, personId?: string) => carryForward(caseOf(patternId, personId), PLAN)!;
const zone = (patternId: string, name: string, personId?: string) => carried(patternId, personId).zones.find((z) => z.zone === name)!;
const wears = (makeId: string) => ledger.wears.filter((w) => w.makeIds.includes(makeId)).reduce((n, w) => n + w.count, 0);

describe('the demo ledger', () => {
  test('is a ledger: what it writes, it reads', () => {
    const read = checkLedgerText(ledgerText(ledger, '2026-11-24T12:00:00Z'));
    expect(read).toMatchObject({ ok: true, ledger, history: { known: [], records: [] }, notices: [] });
  });

  test('is large enough: patterns, makes, fabrics, people, bodies and years', () => {
    expect(ledger.patterns.length).toBeGreaterThanOrEqual(14);
    expect(ledger.makes.length).toBeGreaterThanOrEqual(45);
    expect(ledger.fabrics.length).toBeGreaterThanOrEqual(30);
    expect(ledger.people.length).toBeGreaterThanOrEqual(3);
    const days = ledger.makes.map((m) => m.cutOn).sort();
    expect(Number(days.at(-1)!.slice(0, 4)) - Number(days[0]!.slice(0, 4))).toBeGreaterThanOrEqual(4);
  });

  test('uses every part of a make somewhere', () => {
    const used = (has: (m: Make) => boolean) => ledger.makes.some(has);
    const parts: Record<string, (m: Make) => boolean> = {
      toile: (m) => m.kind === 'toile' && m.lacking.length > 0,
      refashion: (m) => m.refashionOf !== undefined,
      'without fit': (m) => m.kind === 'without fit' && m.quantity > 1,
      joined: (m) => m.sources.length > 1,
      mended: (m) => m.mends.length > 0,
      notions: (m) => m.notions.some((n) => n.cost),
      phases: (m) => m.times.some((t) => t.phase === 'sew'),
      'parts of a verdict': (m) => m.verdicts.some((v) => v.parts),
      symptom: (m) => m.fitNotes.some((n) => n.symptom),
      'one side': (m) => m.fitNotes.some((n) => n.side),
      'caused by': (m) => m.fitNotes.some((n) => n.causedBy),
      style: (m) => m.alterations.some((a) => a.purpose === 'style'),
      'loose end': (m) => m.looseEnds.some((l) => !l.done),
      ...Object.fromEntries(
        ['cut', 'sewing', 'loose ends', 'resting', 'outgrown', 'given', 'sold', 'unpicked', 'worn out', 'abandoned'].map((state) => [
          state,
          (m: Make) => m.state === state,
        ]),
      ),
    };
    expect(Object.entries(parts).flatMap(([name, has]) => (used(has) ? [] : [name]))).toEqual([]);
  });

  test('everything that is sewn, and what is carried forward besides centimetres', () => {
    const kinds = new Set(ledger.patterns.map((p) => p.kind));
    expect(['bra', 'bag', 'nightwear'].filter((kind) => !kinds.has(kind as 'bag'))).toEqual([]);
    expect(ledger.makes.filter((m) => m.sources[0]?.patternId === 'pattern-rehearsal')).toHaveLength(2);
    expect(ledger.makes.filter((m) => m.sources[0]?.patternId === 'pattern-tideline')).toHaveLength(3);
    expect(ledger.sets.map((s) => ledger.makes.filter((m) => m.setId === s.id).length)).toEqual([2]);
    expect(ledger.makes.some((m) => m.bought !== undefined && m.garment !== undefined && m.cameOut !== undefined)).toBe(true);
    const notes = ledger.makes.flatMap((m) => m.notes);
    expect(notes.filter((n) => n.about).length).toBeGreaterThanOrEqual(5);
    expect(notes.filter((n) => n.kind === 'next time').length).toBeGreaterThanOrEqual(8);
    expect(ledger.plans.some((p) => p.patternId === undefined)).toBe(true);
    expect(ledger.patterns.filter((p) => p.collectionId === 'collection-quarterly')).toHaveLength(3);
    expect(ledger.patterns.some((p) => (p.reports ?? []).length > 1)).toBe(true);
  });

  test('plans: open, in lists, with what is carried forward for the jacket; and one that was dropped', () => {
    const { plans, lists } = ledger;
    expect(new Set(plans.map((p) => p.state))).toEqual(new Set(['open', 'dropped']));
    expect(lists.every((l) => plans.some((p) => p.listId === l.id))).toBe(true);
    const jacket = plans.find((p) => p.patternId === 'pattern-skerry')!;
    const { next } = carried('pattern-skerry');
    expect([jacket.size, jacket.sizeLines]).toEqual([next.size, next.sizeLines]);
    expect(jacket.alterations.map((a) => [a.kind, a.amount])).toEqual(expect.arrayContaining(next.alterations.map((a) => [a.kind, a.amount])));
  });

  test('versions of a pattern are counted in the order in which they were cut, per person', () => {
    const groups = new Map<string, Make[]>();
    for (const m of ledger.makes.filter((x) => x.sources.length > 0)) {
      const key = `${m.personId} ${m.sources[0]!.patternId}`;
      groups.set(key, [...(groups.get(key) ?? []), m]);
    }
    for (const makes of groups.values()) {
      const byVersion = [...makes].sort((a, b) => a.version - b.version);
      expect(byVersion.map((m) => m.version)).toEqual(byVersion.map((_, i) => i + 1));
      expect(byVersion.map((m) => m.cutOn)).toEqual([...byVersion.map((m) => m.cutOn)].sort());
    }
  });

  test('nothing is worn before it is finished, nor after it left', () => {
    for (const wear of ledger.wears)
      for (const id of wear.makeIds) {
        const make = ledger.makes.find((m) => m.id === id)!;
        expect(wear.date >= (make.finishedOn ?? make.cutOn)).toBe(true);
        if (make.stateSince && make.state !== 'resting') expect(wear.date <= make.stateSince).toBe(true);
      }
  });

  test('every fit note names a size of the chart it was cut by', () => {
    for (const make of ledger.makes.filter((m) => m.fitNotes.length > 0 && m.sources.length > 0)) {
      const input = caseOf(make.sources[0]!.patternId, make.personId);
      const own = make.fitNotes.filter((n) => bringsZone(input.pattern, make, n.zone));
      for (const note of own) expect(offsetOf(input, make, note.zone, { note }).unknown).not.toContain('size not in the chart');
    }
  });
});

describe('its stories', () => {
  test('the concert jacket: narrow across the back in one size, wide in the next, right between the two', () => {
    const back = zone('pattern-skerry', 'acrossBack');
    const notes = back.evidence.map((e) => e.note.outcome);
    expect(notes).toEqual([-1, 1]);
    expect(back.line).toEqual({ size: 'C', to: 'D', at: 0.5 });
    expect(back.chance).toBeGreaterThan(0.85);
    expect(back.chance!).toBeGreaterThan(back.chanceOfLast!);
  });

  test('its hem was shortened on the body and never marked on the paper', () => {
    expect(carried('pattern-skerry').toMark.map(({ alteration }) => alteration.kind)).toContain('body-at-hem');
  });

  test('the shirt: its third version is right everywhere, and is kept', () => {
    const shirt = carried('pattern-tidewater');
    const third = shirt.last;
    expect(third.version).toBe(3);
    expect(third.fitNotes.every((n) => n.outcome === 0)).toBe(true);
    for (const z of shirt.zones.filter((x) => x.chance !== undefined)) expect(Math.abs(z.x - z.lastX)).toBeLessThan(0.3);
  });

  test('the cardigan: the same size is tight in a fabric that gives less, and the fabric is the reason', () => {
    const input = caseOf('pattern-eider');
    const [first, second] = countedVersions(input);
    expect(first!.size).toEqual(second!.size);
    const bust = (make: Make) => offsetOf(input, make, 'bust', { note: make.fitNotes.find((n) => n.zone === 'bust')! });
    expect(bust(second!).fabric.cm).toBeLessThan(-3);
    expect(bust(first!).x).toBeGreaterThan(bust(second!).x + 3);
    expect(second!.fitNotes.find((n) => n.zone === 'bust')!.outcome).toBe(-3);
    expect(whyAt(input, 'bust').contradictions).toEqual([]);
  });

  test('the waistcoat: admired, and hardly ever worn', () => {
    const waistcoat = ledger.makes.find((m) => m.id === 'make-lantern-1')!;
    expect(wears(waistcoat.id)).toBeLessThan(2);
    expect(waistcoat.verdicts.at(-1)!.reasons).not.toContain('fit');
    expect(waistcoat.fitNotes.every((n) => Math.abs(n.outcome) <= 1)).toBe(true);
  });

  test('a pattern was let go, and says why', () => {
    expect(ledger.patterns.filter((p) => p.state === 'retired').map((p) => (p.why ?? '').length > 10)).toEqual([true]);
  });

  test('a child grows out of shorts that fitted', () => {
    const outgrown = ledger.makes.find((m) => m.id === 'make-sandpiper-1')!;
    expect(outgrown.fitNotes.every((n) => n.outcome === 0)).toBe(true);
    expect(carried('pattern-sandpiper', 'person-tilda').last.size).toEqual({ size: '116' });
  });

  test('leggings in a jersey that hardly gives: too far from the pattern to reckon with', () => {
    const { pattern, fabrics } = caseOf('pattern-kelp');
    const give = fabricStretch(
      pattern,
      'hip',
      fabrics.find((c) => c.id === 'fabric-ink-ponte'),
      { girth: 96, ease: 0 },
    );
    expect(give.cm).toBeLessThan(-6);
  });

  test('a sleeve of the shirt on the dress speaks for the shirt', () => {
    expect(zone('pattern-tidewater', 'sleeve').evidence.some((e) => e.make.id === 'make-slackwater-3')).toBe(true);
    expect(carried('pattern-slackwater').zones.find((z) => z.zone === 'sleeve')?.evidence ?? []).toEqual([]);
  });

  test('a fabric in the stash is just too short for the coat', () => {
    const coat = ledger.patterns.find((p) => p.id === 'pattern-fogbell')!;
    const flannel = ledger.fabrics.find((c) => c.id === 'fabric-grey-check')!;
    const needed = coat.views[0]!.fabricTable.find((n) => n.width === 150)?.length ?? 0;
    expect(longestPiece(flannel)).toBeLessThan(needed);
    expect(needed - longestPiece(flannel)).toBeLessThan(140);
  });

  test('a designer runs small over the hip, by three of her patterns', () => {
    const [small, ...others] = new Recollection(casesFor('person-maren', ledger)).designers();
    expect(others).toEqual([]);
    expect(small).toMatchObject({ designer: 'Anchor & Plait', zone: 'hip', patterns: ['pattern-grebe', 'pattern-dunlin', 'pattern-whimbrel'] });
    expect(small!.best.low).toBeGreaterThan(0);
  });

  test('an overshirt drafted for a shorter man: its length is told by the height', () => {
    const bollard = casesFor('person-anselm', ledger).find((c) => c.pattern.id === 'pattern-bollard')!;
    expect(offsetOf(bollard, bollard.makes[0]!, 'bodyLength').height).toEqual({ cm: expect.closeTo(-2.8, 9), drafted: 178, height: 186 });
  });

  test('the bodice is short in four patterns of four designers: a usual alteration', () => {
    const usual = new Recollection(casesFor('person-maren', ledger)).usual();
    expect(usual.map((u) => u.zone)).toEqual(['bodice']);
    expect(usual[0]!.patterns).toHaveLength(4);
    expect(usual[0]!.best.median).toBeCloseTo(1.8, 1);
  });
});
