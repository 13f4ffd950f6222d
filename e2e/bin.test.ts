import { parse } from 'csv-parse/sync';
import { readFile } from 'node:fs/promises';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  enterDemo,
  expectAccessible,
  launchBrowser,
  openWindow,
  startStage,
  typeLines,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('joins two records of one class, and takes them apart again', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Run on two screens');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['raise', 'step jack 40s alt', 'cat-cow 8']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = page.url();
  for (const note of ['On the wall.', 'On the phone.']) {
    await page.goto(sheet);
    await startStage(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Stop and log it' }).click();
    await page.getByLabel(/Note/).fill(note);
    await page.getByRole('button', { name: 'Save to log' }).click();
    await page.waitForURL('**/log');
  }
  const entries = page.locator('.entry', { hasText: 'Run on two screens' });
  await expect.poll(() => entries.count()).toBe(2);
  // Looked at before: the notice with its way back does not wait for a slow look.
  await expectAccessible(page, 'two records of one class');
  await entries
    .first()
    .getByRole('button', { name: /^Join with the one at / })
    .click();
  await expect.poll(() => entries.count()).toBe(1);
  await entries.first().getByText('On the wall.').waitFor();
  await entries.first().getByText('On the phone.').waitFor();
  await page.getByRole('button', { name: 'Take them apart' }).click();
  await expect.poll(() => entries.count()).toBe(2);
  expect(errors).toEqual([]);
  await context.close();
});

it('keeps a person who was removed for those who coach them, and restores them as they were', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Halvard Quist' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await page.waitForURL('**/people');
  await page.getByText('Halvard Quist removed. They stay in the bin for 30 days.').waitFor();
  const listed = page.getByRole('link', { name: 'Halvard Quist' });
  await page.locator('article').first().waitFor();
  expect(await listed.count()).toBe(0);
  await page.getByRole('link', { name: 'Bin' }).click();
  await page.getByLabel('Find by title or name').fill('quist');
  await page.getByText('Person', { exact: true }).waitFor();
  await expectAccessible(page, 'a person in the bin');
  await page.getByRole('button', { name: 'Restore Halvard Quist' }).click();
  await page.getByText('“Halvard Quist” restored.').waitFor();
  await page.getByRole('link', { name: 'People' }).click();
  await listed.click();
  const limits = page.getByRole('region', { name: 'How careful to be' });
  await limits.or(page.getByText('Everything standing or on a chair.')).first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('keeps what was removed: a circuit with its sessions, a log entry that is put right first, both found and restored', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('button', { name: 'Remove Before squats', exact: true }).click();
  await page.getByText(/“Before squats” removed\. \d+ sessions in the schedule still use it\./).waitFor();

  await page.goto('/log');
  const entry = page.locator('.entry').first();
  await entry.getByRole('button', { name: 'Correct effort or note' }).click();
  await entry.getByRole('textbox', { name: /Note/ }).fill('Doors open, colder than planned.');
  await expectAccessible(page, 'correcting a log entry');
  await entry.getByRole('button', { name: 'Save' }).click();
  await entry.getByText('Doors open, colder than planned.').waitFor();
  await page.getByRole('button', { name: 'Import or export' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const rows: string[][] = parse(await readFile(await file.path()));
  expect(rows[0]?.at(-1)).toBe('note');
  expect(rows[1]?.at(-1)).toBe('Doors open, colder than planned.');
  const title = (await entry.getByRole('heading', { level: 2 }).textContent()) ?? '';
  await entry.getByRole('button', { name: 'Remove from log' }).click();
  await page.getByText(`“${title}” removed from the log.`).waitFor();

  // The message is gone, the way back is not.
  await page.reload();
  await page.getByRole('link', { name: 'Bin' }).click();
  await page.getByRole('heading', { level: 1, name: 'Bin' }).waitFor();
  await page.getByText('Log entry,').waitFor();
  await expectAccessible(page, 'the bin');
  await page.getByRole('textbox', { name: 'Find by title' }).fill('before squ');
  await page.getByText('Log entry,').waitFor({ state: title === 'Before squats' ? 'visible' : 'detached' });
  await page.getByRole('listitem').filter({ hasText: 'Circuit' }).getByRole('button', { name: 'Restore' }).click();
  await page.getByText('“Before squats” restored.').waitFor();
  await page.getByRole('textbox', { name: 'Find by title' }).fill('');
  await page.getByRole('listitem').filter({ hasText: 'Log entry' }).getByRole('button', { name: 'Restore' }).click();
  await page.getByText('The bin is empty.').waitFor();
  await page.goto('/log');
  await page.getByText('Doors open, colder than planned.').waitFor();
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Before squats', exact: true }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
