/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { USUAL_GARMENT } from '../core/alteration/effects';
import type { Alteration } from '../core/records';
import { AlterationEntry } from './alteration-entry';
import { draw } from './component-test';

const user = userEvent.setup();
let altered: readonly Alteration[] = [];

function Entry({ first }: { first: readonly Alteration[] }) {
  const [now, setNow] = useState(first);
  const take = (next: Alteration[]) => {
    altered = next;
    setNow(next);
  };
  return <AlterationEntry alterations={now} context={USUAL_GARMENT} zones={['bust']} allowance={1.5} unit="cm" onChange={take} />;
}
const seams: Alteration = { id: 'a', kind: 'side-seams', way: 'perSeam', amount: 1, zones: ['bust'], purpose: 'fit', when: 'paper' };

test.each([
  ['fba', /bust fullness/],
  ['swayback', /sway back/],
  ['cuff', /lower edge of the sleeve/],
  ['armscye', /^armhole/],
])('the picker finds %s', async (name, kind) => {
  draw(<Entry first={[]} />);
  await user.type(screen.getByRole('combobox', { name: 'Add an alteration' }), name);
  expect(screen.getAllByRole('option').some((o) => kind.test(o.textContent))).toBe(true);
});

test('on the front only half of it goes round; the amount may be only about so much, and how it was done is kept', async () => {
  draw(<Entry first={[seams]} />);
  expect(screen.getByText(/bust \+4\s*cm/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /more about it/ }));
  await user.selectOptions(screen.getByRole('combobox', { name: 'On which pieces' }), 'front only');
  expect(screen.getByText(/bust \+2\s*cm/)).toBeTruthy();
  await user.selectOptions(screen.getByRole('combobox', { name: 'The amount is' }), 'about, not sure');
  expect(screen.getByText(/bust about \+2\s*cm/)).toBeTruthy();
  await user.type(screen.getByRole('textbox', { name: 'How it was done' }), 'from the seam allowance');
  await user.tab();
  expect(altered[0]).toMatchObject({ part: 'front', about: true, how: 'from the seam allowance' });
});

test('a seam that names no place says what that means, until one is named', async () => {
  draw(<Entry first={[seams]} />);
  expect(screen.queryByText(/not said/)).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Leave out bust' }));
  expect(screen.getByText(/places it passes is not said: half of it counts at each/)).toBeTruthy();
});

test('an allowance of some seams only is meant for all again once none is named', async () => {
  draw(
    <Entry first={[{ id: 'a', kind: 'allowance', way: 'total', allowance: { cut: 1.5, sewn: 1 }, zones: ['hip'], purpose: 'fit', when: 'paper' }]} />,
  );
  // Two side seams, each half a centimetre narrower on either edge; nothing at the bust.
  expect(screen.getByText(/hip \+2\s*cm/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /more about it/ }));
  await user.click(screen.getByRole('button', { name: 'Leave out hip' }));
  expect(altered[0]?.zones).toBeUndefined();
  expect(screen.getByText(/bust \+2\s*cm/)).toBeTruthy();
});
