import type { Browser, Locator, Page } from 'playwright-core';
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
  const reached = entry.getByRole('region', { name: 'Drill by drill' });
  await choose(reached.locator('.v-select').first(), 'Lateral lunge');
  await reached.getByRole('button', { name: / by Halvard Quist$/ }).click();
  const more = reached.getByRole('button', { name: 'More by Halvard Quist' });
  const first = Number(await reached.locator('output').first().textContent());
  await more.click();
  await expect.poll(async () => Number(await reached.locator('output').first().textContent())).toBe(first + 1);
  // How they did it: the drill's own fault, and an easier version.
  const did = reached.getByRole('group', { name: 'How Halvard Quist did it' });
  await did.getByRole('button', { name: 'knee falls inside' }).click();
  await did.getByRole('button', { name: 'easier version' }).click();
  await expect.poll(() => did.locator('[aria-pressed="true"]').count()).toBe(2);
  await did.getByRole('button', { name: 'easier version' }).click();
  await expect.poll(() => did.locator('[aria-pressed="true"]').count()).toBe(1);
  await expectAccessible(page, 'what each reached, and how');
  // How hard it was and how warm they were: for everybody, then otherwise for one.
  await people.getByRole('button', { name: 'Effort and warmth, each' }).click();
  await people
    .getByRole('radiogroup', { name: 'How hard it was: Everybody' })
    .getByRole('radio', { name: '4' })
    .click();
  const his = people.getByRole('radiogroup', { name: 'How hard it was: Halvard Quist' });
  await expect.poll(() => his.getByRole('radio', { name: '4' }).getAttribute('aria-checked')).toBe('true');
  await his.getByRole('radio', { name: '7' }).click();
  await people
    .getByRole('group', { name: 'Seen to be warm by: Halvard Quist' })
    .getByRole('button', { name: 'sweat' })
    .click();
  await expect.poll(() => his.getByRole('radio', { name: '7' }).getAttribute('aria-checked')).toBe('true');
  await expectAccessible(page, 'effort and warmth of each');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  await people.getByRole('link', { name: 'Halvard Quist' }).click();
  const seen = page.getByRole('region', { name: 'Seen in sessions' });
  const told = `niggle, left knee, effort 7, sweat, Lateral lunge ${String(first + 1)} reps, Lateral lunge: knee falls inside`;
  await seen.getByText(told).waitFor();
  await seen.getByText(`There ${String(before + 1)} of `).waitFor();
  await expectAccessible(page, 'a person with what was seen');
  expect(errors).toEqual([]);
  await context.close();
});

/** A thumb takes this long from one tap to the next. */
const THUMB_MS = 600;

it('notes a class of fourteen in under a minute with one thumb: who came, what hurt, how hard it was', async () => {
  const { context, page, errors } = await openWindow(browser, { width: 390, height: 844 });
  await enterDemo(page);
  await page.goto('/log');
  const entry = page.locator('.entry', { hasText: 'Dawn Mixed' }).first();
  const people = entry.getByRole('region', { name: 'Who was there' });
  await entry.waitFor();
  if ((await people.count()) === 0) await entry.getByRole('button', { name: /^Drills of/ }).click();
  const ways = people.getByRole('radiogroup', { name: /^How .* came through$/ });
  await expect.poll(() => ways.count()).toBe(14);
  const begun = performance.now();
  const tap = async (target: Locator) => {
    await page.waitForTimeout(THUMB_MS);
    await target.click();
  };
  for (let at = 0; at < 14; at += 1) {
    const state = at === 3 ? 'not there' : at === 6 ? 'niggle' : 'fine';
    await tap(ways.nth(at).getByRole('radio', { name: state, exact: true }));
  }
  await tap(people.getByRole('group', { name: /^Where/ }).getByRole('button', { name: 'knee' }));
  await tap(people.getByRole('group', { name: /^Which side/ }).getByRole('button', { name: 'left' }));
  await tap(people.getByRole('button', { name: 'Effort and warmth, each' }));
  await tap(people.getByRole('radiogroup', { name: 'How hard it was: Everybody' }).getByRole('radio', { name: '4' }));
  await tap(
    people.getByRole('group', { name: 'Seen to be warm by: Everybody' }).getByRole('button', { name: 'sweat' }),
  );
  // All of it is kept, of everybody who was there.
  const efforts = people.getByRole('radiogroup', { name: /^How hard it was/ });
  await expect.poll(() => efforts.locator('[aria-checked="true"]').allTextContents()).toHaveLength(14);
  const warm = people.getByRole('group', { name: /^Seen to be warm by/ });
  await expect.poll(() => warm.locator('[aria-pressed="true"]').count()).toBe(14);
  expect((performance.now() - begun) / 1000).toBeLessThan(60);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
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
