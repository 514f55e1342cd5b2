/** A blob's bytes as base64, in pieces small enough for any browser's call stack. */
export async function toBase64(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}

export function fromBase64(text: string, type: string): Blob {
  return new Blob([Uint8Array.from(atob(text), (c) => c.charCodeAt(0))], { type });
}
