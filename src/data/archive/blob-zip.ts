import { crc32 } from '../../core/archive/crc32';
import { joinedBytes } from '../../core/archive/joined-bytes';

/** Signs and sizes of a zip's parts (APPNOTE 6.3, 4.3): heads of files, entries of the directory, its end; the last two also for more than 4 GB. */
const HEAD = { sign: 0x04034b50, length: 30 } as const;
const ENTRY = { sign: 0x02014b50, length: 46 } as const;
const END = { sign: 0x06054b50, length: 22 } as const;
const LARGE_END = { sign: 0x06064b50, length: 56 } as const;
const LARGE_PLACE = { sign: 0x07064b50, length: 20 } as const;
/** Of an entry's extra field that holds its place where 32 bits do not. */
const LARGE_EXTRA = { id: 0x0001, length: 12 } as const;
/** As 32 and 16 bits hold at most: where it stands, the value is found elsewhere. */
const [MOST_32, MOST_16] = [0xffffffff, 0xffff];
/** Version 4.5 of the format knows more than 4 GB. */
const VERSION = 45;
/** Names are in UTF-8. */
const UTF8 = 0x0800;
const [STORED, DEFLATED] = [0, 8];
/** So many bytes are packed at one go. */
const PIECE = 262_144;
/** 1 January 1980, the first day a zip knows: what counts is when the ledger was written, and that stands in it. */
const FIRST_DAY = 0x21;

interface Entry {
  readonly name: Uint8Array<ArrayBuffer>;
  readonly method: number;
  readonly check: number;
  readonly packed: number;
  readonly size: number;
  readonly place: number;
}

/** Little-endian fields of given widths, bytes: 2, 4 or 8. */
function fields(length: number, ...values: readonly (readonly [width: 2 | 4 | 8, value: number])[]): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(length);
  const view = new DataView(bytes.buffer);
  let at = 0;
  for (const [width, value] of values) {
    if (width === 2) view.setUint16(at, value, true);
    else if (width === 4) view.setUint32(at, value, true);
    else view.setBigUint64(at, BigInt(value), true);
    at += width;
  }
  return bytes;
}

/** What an entry says in its head and in the directory alike. */
const told = ({ method, check, packed, size, name }: Entry): readonly (readonly [2 | 4, number])[] => [
  [2, VERSION],
  [2, UTF8],
  [2, method],
  [2, 0],
  [2, FIRST_DAY],
  [4, check],
  [4, packed],
  [4, size],
  [2, name.length],
];

/**
 * A zip put together of what lies in blobs already: of a picture no byte is read or copied, so that a ledger with two thousand is put
 * together at once. A library that writes zips takes every byte into its hands. Read with the library that reads all archives.
 *
 * @example
 * const zip = new BlobZip();
 * zip.store('pictures/1.jpg', blob, crc32(bytes));
 * await zip.pack('ledger.json', new TextEncoder().encode(text));
 * zip.whole() // a Blob
 */
export class BlobZip {
  readonly #parts: BlobPart[] = [];
  readonly #bytes: Uint8Array[] = [];
  readonly #entries: Entry[] = [];
  #length = 0;

  /**
   * Adds a file as it is.
   *
   * @param check the CRC-32 of its bytes
   */
  store(name: string, content: Blob, check: number): void {
    this.#add(name, content, { method: STORED, check, packed: content.size, size: content.size });
  }

  /** Adds a file packed. */
  async pack(name: string, bytes: Uint8Array<ArrayBuffer>): Promise<void> {
    // Out of memory into memory: as a blob the bytes would go to the browser's storage and back first.
    const unpacked = new ReadableStream<Uint8Array<ArrayBuffer>>({
      start(controller) {
        for (let at = 0; at < bytes.length; at += PIECE) controller.enqueue(bytes.subarray(at, at + PIECE));
        controller.close();
      },
    });
    const packed = await new Response(unpacked.pipeThrough(new CompressionStream('deflate-raw'))).blob();
    this.#add(name, packed, { method: DEFLATED, check: crc32(bytes), packed: packed.size, size: bytes.length });
  }

  #add(name: string, content: Blob, rest: Omit<Entry, 'name' | 'place'>): void {
    const entry = { name: new TextEncoder().encode(name), place: this.#length, ...rest };
    this.#entries.push(entry);
    this.#put(fields(HEAD.length, [4, HEAD.sign], ...told(entry), [2, 0]), entry.name, content);
  }

  #put(...parts: readonly (Uint8Array<ArrayBuffer> | Blob)[]): void {
    for (const part of parts) {
      const length = part instanceof Blob ? part.size : part.length;
      this.#length += length;
      if (length === 0) continue;
      if (part instanceof Blob) this.#parts.push(this.#takeBytes(), part);
      else this.#bytes.push(part);
    }
  }

  /** The bytes since the last file, as one part: browsers and Node take long over a blob of very many. */
  #takeBytes(): Uint8Array<ArrayBuffer> {
    return joinedBytes(this.#bytes.splice(0));
  }

  /** The zip with its directory; nothing is added after. */
  whole(): Blob {
    const from = this.#length;
    for (const entry of this.#entries) {
      const far = entry.place >= MOST_32;
      const extra = far ? fields(LARGE_EXTRA.length, [2, LARGE_EXTRA.id], [2, 8], [8, entry.place]) : new Uint8Array();
      const place = far ? MOST_32 : entry.place;
      const rest = [
        [2, extra.length],
        [2, 0],
        [2, 0],
        [2, 0],
        [4, 0],
        [4, place],
      ] as const;
      this.#put(fields(ENTRY.length, [4, ENTRY.sign], [2, VERSION], ...told(entry), ...rest), entry.name, extra);
    }
    const [count, length] = [this.#entries.length, this.#length - from];
    if (from >= MOST_32 || count >= MOST_16) {
      const end = this.#length;
      const more = [
        [8, LARGE_END.length - 12],
        [2, VERSION],
        [2, VERSION],
        [4, 0],
        [4, 0],
        [8, count],
        [8, count],
        [8, length],
        [8, from],
      ] as const;
      this.#put(fields(LARGE_END.length, [4, LARGE_END.sign], ...more), fields(LARGE_PLACE.length, [4, LARGE_PLACE.sign], [4, 0], [8, end], [4, 1]));
    }
    const [shortCount, shortFrom] = [Math.min(count, MOST_16), Math.min(from, MOST_32)];
    this.#put(fields(END.length, [4, END.sign], [2, 0], [2, 0], [2, shortCount], [2, shortCount], [4, length], [4, shortFrom], [2, 0]));
    return new Blob([...this.#parts, this.#takeBytes()], { type: 'application/zip' });
  }
}
