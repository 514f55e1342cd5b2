/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { WordsField } from './field';

const user = userEvent.setup();
const handed: string[] = [];
beforeEach(() => {
  handed.length = 0;
  sessionStorage.clear();
});
const field = (words: string) => <WordsField label="Remark" words={words} onWords={(text) => handed.push(text)} />;
const input = () => screen.getByLabelText<HTMLInputElement>('Remark');

test('what another tab writes is shown, but not in the place of what is being typed, which is written when it is left', async () => {
  const { rerender } = render(field('sheds'));
  rerender(field('sheds a little'));
  expect(input().value).toBe('sheds a little');
  await user.type(input(), ' at the hem');
  rerender(field('from another tab'));
  expect(input().value).toBe('sheds a little at the hem');
  await user.tab();
  expect(handed).toEqual(['sheds a little at the hem']);
  // Left, it shows what stands in the ledger again.
  rerender(field('sheds a little at the hem'));
  rerender(field('undone'));
  expect(input().value).toBe('undone');
});

test('what is typed is kept at every key until it is left', async () => {
  render(field(''));
  await user.type(input(), 'lapel');
  expect(Object.values(sessionStorage).join()).toContain('lapel');
  await user.tab();
  expect(sessionStorage.length).toBe(0);
});
