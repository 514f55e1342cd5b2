import { priceOfLength } from '../fabric/price';
import { inOrder } from '../make/versions';
import { STATES } from '../make/states';
import { minutesOf } from '../make/minutes';
import { byDay, type IsoDate } from '../units/date';
import type { Alteration, Collection, Fabric, Make, MeasurementSet, Pattern, Plan, PlanList, Verdict, Wear } from '../records';
import { isUndated } from '../make/its-day';
import { isSurelyWithin, mayBeWithin } from './in-its-span';
import { inRotation, isWorn, readyOn } from '../wear/available';
import { estimatesOf, notedSince, observedMonths } from '../wear/observed';
import { seasonsOf, type Hemisphere } from '../wear/season';
import { wearCounts } from '../wear/wear-count';
import type { Span } from '../wear/span';

/** What a statement is made from. `makes` are those it is about: of one person, or of all. */
export interface StatementInput {
  readonly span: Span;
  readonly makes: readonly Make[];
  readonly wears: readonly Wear[];
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
  readonly collections: readonly Collection[];
  readonly plans: readonly Plan[];
  readonly lists: readonly PlanList[];
  readonly bodies: readonly MeasurementSet[];
  readonly hemisphere: Hemisphere;
  /** ISO 4217; amounts in another currency are listed as unknown. */
  readonly currency: string;
  readonly today: IsoDate;
}

export interface Sum {
  readonly minor: number;
  readonly unknown: readonly string[];
}

export interface Statement {
  readonly span: Span;
  readonly finished: readonly Make[];
  /** Cut in the span and not finished in it. */
  readonly underWay: readonly Make[];
  /** Finished, and nobody said when: they are in no statement. */
  readonly undated: number;
  /** Finished in a month or a year of which the span is only a part: nobody said more. */
  readonly perhaps: number;
  /** Abandoned in the span, or judged 2 of 5 or less in it. */
  readonly failed: readonly { readonly make: Make; readonly why: string }[];
  /** Left the wardrobe in the span. */
  readonly left: readonly Make[];
  readonly wears: {
    readonly times: number;
    /** Part of them is an estimate. */
    readonly estimated: boolean;
    readonly most: readonly { readonly make: Make; readonly times: number }[];
    readonly least: readonly { readonly make: Make; readonly times: number; readonly months: number }[];
    readonly byKind: readonly { readonly kind: string; readonly times: number }[];
  };
  readonly fabric: {
    /** Each with its length, where that was noted. */
    readonly bought: readonly { readonly fabric: Fabric; readonly length: number | undefined }[];
    readonly used: readonly { readonly fabric: Fabric; readonly length: number }[];
    /** Uses of which nobody noted the length. */
    readonly unmeasured: number;
    /** In the stash today, cm in all and in how many fabrics. */
    readonly stash: { readonly length: number; readonly fabrics: number };
  };
  /** Minutes spent on what was finished, by phase. */
  readonly minutes: {
    readonly total: number;
    readonly untimed: number;
    readonly byPhase: readonly { readonly phase: string; readonly minutes: number }[];
  };
  readonly money: { readonly fabric: Sum; readonly notions: Sum; readonly patterns: Sum; readonly mends: Sum };
  readonly lists: readonly { readonly list: PlanList; readonly made: number; readonly of: number; readonly inSpan: number }[];
  readonly cameRight: readonly { readonly pattern: Pattern; readonly make: Make }[];
  readonly usual: readonly { readonly alteration: Alteration; readonly patterns: readonly Pattern[] }[];
  readonly changedMinds: readonly { readonly make: Make; readonly from: Verdict; readonly to: Verdict }[];
  readonly bodies: readonly MeasurementSet[];
}

/** How many of the best and least worn are named. */
const NAMED = 5;

/** What happened from one day to another: makes with failures, wears, fabric, hours, money, lists, what was learned. */
export function statementOf(input: StatementInput): Statement {
  const { span, makes, patterns, plans, bodies } = input;
  const within = (date: IsoDate | undefined) => date !== undefined && date >= span.from && date <= span.until;
  const dated = makes.filter((m) => !isUndated(m));
  const isOfIt: OfIt = (make, day) => day !== undefined && isSurelyWithin(make, day, span);
  const finished = dated.filter((m) => isOfIt(m, readyOn(m))).sort((a, b) => byDay(readyOn(a)!, readyOn(b)!));
  return {
    span,
    finished,
    // One that nobody dated is under way at least since it was told.
    underWay: makes.filter(
      (m) => isOfIt(m, m.cutOn) && (!isUndated(m) || STATES[m.state].inHand) && m.state !== 'abandoned' && (readyOn(m) ?? '9999') > span.until,
    ),
    undated: makes.filter((m) => isUndated(m) && readyOn(m) !== undefined).length,
    perhaps: dated.filter((m) => mayBeWithin(m, readyOn(m), span)).length,
    failed: failedOf(makes, within),
    left: makes.filter((m) => STATES[m.state].left && within(m.stateSince)),
    wears: wearsOf(input),
    fabric: fabricOf({ ...input, makes: dated }, within, isOfIt),
    minutes: minutesIn(finished),
    money: moneyOf(input, finished, within),
    lists: input.lists
      .map((list) => {
        const on = plans.filter((p) => p.listId === list.id && p.state !== 'dropped');
        const made = on.filter((p) => p.state === 'made');
        const inSpan = made.filter((p) => within(makes.find((m) => m.id === p.makeId)?.cutOn)).length;
        return { list, made: made.length, of: on.length, inSpan };
      })
      .filter((l) => l.of > 0),
    cameRight: cameRight(makes, patterns, within),
    usual: usualAlterations(makes, patterns, within),
    changedMinds: makes.flatMap((make) =>
      make.verdicts.flatMap((to, i) => {
        const from = make.verdicts[i - 1];
        return from && within(to.date) && from.love !== to.love ? [{ make, from, to }] : [];
      }),
    ),
    bodies: bodies.filter((b) => within(b.date)),
  };
}

type Within = (date: IsoDate | undefined) => boolean;
type OfIt = (make: Make, day: IsoDate | undefined) => boolean;

function failedOf(makes: readonly Make[], within: Within): { make: Make; why: string }[] {
  return makes.flatMap((make) => {
    if (make.state === 'abandoned' && within(make.stateSince ?? (isUndated(make) ? undefined : make.cutOn)))
      return [{ make, why: [`abandoned${make.stage ? ` at ${make.stage}` : ''}`, make.why].filter(Boolean).join(': ') }];
    const said = make.verdicts.filter((v) => within(v.date)).at(-1);
    if (!said || said.love > 2) return [];
    return [{ make, why: [`love ${said.love} of 5`, said.reasons.join(', '), said.words].filter(Boolean).join(': ') }];
  });
}

function wearsOf({ span, makes, wears, patterns, fabrics, hemisphere, today }: StatementInput): Statement['wears'] {
  const counts = wearCounts(wears, span);
  const until = span.until < today ? span.until : today;
  const worn = makes.filter(isWorn).map((make) => ({ make, times: counts.get(make.id)?.times ?? 0, spread: counts.get(make.id)?.spread ?? 0 }));
  const kinds = new Map<string, number>();
  for (const { make, times } of worn) {
    const kind = patterns.find((p) => p.id === make.sources[0]?.patternId)?.kind ?? 'other';
    kinds.set(kind, (kinds.get(kind) ?? 0) + times);
  }
  const estimates = estimatesOf(wears);
  const wearers = [...new Set(makes.map((m) => m.personId))];
  const since = new Map(
    wearers.map((id) => [
      id,
      notedSince(
        makes.filter((m) => m.personId === id),
        wears,
      ),
    ]),
  );
  const least = worn
    .filter((w) => inRotation(w.make))
    .map((w) => {
      const wearerNotes = since.get(w.make.personId);
      const months = observedMonths(w.make, estimates.get(w.make.id), wearerNotes, seasonsOf(w.make, fabrics), hemisphere, until, span);
      return { ...w, months };
    })
    // A garment that hung for less than half a month of its season had no chance to be worn, as far as anybody noted.
    .filter((w) => w.months >= 0.5)
    .sort((a, b) => a.times / a.months - b.times / b.months);
  // An estimate that is spread over years may leave less than a wear to a span.
  const most = worn.filter((w) => Math.round(w.times) > 0).sort((a, b) => b.times - a.times);
  return {
    times: worn.reduce((sum, w) => sum + w.times, 0),
    estimated: worn.some((w) => w.spread > 0),
    most: most.slice(0, NAMED),
    least: least.filter((w) => !most.slice(0, NAMED).some((m) => m.make === w.make)).slice(0, NAMED),
    byKind: [...kinds]
      .filter(([, times]) => Math.round(times) > 0)
      .map(([kind, times]) => ({ kind, times }))
      .sort((a, b) => b.times - a.times),
  };
}

function fabricOf({ makes, fabrics }: StatementInput, within: Within, isOfIt: OfIt): Statement['fabric'] {
  const used = new Map<Fabric, number>();
  let unmeasured = 0;
  for (const make of makes.filter((m) => isOfIt(m, m.cutOn)))
    for (const use of make.fabrics) {
      const fabric = fabrics.find((c) => c.id === use.fabricId);
      if (fabric && use.length !== undefined) used.set(fabric, (used.get(fabric) ?? 0) + use.length);
      else unmeasured += 1;
    }
  const stash = fabrics.filter((c) => c.pieces.length > 0);
  return {
    bought: fabrics.filter((c) => within(c.bought)).map((fabric) => ({ fabric, length: fabric.boughtLength })),
    used: [...used].map(([fabric, length]) => ({ fabric, length })).sort((a, b) => b.length - a.length),
    unmeasured,
    stash: { length: stash.flatMap((c) => c.pieces).reduce((sum, p) => sum + p.length, 0), fabrics: stash.length },
  };
}

function minutesIn(finished: readonly Make[]): Statement['minutes'] {
  const phases = new Map<string, number>();
  for (const make of finished) {
    const kept = make.times.filter((t) => t.phase !== 'all');
    for (const t of kept) phases.set(t.phase, (phases.get(t.phase) ?? 0) + t.minutes);
    const rest = (minutesOf(make) ?? 0) - kept.reduce((sum, t) => sum + t.minutes, 0);
    if (rest > 0) phases.set('not told apart', (phases.get('not told apart') ?? 0) + rest);
  }
  return {
    total: [...phases.values()].reduce((a, b) => a + b, 0),
    untimed: finished.filter((m) => minutesOf(m) === undefined).length,
    byPhase: [...phases].map(([phase, minutes]) => ({ phase, minutes })).sort((a, b) => b.minutes - a.minutes),
  };
}

function moneyOf({ makes, fabrics, patterns, collections, currency }: StatementInput, finished: readonly Make[], within: Within): Statement['money'] {
  const sum = (amounts: readonly (readonly [money: { minor: number; currency: string } | undefined, what: string])[]): Sum => ({
    minor: amounts.reduce((total, [money]) => total + (money?.currency === currency ? money.minor : 0), 0),
    unknown: amounts.filter(([money]) => money?.currency !== currency).map(([money, what]) => (money ? `${what} (in ${money.currency})` : what)),
  });
  const priceOf = (fabric: Fabric) => (fabric.boughtLength === undefined ? undefined : priceOfLength(fabric, fabric.boughtLength));
  return {
    fabric: sum(fabrics.filter((c) => within(c.bought)).map((c) => [priceOf(c), c.name] as const)),
    notions: sum(finished.flatMap((m) => m.notions.map((n) => [n.cost, n.what] as const))),
    patterns: sum([
      ...patterns
        .filter(
          (p) => within(p.added) && p.form !== 'own draft' && p.form !== 'copied garment' && (p.price !== undefined || p.collectionId === undefined),
        )
        .map((p) => [p.price, p.name] as const),
      // What came in a book is paid with the book.
      ...collections.filter((c) => within(c.bought)).map((c) => [c.price, c.name] as const),
    ]),
    mends: sum(makes.flatMap((m) => m.mends.filter((mend) => within(mend.date) && mend.cost).map((mend) => [mend.cost, mend.what] as const))),
  };
}

/** Whether all that was last said of each zone is that it is right. */
function isRight(make: Make): boolean {
  const latest = new Map(make.fitNotes.filter((n) => !n.causedBy).map((n) => [n.zone, n.outcome]));
  return latest.size >= 2 && [...latest.values()].every((outcome) => outcome === 0);
}

/** Patterns of which a version came right in the span, after one that was not. */
function cameRight(makes: readonly Make[], patterns: readonly Pattern[], within: Within): { pattern: Pattern; make: Make }[] {
  return patterns.flatMap((pattern) => {
    const versions = inOrder(makes.filter((m) => m.sources[0]?.patternId === pattern.id));
    const make = versions.find((m) => readyOn(m) !== undefined && isRight(m) && m.fitNotes.some((n) => within(n.date)));
    const earlier = make && versions.filter((m) => m.personId === make.personId && m.version < make.version);
    return make && earlier?.some((m) => m.fitNotes.some((n) => n.outcome !== 0)) && !earlier.some(isRight) ? [{ pattern, make }] : [];
  });
}

/** Fit alterations of one kind and direction that a person now makes on two patterns or more, the latest of them in the span. */
function usualAlterations(makes: readonly Make[], patterns: readonly Pattern[], within: Within): { alteration: Alteration; patterns: Pattern[] }[] {
  const found = new Map<string, { alteration: Alteration; on: Map<string, IsoDate> }>();
  for (const make of [...makes].sort((a, b) => byDay(a.cutOn, b.cutOn)))
    for (const alteration of make.alterations) {
      const patternId = make.sources[0]?.patternId;
      if (alteration.purpose !== 'fit' || patternId === undefined) continue;
      const direction = alteration.direction ?? Math.sign(alteration.amount ?? 0);
      const key = `${make.personId} ${alteration.kind} ${direction}`;
      const usual = found.get(key) ?? { alteration, on: new Map<string, IsoDate>() };
      usual.alteration = alteration;
      if (!usual.on.has(patternId)) usual.on.set(patternId, make.cutOn);
      found.set(key, usual);
    }
  return [...found.values()]
    .filter(({ on }) => on.size >= 2 && within([...on.values()].at(-1)))
    .map(({ alteration, on }) => ({ alteration, patterns: [...on.keys()].flatMap((id) => patterns.find((p) => p.id === id) ?? []) }));
}
