import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { EngineSession, Question } from '../core/engine/session';
import type { EngineTables } from '../core/engine/tables';
import { askEngine, tellEngine } from './engine';
import type { EngineError } from './engine-error';

const names = new WeakMap<object, number>();
let given = 0;

/**
 * A name that stands for a table's content: a table is read anew when it changes and at no other time, and writing it out as a key would
 * cost more than the reckoning.
 */
function nameOf(table: object): number {
  const name = names.get(table) ?? ++given;
  names.set(table, name);
  return name;
}

/** What a question is about: its ids, and the ids of the records in it. Answers of other ids are answers to something else. */
const idsOf = (args: readonly unknown[]) =>
  args.map((arg) => (typeof arg === 'object' && arg !== null && 'id' in arg ? arg.id : typeof arg === 'object' ? '' : arg)).join(' ');

/** What the engine says so far. */
export type Asked<Answer> =
  /** Nothing yet. */
  | { readonly status: 'waiting'; readonly answer: undefined }
  /** What it said of the very same pattern before something changed: it may be looked at, and nothing is to be done by it. */
  | { readonly status: 'renewing'; readonly answer: Answer }
  | { readonly status: 'ready'; readonly answer: Answer }
  /** Only where the caller goes on without it. */
  | { readonly status: 'failed'; readonly answer: undefined; readonly error: EngineError; readonly again: () => void };

interface AskOptions {
  /** What is asked is of no use on its page, where the engine fails: the page goes on without it. Else its boundary says so. */
  readonly tolerant?: boolean;
}

/**
 * Asks the engine, and again whenever what it answers from changes.
 *
 * @param tables undefined while they are being read
 * @param args undefined while it is not known what is to be asked
 * @returns the answer, or the one before while a new one is worked out, and then only of the same ids
 * @throws EngineError to the nearest boundary
 */
export function useEngine<Q extends Question>(
  question: Q,
  tables: Partial<EngineTables> | undefined,
  args: Parameters<EngineSession[Q]> | undefined,
  { tolerant = false }: AskOptions = {},
): Asked<Awaited<ReturnType<EngineSession[Q]>>> {
  type Answer = Awaited<ReturnType<EngineSession[Q]>>;
  const key = [question, args, tables && Object.entries(tables).map(([name, table]) => `${name} ${nameOf(table)}`)] as const;
  const { data, isPlaceholderData, error, refetch } = useQuery<{ readonly of: Answer }, EngineError>({
    queryKey: ['engine', ...key],
    // An answer may be that there is none, which a query could not keep.
    queryFn: async () => ({ of: await askEngine(tables!, question, args!) }),
    enabled: tables !== undefined && args !== undefined,
    throwOnError: !tolerant,
    placeholderData: (before, query) => {
      const asked = query?.queryKey as readonly ['engine', ...typeof key] | undefined;
      return asked && args && asked[1] === question && asked[2] && idsOf(asked[2]) === idsOf(args) ? before : undefined;
    },
  });
  if (error) return { status: 'failed', answer: undefined, error, again: () => void refetch() };
  if (!data) return { status: 'waiting', answer: undefined };
  return { status: isPlaceholderData ? 'renewing' : 'ready', answer: data.of };
}

/** Tells the engine what a part of the page will ask it of, while that part still waits for the rest of what it needs. */
export function useToldEngine(tables: Partial<EngineTables>): void {
  useEffect(() => tellEngine(tables), [tables]);
}
