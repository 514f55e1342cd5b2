import { priceOfLength } from '../fabric/price';
import { versionsOf, viewOf } from '../make/versions';
import { partsForToile } from './toile-parts';
import { usualMinutes } from '../make/minutes';
import { mainFabric } from '../make/main-fabric';
import type { PlannedZone } from '../forecast/planned-chance';
import { type PatternCase } from '../garment/case';
import type { ZoneId } from '../body/zones';
import type { Fabric, Make } from '../records';
import { isExpensive, TOILE_BELOW } from '../decide/sew-again';

/** Chance below which a zone is in doubt. Source: engine.md, section 9. */
const DOUBT_BELOW = 0.6;

/** Whether to sew a toile first: the chance, and what either way costs. No price is put on an hour. */
export interface ToileQuestion {
  readonly advised: boolean;
  /** Why: the chance, or the fabric. */
  readonly because: 'chance' | 'expensive fabric' | undefined;
  readonly chance: number | undefined;
  readonly doubt: readonly ZoneId[];
  /** Parts that the toile must have to test the zones in doubt. */
  readonly parts: readonly string[];
  /** Fabric at stake, in minor units of its currency; undefined where no price or no length is known. */
  readonly cost: { readonly minor: number; readonly currency: string } | undefined;
  /** Minutes that a version usually takes; what is lost if it does not fit. */
  readonly minutes: number | undefined;
  /** Layers it was worn over when it was judged: the toile is tried over them too. */
  readonly over: readonly string[];
}

/**
 * Toile first?
 *
 * @param zones the chances of the cut as it is planned
 * @param needed fabric needed, cm
 */
export function toileQuestion(input: PatternCase, make: Make, zones: readonly PlannedZone[], needed: number | undefined): ToileQuestion {
  const known: Fabric | undefined = mainFabric(make, input.fabrics).fabric;
  const noted = zones.filter((z) => z.noted);
  const asked = noted.length > 0 ? noted : zones;
  const chance = asked.length === 0 ? undefined : Math.min(...asked.map((z) => z.chance));
  const doubt = zones.filter((z) => z.chance < DOUBT_BELOW || z.fabricTooFar).map((z) => z.zone);
  const low = chance !== undefined && chance < TOILE_BELOW;
  const expensive = doubt.length > 0 && known !== undefined && isExpensive(known, input.fabrics);
  const over = new Set(versionsOf(input).flatMap((m) => m.fitNotes.flatMap((n) => (n.over === undefined || n.over === '' ? [] : [n.over]))));
  return {
    advised: make.kind === 'garment' && (low || expensive),
    because: low ? 'chance' : expensive ? 'expensive fabric' : undefined,
    chance,
    doubt,
    parts: partsForToile(input.pattern, viewOf(input.pattern, make), doubt),
    cost: known && needed !== undefined ? priceOfLength(known, needed) : undefined,
    minutes: usualMinutes(versionsOf(input)),
    over: [...over],
  };
}
