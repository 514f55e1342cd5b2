import type { Doubt } from '../core/body/how-to-measure';
import { formatLength, type LengthUnit } from '../core/units/length';
import { BODY_MEASURES } from '../core/body/zones';

const DOUBT_WORDS: Record<Doubt['why'], (doubt: Doubt, say: (cm: number) => string) => string> = {
  inches: ({ instead }, say) => `Inches, perhaps? That would be ${say(instead!)}.`,
  centimetres: ({ instead }, say) => `In the other unit, perhaps? That would be ${say(instead!)}.`,
  unusual: () => 'Unusual for this measure. If the tape says so, it stands.',
  changed: ({ before, cm }, say) => `${say(Math.abs(cm - before!))} ${cm > before! ? 'more' : 'less'} than before. If the tape says so, it stands.`,
  order: ({ other }) => `More than the ${BODY_MEASURES[other!]}: two fields swapped, perhaps?`,
};

/** A question about a measure, in words. */
export const doubtWords = (doubt: Doubt, say: (cm: number) => string): string => DOUBT_WORDS[doubt.why](doubt, say);

/** A question about a measure. It asks; the number stands as it was typed. */
export function DoubtLine({ doubt, unit, onInstead }: { doubt: Doubt; unit: LengthUnit; onInstead: (cm: number) => void }) {
  const { instead } = doubt;
  const say = (cm: number) => formatLength(cm, unit, { about: true });
  return (
    <span role="status" className="block max-w-40 text-small leading-4 text-ink2 italic">
      {doubtWords(doubt, say)}{' '}
      {instead !== undefined && (
        <button type="button" className="min-h-6 underline" onClick={() => onInstead(instead)}>
          Take {say(instead)}
        </button>
      )}
    </span>
  );
}
