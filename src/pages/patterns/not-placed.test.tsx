/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sampleAlteration, sampleMake } from '../../core/garment/sample-case';
import { db } from '../../data/database';
import { draw } from '../../parts/component-test';
import { NotPlaced } from './not-placed';

const user = userEvent.setup();
const seam = sampleAlteration('centre-back-seam', -2);

test('a seam that was taken in nobody said where is asked for, and what is ticked is kept with it', async () => {
  const make = sampleMake(2, { alterations: [seam, sampleAlteration('sleeve-length', 1)] });
  await db.makes.put(make);
  draw(<NotPlaced makes={[make]} zones={['waistband', 'hip', 'thigh']} />);
  const asked = within(screen.getByRole('group', { name: /^centre back seam −2\scm, version 2$/ }));
  // Of a garment's places only those that the seam can pass.
  expect(asked.getAllByRole('checkbox')).toHaveLength(2);
  const keep = asked.getByRole<HTMLButtonElement>('button', { name: 'Keep' });
  expect(keep.disabled).toBe(true);
  await user.click(asked.getByRole('checkbox', { name: 'hip' }));
  await user.click(asked.getByRole('checkbox', { name: 'waistband' }));
  await user.click(asked.getByRole('checkbox', { name: 'hip' }));
  await user.click(keep);
  const kept = async () => (await db.makes.get(make.id))!.alterations.map((a) => a.zones);
  for (let i = 0; i < 50 && !(await kept())[0]; i++) await new Promise((later) => setTimeout(later, 20));
  expect(await kept()).toEqual([['waistband'], undefined]);
});

test('nothing is asked where it was said, where it changes only looks, or where the garment has no such place', () => {
  const of = (rest: Parameters<typeof sampleAlteration>[2]) => sampleMake(1, { alterations: [sampleAlteration('centre-back-seam', -2, rest)] });
  for (const make of [of({ zones: ['hip'] }), of({ purpose: 'style' })]) {
    const { container } = draw(<NotPlaced makes={[make]} zones={['hip']} />);
    expect(container.textContent).toBe('');
  }
  expect(draw(<NotPlaced makes={[of({})]} zones={['leg']} />).container.textContent).toBe('');
});
