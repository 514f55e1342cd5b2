import type { StoredPicture } from '../data/database';

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

const smalls = new WeakMap<Uint8Array, Blob>();

/** The small copy of a picture, as it is shown in lists; the picture itself where there is none. */
export function smallOf({ small, blob }: Pick<StoredPicture, 'small' | 'blob'>): Blob {
  if (!(small instanceof Uint8Array)) return small ?? blob;
  const known = smalls.get(small) ?? new Blob([small], { type: 'image/jpeg' });
  smalls.set(small, known);
  return known;
}
