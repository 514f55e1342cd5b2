import { expect, type Locator, type Page } from '@playwright/test';

/** Goes to a control as a hand on the keyboard does: with Tab, however many it takes, and no pointer. */
export async function tabTo(page: Page, control: Locator): Promise<void> {
  for (let i = 0; i < 60; i++) {
    if (await control.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  await expect(control, 'reached with Tab').toBeFocused();
}
