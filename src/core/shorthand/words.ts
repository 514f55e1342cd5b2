import { ALTERATION_KIND_IDS, alterationKind, type AlterationKindId } from '../catalogue/alterations';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import { FABRIC_PARTS, type GarmentKind } from '../records';
import { SYMPTOM_IDS, symptomOf, type SymptomId } from '../catalogue/symptoms';

/** The words that the line understands, beside those of the ledger itself. What a zone or a kind is called in the catalogues always works. */

const ZONE_SYNONYMS: Record<string, ZoneId> = {
  shoulders: 'shoulder',
  back: 'acrossBack',
  chest: 'bust',
  hips: 'hip',
  seat: 'hip',
  'waist band': 'waistband',
  neck: 'neckline',
  collar: 'neckline',
  bicep: 'upperArm',
  biceps: 'upperArm',
  'upper arms': 'upperArm',
  armholes: 'armhole',
  cuff: 'wrist',
  cuffs: 'wrist',
  wrists: 'wrist',
  sleeves: 'sleeve',
  arms: 'sleeve',
  'sleeve length': 'sleeve',
  'bodice length': 'bodice',
  'back length': 'bodice',
  'front length': 'frontBodice',
  length: 'bodyLength',
  hem: 'bodyLength',
  legs: 'leg',
  inseam: 'leg',
  thighs: 'thigh',
  knees: 'knee',
  calves: 'calf',
  'crotch length': 'crotch',
  'crotch depth': 'rise',
  straps: 'strap',
  'skirt length': 'skirt',
  'bust dart': 'bustPoint',
  darts: 'bustPoint',
  pockets: 'pocket',
  'neck opening': 'opening',
};

const KIND_SYNONYMS: Record<string, AlterationKindId> = {
  fba: 'full-bust',
  'full bust': 'full-bust',
  sba: 'full-bust',
  'small bust': 'full-bust',
  'side seam': 'side-seams',
  sides: 'side-seams',
  swayback: 'sway-back',
  dart: 'bust-dart',
  darts: 'bust-dart',
  'back width': 'across-back',
  'broad back': 'across-back',
  'narrow back': 'across-back',
  'back seam': 'centre-back-seam',
  'princess seam': 'princess-seams',
  'seam allowance': 'allowance',
  bodice: 'bodice-below-bust',
  sleeve: 'sleeve-length',
  sleeves: 'sleeve-length',
  hem: 'body-at-hem',
  length: 'body-at-hem',
  body: 'body-at-hem',
  leg: 'leg-at-hem',
  legs: 'leg-at-hem',
  skirt: 'skirt-length',
  strap: 'strap-length',
  straps: 'strap-length',
  torso: 'torso-length',
  shoulder: 'shoulder-width',
  shoulders: 'shoulder-width',
  pocket: 'pocket-height',
  pockets: 'pocket-height',
  neckline: 'neck-depth',
  'upper arm': 'upper-arm',
  bicep: 'upper-arm',
  'crotch curve': 'scoop-crotch',
  crotch: 'scoop-crotch',
  cap: 'cap-height',
};

/** A bare girth as an alteration means its side seams there. */
const GIRTHS_BY_SEAM: readonly ZoneId[] = ['bust', 'underbust', 'waist', 'waistband', 'hip', 'thigh', 'knee', 'calf'];

export const ZONE_WORDS: ReadonlyMap<string, ZoneId> = new Map([
  ...ZONE_IDS.map((id) => [zoneOf(id).label, id] as const),
  ...Object.entries(ZONE_SYNONYMS),
]);

/** What an alteration changes: a kind of the catalogue, or a girth whose side seams are meant. */
export type Target = { readonly kind: AlterationKindId; readonly zones?: readonly ZoneId[] };

export const TARGET_WORDS: ReadonlyMap<string, Target> = new Map([
  ...GIRTHS_BY_SEAM.map((zone) => [zoneOf(zone).label, { kind: 'side-seams', zones: [zone] }] as const),
  ...ALTERATION_KIND_IDS.map((kind) => [alterationKind(kind).label, { kind }] as const),
  ...Object.entries(KIND_SYNONYMS).map(([word, kind]) => [word, { kind }] as const),
]);

/** Words that take the small-bust side of a kind whose plus is the full bust, and so on. */
export const MINUS_TARGETS: ReadonlySet<string> = new Set(['sba', 'small bust', 'narrow back']);

export const SYMPTOM_WORDS: ReadonlyMap<string, SymptomId> = new Map(SYMPTOM_IDS.map((id) => [symptomOf(id).label, id] as const));

/** Verbs of altering, with the sign that they give to an amount. */
export const VERBS: Record<string, 1 | -1> = {
  lengthen: 1,
  lengthened: 1,
  shorten: -1,
  shortened: -1,
  'let out': 1,
  'took in': -1,
  'take in': -1,
  'taken in': -1,
  widen: 1,
  widened: 1,
  narrow: -1,
  narrowed: -1,
  lower: 1,
  lowered: 1,
  raise: -1,
  raised: -1,
  scoop: 1,
  scooped: 1,
  add: 1,
  added: 1,
};

export const COMPARATIVES: Record<string, 1 | -1> = { longer: 1, shorter: -1, wider: 1, narrower: -1, lower: 1, higher: -1, looser: 1, tighter: -1 };

/** Words for under and over, with the kinds of zone they suit. */
export const DIRECTIONS: Record<string, { readonly sign: 1 | -1; readonly of: 'round' | 'along' | 'any' }> = {
  tight: { sign: -1, of: 'round' },
  narrow: { sign: -1, of: 'round' },
  snug: { sign: -1, of: 'round' },
  small: { sign: -1, of: 'any' },
  short: { sign: -1, of: 'along' },
  high: { sign: -1, of: 'along' },
  loose: { sign: 1, of: 'round' },
  wide: { sign: 1, of: 'round' },
  baggy: { sign: 1, of: 'round' },
  big: { sign: 1, of: 'any' },
  large: { sign: 1, of: 'any' },
  long: { sign: 1, of: 'along' },
  low: { sign: 1, of: 'along' },
};

export const DEGREES: Record<string, 1 | 2 | 3> = {
  slightly: 1,
  slight: 1,
  'a bit': 1,
  'a bit too': 1,
  'a little': 1,
  'a little too': 1,
  bit: 1,
  clearly: 2,
  clear: 2,
  too: 2,
  very: 2,
  rather: 2,
  'much too': 3,
  'far too': 3,
  'way too': 3,
  spoils: 3,
  unwearable: 3,
};

export const WAYS_SAID: Record<string, 'total' | 'perSide' | 'perSeam' | 'perQuarter'> = {
  'in all': 'total',
  total: 'total',
  'in total': 'total',
  'per side': 'perSide',
  'each side': 'perSide',
  'per seam': 'perSeam',
  'each seam': 'perSeam',
  'at each seam': 'perSeam',
  'at each side seam': 'perSeam',
  'per quarter': 'perQuarter',
};

export const WHENS: Record<string, 'paper' | 'cutting' | 'body' | 'wear'> = {
  'on paper': 'paper',
  'on the pattern': 'paper',
  'when cutting': 'cutting',
  'while cutting': 'cutting',
  'on the body': 'body',
  'on body': 'body',
  'at the fitting': 'body',
  'after wearing': 'wear',
  later: 'wear',
};

export const PARTS_SAID: Record<string, 'front' | 'back' | 'both'> = {
  front: 'front',
  'in front': 'front',
  back: 'back',
  'at the back': 'back',
  both: 'both',
};

export const PHASES_SAID: Record<string, 'plan' | 'print and assemble' | 'trace and alter' | 'cut' | 'sew' | 'finish' | 'unpick'> = {
  planning: 'plan',
  printing: 'print and assemble',
  assembling: 'print and assemble',
  tracing: 'trace and alter',
  altering: 'trace and alter',
  cutting: 'cut',
  sewing: 'sew',
  finishing: 'finish',
  hemming: 'finish',
  unpicking: 'unpick',
};

export const NOTES_SAID: Record<string, 'different' | 'mistake' | 'tip' | 'setting' | 'erratum'> = {
  tip: 'tip',
  mistake: 'mistake',
  setting: 'setting',
  settings: 'setting',
  different: 'different',
  differently: 'different',
  erratum: 'erratum',
  errata: 'erratum',
};

export const MAKE_KINDS_SAID: Record<string, 'toile' | 'wearable toile'> = {
  toile: 'toile',
  muslin: 'toile',
  'wearable toile': 'wearable toile',
  'wearable muslin': 'wearable toile',
};

export const FABRIC_PART_WORDS: readonly string[] = FABRIC_PARTS;

/** Where a direction does not suit a zone, the zone that is meant instead: a tight sleeve is tight round the upper arm. */
const MEANT: Partial<Record<ZoneId, { readonly round?: ZoneId; readonly along?: ZoneId }>> = {
  sleeve: { round: 'upperArm' },
  leg: { round: 'thigh' },
  skirt: { round: 'hip' },
  bodice: { round: 'bust' },
  bodyLength: { round: 'hemSweep' },
  waist: { along: 'bodice' },
  bust: { along: 'frontBodice' },
  neckline: { along: 'neckDepth' },
  shoulder: {},
};

/**
 * The zone that a direction and a place mean together.
 *
 * @returns undefined where they mean nothing together, such as a low wrist
 * @example zoneMeant('sleeve', 'tight') // 'upperArm'
 */
export function zoneMeant(zone: ZoneId, word: string): ZoneId | undefined {
  const of = DIRECTIONS[word]?.of;
  const { kind } = zoneOf(zone);
  const round = kind === 'girth' || kind === 'width';
  if (of === undefined || of === 'any' || (of === 'round') === round) return zone;
  return MEANT[zone]?.[of];
}

/** A hem is at another place on each kind of garment. */
export function targetFor(word: string, garment: GarmentKind | undefined): Target | undefined {
  if (word === 'hem' || word === 'length') {
    if (garment === 'skirt' || garment === 'dress') return { kind: 'skirt-length' };
    if (garment === 'trousers' || garment === 'shorts') return { kind: 'leg-at-hem' };
  }
  return TARGET_WORDS.get(word);
}
