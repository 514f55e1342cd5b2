import type { z } from 'zod';

/** How a field is asked for: decides the control, what it reads and how it shows what it holds. */
export type FieldKind =
  | 'text'
  | 'words'
  | 'link'
  | 'length'
  | 'fabric length'
  | 'number'
  | 'fabric weight'
  | 'whole'
  | 'percent'
  | 'money'
  | 'minutes'
  | 'date'
  | 'month'
  | 'choice'
  | 'choices'
  | 'yes'
  | 'colour';

/** A column of a spreadsheet in which a field goes out and comes in again. */
export interface SheetMeta {
  /** What other people's tables call it, in small letters; its own label is known anyway. */
  readonly heads: readonly string[];
  /** Lengths: from how many cm to how many they usually are, by which the unit of bare numbers is guessed. */
  readonly usual?: readonly [number, number];
}

/**
 * What is known of a field beyond its shape. It lives with the shape, and everything that deals with fields derives from it: forms, rows of
 * an account, columns of a spreadsheet, the words of undo and of merges, the page of an archive (`fields.ts`).
 */
export interface FieldMeta {
  readonly label: string;
  readonly ask: FieldKind;
  readonly unit?: string;
  readonly hint?: string;
  /** What the choices are called, where not by themselves. */
  readonly words?: Readonly<Record<string, string>>;
  /** What undo and merges call it, where not by its label: `left out of the reckoning`. */
  readonly called?: string;
  /** The part of its form in which it is asked, after those declared before it. */
  readonly form?: string;
  /** The group of an account in which it has a row of its own. */
  readonly account?: 'Making' | 'Wear' | 'Verdict';
  readonly sheet?: SheetMeta;
  /** Whether it stands on the page of makes that lies in an archive. */
  readonly page?: true;
}

declare module 'zod' {
  /** What `meta()` of any shape of a record may say. */
  interface GlobalMeta extends Partial<FieldMeta> {}
}

/** Whether what is known of a shape is enough to ask for it. */
export const isAsked = (meta: Partial<FieldMeta> | undefined): meta is FieldMeta => meta?.label !== undefined && meta.ask !== undefined;

/**
 * A shape that knows how to be asked for.
 *
 * @example field(PositiveCm.optional(), { label: 'Width', ask: 'length' })
 */
export function field<T extends z.ZodType>(shape: T, meta: FieldMeta): T {
  return shape.meta({ ...meta });
}

/**
 * A shape that is not asked for by one control, a list or a thing with parts, and has a name all the same.
 *
 * @example called(z.array(FitNote).default([]), 'fit notes')
 */
export function called<T extends z.ZodType>(shape: T, name: string): T {
  return shape.meta({ called: name });
}

/** What was said with the shape; throws for a field that was given nothing to ask with, which is a fault of ours. */
export function fieldMeta(shape: z.ZodType): FieldMeta {
  const meta = shape.meta();
  if (!isAsked(meta)) throw new Error('This field of a record cannot be asked for: it has no label.');
  return meta;
}

/** The choices of a field of kind choice or choices, whatever wraps them (optional, a default, a list). */
export function choicesOf(shape: z.ZodType): readonly string[] {
  const { def } = shape._zod as unknown as { def: { type: string; innerType?: z.ZodType; element?: z.ZodType; entries?: Record<string, string> } };
  if (def.entries) return Object.values(def.entries);
  const inner = def.innerType ?? def.element;
  return inner ? choicesOf(inner) : [];
}

/** Checks one field's value as its record would: the message, or undefined where it is in order. */
export function fieldProblem(shape: z.ZodType, value: unknown): string | undefined {
  const result = shape.safeParse(value);
  if (result.success) return undefined;
  const message = result.error.issues[0]?.message ?? 'is not in order';
  return `${message.charAt(0).toUpperCase()}${message.slice(1)}.`;
}
