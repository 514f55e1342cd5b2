import { nextVersion, viewOf, type PatternCase } from '../garment/case';
import { settleUses } from '../fabric/stash';
import type { Alteration, Fabric, Make, Pattern, Plan, Wear } from '../records';
import { blankMake } from '../records/blank';
import type { LineEntry } from '../shorthand/entry-from-line';
import { makeOfPlan } from './plan-to-make';
import type { Draft } from '../../data/drafts';
import type { Write } from '../../data/journal';
import { newId } from '../../data/new-id';
import { today } from '../../data/today';
import { errataFound } from '../../pages/makes/errata-found';
import { notesOf, type Look } from '../../pages/makes/look';
import type { VerdictSaid } from '../../pages/makes/verdict-entry';

/** Where a new make starts from. */
export type Start = 'last' | 'carry' | 'plan' | 'drafted';

/** What is being logged and not yet entered; kept in the browser as it is typed. */
export interface LogDraft {
  readonly make: Make;
  readonly start: Start;
  readonly look: Look;
  readonly verdict: VerdictSaid;
  /** Fabrics named in the line that the stash does not have yet: they come with the make. */
  readonly newFabrics: readonly Fabric[];
  /** The plan it began from, which is done when the make is entered. */
  readonly planId?: string;
}

/** What the names of half logged makes begin with. Each has its own, so that one begun does not take the place of another. */
export const LOG_DRAFTS = 'log';

/** The name under which a half logged make is kept. */
export const logDraftName = ({ make }: Pick<LogDraft, 'make'>) => `${LOG_DRAFTS} ${make.id}`;

/** Half logged makes of a pattern (or, without one, of a name) for a person, the latest last. */
export function draftsFor(
  drafts: readonly Draft<LogDraft>[],
  of: { patternId?: string | undefined; name?: string | undefined },
): readonly Draft<LogDraft>[] {
  return drafts.filter(({ value: { make } }) => make.sources[0]?.patternId === of.patternId && (of.patternId !== undefined || make.name === of.name));
}

/** Alterations as they come with the paper into the next make: whatever was done on the body before is on the paper now. */
function carriedOn(alterations: readonly Alteration[]): Alteration[] {
  return alterations.map(({ afterWears: _, stage: __, date: ___, ...a }) => ({ ...a, id: newId(), when: 'paper' }));
}

/**
 * A new version of a pattern.
 *
 * @param input the pattern with this person's makes of it
 * @param previous the make to start from: the last version, or the next cut that the engine proposes; none begins with the pattern as drafted
 */
export function startMake(input: Pick<PatternCase, 'pattern' | 'makes'>, personId: string, day: string, previous: Make | undefined): Make {
  const { pattern } = input;
  const start: Make = {
    ...blankMake(newId(), personId, nextVersion(input), day),
    sources: [{ patternId: pattern.id, viewId: pattern.views[0]!.id }],
  };
  if (!previous) return start;
  const view = viewOf(pattern, previous);
  return {
    ...start,
    sources: [{ patternId: pattern.id, viewId: view.id }],
    ...(previous.chartId ? { chartId: previous.chartId } : {}),
    ...(previous.size ? { size: previous.size } : {}),
    sizeLines: previous.sizeLines,
    alterations: carriedOn(previous.alterations),
  };
}

/** A draft that says nothing yet of fit and liking. */
export function freshDraft(make: Make, start: Start = 'last'): LogDraft {
  return { make, start, look: { seen: { at: 'firstDay' }, said: [] }, verdict: {}, newFabrics: [] };
}

/** A draft that begins from a plan: nothing is typed twice. */
export function draftFromPlan(plan: Plan, version: number, day: string): LogDraft {
  return { ...freshDraft(makeOfPlan(plan, newId(), version, day), 'plan'), planId: plan.id };
}

/** The draft that a line amounts to. */
export function draftFromLine({ make, seen, said, love, newFabrics }: LineEntry): LogDraft {
  return { make, start: 'last', look: { seen, said }, verdict: love === undefined ? {} : { love }, newFabrics };
}

/**
 * All that entering a draft writes, as one act: the make with its look and verdict, wears that are only counted as an estimate,
 * fabrics that are new, and what the make takes from the stash.
 *
 * @param fabrics the stash as it is
 * @param about the pattern, whose errata take up those that were found; the plan that is done with this
 */
export function entryOf(
  { make, look, verdict, newFabrics }: LogDraft,
  fabrics: readonly Fabric[],
  { pattern, plan }: { pattern?: Pattern | undefined; plan?: Plan | undefined } = {},
): Write[] {
  const day = today();
  const wears = look.seen.at === 'worn' ? look.seen.wears : 0;
  const { uses, changed } = settleUses(fabrics, [], make.fabrics);
  const { love, reasons = [], ...saidMore } = verdict;
  const entered: Make = {
    ...make,
    fabrics: uses,
    fitNotes: notesOf(look, day),
    verdicts: love === undefined ? [] : [{ id: newId(), date: day, wears, love, reasons, ...saidMore }],
  };
  const wear: Wear = { id: newId(), date: day, makeIds: [make.id], count: Math.max(1, wears) };
  const used = new Set(make.fabrics.map((u) => u.fabricId));
  return [
    ...newFabrics.filter((c) => used.has(c.id)).map((c): Write => ({ table: 'fabrics', put: c })),
    { table: 'makes', put: entered },
    ...(plan ? [{ table: 'plans', from: plan, to: { ...plan, state: 'made', makeId: make.id } } as const] : []),
    ...(pattern ? errataFound(pattern, [], make.notes) : []),
    ...(wears > 0 ? [{ table: 'wears', put: wear } as const] : []),
    ...changed.map(({ from, to }): Write => ({ table: 'fabrics', from, to })),
  ];
}
