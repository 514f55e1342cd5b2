import { demoLedger } from '../../../demo/ledger';
import { mayBeKnown, meantBy } from './by-its-noun';
import type { LineTables } from './draft-from-line';
import { lineContextOf } from './line-context';
import { readOther } from './acts/read-other';
import { readLine } from './read-line';
import { heard } from './report';

const LEDGER: LineTables = demoLedger();
const TODAY = '2026-11-25';
const MAREN = LEDGER.people.find((p) => p.name === 'Maren');
const contextOf = (tables: LineTables) => lineContextOf(tables, { unit: 'cm', currency: 'EUR', today: TODAY });
let ids = 0;
const read = (text: string, tables = LEDGER) => readOther(text, tables, { context: contextOf(tables), spoken: MAREN, newId: () => `new ${ids++}` });

/** What a line is read as, and of which garments. */
function readAs(text: string, tables = LEDGER): string {
  const act = read(text, tables);
  if (!act) return 'a make';
  if (act.is === 'which') return `which: ${act.ways.map(({ called }) => called).join(', ')}`;
  const makes = 'makes' in act ? act.makes : 'make' in act ? [act.make] : [];
  return [act.is, ...makes.map(({ id }) => id)].join(' ');
}

describe('a garment by what it is', () => {
  test.each([
    // The one that lies on the table, whoever it is for; the first version of the coat was tried on and never hung.
    ['the coat is done', 'finished make-fogbell-2'],
    ['Coat done!', 'finished make-fogbell-2'],
    ['finished the grey coat yesterday', 'finished make-fogbell-2'],
    ['Sunday I finished the coat', 'finished make-fogbell-2'],
    ['the pinafore is finished', 'finished make-puffin-4'],
    ['finished Tilda’s pinafore, love 5', 'finished make-puffin-4'],
    ['finished Tilda’s Puffin pinafore', 'finished make-puffin-4'],
    ['working on the coat', 'sewing make-fogbell-2'],
    ['spent an hour on the coat', 'worked make-fogbell-2'],
    ['hemmed the overshirt', 'worked make-bollard-2'],
    // Of those that hang the latest.
    ['wore the pinafore to school', 'worn make-puffin-3'],
    ['wore my petrol dress today', 'worn make-slackwater-3'],
    ['mended my navy culottes', 'a make'],
    ['the shorts are too small now', 'ended make-sandpiper-3'],
    ['the jacket is tight across the back', 'looked make-skerry-2'],
    ['the overshirt needs buttons', 'to do make-bollard-2'],
    ['my T-shirts are faded', 'noted make-foreshore-4'],
    ['the Foreshore tee is my favourite', 'noted make-foreshore-4'],
    ['the zip of the jacket broke', 'noted make-skerry-2'],
    ['the toile is too tight at the hips', 'looked make-fogbell-1'],
    // By its pattern and its fabric: not the latest, but that; several are asked, and where none is of it nothing is taken.
    ['wore the blue Tidewater yesterday', 'worn make-tidewater-2'],
    ['dyed the white Tidewater shirt navy', 'noted make-tidewater-1'],
    ['shortened the sleeves of the blue Tidewater by 3 cm', 'noted make-tidewater-2'],
    ['the blue Tidewater is too tight under the arms', 'looked make-tidewater-2'],
    ['sold the navy Gangway trousers', 'which: Gangway trousers version 1, Gangway trousers version 2'],
    ['wore the green Tidewater yesterday', 'a make'],
    ['made the blue Tidewater again in C', 'a make'],
    ['love my Tidewater', 'looked make-tidewater-3'],
    ['I love the blue Tidewater', 'looked make-tidewater-2'],
    ['love the Tidewater, made it in C', 'a make'],
    ['changed the buttons on the Tidewater', 'noted make-tidewater-3'],
    ['spilled wine on the Slackwater dress', 'noted make-slackwater-3'],
    ['took in the Slackwater dress at the waist, 1 cm each side, 40 minutes', 'noted make-slackwater-3'],
    ['next up is the Skerry in black wool', 'planned'],
    ['sewed for 90 minutes on the Fogbell', 'worked make-fogbell-2'],
    ['the Gangway bags at the knees', 'noted make-gangway-3'],
    ['replaced the zip in the Gangway trousers, 20 min', 'mended make-gangway-3'],
    // Several: asked. One of them of the fabric said: that.
    ['wore the skirt', 'which: Nocturne skirt, the market dress, cut down to a skirt, Grebe skirt'],
    ['wore the linen skirt', 'worn make-nocturne-4'],
    ['want to make the coat in green', 'which: Fogbell coat, a new pattern'],
    ['want to make the coat again in green', 'planned'],
    // Not hers, none, another, or no report.
    ['wore my shorts', 'a make'],
    ['the jeans are done', 'a make'],
    ['the pink dress has shrunk', 'a make'],
    ['Anselm’s coat is finished', 'a make'],
    ['jacket, M, black wool, love it', 'a make'],
    // Nothing of it lies on the table: it is another.
    ['the jacket is done, love 5', 'a make'],
    ['the Tidewater shirt is done, love 5', 'a make'],
    ['a coat is finished', 'a make'],
    ['made the coat in 40', 'a make'],
    ['want to make a coat in green', 'planned'],
  ])('%s: %s', (text, as) => expect(readAs(text)).toBe(as));

  test('things that have no pattern go by their own name', () => {
    const { id } = LEDGER.makes.find((m) => m.name === 'music bag') ?? {};
    expect(readAs('gave away the music bag')).toBe(`ended ${id}`);
    expect(readAs('mended the bag')).toBe(`noted ${id}`);
    // Nobody wears a bag.
    expect(readAs('wore the music bag')).toBe('a make');
  });

  test('what was given away or given up is meant no more', () => {
    const given = LEDGER.makes.map((m) => (m.sources[0]?.patternId === 'pattern-grebe' ? { ...m, state: 'given' as const } : m));
    expect(readAs('mended the skirt', { ...LEDGER, makes: given })).toBe('which: Nocturne skirt, the market dress, cut down to a skirt');
  });

  test('what a line calls new may be what there is, unless that is only spoken of beside it', () => {
    const knownIn = (text: string) =>
      mayBeKnown(text, readLine(text, contextOf(LEDGER)), contextOf(LEDGER), LEDGER, MAREN).map((m) => [m.inFull, m.definite]);
    expect(knownIn('made the coat shorter')).toEqual([['made the Fogbell coat shorter', true]]);
    expect(knownIn('the jacket is done, love 5')).toEqual([['the Skerry concert jacket is done, love 5', true]]);
    expect(knownIn('Jacket, M, black wool')).toEqual([['Skerry concert jacket, M, black wool', false]]);
    expect(knownIn('another coat in grey wool')).toEqual([['another Fogbell coat in grey wool', true]]);
    // One lies on the table: that may well be meant.
    expect(knownIn('coat: grey wool, size D')).toEqual([['Fogbell coat: grey wool, size D', true]]);
    // A pattern of which nothing was sewn, or nothing is there any more.
    expect(knownIn('made the leggings')).toEqual([['made the Kelp leggings', true]]);
    const bought = { ...LEDGER, makes: LEDGER.makes.filter((m) => m.sources[0]?.patternId !== 'pattern-kelp') };
    expect(mayBeKnown('made the leggings', readLine('made the leggings', contextOf(bought)), contextOf(bought), bought, MAREN)).toHaveLength(1);
    expect(knownIn('made a Plover dress like the coat')).toEqual([]);
    expect(knownIn('Tidewater shirt in C, worn with the coat')).toEqual([]);
  });

  test('the words of the line are kept as they were said, with who is meant', () => {
    expect(read('Sunday I finished the coat')).toMatchObject({ is: 'finished', dates: ['2026-11-22'] });
    expect(read('dyed the jacket')).toMatchObject({ is: 'noted', words: 'dyed the jacket (25 Nov 2026)' });
    expect(read('wore the jacket to the concert, 2 compliments')).toMatchObject({ is: 'worn', occasion: 'concert', remark: '2 compliments' });
    const [meant] = meantBy(heard('the navy skirt rides up', contextOf(LEDGER)), LEDGER, MAREN);
    expect(meant).toBeUndefined();
    expect(meantBy(heard('took in the linen skirt', contextOf(LEDGER)), LEDGER, MAREN)[0]).toMatchObject({
      called: 'Nocturne skirt version 4',
      inFull: 'took in the Nocturne skirt version 4',
    });
  });
});
