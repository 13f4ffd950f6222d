import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, pasteLines, seconds, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('counts a hundred slots anew from every letter: the total, the clocks of all rows below, and the row itself', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await pasteLines(page, ['raise', ...Array.from({ length: 100 }, () => 'body-weight squat 10 @1-0-1')]);
  const rows = page.locator('.lines [data-line]');
  await expect.poll(() => rows.count()).toBe(100);
  const read = async () => ({
    total: seconds(await page.locator('[data-test="total"]').textContent()),
    last: seconds(await rows.last().locator('.at').textContent()),
    work: seconds(await rows.first().locator('.time .clock').textContent()),
    fuse: (await page.getByRole('img', { name: /^Fuse: / }).getAttribute('aria-label')) ?? '',
  });
  const before = await read();
  expect(before.work).toBe(20);

  await rows.first().locator('.what').click();
  const reps = page.locator('.editor').getByLabel('Reps', { exact: true });
  await reps.press('End');
  await reps.press('Backspace');
  await expect.poll(async () => (await read()).work).toBe(2);
  await reps.pressSequentially('5');
  // Fifteen squats of two seconds instead of ten: ten seconds more for everything that comes after.
  await expect.poll(read).toMatchObject({ total: before.total + 10, last: before.last + 10, work: 30 });
  expect((await read()).fuse).not.toBe(before.fuse);

  expect(errors).toEqual([]);
  await context.close();
});
