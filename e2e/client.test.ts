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
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('writes a warm-up for one client with a sore knee, and what was chosen for her is what the screen shows', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Add a person' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Nkechi Oduya');
  await page.getByRole('button', { name: 'Knee', exact: true }).click();
  await page.getByRole('checkbox', { name: /bending it deep/ }).check();
  await expectAccessible(page, 'what hurts');
  await choose(page.locator('.v-select', { hasText: 'How careful' }), 'avoid it');
  await page.getByRole('checkbox', { name: 'They agree' }).check();
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Nkechi Oduya' }).waitFor();

  await writeNewCircuit(page);
  await typeLines(page, ['integrate', 'lateral lunge 4/side', 'body-weight squat 8']);
  await page.locator('.about').click();
  // Minutes are minutes, however they are spelt.
  const minutes = page.getByRole('textbox', { name: 'Time available, minutes' });
  await minutes.fill('6');
  await minutes.blur();
  await expect.poll(() => minutes.inputValue()).toBe('6:00');
  await page.getByRole('button', { name: 'Time available, minutes: more' }).click();
  await expect.poll(() => minutes.inputValue()).toBe('6:30');
  await find(page.getByRole('combobox', { name: 'For whom' }), 'Nkechi Oduya, alone');
  await page.locator('.about', { hasText: 'Nkechi' }).waitFor();
  await page.getByText(/^Saved/).waitFor();

  // The lunge is chosen for her; the squat is kept, and the coach answers for it.
  await page.getByRole('tab', { name: 'People' }).click();
  await page.getByRole('link', { name: 'Swaps' }).click();
  const cell = (drill: string) => page.getByRole('button', { name: new RegExp(`^Nkechi Oduya, ${drill}: `) });
  await cell('Lateral lunge').click();
  const panel = page.getByRole('complementary');
  await panel.getByRole('radio').nth(1).check({ force: true });
  const chosen = (await panel.locator('.offer.chosen strong').textContent())?.trim() ?? '';
  await panel.getByRole('button', { name: 'For today' }).click();
  await page.getByRole('button', { name: /^Nkechi Oduya, Lateral lunge: .*chosen for them/ }).waitFor();
  await cell('Body-weight squat').click();
  await panel.getByRole('button', { name: 'Keep as planned today, I answer for it' }).click();
  await page.getByRole('button', { name: /Body-weight squat: .*Imke Sandvoort answers for it/ }).waitFor();
  await expectAccessible(page, 'a choice that is answered for');

  await page.goto(page.url().replace('/circuits/', '/stage/').replace('/swaps', ''));
  await expect.poll(() => page.getByRole('heading', { level: 1 }).textContent()).toBe(chosen);
  const screen = (await page.locator('body').textContent()) ?? '';
  for (const word of ['Nkechi', 'Knee', 'bending']) expect(screen).not.toContain(word);
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => page.getByRole('heading', { level: 1 }).textContent()).toBe('Body-weight squat');
  expect(errors).toEqual([]);
  await context.close();
});

it('takes somebody out of today’s class by one tap on its card, and brings them back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('button', { name: 'Add a session' }).click();
  const form = page.locator('form');
  await form.getByRole('combobox', { name: 'Circuit' }).fill('Before squats');
  await page.getByRole('option', { name: 'Before squats' }).first().click();
  await form.getByLabel('Starts at', { exact: true }).fill('23:58');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const card = page.locator('.card', { hasText: '23:58' });
  await card.getByRole('button', { name: /^Who is here/ }).click();
  await card.getByText(/^14 of 14 here/).waitFor();
  await expectAccessible(page, 'who is here');
  await card
    .getByRole('radiogroup', { name: /Halvard Quist/ })
    .getByRole('radio', { name: 'not here' })
    .click();
  await card.getByText(/^13 of 14 here/).waitFor();
  await card.getByRole('link', { name: 'Before squats', exact: true }).click();
  await page.locator('.about', { hasText: 'Dawn Mixed' }).waitFor();
  await page.getByRole('tab', { name: 'People' }).click();
  await page.getByRole('link', { name: 'Swaps' }).click();
  await page.getByRole('heading', { name: 'Swaps' }).waitFor();
  await page
    .getByRole('button', { name: /^Rafi Benholm/ })
    .first()
    .waitFor();
  expect(await page.getByRole('button', { name: /^Halvard Quist/ }).count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});
