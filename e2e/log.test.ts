import { parse } from 'csv-parse/sync';
import { readFile } from 'node:fs/promises';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { choose, enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

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
  // What the group reached in a drill stands in the same chart, and in words.
  const dawn = page.locator('.entry', { hasText: 'Dawn Mixed' }).first();
  const later = dawn.getByRole('region', { name: 'Over time' });
  if (!(await dawn.getByRole('button', { name: 'Over time' }).isVisible())) {
    await dawn.getByRole('button', { name: /^Drills of/ }).click();
  }
  if (!(await later.isVisible())) await dawn.getByRole('button', { name: 'Over time' }).click();
  await choose(later.locator('.v-select', { hasText: 'What they reached' }), 'Lateral lunge, reps');
  await later.getByText('On average, of how many: 8.5 (2), 9.5 (2), 11.5 (2) reps').waitFor();
  await expectAccessible(page, 'what a group reached over time');
  expect(errors).toEqual([]);
  await context.close();
});

it('is saved as a file, filtered, and taken in again: what is there already is left, what is new comes in', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/log');
  await page.locator('.entry').first().waitFor();
  const filters = page.getByRole('search', { name: 'Which runs' });
  await choose(filters.locator('.v-select', { hasText: 'Group' }), 'Dawn Mixed');
  await expect.poll(() => page.locator('.entry', { hasNotText: 'Dawn Mixed' }).count()).toBe(0);
  await page.getByRole('button', { name: 'Import or export' }).click();
  const file = page.getByRole('region', { name: 'Import or export' });
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    file.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const csv = await readFile(await saved.path(), 'utf8');
  // The outside reader is csv-parse.
  const rows: Record<string, string>[] = parse(csv, { columns: true });
  expect(new Set(rows.map(({ group }) => group))).toEqual(new Set(['Dawn Mixed']));
  await expectAccessible(page, 'the log as a file');

  const take = (text: string) =>
    file
      .locator('input[type=file]')
      .setInputFiles({ name: 'Log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await take(csv);
  await file.getByText(`0 added, ${String(rows.length)} already here.`).waitFor();
  const [, first = ''] = csv.split('\r\n');
  await take(`${csv.split('\r\n')[0] ?? ''}\r\n${first.replace(/^[\d-]+,[\d:]+,/, '2026-01-02,7:05,')}\r\n`);
  await file.getByText('1 added, 0 already here.').waitFor();
  await take(csv.replace('Dawn Mixed', 'Nobody we know'));
  await file.getByText('Line 2: There is no group called "Nobody we know"').waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
