import type { OtherAct } from '../core/shorthand/acts/read-other';
import { useFabricUnit, usePatterns, useUnit } from '../data/queries';
import { actWords, dayWords } from './act-words';
import { useLineContext } from './use-line-context';
import { Button } from '../ui/button';
import { KeyCap } from '../ui/key-cap';

/**
 * What a line tells that is no make, as it will be written, and the ways to write it.
 *
 * @param onMake in the field on the strip, where keys write it too: says that it is a make after all
 */
export function OtherLine({ act, onWrite, onMake }: { act: OtherAct; onWrite: (date?: string) => void; onMake?: () => void }) {
  const { head, about, unsaid, way } = actWords(act, usePatterns(), useLineContext(), useUnit(), useFabricUnit());
  const asked = 'dates' in act && !('each' in act) ? act.dates : undefined;
  const days = act.is === 'worn' && act.makes.length === 0 ? [] : asked?.length === 1 ? undefined : asked;
  return (
    <>
      <p className="mb-1">
        <b className="font-serif text-name font-medium">{head}</b> <span className="text-ink2">{about.filter(Boolean).join(' · ')}</span>
      </p>
      {unsaid !== false && <p className="text-small text-ink2">{unsaid}</p>}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        {days?.map((date) => (
          <Button key={date} onClick={() => onWrite(date)}>
            {way}: {dayWords(date)}
          </Button>
        )) ?? (
          <Button onClick={() => onWrite()}>
            {way} {onMake && <KeyCap>Ctrl Enter</KeyCap>}
          </Button>
        )}
        {onMake && (
          <Button quiet onClick={onMake}>
            {act.is === 'finished' || act.is === 'cut' || act.is === 'sewing' || act.is === 'worked' ? 'It is another make' : 'It is a make'}
          </Button>
        )}
      </div>
    </>
  );
}
