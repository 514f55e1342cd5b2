import clsx from 'clsx';
import { useMemo } from 'react';
import { garmentFlat, SHEET, type FlatSide } from '../core/drawing/flat';
import { flatSvg } from '../core/drawing/flat-svg';
import { zoneSpots } from '../core/drawing/zone-spots';
import { outcomeWords } from '../core/fit/words';
import type { LengthUnit } from '../core/measure/length';
import { zoneOf, type ZoneId } from '../core/measure/zones';
import type { FlatDetails, GarmentKind, Swatch } from '../core/records';
import type { ZoneSaid } from './fit-entry';
import { FitMarkShape } from './fit-mark';

/** What a figure draws: a kind of garment with the details of its view, in its cloth. */
export interface Drawn {
  readonly kind: GarmentKind;
  readonly flat: FlatDetails | undefined;
  readonly swatch: Swatch | undefined;
}

/** Spots drawn within the box that they are placed in by percentages. */
function Side({
  side,
  drawn,
  zones,
  said,
  unit,
  onZone,
}: {
  side: FlatSide;
  drawn: Drawn;
  zones: readonly ZoneId[];
  said: readonly ZoneSaid[];
  unit: LengthUnit;
  onZone: (zone: ZoneId) => void;
}) {
  const { kind, flat, swatch } = drawn;
  const url = useMemo(() => `data:image/svg+xml,${encodeURIComponent(flatSvg(kind, flat, side, swatch))}`, [kind, flat, side, swatch]);
  const height = Math.min(SHEET.height, garmentFlat(kind, flat, side).bottom + 8);
  return (
    <span className="relative block rounded-md bg-plate">
      <img src={url} alt={`The garment, ${side}`} draggable={false} className="block w-full" />
      {zoneSpots(kind, flat)
        .filter((s) => s.side === side && zones.includes(s.zone))
        .map(({ zone, x, y }) => {
          const is = said.find((s) => s.zone === zone);
          const words = `${zoneOf(zone).label}: ${is ? outcomeWords(is, unit) : 'not judged'}`;
          return (
            <button
              key={zone}
              type="button"
              tabIndex={-1}
              title={words}
              aria-label={`${words}. Go to it`}
              onClick={() => onZone(zone)}
              className={clsx(
                'absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border bg-page/90 hover:bg-tint max-sm:size-9',
                is ? 'border-ink' : 'border-dashed border-ink3',
              )}
              style={{ left: `${(x / SHEET.width) * 100}%`, top: `${(y / height) * 100}%` }}
            >
              <svg viewBox="-10 -10 20 20" aria-hidden className="block">
                {is ? <FitMarkShape kind={zoneOf(zone).kind} outcome={is.outcome} /> : <circle r={2} fill="var(--c-ink2)" />}
              </svg>
            </button>
          );
        })}
    </span>
  );
}

/**
 * The garment laid flat, front and back, with the zones that matter on it. A spot shows what was said of its zone and goes to its
 * line, where keys say more; so the figure needs no place of its own in the order of the Tab key.
 */
export function GarmentFigure(props: {
  drawn: Drawn;
  zones: readonly ZoneId[];
  said: readonly ZoneSaid[];
  unit: LengthUnit;
  onZone: (zone: ZoneId) => void;
}) {
  return (
    <div role="group" aria-label="The garment, front and back" className="mb-2 grid max-w-[340px] grid-cols-2 gap-2">
      <Side side="front" {...props} />
      <Side side="back" {...props} />
    </div>
  );
}
