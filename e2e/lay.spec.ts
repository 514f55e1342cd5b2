import { readFile } from 'node:fs/promises';
import { expect, test } from './test';

const LAY = '/sew-next/plan-skerry-2026-10-04/lay';

test('a plan is laid on its fabric: what is missing, what would save it though the search is stopped, and its file', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await page.getByRole('link', { name: 'Lay it' }).click();
  await expect(page.getByRole('group', { name: /^The lay, .* 15 pieces$/ })).toBeVisible();
  const takes = page.getByRole('complementary', { name: 'What it takes' });
  await expect(takes).toContainText(/This lay takes \d+\s*cm/);
  await expect(takes).toContainText('All pieces lie one way');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Search on' })).toBeVisible();
  // It is too short for the flannel; without its facings it is not.
  await expect(takes).toContainText(/grey check flannel: 160\s*cm once washed, \d+\s*cm too short for this lay/);
  const facings = takes.getByRole('listitem').filter({ hasText: 'Facings and what else is hidden from another fabric' });
  await expect(facings).toContainText('then it fits', { timeout: 60_000 });
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as SVG' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('lay-skerry-concert-jacket.svg');
  expect(await readFile(await file.path(), 'utf8')).toContain('data-name="top sleeve"');
});

test('a piece moved by hand stays there and the rest is laid round it; it may not lie on another that is pinned', async ({ page }) => {
  await page.goto(LAY);
  const pocket = page.getByRole('button', { name: /^pocket 1/ });
  await pocket.focus();
  await page.keyboard.press('Enter');
  await expect(pocket).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowRight');
  await expect(pocket).toHaveAccessibleName('pocket 1, pinned');
  await expect(page.getByText('Let all go')).toBeVisible();
  // What was laid by hand is still there after a reload, and on the cut sheet.
  await page.reload();
  await expect(pocket).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('group', { name: /15 pieces$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Search on' })).toBeVisible();
  // Dragged onto the pinned one another piece is refused.
  const other = page.getByRole('button', { name: /^pocket 2/ });
  const [from, to] = [await other.boundingBox(), await pocket.boundingBox()];
  if (!from || !to) throw new Error('nothing is drawn');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2 + 5, to.y + to.height / 2 + 3, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('alert')).toHaveText('pocket 2 would lie on pocket 1, which is pinned. It stays where it was.');
  await page.getByRole('button', { name: 'Let all go' }).click();
  await expect(pocket).toHaveAttribute('aria-pressed', 'false');
  // Folded, a width that the back cannot lie on is said with what to do.
  await page.getByRole('radio', { name: 'folded lengthwise' }).click();
  await page.getByLabel('Width to lay on').fill('40');
  await page.getByLabel('Width to lay on').blur();
  await expect(page.getByRole('alert')).toContainText('wide as it lies, and there are 20');
});

test('two plans are laid together from one length, and what stays whole is told', async ({ page }) => {
  await page.goto(LAY);
  const takes = page.getByRole('complementary', { name: 'What it takes' });
  await page.getByLabel('Together with').selectOption('Puffin pinafore');
  await expect(page.getByRole('button', { name: 'Puffin pinafore: back', exact: true })).toBeVisible();
  await expect(page.getByRole('group', { name: /^The lay, .* (?:1[6-9]|2\d) pieces$/ })).toBeVisible();
  await page.getByLabel('Together with').selectOption('no other plan');
  // A flaw is kept free, and asked for in words.
  await page.getByRole('button', { name: 'Keep a place free' }).click();
  await page.getByLabel('From the edge').fill('60');
  await page.getByLabel('From the edge').blur();
  await expect(page.getByRole('button', { name: 'Forget flaw 1' })).toBeVisible();
  const noRoom = page.getByLabel('Room between pieces').getByRole('radio', { name: 'none' });
  await noRoom.click();
  // Once it is kept, its search has begun: a stop before that would stop the one before.
  await expect(noRoom).toBeChecked();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Search on' })).toBeVisible();
  await expect(takes).toContainText(/This lay takes \d+/);
  // The flaw is the fabric's: the stash has it, and the cut sheet draws it.
  await page.goto('/sew-next/plan-skerry-2026-10-04/sheet');
  await expect(page.getByRole('heading', { name: 'How it lies on the fabric' })).toBeVisible();
  await expect(page.getByRole('group', { name: /^The lay, .* 15 pieces$/ })).toBeVisible();
  await page.goto('/stash?fabric=fabric-grey-check');
  await page.getByRole('button', { name: /^Flaws and holes/ }).click();
  await expect(page.getByLabel('From the edge')).toHaveValue('60');
});

const drawing = (d: string) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 900 800">${d}</svg>`;
const PIECES = drawing(
  '<path id="front, cut 1 on fold" d="M0 0H100L240 60L220 200L270 620H0Z"/><path id="sleeve cut 2" d="M300 140L480 0L660 140L600 520H360Z"/>',
);

test('pieces are read from a file, with what it does not say asked for, and the plan is laid with them', async ({ page }) => {
  await page.goto('/patterns/pattern-tidewater/change');
  await page.getByRole('button', { name: 'Its pieces' }).click();
  const file = (name: string, text: string) =>
    page.getByLabel('A file of pattern pieces').setInputFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) });
  await file('half.svg', '<svg>\n<path d="M0 0L');
  await expect(page.getByRole('alert')).toContainText('half.svg: line 2');
  await file('shirt.svg', PIECES);
  const found = page.getByRole('region', { name: 'Pieces in shirt.svg' });
  await expect(found).toContainText('2 pieces in shirt.svg: front, sleeve.');
  await expect(found).toContainText('does not say what it is measured in');
  await found.getByRole('radio', { name: 'mm' }).click();
  await expect(found).toContainText(/The largest: sleeve is 52\s*cm long and 36\s*cm wide/);
  await found.getByRole('radio', { name: 'to be added' }).click();
  await found.getByRole('button', { name: 'Take these pieces' }).click();
  await expect(page.getByText('2 pieces of shirt.svg taken.')).toBeVisible();
  await expect(page.getByText('forget the outline of sleeve')).toBeVisible();
  await page.goto('/sew-next/plan-tidewater-2026-10-18/lay');
  await expect(page.getByRole('group', { name: /3 pieces$/ })).toBeVisible();
  await expect(page.getByText('Its own pieces, as they were read from a file.')).toBeVisible();
  // Undone, it is drafted again.
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/Pieces drafted from its kind/)).toBeVisible();
});
