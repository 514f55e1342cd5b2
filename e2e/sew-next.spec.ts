import { readFile } from 'node:fs/promises';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { takeUp } from './keyboard';
import { expect, test } from './test';

/** The words of each page of a PDF, as a reader would take them out of it. */
async function pagesOf(pdf: Buffer): Promise<string[]> {
  const read = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: read.numPages }, async (_, i) => {
      const { items } = await (await read.getPage(i + 1)).getTextContent();
      return items.map((item) => ('str' in item ? item.str + (item.hasEOL ? ' ' : '') : '')).join('');
    }),
  );
}

test('from the reckoning to a plan, its checks, the cut sheet, a make with its look, and a changed reckoning', async ({ page }) => {
  await page.goto('/sew-next');
  const reckoning = page.getByRole('region', { name: 'What to sew again' });
  const changes = reckoning.getByRole('region', { name: 'sew again with changes' });
  await expect(changes.getByRole('listitem').filter({ hasText: 'Gangway trousers' })).toContainText('something is to be changed: hip');
  await changes.getByRole('button', { name: 'Plan Gangway trousers' }).click();
  await expect(page.getByRole('heading', { name: 'Plan: Gangway trousers, version 4' })).toBeVisible();

  // The plan is what was carried forward, and each change of it shows its effect.
  const chances = page.getByRole('region', { name: 'Chance of right, as planned' });
  const leg = chances.getByRole('row', { name: /^leg/i });
  await expect(leg).toContainText(/9\d\s*%/);
  const amount = page.getByLabel(/^leg at the hem: amount/);
  await amount.fill('4');
  await amount.blur();
  await expect(leg).toContainText(/9\d\s*% there/);
  await page.keyboard.press('Control+z');
  await expect(leg).not.toContainText('there');

  // A fabric is taken from what lies in the stash for it; the checks follow.
  await page.getByRole('button', { name: 'Take dark denim' }).click();
  const checks = page.getByRole('region', { name: 'Before you cut' });
  const denim = checks.getByRole('listitem').filter({ hasText: /^dark denim, untested: / });
  await expect(denim).toContainText(/over|short/);
  const washing = checks.getByRole('group', { name: 'Wash dark denim, untested first' });
  await washing.getByRole('button', { name: 'seen to' }).click();
  await expect(washing.getByRole('button', { name: 'seen to' })).toHaveAttribute('aria-pressed', 'true');

  await page.getByRole('link', { name: 'Cut sheet' }).click();
  const sheet = page.getByRole('article');
  await expect(sheet.getByRole('heading', { name: 'Gangway trousers, version 4' })).toBeVisible();
  await expect(sheet.getByRole('checkbox', { name: /^Wash dark denim, untested first/ })).toBeChecked();
  await expect(sheet.getByText('halfway').first()).toBeVisible();
  const step = sheet.getByRole('checkbox', { name: /^leg at the hem/ });
  await sheet.getByText(/^leg at the hem/).click();
  await expect(step).toBeChecked();
  await page.reload();
  await expect(step).toBeChecked();

  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await page.getByRole('button', { name: 'Mark as cut' }).click();
  await expect(page.getByRole('heading', { name: /Gangway trousers/ })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: /^Being sewn: Gangway/ }).click();
  await page.getByRole('button', { name: /^Finished: Gangway/ }).click();
  await page.getByRole('button', { name: /^The rest is right/ }).click();
  await page.getByRole('button', { name: 'Save this look' }).click();
  await page.goto('/sew-next');
  await expect(reckoning.getByRole('listitem').filter({ hasText: 'Gangway trousers' })).toContainText('4 versions');
  await expect(changes.getByRole('listitem').filter({ hasText: 'Gangway trousers' })).toHaveCount(0);
});

test('printed, the cut sheet is one page and its lay another, on A4 and on Letter, and nothing of the frame is on it', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04/sheet');
  await expect(page.getByRole('article')).toContainText('not enough');
  // It prints what it shows, and the lay is there only once it is laid.
  await expect(page.getByRole('group', { name: /^The lay, / })).toBeVisible({ timeout: 30_000 });
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Sections' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print the cut sheet' })).toBeHidden();
  for (const format of ['A4', 'Letter'] as const) {
    const pages = await pagesOf(await page.pdf({ format }));
    // The sheet is one page; the lay has the second.
    expect(pages).toHaveLength(2);
    expect(pages[1]).toMatch(/^\s*How it lies on the fabric .*top sleeve/);
    const words = pages[0]!.replace(/\s+/g, ' ');
    expect(words).toMatch(
      /^Skerry concert jacket, version 3 .*Trace these lines Across back between C and D .*Everywhere else D .*length at the hem −3 cm .*not yet marked on the paper: mark it now .*sleeve length \+1\.5 cm .*True the seams .*grey check flannel: not enough, 25 cm short .*From last time /,
    );
    expect(words).not.toMatch(/Day book|Print the cut sheet|Back to the plan/);
  }
});

test('a plan in a fabric that is too short is stopped, with by how much, and a longer one lets it go on', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  const checks = page.getByRole('region', { name: 'Before you cut' });
  await expect(checks.getByRole('img', { name: 'would spoil the cut' })).toHaveCount(1);
  await expect(checks).toContainText(/grey check flannel: not enough, 25\s*cm short/);
  await page.getByLabel('Length used').fill('150');
  await page.getByLabel('Length used').blur();
  await expect(checks.getByRole('img', { name: 'would spoil the cut' })).toHaveCount(0);
});

test('a sewist disagrees: her answer stands beside the ledger’s, with her reason, until she takes it back', async ({ page }) => {
  await page.goto('/sew-next');
  const reckoning = page.getByRole('region', { name: 'What to sew again' });
  await reckoning.getByRole('button', { name: 'Disagree about Tidewater shirt' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('My answer').selectOption('enough for now');
  await expect(dialog.getByRole('button', { name: 'Keep my answer' })).toBeDisabled();
  await dialog.getByLabel('Because').fill('five of these hang already');
  await dialog.getByLabel('Because').blur();
  await dialog.getByRole('button', { name: 'Keep my answer' }).click();
  const enough = reckoning.getByRole('region', { name: 'enough for now' });
  await expect(enough).toContainText('You said so: five of these hang already. The ledger says sew again.');
  await page.reload();
  await enough.getByRole('button', { name: 'Take my answer for Tidewater shirt back' }).click();
  await expect(reckoning.getByRole('region', { name: 'sew again', exact: true })).toContainText('Tidewater shirt');
});

test('narrowed by kind, time to spare and a fabric of the stash; what the fabric does not suit says why', async ({ page }) => {
  await page.goto('/sew-next');
  const reckoning = page.getByRole('region', { name: 'What to sew again' });
  await reckoning.getByLabel('Kind').selectOption('jacket');
  await expect(reckoning.getByRole('link', { name: 'Skerry concert jacket' })).toBeVisible();
  await expect(reckoning.getByRole('link', { name: 'Tidewater shirt' })).toBeHidden();
  await reckoning.getByLabel('Hours to spare').fill('5');
  await expect(reckoning.getByText('None of them is left by what was asked for.')).toBeVisible();
  await reckoning.getByLabel('Hours to spare').fill('');
  await reckoning.getByLabel('Kind').selectOption('any');
  await reckoning.getByLabel('In a fabric of the stash').fill('dark denim');
  await page.getByRole('option', { name: /^dark denim/ }).click();
  await expect(reckoning.getByRole('region', { name: 'Not in dark denim, untested' })).toContainText(
    /Eider cardigan: a woven, and the pattern wants a knit/,
  );
});

test('a doubtful plan asks for a toile with what it must show; the days go into a calendar', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await page.getByLabel(/^sleeve length: amount/).fill('0');
  await page.getByLabel(/^sleeve length: amount/).blur();
  const toile = page.getByRole('region', { name: 'Toile first?' });
  await expect(toile).toContainText(/weakest place is right with a chance of \d+\s*%/);
  await expect(toile).toContainText(/At stake: .* of sewing/);
  await expect(toile).toContainText('A toile that tests them has both sleeves');
  await toile.getByRole('button', { name: 'Make this plan a toile' }).click();
  await expect(page.getByRole('region', { name: 'What this toile is to show' })).toBeVisible();
  await expect(page.getByLabel('Kind', { exact: true })).toHaveValue('toile');

  await page.goto('/sew-next');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Into a calendar' }).click()]);
  expect(download.suggestedFilename()).toBe('amber-ledger-sew-next.ics');
  const file = await readFile(await download.path(), 'utf8');
  expect(file).toContain('DTSTART;VALUE=DATE:20261212');
  expect(file).toContain('Winter concerts: to be done');
});

test('plans of a list are put in another order by keys, and it is taken back', async ({ page }) => {
  await page.goto('/sew-next');
  const list = page.getByRole('region', { name: 'Winter concerts' });
  const names = list.getByRole('link', { name: /, version \d$/ });
  await expect(names).toHaveText([/^Skerry/, /^Tidewater/]);
  await takeUp(page, list.getByRole('button', { name: /^Move Tidewater shirt/ }));
  await expect(page.getByText(/place 2 of 2/)).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Over place 1 of 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(names).toHaveText([/^Tidewater/, /^Skerry/]);
  await page.reload();
  await expect(names).toHaveText([/^Tidewater/, /^Skerry/]);
  await page.keyboard.press('Control+z');
  await expect(names).toHaveText([/^Skerry/, /^Tidewater/]);
});

test('arithmetic at hand: a band cut too short is caught, the plan’s numbers stand there, and the answer goes into the plan', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await expect(page.getByRole('heading', { name: /^Plan: Skerry/ })).toBeVisible();
  await page.keyboard.press('=');
  const drawer = page.getByRole('dialog');
  await expect(drawer.getByText(/grey check flannel, the allowance of Skerry concert jacket/)).toBeVisible();
  await expect(drawer.getByLabel('Seam allowance')).toHaveValue('1.5');
  await expect(drawer.getByRole('status')).toContainText('Still wanted: Width of the piece as cut.');
  await drawer.getByLabel('Width of the piece as cut').fill('36');
  await drawer.getByLabel('Width of the piece as cut').press('Enter');
  await drawer.getByLabel('Cut', { exact: true }).selectOption('on the fold');
  await expect(drawer.getByRole('status')).toContainText(/short: it cannot close/);
  await drawer.getByLabel('What is to be worked out').selectOption('Elastic');
  await expect(drawer.getByRole('status')).toContainText(/cut \d+/);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('It stands in the plan. Ctrl Z takes it back.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('What for, in words')).toHaveValue(/the rehearsals in the cold hall Elastic cut \d+/);
});

test('a band measured on the paper is written into its plan by one key, and there it is caught as too short', async ({ page }) => {
  await page.goto('/sew-next');
  await page.getByRole('region', { name: 'What to sew again' }).getByRole('button', { name: 'Plan Gangway trousers' }).click();
  await expect(page.getByRole('heading', { name: 'Plan: Gangway trousers, version 4' })).toBeVisible();
  const checks = page.getByRole('region', { name: 'Before you cut' });
  await expect(checks.getByText('Measure the piece for the waistband')).toBeVisible();
  await page.keyboard.press('=');
  const drawer = page.getByRole('dialog');
  await drawer.getByLabel('Width of the piece as cut').fill('35');
  await drawer.getByLabel('Width of the piece as cut').press('Enter');
  await drawer.getByLabel('Cut', { exact: true }).selectOption('on the fold');
  await expect(drawer.getByRole('status')).toContainText(/short: it cannot close/);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('The waistband stands in the plan and is checked there. Ctrl Z takes it back.')).toBeVisible();
  await page.keyboard.press('Escape');
  const caught = checks.getByRole('listitem').filter({ hasText: /The waistband would be .* short of the body: it cannot close/ });
  await expect(caught).toContainText(/1 × 35\s*cm on the fold, less 1\.5\s*cm at each end/);
  await page.getByRole('link', { name: 'Cut sheet' }).click();
  await expect(page.getByRole('article')).toContainText('it cannot close');
  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await page.getByLabel('Cut width').fill('40');
  await page.getByLabel('Cut width').blur();
  await expect(caught).toHaveCount(0);
});

test('for a child: how one cut sits now and as she grows, and the plan is cut for the body that is chosen', async ({ page }) => {
  await page.goto('/sew-next/plan-puffin-2026-11-08');
  await expect(page.getByText('Choose the size that is cut: the chances follow from it.')).toBeVisible();
  const grow = page.getByRole('region', { name: 'Fit now, or room to grow' });
  await expect(grow.getByRole('row', { name: /^Size by the chart/ })).toContainText(/122.*122.*128/);
  await grow.getByRole('button', { name: /^Cut it for May/ }).click();
  await expect(grow.getByRole('row', { name: /^bodice/i })).toContainText(/\d\s*%, long.*9\d\s*%.*\d\s*%/);
  await expect(page.getByRole('region', { name: 'Chance of right, as planned' }).getByRole('row', { name: /^bodice/i })).toContainText(/9\d\s*%/);
  await page.reload();
  await expect(grow.getByRole('button', { name: /^Cut it for May/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'The body as measured' }).click();
  await expect(grow.getByRole('button', { name: 'Cut it for now' })).toHaveAttribute('aria-pressed', 'true');
});

test('a wish kept with a view is offered again, and a change for looks becomes one', async ({ page }) => {
  await page.goto('/sew-next');
  await page.getByLabel('Plan the next version of').fill('slackwater');
  await page.getByRole('option', { name: /^Slackwater/ }).click();
  const wishes = page.getByRole('region', { name: 'Wishes, for looks' });
  await page.getByLabel('View', { exact: true }).selectOption('B, with sleeves');
  await wishes.getByRole('button', { name: /^Take the wish in: skirt length \+6/i }).click();
  await expect(page.getByLabel(/^skirt length: amount/i).last()).toHaveValue('6');
  await expect(wishes).toHaveCount(0);
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await page.getByLabel(/^sleeve length: for fit or for looks/i).selectOption('style');
  await wishes.getByRole('button', { name: /^Keep as a wish: sleeve length/i }).click();
  await expect(wishes).toHaveCount(0);
  // It is gone from this plan, and offered to it again.
  await page.getByRole('button', { name: /^Remove sleeve length/i }).click();
  await expect(wishes.getByRole('button', { name: /^Take the wish in: sleeve length/i })).toBeVisible();
});

test('as many of a kind as are wanted, and the reckoning says enough for now', async ({ page }) => {
  await page.goto('/sew-next');
  const reckoning = page.getByRole('region', { name: 'What to sew again' });
  await expect(reckoning.getByRole('region', { name: 'sew again', exact: true })).toContainText('Tidewater shirt');
  await reckoning.getByRole('button', { name: /^How many of a kind are enough/ }).click();
  const shirts = reckoning.getByLabel(/^shirt: \d+ hang ready, wanted/);
  await shirts.fill('1');
  await shirts.blur();
  await expect(reckoning.getByRole('region', { name: 'enough for now' })).toContainText(/Tidewater shirt.*hang ready, and 1 are wanted/s);
  await page.reload();
  await expect(reckoning.getByRole('region', { name: 'enough for now' })).toContainText('Tidewater shirt');
  await page.keyboard.press('Control+z');
  await expect(reckoning.getByRole('region', { name: 'sew again', exact: true })).toContainText('Tidewater shirt');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('the shop card: what to buy for a list or any pattern, and a fabric bought on the spot goes into its plan', async ({ page }) => {
    await page.goto('/sew-next');
    await page.getByRole('link', { name: 'Shop card' }).click();
    await page.getByLabel('For the plans of').selectOption({ label: 'Winter concerts' });
    const shirt = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Tidewater shirt' }) });
    await expect(shirt.getByRole('row', { name: /^140\s*cm/ })).toContainText(/2\.\d+\s*m/);
    await expect(page.getByRole('heading', { name: 'Puffin pinafore' })).toBeHidden();
    const before = await shirt.getByRole('row', { name: /^140\s*cm/ }).innerText();
    await page.getByLabel('Shrinks in the wash, %').fill('12');
    await page.getByLabel('Shrinks in the wash, %').blur();
    await expect(shirt.getByRole('row', { name: /^140\s*cm/ })).not.toHaveText(before);

    await shirt.getByText('Bought something for it').click();
    await expect(shirt.getByRole('button', { name: 'In the stash' })).toBeDisabled();
    await shirt.getByLabel('Name').fill('pale green lawn');
    await shirt.getByLabel('Length bought').fill('2.8 m');
    await shirt.getByLabel('Width').fill('140');
    await shirt.getByLabel('Width').blur();
    await shirt.getByRole('button', { name: 'In the stash' }).click();
    await expect(page.getByText(/pale green lawn is in the stash, and in the plan/)).toBeVisible();
    await page.goto('/sew-next');
    await expect(page.getByRole('listitem').filter({ hasText: 'Tidewater shirt, version 4' })).toContainText('in pale green lawn');

    await page.goto('/sew-next/shop');
    await page.getByLabel('Or any pattern').fill('kelp');
    await page.getByRole('option', { name: /Kelp leggings/ }).click();
    await expect(page.getByText(/a knit.*10 cm must reach/)).toBeVisible();
  });
});

test('a plan for somebody who is only a name yet: she comes with it, and goes with it', async ({ page }) => {
  await page.goto('/sew-next');
  await page.getByRole('main').getByLabel('For', { exact: true }).selectOption('somebody new …');
  await page.getByLabel('Who is it for?').fill('Runa');
  await page.getByLabel('Plan the next version of').fill('Foreshore');
  await page.getByRole('option', { name: /Foreshore tee/ }).click();
  await expect(page.getByRole('heading', { name: 'Plan: Foreshore tee, version 1' })).toBeVisible();
  await expect(page.getByText('for Runa')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: plan: Foreshore tee')).toBeVisible();
  await page.goto('/sew-next');
  await expect(page.getByRole('main').getByLabel('For', { exact: true }).locator('option')).not.toContainText(['Runa']);
});

test('what was meant for next time is kept on the make, comes onto the plan, and is taken or declined for good', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  await page.getByRole('textbox', { name: 'Next time' }).fill('shorten the sleeve by 1');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Next time' })).toHaveValue('');
  await expect(page.getByRole('listitem').filter({ hasText: 'shorten the sleeve by 1' })).toBeVisible();

  await page.goto('/sew-next/plan-skerry-2026-10-04');
  const meant = page.getByRole('region', { name: 'Meant for this version' });
  const longer = meant.getByRole('group', { name: 'lengthen the sleeve by 0.5' });
  await expect(meant.getByRole('listitem').filter({ hasText: 'lengthen the sleeve by 0.5' })).toContainText(
    /sleeve length \+2.cm; the plan has sleeve length \+1.5.cm/,
  );
  await longer.getByRole('button', { name: 'take this instead' }).click();
  await expect(page.getByLabel(/^sleeve length: amount/)).toHaveValue('2');
  await meant.getByRole('group', { name: 'shorten the sleeve by 1' }).getByRole('button', { name: 'not this time' }).click();
  await page.reload();
  await expect(meant.getByText('not this time')).toBeVisible();
  await expect(meant.getByText('taken into the plan')).toBeVisible();
  await expect(page.getByLabel(/^sleeve length: amount/)).toHaveCount(1);

  // What was answered is not asked again by the plan after it; undone, it is.
  await meant.getByRole('button', { name: 'Answer again: shorten the sleeve by 1' }).click();
  await expect(meant.getByRole('group', { name: 'shorten the sleeve by 1' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(meant.getByRole('group')).toHaveCount(0);
});
