import { viewOf } from '../make/versions';
import type { ZoneId } from '../body/zones';
import type { Make, Person } from '../records';
import { caseOf, casesFor, type CaseTables, type PatternCase } from '../garment/case';
import { carryForward, type CarryForward } from '../forecast/carry-forward';
import type { PlannedCut } from '../forecast/next-cut';
import { plannedZones, type PlannedZone } from '../forecast/planned-chance';
import { Recollection } from '../forecast/recollection';
import { sizesFor, type Sizes } from '../forecast/sizes';
import { summaryOf, type PatternSummary } from '../forecast/summary';
import { whyAt, type Why } from '../forecast/why';

type Table = keyof CaseTables;
type RecordOf<T extends Table> = CaseTables[T][number];

/** What changed in the tables since they were last told. */
export type News = { readonly [T in Table]: { readonly put: readonly RecordOf<T>[]; readonly gone: readonly string[] } };

/** What is new in the tables: records that are not the very same objects, and ids that are no longer there. */
export function newsBetween(before: CaseTables | undefined, now: CaseTables): News {
  const of = <T extends Table>(table: T) => {
    if (before?.[table] === now[table]) return { put: [], gone: [] };
    const was: readonly RecordOf<T>[] = before?.[table] ?? [];
    const is: readonly RecordOf<T>[] = now[table];
    const put: RecordOf<T>[] = [];
    // Most of a table stands where it stood: only from where it does not is anything looked up.
    let same = 0;
    for (; same < is.length && was[same]?.id === is[same]!.id; same++) if (was[same] !== is[same]) put.push(is[same]!);
    const old = new Map(was.slice(same).map((r) => [r.id, r]));
    for (const record of is.slice(same)) {
      if (old.get(record.id) !== record) put.push(record);
      old.delete(record.id);
    }
    return { put, gone: [...old.keys()] };
  };
  return { patterns: of('patterns'), makes: of('makes'), bodies: of('bodies'), fabrics: of('fabrics') };
}

/** What an account shows of a pattern: the next cut, and why. */
export interface Account extends CarryForward {
  readonly why: Partial<Record<ZoneId, Why>>;
}

/** A person's patterns that were made. */
interface Cases {
  /** The tables they were made from. */
  readonly of: CaseTables;
  readonly all: readonly PatternCase[];
  readonly byPattern: ReadonlyMap<string, PatternCase>;
}

function isSameCase(a: PatternCase, b: PatternCase): boolean {
  const same = <T>(one: readonly T[], other: readonly T[]) => one.length === other.length && one.every((record, i) => record === other[i]);
  return a.pattern === b.pattern && a.fabrics === b.fabrics && same(a.makes, b.makes) && same(a.bodies, b.bodies);
}

/**
 * The tables that fit is reckoned from, kept between questions: after one new note only what it touches is reckoned again
 * (engine.md, Speed). It is told what changed and never the whole twice.
 */
export class FitLedger {
  #tables: CaseTables = { patterns: [], makes: [], bodies: [], fabrics: [] };
  /** By person: of the tables as they stand, or as they stood when it was last asked. */
  readonly #cases = new Map<string, Cases>();
  /** The last recollection of each person; it stays when the tables change, for what did not. */
  readonly #memories = new Map<string, { readonly cases: Cases; readonly memory: Recollection }>();

  learn(news: News): void {
    const after = <T extends Table>(table: T): readonly RecordOf<T>[] => {
      const { put, gone } = news[table];
      if (put.length === 0 && gone.length === 0) return this.#tables[table];
      if (this.#tables[table].length === 0) return put;
      const anew = new Map(put.map((r) => [r.id, r]));
      const left = new Set(gone);
      const records: RecordOf<T>[] = [];
      for (const record of this.#tables[table] as readonly RecordOf<T>[]) {
        if (!left.has(record.id)) records.push(anew.get(record.id) ?? record);
        anew.delete(record.id);
      }
      for (const [id, record] of anew) if (!left.has(id)) records.push(record);
      return records;
    };
    this.#tables = { patterns: after('patterns'), makes: after('makes'), bodies: after('bodies'), fabrics: after('fabrics') };
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
    const made = this.#casesOf(personId).byPattern.get(patternId);
    if (made) return made;
    const pattern = this.#tables.patterns.find((p) => p.id === patternId);
    return pattern && caseOf(pattern, personId, { ...this.#tables, makes: [] });
  }

  /** What to cut next of a pattern; undefined where nothing was cut yet. */
  account(personId: string, patternId: string, plan: PlannedCut): Account | undefined {
    const input = this.caseOf(personId, patternId);
    const memory = this.memory(personId);
    const carried = input && carryForward(input, plan, memory);
    return carried && { ...carried, why: Object.fromEntries(carried.zones.map(({ zone }) => [zone, whyAt(input, zone, memory)])) };
  }

  /** The chances of a cut as it is planned. */
  planned(make: Make, plan: PlannedCut): PlannedZone[] {
    const input = this.caseOf(make.personId, make.sources[0]!.patternId);
    return input ? plannedZones(input, make, plan, this.memory(make.personId)) : [];
  }

  /** The size of a pattern by the three sizing methods, for a person. */
  sizes(personId: string, patternId: string, plan: PlannedCut, by: Person['sizedBy']): Sizes | undefined {
    const input = this.caseOf(personId, patternId);
    const last = input?.makes.at(-1);
    const view = input && (last ? viewOf(input.pattern, last) : input.pattern.views[0]!);
    return input && sizesFor({ input, view: view!, plan, memory: this.memory(personId), all: this.cases(personId), by });
  }

  /** Every pattern as it stands for a person, made or not. */
  everyCase(personId: string): PatternCase[] {
    return this.#tables.patterns.map((p) => this.caseOf(personId, p.id)!);
  }

  /** Every pattern in a line, for the person; those sewn only for somebody else as they stand for them. */
  summaries(personId: string, plan: PlannedCut): PatternSummary[] {
    const sewnFor = new Map(this.#tables.makes.flatMap((m) => m.sources.map((s) => [s.patternId, m.personId] as const)));
    const own = this.#casesOf(personId).byPattern;
    return this.#tables.patterns.map((pattern) => {
      const whose = own.has(pattern.id) ? personId : (sewnFor.get(pattern.id) ?? personId);
      return summaryOf(this.caseOf(whose, pattern.id)!, plan, this.memory(whose));
    });
  }
}
