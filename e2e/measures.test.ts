import { subDays, format } from 'date-fns';
import { readFile } from 'node:fs/promises';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

async function measure(page: Page, left: string, right: string, day: Date): Promise<void> {
  const form = page.locator('form');
  await form.getByRole('textbox', { name: 'Left' }).fill(left);
  await form.getByRole('textbox', { name: 'Right' }).fill(right);
  await form.getByLabel('Day', { exact: true }).fill(format(day, 'dd/MM/yyyy'));
  await page.keyboard.press('Tab');
  await form.getByRole('button', { name: 'Save' }).click();
  await form.waitFor({ state: 'detached' });
}

it('measures both sides, sees them over time, and gives the side that is behind a little more', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Nkechi' }).first().click();
  await page.getByRole('link', { name: 'Measures' }).click();
  await page.getByRole('button', { name: 'Knee to wall' }).click();
  await page.getByText('Bend the knee to touch the wall, the heel down.').waitFor();
  await page.getByRole('textbox', { name: 'Left' }).fill('forty');
  await page.getByText('Expected 0 to 25 cm').waitFor();
  await expectAccessible(page, 'taking a measure');
  await measure(page, '6', '10', subDays(new Date(), 28));

  const card = page.getByRole('region', { name: 'Knee to wall' });
  await card.getByText('The left is behind by 4 cm (40 %), more than is ordinary.').waitFor();
  await card.getByRole('button', { name: 'Measure again' }).click();
  await measure(page, '8,5', '10.5', new Date());
  await card.getByText('Left better by 2.5 cm').waitFor();
  await card.getByRole('img', { name: 'Knee to wall over time' }).waitFor();
  await expect.poll(() => card.getByRole('row').count()).toBe(3);
  await page
    .getByRole('region', { name: 'Stiffer sides' })
    .getByText(/left ankle/)
    .waitFor();
  await expectAccessible(page, 'measures over time');

  // It is there for the next coach who opens it, and on the list of people.
  await page.reload();
  await card.getByText('Left better by 2.5 cm').waitFor();
  await page.goto('/people');
  await page.getByText('ankle: left stiffer').waitFor();

  // A mistake is taken out again.
  await page.goBack();
  await card
    .getByRole('button', { name: /^Remove Knee to wall of/ })
    .first()
    .click();
  await expect.poll(() => card.getByRole('row').count()).toBe(2);
  expect(errors).toEqual([]);
  await context.close();
});

it('takes a measure of the studio’s own on a person’s page', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Priya Lanyon' }).first().click();
  await page.getByRole('link', { name: 'Measures' }).click();
  await page.getByRole('link', { name: 'Add one of your own' }).click();
  await page.getByRole('button', { name: 'Add a measure' }).click();
  await page.getByLabel('Name').fill('Side plank');
  await page.getByLabel('Left and right by themselves').check();
  await page.getByRole('button', { name: 'Save measure' }).click();
  await page.getByText('Say how it is taken, a step a line').first().waitFor();
  await page
    .getByLabel('How it is taken, a step a line')
    .fill('On the side, on one elbow.\nHips up; stop when they drop.');
  await expectAccessible(page, 'a measure of our own');
  await page.getByRole('button', { name: 'Save measure' }).click();
  await page.getByRole('heading', { name: 'Side plank' }).waitFor();
  await page.goBack();
  await page.getByRole('button', { name: 'Side plank' }).click();
  await page.getByText('Hips up; stop when they drop.').waitFor();
  await measure(page, '20', '35', new Date());
  await page.getByRole('region', { name: 'Side plank' }).getByText('The left is behind by 15 s').waitFor();

  // Theirs to have: on paper without the screen's own parts, and as a file, of which their record tells.
  await page.getByRole('link', { name: 'Back to their page' }).click();
  await page.getByRole('link', { name: 'Their history, to hand over' }).click();
  await page.getByRole('row', { name: /Side plank left 20, right 35 s/ }).waitFor();
  await expectAccessible(page, 'a history to hand over');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('Priya Lanyon.csv');
  expect(await readFile(await file.path(), 'utf8')).toMatch(/,measure,Side plank,,20,35,s\r\n/);
  await page.emulateMedia({ media: 'print' });
  expect(await page.getByRole('button', { name: 'Save as CSV' }).isVisible()).toBe(false);
  expect(await page.locator('.rail').isVisible()).toBe(false);
  expect(await page.getByRole('row', { name: /Side plank/ }).isVisible()).toBe(true);
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Back to their page' }).click();
  await page.getByText('Who has seen or changed this').click();
  await page.getByText(/took out to a file/).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
