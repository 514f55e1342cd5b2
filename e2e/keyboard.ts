import { expect, type Locator, type Page } from '@playwright/test';

/** Goes to a control as a hand on the keyboard does: with Tab, however many it takes, and no pointer. */
export async function tabTo(page: Page, control: Locator): Promise<void> {
  for (let i = 0; i < 60; i++) {
    if (await control.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  await expect(control, 'reached with Tab').toBeFocused();
}

/** Takes up a thing that is put in order by keys: until it hears the arrows, two frames go by that no hand would notice. */
export async function takeUp(page: Page, grip: Locator): Promise<void> {
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(grip).toHaveAttribute('aria-pressed', 'true');
  await page.evaluate(() => new Promise((heard) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(heard, 50)))));
}
