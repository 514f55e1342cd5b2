import type { PatternCase } from '../garment/case';
import { draftFromPlan } from '../plan/draft-from-plan';
import { openPlanOf } from '../plan/open-plan';
import { draftFromLine, draftNamed, peopleWith, spokenOfWith, startMadeOver, startMake, whoever, type LogDraft, type NewId } from '../make/log-draft';
import { middleOf } from '../make/known-to';
import { STATES } from '../make/states';
import { inOrder, lastVersion, makesOf, nextVersion, ofVersion, viewOf } from '../make/versions';
import { withoutPattern } from '../make/without-pattern';
import type { Fabric, KnownTo, Make, MeasurementSet, Pattern, Person, Plan, SewnSet } from '../records';
import type { IsoDate } from '../units/date';
import { withId } from '../units/by-id';
import type { Answers, Chip, Understood } from './chip';
import { entryFromLine } from './entry-from-line';
import { lineContextOf } from './line-context';
import { readLine } from './read-line';
import type { LineRemark } from './remark-words';
import type { LineContext } from './sentence';

/** The tables of a ledger that lines speak of. */
export interface LineTables {
  readonly patterns: readonly Pattern[];
  readonly makes: readonly Make[];
  readonly bodies: readonly MeasurementSet[];
  readonly fabrics: readonly Fabric[];
  readonly people: readonly Person[];
  readonly sets: readonly SewnSet[];
  readonly plans: readonly Plan[];
}

/** A line that was read: its chips, and the make they amount to where it says of what. */
export interface ReadMake {
  readonly chips: readonly Chip[];
  /** Of the ledger, or named first in the line. */
  readonly pattern: Pattern | undefined;
  readonly person: Person | undefined;
  readonly draft: LogDraft | undefined;
  /** The version from which the cut is carried on. */
  readonly carriedFrom: number | undefined;
  /** What is planned of the pattern, where the garment may be that. */
  readonly planned: Plan | undefined;
  readonly remarks: readonly LineRemark[];
}

export interface ReadOptions {
  readonly context: LineContext;
  /** Whom we speak of where the line names nobody. */
  readonly spoken: Person | undefined;
  readonly answers?: Answers;
  /**
   * Whether what is planned of its pattern is taken for what was made: what the line does not say is as planned then. Likely it is, unless the
   * line names another fabric.
   */
  readonly asPlanned?: boolean | 'likely';
  /** Whether makes of some time are told: what names no day is none of today. */
  readonly isTold?: boolean;
  /** The month or the year is said in which what is told was made, of which the context's day is the last. */
  readonly within?: KnownTo | undefined;
  readonly newId: NewId;
}

/** The month or the year that stands above what is told. */
export interface TimeAbove {
  /** Its last day. */
  readonly until: IsoDate;
  readonly is: KnownTo;
}

/** The first fact of a kind that is stated. */
function stated<K extends Understood['is']>(chips: readonly Chip[], kind: K): Extract<Understood, { readonly is: K }> | undefined {
  for (const chip of chips)
    for (const fact of chip.asks ? [] : chip.says) if (fact.is === kind) return fact as Extract<Understood, { readonly is: K }>; // by its kind
  return undefined;
}

/**
 * Reads a line, and the make it amounts to: of a pattern of the ledger, or of one that comes with it; for one of its people, or for somebody
 * who comes with it and begins without anybody else's cut.
 *
 * @param tables the ledger as it is
 * @returns no draft where the line does not say of what
 */
export function readMake(text: string, tables: LineTables, options: ReadOptions): ReadMake {
  const read = ofSomeDay(readFor(text, tables, options), options);
  const named = stated(read.chips, 'new person');
  // A coat for Tom is no reason to speak of him from then on, though it be the first thing in the ledger.
  if (!read.draft || !named || tables.people.length > 0) return read;
  return { ...read, draft: { ...read.draft, sewist: whoever(options.newId) } };
}

/** Whether it is said that a garment was begun, and not only that it is: "cut out", "started". */
const isBegunNow = ({ says, text }: Chip): boolean =>
  says.some(({ is }) => is === 'state') && /^(?:cut|started|began|begun)(?! out but)\b/i.test(text);

/** What was made on a day that nobody said: today, as far as anybody knows, but where it is told of old makes, or was worn already. */
function ofSomeDay(read: ReadMake, { isTold = false, within, context }: ReadOptions): ReadMake {
  const { draft, chips } = read;
  if (!draft || draft.planId !== undefined || stated(chips, 'date')) return read;
  const { finishedOn, ...make } = draft.make;
  if (within) {
    const day = middleOf(within, context.today, context.now ?? context.today);
    return { ...read, draft: { ...draft, make: { ...make, cutOn: day, ...(finishedOn === undefined ? {} : { finishedOn: day }), knownTo: within } } };
  }
  const { ended, inHand } = STATES[make.state];
  // What was given up or given away was not made today; "cut out the trousers" was done now, "is cut out" at any time.
  const mayBeOlder = ended || isTold || (stated(chips, 'wears')?.wears ?? 0) > 0;
  if (!mayBeOlder || (inHand && chips.some(isBegunNow))) return read;
  return { ...read, draft: { ...draft, make: { ...make, undated: true } }, remarks: [...read.remarks, { is: 'no day' }] };
}

function readFor(text: string, tables: LineTables, { context, spoken, answers = {}, asPlanned = false, newId }: ReadOptions): ReadMake {
  const chips = readLine(text, context, answers);
  const pattern = withId(tables.patterns, stated(chips, 'pattern')?.patternId);
  const name = stated(chips, 'new person')?.name;
  const newPerson: Person | undefined = name === undefined ? undefined : { id: newId(), name, child: false };
  const person = withId(tables.people, stated(chips, 'person')?.personId) ?? newPerson ?? spoken;
  const thing = stated(chips, 'new thing');
  // What it is called beside outweighs what it is: "Shirt dress (Fulmar)".
  const first = stated(chips.toReversed(), 'new pattern') ?? thing;
  if (first && !pattern) {
    const named = draftNamed(first.name, { personId: person?.id, fitless: thing === first, day: context.today, newId });
    const designer = stated(chips, 'designer')?.name;
    const newPattern = named.newPattern && { ...named.newPattern, ...(designer === undefined ? {} : { designer }) };
    const comes = { ...named, newPattern, newPerson: newPerson ?? named.newPerson };
    const zones = newPattern ? viewOf(newPattern, named.make).zones : [];
    const { remarks, ...entry } = entryFromLine(chips, { start: named.make, zones, context, newId });
    return {
      chips,
      pattern: newPattern,
      person: person ?? comes.newPerson,
      draft: draftFromLine(entry, comes),
      carriedFrom: undefined,
      planned: undefined,
      remarks,
    };
  }
  const madeOf = (patternId: string, version: number | undefined) => {
    return ofVersion(inOrder(tables.makes.filter((m) => m.sources[0]?.patternId === patternId)), version);
  };
  const remade = stated(chips, 'remade');
  if (remade && !pattern) {
    const owner = person ?? whoever(newId);
    const start = startMadeOver(remade.name, owner.id, context.today, newId);
    const zones = withoutPattern(start)?.views[0]?.zones ?? [];
    const { remarks, ...entry } = entryFromLine(chips, { start, zones, context, madeOf, newId });
    const newOwner = tables.people.includes(owner) ? undefined : owner;
    return {
      chips,
      pattern,
      person: owner,
      draft: draftFromLine(entry, { newPerson: newOwner, start: 'drafted' }),
      carriedFrom: undefined,
      planned: undefined,
      remarks,
    };
  }
  if (!pattern || !person) return { chips, pattern, person, draft: undefined, carriedFrom: undefined, planned: undefined, remarks: [] };
  const { bodies, fabrics } = tables;
  const input: PatternCase = { pattern, makes: makesOf(tables.makes, pattern.id, person.id), bodies, fabrics };
  const last = lastVersion(input);
  const cutAs = stated(chips, 'cut')?.as;
  const named = typeof cutAs === 'number' ? input.makes.find(({ version }) => version === cutAs) : undefined;
  const base = named ?? last;
  const planned = plannedOf(tables, pattern.id, person.id, chips);
  const begun =
    planned && (asPlanned === 'likely' ? cutAs === undefined && !inAnotherFabric(planned, chips) : asPlanned)
      ? draftFromPlan(withoutFabricsOf(planned, chips), nextVersion(input), context.today, newId)
      : undefined;
  const start = begun?.make ?? startMake(input, person.id, context.today, base, newId);
  const { remarks, ...entry } = entryFromLine(chips, { start, zones: viewOf(pattern, start).zones, context, madeOf, newId });
  const draft = draftFromLine(entry, { newPerson, start: begun?.start, planId: begun?.planId });
  const noSuch: LineRemark[] = typeof cutAs === 'number' && !named ? [{ is: 'no such version', said: cutAs }] : [];
  return { chips, pattern, person, draft, carriedFrom: begun ? undefined : base?.version, planned, remarks: [...noSuch, ...remarks] };
}

/** What is planned of a pattern and may be what a line tells of: not what was finished before it was planned, and no toile. */
function plannedOf({ plans }: LineTables, patternId: string, personId: string, chips: readonly Chip[]): Plan | undefined {
  const plan = openPlanOf(plans, patternId, personId);
  if (plan?.kind !== 'garment' && plan?.kind !== 'without fit') return undefined;
  const date = stated(chips, 'date')?.date;
  return date !== undefined && date < plan.added ? undefined : plan;
}

const fabricsOf = (chips: readonly Chip[]) => chips.flatMap((chip) => chip.says).filter((fact) => fact.is === 'fabric');

/** Whether a line names a fabric where another is planned. */
const inAnotherFabric = ({ fabrics }: Plan, chips: readonly Chip[]): boolean =>
  fabricsOf(chips).some(({ fabric, part }) => fabrics.some((use) => use.part === part && !('id' in fabric && fabric.id === use.fabricId)));

/** A plan without the fabrics in whose place the line names one. */
const withoutFabricsOf = (plan: Plan, chips: readonly Chip[]): Plan => {
  const parts = new Set(fabricsOf(chips).map(({ part }) => part));
  return { ...plan, fabrics: plan.fabrics.filter(({ part }) => !parts.has(part)) };
};

/** The ledger as it would be once a draft is in it: what the next line says is read against that. */
function withDraft(tables: LineTables, draft: LogDraft): LineTables {
  const { make, newPattern, newFabrics, newSet } = draft;
  return {
    ...tables,
    makes: [...tables.makes, make],
    patterns: newPattern ? [...tables.patterns, newPattern] : tables.patterns,
    people: [...tables.people, ...peopleWith(draft)],
    fabrics: [...tables.fabrics, ...newFabrics],
    sets: newSet ? [...tables.sets, newSet] : tables.sets,
  };
}

/**
 * Reads several makes, one after the other: a pattern, a fabric or a person that one of them names first is there for the next.
 *
 * @param usual unit, currency and day; the names come from the tables
 */
export function readMakes(
  texts: readonly string[],
  tables: LineTables,
  {
    usual,
    spoken,
    answers = [],
    within = [],
    newId,
  }: {
    readonly usual: Pick<LineContext, 'unit' | 'currency' | 'today'>;
    readonly spoken: Person | undefined;
    readonly answers?: readonly Answers[];
    /** Of each the month or the year that was said above it. */
    readonly within?: readonly (TimeAbove | undefined)[];
    readonly newId: NewId;
  },
): (ReadMake & { readonly context: LineContext })[] {
  let now = tables;
  let context = lineContextOf(now, usual);
  let speaking = spoken;
  return texts.map((text, i) => {
    const time = within[i];
    const read = readMake(text, now, {
      context: time ? { ...context, today: time.until, now: context.today } : context,
      spoken: speaking,
      answers: answers[i] ?? {},
      isTold: true,
      within: time?.is,
      newId,
    });
    const before = context;
    if (read.draft) {
      const { newPattern, newPerson, newFabrics, newSet } = read.draft;
      now = withDraft(now, read.draft);
      speaking ??= spokenOfWith(read.draft);
      // A whole ledger is gone through for it: only where there is a new name, or a size of a pattern that has no chart.
      if (newPattern || newPerson || newSet || newFabrics.length > 0 || read.pattern?.charts.length === 0) context = lineContextOf(now, usual);
    }
    return { ...read, context: before };
  });
}
