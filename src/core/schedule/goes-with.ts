import type { GarmentKind } from '../records';
import { seenColour } from '../units/colour';

/** Where on the body a kind is worn: what it can be worn with follows from it. */
export type Layer = 'upper' | 'lower' | 'whole' | 'over';

const LAYERS: Partial<Record<GarmentKind, Layer>> = {
  top: 'upper',
  shirt: 'upper',
  skirt: 'lower',
  trousers: 'lower',
  shorts: 'lower',
  dress: 'whole',
  'one-piece': 'whole',
  jacket: 'over',
  coat: 'over',
  cardigan: 'over',
  waistcoat: 'over',
};

/** Where a kind is worn; undefined for what makes no outfit: a bag, nightwear. */
export const layerOf = (kind: GarmentKind): Layer | undefined => LAYERS[kind];

/** Something to be worn, made or bought or only planned. */
export interface Worn {
  readonly id: string;
  readonly name: string;
  readonly kind: GarmentKind;
  /** As screens write it; undefined where nobody said. */
  readonly colour?: string | undefined;
  /** Anything but plain. */
  readonly printed?: boolean | undefined;
}

/** Layers that make an outfit together. */
const TOGETHER: Readonly<Record<Layer, readonly Layer[]>> = {
  upper: ['lower', 'over'],
  lower: ['upper', 'over'],
  whole: ['over'],
  over: ['upper', 'lower', 'whole'],
};

/** Below so much strength, or so dark, a colour goes with all others. */
const [QUIET, DARK] = [16, 24];
/** Hues go together when they are neighbours, or opposite and one of them soft, degrees. Source: usual teaching of colour in dress. */
const [NEIGHBOURS, OPPOSITE, SOFT] = [40, 150, 38];

/** Whether two garments go together, and why not. Where a colour is not known nothing is said against them. */
export function goTogether(a: Worn, b: Worn): { readonly goes: boolean; readonly because?: string } {
  const [la, lb] = [layerOf(a.kind), layerOf(b.kind)];
  if (!la || !lb || !TOGETHER[la].includes(lb)) return { goes: false, because: 'they are not worn together' };
  if (a.printed && b.printed) return { goes: false, because: 'two prints' };
  if (a.colour === undefined || b.colour === undefined) return { goes: true };
  const [x, y] = [seenColour(a.colour), seenColour(b.colour)];
  if (x.strong < QUIET || y.strong < QUIET || x.light < DARK || y.light < DARK) return { goes: true };
  const apart = Math.min(Math.abs(x.hue - y.hue), 360 - Math.abs(x.hue - y.hue));
  if (apart <= NEIGHBOURS) return { goes: true };
  if (apart >= OPPOSITE && Math.min(x.strong, y.strong) < SOFT) return { goes: true };
  return { goes: false, because: 'their colours are loud against each other' };
}

/** What of a wardrobe goes with something. */
export const goesWith = (of: Worn, wardrobe: readonly Worn[]): Worn[] => wardrobe.filter((w) => w.id !== of.id && goTogether(of, w).goes);

/** An outfit: one garment that is enough by itself, or an upper and a lower. */
export type Outfit = readonly Worn[];

/** Every outfit that a set of garments makes; what is worn over them is no part of it. */
export function outfitsOf(garments: readonly Worn[]): Outfit[] {
  const lower = garments.filter((g) => layerOf(g.kind) === 'lower');
  return [
    ...garments.filter((g) => layerOf(g.kind) === 'whole').map((g) => [g]),
    ...garments.filter((g) => layerOf(g.kind) === 'upper').flatMap((u) => lower.filter((l) => goTogether(u, l).goes).map((l) => [u, l])),
  ];
}

/** So many lowers are tried in every choice, with so many uppers and so many that are enough by themselves; what is liked less stays at home. */
const [LOWERS, OTHERS] = [10, 60];

/** The fewest garments that make so many outfits: for each choice of lowers the uppers that go with most of them, and what is enough by itself. */
function fewest(days: number, garments: readonly Worn[]): Worn[] {
  const of = (layer: Layer, most: number) => garments.filter((g) => layerOf(g.kind) === layer).slice(0, most);
  const [uppers, lowers, wholes] = [of('upper', OTHERS), of('lower', LOWERS), of('whole', OTHERS)];
  const place = new Map(garments.map((g, i) => [g, i]));
  const placeOf = (g: Worn) => place.get(g) ?? garments.length;
  const goes = new Map(uppers.map((u) => [u, new Set(lowers.filter((l) => goTogether(u, l).goes))]));
  let best: { readonly packed: Worn[]; readonly made: number; readonly places: number } | undefined;
  for (let choice = 0; choice < 1 << lowers.length; choice++) {
    const taken = lowers.filter((_, i) => choice & (1 << i));
    const pairs = (u: Worn) => taken.filter((l) => goes.get(u)?.has(l)).length;
    // What brings more outfits for one garment goes first; among those alike what is liked better.
    const more = [...uppers.map((g) => ({ g, brings: pairs(g) })), ...wholes.map((g) => ({ g, brings: 1 }))]
      .filter(({ brings }) => brings > 0)
      .sort((a, b) => b.brings - a.brings || placeOf(a.g) - placeOf(b.g));
    const packed = [...taken];
    let made = 0;
    for (const { g, brings } of more) {
      if (made >= days) break;
      packed.push(g);
      made += brings;
    }
    const enough = Math.min(made, days);
    const places = packed.reduce((sum, g) => sum + placeOf(g), 0);
    const better =
      !best ||
      enough > Math.min(best.made, days) ||
      (enough === Math.min(best.made, days) &&
        (packed.length < best.packed.length || (packed.length === best.packed.length && places < best.places)));
    if (better) best = { packed, made, places };
  }
  return best?.packed ?? [];
}

/**
 * Outfits for some days from the fewest garments; of choices alike that which is liked best. No outfit is worn twice.
 *
 * @param garments that may come along, those that are liked best first
 * @returns what is packed and an outfit for each day, as many as there are
 * @example packFor(3, [blueTop, greyTop, blackTrousers, dress]).outfits.length // 3
 */
export function packFor(days: number, garments: readonly Worn[]): { readonly packed: readonly Worn[]; readonly outfits: readonly Outfit[] } {
  const packed = days > 0 ? fewest(days, garments) : [];
  // Outfits of neighbouring days share as little as they can.
  const left = outfitsOf(packed);
  const outfits: Outfit[] = [];
  while (outfits.length < days && left.length > 0) {
    const before = outfits.at(-1) ?? [];
    const shared = (o: Outfit) => o.filter((g) => before.includes(g)).length;
    const next = left.reduce((best, o, i) => (shared(o) < shared(left[best] ?? []) ? i : best), 0);
    outfits.push(...left.splice(next, 1));
  }
  return { packed, outfits };
}
