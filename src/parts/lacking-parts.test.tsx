/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { ZoneId } from '../core/body/zones';
import { blankView } from '../core/records/blank';
import type { View } from '../core/records';
import { draw } from './component-test';
import { LackingParts } from './lacking-parts';

const user = userEvent.setup();
const shirt: View = { ...blankView('v', 'plain', ['bust', 'sleeve']), flat: { neck: 'collar', opening: 'buttons' } };
let lacks: readonly ZoneId[] = [];

function Lacking({ first }: { first: readonly ZoneId[] }) {
  const [now, setNow] = useState(first);
  const take = (zones: readonly ZoneId[]) => {
    lacks = zones;
    setNow(zones);
  };
  return <LackingParts view={shirt} lacking={now} onLacking={take} />;
}

test('parts that the pattern has are left out by name, and what they alone show goes with them', async () => {
  draw(<Lacking first={['skirt']} />);
  expect(screen.queryByRole('button', { name: 'hood' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'sleeves' }));
  expect([...lacks].sort()).toEqual(['skirt', 'sleeve', 'upperArm', 'wrist']);
  expect(screen.getByRole('button', { name: 'sleeves' }).getAttribute('aria-pressed')).toBe('true');
  // The place that no part stands for is named beside them, and stays.
  await user.click(screen.getByRole('button', { name: 'sleeves' }));
  expect(lacks).toEqual(['skirt']);
  await user.click(screen.getByRole('button', { name: 'Leave out skirt' }));
  expect(lacks).toEqual([]);
});
