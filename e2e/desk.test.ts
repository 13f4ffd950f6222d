import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  launchBrowser,
  openWindow,
  typeLines,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Nine drills, with a hold that is too long, an odd number of lengths, and swings before circles. */
const NINE = [
  'for: squat day',
  'raise',
  'easy jog 3 lengths @2m/s',
  'jumping jack 20',
  'mobilise',
  'wall calf stretch 45s/side',
  'long arm swings 8',
  'arm circles 8/way',
  'lateral lunge 6/side alt left +2',
  'integrate',
  'body-weight squat 10 @2-1-2',
  'incline walk ladder ramp 0.5>2.5 mph at 10% 5x60s',
  'lateral lunge 6/side alt',
  'good-morning bow 8',
];

it('writes nine kinds of line, mends what the margin says by its buttons, carries rows by keyboard, and undoes it all', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, NINE);
  const rows = page.locator('.row');
  await expect.poll(() => rows.count()).toBe(10);
  await page.locator('.row', { hasText: '3 lengths' }).waitFor();
  await page.locator('.row', { hasText: '2 more on the left' }).waitFor();
  await page.locator('.row', { hasText: '5 × 60 s, 0.5 → 1 → 1.5 → 2 → 2.5 mph at 10 %' }).waitFor();
  const total = page.locator('[data-test="total"]');
  const typed = await total.textContent();
  await expectAccessible(page, 'the desk with notes');

  const note = (words: string) => page.locator('.notes article', { hasText: words });
  await note('45 s held').getByRole('button', { name: 'Hold 30 s' }).click();
  await expect.poll(() => note('45 s held').count()).toBe(0);
  await note('ends at the far end').getByRole('button', { name: 'One length more' }).click();
  await expect.poll(() => note('ends at the far end').count()).toBe(0);
  await note('Long arm swings before').getByRole('button', { name: 'Put arm circles first' }).click();
  await expect.poll(() => note('Long arm swings before').count()).toBe(0);
  const names = () => page.locator('.row .name').allTextContents();
  const mended = (await names()).map((name) => name.trim());
  expect(mended.indexOf('Arm circles')).toBeLessThan(mended.indexOf('Long arm swings'));

  // Carried up by keyboard, and down again by undo.
  await page.locator('.row', { hasText: 'Good-morning bow' }).locator('.time').click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(async () => (await names()).map((name) => name.trim()).at(-2)).toBe('Good-morning bow');
  const carried = await total.textContent();
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let step = 0; step < 4; step += 1) await undo.click();
  await expect.poll(() => total.textContent()).toBe(typed);
  const redo = page.getByRole('button', { name: 'Redo' });
  for (let step = 0; step < 4; step += 1) await redo.click();
  await expect.poll(() => total.textContent()).toBe(carried);
  await page.getByText(/^Saved/).waitFor();
  await page.reload();
  await expect.poll(() => total.textContent()).toBe(carried);

  await page.getByRole('tab', { name: 'Coverage' }).click();
  await page.getByText('of what squat or hinge strength needs').waitFor();
  const before = await rows.count();
  await page.locator('.coverage .closers button').first().click();
  await expect.poll(() => rows.count()).toBe(before + 1);
  await page.getByRole('tab', { name: 'Effort' }).click();
  // Drawn under the fuse, as wide as the fuse: second under second.
  await page.locator('[data-test="effort-chart"] canvas').waitFor();
  const extent = async (of: string) => {
    const box = await page.locator(of).boundingBox();
    return [Math.round(box?.x ?? 0), Math.round(box?.width ?? 0)];
  };
  expect(await extent('[data-test="effort-chart"] canvas')).toEqual(await extent('.head .fuse svg'));
  await page.getByText('An estimate from age and energy cost').waitFor();
  await expectAccessible(page, 'the effort tab');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(errors).toEqual([]);
  await context.close();
});

it('asks a new circuit in one line for whom, how long and what for, and lets it be skipped', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const asked = page.getByRole('region', { name: 'What is it for?' });
  await asked.getByRole('textbox', { name: 'Time available, minutes' }).fill('6');
  await asked.getByLabel('Main session').fill('squat day');
  await choose(asked.locator('.v-autocomplete', { hasText: 'For whom' }), 'Dawn Mixed');
  await expectAccessible(page, 'a new circuit, asked about');
  await asked.getByRole('button', { name: 'Done' }).click();
  await asked.waitFor({ state: 'detached' });
  await page.locator('.about', { hasText: 'Dawn Mixed' }).waitFor();
  await expect.poll(() => page.locator('.sums').first().textContent()).toContain('of 6:00');
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.reload();
  await page.locator('.about', { hasText: 'squat day' }).waitFor();
  expect(await asked.count()).toBe(0);

  await writeNewCircuit(page);
  await asked.getByRole('button', { name: 'Skip' }).click();
  await asked.waitFor({ state: 'detached' });

  // To begin writing is an answer, too.
  await writeNewCircuit(page);
  await asked.waitFor();
  await typeLines(page, ['raise', 'step jack 40s alt']);
  await asked.waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('starts a new view at its top', async () => {
  const { context, page, errors } = await openWindow(browser, { width: 1280, height: 800 });
  await enterDemo(page);
  await page.goto('/people');
  const people = page.locator('article');
  await people.first().waitFor();
  await expect.poll(() => people.count()).toBeGreaterThan(15);
  await people.last().scrollIntoViewIfNeeded();
  await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(100);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.locator('.entry').first().waitFor();
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});

it('copies the circuit on the sheet with what was typed a moment ago, and leads to the copy', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Worth copying');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['raise', 'step jack 40s alt', 'cat-cow 8']);
  const first = page.url();
  await page.getByRole('button', { name: 'Copy circuit' }).click();
  const form = page.getByRole('dialog').locator('form');
  await choose(form.locator('.v-select', { hasText: 'For whom' }), 'Dawn Mixed');
  await expectAccessible(page, 'copying from the sheet');
  await form.getByRole('button', { name: 'Copy', exact: true }).click();
  await page.waitForURL((url) => url.href !== first && /\/circuits\/[0-9a-f-]{36}$/.test(url.pathname));
  await page.locator('.row', { hasText: 'Cat-cow' }).waitFor();
  const title = page.getByRole('textbox', { name: 'Title' });
  await expect.poll(() => title.inputValue()).toBe('Worth copying, Dawn Mixed');
  await page.goto(first);
  await expect.poll(() => title.inputValue()).toBe('Worth copying');
  await page.locator('.row', { hasText: 'Cat-cow' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('starts from an approach, tells the time on the wall, carries a block, copies out, and takes a text file in', async () => {
  const { context, page, errors } = await openWindow(browser);
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('button', { name: 'Start from an approach' }).click();
  const take = page.getByRole('button', { name: /^Use this/ });
  await take.waitFor();
  await expectAccessible(page, 'starting from an approach');
  await take.click();
  await page.waitForURL(/\/circuits\/[0-9a-f-]{36}$/);
  const blocks = page.locator('.block h2');
  // The first blocks are drawn before the others.
  await expect.poll(() => blocks.count()).toBeGreaterThan(3);
  const names = await blocks.allTextContents();

  await page.locator('.about').click();
  await page.locator('.settings .v-select', { hasText: 'No wall clock' }).click();
  await page.getByRole('option', { name: 'Starts at' }).click();
  await page.getByRole('textbox', { name: 'Time of day' }).fill('18:30');
  await expect.poll(() => page.locator('.wall').first().textContent()).toBe('18:30');
  await page.getByRole('checkbox', { name: 'Someone new' }).check();
  await page.getByRole('button', { name: 'Done' }).click();

  await page.locator('.block .rounds').first().click();
  await page.getByRole('button', { name: 'Down', exact: true }).click();
  await expect.poll(async () => (await blocks.allTextContents()).slice(0, 2)).toEqual([names[1], names[0]]);

  await page.getByRole('button', { name: 'Copy as text' }).click();
  await page.getByRole('button', { name: 'Copied as text' }).waitFor();
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text).toContain('start: 18:30');
  expect(text).toContain('with: somebody new');

  const rows = await page.locator('.row').count();
  const file = await page.evaluateHandle(() => {
    const transfer = new DataTransfer();
    transfer.items.add(new File(['cat-cow 8\nlateral lunge 6/side alt\n'], 'more.txt', { type: 'text/plain' }));
    return transfer;
  });
  await page.locator('.centre').dispatchEvent('drop', { dataTransfer: file });
  await expect.poll(() => page.locator('.row').count()).toBe(rows + 2);
  await page.getByRole('button', { name: 'Keys and notation' }).click();
  await page.getByText('graded sprints 3 lengths 50/75/100%').waitFor();
  await expectAccessible(page, 'keys and notation');
  expect(errors).toEqual([]);
  await context.close();
});
