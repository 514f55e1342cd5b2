/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useLongWork } from './use-long-work';

/** A work whose course and end are told from outside. */
function heldWork() {
  let tell: (done: number) => void = () => undefined;
  let end: (answer: string) => void = () => undefined;
  const run = (onProgress: (done: number) => void) => {
    tell = onProgress;
    return new Promise<string>((resolve) => (end = resolve));
  };
  return { run, tell: (done: number) => tell(done), end: (answer: string) => end(answer) };
}

test('a work says how far it is, and nothing once it has ended, whatever is still heard of it', async () => {
  const { result } = renderHook(useLongWork);
  const work = heldWork();
  let answer: Promise<string> | undefined;
  act(() => void (answer = result.current.longWork('Looking', work.run)));
  expect(result.current.running).toMatchObject({ what: 'Looking', done: 0 });
  act(() => work.tell(0.4));
  expect(result.current.running).toMatchObject({ done: 0.4 });
  await act(async () => {
    work.end('seen');
    expect(await answer).toBe('seen');
  });
  expect(result.current.running).toBeUndefined();
  act(() => work.tell(1));
  expect(result.current.running).toBeUndefined();
});

test('what is heard late of one work is not taken for the next', async () => {
  const { result } = renderHook(useLongWork);
  const first = heldWork();
  await act(async () => {
    const answer = result.current.longWork('Looking', first.run);
    first.end('seen');
    await answer;
  });
  const second = heldWork();
  act(() => void result.current.longWork('Looking', second.run));
  act(() => first.tell(0.9));
  expect(result.current.running).toMatchObject({ done: 0 });
  await act(async () => second.end('seen'));
});
