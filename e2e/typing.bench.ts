import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow, writeNewCircuit } from './browser.ts';

let browser: Browser;
let page: Page;
beforeAll(async () => {
  browser = await launchBrowser();
  ({ page } = await openWindow(browser));
  await enterDemo(page);
});
afterAll(() => browser.close());

/** A circuit of so many slots on the sheet, with the whiteboard line ready to be typed in. */
async function desk(slots: number): Promise<void> {
  await writeNewCircuit(page);
  const drills = ['hip circles 5/way', 'cat-cow 8', 'body-weight squat 10', 'arm circles 8/way', 'glute bridge 10'];
  const lines = Array.from({ length: slots }, (_, index) => drills[index % drills.length]);
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await board.evaluate(
    (input, text) => {
      const data = new DataTransfer();
      data.setData('text/plain', text);
      input.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    },
    ['mobilise', ...lines].join('\n'),
  );
  await page
    .locator('.row')
    .nth(slots - 1)
    .waitFor({ state: 'attached' });
  await board.click();
}

/** Opens the dose of the first row, with its repetitions ready to be typed over. */
async function dose(slots: number): Promise<void> {
  await desk(slots);
  await page.locator('.row .what').first().click();
  await page.locator('.editor').getByLabel('Reps', { exact: true }).focus();
}

/** One letter typed, until what it changes has been painted. */
const letter = (text: string) => async (): Promise<void> => {
  await page.evaluate(async (text) => {
    const input = document.activeElement;
    if (!(input instanceof HTMLInputElement)) throw new Error('Nothing is typed in.');
    input.value = input.value.length < text.length ? text.slice(0, input.value.length + 1) : text.slice(0, 1);
    input.dispatchEvent(new InputEvent('input', { bubbles: true }));
    await new Promise<void>((done) => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = () => done();
      requestAnimationFrame(() => port2.postMessage(null));
    });
  }, text);
};

describe('a letter on the whiteboard line, from typing to repaint', () => {
  for (const slots of [10, 100]) {
    bench(`${String(slots)} slots on the sheet`, letter('glute bridge 10'), {
      time: 4000,
      warmupTime: 1000,
      setup: () => desk(slots),
    });
  }
});

describe('a figure in a dose, which changes the circuit, from typing to repaint', () => {
  for (const slots of [10, 100]) {
    bench(`${String(slots)} slots on the sheet`, letter('12'), {
      time: 4000,
      warmupTime: 1000,
      setup: () => dose(slots),
    });
  }
});
