import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  figureDrawn,
  figureLook,
  launchBrowser,
  find,
  openWindow,
  typeLines,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('finds a drill by its alias, narrows the library, steps down a ladder, and puts the drill in a circuit', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { moving: true });
  await enterDemo(page);
  await page.getByRole('link', { name: 'Drills' }).click();
  const count = page.locator('[data-test="count"]');
  await expect.poll(() => count.textContent()).toMatch(/^3\d\d drills/);
  await expectAccessible(page, 'drills');

  // Every drill has a figure, and those that are seen move.
  const first = page.locator('.card').first();
  await figureDrawn(first);
  const before = await figureLook(first);
  await expect.poll(() => figureLook(first)).not.toBe(before);
  // What is far out of sight is not drawn until it comes nearer.
  const last = page.locator('.card').last();
  expect(await last.locator('.figure > *').count()).toBe(0);
  await last.scrollIntoViewIfNeeded();
  await figureDrawn(last);

  // A slip of the finger is forgiven.
  await page.getByRole('textbox', { name: 'Name, or' }).fill('crab wlak');
  await page.getByRole('link', { name: 'Lateral band walk' }).waitFor();
  await page.getByRole('textbox', { name: 'Name, or' }).fill('');

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
  await page.locator('.bars', { hasText: 'Calf activation' }).waitFor();
  // The chosen rung moves, the others are held.
  const rungs = await page.locator('.rung').count();
  await expect.poll(() => page.locator('.rung svg').count()).toBe(rungs - 1);
  await expect.poll(() => page.locator('.rung canvas').count()).toBe(1);
  await page.getByRole('button', { name: 'Hold still' }).click();
  const wall = page.locator('.stand path.behind');
  await expect.poll(() => wall.count()).toBe(0);
  await page.locator('.rung', { hasText: 'Hold a wall' }).click();
  await expect.poll(() => wall.getAttribute('d')).toMatch(/^M/);
  await page.getByRole('button', { name: 'Left', exact: true }).click();
  await page.locator('.bars', { hasText: 'Hold a wall, effort 3 of 10' }).waitFor();
  await expectAccessible(page, 'a drill');

  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Find a drill' }).fill('calf raise');
  await page.getByRole('textbox', { name: 'Find a drill' }).press('Enter');
  await page.locator('.row', { hasText: 'Calf raise' }).waitFor();
  await figureDrawn(page.locator('.row'));
  expect(errors).toEqual([]);
  await context.close();
});

it('makes a drill in three answers, says what is missing, and writes it on the board', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/drills');
  await page.getByRole('link', { name: 'Add a drill' }).click();
  await page.getByRole('button', { name: 'Save drill' }).click();
  await page.getByText('It needs a name').waitFor();
  await page.getByText('Choose the one it is most like').waitFor();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Quayside sway');
  await find(page.getByRole('combobox', { name: 'Like which drill?' }), 'Hip circles');
  await page.getByRole('textbox', { name: 'One thing to say while they do it' }).fill('Sway like a moored boat');
  await expectAccessible(page, 'a drill in three answers');
  await page.getByRole('button', { name: 'Save drill' }).click();
  await page.waitForURL('**/drills/own-quayside-sway');
  await page.getByText('Sway like a moored boat').first().waitFor();
  await writeNewCircuit(page);
  await typeLines(page, ['quayside sway 20s']);
  await figureDrawn(page.locator('.row', { hasText: 'Quayside sway' }));
  expect(errors).toEqual([]);
  await context.close();
});

it('copies a drill, changes it, keeps it, and writes it on the board by its new name', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/drills/lateral-lunge');
  await page.getByRole('link', { name: 'Copy and edit' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('');
  await page.getByRole('button', { name: 'Save drill' }).click();
  await page.getByText('Fix this').waitFor();
  await expectAccessible(page, 'the drill form');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Slipway lunge');
  // Sets on the way up to a lift are a dose of a drill like any other.
  await choose(page.locator('.v-select', { hasText: 'Measured in' }), 'Lift');
  await page.getByLabel('Working load').fill('40');
  await choose(page.locator('.v-select', { hasText: 'Circles or swings a joint' }), 'Swings it');
  await choose(page.locator('.v-select', { hasText: 'Which joint' }), 'Hip');
  const cautions = page.getByLabel('Cautions, one a line');
  await cautions.fill('');
  await cautions.pressSequentially('Groin sore\nKnee sore');
  expect(await cautions.inputValue()).toBe('Groin sore\nKnee sore');
  await page.getByRole('button', { name: 'Save drill' }).click();
  await page.waitForURL('**/drills/own-slipway-lunge');
  await page.getByRole('heading', { level: 1, name: 'Slipway lunge' }).waitFor();
  await page.getByText('40 kg').first().waitFor();
  await page.getByText('Knee sore').first().waitFor();

  await writeNewCircuit(page);
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await board.fill('slipway lunge 6/side alt');
  await board.press('Enter');
  await page.locator('.row', { hasText: 'Slipway lunge' }).waitFor();
  await page.goto('/drills/own-slipway-lunge');
  await page.getByRole('button', { name: 'Remove' }).click();
  await page.waitForURL('**/drills');
  expect(errors).toEqual([]);
  await context.close();
});

it('holds figures still for people who ask for less motion, and for those who stop them', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { moving: true });
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await enterDemo(page);
  await page.goto('/drills/jumping-jack');
  const stand = page.locator('.stand');
  const stays = async () => {
    await figureDrawn(stand);
    const before = await figureLook(stand);
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
    await page.evaluate(() => new Promise((done) => setTimeout(done, 300)));
    expect(await figureLook(stand)).toBe(before);
  };
  await stays();
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  const still = await figureLook(stand);
  await expect.poll(() => figureLook(stand)).not.toBe(still);
  await page.getByRole('button', { name: 'Hold still' }).click();
  await stays();
  expect(errors).toEqual([]);
  await context.close();
});
