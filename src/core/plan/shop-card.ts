import type { FabricUnit } from '../units/length';
import { versionsOf, viewOf } from '../make/versions';
import { mainFabric } from '../make/main-fabric';
import { LOVED } from '../forecast/sizes';
import { type PatternCase } from '../garment/case';
import type { Make } from '../records';
import { fabricEstimate } from './fabric-estimate';

/** Widths in which fabric lies in shops, cm. Source: the trade. */
export const SHOP_WIDTHS = [90, 115, 140, 150] as const;

/** Length to buy at a width. */
export interface ShopLength {
  readonly width: number;
  /** Enough nine times in ten, cm, washing taken into account; undefined where nothing is known. */
  readonly length: number | undefined;
  /** With pieces one way: a nap or a one-way print. */
  readonly oneWay: number | undefined;
  readonly rough: boolean;
  /** Without the parts that are joined from elsewhere: nothing says what they take. */
  readonly without: boolean;
}

/** What to look for in a shop for one pattern. */
export interface ShopCard {
  readonly lengths: readonly ShopLength[];
  /** The fabric must be so wide, cm, for the widest piece; undefined where nobody measured it. */
  readonly widest: number | undefined;
  readonly structure: 'woven' | 'knit';
  /** Stretch to look for, %: 10 cm must reach so many. */
  readonly stretch: number | undefined;
  readonly weight: 'light' | 'medium' | 'heavy' | undefined;
  /** Fabrics of versions that did well: what to look for again. */
  readonly didWell: readonly { readonly name: string; readonly version: number; readonly love: number; readonly weight: number | undefined }[];
  readonly notions: readonly string[];
}

/** Fabric is cut off the bolt in steps, cm: five, or an eighth of a yard. Source: the trade. */
const STEP: Record<FabricUnit, number> = { m: 5, yd: 91.44 / 8 };

/** A length as it is asked for in a shop: never less than is needed. */
export function toBuy(cm: number, unit: FabricUnit): number {
  return Math.ceil(cm / STEP[unit] - 1e-6) * STEP[unit];
}

/**
 * A narrower fabric never takes less than a wider one: what versions of other sizes took would say so. A wider one of which less is known than
 * of a narrower takes no more than that.
 */
function neverLess(lengths: readonly ShopLength[]): ShopLength[] {
  let most: { readonly length: number; readonly oneWay: number } | undefined;
  const held = lengths.map((l): ShopLength => {
    const { length, oneWay } = l;
    if (length === undefined || oneWay === undefined) return l;
    if (l.rough && most) return { ...l, length: Math.min(length, most.length), oneWay: Math.min(oneWay, most.oneWay) };
    if (!l.rough) most = { length, oneWay };
    return l;
  });
  let [least, leastOneWay] = [0, 0];
  return held
    .reverse()
    .map((l) => {
      if (l.length === undefined || l.oneWay === undefined) return l;
      [least, leastOneWay] = [Math.max(least, l.length), Math.max(leastOneWay, l.oneWay)];
      return { ...l, length: least, oneWay: leastOneWay };
    })
    .reverse();
}

/**
 * What to buy for a pattern as it is planned, or as it was cut last.
 *
 * @param make the cut that is meant: its view, size and alterations decide
 * @param shrinks washing taken into account, %: what is bought shrinks once it is home
 */
export function shopCard(input: PatternCase, make: Make, shrinks = 0): ShopCard {
  const { pattern, fabrics } = input;
  const view = viewOf(pattern, make);
  const versions = versionsOf(input);
  const lengthAt = (width: number): ShopLength => {
    const found = fabricEstimate(input, make, { width });
    if (!found) return { width, length: undefined, oneWay: undefined, rough: false, without: false };
    const bought = (cm: number) => cm / (1 - shrinks / 100);
    return {
      width,
      length: bought(found.enough),
      oneWay: bought(Math.max(found.enough, fabricEstimate(input, make, { width, nap: true })?.enough ?? 0)),
      rough: found.rough,
      without: found.without ?? false,
    };
  };
  const last = versions.at(-1);
  const well = new Map<string, ShopCard['didWell'][number]>();
  for (const m of versions) {
    const { fabric } = mainFabric(m, fabrics);
    const love = m.verdicts.at(-1)?.love;
    if (fabric && love !== undefined && love >= LOVED) well.set(fabric.id, { name: fabric.name, version: m.version, love, weight: fabric.weight });
  }
  return {
    lengths: neverLess(SHOP_WIDTHS.map(lengthAt)),
    widest: view.widest,
    structure: pattern.wants.structure,
    stretch: pattern.wants.stretch || undefined,
    weight: pattern.wants.weight,
    didWell: [...well.values()].reverse(),
    notions: [...new Set((last?.notions ?? []).map((n) => n.what))],
  };
}
