import { demoLedger } from '../../../../demo/ledger';
import { lineContextOf } from '../line-context';
import { readOther } from './read-other';

const { patterns, makes, bodies, fabrics, people, plans, sets } = demoLedger();
const TODAY = '2026-11-25';
const tables = { patterns, makes, bodies, fabrics, people, plans, sets };
const context = lineContextOf(tables, { unit: 'cm', currency: 'EUR', today: TODAY });
const told = (text: string) => readOther(text, tables, { context, spoken: people.find((p) => p.name === 'Maren'), newId: () => 'new' });

const euros = (minor: number) => ({ minor, currency: 'EUR' });
test.each([
  ['mended the Foreshore tee', 'make-foreshore-4', { what: 'mended' }, TODAY],
  ['mended the Gangway trousers, new knee patch.', 'make-gangway-3', { what: 'mended, new knee patch' }, TODAY],
  ['mended the left pocket of the Gangway trousers', 'make-gangway-3', { what: 'mended the left pocket', wore: 'left pocket' }, TODAY],
  [
    'patched the left elbow of the Tidewater shirt yesterday, 40 min',
    'make-tidewater-3',
    { what: 'patched the left elbow', wore: 'left elbow', minutes: 40 },
    '2026-11-24',
  ],
  ['replaced the zip of the Gangway trousers, 5 euros', 'make-gangway-3', { what: 'replaced the zip', wore: 'zip', cost: euros(500) }, TODAY],
  [
    'replaced the elastic in the Kelp leggings, 15 min, 2 euros',
    'make-kelp-3',
    { what: 'replaced the elastic', wore: 'elastic', minutes: 15, cost: euros(200) },
    TODAY,
  ],
  // A hole is no part that wears out.
  ['darned a hole in the Tidewater shirt', 'make-tidewater-3', { what: 'darned a hole' }, TODAY],
  [
    'mended the seam of the second Tidewater shirt by hand on 20 November',
    'make-tidewater-2',
    { what: 'mended the seam, by hand', wore: 'seam' },
    '2026-11-20',
  ],
  ['sewed a button back on the Skerry jacket, 10 min', 'make-skerry-2', { what: 'sewed a button back', wore: 'button', minutes: 10 }, TODAY],
  ['sewed up the hem of the Slackwater dress', 'make-slackwater-3', { what: 'sewed the hem up', wore: 'hem' }, TODAY],
])('a mend: %s', (text, id, mend, date) => {
  const act = told(text);
  expect(act).toMatchObject({ is: 'mended', make: { id }, dates: [date] });
  expect(act?.is === 'mended' && act.mend).toEqual(mend);
});

test('what is told of more than a mend, of a change of the fit, or of a garment that is still being sewn is none', () => {
  for (const text of [
    'mended the Foreshore tee, love 4',
    'fixed the neckline of the Slackwater dress',
    'sewed the pockets of the Puffin pinafore',
    'mended the Fogbell coat',
  ])
    expect([text, told(text)?.is]).not.toEqual([text, 'mended']);
});
