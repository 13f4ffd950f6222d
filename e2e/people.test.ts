import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  find,
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

async function swapsOf(page: Page, circuit: string): Promise<void> {
  await page.goto('/circuits');
  await page.getByRole('link', { name: circuit }).click();
  await page.getByRole('combobox', { name: 'Whiteboard line' }).waitFor();
  await page.locator('.row').first().waitFor();
  await page.keyboard.press('s');
  await page.waitForURL('**/swaps');
  await page.getByRole('heading', { name: 'Swaps' }).waitFor();
}

it('takes in a client with two limitations, changes four cells, accepts the tracks, and the Stage shows what the track does', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Dawn Mixed' }).click();
  await expectAccessible(page, 'the people');
  await page.getByRole('link', { name: 'Add a person' }).click();
  await page.getByRole('heading', { name: 'New person' }).waitFor();
  await page.getByLabel('Name', { exact: true }).fill('Perran Skye');
  await page.getByText('More about them').click();
  await page.getByLabel('Year of birth').fill('1959');
  const mind = page.getByRole('combobox', { name: 'Add an injury or limit' });
  for (const [typed, named] of [
    ['Wri', 'Wrist'],
    ['kneel', 'Knee, kneeling'],
  ] as const) {
    await mind.fill(typed);
    await page.getByRole('option', { name: named }).click();
  }
  for (const at of [0, 1]) await choose(page.locator('.v-select', { hasText: 'How careful' }).nth(at), 'avoid it');
  await page.getByRole('button', { name: 'Save' }).click();
  // Health data is kept only with consent.
  await page.getByText('the day they agreed').waitFor();
  await page.getByRole('checkbox', { name: 'They agree' }).check();
  await expectAccessible(page, 'somebody new');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Perran Skye' }).waitFor();

  await swapsOf(page, 'Before squats');
  const cell = (name: string | RegExp) => page.getByRole('button', { name });
  await cell(/^Perran Skye, Cat-cow: /).waitFor();
  await expectAccessible(page, 'the swaps');
  // Walked by keyboard, opened, and chosen for good and for today.
  const drills = ['Long lunge with rotation', 'Cat-cow', 'Inchworm', 'Glute bridge'];
  for (const [index, drill] of drills.entries()) {
    await cell(new RegExp(`^Perran Skye, ${drill}: `)).focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('complementary', { name: `Perran Skye, ${drill}` });
    await panel.getByRole('radio').nth(1).check({ force: true });
    const words = await panel.locator('.offer.chosen strong').textContent();
    await panel.getByRole('button', { name: index % 2 === 0 ? 'From now on' : 'For today' }).click();
    await cell(new RegExp(`^Perran Skye, ${drill}: .*chosen for them`)).waitFor();
    expect(words).not.toBe('');
  }
  // Escape leads back to the cell, and arrows on from there.
  await page.keyboard.press('Escape');
  const focused = () => page.evaluate(() => document.activeElement?.textContent ?? '');
  await expect.poll(focused).toContain('Perran Skye, Glute bridge');
  await page.keyboard.press('ArrowUp');
  await expect.poll(focused).toContain('Perran Skye, Cat-cow');
  await page.getByRole('button', { name: 'Use these' }).click();
  await page.getByText('In use', { exact: true }).waitFor();
  await page.getByRole('checkbox', { name: 'Only what is still to decide' }).check();
  await page.getByText('Everything is decided.').waitFor();

  await page.getByRole('link', { name: 'Before squats' }).click();
  await page.locator('.row', { hasText: 'Cat-cow' }).locator('.track').first().waitFor();
  await page.getByRole('tab', { name: 'People' }).click();
  await page.locator('.people').locator('li strong').first().waitFor();
  await expectAccessible(page, 'the sheet with tracks');
  await page.getByText(/^Saved/).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.waitForURL('**/stage/**');
  const tracks = page.getByRole('list', { name: 'Tracks' });
  await page.locator('[data-test="seconds"]').waitFor();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await tracks.getByText('Gentler').first().waitFor();
  const screen = (await page.locator('body').textContent()) ?? '';
  for (const word of ['Perran', 'Wrist', 'Halvard', 'kneeling,']) expect(screen).not.toContain(word);
  expect(errors).toEqual([]);
  await context.close();
});

it('tells on a person’s page what the next session changes for them, and why, and leads to its swaps', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Halvard Quist' }).first().click();
  const next = page.getByRole('region', { name: 'The next session' });
  await next.getByText('with Dawn Mixed').waitFor();
  await next.locator('li', { hasText: 'Not down to the floor' }).first().waitFor();
  await expectAccessible(page, 'a person with their next session');
  await next.getByRole('link').first().click();
  await page.waitForURL(/\/circuits\/[0-9a-f-]{36}\/swaps$/);
  expect(errors).toEqual([]);
  await context.close();
});

it('holds somebody with a red flag to light effort until a clearance is recorded', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  const row = page.locator('article', { hasText: 'Dov Hartigan' });
  await row.getByRole('radio', { name: 'red flag' }).click();
  await row.getByText('Light effort only').waitFor();
  await row.getByText('see a licensed professional').waitFor();
  await expectAccessible(page, 'a hold');
  await swapsOf(page, 'Before squats');
  await page.getByRole('button', { name: /^Dov Hartigan, Skipping rope: (?!as planned)/ }).waitFor();

  await page.goto('/people');
  await row.getByRole('button', { name: 'Record who cleared them' }).click();
  await row.getByLabel('Cleared by').fill('Rosalind Fenn, physiotherapist');
  await row.getByRole('button', { name: 'Mark as cleared' }).click();
  await row.getByText('Light effort only').waitFor({ state: 'detached' });
  await swapsOf(page, 'Before squats');
  await page.getByRole('button', { name: /^Halvard Quist, Cat-cow/ }).waitFor();
  expect(await page.getByRole('button', { name: /^Dov Hartigan/ }).count()).toBe(0);

  // The record keeps it.
  await page.goto('/people');
  await page.getByRole('link', { name: 'Dov Hartigan' }).click();
  await page.getByText('Holds and clearances').click();
  await page.getByText('Cleared by Rosalind Fenn, physiotherapist').waitFor();
  await page.getByText('Who has seen or changed this').click();
  await page.getByText('Imke Sandvoort changed').first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('shows one drill for everybody with what is lost by it, and what a limit would change if all of them had it', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await swapsOf(page, 'Haul and jump');
  await page.getByRole('combobox', { name: 'What if everyone had' }).fill('Knee, imp');
  await page.getByRole('option', { name: 'Knee, impact' }).click();
  await page.getByRole('button', { name: /^Ines Carrow, Pogo hops: (?!as planned)/ }).waitFor();
  await page.getByRole('button', { name: 'One drill for everyone' }).click();
  await page.getByText('the strong ones lose').first().waitFor();
  await expectAccessible(page, 'one drill for everybody');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(errors).toEqual([]);
  await context.close();
});

it('works out a long circuit for a whole class beside the page', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const drills = ['squat jump 5', 'cat-cow 8', 'inchworm 3', 'skipping rope 30s', 'glute bridge 8'];
  await typeLines(page, ['integrate', ...drills, ...drills, ...drills, 'jumping jack 20', 'pogo hops 10']);
  await page.locator('.about').click();
  const started = page.waitForEvent('worker');
  await find(page.getByRole('combobox', { name: 'For whom' }), 'Dawn Mixed');
  await page.getByText(/^Saved/).waitFor();
  await started;
  await page.getByRole('tab', { name: 'People' }).click();
  await page.locator('.people li', { hasText: 'Inchworm' }).nth(2).waitFor();
  await page.getByRole('link', { name: 'Swaps' }).click();
  await page
    .getByRole('button', { name: /^Odile Marchetti, Inchworm: (?!as planned)/ })
    .nth(2)
    .waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
