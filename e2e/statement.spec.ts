import { copyFileSync, readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { expect, test, type Page } from './test';
import { strFromU8, unzipSync } from 'fflate';

const saved = async (page: Page, button: string) => {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  return (await download).path();
};

test.describe('at the end of the year, and offline', () => {
  test.use({ ownContext: true });

  test('a statement of a year is saved as a web page that stands alone, and opened', async ({ page, context }) => {
    await page.clock.setFixedTime(new Date('2026-12-20T18:00:00'));
    await page.goto('/statements');
    await page.getByRole('radio', { name: 'year' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Statement: 2026' })).toBeVisible();
    await expect(page.getByRole('img', { name: /, front$/ }).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Money' })).toBeHidden();
    const shy = await saved(page, 'Save as a web page');
    expect(readFileSync(shy, 'utf8')).not.toMatch(/EUR|https?:\/\/(?!www\.w3\.org)/);
    await page.getByLabel('with prices').click();
    await expect(page.getByRole('heading', { name: 'Money' })).toBeVisible();
    const path = await saved(page, 'Save as a web page');

    await context.setOffline(true);
    const opened = await context.newPage();
    const html = `${path}.html`;
    copyFileSync(path, html);
    await opened.goto(pathToFileURL(html).href);
    await expect(opened.getByRole('heading', { level: 1, name: 'Statement: 2026' })).toBeVisible();
    await expect(opened.getByText(/EUR/).first()).toBeVisible();
    const drawn = await opened.locator('figure img').evaluateAll((all) => all.map((i) => (i as HTMLImageElement).naturalWidth));
    expect(drawn.length).toBeGreaterThan(4);
    expect(Math.min(...drawn)).toBeGreaterThan(0);
  });
});

test('printed on A4 and on Letter it goes over pages and nothing of the frame is printed', async ({ page }) => {
  await page.goto('/statements');
  await page.getByRole('radio', { name: 'year' }).click();
  await expect(page.getByRole('img', { name: /, front$/ }).first()).toBeVisible();
  for (const format of ['A4', 'Letter'] as const) {
    const pages = (await page.pdf({ format })).toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;
    expect(pages).toBeGreaterThan(1);
    expect(pages).toBeLessThan(6);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Sections' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Worn' })).toBeVisible();
});

test('a review of a make as Markdown with its picture beside it; body measures only if asked for', async ({ page }) => {
  await page.goto('/makes/make-tidewater-3');
  await page.getByRole('link', { name: 'Review to show' }).click();
  await expect(page.getByRole('article').getByRole('img', { name: 'Tidewater shirt, version 3, front' })).toBeVisible();
  const files = unzipSync(new Uint8Array(readFileSync(await saved(page, 'Save as Markdown with pictures'))));
  const text = strFromU8(files['tidewater-shirt-version-3.md']!);
  expect(text).toContain('# Tidewater shirt, version 3');
  expect(text).toContain('![Tidewater shirt, version 3](pictures/1.svg)');
  expect(text).not.toContain('Made for');
  expect(strFromU8(files['pictures/1.svg']!)).toContain('<svg');
  await page.getByLabel('with body measures').click();
  await expect(page.getByRole('cell', { name: 'bust', exact: true })).toBeVisible();
});
