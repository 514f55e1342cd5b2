/**
 * Words that name the keys for undo and redo, as they are said where there may be none: on a phone the arrows beside the line stand for them.
 *
 * @example byHand('Ctrl Z takes it back.') // on a desk as it is; on a phone '↩ takes it back.'
 */
export const byHand = (words: string): string =>
  window.matchMedia('(pointer: coarse)').matches ? words.replaceAll('Ctrl Shift Z', '↪').replaceAll('Ctrl Z', '↩') : words;
