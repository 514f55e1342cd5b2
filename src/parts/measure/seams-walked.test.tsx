/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { samplePicture } from '../../core/measure/sample-picture';
import type { PictureMark } from '../../core/records';
import { draw } from '../component-test';
import { doubtedWords } from './measure-words';
import { SeamsWalked } from './seams-walked';

const user = userEvent.setup();
const line = (id: string, cm: number, name?: string): PictureMark => ({
  id,
  kind: 'line',
  points: [100, 100, 100 + 10 * cm, 100],
  ...(name ? { name } : {}),
});

test('cap and armhole by their names: front and back of the armhole count together', async () => {
  draw(<SeamsWalked measured={samplePicture([line('f', 22, 'armhole'), line('c', 48, 'sleeve cap'), line('b', 23, 'armhole')])} unit="cm" />);
  expect(screen.getByText(/sleeve cap is 3.cm ± 0\.\d longer than armhole; meant are/)).toBeDefined();
  expect(screen.getByText('They meet.')).toBeDefined();
  await user.selectOptions(screen.getByLabelText('Sewn as'), 'dropped sleeve');
  expect(screen.getByText('It is too long.')).toBeDefined();
  await user.selectOptions(screen.getByLabelText('armhole'), 'b');
  expect(screen.getByText(/sleeve cap is 25.cm/)).toBeDefined();
});

test('seams whose names do not say it are judged only once it is said what they are sewn as', async () => {
  draw(<SeamsWalked measured={samplePicture([line('a', 40, 'crotch curve, front'), line('b', 43, 'crotch curve, back')])} unit="cm" />);
  expect(screen.getByText('Say what they are sewn as, and they are walked.')).toBeDefined();
  expect(screen.queryByText(/It is too/)).toBeNull();
  await user.selectOptions(screen.getByLabelText('Sewn as'), 'any seam');
  expect(screen.getByText(/one seam is 3.cm ± 0\.\d shorter than the other/)).toBeDefined();
  expect(screen.getByText('It is too short.')).toBeDefined();
});

test.each([
  [{ value: 53.41, doubt: 0.36 }, 'cm', /^53\.4.cm ± 0\.4$/],
  [{ value: 53.41, doubt: 0 }, 'cm', /^53\.4.cm ± 0\.1$/],
  [{ value: 53.41, doubt: 1.2 }, 'cm', /^53\.4.cm ± 1\.2$/],
  [{ value: 50.8, doubt: 0.1 }, 'in', /^20.in ± ⅛$/],
  [{ value: 50.8, doubt: 0.4 }, 'in', /^20.in ± ¼$/],
] as const)('a doubt is never told smaller than it is: %j in %s', (of, unit, words) => expect(doubtedWords(of, unit)).toMatch(words));
