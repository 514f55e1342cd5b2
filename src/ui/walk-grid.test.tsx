/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { walkGrid } from './walk-grid';

const grid = (goesOn: 'along' | 'down') => (
  <table onKeyDownCapture={(event) => walkGrid(event, 2, goesOn)}>
    <tbody>
      {['a', 'b', 'c'].map((row) => (
        <tr key={row}>
          {['1', '2'].map((column) => (
            <td key={column}>
              <input aria-label={row + column} aria-invalid={row + column === 'c1' || undefined} />
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
);
/** Where the focus is after a key that is pressed in a field. */
function pressed(at: string, key: string, shiftKey = false): string | null {
  const field = screen.getByLabelText(at);
  field.focus();
  fireEvent.keyDown(field, { key, shiftKey });
  return document.activeElement?.getAttribute('aria-label') ?? null;
}

test('Enter goes along the row and on to the next, or down the column, and back with Shift', () => {
  const { unmount } = render(grid('along'));
  expect(pressed('a1', 'Enter')).toBe('a2');
  expect(pressed('a2', 'Enter')).toBe('b1');
  expect(pressed('b1', 'Enter', true)).toBe('a2');
  unmount();
  render(grid('down'));
  expect(pressed('a2', 'Enter')).toBe('b2');
  expect(pressed('b2', 'Enter', true)).toBe('a2');
});

test('the arrows go up and down, and stay at the ends; other keys are the field’s, and a refused one is not left', () => {
  render(grid('along'));
  expect(pressed('b2', 'ArrowDown')).toBe('c2');
  expect(pressed('b2', 'ArrowUp')).toBe('a2');
  expect(pressed('a2', 'ArrowUp')).toBe('a2');
  expect(pressed('c2', 'ArrowDown')).toBe('c2');
  expect(pressed('b1', 'ArrowRight')).toBe('b1');
  expect(pressed('c1', 'Enter')).toBe('c1');
});
