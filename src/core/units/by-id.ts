import { memoize } from './memoize';

export interface Identified {
  readonly id: string;
}

const mapOf = memoize((records: readonly Identified[]): ReadonlyMap<string, Identified> => new Map(records.map((record) => [record.id, record])));

/**
 * The records of a table by their ids; the map is made once for each state of the table.
 *
 * @example byId(patterns).get('kelpie')?.name // 'Kelpie trousers'
 */
export const byId = <T extends Identified>(records: readonly T[]): ReadonlyMap<string, T> => mapOf(records) as ReadonlyMap<string, T>; // holds what the list holds

/**
 * The record of a table with an id; undefined where there is none of it, or no id to look for.
 *
 * @example withId(patterns, make.sources[0]?.patternId)?.name
 */
export const withId = <T extends Identified>(records: readonly T[], id: string | null | undefined): T | undefined =>
  id === undefined || id === null ? undefined : byId(records).get(id);
