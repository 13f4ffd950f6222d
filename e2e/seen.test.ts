import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { choose, enterDemo, expectAccessible, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('notes in taps who was there and what hurt, which the person’s page and the next class remember', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  // Before today's, the weeks before are noted already.
  const before = await timesThere(page, 'Halvard Quist');
  await page.goto('/log');
  const entry = page.locator('.entry', { hasText: 'Dawn Mixed' }).first();
  await entry.waitFor();
  const people = entry.getByRole('region', { name: 'Who was there' });
  if ((await people.count()) === 0) await entry.getByRole('button', { name: /^Drills of/ }).click();
  await people.getByRole('button', { name: 'All there, all fine' }).click();
  await people.getByRole('button', { name: 'All there, all fine' }).waitFor({ state: 'detached' });
  const how = people.getByRole('radiogroup', { name: 'How Halvard Quist came through' });
  await expect.poll(() => how.getByRole('radio', { name: 'fine' }).getAttribute('aria-checked')).toBe('true');

  await how.getByRole('radio', { name: 'niggle' }).click();
  await people
    .getByRole('group', { name: 'Where Halvard Quist felt it' })
    .getByRole('button', { name: 'knee' })
    .click();
  const side = people.getByRole('group', { name: 'Which side of Halvard Quist' });
  await side.getByRole('button', { name: 'left' }).click();
  await expect.poll(() => side.getByRole('button', { name: 'left' }).getAttribute('aria-pressed')).toBe('true');
  await expectAccessible(page, 'who was there');
  // What each reached: a tap for as many as usual, and a tap more.
  const reached = entry.getByRole('region', { name: 'What each reached' });
  await choose(reached.locator('.v-select').first(), 'Lateral lunge');
  await reached.getByRole('button', { name: / by Halvard Quist$/ }).click();
  const more = reached.getByRole('button', { name: 'More by Halvard Quist' });
  const first = Number(await reached.locator('output').first().textContent());
  await more.click();
  await expect.poll(async () => Number(await reached.locator('output').first().textContent())).toBe(first + 1);
  await expectAccessible(page, 'what each reached');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  await people.getByRole('link', { name: 'Halvard Quist' }).click();
  const seen = page.getByRole('region', { name: 'Seen in sessions' });
  await seen.getByText(`niggle, left knee, Lateral lunge ${String(first + 1)} reps`).waitFor();
  await seen.getByText(`There ${String(before + 1)} of `).waitFor();
  await expectAccessible(page, 'a person with what was seen');
  expect(errors).toEqual([]);
  await context.close();
});

/** How often somebody of the demo was there, as their page says. */
async function timesThere(page: Page, name: string): Promise<number> {
  await page.goto('/people');
  await page
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .first()
    .click();
  const told = page.getByText(/There \d+ of \d+ times/);
  await told.waitFor();
  return Number(/There (\d+)/.exec((await told.textContent()) ?? '')?.[1]);
}
