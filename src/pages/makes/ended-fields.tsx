import { STATES } from '../../core/make/states';
import { Make } from '../../core/records';
import { RecordField } from '../../parts/record-field';

/** Since when a make is in such a state, at which stage it was given up, and why. */
export function EndedFields({ make, onChange }: { make: Make; onChange: (part: Partial<Make>) => void }) {
  const of = Make.shape;
  if (!STATES[make.state].ended) return null;
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
