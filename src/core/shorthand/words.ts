import { ACTS, NAMED_ALTERATIONS, TARGET_NAMES } from './targets';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import type { GarmentKind } from '../records';
import { isFitless, isLower } from '../records/usual-zones';
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
  'upper back': 'acrossBack',
  'back width': 'acrossBack',
  'front width': 'acrossFront',
  'upper chest': 'acrossFront',
  'shoulder width': 'shoulder',
  'shoulder seams': 'shoulder',
  'upper sleeve': 'upperArm',
  'upper sleeves': 'upperArm',
  'sleeve width': 'upperArm',
  'sleeve hem': 'wrist',
  underarm: 'armhole',
  underarms: 'armhole',
  'under the arm': 'armhole',
  'under the arms': 'armhole',
  'under my arms': 'armhole',
  armscye: 'armhole',
  'under arm': 'armhole',
  'arm hole': 'armhole',
  'arm holes': 'armhole',
  waistline: 'waist',
  'natural waist': 'waist',
  'waist seam': 'waist',
  bum: 'hip',
  bottom: 'hip',
  'high hip': 'hip',
  breast: 'bust',
  boobs: 'bust',
  'shoulder blades': 'acrossBack',
  cups: 'cup',
  wire: 'wireLine',
  wires: 'wireLine',
  underwire: 'wireLine',
  'leg lines': 'legLine',
  coverage: 'seatCoverage',
  'back coverage': 'seatCoverage',
  apex: 'bustPoint',
  'bust darts': 'bustPoint',
  necklines: 'neckline',
  neckband: 'neckline',
  neckbands: 'neckline',
  neckhole: 'neckline',
  'neck hole': 'neckline',
  'neck line': 'neckline',
  'back neck': 'neckline',
  'back of the neck': 'neckline',
  'inside leg': 'leg',
  'inner leg': 'leg',
  'leg length': 'leg',
  'pant legs': 'leg',
  'trouser legs': 'leg',
  ankle: 'legHem',
  ankles: 'legHem',
  'leg openings': 'legHem',
  'hem width': 'hemSweep',
  'dress length': 'skirt',
  torsos: 'torso',
  body: 'bodyLength',
  'pocket opening': 'pocket',
};

export const ZONE_WORDS: ReadonlyMap<string, ZoneId> = new Map([
  ...ZONE_IDS.map((id) => [zoneOf(id).label, id] as const),
  ...Object.entries(ZONE_SYNONYMS),
]);

/** How another pattern is said to be joined: for a regular expression. */
export const JOINED_WITH = 'joined (?:with|to)|combined with|hacked with|mashed (?:up )?with';

export const SYMPTOM_WORDS: ReadonlyMap<string, SymptomId> = new Map(SYMPTOM_IDS.map((id) => [symptomOf(id).label, id] as const));

/** Words for under and over, with the kinds of zone they suit. */
export const DIRECTIONS: Record<string, { readonly sign: 1 | -1; readonly of: 'round' | 'along' | 'any' }> = {
  tight: { sign: -1, of: 'round' },
  narrow: { sign: -1, of: 'round' },
  snug: { sign: -1, of: 'round' },
  restrictive: { sign: -1, of: 'round' },
  constricting: { sign: -1, of: 'round' },
  roomy: { sign: 1, of: 'round' },
  slack: { sign: 1, of: 'round' },
  full: { sign: 1, of: 'round' },
  deep: { sign: 1, of: 'along' },
  shallow: { sign: -1, of: 'along' },
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

const LEGGED: readonly GarmentKind[] = ['trousers', 'shorts', 'one-piece', 'swimsuit', 'briefs'];
const OF_LEGS: ReadonlySet<ZoneId> = new Set(['rise', 'crotch', 'thigh', 'knee', 'calf', 'legHem', 'kneePoint', 'leg']);
const OF_BRA: ReadonlySet<ZoneId> = new Set(['braBand', 'cup', 'wireLine']);
const OF_BRIEFS: ReadonlySet<ZoneId> = new Set(['legLine', 'seatCoverage']);
const OF_LOWER: ReadonlySet<ZoneId> = new Set(['waist', 'waistband', 'hip', 'hemSweep', 'opening', 'pocket']);

/**
 * Whether a garment of a kind can have a place at all; of an unknown kind everything can be said.
 *
 * @example hasZone('trousers', 'neckline') // false
 */
export function hasZone(kind: GarmentKind | undefined, zone: ZoneId): boolean {
  if (kind === undefined) return true;
  if (isFitless(kind)) return false;
  if (kind === 'hat') return zone === 'head' || zone === 'opening';
  if (zone === 'head') return false;
  if (OF_BRA.has(zone)) return kind === 'bra' || kind === 'swimsuit';
  if (OF_BRIEFS.has(zone)) return kind === 'briefs' || kind === 'swimsuit';
  if (OF_LEGS.has(zone)) return LEGGED.includes(kind);
  if (zone === 'skirt') return kind === 'skirt' || kind === 'dress' || kind === 'coat';
  return !isLower(kind) || OF_LOWER.has(zone);
}

export const DEGREES: Record<string, 1 | 2 | 3> = {
  slightly: 1,
  slight: 1,
  'a bit': 1,
  'a bit too': 1,
  'a little': 1,
  'a little too': 1,
  bit: 1,
  'a tiny bit': 1,
  'a touch': 1,
  'a smidge': 1,
  'a tad': 1,
  'a tad too': 1,
  'a touch too': 1,
  'a wee bit': 1,
  somewhat: 1,
  'just slightly': 1,
  'still a bit': 1,
  quite: 2,
  pretty: 2,
  really: 2,
  still: 2,
  'still too': 2,
  so: 2,
  super: 2,
  clearly: 2,
  clear: 2,
  too: 2,
  very: 2,
  rather: 2,
  'much too': 3,
  'far too': 3,
  'way too': 3,
  much: 3,
  far: 3,
  hugely: 3,
  ridiculously: 3,
  impossibly: 3,
  unwearably: 3,
  spoils: 3,
  unwearable: 3,
};

export const WAYS_SAID: Record<string, 'total' | 'perSide' | 'perSeam' | 'perQuarter'> = {
  'in all': 'total',
  total: 'total',
  'in total': 'total',
  overall: 'total',
  altogether: 'total',
  'per side': 'perSide',
  'each side': 'perSide',
  'on each side': 'perSide',
  'at each side': 'perSide',
  'per seam': 'perSeam',
  'each seam': 'perSeam',
  'at each seam': 'perSeam',
  'at each side seam': 'perSeam',
  'each side seam': 'perSeam',
  'per side seam': 'perSeam',
  'at cb': 'total',
  'at the cb': 'total',
  'at centre back': 'total',
  'at center back': 'total',
  'at the centre back': 'total',
  'at the center back': 'total',
  'in the centre back seam': 'total',
  'in the center back seam': 'total',
  'at the back seam': 'total',
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

/** What is sewn to see how it fits, in a word. */
export const TOILES = ['toile', 'muslin', 'mock-up', 'mockup'] as const;
/** The same in whatever words; behind "wearable" it is worn too. */
export const TOILE = `(?:${TOILES.join('|')}|(?:test|trial|practice) (?:garment|version|make|run)|trial(?= (?:of|for) ))`;

/** Where a direction does not suit a zone, the zone that is meant instead: a tight sleeve is tight round the upper arm. */
const MEANT: Partial<Record<ZoneId, { readonly round?: ZoneId; readonly along?: ZoneId }>> = {
  sleeve: { round: 'upperArm' },
  leg: { round: 'thigh' },
  skirt: { round: 'hip' },
  bodice: { round: 'bust' },
  waist: { along: 'bodice' },
  bust: { along: 'frontBodice' },
  neckline: { along: 'neckDepth' },
  // One that is deep goes further round.
  armhole: { along: 'armhole' },
  shoulder: {},
};

/** How large something is, of which both its length and its width may be meant. */
const LARGE: Readonly<Record<string, string>> = { big: 'wide', large: 'wide', small: 'tight' };

/**
 * The direction round a place that a word for its size may mean as well as how long it is: a big sleeve is wide, or long.
 *
 * @returns undefined where it can mean one of them only
 * @example roundToo('sleeve', 'big') // 'wide'
 * @example roundToo('waist', 'big') // undefined
 */
export function roundToo(zone: ZoneId, word: string): string | undefined {
  const { kind } = zoneOf(zone);
  return kind === 'girth' || kind === 'width' ? undefined : LARGE[word];
}

/** What is cut deep or shallow; a deep hem or dart is no fit. */
const DEPTHS: ReadonlySet<ZoneId> = new Set(['neckDepth', 'armhole', 'rise', 'crotch']);
const isDepth = (word: string) => /^(?:deep|shallow)/.test(word);
const BANDS = /^(?:neckbands?|collars?|neck bands?)$/;

/**
 * The zone that a direction and a place mean together.
 *
 * @param called the word for the zone, where it decides
 * @returns undefined where they mean nothing together, such as a low wrist
 * @example zoneMeant('sleeve', 'tight') // 'upperArm'
 */
export function zoneMeant(zone: ZoneId, word: string, called = ''): ZoneId | undefined {
  const of = DIRECTIONS[word]?.of;
  // A band or a collar has a width and a height of its own: only how it goes round is how the neck fits.
  if (zone === 'neckline' && BANDS.test(called) && !/^(?:tight|loose|snug|restrictive|constricting|slack|small|big|large)/.test(word))
    return undefined;
  // A dart is long, and points high.
  if (zone === 'bustPoint' && !/^(?:high|low)/.test(word)) return undefined;
  // A garment that is big is so somewhere.
  if (zone === 'bodyLength' && called !== 'hem' && word in LARGE) return undefined;
  // A pocket sits high or low; how large it is is no fit.
  if (zone === 'pocket' && !/^(?:high|low)/.test(word)) return undefined;
  // A neck is wide across and tight round; a hem is wide all round.
  if ((called === 'neck' || called === 'neckline') && of === 'round') return DIRECTIONS[word]?.sign === 1 ? 'neckWidth' : 'neckline';
  if (called === 'hem' && of === 'round') return 'hemSweep';
  const { kind } = zoneOf(zone);
  const round = kind === 'girth' || kind === 'width';
  if (of === undefined || of === 'any' || (of === 'round') === round) return isDepth(word) && !DEPTHS.has(zone) ? undefined : zone;
  // A point of the bust sits high or low, and the front over it is long or short.
  const meant = zone === 'bust' && /^(?:high|low)/.test(word) ? 'bustPoint' : MEANT[zone]?.[of];
  return isDepth(word) && meant !== undefined && !DEPTHS.has(meant) ? undefined : meant;
}

/**
 * Whether a direction at a place means too much of it or too little: a neckline that is low is cut deep, and a rise that is low is short.
 *
 * @example signMeant('neckDepth', 'low') // 1
 * @example signMeant('rise', 'low') // -1
 */
export function signMeant(zone: ZoneId, word: string): 1 | -1 | undefined {
  const sign = DIRECTIONS[word]?.sign;
  return sign !== undefined && zone === 'rise' && /^(?:high|low)/.test(word) ? (sign === 1 ? -1 : 1) : sign;
}

/** Words of the trade that are looked for behind a slip: long ones, that no other word of the language is near. */
export const OFTEN_MISSPELLED: readonly string[] =
  'sleeve sleeves waistband shoulder shoulders bodice neckline armhole armholes lengthened lengthen shortened shorten lowered widened narrowed finished yesterday elastic trousers between graded allowance alterations alteration interfacing contrast abandoned buttons favourite underbust'.split(
    ' ',
  );

const OTHERS =
  'tight loose narrow wide short long high low right fine good waist wrist lining facing binding hip hips thigh knee calf seam seams dart darts fabric toile muslin view version size sizes straight worn wears love loved next time would again between graded hem hemmed cut sewn made let took take raised lowered january february march april may june july august september october november december monday tuesday wednesday thursday friday saturday sunday button shorter longer wider narrower bodices necklines slave sleeved sleeveless shoulders'.split(
    ' ',
  );
const TRADE: ReadonlySet<string> = new Set(
  [
    ...ZONE_WORDS.keys(),
    ...TARGET_NAMES,
    ...Object.keys(ACTS),
    ...Object.keys(NAMED_ALTERATIONS),
    ...Object.keys(DIRECTIONS),
    ...TOILES,
    'wearable',
    ...Object.keys(PHASES_SAID),
    ...OFTEN_MISSPELLED,
    ...OTHERS,
  ].flatMap((words) => words.split(' ')),
);

/**
 * Whether a word is one that the line reads, whatever else it may be the name of.
 *
 * @example isTradeWord('long') // true
 */
export const isTradeWord = (word: string): boolean => TRADE.has(word);

/** An earlier make of the same pattern, as a sentence speaks of it: "the last one", "my first version". */
export const EARLIER_ONE = '(?:the|my) (?:last|first|second|third|previous|other|old)(?: (?:one|version|pair|make))?';
/** When that was made, or which it is: "last time", "version 2". */
export const EARLIER = `(?:(?:the )?last time|before|previously|${EARLIER_ONE}|(?:my )?version \\d{1,3}|v ?\\d{1,3})`;

/** What stands before the name of a garment. */
export const WHOSE = '(?:(?:the|my|a|an|our|her|his|their|another|some|new) +)*';

/** How a garment is cut, said before what it is: part of a name, where fabric and colour are none. */
export const CUTS: ReadonlySet<string> = new Set(
  'wrap shirt maxi mini midi shift slip swing swagger pencil circle tea sun sheath smock trapeze bomber trench bucket tote pinafore culotte cargo palazzo wide-leg skater tunic tank halter peplum raglan polo boxy cropped pyjama lounge evening party summer winter work'.split(
    ' ',
  ),
);

/** Several children, as they are spoken of together. */
export const CHILDREN = 'kids|boys|girls|twins|children';
