import { fibresOf } from '../fabric/fibres';
import { isPrinted } from '../fabric/printed';
import { weightOf } from '../fabric/weight';
import { mainFabric } from '../make/main-fabric';
import { usualMinutes } from '../make/minutes';
import { viewOf } from '../make/versions';
import type { Fabric, Make, Pattern, Plan } from '../records';
import { sourcesOfPlan } from '../plan/plan-to-make';
import { seenColour } from '../units/colour';
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
const [LIGHT, DARK, STRONG, WARM_UP_TO, WARM_FROM] = [65, 35, 40, 110, 330];

/** What is asked of the records of a garment or a plan. */
interface Subject {
  readonly pattern: Pattern | undefined;
  readonly record: Make | Plan;
  readonly fabric: Fabric | undefined;
}

const flatOf = ({ pattern, record }: Subject) => {
  const sources = 'sources' in record ? record.sources : sourcesOfPlan(record);
  const view = pattern ? viewOf(pattern, { sources, ...(record.chosen ? { chosen: record.chosen } : {}) }) : undefined;
  return { ...view?.flat, ...record.chosen };
};

/** One feature with how it is read: undefined where the records do not say. */
interface Read extends Feature {
  readonly of: (subject: Subject) => boolean | undefined;
}

const said = <T>(value: T | undefined, is: (value: T) => boolean): boolean | undefined => (value === undefined ? undefined : is(value));
const flat =
  <K extends keyof ReturnType<typeof flatOf>>(name: K, is: (value: NonNullable<ReturnType<typeof flatOf>[K]>) => boolean) =>
  (s: Subject): boolean | undefined => {
    const value = flatOf(s)[name];
    return value === undefined || value === null ? undefined : is(value);
  };
const fabric =
  <T>(read: (fabric: Fabric) => T | undefined, is: (value: T) => boolean) =>
  ({ fabric: f }: Subject): boolean | undefined =>
    f && said(read(f), is);

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
  { id: 'close', words: 'a close fit', of: ({ pattern }) => said(pattern?.fitClass, (c) => c === 'close' || c === 'fitted') },
  { id: 'loose', words: 'a loose fit', of: ({ pattern }) => said(pattern?.fitClass, (c) => c === 'loose' || c === 'oversized') },
  {
    id: 'knit',
    words: 'a knit',
    of: fabric(
      (f) => f.structure,
      (v) => v === 'knit',
    ),
  },
  {
    id: 'breathes',
    words: 'a breathing fibre',
    of: fabric(
      (f) => fibresOf(f.fibre ?? '')[0],
      (v) => BREATHE.has(v),
    ),
  },
  {
    id: 'linen',
    words: 'linen',
    of: fabric(
      (f) => fibresOf(f.fibre ?? '')[0],
      (v) => v === 'linen',
    ),
  },
  {
    id: 'wool',
    words: 'wool',
    of: fabric(
      (f) => fibresOf(f.fibre ?? '')[0],
      (v) => v === 'wool',
    ),
  },
  { id: 'light fabric', words: 'a light fabric', of: fabric(weightOf, (v) => v === 'light') },
  { id: 'heavy fabric', words: 'a heavy fabric', of: fabric(weightOf, (v) => v === 'heavy') },
  {
    id: 'gives',
    words: 'stretch across',
    of: fabric(
      (f) => f.stretchAcross,
      (v) => v >= 10,
    ),
  },
  {
    id: 'sheer',
    words: 'a sheer fabric',
    of: fabric(
      (f) => f.opacity,
      (v) => v <= 2,
    ),
  },
  { id: 'print', words: 'a print', of: fabric((f) => f.swatch, isPrinted) },
  {
    id: 'large print',
    words: 'a large print',
    of: fabric(
      (f) => (isPrinted(f.swatch) ? f.swatch.repeat : 0),
      (v) => v >= LARGE,
    ),
  },
  {
    id: 'light colour',
    words: 'a light colour',
    of: fabric(
      (f) => seenColour(f.swatch.ground).light,
      (v) => v >= LIGHT,
    ),
  },
  {
    id: 'dark colour',
    words: 'a dark colour',
    of: fabric(
      (f) => seenColour(f.swatch.ground).light,
      (v) => v <= DARK,
    ),
  },
  {
    id: 'strong colour',
    words: 'a strong colour',
    of: fabric(
      (f) => seenColour(f.swatch.ground).strong,
      (v) => v >= STRONG,
    ),
  },
  {
    id: 'warm colour',
    words: 'a warm colour',
    of: fabric(
      (f) => (seenColour(f.swatch.ground).strong < 10 ? undefined : seenColour(f.swatch.ground).hue),
      (hue) => hue <= WARM_UP_TO || hue >= WARM_FROM,
    ),
  },
  {
    id: 'care',
    words: 'more care than the machine',
    of: fabric(
      (f) => f.care,
      (v) => /hand|dry.?clean|cool|wool/i.test(v),
    ),
  },
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

/** The tables that features are read from. */
export interface FeatureTables {
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
  readonly makes: readonly Make[];
}

/** All features of a wardrobe: those that records can say, a column for each kind, and words of one's own that three makes have. */
export function featuresOf(makes: readonly Make[], { patterns }: Pick<FeatureTables, 'patterns'>): Feature[] {
  const kinds = new Set(makes.flatMap((m) => withId(patterns, m.sources[0]?.patternId)?.kind ?? m.garment ?? []));
  const words = new Map<string, number>();
  for (const make of makes) for (const word of new Set(ownWordsOf(make))) words.set(word, (words.get(word) ?? 0) + 1);
  return [
    ...READ.map(({ id, words: w }) => ({ id, words: w })),
    ...[...kinds].map((kind) => ({ id: `kind ${kind}`, words: `being a ${kind}` })),
    { id: 'toile', words: 'a toile made before' },
    { id: 'long in the making', words: 'more hours than most' },
    ...[...words].filter(([, count]) => count >= OWN_WORDS_FROM).map(([word]) => ({ id: `word ${word}`, words: `“${word}”` })),
  ];
}

/**
 * What a garment, or a plan, has of the features.
 *
 * @param features as `featuresOf` gives them
 */
export function hasOf(record: Make | Plan, features: readonly Feature[], { patterns, fabrics, makes }: FeatureTables): Has {
  const patternId = 'sources' in record ? record.sources[0]?.patternId : record.patternId;
  const subject: Subject = { pattern: withId(patterns, patternId), record, fabric: mainFabric(record, fabrics).fabric };
  const kind = subject.pattern?.kind ?? record.garment;
  const own = new Set(ownWordsOf(record));
  const ofPattern = patternId === undefined ? [] : makes.filter((m) => m.personId === record.personId && m.sources[0]?.patternId === patternId);
  const minutes = usualMinutes(ofPattern);
  const all = usualMinutes(makes);
  const has = new Map<string, boolean>();
  const put = (id: string, is: boolean | undefined) => is !== undefined && has.set(id, is);
  for (const { id, of } of READ) put(id, of(subject));
  for (const { id } of features) {
    if (id.startsWith('kind ')) put(id, kind === undefined ? undefined : id === `kind ${kind}`);
    // A word that was not written of a garment says nothing where none was written at all.
    else if (id.startsWith('word ')) put(id, own.size === 0 ? undefined : own.has(id.slice('word '.length)));
  }
  put('toile', patternId === undefined ? undefined : ofPattern.some((m) => m.kind === 'toile'));
  put('long in the making', minutes === undefined || all === undefined ? undefined : minutes > all);
  return has;
}
