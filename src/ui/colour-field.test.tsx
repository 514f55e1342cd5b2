/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { ColourField } from './colour-field';

const field = () => screen.getByLabelText<HTMLInputElement>('Shade');

test('a colour is kept once it is chosen, and not each that is passed on the way', () => {
  const kept: string[] = [];
  render(<ColourField label="Shade" colour="#112233" onColour={(colour) => kept.push(colour)} />);
  for (const passing of ['#223344', '#334455', '#445566']) fireEvent.input(field(), { target: { value: passing } });
  expect(field().value).toBe('#445566');
  expect(kept).toEqual([]);
  act(() => void field().dispatchEvent(new Event('change', { bubbles: false })));
  expect(kept).toEqual(['#445566']);
});

test('a colour that nobody said is said to be so, and nothing is kept of the grey that stands there', () => {
  const kept: string[] = [];
  render(<ColourField label="Shade" colour={undefined} onColour={(colour) => kept.push(colour)} hint="what goes with it is told by it" />);
  expect(screen.getByText('not said yet')).toBeDefined();
  fireEvent.blur(field());
  expect(kept).toEqual([]);
  fireEvent.input(field(), { target: { value: '#102030' } });
  expect(screen.queryByText('not said yet')).toBeNull();
});
