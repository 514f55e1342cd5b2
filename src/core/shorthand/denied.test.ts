import { isDenied } from './denied';

test.each([
  'not ',
  "isn't ",
  'never ',
  'it is not at all ',
  'not really a bit ',
  "didn't need to make any ",
  'no longer ',
  'instead of the ',
  'without ',
])('denied behind “%s”', (before) => expect(isDenied(before)).toBe(true));

test.each(['', 'not tight, ', 'not only ', 'not once was it ', 'nothing but ', 'knot ', 'did an ', 'no pockets '])(
  'not denied behind “%s”',
  (before) => expect(isDenied(before)).toBe(false),
);
