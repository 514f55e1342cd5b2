import { z } from 'zod';
import type { Ledger } from '../src/core/records';
import { factsOf } from '../src/core/shorthand/facts';
import { lineContextOf } from '../src/core/shorthand/line-context';
import { readLine } from '../src/core/shorthand/read-line';
import type { LengthUnit } from '../src/core/units/length';

/** What was understood of one sentence. */
export const Reading = z.object({
  text: z.string(),
  facts: z.array(z.string()),
  doubts: z
    .array(
      z.object({
        text: z.string(),
        choices: z.array(z.array(z.string())).describe('the facts of each answer; none where it would be mere words'),
        readings: z.array(z.string()).describe('every fact that one of the answers would state'),
      }),
    )
    .describe('asked, and not stated'),
  words: z.array(z.string()).describe('kept as they are'),
});
export type Reading = z.infer<typeof Reading>;

/**
 * Reads sentences, one a line, against a ledger.
 *
 * @param on the day that "yesterday" is counted from
 */
export function readSentences(text: string, ledger: Ledger, on: string, unit: LengthUnit): Reading[] {
  const context = lineContextOf(ledger, { unit, currency: 'EUR', today: on });
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  return lines.map((line) => {
    const chips = readLine(line, context);
    return {
      text: line,
      facts: chips.flatMap((c) => c.says.flatMap((u) => factsOf(u, context))),
      doubts: chips
        .filter((c) => c.asks)
        .map((c) => {
          const choices = c.choices.map((choice) => choice.flatMap((u) => factsOf(u, context)));
          return { text: c.text, choices, readings: [...new Set(choices.flat())] };
        }),
      words: chips.flatMap((c) => c.says.flatMap((u) => (u.is === 'words' ? [u.words] : []))),
    };
  });
}

/** The same for reading. */
export function readingWords(readings: readonly Reading[]): string {
  return readings
    .map(({ text, facts, doubts, words }) =>
      [
        `> ${text}`,
        ...facts.map((fact) => `  ${fact}`),
        ...doubts.map((d) => `  asked: “${d.text}”: ${d.choices.map((r) => r.join(' and ') || 'just words').join(', or ')}`),
        ...(words.length > 0 ? [`  kept as words: ${words.map((w) => `“${w}”`).join(', ')}`] : []),
      ].join('\n'),
    )
    .join('\n\n');
}
