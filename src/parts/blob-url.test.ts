import { smallOf } from './blob-url';

test('the small copy of a picture as one blob, whether it lies in bytes or, from before, in a blob; else the picture itself', async () => {
  const blob = new Blob(['the picture']);
  const small = new TextEncoder().encode('small');
  const shown = smallOf({ blob, small });
  expect([await shown.text(), shown.type]).toEqual(['small', 'image/jpeg']);
  // Drawn again, it has the same address.
  expect(smallOf({ blob, small })).toBe(shown);
  const before = new Blob(['small']);
  expect(smallOf({ blob, small: before })).toBe(before);
  expect(smallOf({ blob })).toBe(blob);
});
