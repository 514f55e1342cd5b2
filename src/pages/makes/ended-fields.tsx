import { Make } from '../../core/records';
import { RecordField } from '../../parts/record-field';

/** States in which a garment is worn no more, or was never finished: each wants to be explained once. */
export const ENDED = ['resting', 'outgrown', 'given', 'sold', 'unpicked', 'worn out', 'abandoned'] as const satisfies readonly Make['state'][];

export function isEnded(state: Make['state']): boolean {
  return (ENDED as readonly Make['state'][]).includes(state);
}

/** Since when a make is in such a state, at which stage it was given up, and why. */
export function EndedFields({ make, onChange }: { make: Make; onChange: (part: Partial<Make>) => void }) {
  const of = Make.shape;
  if (!isEnded(make.state)) return null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <RecordField of={of} name="stateSince" value={make.stateSince} onValue={(stateSince) => onChange({ stateSince })} />
      {make.state === 'abandoned' && (
        <RecordField of={of} name="stage" value={make.stage} onValue={(stage) => onChange({ stage })} className="w-40" />
      )}
      <RecordField of={of} name="why" value={make.why} onValue={(why) => onChange({ why })} className="min-w-44 flex-1" />
    </div>
  );
}
