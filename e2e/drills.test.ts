import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('finds a drill by its alias, narrows the library, steps down a ladder, and puts the drill in a circuit', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('link', { name: 'Drills' }).click();
  const count = page.locator('[data-test="count"]');
  await expect.poll(() => count.textContent()).toMatch(/^2\d\d drills/);
  await expectAccessible(page, 'drills');

  // A slip of the finger is forgiven.
  await page.getByRole('textbox', { name: 'Name, alias' }).fill('crab wlak');
  await page.getByRole('link', { name: 'Lateral band walk' }).waitFor();
  await page.getByRole('textbox', { name: 'Name, alias' }).fill('');

  const choose = async (filter: string, option: string) => {
    await page.locator('.filters .v-select').filter({ hasText: filter }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
  };
  await choose('Posture', 'Standing');
  await choose('Kit', 'No kit');
  await choose('Without', 'knee kneeling');
  await choose('Phase', 'Activate');
  await expect.poll(async () => Number((await count.textContent())?.split(' ')[0])).toBeLessThan(60);
  await page.getByRole('link', { name: 'Calf raise', exact: true }).click();
  await page.getByRole('heading', { level: 1, name: 'Calf raise' }).waitFor();
  await page.locator('.bars', { hasText: 'calf: activation' }).waitFor();
  await page.locator('.rung', { hasText: 'Hold a wall' }).click();
  await page.locator('.bars', { hasText: 'Hold a wall, effort 3 of 10' }).waitFor();
  await expectAccessible(page, 'a drill');

  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Find a drill' }).fill('calf raise');
  await page.getByRole('textbox', { name: 'Find a drill' }).press('Enter');
  await page.locator('.row', { hasText: 'Calf raise' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('copies a drill, changes it, keeps it, and writes it on the board by its new name', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/drills/lateral-lunge');
  await page.getByRole('link', { name: 'Copy and change' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('');
  await page.getByRole('button', { name: 'Keep the drill' }).click();
  await page.getByText('Put this right').waitFor();
  await expectAccessible(page, 'the drill form');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Slipway lunge');
  await page.getByRole('button', { name: 'Keep the drill' }).click();
  await page.waitForURL('**/drills/own-slipway-lunge');
  await page.getByRole('heading', { level: 1, name: 'Slipway lunge' }).waitFor();

  await writeNewCircuit(page);
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await board.fill('slipway lunge 6/side alt');
  await board.press('Enter');
  await page.locator('.row', { hasText: 'Slipway lunge' }).waitFor();
  await page.goto('/drills/own-slipway-lunge');
  await page.getByRole('button', { name: 'Take out' }).click();
  await page.waitForURL('**/drills');
  expect(errors).toEqual([]);
  await context.close();
});
