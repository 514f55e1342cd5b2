/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { View } from '../core/records';
import { draw } from './component-test';
import { OpeningFields, openingsSaid } from './opening-fields';

const user = userEvent.setup();
const openings: View['openings'] = [{ zone: 'waist', closes: 'zip' }];

test('another closure is chosen, an opening is taken away', async () => {
  let kept: View['openings'] = openings;
  draw(<OpeningFields openings={openings} onOpenings={(next) => (kept = next)} />);
  await user.selectOptions(screen.getByRole('combobox', { name: 'How the waist closes' }), 'buttons');
  expect(kept).toEqual([{ zone: 'waist', closes: 'buttons' }]);
  await user.click(screen.getByRole('button', { name: 'Leave out waist' }));
  expect(kept).toEqual([]);
});

test('in a few words', () => expect(openingsSaid([...openings, { zone: 'neckline', closes: 'fixed' }])).toBe('waist zip, neckline fixed'));
