import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** The drills of the rows, without what else is said beside their names. */
const namesOf = (page: Page): Promise<readonly string[]> =>
  page.locator('.row .name').evaluateAll((names) => names.map((name) => name.firstChild?.textContent?.trim() ?? ''));

const FIVE = [
  'mobilise',
  'cat-cow 5',
  'arm circles 8/way',
  'lateral lunge 6/side alt',
  'integrate',
  'inchworm 3',
  'glute bridge 8',
];

it('shows every row that a note speaks of', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'skipping rope 4 min', 'jumping jack 4 min', 'run on the spot 60s']);
  const note = page.locator('.notes article', { hasText: 'of hard work before the session' });
  await note.getByRole('button', { name: 'Show them' }).click();
  await page.getByRole('toolbar', { name: 'Picked rows' }).getByText('3 rows').waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('picks several rows and pins, doubles, moves and takes them out as one change each', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, FIVE);
  const all = ['Cat-cow', 'Arm circles', 'Lateral lunge', 'Inchworm', 'Glute bridge'];
  await expect.poll(() => namesOf(page)).toEqual(all);
  const total = page.locator('[data-test="total"]');
  const whole = await total.textContent();

  // From row to row with Shift, by keyboard; one more with Ctrl, by mouse.
  await page.locator('.row', { hasText: 'Cat-cow' }).locator('.time').click();
  await page.keyboard.press('Shift+ArrowDown');
  const picked = page.getByRole('toolbar', { name: 'Picked rows' });
  await picked.getByText('2 rows').waitFor();
  await page
    .locator('.row', { hasText: 'Inchworm' })
    .locator('.time')
    .click({ modifiers: ['Control'] });
  await picked.getByText('3 rows').waitFor();
  await expectAccessible(page, 'several rows picked');

  await picked.getByRole('button', { name: 'Pin' }).click();
  await expect.poll(() => page.getByLabel('pinned').count()).toBe(3);
  await picked.getByRole('button', { name: 'Duplicate' }).click();
  await expect.poll(async () => (await namesOf(page)).length).toBe(8);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await namesOf(page)).length).toBe(5);

  await page.locator('.row', { hasText: 'Cat-cow' }).locator('.time').click();
  await page
    .locator('.row', { hasText: 'Arm circles' })
    .locator('.time')
    .click({ modifiers: ['Shift'] });
  await picked.locator('.v-select').click();
  await page.getByRole('option', { name: 'Integrate' }).click();
  await expect
    .poll(() => namesOf(page))
    .toEqual(['Lateral lunge', 'Inchworm', 'Glute bridge', 'Cat-cow', 'Arm circles']);
  await picked.getByRole('button', { name: 'Remove' }).click();
  await expect.poll(() => namesOf(page)).toEqual(['Lateral lunge', 'Inchworm', 'Glute bridge']);
  for (let step = 0; step < 3; step += 1) await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => namesOf(page)).toEqual(all);
  await expect.poll(() => total.textContent()).toBe(whole);
  expect(errors).toEqual([]);
  await context.close();
});

it('is written, changed and ordered with the keyboard alone', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, FIVE);
  await page.keyboard.press('Escape');
  await page.locator('.row', { hasText: 'Glute bridge' }).locator('.time').click();
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };
  await press('ArrowUp', 'p', 'ArrowUp', 'o', 'd');
  await expect
    .poll(() => namesOf(page))
    .toEqual(['Cat-cow', 'Arm circles', 'Lateral lunge', 'Lateral lunge', 'Inchworm', 'Glute bridge']);
  await expect.poll(() => page.getByLabel('pinned').count()).toBe(1);
  await expect.poll(() => page.locator('.row', { hasText: 'optional' }).count()).toBe(2);
  await press('Backspace', 'Alt+ArrowUp');
  await expect.poll(async () => (await namesOf(page)).length).toBe(5);
  await press('z', 'z', 'z', 'z', 'z');
  await expect
    .poll(() => namesOf(page))
    .toEqual(['Cat-cow', 'Arm circles', 'Lateral lunge', 'Inchworm', 'Glute bridge']);
  expect(await page.getByLabel('pinned').count()).toBe(0);
  await press('Z');
  await expect.poll(() => page.getByLabel('pinned').count()).toBe(1);

  await press('/');
  await expect.poll(() => page.evaluate(() => document.activeElement?.id)).toBe('whiteboard-line');
  await page.keyboard.type('wall calf stretch 20s/side');
  await press('Enter', 'Escape');
  await page.locator('.row', { hasText: 'Wall calf stretch' }).waitFor();
  await page.locator('.row', { hasText: 'Wall calf stretch' }).locator('.time').click();
  await press('?');
  const help = page.getByRole('dialog', { name: 'Keys and notation' });
  await help.getByText('move the row up or down').waitFor();
  // A dialog hears the key once it has come in; a busy machine is slow to let it.
  await expect
    .poll(
      async () => {
        if (await help.isVisible()) await press('Escape');
        return help.isVisible();
      },
      { interval: 500 },
    )
    .toBe(false);
  await press('f');
  await page.waitForURL('**/fit');
  await page.goBack();
  await page.locator('.row').first().waitFor();
  await page.locator('.row', { hasText: 'Inchworm' }).locator('.time').click();
  await press('s');
  await page.waitForURL('**/swaps');
  await page.goBack();
  await page.locator('.row').first().waitFor();
  await page.locator('.row', { hasText: 'Inchworm' }).locator('.time').click();
  await press(' ');
  await page.waitForURL('**/stage/**');
  expect(errors).toEqual([]);
  await context.close();
});

it('is found again by tag, group and drill, taken out, and brought back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Before the gig race');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['tags: regatta, no kit', 'mobilise', 'pogo hops 10']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.goto('/circuits');
  const card = page.locator('.card', { hasText: 'Before the gig race' });
  await card.waitFor();
  await page.getByRole('button', { name: 'regatta' }).click();
  await expect.poll(() => page.locator('.card').count()).toBe(1);
  await page.getByRole('button', { name: 'regatta' }).click();
  const search = page.getByRole('textbox', { name: 'Find by title' });
  await search.fill('poggo hops');
  await expect.poll(() => page.locator('.card').count()).toBeGreaterThan(0);
  await card.waitFor();
  await search.fill('nothing of the kind');
  await expect.poll(() => page.locator('.card').count()).toBe(0);
  await expectAccessible(page, 'no circuit found');
  await search.fill('gig race');
  await page.getByRole('button', { name: 'Remove Before the gig race' }).click();
  await card.waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Restore it' }).click();
  await card.waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('gives a row a step more or less and swaps its drill by touch', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['mobilise', 'cat-cow 10']);
  const row = page.locator('.row', { hasText: 'Cat-cow' });
  await row.click();
  await row.getByRole('button', { name: 'Less of Cat-cow' }).click();
  await row.locator('.dose', { hasText: '8' }).waitFor();
  await row.getByRole('button', { name: 'More of Cat-cow' }).click();
  await row.getByRole('button', { name: 'More of Cat-cow' }).click();
  await row.locator('.dose', { hasText: '12' }).waitFor();
  await page.getByRole('button', { name: 'Swap', exact: true }).click();
  const offers = page.getByRole('group', { name: 'Swap for' }).getByRole('button');
  await offers.first().waitFor();
  await expect.poll(() => offers.count()).toBe(3);
  await expectAccessible(page, 'what a row could be swapped for');
  const chosen = ((await offers.nth(1).locator('strong').textContent()) ?? '').split(':')[0]?.trim() ?? '';
  await offers.nth(1).click();
  await page.locator('.row .name', { hasText: chosen }).waitFor();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.locator('.row .name', { hasText: 'Cat-cow' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
