import { addDays, addMonths, format, nextTuesday, startOfMonth } from 'date-fns';
import { readFile } from 'node:fs/promises';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { choose, find, enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

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
  await form.getByLabel('Starts at', { exact: true }).fill('23:55');
  await expectAccessible(page, 'the book, filled in');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const card = page.locator('.card', { hasText: '23:55' });
  await card.getByText('9 minutes').waitFor();
  await expect.poll(() => page.locator('.card').count()).toBe(before + 1);
  // What was noted last time is read where the next time is planned.
  await card.getByText('Last time:').waitFor();

  await page.getByRole('button', { name: 'Add a session' }).click();
  await find(circuit, 'Before squats');
  await form.getByLabel('Day', { exact: true }).fill(format(addDays(new Date(), 3), 'dd/MM/yyyy'));
  await page.keyboard.press('Tab');
  await form.getByLabel('Starts at', { exact: true }).fill('3.05 am');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  const later = page.locator('.week li', { hasText: '3:05' });
  await later.getByText('Before squats').waitFor();

  // Taken out by mistake, and put back as it was.
  await card.getByRole('button', { name: 'Remove Before squats from the schedule' }).click();
  await card.waitFor({ state: 'detached' });
  // It stays for as long as it is pointed at.
  await page.getByText('“Before squats” removed from the schedule.').hover();
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

it('shows a day coach by coach with what is held twice, and gives a session to a stand-in', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('link', { name: 'By coach' }).click();
  await page.locator('table').waitFor();
  const form = page.locator('form');
  const book = async (coach: string) => {
    await page.getByRole('button', { name: 'Add a session' }).click();
    await find(form.getByRole('combobox', { name: 'Circuit' }), 'Desk-day reset');
    await form.getByLabel('Starts at', { exact: true }).fill('23:40');
    await choose(form.locator('.v-select', { hasText: 'Place' }), 'Hall floor');
    await choose(form.locator('.v-select', { hasText: 'Coach' }), coach);
    await form.getByRole('button', { name: 'Add to schedule' }).click();
    await form.waitFor({ state: 'detached' });
  };
  await book('Imke Sandvoort');
  await book('Tobias Arrowsmith');
  const row = page.locator('tbody tr', { hasText: '23:40' });
  await expect.poll(() => row.getByRole('button').count()).toBe(2);
  // One place, two coaches at one time: said beside both.
  await expect.poll(() => row.getByText('Hall floor is taken').count()).toBe(2);
  await expectAccessible(page, 'a day, coach by coach');

  await row.locator('td').nth(1).getByRole('button').click();
  await choose(form.locator('.v-select', { hasText: 'Coach' }), 'Imke Sandvoort');
  await form.getByText('Imke Sandvoort is busy').waitFor();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect.poll(() => row.locator('td').first().getByRole('button').count()).toBe(2);
  await page.getByRole('link', { name: 'The day after' }).click();
  await expect.poll(() => row.count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});

it('says where a circuit is marked against what its group does shortly before', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Before squats' }).first().click();
  await page.locator('.row').first().waitFor();
  await page.locator('.about').click();
  const saved = page.waitForResponse((answer) => answer.request().method() === 'PUT' && answer.ok());
  await page.getByLabel('Not after').fill('leg day');
  await page.keyboard.press('Tab');
  await saved;

  await page.goto('/today');
  const form = page.locator('form');
  const book = async (time: string) => {
    await page.getByRole('button', { name: 'Add a session' }).click();
    await find(form.getByRole('combobox', { name: 'Circuit' }), 'Before squats');
    await form.getByLabel('Starts at', { exact: true }).fill(time);
    await page.keyboard.press('Tab');
  };
  await book('22:00');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await page.locator('.card', { hasText: '22:00' }).waitFor();
  await book('22:30');
  await page.getByText(/This is marked “not after leg day”: “Before squats”, .* 22:00, same group/).waitFor();
  await expectAccessible(page, 'a session against a mark');
  // It is said, and never refused.
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await page.locator('.card', { hasText: '22:30' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('books a class of Tuesdays, moves one and then the rest, takes the rest out and puts them back, all on the month', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.getByRole('link', { name: 'Month' }).click();
  const form = page.locator('form');
  await page.getByRole('link', { name: 'The month after' }).click();
  const month = addMonths(startOfMonth(new Date()), 1);
  await page.getByRole('heading', { name: format(month, 'MMMM yyyy') }).waitFor();

  // The first Tuesday of that month, and five more.
  const first = nextTuesday(addDays(month, -1));
  const name = (day: Date) => format(day, 'EEEE d MMMM');
  const day = (of: Date) => page.getByRole('region', { name: name(of), exact: true });
  const at = (of: Date, time: string) => day(of).getByRole('button', { name: `${time} Desk-day reset` });
  await page.getByRole('button', { name: `Add a session on ${name(first)}` }).click();
  await find(form.getByRole('combobox', { name: 'Circuit' }), 'Desk-day reset');
  await form.getByLabel('Starts at', { exact: true }).fill('4:40 am');
  await choose(form.locator('.v-select', { hasText: 'Repeats' }), 'Every week');
  await form
    .getByLabel('Last day')
    .first()
    .fill(format(addDays(first, 37), 'dd/MM/yyyy'));
  await page.keyboard.press('Tab');
  await form.getByText(`6 sessions, the last on ${name(addDays(first, 35))}.`).waitFor();
  await expectAccessible(page, 'a session that repeats');
  await form.getByRole('button', { name: 'Add to schedule' }).click();
  await at(first, '4:40').waitFor();
  await expectAccessible(page, 'the month');

  // Other calendars take the month in.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe(`${format(month, 'MMMM yyyy')}.ics`);
  expect(await readFile(await file.path(), 'utf8')).toMatch(/BEGIN:VEVENT[^]*SUMMARY:Desk-day reset/);

  // One of them is held at five; a second at the same time and place is said to be in its way.
  await at(addDays(first, 7), '4:40').click();
  await form.getByLabel('Starts at', { exact: true }).fill('5');
  await form.getByRole('button', { name: 'Save' }).click();
  await at(addDays(first, 7), '5:00').waitFor();
  await at(addDays(first, 14), '4:40').waitFor();
  await page.getByRole('button', { name: `Add a session on ${name(first)}` }).click();
  await find(form.getByRole('combobox', { name: 'Circuit' }), 'Desk-day reset');
  await form.getByLabel('Starts at', { exact: true }).fill('4:42 am');
  await page.getByText(/is (busy|taken): “Desk-day reset”/).waitFor();
  await page.getByRole('button', { name: 'Cancel' }).click();

  // From the third on they are half an hour later.
  await at(addDays(first, 14), '4:40').click();
  await form.getByLabel('Starts at', { exact: true }).fill('510');
  await form.getByRole('radio', { name: 'This and all later ones' }).click();
  await form.getByRole('button', { name: 'Save' }).click();
  await at(addDays(first, 21), '5:10').waitFor();
  await at(first, '4:40').waitFor();

  await at(addDays(first, 14), '5:10').click();
  await page.getByRole('button', { name: 'Remove from the schedule' }).click();
  await page.getByRole('button', { name: 'Later ones too' }).click();
  await at(addDays(first, 21), '5:10').waitFor({ state: 'detached' });
  await at(first, '4:40').waitFor();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await at(addDays(first, 21), '5:10').waitFor();
  await at(addDays(first, 14), '5:10').waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('writes times and dates as the coach does', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.locator('.card').first().waitFor();
  const noon = page.locator('.card .time', { hasText: /^1[2-9]:|^2/ }).first();
  const before = ((await noon.textContent()) ?? '').trim();
  await page.goto('/studio');
  await page.getByRole('tab', { name: 'Dates' }).click();
  await page.getByRole('radio', { name: '6:30 pm' }).click();
  await page.getByRole('radio', { name: 'November 26, weeks from Sunday' }).click();
  await expectAccessible(page, 'dates');
  await page.goto('/today');
  await page.getByRole('heading', { level: 1, name: format(new Date(), 'EEEE, MMMM d') }).waitFor();
  const [hours = 0, minutes = ''] = before.split(':').map((part, index) => (index === 0 ? Number(part) : part));
  await page
    .getByText(`${String(Number(hours) % 12 || 12)}:${String(minutes)} pm`)
    .first()
    .waitFor();
  await page.goto('/schedule');
  await expect.poll(() => page.locator('.weekday').first().textContent()).toBe('Sunday');
  expect(errors).toEqual([]);
  await context.close();
});
