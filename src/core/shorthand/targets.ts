import { ALTERATION_NAMES } from '../catalogue/alteration-names';
import { ALTERATION_KIND_IDS, alterationKind, isSized, type AlterationKindId } from '../catalogue/alterations';
import type { ZoneId } from '../body/zones';
import type { GarmentKind } from '../records';
import { isLower } from '../records/usual-zones';
import { anyOf } from './amounts';

/** What a word of changing does, whatever it is done to. */
export type Act = 'longer' | 'shorter' | 'wider' | 'narrower' | 'lower' | 'higher' | 'deeper' | 'more' | 'less';

/** Verbs and comparatives with what they do. A verb has its own direction for each target: a hem is raised by shortening. */
export const ACTS: Readonly<Record<string, Act>> = {
  lengthen: 'longer',
  lengthened: 'longer',
  lengthening: 'longer',
  'let down': 'longer',
  longer: 'longer',
  'more length': 'longer',
  extend: 'longer',
  extended: 'longer',
  shorten: 'shorter',
  shortened: 'shorter',
  shortening: 'shorter',
  shorter: 'shorter',
  'took up': 'shorter',
  'take up': 'shorter',
  'taken up': 'shorter',
  'turned up': 'shorter',
  cropped: 'shorter',
  crop: 'shorter',
  hemmed: 'shorter',
  'let out': 'wider',
  'letting out': 'wider',
  widen: 'wider',
  widened: 'wider',
  wider: 'wider',
  looser: 'wider',
  'took in': 'narrower',
  'take in': 'narrower',
  'taken in': 'narrower',
  'taking in': 'narrower',
  'brought in': 'narrower',
  'pinched in': 'narrower',
  'nipped in': 'narrower',
  narrow: 'narrower',
  narrowed: 'narrower',
  narrower: 'narrower',
  slim: 'narrower',
  slimmed: 'narrower',
  'slimmed down': 'narrower',
  tapered: 'narrower',
  taper: 'narrower',
  tighter: 'narrower',
  tightened: 'narrower',
  lower: 'lower',
  lowered: 'lower',
  lowering: 'lower',
  drop: 'lower',
  dropped: 'lower',
  deepen: 'deeper',
  deepened: 'deeper',
  deeper: 'deeper',
  'moved down': 'lower',
  raise: 'higher',
  raised: 'higher',
  raising: 'higher',
  lift: 'higher',
  lifted: 'higher',
  higher: 'higher',
  'moved up': 'higher',
  add: 'more',
  added: 'more',
  adding: 'more',
  increase: 'more',
  increased: 'more',
  increasing: 'more',
  enlarge: 'more',
  enlarged: 'more',
  bigger: 'more',
  larger: 'more',
  fuller: 'more',
  reduce: 'less',
  reduced: 'less',
  remove: 'less',
  removed: 'less',
  decreased: 'less',
  smaller: 'less',
  scoop: 'lower',
  scooped: 'lower',
  'scooped out': 'lower',
};

/** A kind of the catalogue, with the sign its amount takes. */
export interface Aim {
  readonly kind: AlterationKindId;
  readonly sign: 1 | -1;
  readonly zones?: readonly ZoneId[];
}

type Along = 'long' | 'wide' | 'low';
interface Target {
  /** The kind for each dimension in which the target can change; `low`: its plus lowers, unless it stands with a minus. */
  readonly long?: AlterationKindId;
  readonly wide?: AlterationKindId;
  readonly wideZones?: readonly ZoneId[];
  readonly low?: AlterationKindId;
  /** Raising it adds. */
  readonly raised?: 1;
  /** What more and less mean, and a bare plus or minus. */
  readonly plain: Along;
}

const long = (kind: AlterationKindId, more: Partial<Target> = {}): Target => ({ long: kind, plain: 'long', ...more });
const wide = (kind: AlterationKindId, more: Partial<Target> = {}): Target => ({ wide: kind, plain: 'wide', ...more });
const low = (kind: AlterationKindId, more: Partial<Target> = {}): Target => ({ low: kind, plain: 'low', ...more });
const seams = (...zones: ZoneId[]): Target => wide('side-seams', { wideZones: zones });

const HEMS: Partial<Record<GarmentKind, AlterationKindId>> = {
  skirt: 'skirt-length',
  dress: 'skirt-length',
  trousers: 'leg-at-hem',
  shorts: 'leg-at-hem',
};
/** A hem is at another place on each kind of garment, and raising it shortens. */
const hem = (garment: GarmentKind | undefined): Target => {
  const kind = (garment && HEMS[garment]) ?? 'body-at-hem';
  return long(kind, { low: kind, wide: 'hem-flare' });
};

const sleeve = long('sleeve-length', { wide: 'upper-arm', low: 'sleeve-length' });
const bodice = long('bodice-below-bust', { wide: 'side-seams', wideZones: ['bust'] });
const neck = low('neck-depth', { wide: 'neck-width' });
const back = wide('across-back', { long: 'back-length' });
const front = wide('across-front', { long: 'front-length' });
const shoulder = wide('shoulder-width');
const leg = long('leg-at-hem', { wide: 'side-seams', wideZones: ['thigh'] });
const armhole = low('armhole-depth', { wide: 'armhole-depth' });
const pocket = low('pocket-height');
const rise = long('rise', { low: 'rise', raised: 1 });
/** Where its front or back ends that hangs from the waist. */
const waistEdge = low('rise', { raised: 1 });
const waist = wide('side-seams', { wideZones: ['waist'], low: 'bodice-below-bust' });
const centreBack = wide('centre-back-seam');
const centreBackWaist = wide('centre-back-seam', { wideZones: ['waist'] });
const waistDarts = wide('waist-darts', { wideZones: ['waist'] });
const sleeveCap = low('cap-height', { raised: 1, long: 'cap-height' });
const strap = long('strap-length');
const crotchLength = long('crotch-points');
const dart = low('bust-dart');

/** What can be changed, by the words for it. */
const TARGETS: Readonly<Record<string, Target>> = {
  sleeve,
  sleeves: sleeve,
  'sleeve length': sleeve,
  arms: sleeve,
  cuff: wide('wrist-girth', { long: 'sleeve-length' }),
  cuffs: wide('wrist-girth', { long: 'sleeve-length' }),
  wrist: wide('wrist-girth'),
  wrists: wide('wrist-girth'),
  'sleeve hem': wide('wrist-girth', { long: 'sleeve-length' }),
  'lower edge of the sleeve': wide('wrist-girth'),
  bodice,
  'bodice length': bodice,
  'front and back bodice': bodice,
  'bodice below the bust': long('bodice-below-bust'),
  'bodice above the bust': long('bodice-above-bust'),
  'upper bodice': long('bodice-above-bust'),
  skirt: long('skirt-length', { wide: 'hem-flare' }),
  'skirt length': long('skirt-length'),
  leg,
  legs: leg,
  'trouser legs': leg,
  'leg length': leg,
  'leg above the knee': long('leg-at-thigh'),
  'inside leg': long('leg-at-hem'),
  'leg opening': wide('hem-flare'),
  'leg openings': wide('hem-flare'),
  waist,
  waistline: waist,
  'waist seam': low('bodice-below-bust', { wide: 'side-seams', wideZones: ['waist'] }),
  waistband: wide('side-seams', { wideZones: ['waistband'], low: 'rise', raised: 1 }),
  bust: seams('bust'),
  chest: seams('bust'),
  underbust: seams('underbust'),
  hip: seams('hip'),
  hips: seams('hip'),
  seat: seams('hip'),
  thigh: seams('thigh'),
  thighs: seams('thigh'),
  knee: seams('knee'),
  knees: seams('knee'),
  calf: wide('calf-girth'),
  calves: wide('calf-girth'),
  'side seam': wide('side-seams'),
  'side seams': wide('side-seams'),
  sides: wide('side-seams'),
  inseam: wide('inseam', { long: 'leg-at-hem' }),
  inseams: wide('inseam', { long: 'leg-at-hem' }),
  'back waist': waistEdge,
  'front waist': waistEdge,
  'back waistband': waistEdge,
  'front waistband': waistEdge,
  'centre back seam': centreBack,
  'center back seam': centreBack,
  'back seam': centreBack,
  'centre back': centreBack,
  'center back': centreBack,
  cb: centreBack,
  'cb seam': centreBack,
  'centre back waist': centreBackWaist,
  'center back waist': centreBackWaist,
  'cb waist': centreBackWaist,
  'centre back waistband': centreBackWaist,
  'center back waistband': centreBackWaist,
  'waist darts': waistDarts,
  'waist dart': waistDarts,
  'back waist darts': waistDarts,
  'front waist darts': waistDarts,
  'princess seams': wide('princess-seams'),
  'princess seam': wide('princess-seams'),
  'bust dart': dart,
  'bust darts': dart,
  'bust point': dart,
  'bust dart height': dart,
  dart,
  darts: dart,
  neckline: neck,
  necklines: neck,
  'front neckline': neck,
  'front neck': neck,
  'neck at the front': neck,
  'neckline at the front': neck,
  'neckline depth': neck,
  neck,
  'neck width': wide('neck-width'),
  'neckline width': wide('neck-width'),
  'neckline girth': wide('neckline-girth'),
  shoulder,
  shoulders: shoulder,
  'shoulder seam': shoulder,
  'shoulder seams': shoulder,
  'shoulder width': shoulder,
  back,
  'across back': back,
  'back width': back,
  'upper back': back,
  'back length': long('back-length'),
  'back bodice': long('back-length'),
  front,
  'front width': front,
  'across front': front,
  'front length': long('front-length'),
  'front bodice': long('front-length'),
  armhole,
  armholes: armhole,
  armscye: armhole,
  'armhole depth': armhole,
  rise,
  'front rise': rise,
  'back rise': rise,
  'crotch depth': rise,
  // Its curve is deeper, its seam longer: where, is asked.
  crotch: low('scoop-crotch', { long: 'crotch-points' }),
  'back crotch': crotchLength,
  'front crotch': crotchLength,
  'crotch length': crotchLength,
  'crotch seam': crotchLength,
  'crotch curve': low('scoop-crotch'),
  'crotch point': long('crotch-points'),
  'crotch points': long('crotch-points'),
  strap,
  straps: strap,
  'strap length': strap,
  'strap spacing': wide('strap-spacing'),
  pocket,
  pockets: pocket,
  'pocket height': pocket,
  cap: sleeveCap,
  'sleeve cap': sleeveCap,
  'cap height': sleeveCap,
  'sleeve cap height': sleeveCap,
  'sleeve head': sleeveCap,
  'sleeve head height': sleeveCap,
  elastic: long('elastic', { wide: 'elastic' }),
  'waist elastic': long('elastic', { wide: 'elastic' }),
  torso: long('torso-length'),
  'torso length': long('torso-length'),
  'upper arm': wide('upper-arm'),
  'upper arms': wide('upper-arm'),
  'upper sleeve': wide('upper-arm'),
  bicep: wide('upper-arm'),
  biceps: wide('upper-arm'),
  opening: wide('opening-girth'),
  'neck opening': wide('opening-girth'),
  crown: wide('crown-girth'),
  'hem width': wide('hem-flare'),
  'width at the hem': wide('hem-flare'),
  'hem sweep': wide('hem-flare'),
  flare: wide('hem-flare'),
};

/** What the catalogue calls a kind always works, by the direction that its plus has. */
const byLabel = (kind: AlterationKindId): Target => {
  const { plus } = alterationKind(kind);
  return plus === 'lengthen' ? long(kind) : plus === 'lower' ? low(kind) : wide(kind);
};
const LABELLED: Readonly<Record<string, Target>> = Object.fromEntries(
  ALTERATION_KIND_IDS.filter(isSized).map((kind) => [alterationKind(kind).label, byLabel(kind)]),
);

/** Lengths that end at a hem. */
const BY_GARMENT = new Set([
  'hem',
  'hems',
  'length',
  'body',
  'body length',
  'length at the hem',
  'whole thing',
  'garment',
  'it',
  'them',
  'dress',
  'top',
  'shirt',
  'coat',
  'jacket',
  'trousers',
  'tee',
]);

export const TARGET_NAMES: readonly string[] = [
  ...Object.keys(LABELLED),
  ...Object.keys(TARGETS),
  ...[...BY_GARMENT].filter((w) => w !== 'it' && w !== 'them'),
];

/** What is said next where no comma parts it, as an expression: what is altered, and what was done. */
export const NEXT_SAID = `(?:for|worn|finished|took|${anyOf(TARGET_NAMES)}|${anyOf(Object.keys(ACTS))})`;

const SIGN: Readonly<Record<Act, 1 | -1>> = { longer: 1, shorter: -1, wider: 1, narrower: -1, lower: 1, higher: -1, deeper: 1, more: 1, less: -1 };
const ALONG: Readonly<Record<Act, Along | undefined>> = {
  longer: 'long',
  shorter: 'long',
  wider: 'wide',
  narrower: 'wide',
  lower: 'low',
  higher: 'low',
  deeper: 'low',
  more: undefined,
  less: undefined,
};

/** Whether an act makes something wider or narrower. */
export const isOfWidth = (act: Act): boolean => ALONG[act] === 'wide';

/** What is cut deeper by lowering it. */
const DEEP: ReadonlySet<AlterationKindId | undefined> = new Set<AlterationKindId>(['neck-depth', 'armhole-depth', 'scoop-crotch']);

/** Whether more of it is lower: of "2 cm off the neckline" nobody knows whether it is lower for it. */
export const isMoreLower = (word: string): boolean => TARGETS[word]?.plain === 'low' && TARGETS[word].raised === undefined;

/** Whether a word means the waist at the centre back: out of a bodice it may be length that is taken there. */
export const isAtCentreBackWaist = (word: string | undefined): boolean => word !== undefined && TARGETS[word] === centreBackWaist;

/**
 * What an act at a target changes.
 *
 * @param garment where a hem is, and what it ends
 * @returns undefined where they mean nothing together, as lowering a thigh
 * @example aimOf('higher', 'rise', 'trousers') // { kind: 'rise', sign: 1 }
 * @example aimOf('higher', 'bust dart', 'dress') // { kind: 'bust-dart', sign: -1 }
 * @example aimOf('higher', 'hem', 'skirt') // { kind: 'skirt-length', sign: -1 }
 */
export function aimOf(act: Act, word: string, garment: GarmentKind | undefined): Aim | undefined {
  const named = BY_GARMENT.has(word) ? hem(garment) : (TARGETS[word] ?? LABELLED[word]);
  // What hangs from the waist ends there.
  const target = named === waist && ALONG[act] === 'low' && garment && isLower(garment) ? waistEdge : named;
  if (!target || (target.low === 'rise' && ALONG[act] === 'low' && garment === 'skirt')) return undefined;
  // A rise that is deeper is longer; a hem or a dart that is deeper is none of these.
  if (act === 'deeper' && target === rise) return { kind: 'rise', sign: 1 };
  if (act === 'deeper' && !DEEP.has(target.low)) return undefined;
  if (garment && ((target === dart && isLower(garment)) || (target === waistEdge && !isLower(garment)))) return undefined;
  const along = ALONG[act] ?? target.plain;
  const kind = target[along] ?? (along === 'wide' && target.plain === 'long' ? undefined : target[target.plain]);
  if (!kind) return undefined;
  // A length that is not the target's own dimension is no narrowing of it, and the other way round.
  if (along !== target.plain && target[along] === undefined) return undefined;
  const turned = along === 'low' && target.raised !== undefined ? -1 : 1;
  // More of what is low is lower; a cap that is raised is more of it.
  const sign = (SIGN[act] * (ALONG[act] === undefined && target.raised !== undefined ? 1 : turned)) as 1 | -1;
  const { minus } = alterationKind(kind);
  const zones = along === 'wide' && target.wideZones ? { zones: target.wideZones } : {};
  return minus === undefined && sign < 0 ? undefined : { kind, sign, ...zones };
}

/** Of the other names of alterations those that say what a figure is like, or are said by their letters: acts are read by their verbs. */
const NAMES_A_FIGURE =
  /^(?:[fsb]ba|nsa|fsa|sway ?back|(?:full|small|broad|narrow|forward|square|slop(?:ing|ed)|flat|hollow|rounded|round|high round|large|thin|slim) .+)$/;

/** Alterations that have a name of their own, with the sign that it means. */
export const NAMED_ALTERATIONS: Readonly<Record<string, { readonly kind: AlterationKindId; readonly sign: 1 | -1 }>> = Object.fromEntries(
  ALTERATION_NAMES.flatMap(({ kind, name, sign }) =>
    sign === undefined || !NAMES_A_FIGURE.test(name) || name.endsWith('adjustment') ? [] : [[name, { kind, sign }] as const],
  ),
);
