import { useHotkeys } from 'react-hotkeys-hook';
import { Verdict, VERDICT_PARTS, VerdictParts } from '../../core/records';
import type { VerdictSaid } from '../../core/make/log-draft';
import { RecordField } from '../../parts/record-field';
import { Button } from '../../ui/button';
import { LoveButtons } from './love-buttons';

/** Do you like it? One figure from 1 to 5, reasons for not reaching for it, words. Keys 1 to 5 work in this part. */
export function VerdictEntry({ said, onChange }: { said: VerdictSaid; onChange: (said: VerdictSaid) => void }) {
  const keys = useHotkeys<HTMLDivElement>('1,2,3,4,5', (event, { keys: pressed }) => {
    event.stopPropagation();
    onChange({ ...said, love: Number(pressed?.join('')) });
  });
  const reasons = said.reasons ?? [];
  return (
    <div ref={keys} tabIndex={-1} className="flex flex-col gap-2 outline-none">
      <LoveButtons love={said.love} onLove={(love) => onChange({ ...said, love })} />
      {said.love !== undefined && said.love < 5 && (
        <RecordField of={Verdict.shape} name="reasons" value={reasons} onValue={(next) => onChange({ ...said, reasons: next })} />
      )}
      {said.love !== undefined && (
        <div className="flex flex-wrap items-end gap-3">
          <RecordField of={Verdict.shape} name="sewAgain" value={said.sewAgain} onValue={(sewAgain) => onChange({ ...said, sewAgain })} />
          {said.sewAgain === 'later' && (
            <RecordField of={Verdict.shape} name="later" value={said.later} onValue={(later) => onChange({ ...said, later })} />
          )}
          {said.parts ? (
            VERDICT_PARTS.map((part) => (
              <RecordField
                key={part}
                of={VerdictParts.shape}
                name={part}
                value={said.parts?.[part]}
                onValue={(value) => onChange({ ...said, parts: { ...said.parts, [part]: value } })}
                className="w-16"
              />
            ))
          ) : (
            <Button quiet onClick={() => onChange({ ...said, parts: {} })}>
              its parts, 1 to 5 …
            </Button>
          )}
        </div>
      )}
      <RecordField of={Verdict.shape} name="words" value={said.words} onValue={(words) => onChange({ ...said, words })} />
    </div>
  );
}
