import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, seconds } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Twelve runs of the circuit on the sheet, each of which took longer over getting ready than was planned. */
async function logSlowRuns(): Promise<void> {
  const circuitId = /\/circuits\/([^/?#]+)/.exec(location.pathname)?.[1] ?? '';
  const taken = { planned: 60, actual: 90 };
  const now = Date.now();
  for (let at = 1; at <= 12; at += 1) {
    const minutes = (of: number) => new Date(now + at * 60_000 + of * 1000).toISOString();
    const answer = await fetch('/api/runs', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        id: crypto.randomUUID(),
        sessionId: null,
        circuitId,
        circuitTitle: 'Before squats',
        startedAt: minutes(0),
        finishedAt: minutes(8),
        endedEarly: false,
        effort: null,
        warm: null,
        note: '',
        turns: [],
        pace: { move: taken, talk: taken, switch: taken, rest: { planned: 0, actual: 0 }, drills: {} },
      }),
    });
    if (answer.status !== 201) throw new Error(await answer.text());
  }
}

it('times a circuit by how long its coach really takes, says so, and leaves it out when asked', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { ownPace: true });
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Before squats' }).first().click();
  const total = page.locator('[data-test=total]');
  await page.locator('.row').first().waitFor();
  const totalSeconds = async () => seconds(await total.textContent());
  await expect.poll(totalSeconds).toBeGreaterThan(400);
  // What the log of the months before tells: a few seconds of talk.
  const pace = page.getByRole('button', { name: 'Your usual pace' });
  await pace.waitFor();
  const more = async () => Number(/\+0:(\d\d)/.exec((await pace.textContent()) ?? '')?.[1]);
  const usual = await more();
  const planned = (await totalSeconds()) - usual;

  await page.evaluate(logSlowRuns);
  await page.reload();
  await expect.poll(more).toBeGreaterThan(Math.max(10, usual));
  await expect.poll(totalSeconds).toBe(planned + (await more()));
  await expectAccessible(page, 'a sheet at the pace of its coach');

  await pace.click();
  await page.getByText('left out').waitFor();
  await expect.poll(totalSeconds).toBe(planned);
  expect(errors).toEqual([]);
  await context.close();
});
