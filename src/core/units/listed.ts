/**
 * Several words in a list for reading.
 *
 * @example listed(['bust', 'waist', 'hip']) // 'bust, waist and hip'
 * @example listed([]) // ''
 */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
