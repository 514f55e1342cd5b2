import { X } from 'lucide-react';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/body/zones';
import { Pick } from '../ui/pick';

/** Some zones, each with a way to leave it out, and a field that adds one. */
export function ZonePills({
  label,
  zones,
  offered = ZONE_IDS,
  single = false,
  onZones,
}: {
  label: string;
  zones: readonly ZoneId[];
  offered?: readonly ZoneId[];
  /** Only one can be named. */
  single?: boolean;
  onZones: (zones: ZoneId[]) => void;
}) {
  return (
    <span role="group" aria-label={label} className="flex flex-wrap items-center gap-1">
      <span className="text-small text-ink2">{label}</span>
      {zones.map((z) => (
        <button
          key={z}
          type="button"
          onClick={() => onZones(zones.filter((other) => other !== z))}
          className="flex min-h-6 items-center gap-0.5 rounded-md border border-rule2 px-1.5 text-small hover:bg-tint max-sm:min-h-11"
          aria-label={`Leave out ${zoneOf(z).label}`}
        >
          {zoneOf(z).label} <X size={11} aria-hidden />
        </button>
      ))}
      {!(single && zones.length > 0) && (
        <Pick
          label={`${label}: another place`}
          labelHidden
          placeholder={zones.length > 0 ? 'and …' : 'at …'}
          value={undefined}
          options={offered.filter((z) => !zones.includes(z)).map((z) => ({ id: z, label: zoneOf(z).label }))}
          onPick={(z) => onZones([...zones, z])}
          className="w-28"
        />
      )}
    </span>
  );
}
