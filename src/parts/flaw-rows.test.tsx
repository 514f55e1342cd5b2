/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { Piece } from '../core/records';
import { draw } from './component-test';
import { FlawRows } from './flaw-rows';

type Lacks = NonNullable<Piece['lacks']>;
const user = userEvent.setup();
let kept: Lacks = [];

function Flaws({ first }: { first: Lacks }) {
  const [now, setNow] = useState(first);
  const take = (lacks: Lacks) => {
    kept = lacks;
    setNow(lacks);
  };
  return <FlawRows lacks={now} unit="cm" onLacks={take} />;
}

test('a place is kept free, moved and made larger by its four lengths, and forgotten', async () => {
  draw(<Flaws first={[]} />);
  await user.click(screen.getByRole('button', { name: 'Keep a place free' }));
  expect(kept[0]?.corners).toEqual([20, 20, 25, 20, 25, 25, 20, 25]);
  const field = screen.getByLabelText('From the edge');
  await user.clear(field);
  await user.type(field, '60');
  await user.tab();
  expect(kept[0]?.corners).toEqual([60, 20, 65, 20, 65, 25, 60, 25]);
  const length = screen.getByLabelText('Length');
  await user.clear(length);
  await user.type(length, '12.5');
  await user.tab();
  expect(kept[0]?.corners).toEqual([60, 20, 65, 20, 65, 32.5, 60, 32.5]);
  await user.click(screen.getByRole('button', { name: 'Forget flaw 1' }));
  expect(kept).toEqual([]);
});

test('a shape of its own is told by its size, and is not made a rectangle', async () => {
  const bite = { id: 'bite', corners: [100, 0, 140, 0, 140, 50, 120, 40, 105, 20] };
  draw(<Flaws first={[bite]} />);
  expect(screen.getByText(/a shape of its own, 40.cm × 50.cm/)).toBeDefined();
  expect(screen.queryByLabelText('From the edge')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Keep a place free' }));
  expect(kept).toHaveLength(2);
  expect(kept[0]).toEqual(bite);
});
