import { demoLedger } from '../../../demo/ledger';
import { leansOn } from '../make/log-draft';
import { Make as MakeShape } from '../records';
import { partCell } from '../archive/many-in-a-cell';
import { askedWords } from './chip';
import { readMake, readMakes } from './draft-from-line';
import { lineContextOf } from './line-context';

const LEDGER = demoLedger();
const USUAL = { unit: 'cm', currency: 'EUR', today: '2026-11-25' } as const;
const CONTEXT = lineContextOf(LEDGER, USUAL);
const [maren] = LEDGER.people;

let n = 0;
const newId = () => `new-${n++}`;
const read = (line: string, ledger: Parameters<typeof readMake>[1] = LEDGER) =>
  readMake(line, ledger, { context: lineContextOf(ledger, USUAL), spoken: maren, newId });
const make = (line: string) => {
  const { draft } = read(line);
  expect(MakeShape.safeParse(draft?.make).success).toBe(true);
  return draft!.make;
};
const parts = (line: string) => make(line).sources.map((s) => partCell(s, LEDGER.patterns));

describe('what is joined', () => {
  test('a bodice of one and the skirt of another: the places that it brings, and in which pattern', () => {
    expect(parts('Saltmarsh bodice with Grebe skirt, size 38')).toEqual(['Saltmarsh dress', 'skirt (skirt, hem sweep) of Grebe skirt']);
  });

  test('the sleeve of another view of its own; of several views of another pattern the one that has sleeves', () => {
    expect(parts('slackwater dress view A with the sleeves of view B, 38')).toEqual([
      'Slackwater dress, A, sleeveless',
      'sleeve (sleeve, upper arm, wrist) of Slackwater dress, B, with sleeves',
    ]);
    expect(parts('saltmarsh dress 38 with the slackwater sleeves')[1]).toBe('sleeve (sleeve, upper arm, wrist) of Slackwater dress, B, with sleeves');
  });

  test('said again of the next version, a part takes the place of the one carried on and is not there twice', () => {
    const first = read('tidewater shirt D with the saltmarsh sleeves').draft!;
    const ledger = { ...LEDGER, makes: [...LEDGER.makes, first.make] };
    const again = read('tidewater shirt D with the slackwater sleeves', ledger).draft!.make;
    expect(again.sources.slice(1).map((s) => s.patternId)).toEqual(['pattern-slackwater']);
    expect(read('tidewater shirt D', ledger).draft!.make.sources).toEqual(first.make.sources);
  });

  test('parts of one’s own, and choices of what the pattern offers', () => {
    expect(make('tidewater shirt C with my own ruffle').own).toBe('ruffle');
    expect(make('moorings pyjama trousers M, long length, no pockets').chosen).toMatchObject({ length: 'long', pockets: 'none' });
    expect(make('slackwater dress 38, no pockets')).toMatchObject({ remark: 'no pockets' });
  });
});

describe('what is made over', () => {
  test('from something bought: no pattern comes with it, and its kind says where it is fitted', () => {
    const { draft, pattern } = read('summer skirt, cut down from a bought maxi dress, label size 42, waistband tight');
    expect(pattern).toBeUndefined();
    expect(draft).toMatchObject({ start: 'drafted', look: { said: [{ zone: 'waistband', outcome: -1 }] } });
    expect(draft!.newPattern).toBeUndefined();
    expect(draft!.make).toMatchObject({
      name: 'summer skirt',
      kind: 'refashion',
      garment: 'skirt',
      sources: [],
      bought: { what: 'bought maxi dress', size: '42' },
    });
    expect(draft!.make.size).toBeUndefined();
  });

  test('from a make of the ledger: of the version that is said, else of the latest; of none it stays words', () => {
    const from = (line: string) => LEDGER.makes.find((m) => m.id === make(line).refashionOf);
    expect(from('refashioned the tidewater shirt version 2 into a sleeveless top')).toMatchObject({ version: 2 });
    const versions = LEDGER.makes.filter((m) => m.sources[0]?.patternId === 'pattern-tidewater').map((m) => m.version);
    expect(from('blouse refashioned from the tidewater shirt')).toMatchObject({ version: Math.max(...versions) });
    const none = read('blouse refashioned from the tidewater shirt version 40');
    expect(none.draft!.make).toMatchObject({ kind: 'refashion', remark: 'refashioned from the tidewater shirt version 40' });
    expect(none.remarks).toEqual([{ is: 'made over from unknown' }]);
  });

  test('in an empty ledger it comes with whoever sewed it', () => {
    const empty = { patterns: [], makes: [], bodies: [], fabrics: [], people: [], sets: [], plans: [] };
    const { draft, person } = readMake('cut the maxi dress down to a skirt, 2 hours', empty, {
      context: lineContextOf(empty, USUAL),
      spoken: undefined,
      newId,
    });
    expect(person).toMatchObject({ name: 'Me' });
    expect(draft).toMatchObject({
      newPerson: { id: person!.id },
      make: { personId: person!.id, name: 'skirt from maxi dress', garment: 'skirt', times: [{ minutes: 120 }] },
    });
  });
});

describe('sets', () => {
  test('one that is not there yet comes with its first garment, and is there for the next', () => {
    const lines = [
      'Moorings pyjama shirt M, part of a new set: harbour nights',
      'Moorings pyjama trousers M, set: Harbour nights',
      'Tidewater shirt C',
    ];
    const [shirt, trousers, other] = readMakes(lines, LEDGER, { usual: USUAL, spoken: maren, newId }).map((r) => r.draft!);
    expect(shirt!.newSet).toMatchObject({ name: 'harbour nights' });
    expect(trousers!.newSet).toBeUndefined();
    expect([shirt!.make.setId, trousers!.make.setId]).toEqual([shirt!.newSet!.id, shirt!.newSet!.id]);
    expect(other!.make.setId).toBeUndefined();
    // Saved alone, the trousers would speak of a set that nobody has.
    expect([leansOn(trousers!, shirt!), leansOn(shirt!, trousers!), leansOn(other!, shirt!)]).toEqual([true, false, false]);
  });

  test('one of the ledger is known in a telling, and not begun anew', () => {
    const [shirt] = readMakes(['Tidewater shirt C, set: Winter pyjamas'], LEDGER, { usual: USUAL, spoken: maren, newId });
    expect(shirt!.draft).toMatchObject({ make: { setId: LEDGER.sets[0]!.id } });
    expect(shirt!.draft!.newSet).toBeUndefined();
  });

  test('what it is made with besides stays in words', () => {
    expect(make('tidewater shirt C in a set with the gangway trousers called winter pyjamas')).toMatchObject({
      setId: LEDGER.sets[0]!.id,
      remark: 'with the gangway trousers',
    });
  });
});

test('the context has what the patterns offer', () => {
  expect(CONTEXT.patterns.find((p) => p.name === 'Moorings pyjama trousers')?.offers).toMatchObject({ length: ['mid', 'long'] });
});

describe('for somebody else, as the first thing in a ledger', () => {
  const empty = { patterns: [], makes: [], bodies: [], fabrics: [], people: [], sets: [], plans: [] };
  const readAll = (...lines: string[]) => {
    const answers = lines.map((line) => readMake(line, empty, { context: lineContextOf(empty, USUAL), spoken: undefined, newId }).chips);
    // Whether a name of which nothing is known is somebody is asked: she is.
    const said = answers.map((chips) => Object.fromEntries(chips.filter((c) => c.asks).map((c) => [askedWords(c.text), 0])));
    return readMakes(lines, empty, { usual: USUAL, spoken: undefined, answers: said, newId }).map((r) => r.draft!);
  };

  test('who sews comes with it, and what names nobody is hers', () => {
    const [leggings, bag] = readAll('Pebble leggings for Robin, size 110', 'Market tote, canvas 1 m');
    expect(leggings).toMatchObject({ newPerson: { name: 'Robin' }, sewist: { name: 'Me' } });
    expect(leggings!.make.personId).toBe(leggings!.newPerson!.id);
    expect(bag!.make.personId).toBe(leggings!.sewist!.id);
    expect(bag!.newPerson).toBeUndefined();
    expect(leansOn(bag!, leggings!)).toBe(true);
  });

  test('where she is there already nobody comes with it but whom it is for', () => {
    const [blouse, leggings] = readAll('Heron blouse, size 14', 'Pebble leggings for Robin, size 110');
    expect([blouse!.newPerson?.name, blouse!.sewist, leggings!.newPerson?.name, leggings!.sewist]).toEqual(['Me', undefined, 'Robin', undefined]);
  });
});
