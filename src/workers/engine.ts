import { wrap, type Remote } from 'comlink';
import type { EngineSession, Question } from '../core/engine/session';
import { inParts, newsBetween, newsOfText, type EngineTables, type Many, type Told } from '../core/engine/tables';
import type { Identified } from '../core/units/by-id';
import type { Engine } from './engine.worker';
import { EngineError, watched, type Watched } from './engine-error';

/** A worker that runs, with what it knows; after one at fault the next question starts another. */
interface Running extends Watched {
  readonly remote: Remote<Engine>;
  known: Told;
  /** Whose turn it is to speak to the worker: what one question teaches and asks is sent before the next begins. */
  turn: Promise<void>;
}

function start(): Running {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' });
  const letGo = () => {
    if (running === started) running = undefined;
  };
  const started: Running = { remote: wrap<Engine>(worker), ...watched(worker, letGo), known: {}, turn: Promise.resolve() };
  return started;
}

/** Started when a page comes that asks it, while the tables are still being read; one that broke is started anew by the next question. */
let running: Running | undefined = start();

/** Records that are told at once: to write their text takes a few milliseconds, so that no frame waits for a whole ledger. A wear is soon written. */
const AT_ONCE: Many = { patterns: 1000, makes: 1000, bodies: 1000, fabrics: 1000, people: 1000, wears: 10_000 };

const nextTask = () => new Promise<void>((done) => setTimeout(done, 0));

/** What the engine does not know yet of some tables, as JSON of `News` in parts, each written when it is sent. */
const newIn =
  (tables: Partial<EngineTables>) =>
  (known: Told): readonly (() => string)[] =>
    inParts(newsBetween(known, tables), AT_ONCE).map((part) => () => JSON.stringify(part));

/**
 * Tells the engine what is new in some tables, and then asks it. Questions have their turns: messages of two must not overtake each other.
 *
 * @param tables which it knows from then on
 * @param news what it is told for that, by what it knows
 * @throws EngineError where it fails, or its worker does
 */
async function teach<Answer>(
  tables: Told,
  news: (known: Told) => readonly (() => string)[],
  ask: (remote: Remote<Engine>) => Promise<Answer>,
): Promise<Answer> {
  const asked = (running ??= start());
  const { remote, broken, known, turn } = asked;
  // Told nothing new it goes on with what it has; every learning lets go of what was worked out.
  const parts = news(known);
  asked.known = { ...known, ...tables };
  const sent = turn.then(async () => {
    const learned: Promise<void>[] = [];
    for (const part of parts) {
      if (learned.length > 0) await nextTask();
      learned.push(remote.learn(part()));
    }
    // Sent at once, not after the answer to what it learned, which would be a way there and back more.
    const answer = ask(remote);
    return { answer: Promise.all([answer, ...learned]).then(([found]) => found) };
  });
  asked.turn = sent.then(
    () => undefined,
    () => undefined,
  );
  try {
    return await Promise.race([sent.then(({ answer }) => answer), broken]);
  } catch (error) {
    const failed = EngineError.of(error);
    // It may not have learned what it was told: what it would say next could be of other records.
    if (parts.length > 0) asked.stop(failed);
    throw failed;
  }
}

/** Lists that the engine was told of as texts and that the page has not read yet, each with who reads it. */
const unread = new WeakMap<readonly Identified[], () => Promise<unknown>>();

/** Made by itself: beside the texts it would hold on to them for as long as the list is there. */
const readingOf = (records: readonly Identified[], read: () => Promise<unknown>) => () => read().then(() => unread.delete(records));

/** What must be read to know what is new in some tables: of the very list that the engine knows nothing is. */
const toCompare = (tables: Partial<EngineTables>) =>
  (Object.keys(tables) as (keyof EngineTables)[]).flatMap((table) => {
    const known = running?.known[table];
    const lists = known === tables[table] ? [] : [known, tables[table]];
    return lists.flatMap((list) => (list && unread.get(list)) ?? []);
  });

/** Tells the engine what is new in some tables, and asks it, once what must be compared for that is read. */
async function teachWhatIs<Answer>(tables: Partial<EngineTables>, ask: (remote: Remote<Engine>) => Promise<Answer>): Promise<Answer> {
  // Looked at anew after each reading: meanwhile the worker could have broken, and another knows nothing.
  for (let reads = toCompare(tables); reads.length > 0; reads = toCompare(tables))
    await Promise.all(reads.map((read) => read())).catch((error: unknown) => {
      throw EngineError.of(error);
    });
  return teach(tables, newIn(tables), ask);
}

/**
 * Asks the engine, off the main thread, after telling it what changed in the tables.
 *
 * @throws EngineError where it fails, or its worker does
 */
export const askEngine = <Q extends Question>(
  tables: Partial<EngineTables>,
  question: Q,
  args: Parameters<EngineSession[Q]>,
): Promise<Awaited<ReturnType<EngineSession[Q]>>> =>
  teachWhatIs(tables, (remote) => remote.ask(question, args) as Promise<Awaited<ReturnType<EngineSession[Q]>>>);

const nothing = () => Promise.resolve();

/** Tells the engine what it will soon be asked of. Where that fails, whoever asks then is told. */
export const tellEngine = (tables: Partial<EngineTables>): void => void teachWhatIs(tables, nothing).catch(() => undefined);

/**
 * Tells the engine a table in the words in which it is kept, before the page reads the same: neither waits for the other, and nothing
 * is written anew. Of a table that it knows it is told what is new when it is asked.
 *
 * @param opened what the page reads the texts into; whoever asks later gives its very list, read or not
 * @param texts JSON lists of the records
 */
export function tellText(
  table: keyof EngineTables,
  { records, read }: { readonly records: readonly Identified[]; readonly read: () => Promise<unknown> },
  texts: readonly string[],
): void {
  if (running?.known[table]) return;
  unread.set(records, readingOf(records, read));
  const written = texts.map((text) => () => newsOfText(table, text));
  void teach({ [table]: records }, () => written, nothing).catch(() => undefined);
}
