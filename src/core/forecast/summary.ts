import { versionsOf } from '../make/versions';
import type { ZoneId } from '../body/zones';
import { type PatternCase } from '../garment/case';
import type { CarryForward } from './carry-forward';

/** What a list of patterns says of each: how sure the next cut is, and what it changes. */
export interface PatternSummary {
  readonly patternId: string;
  readonly versions: number;
  readonly weakest?: { readonly zone: ZoneId; readonly chance: number };
  /** Zones that the next cut changes against the last version. */
  readonly changes: readonly ZoneId[];
  readonly toMark: number;
}

/**
 * The next cut of a pattern in a line.
 *
 * @param carried what is carried forward of it; undefined where nothing was cut
 */
export function summaryOf(input: PatternCase, carried: CarryForward | undefined): PatternSummary {
  return {
    patternId: input.pattern.id,
    versions: versionsOf(input).length,
    ...(carried?.weakest ? { weakest: carried.weakest } : {}),
    changes: carried ? carried.zones.filter(isChanged).map((z) => z.zone) : [],
    toMark: carried?.toMark.length ?? 0,
  };
}

/** Whether the next cut differs from the last at a zone that was noted. */
export function isChanged({ x, lastX, chance }: { x: number; lastX: number; chance?: number }): boolean {
  return chance !== undefined && Math.abs(x - lastX) > 0.05;
}
