import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  launchBrowser,
  openWindow,
  typeLines,
  untilItRuns,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** What the Stage says now: the kind of segment, the drill, the seconds left, and where the run is. */
async function said(page: Page) {
  const text = (of: string) => page.locator(of).first().textContent();
  const [kind, drill, left, position] = await Promise.all([
    text('.kind'),
    text('.now h1'),
    text('[data-test="seconds"]'),
    text('.top .clock'),
  ]);
  return { kind: kind?.trim(), drill: drill?.trim(), left: Number(left), position: position?.trim() ?? '' };
}

/** A circuit on the Stage, once its first drill is under way. */
async function stageOf(page: Page, lines: readonly string[]): Promise<void> {
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, lines);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.locator('.kind', { hasText: 'Work' }).waitFor();
}

const left = async (page: Page) => (await said(page)).left;
const pass = (page: Page, milliseconds: number) => page.waitForTimeout(milliseconds);

it('is paused, taken back, skipped and given ten seconds more by key and by button, and books what really was', async () => {
  const { context, page, errors } = await openWindow(browser);
  await stageOf(page, ['raise', 'step jack 40s alt', 'march on the spot 30s alt', 'jumping jack 3s']);
  expect((await said(page)).drill).toBe('Step jack');

  // Paused: time goes by, the run does not.
  await page.keyboard.press(' ');
  await page.getByText('Paused').waitFor();
  const held = await left(page);
  expect(held).toBeGreaterThan(30);
  await expectAccessible(page, 'the Stage, paused');
  await pass(page, 2500);
  expect(await left(page)).toBe(held);
  await page.getByRole('button', { name: 'Resume' }).click();
  await expect.poll(() => left(page)).toBeLessThan(held);

  // Ten seconds more, by key and by button, are shown at once.
  const before = await left(page);
  await page.keyboard.press('+');
  await expect.poll(() => left(page)).toBeGreaterThan(before + 5);
  const more = await left(page);
  await page.mouse.move(400, 400);
  await page.getByRole('button', { name: '10 s' }).click();
  await expect.poll(() => left(page)).toBeGreaterThan(more + 5);

  // Skipped to the next drill, and back to its beginning.
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await said(page)).drill).toBe('March on the spot');
  await page.locator('.kind', { hasText: 'Work' }).waitFor();
  await expect.poll(() => left(page)).toBeLessThan(28);
  await page.mouse.move(420, 420);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect.poll(() => left(page)).toBeGreaterThan(28);
  expect((await said(page)).drill).toBe('March on the spot');

  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Sound on' }).waitFor();
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Mute' }).waitFor();

  // Leaving asks first, and going on goes on.
  await page.keyboard.press('Escape');
  const question = page.getByRole('dialog', { name: 'Stop here?' });
  await expectAccessible(page, 'asked whether to stop');
  await question.getByRole('button', { name: 'Keep going' }).click();
  await question.waitFor({ state: 'detached' });
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await said(page)).drill).toBe('Jumping jack');
  await page.getByRole('heading', { name: 'Done' }).waitFor();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');
  const entry = page.locator('.entry').first();
  await entry.getByText(/paused (0:0[2-9]|0:[1-5]\d|[1-9]\d*:\d\d)/).waitFor();
  // The first was cut short and given time, the last was done as planned.
  const [first, , last] = await entry.locator('tbody tr').allTextContents();
  expect(first).toMatch(/Step jack/);
  expect(last).toMatch(/Jumping jack.*0:0[5-7].*0:0[5-7]/);
  expect(errors).toEqual([]);
  await context.close();
});

it('is left without a record, and tells what is next all the way', async () => {
  const { context, page, errors } = await openWindow(browser, { width: 390, height: 844 });
  await stageOf(page, ['raise', 'step jack 8s alt', 'march on the spot 8s alt', 'jumping jack 30s']);
  await page.locator('.next', { hasText: 'March on the spot' }).waitFor();
  await page.locator('.next', { hasText: 'Jumping jack' }).waitFor();
  await page.getByText('Last one').waitFor();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Leave without logging' }).click();
  await page.waitForURL('**/circuits/**');
  await page.goto('/log');
  await page.locator('.entry').first().waitFor();
  expect(await page.locator('.entry', { hasText: 'New circuit' }).filter({ hasText: '0:30' }).count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});

it('is taken up where it was after a reload, at the second it was left or where the clock is, and again at its end', async () => {
  const { context, page, errors } = await openWindow(browser);
  await stageOf(page, ['raise', 'step jack 90s alt', 'march on the spot 30s alt', 'jumping jack 3s']);
  await pass(page, 1500);
  await page.reload();
  const asked = page.getByRole('region', { name: 'Take up where it was' });
  await asked.getByText('Step jack').waitFor();
  await expectAccessible(page, 'a run to be taken up');
  await pass(page, 2500);
  await asked.getByRole('button', { name: /where the clock is now/ }).click();
  await asked.waitFor({ state: 'detached' });
  expect(await left(page)).toBeLessThan(87);

  await page.keyboard.press(' ');
  await page.getByText('Paused').waitFor();
  const held = await left(page);
  await page.reload();
  await asked.waitFor();
  expect(await asked.getByRole('button', { name: /where the clock is now/ }).count()).toBe(0);
  await asked.getByRole('button', { name: /^Go on from/ }).click();
  await asked.waitFor({ state: 'detached' });
  expect(Math.abs((await left(page)) - held)).toBeLessThanOrEqual(2);

  // Its record is not lost at the end either.
  for (let press = 0; press < 20 && (await page.locator('[data-test="seconds"]').count()) > 0; press += 1)
    await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'Save to log' }).waitFor();
  await page.reload();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');
  expect(errors).toEqual([]);
  await context.close();
});

it('lights the edge of the screen where a tone would be, while the sound is off', async () => {
  const { context, page, errors } = await openWindow(browser);
  await stageOf(page, ['raise', 'step jack 8s alt', 'march on the spot 20s alt']);
  const flash = page.locator('[data-test="flash"]');
  expect(await flash.count()).toBe(0);
  await page.keyboard.press('m');
  await flash.waitFor({ state: 'attached' });
  // It lights up for a moment only: looked for in every frame.
  await page.waitForFunction(() => document.querySelector('[data-test="flash"].count') !== null, undefined, {
    polling: 'raf',
  });
  await page.keyboard.press('m');
  await flash.waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('begins when the coach presses, or after a count, as was chosen on this device', async () => {
  const { context, page, errors } = await openWindow(browser);
  await stageOf(page, ['raise', 'step jack 30s alt', 'march on the spot 30s alt']);
  const again = async (begins: string) => {
    await page.mouse.move(300, 300);
    await page.getByRole('button', { name: 'Start and voice' }).click();
    const dialog = page.getByRole('dialog', { name: 'Start and voice' });
    await choose(dialog.locator('.v-select', { hasText: 'The run begins' }), begins);
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Leave without logging' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
  };
  await again('When I press');
  await page.getByRole('button', { name: 'Press when they stand ready' }).waitFor();
  await pass(page, 1500);
  expect((await said(page)).position).toMatch(/^0:00 /);
  await page.getByRole('button', { name: 'Press when they stand ready' }).click();
  await page.locator('.kind', { hasText: 'Work' }).waitFor();
  await again('After a count of 5');
  await page.getByRole('button', { name: 'Start now' }).waitFor();
  await page.locator('.kind', { hasText: 'Work' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('takes a note by one tap while people move, which stands in the log with its second', async () => {
  const { context, page, errors } = await openWindow(browser);
  await stageOf(page, ['raise', 'step jack 40s alt', 'march on the spot 30s alt']);
  // What is next is shown too, as a small figure.
  await page.locator('.next svg').waitFor();
  await page.keyboard.press('n');
  // What to mind in the drill, and its usual fault, stand there for the coach.
  const mind = page.locator('.mind');
  await mind.waitFor();
  await expect.poll(() => mind.innerText()).toMatch(/^Mind: .+\. If .+: .+\.$/);
  await expectAccessible(page, 'the Stage, with a note to choose');
  await page.getByRole('button', { name: 'Too hard' }).click();
  await page.getByText('Noted: Step jack, too hard').waitFor();
  // The drill's own fault is noted as the drill names it.
  await page.keyboard.press('n');
  const seen = (/If (.+?):/.exec(await mind.innerText()) ?? [])[1] ?? '';
  await page
    .getByRole('group', { name: 'Note' })
    .getByRole('button', { name: new RegExp(`^${seen}$`, 'i') })
    .click();
  await page.getByText(`Noted: Step jack, ${seen}`).waitFor();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Stop and log it' }).click();
  const note = page.getByRole('textbox', { name: /^Note/ });
  await expect.poll(() => note.inputValue()).toMatch(/^0:\d\d Step jack: too hard\n0:\d\d Step jack: .+$/);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.getByText('Step jack: too hard').first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('waits for a press at its first use on a device, where the sound is tried', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { stageWaits: true });
  await page.addInitScript(() => {
    const heard: number[] = [];
    Object.assign(globalThis, { heard });
    const start = OscillatorNode.prototype.start;
    OscillatorNode.prototype.start = function (when = 0) {
      heard.push(when);
      start.call(this, when);
    };
  });
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'step jack 30s alt']);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  const press = page.getByRole('button', { name: 'Press when they stand ready' });
  await press.waitFor();
  await expectAccessible(page, 'the Stage, waiting');
  await page.getByRole('button', { name: 'Try the sound' }).click();
  await page.getByText('Not loud enough?').waitFor();
  // Three counts and a start, a second apart.
  const heard = await page.evaluate(() => Reflect.get(globalThis, 'heard') as number[]);
  expect(heard.slice(1).map((when, at) => Math.round((when - (heard[at] ?? 0)) * 10) / 10)).toEqual([1, 1, 1]);
  expect((await said(page)).position).toMatch(/^0:00 /);
  await press.click();
  await untilItRuns(page);
  // The second time nothing is asked of the sound.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Leave without logging' }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await press.waitFor();
  expect(await page.getByRole('button', { name: 'Try the sound' }).count()).toBe(0);
  expect(errors).toEqual([]);
  await context.close();
});

it('goes through a short check before the start, where that is switched on, and begins with the minute', async () => {
  const { context, page, errors } = await openWindow(browser, undefined, { stageWaits: true });
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['activate', 'lateral band walk 10/way']);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('button', { name: 'Start and voice' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start and voice' });
  await dialog.getByText('A short check before each start').click();
  await choose(dialog.locator('.v-select', { hasText: 'The run begins' }), 'At the next full minute');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  const check = page.getByRole('region', { name: 'Before you start' });
  await check.getByText('Put out: loop bands').waitFor();
  await expectAccessible(page, 'the check before the start');
  const all = check.getByRole('button', { name: 'All checked' });
  await expect.poll(() => all.isDisabled()).toBe(true);
  // Nothing begins before it is gone through.
  await page.keyboard.press('Space');
  for (const box of await check.getByRole('checkbox').all()) await box.check();
  await all.click();
  const left = Number(await page.locator('.counting').innerText());
  expect(left).toBeGreaterThan(0);
  expect(left).toBeLessThanOrEqual(60);
  await page.getByRole('button', { name: 'Start now' }).click();
  await page.locator('.kind', { hasText: /Get ready|Work/ }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
