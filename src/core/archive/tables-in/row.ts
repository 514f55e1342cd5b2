import { isAfter, readDay, type DayOrder } from '../../units/day-as-written';
import type { IsoDate } from '../../units/date';
import { parseLength, type LengthUnit } from '../../units/length';
import { parseMoney } from '../../units/money';
import type { z } from 'zod';
import { middleOf } from '../../make/known-to';
import { askedFields, choicesOf, fieldProblem, type Fabric, type FieldMeta, type KnownTo, type Shapes } from '../../records';
import type { SheetName, TablesOf } from '../tables-out';
import { CannotTake, choiceNamed, readPercent, readWhole, readYes } from './cells';
import { isBareNumber, type ColumnGuess } from './columns';

/** How a table is to be read. */
export interface TableReading {
  readonly sheet: SheetName;
  readonly columns: readonly ColumnGuess[];
  readonly order: DayOrder;
}

/** What the ledger knows, and what is usual where a table says nothing. */
export interface TakingInto {
  readonly tables: TablesOf;
  /** Whom garments and measures are of where no column says it. */
  readonly personId: string | undefined;
  /** Who that is where there is nobody in the ledger yet. */
  readonly personName?: string;
  readonly unit: LengthUnit;
  readonly currency: string;
  readonly today: IsoDate;
  readonly newId: () => string;
}

/** A month or a day without its year, with the year of a column of its own: "March", "3", "12 May". */
function withYear(said: string, year: string): string {
  if (/^(?:0?[1-9]|1[0-2])$/.test(said)) return `${year}-${said.padStart(2, '0')}`;
  return /^[a-z]{3,9}\.?$|^\d{1,2}(?:st|nd|rd|th)?\.? [a-z]{3,9}\.?$|^[a-z]{3,9}\.? \d{1,2}(?:st|nd|rd|th)?$/i.test(said) ? `${said} ${year}` : said;
}

/** The cells of one row by what they are. */
export class Row {
  readonly #cells: ReadonlyMap<string, { readonly text: string; readonly unit: ColumnGuess['unit']; readonly head: string }>;
  readonly #order: DayOrder;
  readonly #into: TakingInto;

  constructor(cells: readonly string[], heads: readonly string[], { columns, order }: TableReading, into: TakingInto) {
    this.#cells = new Map(
      columns.flatMap(({ field, unit }, i) => {
        const text = cells[i] ?? '';
        return field === undefined || text === '' ? [] : [[field, { text, unit, head: heads[i] ?? '' }] as const];
      }),
    );
    this.#order = order;
    this.#into = into;
  }

  text(key: string): string | undefined {
    return this.#cells.get(key)?.text;
  }

  /** The heading over a field's column. */
  head(key: string): string {
    return this.#cells.get(key)?.head ?? '';
  }

  /** What a cell says, read; a cell that cannot be read refuses the row, with the name of its column. */
  read<T>(key: string, how: (text: string) => T): T | undefined {
    const cell = this.#cells.get(key);
    if (!cell) return undefined;
    try {
      return how(cell.text);
    } catch (error) {
      throw error instanceof CannotTake ? new CannotTake(`${cell.head}: ${error.message}`) : error;
    }
  }

  day(key: string): IsoDate | undefined {
    return this.read(key, (text) => this.#day(text).date);
  }

  /** A day that has been. */
  past(key: string): IsoDate | undefined {
    return this.read(key, (text) => this.#past(text).date);
  }

  /**
   * A day that has been, or a month or a year that has begun where no more is said.
   *
   * @param yearKey of the column in which its year stands, where the day is without one
   */
  pastAsKnown(key: string, yearKey?: string): { readonly date: IsoDate; readonly knownTo?: KnownTo } | undefined {
    const year = yearKey === undefined ? undefined : this.text(yearKey)?.trim();
    const from = this.#cells.has(key) ? key : (yearKey ?? key);
    return this.read(from, (cell) => {
      const said = year !== undefined && from === key ? withYear(cell.trim(), year) : cell.trim();
      const isYear = /^(?:19|20)\d\d$/.test(said);
      const { date, isMonth } = this.#past(isYear ? `${said}-01-01` : said, said);
      const knownTo = isYear ? 'year' : isMonth ? 'month' : undefined;
      return knownTo ? { date: middleOf(knownTo, date, this.#into.today), knownTo } : { date };
    });
  }

  #day(text: string) {
    const read = readDay(text, this.#order);
    if (!read.ok) throw new CannotTake(read.problem);
    return read;
  }

  /** A day that has been; said otherwise, it is refused as that. */
  #past(text: string, said = text) {
    const read = this.#day(text);
    if (isAfter(read.date, this.#into.today)) throw new CannotTake(`“${said}” is still to come`);
    return read;
  }

  length(key: string): number | undefined {
    return this.read(key, (text) => this.#length(text, this.#cells.get(key)!.unit));
  }

  #length(text: string, unit: ColumnGuess['unit']): number {
    const read = parseLength(isBareNumber(text) && (unit === 'm' || unit === 'yd') ? `${text} ${unit}` : text, unit === 'in' ? 'in' : 'cm');
    if (!read.ok) throw new CannotTake(read.problem);
    if (read.cm <= 0 || read.cm > 200_000) throw new CannotTake(`“${text}” is no length that a thing can have`);
    return Math.round(read.cm * 1e4) / 1e4;
  }

  /** Pieces in the stash: "2 1/4 yds", "150 × 140; 30 × 140". */
  pieces(key: string, width: number | undefined): Fabric['pieces'] {
    return (
      this.read(key, (text) =>
        text.split(/;|\n/).map((part) => {
          const [length, across] = part.split(/\s*[×x]\s*(?=[\d.,]+)/).map((side) => this.#length(side.trim(), this.#cells.get(key)!.unit));
          const wide = across ?? width;
          return { length: length!, ...(wide === undefined ? {} : { width: wide }) };
        }),
      ) ?? []
    );
  }

  money(key: string): Fabric['pricePerMetre'] {
    return this.read(key, (text) => {
      const read = parseMoney(text, this.#into.currency);
      if (!read.ok) throw new CannotTake(read.problem.replace(/\.$/, ''));
      return read.money;
    });
  }

  /**
   * What the row says of the fields that have columns of their own, each read as it is asked for and checked as its record would.
   *
   * @param shapes such as `Fabric.shape`
   */
  fields<S extends Shapes>(shapes: S): { [K in keyof S]?: z.infer<S[K]> } {
    const found: Record<string, unknown> = {};
    for (const { name, shape, meta } of askedFields(shapes, ({ sheet }) => sheet !== undefined)) {
      const value = this.#field(name, meta, choicesOf(shape));
      if (value === undefined) continue;
      const problem = fieldProblem(shape, value);
      if (problem !== undefined) throw new CannotTake(`${this.head(name)}: ${problem.replace(/\.$/, '')}`);
      found[name] = value;
    }
    return found as { [K in keyof S]?: z.infer<S[K]> };
  }

  #field(name: string, { ask }: FieldMeta, choices: readonly string[]): unknown {
    if (ask === 'date') return this.day(name);
    if (ask === 'length' || ask === 'fabric length') return this.length(name);
    if (ask === 'yes') return this.read(name, readYes);
    if (ask === 'money') return this.money(name);
    if (ask === 'percent') return this.read(name, readPercent);
    if (ask === 'whole') return this.read(name, (text) => readWhole(text.replace(/\s*(\/|of|out of)\s*\d+$/i, ''), 100_000));
    if (ask !== 'choice') return this.text(name);
    return this.read(name, (text) => {
      const chosen = choiceNamed(text, choices);
      if (chosen === undefined) throw new CannotTake(`“${text}” is none of ${choices.join(', ')}`);
      return chosen;
    });
  }

  /** Whether the column of a field speaks of yards. */
  byTheYard(key: string): boolean {
    return /\b(yds?|yards?)\b/i.test(this.head(key));
  }
}
