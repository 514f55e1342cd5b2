import type { CaseTables } from '../garment/case';
import type { Person, Wear } from '../records';
import type { Identified } from '../units/by-id';
import { itemAt } from '../units/item-at';

/** The tables that the engine answers from. */
export interface EngineTables extends CaseTables {
  readonly people: readonly Person[];
  readonly wears: readonly Wear[];
}

type Table = keyof EngineTables;
type RecordOf<T extends Table> = EngineTables[T][number];

/** What changed in one table since it was last told. */
interface TableNews<T extends Table> {
  /** Records that it has, as they are now. */
  readonly changed: readonly RecordOf<T>[];
  /** Records that it has not. */
  readonly added: readonly RecordOf<T>[];
  readonly gone: readonly string[];
}

/** What changed in the tables since they were last told; a table that is not named is as it was. */
export type News = { readonly [T in Table]?: TableNews<T> };

/** The records that were told of, table by table: of each no more need be known than which it is. */
export type Told = { readonly [T in Table]?: readonly Identified[] };

export const NO_TABLES: EngineTables = { patterns: [], makes: [], bodies: [], fabrics: [], people: [], wears: [] };

function newsOf<T extends Table>(was: readonly Identified[], is: readonly RecordOf<T>[]): TableNews<T> {
  const changed: RecordOf<T>[] = [];
  const added: RecordOf<T>[] = [];
  // Most of a table stands where it stood: only from where it does not is anything looked up.
  let same = 0;
  for (; same < is.length && was[same]?.id === itemAt(is, same).id; same++) if (was[same] !== is[same]) changed.push(itemAt(is, same));
  const old = new Map(was.slice(same).map((r) => [r.id, r]));
  for (const record of is.slice(same)) {
    const before = old.get(record.id);
    if (!before) added.push(record);
    else if (before !== record) changed.push(record);
    old.delete(record.id);
  }
  return { changed, added, gone: [...old.keys()] };
}

/**
 * What is new in the tables: records that are not the very same objects, and ids that are no longer there.
 *
 * @param before the tables as they were last told; a table that was never told was empty
 * @param now the tables as they are; those that are left out are not asked about
 * @returns only the tables in which anything changed
 */
export function newsBetween(before: Told, now: Partial<EngineTables>): News {
  const of = <T extends Table>(table: T): { readonly [K in T]?: TableNews<K> } => {
    const is = now[table];
    const was = before[table] ?? [];
    if (is === undefined || is === was) return {};
    const news = newsOf<T>(was, is);
    return news.changed.length + news.added.length + news.gone.length > 0 ? ({ [table]: news } as { [K in T]: TableNews<K> }) : {};
  };
  return { ...of('patterns'), ...of('makes'), ...of('bodies'), ...of('fabrics'), ...of('people'), ...of('wears') };
}

/**
 * News of records that the engine has not, written as JSON, out of a JSON list of them: nobody need read the list to tell it.
 *
 * @example newsOfText('wears', '[{"id":"w"}]') // the text of { wears: { changed: [], added: [{ id: 'w' }], gone: [] } }
 */
export const newsOfText = (table: Table, records: string): string => `{"${table}":{"changed":[],"added":${records},"gone":[]}}`;

/** So many records of each table. */
export type Many = { readonly [T in Table]: number };

/**
 * The same news in parts of so many records at most, to be told one after the other: what is told at once is written at once, and
 * whoever tells does nothing else meanwhile.
 *
 * @example inParts({ wears: { changed: [a], added: [b, c], gone: ['d'] } }, { …, wears: 2 }) // a changed, b added, d gone; then c added
 */
export function inParts(news: News, most: Many): News[] {
  const of = <T extends Table>(table: T): News[] => {
    const told: TableNews<T> | undefined = news[table];
    if (!told) return [];
    const { changed, added, gone } = told;
    const count = Math.max(1, Math.ceil((changed.length + added.length) / most[table]));
    return Array.from({ length: count }, (_, i): News => {
      const [from, to] = [i * most[table], (i + 1) * most[table]];
      const ofAdded = added.slice(Math.max(0, from - changed.length), Math.max(0, to - changed.length));
      return { [table]: { changed: changed.slice(from, to), added: ofAdded, gone: i === 0 ? gone : [] } };
    });
  };
  return [...of('patterns'), ...of('makes'), ...of('bodies'), ...of('fabrics'), ...of('people'), ...of('wears')];
}

/** A table after news of it: what changed stands where it stood, what is new comes after. */
function tableAfter<T extends Table>(table: readonly RecordOf<T>[], news: TableNews<T> | undefined): readonly RecordOf<T>[] {
  if (!news) return table;
  const { changed, added, gone } = news;
  // Told for the first time it is told in many parts: those before are not gone through for each.
  if (changed.length + gone.length === 0) return table.concat(added);
  const anew = new Map(changed.map((r) => [r.id, r]));
  const left = new Set(gone);
  return table.flatMap((record) => (left.has(record.id) ? [] : [anew.get(record.id) ?? record])).concat(added);
}

/** The tables after news of them; a table of which there is none stays the very same. */
export function tablesAfter(tables: EngineTables, news: News): EngineTables {
  return {
    patterns: tableAfter<'patterns'>(tables.patterns, news.patterns),
    makes: tableAfter<'makes'>(tables.makes, news.makes),
    bodies: tableAfter<'bodies'>(tables.bodies, news.bodies),
    fabrics: tableAfter<'fabrics'>(tables.fabrics, news.fabrics),
    people: tableAfter<'people'>(tables.people, news.people),
    wears: tableAfter<'wears'>(tables.wears, news.wears),
  };
}
