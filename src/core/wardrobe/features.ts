import { CLASS_EASE } from '../body/fit-class';
import type { ZoneId } from '../body/zones';
import { colourOf } from '../fabric/colour-of';
import { mainFibre } from '../fabric/fibres';
import { priceOfCm } from '../fabric/price';
import { isPrinted } from '../fabric/printed';
import { isSheer } from '../fabric/sheer';
import { weightOf, type WeightClass } from '../fabric/weight';
import { kindOfMake } from '../make/kind-of';
import { mainFabric } from '../make/main-fabric';
import { usualMinutes } from '../make/minutes';
import { viewOf } from '../make/versions';
import type { Fabric, FlatDetails, GarmentKind, Make, Pattern, Plan } from '../records';
import { casesFor, type CaseTables, type PatternCase } from '../garment/case';
import { Garment, isOfBody } from '../garment/offset';
import { sourcesOfPlan } from '../plan/plan-to-make';
import { seenColour, type Seen } from '../units/colour';
import { addToGroup } from '../units/group-by';
import { memoize } from '../units/memoize';
import type { Season } from '../wear/season';
import { withId } from '../units/by-id';

/** Something that a garment has or has not. */
export interface Feature {
  readonly id: string;
  /** As it stands in "worn more often with …". */
  readonly words: string;
}

/** What a garment has of each feature; what was never said is missing, and is not taken as absent. */
export type Has = ReadonlyMap<string, boolean>;

/** Fibres that let air and moisture through. Source: usual textile knowledge. */
const BREATHE: ReadonlySet<string> = new Set(['cotton', 'linen', 'hemp', 'silk', 'wool', 'viscose', 'lyocell', 'modal']);
/** Prints whose figures repeat from so much on are large, cm. */
const LARGE = 6;
/** Colours: light and dark, strong, and warm by their hue, in CIELAB. Source: our own convention, looked at on swatches. */
const [LIGHT, DARK, STRONG, GREYISH, WARM_UP_TO, WARM_FROM] = [65, 35, 40, 10, 110, 330];
const seen = memoize((fabric: Fabric) => {
  const colour = colourOf(fabric);
  return colour === undefined ? undefined : seenColour(colour);
});

/** Asked of every garment, and read from the words of a label. */
const fibreOf = memoize((fabric: Fabric) => mainFibre(fabric));

/** What is asked of the records of a garment or a plan. */
interface Subject {
  readonly pattern: Pattern | undefined;
  readonly record: Make | Plan;
  readonly fabric: Fabric | undefined;
  /** What is drawn of it: sleeves, neck, pockets. */
  readonly flat: FlatDetails;
  readonly index: Index;
}

const flatOf = ({ pattern, record }: Pick<Subject, 'pattern' | 'record'>): FlatDetails => {
  const sources = 'sources' in record ? record.sources : sourcesOfPlan(record);
  const view = pattern ? viewOf(pattern, { sources, ...(record.chosen ? { chosen: record.chosen } : {}) }) : undefined;
  return { ...view?.flat, ...record.chosen };
};

/** Below so much ease a garment is close, from so much on it is loose: half way between the classes, cm. */
const CLOSE = (CLASS_EASE.fitted + CLASS_EASE.semi) / 2;
const LOOSE = (CLASS_EASE.semi + CLASS_EASE.loose) / 2;
/** Where the ease of a kind is told: what hangs from the waist at the hip, all else at the bust. */
const FROM_THE_WAIST: ReadonlySet<GarmentKind> = new Set(['skirt', 'trousers', 'shorts', 'briefs']);

/** The ease that a garment really has at a zone, cm: as it was cut and altered, against the body. Undefined of a plan, and where size or body is not known. */
function easeHad({ record, index }: Subject, zone: ZoneId): number | undefined {
  const garment = 'sources' in record ? index.garmentOf(record) : undefined;
  const offset = garment?.offset(zone);
  if (!garment || !offset || offset.chart.from === 'nothing' || !isOfBody(offset)) return undefined;
  return garment.draft.easeOf(garment.make, zone) + offset.x;
}

/** The ease at the main girth of a kind; where what it has is not known, what its pattern intends. */
function easeIn(subject: Subject): number | undefined {
  const { pattern } = subject;
  if (!pattern) return undefined;
  return easeHad(subject, FROM_THE_WAIST.has(pattern.kind) ? 'hip' : 'bust') ?? CLASS_EASE[pattern.fitClass];
}

/** The seasons that were said of a garment or its fabric. */
function seasonsSaid({ record, fabric }: Subject): readonly Season[] | undefined {
  if ('seasons' in record && record.seasons && record.seasons.length > 0) return record.seasons;
  return fabric && fabric.seasons.length > 0 ? fabric.seasons : undefined;
}

/** One feature with how it is read: undefined where the records do not say. */
interface Read extends Feature {
  readonly of: (subject: Subject) => boolean | undefined;
}

const said = <T>(value: T | undefined, is: (value: T) => boolean): boolean | undefined => (value === undefined ? undefined : is(value));
const flat =
  <K extends keyof FlatDetails>(name: K, is: (value: NonNullable<FlatDetails[K]>) => boolean) =>
  (s: Subject): boolean | undefined =>
    said(s.flat[name] ?? undefined, is);
const fabric =
  (is: (fabric: Fabric) => boolean | undefined) =>
  ({ fabric: f }: Subject): boolean | undefined =>
    f && is(f);
const ofFibre = (is: (fibre: string) => boolean) => fabric((f) => said(fibreOf(f), is));
const ofWeight = (weight: WeightClass) => fabric((f) => said(weightOf(f), (w) => w === weight));
const ofColour = (is: (colour: Seen) => boolean | undefined) =>
  fabric((f) => {
    const colour = seen(f);
    return colour && is(colour);
  });

const READ: readonly Read[] = [
  { id: 'pockets', words: 'pockets', of: flat('pockets', (v) => v !== 'none') },
  { id: 'sleeves', words: 'sleeves', of: flat('sleeve', (v) => v !== 'none') },
  { id: 'long sleeves', words: 'long sleeves', of: flat('sleeve', (v) => v === 'long') },
  { id: 'long', words: 'a long cut', of: flat('length', (v) => v === 'long') },
  { id: 'short', words: 'a short cut', of: flat('length', (v) => v === 'short') },
  { id: 'flared', words: 'a flared shape', of: flat('shape', (v) => v === 'flared') },
  { id: 'shaped', words: 'a shaped waist', of: flat('shape', (v) => v === 'shaped') },
  { id: 'no closure', words: 'no closure', of: flat('opening', (v) => v === 'none') },
  { id: 'buttons', words: 'buttons', of: flat('opening', (v) => v === 'buttons') },
  { id: 'zip', words: 'a zip', of: flat('opening', (v) => v === 'zip') },
  { id: 'v neck', words: 'a V neck', of: flat('neck', (v) => v === 'v') },
  { id: 'collar', words: 'a collar', of: flat('neck', (v) => v === 'collar' || v === 'notched' || v === 'band' || v === 'shawl') },
  { id: 'darts', words: 'darts', of: flat('darts', (v) => v) },
  { id: 'close', words: 'a close fit', of: (s) => said(easeIn(s), (cm) => cm < CLOSE) },
  { id: 'loose', words: 'a loose fit', of: (s) => said(easeIn(s), (cm) => cm >= LOOSE) },
  { id: 'close waist', words: 'a close waist', of: (s) => said(easeHad(s, 'waist'), (cm) => cm < CLOSE) },
  { id: 'summer', words: 'being for summer', of: (s) => said(seasonsSaid(s), (v) => v.includes('summer')) },
  { id: 'winter', words: 'being for winter', of: (s) => said(seasonsSaid(s), (v) => v.includes('winter')) },
  { id: 'knit', words: 'a knit', of: fabric((f) => f.structure === 'knit') },
  { id: 'breathes', words: 'a breathing fibre', of: ofFibre((v) => BREATHE.has(v)) },
  { id: 'linen', words: 'linen', of: ofFibre((v) => v === 'linen') },
  { id: 'wool', words: 'wool', of: ofFibre((v) => v === 'wool') },
  { id: 'light fabric', words: 'a light fabric', of: ofWeight('light') },
  { id: 'heavy fabric', words: 'a heavy fabric', of: ofWeight('heavy') },
  { id: 'gives', words: 'stretch across', of: fabric((f) => said(f.stretchAcross, (v) => v >= 10)) },
  { id: 'sheer', words: 'a sheer fabric', of: fabric(isSheer) },
  { id: 'print', words: 'a print', of: fabric((f) => isPrinted(f.swatch)) },
  { id: 'large print', words: 'a large print', of: fabric((f) => isPrinted(f.swatch) && f.swatch.repeat >= LARGE) },
  { id: 'light colour', words: 'a light colour', of: ofColour((c) => c.light >= LIGHT) },
  { id: 'dark colour', words: 'a dark colour', of: ofColour((c) => c.light <= DARK) },
  { id: 'strong colour', words: 'a strong colour', of: ofColour((c) => c.strong >= STRONG) },
  // A grey is neither warm nor cold.
  { id: 'warm colour', words: 'a warm colour', of: ofColour((c) => (c.strong < GREYISH ? undefined : c.hue <= WARM_UP_TO || c.hue >= WARM_FROM)) },
  { id: 'care', words: 'more care than the machine', of: fabric((f) => said(f.care, (v) => /hand|dry.?clean|cool|wool/i.test(v))) },
];

/** Words of one's own of a make, as they were written between commas. */
const ownWordsOf = (record: Make | Plan): string[] =>
  'ownWords' in record
    ? (record.ownWords ?? '')
        .split(/[,;]/)
        .map((w) => w.trim().toLowerCase())
        .filter(Boolean)
    : [];

/** Own words count once so many makes have them. */
const OWN_WORDS_FROM = 3;

/** The tables that features are read from; the makes are one person's. */
export type FeatureTables = CaseTables;

/** What is asked of all garments of some tables, worked out once. */
interface Index {
  readonly ofPattern: ReadonlyMap<string, readonly Make[]>;
  readonly garmentOf: (make: Make) => Garment | undefined;
  /** Minutes of the middle garment, and the middle price of a fabric by its currency, in minor units for a centimetre. */
  readonly minutes: number | undefined;
  readonly price: ReadonlyMap<string, number>;
}

const middleOf = (numbers: readonly number[]) => [...numbers].sort((a, b) => a - b)[numbers.length >> 1];

const indexOf = memoize((tables: FeatureTables): Index => {
  const ofPattern = new Map<string, Make[]>();
  for (const make of tables.makes) if (make.sources[0]) addToGroup(ofPattern, `${make.personId} ${make.sources[0].patternId}`, make);
  const prices = new Map<string, number[]>();
  for (const f of tables.fabrics) {
    const cm = priceOfCm(f);
    if (f.pricePerMetre && cm !== undefined) addToGroup(prices, f.pricePerMetre.currency, cm);
  }
  const cases = new Map<string, ReadonlyMap<string, PatternCase>>();
  const casesOf = (personId: string) => {
    const own = cases.get(personId) ?? new Map(casesFor(personId, tables).map((c) => [c.pattern.id, c]));
    cases.set(personId, own);
    return own;
  };
  return {
    ofPattern,
    garmentOf: memoize((make: Make) => {
      const input = casesOf(make.personId).get(make.sources[0]?.patternId ?? '');
      return input && new Garment(input, make);
    }),
    minutes: usualMinutes(tables.makes),
    price: new Map([...prices].map(([currency, of]) => [currency, middleOf(of) ?? 0])),
  };
});

/** Whether a feature is being of a kind. */
export const isKind = ({ id }: Pick<Feature, 'id'>): boolean => id.startsWith('kind ');

/** All features of a wardrobe: those that records can say, a column for each kind, and words of one's own that three makes have. */
export function featuresOf(makes: readonly Make[], { patterns }: Pick<FeatureTables, 'patterns'>): Feature[] {
  const kinds = new Set(makes.flatMap((m) => kindOfMake(m, patterns) ?? []));
  const words = new Map<string, number>();
  for (const make of makes) for (const word of new Set(ownWordsOf(make))) words.set(word, (words.get(word) ?? 0) + 1);
  return [
    ...READ.map(({ id, words: w }) => ({ id, words: w })),
    ...[...kinds].map((kind) => ({ id: `kind ${kind}`, words: `being a ${kind}` })),
    { id: 'toile', words: 'a toile made before' },
    { id: 'long in the making', words: 'more hours than most' },
    { id: 'dear', words: 'a fabric dearer than most' },
    ...[...words].filter(([, count]) => count >= OWN_WORDS_FROM).map(([word]) => ({ id: `word ${word}`, words: `“${word}”` })),
  ];
}

/** The main pattern of a garment or a plan. */
export const patternOf = (record: Make | Plan): string | undefined => ('sources' in record ? record.sources[0]?.patternId : record.patternId);

/**
 * What a garment, or a plan, has of the features.
 *
 * @param features as `featuresOf` gives them
 */
export function hasOf(record: Make | Plan, features: readonly Feature[], tables: FeatureTables): Has {
  const index = indexOf(tables);
  const patternId = patternOf(record);
  const pattern = withId(tables.patterns, patternId);
  const subject: Subject = { pattern, record, fabric: mainFabric(record, tables.fabrics).fabric, flat: flatOf({ pattern, record }), index };
  const kind = pattern?.kind ?? record.garment;
  const own = new Set(ownWordsOf(record));
  const versions = index.ofPattern.get(`${record.personId} ${patternId}`) ?? [];
  const minutes = usualMinutes(versions);
  const has = new Map<string, boolean>();
  const put = (id: string, is: boolean | undefined) => is !== undefined && has.set(id, is);
  for (const { id, of } of READ) put(id, of(subject));
  for (const { id } of features) {
    if (isKind({ id })) put(id, kind === undefined ? undefined : id === `kind ${kind}`);
    // A word that was not written of a garment says nothing where none was written at all.
    else if (id.startsWith('word ')) put(id, own.size === 0 ? undefined : own.has(id.slice('word '.length)));
  }
  put('toile', patternId === undefined ? undefined : versions.some((m) => m.kind === 'toile'));
  put('long in the making', minutes === undefined || index.minutes === undefined ? undefined : minutes > index.minutes);
  const price = subject.fabric && priceOfCm(subject.fabric);
  const usual = index.price.get(subject.fabric?.pricePerMetre?.currency ?? '');
  put('dear', price === undefined || usual === undefined ? undefined : price > usual);
  return has;
}
