import type { AlterationKindId } from './alterations';
import type { ZoneId } from '../body/zones';
import { idsOf } from '../units/keys';

/** −1 under (tight, narrow, short, high), +1 over. */
export type Direction = -1 | 1;

/** A likely cause: a zone that is under or over, in words that say why. */
export interface Cause {
  readonly zone: ZoneId;
  readonly direction: Direction;
  readonly words: string;
}

/** An alteration that answers a symptom; plus and minus are the kind's own directions. */
export interface Answer {
  readonly kind: AlterationKindId;
  readonly direction: Direction;
}

export interface Symptom {
  /** What one sees, in plain words. */
  readonly label: string;
  /** Likely causes, the usual first. The zone and direction of the first are filled in; opposite causes stand side by side. */
  readonly causes: readonly [Cause, ...Cause[]];
  /** Causes that are no matter of size: fabric, grain, stretch, stitching. */
  readonly ruleOut: string;
  /** What to look at to tell the causes apart. */
  readonly tell: string;
  readonly answers: readonly [Answer, ...Answer[]];
}

const under = (zone: ZoneId, words: string): Cause => ({ zone, direction: -1, words });
const over = (zone: ZoneId, words: string): Cause => ({ zone, direction: 1, words });
const more = (kind: AlterationKindId): Answer => ({ kind, direction: 1 });
const less = (kind: AlterationKindId): Answer => ({ kind, direction: -1 });

/** What sewists see in the mirror, from usual fitting practice. A symptom is evidence, not a diagnosis. */
export const SYMPTOMS = {
  'bust-pulls': {
    label: 'pulls across the bust',
    causes: [under('bust', 'too little girth for the fullness'), under('acrossFront', 'too narrow between the armholes')],
    ruleOut: 'a fabric that stretches less than the pattern asks for',
    tell: 'Pulls that point at the bust want girth; pulls that run into the armholes want width in front.',
    answers: [more('full-bust'), more('side-seams'), more('across-front')],
  },
  'buttons-strain': {
    label: 'straining buttons',
    causes: [under('bust', 'too little girth at the buttons'), under('hip', 'too little girth below them')],
    ruleOut: 'buttons set away from the fullest place',
    tell: 'See whether it gapes at the bust or from the waist down; pin it shut and look where it pulls.',
    answers: [more('full-bust'), more('side-seams')],
  },
  'neckline-gapes': {
    label: 'gaping neckline',
    causes: [
      over('neckline', 'the edge is longer than the body there'),
      over('neckWidth', 'set too wide at the shoulders'),
      over('acrossFront', 'too wide in the upper chest'),
    ],
    ruleOut: 'an edge that stretched on the bias before it was stayed',
    tell: 'Pinch the edge: if it lies flat, take a wedge; if the shoulder has to come in, it is too wide.',
    answers: [more('neckline-wedge'), less('neck-width'), more('hollow-chest')],
  },
  'neckline-chokes': {
    label: 'neckline cuts in or rides up',
    causes: [under('neckline', 'too small round'), under('neckDepth', 'too high in front'), over('shoulder', 'slides back because of the shoulder')],
    ruleOut: 'a band or facing cut too short for the edge',
    tell: 'Clip the allowance a little: if it frees, the edge is too small; if it still slides back, look at the shoulder.',
    answers: [more('neckline-girth'), more('neck-depth'), more('forward-shoulder')],
  },
  'back-neck-stands': {
    label: 'stands away at the back of the neck',
    causes: [under('bodice', 'too short over the upper back'), over('neckWidth', 'too wide at the neck')],
    ruleOut: 'a collar that is stiffer than its fabric',
    tell: 'Let it down at the back: if it settles when the waist rises, it wants length over the upper back.',
    answers: [more('high-back'), less('neck-width')],
  },
  'back-opening-gapes': {
    label: 'gaping back opening',
    causes: [
      over('acrossBack', 'the back is too wide at the opening'),
      under('acrossBack', 'the back is too narrow and pulls it open'),
      under('bodice', 'too short: the edge is drawn down'),
    ],
    ruleOut: 'an edge that stretched',
    tell: 'Cross the arms: pulled further open means too narrow; folds beside it when they hang mean too wide.',
    answers: [less('across-back'), more('across-back'), more('high-back')],
  },
  'back-pulls': {
    label: 'pulls across the back',
    causes: [under('acrossBack', 'too narrow across the back'), under('armhole', 'the armhole holds the arm back')],
    ruleOut: 'a lining cut without its pleat',
    tell: 'Reach forward: pulls from armhole to armhole want width; a lift of the whole garment wants another armhole.',
    answers: [more('across-back'), less('armhole-depth')],
  },
  'back-folds-stand': {
    label: 'upright folds at the back of the armholes',
    causes: [over('acrossBack', 'too wide across the back')],
    ruleOut: 'a fabric too stiff to lie in the ease that reaching needs',
    tell: 'Fold it away with the arms hanging, then reach: what is still there is ease, not excess.',
    answers: [less('across-back')],
  },
  'swayback-folds': {
    label: 'folds across the small of the back',
    causes: [over('bodice', 'too long between shoulder and waist at the back'), under('hip', 'too tight over the seat: it rides up there')],
    ruleOut: 'a lining or zip shorter than the fabric',
    tell: 'Let out the side seams over the seat: if the folds drop away it was the hip; if not, the back is too long.',
    answers: [more('sway-back'), more('side-seams')],
  },
  'waist-too-high': {
    label: 'waist seam sits above the waist',
    causes: [under('bodice', 'too short in the bodice'), under('bust', 'the bust takes up the length')],
    ruleOut: 'elastic that draws it up',
    tell: 'Level at back and front: the bodice is short; higher in front only: the bust takes the length.',
    answers: [more('bodice-below-bust'), more('full-bust')],
  },
  'waist-too-low': {
    label: 'waist seam sits below the waist',
    causes: [over('bodice', 'too long in the bodice'), over('waist', 'loose at the waist, so that it slides down')],
    ruleOut: 'the weight of a heavy skirt',
    tell: 'Pin the waist in: if it stays up it was girth, else length.',
    answers: [less('bodice-below-bust'), less('side-seams')],
  },
  'front-hem-rises': {
    label: 'hem rises in front',
    causes: [under('frontBodice', 'too little length over the bust'), over('bodice', 'too long at the back')],
    ruleOut: 'a hem levelled before it had hung',
    tell: 'Look from the side: a side seam that leans forward wants length in front.',
    answers: [more('full-bust'), more('front-length'), more('sway-back')],
  },
  'back-hem-rises': {
    label: 'hem rises at the back',
    causes: [under('hip', 'too tight over the seat'), under('bodice', 'too short at the back')],
    ruleOut: 'static, or a slip that clings',
    tell: 'Walk: a hem that climbs step by step is tight over the seat; one that hangs high at rest is short.',
    answers: [more('side-seams'), more('back-length'), more('full-seat')],
  },
  'bust-dart-high': {
    label: 'bust dart points above the bust',
    causes: [under('bustPoint', 'the dart sits too high')],
    ruleOut: 'a strap or undergarment that lifts on another day',
    tell: 'Wear what will be worn beneath, and mark the fullest place.',
    answers: [more('bust-dart')],
  },
  'bust-dart-low': {
    label: 'bust dart points below the bust',
    causes: [over('bustPoint', 'the dart sits too low')],
    ruleOut: 'a garment that hangs from a dropped shoulder',
    tell: 'Wear what will be worn beneath, and mark the fullest place.',
    answers: [less('bust-dart')],
  },
  'bust-folds': {
    label: 'empty folds at the bust',
    causes: [over('bust', 'more girth than the bust fills'), over('frontBodice', 'too long over the bust')],
    ruleOut: 'a stiff fabric that does not fall into the ease',
    tell: 'Upright folds are girth; folds across are length.',
    answers: [less('full-bust'), less('front-length')],
  },
  'armhole-cuts': {
    label: 'armhole cuts in',
    causes: [under('armhole', 'too high under the arm'), under('acrossFront', 'too narrow in front')],
    ruleOut: 'an allowance under the arm that was not trimmed',
    tell: 'Under the arm it is depth; at the front edge it is width.',
    answers: [more('armhole-depth'), more('across-front')],
  },
  'armhole-gapes': {
    label: 'armhole gapes',
    causes: [over('armhole', 'the edge is longer than the body there'), under('bust', 'the bust draws it open')],
    ruleOut: 'a bias edge that stretched',
    tell: 'Pinch it flat: does the pinch point at the bust? Then the dart is too small.',
    answers: [more('armhole-wedge'), more('full-bust')],
  },
  'arm-lift': {
    label: 'the whole garment lifts with the arm',
    causes: [over('armhole', 'the armhole is too deep'), under('upperArm', 'the sleeve is too narrow')],
    ruleOut: 'a dropped shoulder, which always lifts a little',
    tell: 'A higher underarm frees the arm: pin one up and reach.',
    answers: [less('armhole-depth'), more('upper-arm')],
  },
  'cap-ridges': {
    label: 'ridges or puckers at the sleeve cap',
    causes: [over('sleeve', 'the cap is higher than the shoulder wants'), under('sleeve', 'the cap is too low: it pulls across')],
    ruleOut: 'more ease in the cap than the fabric can take',
    tell: 'Ridges across the top: too high. Pulls from the top to the underarm: too low.',
    answers: [less('cap-height'), more('cap-height')],
  },
  'sleeve-tight': {
    label: 'sleeve tight round the upper arm',
    causes: [under('upperArm', 'too little girth')],
    ruleOut: 'a lining without ease',
    tell: 'Bend the arm: rings round the upper arm want girth, not length.',
    answers: [more('upper-arm')],
  },
  'sleeve-twists': {
    label: 'sleeve twists or hangs aslant',
    causes: [under('acrossBack', 'pulled to the back by a narrow back'), over('acrossBack', 'pushed forward by a wide back')],
    ruleOut: 'a sleeve set off its notches, or off grain',
    tell: 'Unpick the cap and let the arm hang: turn the sleeve until it falls straight, and see which way it went.',
    answers: [more('across-back'), less('across-back')],
  },
  'shoulder-drops': {
    label: 'shoulder seam hangs off the shoulder',
    causes: [over('shoulder', 'too wide at the shoulder'), over('neckWidth', 'too wide at the neck')],
    ruleOut: 'a knit that grows with its own weight',
    tell: 'Does the neck edge sit where it should? Then it is the shoulder.',
    answers: [less('shoulder-width'), less('neck-width')],
  },
  'shoulder-narrow': {
    label: 'sleeve seam rides up on the shoulder',
    causes: [under('shoulder', 'too narrow at the shoulder'), under('acrossBack', 'pulled in by a narrow back')],
    ruleOut: 'a shoulder seam sewn deeper than its allowance',
    tell: 'Pulled in while the arms hang: the shoulder; only when reaching: the back.',
    answers: [more('shoulder-width'), more('across-back')],
  },
  'shoulder-drags': {
    label: 'drag lines from neck to underarm',
    causes: [over('armhole', 'the shoulder slopes more than the pattern'), under('armhole', 'the shoulder is squarer than the pattern')],
    ruleOut: 'a shoulder pad of another height',
    tell: 'Lines from the neck down to the underarm: sloping. Lines from the shoulder point in to the neck: square.',
    answers: [more('sloping-shoulder'), more('square-shoulder')],
  },
  'straps-slip': {
    label: 'straps slip',
    causes: [over('strapSpacing', 'set too far apart'), over('strap', 'too long')],
    ruleOut: 'a smooth fabric against smooth skin',
    tell: 'Hold them shorter: if they still slip, they are too far apart.',
    answers: [less('strap-spacing'), less('strap-length')],
  },
  'waistband-rolls': {
    label: 'waistband rolls over',
    causes: [
      under('waistband', 'too tight where one sits'),
      over('rise', 'reaches above the waist'),
      under('rise', 'is drawn down to where the body is wider'),
    ],
    ruleOut: 'an interfacing or elastic too soft for the width of the band',
    tell: 'Stand, then sit: rolling only when sitting wants girth or height; rolling at rest wants a firmer band.',
    answers: [more('side-seams'), more('rise')],
  },
  'waistband-gapes': {
    label: 'waistband gapes at the back',
    causes: [over('waistband', 'larger than the waist'), under('crotch', 'pulled down at the back by too short a crotch')],
    ruleOut: 'a straight band on a curved back',
    tell: 'Sit: if the gap grows, the crotch is short at the back; if it stays, the band is large.',
    answers: [less('waist-darts'), more('full-seat')],
  },
  'rise-pulls-down': {
    label: 'back of the rise pulls down',
    causes: [under('crotch', 'too short over the seat'), under('rise', 'too short in the rise'), under('thigh', 'held by a tight thigh')],
    ruleOut: 'a heavy phone in the pocket',
    tell: 'Sit, hold the waist up, and look whether it pulls along the seam or across the thigh.',
    answers: [more('full-seat'), more('rise')],
  },
  'crotch-whiskers': {
    label: 'whiskers at the crotch',
    causes: [
      under('crotch', 'too short between the legs'),
      under('hip', 'too tight across the hip'),
      over('crotch', 'too long: fabric gathers there'),
      under('thigh', 'too tight at the thigh'),
    ],
    ruleOut: 'a curve that was not clipped',
    tell: 'Whiskers pointing up and out want hip or thigh; folds that hang beneath are length.',
    answers: [more('crotch-points'), more('side-seams'), more('inseam'), less('rise')],
  },
  'crotch-low': {
    label: 'crotch hangs low',
    causes: [over('rise', 'too long in the rise'), over('waistband', 'a loose waist lets it down')],
    ruleOut: 'a belt left off',
    tell: 'Hold the waist where it belongs: if the crotch sits right, the waist is the cause.',
    answers: [less('rise'), less('side-seams')],
  },
  'seat-folds': {
    label: 'folds under the seat',
    causes: [
      over('crotch', 'too long at the back for a flat seat'),
      under('thigh', 'caught by a tight thigh'),
      over('thigh', 'too much width below the seat'),
    ],
    ruleOut: 'standing with locked knees',
    tell: 'Pin the folds away: if one can still sit, they were excess; if not, let the thigh out.',
    answers: [more('flat-seat'), more('inseam'), less('inseam')],
  },
  'seat-tight': {
    label: 'pulls across the seat',
    causes: [under('hip', 'too little girth'), under('crotch', 'too short over the seat')],
    ruleOut: 'a fabric that stretches less than the pattern asks for',
    tell: 'Pulls from side to side are girth; pulls into the crotch are length.',
    answers: [more('side-seams'), more('full-seat')],
  },
  'tummy-pulls': {
    label: 'pulls across the front below the waist',
    causes: [under('waist', 'too little room in front'), under('hip', 'too little girth')],
    ruleOut: 'pocket bags that lie doubled',
    tell: 'A side seam bowed forward wants room in front, not all round.',
    answers: [more('full-tummy'), more('side-seams')],
  },
  'pockets-gape': {
    label: 'side pockets gape',
    causes: [under('hip', 'too tight across the hip')],
    ruleOut: 'a bias pocket edge without a stay',
    tell: 'Pin the hip out by a little: if they close, it was girth; if not, stay the edge.',
    answers: [more('side-seams')],
  },
  'leg-twists': {
    label: 'twisting leg',
    causes: [under('thigh', 'pulled round by a tight thigh'), under('calf', 'caught on the calf')],
    ruleOut: 'legs cut off grain, or a fabric that skews in the wash: often this',
    tell: 'Lay it flat: a seam that wanders on the table too is grain, and no alteration mends it.',
    answers: [more('inseam'), more('calf-girth')],
  },
  'knee-off': {
    label: 'shaped knee above or below the knee',
    causes: [under('kneePoint', 'the shaping sits too high'), over('kneePoint', 'the shaping sits too low')],
    ruleOut: 'a rise that sits at another height than planned',
    tell: 'Mark the middle of the knee standing; measure to the narrowest place of the leg.',
    answers: [more('leg-at-thigh'), less('leg-at-thigh')],
  },
  'one-side-hangs': {
    label: 'hangs lower on one side',
    causes: [over('armhole', 'one shoulder is lower than the other'), under('skirt', 'one hip is higher than the other')],
    ruleOut: 'bias that dropped unevenly: let it hang a day before hemming',
    tell: 'Level from the shoulder or from the hip? Pin where it starts, on that side only.',
    answers: [more('sloping-shoulder'), more('skirt-length')],
  },
  'skirt-rides': {
    label: 'skirt rides up',
    causes: [under('hip', 'too tight at the hip, so it climbs to where it fits'), over('waist', 'loose at the waist, so it turns and climbs')],
    ruleOut: 'a lining or tights that cling',
    tell: 'Pull it down and sit: creases across the lap are hip.',
    answers: [more('side-seams'), less('waist-darts')],
  },
  'hem-dips': {
    label: 'hem dips at the sides',
    causes: [over('hemSweep', 'the flare hangs out on the bias')],
    ruleOut: 'bias parts that were hemmed before they had hung a day: usually this',
    tell: 'Measure from the floor after it has hung a day.',
    answers: [less('hem-flare')],
  },
  'torso-pulls': {
    label: 'pulls between shoulder and crotch',
    causes: [under('torso', 'too short in the torso'), under('strap', 'straps too short')],
    ruleOut: 'lengthwise stretch less than the pattern asks for',
    tell: 'Let the straps out: if the legs still cut in, the torso is short.',
    answers: [more('torso-length'), more('strap-length')],
  },
  'band-rides-up': {
    label: 'band rides up at the back',
    causes: [over('braBand', 'the band is too long to hold'), under('strap', 'the straps pull it up')],
    ruleOut: 'an elastic that has tired, or powernet cut the wrong way round',
    tell: 'Let the straps out: if the band still climbs it is too long.',
    answers: [less('side-seams'), more('strap-length')],
  },
  'cup-spills': {
    label: 'spilling over the cup edge',
    causes: [under('cup', 'too little room in the cup'), under('wireLine', 'the wire is too narrow')],
    ruleOut: 'an elastic at the edge drawn in too far',
    tell: 'See whether the wire lies flat between the breasts: if it stands off, the cup is small.',
    answers: [more('cup-size'), more('wire-line')],
  },
  'cup-wrinkles': {
    label: 'empty folds in the cup',
    causes: [over('cup', 'more room than is needed'), over('wireLine', 'the wire is too wide')],
    ruleOut: 'straps let out too far, a lining shorter than the cup',
    tell: 'Lift the breasts into the cups first, then look where the folds lie.',
    answers: [less('cup-size'), less('wire-line')],
  },
  'leg-line-cuts-in': {
    label: 'leg line cuts in',
    causes: [over('legLine', 'cut too low over the thigh'), under('legHem', 'the elastic is too short')],
    ruleOut: 'an elastic stretched too much while it was sewn',
    tell: 'Cut a thread of the elastic: if it then lies well, only the elastic was short.',
    answers: [less('leg-line'), more('side-seams')],
  },
  'seat-bare': {
    label: 'seat not covered',
    causes: [under('seatCoverage', 'too little fabric over the seat'), under('rise', 'too short from waist to crotch')],
    ruleOut: 'a fabric that stretches less lengthwise than the pattern asks for',
    tell: 'Pull the waist up: if the seat creeps in even more, it is the rise.',
    answers: [more('seat-coverage'), more('rise')],
  },
  'strap-twists': {
    label: 'puckered or twisted strap',
    causes: [over('strap', 'longer than the way over the shoulder'), under('strap', 'too short: it pulls at its ends')],
    ruleOut: 'two layers that were fed unevenly, or a turning that was not pressed on its seam',
    tell: 'Pin a tuck into it: if it lies flat it was length, if the twist stays it was the stitching.',
    answers: [less('strap-length'), more('strap-length')],
  },
  'seam-off-centre': {
    label: 'seam that runs off its place',
    causes: [
      under('acrossFront', 'the front is too narrow and draws the seam forward'),
      under('acrossBack', 'the back is too narrow and draws it back'),
    ],
    ruleOut: 'pieces cut off grain, or a pattern cut with one side longer',
    tell: 'Look from the side: a seam that leans forward wants width in front, one that leans back wants it there.',
    answers: [more('across-front'), more('across-back')],
  },
  'front-crotch-pouches': {
    label: 'pouch at the front crotch',
    causes: [over('crotch', 'the curve is longer than the body in front'), over('rise', 'too long from waist to crotch')],
    ruleOut: 'a fly or zip that is stiffer than its fabric',
    tell: 'Pin a fold across the front below the waist: if the pouch goes, it is the rise; if not, flatten the curve.',
    answers: [less('rise'), less('scoop-crotch')],
  },
  'hem-band-rides': {
    label: 'hem band that lets the top ride up',
    causes: [under('hip', 'the band is too tight for where it sits'), under('bodyLength', 'it ends above the hip, where nothing holds it down')],
    ruleOut: 'a band that was stretched too much when it was sewn on',
    tell: 'Pull it down and walk: if it climbs at once the band is tight; if it creeps, it is short.',
    answers: [more('side-seams'), more('body-at-hem')],
  },
  'belly-strains': {
    label: 'straining at the belly',
    causes: [under('waist', 'too little girth over the belly'), under('hip', 'too little girth just below it')],
    ruleOut: 'a pocket bag or a stay that holds the front',
    tell: 'Sit down: lines that run from the side to the centre want width in front and not at the back.',
    answers: [more('full-tummy'), more('side-seams')],
  },
  'drags-across': {
    label: 'drag lines that lie level',
    causes: [under('hip', 'too little girth where they lie'), under('bust', 'too little girth where they lie, higher up')],
    ruleOut: 'a fabric that stretches less than the pattern asks for',
    tell: 'They point at what is tight: open the seam there and see how far it springs.',
    answers: [more('side-seams')],
  },
  'drags-upright': {
    label: 'upright folds that hang',
    causes: [over('hip', 'too much girth where they hang'), over('acrossBack', 'too wide across the back')],
    ruleOut: 'a fabric too stiff to lie in its ease',
    tell: 'Pinch them away at the seams; what you need to move in stays.',
    answers: [less('side-seams'), less('across-back')],
  },
  'drags-to-the-arm': {
    label: 'drag lines from the neck down to the underarm',
    causes: [over('armhole', 'the shoulder slopes more than the garment’s'), over('shoulder', 'too wide: it falls off the end of the shoulder')],
    ruleOut: 'a shoulder pad that is missing',
    tell: 'Lift the outer end of the shoulder with a finger: if the lines go, it slopes.',
    answers: [more('sloping-shoulder'), less('shoulder-width')],
  },
  'drags-to-the-neck': {
    label: 'drag lines from the end of the shoulder to the middle',
    causes: [under('armhole', 'the shoulder is squarer than the garment’s'), under('shoulder', 'too narrow at the shoulder')],
    ruleOut: 'a seam allowance at the armhole that was not clipped',
    tell: 'Open the seam at the outer end of the shoulder: if the lines go, it is square.',
    answers: [more('square-shoulder'), more('shoulder-width')],
  },
  'neckband-stands': {
    label: 'neckband that stands away',
    causes: [over('neckline', 'band or edge longer than the neck there'), over('neckWidth', 'set too wide at the shoulders')],
    ruleOut: 'a band that was not stretched enough, or an edge that was',
    tell: 'Pinch the band shorter: if it hugs, it is the band; if the edge ripples below it, the neck is too wide.',
    answers: [less('neckline-girth'), less('neck-width')],
  },
} as const satisfies Record<string, Symptom>;

export type SymptomId = keyof typeof SYMPTOMS;
export const SYMPTOM_IDS = idsOf(SYMPTOMS);

/** The symptom's facts, with every field in reach of the type checker. */
export function symptomOf(id: SymptomId): Symptom {
  return SYMPTOMS[id];
}

/** Symptoms that can show where these zones matter: those with a cause at one of them. */
export function symptomsAt(zones: readonly ZoneId[]): SymptomId[] {
  return SYMPTOM_IDS.filter((id) => symptomOf(id).causes.some((c) => zones.includes(c.zone)));
}
