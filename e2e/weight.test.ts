import { gzipSync } from 'node:zlib';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** The most JavaScript that may come before the door or Today is shown, packed. */
const MOST_BYTES = 200_000;
/** What only a large part says of itself, by the name of the part: no page waits for one that it does not begin with. */
const PARTS = [
  ['the charts', 'is not a registered '],
  ['the calendar', 'v-date-picker'],
] as const;

/** Opens a page, and gives every script that came before it was shown. */
async function scriptsBefore(page: Page, path: string, shown: string): Promise<readonly string[]> {
  // What the page before had asked for is none of its own.
  await page.goto('about:blank');
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
  ['the door', '/door', 'h1', MOST_BYTES],
  ['Today', '/today', '.card', MOST_BYTES],
  ['the drills', '/drills', '.card', Infinity],
  ['the circuits', '/circuits', '.card', Infinity],
])('little comes before %s is shown, and no part that it does not begin with', async (_, path, shown, most) => {
  const { context, page } = await openWindow(browser);
  if (path !== '/door') await enterDemo(page);
  const scripts = await scriptsBefore(page, path, shown);
  expect(scripts.length).toBeGreaterThan(0);
  const early = PARTS.filter(([, says]) => scripts.some((script) => script.includes(says)));
  expect(early.map(([part]) => part)).toEqual([]);
  const bytes = scripts.reduce((sum, script) => sum + gzipSync(script).byteLength, 0);
  expect(bytes).toBeLessThanOrEqual(most);
  await context.close();
});
