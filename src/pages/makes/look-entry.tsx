import type { LengthUnit } from '../../core/units/length';
import type { ZoneId } from '../../core/body/zones';
import { FitEntry } from '../../parts/fit-entry';
import type { Drawn } from '../../parts/garment-figure';
import { NumberField } from '../../ui/number-field';
import { Segmented } from '../../ui/segmented';
import type { Make } from '../../core/records';
import { useCaseTables } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import type { Look } from '../../core/make/log-draft';

/** How did it fit? When it was looked at, and a line for each zone that matters. */
export function LookEntry({
  make,
  look,
  zones,
  drawn,
  unit,
  onChange,
}: {
  /** The garment that is looked at. */
  make: Make;
  look: Look;
  zones: readonly ZoneId[];
  drawn: Drawn;
  unit: LengthUnit;
  onChange: (look: Look) => void;
}) {
  const { seen, said } = look;
  // What the place itself says while it is typed changes nothing in what is worth asking.
  const asks = useEngine('asks', useCaseTables(), [make, seen], { tolerant: true }).answer;
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <Segmented
          label="When was it looked at"
          value={seen.at}
          choices={[
            { value: 'tryOn', label: 'tried on' },
            { value: 'firstDay', label: 'first day' },
            { value: 'worn', label: 'after wears' },
          ]}
          onChange={(at) => onChange({ ...look, seen: at === 'worn' ? { at, wears: 3 } : { at } })}
        />
        {seen.at === 'worn' && (
          <NumberField
            label="wears"
            labelHidden
            whole
            least={1}
            most={5000}
            number={seen.wears}
            onNumber={(wears) => wears && onChange({ ...look, seen: { at: 'worn', wears } })}
            className="[&_input]:w-16"
          />
        )}
        {seen.at === 'worn' && <span className="text-ink2">wears</span>}
      </div>
      <FitEntry zones={zones} said={said} asks={asks} drawn={drawn} unit={unit} onChange={(next) => onChange({ ...look, said: [...next] })} />
    </div>
  );
}
