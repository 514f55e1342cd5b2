import { checkLedgerText, ledgerText } from './check-ledger';
import fc from 'fast-check';
import { demoLedger } from '../../../demo/ledger';
import { NO_HISTORY } from './merge/history';
import type { StandIn } from './stand-ins';
import { ledgerCounts, TABLE_NAMES, type Ledger } from '../records';

const demo = demoLedger();
const small = (): Ledger => ({ ...structuredClone(demo), pictures: [], wears: structuredClone(demo.wears.slice(0, 3)) });
const refused = (text: string): string => {
  const checked = checkLedgerText(text);
  if (checked.ok) throw new Error('was taken');
  return checked.problem;
};
/** A file with one thing wrong. */
const damaged = (damage: (file: { [key: string]: unknown } & Ledger) => void): string => {
  const file = JSON.parse(ledgerText(small(), '2026-11-24T12:00:00Z')) as { [key: string]: unknown } & Ledger;
  damage(file);
  return JSON.stringify(file);
};

describe('a ledger file', () => {
  test('comes back as it went', () => {
    const checked = checkLedgerText(ledgerText(demo, '2026-11-24T12:00:00Z'));
    expect(checked).toEqual({ ok: true, ledger: demo, history: NO_HISTORY, standIns: [], notices: [] });
  });

  test('one of the first format, which had no plans and lists, is read', () => {
    const { plans: _p, lists: _l, ...first } = small();
    const checked = checkLedgerText(JSON.stringify({ format: 'amber-ledger', version: 1, ...first }));
    expect(checked).toMatchObject({ ok: true, ledger: { ...first, plans: [], lists: [] }, history: NO_HISTORY });
  });

  test('an empty ledger is a ledger', () => {
    const empty = Object.fromEntries(TABLE_NAMES.map((t) => [t, []])) as unknown as Ledger;
    expect(checkLedgerText(ledgerText(empty, '2026-11-24T12:00:00Z')).ok).toBe(true);
    expect(ledgerCounts(empty).makes).toBe(0);
  });

  test('cut off anywhere it is refused, never half read', () => {
    const text = ledgerText(small(), '2026-11-24T12:00:00Z');
    fc.assert(
      fc.property(fc.integer({ min: 0, max: text.length - 1 }), (length) => {
        expect(checkLedgerText(text.slice(0, length)).ok).toBe(false);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what is refused, in a sentence that names the place', () => {
  test.each<[string, string, RegExp]>([
    ['nothing', '', /cannot be read as JSON/],
    ['another program’s file', '{"rows":[1,2]}', /was not written by Amber Ledger/],
    ['a list', '[]', /was not written by Amber Ledger/],
    ['a number', '42', /was not written by Amber Ledger/],
    ['no version', '{"format":"amber-ledger"}', /At version/],
    ['a later version', '{"format":"amber-ledger","version":99}', /format 99.*newer/],
    ['no tables', '{"format":"amber-ledger","version":1}', /At people/],
  ])('%s', (_, text, problem) => {
    expect(refused(text)).toMatch(problem);
    expect(refused(text)).toMatch(/\.$/);
  });

  test.each<[string, Parameters<typeof damaged>[0], RegExp]>([
    [
      'a degree that does not exist',
      (f) => Object.assign(f.makes[0]!.fitNotes[0]!, { outcome: 7 }),
      /make 1 \(make-skerry-1\), fitNotes, no\. 1, outcome/,
    ],
    ['a length in words', (f) => Object.assign(f.bodies[0]!.measures, { bust: 'ninety' }), /measurement set 1 .*measures, bust/],
    ['a day that does not exist', (f) => Object.assign(f.makes[2]!, { cutOn: '2025-02-30' }), /make 3 .*cutOn.*calendar date/],
    ['an unknown field', (f) => Object.assign(f.patterns[0]!, { colour: 'red' }), /pattern 1 \(“Skerry concert jacket”\).*colour/],
    ['a chart with a hole', (f) => f.patterns[0]!.charts[0]!.body.bust!.pop(), /pattern 1 .*bust: has 5 amounts for 6 sizes/],
    ['a size named twice', (f) => void (f.patterns[0]!.charts[0]!.sizes[1] = 'A'), /sizes: names a size twice/],
    ['a name of nothing', (f) => Object.assign(f.people[0]!, { name: '  ' }), /person 1.*name/],
    ['half a size line', (f) => Object.assign(f.makes[0]!, { size: { size: 'C', to: 'D' } }), /needs both sizes and how far/],
    [
      'an alteration without amount and direction',
      (f) => Object.assign(f.makes[1]!.alterations[0]!, { amount: undefined }),
      /needs an amount, or at least a direction/,
    ],
    [
      'an id that is there twice',
      (f) => Object.assign(f.fabrics[1]!, { id: f.fabrics[0]!.id }),
      /Two records among the fabrics have the id fabric-bed-linen/,
    ],
  ])('%s', (_, damage, problem) => {
    expect(refused(damaged(damage))).toMatch(problem);
  });

  test.each<[string, Parameters<typeof damaged>[0], StandIn[], RegExp]>([
    ['a person', (f) => Object.assign(f.makes[0]!, { personId: 'gone' }), [{ table: 'people', id: 'gone' }], /1 person .* “Missing person”/],
    ['a fabric', (f) => Object.assign(f.makes[0]!.fabrics[0]!, { fabricId: 'gone' }), [{ table: 'fabrics', id: 'gone' }], /1 fabric /],
    ['a pattern', (f) => Object.assign(f.makes[0]!.sources[0]!, { patternId: 'gone' }), [{ table: 'patterns', id: 'gone' }], /1 pattern /],
    ['a make', (f) => Object.assign(f.wears[0]!, { makeIds: ['gone'] }), [{ table: 'makes', id: 'gone' }], /1 make /],
    ['a list', (f) => Object.assign(f.plans[0]!, { listId: 'gone' }), [{ table: 'lists', id: 'gone' }], /1 list /],
    [
      'all people, and what was worn',
      (f) => Object.assign(f, { people: [], bodies: [], plans: [], makes: [], occasions: [] }),
      expect.arrayContaining([{ table: 'people', id: 'missing-person' }]) as StandIn[],
      /1 person.*\n.*1 make /,
    ],
  ])('%s that is spoken of and missing is stood in for by an empty record, and that is said', (_, damage, standIns, words) => {
    const checked = checkLedgerText(damaged(damage));
    if (!checked.ok) throw new Error(checked.problem);
    expect(checked.standIns).toEqual(standIns);
    expect(checked.notices.join('\n')).toMatch(words);
    // What stands in is a record like any other: the ledger written from it is read without a word.
    expect(checkLedgerText(ledgerText(checked.ledger, '2026-11-24T12:00:00Z'))).toMatchObject({ ok: true, notices: [], ledger: checked.ledger });
  });

  test('a history with what cannot be is left out where it is wrong, said, and the ledger is read', () => {
    const good = { table: 'makes', id: 'make-skerry-1', all: '0000000001a.desk' };
    const known = ['0000000001a.desk', 'zzzzzzzzzzz.desk', 'not a stamp', 7];
    const records = [good, { ...good, all: 'zzzzzzzzzzz.x' }, { ...good, fields: { ['x'.repeat(300)]: good.all } }, null, { table: 'hats', id: 'h' }];
    const read = (history: unknown) => {
      const checked = checkLedgerText(damaged((f) => Object.assign(f, { history })));
      if (!checked.ok) throw new Error(checked.problem);
      return checked;
    };
    const mended = read({ known, records });
    expect(mended.history).toEqual({ known: [known[0]], records: [good] });
    expect(mended.notices.join()).toMatch(/not in order in 7 places/);
    // Written again it is in order: nothing that was wrong goes on.
    expect(checkLedgerText(ledgerText(mended.ledger, 'x', mended.history))).toMatchObject({ ok: true, notices: [], history: mended.history });
    for (const odd of [null, 7, [], 'history']) expect(read(odd).history).toEqual(NO_HISTORY);
  });

  test('a key that would change how objects work is an unknown field like any other', () => {
    const text = damaged(() => undefined).replace('"people":', '"__proto__": {"polluted": true}, "people":');
    checkLedgerText(text);
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });

  test('a picture that is markup pretending to be data is refused', () => {
    const file = JSON.parse(ledgerText({ ...small(), pictures: [demo.pictures[0]!] }, 'x')) as Ledger;
    expect(refused(JSON.stringify({ ...file, pictures: [{ ...demo.pictures[0], data: '<script>' }] }))).toMatch(/picture 1 .*data: not base64/);
    expect(refused(JSON.stringify({ ...file, pictures: [{ ...demo.pictures[0], type: 'text/html' }] }))).toMatch(/picture 1 .*type/);
  });
});
