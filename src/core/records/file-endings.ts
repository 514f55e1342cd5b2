/** Endings of picture files, by what is in them. */
export const FILE_ENDINGS: Readonly<Record<string, string>> = {
  'image/svg+xml': 'svg',
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};
