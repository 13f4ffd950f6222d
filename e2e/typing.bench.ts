import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, bench, describe } from 'vitest';
import { enterDemo, launchBrowser, openWindow, pasteLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
let page: Page;
beforeAll(async () => {
  browser = await launchBrowser();
  ({ page } = await openWindow(browser, undefined, { moving: true }));
  await enterDemo(page);
});
afterAll(() => browser.close());

/** A circuit of a number of slots on the sheet, with the whiteboard line ready to be typed in. */
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

/** What each letter took, in milliseconds: the pause between two is no part of it. */
interface Letter {
  /** Until it has been painted. */
  readonly painted: number;
  /** Until all that follows from it has been painted, where it changes the circuit. */
  readonly followed: number | null;
}
const took = new Map<string, Letter[]>();
/** As fast as somebody types: what follows from a letter is done with by the next. */
const PAUSE_MS = 150;

/** One letter typed, until it has been painted, and until the total has been painted anew where it moves that. */
const letter = (what: string, text: string, follows: boolean) => async (): Promise<void> => {
  const times = await page.evaluate(
    async ({ text, pause, follows }): Promise<Letter> => {
      await new Promise((done) => setTimeout(done, pause));
      const input = document.activeElement;
      const total = document.querySelector('[data-test="total"]');
      if (!(input instanceof HTMLInputElement) || !total) throw new Error('Nothing is typed in.');
      const nextFrame = () =>
        new Promise<void>((done) => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => done();
          requestAnimationFrame(() => port2.postMessage(null));
        });
      // Asked for before the letter, so that nothing the page does after the frame comes in between.
      const painted = nextFrame();
      const moved = follows
        ? new Promise<void>((done) => {
            new MutationObserver((_changes, observer) => {
              observer.disconnect();
              done();
            }).observe(total, { childList: true, characterData: true, subtree: true });
          })
        : undefined;
      const typed = performance.now();
      input.value = input.value.length < text.length ? text.slice(0, input.value.length + 1) : text.slice(0, 1);
      input.dispatchEvent(new InputEvent('input', { bubbles: true }));
      await painted;
      const paintedAt = performance.now() - typed;
      if (!moved) return { painted: paintedAt, followed: null };
      await moved;
      await nextFrame();
      return { painted: paintedAt, followed: performance.now() - typed };
    },
    { text, pause: PAUSE_MS, follows },
  );
  took.set(what, [...(took.get(what) ?? []), times]);
};

/** The value that so much of them lies below; NaN of none. */
function share(values: readonly number[], part: number): number {
  return values.toSorted((one, other) => one - other)[Math.floor(values.length * part)] ?? NaN;
}

const SIZES = [10, 100] as const;
afterAll(() => {
  for (const what of ['Whiteboard', 'Dose']) {
    const medians = SIZES.map((slots) => {
      const letters = took.get(`${what}, ${slots}`) ?? [];
      const painted = letters.map((one) => one.painted);
      const followed = letters.flatMap((one) => one.followed ?? []);
      const after =
        followed.length > 0 ? `; ${share(followed, 0.5).toFixed(1)} ms until all that follows is painted` : '';
      const [median, most] = [share(painted, 0.5), share(painted, 0.9).toFixed(1)];
      console.log(
        `${what}, ${slots} slots: ${median.toFixed(1)} ms from the letter to its painting at the median, ${most} ms at nine in ten${after}.`,
      );
      return median;
    });
    const [few = NaN, many = NaN] = medians;
    console.log(`${what}: a hundred slots take ${(many / few).toFixed(2)}× of ten; a frame is 16.7 ms.`);
  }
});

const options = { time: 10_000, warmupTime: 2_000 };
describe('a letter on the whiteboard line, with the pause before it', () => {
  for (const slots of SIZES) {
    const what = `${String(slots)} slots on the sheet`;
    bench(what, letter(`Whiteboard, ${slots}`, 'glute bridge 10', false), { ...options, setup: () => desk(slots) });
  }
});

describe('a figure in a dose, which changes the circuit, with the pause before it', () => {
  for (const slots of SIZES) {
    const what = `${String(slots)} slots on the sheet`;
    bench(what, letter(`Dose, ${slots}`, '12', true), { ...options, setup: () => dose(slots) });
  }
});
