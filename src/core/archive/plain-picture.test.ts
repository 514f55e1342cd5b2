import fc from 'fast-check';
import { plainPicture } from './plain-picture';

const text = (words: string) => [...words].map((sign) => sign.charCodeAt(0));
const two = (n: number) => [n >> 8, n & 255];
const four = (n: number) => [...two(n >>> 16), ...two(n & 0xffff)];
const hidden = 'N 54 17.2 E 10 08.1';
const holds = (bytes: Uint8Array, words: string) => Buffer.from(bytes).includes(words);

describe('a photograph (JPEG)', () => {
  const segment = (marker: number, content: readonly number[]) => [0xff, marker, ...two(content.length + 2), ...content];
  const header = segment(0xe0, [...text('JFIF'), 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]);
  const image = [...segment(0xdb, [1, 2, 3]), ...segment(0xda, [0]), 7, 8, 0xff, 0, 0xff, 0xe1, 9, 0xff, 0xd9];
  /** Exif with the turn and a place behind it, in either order of bytes. */
  const exif = (turn: number, little: boolean) => {
    const n2 = (n: number) => (little ? two(n).reverse() : two(n));
    const n4 = (n: number) => (little ? four(n).reverse() : four(n));
    const entry = (tag: number, value: number) => [...n2(tag), ...n2(3), ...n4(1), ...n2(value), 0, 0];
    const tiff = [...text(little ? 'II' : 'MM'), ...n2(42), ...n4(8), ...n2(2), ...entry(0x010f, 1), ...entry(0x0112, turn), ...n4(0)];
    return segment(0xe1, [...text('Exif'), 0, 0, ...tiff, ...text(hidden)]);
  };
  const file = (...segments: readonly number[][]) => Uint8Array.from([0xff, 0xd8, ...segments.flat(), ...image]);

  test('loses place, words and comments, and nothing of the picture', () => {
    const profile = segment(0xe2, text('ICC_PROFILE'));
    const plain = plainPicture(file(header, exif(1, false), segment(0xe1, text(`http://ns.xmp ${hidden}`)), profile, segment(0xfe, text(hidden))));
    expect([...plain]).toEqual([...file(header, profile)]);
  });

  test.each([true, false])('that lies on its side is still turned (low byte first: %s)', (little) => {
    const plain = plainPicture(file(header, exif(6, little)));
    expect(holds(plain, hidden)).toBe(false);
    expect(plain.length).toBeLessThan(file(header, exif(6, little)).length);
    expect(holds(plain, 'Exif')).toBe(true);
    // Made plain again it is the same: the digest that is kept with it goes on being true.
    expect(plainPicture(plain)).toBe(plain);
  });

  test('with nothing to hide is the very same', () => {
    const bytes = file(header);
    expect(plainPicture(bytes)).toBe(bytes);
  });
});

test('a PNG loses its words and keeps its picture', () => {
  const chunk = (kind: string, content: readonly number[]) => [...four(content.length), ...text(kind), ...content, 0, 0, 0, 0];
  const file = (...chunks: number[][]) => Uint8Array.from([0x89, ...text('PNG\r\n\x1a\n'), ...chunks.flat()]);
  const [start, data, end] = [chunk('IHDR', [1]), chunk('IDAT', [1, 2, 3]), chunk('IEND', [])];
  const plain = plainPicture(file(start, chunk('tEXt', text(hidden)), data, chunk('eXIf', text(hidden)), end));
  expect([...plain]).toEqual([...file(start, data, end)]);
  const bytes = file(start, data, end);
  expect(plainPicture(bytes)).toBe(bytes);
});

test('a WebP loses its Exif and XMP, and says so in its header', () => {
  const chunk = (kind: string, content: readonly number[]) => {
    const padded = content.length % 2 === 0 ? content : [...content, 0];
    return [...text(kind), ...four(content.length).reverse(), ...padded];
  };
  const file = (flags: number, ...chunks: number[][]) => {
    const body = [...text('WEBP'), ...chunk('VP8X', [flags, 0, 0, 0, 0, 0, 0, 0, 0, 0]), ...chunks.flat()];
    return Uint8Array.from([...text('RIFF'), ...four(body.length).reverse(), ...body]);
  };
  const picture = chunk('VP8 ', [1, 2, 3, 4, 5]);
  const plain = plainPicture(file(0x10 | 0x0c, picture, chunk('EXIF', text(hidden)), chunk('XMP ', text(hidden))));
  expect([...plain]).toEqual([...file(0x10, picture)]);
});

test('whatever the bytes, it ends, and invents none', () => {
  const signs = fc.constantFrom([0xff, 0xd8], [0x89, ...text('PNG')], [...text('RIFF'), 0, 0, 0, 0, ...text('WEBP')], []);
  fc.assert(
    fc.property(signs, fc.uint8Array({ maxLength: 200 }), (sign, rest) => {
      const bytes = Uint8Array.from([...sign, ...rest]);
      expect(plainPicture(bytes).length).toBeLessThanOrEqual(bytes.length);
    }),
  );
});
