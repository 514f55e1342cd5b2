/**
 * Files as they came from the camera, by the picture that was kept of them: kept copies are smaller, and what is measured right away is measured at the
 * full size.
 */
const originals = new Map<string, Blob>();
/** So many are held: each may be of several megabytes. */
const HELD = 4;

export function holdOriginal(pictureId: string, file: Blob): void {
  originals.set(pictureId, file);
  const [oldest] = originals.keys();
  if (originals.size > HELD && oldest !== undefined) originals.delete(oldest);
}

export const originalOf = (pictureId: string): Blob | undefined => originals.get(pictureId);
