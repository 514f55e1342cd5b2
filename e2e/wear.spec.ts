import { expect, test, type Page } from './test';

/** Days after the demo's story, so that nothing is worn on them yet. */
const NOW = new Date('2026-12-20T18:00:00');
const times = async (page: Page, makeId: string) => {
  await page.goto(`/makes/${makeId}`);
  return Number(
    /^(\d+)/.exec(
      await page
        .getByText(/^\d+\s×/)
        .first()
        .innerText(),
    )![1],
  );
};

test.use({ ownContext: true });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('days of wear: two touches a day, outfits with where and how, one taken back', async ({ page }) => {
    await page.clock.setFixedTime(NOW);
    const before = await times(page, 'make-foreshore-4');
    await page.goto('/');
    await page.getByRole('link', { name: 'Wear' }).click();
    const tee = page.getByRole('button', { name: /^Foreshore tee, version 4/ });
    const trousers = page.getByRole('button', { name: /^Gangway trousers, version 2/ });
    // As quickly as two thumbs can: still one outfit.
    await tee.click();
    await trousers.click();
    await expect(tee).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByRole('paragraph').filter({ hasText: 'Foreshore tee, version 4 with Gangway trousers, version 2' })).toBeVisible();
    await page.getByLabel('Occasion').fill('rehearsal');
    await page.getByLabel('Comfort, 1 to 5').fill('4');
    await page.getByLabel('Comfort, 1 to 5').press('Enter');

    await page.getByRole('radio', { name: 'yesterday' }).click();
    await expect(tee).toHaveAttribute('aria-pressed', 'false');
    await tee.click();
    await page.getByRole('button', { name: 'Changed clothes: another outfit' }).click();
    await trousers.click();
    await expect(page.getByLabel('Occasion')).toHaveCount(2);
    await page.getByRole('radio', { name: 'another day' }).click();
    for (const day of ['18', '17']) {
      await page.getByLabel('The day').fill(`2026-12-${day}`);
      await expect(tee).toHaveAttribute('aria-pressed', 'false');
      await tee.click();
      await expect(tee).toHaveAttribute('aria-pressed', 'true');
    }
    // One touch too many, taken back.
    await trousers.click();
    await page.getByRole('button', { name: /^Undo: worn: Gangway/ }).click();
    await expect(trousers).toHaveAttribute('aria-pressed', 'false');
    await page.reload();
    expect(await times(page, 'make-foreshore-4')).toBe(before + 4);
    await expect(page.getByRole('button', { name: /rehearsal · comfort 4 of 5 · with Gangway/ })).toBeVisible();
  });
});

test('two keys: the section, then the garment’s letter', async ({ page }) => {
  await page.clock.setFixedTime(NOW);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Day book' })).toBeVisible();
  await page.keyboard.press('6');
  const first = page.getByRole('button', { pressed: false }).filter({ hasText: 'version' }).first();
  const name = await first.innerText();
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { pressed: true })).toContainText(name.split('\n')[0]!);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { pressed: true })).toHaveCount(0);
});

test('in bulk: about twenty times last summer, a word for a season, a suitcase; undone in one step', async ({ page }) => {
  await page.clock.setFixedTime(NOW);
  const before = await times(page, 'make-tidewater-2');
  await page.goto('/wear');
  await page.getByRole('button', { name: /^Many at once/ }).click();
  await page.getByLabel('Times').fill('40');
  await page.getByLabel('When').selectOption('Autumn 2026');
  await page.getByLabel('Which garment').fill('tidewater 2');
  await page.getByRole('option', { name: /Tidewater shirt, version 2/ }).click();
  await expect(page.getByText('about 40 times')).toBeVisible();
  await page.getByRole('radio', { name: 'often' }).click();
  await expect(page.getByText('often: taken for 9, give or take')).toBeVisible();
  await page.getByRole('radio', { name: 'about …' }).click();
  await page.getByRole('button', { name: 'Enter', exact: true }).click();

  await page.getByRole('button', { name: /^A suitcase/ }).click();
  await page.getByLabel('Where to, or what for').fill('the islands');
  await page.getByLabel('Which garment').last().fill('slackwater 2');
  await page.getByRole('option', { name: /Slackwater dress, version 2/ }).click();
  await expect(page.getByText('stayed folded', { exact: true })).toBeVisible();
  // Half packed, and the page is reloaded: it stands as it was.
  await page.reload();
  await expect(page.getByLabel('Where to, or what for')).toHaveValue('the islands');
  await expect(page.getByText('stayed folded', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Unpack' }).click();

  // Days of the autumn that were noted are held in the forty.
  const after = await times(page, 'make-tidewater-2');
  expect(after).toBeGreaterThan(before + 30);
  expect(after).toBeLessThanOrEqual(before + 40);
  await page.goto('/makes/make-slackwater-2');
  await expect(page.getByRole('button', { name: /went along and stayed folded · the islands/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /stayed folded/ })).toBeHidden();
  expect(await times(page, 'make-tidewater-2')).toBe(before);
});

test('a later verdict takes the place of the one before, and changes what the account says of the reasons', async ({ page }) => {
  await page.goto('/patterns/pattern-skerry');
  const reasons = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: 'Not reached for' }) });
  await expect(reasons).toContainText(/fit, 100\s% of what was last said/);
  await page.goto('/makes/make-skerry-2');
  await page.getByRole('button', { name: 'How do you like it now?' }).click();
  await page.getByRole('button', { name: '3: well enough' }).click();
  await page.getByRole('button', { name: 'fabric', exact: true }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Keep this verdict' }).click();
  await expect(page.getByText('love 4 → 3; now also fabric; no longer fit')).toBeVisible();
  await page.goto('/patterns/pattern-skerry');
  // What was said before of the same garment is history.
  await expect(reasons).toContainText(/fabric, 100\s% of what was last said/);
  await expect(reasons).not.toContainText(/fit, \d/);
});

test('abandoned once, with why and what fabric came back', async ({ page }) => {
  await page.goto('/makes/make-puffin-4');
  await page.getByRole('button', { name: /^Its time is over/ }).click();
  await page.getByRole('button', { name: 'abandoned', exact: true }).click();
  await page.getByLabel('At which stage').fill('the skirt');
  await page.getByLabel('Why').fill('not enough yellow');
  await page.getByLabel('Length', { exact: true }).fill('30');
  await page.getByLabel('Length', { exact: true }).press('Tab');
  await page.getByRole('button', { name: 'Put it in the stash' }).click();
  await expect(page.getByRole('button', { name: /^Undo: back to the stash: 30\scm of marigold/ })).toBeVisible();
  await expect(page.getByText(/abandoned, at the skirt, since .* not enough yellow/)).toBeVisible();
  await page.goto('/stash?fabric=fabric-marigold-dot');
  await expect(page.getByRole('textbox', { name: 'Note' }).last()).toHaveValue(/from Puffin pinafore, version 4/);
});
