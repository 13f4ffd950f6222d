import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, seconds } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Five runs of the circuit on the sheet, each of which took longer over getting ready than was planned. */
async function logFiveSlowRuns(): Promise<void> {
  const circuitId = /\/circuits\/([^/?#]+)/.exec(location.pathname)?.[1] ?? '';
  const taken = { planned: 60, actual: 90 };
  for (let at = 1; at <= 5; at += 1) {
    const minutes = (of: number) => new Date(Date.UTC(2026, 10, at, 6, of)).toISOString();
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
        pace: { move: taken, talk: taken, switch: taken },
      }),
    });
    if (answer.status !== 201) throw new Error(await answer.text());
  }
}

it('times a circuit by how long its coach really takes, says so, and leaves it out when asked', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Before squats' }).first().click();
  const total = page.locator('[data-test=total]');
  await page.locator('.row').first().waitFor();
  const totalSeconds = async () => seconds(await total.textContent());
  await expect.poll(totalSeconds).toBeGreaterThan(400);
  const planned = await totalSeconds();
  expect(await page.getByText('Your usual pace').count()).toBe(0);

  await page.evaluate(logFiveSlowRuns);
  await page.reload();
  const pace = page.getByRole('button', { name: 'Your usual pace' });
  await pace.waitFor();
  const more = Number(/\+0:(\d\d)/.exec((await pace.textContent()) ?? '')?.[1]);
  expect(more).toBeGreaterThan(10);
  await expect.poll(totalSeconds).toBe(planned + more);
  await expectAccessible(page, 'a sheet at the pace of its coach');

  await pace.click();
  await page.getByText('left out').waitFor();
  await expect.poll(totalSeconds).toBe(planned);
  expect(errors).toEqual([]);
  await context.close();
});
