import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

/** Figures in sight at once. */
const FIGURES = 60;
const FRAMES = 30;
let browser: Browser;
let page: Page;

/** The gallery with its figures in sight, all of them moving or all of them held, once they are drawn. */
async function gallery(reducedMotion: 'reduce' | 'no-preference'): Promise<void> {
  await page.emulateMedia({ reducedMotion });
  await page.goto('/drills');
  const figure = reducedMotion === 'reduce' ? 'svg' : 'canvas';
  await page
    .locator(`.card .figure ${figure}`)
    .nth(FIGURES - 1)
    .waitFor({ state: 'attached' });
  await page.evaluate(() => new Promise((done) => setTimeout(done, 500)));
  await counts();
}

const frames = () =>
  page.evaluate(async (count) => {
    for (let frame = 0; frame < count; frame++) await new Promise((next) => requestAnimationFrame(next));
  }, FRAMES);

/**
 * In the worker that paints beside the page: what was painted since it was last asked. A moving figure is painted over a
 * canvas that is cleared first. The page may keep its rate while its figures have fewer pictures: so both are told.
 */
function takeCount(): { readonly seconds: number; readonly pictures: number; readonly figures: number } {
  const here = globalThis as typeof globalThis & { cleared?: OffscreenCanvasRenderingContext2D[]; asked?: number };
  if (!here.cleared) {
    const { prototype } = OffscreenCanvasRenderingContext2D;
    const clear = prototype.clearRect;
    prototype.clearRect = function (...area) {
      here.cleared?.push(this);
      clear.apply(this, area);
    };
  }
  const now = performance.now();
  const { cleared = [], asked = now } = here;
  [here.cleared, here.asked] = [[], now];
  return { seconds: (now - asked) / 1000, pictures: cleared.length, figures: new Set(cleared).size };
}
const counts = () => Promise.all(page.workers().map((worker) => worker.evaluate(takeCount)));

async function say(): Promise<void> {
  for (const { seconds, pictures, figures } of await counts()) {
    const rate = (pictures / figures / seconds).toFixed(1);
    console.log(`${String(figures)} figures, ${rate} pictures a second each, over ${seconds.toFixed(1)} s.`);
  }
}

beforeAll(async () => {
  browser = await launchBrowser();
  ({ page } = await openWindow(browser, { width: 1600, height: 1000 }, { moving: true }));
  await enterDemo(page);
  await page.goto('/drills');
  await page.getByRole('button', { name: 'Small figures' }).click();
});
afterAll(async () => {
  // The last to run were the moving ones.
  await say();
  await browser.close();
});

describe(`${String(FRAMES)} frames of the gallery, ${String(FIGURES)} figures in sight`, () => {
  const options = { time: 4000, warmupTime: 1000 };
  bench('still', frames, { ...options, setup: () => gallery('reduce') });
  bench('moving', frames, { ...options, setup: () => gallery('no-preference') });
});
