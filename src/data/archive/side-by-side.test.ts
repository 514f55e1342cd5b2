import { sideBySide } from './side-by-side';

test('all are worked through, a few at a time, and the results stand in their order', async () => {
  let under = 0;
  let most = 0;
  const doubled = await sideBySide(
    Array.from({ length: 50 }, (_, i) => i),
    async (n) => {
      most = Math.max(most, ++under);
      await new Promise((done) => setTimeout(done, (n * 7) % 5));
      under -= 1;
      return 2 * n;
    },
  );
  expect(doubled).toEqual(Array.from({ length: 50 }, (_, i) => 2 * i));
  expect([most > 1, most <= 8]).toEqual([true, true]);
});

test('where one fails no other is begun, and it fails with its reason', async () => {
  let begun = 0;
  const work = sideBySide([...Array(100).keys()], (n) => (begun++, n === 3 ? Promise.reject(new Error('at three')) : Promise.resolve(n)));
  await expect(work).rejects.toThrow('at three');
  expect(begun).toBeLessThan(30);
});
