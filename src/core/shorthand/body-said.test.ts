import { bodyChangeSaid, bodySaid } from './body-said';

test.each([
  ['my measurements are bust 92, waist 74 and hip 100', { bust: 92, waist: 74, hip: 100 }],
  ['height 168, chest 92.5', { height: 168, bust: 92.5 }],
  ['92 bust 74 waist 100 hips', { bust: 92, waist: 74, hip: 100 }],
  ["   's measurements: height 116, chest 60, waist 55", { height: 116, bust: 60, waist: 55 }],
  ['i am 168 cm tall', { height: 168 }],
  ["i'm 168 cm, bust 92", { height: 168, bust: 92 }],
  // Who says her height in feet says the rest in inches.
  ["i'm 5'6\", bust 38, waist 32", { height: 167.64, bust: 96.52, waist: 81.28 }],
  ["5'6, 38 bust, 41 hips", { height: 167.64, bust: 96.52, hip: 104.14 }],
  ['my waist is now 76', { waist: 76 }],
  ['my bust went up to 94', { bust: 94 }],
  ['measured today: inside leg 78', { inseam: 78 }],
  ['waist 28 1/2", hip 38½', { waist: 72.39, hip: 97.79 }],
  ['height 5\'6", bust 36"', { height: 167.64, bust: 91.44 }],
  ['height 1.68 m, bust 36 inches', { height: 168, bust: 91.44 }],
  ['bust 36, waist 29 and hips 40 inches', { bust: 91.44, waist: 73.66, hip: 101.6 }],
  ["   's high bust is 92 now", { highBust: 92 }],
  ['   has grown to 124 cm', { height: 124 }],
  ['i measure 97 round the bust and 80 at the waist', { bust: 97, waist: 80 }],
  ["i've lost weight, waist is 76", { waist: 76 }],
  ['my bust is 94 now, waist still 74', { bust: 94, waist: 74 }],
  ['      : 92-74-98', { bust: 92, waist: 74, hip: 98 }],
  ['i am 92 – 74 – 98.5 now, 168 tall', { bust: 92, waist: 74, hip: 98.5, height: 168 }],
  ['high bust 88, bust 92, under bust 78', { highBust: 88, bust: 92, underbust: 78 }],
])('%s', (text, measures) => expect(bodySaid(text, 'cm')).toEqual({ measures, otherUnit: false }));

test('who is so many centimetres is so high', () => {
  expect(bodySaid('      is 122 cm now', 'cm')).toEqual({ measures: { height: 122 }, otherUnit: false });
  expect(bodySaid('      is 124 cm tall', 'cm')).toEqual({ measures: { height: 124 }, otherUnit: false });
  expect(bodySaid('      is 6 now', 'cm')).toBeUndefined();
});

test('figures that are no body’s in the ledger’s unit are taken for the other one, all of them or none', () => {
  expect(bodySaid('bust 36 waist 29 hips 40', 'cm')).toEqual({ measures: { bust: 91.44, waist: 73.66, hip: 101.6 }, otherUnit: true });
  expect(bodySaid('my measures: 36-28-38', 'cm')).toEqual({ measures: { bust: 91.44, waist: 71.12, hip: 96.52 }, otherUnit: true });
  expect(bodySaid('bust 92 waist 74', 'in')).toEqual({ measures: { bust: 92, waist: 74 }, otherUnit: true });
  // Neither of the two: they stand as they were said, to be asked about.
  expect(bodySaid('bust 9 waist 8', 'cm')).toEqual({ measures: { bust: 9, waist: 8 }, otherUnit: false });
  // A unit that is said is meant.
  expect(bodySaid('bust 36 cm, waist 29 cm', 'cm')).toEqual({ measures: { bust: 36, waist: 29 }, otherUnit: false });
});

test.each([
  'bust 92',
  'bust 92 size 40',
  'size 38 bust, 40 hip',
  'size: 38 bust, 40 hip',
  'the waist has grown to 80',
  'bust 92 bust 93',
  'waist 30 too tight, hip 32',
  'my waist is tight 2',
  'waist tight 2, hip right',
  'curlew jeans waist 30 hip 32',
  'my sleeve is 2 cm too long',
  'bust 92, fits well',
  'wore it 3 times, hip 100',
  // By itself it may be anything, and so short it is no body's.
  '92-74-98',
  '      12-11-26',
  '',
])('no measures alone: %s', (text) => expect(bodySaid(text, 'cm')).toBeUndefined());

test('one measure is one by itself alone, and none that no body has', () => {
  expect(bodySaid('hip 99.5', 'cm')).toBeUndefined();
  expect(bodySaid('hip 99.5', 'cm', true)).toEqual({ measures: { hip: 99.5 }, otherUnit: false });
  expect(bodySaid('hip 14', 'cm', true)).toBeUndefined();
  expect(bodySaid('lost 4 kg, waist 72', 'cm', true)?.measures).toEqual({ waist: 72 });
});

test.each([
  ['my waist is down 2 cm', { measure: 'waist', by: -2 }],
  ['hips have gone up by 1.5', { measure: 'hip', by: 1.5 }],
  ['      grew 3 cm', { measure: 'height', by: 3 }],
  ['lost 3 cm at the hips', { measure: 'hip', by: -3 }],
  // Since when that is may be before it was measured last.
  ['      has grown 3 cm since summer', undefined],
  ['my waist is down', undefined],
  ['the waist is down 2 cm, and the hem too', undefined],
])('by how much a body changed: %s', (text, change) => expect(bodyChangeSaid(text, 'cm')).toEqual(change));
