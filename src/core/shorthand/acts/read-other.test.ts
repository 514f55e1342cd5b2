import fc from 'fast-check';
import { demoLedger } from '../../../../demo/ledger';
import type { Pattern } from '../../records';
import { lineContextOf } from '../line-context';
import { readMake } from '../draft-from-line';
import { hardlyAMake, lookOf, perhapsLookedAt, wordsOf } from './looked';
import { readOther, type OtherAct } from './read-other';

const LEDGER = demoLedger();
const CONTEXT = lineContextOf(LEDGER, { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
const MAREN = LEDGER.people.find((p) => p.name === 'Maren');
let ids = 0;
const read = (text: string) => readOther(text, LEDGER, { context: CONTEXT, spoken: MAREN, newId: () => `new ${ids++}` });
function told<Is extends OtherAct['is']>(text: string, is: Is): Extract<OtherAct, { readonly is: Is }> {
  const act = read(text);
  if (act?.is !== is) throw new Error(`“${text}” is read as ${act?.is ?? 'nothing'}`);
  return act as Extract<OtherAct, { readonly is: Is }>;
}

describe('worn', () => {
  test.each<[string, string[], Partial<Extract<OtherAct, { is: 'worn' }>>]>([
    ['wore the Tidewater shirt today', ['make-tidewater-3'], { dates: ['2026-11-25'] }],
    ['I wore the second Tidewater shirt to work on Monday', ['make-tidewater-2'], { dates: ['2026-11-23'], occasion: 'work' }],
    ['Wore Tidewater shirt version 2, 20 November', ['make-tidewater-2'], { dates: ['2026-11-20'] }],
    [
      'wore my Gangway trousers and the Foreshore tee yesterday to the concert',
      ['make-gangway-3', 'make-foreshore-4'],
      { dates: ['2026-11-24'], occasion: 'concert' },
    ],
    ['wore the Tidewater shirt 🎻 yesterday', ['make-tidewater-3'], { dates: ['2026-11-24'], remark: '🎻' }],
    ['yesterday I wore the Tidewater shirt, the collar rides up', ['make-tidewater-3'], { dates: ['2026-11-24'], remark: 'the collar rides up' }],
    ['wore the Tidewater shirt to the concert, the collar rides up.', ['make-tidewater-3'], { occasion: 'concert', remark: 'the collar rides up' }],
    ['wore Tidewater shirt & Gangway trousers for the rehearsal', ['make-tidewater-3', 'make-gangway-3'], { occasion: 'rehearsal' }],
    ['wore Tidewater 2 today', ['make-tidewater-2'], {}],
    ['wore Gangway 2 and Tidewater 1 yesterday', ['make-gangway-2', 'make-tidewater-1'], { dates: ['2026-11-24'] }],
    // No such version: it says nothing of which.
    ['wore the Tidewater 7 today', ['make-tidewater-3'], {}],
    [
      'wore the Tidewater about 20 times last summer',
      ['make-tidewater-3'],
      { dates: ['2026-06-01'], over: { from: '2026-06-01', until: '2026-08-31' }, times: 20 },
    ],
    [
      'wore the Tidewater shirt often last summer, always for rehearsals',
      ['make-tidewater-3'],
      { dates: ['2026-06-01'], over: { from: '2026-06-01', until: '2026-08-31' }, often: 'often', remark: 'always for rehearsals' },
    ],
    [
      'the Tidewater shirt was worn twice a week in October',
      ['make-tidewater-3'],
      { dates: ['2026-10-01'], over: { from: '2026-10-01', until: '2026-10-31' }, times: 9 },
    ],
    ['wore the Tidewater 2 times', ['make-tidewater-3'], { times: 2 }],
    // It is still being sewn.
    ['finally wore the Fogbell coat', [], { remark: 'the Fogbell coat' }],
    ['worn the Gangway trousers 12 times', ['make-gangway-3'], { times: 12 }],
    ['wore the Gangway trousers twice', ['make-gangway-3'], { times: 2 }],
    ['Tilda wore the Puffin pinafore today', ['make-puffin-3'], {}],
    [
      'wore the Gangway trousers 3x this week',
      ['make-gangway-3'],
      { dates: ['2026-11-23'], over: { from: '2026-11-23', until: '2026-11-25' }, times: 3 },
    ],
    [
      'wore the Gangway trousers every day this week',
      ['make-gangway-3'],
      { dates: ['2026-11-23'], over: { from: '2026-11-23', until: '2026-11-25' }, times: 3 },
    ],
    [
      'wore the Foreshore tee Monday, on Tuesday and last Thursday',
      ['make-foreshore-4'],
      { dates: ['2026-11-19', '2026-11-23', '2026-11-24'], each: true },
    ],
    ['wore the Foreshore tee Monday to work', ['make-foreshore-4'], { dates: ['2026-11-23'], occasion: 'work' }],
    ['wore the Foreshore tee every Monday', ['make-foreshore-4'], { dates: [], remark: 'every Monday' }],
    ['wore the Foreshore tee all week', ['make-foreshore-4'], { dates: [], remark: 'all week' }],
    ['wore the Foreshore tee today and yesterday', ['make-foreshore-4'], { dates: ['2026-11-24', '2026-11-25'], each: true }],
    ['the Foreshore tee was worn twice yesterday', ['make-foreshore-4'], { dates: ['2026-11-24'], times: 2 }],
    ['wore the Tidewater shirt last week', ['make-tidewater-3'], { dates: [], remark: 'last week' }],
    ['wore the Tidewater shirt on 03/04/2026', ['make-tidewater-3'], { dates: ['2026-04-03', '2026-03-04'] }],
    ['wore the Tidewater shirt on 03/04/26', ['make-tidewater-3'], { dates: ['2026-04-03', '2026-03-04'] }],
    // The other way round it would be still to come.
    ['wore the Tidewater shirt on 12/11/26', ['make-tidewater-3'], { dates: ['2026-11-12'] }],
    ['wore the Tidewater shirt on 20-11-2026', ['make-tidewater-3'], { dates: ['2026-11-20'] }],
    ['wore the Tidewater shirt 11/20', ['make-tidewater-3'], { dates: ['2026-11-20'] }],
    ['wore the Tidewater shirt on 4/5, cold', ['make-tidewater-3'], { dates: ['2026-05-04', '2026-04-05'], remark: 'cold' }],
    ['wore the Tidewater shirt, 4/5', ['make-tidewater-3'], { dates: ['2026-11-25'], remark: '4/5' }],
  ])('%s', (text, ofMakes, rest) => {
    const { is: _, makes, ...said } = told(text, 'worn');
    expect(makes.map((m) => m.id)).toEqual(ofMakes);
    expect({ dates: ['2026-11-25'], times: 1, ...rest }).toEqual(said);
  });

  test.each(['wore holes into the Gangway trousers', 'never wore the Foreshore tee', 'wore the Plover jumpsuit today'])('not: %s', (text) =>
    expect(read(text)).toBeUndefined(),
  );
});

test('what was done with a garment goes into its remark, with the day', () => {
  const { make, words } = told('dyed the Gangway trousers, two shades darker.', 'noted');
  expect([make.id, words]).toEqual(['make-gangway-3', 'dyed the Gangway trousers, two shades darker (25 Nov 2026)']);
});

test.each([
  ['I let down the hem of the Gangway trousers by 3 cm', 'make-gangway-3'],
  ['re-hemmed Gangway trousers version 2', 'make-gangway-2'],
  ['took in the waist of my Foreshore tee', 'make-foreshore-4'],
  ['Skerry concert jacket v2: moved the buttons 1.5 cm over, fits better now', 'make-skerry-2'],
])('what is changed of a garment that hangs is noted with it: %s', (text, make) => {
  expect(told(text, 'noted')).toMatchObject({ make: { id: make }, words: `${text} (25 Nov 2026)` });
});

test.each([
  'shrank the Foreshore tee in the wash',
  'lost a button of the Foreshore tee',
  // Why it went is not said, and so it is not stated.
  'threw away the Foreshore tee',
  'Foreshore tee still going strong after three years',
  'the Foreshore tee has been worn about 30 times',
  'my Foreshore tee is what I travel in',
  'the Foreshore tee neck seam came undone, mended it',
])('what happens to a garment that hangs is noted with it: %s', (text) =>
  expect(told(text, 'noted')).toMatchObject({ make: { id: 'make-foreshore-4' }, words: `${text} (25 Nov 2026)` }),
);

test('nothing but words of a garment that there is may be kept with it', () => {
  const options = { context: CONTEXT, spoken: MAREN, newId: () => `new ${ids++}` };
  const of = (text: string) => wordsOf(text, readMake(text, LEDGER, options), LEDGER, options);
  expect(of('the Foreshore tee is what I travel in')).toMatchObject({ is: 'noted', make: { id: 'make-foreshore-4' } });
  expect(of('the second Tidewater shirt is what I travel in')).toMatchObject({ make: { id: 'make-tidewater-2' } });
  // How it was cut, a new pattern, something else.
  for (const text of ['Foreshore tee in M is what I travel in', 'the Plover jumpsuit is what I travel in', 'what I travel in'])
    expect(of(text)).toBeUndefined();
  // Whether they make another at all is asked, unless they speak of making.
  const asked = (text: string) => hardlyAMake(text, of(text))?.make.id;
  expect(asked('Skerry concert jacket on hold')).toBe('make-skerry-2');
  for (const text of ['another Skerry concert jacket, warm', 'Skerry concert jacket again, quickly', 'Skerry concert jacket, size D, on hold'])
    expect(asked(text)).toBeUndefined();
});

test('nothing but a look makes no other garment, unless making is spoken of', () => {
  const options = { context: CONTEXT, spoken: MAREN, newId: () => `new ${ids++}` };
  const asked = (text: string) => perhapsLookedAt(text, readMake(text, LEDGER, options), LEDGER)?.id;
  expect(asked('Tidewater love 5')).toBe('make-tidewater-3');
  expect(asked('rate the Tidewater shirt: love 4, back tight')).toBe('make-tidewater-3');
  // What it comes from is asked first.
  expect(asked('Tidewater shirt, neckline ripples')).toBe('make-tidewater-3');
  for (const text of ['another Tidewater, love 5', 'made the Tidewater shirt, love 5', 'Tidewater C, love 5', 'Tidewater love 5 yesterday'])
    expect(asked(text)).toBeUndefined();
});

test('what one sees on a garment that there is is asked for what it comes from, and its words are an answer too', () => {
  const ways = (text: string) => {
    const act = read(text);
    if (act?.is !== 'which') throw new Error(`“${text}” is read as ${act?.is ?? 'nothing'}`);
    return act.ways.map(({ called, act: way }) => [
      called,
      way.is === 'looked' ? way.look.said.map(({ zone, outcome }) => `${zone} ${outcome}`) : way.is,
      'make' in way ? way.make.id : undefined,
    ]);
  };
  const of = (id: string, ...told: [string, string[] | string][]) => told.map((way) => [...way, id]);
  expect(ways('the Gangway trousers slide down')).toEqual(
    of('make-gangway-3', ['fit waistband loose, slight', ['waistband 1']], ['just words', 'noted']),
  );
  // Of two questions one is asked, and the other stands in the words.
  expect(ways('Gangway trousers version 2: they slide down, saggy bum')).toEqual(
    of('make-gangway-2', ['fit waistband loose, slight', ['waistband 1']], ['just words', 'noted']),
  );
  expect(ways('the Skerry jacket is too big all over')[0]).toEqual(['fit bust and hip loose, clear', ['bust 2', 'hip 2'], 'make-skerry-2']);
});

test.each(['shortened the Gangway trousers by 2 cm, size 42, love 4', 'hemmed the Fogbell coat in grey wool'])('changed as it was made: %s', (text) =>
  expect(read(text)).toBeUndefined(),
);

describe('a look at a garment that there is', () => {
  test.each([
    ['Tidewater shirt version 3, tight across the back, love 4', 'make-tidewater-3', ['acrossBack'], 4],
    ['the second Tidewater shirt, next time lengthen the sleeves', 'make-tidewater-2', [], undefined],
    ['the Tidewater shirt is too tight across the back', 'make-tidewater-3', ['acrossBack'], undefined],
  ])('%s', (text, id, zones, love) => {
    const { make, look, verdict } = told(text, 'looked');
    expect([make.id, look.said.map((s) => s.zone), verdict.love]).toEqual([id, zones, love]);
  });

  test.each([
    // Of a version that is not there yet a make is entered, and so is one that says how it was cut.
    'Tidewater shirt version 9, tight across the back',
    'Tidewater shirt version 3, size C, tight across the back',
    'Tidewater shirt version 3, worn 12 times',
    'the Tidewater shirt in D is tight across the back',
    // It lies half sewn on the table: is it finished so?
    'the Fogbell coat is tight across the back',
    'Tidewater shirt, tight across the back',
  ])('not by itself: %s', (text) => expect(read(text)).toBeUndefined());

  test('where no version is said it may be one: of the latest', () => {
    const options = { context: CONTEXT, spoken: MAREN, newId: () => `new ${ids++}` };
    const of = (text: string) => lookOf(readMake(text, LEDGER, options), LEDGER);
    expect(of('the Tidewater shirt is too tight across the back, seen after 4 wears')).toMatchObject({
      make: { id: 'make-tidewater-3' },
      look: { seen: { at: 'worn', wears: 4 }, said: [{ zone: 'acrossBack', outcome: -2 }] },
      seenSaid: true,
    });
    expect(of('the Tidewater shirt in D is too tight across the back')).toBeUndefined();
    expect(of('the Curlew blouse is too tight across the back')).toBeUndefined();
    // What is asked is answered first.
    expect(of('Tidewater shirt, long sleeves, love 4')).toBeUndefined();
  });
});

describe('worn no more', () => {
  test.each([
    ['the Gangway trousers are now completely worn out at the knees', 'make-gangway-3', { state: 'worn out', why: 'at the knees' }],
    // Its fourth version rests already.
    ['gave the Nocturne skirt to my sister last Monday', 'make-nocturne-3', { state: 'given', since: '2026-11-23', why: 'to my sister' }],
    ['gave Tidewater shirt version 2 to my sister', 'make-tidewater-2', { state: 'given', why: 'to my sister' }],
    ['The Gangway trousers went to the charity shop', 'make-gangway-3', { state: 'given', why: 'to the charity shop' }],
    ['sold the second Tidewater shirt for 15', 'make-tidewater-2', { state: 'sold', why: 'for 15' }],
    ['sold Tidewater 2 for 15', 'make-tidewater-2', { state: 'sold', why: 'for 15' }],
    ['Tilda has outgrown the Puffin pinafore', 'make-puffin-3', { state: 'outgrown' }],
    ['wore out the Foreshore tee', 'make-foreshore-4', { state: 'worn out' }],
    ['threw away the old Foreshore tee, it was full of holes', 'make-foreshore-4', { state: 'worn out', why: 'it was full of holes' }],
    ['donated the poor Foreshore tee', 'make-foreshore-4', { state: 'given' }],
    ['The Gangway trousers are too tight on me now', 'make-gangway-3', { state: 'outgrown' }],
    ["the Gangway trousers don't fit any more", 'make-gangway-3', { state: 'outgrown' }],
  ])('%s', (text, id, rest) => {
    const { is: _, make, ...said } = told(text, 'ended');
    expect({ id: make.id, ...said }).toEqual({ id, ...rest });
  });

  // The first of them was a toile: nothing is said of the jacket.
  test('one that never hung is no other', () => expect(read('sold Skerry 1 for 20')).toBeUndefined());
});

describe('a pattern bought', () => {
  test.each([
    [
      'bought the Lapwing trousers pattern, 12 euros',
      { name: 'Lapwing trousers', price: { minor: 1200, currency: 'EUR' }, obtained: 'bought' },
      undefined,
    ],
    ['ordered the paper pattern of the Harrow coat', { name: 'Harrow coat', obtained: 'bought' }, undefined],
    ['found a pdf pattern for the Harrow coat by Rosa Thistle', { name: 'Harrow coat', designer: 'Rosa Thistle' }, undefined],
    ['Lara gave me the Lapwing trousers pattern', { name: 'Lapwing trousers', obtained: 'given free' }, undefined],
    // A pattern of the shop's name is not what was bought there.
    [
      'bought the Harrow coat pattern from Tidewater, 14 euros',
      { name: 'Harrow coat', price: { minor: 1400, currency: 'EUR' }, obtained: 'bought' },
      'from Tidewater',
    ],
    ['got the Lapwing trousers pattern at the fair for 9.50', { name: 'Lapwing trousers', price: { minor: 950, currency: 'EUR' } }, 'at the fair'],
  ])('%s', (text, of, rest) => {
    const act = told(text, 'pattern bought');
    expect({ ...act.pattern, ...act.came }).toMatchObject(of);
    expect([act.isNew, act.rest, act.came.obtained]).toEqual([true, rest, 'obtained' in of ? of.obtained : undefined]);
  });

  test.each<[string, string, Partial<Pattern>, string | undefined]>([
    ['new pattern: Lapwing trousers', 'Lapwing trousers', {}, undefined],
    ['downloaded the Lapwing trousers pattern for free', 'Lapwing trousers', { obtained: 'given free' }, undefined],
    ['borrowed the Lapwing coat pattern from Tilda', 'Lapwing coat', {}, 'borrowed, from Tilda'],
  ])('however it came: %s', (text, name, came, rest) => {
    const act = told(text, 'pattern bought');
    expect([act.pattern.name, act.came, act.rest]).toEqual([name, came, rest]);
  });

  test.each([
    ['gave away the Tidewater shirt pattern', 'gave away'],
    ['lost the Tidewater shirt paper pattern', 'lost'],
    ['the Tidewater shirt pattern has no seam allowance', 'has no seam allowance'],
  ])('what is told of a pattern is told of no garment: %s', (text, words) => {
    const act = told(text, 'pattern told');
    expect([act.pattern.id, act.words]).toEqual(['pattern-tidewater', words]);
  });

  test.each(['Tidewater shirt pattern in size C, tight at the waist', 'gave away the Tidewater shirt'])('not of the pattern: %s', (text) =>
    expect(read(text)?.is).not.toBe('pattern told'),
  );

  test('of one that there is what it cost', () => {
    const { pattern, isNew, came } = told('bought the Tidewater shirt pattern, 14', 'pattern bought');
    expect([pattern.id, isNew, came]).toEqual(['pattern-tidewater', false, { price: { minor: 1400, currency: 'EUR' }, obtained: 'bought' }]);
  });

  test.each(['bought the Harrow coat pattern and sewed it in M', 'bought pattern weights'])('not: %s', (text) => expect(read(text)).toBeUndefined());
});

describe('measured', () => {
  test('of whom we speak, or who is named, on the day that is said', () => {
    const mine = told('my measurements are bust 92, waist 74', 'measured');
    expect([mine.person.name, mine.isNew, mine.measures, mine.dates]).toEqual(['Maren', false, { bust: 92, waist: 74 }, ['2026-11-25']]);
    const hers = told('Tilda’s measures on 3 November: height 124, chest 61', 'measured');
    expect([hers.person.name, hers.measures, hers.dates]).toEqual(['Tilda', { height: 124, bust: 61 }, ['2026-11-03']]);
    expect(told("Maren's waist is now 76", 'measured').measures).toEqual({ waist: 76 });
    expect(told('Tilda has grown: 128 cm tall, chest 64', 'measured').measures).toEqual({ height: 128, bust: 64 });
    expect(told('bust 92 waist 74 hip 100, taken 03/04/2026', 'measured').dates).toEqual(['2026-04-03', '2026-03-04']);
  });

  test('what makes one look at the tape again is asked against what was measured before', () => {
    expect(told('my waist is 75', 'measured').doubts).toEqual([]);
    expect(told('my waist is 105', 'measured').doubts).toMatchObject([{ measure: 'waist', why: 'changed' }]);
  });

  test('where nobody is known yet somebody comes with it', () => {
    const nobody = { patterns: [], makes: [], bodies: [], fabrics: [], people: [], sets: [], plans: [] };
    const context = lineContextOf(nobody, CONTEXT);
    expect(readOther('bust 92, waist 74', nobody, { context, spoken: undefined, newId: () => 'new' })).toMatchObject({
      is: 'measured',
      isNew: true,
      person: { id: 'new', name: 'Me' },
    });
  });

  test.each(['Robin: bust 90, waist 70', 'measured Robin: bust 90, waist 70', 'Robin’s measures: bust 90, waist 70', 'Robin is bust 90, waist 70'])(
    'somebody whom the ledger does not have comes with her measures: %s',
    (text) => {
      const { person, isNew, measures } = told(text, 'measured');
      expect([person.name, isNew, measures]).toEqual(['Robin', true, { bust: 90, waist: 70 }]);
    },
  );

  // A measure and a day are nobody, and a garment is none either.
  test.each(['Bust: 90, waist 70', 'Saturday: bust 90, waist 70', 'Measurements: bust 90, waist 70'])('of whom we speak: %s', (text) =>
    expect(told(text, 'measured').person.name).toBe('Maren'),
  );
  test.each(['Pinafore: bust 80, waist 70', 'Ribs: 70, waist 60', 'She’s 122 tall now, chest 62'])('of nobody: %s', (text) =>
    expect(read(text)?.is).not.toBe('measured'),
  );

  test.each(['Tidewater shirt, waist 74, hip 100', 'Tilda and Anselm: height 124, chest 61', 'black wool crepe, waist 74, hip 100'])(
    'not: %s',
    (text) => expect(read(text)?.is).not.toBe('measured'),
  );
});

describe('what a garment needs, and what has changed of a body', () => {
  test.each([
    ['the Tidewater shirt needs a new button', 'make-tidewater-3', 'a new button'],
    ['Gangway trousers need hemming', 'make-gangway-3', 'hemming'],
    ['ordered a zip for the Gangway trousers', 'make-gangway-3', 'ordered a zip'],
  ])('is still to do: %s', (text, id, words) => {
    const { make, looseEnd } = told(text, 'to do');
    expect([make.id, looseEnd.words]).toEqual([id, words]);
  });

  test.each([
    ['would make the Tidewater shirt again in flannel', 'noted'],
    ['unpicked the overshirt collar', 'noted'],
    ['took the Tidewater shirt on holiday, wore it 3 times', 'noted'],
    ['changed my mind about the Nocturne skirt: love it now', 'looked'],
    ['next Tidewater shirt: size D, longer sleeves', 'planned'],
    ['Tidewater shirt in white lawn, planned for January', 'planned'],
    ['unpicked the Foreshore tee', 'ended'],
    ['dry cleaned the Skerry concert jacket, 12 euros', 'noted'],
    ['first wear of the Grebe skirt today', 'worn'],
  ])('nor does what became of it, or may yet: %s', (text, is) => expect(read(text)?.is).toBe(is));

  test('a mend behind the name, and a sentence of how it is, make no other', () => {
    expect(told('Tidewater shirt: replaced two buttons', 'mended').mend.what).toBe('replaced two buttons');
    expect(read('the Gangway trousers would be better in wool')?.is).toBe('looked');
    expect(read('the Tidewater shirt runs true to size')?.is).toBe('noted');
  });

  test('a change is reckoned from what was measured last; where nothing was, nobody knows', () => {
    const last = LEDGER.bodies
      .filter((b) => b.personId === MAREN?.id && b.measures.waist !== undefined)
      .sort((a, b) => (a.date < b.date ? 1 : -1))[0];
    expect(told('my waist is down 2 cm', 'measured').measures).toEqual({ waist: (last?.measures.waist ?? 0) - 2 });
    expect(read('my head is up 2 cm')).toBeUndefined();
  });
});

describe('planned', () => {
  test.each(['Osprey jacket, not started yet', 'Osprey jacket ✘ not started', 'Osprey jacket: haven’t begun it', 'Osprey jacket, still to sew'])(
    'what a list says is not begun is no make: %s',
    (text) => {
      const { pattern, words } = told(text, 'planned');
      expect([pattern.name, words]).toEqual(['Osprey jacket', undefined]);
    },
  );

  test('a pattern of the ledger, in what is not there yet: that stays in words', () => {
    const { pattern, cutSaid, words, draft } = told('want to make the Fogbell coat in the grey wool next', 'planned');
    expect([pattern.id, cutSaid, words]).toEqual(['pattern-fogbell', false, 'in the grey wool']);
    expect([draft.newFabrics, draft.make.fabrics]).toEqual([[], []]);
  });

  test('in a fabric of the stash, and in a size', () => {
    const { draft, cutSaid } = told("I'll make the Fogbell coat again in grey check flannel, size C", 'planned');
    expect(draft.make.fabrics).toMatchObject([{ fabricId: 'fabric-grey-check', part: 'main' }]);
    expect([draft.make.size, cutSaid]).toEqual([{ size: 'C' }, true]);
  });

  test.each([
    ['should make a toile of the Fogbell coat', 'Fogbell coat', true],
    ['going to make curtains', 'curtains', false],
    ['want to try the Heron dress pattern', 'Heron dress', false],
    ['I need a black skirt', 'black skirt', false],
    ['next up: Nocturne skirt', 'Nocturne skirt', false],
    ['thinking of a Skerry jacket', 'Skerry concert jacket', false],
    ['plan Nocturne skirt', 'Nocturne skirt', false],
    ['next: Nocturne skirt', 'Nocturne skirt', false],
    ['next make: a Heron dress', 'Heron dress', false],
  ])('%s', (text, name, toile) => {
    const { pattern, words, ...act } = told(text, 'planned');
    expect([pattern.name, words, act.toile]).toEqual([name, undefined, toile]);
  });

  test.each([
    ['want to make the Fogbell coat by 20 December', '2026-12-20', undefined],
    ['want to make the Fogbell coat for the wedding on 12 June', '2027-06-12', 'for the wedding'],
    ['Fogbell coat in grey wool by Christmas', '2026-12-24', 'in grey wool'],
    ['would like to make a linen Fogbell coat by Christmas', '2026-12-24', 'linen'],
    ['want to start the Fogbell coat on Saturday', undefined, 'on Saturday'],
    ['planning to sew the Fogbell coat for autumn', undefined, 'for autumn'],
  ])('wanted by a day: %s', (text, due, words) => {
    const act = told(text, 'planned');
    expect([act.pattern.id, act.due, act.words]).toEqual(['pattern-fogbell', due, words]);
  });

  test('a pattern that is not in the ledger comes with it', () => {
    for (const said of [
      'Plans: Plover jumpsuit',
      'Spring plans: Plover jumpsuit',
      'Plan for spring: Plover jumpsuit',
      'To make: a Plover jumpsuit',
      'On my list: Plover jumpsuit',
    ])
      expect(told(said, 'planned').draft).toMatchObject({ newPattern: { name: 'Plover jumpsuit' } });
    const { draft, words } = told('to sew: a Plover jumpsuit in denim', 'planned');
    expect([draft.newPattern?.name, words]).toEqual(['Plover jumpsuit', 'in denim']);
  });

  test.each([
    ['plan the Tidewater shirt for Robin', 'pattern-tidewater'],
    ['next: a Heron dress for my sister Robin, size 12', undefined],
  ])('for somebody whom the ledger does not have: whether that is anybody is asked (%s)', (text, patternId) => {
    const asked = read(text);
    if (asked?.is !== 'which') throw new Error('it is not asked');
    const [hers, mine] = asked.ways.map(({ act }) => (act.is === 'planned' ? act : undefined));
    expect(hers?.draft.newPerson?.name).toBe('Robin');
    expect(hers?.draft.make.personId).toBe(hers?.draft.newPerson?.id);
    expect([hers?.words, hers?.pattern.id === patternId]).toEqual([undefined, patternId !== undefined]);
    expect([mine?.draft.newPerson, mine?.draft.make.personId, mine?.words]).toEqual([undefined, MAREN?.id, expect.stringMatching(/^for .*Robin$/)]);
  });

  test.each([
    'plan was to make the Tidewater shirt in linen',
    'plan for autumn, the Tidewater shirt',
    'want to make the sleeves of the Tidewater shirt longer',
    'I want the Tidewater shirt longer',
    'I need the Tidewater shirt longer for sitting',
  ])('not: %s', (text) => expect(read(text)).toBeUndefined());
});

describe('of a garment that there is', () => {
  test.each([
    ['to do: hem the Bollard overshirt', 'make-bollard-2', 'hem'],
    ['Bollard Overshirt To Do: Hem By Hand', 'make-bollard-2', 'Hem By Hand'],
    ['must sew the buttons on the Fogbell coat', 'make-fogbell-2', 'sew the buttons'],
    ['order buttons for the Fogbell coat', 'make-fogbell-2', 'order buttons'],
    ['to do on the Fogbell coat: lining, hem', 'make-fogbell-2', 'lining, hem'],
    ['to do: shorten the sleeves of the Tidewater shirt by 2 cm', 'make-tidewater-3', 'shorten the sleeves of the Tidewater shirt by 2 cm'],
  ])('still to be done: %s', (text, id, words) => {
    const { make, looseEnd } = told(text, 'to do');
    expect([make.id, looseEnd.words, looseEnd.since]).toEqual([id, words, '2026-11-25']);
  });

  test.each([
    ['zip for the Fogbell coat 6 euros', 'zip', 600],
    ['bought thread and a zip for the Fogbell coat, 8 euros', 'thread and a zip', 800],
    ['Fogbell coat: buttons 4.50', 'buttons', 450],
    ['bought buttons for the Fogbell coat', 'buttons', undefined],
  ])('notions for what lies on the table: %s', (text, what, minor) => {
    const { make, notion } = told(text, 'notions');
    expect([make.id, notion.what, notion.cost?.minor]).toEqual(['make-fogbell-2', what, minor]);
  });

  test.each([
    ['Tidewater shirt v2 sold', 'make-tidewater-2', 'sold'],
    ['Tidewater shirt 2: given away', 'make-tidewater-2', 'given'],
    ['Tidewater 2 worn out', 'make-tidewater-2', 'worn out'],
    ['Tidewater shirt v1 unpicked', 'make-tidewater-1', 'unpicked'],
    ['Tidewater shirt v1 gifted to Lara', 'make-tidewater-1', 'given'],
  ])('what became of it, in a word: %s', (text, id, state) => {
    const act = told(text, 'ended');
    expect([act.make.id, act.state]).toEqual([id, state]);
  });

  test('what should have been done is meant for the next one, and nothing that was', () =>
    expect(told('should have cut a size D in the Tidewater shirt', 'looked')).toMatchObject({
      make: { id: 'make-tidewater-3' },
      look: { said: [] },
      notes: [{ kind: 'next time', words: 'should have cut a size D in the Tidewater shirt' }],
    }));

  // To be sewn is a wish; of what hangs finished it may be meant for the next one; and with its size it is a make.
  test.each(['need to sew the Nocturne skirt', 'need to take in the Tidewater shirt at the waist', 'Tidewater shirt C in blue linen, sold'])(
    'not: %s',
    (text) => expect(['to do', 'notions', 'ended']).not.toContain(read(text)?.is),
  );
});

describe('planned otherwise', () => {
  test.each([
    ['the Skerry jacket is due on 5 December', '2026-12-05', undefined],
    ['need the Skerry jacket by Friday', '2026-11-27', undefined],
    ['move the Skerry jacket to 20 December', '2026-12-20', undefined],
    ['the Skerry jacket has to be ready by 10 December for the rehearsal', '2026-12-10', 'for the rehearsal'],
  ])('wanted by another day: %s', (text, due, words) => {
    const act = told(text, 'replanned');
    expect([act.plan.patternId, act.plan.state, act.due, act.words]).toEqual(['pattern-skerry', 'open', due, words]);
  });

  test.each([
    ['drop the Tidewater shirt plan', undefined],
    ['no longer want the Tidewater shirt, too fussy', 'too fussy'],
    ['not making the Tidewater shirt after all', undefined],
  ])('not wanted any more: %s', (text, words) => {
    const act = told(text, 'replanned');
    expect([act.plan.patternId, act.due, act.words]).toEqual(['pattern-tidewater', undefined, words]);
  });

  test('of what lies on the table already: with the plan that it came from, else noted with it', () => {
    const noted = told('the Fogbell coat is due on 5 December', 'noted');
    expect(noted.make.id).toBe('make-fogbell-2');
    expect(told('need the Fogbell coat finished by the end of January', 'noted').make.id).toBe('make-fogbell-2');
    // Of the skirt neither is there: it is a wish.
    expect(told('need the Nocturne skirt finished by the end of January', 'planned').due).toBe('2027-01-31');
    const plan = { ...LEDGER.plans[0]!, id: 'plan-of-it', patternId: 'pattern-fogbell', state: 'made' as const, makeId: 'make-fogbell-2' };
    const act = readOther(
      'the Fogbell coat is due on 5 December',
      { ...LEDGER, plans: [plan] },
      { context: CONTEXT, spoken: MAREN, newId: () => 'n' },
    );
    expect(act).toMatchObject({ is: 'replanned', plan: { id: 'plan-of-it' }, due: '2026-12-05' });
  });

  // Nothing is planned of the skirt, a hem is no garment, and a size is how it is cut.
  test.each(['drop the Nocturne skirt', 'dropped the hem of the Tidewater shirt', 'drop the Tidewater shirt to a size C'])('not: %s', (text) =>
    expect(read(text)).toBeUndefined(),
  );

  test.each([
    ['traced the Heron dress in 12', 'Heron dress', 'traced'],
    ['printed and taped the Heron dress pattern', 'Heron dress', 'printed and taped'],
  ])('a pattern that was made ready is not sewn yet: %s', (text, name, words) => {
    const act = told(text, 'planned');
    expect([act.pattern.name, act.words]).toEqual([name, words]);
  });
});

test('what is said for next time goes with the last version, in its words', () => {
  expect(told('next time lengthen the Tidewater shirt by 2 cm', 'looked')).toMatchObject({
    make: { id: 'make-tidewater-3' },
    look: { said: [] },
    notes: [{ kind: 'next time', words: 'lengthen the Tidewater shirt by 2 cm' }],
  });
});

test.each(['the Tidewater shirt sleeves are 2 cm too long', 'the sleeves of the Tidewater shirt are 2 cm too long'])(
  'a place of a garment that there is: %s',
  (text) => {
    const { make, look, remark } = told(text, 'looked');
    expect([make.id, look.said, remark]).toEqual(['make-tidewater-3', [{ zone: 'sleeve', outcome: 2, amount: 2 }], undefined]);
  },
);

test('what only led to the garment is no remark; what is no fit is kept in its words', () => {
  const { look, remark } = told('The neckline of my Foreshore tee gapes at the back', 'looked');
  expect([look.said, remark]).toEqual([[{ zone: 'neckline', outcome: 1 }], undefined]);
  expect(told('the collar of the Tidewater shirt rides up', 'noted').make.id).toBe('make-tidewater-3');
  // A part came off; how it came out is no such thing.
  expect(told('the hem of the Tidewater shirt came undone', 'noted').make.id).toBe('make-tidewater-3');
  expect(read('the hem of the Tidewater shirt came out 2 cm too long')).toBeUndefined();
});

test('a make is a make, whatever is said of wear, of the shop and of next time', () => {
  const SAID = [
    'wore it twice',
    'worn 12 times',
    'bought the linen last week',
    'given to Anselm',
    'next time one size up',
    'want to wear it to the concert',
    'love 4',
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...LEDGER.patterns.map((p) => p.name)),
      fc.subarray(SAID),
      fc.constantFrom('', 'made the ', 'finished my second '),
      (name, said, lead) => {
        expect(read([`${lead}${name} size C`, ...said].join(', '))).toBeUndefined();
      },
    ),
  );
});

test.each([
  'have not worn the Skerry jacket this year',
  'got compliments on the Tidewater shirt today',
  'time to retire the Kelp leggings',
  'took photos of the Skerry jacket',
])('said of what hangs, and no other make: %s', (text) => {
  expect(told(text, 'noted').words).toBe(`${text} (25 Nov 2026)`);
});

test('to be reminded of something next time is a note for it', () => {
  expect(told('remind me to lengthen the sleeves next time I make the Tidewater shirt', 'looked').notes).toEqual([
    expect.objectContaining({ kind: 'next time', words: 'lengthen the sleeves next time I make the Tidewater shirt' }),
  ]);
});

test('what arrived is noted with it, and what was free is not called so', () => {
  expect(told('the black barathea arrived', 'fabric told').fabric.name).toBe('black barathea');
  expect(told('got 3 metres of free linen from my neighbour', 'bought').purchases[0]?.fabric.name).toBe('linen');
});
