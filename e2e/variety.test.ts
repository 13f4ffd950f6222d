import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  find,
  launchBrowser,
  openWindow,
  typeLines,
  untilItRuns,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const LINES = [
  'raise',
  'step jack 2s alt',
  'mobilise, two of these four:',
  'hip circles 2s',
  'cat-cow 3s',
  'lateral lunge 4s alt',
  'neck turns 5s',
];

it('does two of four by turns: what the group did last time waits, and the next ones are taken by hand', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { stageWaits: true });
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Two of four');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, LINES);
  const block = page.getByRole('region', { name: /^Mobilise/ });
  await block.getByText('2 of these 4, by turns').waitFor();
  await expect.poll(() => block.getByText('another time').count()).toBe(2);
  await expectAccessible(page, 'a block of which two wait');
  // Only what is done has its time.
  const total = page.locator('[data-test="total"]');
  const two = await total.textContent();
  await block.getByRole('button', { name: /change the Mobilise block/ }).click();
  await choose(block.locator('.v-select', { hasText: 'Done at a time' }), 'All of it');
  await expect.poll(() => total.textContent()).not.toBe(two);
  await choose(block.locator('.v-select', { hasText: 'Done at a time' }), '2 of 4, by turns');
  await expect.poll(() => total.textContent()).toBe(two);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  const turns = page.getByRole('region', { name: 'Today’s turn' });
  const startOf = async (time: string) => {
    await page.goto('/today');
    const card = page.locator('.card', { hasText: time }).filter({ hasText: 'Two of four' }).first();
    await card.getByRole('link', { name: 'Start' }).click();
    await turns.waitFor();
  };
  // Who came and what they may do decides which two; the others have their turn at the next session.
  const namesThere = async () => (await turns.locator('strong').innerText()).split(', ');
  await book('23:54');
  await startOf('23:54');
  const first = await namesThere();
  expect(first).toHaveLength(2);
  await expectAccessible(page, 'the Stage, with whose turn it is');
  await page.getByRole('button', { name: 'Press when they stand ready' }).click();
  await untilItRuns(page);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');

  await book('23:55');
  await startOf('23:55');
  const second = await namesThere();
  expect([...first, ...second].toSorted()).toEqual(['Cat-cow', 'Hip circles', 'Lateral lunge', 'Neck turns']);
  await turns.getByRole('button', { name: 'Take the next ones' }).click();
  await expect.poll(namesThere).not.toEqual(second);
  const byHand = await namesThere();
  await page.reload();
  await turns.waitFor();
  expect(await namesThere()).toEqual(byHand);
  expect(errors).toEqual([]);
  await context.close();

  async function book(time: string): Promise<void> {
    await page.goto('/today');
    await page.getByRole('button', { name: 'Add a session' }).click();
    const form = page.locator('form');
    await find(form.getByRole('combobox', { name: 'Circuit' }), 'Two of four');
    await form.getByLabel('Starts at', { exact: true }).fill(time);
    await choose(form.locator('.v-select', { hasText: 'Group' }), 'Dawn Mixed');
    await form.getByRole('button', { name: 'Add to schedule' }).click();
    await form.waitFor({ state: 'detached' });
  }
});
