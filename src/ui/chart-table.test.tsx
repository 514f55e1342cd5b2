/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { ChartTable } from './chart-table';

const rowsOf = (count: number, made: string[] = []) =>
  Array.from({ length: count }, (_, i) => ({ key: `${i}`, cells: () => (made.push(`${i}`), [`make ${i}`, `${i} cm`]) }));
const table = (count: number, made?: string[]) => render(<ChartTable caption="Ease" heads={['make', 'ease']} rows={rowsOf(count, made)} />);
// By its role each of a thousand rows would be looked up: most of a test's time.
const shown = () => document.querySelectorAll('tbody tr').length;

test('a short table is there to be read out before it is asked for', () => {
  table(20);
  expect(screen.getByRole('table', { name: 'Ease' })).toBeTruthy();
  expect(shown()).toBe(20);
  expect(screen.getByRole('button', { name: 'As a table' }).getAttribute('aria-expanded')).toBe('false');
});

test('a long one is made when it is asked for, so many rows at a time, and let go', () => {
  const made: string[] = [];
  table(1101, made);
  expect(screen.queryByRole('table')).toBeNull();
  expect(made).toEqual([]);
  fireEvent.click(screen.getByRole('button', { name: 'As a table' }));
  expect(shown()).toBe(500);
  fireEvent.click(screen.getByRole('button', { name: 'The next 500 of 601 rows' }));
  expect(shown()).toBe(1000);
  fireEvent.click(screen.getByRole('button', { name: '101 more rows' }));
  expect(shown()).toBe(1101);
  expect(screen.queryByRole('button', { name: /more/ })).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Without the table' }));
  expect(screen.queryByRole('table')).toBeNull();
});
