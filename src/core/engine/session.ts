import { asCut } from '../make/joined';
import { sewnFor, whoseVersions } from '../make/sewn-for';
import { firstView, countedVersions, viewOf } from '../make/versions';
import { FIT_CLASSES, type FitClass } from '../body/fit-class';
import type { ZoneId } from '../body/zones';
import { reckon, rotationOf, type Reckoned } from '../decide/reckoning';
import { verdictsDue, type DueVerdict } from '../decide/verdict-due';
import type { CarryForward } from '../forecast/carry-forward';
import { habitsOf, type Habits } from '../forecast/habits';
import type { PlannedCut } from '../forecast/next-cut';
import { plannedZones, type PlannedZone } from '../forecast/planned-chance';
import { Recollection, type FirstCut, type Influence } from '../forecast/recollection';
import { roomToGrow, type GrownFit } from '../forecast/room-to-grow';
import { sizesFor, type Sizes } from '../forecast/sizes';
import { MOST as MOST_ASKED, worthAsking, type Ask } from '../forecast/worth-asking';
import { summaryOf, type PatternSummary } from '../forecast/summary';
import { canBeMarked } from '../forecast/to-mark';
import { bringsZone, caseAt, caseOf, casesFor, casesIn, type CaseOfPattern, type PatternCase } from '../garment/case';
import { isTold, offsetOf } from '../garment/offset';
import type { GarmentKind, Make, Pattern, Person, Seen } from '../records';
import type { IsoDate } from '../units/date';
import { withId } from '../units/by-id';
import { addToGroup } from '../units/group-by';
import { firstOf } from '../units/item-at';
import { compareMakes, type ComparedZone } from '../versions/compare-makes';
import { easeByClass, girthsOf, type Liking } from '../versions/ease-by-class';
import type { Hemisphere } from '../wear/season';
import { wardrobe, type Hanging } from '../wear/wardrobe';
import { carryWhole } from './combination';
import { accountOf, changesBetween, type Account, type Changes } from './account';
import { NO_TABLES, tablesAfter, type EngineTables, type News } from './tables';

/** A person's patterns that were made. */
interface Cases {
  /** The tables they were made from. */
  readonly of: EngineTables;
  readonly all: readonly PatternCase[];
  readonly byPattern: ReadonlyMap<string, PatternCase>;
}

/** An alteration to be marked on the paper, by the ids of what it was made on. */
export interface MarkToMake {
  readonly makeId: string;
  readonly alterationId: string;
}

/** A garment that hangs, by the id of its make. */
export type HangingFacts = Omit<Hanging, 'make'> & { readonly makeId: string };

/** A garment that is asked about again, by the id of its make. */
export type DueFacts = Omit<DueVerdict, 'make'> & { readonly makeId: string };

/** Makes side by side, by their ids, with the zones of which any says something. */
export interface Comparison {
  readonly compared: readonly { readonly makeId: string; readonly zones: ReadonlyMap<ZoneId, ComparedZone> }[];
  readonly zones: readonly ZoneId[];
}

/** The ease of a person's garments at one girth, by intended ease. */
export interface EaseAt {
  readonly zone: ZoneId;
  readonly classes: readonly { readonly fitClass: FitClass; readonly dots: readonly EaseOf[] }[];
}

/** The ease of one garment, by the id of its make. */
export interface EaseOf {
  readonly makeId: string;
  readonly ease: number;
  readonly liking: Liking;
}

function isSameCase(a: PatternCase, b: PatternCase): boolean {
  const same = <T>(one: readonly T[], other: readonly T[]) => one.length === other.length && one.every((record, i) => record === other[i]);
  return a.pattern === b.pattern && a.fabrics === b.fabrics && same(a.makes, b.makes) && same(a.bodies, b.bodies);
}

/**
 * The engine as it goes on from question to question: it keeps the tables that all is reckoned from, and after one new note only what it
 * touches is reckoned again (engine.md, Speed). It is told what changed and never the whole twice. Answers name makes by their ids where
 * they could be many: whoever asks has them.
 *
 * @example
 * const session = new EngineSession();
 * session.learn(newsBetween({}, ledger));
 * session.account('person', 'pattern', { date: '2026-03-01', unit: 'cm' })?.decision.answer // 'sew again'
 */
export class EngineSession {
  #tables: EngineTables = NO_TABLES;
  /** By person: of the tables as they stand, or as they stood when it was last asked. */
  readonly #cases = new Map<string, Cases>();
  /** The last recollection of each person; it stays when the tables change, for what did not. */
  readonly #memories = new Map<string, { readonly cases: Cases; readonly memory: Recollection }>();
  readonly #rotations = new Map<string, { readonly cases: Cases; readonly rotation: ReturnType<typeof rotationOf> }>();

  learn(news: News): void {
    this.#tables = tablesAfter(this.#tables, news);
  }

  /** Every pattern that was made for a person. */
  cases(personId: string): readonly PatternCase[] {
    return this.#casesOf(personId).all;
  }

  #casesOf(personId: string): Cases {
    const known = this.#cases.get(personId);
    if (known?.of === this.#tables) return known;
    const all = casesFor(personId, this.#tables).map((now) => {
      // What was worked out of a pattern stays true of the very same case.
      const was = known?.byPattern.get(now.pattern.id);
      return was && isSameCase(was, now) ? was : now;
    });
    const cases = { of: this.#tables, all, byPattern: new Map(all.map((c) => [c.pattern.id, c])) };
    this.#cases.set(personId, cases);
    return cases;
  }

  /** What a person's patterns taught. */
  memory(personId: string): Recollection {
    const cases = this.#casesOf(personId);
    const known = this.#memories.get(personId);
    if (known?.cases === cases) return known.memory;
    const memory = new Recollection(cases.all, known?.memory);
    this.#memories.set(personId, { cases, memory });
    return memory;
  }

  /** A pattern as it stands for a person, made or not; undefined where there is no such pattern. */
  caseOf(personId: string, patternId: string): PatternCase | undefined {
    const pattern = this.#tables.patterns.find((p) => p.id === patternId);
    return pattern && this.#caseFor(personId, pattern);
  }

  /** Of one that nobody made for the person there are no makes to look for. */
  #caseFor(personId: string, pattern: Pattern): PatternCase {
    const { patterns } = this.#tables;
    return this.#casesOf(personId).byPattern.get(pattern.id) ?? caseOf(asCut(pattern, patterns), personId, { ...this.#tables, makes: [] });
  }

  /** Every pattern as it stands for a person, made or not. */
  everyCase(personId: string): PatternCase[] {
    return this.#tables.patterns.map((p) => this.#caseFor(personId, p));
  }

  /** How many of a kind hang ready for a person and how many are wanted; undefined where she never said. */
  #rotation(personId: string, kind: GarmentKind) {
    const wanted = this.#tables.people.find((p) => p.id === personId)?.wanted?.[kind];
    if (wanted === undefined) return undefined;
    const cases = this.#casesOf(personId);
    let known = this.#rotations.get(personId);
    if (known?.cases !== cases) this.#rotations.set(personId, (known = { cases, rotation: rotationOf(cases.all) }));
    return { ready: 0, wornOut: 0, ...known.rotation.get(kind), wanted };
  }

  /** The other patterns of a person, as a garment that joins parts of several asks for them. */
  #others(personId: string): CaseOfPattern {
    return (id) => this.caseOf(personId, id);
  }

  /** What is carried forward of a pattern: the one answer that every page gives. */
  #carried(personId: string, input: PatternCase, plan: PlannedCut): CarryForward | undefined {
    return carryWhole(input, plan, this.memory(personId), this.#others(personId));
  }

  /** Every case that speaks of a garment, each with whether it speaks of a zone. */
  #partsOf(make: Make): readonly { readonly input: PatternCase; readonly speaksOf: (zone: ZoneId) => boolean }[] {
    const [main] = make.sources;
    const input = main && this.caseOf(make.personId, main.patternId);
    const cases = input ? casesIn(input, make, this.#others(make.personId)) : [];
    return cases.map((part) => ({ input: part, speaksOf: (zone) => bringsZone(part.pattern, make, zone) }));
  }

  /** Whether to sew a pattern again: the one answer that every page gives. */
  decision(personId: string, input: PatternCase, plan: PlannedCut): Reckoned {
    return this.#decisionFrom(personId, input, plan, this.#carried(personId, input, plan));
  }

  /** The same where it is known already what is carried forward: to reckon that is most of the work. */
  #decisionFrom(personId: string, input: PatternCase, plan: PlannedCut, carried: CarryForward | undefined): Reckoned {
    return reckon(input, plan, carried, this.#rotation(personId, input.pattern.kind));
  }

  /** Whether to sew each pattern again, made or not. */
  decisions(personId: string, plan: PlannedCut): Reckoned[] {
    return this.everyCase(personId).map((input) => this.decision(personId, input, plan));
  }

  /** The account of a pattern whole; undefined where nothing was cut yet. */
  account(personId: string, patternId: string, plan: PlannedCut): Account | undefined {
    const input = this.caseOf(personId, patternId);
    const memory = this.memory(personId);
    const carried = input && this.#carried(personId, input, plan);
    return carried && accountOf(input, carried, this.#decisionFrom(personId, input, plan, carried), memory, this.#others(personId));
  }

  /** The same of whoever's versions are looked at while a person is spoken of; with whose they are. */
  accountFor(spokenOf: string, patternId: string, plan: PlannedCut): { readonly personId: string; readonly account: Account | undefined } {
    const { people, makes } = this.#tables;
    const personId = whoseVersions(withId(people, spokenOf), people, sewnFor(patternId, makes))?.id ?? spokenOf;
    return { personId, account: this.account(personId, patternId, plan) };
  }

  /** What was changed between two versions, and what that did; undefined where one of them is not there. */
  changes(personId: string, patternId: string, earlierId: string, laterId: string): Changes | undefined {
    const input = this.caseOf(personId, patternId);
    const [earlier, later] = [earlierId, laterId].map((id) => input?.makes.find((m) => m.id === id));
    return input && earlier && later && changesBetween(input, earlier, later, this.memory(personId), this.#others(personId));
  }

  /** Which other patterns moved the best cut at a zone. */
  influences(personId: string, patternId: string, zone: ZoneId): readonly Influence[] {
    const input = this.caseOf(personId, patternId);
    return input ? this.memory(personId).influences(input, zone) : [];
  }

  /** What to cut first of a pattern that was never made. */
  firstCut(personId: string, patternId: string, date: IsoDate): readonly FirstCut[] {
    const input = this.caseOf(personId, patternId);
    return input ? this.memory(personId).firstCut(input, date) : [];
  }

  /** The chances of a cut as it is planned: at each zone by the pattern that its piece comes from. */
  planned(make: Make, plan: PlannedCut): readonly PlannedZone[] {
    const memory = this.memory(make.personId);
    return this.#partsOf(make).flatMap(({ input, speaksOf }) => plannedZones(input, make, plan, memory).filter((z) => speaksOf(z.zone)));
  }

  /** What to look at in a garment, at most two places; one that is still being logged may be asked about. */
  asks(make: Make, seen: Seen): readonly Ask[] {
    const memory = this.memory(make.personId);
    const asks = this.#partsOf(make).flatMap(({ input, speaksOf }) => worthAsking(input, make, seen, memory, speaksOf));
    return asks.sort((a, b) => b.gain - a.gain).slice(0, MOST_ASKED);
  }

  /** A planned cut on a child's body now and as it grows; undefined where its growth cannot be told. */
  growing(make: Make, plan: PlannedCut): readonly GrownFit[] | undefined {
    const input = this.caseOf(make.personId, firstOf(make.sources).patternId);
    return input && roomToGrow(input, make, plan, this.memory(make.personId));
  }

  /** The size of a pattern by the three sizing methods, for a person; undefined where it has no chart. */
  sizes(personId: string, patternId: string, plan: PlannedCut, by: Person['sizedBy'], bought?: Person['bought']): Sizes | undefined {
    const input = this.caseOf(personId, patternId);
    if (!input) return undefined;
    const last = input.makes.at(-1);
    const view = last ? viewOf(input.pattern, last) : firstView(input.pattern);
    return sizesFor({ input, view, plan, memory: this.memory(personId), all: this.cases(personId), by, ...(bought ? { bought } : {}) });
  }

  /** What all of a person's patterns taught. */
  habits(personId: string): Habits {
    return habitsOf(this.memory(personId));
  }

  /** Every pattern in a line, for the person; those sewn only for somebody else as they stand for them. */
  summaries(personId: string, plan: PlannedCut): PatternSummary[] {
    const sewnFor = new Map(this.#tables.makes.flatMap((m) => m.sources.map((s) => [s.patternId, m.personId] as const)));
    const own = this.#casesOf(personId).byPattern;
    return this.#tables.patterns.map((pattern) => {
      const whose = own.has(pattern.id) ? personId : (sewnFor.get(pattern.id) ?? personId);
      const input = this.#caseFor(whose, pattern);
      return summaryOf(input, this.#carried(whose, input, plan));
    });
  }

  /** What everybody's patterns have to be marked with: for each, the very list that its account shows. */
  marks(plan: PlannedCut): MarkToMake[] {
    return [...new Set(this.#tables.makes.map((m) => m.personId))].flatMap((personId) =>
      this.cases(personId)
        // Most patterns have nothing that could be marked: their next cut need not be worked out for it.
        .filter((input) => canBeMarked(input.pattern, countedVersions(input)))
        .flatMap((input) => this.#carried(personId, input, plan)?.toMark ?? [])
        .map(({ make, alteration }) => ({ makeId: make.id, alterationId: alteration.id })),
    );
  }

  /** The offsets of a make as it was when each of its notes was made, cm, by the note's id: of those that are known against the pattern. */
  noteOffsets(makeId: string): ReadonlyMap<string, number> {
    const make = this.#tables.makes.find((m) => m.id === makeId);
    const patternId = make?.sources[0]?.patternId;
    const input = make && patternId !== undefined ? this.caseOf(make.personId, patternId) : undefined;
    if (!input || !make) return new Map();
    const others = this.#others(make.personId);
    return new Map(
      make.fitNotes.flatMap((note) => {
        const offset = offsetOf(caseAt(input, make, note.zone, others), make, note.zone, { note });
        return isTold(offset, note.zone) ? [[note.id, offset.x] as const] : [];
      }),
    );
  }

  /** Makes side by side, of one pattern or of many. */
  comparison(ids: readonly string[]): Comparison {
    const { compared, zones } = compareMakes(ids, this.#tables);
    return { compared: compared.map((c) => ({ makeId: c.make.id, zones: c.zones })), zones };
  }

  /** The ease of a person's garments at every girth that any of them speaks of. */
  ease(personId: string): EaseAt[] {
    const cases = this.cases(personId);
    return girthsOf(cases).map((zone) => {
      const found = easeByClass(cases, zone);
      return {
        zone,
        classes: FIT_CLASSES.flatMap((fitClass) => {
          const dots = found.get(fitClass)?.map(({ make, ease, liking }) => ({ makeId: make.id, ease, liking }));
          return dots ? [{ fitClass, dots }] : [];
        }),
      };
    });
  }

  /**
   * The garments that hang, each held against those of its own wearer.
   *
   * @param personId whose; everybody's where it is undefined
   */
  wardrobe(personId: string | undefined, hemisphere: Hemisphere, today: IsoDate): HangingFacts[] {
    const { makes, wears, patterns, fabrics } = this.#tables;
    const byWearer = new Map<string, Make[]>();
    for (const make of makes) if (personId === undefined || make.personId === personId) addToGroup(byWearer, make.personId, make);
    return [...byWearer.values()].flatMap((own) =>
      wardrobe(own, wears, patterns, fabrics, hemisphere, today).map(({ make, ...facts }) => ({ ...facts, makeId: make.id })),
    );
  }

  /** The garments of everybody of which is to be said again how they are liked, those worn most first. */
  verdictsDue(hemisphere: Hemisphere, today: IsoDate): DueFacts[] {
    const { makes, wears, fabrics } = this.#tables;
    return verdictsDue(makes, wears, fabrics, hemisphere, today).map(({ make, ...facts }) => ({ ...facts, makeId: make.id }));
  }
}

/** What can be asked of the engine. */
export type Question = Exclude<keyof EngineSession, 'learn' | 'cases' | 'memory' | 'caseOf' | 'everyCase' | 'decision'>;
