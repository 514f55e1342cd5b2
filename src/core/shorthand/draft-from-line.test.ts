import { demoLedger } from '../../../demo/ledger';
import { openPlanOf } from '../plan/open-plan';
import { readMake } from './draft-from-line';
import { lineContextOf } from './line-context';

const LEDGER = demoLedger();
const CONTEXT = lineContextOf(LEDGER, { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
const MAREN = LEDGER.people[0];
let ids = 0;
const read = (text: string, asPlanned?: 'likely') =>
  readMake(text, LEDGER, { context: CONTEXT, spoken: MAREN, ...(asPlanned ? { asPlanned } : {}), newId: () => `new ${ids++}` });
const cutOf = (text: string) => {
  const { draft, carriedFrom } = read(text);
  return { from: carriedFrom, size: draft?.make.size, alterations: draft?.make.alterations.map(({ kind, amount }) => [kind, amount]) };
};
const versionOf = (version: number) =>
  LEDGER.makes.find((m) => m.sources[0]?.patternId === 'pattern-gangway' && m.personId === MAREN?.id && m.version === version);

describe('what a line does not say of the cut', () => {
  test('is as in the last version, or as in the one that it says', () => {
    const [first, last] = [cutOf('Gangway trousers, same as version 1'), cutOf('Gangway trousers, same as last time')];
    expect([first.from, last.from]).toEqual([1, 3]);
    expect(first.size).toEqual(versionOf(1)?.size);
    expect(first.alterations).not.toEqual(last.alterations);
    expect(cutOf('Gangway trousers, repeat of the first one')).toEqual(first);
  });

  test('is from no version that is not there, and that is said', () => {
    const { carriedFrom, remarks } = read('Gangway trousers, same as version 9');
    expect([carriedFrom, remarks]).toEqual([3, [{ is: 'no such version', said: 9 }]]);
  });

  test('is as planned, unless the line says as what it was cut', () => {
    expect(openPlanOf(LEDGER.plans, 'pattern-tidewater', MAREN?.id ?? '')).toBeDefined();
    expect(read('Tidewater shirt', 'likely').draft?.planId).toBeDefined();
    const said = read('Tidewater shirt, same as version 1', 'likely');
    expect([said.draft?.planId, said.carriedFrom, said.planned]).toEqual([undefined, 1, expect.anything()]);
  });
});

describe('of which no day is said', () => {
  const days = (text: string, isTold = false) => {
    const { draft, remarks } = readMake(text, LEDGER, { context: CONTEXT, spoken: MAREN, isTold, newId: () => `new ${ids++}` });
    const { cutOn, finishedOn, undated } = draft?.make ?? {};
    return { cutOn, finishedOn, undated, isSaid: remarks.some((r) => r.is === 'no day') };
  };
  const TODAY = { cutOn: '2026-11-25', finishedOn: '2026-11-25', undated: undefined, isSaid: false };
  const SOME_DAY = { cutOn: '2026-11-25', finishedOn: undefined, undated: true, isSaid: true };

  test('it was finished today, where it is entered by itself and was not worn yet', () => {
    expect(days('Gangway trousers 42, hip right')).toEqual(TODAY);
    expect(days('Gangway trousers 42, never worn')).toEqual(TODAY);
    expect(days('Gangway trousers 42, worn 20 times')).toEqual(SOME_DAY);
  });

  test('it is of no known day among many that are told, until one is said', () => {
    expect(days('Gangway trousers 42, hip right', true)).toEqual(SOME_DAY);
    expect(days('Gangway trousers 42, hip right, finished 3 May 2025, worn 20 times', true)).toEqual({
      ...TODAY,
      cutOn: '2025-05-03',
      finishedOn: '2025-05-03',
    });
    expect(days('Cut out the Gangway trousers in 42', true).undated).toBeUndefined();
    expect(days('The Gangway trousers in 42 are cut out', true)).toEqual(SOME_DAY);
    expect(days('The Gangway trousers in 42 are cut out').undated).toBeUndefined();
  });

  test('it was not made today, where it was given up or given away', () => {
    expect(days('Gangway trousers 42, given up')).toEqual(SOME_DAY);
    expect(days('Gangway trousers 42, given away, finished 3 May 2025')).toMatchObject({ finishedOn: '2025-05-03', isSaid: false });
  });

  test.each([
    ['made the Gangway trousers in 42 in 2021', '2021-07-01', 'year'],
    ['Gangway trousers 42, finished in March', '2026-03-15', 'month'],
    ['made the Gangway trousers in 42 this year', '2026-06-14', 'year'],
    // Of two days it is the one of which less is known.
    ['Gangway trousers 42, finished 3 May 2025, begun 2025-04-02', '2025-05-03', undefined],
  ])('of a month or a year no day is made up: %s', (text, finishedOn, knownTo) => {
    const { draft } = readMake(text, LEDGER, { context: CONTEXT, spoken: MAREN, newId: () => `new ${ids++}` });
    expect(draft?.make).toMatchObject({ finishedOn });
    expect(draft?.make.knownTo).toBe(knownTo);
  });
});

describe('a name in brackets behind what a garment is', () => {
  const TEXT = 'Linen trousers (Heron), size 14';
  const answered = (choice: number) =>
    readMake(TEXT, LEDGER, { context: CONTEXT, spoken: MAREN, answers: { heron: choice }, newId: () => `new ${ids++}` });

  test('is asked, and is the pattern’s or a person’s', () => {
    expect(
      read(TEXT)
        .chips.filter(({ asks }) => asks)
        .map(({ text }) => text),
    ).toEqual(['Heron']);
    const [pattern, person] = [answered(0), answered(1)];
    expect([pattern.pattern?.name, pattern.person?.name]).toEqual(['Heron trousers', MAREN?.name]);
    expect(pattern.draft?.newFabrics.map(({ name }) => name)).toEqual(['linen']);
    expect([person.pattern?.name, person.person?.name]).toEqual(['Linen trousers', 'Heron']);
  });

  test('is asked only where the garment has no name of its own', () => {
    const choices = read('Tern trousers (Heron), size 14').chips.find(({ asks }) => asks)?.choices ?? [];
    expect(choices.flat().map(({ is }) => is)).toEqual(['new person', 'words']);
  });
});
