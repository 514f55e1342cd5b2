/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { ZoneId } from '../core/body/zones';
import type { Ask } from '../core/forecast/worth-asking';
import type { ZoneSaid } from '../core/make/log-draft';
import { draw } from './component-test';
import { FitEntry } from './fit-entry';

const user = userEvent.setup();
let said: readonly ZoneSaid[] = [];

function Entry({ zones, first, asks }: { zones: readonly ZoneId[]; first: readonly ZoneSaid[]; asks?: readonly Ask[] }) {
  const [now, setNow] = useState(first);
  const take = (next: readonly ZoneSaid[]) => {
    said = next;
    setNow(next);
  };
  return <FitEntry zones={zones} said={now} asks={asks} unit="cm" onChange={take} />;
}
function enter(zones: readonly ZoneId[], first: readonly ZoneSaid[] = [], asks: readonly Ask[] = []) {
  said = first;
  draw(<Entry zones={zones} first={first} asks={asks} />);
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

test('what helps most leads to its line, and goes once it is said; a pin is asked for until there is an amount', async () => {
  enter(
    ['bust', 'waist', 'sleeve'],
    [],
    [
      { zone: 'sleeve', how: 'note', gain: 0.2, open: 1.5 },
      { zone: 'waist', how: 'pin', gain: 0.1, open: 4 },
    ],
  );
  const asked = (name: string) => screen.queryByRole('button', { name: new RegExp(`^${name}: (pin it, )?\\d`) });
  await user.click(asked('sleeve')!);
  await user.keyboard('r');
  expect(said).toEqual([{ zone: 'sleeve', outcome: 0 }]);
  expect(asked('sleeve')).toBeNull();
  await user.click(asked('waist')!);
  await user.keyboard('u');
  expect(asked('waist')).not.toBeNull();
  await user.type(screen.getByRole('textbox', { name: 'waist: by how much, if known' }), '3{Enter}');
  expect(asked('waist')).toBeNull();
});

test('an amount may be pinned or only about so much; without an amount that is not asked, and said right it goes', async () => {
  enter(['sleeve'], [{ zone: 'sleeve', outcome: 2 }]);
  const found = () => screen.queryByRole('combobox', { name: 'sleeve: how the amount was found' });
  expect(found()).toBeNull();
  await user.type(screen.getByRole('textbox', { name: 'sleeve: by how much, if known' }), '2{Enter}');
  await user.selectOptions(found()!, 'pinned or measured');
  expect(said).toEqual([{ zone: 'sleeve', outcome: 2, amount: 2, found: 'pinned' }]);
  focus('sleeve');
  await user.keyboard('r');
  expect(said).toEqual([{ zone: 'sleeve', outcome: 0 }]);
});
