const urls = new WeakMap<Blob, string>();
const released = new FinalizationRegistry<string>((url) => URL.revokeObjectURL(url));

/** An address for a blob, the same each time, given back when the blob is forgotten. */
export function urlOf(blob: Blob): string {
  const known = urls.get(blob);
  if (known) return known;
  const url = URL.createObjectURL(blob);
  urls.set(blob, url);
  released.register(blob, url);
  return url;
}
