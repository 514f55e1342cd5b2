/** What the sewist should know before a line is entered. */
export type LineRemark =
  | { readonly is: 'another version'; readonly said: number; readonly entered: number }
  /** Cut as a version that is not in the ledger: as the one that else counts. */
  | { readonly is: 'no such version'; readonly said: number }
  /** It was made over from something that the ledger does not know. */
  | { readonly is: 'made over from unknown' }
  | { readonly is: 'never worn' }
  /** It is said how much it took, and not of which fabric. */
  | { readonly is: 'fabric not named' }
  /** It may have been made at any time. */
  | { readonly is: 'no day' }
  /** A verdict without how much it is liked. */
  | { readonly is: 'liking not said' };

/**
 * A remark in words.
 *
 * @example remarkWords({ is: 'never worn' }) // 'Never worn: that no wear is entered says so.'
 */
export function remarkWords(remark: LineRemark): string {
  switch (remark.is) {
    case 'another version':
      return `The line says version ${remark.said}; by the ledger this is version ${remark.entered}, and so it is entered.`;
    case 'no such version':
      return `Version ${remark.said}, as which it was cut, is not in the ledger: what the line does not say is not from that.`;
    case 'made over from unknown':
      return 'What it was made over from is not in the ledger: it is kept in words.';
    case 'never worn':
      return 'Never worn: that no wear is entered says so.';
    case 'fabric not named':
      return 'Of which fabric is not said: name it, and what it took counts. Until then that is kept as words.';
    case 'no day':
      return 'No day is said, so it stands in no year: “in May” or “last year” is enough.';
    case 'liking not said':
      return 'How much you like it is not said: what you say of it is kept as words until you do.';
  }
}
