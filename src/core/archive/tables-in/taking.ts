import { makeName } from '../../make/make-name';
import { format, parseISO } from 'date-fns';
import type { IsoDate } from '../../units/date';
import { firstOf } from '../../units/item-at';
import { firstView } from '../../make/versions';
import {
  blankCollection,
  blankFabric,
  TABLES,
  type Collection,
  type Fabric,
  type Ledger,
  type Make,
  type PartSource,
  type Pattern,
  type Person,
  type SewnSet,
  type Wear,
} from '../../records';
import { patternNamed, structureNamed } from '../../records/garment-named';
import { partsOfCell, readPartCell } from '../many-in-a-cell';
import { CannotTake } from './cells';
import type { TakingInto } from './row';

/** A name as a sewist tells it from others. */
const plainName = (name: string) => name.trim().toLowerCase();

/** Whether two names are one to a sewist. */
export const sameName = (a: string, b: string) => plainName(a) === plainName(b);

const TAKEN = ['people', 'patterns', 'fabrics', 'makes', 'wears', 'bodies', 'sets', 'collections'] as const;
type Taken = (typeof TAKEN)[number];

/** What is in the ledger, with what the rows before have added to it: each record under all that it is asked for by. */
export class Taking {
  readonly into: TakingInto;
  readonly added: { table: Taken; record: Ledger[Taken][number] }[] = [];
  readonly #under = new Map<string, Ledger[Taken][number][]>();

  constructor(into: TakingInto) {
    this.into = into;
    // Makes are called by their patterns, which therefore go before.
    for (const table of TAKEN) for (const record of into.tables[table] ?? []) this.#put(table, record);
  }

  /** Under which words a record of each table is found again. */
  readonly #wordsFor: { readonly [T in Taken]: (record: Ledger[T][number]) => readonly string[] } = {
    people: ({ name }) => ['somebody', `person ${plainName(name)}`],
    patterns: ({ id, name }) => ['every pattern', `pattern ${id}`, `pattern called ${plainName(name)}`],
    fabrics: ({ id, name }) => [`fabric ${plainName(name)}`, `fabric of id ${id}`],
    makes: (make) => {
      const names = new Set([this.called(make), make.name ?? ''].map(plainName));
      return [`makes of ${make.sources[0]?.patternId}`, ...[...names].map((name) => `make ${name}`)];
    },
    wears: ({ date, makeIds }) => [`worn ${date}`, ...makeIds.map((id) => `wears of ${id}`)],
    bodies: ({ personId, date }) => [`body ${personId} ${date}`],
    sets: ({ name }) => [`set ${plainName(name)}`],
    collections: ({ name }) => [`collection ${plainName(name)}`],
  };

  #keysOf<T extends Taken>(table: T, record: Ledger[T][number]): readonly string[] {
    return this.#wordsFor[table](record);
  }

  #put(table: Taken, record: Ledger[Taken][number]): void {
    for (const key of this.#keysOf(table, record)) {
      const under = this.#under.get(key);
      if (under) under.push(record);
      else this.#under.set(key, [record]);
    }
  }

  #all<T extends Taken>(_: T, key: string): readonly Ledger[T][number][] {
    return this.#under.get(key) ?? [];
  }

  /** Takes a record in where it has its shape. */
  add<T extends Taken>(table: T, record: Ledger[T][number]): Ledger[T][number] {
    const parsed = TABLES[table].safeParse(record);
    if (!parsed.success) {
      const issue = firstOf(parsed.error.issues);
      throw new CannotTake(`${issue.path.map(String).join(', ')}: ${issue.message}`);
    }
    const checked = parsed.data as Ledger[T][number];
    this.#put(table, checked);
    this.added.push({ table, record: checked });
    return checked;
  }

  /** Lets go of what was added since there were so many: a row that could not be taken leaves nothing behind. */
  takeBack(to: number): void {
    // The last first: a make is called by its pattern.
    for (const { table, record } of this.added.splice(to).reverse())
      for (const key of this.#keysOf(table, record)) {
        const under = this.#under.get(key)!;
        under.splice(under.indexOf(record), 1);
      }
  }

  /** The person of a name, and a new one where nobody has it; without a name, the one we speak of. */
  person(name: string | undefined): Person {
    const { personId, personName = '' } = this.into;
    const people = this.#all('people', 'somebody');
    const spokenOf = name === undefined ? (people.find((p) => p.id === personId) ?? people[0]) : undefined;
    if (spokenOf) return spokenOf;
    const called = (name ?? personName).trim();
    if (called === '') throw new CannotTake('the table names nobody, and nobody is in the ledger yet: write above whom these are for');
    return this.#all('people', `person ${plainName(called)}`)[0] ?? this.add('people', { id: this.into.newId(), name: called, child: false });
  }

  patternsCalled(name: string): readonly Pattern[] {
    return this.#all('patterns', `pattern called ${plainName(name)}`);
  }

  fabricCalled(name: string): Fabric | undefined {
    return this.#all('fabrics', `fabric ${plainName(name)}`)[0];
  }

  /** The fabric of a name, and a new one where there is none. */
  fabric(name: string): Fabric {
    return this.fabricCalled(name) ?? this.add('fabrics', blankFabric(this.into.newId(), name, structureNamed(name) ?? 'woven'));
  }

  /** The set of a name, and a new one where there is none. */
  set(name: string): SewnSet {
    return this.#all('sets', `set ${plainName(name)}`)[0] ?? this.add('sets', { id: this.into.newId(), name });
  }

  /** The book, issue or membership of a name, and a new one where there is none. */
  collection(name: string): Collection {
    return this.#all('collections', `collection ${plainName(name)}`)[0] ?? this.add('collections', blankCollection(this.into.newId(), name));
  }

  /** Every pattern as it stands now, with those that came with the rows before. */
  patterns(): readonly Pattern[] {
    return [...this.#all('patterns', 'every pattern')];
  }

  fabricOf(id: string | undefined): Fabric | undefined {
    return this.#all('fabrics', `fabric of id ${id}`)[0];
  }

  /**
   * The pattern that a part is of, with its view, by a name such as `Slackwater dress, B, with sleeves`; a pattern that is not there comes
   * with it.
   */
  part(called: string): Pick<PartSource, 'patternId' | 'viewId'> {
    const commas = [called.length, ...[...called.matchAll(/, /g)].map((m) => m.index).reverse()];
    for (const at of commas) {
      const [pattern] = this.patternsCalled(called.slice(0, at));
      const view = called.slice(at + 2).trim();
      if (pattern) return { patternId: pattern.id, viewId: (pattern.views.find((v) => sameName(v.name, view)) ?? firstView(pattern)).id };
    }
    const { newId } = this.into;
    const pattern = this.add('patterns', patternNamed(called, { id: newId(), viewId: newId() }, this.into.today));
    return { patternId: pattern.id, viewId: firstView(pattern).id };
  }

  /** Parts that come from other patterns or views, as one cell tells them. */
  partsOf(cell: string): PartSource[] {
    return partsOfCell(cell).map((text) => {
      const { called, ...brings } = readPartCell(text, (name) => this.patternsCalled(name.split(', ')[0] ?? name).length > 0);
      return { ...this.part(called), ...brings };
    });
  }

  /** Makes of a pattern, or those of none. */
  makesOf(patternId: string | undefined): readonly Make[] {
    return this.#all('makes', `makes of ${patternId}`);
  }

  makesCalled(name: string): readonly Make[] {
    return this.#all('makes', `make ${plainName(name)}`);
  }

  /** What a make is called. */
  called(make: Make): string {
    return makeName(make, this.#all('patterns', `pattern ${make.sources[0]?.patternId}`));
  }

  wearsOn(date: IsoDate): readonly Wear[] {
    return this.#all('wears', `worn ${date}`);
  }

  /** How often a make was worn in a time that holds a day, where that is only an estimate: a mere count, with nothing said of any wear. */
  estimatedFor(makeId: string, day: IsoDate): number {
    const held = (w: Wear) => w.until !== undefined && w.date <= day && day <= w.until;
    const mere = (w: Wear) => w.count > 1 && w.occasion === undefined && w.comfort === undefined && w.remark === undefined;
    return this.#all('wears', `wears of ${makeId}`).reduce((sum, w) => (held(w) && mere(w) ? sum + w.count : sum), 0);
  }

  isMeasured(personId: string, date: IsoDate): boolean {
    return this.#all('bodies', `body ${personId} ${date}`).length > 0;
  }
}

/** The answer for a row that the ledger holds already. */
export const THERE = Symbol('there already');

/** A day as it is shown, so that a day and a month that changed places are seen. */
export const dayWords = (date: IsoDate) => format(parseISO(date), 'd MMM yyyy');

/** What a row was understood as, in one line. */
export const joined = (...parts: readonly (string | false | 0 | undefined)[]) => parts.filter(Boolean).join(' · ');
