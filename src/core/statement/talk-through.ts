import { alterationWords, sizeLineWords } from '../alteration/words';
import { zoneOf } from '../body/zones';
import { makeName } from '../make/make-name';
import { noteWords } from '../make/note-words';
import { brought } from '../make/part-words';
import { verdictWhen } from '../decide/verdict-weight';
import type { Fabric, Make, Pattern } from '../records';
import { withId } from '../units/by-id';
import type { LengthUnit } from '../units/length';

/** What is said of a garment when it is shown, a line each, with what the line is about. */
export interface ToldLine {
  readonly what: string;
  readonly words: string;
}

/** A fabric as it is told: what it is, which pieces are of it, and where it came from. */
export function fabricTold(use: Make['fabrics'][number], fabrics: readonly Fabric[]): string {
  const fabric = withId(fabrics, use.fabricId);
  const part = use.part === 'main' ? '' : `${use.part}: `;
  const pieces = use.pieces ? ` (${use.pieces})` : '';
  const from = fabric?.source ? `, from ${fabric.source}` : '';
  return `${part}${fabric?.name ?? 'a fabric that is gone'}${pieces}${from}`;
}

/** The pattern of a garment with its designer, and what else it was joined from; of one without, what it was made from. */
function patternTold(make: Make, patterns: readonly Pattern[], makes: readonly Make[]): string {
  const called = (id: string) => {
    const pattern = withId(patterns, id);
    return pattern ? `${pattern.name}${pattern.designer ? ` by ${pattern.designer}` : ''}` : undefined;
  };
  const [main, ...others] = make.sources;
  const from = make.refashionOf === undefined ? undefined : withId(makes, make.refashionOf);
  return [
    ...(main ? [called(main.patternId) ?? 'a pattern that is gone'] : []),
    ...others.flatMap((s) => {
      const name = called(s.patternId);
      return name === undefined ? [] : [`${brought(s)} of ${name}`];
    }),
    ...(make.own ? [`${make.own}, from own sums`] : []),
    ...(make.bought ? [`made over from ${make.bought.what}`] : []),
    ...(from ? [`made over from ${makeName(from, patterns)}`] : []),
  ].join('; ');
}

/**
 * A garment in an order in which one can talk along: the pattern and who drew it, the size, what was changed, the fabric and its shop, the
 * verdict, and what is meant for next time. What nobody noted is left out.
 *
 * @param makes among which what it was made over from is looked up
 */
export function talkThrough(
  make: Make,
  { patterns, fabrics, makes }: { patterns: readonly Pattern[]; fabrics: readonly Fabric[]; makes: readonly Make[] },
  unit: LengthUnit,
): ToldLine[] {
  const verdict = make.verdicts.at(-1);
  const lines: ToldLine[] = [
    { what: 'Pattern', words: patternTold(make, patterns, makes) },
    {
      what: 'Size',
      words: [make.size && sizeLineWords(make.size), ...make.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)]
        .filter(Boolean)
        .join(', '),
    },
    { what: 'Changed', words: make.alterations.map((a) => alterationWords(a, unit)).join('; ') },
    { what: 'Fabric', words: make.fabrics.map((use) => fabricTold(use, fabrics)).join('; ') },
    { what: 'Verdict', words: verdict ? `${verdict.love} of 5, ${verdictWhen(verdict)}${verdict.words ? `: ${verdict.words}` : ''}` : '' },
    {
      what: 'Next time',
      words: make.notes
        .filter((n) => n.kind === 'next time')
        .map(noteWords)
        .join('; '),
    },
  ];
  return lines.filter(({ words }) => words !== '');
}
