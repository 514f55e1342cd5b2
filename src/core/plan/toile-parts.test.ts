import { blankView } from '../records/blank';
import type { View } from '../records';
import { partsForToile, partsLacking, partsOf, zonesWithout } from './toile-parts';

const shirt: View = { ...blankView('v', 'plain', ['acrossBack', 'bust', 'sleeve']), flat: { neck: 'collar', opening: 'buttons', cuffs: true } };
const sleeveless: View = { ...shirt, zones: ['acrossBack', 'bust', 'armhole'], flat: { sleeve: 'none' } };

test('parts come from the view, else from its drawing and its places', () => {
  expect(partsOf(shirt)).toEqual(['sleeves', 'cuffs', 'collar', 'closure']);
  expect(partsOf(sleeveless)).toEqual([]);
  expect(partsOf({ ...sleeveless, parts: ['yoke', 'gathered panel'] })).toEqual(['yoke', 'gathered panel']);
});

test('a toile needs the parts that show what is in doubt, and a sleeveless one no sleeves', () => {
  expect(partsForToile({ kind: 'shirt' }, { ...shirt, parts: ['yoke', 'sleeves'] }, ['acrossBack'])).toEqual(['the yoke', 'both sleeves']);
  expect(partsForToile({ kind: 'dress' }, sleeveless, ['armhole', 'acrossBack'])).toEqual([]);
  expect(partsForToile({ kind: 'dress' }, { ...sleeveless, parts: ['gathered panel'] }, ['hip'])).toEqual(['the gathered panel']);
  const trousers = blankView('v', 'plain', ['waistband', 'crotch', 'leg']);
  expect(partsForToile({ kind: 'trousers' }, trousers, ['rise', 'crotch'])).toEqual(['the waistband', 'both legs to the knee']);
  expect(partsForToile({ kind: 'trousers' }, trousers, ['leg'])).toEqual(['the legs to the hem']);
});

test('parts left out are the zones that only they show, and back again', () => {
  expect(zonesWithout(['sleeves', 'collar'])).toEqual(['sleeve', 'upperArm', 'wrist', 'neckline']);
  expect(partsLacking(shirt, ['sleeve', 'upperArm', 'wrist'])).toEqual(['sleeves', 'cuffs']);
  expect(partsLacking(shirt, [])).toEqual([]);
});
