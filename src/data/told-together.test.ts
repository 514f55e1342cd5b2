import { notifyManager } from '@tanstack/react-query';
import { tellTogether } from './told-together';

/** What is heard of answers, and when a page that is drawn as soon as its task has ended would be drawn. */
function listener() {
  const heard: string[] = [];
  const answer = (name: string, then?: () => void) =>
    notifyManager.schedule(() => {
      heard.push(name);
      queueMicrotask(() => heard.at(-1) !== 'drawn' && heard.push('drawn'));
      then?.();
    });
  return { heard, answer };
}

/** Two turns of the clock: timers of one length end in the order in which they were set. */
const later = async () => {
  for (let turn = 0; turn < 2; turn++) await new Promise<void>((done) => setTimeout(done, 0));
};

beforeAll(tellTogether);

test('answers that come together are drawn together, in their order', async () => {
  const { heard, answer } = listener();
  answer('first');
  answer('second');
  await Promise.resolve();
  answer('third');
  expect(heard).toEqual([]);
  await later();
  expect(heard).toEqual(['first', 'second', 'third', 'drawn']);
});

test('what is answered while others are told is told after them', async () => {
  const { heard, answer } = listener();
  answer('first', () => answer('third'));
  answer('second');
  await later();
  expect(heard).toEqual(['first', 'second', 'drawn', 'third', 'drawn']);
});
