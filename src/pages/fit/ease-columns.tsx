import type { ScaleLinear } from 'd3-scale';
import type { EaseDot, Liking } from '../../core/versions/ease-by-class';
import { itemAt } from '../../core/units/item-at';

/** From the bottom of a column to its top. */
export const LIKINGS: readonly Liking[] = ['loved', 'liked', 'not loved', 'unsaid'];

/** The garments between two eases, by how they are liked. */
export interface EaseColumn {
  readonly from: number;
  readonly to: number;
  readonly all: number;
  readonly counts: Readonly<Record<Liking, number>>;
}

/**
 * Garments counted in even steps of ease, for where there are too many to be a dot each.
 *
 * @param step cm
 * @returns from the least ease to the most, without the steps where there is none
 */
export function columnsOf(dots: readonly Pick<EaseDot, 'ease' | 'liking'>[], step: number): EaseColumn[] {
  const columns = new Map<number, Record<Liking, number>>();
  for (const { ease, liking } of dots) {
    // What lies on an edge by its figures lies on it, whatever was lost in reckoning them.
    const at = Math.floor(ease / step + 1e-9);
    const counts = columns.get(at) ?? { loved: 0, liked: 0, 'not loved': 0, unsaid: 0 };
    counts[liking] += 1;
    columns.set(at, counts);
  }
  return [...columns]
    .sort(([a], [b]) => a - b)
    .map(([at, counts]) => ({ from: at * step, to: (at + 1) * step, all: LIKINGS.reduce((sum, liking) => sum + counts[liking], 0), counts }));
}

/** How a part of a column is drawn: full, empty, hatched, or faint. Shape and not colour tells them apart. */
export function likingFill(liking: Liking, hatch: string): { readonly fill: string; readonly stroke: string } {
  const ink = 'var(--c-ink)';
  if (liking === 'loved') return { fill: ink, stroke: ink };
  if (liking === 'liked') return { fill: 'var(--c-paper)', stroke: ink };
  if (liking === 'not loved') return { fill: `url(#${hatch})`, stroke: ink };
  return { fill: 'var(--c-tint)', stroke: 'var(--c-ink3)' };
}

/** The hatching of what is not loved. */
export const Hatch = ({ id }: { id: string }) => (
  <pattern id={id} width={4} height={4} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
    <line x1={0} x2={0} y1={0} y2={4} stroke="var(--c-ink)" strokeWidth={1.4} />
  </pattern>
);

/** The garments of a class as columns that stand on a line. */
export function EaseColumns({
  columns,
  x,
  bottom,
  scale,
  hatch,
  words,
}: {
  columns: readonly EaseColumn[];
  x: ScaleLinear<number, number>;
  bottom: number;
  /** So high is one garment. */
  scale: number;
  hatch: string;
  words: (column: EaseColumn) => string;
}) {
  return columns.map((column) => {
    const tops = LIKINGS.map((_, i) => LIKINGS.slice(0, i + 1).reduce((sum, liking) => sum + column.counts[liking], 0));
    return (
      <g key={column.from}>
        <title>{words(column)}</title>
        {LIKINGS.map((liking, i) => {
          const count = column.counts[liking];
          if (count === 0) return null;
          const width = x(column.to) - x(column.from) - 1.5;
          return (
            <rect
              key={liking}
              x={x(column.from) + 0.75}
              y={bottom - scale * itemAt(tops, i)}
              width={width}
              height={scale * count}
              strokeWidth={0.8}
              {...likingFill(liking, hatch)}
            />
          );
        })}
      </g>
    );
  });
}
