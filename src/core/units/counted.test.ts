import { counted } from './counted';

test('one has no s; none and many have', () => {
  expect([0, 1, 2].map((n) => counted(n, 'make'))).toEqual(['0 makes', '1 make', '2 makes']);
});
