import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  enterDemo,
  expectAccessible,
  openWindow,
  pasteLines,
  launchBrowser,
  typeLines,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** A list as from a message: bullets, plurals, dashes, a guess to confirm, and a drill that nobody knows. */
const LIST = [
  '1. Marching on the spot – 1 min',
  '2. Jumping jacks × 20',
  'Mobility:',
  '• Cat cows x10',
  '• World’s greatest stretch, 4 each side',
  '• Leg swings 10 each leg',
  '• Arm circles ten each way',
  'Activation',
  '- Glute bridges 2 sets of 10',
  '- bird dogs 6 a side',
  '- squatty jumps x5',
  '- harbour wobbles 30s each side',
  '- knee push-ups 8',
  '- BW squats 12 reps',
  '- walking lunges, 10 in all',
];

it('reads a pasted list, asks once of what it guessed, makes an unknown drill ours, and knows them the next time', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await board.click();
  const begun = Date.now();
  await pasteLines(page, LIST);
  await page.locator('.row', { hasText: 'Long lunge with rotation' }).waitFor();
  await expect.poll(() => page.locator('.row').count()).toBe(12);
  await page.getByText('and 1 line not read').waitFor();
  await expectAccessible(page, 'a pasted list with a guess and an unknown line');

  // Starting without the line is asked about, and can be thought over.
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page
    .getByRole('dialog', { name: 'Start without them?' })
    .getByRole('button', { name: 'Back to the sheet' })
    .click();

  const guess = page.getByRole('group', { name: /squatty jumps/ });
  await guess.getByRole('button', { name: 'Yes' }).click();
  await guess.waitFor({ state: 'detached' });

  const unread = page.locator('li.unread');
  await unread.getByRole('button', { name: 'Make it ours' }).click();
  const form = page.getByRole('form', { name: 'Make it ours' });
  await form.getByRole('combobox', { name: 'Like which drill?' }).fill('single-leg st');
  await page.getByRole('option', { name: 'Single-leg stand' }).click();
  await expectAccessible(page, 'make it ours');
  await form.getByRole('button', { name: 'Make it ours' }).click();
  await page.locator('.row', { hasText: 'Harbour wobbles' }).waitFor();
  await expect.poll(() => page.getByText('not read').count()).toBe(0);
  await expect.poll(() => page.locator('.row', { hasText: 'Harbour wobbles' }).textContent()).toContain('30 s a side');
  // It is said, not tested: how long it takes is the machine's affair, and what looks the page over is in it.
  process.stdout.write(`A list of thirteen lines complete in ${String(Date.now() - begun)} ms\n`);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  // The same list again is read without a question.
  await page.goto('/circuits');
  await writeNewCircuit(page);
  await page.getByRole('combobox', { name: 'Whiteboard line' }).click();
  await pasteLines(page, LIST);
  await expect.poll(() => page.locator('.row').count()).toBe(13);
  expect(await page.getByText('is that it?').count()).toBe(0);
  expect(await page.getByText('not read').count()).toBe(0);

  // The word is kept with the studio, where it can be taken out again.
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('tab', { name: 'Our words' }).click();
  await page.getByRole('heading', { name: 'squatty jumps' }).waitFor();
  await expectAccessible(page, 'our words');
  await page.getByRole('button', { name: 'Remove “squatty jumps”' }).click();
  await page.getByRole('heading', { name: 'squatty jumps' }).waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('steps down the ladder of a row, and takes another drill than the one it guessed', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['integrate', 'push-up 8', 'lateral skipping jumps 20s']);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Push-up 8/ }).click();
  const ladder = page.getByRole('group', { name: 'Easier or harder' });
  await ladder.getByRole('button', { name: 'Easier' }).click();
  await page.locator('.row', { hasText: 'Push-up: knees down' }).waitFor();
  await ladder.getByRole('button', { name: 'Harder' }).click();
  await page.locator('.row', { hasText: 'Push-up: knees down' }).waitFor({ state: 'detached' });
  const guess = page.getByRole('group', { name: /lateral skipping jumps/ });
  const other = guess.getByRole('button').nth(1);
  const name = (await other.textContent())?.trim() ?? '';
  await page.locator('li.line', { has: guess }).locator('.place.figure').click();
  await page.keyboard.press('1');
  await page.locator('.row', { hasText: name }).waitFor();
  await guess.waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('writes what is in the hands, how it grows and where nothing stops, and asks once what an unknown main session is like', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, [
    'for: harbour relay',
    'raise no gaps',
    'bike ramp 90/60/60/45s',
    'high knees 30s slow to fast',
    'goblet squat 8 @ 12kg',
  ]);
  await page.keyboard.press('Escape');
  await page.locator('.row', { hasText: '90, 60, 60, 45 s, effort 2 → 3 → 4 → 5' }).waitFor();
  await page.locator('.row', { hasText: '30 s, alternating · slow to fast' }).waitFor();
  const squat = page.locator('.row', { hasText: '12 kg' });
  await expect.poll(() => squat.textContent()).toContain('+0');

  await squat.locator('.what').click();
  const editor = page.getByRole('group', { name: /^How much of/ });
  await editor.getByRole('textbox', { name: 'Weight' }).fill('16 kg');
  await page.locator('.row', { hasText: '16 kg' }).waitFor();
  await expectAccessible(page, 'a row with what is in the hands');

  await page.getByRole('tab', { name: 'Coverage' }).click();
  await page.getByText('“harbour relay” is new here.').waitFor();
  await page.locator('.coverage .v-select').click();
  await page.getByRole('option', { name: 'Running and field' }).click();
  await page.getByText(/of what\s+harbour relay\s+needs/).waitFor();

  // It is asked once: the next circuit knows it.
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.goto('/circuits');
  await writeNewCircuit(page);
  await typeLines(page, ['for: harbour relay', 'raise', 'easy jog 60s']);
  await page.getByRole('tab', { name: 'Coverage' }).click();
  await page.getByText(/of what\s+harbour relay\s+needs/).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('asks whether the nearest drill is meant, and Enter again takes it with its dose', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await typeLines(page, ['mobilise', 'bumble steps 8']);
  await page.getByRole('status').getByText('Did you mean Step-ups? Enter again').waitFor();
  expect(await page.locator('.row, li.unread').count()).toBe(0);
  await expectAccessible(page, 'a line that is asked about');
  await board.press('Enter');
  const row = page.locator('.row', { hasText: 'Step-ups' });
  await row.waitFor();
  await expect.poll(() => row.textContent()).toContain('8');
  await expect.poll(() => board.inputValue()).toBe('');

  // Another letter, and it is asked anew; what is meant otherwise can be kept as it is written.
  await typeLines(page, ['knee spinner 9']);
  await page
    .getByRole('status')
    .getByText(/^Did you mean Standing knee hold/)
    .waitFor();
  await board.press('End');
  await board.press('s');
  expect(await page.getByText(/^Did you mean/).count()).toBe(0);
  await board.press('Enter');
  await page.getByRole('button', { name: 'Keep as written' }).click();
  await page.locator('li.unread').waitFor();
  // What is like nothing is kept at once.
  await typeLines(page, ['harbour wobbles 30s']);
  await expect.poll(() => page.locator('li.unread').count()).toBe(2);
  expect(errors).toEqual([]);
  await context.close();
});
