import { expect, test } from './test';

test.describe('on a slow machine', () => {
  test.use({ ownContext: true });

  test('eighteen measures typed at thirty milliseconds a key are all kept, and nought is refused', async ({ page }) => {
    await page.goto('/people/person-maren');
    const sets = page.getByLabel('Measured on', { exact: true });
    await expect(sets.first()).toBeVisible();
    const before = await sets.count();
    await page.getByRole('button', { name: 'Measure today' }).click();
    await expect(sets).toHaveCount(before + 1);
    const column = page.locator('tbody tr td:nth-of-type(1) input[inputmode="decimal"]');
    await expect(column.first()).toHaveValue('');
    // What was just begun is typed into, down its column.
    await expect(column.first()).toBeFocused();
    const session = await page.context().newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    const typed = Array.from({ length: 18 }, (_, i) => `${41 + i}`);
    await page.keyboard.type(typed.map((figures) => `${figures}\n`).join(''), { delay: 30 });
    await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    await expect(column.nth(18)).toBeFocused();
    await page.reload();
    await expect(column.nth(17)).not.toHaveValue('');
    expect((await column.evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))).slice(0, 18)).toEqual(typed);

    await column.first().fill('-3');
    await column.first().blur();
    await expect(page.getByText('A measure is more than 0.')).toBeVisible();
    // Refused, it is not lost: it stands there again, and the measure before it was not touched.
    await page.reload();
    await expect(column.first()).toHaveValue('-3');
  });
});

test('words in a field that was not left outlive a reload, and are written when it is left; so does the line', async ({ page }) => {
  await page.goto('/people/person-maren');
  const name = page.getByLabel('Name', { exact: true }).first();
  await name.fill('');
  await name.pressSequentially('Maren of the');
  await page.reload();
  await expect(name).toHaveValue('Maren of the');
  await expect(name).toBeFocused();
  await page.keyboard.type(' quay');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Maren of the quay');
  await page.reload();
  await expect(name).toHaveValue('Maren of the quay');

  const line = page.getByLabel(/^Find/).first();
  await line.click();
  await page.keyboard.type('made the Skerry');
  await page.reload();
  await expect(line).toHaveValue('made the Skerry');
});

test('a date typed key by key is written once, as it was meant; one that is not whole leaves the one before', async ({ page }) => {
  const dates: readonly (readonly [address: string, label: string])[] = [
    ['/people/person-maren', 'Measured on'],
    ['/makes/make-skerry-2/change', 'Cut on'],
    ['/sew-next/plan-skerry-2026-10-04', 'Wanted by'],
  ];
  for (const [address, label] of dates) {
    await page.goto(address);
    const field = page.getByLabel(label, { exact: true }).first();
    await expect(field).toBeVisible();
    const acts = () =>
      page.evaluate(async () => {
        const open = indexedDB.open('amber-ledger');
        const database = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
        const asked = database.transaction('journal').objectStore('journal').count();
        const count = await new Promise<number>((done) => (asked.onsuccess = () => done(asked.result)));
        database.close();
        return count;
      });
    const before = await acts();
    await field.focus();
    // The same month and day, whichever of them this browser asks for first.
    await field.pressSequentially('09092024', { delay: 20 });
    expect(await acts()).toBe(before);
    await page.locator('h1').click();
    await expect.poll(acts).toBe(before + 1);
    const written = page.getByLabel(label, { exact: true }).and(page.locator('[value="2024-09-09"]')).first();
    await expect(written).toBeVisible();

    await written.focus();
    await page.keyboard.press('Backspace');
    await page.locator('h1').click();
    await expect(page.getByText('This date is not whole')).toBeVisible();
    await page.reload();
    await expect(written).toBeVisible();
  }
});
