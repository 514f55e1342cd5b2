import { sampleAlteration } from '../garment/sample-case';
import { openingsOf } from './openings';

const view = {
  openings: [
    { zone: 'waist', closes: 'zip' },
    { zone: 'neckline', closes: 'fixed' },
  ] as const,
};
const leaveOut = (note: string) => [{ ...sampleAlteration('leave-out', 0), note }];

test('as the view has them, where the garment says nothing', () =>
  expect(openingsOf({ openings: [...view.openings] }, { alterations: [] })).toEqual(view.openings));

test('the garment’s own come first', () =>
  expect(openingsOf({ openings: [...view.openings] }, { alterations: [], openings: [{ zone: 'waist', closes: 'buttons' }] })).toEqual([
    { zone: 'waist', closes: 'buttons' },
  ]));

test.each([
  ['the zip', 'fixed'],
  ['invisible zip', 'fixed'],
  ['the pockets', 'zip'],
])('left out: %s', (note, closes) =>
  expect(openingsOf({ openings: [...view.openings] }, { alterations: leaveOut(note) })[0]).toEqual({ zone: 'waist', closes }),
);
