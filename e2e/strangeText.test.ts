import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  find,
  launchBrowser,
  openWindow,
  typeLines,
  untilItRuns,
  writeNewCircuit,
} from './browser.ts';
import { troubles } from './layout.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** As long as a title may be, without a place to break it. */
const ENDLESS = 'Ffestiniog'.repeat(12);
const MARKUP = '<img src=x onerror="window.caught=1">&amp;{{ 7 * 7 }}';
const OTHER_WAY = 'تمرين الإحماء \u{1F9D7}\u{1F3FD}\u200D\u2640\uFE0F e\u0301\u0302';

async function look(page: Page, what: string): Promise<readonly string[]> {
  const caught = await page.evaluate(() => Reflect.has(window, 'caught'));
  expect(caught, `${what} runs what was typed`).toBe(false);
  return (await troubles(page)).map((trouble) => `${what}: ${trouble}`);
}

it.each([390, 1280])('shows whatever is typed as it was typed, and keeps its shape, %s px wide', async (width) => {
  const { context, page, errors } = await openWindow(browser, { width, height: 844 });
  await enterDemo(page);
  const found: string[] = [];
  const time = width < 800 ? '23:56' : '23:57';

  // A person with an endless name, and one with a name from right to left, in a group of their own.
  await page.goto('/people');
  for (const name of [ENDLESS.slice(0, 80), OTHER_WAY, MARKUP.slice(0, 80)]) {
    await page.goto('/people/new');
    await page.getByLabel('Name', { exact: true }).fill(name);
    await choose(page.locator('.v-select', { hasText: 'Groups' }), 'Dawn Mixed');
    await page.getByText('More about them').click();
    await page.getByLabel('Notes').fill(`${MARKUP}\n${ENDLESS}`);
    await page.getByRole('checkbox', { name: 'They agree' }).check();
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name }).first().waitFor();
  }
  found.push(...(await look(page, 'people')));

  // Circuits with such titles, purposes, tags and cues.
  for (const title of [ENDLESS, MARKUP, OTHER_WAY]) {
    await writeNewCircuit(page);
    await page.getByRole('textbox', { name: 'Title' }).fill(title);
    await page.getByRole('textbox', { name: 'Title' }).press('Enter');
    await typeLines(page, [
      `for: ${title}`,
      `tags: ${title.slice(0, 30)}`,
      'mobilise',
      `cat-cow 5 "${title.slice(0, 50).replaceAll('"', "'")}"`,
      title,
    ]);
    await page.locator('.row', { hasText: 'Cat-cow' }).waitFor();
    await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
    await page.reload();
    await page.locator('.row', { hasText: 'Cat-cow' }).waitFor();
    await expect.poll(() => page.getByRole('textbox', { name: 'Title' }).inputValue()).toBe(title);
    found.push(...(await look(page, `the sheet of ${title.slice(0, 12)}`)));
    const sheet = page.url();
    await page.goto(`${sheet}/swaps`);
    await page.getByRole('heading', { name: 'Swaps' }).waitFor();
    found.push(...(await look(page, 'swaps')));
    await page.goto(`${sheet}/fit`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    found.push(...(await look(page, 'fit')));
    await page.goto(sheet.replace('/circuits/', '/stage/'));
    await page.locator('.kind').waitFor();
    found.push(...(await look(page, 'the Stage')));
  }
  await page.goto('/circuits');
  await page.getByRole('link', { name: MARKUP }).first().waitFor();
  await page.getByRole('link', { name: OTHER_WAY }).first().waitFor();
  found.push(...(await look(page, 'circuits')));

  // In the book and in the log.
  await page.goto('/today');
  await page.getByRole('button', { name: 'Add a session' }).click();
  const form = page.locator('form');
  await find(form.getByRole('combobox', { name: 'Circuit' }), ENDLESS.slice(0, 20));
  await form.getByLabel('Starts at', { exact: true }).fill(time);
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await form.waitFor({ state: 'detached' });
  const card = page.locator('.card', { hasText: time }).first();
  await card.waitFor();
  found.push(...(await look(page, 'Today')));
  await card.getByRole('link', { name: 'Start' }).click();
  await untilItRuns(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Stop and log it' }).click();
  await page.getByLabel(/Note/).fill(`${MARKUP} ${ENDLESS}`);
  found.push(...(await look(page, 'the end of a run')));
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');
  await page
    .locator('.entry', { hasText: ENDLESS.slice(0, 20) })
    .first()
    .waitFor();
  found.push(...(await look(page, 'the log')));
  expect([...new Set(found)]).toEqual([]);
  expect(errors).toEqual([]);
  await context.close();
});
