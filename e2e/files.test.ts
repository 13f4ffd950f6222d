import { parse } from 'csv-parse/sync';
import { readFile } from 'node:fs/promises';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Presses a button that hands out a file, and reads it with a general-purpose reader from the registry. */
async function takeOut(page: Page, button: string): Promise<{ readonly text: string; readonly rows: string[][] }> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  const text = await readFile(await download.path(), 'utf8');
  return { text, rows: parse(text, { bom: true }) };
}

/** Lines as CSV, each cell in quotes (RFC 4180). */
const csvOf = (rows: readonly (readonly string[])[]): string =>
  rows.map((row) => row.map((cell) => `"${cell.replaceAll('"', '""')}"`).join(',')).join('\r\n');

const takeIn = (page: Page, name: string, csv: string) =>
  page.getByLabel('CSV file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(csv) });

it('takes the library out, brings a changed one back, and takes nothing in where a line is wrong', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/drills');
  await page.getByRole('button', { name: 'Import or export' }).click();
  const { text, rows } = await takeOut(page, 'Export the library');
  const [heads = [], ...drills] = rows;
  expect(drills.length).toBeGreaterThan(200);
  const [id, name, aliases] = ['id', 'name', 'aliases'].map((head) => heads.indexOf(head));
  if (id === undefined || name === undefined || aliases === undefined) throw new Error('A column is missing.');

  const status = page.locator('.file [role="status"]');
  await takeIn(page, 'drills.csv', text);
  await status.getByText(`0 added, ${String(drills.length)} already here.`).waitFor();

  const first = drills[0] ?? [];
  const own = (title: string) =>
    first.map((cell, at) => {
      if (at === id) return `own-${title.toLowerCase().replaceAll(' ', '-')}`;
      if (at === name) return title;
      return at === aliases ? '' : cell;
    });
  const spoilt = own('Tideline reset').map((cell, at) => (heads[at] === 'effort' ? 'eleven' : cell));
  await takeIn(page, 'drills.csv', csvOf([heads, own('Quayside reset'), spoilt]));
  await page.getByText('Nothing was imported').waitFor();
  await page.locator('.file li', { hasText: 'Line 3' }).waitFor();
  await expectAccessible(page, 'an import with a line that is wrong');
  await page.getByRole('textbox', { name: 'Name, or' }).fill('Quayside reset');
  await expect.poll(() => page.locator('.card', { hasText: 'Quayside reset' }).count()).toBe(0);

  await takeIn(page, 'drills.csv', csvOf([heads, own('Quayside reset'), own('Tideline reset')]));
  await status.getByText('2 added, 0 already here.').waitFor();
  await page.getByRole('link', { name: 'Quayside reset' }).waitFor();
  await takeIn(page, 'drills.csv', 'not,a,library\n1,2,3\n');
  await page.getByText('Nothing was imported').waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('takes people out as asked, brings somebody in, and deletes them for good', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('button', { name: 'Import or export' }).click();
  const { rows } = await takeOut(page, 'Export my people');
  const [heads = [], ...people] = rows;
  expect(people.length).toBeGreaterThan(10);
  const at = heads.indexOf('name');
  expect(people.map((person) => person[at])).toContain('Halvard Quist');

  const status = page.locator('.file [role="status"]');
  const named = (person: readonly string[], title: string) =>
    person.map((cell, place) => (place === at ? title : cell));
  const halvard = people.find((person) => person[at] === 'Halvard Quist') ?? [];
  await takeIn(page, 'people.csv', csvOf([heads, named(halvard, '')]));
  await page.getByText('Nothing was imported').waitFor();
  await takeIn(page, 'people.csv', csvOf([heads, named(halvard, 'Ragna Firth'), halvard]));
  await status.getByText('1 added, 1 already here.').waitFor();

  const link = page.getByRole('link', { name: 'Ragna Firth' });
  await link.click();
  await page.getByRole('heading', { level: 1, name: 'Ragna Firth' }).waitFor();
  // What was exported is noted in the record it came from.
  await page.goBack();
  await page.getByRole('link', { name: 'Halvard Quist' }).click();
  await page.getByText('Who has seen or changed this').click();
  await page.getByText('Imke Sandvoort took out to a file').first().waitFor();
  await page.goBack();
  await link.click();
  await page.getByRole('button', { name: 'Delete permanently…' }).click();
  await expectAccessible(page, 'asked whether to delete somebody');
  await page.getByRole('button', { name: 'Delete permanently', exact: true }).click();
  await page.waitForURL('**/people');
  await page.getByRole('link', { name: 'Halvard Quist' }).waitFor();
  expect(await link.count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});
