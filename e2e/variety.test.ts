import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  find,
  launchBrowser,
  openWindow,
  seconds,
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

  const turns = turnsOn(page);
  // Who came and what they may do decides which two; the others have their turn at the next session.
  const namesThere = async () => (await turns.locator('strong').innerText()).split(', ');
  await book(page, 'Two of four', '23:54');
  await startOf(page, 'Two of four', '23:54');
  const first = await namesThere();
  expect(first).toHaveLength(2);
  await expectAccessible(page, 'the Stage, with whose turn it is');
  await page.getByRole('button', { name: 'Press when they stand ready' }).click();
  await untilItRuns(page);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');

  await book(page, 'Two of four', '23:55');
  await startOf(page, 'Two of four', '23:55');
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
});

it('does three minutes of what people need: drills to pick from for the session, as many as fit, and others next time', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { stageWaits: true });
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('What they need');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['raise', 'step jack 30s alt', 'mobilise', 'three minutes of what you need']);
  const block = page.getByRole('region', { name: /^Mobilise/ });
  await block.getByText('Say what it is a warm-up for').waitFor();
  await typeLines(page, ['for: squats']);
  await block.getByRole('button', { name: 'Drills to pick from for squat or hinge strength' }).click();
  const summary = block.getByRole('button', { name: /change the Mobilise block/ });
  await expect.poll(() => summary.innerText()).toMatch(/^3:00 for [2-5] of these 6, by turns/);
  await expectAccessible(page, 'a block that picks for a time');
  const fits = async () => Number(/for (\d)/.exec(await summary.innerText())?.[1]);
  const inThree = await fits();
  // As long as is said, and one more would be too long.
  const total = page.locator('[data-test="total"]');
  expect(seconds(await total.textContent())).toBeLessThanOrEqual(35 + 180);
  await summary.click();
  await block.getByLabel('In how long', { exact: true }).fill('1:30');
  await expect.poll(fits).toBeLessThan(inThree);
  await expectAccessible(page, 'the settings of a block that picks for a time');
  await block.getByLabel('In how long', { exact: true }).fill('3:00');
  await expect.poll(fits).toBe(inThree);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  const turns = turnsOn(page);
  await book(page, 'What they need', '23:56');
  await startOf(page, 'What they need', '23:56');
  await turns.getByText(/^Today, 3:00 for [2-5] of 6:$/).waitFor();
  const names = () => turns.locator('strong').innerText();
  const first = await names();
  await turns.getByRole('button', { name: 'Take the next ones' }).click();
  await expect.poll(names).not.toBe(first);
  const byHand = await names();
  await page.reload();
  await turns.waitFor();
  expect(await names()).toBe(byHand);
  expect(errors).toEqual([]);
  await context.close();
});

const turnsOn = (page: Page) => page.getByRole('region', { name: 'Today’s turn' });

async function startOf(page: Page, title: string, time: string): Promise<void> {
  await page.goto('/today');
  const card = page.locator('.card', { hasText: time }).filter({ hasText: title }).first();
  await card.getByRole('link', { name: 'Start' }).click();
  await turnsOn(page).waitFor();
}

async function book(page: Page, title: string, time: string): Promise<void> {
  await page.goto('/today');
  await page.getByRole('button', { name: 'Add a session' }).click();
  const form = page.locator('form');
  await find(form.getByRole('combobox', { name: 'Circuit' }), title);
  await form.getByLabel('Starts at', { exact: true }).fill(time);
  await choose(form.locator('.v-select', { hasText: 'Group' }), 'Dawn Mixed');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await form.waitFor({ state: 'detached' });
}
