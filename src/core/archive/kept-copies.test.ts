import fc from 'fast-check';
import { keptPicture, nameForFolder, pictureList, picturesListed } from './kept-copies';

test('the name of a folder is small letters, digits and hyphens, whatever people are called', () => {
  expect(nameForFolder(['Maren', 'Jörg Ö.', '李'])).toBe('maren-jorg-o');
  expect(nameForFolder(['李'])).toBe('');
  fc.assert(
    fc.property(fc.array(fc.string({ unit: 'grapheme' }), { maxLength: 8 }), (names) => {
      expect(nameForFolder(names)).toMatch(/^([a-z0-9]([a-z0-9-]{0,38}[a-z0-9])?)?$/);
    }),
  );
});

test('the list of pictures comes back as it went, and gives no name that leads elsewhere', () => {
  const names = ['a', 'b'].map((sign) => keptPicture({ sha256: sign.repeat(64), type: 'image/jpeg' }));
  expect(picturesListed(pictureList(names))).toEqual(names);
  expect(picturesListed(`../x.jpg\n${names[0]}/../y\n${names[1]}\n`)).toEqual([names[1]]);
});
