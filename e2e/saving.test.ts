import { openDatabase } from '@prompt-spark/server/store/database';
import { execFileSync } from 'node:child_process';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { freePort, serve } from './app.ts';
import { enterDemo, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('catches an edit from a second window and offers both; keeping both loses neither', async () => {
  const { context, page } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['step jack 30s alt']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  const second = await context.newPage();
  await second.goto(page.url());
  await second.locator('.row').waitFor();
  await typeLines(second, ['cat-cow 5']);
  await second.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  await typeLines(page, ['glute bridge 8']);
  await page.getByText('This circuit was changed in another window').waitFor();
  await page.getByRole('button', { name: 'Keep both' }).click();
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await expect
    .poll(() => page.locator('.name').allTextContents())
    .toEqual([expect.stringContaining('Step jack'), expect.stringContaining('Cat-cow')]);
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'New circuit, my version' }).click();
  await page.locator('.row').first().waitFor();
  await expect
    .poll(() => page.locator('.name').allTextContents())
    .toEqual([expect.stringContaining('Step jack'), expect.stringContaining('Glute bridge')]);
  await context.close();
});

it('keeps working while the server is killed, says so, and sends everything when it is back', async () => {
  const port = await freePort();
  const server = await serve(inject('appDatabase'), port);
  const { context, page } = await openWindow(browser);
  await page.goto(`http://127.0.0.1:${String(port)}/`);
  await page.getByRole('button', { name: 'Enter the demo studio' }).click();
  await page.waitForURL('**/today');
  await page.goto(`http://127.0.0.1:${String(port)}/circuits`);
  await page.getByRole('button', { name: 'Write a new circuit' }).first().click();
  await page.getByRole('combobox', { name: 'Whiteboard line' }).waitFor();
  await typeLines(page, ['step jack 30s alt']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const id = new URL(page.url()).pathname.split('/').at(-1) ?? '';

  execFileSync('kill', ['-9', String(server.pid)]);
  await typeLines(page, ['cat-cow 5', 'glute bridge 8']);
  await page.getByText('Offline: saved on this device').waitFor();
  await expect.poll(() => page.locator('.row').count()).toBe(3);

  const again = await serve(inject('appDatabase'), port);
  await page.locator('[data-test="saved"]', { hasText: /^Saved/ }).waitFor();
  const connection = openDatabase(inject('appDatabase'));
  const { rows } = await connection.pool.query<{ drills: number }>(
    "select jsonb_array_length(document->'blocks'->0->'lines') as drills from circuit where id = $1",
    [id],
  );
  expect(rows[0]?.drills).toBe(3);
  await connection.close();
  await context.close();
  again.kill('SIGTERM');
});

it('moves a row into another block by dragging it, and puts a drill in by dragging it from the drawer', async () => {
  const { context, page } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'step jack 30s alt', 'mobilise', 'cat-cow 5', 'hip circles 5/way']);
  const names = () =>
    page
      .locator('.block')
      .evaluateAll((blocks) =>
        blocks.map((block) =>
          [...block.querySelectorAll('.name')].map((name) => (name.firstChild?.textContent ?? '').trim()),
        ),
      );
  const HAND_MS = 300;
  const drag = async (from: ReturnType<typeof page.locator>, to: ReturnType<typeof page.locator>) => {
    const [start, end] = [await from.boundingBox(), await to.boundingBox()];
    if (!start || !end) throw new Error('Nothing to drag.');
    await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
    await page.mouse.down();
    // As slow as a hand: the browser hands a drag over to the page only now and then.
    await page.mouse.move(start.x + 30, start.y + 10, { steps: 4 });
    await page.waitForTimeout(HAND_MS);
    await page.mouse.move(end.x + end.width / 2, end.y + 4, { steps: 12 });
    await page.waitForTimeout(HAND_MS);
    await page.mouse.move(end.x + end.width / 2, end.y + 6, { steps: 4 });
    await page.waitForTimeout(HAND_MS);
    await page.mouse.up();
  };
  await drag(
    page.locator('.line', { hasText: 'Hip circles' }).locator('.grip'),
    page.locator('.line', { hasText: 'Step jack' }),
  );
  await expect
    .poll(async () => (await names()).map((block) => block.toSorted()))
    .toEqual([['Hip circles', 'Step jack'], ['Cat-cow']]);
  await page.getByRole('textbox', { name: 'Find a drill' }).fill('glute bridge');
  await expect.poll(() => page.locator('.drill').count()).toBeLessThan(10);
  await drag(
    page.locator('.drill', { hasText: 'Glute bridge' }).first(),
    page.locator('.line', { hasText: 'Cat-cow' }),
  );
  await expect
    .poll(async () => (await names()).flat().toSorted())
    .toEqual(['Cat-cow', 'Glute bridge', 'Hip circles', 'Step jack']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toEqual([['Step jack'], ['Cat-cow', 'Hip circles']]);
  // A whole block, by its handle.
  await drag(page.locator('.block-grip').nth(1), page.locator('.block').first());
  await expect.poll(names).toEqual([['Cat-cow', 'Hip circles'], ['Step jack']]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toEqual([['Step jack'], ['Cat-cow', 'Hip circles']]);
  await context.close();
});
