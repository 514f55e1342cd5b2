import { demoLedger } from '../../../../demo/ledger';
import type { Make } from '../../records';
import { lineContextOf } from '../line-context';
import { readOther } from './read-other';

const { patterns, makes, bodies, fabrics, people, plans, sets } = demoLedger();
const TODAY = '2026-11-25';

/** What a line tells; `away` are garments that are away already, by their ids. */
function told(text: string, ...away: string[]) {
  const now = makes.map((make): Make => (away.includes(make.id) ? { ...make, away: [{ id: 'a', why: 'lent', from: '2026-11-01' }] } : make));
  const tables = { patterns, makes: now, bodies, fabrics, people, plans, sets };
  const context = lineContextOf(tables, { unit: 'cm', currency: 'EUR', today: TODAY });
  const act = readOther(text, tables, { context, spoken: people.find((p) => p.name === 'Maren'), newId: () => 'new' });
  return act && 'make' in act && (act.is === 'away' || act.is === 'back') ? { ...act, make: act.make.id } : act?.is;
}

test.each([
  ['lent the Tidewater shirt to Pia', { make: 'make-tidewater-3', why: 'lent', remark: 'to Pia' }],
  ['Lara has borrowed the Kelp leggings', { make: 'make-kelp-3', why: 'lent', remark: 'to Lara' }],
  ['the Foreshore tee is on loan', { make: 'make-foreshore-4', why: 'lent' }],
  ['packed away the Slackwater dress yesterday', { make: 'make-slackwater-3', why: 'stored', dates: ['2026-11-24'] }],
  ['put the Slackwater dress away for the winter', { make: 'make-slackwater-3', why: 'stored', remark: 'for the winter' }],
  ['the second Tidewater shirt is in the attic', { make: 'make-tidewater-2', why: 'stored' }],
  ['took the Gangway trousers to the tailor for a new zip', { make: 'make-gangway-3', why: 'in the mending', remark: 'for a new zip' }],
  ['the Gangway trousers are in the mending pile', { make: 'make-gangway-3', why: 'in the mending' }],
  ['the Puffin pinafore is still too big', { make: 'make-puffin-3', why: 'too big yet' }],
])('away: %s', (text, said) => expect(told(text)).toEqual({ is: 'away', dates: [TODAY], ...said }));

test.each([
  'got the Tidewater shirt out again',
  'the Tidewater shirt is back',
  'Pia gave the Tidewater shirt back',
  'Pia returned the Tidewater shirt',
])('back: %s', (text) => {
  expect(told(text, 'make-tidewater-3')).toEqual({ is: 'back', make: 'make-tidewater-3', dates: [TODAY] });
  // What is not away does not come back.
  expect([told(text)]).not.toContainEqual(expect.objectContaining({ is: 'back' }));
});

test.each(['the Nocturne skirt is back in rotation', 'brought the Nocturne skirt back into use'])('what rests comes back: %s', (text) =>
  expect(told(text)).toEqual({ is: 'back', make: 'make-nocturne-4', dates: [TODAY] }),
);

test('a pattern that is borrowed, a garment that is taken somewhere or in, and a grown body in what is too big are none of these', () => {
  for (const text of [
    'I borrowed the Skerry jacket pattern from Lara',
    'took the Tidewater shirt to the concert',
    'took in the Tidewater shirt at the waist',
    'the Skerry jacket is still too big',
    'put the Tidewater shirt on',
  ])
    expect([told(text)]).not.toContainEqual(expect.objectContaining({ is: expect.stringMatching(/away|back/) as string }));
});
