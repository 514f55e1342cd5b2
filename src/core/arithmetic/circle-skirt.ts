/** How many quarters of a circle a skirt is. */
export const QUARTERS = { full: 4, 'three-quarter': 3, half: 2 } as const;
export type CirclePart = keyof typeof QUARTERS;

export interface CircleSkirt {
  /** Radius of the waist as sewn, and where it is cut: a seam allowance further in. */
  readonly radius: number;
  readonly cutRadius: number;
  /** Radius out to the hem as it is cut. */
  readonly outer: number;
  /** Length round the hem, cm. */
  readonly sweep: number;
  /** In how many panels it is cut from this width; more than one are joined by seams. */
  readonly panels: number;
  /** Length of fabric used, cm. */
  readonly fabric: number;
}

/**
 * A circle skirt: the radius of its waist, its sweep, and the fabric it takes at a width (engine.md, section 11).
 *
 * A quarter takes a square as wide as the outer radius. Where two squares lie side by side the panels hang together in one piece; where
 * only one does, two quarters follow each other along the selvedge as half a circle.
 *
 * @param waist finished girth, cm
 * @param length finished, cm
 * @param width of the fabric, cm
 * @param allowance at the waist and at the hem, cm
 * @returns undefined where the fabric is narrower than the outer radius: the panels would have to be pieced
 * @example circleSkirt('full', 72, 60, 150, { waist: 1.5, hem: 2 }) // radius 11.46, outer 73.46: one piece from 146.9 cm
 */
export function circleSkirt(
  part: CirclePart,
  waist: number,
  length: number,
  width: number,
  allowance: { readonly waist: number; readonly hem: number },
): CircleSkirt | undefined {
  const quarters = QUARTERS[part];
  const round = (Math.PI / 2) * quarters;
  const radius = waist / round;
  const outer = radius + length + allowance.hem;
  const across = Math.floor(width / outer + 1e-9);
  if (across === 0) return undefined;
  return {
    radius,
    cutRadius: radius - allowance.waist,
    outer,
    sweep: round * (radius + length),
    panels: across > 1 ? 1 : Math.ceil(quarters / 2),
    fabric: Math.ceil(quarters / Math.min(2, across)) * outer,
  };
}
