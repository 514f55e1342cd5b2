import { zoneOf, type ZoneId } from './zones';

/** How closely a garment is meant to follow the body. */
export const FIT_CLASSES = ['close', 'fitted', 'semi', 'loose', 'oversized'] as const;
export type FitClass = (typeof FIT_CLASSES)[number];

export const FIT_CLASS_WORDS: Record<FitClass, string> = {
  close: 'close-fitting',
  fitted: 'fitted',
  semi: 'semi-fitted',
  loose: 'loose',
  oversized: 'oversized',
};

/** Usual ease on a girth, cm, where a pattern gives no finished measure. Source: engine.md, section 2. */
export const CLASS_EASE: Record<FitClass, number> = { close: 0, fitted: 4, semi: 8, loose: 12, oversized: 20 };

/** What counts as right widens with the looseness of the cut. Source: engine.md, section 3. */
const EDGE_SCALE: Record<FitClass, number> = { close: 0.6, fitted: 0.8, semi: 1, loose: 1.5, oversized: 2.2 };

/** The edges of a zone, cm: what is felt as right, slightly, clearly and quite off. */
type Edges = readonly [t1: number, t2: number, t3: number];
/** Edges of a zone, scaled: the very same list each time, so that what is worked out from one is found again by it. */
const scaled = new Map<Edges, Partial<Record<FitClass, Edges>>>();

/**
 * The edges t1, t2, t3 of a zone for an intended ease.
 *
 * @returns three lengths in cm; scaled on girths and widths that can give, as in the table elsewhere
 * @example edgesOf('thigh', 'fitted') // [1.2, 3.2, 5.6]
 */
export function edgesOf(zone: ZoneId, fitClass: FitClass): Edges {
  const { kind, band, edges } = zoneOf(zone);
  if (band || (kind !== 'girth' && kind !== 'width')) return edges;
  const known = scaled.get(edges) ?? {};
  scaled.set(edges, known);
  const scale = EDGE_SCALE[fitClass];
  return (known[fitClass] ??= [edges[0] * scale, edges[1] * scale, edges[2] * scale]);
}

/** Classes that a person is taken to deviate in alike. Source: engine.md, section 5. */
export type ClassGroup = 'close' | 'semi' | 'loose';

/**
 * The group of a class: close and fitted; semi; loose and oversized.
 *
 * @example classGroup('semi') // 'semi'
 */
export function classGroup(fitClass: FitClass): ClassGroup {
  return fitClass === 'close' || fitClass === 'fitted' ? 'close' : fitClass === 'semi' ? 'semi' : 'loose';
}
