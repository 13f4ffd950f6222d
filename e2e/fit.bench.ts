import type { Browser, Locator, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
let page: Page;
let minutes: Locator;
beforeAll(async () => {
  browser = await launchBrowser();
  ({ page } = await openWindow(browser, undefined, { moving: true }));
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Haul and jump' }).first().click();
  await page.locator('.row').first().waitFor();
  minutes = page.getByRole('dialog', { name: 'We’re late' }).getByRole('textbox', { name: 'Minutes left' });
});
afterAll(async () => {
  const sorted = opened.toSorted((one, other) => one - other);
  const said = [sorted[Math.floor(sorted.length / 2)], sorted.at(-1)].map((took) => `${(took ?? NaN).toFixed(0)} ms`);
  console.log(
    `From the key to the painted answer, ${String(sorted.length)} times: ${said.join(' at the median, at most ')}.`,
  );
  await browser.close();
});

const answer = () => page.locator('[data-test="late-answer"]').waitFor();

const opened: number[] = [];

/** Opened by its key; the time to the painted answer is taken in the page, for closing takes its own time. */
async function openAndClose(): Promise<void> {
  const took = await page.evaluate(async () => {
    const pressed = performance.now();
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true, cancelable: true }));
    while (!document.querySelector('[data-test="late-answer"]')) await new Promise(requestAnimationFrame);
    await new Promise(requestAnimationFrame);
    return performance.now() - pressed;
  });
  opened.push(took);
  await page.getByRole('button', { name: 'Close' }).click();
  await minutes.waitFor({ state: 'detached' });
}

let asked = 0;
/** Other minutes typed, until what fits them is on the screen. */
async function otherMinutes(): Promise<void> {
  asked += 1;
  const seconds = 240 + (asked % 60);
  await minutes.fill(`${String(Math.floor(seconds / 60))}:${String(seconds % 60).padStart(2, '0')}`);
  await answer();
  await page.evaluate(() => new Promise(requestAnimationFrame));
}

describe('“We’re late” on a circuit of twelve slots, from key press to answer (aim: under 500 ms)', () => {
  bench('opened by its key, answered, and closed again', openAndClose, {
    iterations: 8,
    time: 100,
    warmupIterations: 1,
  });
  bench('other minutes typed, answered', otherMinutes, {
    iterations: 20,
    time: 500,
    setup: async () => {
      if (await minutes.isVisible()) return;
      await page.keyboard.press('l');
      await answer();
    },
  });
});
