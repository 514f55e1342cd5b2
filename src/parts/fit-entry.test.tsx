/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { ZoneId } from '../core/body/zones';
import type { ZoneSaid } from '../core/make/log-draft';
import { draw } from './component-test';
import { FitEntry } from './fit-entry';

const user = userEvent.setup();
let said: readonly ZoneSaid[] = [];

function Entry({ zones, first }: { zones: readonly ZoneId[]; first: readonly ZoneSaid[] }) {
  const [now, setNow] = useState(first);
  const take = (next: readonly ZoneSaid[]) => {
    said = next;
    setNow(next);
  };
  return <FitEntry zones={zones} said={now} unit="cm" onChange={take} />;
}
function enter(zones: readonly ZoneId[], first: readonly ZoneSaid[] = []) {
  said = first;
  draw(<Entry zones={zones} first={first} />);
}
const zone = (name: string) => screen.getByRole('group', { name: `${name}: how it fitted` });
const focus = (name: string) => within(zone(name)).getByRole('button', { name: /right/ }).focus();

test('one key each: under, over, right and on; again is clearer, and a fourth time slight again', async () => {
  enter(['bust', 'waist', 'sleeve']);
  focus('bust');
  await user.keyboard('u');
  expect(said).toEqual([{ zone: 'bust', outcome: -1 }]);
  await user.keyboard('uu');
  expect(said[0]?.outcome).toBe(-3);
  await user.keyboard('u');
  expect(said[0]?.outcome).toBe(-1);
  await user.keyboard('o');
  expect(said[0]?.outcome).toBe(1);
  await user.keyboard('r');
  expect(said).toEqual([{ zone: 'bust', outcome: 0 }]);
  // Right goes on to the next zone.
  await user.keyboard('o');
  expect(said).toEqual([
    { zone: 'bust', outcome: 0 },
    { zone: 'waist', outcome: 1 },
  ]);
});

test('the rest is right, and what was said stays; a key takes a note back', async () => {
  enter(['bust', 'waist', 'sleeve'], [{ zone: 'waist', outcome: -2, amount: 3 }]);
  focus('bust');
  await user.keyboard('a');
  expect(said.map((s) => [s.zone, s.outcome])).toEqual([
    ['waist', -2],
    ['bust', 0],
    ['sleeve', 0],
  ]);
  focus('waist');
  await user.keyboard('{Backspace}');
  expect(said.map((s) => s.zone)).toEqual(['bust', 'sleeve']);
});

test('an amount belongs to what is not right: said right, it goes', async () => {
  enter(['sleeve'], [{ zone: 'sleeve', outcome: 2, amount: 2 }]);
  focus('sleeve');
  await user.keyboard('r');
  expect(said).toEqual([{ zone: 'sleeve', outcome: 0 }]);
});

test('a key held with another is another’s', async () => {
  enter(['bust']);
  focus('bust');
  await user.keyboard('{Control>}u{/Control}');
  expect(said).toEqual([]);
});

test('a symptom offers its causes, none as certain, and another can be taken', async () => {
  enter(['hip', 'crotch'], [{ zone: 'crotch', outcome: -1, symptom: 'crotch-whiskers' }]);
  const crotch = screen.getAllByRole('listitem').find((item) => item.textContent.startsWith('crotch'))!;
  expect(crotch.textContent).toContain('often too short between the legs');
  expect(crotch.textContent).toContain('Rule out');
  await user.click(within(crotch).getByRole('button', { name: /^hip tight/ }));
  expect(said.find((s) => s.zone === 'hip')).toMatchObject({ outcome: -1, symptom: 'crotch-whiskers' });
  expect(said.some((s) => s.zone === 'crotch')).toBe(false);
});
