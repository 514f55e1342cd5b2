import type { ZoneKind } from '../core/body/zones';
import type { Outcome } from '../core/records';

/** Wedges on a 16-unit grid: their points meet for under, their backs for over. */
const SIDEWAYS = { under: 'M1 3L8 8L1 13ZM15 3L8 8L15 13Z', over: 'M6.2 3L0.6 8L6.2 13ZM9.8 3L15.4 8L9.8 13Z' } as const;
/** A wedge under a bar says short or high; above a bar, long or low. */
const UPRIGHT = { under: 'M8 5L13 14H3Z', over: 'M8 11L13 2H3Z' } as const;
const BAR = { under: 'M2 2H14', over: 'M2 14H14' } as const;

/** How large a mark is on a rule of 16: slight, clear, spoils. */
const SCALE = [1, 0.8, 1, 1.2] as const;

/** Colour says the same as the shape, and never alone. */
export function markColour(outcome: number): string {
  return outcome === 0 ? 'var(--c-moss)' : outcome < 0 ? 'var(--c-garnet)' : 'var(--c-slate)';
}

/**
 * The mark for a fit note, as a group centred on (0, 0) for use inside a drawing.
 * Tight and loose, short and long are filled; narrow and wide, high and low outlined; right is a filled round.
 */
export function FitMarkShape({ kind, outcome }: { kind: ZoneKind; outcome: Outcome }) {
  const colour = markColour(outcome);
  if (outcome === 0) return <circle r={4.2} fill={colour} />;
  const way = outcome < 0 ? 'under' : 'over';
  const sideways = kind === 'girth' || kind === 'width';
  const outlined = kind === 'width' || kind === 'position';
  const scale = SCALE[Math.abs(outcome)];
  return (
    <g
      transform={`scale(${scale}) translate(-8 -8)`}
      fill={outlined ? 'none' : colour}
      stroke={colour}
      strokeWidth={outlined ? 1.6 : 0.4}
      strokeLinejoin="round"
    >
      <path d={sideways ? SIDEWAYS[way] : UPRIGHT[way]} />
      {!sideways && <path d={BAR[way]} strokeWidth={2} />}
    </g>
  );
}

/** The mark by itself; the word beside it says the same, so it is silent. */
export function FitMark({ kind, outcome, size = 16 }: { kind: ZoneKind; outcome: Outcome; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-10 -10 20 20" aria-hidden className="shrink-0">
      <FitMarkShape kind={kind} outcome={outcome} />
    </svg>
  );
}
