import { zoneOf } from '../core/body/zones';
import { Opening, type View } from '../core/records';
import { RecordField } from './record-field';
import { ZonePills } from './zone-pills';

type Openings = View['openings'];

/** How the openings of a garment close, in a few words. */
export const openingsSaid = (openings: readonly Openings[number][]) => openings.map((o) => `${zoneOf(o.zone).label} ${o.closes}`).join(', ');

/** Openings of a view or of one garment: where they are, and how each closes. */
export function OpeningFields({ openings, onOpenings }: { openings: readonly Openings[number][]; onOpenings: (openings: Openings) => void }) {
  return (
    <>
      <ZonePills
        label="Openings"
        zones={openings.map((o) => o.zone)}
        onZones={(zones) => onOpenings(zones.map((zone) => openings.find((o) => o.zone === zone) ?? { zone, closes: 'fixed' }))}
      />
      <div className="mt-2 flex flex-wrap gap-3">
        {openings.map((opening) => (
          <RecordField
            key={opening.zone}
            of={Opening.shape}
            name="closes"
            label={`How the ${zoneOf(opening.zone).label} closes`}
            value={opening.closes}
            onValue={(closes) => onOpenings(openings.map((o) => (o === opening ? { ...o, closes } : o)))}
          />
        ))}
      </div>
    </>
  );
}
