import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

it('writes a circuit, sees its true length, keeps it, runs it, and finds the record in the log', async () => {
  const { context, page, errors } = await openWindow(browser);

  // 1. In by the door, onto Today with sessions.
  await enterDemo(page);
  await page.locator('.card').first().waitFor();

  // 2. A circuit of one's own: ready 3, 2 on the left, change 3, 2 on the right; ready 3, 2. The rest at the very end is not taken.
  await writeNewCircuit(page);
  await page.getByRole('textbox', { name: 'Title' }).fill('Twelve seconds');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await typeLines(page, ['mobilise', 'lateral lunge 2s/side', 'march on the spot 2s alt rest 5s']);
  const total = page.locator('[data-test="total"]');
  await expect.poll(() => total.textContent()).toBe('0:15');
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();

  // The dose is edited in place, undone and redone.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^March on the spot 2 s/ }).click();
  await page.getByRole('textbox', { name: 'For', exact: true }).fill('9');
  await expect.poll(() => total.textContent()).toBe('0:22');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => total.textContent()).toBe('0:15');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(() => total.textContent()).toBe('0:22');
  await page.getByRole('button', { name: 'Undo' }).click();

  // Carried up by the keyboard, and back by undo.
  await page.locator('.what', { hasText: 'March on the spot' }).click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => page.locator('.name').first().textContent()).toContain('March on the spot');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => page.locator('.name').first().textContent()).toContain('Lateral lunge');

  // Reloading shows the same circuit.
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.reload();
  await page.getByRole('button', { name: /^Lateral lunge 2 s a side/ }).waitFor();
  await expect.poll(() => total.textContent()).toBe('0:15');
  await expect.poll(() => page.getByRole('textbox', { name: 'Title' }).inputValue()).toBe('Twelve seconds');

  // 3. On the Stage: ready, left, change, right, the next with its name, to the end.
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByText('Get ready').first().waitFor();
  await page.getByText('Left', { exact: true }).waitFor();
  await page.getByText('Change sides').first().waitFor();
  await page.getByText('Right', { exact: true }).waitFor();
  await page.locator('.next', { hasText: 'March on the spot' }).waitFor();
  await page.getByText('Last one').waitFor();
  await page.getByRole('heading', { name: 'Done' }).waitFor();

  // 4. How it was, and the record.
  await page.getByText('4', { exact: true }).click();
  await page.getByRole('button', { name: 'Yes, light sweat' }).click();
  await page.getByLabel(/Note/).fill('Short and sweet.');
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');
  const entry = page.locator('.entry').first();
  await entry.getByText('Twelve seconds').waitFor();
  await expect.poll(() => entry.textContent()).toContain('effort 4 · warm');
  await expect.poll(() => entry.textContent()).toContain('Short and sweet.');
  await expect
    .poll(() => entry.locator('tbody tr').allTextContents())
    .toEqual([
      expect.stringMatching(/Lateral lunge.*0:10.*0:10/),
      expect.stringMatching(/March on the spot.*0:05.*0:05/),
    ]);
  expect(errors).toEqual([]);
  await context.close();
});
