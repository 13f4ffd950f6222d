import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Logs two easy runs of a circuit since it was written, and books it in five minutes. */
const runTwiceAndBook = (page: Page, circuitId: string): Promise<void> =>
  page.evaluate(async (of) => {
    const post = async (path: string, body: object): Promise<void> => {
      const headers = { 'content-type': 'application/json' };
      const answer = await fetch(path, { method: 'POST', headers, body: JSON.stringify(body) });
      if (answer.status !== 201) throw new Error(await answer.text());
    };
    const minutes = (from: number) => new Date(Date.now() + from * 60_000).toISOString();
    for (const at of [1, 2]) {
      await post('/api/runs', {
        id: crypto.randomUUID(),
        sessionId: null,
        circuitId: of,
        circuitTitle: 'Twelve squats',
        startedAt: minutes(at),
        finishedAt: minutes(at + 1),
        endedEarly: false,
        effort: 3,
        warm: 'yes',
        note: '',
        turns: [],
      });
    }
    await post('/api/sessions', {
      id: crypto.randomUUID(),
      circuitId: of,
      coachId: null,
      groupId: null,
      siteId: null,
      startsAt: minutes(5),
      minutes: 8,
      repeats: [],
    });
  }, circuitId);

it('proposes a step before the next time, makes it by a press, and takes it back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Twelve squats');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['raise', 'step jack 40s alt', 'integrate', 'body-weight squat 10']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = page.url();
  await runTwiceAndBook(page, sheet.split('/').at(-1) ?? '');

  await page.goto('/today');
  const card = page.locator('.card', { hasText: 'Twelve squats' });
  await card.getByText('It was easy the last two times.').waitFor();
  await card.getByText('Body-weight squat 12 instead of 10').waitFor();
  await expectAccessible(page, 'a step proposed');
  const fuse = () => card.locator('.strip').textContent();
  const before = await fuse();
  await card.getByRole('button', { name: /^Do that/ }).click();
  await card.getByText('Changed: Body-weight squat 12 instead of 10.').waitFor();
  // The card shows the new time at once.
  await expect.poll(fuse).not.toBe(before);
  await card.getByRole('button', { name: 'Undo' }).click();
  await card.getByRole('status').waitFor({ state: 'detached' });
  await expect.poll(fuse).toBe(before);

  // Taken back, it is a circuit that was just changed: nothing that was run before tells of it.
  await page.goto(sheet);
  await expect.poll(() => page.locator('.row', { hasText: 'Body-weight squat' }).textContent()).toMatch(/10(?!\d)/);
  expect(errors).toEqual([]);
  await context.close();
});

it('is put aside by a press, and does not come back', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'step jack 40s alt', 'integrate', 'body-weight squat 10']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await runTwiceAndBook(page, page.url().split('/').at(-1) ?? '');
  await page.goto('/today');
  // Its place among the cards is that of its time, which is now.
  const step = page.locator('.card', { hasText: 'Body-weight squat 12 instead of 10' });
  await step.getByRole('button', { name: /^Leave it/ }).click();
  await step.waitFor({ state: 'detached' });
  await page.reload();
  // What is found comes together: where the others' is there, this one's would be, too.
  await page.waitForResponse((answer) => answer.url().includes('/api/runs'));
  await page.waitForLoadState('networkidle');
  expect(await step.count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});
