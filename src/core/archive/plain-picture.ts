import { joinedBytes } from './joined-bytes';

/**
 * Pictures without what their files hide: where and when they were taken, by which machine, under which words. The picture itself stays
 * byte for byte; of a photograph the way it is to be turned stays too, since it would lie on its side without.
 *
 * Sources: ITU T.81 (JPEG) and Exif 2.32 for the tag of orientation; PNG 1.2; the WebP container.
 */
const MARKER = 0xff;
const [START_OF_SCAN, END_OF_IMAGE, COMMENT] = [0xda, 0xd9, 0xfe];
/** Application segments that a viewer needs: the plain header, the colour profile, how colours are coded. */
const NEEDED_SEGMENTS = [0xe0, 0xe2, 0xee];
const EXIF = 0xe1;
const ORIENTATION = 0x0112;

const viewOf = (bytes: Uint8Array<ArrayBuffer>) => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
const textAt = (bytes: Uint8Array<ArrayBuffer>, at: number, length: number) => String.fromCharCode(...bytes.subarray(at, at + length));

/** The parts of `bytes` that stay, as one; the very same bytes where all of them do. */
function joined(bytes: Uint8Array<ArrayBuffer>, parts: readonly Uint8Array<ArrayBuffer>[]): Uint8Array<ArrayBuffer> {
  const length = parts.reduce((sum, part) => sum + part.length, 0);
  if (length === bytes.length && parts.length <= 1) return bytes;
  return joinedBytes(parts);
}

/** How a photograph is to be turned, 1 to 8 (Exif), out of an Exif segment; undefined where it does not say. */
function orientationIn(segment: Uint8Array<ArrayBuffer>): number | undefined {
  // Marker, length, "Exif", two noughts; then a header of TIFF with the order of its bytes.
  const tiff = 10;
  if (textAt(segment, 4, 4) !== 'Exif' || segment.length < tiff + 14) return undefined;
  const view = viewOf(segment);
  const little = textAt(segment, tiff, 2) === 'II';
  const directory = tiff + view.getUint32(tiff + 4, little);
  if (directory + 2 > segment.length) return undefined;
  const entries = view.getUint16(directory, little);
  for (let i = 0; i < entries; i++) {
    const entry = directory + 2 + 12 * i;
    if (entry + 12 > segment.length) return undefined;
    if (view.getUint16(entry, little) === ORIENTATION) return view.getUint16(entry + 8, little);
  }
  return undefined;
}

/** An Exif segment that says how the photograph is to be turned, and nothing else. */
function orientationSegment(orientation: number): Uint8Array<ArrayBuffer> {
  const exif = [0x45, 0x78, 0x69, 0x66, 0, 0];
  const tiff = [0x4d, 0x4d, 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, orientation, 0, 0, 0, 0, 0, 0];
  return Uint8Array.from([MARKER, EXIF, 0, 2 + exif.length + tiff.length, ...exif, ...tiff]);
}

function plainJpeg(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  const view = viewOf(bytes);
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let kept = 0;
  let at = 2;
  const leaveOut = (to: number, instead?: Uint8Array<ArrayBuffer>) => {
    parts.push(bytes.subarray(kept, at));
    if (instead) parts.push(instead);
    kept = to;
  };
  while (at + 4 <= bytes.length && bytes[at] === MARKER) {
    const marker = view.getUint8(at + 1);
    if (marker === START_OF_SCAN || marker === END_OF_IMAGE) break;
    const end = at + 2 + view.getUint16(at + 2);
    if (end > bytes.length) break;
    const application = marker >= 0xe0 && marker <= 0xef;
    if (marker === COMMENT || (application && !NEEDED_SEGMENTS.includes(marker))) {
      const orientation = marker === EXIF ? orientationIn(bytes.subarray(at, end)) : undefined;
      const plain = orientation !== undefined && orientation > 1 && orientation <= 8 ? orientationSegment(orientation) : undefined;
      // What was made plain before stays as it is: the same bytes, the same digest.
      if (!plain || plain.length !== end - at || !plain.every((byte, i) => byte === bytes[at + i])) leaveOut(end, plain);
    }
    at = end;
  }
  return joined(bytes, [...parts, bytes.subarray(kept)]);
}

const HIDDEN_IN_PNG = ['eXIf', 'tEXt', 'iTXt', 'zTXt', 'tIME'];

function plainPng(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  const view = viewOf(bytes);
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let kept = 0;
  // Behind the signature: length, kind, content, check.
  for (let at = 8; at + 12 <= bytes.length;) {
    const end = at + 12 + view.getUint32(at);
    if (end > bytes.length) break;
    if (HIDDEN_IN_PNG.includes(textAt(bytes, at + 4, 4))) {
      parts.push(bytes.subarray(kept, at));
      kept = end;
    }
    at = end;
  }
  return joined(bytes, [...parts, bytes.subarray(kept)]);
}

const HIDDEN_IN_WEBP = ['EXIF', 'XMP '];
/** Bits of the header that say such chunks follow. */
const SAYS_HIDDEN = 0x08 | 0x04;

function plainWebp(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  const view = viewOf(bytes);
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let kept = 0;
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true);
    const end = Math.min(bytes.length, at + 8 + size + (size % 2));
    if (HIDDEN_IN_WEBP.includes(textAt(bytes, at, 4))) {
      parts.push(bytes.subarray(kept, at));
      kept = end;
    }
    at = end;
  }
  if (parts.length === 0) return bytes;
  const plain = joined(bytes, [...parts, bytes.subarray(kept)]).slice();
  const header = viewOf(plain);
  header.setUint32(4, plain.length - 8, true);
  if (textAt(plain, 12, 4) === 'VP8X') header.setUint8(20, header.getUint8(20) & ~SAYS_HIDDEN);
  return plain;
}

/**
 * The bytes of a photograph without what its file hides.
 *
 * @returns the very same bytes where there is nothing to hide, or where they are not what their signs say: damage is for others to find
 * @example plainPicture(bytes) === bytes // true for a picture that was drawn anew, as those taken in here are
 */
export function plainPicture(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  if (bytes.length > 4 && bytes[0] === MARKER && bytes[1] === 0xd8) return plainJpeg(bytes);
  if (textAt(bytes, 1, 3) === 'PNG') return plainPng(bytes);
  if (textAt(bytes, 0, 4) === 'RIFF' && textAt(bytes, 8, 4) === 'WEBP') return plainWebp(bytes);
  return bytes;
}
