import { z } from 'zod';
import { FIT_CLASS_WORDS } from '../body/fit-class';
import { Alteration } from './alteration';
import { OwnDecision } from './own-decision';
import { OwnParts, PartSource } from './part-source';
import { called, field } from './field';
import { SizeLine } from './size-line';
import { CalendarDate, Cm, FitClassName, Id, Measure, Money, Name, Percent, PositiveCm, WebLink, Words, ZoneName } from './shapes';

/** Kinds of what is sewn; each has a flat drawing. */
export const GARMENT_KINDS = [
  'top',
  'shirt',
  'dress',
  'skirt',
  'trousers',
  'shorts',
  'jacket',
  'coat',
  'cardigan',
  'waistcoat',
  'one-piece',
  'swimsuit',
  'bra',
  'briefs',
  'nightwear',
  'hat',
  'apron',
  'accessory',
  'bag',
  'home',
  'toy',
] as const;
export const GarmentKind = z.enum(GARMENT_KINDS);
export type GarmentKind = z.infer<typeof GarmentKind>;

/** What the flat drawing of a view shows, where it differs from the usual of its kind. */
export const FlatDetails = z.strictObject({
  neck: field(z.enum(['round', 'v', 'boat', 'collar', 'notched', 'band', 'shawl']).optional(), { label: 'Neck', ask: 'choice' }),
  sleeve: field(z.enum(['none', 'short', 'elbow', 'long']).optional(), { label: 'Sleeve', ask: 'choice' }),
  length: field(z.enum(['short', 'mid', 'long']).optional(), { label: 'Length', ask: 'choice' }),
  shape: field(z.enum(['straight', 'shaped', 'flared']).optional(), { label: 'Shape', ask: 'choice' }),
  opening: field(z.enum(['none', 'buttons', 'zip', 'open']).optional(), { label: 'Opening', ask: 'choice' }),
  pockets: field(z.enum(['none', 'patch', 'welt', 'slant']).optional(), { label: 'Pockets', ask: 'choice' }),
  darts: field(z.boolean().optional(), { label: 'Darts', ask: 'yes' }),
  cuffs: field(z.boolean().optional(), { label: 'Cuffs', ask: 'yes' }),
});
export type FlatDetails = z.infer<typeof FlatDetails>;

const { neck, sleeve, length, opening, pockets } = FlatDetails.shape;
const offered = <T extends z.ZodType>(detail: z.ZodOptional<T>, label: string) =>
  field(z.array(detail.unwrap()).optional(), { label, ask: 'choices' });

/** What one may choose of any view: a pattern with three lengths and two sleeves needs no six views. */
export const Offers = z.strictObject({
  length: offered(length, 'Lengths'),
  neck: offered(neck, 'Necks'),
  sleeve: offered(sleeve, 'Sleeves'),
  opening: offered(opening, 'Openings'),
  pockets: offered(pockets, 'Pockets'),
});
export type Offers = z.infer<typeof Offers>;

/** What was chosen of a view's details for one garment. */
export const Chosen = z.strictObject({ length, neck, sleeve, opening, pockets });
export type Chosen = z.infer<typeof Chosen>;

/** What somebody else said of a pattern: how it fell out for them. Weak evidence where it names a place, never one's own. */
export const Report = z.strictObject({
  id: Id,
  words: field(Words.min(1, 'say what was reported'), { label: 'What was reported', ask: 'words', hint: 'runs long in the body, the straps twist' }),
  from: field(Words.optional(), { label: 'By whom, or where', ask: 'words', hint: 'a review, a friend of the same height' }),
  link: field(WebLink.optional(), { label: 'Link', ask: 'link', hint: 'https://…' }),
  /** Where and which way, as far as it was said. */
  zone: ZoneName.optional(),
  direction: z.union([z.literal(-1), z.literal(1)]).optional(),
  amount: field(PositiveCm.optional(), { label: 'By about', ask: 'length' }),
});
export type Report = z.infer<typeof Report>;

/** How an opening closes: it decides whether a garment can be put on. */
const CLOSINGS = ['fixed', 'elastic', 'drawstring', 'wrap', 'zip', 'buttons'] as const;

export const Opening = z.strictObject({ zone: ZoneName, closes: field(z.enum(CLOSINGS), { label: 'How it closes', ask: 'choice' }) });

/** Fabric wanted: length at a width, cm, for some sizes or all. */
export const FabricNeed = z.strictObject({
  id: Id.optional(),
  width: field(PositiveCm, { label: 'At a width of', ask: 'length' }),
  length: field(PositiveCm, { label: 'Length', ask: 'fabric length' }),
  sizes: field(Words.optional(), { label: 'For sizes', ask: 'words', hint: 'all, or A to D' }),
});
export type FabricNeed = z.infer<typeof FabricNeed>;

/** Parts of a garment that a toile can have or lack. */
export const GARMENT_PARTS = ['yoke', 'gathered panel', 'waistband', 'sleeves', 'cuffs', 'collar', 'closure', 'hood', 'pockets'] as const;
export type GarmentPart = (typeof GARMENT_PARTS)[number];

/** What of a garment a pattern piece is cut from. */
export const PIECE_PARTS = ['main', 'contrast', 'lining', 'interfacing'] as const;

/** A pattern piece: its outline read from a file, at one size or more, or its length and width by the tape. */
export const PatternPiece = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Piece', ask: 'text' }),
  part: field(z.enum(PIECE_PARTS), { label: 'Cut from', ask: 'choice' }),
  count: field(z.int().min(1).max(60), { label: 'How many', ask: 'whole' }),
  /** Every second one mirrored. */
  pairs: field(z.boolean(), { label: 'Left and right', ask: 'yes' }),
  /** Half of a piece: which side of it lies on the fold. */
  fold: field(z.enum(['left', 'right']).optional(), { label: 'On the fold', ask: 'choice' }),
  grain: field(z.enum(['along', 'across', 'bias']).optional(), { label: 'Grain', ask: 'choice' }),
  /** Its lower edge is laid along the border of a fabric that has one. */
  onBorder: field(z.boolean().optional(), { label: 'Hem on a border', ask: 'yes' }),
  /** Measured with a tape, seam allowance included; half of it where it lies on the fold. */
  length: field(PositiveCm.optional(), { label: 'Length', ask: 'length', hint: 'along the grain' }),
  width: field(PositiveCm.optional(), { label: 'Width', ask: 'length', hint: 'across the grain' }),
  /** x and y of one corner after the other, cm, seam allowance included, the grain along y; and of its notches. */
  outlines: z
    .array(
      z.strictObject({
        id: Id,
        size: z.string().trim().min(1).max(20).optional(),
        corners: z.array(Cm).min(6).max(4000),
        notches: z.array(Cm).max(400).optional(),
      }),
    )
    .optional(),
});
export type PatternPiece = z.infer<typeof PatternPiece>;

/** A variation of a pattern. */
export const View = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name of the view', ask: 'text' }),
  /** Zones that decide its fit, and zones that hang free. */
  zones: z.array(ZoneName),
  freeZones: z.array(ZoneName).default([]),
  /** Intended ease of a zone where it differs from the pattern's. */
  zoneClass: z.partialRecord(ZoneName, FitClassName).default({}),
  /** Seams across a zone where not the usual number. */
  seams: z.partialRecord(ZoneName, z.int().min(-2).max(12)).default({}),
  fabricTable: z.array(FabricNeed).default([]),
  /** The widest and the longest piece of this view, as they lie on the grain, unfolded. */
  widest: field(PositiveCm.optional(), { label: 'Widest piece', ask: 'length', hint: 'across the grain, unfolded' }),
  longest: field(PositiveCm.optional(), { label: 'Longest piece', ask: 'length', hint: 'along the grain' }),
  openings: z.array(Opening).default([]),
  /** What it is cut from, where the pattern has been measured or read from a file; otherwise drafted from its kind. */
  pieces: called(z.array(PatternPiece).optional(), 'pattern pieces'),
  /** What it is put together from, beside its main pieces; what a toile must have is asked for by them. */
  parts: field(z.array(z.enum(GARMENT_PARTS)).optional(), { label: 'Parts it has', ask: 'choices' }),
  /** Changes for looks that are kept from make to make. */
  wishes: z.array(Alteration).default([]),
  flat: FlatDetails.optional(),
});
export type View = z.infer<typeof View>;

const Column = z.array(PositiveCm.nullable());

/** Sizes are labels, never numbers to calculate with. Measures stand in the order of the sizes; null where the chart is blank. */
export const SizeChart = z
  .strictObject({
    id: Id,
    name: Name,
    sizes: z.array(z.string().trim().min(1).max(20)).min(1),
    body: z.partialRecord(Measure, Column),
    finished: z.partialRecord(ZoneName, Column).default({}),
    /** Finished measures of one view, where they are not those of all. */
    finishedOf: z.array(z.strictObject({ viewId: Id, finished: z.partialRecord(ZoneName, Column) })).default([]),
  })
  .superRefine((chart, context) => {
    for (const part of ['body', 'finished'] as const)
      for (const [measure, column] of Object.entries(chart[part]))
        if (column.length !== chart.sizes.length)
          context.addIssue({ code: 'custom', path: [part, measure], message: `has ${column.length} amounts for ${chart.sizes.length} sizes` });
    for (const [at, { finished }] of chart.finishedOf.entries())
      for (const [zone, column] of Object.entries(finished))
        if (column.length !== chart.sizes.length)
          context.addIssue({
            code: 'custom',
            path: ['finishedOf', at, zone],
            message: `has ${column.length} amounts for ${chart.sizes.length} sizes`,
          });
    if (new Set(chart.sizes).size !== chart.sizes.length) context.addIssue({ code: 'custom', path: ['sizes'], message: 'names a size twice' });
  });
export type SizeChart = z.infer<typeof SizeChart>;

export const PATTERN_FORMS = ['paper', 'printed at home', 'copy shop', 'projector', 'book', 'magazine', 'own draft', 'copied garment'] as const;

/** How a pattern came to its owner: what was free, or sewn as a test for its designer, is said where it is shown to others. */
export const OBTAINED = ['bought', 'given free', 'tested for the designer'] as const;

/** The physical pattern: which lines were traced or cut from it, and when. Alterations know themselves when they were marked on it. */
export const PatternPaper = z.strictObject({
  id: Id,
  personId: Id.optional(),
  date: field(CalendarDate, { label: 'On', ask: 'date' }),
  how: field(z.enum(['traced', 'cut']), { label: 'How', ask: 'choice' }),
  size: SizeLine.optional(),
  sizeLines: z.array(z.strictObject({ zone: ZoneName, line: SizeLine })).default([]),
  note: field(Words.optional(), { label: 'Which lines', ask: 'words', hint: 'D, the back between C and D' }),
});
export type PatternPaper = z.infer<typeof PatternPaper>;

export const Erratum = z.strictObject({
  id: Id,
  words: field(Words.min(1, 'say what is wrong in the pattern'), {
    label: 'Erratum',
    ask: 'words',
    hint: 'step 9 shows the vent the wrong way round',
  }),
});
export type Erratum = z.infer<typeof Erratum>;

export const Pattern = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name', ask: 'text', form: 'facts' }),
  designer: field(z.string().trim().max(200).optional(), {
    label: 'Designer',
    ask: 'text',
    form: 'facts',
    sheet: { heads: ['company', 'pattern company', 'brand', 'publisher'] },
  }),
  kind: field(GarmentKind, { label: 'Kind of garment', ask: 'choice', form: 'facts' }),
  fitClass: field(FitClassName, { label: 'Intended ease', ask: 'choice', form: 'facts', words: FIT_CLASS_WORDS }),
  /** The fabric it asks for. `stretch` in %; 0 for a woven that need not give, absent where nobody said. */
  wants: called(
    z.strictObject({
      structure: field(z.enum(['woven', 'knit']), { label: 'Fabric it wants', ask: 'choice' }),
      stretch: field(Percent.optional(), { label: 'Stretch it asks for', ask: 'percent' }),
      weight: field(z.enum(['light', 'medium', 'heavy']).optional(), { label: 'Weight it wants', ask: 'choice' }),
    }),
    'fabric wanted',
  ),
  /** Seam allowance included in the pattern, cm. */
  allowance: field(Cm.optional(), { label: 'Seam allowance', ask: 'length', form: 'facts' }),
  form: field(z.enum(PATTERN_FORMS).optional(), { label: 'Form', ask: 'choice', form: 'facts' }),
  pages: field(z.int().min(1).max(2000).optional(), { label: 'Pages', ask: 'whole', form: 'facts' }),
  price: field(Money.optional(), { label: 'Price', ask: 'money', form: 'facts', sheet: { heads: ['cost', 'paid'] } }),
  obtained: field(z.enum(OBTAINED).optional(), {
    label: 'How you got it',
    ask: 'choice',
    form: 'facts',
    sheet: { heads: ['obtained', 'how obtained', 'free or bought', 'tester'] },
  }),
  link: field(WebLink.optional(), {
    label: 'Its page on the web',
    ask: 'link',
    form: 'facts',
    called: 'link',
    hint: 'https://…',
    sheet: { heads: ['link', 'url', 'web page'] },
    page: true,
  }),
  draftedHeight: field(PositiveCm.optional(), { label: 'Drafted for a height of', ask: 'length', form: 'facts', called: 'height it is drafted for' }),
  draftedCup: field(Words.optional(), { label: 'Drafted for a cup', ask: 'words', form: 'facts', called: 'cup it is drafted for' }),
  /** The book, issue or membership that it came in, with others. */
  collectionId: called(Id.optional(), 'what it came in'),
  instructions: field(z.int().min(1).max(5).optional(), { label: 'Instructions, 1 to 5', ask: 'whole', form: 'facts' }),
  /** A combination joins parts of other patterns or views: the first gives the sizes, each other brings the zones named. */
  joins: called(z.array(PartSource).optional(), 'parts it joins'),
  own: OwnParts,
  /** Details of which one may choose, in every view. */
  offers: called(Offers.optional(), 'choices it offers'),
  reports: called(z.array(Report).optional(), 'reports from elsewhere'),
  errata: z.array(Erratum).default([]),
  paper: called(z.array(PatternPaper).default([]), 'the paper'),
  views: z.array(View).min(1),
  charts: called(z.array(SizeChart).default([]), 'size chart'),
  state: field(z.enum(['kept', 'resting', 'retired']).default('kept'), { label: 'State', ask: 'choice' }),
  why: field(Words.optional(), { label: 'Why', ask: 'words', sheet: { heads: ['reason'] } }),
  /** What a sewist decided against the engine's answer, for a person; the latest counts. */
  decided: called(z.array(OwnDecision).default([]), 'own answer'),
  note: field(Words.optional(), { label: 'Note', ask: 'words', sheet: { heads: ['notes', 'comment', 'comments', 'remark'] } }),
  added: field(CalendarDate.optional(), { label: 'In the ledger since', ask: 'date', form: 'facts' }),
});
export type Pattern = z.infer<typeof Pattern>;
