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

/** The most taps that a copy for another group may take, without floor drills and in the time there is (issue 19). */
const MOST_TAPS_FOR_A_COPY = 12;

it('copies a circuit for another group, without floor drills, in six minutes', async () => {
  const phone = { width: 390, height: 844 };
  const { context, page, errors } = await openWindow(browser, phone, { hasTouch: true });
  await enterDemo(page);
  await page.locator('.card').first().waitFor();
  const thumb = new Thumb();
  await thumb.tap(page.getByRole('link', { name: 'Circuits' }));
  await thumb.tap(page.getByRole('button', { name: 'Copy Before squats' }));
  const form = page.getByRole('dialog').locator('form');
  await thumb.tap(form.locator('.v-select', { hasText: 'For whom' }));
  await thumb.tap(page.getByRole('option', { name: 'Allotment Movers' }));
  const minutes = form.getByRole('textbox', { name: 'Time available, minutes' });
  await thumb.tap(minutes);
  await minutes.fill('6');
  await thumb.tap(form.getByText('Nothing on the floor'));
  await thumb.tap(form.getByRole('button', { name: 'Copy', exact: true }));
  await page.waitForURL(/\/circuits\/[\w-]+\/fit/);
  await thumb.tap(page.getByRole('button', { name: 'Replace the original' }));
  await page.waitForURL(/\/circuits\/[\w-]+$/);
  await page.locator('.row').first().waitFor();
  expect(thumb.taps).toBeLessThanOrEqual(MOST_TAPS_FOR_A_COPY);
  await page.getByText('Allotment Movers').first().waitFor();
  const total = await page.locator('[data-test="total"]').innerText();
  expect(total <= '6:00').toBe(true);
  const rows = (await page.locator('.what').allInnerTexts()).join('\n');
  expect(rows).toContain('Cat-cow: standing, hands on thighs');
  for (const floor of ['Cat-cow', 'Glute bridge', 'Inchworm', 'Long lunge with rotation'])
    expect(rows.split('\n')).not.toContain(floor);
  expect(await page.getByRole('textbox', { name: 'Title' }).inputValue()).toBe('Before squats, Allotment Movers');
  expect(errors).toEqual([]);
  await context.close();
});
