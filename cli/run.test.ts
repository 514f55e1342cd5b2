import { demoLedger } from '../demo/ledger';
import { LEDGER_FORMAT } from '../src/core/ledger/check-ledger';
import { LEDGER_FILE_VERSION } from '../src/core/records/ledger';
import { Advice } from './advice';
import { Reading } from './read';
import { run } from './run';

const file = JSON.stringify({ format: LEDGER_FORMAT, version: LEDGER_FILE_VERSION, written: '2026-11-25', ...demoLedger() });
const files: Record<string, string> = { 'demo.json': file, 'half.json': file.slice(0, 4000), 'other.json': '{"songs": []}' };
const ask = (...args: string[]) =>
  run(
    args,
    (name) => {
      if (files[name] === undefined) throw new Error('ENOENT');
      return files[name];
    },
    () => new Uint8Array(),
    '2026-11-25',
  );

describe('the core on a file', () => {
  test('check counts what is in order', () => {
    const { code, out } = ask('check', 'demo.json');
    expect(code).toBe(0);
    expect(out).toMatch(/^In order: 3 people, .* 59 makes, /);
  });

  test.each([
    ['missing.json', /cannot be read/],
    ['half.json', /\./],
    ['other.json', /ledger/i],
  ])('%s gets a sentence and not a stack', (name, problem) => {
    const { code, out } = ask('advise', name);
    expect(code).toBe(1);
    expect(out).toMatch(problem);
    expect(out).not.toMatch(/\bat .*\.ts:/);
  });

  test('advise in words: usual alterations, what to cut next, the decision', () => {
    const { code, out } = ask('advise', 'demo.json', '--person', 'maren');
    expect(code).toBe(0);
    expect(out).toMatch(/^Maren, on 2026-11-25/);
    expect(out).toMatch(/Usual alteration: bodice below the bust \+2 cm; bodice about \+1\.8 cm/);
    expect(out).toMatch(/Eider cardigan, .*: another fabric\n {2}because /);
    expect(out).toMatch(/version 3: cut C/);
    expect(out).not.toMatch(/undefined|NaN|\u202f/);
  });

  test('one pattern, in inches', () => {
    const { out } = ask('advise', 'demo.json', '--person', 'Maren', '--pattern', 'skerry concert jacket', '--unit', 'in');
    expect(out).toContain('Skerry concert jacket');
    expect(out).not.toMatch(/^Tidewater shirt/m);
    expect(out).toMatch(/ in\b/);
  });

  test('JSON has the documented shape, and says the same', () => {
    const { out } = ask('advise', 'demo.json', '--person', 'Maren', '--all', '--json');
    const advice = Advice.strict().parse(JSON.parse(out));
    const jacket = advice.patterns.find((p) => p.pattern === 'Skerry concert jacket')!;
    expect(jacket).toMatchObject({ nextVersion: 3, decision: { answer: 'sew again with changes' } });
    expect(jacket.zones.find((z) => z.zone === 'across back')!.changed).toBe(true);
    expect(advice.usualAlterations.map((u) => u.zone)).toEqual(['bodice']);
    expect(jacket.whatItDid.find((d) => d.zone === 'sleeve')).toMatchObject({ from: 1, to: 2, fate: 'fixed', surety: 'mostly by' });
  });

  test('of the notes of the demo that changed, at least 35 of 41 name a cause', () => {
    const people = demoLedger().people.map((p) => Advice.parse(JSON.parse(ask('advise', 'demo.json', '--person', p.name, '--all', '--json').out)));
    const changed = people.flatMap((p) => p.patterns.flatMap((of) => of.whatItDid)).filter((d) => d.surety !== undefined);
    expect(changed.length).toBeGreaterThanOrEqual(41);
    expect(changed.filter((d) => d.surety !== 'not clear').length / changed.length).toBeGreaterThanOrEqual(35 / 41);
    for (const d of changed) expect(d.sentence).toMatch(/\.$/);
  });

  test.each([
    [[], 2, /npx tsx cli\/ledger\.ts advise FILE/],
    [['sew', 'demo.json'], 2, /advise FILE/],
    [['advise', 'demo.json', '--colour', 'red'], 2, /--colour/],
    [['advise', 'demo.json', '--unit', 'ell'], 2, /not a unit/],
    [['advise', 'demo.json', '--on', 'today'], 2, /not a day/],
    [['advise', 'demo.json', '--pattern', 'x', '--all'], 2, /not for both/],
    [['advise', 'demo.json', '--person', 'Nobody'], 1, /Nobody is called Nobody\. There are: Maren, Tilda, Anselm\./],
    [['advise', 'demo.json', '--pattern', 'Nothing'], 1, /No pattern is called Nothing/],
    [['advise', 'demo.json', '--person', 'Tilda', '--pattern', 'Skerry concert jacket'], 0, /not made yet[^]*size by chart: /],
  ])('%j: exit code %d, and what to do', (args, code, words) => {
    const outcome = ask(...args);
    expect(outcome.code).toBe(code);
    expect(outcome.out).toMatch(words);
  });
});

describe('reading sentences', () => {
  files['evening.txt'] = 'Tidewater shirt C, gangs of gulls\n\ntidewater C, not tight at the waist, love 4\n';

  test('against the demo, as facts, questions and words', () => {
    const { code, out } = ask('read', 'evening.txt', '--demo', '--json');
    expect(code).toBe(0);
    const readings = Reading.array().parse(JSON.parse(out));
    expect(readings.map((r) => r.facts)).toEqual([
      ['pattern Tidewater shirt', 'size C'],
      ['pattern Tidewater shirt', 'size C', 'love 4'],
    ]);
    expect(readings[0]!.words).toEqual(['gangs of gulls']);
    expect(readings[1]!.doubts).toEqual([{ text: 'not tight at the waist', choices: [['fit waist right'], []], readings: ['fit waist right'] }]);
  });

  test('in words, against a ledger that is named', () => {
    const { out } = ask('read', 'evening.txt', '--ledger', 'demo.json');
    expect(out).toMatch(/^> Tidewater shirt C, gangs of gulls\n {2}pattern Tidewater shirt\n/);
    expect(out).toContain('asked: “not tight at the waist”: fit waist right, or just words');
  });

  test.each([
    [['read', 'none.txt'], 1, /none\.txt cannot be read/],
    [['read', 'evening.txt', '--demo', '--ledger', 'demo.json'], 2, /not against both/],
    [['read', 'evening.txt', '--ledger', 'half.json'], 1, /\./],
  ] as const)('%j', (args, code, problem) => {
    expect(ask(...args).code).toBe(code);
    expect(ask(...args).out).toMatch(problem);
  });
});
