import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('offers an exchange where there is no time for a drill more, and Fit names the same figure', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, [
    'for: squats',
    'in: 2:00',
    'raise',
    'step jack 40s alt',
    'mobilise',
    'arm circles 8/way',
    'activate',
    'glute bridge 8',
  ]);
  await page.getByRole('tab', { name: 'Coverage' }).click();
  const figure = page.locator('.coverage strong');
  await figure.waitFor();
  const before = await figure.textContent();
  const exchange = page
    .getByRole('button', { name: /for arm circles (same time|\d{1,3} s less), \d{1,3} % → \d{1,3} %/ })
    .first();
  const said = (await exchange.textContent()) ?? '';
  await expectAccessible(page, 'an exchange in Coverage');
  await exchange.click();
  await page.locator('.row', { hasText: 'Arm circles' }).waitFor({ state: 'detached' });
  const [, from = '', to = ''] = /(\d{1,3} %) → (\d{1,3} %)/.exec(said) ?? [];
  expect(before).toBe(`${from} of what squat or hinge strength needs`);
  const after = `${to} of what squat or hinge strength needs`;
  await expect.poll(() => figure.textContent()).toBe(after);

  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.goto(`${page.url()}/fit`);
  await page.locator('[data-test="prepared"]', { hasText: new RegExp(`needs, ${to} as planned`) }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
