import { useMemo } from 'react';
import { sizeLineWords } from '../core/alteration/words';
import type { ZoneId } from '../core/body/zones';
import { sizesAsCut } from '../core/garment/ladder';
import { sizeFromText } from '../core/garment/size-from-text';
import type { Make, Pattern } from '../core/records';
import { useMakes } from '../data/queries';
import { WordsField } from '../ui/field';
import { SizeStrip } from './size-strip';

/** The size cut: on a strip of the pattern's sizes; where no chart names them it is typed, and the strip shows those of its family. */
export function SizeCut({
  cut,
  pattern,
  zones,
  onChange,
}: {
  cut: Pick<Make, 'size' | 'sizeLines' | 'chartId'>;
  pattern: Pattern;
  zones: readonly ZoneId[];
  onChange: (part: { size?: Make['size']; sizeLines?: Make['sizeLines'] }) => void;
}) {
  const makes = useMakes();
  const chart = useMemo(() => {
    const others = makes.filter((m) => m.sources[0]?.patternId === pattern.id);
    return sizesAsCut(pattern, [...others, cut], cut);
  }, [pattern, makes, cut]);
  return (
    <>
      {pattern.charts.length === 0 && (
        <WordsField
          label="Size cut"
          placeholder="M, 40, 104 …"
          words={cut.size ? sizeLineWords(cut.size) : ''}
          check={(words) => (words === '' || sizeFromText(words, []) ? undefined : 'Type a size such as M, 40 or between 12 and 14.')}
          onWords={(words) => onChange({ size: sizeFromText(words, chart?.sizes ?? []) })}
          className="w-40"
        />
      )}
      {chart && <SizeStrip chart={chart} size={cut.size} lines={cut.sizeLines} zones={zones} onChange={onChange} />}
    </>
  );
}
