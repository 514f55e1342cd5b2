/** Something of known size that lies beside what is measured, cm. */
export const REFERENCES = {
  a4: { label: 'a sheet of A4', width: 29.7, height: 21 },
  letter: { label: 'a sheet of Letter', width: 27.94, height: 21.59 },
  card: { label: 'a bank card', width: 8.56, height: 5.398 },
  frame: { label: 'our printed frame', width: 24, height: 12 },
} as const satisfies Record<string, { readonly label: string; readonly width: number; readonly height: number }>;
export type ReferenceName = keyof typeof REFERENCES;

/** A rectangle of known size; with squares, the lines of a cutting mat: so many of them each way. */
export interface Reference {
  readonly width: number;
  readonly height: number;
  /** The squares of a mat, cm a side: every line between the corners is known. */
  readonly square?: number;
  /** Only one length is known, between the first two corners: a ruler or a tape. The picture must be taken straight down. */
  readonly ruler?: true;
}

/**
 * Reads a reference as it is named on the command line.
 *
 * @example referenceNamed('a4') // { width: 29.7, height: 21 }
 * @example referenceNamed('30x20') // { width: 30, height: 20 }
 */
export function referenceNamed(name: string): Reference | undefined {
  const known = Object.entries(REFERENCES).find(([key]) => key === name.toLowerCase())?.[1];
  if (known) return { width: known.width, height: known.height };
  const sides = /^(\d+(?:\.\d+)?)\s*[x×]\s*(\d+(?:\.\d+)?)$/i.exec(name.trim());
  const [width, height] = [Number(sides?.[1]), Number(sides?.[2])];
  return width > 0 && height > 0 ? { width, height } : undefined;
}
