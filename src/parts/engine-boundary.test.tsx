/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { EngineError } from '../workers/engine-error';
import { EngineBoundary } from './engine-boundary';

let broken: Error | undefined;
function Figures() {
  if (broken) throw broken;
  return <p>right with 92 %</p>;
}
const show = () =>
  render(
    <>
      <h1>Plan</h1>
      <EngineBoundary instead={<p>its versions</p>}>
        <Figures />
      </EngineBoundary>
    </>,
  );

beforeEach(() => void jest.spyOn(console, 'error').mockImplementation(() => undefined));

test('what the engine’s failure takes is one part: the rest stays, what still works is said, and it can be tried again', async () => {
  broken = new EngineError('the scales are broken.');
  show();
  expect(screen.getByRole('heading', { name: 'Plan' })).toBeTruthy();
  const alert = screen.getByRole('alert');
  expect(alert.textContent).toContain('could not be worked out: the scales are broken. Nothing in the ledger is touched');
  expect(alert.textContent).toContain('its versions');
  broken = undefined;
  await userEvent.click(screen.getByRole('button', { name: 'Work them out again' }));
  expect(screen.getByText('right with 92 %')).toBeTruthy();
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a fault that is not the engine’s is not called so', () => {
  broken = new Error('a fault of the page');
  expect(show).toThrow('a fault of the page');
});
