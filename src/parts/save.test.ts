import Dexie from 'dexie';
import { whyNot } from './save';

jest.mock('../data/database', () => ({ ...jest.requireActual<object>('../data/database'), db: {} }));
jest.mock('../data/journal', () => ({}));
jest.mock('react-toastify', () => ({ toast: {} }));

test('a browser that is full says what to do, whether the storage says it or its wrapper', () => {
  const full = new DOMException('the quota was exceeded', 'QuotaExceededError');
  expect(whyNot(full)).toMatch(/no room left.*Save the ledger to a file/);
  expect(whyNot(new Dexie.AbortError('transaction aborted', full))).toMatch(/no room left/);
});

test('anything else is told as it is', () => {
  expect(whyNot(new Error('a make needs a person'))).toBe('a make needs a person.');
  expect(whyNot(new DOMException('The transaction was aborted.', 'AbortError'))).toMatch(/Is it full\? Make room/);
  expect(whyNot(new TypeError('Failed to fetch dynamically imported module: /assets/x.js'))).toMatch(/newer Amber Ledger.*what you have typed stays/);
});
