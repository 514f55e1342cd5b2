import { byHand } from './by-hand';

const said = 'Version 1 is saved. Ctrl Z takes it back, and Ctrl Shift Z does it again.';

test.each([
  [false, said],
  [true, 'Version 1 is saved. ↩ takes it back, and ↪ does it again.'],
])('where the finger points is %s: %s', (coarse, told) => {
  const asked = jest.fn((query: string) => ({ matches: coarse && query === '(pointer: coarse)' }));
  Object.assign(globalThis, { window: { matchMedia: asked } });
  expect(byHand(said)).toBe(told);
});
