/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { db } from '../data/database';
import { today } from '../data/today';
import { draw } from './component-test';
import { TapeAsked } from './tape-asked';

const maren = { id: 'maren', name: 'Maren', child: false };
const user = userEvent.setup();
beforeEach(async () => void (await db.people.put(maren)));
const bodies = [{ id: 'old', personId: 'maren', date: '2024-02-02', measures: { waist: 70, hip: 98 } }];
const gains = [{ measure: 'waist', gain: 0.2 }, undefined, { measure: 'hip', gain: 0.01 }] as const;

test('what helps is asked for, with what was measured and when, and kept with the measures of today', async () => {
  draw(<TapeAsked person={maren} bodies={bodies} gains={gains} />);
  expect(screen.queryByLabelText('hip')).toBeNull();
  expect(screen.getByText(/70 cm measured in February 2024/)).toBeTruthy();
  const waist = screen.getByLabelText('waist');
  await user.type(waist, '-3{Tab}');
  expect(await screen.findByText(/more than 0/)).toBeTruthy();
  expect(await db.bodies.count()).toBe(0);
  await user.clear(waist);
  await user.type(waist, '73.4{Tab}');
  await waitFor(async () => expect(await db.bodies.toArray()).toMatchObject([{ personId: 'maren', date: today(), measures: { waist: 73.4 } }]));
});

test('one that was taken stays in sight with what is odd about it', async () => {
  const now = [...bodies, { id: 'now', personId: 'maren', date: today(), measures: { waist: 29 } }];
  const { rerender } = draw(<TapeAsked person={maren} bodies={bodies} gains={gains} />);
  await user.type(screen.getByLabelText('waist'), '29{Tab}');
  await waitFor(() => {
    rerender(<TapeAsked person={maren} bodies={now} gains={[]} />);
    expect(screen.getByText(/Inches, perhaps/)).toBeTruthy();
  });
});

test('where nothing helps nothing is asked', () => {
  const { container } = draw(<TapeAsked person={maren} bodies={bodies} gains={[undefined]} />);
  expect(container.textContent).toBe('');
});
