/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MinutesField } from './minutes-field';
import { NumberField } from './number-field';

const user = userEvent.setup();

/** What was kept of each text that was typed and left. */
async function typed(texts: readonly string[], most?: number): Promise<(number | undefined)[]> {
  const kept: (number | undefined)[] = [];
  render(<MinutesField label="I have" minutes={15} onMinutes={(minutes) => kept.push(minutes)} {...(most === undefined ? {} : { most })} />);
  for (const text of texts) {
    await user.clear(screen.getByLabelText('I have'));
    if (text !== '') await user.type(screen.getByLabelText('I have'), text);
    await user.tab();
  }
  return kept;
}

test('a time as it is said at the machine: a bare number is minutes, empty is not said', async () => {
  expect(await typed(['40', '1h30', 'two hours', '0:45', ''])).toEqual([40, 90, 120, 45, undefined]);
});

test('what is no time, or more than can be meant, stays to be mended and says why', async () => {
  expect(await typed(['soon'])).toEqual([]);
  expect(screen.getByRole('alert').textContent).toMatch(/“soon” is not a time/);
  await user.clear(screen.getByLabelText('I have'));
  await user.type(screen.getByLabelText('I have'), '25 min');
  await user.tab();
  expect(screen.queryByRole('alert')).toBeNull();
});

test('at most what was given', async () => {
  expect(await typed(['30h'], 1440)).toEqual([]);
  expect(screen.getByRole('alert').textContent).toMatch(/^At most 24.h/);
});

test('a plain number: a comma is a point, whole where it must be, within its bounds', async () => {
  const kept: (number | undefined)[] = [];
  render(<NumberField label="Days" number={3} whole least={1} most={60} onNumber={(n) => kept.push(n)} />);
  const say = async (text: string) => {
    await user.clear(screen.getByLabelText('Days'));
    await user.type(screen.getByLabelText('Days'), text);
    await user.tab();
    return screen.queryByRole('alert')?.textContent;
  };
  expect(await say('1,5')).toBe('Write a whole number.');
  expect(await say('0')).toBe('Write a number from 1 to 60.');
  expect(await say('many')).toBe('“many” is not a number.');
  expect(await say('14')).toBeUndefined();
  expect(kept).toEqual([14]);
});
