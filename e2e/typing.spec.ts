import { expect, test } from './test';

test('eighteen measures typed at thirty milliseconds a key on a slow machine are all kept, and nought is refused', async ({ page }) => {
  await page.goto('/people/person-maren');
  await page.getByRole('button', { name: 'Measure today' }).click();
  const column = page.locator('tbody tr td:nth-of-type(1) input[inputmode="decimal"]');
  await expect(column.first()).toHaveValue('');
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  const typed: string[] = [];
  for (let i = 0; i < 18; i++) {
    typed.push(`${41 + i}`);
    await column.nth(i).focus();
    await page.keyboard.type(`${41 + i}`, { delay: 30 });
  }
  await column.nth(18).focus();
  await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await page.reload();
  await expect(column.nth(17)).not.toHaveValue('');
  expect((await column.evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))).slice(0, 18)).toEqual(typed);

  await column.first().fill('-3');
  await column.first().blur();
  await expect(page.getByText('A measure is more than 0.')).toBeVisible();
  await page.reload();
  await expect(column.first()).toHaveValue(typed[0]!);
});
