import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import {
  enterDemo,
  expectAccessible,
  launchBrowser,
  openWindow,
  pasteLines,
  typeLines,
  untilItRuns,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

async function openCircuit(page: Page, title: string): Promise<void> {
  await page.goto('/circuits');
  await page.getByRole('link', { name: title }).first().click();
  await page.locator('.row').first().waitFor();
}

/** Minutes and seconds as read, in seconds. */
const secondsIn = (text: string | null): number => {
  const [minutes = 0, seconds = 0] = (text ?? '').split(':').map(Number);
  return minutes * 60 + seconds;
};
const fittedSeconds = async (page: Page) => secondsIn(await page.locator('[data-test="fitted"]').textContent());
const totalSeconds = async (page: Page) => secondsIn(await page.locator('[data-test="total"]').textContent());
const refusals = (page: Page) => page.getByRole('button', { name: /^Refuse: / });

it('fits by the slider to five minutes, holds to what was refused, becomes the circuit, and can be undone', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await openCircuit(page, 'Before squats');
  const planned = await totalSeconds(page);
  await page.keyboard.press('f');
  await page.getByRole('heading', { name: 'Fit to the time' }).waitFor();
  const slider = page.getByRole('slider', { name: 'Time available' });
  await slider.focus();
  // From wherever it begins, to four minutes and back up to five: five seconds a press.
  await page.getByRole('textbox', { name: 'Time available, minutes' }).fill('4:00');
  await slider.focus();
  for (let press = 0; press < 12; press += 1) await page.keyboard.press('ArrowRight');
  await expect.poll(() => page.getByRole('textbox', { name: 'Time available, minutes' }).inputValue()).toBe('5:00');
  await expect.poll(() => fittedSeconds(page)).toBeGreaterThan(290);
  expect(await fittedSeconds(page)).toBeLessThanOrEqual(300);
  await refusals(page).first().waitFor();
  await expectAccessible(page, 'the fit');

  const rounds = page.getByRole('button', { name: 'Refuse: Mobilise once through instead of twice' });
  await rounds.click();
  await page.getByText('The rounds of mobilise stay').waitFor();
  await rounds.waitFor({ state: 'detached' });
  await expect.poll(() => fittedSeconds(page)).toBeGreaterThan(280);
  expect(await fittedSeconds(page)).toBeLessThanOrEqual(300);

  // A drill is held to before the fit would leave it out.
  await page.locator('.v-select', { hasText: 'Always keep' }).click();
  await page.getByRole('option', { name: 'Inchworm' }).click();
  await page.getByRole('option', { name: 'Inchworm' }).waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Inchworm stays in' }).waitFor();

  // The other readings stand beside the best, and keep no more.
  const share = async (name: RegExp) =>
    Number(/\b(\d{1,3}) %/.exec((await page.getByRole('button', { name }).textContent()) ?? '')?.[1]);
  await expect.poll(() => share(/^Fewer drills/)).toBeGreaterThan(0);
  expect(await share(/^Best mix/)).toBeGreaterThanOrEqual(await share(/^Fewer drills/));

  const fitted = await fittedSeconds(page);
  await page.getByRole('button', { name: 'Replace the original' }).click();
  await page.locator('.row').first().waitFor();
  expect(await totalSeconds(page)).toBe(fitted);
  await page.getByText('2 rounds').waitFor();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => totalSeconds(page)).toBe(planned);
  expect(errors).toEqual([]);
  await context.close();
});

it('says what stands in the way where nothing is that short', async () => {
  const { context, page } = await openWindow(browser, { width: 390, height: 844 });
  await enterDemo(page);
  await openCircuit(page, 'Before squats');
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  await page.getByRole('textbox', { name: 'Time available, minutes' }).fill('0:40');
  const alert = page.getByRole('alert').filter({ hasText: 'It can’t be that short' });
  await alert.waitFor();
  await expect.poll(() => alert.textContent()).toMatch(/In the way: .*essential part.*Glute bridge, which is kept/);
  await expectAccessible(page, 'nothing that short, on a phone');
  await alert.getByRole('button', { name: /^Take/ }).click();
  await expect.poll(() => fittedSeconds(page)).toBeGreaterThan(0);
  await context.close();
});

it('keeps a short version that follows when the circuit changes', async () => {
  const { context, page } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['raise', 'step jack 60s alt', 'skipping rope 60s', 'mobilise 2 rounds', 'cat-cow 8 @4s']);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  await page.getByRole('textbox', { name: 'Time available, minutes' }).fill('2:00');
  await expect.poll(() => fittedSeconds(page)).toBeGreaterThan(100);
  await page.getByRole('button', { name: 'Save as a second one' }).click();
  await page.getByText('Kept with the circuit as its 2:00 version.').waitFor();
  await page.getByRole('link', { name: 'New circuit' }).click();
  await page.getByRole('button', { name: 'Short version of 2:00' }).waitFor();
  // Late, and the short version is one button.
  await page.keyboard.press('l');
  const dialog = page.getByRole('dialog', { name: 'We’re late' });
  await dialog.getByRole('button', { name: 'Short version of 2:00' }).click();
  await expect.poll(() => dialog.getByRole('textbox', { name: 'Minutes left' }).inputValue()).toBe('2:00');
  await dialog.locator('[data-test="late-answer"]').waitFor();
  await dialog.getByRole('button', { name: 'Close' }).click();
  await dialog.waitFor({ state: 'detached' });
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.reload();
  await typeLines(page, ['lateral lunge 10/side']);
  await page.getByRole('button', { name: 'Short version of 2:00' }).click();
  await expect.poll(() => fittedSeconds(page)).toBeGreaterThan(100);
  expect(await fittedSeconds(page)).toBeLessThanOrEqual(120);
  await page
    .getByText(/Lateral lunge/)
    .first()
    .waitFor();
  await context.close();
});

it('shows how far a long search has come, and stops it when asked', async () => {
  const { context, page } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  const drills = [
    'hip circles 5/way',
    'cat-cow 8',
    'body-weight squat 10',
    'arm circles 8/way',
    'lateral lunge 8/side',
  ];
  const lines = Array.from({ length: 120 }, (_, at) => drills[at % drills.length] ?? '');
  await pasteLines(page, ['mobilise 2 rounds', ...lines]);
  await page.locator('.row').nth(119).waitFor({ state: 'attached' });
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  await page.getByRole('progressbar', { name: 'Working it out' }).waitFor();
  // At once: whatever moves as it comes in is not waited for, and the search is not given the time to end.
  await page.getByRole('button', { name: 'Stop' }).dispatchEvent('click');
  await page.getByRole('button', { name: 'Work it out' }).waitFor();
  await page.getByRole('progressbar', { name: 'Working it out' }).waitFor({ state: 'detached' });
  await context.close();
});

it('answers on Today that we are late, fits that session alone, and starts it so', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  const card = page
    .locator('.card')
    .filter({ has: page.getByRole('button', { name: 'We’re late' }) })
    .first();
  await card.getByRole('button', { name: 'We’re late' }).click();
  const dialog = page.getByRole('dialog', { name: 'We’re late' });
  await dialog.getByRole('textbox', { name: 'Minutes left' }).fill('3:00');
  await dialog.locator('[data-test="late-answer"]').waitFor();
  await dialog.getByText(/% of the preparation/).waitFor();
  await expectAccessible(page, 'we are late');
  // By the time it must end, as the site's clock has it: the demo's sites go by UTC.
  const end = new Date(Date.now() + 5 * 60_000);
  const wall = [end.getHours(), end.getMinutes()].map((part) => String(part).padStart(2, '0')).join(':');
  await dialog.getByRole('textbox', { name: 'Finish by' }).fill(wall);
  const left = async () => secondsIn(await dialog.getByRole('textbox', { name: 'Minutes left' }).inputValue());
  await expect.poll(left).toBeGreaterThan(230);
  expect(await left()).toBeLessThanOrEqual(300);
  await dialog.getByRole('textbox', { name: 'Minutes left' }).fill('3:00');

  await dialog.getByRole('link', { name: 'See the details' }).click();
  await page.getByRole('heading', { name: 'Fit to the time' }).waitFor();
  await page.getByRole('button', { name: 'For this session only' }).click();
  await page.getByText('runs in 3:00').waitFor();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByText('For this session in 3:00').waitFor();
  const fitted = page.locator('.card').filter({ hasText: 'For this session in 3:00' });
  await fitted.getByRole('link', { name: 'Start' }).click();
  await untilItRuns(page);
  const total = secondsIn(/ of (\d+:\d+)/.exec((await page.locator('.top .clock').textContent()) ?? '')?.[1] ?? '');
  expect(total).toBeGreaterThan(150);
  expect(total).toBeLessThanOrEqual(180);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Leave without logging' }).click();
  await page.getByRole('button', { name: 'Run it in full' }).click();
  await page.getByText('For this session in 3:00').waitFor({ state: 'detached' });
  expect(errors).toEqual([]);
  await context.close();
});

it('refits a run mid-way on the Stage: the slot in progress stays, and it ends when it was asked to', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, [
    'raise',
    'march on the spot 40s alt !',
    'step jack 20s alt',
    'mobilise 2 rounds rest 10s',
    'arm circles 8/way',
    'hip circles 8/way',
    'integrate',
    'body-weight squat 12',
  ]);
  await page.keyboard.press('Escape');
  // Late already: it begins with two minutes and a half, and is to end sooner still.
  await page.keyboard.press('l');
  await page.getByRole('textbox', { name: 'Minutes left' }).fill('2:30');
  await page.getByRole('button', { name: 'Start this one' }).click();
  await page.getByRole('timer').waitFor();
  await page.getByText('Work').first().waitFor();
  await page.keyboard.press('l');
  const dialog = page.getByRole('dialog', { name: 'We’re late' });
  const clock = async () => (await page.locator('.top .clock').textContent())?.split(' of ').map(secondsIn) ?? [];
  const [before = NaN] = await clock();
  await dialog.getByRole('textbox', { name: 'Minutes left' }).fill('1:10');
  const [after = NaN] = await clock();
  await dialog.getByRole('button', { name: 'Fit what is left' }).click();
  await dialog.waitFor({ state: 'detached' });
  await expect.poll(() => page.getByRole('heading', { level: 1 }).textContent()).toContain('March on the spot');
  // Within two seconds, counted from when it was typed, which was between two looks at a clock of whole seconds.
  const [, total = NaN] = await clock();
  expect(total).toBeGreaterThanOrEqual(before + 70 - 2 - 1);
  expect(total).toBeLessThanOrEqual(after + 70 + 1);
  // Looked over by axe only now: it takes longer than a drill on a slow machine.
  await page.keyboard.press('l');
  await expectAccessible(page, 'late on the Stage');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('heading', { name: 'Done' }).waitFor({ timeout: 120_000 });
  expect(errors).toEqual([]);
  await context.close();
});
