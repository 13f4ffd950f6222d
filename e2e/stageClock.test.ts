import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, typeLines, untilItRuns, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const secondsShown = async (page: Page) => Number(await page.locator('[data-test="seconds"]').textContent());

/** Waits until the page has drawn what is so now: by the second frame, the first has been shown. */
const drawn = (page: Page) =>
  page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));

/** The page's own clock in seconds and what its countdown shows, read in one frame. */
const look = (page: Page) =>
  page.evaluate(() => ({
    now: performance.now() / 1000,
    shown: Number(document.querySelector('[data-test="seconds"]')?.textContent),
    kind: document.querySelector('.kind')?.textContent,
  }));

const FRAME = 0.034;
/** Ready 3 and then 57 of work, five times: ready is 2 from the second round on. */
const leftAt = (position: number) => {
  const into = position < 60 ? position : (position - 60) % 59;
  const ready = position < 60 ? 3 : 2;
  return into < ready ? ready - into : ready + 57 - into;
};
/** What may be shown within a frame of a position. */
const mayShow = (position: number) => [position - FRAME, position, position + FRAME].map((at) => Math.ceil(leftAt(at)));

describe('the Stage in a page whose time is moved by hand', () => {
  it('is within a frame at every look over ten minutes, throttled to one a second and hidden now and then', async () => {
    const { context, page } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['raise 10 rounds', 'step jack 57s alt']);
    await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

    // No audio here: the page's own monotonic clock drives the Stage, and the test drives that.
    await page.addInitScript(() => Reflect.deleteProperty(window, 'AudioContext'));
    await page.clock.install();
    await page.reload();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByText('Get ready').first().waitFor();
    await page.clock.pauseAt(new Date(Date.now() + 1_000));
    let border = await look(page);
    while (border.kind !== 'Work') {
      await page.clock.runFor(16);
      border = await look(page);
    }
    const began = border.now - 3;

    const seen: string[] = [];
    for (let looks = 1; looks <= 400; looks += 1) {
      // A page that is hidden fires each timer at most once when it is back.
      await (looks % 40 === 0 ? page.clock.fastForward(20_000) : page.clock.runFor(1_000));
      const { now, shown } = await look(page);
      if (!mayShow(now - began).includes(shown)) seen.push(`${String(shown)} at ${String(now - began)}`);
      if (now - began > 565) break;
    }
    expect(seen).toEqual([]);
    await page.clock.fastForward(60_000);
    await page.getByRole('heading', { name: 'Done' }).waitFor();
    // Ready 3, nine times 2, ten times 57: every second is booked, looked at or not.
    await expect.poll(() => page.locator('.end .clock').textContent()).toBe('9:51');
    await context.close();
  });
});

describe('the Stage in real time', () => {
  it('keeps to the time of the wall with the processor throttled and sound that stumbles, and catches up after another tab was in front', async () => {
    const { context, page } = await openWindow(browser);
    // A machine too busy to make sound in time: the audio clock stands one second in two.
    await page.addInitScript(() => {
      const { get } = Object.getOwnPropertyDescriptor(BaseAudioContext.prototype, 'currentTime') ?? {};
      Object.defineProperty(BaseAudioContext.prototype, 'currentTime', {
        get(this: BaseAudioContext) {
          const made = Number(get?.call(this));
          return Math.floor(made / 2) + Math.min(1, made % 2);
        },
      });
    });
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['step jack 60s alt']);
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByText('Work', { exact: true }).waitFor();
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    const first = await look(page);
    // A whole second of rounding, the quarter that the audio clock may be behind, and a throttled frame.
    const drifted = async () => {
      await drawn(page);
      const { now, shown } = await look(page);
      return Math.abs(first.shown - shown - (now - first.now));
    };

    await page.waitForTimeout(4_000);
    expect(await drifted()).toBeLessThan(1.5);
    const other = await context.newPage();
    await other.bringToFront();
    await other.waitForTimeout(3_000);
    await other.close();
    await page.bringToFront();
    expect(await drifted()).toBeLessThan(1.5);
    await context.close();
  });

  it('pauses, steps back and on, and adds ten seconds, from the keyboard', async () => {
    const { context, page } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['step jack 40s alt', 'cat-cow 5 @4s']);
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await untilItRuns(page);
    await page.keyboard.press('ArrowRight');
    await page.getByText('Work', { exact: true }).waitFor();
    await page.keyboard.press('+');
    await expect.poll(() => secondsShown(page)).toBeGreaterThan(46);
    await page.keyboard.press(' ');
    await page.getByText('Paused').waitFor();
    const stood = await secondsShown(page);
    await page.waitForTimeout(1_500);
    expect(await secondsShown(page)).toBe(stood);
    await page.keyboard.press('ArrowRight');
    await page.locator('h1', { hasText: 'Cat-cow' }).waitFor();
    await page.keyboard.press('ArrowLeft');
    await page.locator('h1', { hasText: 'Step jack' }).waitFor();
    await page.keyboard.press(' ');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Leave without logging' }).click();
    await page.waitForURL(/\/circuits\//);
    await context.close();
  });
});
