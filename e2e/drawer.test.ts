import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('has forty drills at hand and the rest of the library as it is scrolled to, by mouse and by keyboard', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const drawer = page.getByRole('complementary', { name: 'Drills' });
  const drills = drawer.locator('[data-drill]');
  const more = drawer.getByRole('button', { name: /^\d+ more$/ });
  await expect.poll(() => drills.count()).toBe(40);
  const library = 40 + Number.parseInt((await more.textContent()) ?? '', 10);
  expect(library).toBeGreaterThan(200);
  await expectAccessible(page, 'the drawer');

  // The wheel brings more, a batch at a time.
  await drawer.hover();
  await page.mouse.wheel(0, 4000);
  await expect.poll(() => drills.count()).toBe(80);
  await expect.poll(() => more.textContent()).toContain(`${String(library - 80)} more`);

  // So does the button, which the keyboard reaches after the last drill; in the end the whole library is there.
  await expect
    .poll(async () => {
      if (await more.isVisible()) await more.press('Enter');
      return drills.count();
    })
    .toBe(library);
  await expect.poll(() => more.count()).toBe(0);
  const ids = await drills.evaluateAll((all) => all.map((drill) => drill.getAttribute('data-drill')));
  expect(new Set(ids).size).toBe(library);

  // A search looks through all of it, and begins again with what it finds.
  const find = drawer.getByRole('textbox', { name: 'Find a drill' });
  await find.fill(
    ((await drills.last().locator('.words').textContent()) ?? '').trim().split(/\s+/).slice(0, 2).join(' '),
  );
  await expect.poll(() => drills.count()).toBeLessThanOrEqual(40);
  expect(await drills.evaluateAll((all) => all.map((drill) => drill.getAttribute('data-drill')))).toContain(ids.at(-1));
  await find.fill('');
  await expect.poll(() => drills.count()).toBe(40);

  expect(errors).toEqual([]);
  await context.close();
});
