/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { Draws } from '../core/schedule/ahead';
import type { AheadQuestion } from '../core/schedule/look-ahead';
import { useAhead } from './use-ahead';

/** A worker that answers when the test does. */
class WorkerByHand extends EventTarget {
  ended = false;
  #asked = '';
  constructor(
    _: URL,
    readonly of: WorkerOptions,
  ) {
    super();
    started.push(this);
  }
  postMessage(question: { readonly id: string }) {
    this.#asked = question.id;
  }
  terminate() {
    this.ended = true;
  }
  answer = (value: unknown) => act(async () => this.#say({ type: 'RAW', value }));
  refuse = (message: string) => act(async () => this.#say({ type: 'HANDLER', name: 'throw', value: { isError: true, value: { message } } }));
  fall = (message: string) => act(async () => void this.dispatchEvent(new ErrorEvent('error', { message })));
  #say = (data: object) => void this.dispatchEvent(new MessageEvent('message', { data: { id: this.#asked, ...data } }));
}
const started: WorkerByHand[] = [];
const schedulers = () => started.filter(({ of }) => of.name === 'schedule');

const QUESTION = { items: [] } as unknown as AheadQuestion;
const DRAWS = { ids: ['one'] } as unknown as Draws;

function ahead() {
  Object.assign(globalThis, { Worker: WorkerByHand });
  started.splice(0);
  return renderHook((question: AheadQuestion | undefined) => useAhead(question), { initialProps: QUESTION });
}

test.each([
  ['could not be started', (worker: WorkerByHand) => worker.fall(''), 'its worker could not be started'],
  ['fell over', (worker: WorkerByHand) => worker.fall('out of memory'), 'out of memory'],
  ['found no answer', (worker: WorkerByHand) => worker.refuse('no sittings'), 'no sittings'],
])('a bench whose worker %s says why, and is sewn through when it is asked again', async (_, breaking, why) => {
  const { result } = ahead();
  await breaking(schedulers()[0]!);
  expect(result.current.fault?.error).toMatchObject({ name: 'EngineError', message: why });
  await act(async () => result.current.fault?.again());
  await schedulers().at(-1)!.answer(DRAWS);
  expect(result.current).toMatchObject({ drawn: DRAWS, fault: undefined });
});

test('a worker that fell over is not asked again, and one that answers is; it ends with the page', async () => {
  const { result, rerender, unmount } = ahead();
  await schedulers()[0]!.answer(DRAWS);
  rerender({ ...QUESTION });
  expect(schedulers()).toHaveLength(1);
  expect(result.current.drawn).toEqual(DRAWS);
  await schedulers()[0]!.fall('out of memory');
  // What was drawn for the question before says nothing of this one.
  expect([result.current.drawn, schedulers()[0]!.ended]).toEqual([undefined, true]);
  rerender({ ...QUESTION });
  expect(schedulers()).toHaveLength(2);
  unmount();
  expect(schedulers()[1]!.ended).toBe(true);
});
