import { expect, test } from './test';

test('what all patterns taught: a usual alteration, each place, and who says so', async ({ page }) => {
  await page.goto('/fit');
  const usual = page.getByRole('region', { name: 'Usual alterations' });
  await expect(usual).toContainText(/from 4 patterns: .*Tidewater shirt/);
  await expect(usual).toContainText(/as drafted the bodice would be short/);
  await expect(page.getByRole('row', { name: /^bodice \+1\.8/i })).toBeVisible();

  // In the account of one pattern, the others stand as what was believed before its own notes.
  await page.goto('/patterns/pattern-lantern');
  await page.getByRole('button', { name: /^bodice: / }).click();
  const why = page.getByRole('dialog');
  await expect(why.getByRole('heading', { name: 'What the other patterns say' })).toBeVisible();
  await expect(why).toContainText(/Most of it from .*moves it/);
});

test('a pattern never made: its first cut from what the others taught', async ({ page }) => {
  await page.goto('/patterns/new');
  await page.getByLabel('Name', { exact: true }).fill('Curlew dress');
  await page.getByLabel('Designer').fill('Ninth Wave Cutting');
  await page.getByLabel('Kind of garment').selectOption('dress');
  await page.getByRole('button', { name: /^Add/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto('/patterns');
  await page.getByRole('link', { name: 'Curlew dress' }).click();
  const first = page.getByRole('region', { name: 'What is known already of a first make' });
  await expect(first.getByRole('row', { name: /^bodice/i })).toContainText(/bodice below the bust \+1.5\scm/);
  await expect(first.getByRole('row', { name: /^bodice/i })).toContainText(/One of this designer’s patterns speaks here/);

  // The first make, and that taken back while its account is looked at.
  await page.getByRole('link', { name: 'Log the first make' }).click();
  await page.getByRole('button', { name: /Save make/ }).click();
  await expect(page.getByRole('region', { name: 'Account of Curlew dress' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: 'Log the first make' })).toBeVisible();
});

test('the cardigan: what the fabric did, and that another fabric is the answer, with what would change it', async ({ page }) => {
  await page.goto('/patterns/pattern-eider');
  const did = page.getByRole('region', { name: 'From version 1 to 2' });
  await expect(did).toContainText(
    /bust: right, then tight, spoils: new by the stretch of the fabric\. In a fabric that stretches like the one before it would not have/,
  );
  const again = page.getByRole('region', { name: 'another fabric' });
  await expect(again).toContainText('version 1 in oatmeal merino rib did well: other stretch');
  await expect(again).toContainText('What would change that: a version in another fabric.');
  // The jacket changed its fabric and its cut at once: the sleeve was lengthened, and the fabric may have had a part in it.
  await page.goto('/patterns/pattern-skerry');
  await expect(page.getByRole('region', { name: 'From version 1 to 2' })).toContainText(
    /sleeve: short.*then right: fixed mostly by sleeve length \+1\.5\scm\. Without sleeve length \+1\.5\scm it would have stayed short, nine times in ten\./,
  );
});

test('a note that the others make hardly believable is asked about, once', async ({ page }) => {
  await page.goto('/patterns/pattern-foreshore');
  const cell = page.getByRole('button', { name: /^neck width: .*Why\?$/ });
  await expect(cell).toContainText('is a note wrong?');
  await cell.click();
  const why = page.getByRole('dialog');
  await expect(why).toContainText('is hardly believable beside the others');
  for (const right = why.getByRole('button', { name: 'It is right' }); (await right.count()) > 0;) {
    const asked = await right.count();
    await right.first().click();
    await expect(right).toHaveCount(asked - 1);
  }
  await expect(why).toContainText('You said that it is right: it counts in full.');
  await page.keyboard.press('Escape');
  await expect(cell).toContainText('notes disagree');
  await page.keyboard.press('Control+z');
  await expect(cell).toContainText('is a note wrong?');
});

test('a look asks for the two places that help most, and no longer for what is said', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-lantern');
  const asks = page.getByText('What helps the next one most:');
  await expect(asks).toBeVisible();
  const buttons = asks.locator('..').getByRole('button');
  await expect(buttons).toHaveCount(2);
  const first = (await buttons.first().textContent()) ?? '';
  const zone = /^(.*?):/.exec(first)![1]!;
  await buttons.first().click();
  await page.keyboard.press('r');
  await expect(asks.locator('..')).not.toContainText(`${zone}:`);
});
