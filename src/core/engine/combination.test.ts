import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make, PartSource, Pattern } from '../records';
import { blankView } from '../records/blank';
import { EngineSession } from './session';
import { newsBetween } from './tables';

const PLAN = { date: '2026-01-01', unit: 'cm' } as const;
const view = (id: string) => ({ ...blankView(id, id, ['acrossBack', 'bust', 'bodice', 'sleeve']), openings: [] });
const bodice: Pattern = { ...SAMPLE_PATTERN, id: 'bodice', name: 'Tern blouse', views: [view('b')] };
const sleeves: Pattern = { ...SAMPLE_PATTERN, id: 'sleeves', name: 'Brent shirt', designer: 'Slack & Ebb', views: [view('s')] };
const PARTS: PartSource[] = [
  { patternId: 'bodice', viewId: 'b', zones: ['acrossBack', 'bust', 'bodice'] },
  { patternId: 'sleeves', viewId: 's', zones: ['sleeve'], pieces: 'sleeve, cuff' },
];
const named: Pattern = { ...SAMPLE_PATTERN, id: 'sunday', name: 'the Sunday blouse', charts: [], views: [view('k')], joins: PARTS };
const of = (patternId: string, viewId: string) => [{ patternId, viewId }];
const make = (id: string, version: number, sources: PartSource[], rest: Partial<Make> = {}): Make => ({ ...sampleMake(version, rest), id, sources });
const shortSleeve = (rest: Partial<Make> = {}) => ({ fitNotes: [sampleNote('sleeve', -1, { amount: 2 }), sampleNote('bust', 0)], ...rest });

function session(makes: Make[], patterns: Pattern[] = [bodice, sleeves, named]) {
  const engine = new EngineSession();
  const people = [{ id: 'person', name: 'Maren', child: false }];
  engine.learn(newsBetween({}, { patterns, makes, bodies: [SAMPLE_BODY], fabrics: [sampleFabric('poplin')], people, wears: [] }));
  return engine;
}
const account = (engine: EngineSession, id: string) => engine.account('person', id, PLAN)!;
const sleeveOf = (engine: EngineSession, id: string) => account(engine, id).zones.find((z) => z.zone === 'sleeve');

describe('a combination with a name', () => {
  const twice = [
    make('k1', 1, [{ patternId: 'sunday', viewId: 'k' }, ...PARTS], shortSleeve()),
    make('k2', 2, [{ patternId: 'sunday', viewId: 'k' }, ...PARTS], { fitNotes: [sampleNote('bodice', -1, { date: '2025-08-01' })] }),
  ];

  test('has an account of its own: its versions are the columns, and each zone is carried forward from where it came', () => {
    const own = account(session(twice), 'sunday');
    expect(own.columns.map((c) => c.makeId)).toEqual(['k1', 'k2']);
    expect(own.places).toEqual(['acrossBack', 'bust', 'bodice', 'sleeve']);
    expect(own.zones.find((z) => z.zone === 'sleeve')).toMatchObject({ basis: 'best cut', evidence: [{ note: { zone: 'sleeve' } }] });
    expect(own.next.alterations.map((a) => a.kind).sort()).toEqual(['bodice-below-bust', 'sleeve-length']);
    expect(own.next.sources).toEqual(twice[1]!.sources);
    expect(own.why.sleeve).toBeDefined();
    expect(own.columns[0]!.offsets.sleeve).toBeCloseTo(0, 6);
  });

  test('the evidence stays with the patterns: each learns of its own zones, and neither counts a version', () => {
    const engine = session([...twice, make('s1', 1, of('sleeves', 's')), make('b1', 1, of('bodice', 'b'))]);
    expect(
      account(engine, 'sleeves')
        .zones.find((z) => z.zone === 'sleeve')
        ?.evidence.map((e) => e.make.id),
    ).toEqual(['k1']);
    expect(account(engine, 'bodice').zones.find((z) => z.zone === 'sleeve')?.evidence).toEqual([]);
    expect(
      account(engine, 'bodice')
        .zones.find((z) => z.zone === 'bust')
        ?.evidence.map((e) => e.make.id),
    ).toEqual(['k1']);
    expect(account(engine, 'sleeves').columns.map((c) => c.makeId)).toEqual(['s1']);
  });

  test('what was learned of the sleeve before it was joined is known to the combination', () => {
    const before = make('s1', 1, of('sleeves', 's'), { fitNotes: [sampleNote('sleeve', -1, { amount: 3 })] });
    const first = make('k1', 1, [{ patternId: 'sunday', viewId: 'k' }, ...PARTS]);
    expect(sleeveOf(session([before, first]), 'sunday')?.evidence.map((e) => e.make.id)).toEqual(['s1']);
    expect(sleeveOf(session([before, first]), 'sunday')?.x).toBeGreaterThan(1.5);
  });

  test('a plan of it has the chances of each part, every zone once', () => {
    const engine = session(twice);
    const zones = engine.planned({ ...twice[1]!, id: 'plan' }, PLAN).map((z) => z.zone);
    expect([...zones].sort()).toEqual(['bodice', 'bust', 'sleeve']);
    expect(engine.noteOffsets('k1').size).toBe(2);
  });

  test('it has the sizes of the pattern it joins first', () => {
    expect(session(twice).caseOf('person', 'sunday')?.pattern.charts).toBe(bodice.charts);
    const own = { ...named, charts: [{ ...SAMPLE_PATTERN.charts[0]!, id: 'own' }] };
    expect(session(twice, [bodice, sleeves, own]).caseOf('person', 'sunday')?.pattern.charts[0]?.id).toBe('own');
  });
});

test('without a name too the next version starts from the whole, and the sleeve from its own pattern', () => {
  const joined = make('a1', 1, [{ patternId: 'bodice', viewId: 'b' }, { ...PARTS[1]! }], shortSleeve());
  const engine = session([joined]);
  expect(account(engine, 'bodice').next.sources).toEqual(joined.sources);
  expect(sleeveOf(engine, 'bodice')).toMatchObject({ basis: 'best cut' });
  expect(account(engine, 'bodice').next.alterations).toMatchObject([{ kind: 'sleeve-length' }]);
});

test('of a pattern that is gone the zones stay with the rest, and nothing is lost of the others', () => {
  const joined = make('a1', 1, [{ patternId: 'bodice', viewId: 'b' }, { ...PARTS[1]! }], shortSleeve());
  expect(sleeveOf(session([joined], [bodice]), 'bodice')).toBeDefined();
});

describe('view A with the sleeve of view B', () => {
  const wide = {
    ...blankView('wide', 'with a wide sleeve', ['bust', 'sleeve', 'wrist']),
    zoneClass: { wrist: 'loose' as const },
    flat: { sleeve: 'long' as const },
  };
  const both: Pattern = { ...bodice, views: [{ ...view('b'), flat: { sleeve: 'short' } }, wide] };
  const joined = make(
    'a1',
    1,
    [
      { patternId: 'bodice', viewId: 'b' },
      { patternId: 'bodice', viewId: 'wide', zones: ['sleeve', 'wrist'] },
    ],
    { fitNotes: [sampleNote('wrist', -1)] },
  );

  test('has the places of both, each as its own view intends it, and is one account', () => {
    const { places, zones, next } = account(session([joined], [both]), 'bodice');
    expect(places).toEqual(['acrossBack', 'bust', 'wrist', 'bodice', 'sleeve']);
    expect(zones.find((z) => z.zone === 'wrist')?.evidence).toHaveLength(1);
    expect(next.sources).toEqual(joined.sources);
  });
});
