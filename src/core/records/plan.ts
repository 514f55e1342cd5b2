import { z } from 'zod';
import { Alteration } from './alteration';
import { called, field } from './field';
import { Bought, FabricUse } from './make';
import { OwnParts, PartSource } from './part-source';
import { CalendarDate, Cm, Id, Measure, Name, PositiveCm, WebLink, Words, ZoneName } from './shapes';
import { zoneOf } from '../body/zones';
import { Chosen, GarmentKind, Opening } from './pattern';
import { SizeLine } from './size-line';
import { OnBench } from './under-way';

/** What a sewist said of a check: seen to, later, or not minded. */
export const CHECK_STATES = ['done', 'later', 'waved'] as const;

export const PLAN_KINDS = ['garment', 'toile', 'wearable toile', 'refashion', 'mend', 'without fit'] as const;

/** Places where a piece closes round the body, or holds it. */
export const BAND_ZONES = [
  'waistband',
  'waist',
  'wrist',
  'neckline',
  'head',
  'opening',
  'upperArm',
  'thigh',
  'knee',
  'calf',
  'legHem',
  'strap',
] as const;

/** A band, cuff or strap as it will be cut: it is checked against the body before the scissors. */
export const BandPiece = z.strictObject({
  id: Id,
  zone: field(z.enum(BAND_ZONES), { label: 'For the', ask: 'choice', words: Object.fromEntries(BAND_ZONES.map((b) => [b, zoneOf(b).label])) }),
  cut: field(PositiveCm, { label: 'Cut width', ask: 'length', hint: 'as it lies on the fabric' }),
  pieces: field(z.int().min(1).max(12), { label: 'How many go round', ask: 'whole' }),
  onFold: field(z.boolean(), { label: 'On the fold', ask: 'yes' }),
  allowance: field(Cm, { label: 'Seam at each end', ask: 'length' }),
  overlap: field(Cm.optional(), { label: 'Overlap', ask: 'length' }),
  /** A piece with a name of its own, and what it must go round where that is no measure of the body. */
  name: field(Words.optional(), { label: 'Called', ask: 'words', hint: 'halter, ankle band' }),
  round: field(PositiveCm.optional(), { label: 'Must go round', ask: 'length', hint: 'where it is not measured with the body' }),
});
export type BandPiece = z.infer<typeof BandPiece>;

/** How a plan's pieces are laid, as far as the sewist said: the rest is searched, the same each time. */
export const PlannedLay = z.strictObject({
  fold: z.enum(['lengthwise', 'to the middle', 'crosswise']).optional(),
  /** Room between pieces, cm. */
  gap: Cm.optional(),
  width: PositiveCm.optional(),
  /** All pieces of the fabric are used. */
  whole: z.boolean().optional(),
  /** Pieces that were put by hand: a corner of the box, from a selvedge and from the cut end. */
  pins: z.array(z.strictObject({ piece: Name, copy: z.int().min(1).max(200), turned: z.boolean(), x: Cm, y: Cm })).default([]),
});
export type PlannedLay = z.infer<typeof PlannedLay>;

/** The next make, before it is cut: all that the cutting table needs, so that it becomes a make with nothing typed twice. */
export const Plan = z
  .strictObject({
    id: Id,
    personId: Id,
    /** Absent where no pattern is needed: a dress cut down, a cushion. It has a name then. */
    patternId: Id.optional(),
    viewId: called(Id.optional(), 'view'),
    name: field(Name.optional(), { label: 'What it will be', ask: 'text', called: 'name', hint: 'the blue dress, cut down to a skirt' }),
    /** What kind of thing it is, where no pattern says so. */
    garment: field(GarmentKind.optional(), { label: 'Kind of garment', ask: 'choice', called: 'kind of garment' }),
    /** Other patterns or views that bring a part. */
    joins: called(z.array(PartSource).optional(), 'parts from other patterns'),
    own: OwnParts,
    setId: called(Id.optional(), 'set'),
    /** The make that is made over, or mended; or what it was that was no make. */
    refashionOf: called(Id.optional(), 'what it is made over from'),
    bought: called(Bought.optional(), 'what it is made from'),
    /** Details of its view that were chosen for it. */
    chosen: called(Chosen.optional(), 'choices of the view'),
    kind: field(z.enum(PLAN_KINDS), { label: 'Kind', ask: 'choice' }),
    /** Zones whose parts a toile leaves out. */
    lacking: called(z.array(ZoneName).default([]), 'parts left out'),
    chartId: Id.optional(),
    size: SizeLine.optional(),
    sizeLines: z.array(z.strictObject({ zone: ZoneName, line: SizeLine })).default([]),
    alterations: z.array(Alteration).default([]),
    fabrics: called(z.array(FabricUse).default([]), 'fabric'),
    /** How its openings close, where not as the view says. */
    openings: called(z.array(Opening).optional(), 'how its openings close'),
    /** How it lies on its fabric. */
    lay: called(PlannedLay.optional(), 'lay'),
    /** Bands that were measured on the paper. */
    bands: z.array(BandPiece).optional(),
    /** The body it is for: a measured set, where not the latest; or what is expected on the day it is due. */
    bodyId: called(Id.optional(), 'body'),
    expected: called(z.partialRecord(Measure, PositiveCm).optional(), 'expected body'),
    due: field(CalendarDate.optional(), { label: 'Wanted by', ask: 'date', called: 'day it is wanted by' }),
    listId: called(Id.optional(), 'list'),
    /** Where it stands in its list. */
    place: z.int().default(0),
    state: field(z.enum(['open', 'made', 'dropped']).default('open'), { label: 'State', ask: 'choice' }),
    /** The make it became. */
    makeId: Id.optional(),
    /** What was meant for this version, by the id of its note: taken into the plan, to be remembered in words, or declined. */
    meant: called(z.array(z.strictObject({ id: Id, answer: z.enum(['taken', 'in words', 'declined']) })).optional(), 'what was meant for it'),
    /** Checks before cutting that were ticked, put off or waved away, by their ids. */
    checks: z.record(z.string().max(300), z.enum(CHECK_STATES)).default({}),
    /** How far it is, and how it stands on the bench. */
    bench: called(OnBench.optional(), 'steps'),
    /** The occasion it is for, and what it will be worn with: garments made or bought, by id. */
    occasionId: called(Id.optional(), 'occasion'),
    wornWith: called(z.array(Id).max(40).optional(), 'what it is worn with'),
    words: field(Words.optional(), { label: 'What for, in words', ask: 'words', called: 'what it is for', hint: 'the spring concert' }),
    /** What gave the idea: a picture seen somewhere, a way of sewing it. */
    link: field(WebLink.optional(), { label: 'Link', ask: 'link', called: 'link', hint: 'https://…' }),
    added: CalendarDate,
  })
  .refine((p) => p.patternId !== undefined || p.name !== undefined, { message: 'a plan needs a pattern or a name', path: ['name'] });
export type Plan = z.infer<typeof Plan>;

/** A named set of plans: a season, the year's short list, a challenge with a date. */
export const PlanList = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name of the list', ask: 'text', hint: 'spring, this year, the nine of May' }),
  due: field(CalendarDate.optional(), { label: 'To be done by', ask: 'date' }),
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
  added: CalendarDate,
});
export type PlanList = z.infer<typeof PlanList>;
