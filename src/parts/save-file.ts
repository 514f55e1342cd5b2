/** Hands a file to the browser to be saved where the sewist wants it. */
export function saveFile(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  // By then the browser has taken the bytes.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** A name as part of a file's name: small letters, figures and dashes. */
export function fileNameOf(name: string): string {
  return name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
}
