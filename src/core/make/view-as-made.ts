import type { Chosen, FlatDetails, PartSource, Pattern, View } from '../records';
import { keysOf } from '../units/keys';
import { memoize } from '../units/memoize';
import type { ZoneId } from '../body/zones';

/** A view as one garment was made of it: with its details chosen, and parts that came from other views of the same pattern. */
export interface ViewAsMade extends View {
  /** The view that a zone comes from, where it is another. */
  readonly zoneFrom?: Partial<Record<ZoneId, string>>;
}

/** Zones of the sleeve below the shoulder, and where each details of the drawing shows. */
const SLEEVE: readonly ZoneId[] = ['sleeve', 'upperArm', 'wrist'];
const SHOWN_AT: readonly (readonly [keyof FlatDetails, readonly ZoneId[]])[] = [
  ['sleeve', SLEEVE],
  ['cuffs', ['wrist']],
  ['neck', ['neckline', 'neckWidth', 'neckDepth']],
  ['length', ['bodyLength', 'skirt', 'leg']],
  ['pockets', ['pocket']],
];

/**
 * A view with details chosen: a garment without sleeves has no sleeve to judge, and how it opens decides whether it can be put on.
 *
 * @example withChosen(view, { sleeve: 'none' }).zones.includes('sleeve') // false
 */
function withChosen(view: ViewAsMade, chosen: Chosen): ViewAsMade {
  const { sleeve, opening } = chosen;
  const bare: readonly ZoneId[] = sleeve === 'none' ? SLEEVE : sleeve === 'short' || sleeve === 'elbow' ? ['wrist'] : [];
  const stay = (zones: readonly ZoneId[]) => zones.filter((z) => !bare.includes(z));
  const closes = opening === 'none' ? 'fixed' : opening === 'open' ? 'wrap' : opening;
  return {
    ...view,
    flat: { ...view.flat, ...chosen },
    zones: stay(view.zones),
    freeZones: stay(view.freeZones),
    openings:
      closes === undefined ? view.openings : view.openings.map((o) => (o.closes === 'elastic' || o.closes === 'drawstring' ? o : { ...o, closes })),
  };
}

/** A view with a part from another view of its pattern. */
function withPart(view: ViewAsMade, part: View, zones: readonly ZoneId[]): ViewAsMade {
  const instead = <T>(own: Partial<Record<ZoneId, T>>, other: Partial<Record<ZoneId, T>>): Partial<Record<ZoneId, T>> => {
    const kept = { ...own };
    for (const zone of zones) {
      delete kept[zone];
      if (other[zone] !== undefined) kept[zone] = other[zone];
    }
    return kept;
  };
  const outside = (own: readonly ZoneId[]) => own.filter((z) => !zones.includes(z));
  const within = (other: readonly ZoneId[]) => other.filter((z) => zones.includes(z));
  const details = SHOWN_AT.filter(([, at]) => at.some((z) => zones.includes(z))).map(([detail]) => detail);
  return {
    ...view,
    zones: [...outside(view.zones), ...within(part.zones)],
    freeZones: [...outside(view.freeZones), ...within(part.freeZones)],
    zoneClass: instead(view.zoneClass, part.zoneClass),
    seams: instead(view.seams, part.seams),
    openings: [...view.openings.filter((o) => !zones.includes(o.zone)), ...part.openings.filter((o) => zones.includes(o.zone))],
    flat: { ...view.flat, ...Object.fromEntries(details.flatMap((d) => (part.flat?.[d] === undefined ? [] : [[d, part.flat[d]]]))) },
    zoneFrom: { ...view.zoneFrom, ...Object.fromEntries(zones.map((z) => [z, part.id])) },
  };
}

/**
 * A view with parts from others, of the same pattern or not: each brings the zones named, with how they are meant to fit and to open.
 *
 * @example viewWithParts(bodice, [{ view: puffed, zones: ['sleeve'] }]).zoneFrom // { sleeve: 'puffed' }
 */
export function viewWithParts(view: View, parts: readonly { readonly view: View; readonly zones: readonly ZoneId[] }[]): ViewAsMade {
  return parts.reduce<ViewAsMade>((made, part) => withPart(made, part.view, part.zones), view);
}

/** Views that were worked out: one object for the same parts and choices, since what is worked out of a view is found again by it. */
const worked = memoize((_: View) => new Map<string, ViewAsMade>());

/**
 * The view of a pattern as a garment is made of it.
 *
 * @param view the one that it is cut from in the main
 * @param sources all that it is cut from; other views of the same pattern bring the zones they name
 */
export function viewAsMade(
  pattern: Pick<Pattern, 'id' | 'views'>,
  view: View,
  sources: readonly PartSource[],
  chosen: Chosen | undefined,
): ViewAsMade {
  const parts = sources.filter((s) => s.patternId === pattern.id && s.viewId !== view.id && s.zones !== undefined && s.zones.length > 0);
  const picked = chosen && keysOf(chosen).some((detail) => chosen[detail] !== undefined) ? chosen : undefined;
  if (parts.length === 0 && !picked) return view;
  const key = JSON.stringify([parts.map((p) => [p.viewId, p.zones]), picked]);
  const known = worked(view).get(key);
  if (known) return known;
  const joined = viewWithParts(
    view,
    parts.flatMap(({ viewId, zones = [] }) => pattern.views.filter((v) => v.id === viewId).map((part) => ({ view: part, zones }))),
  );
  const made = picked ? withChosen(joined, picked) : joined;
  worked(view).set(key, made);
  return made;
}
