import fc from 'fast-check';
import { alterationWords } from '../src/core/alteration/words';
import { decisionReasonWords } from '../src/core/decide/decision-reason';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleFabric, sampleMake, sampleNote } from '../src/core/garment/sample-case';
import { latestNote } from '../src/core/make/latest-note';
import { mainFabric } from '../src/core/make/main-fabric';
import { makeOfPlan, planOfMake } from '../src/core/plan/plan-to-make';
import { nextVersion, versionsOf } from '../src/core/make/versions';
import { checksFor } from '../src/core/plan/checks';
import { cutSheet } from '../src/core/plan/cut-sheet';
import { MAKE_STATES, REASONS, type Ledger, type Make, type Outcome, type Verdict } from '../src/core/records';
import { compareMakes } from '../src/core/versions/compare-makes';
import { advise } from './advice';

const ON = '2026-03-01';
const PLAN = { date: ON, unit: 'cm' as const };
const FABRICS = ['poplin', 'lawn', 'ponte'].map((id, i) =>
  sampleFabric(id, { width: 140, stretchAcross: 10 * i, pieces: [{ length: 300, width: 140 }] }),
);

const outcome = fc.constantFrom<Outcome[]>(-3, -2, -1, 0, 1, 2, 3);
const seen = fc.oneof(
  fc.constant({ at: 'firstDay' as const }),
  fc.constant({ at: 'tryOn' as const }),
  fc.record({ at: fc.constant('worn' as const), wears: fc.integer({ min: 1, max: 12 }) }),
);
const note = fc
  .record({ zone: fc.constantFrom('bust' as const, 'bodice' as const, 'sleeve' as const), outcome, seen, n: fc.nat(1e6) })
  .map(({ zone, outcome: o, seen: at, n }) => ({ ...sampleNote(zone, o), id: `note ${n}`, seen: at }));
const alteration = fc
  .record({
    kind: fc.constantFrom('sleeve-length' as const, 'bodice-above-bust' as const, 'skirt-length' as const),
    amount: fc.constantFrom(-2, -1, 1, 2),
    purpose: fc.constantFrom('fit' as const, 'fit' as const, 'style' as const),
    when: fc.constantFrom('paper' as const, 'body' as const, 'cutting' as const),
    marked: fc.option(fc.constant('2026-01-01'), { nil: undefined }),
    n: fc.nat(1e6),
  })
  .map(({ kind, amount, marked, n, ...rest }) =>
    sampleAlteration(kind, amount, { ...rest, id: `alteration ${n}`, ...(marked === undefined ? {} : { marked }) }),
  );
const use = fc.record({
  id: fc.uuid(),
  fabricId: fc.constantFrom('poplin', 'lawn', 'ponte'),
  part: fc.constantFrom('main' as const, 'contrast' as const, 'lining' as const),
});
const verdict: fc.Arbitrary<Verdict> = fc.record({
  id: fc.uuid(),
  date: fc.constant('2026-01-05'),
  wears: fc.nat(12),
  love: fc.integer({ min: 1, max: 5 }),
  reasons: fc.subarray([...REASONS], { maxLength: 2 }),
});
const make = fc.record({
  patternId: fc.constantFrom('curlew', 'plover', 'dunlin'),
  fitNotes: fc.array(note, { maxLength: 4 }),
  alterations: fc.array(alteration, { maxLength: 3 }),
  fabrics: fc.array(use, { maxLength: 3 }),
  verdicts: fc.array(verdict, { maxLength: 2 }),
  state: fc.constantFrom(...MAKE_STATES),
  kind: fc.constantFrom<Make['kind'][]>('garment', 'garment', 'toile', 'wearable toile'),
  setAside: fc.option(fc.constant('in another fabric'), { nil: undefined, freq: 5 }),
});
const ledgers = fc
  .record({ makes: fc.array(make, { maxLength: 8 }), wanted: fc.option(fc.integer({ min: 0, max: 3 }), { nil: undefined }), retired: fc.boolean() })
  .map(({ makes, wanted, retired }): Ledger => {
    const versions = new Map<string, number>();
    return {
      people: [{ id: 'person', name: 'Maren', child: false, ...(wanted === undefined ? {} : { wanted: { [SAMPLE_PATTERN.kind]: wanted } }) }],
      bodies: [SAMPLE_BODY],
      patterns: ['curlew', 'plover', 'dunlin'].map((id) => ({
        ...SAMPLE_PATTERN,
        id,
        name: id,
        ...(retired && id === 'dunlin' ? { state: 'retired' as const } : {}),
      })),
      fabrics: FABRICS,
      makes: makes.map(({ patternId, setAside, ...rest }, i) => {
        const version = (versions.get(patternId) ?? 0) + 1;
        versions.set(patternId, version);
        return {
          ...sampleMake(version),
          ...rest,
          ...(setAside === undefined ? {} : { setAside }),
          id: `make ${i}`,
          sources: [{ patternId, viewId: 'view' }],
        };
      }),
      wears: [],
      lists: [],
      plans: [],
      sets: [],
      collections: [],
      times: [],
      occasions: [],
      pictures: [],
    };
  });

test('account, sew next, day book, plan page and command line give one answer to each question', () => {
  fc.assert(
    fc.property(ledgers, (ledger) => {
      const session = new EngineSession();
      session.learn(newsBetween({}, ledger));
      const person = ledger.people[0]!;
      const decisions = new Map(session.decisions(person.id, PLAN).map((d) => [d.patternId, d]));
      const advice = new Map(advise(ledger, person, undefined, ON, 'cm').patterns.map((p) => [p.pattern, p]));
      const dayBook = session.marks(PLAN).map((m) => `${m.makeId} ${m.alterationId}`);
      const accounts: string[] = [];

      for (const { id } of ledger.patterns) {
        const input = session.caseOf(person.id, id)!;
        const account = session.account(person.id, id, PLAN);
        const told = advice.get(id);
        // Whether to sew it again.
        if (told)
          expect(told.decision).toMatchObject({ answer: decisions.get(id)!.answer, because: decisions.get(id)!.because.map(decisionReasonWords) });
        if (!account) continue;
        expect(account.decision).toEqual(decisions.get(id));

        // What is to be marked on the paper.
        accounts.push(...account.toMark.map((m) => `${m.make.id} ${m.alteration.id}`));
        expect(told?.toMark).toEqual(account.toMark.map((m) => alterationWords(m.alteration, 'cm')));
        const plan = planOfMake(account.next, 'plan', ON);
        const planned = makeOfPlan(plan, 'plan', nextVersion(input), ON);
        const request = { input, make: planned, person, today: ON, unit: 'cm' as const, plans: [] };
        expect(
          checksFor(request)
            .filter((c) => c.id.startsWith('mark '))
            .map((c) => c.words),
        ).toEqual(account.toMark.map((m) => `Mark on the paper: ${alterationWords(m.wanted, 'cm')}`));

        for (const version of versionsOf(input)) {
          // The main fabric.
          const main = mainFabric(version, ledger.fabrics).fabric;
          const sheet = cutSheet({ ...request, make: { ...planned, fabrics: version.fabrics } });
          if (main) expect(sheet.fabrics[0]?.name).toBe(main.name);

          // The latest note.
          const column = account.columns.find((c) => c.makeId === version.id)!;
          const side = compareMakes([version.id], ledger).compared[0]!;
          for (const zone of ['bust', 'bodice', 'sleeve'] as const) {
            const latest = latestNote(version, zone);
            expect(column.offsets[zone] === undefined).toBe(latest === undefined);
            const counted = side.zones.get(zone)?.note;
            if (counted) expect(counted.id).toBe(latest?.id);
          }
        }
      }
      expect([...dayBook].sort()).toEqual([...accounts].sort());
    }),
    // LEDGERS=1000 npx jest one-answer looks further.
    { numRuns: Number(process.env['LEDGERS'] ?? 150) },
  );
});
