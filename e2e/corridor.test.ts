import type { Browser, Locator } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, find, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** A thumb that counts. */
class Thumb {
  taps = 0;
  async tap(what: Locator): Promise<void> {
    this.taps += 1;
    await what.tap();
  }
}

/** The most taps that the road from the corridor to the Stage may take (issue 19). */
const MOST_TAPS = 25;

it('leads from the corridor to the Stage: two new, one away, one sore, swaps settled, five minutes', async () => {
  const phone = { width: 390, height: 844 };
  const { context, page, errors } = await openWindow(browser, phone, { hasTouch: true });
  await enterDemo(page);
  // The class stands in the schedule already.
  await page.getByRole('button', { name: 'Add a session' }).click();
  const form = page.locator('form');
  await find(form.getByRole('combobox', { name: 'Circuit' }), 'Before squats');
  await form.getByLabel('Starts at', { exact: true }).fill('23:57');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const card = page.locator('.card', { hasText: '23:57' });
  await card.waitFor();

  const thumb = new Thumb();
  const comes = (name: RegExp, state: string) =>
    card.getByRole('radiogroup', { name }).getByRole('radio', { name: state, exact: true });
  await thumb.tap(card.getByRole('button', { name: /^Who is here/ }));
  await thumb.tap(comes(/Halvard Quist/, 'not here'));
  const others = card.getByRole('radiogroup', { name: /^How (?!Halvard)/ });
  await thumb.tap(others.nth(0).getByRole('radio', { name: 'new', exact: true }));
  await thumb.tap(others.nth(1).getByRole('radio', { name: 'new', exact: true }));
  await thumb.tap(others.nth(2).getByRole('radio', { name: 'sore', exact: true }));
  await thumb.tap(card.getByRole('group', { name: 'Where' }).getByRole('button', { name: 'hip' }));
  await card.getByText(/^13 of 14 here/).waitFor();
  await thumb.tap(card.getByRole('button', { name: /^Who is here/ }));
  await thumb.tap(card.getByRole('link', { name: /needs? a swap/ }));
  await thumb.tap(page.getByRole('button', { name: 'Use these' }));
  await page.getByRole('status').getByText('In use').waitFor();
  await thumb.tap(page.getByRole('link', { name: 'Today' }));
  await thumb.tap(card.getByRole('button', { name: 'We’re late' }));
  const minutes = page.getByRole('textbox', { name: 'Minutes left' });
  await thumb.tap(minutes);
  await minutes.fill('5');
  await page.locator('[data-test="late-answer"]').waitFor();
  await thumb.tap(page.getByRole('button', { name: 'Start this one' }));
  await page.waitForURL('**/stage/**');
  await page.locator('.now h1').waitFor();
  expect(thumb.taps).toBeLessThanOrEqual(MOST_TAPS);
  expect(errors).toEqual([]);
  await context.close();
});
