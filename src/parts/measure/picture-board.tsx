import { memo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Point } from '../../core/units/polygon';

/** A place that can be moved. */
export interface Handle {
  readonly key: string;
  readonly label: string;
  readonly at: Point;
}

/** A line that is drawn over the picture. */
export interface Drawn {
  readonly key: string;
  readonly points: readonly Point[];
  readonly closed?: boolean;
  readonly tone: 'reference' | 'mark' | 'draft' | 'chosen';
  readonly label?: string;
}

const TONES: Record<Drawn['tone'], string> = {
  reference: 'var(--c-amber)',
  mark: 'var(--c-moss)',
  draft: 'var(--c-garnet)',
  chosen: 'var(--c-garnet)',
};
/** How many times as large the magnifier shows the picture, and its side, px of the screen. */
const [CLOSER, LENS] = [6, 150];
/** An arrow key moves by so many pixels of the picture; with Shift by as many times more. */
const [STEP, FAST] = [1, 20];

const Photo = memo(function Photo({ url, width, height }: { url: string; width: number; height: number }) {
  return <image href={url} width={width} height={height} preserveAspectRatio="none" />;
});

const path = ({ points, closed }: Pick<Drawn, 'points' | 'closed'>) =>
  points.length === 0 ? '' : `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}${closed ? 'Z' : ''}`;

function Lines({ lines, unit }: { lines: readonly Drawn[]; unit: number }) {
  return lines.map((line) => (
    <g key={line.key} pointerEvents="none">
      <path d={path(line)} fill="none" stroke="#fffdf8" strokeWidth={4 * unit} strokeLinejoin="round" strokeOpacity={0.75} />
      <path d={path(line)} fill="none" stroke={TONES[line.tone]} strokeWidth={2 * unit} strokeLinejoin="round" />
    </g>
  ));
}

/**
 * A picture to be measured in: places are put by pointer or finger with a magnifier, or by keys; what is there already can be moved.
 *
 * By keys: arrows move the cross (with Shift faster), Enter puts a point, Backspace takes the last one back, F finishes, Escape gives it up.
 */
export function PictureBoard({
  url,
  frame,
  label,
  lines,
  handles,
  asks,
  onPoint,
  onHover,
  onMove,
  onKey,
}: {
  url: string;
  frame: { readonly width: number; readonly height: number };
  label: string;
  lines: readonly Drawn[];
  handles: readonly Handle[];
  /** Whether a click puts a point. */
  asks: boolean;
  onPoint: (at: Point) => void;
  onHover: (at: Point | undefined) => void;
  onMove: (key: string, to: Point, done: boolean) => void;
  onKey: (key: 'back' | 'finish' | 'give up') => void;
}) {
  const board = useRef<SVGSVGElement>(null);
  const { width, height } = frame;
  const [at, setAt] = useState<Point>();
  const [held, setHeld] = useState<string>();
  /** A pixel of the screen, in pixels of the picture, as it is usually shown. */
  const unit = Math.max(width, height) / 900;
  const within = ([x, y]: Point): Point => [Math.min(width, Math.max(0, x)), Math.min(height, Math.max(0, y))];
  const placeOf = (event: PointerEvent): Point => {
    const matrix = board.current?.getScreenCTM()?.inverse();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return within([x, y]);
  };
  const hover = (place: Point | undefined) => {
    setAt(place);
    onHover(place);
  };
  const arrow = (event: KeyboardEvent): Point | undefined => {
    const step = event.shiftKey ? STEP * FAST : STEP;
    const steps: Record<string, Point> = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
    return steps[event.key];
  };
  const boardKey = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const by = arrow(event);
    const now = at ?? [width / 2, height / 2];
    if (by) hover(within([now[0] + by[0] * (event.shiftKey ? 1 : 4), now[1] + by[1] * (event.shiftKey ? 1 : 4)]));
    else if (event.key === 'Enter' && asks) onPoint(now);
    else if (event.key === 'Backspace') onKey('back');
    else if (event.key.toLowerCase() === 'f' && !event.ctrlKey && !event.metaKey) onKey('finish');
    else if (event.key === 'Escape') onKey('give up');
    else return;
    event.preventDefault();
  };
  const lens = LENS * unit;
  const seen = lens / CLOSER;
  // The magnifier keeps out of the way of what it shows.
  const left = at ? at[0] > width / 2 : false;
  return (
    <div className="relative" style={{ width: `min(100%, calc((100vh - 19rem) * ${(width / height).toFixed(4)}))` }}>
      <svg
        ref={board}
        viewBox={`0 0 ${width} ${height}`}
        role="application"
        tabIndex={0}
        aria-label={label}
        className={`block w-full touch-none bg-plate outline-none focus-visible:outline-2 ${asks ? 'cursor-crosshair' : ''}`}
        onKeyDown={boardKey}
        onPointerMove={(event) => hover(placeOf(event))}
        onPointerLeave={() => hover(undefined)}
        onPointerDown={(event) => {
          if (event.target instanceof Element && event.target.closest('[data-handle]')) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          hover(placeOf(event));
        }}
        onPointerUp={(event) => {
          if (held !== undefined || !asks || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
          onPoint(placeOf(event));
          // A finger that is gone points at nothing.
          if (event.pointerType === 'touch') hover(undefined);
        }}
      >
        <Photo url={url} width={width} height={height} />
        <Lines lines={lines} unit={unit} />
        {lines.map(
          (line) =>
            line.label !== undefined &&
            line.points[0] && (
              <Tag key={line.key} at={middleOf(line.points)} unit={unit} tone={TONES[line.tone]}>
                {line.label}
              </Tag>
            ),
        )}
        {handles.map((handle) => (
          <g
            key={handle.key}
            data-handle
            role="button"
            tabIndex={0}
            aria-label={`${handle.label}: arrow keys move it`}
            className="cursor-grab outline-none focus-visible:[&>circle]:stroke-garnet"
            onFocus={() => hover(handle.at)}
            onKeyDown={(event) => {
              const by = arrow(event);
              if (!by) return;
              event.preventDefault();
              const to = within([handle.at[0] + by[0], handle.at[1] + by[1]]);
              hover(to);
              onMove(handle.key, to, true);
            }}
            onPointerDown={(event) => {
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld(handle.key);
            }}
            onPointerMove={(event) => {
              if (held !== handle.key) return;
              const to = placeOf(event);
              hover(to);
              onMove(handle.key, to, false);
              event.stopPropagation();
            }}
            onPointerUp={(event) => {
              if (held !== handle.key) return;
              setHeld(undefined);
              onMove(handle.key, placeOf(event), true);
              event.stopPropagation();
            }}
          >
            <circle
              cx={handle.at[0]}
              cy={handle.at[1]}
              r={11 * unit}
              fill="#fffdf8"
              fillOpacity={0.25}
              stroke="var(--c-ink)"
              strokeWidth={2 * unit}
            />
            <circle cx={handle.at[0]} cy={handle.at[1]} r={2 * unit} fill="var(--c-garnet)" />
          </g>
        ))}
        {at && asks && (
          <path
            d={`M${at[0] - 9 * unit} ${at[1]}h${18 * unit}M${at[0]} ${at[1] - 9 * unit}v${18 * unit}`}
            stroke="var(--c-garnet)"
            strokeWidth={unit}
            pointerEvents="none"
          />
        )}
      </svg>
      {at && (asks || held !== undefined || handles.length > 0) && (
        <svg
          aria-hidden
          viewBox={`${at[0] - seen / 2} ${at[1] - seen / 2} ${seen} ${seen}`}
          width={LENS}
          height={LENS}
          className={`pointer-events-none absolute top-2 rounded-full border-2 border-ink bg-plate ${left ? 'left-2' : 'right-2'}`}
        >
          <Photo url={url} width={width} height={height} />
          <Lines lines={lines} unit={unit / CLOSER} />
          <path
            d={`M${at[0] - seen / 2} ${at[1]}h${seen}M${at[0]} ${at[1] - seen / 2}v${seen}`}
            stroke="var(--c-garnet)"
            strokeWidth={unit / CLOSER}
            strokeOpacity={0.8}
          />
        </svg>
      )}
    </div>
  );
}

const middleOf = (points: readonly Point[]): Point => {
  const at = points[points.length >> 1] ?? [0, 0];
  const before = points[Math.max(0, (points.length >> 1) - 1)] ?? at;
  return [(at[0] + before[0]) / 2, (at[1] + before[1]) / 2];
};

function Tag({ at: [x, y], unit, tone, children }: { at: Point; unit: number; tone: string; children: string }) {
  const wide = (children.length * 7.2 + 10) * unit;
  return (
    <g pointerEvents="none" transform={`translate(${x} ${y})`}>
      <rect x={-wide / 2} y={-10 * unit} width={wide} height={20 * unit} rx={4 * unit} fill="#fffdf8" stroke={tone} strokeWidth={unit} />
      <text textAnchor="middle" y={5 * unit} fontSize={14 * unit} fill="#26211c">
        {children}
      </text>
    </g>
  );
}
