import type { Browser, Locator, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  choose,
  enterDemo,
  expectAccessible,
  launchBrowser,
  openWindow,
  seconds,
  typeLines,
  writeNewCircuit,
} from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const rowOf = (page: Page, drill: string) => page.locator('li.line', { hasText: drill }).first();
const clockOf = (row: Locator) => row.locator('.time .clock').textContent();

describe('the dose of a row, changed in place', () => {
  it('loses nothing of what is typed in one field when the next is turned to before anything else is painted', async () => {
    const { context, page, errors } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['mobilise', 'lateral lunge 4/side']);
    const row = rowOf(page, 'Lateral lunge');
    await row.locator('.what').click();
    // A machine so busy that no frame comes: what follows a letter a frame later would never follow.
    await page.evaluate(() => {
      window.requestAnimationFrame = () => 0;
    });
    const fill = (label: string, text: string) => row.getByLabel(label, { exact: true }).fill(text);
    await fill('Reps', '6');
    await fill('Tempo', '2s');
    await fill('Sets', '2');
    for (const key of ['ArrowUp', 'ArrowUp']) await row.getByLabel('Rest after', { exact: true }).press(key);
    await fill('Your own cue', 'sit back');
    await row.getByRole('button', { name: 'Alternating', exact: true }).dispatchEvent('pointerdown');
    await row.getByRole('button', { name: 'Alternating', exact: true }).dispatchEvent('click');
    await expect
      .poll(() => row.locator('code').textContent())
      .toBe('lateral lunge 2x6/side alt @2s rest 10s "sit back"');
    expect(errors).toEqual([]);
    await context.close();
  });

  it('can be of any kind, in its own units, and is told, timed and written as such', async () => {
    const { context, page, errors } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['raise', 'easy jog 40s']);
    const row = rowOf(page, 'Easy jog');
    await row.locator('.what').click();
    const editor = row.getByRole('group', { name: 'How much of Easy jog' });
    const kind = (name: string) => editor.getByRole('button', { name, exact: true }).click();
    const fill = (label: string, text: string) => editor.getByLabel(label, { exact: true }).fill(text);
    const shows = async (dose: string, clock: string, written: string) => {
      await expect.poll(() => row.locator('.dose').textContent()).toContain(dose);
      await expect.poll(() => clockOf(row)).toBe(clock);
      await expect.poll(() => editor.locator('code').textContent()).toBe(written);
    };

    await fill('For', '30-40');
    await shows('30–40 s', '0:35', 'easy jog 30-40s');
    await fill('Aim for', '6/10/15');
    await shows('30–40 s · aim for 6, 10 or 15', '0:35', 'easy jog 30-40s aim 6/10/15');
    await fill('Aim for', '15/10');
    await editor.getByText('Expected a number to aim for').waitFor();

    // 2 × 10 m at 2 m/s and a turn of 2 s; at half the pace, then the whole, 10 + 5 + 2 s.
    await kind('Distance');
    await choose(editor.locator('.v-select', { hasText: 'Measured in' }), 'm');
    await fill('One length', '10');
    await fill('Lengths', '2');
    await shows('2 × 10 m · 2 m/s', '0:12', 'easy jog 10m x2');
    await fill('% of the pace', '50/100');
    await fill('One step', '0.5 m');
    await shows('2 × 10 m at 50, 100 %, 20 steps a length', '0:17', 'easy jog 10m x2 50/100% step 0.5m');
    await fill('% of the pace', 'fast');
    await editor.getByText('Expected percentages, such as 50/75/100').waitFor();
    await shows('at 50, 100 %', '0:17', 'easy jog 10m x2 50/100% step 0.5m');
    await fill('% of the pace', '');
    await fill('One step', '');
    await expectAccessible(page, 'a distance in place');

    await kind('Ramp');
    await fill('From', '2');
    await fill('To', '5');
    await fill('Steps', '4');
    await fill('Each for, s', '20');
    await shows('4 × 20 s, effort 2 → 3 → 4 → 5', '1:20', 'easy jog ramp effort 2>5 4x20s');

    await kind('By feel');
    await fill('From – to', '20-40s');
    await shows('20–40 s by feel', '0:30', 'easy jog feel 20-40s');

    // 5 × (3 + 5) s in two positions.
    await kind('Holds');
    await fill('Holds', '5');
    await fill('Held for', '5');
    await fill('Positions', '2');
    await fill('Moving in', '3');
    await shows('5 × 5 s held in 2 positions', '1:20', 'easy jog 5x5s x2pos move 3s');

    await kind('Reps');
    await fill('Reps', '8-10');
    await fill('Tempo', '2-1-2');
    await shows('8–10 · tempo 2-1-2', '0:45', 'easy jog 8-10 @2-1-2');
    await fill('Sets', '2');
    await fill('Rest between sets', '15');
    await fill('Rest after', '10');
    await shows('2 sets of 8–10 · tempo 2-1-2 · rest 10 s', '1:30', 'easy jog 2x8-10 @2-1-2 set rest 15s rest 10s');

    await kind('Lift');
    await fill('Working load', '80');
    await fill('Sets on the way up', '50%x5 75%x3');
    await expect.poll(() => row.locator('.dose').textContent()).toContain('40 × 5, 60 × 3 on the way to 80 kg × 5');
    await fill('Sets on the way up', 'light first');
    await editor.getByText('Expected shares and repetitions').waitFor();

    // An undo writes the field anew, and takes the note away with it.
    const undo = page.getByRole('button', { name: 'Undo' });
    await undo.click();
    await expect.poll(() => editor.getByLabel('Sets on the way up').inputValue()).toContain('40%');
    await expect.poll(() => editor.getByText('Expected shares').count()).toBe(0);

    await page.getByText(/^Saved/).waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });

  it('can have more on one side where it can have more at all', async () => {
    const { context, page } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['mobilise', 'lateral lunge 8/side @3s']);
    const row = rowOf(page, 'Lateral lunge');
    await row.locator('.what').click();
    const editor = row.getByRole('group', { name: 'How much of Lateral lunge' });
    // Two times 24 s.
    await expect.poll(() => clockOf(row)).toBe('0:48');
    await choose(editor.locator('.v-select', { hasText: 'Left and right' }), 'More right');
    await editor.getByLabel('How many more').fill('4');
    await expect.poll(() => clockOf(row)).toBe('1:00');
    await expect.poll(() => row.locator('.dose').textContent()).toContain('4 more on the right');
    await editor.getByRole('button', { name: 'Ramp', exact: true }).click();
    await expect.poll(() => row.locator('.dose').textContent()).not.toContain('more on');
    expect(await editor.locator('.v-select', { hasText: 'Left and right' }).count()).toBe(0);
    await page.getByText(/^Saved/).waitFor();
    await context.close();
  });
});

describe('the people present', () => {
  it('go in waves over the lanes, need things shown, and take longer to the floor, and the clock knows', async () => {
    const { context, page } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, [
      'people: 14',
      'lanes: 4',
      'raise',
      'easy jog 10yd x2 @1.2m/s',
      'mobilise',
      'cat-cow 10 @3s',
    ]);
    const total = page.locator('[data-test="total"]');
    const jog = rowOf(page, 'Easy jog');
    // Fourteen people in four lanes, there and back, as in the worked totals: 32.5 s.
    await expect.poll(() => clockOf(jog)).toBe('0:33');
    // 3 ready, 32.5, then 8 s down to hands and knees at two ranks (6) with a mat to fetch (none), 30 s.
    const before = seconds(await total.textContent());

    await page.locator('.about').click();
    await page.getByRole('checkbox', { name: 'Someone new' }).check();
    // Two drills to show: ten seconds each in place of three, and of the six that getting down takes.
    await expect.poll(async () => seconds(await total.textContent())).toBe(before + 7 + 4);
    await page.getByRole('checkbox', { name: 'Someone new' }).uncheck();
    await page.getByRole('checkbox', { name: 'Someone slow getting down or up' }).check();
    await expect.poll(async () => seconds(await total.textContent())).toBe(before + 3);
    await page.getByRole('checkbox', { name: 'Someone slow getting down or up' }).uncheck();
    // Four people go at once.
    await page.getByLabel('People', { exact: true }).fill('4');
    await expect.poll(() => clockOf(jog)).toBe('0:18');
    await context.close();
  });

  it('can do stations side by side and change together', async () => {
    const { context, page } = await openWindow(browser);
    await enterDemo(page);
    await writeNewCircuit(page);
    await typeLines(page, ['integrate', 'body-weight squat 20s', 'march on the spot 40s alt']);
    await page.locator('.block .rounds').first().click();
    await page.getByRole('checkbox', { name: /^Stations/ }).check();
    await expect.poll(() => page.locator('.block .rounds').first().textContent()).toContain('stations · once');
    // Each is given as long as the longest, 40 s; the squats wait for half of it, hidden with the 3 s before.
    const squat = rowOf(page, 'Body-weight squat').locator('.time');
    await expect.poll(() => squat.textContent()).toMatch(/0:20\s*\+23/);
    await expect.poll(() => page.locator('[data-test="total"]').textContent()).toBe('1:26');
    await context.close();
  });
});
