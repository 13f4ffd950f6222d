import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('copies an approach and a main session, changes them, and circuits go by them', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('button', { name: 'Copy and edit' }).first().click();
  await expectAccessible(page, 'changing an approach');
  await page.getByLabel('Name').fill('Harbour order');
  // Shares that are not the whole are refused, with the reason.
  await page.getByLabel('Raise, %').fill('35');
  await page.getByRole('button', { name: 'Save approach' }).click();
  await page.getByText('do not add up to 100 %').waitFor();
  await page.getByLabel('Mobilise, %').fill('20');
  await page.getByLabel('Warn of holds over, s').fill('10');
  await page.getByRole('button', { name: 'Save approach' }).click();
  await page.getByRole('heading', { name: 'Harbour order' }).waitFor();
  await expectAccessible(page, 'the studio');

  await page.getByRole('tab', { name: 'Main sessions' }).click();
  await page.getByRole('button', { name: 'Add a main session' }).click();
  await page.getByLabel('Name').fill('Gig rowing');
  await page.getByLabel('Words it is known by').fill('gig, oars');
  await page.getByLabel('Add something it needs').fill('grip');
  await page.getByRole('option', { name: 'Grip', exact: true }).click();
  await expectAccessible(page, 'changing a main session');
  await page.getByRole('button', { name: 'Save session' }).click();
  await page.getByRole('heading', { name: 'Gig rowing' }).waitFor();

  await page.getByRole('tab', { name: 'Places' }).click();
  await page.getByRole('listitem').filter({ hasText: 'Slipway yard' }).getByRole('button', { name: 'Edit' }).click();
  await expectAccessible(page, 'changing a site');
  await page.getByLabel('Empty bar').fill('15');
  await page.getByLabel('Smallest plate').fill('2.5');
  await page.getByLabel('Lane, metres').fill('twelve');
  await page.getByText('Expected a number').waitFor();
  // What cannot be read is not dropped without a word: the form stays, with what was typed.
  await page.getByRole('button', { name: 'Save place' }).click();
  await page.getByRole('alert').getByText('Something typed here cannot be read').waitFor();
  await expect.poll(() => page.getByLabel('Lane, metres').inputValue()).toBe('twelve');
  await page.getByLabel('Lane, metres').fill('12');
  await page.getByRole('button', { name: 'Save place' }).click();
  await page.getByText('bar 15 kg, smallest plate 2.5 kg').waitFor();
  await page.getByText('6 lanes of 12 m').waitFor();
  await expectAccessible(page, 'the sites');

  await page.getByRole('tab', { name: 'Seconds' }).click();
  await page.getByLabel('A drill that they know, s').fill('a while');
  await page.getByText('Expected a number').waitFor();
  await page.getByLabel('A drill that they know, s').fill('25');
  await expectAccessible(page, 'the seconds of the studio');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect.poll(() => page.getByRole('button', { name: 'Save', exact: true }).isDisabled()).toBe(true);

  await writeNewCircuit(page);
  await typeLines(page, ['for: oars at dawn', 'approach: harbour order', 'mobilise', 'wall calf stretch 20s/side']);
  await page.locator('.notes article', { hasText: '20 s held' }).waitFor();
  await page.getByRole('tab', { name: 'Coverage' }).click();
  await page.getByText('of what gig rowing needs').waitFor();
  // 25 s of talk before the first drill, in place of getting there.
  await expect.poll(() => page.locator('.row', { hasText: 'Wall calf stretch' }).textContent()).toContain('+28');
  expect(errors).toEqual([]);
  await context.close();
});
