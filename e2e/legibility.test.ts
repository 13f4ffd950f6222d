import { AxeBuilder } from '@axe-core/playwright';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** A 43-inch screen, 16 to 9, seen from the back of a hall. */
const INCHES = 43;
const WIDTH = 1920;
const HEIGHT = 1080;
const METRES = 8;
const MM_A_PIXEL = (INCHES * 25.4 * (9 / Math.hypot(16, 9))) / HEIGHT;

/** What a height in pixels measures from there, in minutes of arc. */
const minutesOfArc = (pixels: number): number =>
  (2 * Math.atan((pixels * MM_A_PIXEL) / 2 / (METRES * 1000)) * 180 * 60) / Math.PI;

/**
 * A letter of 5 minutes of arc is read by an eye of 6/6 (Snellen; ISO 8596), one of 7.5 by 6/9, one of 10 by 6/12: from
 * memory. What people act on is for the weakest of these eyes, what tells them how for the next, and the rest for 6/6.
 */
const LEAST: readonly (readonly [selector: string, arc: number])[] = [
  ['.now h1', 10],
  ['[data-test="seconds"]', 10],
  ['.side', 10],
  ['.kind', 7.5],
  ['.cue', 7.5],
  ['.rep', 7.5],
  ['.next > span', 7.5],
  ['.tracks li > span', 7.5],
  ['.top p', 5],
  ['.caption', 5],
];

it('is read from eight metres on a 43-inch screen, line by line, with contrast to spare', async () => {
  const { context, page, errors } = await openWindow(browser, { width: WIDTH, height: HEIGHT });
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['mobilise 2 rounds', 'lateral lunge 12/side @3s', 'cat-cow 8']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.locator('.kind', { hasText: 'Work' }).waitFor();
  await page.locator('.caption', { hasText: /./ }).waitFor();
  await page.keyboard.press('Space');
  // Capital letters as they are drawn, every line of text on the screen but the controls.
  const lines = await page.evaluate(
    (selectors) => {
      const pen = document.createElement('canvas').getContext('2d');
      const capOf = (element: Element): number => {
        const { fontWeight, fontSize, fontFamily } = getComputedStyle(element);
        if (!pen) return 0;
        pen.font = `${fontWeight} ${fontSize} ${fontFamily}`;
        return pen.measureText('H').actualBoundingBoxAscent;
      };
      const known = selectors.map((selector) => ({
        selector,
        caps: [...document.querySelectorAll(selector)].map(capOf),
      }));
      const walker = document.createTreeWalker(document.querySelector('.run') ?? document.body, NodeFilter.SHOW_TEXT);
      const others: string[] = [];
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const holder = node.parentElement;
        const text = node.textContent?.trim() ?? '';
        if (!holder || text === '' || holder.closest('.controls, .visually-hidden, .said')) continue;
        if (!selectors.some((selector) => holder.closest(selector))) others.push(text);
      }
      return { known, others };
    },
    LEAST.map(([selector]) => selector),
  );
  expect(lines.others).toEqual([]);
  for (const [selector, arc] of LEAST) {
    const caps = lines.known.find((one) => one.selector === selector)?.caps ?? [];
    // Without tracks there is no line of theirs; every other line is there.
    if (selector !== '.tracks li > span') expect([selector, caps.length > 0]).toEqual([selector, true]);
    for (const cap of caps) expect([selector, minutesOfArc(cap) >= arc]).toEqual([selector, true]);
  }
  // All of it is on the screen: nothing is to be scrolled to on a wall.
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(HEIGHT);
  // The figures of the seconds are a quarter of the screen high at least.
  const digits = lines.known.find(({ selector }) => selector === '[data-test="seconds"]')?.caps[0] ?? 0;
  expect(digits / HEIGHT).toBeGreaterThanOrEqual(0.25);
  const { violations } = await new AxeBuilder({ page })
    .include('.run')
    .withRules(['color-contrast-enhanced'])
    .analyze();
  expect(violations.flatMap(({ nodes }) => nodes.map(({ html }) => html.slice(0, 120)))).toEqual([]);
  expect(errors).toEqual([]);
  await context.close();
});
