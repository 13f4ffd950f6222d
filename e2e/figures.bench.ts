import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

const FRAMES = 30;
let browser: Browser;
let page: Page;

/** The gallery with 60 figures in sight at once, all of them moving unless less motion is asked for. */
async function gallery(reducedMotion: 'reduce' | 'no-preference'): Promise<void> {
  await page.emulateMedia({ reducedMotion });
  await page.goto('/drills');
  await page.locator('.card path.near').nth(59).waitFor({ state: 'attached' });
  await page.evaluate(() => new Promise((done) => setTimeout(done, 500)));
}

const frames = () =>
  page.evaluate(async (count) => {
    for (let frame = 0; frame < count; frame++) await new Promise((next) => requestAnimationFrame(next));
  }, FRAMES);

beforeAll(async () => {
  browser = await launchBrowser();
  ({ page } = await openWindow(browser, { width: 1600, height: 1000 }));
  await enterDemo(page);
  await page.goto('/drills');
  await page.getByRole('button', { name: 'Small figures' }).click();
});
afterAll(() => browser.close());

describe(`${String(FRAMES)} frames of the gallery, 60 figures in sight`, () => {
  const options = { time: 4000, warmupTime: 1000 };
  bench('still', frames, { ...options, setup: () => gallery('reduce') });
  bench('moving', frames, { ...options, setup: () => gallery('no-preference') });
});
