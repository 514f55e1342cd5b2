import { ALTERATION_KIND_IDS, type AlterationKindId } from './alterations';

/** What else a kind is called: with its plus, with its minus, and whichever way. */
interface AlsoCalled {
  readonly plus?: readonly string[];
  readonly minus?: readonly string[];
  readonly either?: readonly string[];
}

/** The trade's other names for an alteration, British and American, in small letters. A name may belong to several kinds. */
const ALSO_CALLED: Partial<Record<AlterationKindId, AlsoCalled>> = {
  'bodice-above-bust': {
    plus: ['long upper chest', 'long upper bodice'],
    minus: ['petite', 'petite adjustment', 'short upper chest', 'short upper bodice', 'raise the armhole by shortening'],
    either: ['upper bodice length', 'armhole to shoulder length', 'chest length', 'yoke length'],
  },
  'bodice-below-bust': {
    plus: ['long waist', 'long waisted', 'lengthen bodice', 'tall'],
    minus: ['short waist', 'short waisted', 'shorten bodice'],
    either: ['bodice length', 'waist length', 'lengthen or shorten line', 'torso of a dress', 'back waist length'],
  },
  'front-length': {
    plus: ['front lengthening'],
    minus: ['front shortening'],
    either: ['front bodice length', 'front waist length', 'centre front length', 'center front length'],
  },
  'back-length': {
    plus: ['back lengthening', 'long back'],
    minus: ['back shortening', 'short back'],
    either: ['back bodice length', 'centre back length', 'center back length'],
  },
  'sway-back': { plus: ['swayback', 'sway back', 'hollow back', 'lordosis', 'back waist wedge', 'fisheye dart at the back'] },
  'body-at-hem': {
    plus: ['tunic length', 'let the hem down', 'hem let down'],
    minus: ['crop', 'cropped', 'crop the top', 'hem taken up', 'take the hem up', 'turn up'],
    either: ['hem', 'hem length', 'top length', 'shirt length', 'jacket length', 'body length', 'finished length'],
  },
  'sleeve-length': {
    plus: ['long arms', 'lengthen sleeves'],
    minus: ['short arms', 'shorten sleeves', 'three quarter sleeve', 'bracelet sleeve', 'elbow sleeve'],
    either: ['arm length', 'sleeve hem', 'sleeve lengthening'],
  },
  'skirt-length': { plus: ['maxi', 'midi'], minus: ['mini'], either: ['hem', 'skirt hem', 'dress length', 'hemline', 'hem depth'] },
  'skirt-front': { either: ['front hem', 'front skirt length', 'hem lifted in front', 'tummy hem'] },
  'skirt-back': { either: ['back hem', 'back skirt length', 'hem dip', 'high low hem'] },
  'leg-at-thigh': { plus: ['long thighs'], minus: ['short thighs'], either: ['knee height', 'thigh length', 'upper leg length'] },
  'leg-at-hem': {
    plus: ['long legs', 'full length', 'lengthen legs'],
    minus: ['crop', 'cropped', 'ankle length', 'capri', 'short legs', 'shorten legs', 'take up trousers', 'hem pants'],
    either: ['hem', 'inside leg', 'inseam length', 'outseam length', 'trouser length', 'pants length', 'pant length', 'turn-up', 'trouser hem'],
  },
  'cup-size': { plus: ['bigger cups', 'cup depth'], minus: ['smaller cups', 'empty cup'], either: ['cup volume', 'cup height'] },
  'wire-line': { plus: ['wider wire'], minus: ['narrower wire'], either: ['underwire', 'wires', 'wire line'] },
  'strap-length': { plus: ['lengthen straps'], minus: ['shorten straps'], either: ['straps', 'strap', 'shoulder strap', 'halter length'] },
  rise: {
    plus: ['high rise', 'raise the waist', 'long rise', 'deeper crotch'],
    minus: ['low rise', 'lower the waist', 'short rise', 'hip hugger'],
    either: ['crotch depth', 'body rise', 'front rise', 'back rise', 'waist height', 'seat depth', 'rise of trousers'],
  },
  'full-bust': {
    plus: ['fba', 'full bust adjustment', 'full bust', 'large bust', 'bigger cup', 'd cup', 'cup up'],
    minus: ['sba', 'small bust adjustment', 'small bust', 'flat chest', 'smaller cup', 'cup down'],
    either: ['cup size', 'cup adjustment', 'bust adjustment', 'dartless fba'],
  },
  'bust-dart': {
    plus: ['low bust', 'lower apex', 'dart lowered'],
    minus: ['high bust point', 'raise apex', 'dart raised'],
    either: ['dart', 'bust dart', 'bust point', 'apex', 'apex height', 'side dart', 'dart position'],
  },
  'dart-added': {
    plus: ['dart taken out', 'dart removed', 'skip the dart', 'dartless', 'dart eased'],
    minus: ['add a dart', 'fisheye dart', 'contour dart', 'vertical dart', 'double pointed dart', 'french dart'],
    either: ['dart', 'darts', 'tuck', 'dart intake', 'dart width'],
  },
  'dart-rotated': {
    either: ['dart', 'dart rotation', 'rotate the dart', 'dart manipulation', 'swing the dart', 'dart transfer', 'slash and close', 'pivot the dart'],
  },
  'side-seams': {
    plus: ['let out the sides', 'wider', 'add width', 'graded out', 'fuller body', 'wide hips', 'thick waist'],
    minus: ['take in the sides', 'slim down', 'slimmed', 'graded in', 'nip in', 'narrow hips'],
    either: [
      'sides',
      'side seam',
      'side seam adjustment',
      'hip width',
      'waist width',
      'bust width',
      'underarm seam',
      'outseam',
      'grade between sizes',
    ],
  },
  wedge: { minus: ['taper', 'tapered', 'peg', 'pegged'], either: ['flare out at the side', 'tapered seam', 'godet at the side'] },
  allowance: {
    plus: ['narrower seams', 'bigger by the seams'],

    either: ['wider seams', 'deeper seams', 'seam allowance', 'allowance', 'seam width', 'sa', 'seams sewn narrower', 'scant seam'],
  },
  'across-back': {
    plus: ['broad back', 'broad back adjustment', 'wide back', 'bba'],
    minus: ['narrow back', 'narrow back adjustment'],
    either: ['back width', 'upper back', 'shoulder blades', 'across back', 'back ease', 'yoke width'],
  },
  'across-front': {
    plus: ['broad chest', 'wide upper chest'],
    minus: ['narrow chest', 'narrow upper chest'],
    either: ['chest width', 'upper chest width', 'across front', 'front armhole width'],
  },
  'shoulder-width': {
    plus: ['broad shoulder', 'broad shoulders', 'wide shoulders', 'broad shoulder adjustment'],
    minus: ['narrow shoulder', 'narrow shoulders', 'narrow shoulder adjustment', 'nsa'],
    either: ['shoulder', 'shoulder seam length', 'shoulder length', 'shoulder point'],
  },
  'neck-depth': {
    plus: ['lower neckline', 'scoop the neck', 'deeper v', 'plunge'],
    minus: ['raise neckline', 'fill in the neck', 'higher neck'],
    either: ['neckline', 'neck depth', 'neckline depth', 'front neck', 'v depth'],
  },
  'neck-width': {
    plus: ['boat neck', 'widen the neck', 'wide neck'],
    minus: ['narrow the neck', 'narrow neck'],
    either: ['neckline width', 'neck width', 'shoulder neck point'],
  },
  'neckline-girth': {
    plus: ['bigger neck', 'full neck'],
    minus: ['smaller neck', 'slim neck'],
    either: ['neck hole', 'neck opening', 'collar size', 'collar length', 'neck girth', 'neckband length', 'neck circumference'],
  },
  'armhole-depth': {
    plus: ['lower the armhole', 'deeper armhole', 'drop the underarm'],
    minus: ['raise the armhole', 'higher armhole', 'high armscye'],
    either: ['armscye', 'armhole depth', 'arm hole', 'armscye depth', 'underarm height', 'scye depth'],
  },
  'upper-arm': {
    plus: ['full bicep', 'full bicep adjustment', 'full upper arm', 'full arm', 'fuller sleeve', 'large arm'],
    minus: ['slim bicep', 'slim arm', 'thin arms'],
    either: ['bicep', 'biceps', 'sleeve width', 'upper arm', 'sleeve circumference'],
  },
  'sleeve-seam': {
    plus: ['let out the sleeve'],
    minus: ['take in the sleeve', 'slim the sleeve'],
    either: ['sleeve seam', 'underarm sleeve seam', 'sleeve underarm'],
  },
  'wrist-girth': {
    plus: ['wider cuff', 'bell sleeve'],
    minus: ['tighter cuff', 'tapered sleeve'],
    either: ['cuff', 'cuffs', 'cuff width', 'wrist', 'sleeve hem width', 'sleeve opening', 'cuff circumference'],
  },
  'cap-height': {
    plus: ['higher cap', 'taller cap'],
    minus: ['flatten the cap', 'lower cap'],
    either: ['sleeve head', 'sleeve cap', 'cap height', 'sleeve crown', 'crown height', 'cap ease'],
  },
  'scoop-crotch': {
    plus: ['scoop the crotch', 'scooped crotch', 'low seat'],
    minus: ['shallower crotch'],
    either: ['crotch curve', 'seat curve', 'crotch shape', 'crutch curve', 'fork'],
  },
  'crotch-points': {
    plus: ['crotch extension', 'extend the crotch', 'deep seat'],
    minus: ['shorten the crotch', 'crotch hook shortened'],
    either: ['crotch point', 'crotch length', 'crutch', 'crotch hook', 'fork point', 'inseam point'],
  },
  'full-seat': { plus: ['full seat', 'full bum', 'full bottom', 'protruding seat', 'full seat adjustment', 'round seat'] },
  'flat-seat': { plus: ['flat seat', 'flat bum', 'flat bottom', 'flat seat adjustment', 'flat derriere', 'fish eye dart under the seat'] },
  'full-tummy': {
    plus: ['full tummy', 'full belly', 'full abdomen', 'tummy adjustment', 'maternity front', 'full stomach'],
    either: ['belly', 'tummy', 'abdomen'],
  },
  inseam: {
    plus: ['full thigh', 'let out the inseam', 'inner thigh'],
    minus: ['thin thigh', 'take in the inseam'],
    either: ['inner leg seam', 'inside leg seam', 'thigh width'],
  },
  'calf-girth': { plus: ['full calf', 'full calves', 'wide calf'], minus: ['slim calf', 'thin calves'], either: ['calf width', 'lower leg width'] },
  'forward-shoulder': {
    plus: ['forward shoulder', 'forward shoulder adjustment', 'rolled shoulders', 'fsa'],
    either: ['shoulder seam position', 'shoulder seam forward', 'shoulder line'],
  },
  'square-shoulder': { plus: ['square shoulder', 'square shoulders', 'square shoulder adjustment'], either: ['shoulder slope', 'shoulder angle'] },
  'sloping-shoulder': {
    plus: ['sloping shoulder', 'sloping shoulders', 'sloped shoulder', 'sloped shoulders', 'slope shoulder adjustment'],
    either: ['shoulder slope', 'shoulder pitch'],
  },
  'high-back': {
    plus: ['rounded back', 'rounded upper back', 'round back', 'high round back', 'dowagers hump', 'forward head', 'kyphosis'],
    minus: ['erect back', 'flat upper back', 'very upright'],
    either: ['upper back curve', 'neck dart at the back'],
  },
  'hollow-chest': { plus: ['hollow chest', 'hollow chest adjustment', 'sunken chest', 'concave chest'], either: ['upper chest wedge'] },
  'neckline-wedge': { plus: ['gaping neckline', 'gaping neck', 'neckline gape', 'pinch out the neckline', 'neckline dart'] },
  'armhole-wedge': { plus: ['gaping armhole', 'armhole gape', 'pinch out the armhole', 'armhole dart'] },
  'princess-seams': {
    plus: ['let out the princess seams'],
    minus: ['take in the princess seams'],
    either: ['princess line', 'princess seam', 'panel seams', 'front seams', 'style line'],
  },
  'princess-curve': {
    plus: ['princess fba', 'fuller princess curve'],
    minus: ['princess sba', 'flatter princess curve'],
    either: ['princess curve', 'bust curve', 'side front curve'],
  },
  'pivot-and-slide': { either: ['pivot', 'slide', 'pivot method', 'slide method', 'pivot and slide method'] },
  gathers: {
    plus: ['more gathers', 'add gathers', 'more fullness', 'slash and spread'],
    minus: ['fewer gathers', 'less fullness', 'slash and overlap'],
    either: ['gather', 'ruching', 'shirring', 'tucks', 'pleats', 'ruffle fullness', 'easing'],
  },
  'centre-back-seam': {
    minus: ['gaping waist at the back', 'take in the back'],
    either: ['cb seam', 'center back seam', 'centre back', 'center back', 'back seam', 'seat seam'],
  },
  'waist-darts': {
    plus: ['smaller waist darts'],
    minus: ['deeper waist darts', 'bigger waist darts'],
    either: ['dart', 'waist dart', 'back darts', 'skirt darts', 'trouser darts'],
  },
  'hem-flare': {
    plus: ['add flare', 'a-line', 'more swing'],
    minus: ['less flare', 'straighten the skirt'],
    either: ['hem width', 'hem circumference', 'sweep', 'flare', 'hem sweep', 'godet'],
  },
  'band-at-waist': { plus: ['waist band inserted', 'midriff band', 'waist inset'], either: ['waist stay panel', 'midriff', 'waist yoke'] },
  'wedge-centre-front': { either: ['centre front wedge', 'center front wedge', 'cf wedge', 'front wedge'] },
  'wedge-centre-back': { either: ['centre back wedge', 'center back wedge', 'cb wedge', 'back wedge'] },
  'torso-length': {
    plus: ['long torso', 'tall torso'],
    minus: ['short torso', 'petite torso'],
    either: ['torso', 'girth of a one-piece', 'body loop', 'trunk length'],
  },
  'strap-spacing': { minus: ['racer back', 'straps closer'], either: ['strap position', 'strap placement', 'straps that slip'] },
  'opening-girth': { either: ['neck opening', 'slit', 'keyhole', 'placket length', 'zip length', 'head opening', 'foot opening'] },
  'crown-girth': { either: ['hat size', 'head size', 'hat girth', 'crown size', 'hat band'] },
  'pocket-height': { plus: ['lower pockets'], minus: ['raise pockets'], either: ['pocket placement', 'pocket position', 'pockets', 'pocket height'] },
  'pocket-depth': { either: ['pocket bag', 'deeper pockets', 'pocket size', 'pocket opening', 'pocket'] },
  'seat-coverage': {
    plus: ['full coverage', 'more coverage', 'full brief'],
    minus: ['cheeky', 'less coverage', 'thong back'],
    either: ['bum coverage', 'back coverage', 'seat cover'],
  },
  'leg-line': { plus: ['low leg'], minus: ['high leg', 'high cut leg'], either: ['leg opening', 'leg hole', 'leg cut', 'leg elastic line'] },
  elastic: { either: ['waist elastic', 'elastic length', 'elastic', 'drawn in waist'] },
  band: { either: ['cuff', 'hem band', 'ribbing', 'rib band', 'neckband', 'waistband depth', 'cuff depth', 'bands'] },
  'fold-to-seam': { either: ['cut on fold to seam', 'add a seam', 'centre seam added', 'center seam added'] },
  'seam-to-fold': { either: ['remove a seam', 'cut on the fold', 'centre seam removed', 'center seam removed'] },
  'leave-out': { either: ['omit', 'omitted', 'skip', 'without', 'no lining', 'no pockets', 'leave off'] },
  'add-part': { either: ['add', 'add pockets', 'add a lining', 'inseam pockets', 'add a vent', 'gusset', 'add a gusset', 'ties'] },
  'swap-part': { either: ['frankenpattern', 'mash', 'mashup', 'combined with', 'sleeve from another pattern', 'pattern hack'] },
};

/** One of the names, with the way it means where it means one. */
export interface AlterationName {
  readonly kind: AlterationKindId;
  readonly name: string;
  readonly sign?: 1 | -1;
}

/**
 * Every other name of every kind.
 *
 * @example ALTERATION_NAMES.find((n) => n.name === 'sba') // { kind: 'full-bust', name: 'sba', sign: -1 }
 */
export const ALTERATION_NAMES: readonly AlterationName[] = ALTERATION_KIND_IDS.flatMap((kind) => {
  const { plus = [], minus = [], either = [] } = ALSO_CALLED[kind] ?? {};
  return [
    ...plus.map((name): AlterationName => ({ kind, name, sign: 1 })),
    ...minus.map((name): AlterationName => ({ kind, name, sign: -1 })),
    ...either.map((name): AlterationName => ({ kind, name })),
  ];
});

/** What a kind is also called, in one line: what the picker finds it by. */
export function alsoCalled(kind: AlterationKindId): string {
  return ALTERATION_NAMES.filter((n) => n.kind === kind)
    .map((n) => n.name)
    .join(', ');
}
