import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** The server goes away, or comes back. */
async function away(page: Page, gone: boolean): Promise<void> {
  if (gone) await page.route('**/api/**', (route) => route.abort());
  else await page.unroute('**/api/**');
}

/** Presses a button while the server is away: it says so, in words that can be closed. */
async function pressedAway(page: Page, press: () => Promise<void>): Promise<void> {
  await away(page, true);
  await press();
  const said = page.getByText('The server cannot be reached, so nothing was changed. Try again.');
  await said.waitFor();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await said.waitFor({ state: 'detached' });
  await away(page, false);
}

it('says so at every button that needs the server while it is away, and does it once it is back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);

  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Away for a while');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['cat-cow 5']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.goto('/circuits');
  const card = page.locator('.card', { hasText: 'Away for a while' });
  const takeOut = () => card.getByRole('button', { name: 'Remove Away for a while' }).click();
  await card.waitFor();
  await pressedAway(page, takeOut);
  await expect.poll(() => card.count()).toBe(1);
  await takeOut();
  await card.waitFor({ state: 'detached' });
  const back = page.getByRole('button', { name: 'Restore it' });
  await pressedAway(page, () => back.click());
  await back.click();
  await card.waitFor();

  await page.goto('/drills/lateral-lunge');
  await page.getByRole('link', { name: 'Copy and edit' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Away lunge');
  await page.getByRole('button', { name: 'Save drill' }).click();
  await page.waitForURL('**/drills/own-away-lunge');
  const out = page.getByRole('button', { name: 'Remove' });
  await out.waitFor();
  await pressedAway(page, () => out.click());
  await out.click();
  await page.waitForURL('**/drills');

  await page.goto('/people/new');
  await page.getByLabel('Name').fill('Perran Away');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.waitForURL('**/people');
  await page.getByRole('link', { name: 'Perran Away' }).click();
  await page.getByRole('button', { name: 'Delete permanently…' }).click();
  const remove = page.getByRole('button', { name: 'Delete permanently', exact: true });
  await pressedAway(page, () => remove.click());
  await remove.click();
  await page.waitForURL('**/people');
  expect(await page.getByText('Perran Away').count()).toBe(0);

  await pressedAway(page, () => page.getByRole('button', { name: 'Sign out' }).click());
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  expect(errors).toEqual([]);
  await context.close();
});

it('says so where a fit cannot be kept for a session, or taken back, and does either once the server is back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  const late = page.getByRole('button', { name: 'We’re late' }).first();
  await late.click();
  const dialog = page.getByRole('dialog', { name: 'We’re late' });
  await dialog.getByRole('textbox', { name: 'Minutes left' }).fill('2:40');
  await dialog.getByRole('link', { name: 'See the details' }).click();
  const only = page.getByRole('button', { name: 'For this session only' });
  await only.click({ trial: true });
  await pressedAway(page, () => only.click());
  await only.click();
  await page.getByText(/runs in 2:[0-9]{2}/).waitFor();

  await page.getByRole('link', { name: 'Today' }).click();
  const whole = page.getByRole('button', { name: 'Run it in full' });
  await whole.waitFor();
  await pressedAway(page, () => whole.click());
  await expect.poll(() => whole.count()).toBe(1);
  await whole.click();
  await whole.waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('says why and offers a way on where work beside the page cannot be done', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'skipping rope 60s', 'mobilise', 'cat-cow 8', 'lateral lunge 8/side']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = page.url();
  const workers = '**/fitWorker*';

  // The worker cannot be fetched.
  await page.route(workers, (route) => route.abort());
  await page.goto(`${sheet}/fit?seconds=120`);
  await page.getByText('That could not be worked out').waitFor();
  await page.unroute(workers);
  await page.getByRole('button', { name: 'Try again' }).click();
  await page.getByRole('button', { name: 'Start this one' }).waitFor();

  // On the Stage the clock runs on meanwhile.
  await page.goto(sheet);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('timer').waitFor();
  await page.route(workers, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: 'throw new Error("torn in two")' }),
  );
  await page.keyboard.press('l');
  const fit = page.getByRole('button', { name: 'Fit what is left' });
  await fit.click();
  await page.getByText('The clock runs on as planned').waitFor();
  await page.unroute(workers);
  await fit.click();
  await page.getByRole('dialog', { name: 'We’re late' }).waitFor({ state: 'detached' });
  expect(errors).toEqual(['Uncaught Error: torn in two'].filter((one) => errors.includes(one)));
  await context.close();
});
