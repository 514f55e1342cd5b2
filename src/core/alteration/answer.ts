import { zoneOf, type ZoneId } from '../body/zones';
import { roundToWorkable, type LengthUnit } from '../units/length';
import { sharesOf, USUAL_GARMENT, type EffectContext } from './effects';
import type { Alteration } from '../records';
import type { AlterationKindId, Way } from '../catalogue/alterations';

/** The alteration that changes a zone where no other is asked for. */
interface Answer {
  readonly kind: AlterationKindId;
  readonly way: Way;
  /** The kind asks which zones it passes. */
  readonly named?: true;
}

const seams: Answer = { kind: 'side-seams', way: 'total', named: true };

/** Every zone has one answer; kinds that move other zones too stand where those can still be put right afterwards. */
const ANSWERS: Record<ZoneId, Answer> = {
  head: { kind: 'crown-girth', way: 'total' },
  neckline: { kind: 'neckline-girth', way: 'total' },
  neckWidth: { kind: 'neck-width', way: 'perSide' },
  neckDepth: { kind: 'neck-depth', way: 'total' },
  shoulder: { kind: 'shoulder-width', way: 'perSide' },
  acrossBack: { kind: 'across-back', way: 'total' },
  acrossFront: { kind: 'across-front', way: 'total' },
  strapSpacing: { kind: 'strap-spacing', way: 'total' },
  strap: { kind: 'strap-length', way: 'total' },
  armhole: { kind: 'armhole-depth', way: 'total' },
  bust: seams,
  braBand: seams,
  cup: { kind: 'cup-size', way: 'total' },
  wireLine: { kind: 'wire-line', way: 'total' },
  bustPoint: { kind: 'bust-dart', way: 'total' },
  underbust: seams,
  waist: seams,
  waistband: seams,
  hip: seams,
  opening: { kind: 'opening-girth', way: 'total' },
  upperArm: { kind: 'upper-arm', way: 'total' },
  wrist: seams,
  bodice: { kind: 'bodice-below-bust', way: 'total' },
  frontBodice: { kind: 'front-length', way: 'total' },
  bodyLength: { kind: 'body-at-hem', way: 'total' },
  torso: { kind: 'torso-length', way: 'total' },
  sleeve: { kind: 'sleeve-length', way: 'total' },
  skirt: { kind: 'skirt-length', way: 'total' },
  hemSweep: seams,
  rise: { kind: 'rise', way: 'total' },
  crotch: { kind: 'scoop-crotch', way: 'total' },
  legLine: { kind: 'leg-line', way: 'total' },
  seatCoverage: { kind: 'seat-coverage', way: 'total' },
  thigh: seams,
  knee: seams,
  calf: seams,
  legHem: seams,
  kneePoint: { kind: 'leg-at-thigh', way: 'total' },
  leg: { kind: 'leg-at-hem', way: 'total' },
  pocket: { kind: 'pocket-height', way: 'total' },
};

/** Zones whose answer moves others come first, so that the others can be put right after them. */
const FIRST: readonly ZoneId[] = ['torso', 'bodice', 'frontBodice', 'bustPoint', 'rise', 'crotch', 'kneePoint', 'leg', 'bodyLength'];

/** Zones in the order in which a cut is worked out. */
export function inOrderOfAnswers(zones: readonly ZoneId[]): ZoneId[] {
  const place = (zone: ZoneId) => (FIRST.includes(zone) ? FIRST.indexOf(zone) : FIRST.length);
  return [...zones].sort((a, b) => place(a) - place(b));
}

/**
 * A fit alteration on paper that changes one zone.
 *
 * @param amount cm, as measured in the answer's own way
 */
export function answerFor(zone: ZoneId, amount: number): Alteration {
  const { kind, way, named } = ANSWERS[zone];
  return { id: `carry-${zone}`, kind, way, amount, ...(named ? { zones: [zone] } : {}), purpose: 'fit', when: 'paper' };
}

/** Fine zones are rounded to half the step. */
export function isFine(zone: ZoneId): boolean {
  const { kind } = zoneOf(zone);
  return kind === 'width' || kind === 'position';
}

/** How far the zone's own answer moves it for each centimetre of its amount: a neckline widened by 1 cm per side is 2 cm wider. */
export function movesBy(zone: ZoneId, context: EffectContext = USUAL_GARMENT): number {
  return sharesOf(answerFor(zone, 1), context).find((share) => share.zone === zone)?.per ?? 1;
}

/**
 * The fit alteration that moves a zone by so much, its amount as it is measured in its own way and rounded to what can be cut.
 *
 * @param cm at the zone; plus makes it larger, longer or lower
 * @example answerMoving('neckWidth', 2, 'cm').amount // 1: per side
 */
export function answerMoving(zone: ZoneId, cm: number, unit: LengthUnit, context: EffectContext = USUAL_GARMENT): Alteration {
  return answerFor(zone, roundToWorkable(cm / movesBy(zone, context), unit, isFine(zone)));
}
