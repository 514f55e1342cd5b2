import { makeName } from '../../make/make-name';
import { format, parseISO } from 'date-fns';
import type { IsoDate } from '../../units/date';
import { firstOf } from '../../units/item-at';
import { blankFabric, TABLES, type Fabric, type Ledger, type Make, type Pattern, type Person, type Wear } from '../../records';
import { structureNamed } from '../../records/garment-named';
import { CannotTake } from './cells';
import type { TakingInto } from './row';

/** A name as a sewist tells it from others. */
const plainName = (name: string) => name.trim().toLowerCase();

/** Whether two names are one to a sewist. */
export const sameName = (a: string, b: string) => plainName(a) === plainName(b);

type Taken = 'people' | 'patterns' | 'fabrics' | 'makes' | 'wears' | 'bodies';

/** What is in the ledger, with what the rows before have added to it: each record under all that it is asked for by. */
export class Taking {
  readonly into: TakingInto;
  readonly added: { table: Taken; record: Ledger[Taken][number] }[] = [];
  readonly #under = new Map<string, Ledger[Taken][number][]>();

  constructor(into: TakingInto) {
    this.into = into;
    // Makes are called by their patterns, which therefore go before.
    for (const table of ['people', 'patterns', 'fabrics', 'makes', 'wears', 'bodies'] as const)
      for (const record of into.tables[table]) this.#put(table, record);
  }

  /** Under which words a record of each table is found again. */
  readonly #wordsFor: { readonly [T in Taken]: (record: Ledger[T][number]) => readonly string[] } = {
    people: ({ name }) => ['somebody', `person ${plainName(name)}`],
    patterns: ({ id, name }) => [`pattern ${id}`, `pattern called ${plainName(name)}`],
    fabrics: ({ name }) => [`fabric ${plainName(name)}`],
    makes: (make) => {
      const names = new Set([this.called(make), make.name ?? ''].map(plainName));
      return [`makes of ${make.sources[0]?.patternId}`, ...[...names].map((name) => `make ${name}`)];
    },
    wears: ({ date }) => [`worn ${date}`],
    bodies: ({ personId, date }) => [`body ${personId} ${date}`],
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
