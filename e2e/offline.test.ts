import { appendFileSync, readFileSync, writeFileSync } from 'node:fs';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** What the device keeps, by the names of its stores: the addresses that are kept. */
const keptOn = (page: Page): Promise<Readonly<Record<string, readonly string[]>>> =>
  page.evaluate(async () => {
    const stores = await caches.keys();
    const kept = await Promise.all(
      stores.map(async (name) => [name, (await (await caches.open(name)).keys()).map(({ url }) => url)] as const),
    );
    return Object.fromEntries(kept);
  });

it('opens without a network from a cold start, runs a circuit with its voice, and logs it later', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { keptOnDevice: true });
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('On the quay');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['raise', 'step jack 12s alt', 'mobilise', 'cat-cow 12s']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = new URL(page.url()).pathname;
  await page.goto('/today');
  // The page comes to rest, and then the device keeps what a coach needs: this circuit, spoken, among it.
  await expect
    .poll(async () => (await keptOn(page))['prompt-spark-answers']?.some((url) => url.endsWith(`/api${sheet}`)), {
      timeout: 60_000,
    })
    .toBe(true);
  const spoken = (url: string) => url.includes(encodeURIComponent('Step jack'));
  await expect
    .poll(async () => (await keptOn(page))['prompt-spark-clips']?.some(spoken), { timeout: 60_000 })
    .toBe(true);
  // Nothing of people, and nothing of what was run, is among it.
  const addresses = Object.values(await keptOn(page)).flat();
  expect(addresses.filter((url) => /\/api\/(?:people|runs|bin)/.test(url))).toEqual([]);

  await page.close();
  await context.setOffline(true);
  const cold = await context.newPage();
  await cold.goto('/today');
  await cold.getByRole('heading', { level: 1 }).waitFor();
  await expectAccessible(cold, 'today without a network');
  await cold.getByRole('link', { name: 'Circuits' }).click();
  await cold.getByRole('link', { name: 'On the quay' }).first().click();
  await cold.locator('.row', { hasText: 'Cat-cow' }).waitFor();
  await cold.getByRole('button', { name: 'Start', exact: true }).click();
  await cold.locator('[data-test="caption"]', { hasText: 'Step jack' }).waitFor();
  await cold.locator('.kind', { hasText: 'Work' }).waitFor();
  const save = cold.getByRole('button', { name: 'Save to log' });
  while ((await save.count()) === 0) {
    await cold.keyboard.press('ArrowRight');
    await cold.waitForTimeout(200);
  }
  await save.click();
  // It waits on this device until the network is back, and is logged then.
  await context.setOffline(false);
  await cold.goto('/log');
  await cold.getByRole('heading', { name: 'On the quay' }).first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('keeps nothing on the device once the coach has signed out', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { keptOnDevice: true });
  await enterDemo(page);
  await expect
    .poll(async () => (await keptOn(page))['prompt-spark-answers']?.length ?? 0, { timeout: 60_000 })
    .toBeGreaterThan(5);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  const kept = await keptOn(page);
  expect(Object.keys(kept).filter((name) => name.startsWith('prompt-spark-clips'))).toEqual([]);
  // What the door itself asks, who is here, is all.
  expect((kept['prompt-spark-answers'] ?? []).filter((url) => !url.endsWith('/api/account'))).toEqual([]);
  await context.setOffline(true);
  await page.goto('/today');
  await page
    .getByText(/cannot be reached/)
    .first()
    .waitFor();
  expect(await page.getByText('Dawn Mixed').count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});

/** What looks after the pages of a device, as it was built. */
const WORKER = 'web/dist/serviceWorker.js';

it('offers a newer version where nothing is under way, and takes it when the coach says so', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { keptOnDevice: true });
  const built = readFileSync(WORKER);
  try {
    await enterDemo(page);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await writeNewCircuit(page);
    await typeLines(page, ['raise', 'step jack 60s alt']);
    await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
    appendFileSync(WORKER, '\n// newer');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.locator('.kind', { hasText: 'Work' }).waitFor();
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
    const isWaiting = () =>
      page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting !== null);
    await expect.poll(isWaiting).toBe(true);
    // A run goes on undisturbed.
    expect(await page.getByText('A newer version is here.').count()).toBe(0);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Leave without logging' }).click();
    await page.getByText('A newer version is here.').waitFor();
    await expectAccessible(page, 'a newer version that is offered');
    await page.getByRole('button', { name: 'Reload now' }).click();
    await expect.poll(isWaiting).toBe(false);
    await page.locator('.row', { hasText: 'Step jack' }).waitFor();
    expect(await page.getByText('A newer version is here.').count()).toBe(0);
    expect(errors).toEqual([]);
  } finally {
    writeFileSync(WORKER, built);
  }
  await context.close();
});
