import type { ConstructionNote } from '../records';

/**
 * A note as it is shown under its kind: what is meant for next time does not say so twice.
 *
 * @example noteWords({ kind: 'next time', words: 'next time raise the dart by 1' }) // 'raise the dart by 1'
 */
export function noteWords({ kind, words }: Pick<ConstructionNote, 'kind' | 'words'>): string {
  return kind === 'next time' ? words.replace(/^(for )?next time[,:]?\s+/i, '') : words;
}
