import { AxeBuilder } from '@axe-core/playwright';
import { chromium, type Browser, type BrowserContext, type Locator, type Page } from 'playwright-core';
import { expect, inject } from 'vitest';

/** Debian's Chromium, kept from calling anywhere. Audio may play at once, so that the Stage's audio clock runs. */
export function launchBrowser(): Promise<Browser> {
  return chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--autoplay-policy=no-user-gesture-required',
    ],
  });
}

/** A busy machine stands still for half a minute now and then; what never comes is a failure all the same. */
const PATIENCE_MS = 90_000;

/**
 * A window of its own on the application, 1280×800 unless said otherwise. Anything the page reports as an error fails the test.
 *
 * @param moving figures move; in most journeys they stand still, as for people who ask for less motion
 * @param keptOnDevice the application is kept there for times without a network
 * @param ownPace circuits are timed by how long their coach really takes, as they are unless that is left out
 * @param stageWaits as on a device on which no run has begun yet
 */
export async function openWindow(
  browser: Browser,
  size = { width: 1280, height: 800 },
  { hasTouch = false, stageWaits = false, keptOnDevice = false, ownPace = false, moving = false } = {},
): Promise<{ context: BrowserContext; page: Page; errors: string[] }> {
  const context = await browser.newContext({
    viewport: size,
    baseURL: inject('appUrl'),
    locale: 'en-GB',
    hasTouch,
    reducedMotion: moving ? 'no-preference' : 'reduce',
    // What the service worker answers, `page.route` does not see.
    serviceWorkers: keptOnDevice ? 'allow' : 'block',
  });
  context.setDefaultTimeout(PATIENCE_MS);
  // Where the beginning of a run is not what is tested, it begins at once, as can be chosen on a device.
  if (!stageWaits)
    await context.addInitScript(() => {
      if (localStorage.getItem('prompt-spark-voice') === null)
        localStorage.setItem('prompt-spark-voice', JSON.stringify({ begins: 'at once', soundTried: true }));
    });
  // Where the coach's own pace is not what is tested, it is left out, as can be chosen on a device.
  if (!ownPace)
    await context.addInitScript(() => {
      if (localStorage.getItem('prompt-spark-own-pace') === null)
        localStorage.setItem('prompt-spark-own-pace', 'false');
    });
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    // A resource that is refused or missing is what some tests are about; anything else that is an error is one.
    if (message.type() === 'error' && !message.text().startsWith('Failed to load resource'))
      errors.push(message.text());
  });
  return { context, page, errors };
}

/** Enters the demo studio by its button, as a visitor would. */
export async function enterDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Enter the demo studio' }).click();
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForURL('**/today');
}

/** Expects no violation that axe calls serious or critical. */
export async function expectAccessible(page: Page, what: string): Promise<void> {
  await settle(page);
  // No frame here is another's, and what passed is not told: that alone is most of the time that axe takes.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await axe.analyze();
  const grave = violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${what}: ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
  expect(grave).toEqual([]);
}

/** Waits until what fades or moves in has come to rest: half faded in, words have half their contrast. */
async function settle(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const ends = document
      .getAnimations()
      .filter(({ effect }) => effect?.getComputedTiming().iterations !== Infinity)
      .map(({ finished }) => finished.catch(() => undefined));
    await Promise.race([Promise.all(ends), new Promise((done) => setTimeout(done, 2000))]);
  });
}

/** What the figure in a place looks like now, whatever it is drawn with, as a picture. */
export async function figureLook(place: Locator): Promise<string> {
  const picture = await place.locator('.place').first().screenshot({ animations: 'allow' });
  return picture.toString('base64');
}

/** Waits until a figure is drawn in a place: a place of one colour makes a picture of a few hundred bytes. */
export async function figureDrawn(place: Locator): Promise<void> {
  await expect.poll(async () => Buffer.from(await figureLook(place), 'base64').length).toBeGreaterThan(600);
}

/** Types lines on the whiteboard line, each ended with Enter. */
export async function typeLines(page: Page, lines: readonly string[]): Promise<void> {
  const board = page.getByRole('combobox', { name: 'Whiteboard line' });
  await board.click();
  for (const line of lines) {
    await board.pressSequentially(line);
    await board.press('Enter');
  }
}

/** The seconds that a clock on the screen shows: 1:30, 1:03:11; NaN where it shows none. */
export function seconds(clock: string | null): number {
  return clock === null ? NaN : clock.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
}

/** Pastes a whole board onto the whiteboard line. */
export async function pasteLines(page: Page, lines: readonly string[]): Promise<void> {
  await page.getByRole('combobox', { name: 'Whiteboard line' }).evaluate((input, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, lines.join('\n'));
}

/** Begins a new circuit from the list and opens its sheet. */
export async function writeNewCircuit(page: Page): Promise<void> {
  await page.goto('/circuits');
  await page.getByRole('button', { name: 'Write a new circuit' }).first().click();
  await page.waitForURL(/\/circuits\/[0-9a-f-]{36}$/);
  await page.getByRole('combobox', { name: 'Whiteboard line' }).waitFor();
}

/** Starts the circuit of an open sheet, and waits until it runs: before that a key to pause or leave means something else. */
export async function startStage(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await untilItRuns(page);
}

/** Waits until a run is under way on the Stage: its controls are there from then on, though they hide. */
export async function untilItRuns(page: Page): Promise<void> {
  await page.getByRole('group', { name: 'Controls' }).waitFor({ state: 'attached' });
}

/** Chooses from a list that opens, and closes it. The list moves as it opens: a click may miss, and is then made again. */
export async function choose(select: Locator, option: string): Promise<void> {
  const page = select.page();
  const choice = page.getByRole('option', { name: option }).first();
  await expect
    .poll(async () => {
      if (!(await choice.isVisible())) await select.click();
      await choice.click();
      return (await select.textContent()) ?? '';
    })
    .toContain(option);
  // A list of which several may be chosen stays open.
  if ((await select.getAttribute('class'))?.includes('--multiple')) await page.keyboard.press('Escape');
  await choice.waitFor({ state: 'detached' });
}

/** Types what is looked for into a field that searches, and takes the first thing found. */
export async function find(field: Locator, words: string): Promise<void> {
  await field.fill(words);
  const found = field.page().getByRole('option', { name: words }).first();
  await found.click();
  await found.waitFor({ state: 'detached' });
}
