import type { z } from 'zod';

/** How a field is asked for: decides the control, what it reads and how it shows what it holds. */
export type FieldKind =
  'text' | 'words' | 'length' | 'number' | 'whole' | 'percent' | 'money' | 'minutes' | 'date' | 'month' | 'choice' | 'choices' | 'yes' | 'colour';

/** What a form needs to know of a field beyond its shape. It lives with the shape, so that label, unit, limits and messages live once. */
export interface FieldMeta {
  readonly label: string;
  readonly ask: FieldKind;
  readonly unit?: string;
  readonly hint?: string;
  /** What the choices are called, where not by themselves. */
  readonly words?: Readonly<Record<string, string>>;
}

/**
 * A shape that knows how to be asked for.
 *
 * @example field(PositiveCm.optional(), { label: 'Width', ask: 'length' })
 */
export function field<T extends z.ZodType>(shape: T, meta: FieldMeta): T {
  return shape.meta({ ...meta });
}

/** What was said with the shape; throws for a field that was given nothing to ask with, which is a fault of ours. */
export function fieldMeta(shape: z.ZodType): FieldMeta {
  const meta = shape.meta() as Partial<FieldMeta> | undefined;
  if (meta?.label === undefined || meta.ask === undefined) throw new Error('This field of a record cannot be asked for: it has no label.');
  return meta as FieldMeta;
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
