import type { CaseTables } from '../garment/case';
import { EngineSession } from './session';
import { newsBetween } from './tables';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';

const PLAN = { date: SAMPLE_BODY.date, unit: 'cm' as const };

/** Three patterns of one designer, two versions each; the first sewn for somebody else too. */
function tables(): CaseTables {
  const ids = ['curlew', 'plover', 'dunlin'];
  const make = (id: string, version: number, personId = 'person') => ({
    ...sampleMake(version, { fitNotes: [sampleNote('bodice', -1), sampleNote('sleeve', 0)] }),
    id: `${id} ${version} ${personId}`,
    personId,
    sources: [{ patternId: id, viewId: 'view' }],
  });
  return {
    patterns: [...ids, 'never made'].map((id) => ({ ...SAMPLE_PATTERN, id, name: id })),
    makes: [...ids.flatMap((id) => [make(id, 1), make(id, 2)]), make('curlew', 1, 'niece')],
    bodies: [SAMPLE_BODY],
    fabrics: [sampleFabric('poplin'), sampleFabric('unused')],
  };
}

function told(...states: readonly CaseTables[]): EngineSession {
  const ledger = new EngineSession();
  states.forEach((state, i) => ledger.learn(newsBetween(states[i - 1] ?? {}, state)));
  return ledger;
}

test('whoever is spoken of: the account is of whoever the pattern was sewn for, and says whose it is', () => {
  const people = ['person', 'niece'].map((id) => ({ id, name: id, child: false }));
  const state = { ...tables(), people };
  const session = told(state);
  expect(session.accountFor('niece', 'plover', PLAN)).toEqual({ personId: 'person', account: session.account('person', 'plover', PLAN) });
  expect(session.accountFor('niece', 'curlew', PLAN).account?.columns).toHaveLength(1);
  expect(session.accountFor('niece', 'never made', PLAN)).toEqual({ personId: 'niece', account: undefined });
});

describe('what is new in the tables', () => {
  test('the same tables: nothing; one make changed, one gone: those two', () => {
    const before = tables();
    expect(newsBetween(before, { ...before })).toEqual({});
    const changed = { ...before.makes[1]!, remark: 'worn thin' };
    const after = { ...before, makes: [before.makes[0]!, changed, ...before.makes.slice(3)] };
    expect(newsBetween(before, after).makes).toEqual({ changed: [changed], added: [], gone: [before.makes[2]!.id] });
    expect(newsBetween(before, after).patterns).toBeUndefined();
  });

  test('told in steps or at once, the answers are the same', () => {
    const first = tables();
    const second = { ...first, makes: first.makes.map((m, i) => (i === 1 ? { ...m, fitNotes: [sampleNote('bodice', 2)] } : m)) };
    const inSteps = told(first, second);
    for (const id of ['curlew', 'plover']) expect(inSteps.account('person', id, PLAN)).toEqual(told(second).account('person', id, PLAN));
    expect(inSteps.summaries('person', PLAN)).toEqual(told(second).summaries('person', PLAN));
  });

  test('what left the tables left the answers', () => {
    const first = tables();
    const ledger = told(first, { ...first, makes: first.makes.filter((m) => !m.id.startsWith('plover')) });
    expect(ledger.cases('person').map((c) => c.pattern.id)).toEqual(['curlew', 'dunlin']);
    expect(ledger.account('person', 'plover', PLAN)).toBeUndefined();
  });
});

describe('after one new note only what it touches is reckoned again', () => {
  const first = tables();
  const noted = { ...first, makes: first.makes.map((m, i) => (i === 3 ? { ...m, fitNotes: [...m.fitNotes, sampleNote('bust', 1)] } : m)) };

  test('counted: all three patterns at first, then the one that was noted, then none', () => {
    const ledger = told(first);
    expect(ledger.memory('person').anew).toBe(3);
    ledger.learn(newsBetween(first, noted));
    expect(ledger.memory('person').anew).toBe(1);
    expect(ledger.memory('person')).toBe(ledger.memory('person'));
    ledger.learn(newsBetween(noted, { ...noted }));
    expect(ledger.memory('person').anew).toBe(0);
  });

  test('a pattern of which no record changed is the very same case, and what was worked out of it stands', () => {
    const ledger = told(first);
    const [curlew, plover] = ledger.cases('person');
    ledger.learn(newsBetween(first, noted));
    expect(ledger.cases('person')[0]).toBe(curlew);
    expect(ledger.cases('person')[1]).not.toBe(plover);
    expect(ledger.cases('person')[1]!.makes).toContain(noted.makes[3]);
    ledger.learn(newsBetween(noted, { ...noted, bodies: [{ ...SAMPLE_BODY, measures: { ...SAMPLE_BODY.measures, bust: 92 } }] }));
    expect(ledger.cases('person')[0]).not.toBe(curlew);
    expect(ledger.memory('person').anew).toBe(3);
  });

  test('a fabric that nobody cut from touches nothing; one that was cut from touches its patterns', () => {
    const ledger = told(first);
    ledger.memory('person');
    const other = (id: string) => ({ ...first, fabrics: first.fabrics.map((c) => (c.id === id ? { ...c, stretchAcross: 12 } : c)) });
    ledger.learn(newsBetween(first, other('unused')));
    expect(ledger.memory('person').anew).toBe(0);
    ledger.learn(newsBetween(other('unused'), other('poplin')));
    expect(ledger.memory('person').anew).toBe(3);
  });
});

describe('whose pattern', () => {
  test('a line for every pattern: of the person, of whoever it was sewn for, of nobody yet', () => {
    const lines = told(tables()).summaries('niece', PLAN);
    expect(lines.map((l) => [l.patternId, l.versions])).toEqual([
      ['curlew', 1],
      ['plover', 2],
      ['dunlin', 2],
      ['never made', 0],
    ]);
  });

  test('an account shows how the versions closed in; a pattern that is not there has none', () => {
    const ledger = told(tables());
    expect(ledger.account('person', 'curlew', PLAN)!.why.bodice!.closingIn.map((c) => c.version)).toEqual([0, 1, 2]);
    expect(ledger.account('person', 'lost', PLAN)).toBeUndefined();
    expect(ledger.caseOf('person', 'never made')!.makes).toEqual([]);
  });
});

describe('the offsets beside the notes of a garment', () => {
  test('are told of what is known on the body, and never as a nought that stands for nothing', () => {
    const girth = tables();
    const makes = girth.makes.map((m) => ({ ...m, fitNotes: [sampleNote('bust', -1), sampleNote('sleeve', 0)] }));
    const offsets = (rest: Partial<CaseTables> = {}) => [
      ...told({ ...girth, makes, ...rest })
        .noteOffsets('curlew 1 person')
        .values(),
    ];
    expect(offsets()).toHaveLength(2);
    // By its label alone nothing is known of the bust; the sleeve is as drafted.
    expect(offsets({ patterns: girth.patterns.map((p) => ({ ...p, charts: [] })), bodies: [] })).toEqual([0]);
  });
});
