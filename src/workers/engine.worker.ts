import { expose } from 'comlink';
import { EngineSession, type Question } from '../core/engine/session';
import type { News } from '../core/engine/tables';

const session = new EngineSession();

/** The core behind a worker; nothing but wiring. */
const engine = {
  /** @param text `News` as JSON: a browser writes and reads the text of many records faster than it copies them from one thread to another */
  learn: (text: string) => {
    const news: News = JSON.parse(text);
    session.learn(news);
  },
  ask: <Q extends Question>(question: Q, args: Parameters<EngineSession[Q]>): ReturnType<EngineSession[Q]> =>
    // The question and what goes with it are of one kind: the parameters say so, and a lookup loses it.
    (session[question] as (...of: Parameters<EngineSession[Q]>) => ReturnType<EngineSession[Q]>)(...args),
};
export type Engine = typeof engine;

expose(engine);
