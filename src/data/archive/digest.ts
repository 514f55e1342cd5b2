/** The SHA-256 of bytes, in hexadecimal signs. */
export async function digest(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const found = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(found, (b) => b.toString(16).padStart(2, '0')).join('');
}

export async function digestOfBlob(blob: Blob): Promise<string> {
  return digest(new Uint8Array(await blob.arrayBuffer()));
}
