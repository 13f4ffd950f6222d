import { gzipSync } from 'node:zlib';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** The most JavaScript that may come before Today is shown, packed. */
const MOST_BYTES = 200_000;
/** What only the class of Chart.js says of itself: no page has it before a chart is looked at. */
const CHARTS = 'is not a registered controller';

/** Opens a page, and gives every script that came before it was shown. */
async function scriptsBefore(page: Page, path: string, shown: string): Promise<readonly string[]> {
  const scripts: Promise<string>[] = [];
  page.on('response', (response) => {
    if (new URL(response.url()).pathname.endsWith('.js')) scripts.push(response.text());
  });
  await page.goto(path);
  await page.locator(shown).first().waitFor();
  page.removeAllListeners('response');
  return Promise.all(scripts);
}

it.each([
  ['the door', '/door', 'h1'],
  ['Today', '/today', '.card'],
  ['the drills', '/drills', '.card'],
])('little comes before %s is shown, and no charts', async (_, path, shown) => {
  const { context, page } = await openWindow(browser);
  if (path !== '/door') await enterDemo(page);
  const scripts = await scriptsBefore(page, path, shown);
  expect(scripts.length).toBeGreaterThan(0);
  expect(scripts.filter((script) => script.includes(CHARTS))).toEqual([]);
  const bytes = scripts.reduce((sum, script) => sum + gzipSync(script).byteLength, 0);
  if (path === '/today' || path === '/door') expect(bytes).toBeLessThanOrEqual(MOST_BYTES);
  await context.close();
});
