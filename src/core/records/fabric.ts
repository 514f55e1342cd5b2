import { z } from 'zod';
import { SEASONS } from './seasons';
import { called, field } from './field';
import { CalendarDate, Cm, Colour, Id, Money, Name, Percent, PositiveCm, Words } from './shapes';

export const PRINTS = ['plain', 'stripe', 'check', 'dot', 'sprig', 'rib', 'twill', 'pile', 'melange'] as const;

/** A drawn swatch: how the fabric looks where there is no picture of it. `repeat` in cm. */
export const Swatch = z.strictObject({
  print: field(z.enum(PRINTS), { label: 'Print', ask: 'choice' }),
  ground: field(Colour, { label: 'Ground', ask: 'colour' }),
  figure: field(Colour, { label: 'Figure', ask: 'colour' }),
  repeat: field(PositiveCm.default(2), { label: 'Drawn repeat', ask: 'length' }),
});
export type Swatch = z.infer<typeof Swatch>;

/** What was measured on a piece of fabric, before and after: 10 cm pulled to 13, a metre washed to 96 cm. */
export const FABRIC_TESTS = ['stretch across', 'stretch along', 'shrinkage across', 'shrinkage along', 'weight'] as const;
export const FabricTest = z.strictObject({
  id: Id,
  of: z.enum(FABRIC_TESTS),
  date: CalendarDate,
  /** cm before; for weight the area in cm². */
  before: z.number().positive().max(200_000),
  /** cm after; for weight grams. */
  after: z.number().positive().max(200_000),
});
export type FabricTest = z.infer<typeof FabricTest>;

/** How long repeats usually are, cm; used only to guess the unit of a column. Source: usual prints. */
const REPEATS = [2, 120] as const;

/** A piece in the stash, cm. */
export const Piece = z.strictObject({
  length: field(PositiveCm, { label: 'Length', ask: 'fabric length' }),
  /** Left out where nobody said it: then it lies as wide as its fabric. */
  width: field(PositiveCm.optional(), { label: 'Width', ask: 'length' }),
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
  /** What of that rectangle nothing can be cut from: a corner that is gone, a flaw. x from a selvedge and y from the cut end, corner after corner, cm. */
  lacks: called(z.array(z.strictObject({ id: Id, corners: z.array(Cm).min(6).max(4000) })).optional(), 'what the piece lacks'),
});
export type Piece = z.infer<typeof Piece>;

export const Fabric = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name', ask: 'text' }),
  colour: field(Words.optional(), { label: 'Colour', ask: 'words', form: 'first', sheet: { heads: ['color', 'colours', 'print'] } }),
  fibre: field(Words.optional(), {
    label: 'Fibre',
    ask: 'words',
    form: 'first',
    sheet: { heads: ['fiber', 'content', 'fibre content', 'fiber content', 'composition'] },
  }),
  structure: field(z.enum(['woven', 'knit']), { label: 'Structure', ask: 'choice', form: 'first' }),
  weave: field(Words.optional(), {
    label: 'Weave',
    ask: 'words',
    form: 'first',
    sheet: { heads: ['weave or knit', 'fabric type', 'kind'] },
    hint: 'twill, poplin, jersey, rib',
  }),
  weight: field(z.number().positive().max(3000).optional(), { label: 'Weight', ask: 'fabric weight', form: 'first' }),
  weightClass: field(z.enum(['light', 'medium', 'heavy']).optional(), { label: 'Weight, by feel', ask: 'choice', form: 'first' }),
  width: field(PositiveCm.optional(), { label: 'Width', ask: 'length', form: 'first' }),
  seasons: field(z.array(z.enum(SEASONS)).default([]), { label: 'Season', ask: 'choices', form: 'first' }),
  /** Give in %, across and along. Absent means untested, which is not the same as none. */
  stretchAcross: field(Percent.optional(), {
    label: 'Crosswise stretch',
    ask: 'percent',
    form: 'behaviour',
    hint: '10 cm pulled to 13 is 30 %; none is 0',
  }),
  stretchAlong: field(Percent.optional(), { label: 'Lengthwise stretch', ask: 'percent', form: 'behaviour' }),
  recovery: field(z.number().min(0).max(100).optional(), { label: 'Recovery', ask: 'percent', form: 'behaviour', hint: '100 % is all the way' }),
  shrinkAlong: field(Percent.optional(), { label: 'Shrinks along', ask: 'percent', form: 'behaviour' }),
  shrinkAcross: field(Percent.optional(), { label: 'Shrinks across', ask: 'percent', form: 'behaviour' }),
  drape: field(z.int().min(1).max(5).optional(), { label: 'Drape, 1 stiff to 5 flowing', ask: 'whole', form: 'behaviour' }),
  opacity: field(z.int().min(1).max(5).optional(), { label: 'Opacity, 1 sheer to 5 dense', ask: 'whole', form: 'behaviour' }),
  nap: field(z.boolean().optional(), {
    label: 'Nap or one-way print',
    ask: 'yes',
    form: 'behaviour',
    sheet: { heads: ['nap', 'one-way print', 'directional'] },
  }),
  repeatAlong: field(PositiveCm.optional(), {
    label: 'Repeat to match, along',
    ask: 'length',
    form: 'behaviour',
    sheet: { heads: ['repeat', 'pattern repeat', 'repeat along'], usual: REPEATS },
  }),
  repeatAcross: field(PositiveCm.optional(), {
    label: 'Repeat to match, across',
    ask: 'length',
    form: 'behaviour',
    sheet: { heads: ['repeat across'], usual: REPEATS },
  }),
  border: field(z.enum(['one edge', 'both edges']).optional(), {
    label: 'Border print along',
    ask: 'choice',
    form: 'behaviour',
    sheet: { heads: ['border', 'border print'] },
  }),
  panel: field(PositiveCm.optional(), {
    label: 'Printed in panels, each',
    ask: 'fabric length',
    form: 'behaviour',
    sheet: { heads: ['panel', 'panel length'], usual: [20, 300] },
  }),
  behaviour: field(Words.optional(), {
    label: 'How it behaves',
    ask: 'words',
    form: 'behaviour',
    hint: 'sheds, slips, grows off grain, wants starch',
    sheet: { heads: ['note', 'notes', 'comment', 'comments', 'remark'] },
  }),
  source: field(Words.optional(), {
    label: 'Shop, or where from',
    called: 'shop',
    ask: 'words',
    form: 'from',
    sheet: { heads: ['shop', 'store', 'bought from', 'bought at', 'source', 'where bought', 'supplier', 'where from'] },
  }),
  bought: field(CalendarDate.optional(), {
    label: 'Bought on',
    ask: 'date',
    form: 'from',
    sheet: { heads: ['bought', 'date bought', 'purchased', 'date purchased', 'purchase date', 'date'] },
  }),
  boughtLength: field(PositiveCm.optional(), { label: 'Length bought', ask: 'fabric length', form: 'from' }),
  /** As it was quoted, so that it never drifts: by the metre, or by the yard where `pricedBy` says so. */
  pricePerMetre: field(Money.optional(), { label: 'Price', ask: 'money', form: 'from', called: 'price' }),
  pricedBy: field(z.enum(['metre', 'yard']).optional(), { label: 'Price is for a', ask: 'choice', form: 'from', called: 'length the price is for' }),
  expensive: field(z.boolean().optional(), { label: 'Expensive', ask: 'yes', form: 'from' }),
  irreplaceable: field(z.boolean().optional(), { label: 'Cannot be had again', ask: 'yes', form: 'from' }),
  care: field(Words.optional(), { label: 'Care', ask: 'words', form: 'from', sheet: { heads: ['washing', 'wash', 'care instructions'] } }),
  washedOn: field(CalendarDate.optional(), { label: 'Washed on', ask: 'date' }),
  tests: z.array(FabricTest).default([]),
  swatch: Swatch,
  /** What lies in the stash: pieces, never a sum. */
  pieces: called(z.array(Piece).default([]), 'pieces in the stash'),
});
export type Fabric = z.infer<typeof Fabric>;
