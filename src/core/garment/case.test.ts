import { lastVersion, countedVersions, makesOf, nextVersion, versionsOf, viewOf } from '../make/versions';
import { carryForward, zonesOfCase } from '../forecast/carry-forward';
import { bringsZone, caseOf, casesFor, effectContext, fitClassAt } from './case';
import { evidenceAt } from './evidence';
import { sampleCase, sampleMake, sampleNote, SAMPLE_PATTERN } from './sample-case';
import { summaryOf, isChanged } from '../forecast/summary';
import { blankView } from '../records/blank';

/** A dress by another pattern, with the sleeve of this one. */
const lent = sampleMake(5, {
  id: 'lent',
  sources: [
    { patternId: 'dress', viewId: 'dress-view' },
    { patternId: 'pattern', viewId: 'view', zones: ['sleeve'] },
  ],
  fitNotes: [sampleNote('sleeve', -2), sampleNote('waist', 1)],
});

test('cases of a person: each pattern made for her, with lent pieces, in the order of the versions', () => {
  const dress = { ...SAMPLE_PATTERN, id: 'dress' };
  const unmade = { ...SAMPLE_PATTERN, id: 'unmade' };
  const makes = [sampleMake(2), lent, sampleMake(1), sampleMake(3, { id: 'hers', personId: 'another' })];
  const cases = casesFor('person', { patterns: [SAMPLE_PATTERN, dress, unmade], makes, bodies: [], fabrics: [] });
  expect(cases.map((c) => [c.pattern.id, c.makes.map((m) => m.version)])).toEqual([
    ['pattern', [1, 2, 5]],
    ['dress', [5]],
  ]);
  for (const c of cases) expect(c.makes).toEqual(makesOf(makes, c.pattern.id, 'person'));
});

test('of two makes with one number the one that was cut first goes first, whichever way a pattern is asked for', () => {
  const [later, first] = [sampleMake(2, { id: 'later', cutOn: '2026-03-02' }), sampleMake(2, { id: 'first', cutOn: '2026-03-01' })];
  const tables = { patterns: [SAMPLE_PATTERN], makes: [later, first], bodies: [], fabrics: [] };
  const ids = (makes: readonly { id: string }[] = []) => makes.map((m) => m.id);
  expect(ids(casesFor('person', tables)[0]?.makes)).toEqual(['first', 'later']);
  expect(ids(caseOf(SAMPLE_PATTERN, 'person', tables).makes)).toEqual(['first', 'later']);
});

describe('a piece lent to a make of another pattern', () => {
  const first = sampleMake(1, { fitNotes: [sampleNote('sleeve', 0)] });
  const input = sampleCase([first, lent]);

  test('is evidence for its zone and no other', () => {
    expect(evidenceAt(input, 'sleeve').used.map((e) => e.make.id)).toEqual(['make-1', 'lent']);
    expect(evidenceAt(input, 'waist').used).toEqual([]);
    expect(evidenceAt(input, 'waist').unused).toEqual([expect.objectContaining({ why: 'piece of another pattern' })]);
  });

  test('is no version: the next one is counted and started without it', () => {
    expect(versionsOf(input).map((m) => m.id)).toEqual(['make-1']);
    expect(nextVersion(input)).toBe(2);
    expect(lastVersion(input)?.id).toBe('make-1');
    expect(carryForward(input, { date: '2026-01-01', unit: 'cm' })?.last.id).toBe('make-1');
  });

  test('brings no zones of the other pattern into the account', () => {
    expect(zonesOfCase(input)).not.toContain('waist');
    expect(zonesOfCase(input)).toContain('sleeve');
  });

  test('the main pattern owns what no other brings', () => {
    expect(bringsZone(SAMPLE_PATTERN, lent, 'sleeve')).toBe(true);
    expect(bringsZone(SAMPLE_PATTERN, lent, 'bust')).toBe(false);
    expect(bringsZone({ ...SAMPLE_PATTERN, id: 'dress' }, lent, 'bust')).toBe(true);
    expect(bringsZone({ ...SAMPLE_PATTERN, id: 'dress' }, lent, 'sleeve')).toBe(false);
  });
});

describe('which versions count', () => {
  test('not those left out, only planned, or given up before anything was seen', () => {
    const makes = [
      sampleMake(1),
      sampleMake(2, { setAside: 'cut for somebody else' }),
      sampleMake(3, { state: 'planned' }),
      sampleMake(4, { state: 'abandoned' }),
      sampleMake(5, { state: 'abandoned', fitNotes: [sampleNote('bust', -2)] }),
      sampleMake(6, { kind: 'without fit' }),
      sampleMake(7, { kind: 'toile' }),
    ];
    expect(countedVersions(sampleCase(makes)).map((m) => m.version)).toEqual([1, 5, 6, 7]);
  });

  test('a number once given is not given again, whatever became of it', () => {
    expect(nextVersion(sampleCase([sampleMake(1), sampleMake(4, { state: 'abandoned' })]))).toBe(5);
    expect(nextVersion(sampleCase([]))).toBe(1);
  });
});

describe('what a make asks of its pattern', () => {
  const views = [
    blankView('view', 'plain', ['bust']),
    { ...blankView('wide', 'wide', ['bust']), zoneClass: { bust: 'loose' as const }, seams: { waist: 4 } },
  ];
  const pattern = { ...SAMPLE_PATTERN, views };

  test('its view, or the first where that one is gone', () => {
    expect(viewOf(pattern, sampleMake(1, { sources: [{ patternId: 'pattern', viewId: 'wide' }] })).id).toBe('wide');
    expect(viewOf(pattern, sampleMake(1, { sources: [{ patternId: 'pattern', viewId: 'gone' }] })).id).toBe('view');
  });

  test('the intended ease of a place, else of the pattern', () => {
    expect(fitClassAt(pattern, views[1]!, 'bust')).toBe('loose');
    expect(fitClassAt(pattern, views[1]!, 'waist')).toBe('semi');
  });

  test('seams of the view, else the usual ones', () => {
    expect(effectContext(pattern, views[1]!).seamsAcross('waist')).toBe(4);
    expect(effectContext(pattern, views[1]!).seamsAcross('hip')).toBe(2);
    expect(effectContext(pattern, views[0]!).seamsAcross('armhole')).toBe(-1);
  });
});

describe('a line for each of many patterns', () => {
  test('names what the next cut changes, the weakest place and what is not marked', () => {
    const tight = sampleMake(1, { fitNotes: [sampleNote('bust', -2), sampleNote('sleeve', 0)] });
    const line = summaryOf(sampleCase([tight]), carryForward(sampleCase([tight]), { date: '2026-01-01', unit: 'cm' }));
    expect(line).toMatchObject({ patternId: 'pattern', versions: 1, changes: ['bust'] });
    expect(line.weakest!.chance).toBeGreaterThan(0);
  });

  test('a pattern never cut says nothing', () => {
    expect(summaryOf(sampleCase([]), undefined)).toEqual({ patternId: 'pattern', versions: 0, changes: [], toMark: 0 });
  });

  test('less than the pencil’s width is no change, and a zone without a note none either', () => {
    expect(isChanged({ x: 1, lastX: 1.04, chance: 0.9 })).toBe(false);
    expect(isChanged({ x: 1, lastX: 2, chance: 0.9 })).toBe(true);
    expect(isChanged({ x: 1, lastX: 2 })).toBe(false);
  });
});
