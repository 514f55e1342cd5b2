/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReadChart } from '../core/garment/chart-from-text';
import type { LengthUnit } from '../core/units/length';
import { ChartPaste } from './chart-paste';
import { draw } from './component-test';

const user = userEvent.setup();
let kept: ReadChart[] = [];
let closed = 0;
beforeEach(() => {
  kept = [];
  closed = 0;
});

const paste = async (text: string, unit: LengthUnit = 'cm') => {
  draw(<ChartPaste unit={unit} onChart={(chart) => kept.push(chart)} onClose={() => (closed += 1)} />);
  const field = screen.getByRole('textbox', { name: /^Paste the table here/ });
  expect(document.activeElement).toBe(field);
  await user.click(field);
  await user.paste(text);
};
const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Keep this chart' });
/** The rows as they were understood, each with its cells. */
const rows = () =>
  within(screen.getByRole('table', { name: 'The chart as it was understood' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => [...row.children].map((cell) => cell.textContent));

test('a pasted chart is shown as it was understood, and kept when it is told to be', async () => {
  await paste('Size\tA\tB\tC\nBust\t82\t86\t90\nHip\t90\t\t98\nSleeve, finished\t60\t60.5\t61');
  expect(rows()).toEqual([
    ['bust', '82', '86', '90'],
    ['hip', '90', '–', '98'],
    ['sleeve, finished', '60', '60.5', '61'],
  ]);
  expect(kept).toEqual([]);
  await user.click(keep());
  expect(kept).toHaveLength(1);
  expect(kept[0]).toMatchObject({ sizes: ['A', 'B', 'C'], body: { bust: [82, 86, 90], hip: [90, null, 98] }, finished: { sleeve: [60, 60.5, 61] } });
});

test('numbers too small for centimetres are taken for inches, it is said why, and she may know better', async () => {
  await paste('Size\t6\t8\nBust\t32\t34');
  expect(screen.getByText('by the size of the numbers')).toBeTruthy();
  expect(rows()).toEqual([['bust', '81.28', '86.36']]);
  await user.click(screen.getByRole('radio', { name: 'cm' }));
  expect(screen.getByText('as you say')).toBeTruthy();
  expect(rows()).toEqual([['bust', '32', '34']]);
  await user.click(keep());
  expect(kept[0]).toMatchObject({ unit: 'cm', body: { bust: [32, 34] } });
});

test('what the table says of its unit goes before what its numbers look like', async () => {
  await paste('Inches\t6\t8\nBust\t32\t34', 'in');
  expect(screen.getByText('so the table says')).toBeTruthy();
  expect(rows()).toEqual([['bust', '32', '34']]);
  await user.click(keep());
  expect(kept[0]!.body.bust!.map((cm) => Math.round(cm! * 100) / 100)).toEqual([81.28, 86.36]);
});

test('a row that names nothing known is left out and said; the rest can be kept', async () => {
  await paste('Size\tA\tB\nBust\t82\t86\nBuckle\t3\t3');
  expect(screen.getByText(/Left out/).textContent).toMatch(/Buckle/);
  expect(rows()).toEqual([['bust', '82', '86']]);
  expect(keep().disabled).toBe(false);
});

test('what is no chart is refused in a sentence, stays as it was pasted, and cannot be kept', async () => {
  await paste('a day by the sea');
  expect(screen.getByRole('alert').textContent).toMatch(/\w+ .*\./);
  expect(keep().disabled).toBe(true);
  await user.click(keep());
  expect(kept).toEqual([]);
  expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('a day by the sea');
  await user.click(screen.getByRole('button', { name: 'Put away' }));
  expect(closed).toBe(1);
});

test('with nothing pasted there is nothing to keep, and nothing is wrong', () => {
  draw(<ChartPaste unit="cm" onChart={(chart) => kept.push(chart)} onClose={() => (closed += 1)} />);
  expect(keep().disabled).toBe(true);
  expect(screen.queryByRole('alert')).toBeNull();
});
