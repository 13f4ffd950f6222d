import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('shows who of a group came, and what its weeks never prepared, with a drill for it; for one of them alone, too', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('button', { name: 'Dawn Mixed' }).click();
  await page.getByRole('link', { name: 'Who came' }).click();
  const weeks = page.getByRole('region', { name: 'What the warm-ups prepared' });
  await weeks
    .getByText(/^never in \d+$/)
    .first()
    .waitFor();
  const told = weeks.getByText(/^\d+ warm-ups, each against what came after/);
  const all = parseInt((await told.textContent()) ?? '', 10);
  const came = page.getByRole('region', { name: 'Who came', exact: true });
  const halvard = came.getByRole('row', { name: /^Halvard Quist/ });
  const there = parseInt((await halvard.locator('.clock').textContent()) ?? '', 10);
  expect(there).toBeLessThan(all);
  await expectAccessible(page, 'a group over weeks');

  // Nobody else's health stands here.
  expect(await page.getByText(/niggle|stopped/).count()).toBe(0);

  await weeks.locator('.v-select').click();
  await page.getByRole('option', { name: 'Halvard Quist' }).click();
  await expect.poll(async () => parseInt((await told.textContent()) ?? '', 10)).toBe(there);

  // Further back there is more of it.
  await page.getByRole('button', { name: '12 weeks' }).click();
  await expect.poll(async () => parseInt((await told.textContent()) ?? '', 10)).toBeGreaterThan(there);

  // And a drill for what is missing.
  await weeks.locator('.how a').first().click();
  await page.waitForURL('**/drills/*');
  expect(errors).toEqual([]);
  await context.close();
});

it('says of a group that ran nothing what will stand there', async () => {
  const { context, page } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByLabel('New group').fill('Dusk Walkers');
  await page.getByRole('button', { name: 'Add group' }).click();
  await page.getByRole('button', { name: 'Dusk Walkers' }).waitFor();
  await page.getByRole('link', { name: 'Who came' }).click();
  await page.getByText('Nothing was run with this group in the last 4 weeks').waitFor();
  await context.close();
});
