import { z } from 'zod';
import { COLUMN_UNITS } from '../core/archive/tables-in/columns';
import { SHEETS } from '../core/archive/tables-out';
import { LogDraft, Look, VerdictSaid } from '../core/make/draft-shapes';
import { PHASES } from '../core/records/make';
import { Id } from '../core/records/shapes';
import { FREQUENCIES } from '../core/records/wear';
import { DAY_ORDERS } from '../core/units/day-as-written';
import { keysOf } from '../core/units/keys';

/**
 * What is typed and not yet entered, by the first words of the name it is kept under: each is read through its shape, so that a page never
 * meets what an older app wrote.
 */
export const DRAFT_SHAPES = {
  log: LogDraft,
  look: Look,
  verdict: VerdictSaid,
  'wear in bulk': z.strictObject({ ids: z.array(Id), how: z.enum(['about', ...FREQUENCIES]), about: z.number().optional() }),
  suitcase: z.strictObject({ from: z.string(), until: z.string(), where: z.string(), ids: z.array(Id), worn: z.record(z.string(), z.number()) }),
  'side by side': z.array(Id),
  /** Milliseconds since 1970. */
  timer: z.strictObject({ makeId: Id, phase: z.enum(PHASES), since: z.number() }),
  /** What is told, with what was chosen for its questions, by the words of each make. */
  telling: z.strictObject({ text: z.string(), answers: z.record(z.string(), z.record(z.string(), z.int().min(0))) }),
  'table to take in': z.strictObject({
    name: z.string(),
    text: z.string(),
    which: z.enum(SHEETS),
    columns: z.array(z.strictObject({ field: z.string().optional(), unit: z.enum(COLUMN_UNITS) })),
    order: z.enum(DAY_ORDERS),
  }),
  'whom a table is for': z.string(),
} as const;

export type DraftKind = keyof typeof DRAFT_SHAPES;
export type DraftOf<K extends DraftKind> = z.infer<(typeof DRAFT_SHAPES)[K]>;

/** What a draft is called where it is said that it could not be read. */
export const DRAFT_WORDS: Readonly<Record<DraftKind, string>> = {
  log: 'a half-logged make',
  look: 'a look at the fit that was not saved',
  verdict: 'a verdict that was not saved',
  'wear in bulk': 'wears that were not entered',
  suitcase: 'a suitcase that was not unpacked',
  'side by side': 'the choice of makes to compare',
  timer: 'the running timer',
  telling: 'a telling that was not entered',
  'table to take in': 'a table that was not imported',
  'whom a table is for': 'whom a table is for',
};

/** Of which kind a draft is, by the name it is kept under: the kind, and for some the id of what it is about. */
export function draftKindOf(name: string): DraftKind | undefined {
  return keysOf(DRAFT_SHAPES).find((kind) => name === kind || name.startsWith(`${kind} `));
}

/** A value without what stands at the places named; things of a list that are not in order go whole. */
function pruned(value: unknown, issues: readonly z.core.$ZodIssue[]): unknown {
  const copy: unknown = structuredClone(value);
  // From the end of each list, so that what goes does not move what is still to go.
  for (const { path } of [...issues].reverse()) {
    const inList = path.findLastIndex((part) => typeof part === 'number');
    const at = path.slice(0, inList >= 0 ? inList + 1 : path.length);
    const last = at.pop();
    const holder = at.reduce<unknown>((of, part) => (of as Record<PropertyKey, unknown> | undefined)?.[part], copy);
    if (Array.isArray(holder) && typeof last === 'number') holder.splice(last, 1);
    else if (typeof holder === 'object' && holder !== null && last !== undefined) delete (holder as Record<PropertyKey, unknown>)[last];
  }
  return copy;
}

/**
 * Reads a draft through its shape. A row that was begun and says nothing yet (a notion without a word) is left out, as it is when the make
 * is entered; all else must be in order.
 *
 * @returns undefined where it cannot be read
 */
export function readDraft(kind: DraftKind, value: unknown): unknown {
  const shape: z.ZodType = DRAFT_SHAPES[kind];
  const whole = shape.safeParse(value);
  if (whole.success) return whole.data;
  const rest = shape.safeParse(pruned(value, whole.error.issues));
  return rest.success ? rest.data : undefined;
}
