import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow, pasteLines, writeNewCircuit } from './browser.ts';

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
  const lines = Array.from({ length: slots }, (_, index) => drills[index % drills.length] ?? '');
  await pasteLines(page, ['mobilise', ...lines]);
  await page
    .locator('.row')
    .nth(slots - 1)
    .waitFor({ state: 'attached' });
  await page.getByRole('combobox', { name: 'Whiteboard line' }).click();
}

/** Opens the dose of the first row, with its repetitions ready to be typed over. */
async function dose(slots: number): Promise<void> {
  await desk(slots);
  await page.locator('.row .what').first().click();
  await page.locator('.editor').getByLabel('Reps', { exact: true }).focus();
}

/** What each letter took to be painted, in milliseconds: the pause between two is no part of it. */
const took = new Map<string, number[]>();
/** As fast as somebody types: what follows from a letter is done with by the next. */
const PAUSE_MS = 150;

/** One letter typed, until it has been painted. */
const letter = (what: string, text: string) => async (): Promise<void> => {
  const painted = await page.evaluate(
    async ({ text, pause }) => {
      await new Promise((done) => setTimeout(done, pause));
      const input = document.activeElement;
      if (!(input instanceof HTMLInputElement)) throw new Error('Nothing is typed in.');
      // Asked for before the letter, so that nothing the page does after the frame comes in between.
      const painted = new Promise<void>((done) => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => done();
        requestAnimationFrame(() => port2.postMessage(null));
      });
      const typed = performance.now();
      input.value = input.value.length < text.length ? text.slice(0, input.value.length + 1) : text.slice(0, 1);
      input.dispatchEvent(new InputEvent('input', { bubbles: true }));
      await painted;
      return performance.now() - typed;
    },
    { text, pause: PAUSE_MS },
  );
  took.set(what, [...(took.get(what) ?? []), painted]);
};

afterAll(() => {
  for (const [what, times] of took) {
    const sorted = times.toSorted((one, other) => one - other);
    const at = (share: number) => (sorted[Math.floor(sorted.length * share)] ?? NaN).toFixed(1);
    console.log(`${what}: ${at(0.5)} ms from the letter to its painting at the median, ${at(0.9)} ms at nine in ten.`);
  }
});

const options = { time: 10_000, warmupTime: 2_000 };
describe('a letter on the whiteboard line, with the pause before it', () => {
  for (const slots of [10, 100]) {
    const what = `${String(slots)} slots on the sheet`;
    bench(what, letter(`Whiteboard, ${what}`, 'glute bridge 10'), { ...options, setup: () => desk(slots) });
  }
});

describe('a figure in a dose, which changes the circuit, with the pause before it', () => {
  for (const slots of [10, 100]) {
    const what = `${String(slots)} slots on the sheet`;
    bench(what, letter(`Dose, ${what}`, '12'), { ...options, setup: () => dose(slots) });
  }
});
