import { crc32 } from '../../core/archive/crc32';

/** By what the bytes of a picture are known: kept with it, so that it is made once. */
export interface Fingerprint {
  readonly sha256: string;
  readonly crc32: number;
}

/** The SHA-256 of bytes, in hexadecimal signs. */
export async function digest(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const found = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(found, (b) => b.toString(16).padStart(2, '0')).join('');
}

export async function bytesOf(blob: Blob): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(await blob.arrayBuffer());
}

export async function digestOfBlob(blob: Blob): Promise<string> {
  return digest(await bytesOf(blob));
}

export async function fingerprint(bytes: Uint8Array<ArrayBuffer>): Promise<Fingerprint> {
  return { sha256: await digest(bytes), crc32: crc32(bytes) };
}
