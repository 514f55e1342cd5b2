import { z } from 'zod';
import { whatIsWorn } from '../src/core/wardrobe/what-is-worn';
import { wornWords } from '../src/core/wardrobe/worn-words';
import { wardrobe } from '../src/core/wear/wardrobe';
import type { Ledger, Person } from '../src/core/records';
import type { IsoDate } from '../src/core/units/date';

/** The shape of what `wardrobe --json` prints; docs/command-line.md is written from it. */
export const WardrobeAnswer = z.object({
  person: z.string(),
  garments: z.int(),
  more: z.int().describe('how many more garments it takes before anything can be said'),
  findings: z.array(
    z.object({
      of: z.enum(['worn', 'loved']),
      features: z.array(z.string()).min(1),
      lacking: z.array(z.string()).describe('of these whose lack it is that came together with the first'),
      effect: z.object({ middle: z.number(), low: z.number(), high: z.number() }).describe('times as often, or of five; eight times in ten'),
      inclusion: z.number().min(0).max(1),
      clear: z.boolean(),
      with: z.array(z.string()),
      without: z.array(z.string()),
      words: z.string(),
    }),
  ),
});
export type WardrobeAnswer = z.infer<typeof WardrobeAnswer>;

/** What a person's wardrobe says of wear and love. */
export function wardrobeAnswer(ledger: Ledger, person: Person, today: IsoDate): WardrobeAnswer {
  const { patterns, fabrics, bodies, wears } = ledger;
  const makes = ledger.makes.filter((m) => m.personId === person.id);
  const told = whatIsWorn(wardrobe(makes, wears, patterns, fabrics, 'north', today), { patterns, fabrics, bodies, makes });
  return {
    person: person.name,
    garments: told.looked.length,
    more: told.more,
    findings: told.findings.map((f) => ({
      of: f.of,
      features: f.features.map((x) => x.words),
      lacking: f.lacking.map((x) => x.words),
      effect: { middle: f.middle, low: f.low, high: f.high },
      inclusion: f.chance,
      clear: f.clear,
      with: [...f.withIt],
      without: [...f.without],
      words: wornWords(f),
    })),
  };
}

/** The same in words. */
export function wardrobeWords({ person, garments, more, findings }: WardrobeAnswer): string {
  if (more > 0) return `${person}: ${garments} garments hung a month or longer; ${more} more, and it can be said what the most worn share.`;
  return [`${person}: ${garments} garments.`, ...(findings.length === 0 ? ['Nothing stands out.'] : findings.map((f) => `${f.words}.`))].join('\n');
}
