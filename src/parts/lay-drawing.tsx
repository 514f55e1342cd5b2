import clsx from 'clsx';
import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { printPattern } from '../core/drawing/print';
import { chordsAt } from '../core/units/curve';
import { pathData } from '../core/lay/as-svg';
import type { DrawnLay, Pin, Placed } from '../core/lay/lay';
import { boundsOf, moved, rectangle, type Point, type Polygon, within } from '../core/units/polygon';
import type { Swatch } from '../core/records';
import { asTapeReads, formatLength, type LengthUnit } from '../core/units/length';

/** Room round the fabric for the ruler and what is written beside it, cm. */
const MARGIN = { ruler: 11, end: 3 };
/** Marks of the ruler, cm: every ten, named every fifty; every five inches, named every twenty. */
const RULER: Record<LengthUnit, { readonly step: number; readonly named: number }> = { cm: { step: 10, named: 5 }, in: { step: 12.7, named: 4 } };
/** An arrow key moves a piece by so much, cm; with Shift by ten times that. */
const STEP = 1;

const keyOf = ({ piece, copy }: Pick<Placed, 'piece' | 'copy'>) => `${piece}\n${copy}`;

/** Where a name has most room within a piece as it stands on the screen. */
function roomFor(polygon: Polygon): { readonly x: number; readonly y: number; readonly width: number } {
  const { top, bottom } = boundsOf(polygon);
  const levels = [0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74];
  return levels
    .flatMap((t) => {
      const y = top + (bottom - top) * t;
      return chordsAt(polygon, y).map(([from, to]) => ({ x: (from + to) / 2, y, width: to - from }));
    })
    .reduce((a, b) => (b.width > a.width * 1.15 ? b : a), { x: 0, y: 0, width: 0 });
}

/** A name as large as it fits into a piece, across it or, where that is much better, upright. */
function writtenIn(polygon: Polygon, name: string) {
  const sized = (room: number, high: number) => Math.min(4.6, room / (name.length * 0.52), high * 0.8);
  const { left, top, right, bottom } = boundsOf(polygon);
  const across = roomFor(polygon);
  const font = sized(across.width, bottom - top);
  const up = roomFor(polygon.map(([x, y]): Point => [y, x]));
  const upFont = sized(up.width, right - left);
  return upFont > font * 1.5
    ? { x: up.y, y: up.x, room: up.width, font: upFont, upright: true }
    : { x: across.x, y: across.y, room: across.width, font, upright: false };
}

/**
 * A lay drawn to scale: the fabric in its print with a ruler along the selvedge, every piece by name with its grain. On a wide page the fabric
 * runs to the right, on a narrow one down. Pieces can be dragged, or moved with the arrow keys, turned with T and pinned with Enter.
 */
export function LayDrawing({
  lay,
  swatch,
  unit,
  narrow,
  onHand,
  cuts = [],
  folds,
  flaws = [],
  pins,
  nap,
  onPins,
  onGrab,
}: {
  lay: DrawnLay;
  swatch: Swatch | undefined;
  unit: LengthUnit;
  narrow: boolean;
  /** Length of the piece in the stash, cm. */
  onHand?: number | undefined;
  /** Where one piece of the fabric ends and the next begins, cm. */
  cuts?: readonly number[];
  /** Where the fabric is folded, cm across. */
  folds: readonly number[];
  /** What nothing is cut from. */
  flaws?: readonly Polygon[];
  pins: readonly Pin[];
  nap: boolean;
  /** Absent where nothing is laid by hand. */
  onPins?: ((pins: readonly Pin[]) => void) | undefined;
  /** A piece is taken up: nothing may move under the hand. */
  onGrab?: () => void;
}) {
  const id = useId();
  const drawing = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ readonly key: string; readonly from: Point; readonly by: Point }>();
  const { width, length, placed } = lay;
  const long = Math.max(length, onHand ?? 0) + MARGIN.end;
  /** From the fabric to the screen: turned by a right angle where it runs to the right. */
  const shown = ([x, y]: Point): Point => (narrow ? [x + MARGIN.ruler, y + 5] : [y + 3, width - x + 2]);
  const size: Point = narrow ? [width + MARGIN.ruler + 2, long + 9] : [long + 6, width + MARGIN.ruler + 2];
  const line = (from: Point, to: Point) => {
    const [[x1, y1], [x2, y2]] = [shown(from), shown(to)];
    return { x1, y1, x2, y2 };
  };
  const pinned = new Set(pins.map(keyOf));
  const put = (piece: Placed, x: number, y: number, turned: boolean) => {
    const { left, right } = boundsOf(piece.polygon);
    const within = (at: number, most: number) => Math.min(Math.max(0, at), Math.max(0, most));
    const pin: Pin = { piece: piece.piece, copy: piece.copy, turned, x: within(x, width - (right - left)), y: Math.max(0, y) };
    onPins?.([...pins.filter((p) => keyOf(p) !== keyOf(pin)), pin]);
  };
  const atPointer = (event: PointerEvent): Point => {
    const matrix = drawing.current?.getScreenCTM()?.inverse();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return narrow ? [at.x, at.y] : [-at.y, at.x];
  };
  const onKey = (event: KeyboardEvent, piece: Placed) => {
    const { left, top } = boundsOf(piece.polygon);
    const step = event.shiftKey ? STEP * 10 : STEP;
    const moves: Record<string, Point> = narrow
      ? { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }
      : { ArrowLeft: [0, -step], ArrowRight: [0, step], ArrowUp: [step, 0], ArrowDown: [-step, 0] };
    const by = moves[event.key];
    if (by) put(piece, left + by[0], top + by[1], piece.turned);
    else if (event.key === 'Enter' || event.key === ' ') {
      if (pinned.has(keyOf(piece))) onPins?.(pins.filter((p) => keyOf(p) !== keyOf(piece)));
      else put(piece, left, top, piece.turned);
    } else if (event.key.toLowerCase() === 't' && !nap && !event.ctrlKey && !event.metaKey) put(piece, left, top, !piece.turned);
    else return;
    event.preventDefault();
  };
  const { step, named } = RULER[unit];
  const marks = Array.from({ length: Math.floor(long / step) + 1 }, (_, i) => i);
  const words = (cm: number) => formatLength(asTapeReads(cm), unit, { about: true });
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${size[0].toFixed(2)} ${size[1].toFixed(2)}`}
      role="group"
      aria-label={`The lay, ${words(length)} long and ${words(width)} wide, ${placed.length} pieces`}
      preserveAspectRatio="xMinYMin"
      className={clsx('block w-full touch-pan-y print:max-h-[170mm]', !narrow && 'max-h-[calc(100vh-17rem)] min-h-80')}
    >
      {swatch && <defs dangerouslySetInnerHTML={{ __html: printPattern(swatch, id, 1) }} />}
      <path
        d={pathData(rectangle(0, 0, width, long - MARGIN.end).map(shown))}
        fill={swatch ? `url(#${id})` : 'var(--c-tint)'}
        stroke="var(--c-ink2)"
        strokeWidth={0.3}
      />
      {onHand !== undefined && length > onHand && (
        // Beyond its end there is no fabric: pieces lie on bare ground there.
        <path
          d={pathData(rectangle(0, onHand, width, length).map(shown))}
          fill="var(--c-tint)"
          stroke="var(--c-garnet)"
          strokeWidth={0.9}
          strokeDasharray="4 2"
        />
      )}
      {marks.map((mark) => {
        const at = mark * step;
        const isNamed = mark % named === 0;
        const tick = line([0, at], [isNamed ? -2.4 : -1.3, at]);
        const [x, y] = shown([-3.4, at]);
        return (
          <g key={mark}>
            <line {...tick} stroke="var(--c-ink2)" strokeWidth={0.25} />
            {isNamed && (
              <text
                x={x}
                y={narrow ? y + 1.2 : y + 3}
                textAnchor={narrow ? 'end' : mark === 0 ? 'start' : 'middle'}
                fontSize={3.6}
                fill="var(--c-ink2)"
              >
                {unit === 'cm' ? Math.round(at) : Math.round(at / 2.54)}
              </text>
            )}
          </g>
        );
      })}
      {cuts.map((at) => (
        <line key={at} {...line([-2, at], [width, at])} stroke="var(--c-garnet)" strokeWidth={0.8} />
      ))}
      {folds.map((at) => (
        <line key={at} {...line([at, 0], [at, long - MARGIN.end])} stroke="var(--c-ink2)" strokeWidth={0.4} strokeDasharray="3 2" />
      ))}
      {flaws.map((flaw) => (
        <path
          key={pathData(flaw)}
          d={pathData(flaw.map(shown))}
          fill="var(--c-garnet)"
          fillOpacity={0.5}
          stroke="var(--c-garnet)"
          strokeWidth={0.4}
        />
      ))}
      {placed.map((piece) => {
        const key = keyOf(piece);
        const by = drag?.key === key ? drag.by : ([0, 0] as const);
        const polygon = moved(piece.polygon, by[0], by[1]).map(shown);
        const name = `${piece.piece}${placed.filter((p) => p.piece === piece.piece).length > 1 ? ` ${piece.copy}` : ''}`;
        const { x, y, room, font, upright } = writtenIn(polygon, name);
        const { bottom } = boundsOf(polygon);
        const grain = upright ? 0 : narrow ? Math.min(16, bottom - y - 6) : Math.min(18, room - 4);
        const ends: Point[] = narrow
          ? [
              [x - 1.2, y + 3],
              [x + 1.2, y + 5 + grain],
            ]
          : [
              [x - grain / 2, y + 6],
              [x + grain / 2 + 0.5, y + 6],
            ];
        return (
          <g
            key={key}
            {...(onPins
              ? {
                  role: 'button',
                  tabIndex: 0,
                  'aria-pressed': pinned.has(key),
                  'aria-label': `${name}${piece.turned ? ', turned round' : ''}${piece.mirrored ? ', mirrored' : ''}${pinned.has(key) ? ', pinned' : ''}`,
                  onKeyDown: (event: KeyboardEvent) => onKey(event, piece),
                  onPointerDown: (event: PointerEvent<SVGGElement>) => {
                    onGrab?.();
                    event.currentTarget.setPointerCapture(event.pointerId);
                    setDrag({ key, from: atPointer(event), by: [0, 0] });
                  },
                  onPointerMove: (event: PointerEvent) => {
                    if (drag?.key !== key) return;
                    const at = atPointer(event);
                    setDrag({ ...drag, by: [at[0] - drag.from[0], at[1] - drag.from[1]] });
                  },
                  onPointerUp: () => {
                    if (drag?.key !== key) return;
                    const far = Math.hypot(...drag.by) > 0.7;
                    const { left, top: along } = boundsOf(piece.polygon);
                    setDrag(undefined);
                    if (far) put(piece, left + drag.by[0], along + drag.by[1], piece.turned);
                  },
                  onPointerCancel: () => setDrag(undefined),
                }
              : {})}
            className={clsx(
              'outline-none focus-visible:[&>path]:stroke-amber focus-visible:[&>path]:[stroke-width:1.1]',
              onPins && 'cursor-grab touch-none',
            )}
          >
            <path
              d={pathData(polygon)}
              fill="var(--c-page)"
              fillOpacity={drag?.key === key ? 0.7 : 0.92}
              stroke={pinned.has(key) ? 'var(--c-amber)' : 'var(--c-ink)'}
              strokeWidth={pinned.has(key) ? 0.8 : 0.35}
              strokeLinejoin="round"
            />
            {font > 1.4 && (
              <text
                x={x}
                y={y + font * 0.3}
                textAnchor="middle"
                fontSize={font}
                fill="var(--c-ink)"
                className="select-none"
                {...(upright ? { transform: `rotate(-90 ${x} ${y})` } : {})}
              >
                {name}
              </text>
            )}
            {grain > 6 && ends.every((end) => within(end, polygon)) && (
              <path
                d={narrow ? `M${x} ${y + 4}v${grain}m-1.2 -2l1.2 2l1.2 -2` : `M${x - grain / 2} ${y + 4.4}h${grain}m-2 -1.2l2 1.2l-2 1.2`}
                fill="none"
                stroke="var(--c-ink2)"
                strokeWidth={0.3}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
