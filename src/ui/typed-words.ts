/** Folds case and accents so that “Jürgen” is found by “jurgen”. */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/** Whether a text has every word of what is typed, in any order; nothing typed finds everything. */
export function findsWords(typed: string): (text: string) => boolean {
  const words = folded(typed).split(/\s+/).filter(Boolean);
  return (text) => {
    const low = folded(text);
    return words.every((w) => low.includes(w));
  };
}
