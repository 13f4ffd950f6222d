import { addDays, format } from 'date-fns';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { find, enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('puts a session in the book for today and one for later, takes one out, puts it back, and starts it', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.locator('.card').first().waitFor();
  const before = await page.locator('.card').count();
  const form = page.locator('form');
  const circuit = form.getByRole('combobox', { name: 'Circuit' });

  await page.getByRole('button', { name: 'Add a session' }).click();
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await page.getByText('Choose a circuit').waitFor();
  await find(circuit, 'Before squats');
  await form.getByRole('textbox', { name: 'Minutes' }).fill('500');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await page.getByText('At most 120 minutes').waitFor();
  await form.getByRole('textbox', { name: 'Minutes' }).fill('9');
  await form.getByLabel('Starts at').fill('23:55');
  await expectAccessible(page, 'the book, filled in');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const card = page.locator('.card', { hasText: '23:55' });
  await card.getByText('9 minutes').waitFor();
  expect(await page.locator('.card').count()).toBe(before + 1);
  // What was noted last time is read where the next time is planned.
  await card.getByText('Last time:').waitFor();

  await page.getByRole('button', { name: 'Add a session' }).click();
  await find(circuit, 'Before squats');
  await form.getByLabel('Day').fill(format(addDays(new Date(), 3), 'yyyy-MM-dd'));
  await form.getByLabel('Starts at').fill('03:05');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const later = page.locator('.week li', { hasText: '3:05' });
  await later.getByText('Before squats').waitFor();

  // Taken out by mistake, and put back as it was.
  await card.getByRole('button', { name: 'Remove Before squats from the schedule' }).click();
  await card.waitFor({ state: 'detached' });
  await page.getByText('“Before squats” removed from the schedule.').waitFor();
  await expectAccessible(page, 'a session taken out');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await card.getByText('9 minutes').waitFor();
  await later.getByRole('button', { name: 'Remove Before squats from the schedule' }).click();
  await later.waitFor({ state: 'detached' });
  await page.reload();
  await card.waitFor();
  expect(await later.count()).toBe(0);

  await card.getByRole('link', { name: 'Start' }).click();
  await page.waitForURL('**/stage/**');
  await page.getByText('Get ready').first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
