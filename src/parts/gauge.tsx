import { scaleLinear } from 'd3-scale';
import type { BestCut } from '../core/inference/posterior';
import type { ZoneKind } from '../core/body/zones';
import type { Outcome } from '../core/records';
import { FitMarkShape } from './fit-mark';

const WIDTH = 96;
const HEIGHT = 20;
const MARGIN = 9;

/**
 * A short rule with the best-cut band, where there is one, and a mark where this version was cut. The words beside it say the same.
 *
 * @param domain the offsets at both ends, cm, the same for every version of a row so that they can be compared
 */
export function Gauge({
  best,
  x,
  outcome,
  kind,
  domain,
}: {
  best?: BestCut;
  x: number;
  outcome: Outcome;
  kind: ZoneKind;
  domain: readonly [number, number];
}) {
  const at = scaleLinear(domain, [MARGIN, WIDTH - MARGIN]).clamp(true);
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden className="shrink-0">
      <line x1={0} x2={WIDTH} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="var(--c-rule2)" />
      {best && (
        <rect
          x={at(best.low)}
          width={Math.max(2, at(best.high) - at(best.low))}
          y={4}
          height={HEIGHT - 8}
          fill="var(--c-amber-fill)"
          opacity={0.55}
        />
      )}
      <line x1={at(0)} x2={at(0)} y1={5} y2={HEIGHT - 5} stroke="var(--c-ink3)" />
      <g transform={`translate(${at(x)} ${HEIGHT / 2})`}>
        <FitMarkShape kind={kind} outcome={outcome} />
      </g>
    </svg>
  );
}
