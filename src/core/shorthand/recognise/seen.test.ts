import { SYMPTOM_IDS, symptomOf } from '../../catalogue/symptoms';
import { demoLedger } from '../../../../demo/ledger';
import { lineContextOf } from '../line-context';
import { readLine } from '../read-line';

const CONTEXT = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-28' });
const read = (said: string, of = 'Gangway trousers 42') => readLine(`${of}, ${said}`, CONTEXT);
const asked = (said: string, of?: string) => read(said, of).find((chip) => chip.asks);

test('what is seen is asked for what it comes from, with what the catalogue knows of it, or kept as words', () => {
  const choices = asked('smiles under the seat')!.choices;
  const causes = symptomOf('seat-folds').causes.map(({ zone, direction }) => ({ zone, outcome: direction, symptom: 'seat-folds' }));
  expect(choices).toEqual([...causes.map((note) => [{ is: 'fit', notes: [note] }]), [{ is: 'words', words: 'smiles under the seat' }]]);
});

test('a garment is asked only for places that it has', () => {
  expect(asked('can’t raise my arms')).toBeUndefined();
  expect(asked('can’t raise my arms', 'Tidewater shirt C')!.choices).toHaveLength(3);
  expect(asked('they slide down')!.choices).toHaveLength(2);
  expect(asked('they slide down', 'Tidewater shirt C')).toBeUndefined();
});

test.each(['no camel toe', 'got rid of the camel toe', 'the saggy bum is gone', 'pockets don’t gape', 'they never slide down', 'needs a belt loop'])(
  '%s: nothing is asked, and it is kept',
  (said) => {
    expect(asked(said)).toBeUndefined();
    expect(read(said).some((chip) => chip.says.some((s) => s.is === 'words' || s.is === 'fit'))).toBe(true);
  },
);

test('more room that is needed was not there, or is for the next one', () => {
  expect(asked('needs more room in the thighs')!.choices).toEqual([
    [{ is: 'fit', notes: [{ zone: 'thigh', outcome: -1 }] }],
    [{ is: 'next', words: 'needs more room in the thighs' }],
  ]);
});

test('a garment that is too large as a whole is so at every girth that decides its fit, if it is answered so', () => {
  const choices = (said: string) => asked(said)?.choices[0];
  const off = (outcome: number) => [{ is: 'fit', notes: ['waistband', 'hip', 'thigh'].map((zone) => ({ zone, outcome })) }];
  expect(choices('too big all over')).toEqual(off(2));
  expect(choices('they run small')).toEqual(off(-1));
  expect(choices('a bit tight all over')).toEqual(off(-1));
  expect(choices('baggy')).toBeUndefined();
  expect(choices('runs large, so I sized down')).toBeUndefined();
});

test('every symptom is understood by the catalogue’s own words too', () => {
  const unread = SYMPTOM_IDS.filter((id) => read(symptomOf(id).label, '').every((chip) => chip.says.every((s) => s.is === 'words') && !chip.asks));
  expect(unread).toEqual([]);
});
