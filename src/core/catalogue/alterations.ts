import type { ZoneId } from '../body/zones';
import { idsOf } from '../units/keys';

/** How an amount was measured. What one centimetre means depends on it, so it is always asked. */
export const WAYS = ['total', 'perSide', 'perSeam', 'perQuarter'] as const;
export type Way = (typeof WAYS)[number];
export const WAY_WORDS: Record<Way, string> = { total: 'in all', perSide: 'per side', perSeam: 'per seam', perQuarter: 'per quarter' };

/** A fixed effect: cm at the zone for each cm of the amount as it was measured. */
interface FixedEffect {
  readonly zone: ZoneId;
  readonly per: number;
  /** The zone moves by this much at the most; how much depends on the cut. */
  readonly atMost?: true;
}

/** How a kind's effects are worked out. Data, read by `effectsOf`. */
export type Rule =
  | { readonly by: 'fixed'; readonly effects: readonly FixedEffect[] }
  /** Girths that the sewist names; the way decides the factor. `seams`: how many of this kind there usually are, where not the zone's own. */
  | { readonly by: 'girth'; readonly seams?: number }
  /** First named zone in full, the next by half (a wedge that tapers to nothing). */
  | { readonly by: 'wedge' }
  /** Rise, and the crotch curve by each side changed. */
  | { readonly by: 'rise' }
  /** Full or small bust: the fullness stays at waist and hip unless it is taken out again. */
  | { readonly by: 'bust' }
  /** Allowance cut against allowance sewn (engine.md, section 1). */
  | { readonly by: 'allowance' }
  /** Minus what was cut off, plus the finished band, on the length that the sewist names. */
  | { readonly by: 'band' }
  /** An edge that had a fold has a seam, or the other way round: both layers gain what was cut on and lose what was sewn. */
  | { readonly by: 'edge' }
  /** Changes no length: a part left out, added or taken from another pattern. Kept in words. */
  | { readonly by: 'none' };

export interface AlterationKind {
  readonly label: string;
  /** What a positive and a negative amount are called; an absent word means that only one direction exists. */
  readonly plus: string;
  readonly minus?: string;
  readonly ways: readonly Way[];
  readonly rule: Rule;
  /** Zones offered where the sewist names them. */
  readonly zones?: readonly ZoneId[];
  /** How it is done, in a line. */
  readonly how: string;
  /** What else it changes and is easily forgotten. */
  readonly remind?: string;
  /** The same at places that are named, where it depends on them. */
  readonly remindAt?: Partial<Record<ZoneId, string>>;
  /** Place in the usual order of work on paper: lengths before widths, back before front, armhole before sleeve. */
  readonly order: number;
}

const WALK_THE_SLEEVE_IN = 'Where the armhole is reached, walk the sleeve in.';

const fixed = (...effects: readonly (readonly [ZoneId, number, 'atMost'?])[]): Rule => ({
  by: 'fixed',
  effects: effects.map(([zone, per, most]) => (most ? { zone, per, atMost: true } : { zone, per })),
});

/** Girths that side seams and their like can pass. */
const GIRTHS = [
  'bust',
  'underbust',
  'braBand',
  'waist',
  'waistband',
  'hip',
  'hemSweep',
  'upperArm',
  'wrist',
  'thigh',
  'knee',
  'calf',
  'legHem',
] as const satisfies readonly ZoneId[];

/** Usual alterations, in the trade's own terms. Effects: records.md; where it leaves a rule open, usual fitting practice as said in `how`. */
export const ALTERATIONS = {
  'bodice-above-bust': {
    label: 'bodice above the bust',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['bodice', 1], ['frontBodice', 1], ['bodyLength', 1], ['armhole', 1], ['bustPoint', 1]),
    how: 'Cut across front and back between shoulder and bust, through the armhole, and spread or overlap.',
    remind: 'Change the sleeve cap by the same: walk the sleeve into the armhole.',
    order: 20,
  },
  'bodice-below-bust': {
    label: 'bodice below the bust',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['bodice', 1], ['frontBodice', 1], ['bodyLength', 1]),
    how: 'At the lengthen line between bust and waist, front and back alike.',
    remind: 'True the side seam; facing, placket and buttons on the piece change too.',
    order: 21,
  },
  'front-length': {
    label: 'front length only',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['frontBodice', 1]),
    how: 'Across the front only, tapering to nothing at the side seam or taken up by a dart.',
    remind: 'True the side seam.',
    order: 22,
  },
  'back-length': {
    label: 'back length only',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['bodice', 1]),
    how: 'Across the back only, tapering to nothing at the side seam.',
    remind: 'True the side seam.',
    order: 23,
  },
  'sway-back': {
    label: 'sway back',
    plus: 'take out at the centre back',
    ways: ['total'],
    rule: fixed(['bodice', -1]),
    how: 'A wedge out of the back at the waist, full at the centre, nothing at the side seam.',
    remind: 'Straighten the centre back again; the side seam keeps its length.',
    order: 24,
  },
  'body-at-hem': {
    label: 'length at the hem',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['bodyLength', 1]),
    how: 'At the hem, every panel alike.',
    remind: 'Facing and lining too; a button more or fewer.',
    order: 26,
  },
  'sleeve-length': {
    label: 'sleeve length',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['sleeve', 1]),
    how: 'At the lengthen line above the elbow; both parts of a two-piece sleeve.',
    remind: 'A placket or vent moves with it; the lining changes the same way.',
    order: 60,
  },
  'skirt-length': {
    label: 'skirt length',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['skirt', 1]),
    how: 'At the lengthen line, or at the hem where the skirt is straight.',
    remind: 'A flared hem grows wider as it grows longer; the lining too.',
    order: 27,
  },
  'leg-at-thigh': {
    label: 'leg above the knee',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['kneePoint', 1], ['leg', 1]),
    how: 'Across both legs between crotch and knee.',
    remind: 'The pocket opening may be crossed; true inseam and outseam.',
    order: 28,
  },
  'leg-at-hem': {
    label: 'leg at the hem',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['leg', 1]),
    how: 'Below the knee or at the hem, front and back alike.',
    remind: 'A tapered hem needs its turn-up shaped again.',
    order: 29,
  },
  'strap-length': {
    label: 'strap length',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['strap', 1]),
    how: 'At the free end, where it can be tried on.',
    order: 62,
  },
  rise: {
    label: 'rise',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: { by: 'rise' },
    how: 'Across the hip at right angles to the grain, on the pieces named.',
    remind: 'With one side only, true the side seam. The waist sits at a new height: fly and pocket bag too.',
    order: 25,
  },
  'full-bust': {
    label: 'bust fullness',
    plus: 'full bust, add',
    minus: 'small bust, take out',
    ways: ['perSide'],
    rule: { by: 'bust' },
    how: 'Cut from waist to bust point to armhole and to the dart, and spread or overlap each front.',
    remind: 'True the side seam and the dart; say whether the fullness at waist and hip was taken out again.',
    order: 42,
  },
  'bust-dart': {
    label: 'bust dart height',
    plus: 'lower',
    minus: 'raise',
    ways: ['total'],
    rule: fixed(['bustPoint', 1]),
    how: 'Cut the dart out as a block and slide it.',
    remind: 'True the side seam.',
    order: 40,
  },
  'side-seams': {
    label: 'side seams',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSeam', 'perSide', 'total', 'perQuarter'],
    rule: { by: 'girth' },
    zones: GIRTHS,
    how: 'Along the seam past the zones named, front and back alike.',
    remind: WALK_THE_SLEEVE_IN,
    remindAt: {
      bust: WALK_THE_SLEEVE_IN,
      underbust: WALK_THE_SLEEVE_IN,
      upperArm: WALK_THE_SLEEVE_IN,
      waistband: 'Change the waistband by the same.',
    },
    order: 50,
  },
  wedge: {
    label: 'wedge at the side seam',
    plus: 'let out to nothing',
    minus: 'take out to nothing',
    ways: ['perSeam', 'perSide', 'total'],
    rule: { by: 'wedge' },
    zones: GIRTHS,
    how: 'Full at the widest place, half of it midway, nothing at the end. Name the widest place first.',
    order: 51,
  },
  allowance: {
    label: 'other seam allowance',
    plus: 'cut and sewn',
    ways: ['total'],
    rule: { by: 'allowance' },
    how: 'The allowance cut and the allowance sewn at the seams that cross the zones.',
    remind: 'A narrower seam makes the garment larger, and a neckline or armhole smaller.',
    order: 52,
  },
  'across-back': {
    label: 'back width',
    plus: 'broad back, add',
    minus: 'narrow back, take out',
    ways: ['total'],
    rule: fixed(['acrossBack', 1]),
    how: 'Cut down from the shoulder beside the armhole and out at the side; half of it on each half of the back.',
    remind: 'Ease or dart the longer back shoulder; walk the sleeve into the armhole.',
    order: 30,
  },
  'shoulder-width': {
    label: 'shoulder width',
    plus: 'broad shoulder, add',
    minus: 'narrow shoulder, take out',
    ways: ['perSide'],
    rule: fixed(['shoulder', 1]),
    how: 'At the middle of the shoulder, front and back alike, to nothing at the armhole notch.',
    remind: 'Walk the sleeve into the armhole.',
    order: 31,
  },
  'neck-depth': {
    label: 'front neckline',
    plus: 'lower',
    minus: 'raise',
    ways: ['total'],
    rule: fixed(['neckDepth', 1]),
    how: 'At the centre front, to nothing at the shoulder.',
    remind: 'Facing, band or collar follow the new edge.',
    order: 32,
  },
  'neck-width': {
    label: 'neckline width',
    plus: 'widen',
    minus: 'narrow',
    ways: ['perSide'],
    rule: fixed(['neckWidth', 2]),
    how: 'At the shoulder, front and back alike.',
    remind: 'Facing, band or collar follow the new edge.',
    order: 33,
  },
  'armhole-depth': {
    label: 'armhole',
    plus: 'lower',
    minus: 'raise',
    ways: ['total'],
    rule: fixed(['armhole', 2, 'atMost']),
    how: 'At the underarm, front and back alike, in a smooth curve.',
    remind: 'The sleeve cap must follow: walk it in.',
    order: 55,
  },
  'upper-arm': {
    label: 'upper sleeve',
    plus: 'full upper arm, add',
    minus: 'slim upper arm, take out',
    ways: ['total'],
    rule: fixed(['upperArm', 1]),
    how: 'Cut down the middle of the sleeve and across the cap, and spread or overlap.',
    remind: 'Keep the cap height, or walk the sleeve in again.',
    order: 61,
  },
  'scoop-crotch': {
    label: 'crotch curve',
    plus: 'scoop',
    minus: 'fill in',
    ways: ['total'],
    rule: fixed(['crotch', 1]),
    how: 'Deepen the curve within the seam; the hip stays as it is.',
    order: 45,
  },
  'across-front': {
    label: 'front width',
    plus: 'broad front, add',
    minus: 'narrow front, take out',
    ways: ['total'],
    rule: fixed(['acrossFront', 1]),
    how: 'Beside the armhole, half of it on each half of the front.',
    remind: 'Walk the sleeve into the armhole.',
    order: 34,
  },
  'neckline-girth': {
    label: 'neckline girth',
    plus: 'enlarge',
    minus: 'make smaller',
    ways: ['total'],
    rule: fixed(['neckline', 1]),
    how: 'All round the neck edge, front and back alike.',
    remind: 'Facing, band or collar follow the new edge; check that the head passes.',
    order: 35,
  },
  'strap-spacing': {
    label: 'strap spacing',
    plus: 'set wider',
    minus: 'set closer',
    ways: ['total'],
    rule: fixed(['strapSpacing', 1]),
    how: 'Move both straps by half of it at the back, or front and back alike.',
    order: 63,
  },
  'torso-length': {
    label: 'torso length',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['torso', 1]),
    how: 'The loop over shoulder and through the crotch: half of it in the front, half in the back.',
    remind: 'True the side seams.',
    order: 19,
  },
  'opening-girth': {
    label: 'opening',
    plus: 'enlarge',
    minus: 'make smaller',
    ways: ['total'],
    rule: fixed(['opening', 1]),
    how: 'Along the edge, or by the length of the slit or closure.',
    order: 71,
  },
  'crown-girth': {
    label: 'crown girth',
    plus: 'enlarge',
    minus: 'make smaller',
    ways: ['total'],
    rule: fixed(['head', 1]),
    how: 'Share it out among the seams of the crown.',
    order: 72,
  },
  'cup-size': {
    label: 'cup',
    plus: 'enlarge',
    minus: 'make smaller',
    ways: ['total'],
    rule: fixed(['cup', 1]),
    how: 'Along the seam over the fullest point, from nothing at the wire line; each cup by the amount.',
    remind: 'The wire line keeps its length: walk the cup into the cradle.',
    order: 42,
  },
  'wire-line': {
    label: 'wire line',
    plus: 'widen',
    minus: 'narrow',
    ways: ['total'],
    rule: fixed(['wireLine', 1]),
    how: 'At the side of each cup, cradle and cup alike, along the wire that will be worn.',
    remind: 'Lay the wire on the line: it needs a few millimetres of play at each end.',
    order: 43,
  },
  'pocket-height': {
    label: 'pocket height',
    plus: 'lower',
    minus: 'raise',
    ways: ['total'],
    rule: fixed(['pocket', 1]),
    how: 'Move the placement marks.',
    order: 73,
  },
  'high-back': {
    label: 'rounded upper back',
    plus: 'add length at the centre back',
    minus: 'take length out at the centre back',
    ways: ['total'],
    rule: fixed(['bodice', 1]),
    how: 'Cut across the upper back from the centre to the armhole, and spread at the centre only.',
    remind: 'The centre back is no longer straight: a seam or a neck dart takes it up. Collar and facing follow.',
    order: 36,
  },
  'hollow-chest': {
    label: 'hollow chest',
    plus: 'take out above the bust',
    ways: ['total'],
    rule: fixed(['frontBodice', -1], ['neckDepth', -1]),
    how: 'A wedge across the front between neck and bust, full at the centre, nothing at the armhole.',
    remind: 'Straighten the centre front; the facing follows.',
    order: 37,
  },
  'forward-shoulder': {
    label: 'forward shoulder',
    plus: 'move the seam forward',
    minus: 'move the seam back',
    ways: ['total'],
    rule: fixed(['frontBodice', -1], ['bodice', 1]),
    how: 'Take from the front shoulder what is added to the back, full at the armhole end, less at the neck.',
    remind: 'The armhole keeps its length; move the sleeve’s shoulder notch forward by the same.',
    order: 38,
  },
  'square-shoulder': {
    label: 'square shoulder',
    plus: 'raise the outer end',
    ways: ['total'],
    rule: fixed(['armhole', 2, 'atMost']),
    how: 'Raise the shoulder at the armhole, front and back alike, to nothing at the neck.',
    remind: 'Raise the underarm by the same if the armhole is to keep its size; else walk the sleeve in.',
    order: 39,
  },
  'sloping-shoulder': {
    label: 'sloping shoulder',
    plus: 'lower the outer end',
    ways: ['total'],
    rule: fixed(['armhole', -2, 'atMost']),
    how: 'Lower the shoulder at the armhole, front and back alike, to nothing at the neck.',
    remind: 'Lower the underarm by the same if the armhole is to keep its size; else walk the sleeve in.',
    order: 39,
  },
  'neckline-wedge': {
    label: 'gaping neckline',
    plus: 'take out of the edge',
    ways: ['total'],
    rule: fixed(['neckline', -1]),
    how: 'A wedge from the neck edge to nothing at the bust point, moved into the dart.',
    remind: 'Shorten facing or binding too, or the edge stays as long as it was.',
    order: 41,
  },
  'armhole-wedge': {
    label: 'gaping armhole',
    plus: 'take out of the edge',
    ways: ['total'],
    rule: fixed(['armhole', -1]),
    how: 'A wedge from the armhole to nothing at the bust point, moved into the dart.',
    remind: 'Binding and facing too; with a sleeve, walk it in.',
    order: 43,
  },
  'princess-seams': {
    label: 'princess seams',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSeam', 'total'],
    rule: { by: 'girth', seams: 2 },
    zones: ['bust', 'underbust', 'waist', 'hip'],
    how: 'At both front seams past the zones named; say the number of seams where the back is altered too.',
    remind: 'Both edges of a seam alike, and walk them: the curves must stay as long as each other.',
    order: 44,
  },
  'centre-back-seam': {
    label: 'centre back seam',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSeam', 'total'],
    rule: { by: 'girth', seams: 1 },
    zones: ['bust', 'waist', 'waistband', 'hip', 'hemSweep'],
    how: 'Along the seam past the zones named, both backs alike.',
    remind: 'Facing, band and zip follow; check that the grain still runs down the back.',
    order: 49,
  },
  'waist-darts': {
    label: 'waist darts',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSide', 'total'],
    rule: { by: 'girth', seams: 2 },
    zones: ['waist', 'waistband', 'underbust'],
    how: 'The intake of the darts, front or back; per side where both halves have one.',
    remind: 'A deeper dart wants to be longer. The waist seam or band follows.',
    order: 48,
  },
  'hem-flare': {
    label: 'width at the hem',
    plus: 'add flare',
    minus: 'take out flare',
    ways: ['total'],
    rule: fixed(['hemSweep', 1]),
    how: 'Cut from hem to hip or waist and spread, shared out among the panels.',
    remind: 'The hem grows rounder: level it after it has hung. More width of fabric is needed.',
    order: 53,
  },
  'full-seat': {
    label: 'full seat',
    plus: 'add length at the centre back',
    ways: ['total'],
    rule: fixed(['crotch', 1]),
    how: 'Cut across the back at the fullest place to the side seam, and spread at the centre back only.',
    remind: 'The side seam keeps its length; the grain of the back follows the lower part.',
    order: 46,
  },
  'flat-seat': {
    label: 'flat seat',
    plus: 'take length out at the centre back',
    ways: ['total'],
    rule: fixed(['crotch', -1]),
    how: 'A wedge out of the back below the seat, full at the centre, nothing at the side seam.',
    remind: 'The side seam keeps its length.',
    order: 46,
  },
  'full-tummy': {
    label: 'full tummy',
    plus: 'add at the centre front',
    ways: ['total'],
    rule: fixed(['crotch', 1], ['waist', 1], ['waistband', 1]),
    how: 'Cut across the front at the fullest place and down from the waist, and spread both by the amount.',
    remind: 'Fly, pocket bags and band follow; the side seam keeps its length.',
    order: 46,
  },
  'crotch-points': {
    label: 'crotch point',
    plus: 'extend',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['crotch', 1], ['thigh', 1]),
    how: 'At the end of the curve, front or back, to nothing down the inseam.',
    remind: 'True the inseams to each other.',
    order: 47,
  },
  inseam: {
    label: 'inseam',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSeam', 'total'],
    rule: { by: 'girth', seams: 1 },
    zones: ['thigh', 'knee', 'calf', 'legHem'],
    how: 'Along the inner leg past the zones named, front and back alike.',
    remind: 'At the top the crotch curve grows longer or shorter with it.',
    order: 54,
  },
  'calf-girth': {
    label: 'calf',
    plus: 'full calf, add',
    minus: 'slim calf, take out',
    ways: ['total'],
    rule: fixed(['calf', 1]),
    how: 'Half at the inseam, half at the outseam, to nothing at knee and hem.',
    order: 56,
  },
  'cap-height': {
    label: 'sleeve cap height',
    plus: 'raise',
    minus: 'lower',
    ways: ['total'],
    rule: fixed(['sleeve', 1]),
    how: 'Across the cap, above the underarm: the sleeve hangs from a higher or lower point.',
    remind: 'A higher cap is narrower across unless the curve is drawn again: walk the sleeve in.',
    order: 58,
  },
  'wrist-girth': {
    label: 'lower edge of the sleeve',
    plus: 'widen',
    minus: 'narrow',
    ways: ['total'],
    rule: fixed(['wrist', 1]),
    how: 'At the sleeve seam, to nothing at the elbow.',
    remind: 'Cuff, placket and binding follow; a closed edge must pass the hand.',
    order: 64,
  },
  elastic: {
    label: 'elastic of the waist',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['waistband', 1]),
    how: 'The finished ring of elastic, without its overlap.',
    remind: 'The casing must still pass the hip.',
    order: 74,
  },
  'fold-to-seam': {
    label: 'fold made a seam',
    plus: 'allowance added, and sewn',
    ways: ['total'],
    rule: { by: 'edge' },
    zones: ['bust', 'waist', 'hip', 'hemSweep', 'acrossBack', 'acrossFront'],
    how: 'Add an allowance at the edge that lay on the fold, and sew as much.',
    remind: 'Without an added allowance the garment loses twice what is sewn.',
    order: 57,
  },
  'seam-to-fold': {
    label: 'seam made a fold',
    plus: 'allowance left in, and nothing sewn',
    ways: ['total'],
    rule: { by: 'edge' },
    zones: ['bust', 'waist', 'hip', 'hemSweep', 'acrossBack', 'acrossFront'],
    how: 'Lay the seam line, not the cut edge, on the fold; only a straight seam can become one.',
    remind: 'With the cut edge on the fold the garment gains twice the allowance.',
    order: 57,
  },
  'dart-added': {
    label: 'dart added or taken away',
    plus: 'take away, lets out',
    minus: 'add, takes in',
    ways: ['perSide', 'total'],
    rule: { by: 'girth', seams: 2 },
    zones: ['bust', 'underbust', 'waist', 'waistband', 'hip'],
    how: 'The whole intake of the dart; per side where both halves have one.',
    remind: 'The edge that the dart ends in grows shorter with it: facing, band and the seam it meets follow.',
    order: 47,
  },
  'dart-rotated': {
    label: 'dart moved to another seam',
    plus: 'moved',
    ways: ['total'],
    rule: { by: 'none' },
    how: 'Cut along the new line to the bust point, close the old dart: no length and no girth changes. Say where it went.',
    remind: 'The point of the dart stays as far from the bust point as it was.',
    order: 40,
  },
  'princess-curve': {
    label: 'princess curve over the bust',
    plus: 'fuller, add',
    minus: 'flatter, take out',
    ways: ['perSide', 'total'],
    rule: { by: 'girth', seams: 2 },
    zones: ['bust', 'underbust'],
    how: 'Draw the curve of the side front anew where it passes the bust; the front keeps its line.',
    remind: 'Walk the two curves: the fuller one must stay as long as the other.',
    order: 44,
  },
  'pivot-and-slide': {
    label: 'pivot and slide',
    plus: 'add',
    minus: 'take out',
    ways: ['perQuarter', 'perSide', 'total'],
    rule: { by: 'girth' },
    zones: GIRTHS,
    how: 'Slide the piece out at the side, pivot it back to where the seam must keep its length, and trace.',
    remind: 'The armhole keeps its shape; check that the side seams match.',
    order: 50,
  },
  gathers: {
    label: 'gathers or fullness',
    plus: 'add fullness',
    minus: 'take fullness out',
    ways: ['total'],
    rule: { by: 'girth', seams: 2 },
    zones: ['bust', 'waist', 'hip', 'hemSweep', 'upperArm', 'wrist'],
    how: 'Spread or overlap the piece that is gathered, at one side or all over; the edge it is gathered to stays.',
    remind: 'More fullness takes more width of fabric.',
    order: 53,
  },
  'sleeve-seam': {
    label: 'sleeve seam',
    plus: 'let out',
    minus: 'take in',
    ways: ['perSeam', 'total'],
    rule: { by: 'girth', seams: 1 },
    zones: ['upperArm', 'wrist'],
    how: 'Along the underarm seam of the sleeve past the places named, both edges alike.',
    remind: 'At the top the armhole seam must still match; a cuff or band follows.',
    order: 61,
  },
  'band-at-waist': {
    label: 'band inserted at the waist',
    plus: 'insert, lengthens',
    minus: 'take out, shortens',
    ways: ['total'],
    rule: fixed(['bodyLength', 1], ['torso', 1]),
    how: 'A straight or shaped band between bodice and skirt: its finished depth.',
    remind: 'Zip, facing and lining grow with it; a shaped band wants the darts closed in it.',
    order: 70,
  },
  'wedge-centre-front': {
    label: 'wedge at the centre front',
    plus: 'add length',
    minus: 'take length out',
    ways: ['total'],
    rule: fixed(['frontBodice', 1]),
    how: 'Across the front, full at the centre, nothing at the side seam.',
    remind: 'Straighten the centre front again; the side seam keeps its length.',
    order: 23,
  },
  'wedge-centre-back': {
    label: 'wedge at the centre back',
    plus: 'add length',
    minus: 'take length out',
    ways: ['total'],
    rule: fixed(['bodice', 1]),
    how: 'Across the back, full at the centre, nothing at the side seam.',
    remind: 'Straighten the centre back again; the side seam keeps its length.',
    order: 24,
  },
  'skirt-front': {
    label: 'skirt length, front only',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['skirt', 1, 'atMost']),
    how: 'At the waist edge or the hem of the front, full at the centre, nothing at the side seam.',
    remind: 'Level the hem once it has hung.',
    order: 27,
  },
  'skirt-back': {
    label: 'skirt length, back only',
    plus: 'lengthen',
    minus: 'shorten',
    ways: ['total'],
    rule: fixed(['skirt', 1, 'atMost']),
    how: 'At the waist edge or the hem of the back, full at the centre, nothing at the side seam.',
    remind: 'Level the hem once it has hung.',
    order: 27,
  },
  'seat-coverage': {
    label: 'seat coverage',
    plus: 'more',
    minus: 'less',
    ways: ['total'],
    rule: fixed(['seatCoverage', 1], ['legHem', -1, 'atMost']),
    how: 'At the leg edge of the back, from the side to the crotch.',
    remind: 'Elastic and binding of the leg are measured anew.',
    order: 55,
  },
  'leg-line': {
    label: 'leg line',
    plus: 'lower',
    minus: 'raise',
    ways: ['total'],
    rule: fixed(['legLine', 1], ['legHem', -1, 'atMost']),
    how: 'At the leg edge beside the hip, front and back alike, to nothing at the crotch.',
    remind: 'A higher line is a longer edge: elastic and binding are measured anew.',
    order: 55,
  },
  'pocket-depth': {
    label: 'pocket depth or place',
    plus: 'changed',
    ways: ['total'],
    rule: { by: 'none' },
    how: 'Deeper, shallower, forward, back: say how much and which way. No measure of the body changes.',
    order: 73,
  },
  'leave-out': {
    label: 'left out',
    plus: 'left out',
    ways: ['total'],
    rule: { by: 'none' },
    how: 'A pocket, a placket, a lining: say which in the note.',
    remind: 'Without a closure, check that it can still be put on.',
    order: 75,
  },
  'add-part': {
    label: 'added',
    plus: 'added',
    ways: ['total'],
    rule: { by: 'none' },
    how: 'Pockets, ties, a vent: say which in the note.',
    remind: 'For a child: no cords or ties at hood and neck; many places have rules on this, and they go first.',
    order: 76,
  },
  'swap-part': {
    label: 'taken from another pattern',
    plus: 'taken from another pattern',
    ways: ['total'],
    rule: { by: 'none' },
    how: 'A sleeve, a collar, a skirt: name the pattern among those the make was cut from.',
    remind: 'Walk the seams that now meet for the first time.',
    order: 77,
  },
  band: {
    label: 'band added or changed',
    plus: 'cut off, and finished band',
    ways: ['total'],
    rule: { by: 'band' },
    zones: ['sleeve', 'bodyLength', 'leg', 'skirt', 'rise'],
    how: 'What is cut off the piece, and the finished depth of the band.',
    remind: 'Check the girth of the band against the body.',
    order: 70,
  },
} as const satisfies Record<string, AlterationKind>;

export type AlterationKindId = keyof typeof ALTERATIONS;
export const ALTERATION_KIND_IDS = idsOf(ALTERATIONS);

/** The kind's facts, with every optional field in reach of the type checker. */
export function alterationKind(id: AlterationKindId): AlterationKind {
  return ALTERATIONS[id];
}

/**
 * What else an alteration changes and is easily forgotten, by the places that it names; undefined where there is nothing.
 *
 * @example reminderOf({ kind: 'side-seams', zones: ['waistband'] }) // 'Change the waistband by the same.'
 */
export function reminderOf({
  kind,
  zones = [],
}: {
  readonly kind: AlterationKindId;
  readonly zones?: readonly ZoneId[] | undefined;
}): string | undefined {
  const { remind, remindAt } = alterationKind(kind);
  if (!remindAt || zones.length === 0) return remind;
  return [...new Set(zones.flatMap((zone) => remindAt[zone] ?? []))].join(' ') || undefined;
}

/** Whether a kind is a matter of more or less; what is left out or swapped is not. */
export function isSized(id: AlterationKindId): boolean {
  return alterationKind(id).rule.by !== 'none';
}

/** Whether a kind asks which zones it passes. */
export function asksZones(id: AlterationKindId): boolean {
  return ['girth', 'wedge', 'band', 'edge'].includes(alterationKind(id).rule.by);
}

/** Whether a kind is two lengths of its own, an allowance cut and sewn, and not one amount. */
export function asksAllowance(id: AlterationKindId): boolean {
  const { by } = alterationKind(id).rule;
  return by === 'allowance' || by === 'edge';
}
