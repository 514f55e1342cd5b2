import { expect, test, type Page } from './test';

test.use({ ownContext: true });

/** Puts words before the worker's own: they run before it listens. */
async function workerWith(page: Page, words: string, worker = 'engine') {
  await page.route(`**/assets/${worker}.worker*.js`, async (route) => {
    const answer = await route.fetch();
    await route.fulfill({ response: answer, body: `${words}\n${await answer.text()}` });
  });
}

/** Every message waits before it is heard. */
const SLOW = `
const add = self.addEventListener.bind(self);
self.addEventListener = (type, hear, ...rest) => add(type, type === 'message' ? (event) => setTimeout(() => hear(event), 1500) : hear, ...rest);`;

/** Every question is answered by an error, as the engine's own would be; what it is told it hears. */
const THROWS = `
const add = self.addEventListener.bind(self);
self.addEventListener = (type, hear, ...rest) =>
  add(type, type === 'message' ? (event) => {
    if (event.data.path?.[0] !== 'ask') return hear(event);
    self.postMessage({ id: event.data.id, type: 'HANDLER', name: 'throw', value: { isError: true, value: { message: 'the scales are broken', name: 'Error', stack: '' } } });
  } : hear, ...rest);`;

test('a slow engine: no figure of one pattern is ever shown under another, and nothing can be planned until it has answered', async ({ page }) => {
  await workerWith(page, SLOW);
  await page.goto('/patterns/pattern-skerry');
  await expect(page.getByText('The next cut is being worked out')).toBeVisible();
  await expect(page.getByRole('button', { name: /^across back: change/i })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Plan version/ })).toBeEnabled();

  // Another fabric for the same pattern: its figures may be looked at, and not planned from.
  await page.getByLabel('Planned fabric').selectOption({ index: 2 });
  await expect(page.getByRole('button', { name: /^Plan version/ })).toBeDisabled();
  await expect(page.getByRole('button', { name: /^Plan version/ })).toBeEnabled();

  // Another pattern, by links within the app: nothing of the first stays.
  await page.getByRole('link', { name: 'Patterns' }).click();
  await page.getByRole('link', { name: 'Gangway trousers' }).click();
  await expect(page.getByRole('heading', { name: 'Gangway trousers' })).toBeVisible();
  await expect(page.getByText('The next cut is being worked out')).toBeVisible();
  await expect(page.getByRole('button', { name: /Why\?$/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Plan version/ })).toHaveCount(0);
  await expect(page.getByText(/across back/)).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Account of Gangway trousers' })).toBeVisible();
});

test('an engine that fails: the page says so and what still works, and tries again', async ({ page }) => {
  await workerWith(page, THROWS);
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('The figures could not be worked out: the scales are broken');
  await expect(page.getByRole('heading', { name: 'Latest makes' })).toBeVisible();
  // What is in hand follows from no figures.
  await page.getByRole('button', { name: /^Being sewn: Puffin/ }).click();
  await expect(page.getByRole('button', { name: /^Finished: Puffin/ })).toBeVisible();

  await page.goto('/patterns/pattern-skerry');
  await expect(page.getByRole('alert')).toContainText('the scales are broken');
  await expect(page.getByRole('link', { name: 'version 1' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Plan version/ })).toHaveCount(0);

  // What needs no figures goes on: a make is logged.
  await page.getByRole('link', { name: /^Log version/ }).click();
  await page.getByRole('button', { name: /Save make/ }).click();
  await expect(page.getByText(/is saved/)).toBeVisible();

  await page.goto('/fit');
  await expect(page.getByRole('alert')).toContainText('can be saved to a file');
  await page.unroute('**/assets/engine.worker*.js');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Place by place' })).toBeVisible();
});

test('a worker that cannot be started is said, and the next try starts another', async ({ page }) => {
  await workerWith(page, `throw new Error('no room for a worker');`);
  await page.goto('/patterns/pattern-skerry');
  await expect(page.getByRole('alert')).toContainText('no room for a worker');
  await page.unroute('**/assets/engine.worker*.js');
  await page.getByRole('button', { name: 'Work them out again' }).click();
  await expect(page.getByRole('button', { name: /^across back: change/i })).toBeVisible();

  // Neither is a file waited for that no worker writes.
  await workerWith(page, `throw new Error('no room for a worker');`, 'archive');
  await page.goto('/files');
  await page.getByRole('button', { name: 'Save to a file' }).click();
  await expect(page.getByText('The file was not written: no room for a worker. The ledger is as it was.')).toBeVisible();
  await page.unroute('**/assets/archive.worker*.js');
  await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save to a file' }).click()]);
});
