/** An opening of a garment and what has to pass it. Girths in cm. */
export interface Passage {
  /** Girth of the opening as sewn. */
  readonly opening: number;
  /** Length of a slit, zip or placket that opens it: adds twice its length. */
  readonly slit?: number;
  /** What the fabric or the elastic gives at the opening, %. */
  readonly stretch?: number;
  /** What must pass, by name. */
  readonly over: Readonly<Record<string, number>>;
}

export interface PutOn {
  /** Girth when pulled open as far as it goes. */
  readonly widest: number;
  /** The largest of what must pass. */
  readonly tightest: string;
  /** cm to spare; minus where it cannot be put on. */
  readonly spare: number;
  readonly passes: boolean;
}

/** A garment needs so much more than it touches, to be drawn over without a seam giving way, cm. Source: fitting practice. */
const TO_SPARE = 2;

/**
 * Can it be put on: an opening against the head, shoulders or hips that must pass it (engine.md, section 11).
 *
 * @returns undefined where nothing has to pass
 * @example canBePutOn({ opening: 54, over: { head: 57 } }) // 5 short of the head and 2 to spare
 */
export function canBePutOn({ opening, slit = 0, stretch = 0, over }: Passage): PutOn | undefined {
  const [tightest, girth] = Object.entries(over).reduce(([a, x], [b, y]) => (y > x ? [b, y] : [a, x]), ['', 0]);
  if (girth === 0) return undefined;
  const widest = opening * (1 + stretch / 100) + 2 * slit;
  const spare = widest - girth - TO_SPARE;
  return { widest, tightest, spare, passes: spare >= -1e-9 };
}
