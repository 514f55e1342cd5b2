/** What the text of a ledger may hold: several times what a lifetime of sewing comes to, and little enough to be read in a browser. */
const MOST = { values: 4_000_000, depth: 60, blanks: 10_000 } as const;

const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c];
const [OPEN_BRACE, CLOSE_BRACE, OPEN_BRACKET, CLOSE_BRACKET] = [0x7b, 0x7d, 0x5b, 0x5d];
const BLANK = 0x20;

/**
 * Looks over the text of a ledger while it arrives, before anything is made of it: a small archive can unpack to lists of nothing that fill
 * a machine. It judges by the signs of JSON alone; whether the text is in order is for the reader to say.
 *
 * @example
 * const scan = new TextScan();
 * scan.take(bytes) // undefined while nothing is against it, else a sentence
 */
export class TextScan {
  #inText = false;
  /** An odd number of backslashes stands before the next sign. */
  #escaped = false;
  #depth = 0;
  #values = 0;
  #blanks = 0;
  #begun = false;

  /** @param bytes the next of the text, in UTF-8 */
  take(bytes: Uint8Array): string | undefined {
    for (let i = 0; i < bytes.length; i++) {
      if (this.#inText) {
        i = this.#endOfText(bytes, i);
        continue;
      }
      const sign = bytes[i] ?? 0;
      if (sign <= BLANK) {
        if (++this.#blanks > MOST.blanks) return 'It is blank over long stretches: this is no ledger of Amber Ledger.';
        continue;
      }
      this.#blanks = 0;
      if (!this.#begun && sign !== OPEN_BRACE && sign < 0x80) return 'This file was not written by Amber Ledger: it does not begin as a ledger does.';
      this.#begun = true;
      if (sign === QUOTE) this.#inText = true;
      else if (sign === COMMA) this.#values += 1;
      else if (sign === OPEN_BRACE || sign === OPEN_BRACKET) {
        this.#values += 1;
        if (++this.#depth > MOST.depth) return 'It is nested deeper than any ledger: this is no ledger of Amber Ledger.';
      } else if (sign === CLOSE_BRACE || sign === CLOSE_BRACKET) this.#depth -= 1;
      if (this.#values > MOST.values) return `It holds more than ${MOST.values / 1e6} million values: this is no ledger of Amber Ledger.`;
    }
    return undefined;
  }

  /** Goes on to the quote that ends a text, or to the end of what is there: the bytes of pictures are long texts. */
  #endOfText(bytes: Uint8Array, from: number): number {
    let i = from;
    if (this.#escaped) {
      this.#escaped = false;
      i += 1;
    }
    for (;;) {
      const quote = bytes.indexOf(QUOTE, i);
      const end = quote < 0 ? bytes.length : quote;
      let slashes = 0;
      while (end - 1 - slashes >= i && bytes[end - 1 - slashes] === BACKSLASH) slashes += 1;
      if (quote < 0) {
        this.#escaped = slashes % 2 === 1;
        return bytes.length;
      }
      if (slashes % 2 === 0) {
        this.#inText = false;
        return quote;
      }
      i = quote + 1;
    }
  }
}
