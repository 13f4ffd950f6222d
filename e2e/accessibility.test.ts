import { LONG } from '@prompt-spark/core/testing/often';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, startStage } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

describe.each([
  { name: 'on a laptop', width: 1280, height: 800 },
  { name: 'on a phone', width: 390, height: 844 },
])('every screen $name', (size) => {
  it('has no serious barrier, runs nothing past the edge, and breaks no security policy', async () => {
    const { context, page, errors } = await openWindow(browser, size);
    await page.goto('/');
    await page.getByRole('button', { name: 'Enter the demo studio' }).waitFor();
    await look(page, 'the door');
    await page.getByRole('button', { name: 'Open a studio' }).click();
    await look(page, 'opening a studio');

    await enterDemo(page);
    await page.locator('.card').first().waitFor();
    await look(page, 'Today');
    await page.getByRole('button', { name: 'Add a session' }).click();
    await page.getByRole('button', { name: 'Add to schedule' }).waitFor();
    await look(page, 'the book');

    await page.goto('/circuits');
    await page.locator('.card').first().waitFor();
    await look(page, 'circuits');

    await page.getByRole('link', { name: 'Before squats' }).first().click();
    await page.locator('.row').first().waitFor();
    await look(page, 'the sheet');
    await page.locator('.what').first().click();
    await page.locator('.about').click();
    await look(page, 'the sheet with a dose and settings open');

    await startStage(page);
    await look(page, 'the Stage');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Stop and log it' }).click();
    await page.getByRole('heading', { name: 'Stopped early' }).waitFor();
    await look(page, 'the end of a run');

    await page.goto('/log');
    await page.locator('.entry').first().waitFor();
    await look(page, 'the log');
    await page.goto('/drills');
    await page.locator('.card').first().waitFor();
    // The gallery is long; a search leaves a few of its cards to look at.
    await page.getByRole('textbox', { name: 'Name, or' }).fill('lunge');
    await page.getByRole('button', { name: 'Import or export' }).click();
    await look(page, 'drills');
    await page.goto('/drills/lateral-lunge');
    await page.locator('.rung').first().waitFor();
    await look(page, 'a drill');
    await page.goto('/drills/new?from=lateral-lunge');
    await page.getByRole('heading', { name: 'A drill of our own' }).waitFor();
    await look(page, 'the drill form');
    await page.goto('/no/such/place');
    await page.getByRole('heading', { name: 'Page not found' }).waitFor();
    await look(page, 'nowhere');
    expect(errors).toEqual([]);
    await context.close();
  });
});

/**
 * At every change a laptop's screens are read by axe, and a phone's looked at for what runs past the edge. Every night both
 * are read, in both themes: a screen that is paper today may be on the wall tomorrow.
 */
async function look(page: Page, what: string): Promise<void> {
  const onPhone = (page.viewportSize()?.width ?? 0) < 800;
  if (LONG || !onPhone) await expectAccessible(page, what);
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(over, `${what} runs past the edge`).toBeLessThanOrEqual(0);
  if (!LONG) return;
  const swap = (from: string, to: string) =>
    page.evaluate(
      ([out, into]) => {
        for (const element of document.querySelectorAll(`.v-theme--${out}`)) {
          element.classList.replace(`v-theme--${out}`, `v-theme--${into}`);
        }
      },
      [from, to] as const,
    );
  const onStage = await page.locator('.v-application.v-theme--stage').count();
  const [here, there] = onStage > 0 ? (['stage', 'paper'] as const) : (['paper', 'stage'] as const);
  // What is drawn anew meanwhile puts its own theme on again: until the whole page has changed.
  await expect
    .poll(async () => {
      await swap(here, there);
      await page.evaluate(() => new Promise((next) => setTimeout(next, 200)));
      return page.locator(`.v-theme--${here}`).count();
    })
    .toBe(0);
  await expectAccessible(page, `${what}, ${there} theme`);
  await swap(there, here);
}
