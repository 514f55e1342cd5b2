import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { Away, Make, type Fabric } from '../../core/records';
import { counted } from '../../core/units/counted';
import { formatLength } from '../../core/units/length';
import { newId } from '../../data/new-id';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { RecordRows } from '../../parts/record-rows';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { LengthField } from '../../ui/length-field';
import { ENDED_STATES, STATES } from '../../core/make/states';
import { EndedFields } from './ended-fields';

/** What is left of a garment goes back to the stash as a piece. */
function FabricBack({ make, name, fabrics }: { make: Make; name: string; fabrics: readonly Fabric[] }) {
  const unit = useUnit();
  const used = fabrics.filter((c) => make.fabrics.some((u) => u.fabricId === c.id));
  const [fabricId, setFabricId] = useState(used[0]?.id);
  const [length, setLength] = useState<number>();
  const fabric = used.find((c) => c.id === fabricId);
  const [width, setWidth] = useState<number | undefined>(fabric?.width);
  if (!fabric) return null;
  const put = async () => {
    if (length === undefined || width === undefined) return;
    const piece = { length, width, note: `from ${name}` };
    const label = `back to the stash: ${formatLength(length, unit)} of ${fabric.name}`;
    if (await save(label, [{ table: 'fabrics', id: fabric.id, edit: (now) => ({ ...now, pieces: [...now.pieces, piece] }) }])) setLength(undefined);
  };
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2">
      <SelectField
        label="Fabric that comes back"
        value={fabricId}
        onChange={(e) => {
          setFabricId(e.target.value);
          setWidth(used.find((c) => c.id === e.target.value)?.width);
        }}
        className="w-48"
      >
        {used.map((c) => (
          <option key={c.id} value={c.id}>
            {c.name}
          </option>
        ))}
      </SelectField>
      <LengthField label="Length" cm={length} unit={unit} onCm={setLength} className="w-24" />
      <LengthField label="Width" cm={width} unit={unit} onCm={setWidth} className="w-24" />
      <Button disabled={length === undefined || width === undefined} onClick={() => void put()}>
        Put it in the stash
      </Button>
    </div>
  );
}

/** What becomes of a garment: times when it cannot be worn, the seasons it is for, and how it leaves the wardrobe. */
export function ItsLife({
  make,
  name,
  fabrics,
  onMake,
}: {
  make: Make;
  name: string;
  fabrics: readonly Fabric[];
  onMake: (label: string, make: Make) => Promise<boolean>;
}) {
  const away = make.away ?? [];
  const now = away.find((a) => a.from <= today() && (a.until === undefined || a.until > today()));
  const change = (part: Partial<Make>, label: string) => void onMake(label, { ...make, ...part });
  return (
    <div className="mt-6">
      <Fold
        head="Away for a time"
        said={
          now
            ? `${now.why} since ${format(parseISO(now.from), 'd MMMM yyyy')}`
            : away.length > 0
              ? counted(away.length, 'time')
              : 'mending, storage, lent: does not count'
        }
      >
        <RecordRows
          of={Away.shape}
          names={['why', 'from', 'until']}
          rows={away}
          blank={(): Away => ({ id: newId(), why: 'in the mending', from: today() })}
          add="a time away"
          widths={{ why: 'w-36', from: 'w-36', until: 'w-36' }}
          onRows={(rows) => change({ away: rows.length > 0 ? rows : undefined }, `${name}: away for a time`)}
        />
        <div className="mt-2">
          <RecordField
            of={Make.shape}
            name="seasons"
            value={make.seasons}
            onValue={(seasons) => change({ seasons: seasons && seasons.length > 0 ? seasons : undefined }, `${name}: its seasons`)}
          />
        </div>
      </Fold>
      <Fold
        head="Its time is over"
        said={STATES[make.state].ended ? [make.state, make.why].filter(Boolean).join(': ') : 'resting, outgrown, given, abandoned …'}
      >
        <div role="group" aria-label="What became of it" className="mb-2 flex flex-wrap gap-1">
          {ENDED_STATES.map((state) => (
            <Button
              key={state}
              aria-pressed={make.state === state}
              className={make.state === state ? 'bg-tint font-semibold' : ''}
              onClick={() =>
                make.state === state
                  ? change({ state: 'finished', stateSince: undefined, stage: undefined, why: undefined }, `${name}: in rotation again`)
                  : change({ state, stateSince: today() }, `${name}: ${state}`)
              }
            >
              {state}
            </Button>
          ))}
        </div>
        <EndedFields make={make} onChange={(part) => change(part, `${name}: ${make.state}`)} />
        {STATES[make.state].ended && <FabricBack make={make} name={name} fabrics={fabrics} />}
      </Fold>
    </div>
  );
}
