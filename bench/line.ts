import { demoLedger } from '../demo/ledger';
import { lineContextOf } from '../src/core/shorthand/line-context';
import { readLine } from '../src/core/shorthand/read-line';
import type { LineContext } from '../src/core/shorthand/sentence';

/** 200 characters of what is said of one make. */
const SENTENCE =
  'Made the Tidewater shirt again in size C with a D at the hips, lengthened the bodice by an inch and a half, blue stripe poplin 1.9m, armhole a bit tight, sleeves 2 cm too long, took me six hours, love it';
const ROUNDS = 60;

const pick = (words: readonly string[], n: number) => words[n % words.length] ?? '';

/** The demo with many more names: 400 patterns and 1,000 fabrics. */
function largeContext(): LineContext {
  const ledger = demoLedger();
  const patterns = Array.from({ length: 400 }, (_, i) => {
    const of = ledger.patterns[i % ledger.patterns.length]!;
    return i < ledger.patterns.length
      ? of
      : {
          ...of,
          id: `p${i}`,
          name: `${pick(['Marram', 'Petrel', 'Wrack', 'Shoal'], i)} ${pick(['tee', 'dress', 'coat', 'shirt', 'skirt'], i)} ${i}`,
        };
  });
  const fabrics = Array.from({ length: 1000 }, (_, i) => {
    const of = ledger.fabrics[i % ledger.fabrics.length]!;
    return i < ledger.fabrics.length
      ? of
      : {
          ...of,
          id: `f${i}`,
          name: `${pick(['blue', 'green', 'rust', 'plum', 'grey'], i)} ${pick(['stripe', 'check', 'dotted'], i)} ${pick(['poplin', 'lawn', 'twill', 'jersey'], i)} ${i}`,
        };
  });
  return lineContextOf({ ...ledger, patterns, fabrics }, { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
}

function median(context: LineContext): number {
  const times = Array.from({ length: ROUNDS }, (_, i) => {
    const text = `${SENTENCE}${i % 2 === 0 ? '' : '.'}`;
    const begun = performance.now();
    readLine(text, context);
    return performance.now() - begun;
  });
  return times.sort((a, b) => a - b)[ROUNDS / 2] ?? NaN;
}

/** How long a sentence takes to be read, ms: among many names, and how many times as long as among the demo's. */
export function benchLine(): { readonly ms: number; readonly times: number } {
  const small = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-25' });
  median(small);
  const few = median(small);
  const ms = median(largeContext());
  return { ms, times: ms / few };
}
