import { expose } from 'comlink';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake, sampleNote } from '../core/garment/sample-case';
import { EngineSession } from '../core/engine/session';
import type { EngineTables, News } from '../core/engine/tables';
import type { Engine } from './engine.worker';

/** What workers were told, each by itself, one after the other. */
const told: News[][] = [];
const ports: MessagePort[] = [];

/** A worker in this thread: the engine at the other end of a channel. */
class WorkerHere {
  constructor() {
    const session = new EngineSession();
    const heard: News[] = [];
    told.push(heard);
    const engine: Engine = {
      learn: (text) => {
        const news: News = JSON.parse(text);
        heard.push(news);
        session.learn(news);
      },
      ask: (question, args) => (session[question] as (...of: typeof args) => ReturnType<EngineSession[typeof question]>)(...args),
    };
    const { port1, port2 } = new MessageChannel();
    expose(engine, port2);
    ports.push(port1, port2);
    return Object.assign(port1, { terminate: () => port1.close() });
  }
}

const PLAN = { date: SAMPLE_BODY.date, unit: 'cm' as const };
const makes = [1, 2, 3].map((version) => sampleMake(version, { fitNotes: [sampleNote('bodice', -1)] }));
const others: Omit<EngineTables, 'makes' | 'wears'> = {
  patterns: [SAMPLE_PATTERN],
  bodies: [SAMPLE_BODY],
  fabrics: [sampleFabric('poplin')],
  people: [],
};
const texts = [makes.slice(0, 2), makes.slice(2)].map((some) => JSON.stringify(some));
/** A table that was opened, read when it is asked for. */
const opened = (of = makes) => {
  const records: typeof makes = [];
  const read = jest.fn(() => Promise.resolve(records.push(...of)));
  return { records, read };
};

/** The makes that the worker last started was told of, by their versions. */
const toldMakes = () => told.at(-1)?.flatMap(({ makes: news }) => [...(news?.changed ?? []), ...(news?.added ?? [])].map(({ version }) => version));

let engine: typeof import('./engine');
const account = (of: readonly (typeof makes)[number][]) =>
  engine.askEngine({ ...others, makes: of }, 'account', [SAMPLE_BODY.personId, SAMPLE_PATTERN.id, PLAN]);

beforeEach(async () => {
  Object.assign(globalThis, { Worker: WorkerHere });
  jest.resetModules();
  engine = await import('./engine');
});
afterEach(() => ports.splice(0).forEach((port) => port.close()));

test('a table told as its text, before a record of it was read, is not told again, and the answer is the same', async () => {
  const { records, read } = opened();
  engine.tellText('makes', { records, read }, texts);
  const answer = await account(records);
  expect(toldMakes()).toEqual([1, 2, 3]);
  // To be asked of, none of it need have been read. Of a record that changed since only that is told.
  expect(read).not.toHaveBeenCalled();
  await read();
  await account(records.map((make) => (make.version === 2 ? { ...make, remark: 'worn thin' } : make)));
  expect(toldMakes()).toEqual([1, 2, 3, 2]);

  jest.resetModules();
  engine = await import('./engine');
  expect(await account(makes)).toEqual(answer);
  expect(answer?.columns.map(({ makeId }) => makeId)).toEqual(makes.map(({ id }) => id));
});

test('of a table that it knows the engine takes no text', async () => {
  await account(makes);
  engine.tellText('makes', opened(), texts);
  await account(makes);
  expect(toldMakes()).toEqual([1, 2, 3]);
});

test('a worker that breaks takes with it what it was told as text: the next is told of the records', async () => {
  const { records, read } = opened();
  engine.tellText('makes', { records, read }, texts);
  const before = await account(records);
  const [worker] = ports;
  const workers = told.length;
  worker?.dispatchEvent(Object.assign(new Event('error'), { message: 'out of memory' }));
  // They had not been read yet.
  expect(await account(records)).toEqual(before);
  expect([told.length, toldMakes(), read.mock.calls.length]).toEqual([workers + 1, [1, 2, 3], 1]);
});

test('a table that changed before its text was read: it is read to be compared, and nothing is told as if it were new', async () => {
  const before = opened();
  engine.tellText('makes', before, texts);
  const [first, ...rest] = makes;
  const answer = await account([{ ...first!, remark: 'worn thin' }, ...rest]);
  expect(before.read).toHaveBeenCalledTimes(1);
  expect(toldMakes()).toEqual([1, 2, 3, 1]);
  expect(answer?.columns).toHaveLength(3);
});

test('a text that cannot be read is said to whoever asks, and the next question is answered from the records', async () => {
  engine.tellText('makes', { records: makes, read: () => Promise.resolve() }, ['[{"id":']);
  await expect(account(makes)).rejects.toThrow((await import('./engine-error')).EngineError);
  expect((await account(makes))?.columns).toHaveLength(3);
  expect(toldMakes()).toEqual([1, 2, 3]);
});
