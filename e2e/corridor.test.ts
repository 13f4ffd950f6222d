import type { Browser, Locator, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, find, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** A thumb that counts. */
class Thumb {
  taps = 0;
  async tap(what: Locator): Promise<void> {
    this.taps += 1;
    await what.tap();
  }
}

/** The most taps that the road from the corridor to the Stage may take (issue 19). */
const MOST_TAPS = 25;
/** Seconds that it may take, and those that a thumb takes for a tap, looking included. Common practice, no source. */
const MOST_SECONDS = 120;
const SECONDS_A_TAP = 4;

/** Goes through a run that is under way to its end, and keeps it in the log. */
async function toTheLog(page: Page, title: string): Promise<void> {
  const save = page.getByRole('button', { name: 'Save to log' });
  while ((await save.count()) === 0) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(150);
  }
  await save.click();
  await page.waitForURL('**/log');
  await page.getByRole('heading', { name: title }).first().waitFor();
}

it('leads from the corridor to the Stage: two new, one away, one sore, swaps settled, five minutes', async () => {
  const phone = { width: 390, height: 844 };
  const { context, page, errors } = await openWindow(browser, phone, { hasTouch: true, stageWaits: true });
  await enterDemo(page);
  // The class stands in the schedule already.
  await page.getByRole('button', { name: 'Add a session' }).click();
  const form = page.locator('form');
  await find(form.getByRole('combobox', { name: 'Circuit' }), 'Before squats');
  await form.getByLabel('Starts at', { exact: true }).fill('23:57');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const card = page.locator('.card', { hasText: '23:57' });
  await card.waitFor();

  const thumb = new Thumb();
  const comes = (name: RegExp, state: string) =>
    card.getByRole('radiogroup', { name }).getByRole('radio', { name: state, exact: true });
  await thumb.tap(card.getByRole('button', { name: /^Who is here/ }));
  await thumb.tap(comes(/Halvard Quist/, 'not here'));
  const others = card.getByRole('radiogroup', { name: /^How (?!Halvard)/ });
  await thumb.tap(others.nth(0).getByRole('radio', { name: 'new', exact: true }));
  await thumb.tap(others.nth(1).getByRole('radio', { name: 'new', exact: true }));
  await thumb.tap(others.nth(2).getByRole('radio', { name: 'sore', exact: true }));
  await thumb.tap(card.getByRole('group', { name: 'Where' }).getByRole('button', { name: 'hip' }));
  await card.getByText(/^13 of 14 here/).waitFor();
  await thumb.tap(card.getByRole('button', { name: /^Who is here/ }));
  await thumb.tap(card.getByRole('link', { name: /needs? a swap/ }));
  await thumb.tap(page.getByRole('button', { name: 'Use these' }));
  await page.getByRole('status').getByText('In use').waitFor();
  await thumb.tap(page.getByRole('link', { name: 'Today' }));
  await thumb.tap(card.getByRole('button', { name: 'We’re late' }));
  const minutes = page.getByRole('textbox', { name: 'Minutes left' });
  await thumb.tap(minutes);
  await minutes.fill('5');
  await page.locator('[data-test="late-answer"]').waitFor();
  await thumb.tap(page.getByRole('button', { name: 'Start this one' }));
  await page.waitForURL('**/stage/**');
  await thumb.tap(page.getByRole('button', { name: 'Press when they stand ready' }));
  await page.locator('.now h1').waitFor();
  expect(thumb.taps).toBeLessThanOrEqual(MOST_TAPS);
  // At a thumb's pace: the machine itself takes seconds for all of it.
  expect(thumb.taps * SECONDS_A_TAP).toBeLessThanOrEqual(MOST_SECONDS);
  await toTheLog(page, 'Before squats');
  expect(errors).toEqual([]);
  await context.close();
});

/** The most taps that a copy for another group may take, without floor drills and in the time there is (issue 19). */
const MOST_TAPS_FOR_A_COPY = 12;

it('copies a circuit for another group, without floor drills, in six minutes', async () => {
  const phone = { width: 390, height: 844 };
  const { context, page, errors } = await openWindow(browser, phone, { hasTouch: true });
  await enterDemo(page);
  await page.locator('.card').first().waitFor();
  const thumb = new Thumb();
  await thumb.tap(page.getByRole('link', { name: 'Circuits' }));
  await thumb.tap(page.getByRole('button', { name: 'Copy Before squats' }));
  const form = page.getByRole('dialog').locator('form');
  await thumb.tap(form.locator('.v-select', { hasText: 'For whom' }));
  await thumb.tap(page.getByRole('option', { name: 'Allotment Movers' }));
  const minutes = form.getByRole('textbox', { name: 'Time available, minutes' });
  await thumb.tap(minutes);
  await minutes.fill('6');
  await thumb.tap(form.getByText('Nothing on the floor'));
  await thumb.tap(form.getByRole('button', { name: 'Copy', exact: true }));
  await page.waitForURL(/\/circuits\/[\w-]+\/fit/);
  await thumb.tap(page.getByRole('button', { name: 'Replace the original' }));
  await page.waitForURL(/\/circuits\/[\w-]+$/);
  await page.locator('.row').first().waitFor();
  expect(thumb.taps).toBeLessThanOrEqual(MOST_TAPS_FOR_A_COPY);
  await page.getByText('Allotment Movers').first().waitFor();
  const total = await page.locator('[data-test="total"]').innerText();
  expect(total <= '6:00').toBe(true);
  const rows = (await page.locator('.what').allInnerTexts()).join('\n');
  expect(rows).toContain('Cat-cow: standing, hands on thighs');
  for (const floor of ['Cat-cow', 'Glute bridge', 'Inchworm', 'Long lunge with rotation'])
    expect(rows.split('\n')).not.toContain(floor);
  await expect
    .poll(() => page.getByRole('textbox', { name: 'Title' }).inputValue())
    .toBe('Before squats, Allotment Movers');
  expect(errors).toEqual([]);
  await context.close();
});

/** A warm-up as a coach says it while they type. */
const SPOKEN = [
  'jog 3 lengths nice and easy',
  'high knees two lengths',
  'side lunges, 8 each side',
  'then cat cow for 8',
  'leg swings front to back 10 each',
  'big arm circles 10 forwards 10 back',
  '20 seconds rest',
  'glute bridges x 12, squeeze at the top',
  'plank, half a minute',
  'hip hinges 10 slow',
  'bodyweight squats 2 sets of 8',
  'finish with 5 squat jumps',
];
/** Letters a minute, and seconds a line to think and to look up. Common practice, no source. */
const LETTERS_A_MINUTE = 200;
const THOUGHT_SECONDS = 3;
const MOST_SECONDS_FOR_TWELVE_LINES = 240;

it('writes twelve spoken lines in under four minutes, with no more than one question a line', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const asked: number[] = [];
  for (const line of SPOKEN) {
    await typeLines(page, [line]);
    // What a line is asked back stands at its row: a guess to confirm, or a line that was not read.
    await page.waitForTimeout(300);
    asked.push(await page.locator('.guess, li.unread').count());
  }
  const newly = asked.map((count, index) => count - (asked[index - 1] ?? 0));
  expect(Math.max(...newly)).toBeLessThanOrEqual(1);
  expect(await page.locator('li.unread').count()).toBe(0);
  const letters = SPOKEN.reduce((sum, line) => sum + line.length, 0);
  const questions = asked.at(-1) ?? 0;
  const seconds = (letters / LETTERS_A_MINUTE) * 60 + (SPOKEN.length + questions) * THOUGHT_SECONDS;
  expect(seconds).toBeLessThanOrEqual(MOST_SECONDS_FOR_TWELVE_LINES);
  await page.getByRole('textbox', { name: 'Title' }).fill('Twelve lines');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  // The rest belongs to the drill before it.
  await page.locator('.what', { hasText: 'Arm circles' }).getByText('rest 20 s').waitFor();
  await expect.poll(() => page.locator('.row').count()).toBe(SPOKEN.length - 1);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.locator('.now h1').waitFor();
  await toTheLog(page, 'Twelve lines');
  expect(errors).toEqual([]);
  await context.close();
});
