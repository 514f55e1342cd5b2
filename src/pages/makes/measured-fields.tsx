import { useState } from 'react';
import type { LengthUnit } from '../../core/units/length';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import type { Make } from '../../core/records';
import { ZonePills } from '../../parts/zone-pills';
import { ChoiceField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';

type Measured = Make['measured'][number];

/** What was measured instead of read from a chart: a piece laid flat, or the sewn garment. It goes before the chart at its place. */
export function MeasuredFields({
  measured,
  unit,
  onMeasured,
}: {
  measured: readonly Measured[];
  unit: LengthUnit;
  onMeasured: (measured: Measured[]) => void;
}) {
  // A place is kept once it has a length: until then nothing is known of it.
  const [open, setOpen] = useState<readonly ZoneId[]>([]);
  const zones = [...measured.map((m) => m.zone), ...open.filter((z) => !measured.some((m) => m.zone === z))];
  const set = (zone: ZoneId, part: Partial<Measured>) => onMeasured(measured.map((m) => (m.zone === zone ? { ...m, ...part } : m)));
  const setLength = (zone: ZoneId, cm: number | undefined) => {
    if (cm === undefined || cm <= 0) return;
    if (measured.some((m) => m.zone === zone)) return set(zone, { cm });
    onMeasured([...measured, { zone, cm, of: 'garment' }]);
  };
  return (
    <div className="flex flex-col gap-2">
      <ZonePills
        label="Measured"
        zones={zones}
        onZones={(named) => {
          setOpen(named.filter((z) => !measured.some((m) => m.zone === z)));
          if (measured.some((m) => !named.includes(m.zone))) onMeasured(measured.filter((m) => named.includes(m.zone)));
        }}
      />
      {zones.map((zone) => {
        const is = measured.find((m) => m.zone === zone);
        const { label, kind } = zoneOf(zone);
        return (
          <div key={zone} className="flex flex-wrap items-end gap-2">
            <LengthField
              label={`${kind === 'girth' ? 'All round' : 'Along'} the ${label}`}
              unit={unit}
              cm={is?.cm}
              onCm={(cm) => setLength(zone, cm)}
              className="w-44"
            />
            {is && (
              <ChoiceField
                label={`${label}, measured on`}
                value={is.of}
                all={['garment', 'piece']}
                words={(of) => (of === 'garment' ? 'the sewn garment' : 'the pieces laid flat')}
                onValue={(of) => set(zone, { of })}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}
