/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Fabric, Make, TimeSpent, Verdict } from '../core/records';
import type { Settings } from '../data/settings';
import { draw } from './component-test';
import { RecordField } from './record-field';
import { RecordFields } from './record-fields';

const user = userEvent.setup();
const handed: unknown[] = [];
beforeEach(() => void (handed.length = 0));

/** A field that holds what it hands on, as a form does. */
function asked(of: Record<string, never>, name: string, first: unknown, settings: Partial<Settings> = {}) {
  function Form() {
    const [value, setValue] = useState(first);
    const take = (next: unknown) => {
      handed.push(next);
      setValue(next);
    };
    return <RecordField of={of} name={name} value={value as never} onValue={take} />;
  }
  draw(<Form />, settings);
}
const of = (shapes: object) => shapes as Record<string, never>;
async function type(label: RegExp, text: string) {
  const field = screen.getByLabelText(label);
  await user.clear(field);
  if (text !== '') await user.type(field, text);
  await user.tab();
  return field as HTMLInputElement;
}

describe('a length', () => {
  test('is read as people write it, and handed on once, when the field is left', async () => {
    asked(of(Fabric.shape), 'width', 140);
    expect((await type(/^Width/, '60"')).value).toBe('152.4');
    expect(handed).toEqual([152.4]);
  });

  test('that may not be is refused in the words of its shape, and stays as it was typed', async () => {
    asked(of(Fabric.shape), 'width', 140);
    expect((await type(/^Width/, '-3')).value).toBe('-3');
    expect(screen.getByRole('alert').textContent).toContain('Must be more than nothing.');
    expect((await type(/^Width/, 'a hand')).value).toBe('a hand');
    expect(screen.getByRole('alert').textContent).toContain('“a hand” is not a length');
    expect(handed).toEqual([]);
  });

  test('in inches comes back as the fraction it was', async () => {
    asked(of(Fabric.shape), 'width', 1.5875, { unit: 'in' });
    expect(screen.getByLabelText<HTMLInputElement>(/^Width/).value).toBe('5/8');
    await type(/^Width/, '1 1/2');
    expect(handed).toEqual([3.81]);
  });

  test('of fabric is metres or yards; a large bare number is not', async () => {
    asked(of(Fabric.shape), 'boughtLength', 185);
    expect(screen.getByLabelText<HTMLInputElement>(/^Length bought/).value).toBe('1.85 m');
    await type(/^Length bought/, '2.4');
    await type(/^Length bought/, '160');
    expect(handed).toEqual([240, 160]);
  });
});

test('money, with the currency of the ledger; what is none says so', async () => {
  asked(of(Fabric.shape), 'pricePerMetre', undefined);
  expect((await type(/^Price/, '12,50')).value).toBe('12.50');
  expect(handed).toEqual([{ minor: 1250, currency: 'EUR' }]);
  await type(/^Price/, 'a lot');
  expect(screen.getByText(/^“a lot” is not an amount of money\./)).toBeTruthy();
});

test('time as it is said', async () => {
  asked(of(TimeSpent.shape), 'minutes', 60);
  await type(/^Time/, '2h10');
  expect(handed).toEqual([130]);
});

test('a whole number within its bounds; empty is not noted, which is not nought', async () => {
  asked(of(Make.shape), 'difficulty', 3);
  expect((await type(/^How hard to make/, '6')).value).toBe('6');
  expect(screen.getByRole('alert').textContent).toContain('From 1 to 5.');
  await type(/^How hard to make/, '');
  expect(handed).toEqual([undefined]);
});

test('yes, no, or not noted', async () => {
  asked(of(Fabric.shape), 'nap', undefined);
  await user.selectOptions(screen.getByLabelText(/^Nap/), 'no');
  await user.selectOptions(screen.getByLabelText(/^Nap/), 'not noted');
  expect(handed).toEqual([false, undefined]);
});

test('some of a few, in the order in which they stand', async () => {
  asked(of(Verdict.shape), 'reasons', ['occasion']);
  await user.click(screen.getByRole('button', { name: 'fit' }));
  expect(handed).toEqual([['fit', 'occasion']]);
  expect(screen.getByRole('button', { name: 'fit' }).getAttribute('aria-pressed')).toBe('true');
});

test('American words in the labels and the choices, and the same value', async () => {
  asked(of(Make.shape), 'kind', 'garment', { dialect: 'american' });
  await user.selectOptions(screen.getByLabelText('Kind'), 'muslin');
  expect(handed).toEqual(['toile']);
});

test('a part of a form asks for every field that is declared in it, in that order', () => {
  draw(<RecordFields of={Fabric.shape} part="from" record={{ name: 'linen' }} onChange={() => undefined} />);
  expect([...document.querySelectorAll('label')].map((l) => l.textContent)).toEqual([
    'Shop, or where from',
    'Bought on',
    'Length bought',
    'Price, EUR',
    'Price is for a',
    'Expensive',
    'Cannot be had again',
    'Care',
  ]);
});
