/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { DrawnLay } from '../core/lay/lay';
import { useLay, type LayNews, type LayQuestion } from './use-lay';

/** A worker that tells what the test has it tell. */
class WorkerByHand extends EventTarget {
  ended = false;
  asked: LayQuestion | undefined;
  constructor() {
    super();
    started.push(this);
  }
  postMessage(question: LayQuestion) {
    this.asked = question;
  }
  terminate() {
    this.ended = true;
  }
  tell = (...news: readonly LayNews[]) =>
    act(async () => {
      for (const data of news) this.dispatchEvent(new MessageEvent('message', { data }));
    });
}
const started: WorkerByHand[] = [];

const lay = (length: number): DrawnLay => ({ width: 140, length, bound: 90, placed: [] });
const QUESTION = { pieces: [], fabric: { width: 140 }, pins: [], seed: 1, seconds: 8, drawnOnly: true } as unknown as LayQuestion;
const found = (length: number): readonly LayNews[] => [{ kind: 'lay', lay: lay(length) }, { kind: 'done' }];

/** A page that shows a lay, beside others of the same window. */
function page(client: QueryClient) {
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  const { result, unmount } = renderHook(() => useLay(), { wrapper });
  return {
    work: () => result.current.work,
    start: (asked: LayQuestion) => act(() => result.current.start(asked)),
    stop: () => act(() => result.current.stop()),
    unmount,
  };
}
let client: QueryClient;
beforeEach(() => {
  Object.assign(globalThis, { Worker: WorkerByHand });
  started.splice(0);
  client = new QueryClient();
});
afterEach(() => client.clear());

test('a lay is not searched again for what it does not follow from, be it found yet or not', async () => {
  const { start, work } = page(client);
  start(QUESTION);
  await started[0]!.tell({ kind: 'lay', lay: lay(170) });
  start({ ...QUESTION, unit: 'in' });
  expect([started.length, started[0]!.ended, work()]).toEqual([1, false, { lay: lay(170), searching: true }]);
  await started[0]!.tell(...found(160));
  start({ ...QUESTION, unit: 'cm' });
  expect([started.length, work()]).toEqual([1, { lay: lay(160), searching: false }]);
  start({ ...QUESTION, pins: [{ piece: 'front', copy: 1, x: 0, y: 0, turned: false }] });
  expect([started.length, work().searching]).toEqual([2, true]);
});

test('on another page it is there at once, and only what follows from it is asked', async () => {
  const first = page(client);
  first.start(QUESTION);
  await started[0]!.tell(...found(160));
  first.unmount();
  expect(started[0]!.ended).toBe(true);
  const { start, work } = page(client);
  start({ ...QUESTION, drawnOnly: false });
  expect(work()).toEqual({ lay: lay(160), searching: false });
  expect(started[1]!.asked?.found).toEqual(lay(160));
  // Where it is only drawn nothing is asked at all.
  const sheet = page(client);
  sheet.start(QUESTION);
  expect([started.length, sheet.work()]).toEqual([2, { lay: lay(160), searching: false }]);
});

test('a worker that failed is said, and the next time another is started', async () => {
  const { start, work } = page(client);
  start(QUESTION);
  await started[0]!.tell({ kind: 'failed', problem: 'out of memory' });
  expect(work()).toEqual({ problem: { kind: 'failed', problem: 'out of memory' }, searching: false });
  start({ ...QUESTION });
  expect([started.length, work().searching]).toEqual([2, true]);
});

test('one that was stopped is not taken for the one that is searched to its end', async () => {
  const first = page(client);
  first.start(QUESTION);
  await started[0]!.tell({ kind: 'lay', lay: lay(170) });
  first.stop();
  expect(first.work()).toEqual({ lay: lay(170), searching: false });
  const { start, work } = page(client);
  start(QUESTION);
  expect(work()).toEqual({ searching: true });
  expect(started.at(-1)!.asked?.found).toBeUndefined();
});
