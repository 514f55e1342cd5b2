import { demoLedger } from '../../../../demo/ledger';
import { conflictWords, recordWords } from './conflict-words';
import { BEING_THERE, type Conflict, type Tables } from './merge';

const tables = demoLedger() as unknown as Tables;
const make = demoLedger().makes.find((m) => m.fitNotes.length > 0 && m.sources.length > 0)!;
const said = (part: Partial<Conflict>) =>
  conflictWords(
    { key: 'k', table: 'makes', id: make.id, leaf: 'remark', here: undefined, there: undefined, stands: 'here', undated: false, ...part },
    [tables, tables],
    'cm',
  );

test('each says of what it is, and both values as they are shown elsewhere', () => {
  const note = make.fitNotes[0]!;
  expect(said({ leaf: `fitNotes/${note.id}`, here: { ...note, zone: 'sleeve', outcome: -1, amount: 2 }, there: undefined })).toMatchObject({
    of: expect.stringMatching(/, version \d/) as string,
    what: 'fit notes',
    here: expect.stringMatching(/^sleeve.*2\scm/) as string,
    there: 'nothing',
  });
  const fabric = demoLedger().fabrics[0]!;
  expect(said({ table: 'fabrics', id: fabric.id, leaf: 'width', here: 140, there: 150 })).toEqual({
    of: fabric.name,
    what: 'width',
    here: '140\u202fcm',
    there: '150\u202fcm',
  });
  expect(said({ table: 'fabrics', id: fabric.id, leaf: 'pieces', here: [{ length: 120, width: 140 }], there: [] })).toMatchObject({
    here: expect.stringMatching(/length 120\scm, width 140\scm/) as string,
    there: 'nothing',
  });
  const use = { id: 'u', fabricId: fabric.id, part: 'main', length: 225 };
  expect(said({ leaf: 'fabrics/u', here: use, there: undefined }).here).toMatch(new RegExp(`^${fabric.name}, main, length 225\\scm$`));
  expect(said({ leaf: 'sources', here: make.sources, there: [] }).here).toMatch(/^[A-Z][a-z]+ [a-z ]+$/);
  expect(said({ leaf: BEING_THERE, here: make, there: undefined })).toMatchObject({ here: 'changed, and still there', there: 'removed' });
});

test('of two bodies only the measures that differ are told', () => {
  const [body] = demoLedger().bodies;
  const words = said({ table: 'bodies', id: body!.id, leaf: 'measures', here: { bust: 90, waist: 72 }, there: { bust: 92, waist: 72 } });
  expect([words.here, words.there]).toEqual(['bust 90\u202fcm', 'bust 92\u202fcm']);
  expect(words.of).toMatch(/, measured \d{4}/);
});

test('every record of the demo has a name for people, and none is its id', () => {
  for (const [table, records] of Object.entries(tables))
    for (const { id } of records) {
      const words = recordWords(table as keyof Tables, id, [tables]);
      expect(words).not.toContain(id);
      expect(words.length).toBeGreaterThan(2);
    }
});
