import { z } from 'zod';
import { SYMPTOM_IDS } from '../catalogue/symptoms';
import { Alteration } from './alteration';
import { SEASONS } from './seasons';
import { called, field } from './field';
import { CalendarDate, Cm, Id, Measure, Money, Name, PositiveCm, WebLink, Words, ZoneName } from './shapes';
import { Chosen, GarmentKind, Opening } from './pattern';
import { OwnParts, PartSource } from './part-source';
import { SizeLine } from './size-line';
import { OnBench } from './under-way';

/** When a garment was looked at: what it is worth as evidence depends on it. */
export const Seen = z.discriminatedUnion('at', [
  z.strictObject({ at: z.literal('tryOn'), stage: Words.optional() }),
  z.strictObject({ at: z.literal('firstDay') }),
  z.strictObject({ at: z.literal('worn'), wears: z.int().min(1) }),
]);
export type Seen = z.infer<typeof Seen>;

/** −3 under and spoils … 0 right … +3 over and spoils. */
export const Outcome = z.union([z.literal(-3), z.literal(-2), z.literal(-1), z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);
export type Outcome = z.infer<typeof Outcome>;

export const FitNote = z.strictObject({
  id: Id,
  zone: ZoneName,
  outcome: Outcome,
  /** By how much, cm, without sign ("2 cm too long"). */
  amount: PositiveCm.optional(),
  /** How the amount was found, where it was not judged at sight: pinned on the body or measured, or a memory that is not sure. */
  found: field(z.enum(['pinned', 'about']).optional(), {
    label: 'The amount was',
    ask: 'choice',
    words: { pinned: 'pinned or measured', about: 'about, not sure' },
  }),
  /** The sewist was asked whether it is a slip, and it is not. */
  sure: z.literal(true).optional(),
  seen: Seen,
  date: CalendarDate,
  side: field(z.enum(['left', 'right']).optional(), { label: 'On one side only', ask: 'choice' }),
  /** Worn over another layer than usual. */
  over: field(Words.optional(), { label: 'Seen over another layer', ask: 'words', hint: 'over a thick jumper' }),
  /** The zone that is the cause; this note is then shown and not counted. */
  causedBy: ZoneName.optional(),
  /** What was seen, from the catalogue; zone and outcome were filled in from it. */
  symptom: z.enum(SYMPTOM_IDS).optional(),
  /** A place on a picture, as parts of its width and height. */
  pin: z.strictObject({ pictureId: Id, x: z.number().min(0).max(1), y: z.number().min(0).max(1) }).optional(),
  /** What was done about it. */
  done: field(Words.optional(), { label: 'What was done about it', ask: 'words' }),
  words: field(Words.optional(), { label: 'In words', ask: 'words' }),
});
export type FitNote = z.infer<typeof FitNote>;

export const REASONS = ['fit', 'style', 'fabric', 'occasion', 'season', 'care', 'damage', 'pattern', 'no longer fits'] as const;

const Part = (label: string) => field(z.int().min(1).max(5).optional(), { label, ask: 'whole' });

/** The parts of a verdict, each only if wanted. */
export const VerdictParts = z.strictObject({
  fit: Part('Fit'),
  style: Part('Style'),
  fabric: Part('Fabric'),
  comfort: Part('Comfort'),
  making: Part('Making'),
});
export const VERDICT_PARTS = VerdictParts.keyof().options;
export type VerdictPart = (typeof VERDICT_PARTS)[number];

export const Verdict = z.strictObject({
  id: Id,
  date: CalendarDate,
  /** Wears the garment had when this was said; 0 on the first day. */
  wears: z.int().min(0),
  love: z.int().min(1).max(5),
  parts: VerdictParts.optional(),
  reasons: field(z.array(z.enum(REASONS)).default([]), { label: 'What keeps you from reaching for it', ask: 'choices' }),
  sewAgain: field(z.enum(['as is', 'with changes', 'other fabric', 'later', 'no']).optional(), { label: 'Sew it again', ask: 'choice' }),
  /** The month meant by later. */
  later: field(
    z
      .string()
      .regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'not a month such as 2027-03')
      .optional(),
    { label: 'When', ask: 'month' },
  ),
  words: field(Words.optional(), { label: 'In words, if you like', ask: 'words' }),
});
export type Verdict = z.infer<typeof Verdict>;

export const FABRIC_PARTS = ['main', 'contrast', 'lining', 'facing', 'interfacing', 'binding', 'interlining'] as const;

export const FabricUse = z.strictObject({
  id: Id,
  fabricId: Id,
  part: field(z.enum(FABRIC_PARTS), { label: 'Part', ask: 'choice' }),
  length: field(PositiveCm.optional(), { label: 'Length used', ask: 'fabric length' }),
  left: field(Cm.optional(), { label: 'Left over', ask: 'fabric length' }),
  /** Which pieces are cut from it, where that is not plain from the part. */
  pieces: field(Words.optional(), { label: 'Which pieces', ask: 'words', hint: 'back yoke, left front' }),
  squeeze: field(z.enum(['plenty', 'enough', 'tight', 'every scrap']).optional(), { label: 'How tight a squeeze', ask: 'choice' }),
  bias: field(z.boolean().optional(), { label: 'Cut on the bias', ask: 'yes' }),
  /** Taken from the stash: the length by which its pieces grew shorter, cm. */
  taken: Cm.optional(),
});
export type FabricUse = z.infer<typeof FabricUse>;

/** Zip, buttons, elastic, thread: what and how much, and what it cost. */
export const Notion = z.strictObject({
  id: Id,
  what: field(Words.min(1, 'say what it is'), { label: 'Notion', ask: 'words', hint: 'zip 20 cm, 6 buttons' }),
  cost: field(Money.optional(), { label: 'Cost', ask: 'money' }),
});
export type Notion = z.infer<typeof Notion>;

export const PHASES = ['plan', 'print and assemble', 'trace and alter', 'cut', 'sew', 'finish', 'unpick', 'all'] as const;

/** Time by phase, minutes; `all` is the whole where nobody kept the phases apart. */
export const TimeSpent = z.strictObject({
  id: Id,
  phase: field(z.enum(PHASES), { label: 'Phase', ask: 'choice' }),
  minutes: field(z.int().min(0).max(200_000), { label: 'Time', ask: 'minutes', hint: '2h10, 90 min, two afternoons' }),
});
export type TimeSpent = z.infer<typeof TimeSpent>;

export const Mend = z.strictObject({
  id: Id,
  date: field(CalendarDate, { label: 'Mended on', ask: 'date' }),
  what: field(Words.min(1, 'say what was mended'), { label: 'What was done', ask: 'words' }),
  wore: field(Words.optional(), { label: 'What wore out', ask: 'words' }),
  minutes: field(z.int().min(0).max(200_000).optional(), { label: 'Time', ask: 'minutes' }),
  cost: field(Money.optional(), { label: 'Cost', ask: 'money' }),
});
export type Mend = z.infer<typeof Mend>;

/** `next time` is meant for the next version: an intention, and no evidence of how this one fits. */
export const NOTE_KINDS = ['different', 'mistake', 'tip', 'setting', 'erratum', 'next time'] as const;

/** What a note is a lesson about, beside the pattern it was learned on: a fabric, every fabric like it, or a way of working. */
export const NoteSubject = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('pattern') }),
  z.strictObject({ of: z.literal('fabric'), fabricId: Id }),
  z.strictObject({ of: z.literal('fabrics like it'), fabricId: Id }),
  z.strictObject({ of: z.literal('technique'), name: Name }),
]);
export type NoteSubject = z.infer<typeof NoteSubject>;

export const ConstructionNote = z.strictObject({
  id: Id,
  kind: field(z.enum(NOTE_KINDS), { label: 'Kind of note', ask: 'choice' }),
  words: field(Words.min(1, 'write the note'), { label: 'Note', ask: 'words' }),
  /** What it taught of more than this one garment: then it is a lesson, and found again where its subject is planned. */
  about: z.array(NoteSubject).optional(),
  link: field(WebLink.optional(), { label: 'Link', ask: 'link', hint: 'https://…' }),
  /** The day it was put to rest: not needed any more, and not shown again. */
  rested: CalendarDate.optional(),
});
export type ConstructionNote = z.infer<typeof ConstructionNote>;

/** What is known of a day where it is not the day itself. */
export const KNOWN_TO = ['month', 'year'] as const;
export type KnownTo = (typeof KNOWN_TO)[number];

export const MAKE_STATES = [
  'planned',
  'cut',
  'sewing',
  'loose ends',
  'finished',
  'resting',
  'outgrown',
  'given',
  'sold',
  'unpicked',
  'worn out',
  'abandoned',
] as const;

export const LooseEnd = z.strictObject({
  id: Id,
  words: field(Words.min(1, 'say what is still to be done'), { label: 'Still to be done', ask: 'words', hint: 'a hem, a snap' }),
  since: CalendarDate,
  done: field(CalendarDate.optional(), { label: 'Done on', ask: 'date' }),
});
export type LooseEnd = z.infer<typeof LooseEnd>;

/** A time in which a garment could not be worn. */
export const Away = z.strictObject({
  id: Id,
  why: field(z.enum(['in the mending', 'stored', 'lent', 'too big yet']), { label: 'Why', ask: 'choice' }),
  from: field(CalendarDate, { label: 'From', ask: 'date' }),
  until: field(CalendarDate.optional(), { label: 'Until (empty: still)', ask: 'date' }),
});
export type Away = z.infer<typeof Away>;

/** What a garment was before it was made over, where that was no make: mostly something bought. */
export const Bought = z.strictObject({
  what: field(Words.min(1, 'say what it was'), { label: 'What it was', ask: 'words', hint: 'a bought maxi dress, an old sheet' }),
  size: field(Words.optional(), { label: 'Size on its label', ask: 'words' }),
  price: field(Money.optional(), { label: 'Paid for it', ask: 'money' }),
});
export type Bought = z.infer<typeof Bought>;

/** A piece that was left of a garment made over, and lies in the stash now. */
export const CameOut = z.strictObject({
  id: Id,
  fabricId: Id,
  length: field(PositiveCm, { label: 'Length', ask: 'fabric length' }),
  width: field(PositiveCm, { label: 'Width', ask: 'length' }),
});
export type CameOut = z.infer<typeof CameOut>;

export const MAKE_KINDS = ['garment', 'toile', 'wearable toile', 'refashion', 'without fit'] as const;

/** One garment; or a thing without fit (a bag, a cushion), which is counted and not fitted. */
export const Make = z
  .strictObject({
    id: Id,
    personId: Id,
    /** What it is called where no pattern names it. */
    name: field(Name.optional(), { label: 'Name, where there is no pattern', ask: 'text', called: 'name' }),
    /** The patterns it was made from; the first is the main one, the others bring the zones named. */
    sources: called(z.array(PartSource), 'patterns it was cut from'),
    /** Parts that come from no pattern. */
    own: OwnParts,
    /** What it was made together with, and is worn apart from. */
    setId: called(Id.optional(), 'set'),
    /** What kind of thing it is, where no pattern says so. */
    garment: called(GarmentKind.optional(), 'kind of garment'),
    /** Counted per person and pattern; toiles count. */
    version: z.int().min(1),
    kind: field(z.enum(MAKE_KINDS), { label: 'Kind', ask: 'choice' }),
    quantity: field(z.int().min(1).max(1000).default(1), {
      label: 'How many',
      ask: 'whole',
      sheet: { heads: ['quantity', 'number made', 'pieces made'] },
    }),
    /** Zones that a toile could not show, because their parts were left out. */
    lacking: called(z.array(ZoneName).default([]), 'parts that were left out'),
    refashionOf: called(Id.optional(), 'what it was refashioned from'),
    /** What it was before, where it was bought and not made. */
    bought: called(Bought.optional(), 'what it was before'),
    /** Pieces of fabric that were left of it. */
    cameOut: called(z.array(CameOut).optional(), 'fabric that came out of it'),
    state: field(z.enum(MAKE_STATES), { label: 'State', ask: 'choice' }),
    /** Since when it is in that state, where that matters: outgrown, given, sold. */
    stateSince: field(CalendarDate.optional(), { label: 'Since', ask: 'date', called: 'since when' }),
    /** Abandoned: at which stage. */
    stage: field(Words.optional(), { label: 'At which stage', ask: 'words' }),
    why: field(Words.optional(), { label: 'Why', ask: 'words' }),
    cutOn: field(CalendarDate, { label: 'Cut on', ask: 'date', called: 'day of cutting' }),
    /** Nobody said when it was made: it is cut on the day on which it was told. */
    undated: field(z.boolean().optional(), {
      label: 'Day not known',
      ask: 'yes',
      called: 'whether its day is known',
      sheet: { heads: ['undated', 'date unknown'] },
    }),
    /** Of the days of cutting and finishing only their month or their year was said: those that are kept are some day of it. */
    knownTo: field(z.enum(KNOWN_TO).optional(), {
      label: 'Known of the day',
      ask: 'choice',
      words: { month: 'only its month', year: 'only its year' },
      called: 'how exactly its day is known',
    }),
    finishedOn: field(CalendarDate.optional(), { label: 'Finished on', ask: 'date', called: 'day it was finished' }),
    difficulty: field(z.int('a whole number').min(1, 'from 1 to 5').max(5, 'from 1 to 5').optional(), {
      label: 'How hard to make, 1 to 5',
      ask: 'whole',
      called: 'how hard it was to make',
      hint: '1 is easy',
      form: 'about',
      account: 'Making',
      sheet: { heads: ['difficulty', 'how hard', 'how hard to make'] },
      page: true,
    }),
    /** The measurement set it was cut for, where that was not simply the body of the day. */
    bodyId: Id.optional(),
    /** The body that was expected when it was cut (a pregnancy, a child's growth), where that was not the one measured. */
    expected: called(z.partialRecord(Measure, PositiveCm).optional(), 'expected body'),
    chartId: Id.optional(),
    /** The size cut, and the zones where it differs. Absent where nobody knows. */
    size: SizeLine.optional(),
    sizeLines: z.array(z.strictObject({ zone: ZoneName, line: SizeLine })).default([]),
    /** Details of its view that were chosen for it. */
    chosen: called(Chosen.optional(), 'choices of the view'),
    /** How its openings close, where not as the view says: a zip left out, buttons for it. */
    openings: called(z.array(Opening).optional(), 'how its openings close'),
    /** Measured instead of read from a chart: a piece laid flat, or the sewn garment. */
    measured: z.array(z.strictObject({ zone: ZoneName, cm: PositiveCm, of: z.enum(['piece', 'garment']) })).default([]),
    alterations: z.array(Alteration).default([]),
    fabrics: called(z.array(FabricUse).default([]), 'fabric'),
    times: called(z.array(TimeSpent).default([]), 'time'),
    notions: z.array(Notion).default([]),
    notes: z.array(ConstructionNote).default([]),
    mends: z.array(Mend).default([]),
    /** How far it is while it is sewn. */
    bench: called(OnBench.optional(), 'steps'),
    /** What is still to be done: a hem, a snap. */
    looseEnds: z.array(LooseEnd).default([]),
    /** When it could not be worn: in the mending, stored away. Such time says nothing of how it is liked. */
    away: z.array(Away).optional(),
    seasons: field(z.array(z.enum(SEASONS)).optional(), {
      label: 'Worn in (none named: as its fabric, else all year)',
      ask: 'choices',
      called: 'seasons',
    }),
    fitNotes: z.array(FitNote).default([]),
    verdicts: called(z.array(Verdict).default([]), 'verdict'),
    /** Left out of the reckoning, and why. */
    setAside: field(Words.optional(), {
      label: 'Left out of the reckoning because (empty: it counts)',
      ask: 'words',
      called: 'left out of the reckoning',
    }),
    /** What is told of it in words of one's own; once three makes have one it is asked what it does to wear. */
    ownWords: field(Words.optional(), {
      label: 'Your own words for it',
      ask: 'words',
      called: 'words of one’s own',
      hint: 'cap sleeve, twirls',
      form: 'about',
      sheet: { heads: ['tags', 'labels', 'keywords'] },
    }),
    remark: field(Words.optional(), { label: 'Remark', ask: 'words' }),
  })
  .refine((m) => m.sources.length > 0 || m.name !== undefined, { message: 'a make needs a pattern or a name', path: ['name'] });
export type Make = z.infer<typeof Make>;
