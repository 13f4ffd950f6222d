import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const kind = (page: Page, words: string) => page.locator('.kind', { hasText: words }).waitFor();
const drill = async (page: Page) => (await page.locator('.now h1').first().textContent())?.trim() ?? '';
const seconds = async (page: Page) => (await page.locator('[data-test="seconds"]').first().textContent()) ?? '';

it('changes course while the class runs: until they are ready, again, something else, not today; and logs what was done', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, [
    'raise',
    'march on the spot feel 2-4s',
    'mobilise 2 rounds',
    'hip circles 20s',
    'arm circles 20s',
    'knee circles 20s',
  ]);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();

  // The plan gives it three seconds; it goes on until the coach says so, and counts up.
  await kind(page, 'Until you are ready');
  await expect.poll(() => seconds(page)).toBe('0:06');
  expect(await drill(page)).toBe('March on the spot');
  await expectAccessible(page, 'an open end');
  await page.getByRole('button', { name: 'They’re ready: next' }).click();
  await expect.poll(() => drill(page)).toBe('Hip circles');
  await kind(page, 'Work');
  await expect.poll(async () => Number(await seconds(page))).toBeLessThan(8);

  // Again from the beginning of getting ready.
  await page.keyboard.press('c');
  await page.getByRole('button', { name: 'From the start again' }).click();
  await kind(page, 'Get ready');
  expect(await drill(page)).toBe('Hip circles');

  // Something else in its place, from now on.
  await page.keyboard.press('c');
  const offer = page.getByRole('group', { name: 'Change this drill' }).locator('.offer').first();
  await offer.waitFor();
  await expectAccessible(page, 'changing a drill on the Stage');
  const other = ((await offer.textContent()) ?? '').trim();
  await offer.click();
  await expect.poll(() => drill(page)).toBe(other);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => drill(page)).toBe('Arm circles');

  // Not today: not in the second round either.
  await page.keyboard.press('c');
  await page.getByRole('button', { name: 'Leave it out today' }).click();
  await expect.poll(() => drill(page)).toBe('Knee circles');
  const seen: string[] = [];
  while (await page.locator('.now h1').first().isVisible()) {
    seen.push(await drill(page).catch(() => ''));
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(120);
  }
  expect(seen).not.toContain('Arm circles');
  expect(seen).toContain(other);

  await page.getByRole('button', { name: 'Save to log' }).click();
  await page.waitForURL('**/log');
  const entry = page.locator('.entry').first();
  for (const done of ['March on the spot', 'Hip circles', other.split(':')[0] ?? other, 'Knee circles']) {
    await entry.locator('.turns', { hasText: done }).first().waitFor();
  }
  expect(errors).toEqual([]);
  await context.close();
});

it('asks at the end of a round whether there is one more, and shows a drill to who is new while the others start', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['mobilise 1-2 rounds', 'hip circles 8s', 'arm circles 8s']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await kind(page, 'Work');
  await page.keyboard.press('w');
  const demo = page.getByRole('complementary', { name: 'For those who are new' });
  await demo.getByRole('heading', { name: 'Hip circles' }).waitFor();
  await expectAccessible(page, 'a drill that is shown to those who are new');
  await page.keyboard.press('w');
  await demo.waitFor({ state: 'detached' });
  const question = page.getByRole('group', { name: 'After round 1' });
  await question.waitFor();
  await expectAccessible(page, 'one more round?');
  // Where the second round would begin the run waits for the answer.
  await kind(page, 'Paused');
  await question.getByRole('button', { name: 'One more' }).click();
  await question.waitFor({ state: 'detached' });
  await expect.poll(() => page.locator('.top').innerText()).toContain('round 2 of 2');

  // The same again, and this time it is enough.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Leave without logging' }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await kind(page, 'Work');
  await page.keyboard.press('ArrowRight');
  await question.getByRole('button', { name: 'That’s enough' }).click();
  await page.getByRole('button', { name: 'Save to log' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('knows after a reload which drill was put in', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, ['mobilise 2 rounds', 'hip circles 40s', 'arm circles 40s', 'knee circles 40s']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await kind(page, 'Work');
  await page.keyboard.press('c');
  const offer = page.getByRole('group', { name: 'Change this drill' }).locator('.offer').first();
  const other = ((await offer.textContent()) ?? '').trim();
  await offer.click();
  await expect.poll(() => drill(page)).toBe(other);
  await page.reload();
  await page
    .getByRole('button', { name: /^Go on/ })
    .first()
    .click();
  await expect.poll(() => drill(page)).toBe(other);
  // What is left is fitted by what is run, not by what was planned: the second round has the other drill, too.
  await page.keyboard.press('l');
  const late = page.getByRole('dialog', { name: 'We’re late' });
  await late.getByRole('textbox', { name: 'Minutes left' }).fill('2');
  await late.getByRole('button', { name: 'Fit what is left' }).click();
  await late.waitFor({ state: 'detached' });
  const done: string[] = [];
  const save = page.getByRole('button', { name: 'Save to log' });
  while ((await save.count()) === 0) {
    done.push(
      (
        await page
          .locator('.now h1')
          .first()
          .textContent({ timeout: 1000 })
          .catch(() => '')
      )?.trim() ?? '',
    );
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(150);
  }
  expect(done).toContain(other);
  expect(done).not.toContain('Hip circles');
  expect(errors).toEqual([]);
  await context.close();
});
