import { bytesOf } from './digest';

/** A reader that puts what it reads into given memory; undefined in a browser whose blobs have none. */
function readerOf(blob: Blob): ReadableStreamBYOBReader | undefined {
  try {
    return blob.stream().getReader({ mode: 'byob' });
  } catch {
    return undefined;
  }
}

/** Memory into which one piece of a blob after another is read. Where each has its own, hundreds of megabytes gather before a browser tidies up. */
export class MemoryAgain {
  readonly #free: ArrayBuffer[] = [];
  readonly #size: number;

  /** @param size of most pieces, bytes */
  constructor(size: number) {
    this.#size = size;
  }

  /**
   * Reads a blob for a work on its bytes, which are the work's own until it ends.
   *
   * @example await new MemoryAgain(1000).lend(new Blob(['a seam']), async (bytes) => bytes.length) // 6
   */
  async lend<T>(blob: Blob, work: (bytes: Uint8Array<ArrayBuffer>) => Promise<T>): Promise<T> {
    const bytes = await this.#read(blob);
    try {
      return await work(bytes);
    } finally {
      if (bytes.buffer.byteLength === this.#size) this.#free.push(bytes.buffer);
    }
  }

  async #read(blob: Blob): Promise<Uint8Array<ArrayBuffer>> {
    const reader = blob.size <= this.#size ? readerOf(blob) : undefined;
    if (!reader) return bytesOf(blob);
    let memory = this.#free.pop() ?? new ArrayBuffer(this.#size);
    let at = 0;
    while (at < blob.size) {
      const { value } = await reader.read(new Uint8Array(memory, at, blob.size - at));
      // A blob ends before its size where its file is gone, and then reading throws.
      if (!value || value.length === 0) break;
      memory = value.buffer;
      at += value.length;
    }
    reader.releaseLock();
    return new Uint8Array(memory, 0, at);
  }
}
