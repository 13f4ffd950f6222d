import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('shows a warm-up from time to time, and a run beside an earlier one, drill by drill', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/log');
  const entry = page.locator('.entry').first();
  await entry.getByRole('button', { name: 'Over time' }).click();
  const over = entry.getByRole('region', { name: 'Over time' });
  await over.getByRole('img', { name: /over time/ }).waitFor();
  const rows = over.locator('tbody tr');
  const drills = await entry.locator('table').first().locator('tbody tr').count();
  await expect.poll(() => rows.count()).toBe(drills);
  const seconds = () => rows.first().locator('td').nth(1).textContent();
  await expect.poll(seconds).toMatch(/\d:\d\d/);
  await expectAccessible(page, 'a run over time');

  // Another of the earlier ones, further back.
  const before = await over.locator('tbody').textContent();
  const beside = over.locator('.v-select');
  await beside.click();
  const options = page.getByRole('option');
  await expect.poll(() => options.count()).toBeGreaterThan(4);
  await options.nth(3).click();
  await expect.poll(() => over.locator('tbody').textContent()).not.toBe(before);
  expect(errors).toEqual([]);
  await context.close();
});
