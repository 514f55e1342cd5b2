import clsx from 'clsx';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { flatSvg, sheetOf } from '../core/drawing/flat-svg';
import { apart } from '../core/drawing/apart';
import { nextSpot, type Direction } from '../core/drawing/next-spot';
import type { FlatSide } from '../core/drawing/sheet';
import { zoneSpots, type ZoneSpot } from '../core/drawing/zone-spots';
import { zoneOf, type ZoneId } from '../core/body/zones';
import type { FlatDetails, GarmentKind, Outcome, Swatch } from '../core/records';
import { FitMarkShape } from './fit-mark';

/** What a figure draws: a kind of garment with the details of its view, in its fabric. */
export interface Drawn {
  readonly kind: GarmentKind;
  readonly flat: FlatDetails | undefined;
  readonly swatch: Swatch | undefined;
}

/** What a spot shows of its zone: no mark where nothing was said, two for a change from one to the other. */
export interface SpotSaid {
  readonly marks: readonly Outcome[];
  readonly words: string;
}

interface FigureProps {
  readonly drawn: Drawn;
  readonly zones: readonly ZoneId[];
  readonly said: (zone: ZoneId) => SpotSaid;
  readonly chosen?: ZoneId | undefined;
  readonly onZone: (zone: ZoneId) => void;
  /** Keys on a spot other than the arrows; says whether it took the key. */
  readonly onKey?: (event: KeyboardEvent, zone: ZoneId) => boolean;
  readonly className?: string;
}

/** How far apart spots lie, in units of the sheet: their size where the figure is as wide as it is on a desk. */
const SPOT = 19;

const ARROWS: Partial<Record<string, Direction>> = { ArrowLeft: 'left', ArrowRight: 'right', ArrowUp: 'up', ArrowDown: 'down' };

/** Spots drawn within the box that they are placed in by percentages. */
function Side({
  side,
  spots,
  stop,
  onStop,
  onArrow,
  figure,
}: {
  side: FlatSide;
  spots: readonly ZoneSpot[];
  /** The spot that the Tab key comes to. */
  stop: ZoneId | undefined;
  onStop: (zone: ZoneId) => void;
  onArrow: (from: ZoneSpot, direction: Direction) => void;
  figure: FigureProps;
}) {
  const { kind, flat, swatch } = figure.drawn;
  const url = useMemo(() => `data:image/svg+xml,${encodeURIComponent(flatSvg(kind, flat, side, swatch))}`, [kind, flat, side, swatch]);
  const { width, height } = sheetOf(kind, flat, side);
  return (
    <span className="relative block rounded-md bg-plate">
      <img src={url} alt={`The garment, ${side}`} draggable={false} className="block w-full" />
      {spots
        .filter((s) => s.side === side)
        .map((spot) => {
          const { zone, x, y } = spot;
          const { marks, words } = figure.said(zone);
          const wide = marks.length > 1;
          return (
            <button
              key={zone}
              type="button"
              data-spot={zone}
              tabIndex={zone === stop ? 0 : -1}
              title={words}
              aria-label={words}
              aria-pressed={figure.chosen === undefined ? undefined : figure.chosen === zone}
              onClick={() => figure.onZone(zone)}
              onFocus={() => onStop(zone)}
              onKeyDown={(event) => {
                const direction = ARROWS[event.key];
                if (direction) {
                  event.preventDefault();
                  event.stopPropagation();
                  onArrow(spot, direction);
                } else if (figure.onKey?.(event, zone)) {
                  event.preventDefault();
                  event.stopPropagation();
                }
              }}
              className={clsx(
                'absolute h-6 -translate-x-1/2 -translate-y-1/2 rounded-full border bg-page/90 hover:bg-tint max-sm:h-9',
                wide ? 'w-11 max-sm:w-14' : 'w-6 max-sm:w-9',
                marks.length > 0 ? 'border-ink' : 'border-dashed border-ink3',
                figure.chosen === zone && 'border-2 bg-tint',
              )}
              style={{ left: `${(x / width) * 100}%`, top: `${(y / height) * 100}%` }}
            >
              <svg viewBox={wide ? '-20 -10 40 20' : '-10 -10 20 20'} aria-hidden className="block size-full">
                {marks.length === 0 && <circle r={2} fill="var(--c-ink2)" />}
                {marks.map((outcome, i) => (
                  <g key={i} transform={wide ? `translate(${i === 0 ? -11 : 11} 0)` : undefined}>
                    <FitMarkShape kind={zoneOf(zone).kind} outcome={outcome} />
                  </g>
                ))}
                {wide && <path d="M-2 -3L2 0L-2 3" fill="none" stroke="var(--c-ink2)" strokeWidth={1.2} />}
              </svg>
            </button>
          );
        })}
    </span>
  );
}

/**
 * The garment laid flat, front and back, with its zones as spots that show what was said there. One stop of the Tab key; the arrow keys
 * go from spot to spot, and Enter chooses one.
 */
export function GarmentFigure(figure: FigureProps) {
  const { drawn, zones, className } = figure;
  const box = useRef<HTMLDivElement>(null);
  const spots = useMemo(
    () =>
      apart(
        zoneSpots(drawn.kind, drawn.flat).filter((s) => zones.includes(s.zone)),
        SPOT,
      ),
    [drawn, zones],
  );
  const [stop, setStop] = useState<ZoneId>();
  const known = spots.find((s) => s.zone === stop) ?? spots[0];
  const go = (from: ZoneSpot, direction: Direction) => {
    const next = nextSpot(spots, from, direction);
    if (next) box.current?.querySelector<HTMLElement>(`[data-spot=${next.zone}]`)?.focus();
  };
  const sides = { spots, stop: known?.zone, onStop: setStop, onArrow: go, figure };
  return (
    <div
      ref={box}
      role="group"
      aria-label="The garment, front and back: arrow keys go from zone to zone"
      className={clsx('grid max-w-[340px] grid-cols-2 items-start gap-2', className)}
    >
      <Side side="front" {...sides} />
      <Side side="back" {...sides} />
    </div>
  );
}
