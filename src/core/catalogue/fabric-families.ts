/** What is usually true of a family of fabrics: a guess to begin with, until this very piece was measured. */
export interface FabricFamily {
  /** What it is called in shops, in small letters; the first is ours. */
  readonly names: readonly [string, ...string[]];
  readonly structure: 'woven' | 'knit';
  /** Fibre that it is usually made of, where there is a usual one. */
  readonly fibre?: string;
  /** g/m², from and to. */
  readonly weight: readonly [number, number];
  /** Crosswise stretch, %, from and to. */
  readonly stretch: readonly [number, number];
  /** 1 stiff to 5 flowing. */
  readonly drape: 1 | 2 | 3 | 4 | 5;
  /** 1 sheer to 5 dense. */
  readonly opacity: 1 | 2 | 3 | 4 | 5;
  readonly nap?: true;
  /** Shrinkage along in the first wash, %, as usual. */
  readonly shrinks: number;
  readonly care: string;
  readonly behaviour: string;
}

const woven = (
  names: FabricFamily['names'],
  weight: readonly [number, number],
  [drape, opacity]: readonly [FabricFamily['drape'], FabricFamily['opacity']],
  rest: Partial<FabricFamily> & Pick<FabricFamily, 'care' | 'behaviour'>,
): FabricFamily => ({ names, structure: 'woven', weight, stretch: [0, 3], drape, opacity, shrinks: 3, ...rest });
const knit = (
  names: FabricFamily['names'],
  weight: readonly [number, number],
  stretch: readonly [number, number],
  [drape, opacity]: readonly [FabricFamily['drape'], FabricFamily['opacity']],
  rest: Partial<FabricFamily> & Pick<FabricFamily, 'care' | 'behaviour'>,
): FabricFamily => ({ names, structure: 'knit', weight, stretch, drape, opacity, shrinks: 5, ...rest });

const WARM = 'warm wash, iron as it is used to';
const GENTLE = 'cool gentle wash, dry flat, iron with a cloth';

/** Families of fabric. Source: usual trade descriptions; ranges are wide on purpose, since one name covers many qualities. */
export const FABRIC_FAMILIES: readonly FabricFamily[] = [
  woven(['double gauze', 'muslin gauze'], [110, 160], [4, 3], {
    fibre: 'cotton',
    shrinks: 7,
    care: 'warm wash, do not iron flat',
    behaviour: 'shrinks and crinkles; wash twice before cutting, lengthen the stitch',
  }),
  woven(['lawn'], [70, 110], [3, 3], { fibre: 'cotton', care: WARM, behaviour: 'steady to cut; fine needle, 60 to 70' }),
  woven(['voile'], [60, 100], [4, 1], { fibre: 'cotton', care: WARM, behaviour: 'sheer: seams show, French seams' }),
  woven(['batiste', 'cambric'], [70, 110], [3, 2], { fibre: 'cotton', care: WARM, behaviour: 'soft and fine; fine needle' }),
  woven(['poplin', 'broadcloth'], [100, 150], [2, 4], { fibre: 'cotton', care: WARM, behaviour: 'crisp; needle marks stay when unpicked' }),
  woven(['quilting cotton'], [130, 160], [2, 4], { fibre: 'cotton', care: WARM, behaviour: 'stiff at first, softens with washing' }),
  woven(['seersucker'], [110, 160], [2, 3], { fibre: 'cotton', care: 'warm wash, no iron', behaviour: 'keep the puckers: do not press them flat' }),
  woven(['chambray'], [110, 170], [3, 4], { fibre: 'cotton', care: WARM, behaviour: 'dye may come off in the first wash' }),
  woven(['flannel', 'brushed cotton'], [140, 200], [3, 4], {
    fibre: 'cotton',
    nap: true,
    shrinks: 6,
    care: 'cool wash',
    behaviour: 'pills and shrinks; cut one way',
  }),
  woven(['linen'], [140, 220], [3, 4], {
    fibre: 'linen',
    shrinks: 5,
    care: 'warm wash, iron damp',
    behaviour: 'frays and grows in wear; finish seams',
  }),
  woven(['viscose', 'rayon', 'challis'], [100, 150], [5, 3], {
    fibre: 'viscose',
    shrinks: 6,
    care: 'cool gentle wash, hang to dry',
    behaviour: 'slips and grows off grain: starch it, cut single',
  }),
  woven(['crêpe', 'crepe', 'georgette'], [90, 180], [5, 3], { care: GENTLE, behaviour: 'shifts on the table; steam shrinks it' }),
  woven(['satin', 'charmeuse'], [80, 160], [5, 4], { nap: true, care: GENTLE, behaviour: 'slips and shows every pin; one way, since it shines' }),
  woven(['silk habotai', 'habotai', 'silk'], [40, 90], [4, 2], {
    fibre: 'silk',
    care: 'cool hand wash, iron inside out',
    behaviour: 'slips; fine needle and pins within the allowance',
  }),
  woven(['chiffon', 'organza'], [30, 60], [4, 1], { care: 'cool hand wash', behaviour: 'sheer and lively: cut between paper' }),
  woven(['taffeta'], [60, 140], [2, 4], { care: GENTLE, behaviour: 'needle holes stay; rustles and creases' }),
  woven(['tencel twill', 'lyocell', 'tencel'], [140, 220], [4, 4], {
    fibre: 'lyocell',
    shrinks: 5,
    care: 'cool wash',
    behaviour: 'heavy and soft; grows in length, hang before hemming',
  }),
  woven(['cotton twill', 'twill', 'drill', 'gabardine'], [180, 280], [2, 5], { care: WARM, behaviour: 'firm; grade the seams' }),
  woven(['denim'], [250, 450], [1, 5], {
    fibre: 'cotton',
    shrinks: 6,
    care: 'cool wash, inside out',
    behaviour: 'bleeds dye; jeans needle, hammer thick seams',
  }),
  woven(['stretch denim'], [220, 380], [2, 5], {
    stretch: [10, 25],
    shrinks: 6,
    care: 'cool wash, inside out',
    behaviour: 'recovers less with heat; bags at the knee',
  }),
  woven(['canvas', 'duck'], [250, 500], [1, 5], { fibre: 'cotton', care: 'cool wash', behaviour: 'stiff; strong needle and long stitch' }),
  woven(['needlecord', 'baby cord', 'corduroy', 'cord'], [180, 320], [2, 5], {
    fibre: 'cotton',
    nap: true,
    shrinks: 5,
    care: 'wash inside out',
    behaviour: 'pile: one way, and no flat pressing on the right side',
  }),
  woven(['velvet', 'velveteen'], [200, 350], [4, 5], {
    nap: true,
    care: 'by a cleaner, or cool by hand',
    behaviour: 'creeps under the foot and is bruised by the iron: one way, baste',
  }),
  woven(['tweed', 'wool tweed'], [280, 480], [2, 5], {
    fibre: 'wool',
    care: 'airing; by a cleaner',
    behaviour: 'frays; steam shrinks and shapes it',
  }),
  woven(['wool flannel', 'wool suiting', 'suiting'], [220, 360], [3, 5], {
    fibre: 'wool',
    care: 'airing; by a cleaner',
    behaviour: 'takes steam well; press with a cloth',
  }),
  woven(['boiled wool'], [280, 450], [3, 5], {
    fibre: 'wool',
    stretch: [5, 20],
    care: 'cool wool wash',
    behaviour: 'does not fray; bulky at crossings',
  }),
  woven(['softshell'], [250, 350], [2, 5], {
    stretch: [5, 20],
    shrinks: 0,
    care: 'cool wash, no softener',
    behaviour: 'holes stay and let water in: clips, not pins',
  }),
  woven(['waxed cotton', 'oilskin'], [250, 400], [1, 5], {
    shrinks: 0,
    care: 'wipe; never wash or iron',
    behaviour: 'every hole stays: clips, not pins',
  }),
  woven(['lace'], [80, 200], [4, 1], { care: 'cool hand wash', behaviour: 'plan where the motifs lie; the edge may be the hem' }),
  knit(['jersey', 'single jersey', 't-shirt jersey'], [140, 200], [25, 60], [4, 3], {
    care: 'cool wash, dry flat',
    behaviour: 'curls at cut edges; stretch needle',
  }),
  knit(['viscose jersey', 'rayon jersey', 'bamboo jersey'], [180, 240], [40, 80], [5, 3], {
    fibre: 'viscose, elastane',
    shrinks: 7,
    care: 'cool gentle wash, dry flat',
    behaviour: 'heavy and clinging; grows in length',
  }),
  knit(['interlock'], [180, 260], [25, 50], [3, 4], { care: 'cool wash', behaviour: 'does not curl; runs from one end' }),
  knit(['ponte', 'ponte roma', 'punto'], [260, 380], [15, 40], [3, 5], {
    fibre: 'viscose, polyamide, elastane',
    care: 'cool wash',
    behaviour: 'stable: sews almost like a woven',
  }),
  knit(['rib', 'rib knit', 'ribbing'], [200, 320], [50, 120], [4, 4], {
    care: 'cool wash, dry flat',
    behaviour: 'stretches far: cut bands shorter, do not pull while sewing',
  }),
  knit(['french terry', 'loopback'], [220, 320], [15, 40], [3, 5], { care: 'warm wash', behaviour: 'bulky seams; stay the shoulders' }),
  knit(['sweatshirting', 'sweatshirt fleece'], [260, 380], [15, 40], [2, 5], {
    nap: true,
    care: 'warm wash',
    behaviour: 'thick; brushed side sheds',
  }),
  knit(['fleece', 'polar fleece'], [200, 320], [15, 40], [2, 5], {
    fibre: 'polyester',
    nap: true,
    shrinks: 0,
    care: 'cool wash, no iron',
    behaviour: 'never iron: it melts; long stitch',
  }),
  knit(['scuba', 'neoprene knit'], [280, 400], [20, 60], [1, 5], {
    shrinks: 0,
    care: 'cool wash, no iron',
    behaviour: 'springy; seams will not press flat: topstitch',
  }),
  knit(['swimwear lycra', 'swim knit', 'lycra', 'tricot'], [170, 230], [60, 120], [4, 4], {
    fibre: 'polyamide, elastane',
    shrinks: 0,
    care: 'rinse after use, cool wash',
    behaviour: 'stretch needle, long zigzag; test which way stretches more',
  }),
  knit(['powernet', 'power mesh'], [100, 200], [40, 90], [3, 1], {
    shrinks: 0,
    care: 'cool hand wash',
    behaviour: 'the stretch goes round the body',
  }),
  knit(['sweater knit', 'jumper knit'], [200, 400], [30, 90], [4, 3], {
    shrinks: 7,
    care: 'cool gentle wash, dry flat',
    behaviour: 'grows and ravels: stay the seams, walking foot',
  }),
  knit(['velour', 'stretch velvet'], [220, 320], [30, 60], [4, 5], {
    nap: true,
    care: 'cool wash, no iron',
    behaviour: 'pile: one way; creeps, so baste',
  }),
];

/** The names by their length: "viscose jersey" is more than "viscose". */
const BY_NAME = FABRIC_FAMILIES.flatMap((family) => family.names.map((name) => ({ name, family }))).sort((a, b) => b.name.length - a.name.length);

/**
 * The family that words name, the longest name first; undefined where none does.
 *
 * @example fabricFamily('mustard needlecord, 1.5 m')?.nap // true
 */
export function fabricFamily(words: string): FabricFamily | undefined {
  const said = ` ${words.toLowerCase().replace(/[^\p{L}-]+/gu, ' ')} `;
  return BY_NAME.find(({ name }) => said.includes(` ${name} `) || said.includes(` ${name}s `))?.family;
}
