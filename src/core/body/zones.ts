import { idsOf } from '../units/keys';
/**
 * The zones: places with one dimension on a garment, and what practice says about each.
 *
 * `edges` are the cm at which a semi-fitted garment turns from right to slight, clear and spoiling; `sigma` is the cm by which
 * an observer errs; `spread` is how far (cm, one standard deviation) a person, a intended ease, a designer and a single
 * pattern usually lie from what was intended. Source: engine.md, section 3.
 */
export type ZoneKind = 'girth' | 'width' | 'length' | 'position';

/** Body measures, as they stand in a measurement set and in a pattern's size chart. */
export const BODY_MEASURES = {
  height: 'height',
  highBust: 'high bust',
  bust: 'bust',
  underbust: 'underbust',
  waist: 'waist',
  hip: 'hip',
  shoulder: 'shoulder',
  acrossBack: 'across back',
  acrossFront: 'across front',
  napeToWaist: 'back waist length',
  frontLength: 'front length',
  bustDepth: 'bust depth',
  armLength: 'arm length',
  upperArm: 'upper arm',
  wrist: 'wrist',
  neck: 'neck',
  head: 'head',
  rise: 'rise',
  crotchLength: 'crotch length',
  inseam: 'inseam',
  thigh: 'thigh',
  knee: 'knee',
  torsoLoop: 'torso loop',
} as const;
export type BodyMeasure = keyof typeof BODY_MEASURES;

export interface Zone {
  readonly label: string;
  readonly kind: ZoneKind;
  /** cm at which right turns slight, slight clear, clear spoils; for a semi-fitted garment. */
  readonly edges: readonly [number, number, number];
  readonly sigma: number;
  readonly spread: { readonly person: number; readonly fitClass: number; readonly designer: number; readonly pattern: number };
  /** The body measure that decides the zone, where there is one. */
  readonly measure?: BodyMeasure;
  /** Where the chart lacks the zone: grade it from another measure, by factor. First that the chart has wins. */
  readonly gradedFrom?: readonly { readonly measure: 'bust' | 'hip'; readonly factor: number }[];
  /** A closed band: it does not give, its edges are not scaled by the intended ease, and stretch counts in full. */
  readonly band?: true;
  /** Seams that usually cross the zone: 2 side seams of a body, 1 of a limb; −1 where a seam bounds an opening instead. */
  readonly seams: number;
}

function zone(
  label: string,
  kind: ZoneKind,
  edges: readonly [number, number, number],
  sigma: number,
  [person, fitClass, designer, pattern]: readonly [number, number, number, number],
  rest: Omit<Zone, 'label' | 'kind' | 'edges' | 'sigma' | 'spread' | 'seams'> & { seams?: number } = {},
): Zone {
  return { label, kind, edges, sigma, spread: { person, fitClass, designer, pattern }, seams: 0, ...rest };
}

const ofBust = (factor: number) => ({ measure: 'bust' as const, factor });
const ofHip = (factor: number) => ({ measure: 'hip' as const, factor });

/** In the order in which a garment is read: from the neck down. */
export const ZONES = {
  head: zone('head', 'girth', [1, 2, 3.5], 0.5, [1.5, 0, 0.5, 0.8], { measure: 'head', band: true }),
  neckline: zone('neckline', 'girth', [1, 2.5, 4], 0.6, [2, 1, 0.8, 1.2], { measure: 'neck', gradedFrom: [ofBust(0.25)], seams: -1 }),
  neckWidth: zone('neck width', 'width', [1, 2.5, 4], 0.6, [2, 1, 0.8, 1.2], { gradedFrom: [ofBust(0.25)], seams: -1 }),
  neckDepth: zone('neck depth', 'position', [0.8, 2, 4], 0.5, [1.5, 0, 0.5, 0.8]),
  shoulder: zone('shoulder', 'width', [0.6, 1.5, 3], 0.4, [1.2, 0.3, 0.4, 0.5], { measure: 'shoulder', gradedFrom: [ofBust(0.06)] }),
  acrossBack: zone('across back', 'width', [0.8, 2, 4], 0.5, [2, 0.5, 0.5, 0.8], { measure: 'acrossBack', gradedFrom: [ofBust(0.2)] }),
  acrossFront: zone('across front', 'width', [0.8, 2, 4], 0.5, [2, 0.5, 0.5, 0.8], { measure: 'acrossFront', gradedFrom: [ofBust(0.2)] }),
  strapSpacing: zone('strap spacing', 'width', [0.8, 2, 4], 0.5, [2, 0.5, 0.5, 0.8]),
  strap: zone('strap', 'length', [0.8, 2, 4], 0.5, [2, 0, 0.5, 0.8]),
  armhole: zone('armhole', 'girth', [1, 2.5, 4.5], 0.6, [2, 1, 0.8, 1], { gradedFrom: [ofBust(0.45)], seams: -1 }),
  bust: zone('bust', 'girth', [2, 5, 9], 1, [4, 2, 1.5, 2], { measure: 'bust', seams: 2 }),
  bustPoint: zone('bust point', 'position', [0.8, 2, 4], 0.5, [2, 0, 0.4, 0.7], { measure: 'bustDepth' }),
  underbust: zone('underbust', 'girth', [1.5, 4, 7], 0.8, [3.5, 1.5, 1.2, 1.6], { measure: 'underbust', gradedFrom: [ofBust(1)], seams: 2 }),
  braBand: zone('band', 'girth', [1, 2, 3.5], 0.6, [3, 0, 1.2, 1.6], { measure: 'underbust', band: true, gradedFrom: [ofBust(1)], seams: 2 }),
  cup: zone('cup', 'girth', [0.8, 2, 3.5], 0.5, [2.5, 0.5, 1, 1.2]),
  wireLine: zone('wire line', 'width', [0.4, 1, 2], 0.3, [1, 0, 0.4, 0.5]),
  waist: zone('waist', 'girth', [2, 4.5, 8], 1, [4, 2, 1.5, 2], { measure: 'waist', gradedFrom: [ofBust(1), ofHip(1)], seams: 2 }),
  waistband: zone('waistband', 'girth', [1, 2, 3.5], 0.6, [3, 0, 1.2, 1.6], { measure: 'waist', band: true, seams: 2 }),
  hip: zone('hip', 'girth', [2, 5, 9], 1, [4, 2, 1.5, 2], { measure: 'hip', seams: 2 }),
  opening: zone('opening', 'girth', [1, 2.5, 4], 0.6, [1.5, 0, 0.5, 0.8], { band: true, seams: -1 }),
  upperArm: zone('upper arm', 'girth', [1.2, 3, 5], 0.7, [2.5, 1, 1, 1.2], { measure: 'upperArm', gradedFrom: [ofBust(0.3)], seams: 1 }),
  wrist: zone('wrist', 'girth', [1, 2.5, 4], 0.6, [1.5, 0, 0.5, 0.8], { measure: 'wrist', gradedFrom: [ofBust(0.15)], band: true, seams: 1 }),
  bodice: zone('bodice', 'length', [1, 2.5, 5], 0.6, [2.5, 0, 0.7, 1.2], { measure: 'napeToWaist' }),
  frontBodice: zone('front bodice', 'length', [1, 2.5, 5], 0.6, [2.5, 0, 0.7, 1.2], { measure: 'frontLength' }),
  bodyLength: zone('body length', 'length', [1.5, 4, 8], 1, [4, 0, 1.5, 3]),
  torso: zone('torso', 'length', [1.5, 4, 8], 1, [4, 0, 1.5, 3], { measure: 'torsoLoop' }),
  sleeve: zone('sleeve', 'length', [1, 2.5, 5], 0.6, [2.5, 0, 0.7, 1.2], { measure: 'armLength' }),
  skirt: zone('skirt', 'length', [1.5, 4, 8], 1, [4, 0, 1.5, 3]),
  hemSweep: zone('hem sweep', 'girth', [4, 10, 20], 2, [6, 2, 2, 4], { gradedFrom: [ofHip(1)], seams: 2 }),
  rise: zone('rise', 'length', [0.8, 2, 4], 0.5, [2, 0, 0.5, 0.8], { measure: 'rise' }),
  crotch: zone('crotch', 'length', [1, 2.5, 5], 0.6, [3, 0, 0.8, 1.2], { measure: 'crotchLength' }),
  legLine: zone('leg line', 'position', [0.8, 2, 4], 0.5, [1.5, 0, 0.5, 0.8]),
  seatCoverage: zone('seat coverage', 'length', [1, 2.5, 4], 0.6, [2, 0, 0.7, 1.2]),
  thigh: zone('thigh', 'girth', [1.5, 4, 7], 0.8, [3, 1.5, 1, 1.6], { measure: 'thigh', gradedFrom: [ofHip(0.6)], seams: 1 }),
  knee: zone('knee', 'girth', [1.5, 4, 7], 0.8, [3, 1.5, 1, 1.6], { measure: 'knee', gradedFrom: [ofHip(0.4)], seams: 1 }),
  calf: zone('calf', 'girth', [1.5, 4, 7], 0.8, [3, 1.5, 1, 1.6], { gradedFrom: [ofHip(0.4)], seams: 1 }),
  legHem: zone('leg opening', 'girth', [1.5, 4, 7], 0.8, [3, 1.5, 1, 1.6], { seams: 1 }),
  kneePoint: zone('knee point', 'position', [1.5, 3, 6], 1, [3, 0, 0.6, 0.8]),
  leg: zone('leg', 'length', [1.2, 3, 6], 0.7, [4, 0, 0.8, 1.5], { measure: 'inseam' }),
  pocket: zone('pocket', 'position', [1.5, 3, 6], 1, [3, 0, 0.6, 0.8]),
} as const satisfies Record<string, Zone>;

export type ZoneId = keyof typeof ZONES;
export const ZONE_IDS = idsOf(ZONES);

/** The zone's facts, with every optional field in reach of the type checker. */
export function zoneOf(id: ZoneId): Zone {
  return ZONES[id];
}

const KIND_OF_MEASURE = new Map<BodyMeasure, ZoneKind>(
  ZONE_IDS.flatMap((id) => {
    const { measure, kind } = zoneOf(id);
    return measure ? [[measure, kind] as const] : [];
  }),
);

/** Whether a tape goes round the body for a measure, across it or along it: as the place that it decides. */
export function kindOfMeasure(measure: BodyMeasure): ZoneKind {
  return measure === 'highBust' ? 'girth' : (KIND_OF_MEASURE.get(measure) ?? 'length');
}

/** What under and over are called at a zone of this kind. The garment is tight; the body never is. */
export const DIRECTION_WORDS: Record<ZoneKind, { readonly under: string; readonly over: string }> = {
  girth: { under: 'tight', over: 'loose' },
  width: { under: 'narrow', over: 'wide' },
  length: { under: 'short', over: 'long' },
  position: { under: 'high', over: 'low' },
};

/** The spread of θ before any note: person, class, designer and pattern together, cm. */
export function priorSpread(zone: ZoneId): number {
  const { person, fitClass, designer, pattern } = zoneOf(zone).spread;
  return Math.hypot(person, fitClass, designer, pattern);
}
