import { readFileSync } from 'node:fs';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { WaveFile } from 'wavefile';
import { enterDemo, expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const LINES = ['raise', 'step jack 12s alt', 'march on the spot 12s alt', 'mobilise', 'lateral lunge 3/side @2s'];

/** Writes down when each clip was asked to begin, by the audio clock. */
async function listen(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const heard: { when: number; seconds: number }[] = [];
    Object.assign(globalThis, { heard });
    const start = AudioBufferSourceNode.prototype.start;
    AudioBufferSourceNode.prototype.start = function (when = 0, offset = 0) {
      heard.push({ when, seconds: this.buffer?.duration ?? 0 });
      start.call(this, when, offset);
    };
  });
}
const heardOn = (page: Page) =>
  page.evaluate(() => Reflect.get(globalThis, 'heard') as { when: number; seconds: number }[]);

it('speaks on the Stage, one thing at a time, each at its second, and shows what it says', async () => {
  const { context, page, errors } = await openWindow(browser);
  await listen(page);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, LINES);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('tab', { name: 'Script' }).click();
  const lines = page.locator('.script-tab ol li');
  await lines.first().waitFor();
  await expectAccessible(page, 'the script');
  const script = await lines.allTextContents();
  expect(script.some((text) => text.includes('Step jack'))).toBe(true);

  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.locator('[data-test="seconds"]').waitFor();
  await page.locator('[data-test="caption"]', { hasText: 'Step jack' }).waitFor();
  await expect.poll(async () => (await heardOn(page)).length).toBeGreaterThan(3);
  const heard = await heardOn(page);
  heard.forEach(({ when, seconds }, index) => {
    const next = heard[index + 1];
    expect(seconds).toBeGreaterThan(0.2);
    if (next) expect(next.when).toBeGreaterThanOrEqual(when + seconds);
  });
  await page.mouse.move(300, 300);
  await page.getByRole('button', { name: 'Start and voice' }).click();
  await page.getByRole('dialog', { name: 'Start and voice' }).getByText('British, high').first().waitFor();
  await expectAccessible(page, 'the voice');
  expect(errors).toEqual([]);
  await context.close();
});

it('is taken along as sound with a chapter a drill, and as captions of the same seconds', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, LINES);
  await page.getByRole('tab', { name: 'Script' }).click();
  const sound = page.getByRole('button', { name: 'Save as sound' });
  await expect.poll(() => sound.isEnabled()).toBe(true);
  const [wav] = await Promise.all([page.waitForEvent('download'), sound.click()]);
  const [vtt] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as captions' }).click(),
  ]);
  expect(wav.suggestedFilename()).toMatch(/\.wav$/);
  const file = new WaveFile(readFileSync(await wav.path()));
  const format = file.fmt as { sampleRate: number; numChannels: number };
  expect(format).toMatchObject({ sampleRate: 44_100, numChannels: 1 });
  const samples = [...file.getSamples(false, Int16Array)].flatMap((part) =>
    typeof part === 'number' ? part : [...part],
  );
  const total = (await page.locator('[data-test="total"]').textContent()) ?? '';
  const [minutes = 0, seconds = 0] = total.split(':').map(Number);
  expect(samples.length / 44_100).toBeGreaterThan(minutes * 60 + seconds);
  const text = readFileSync(await vtt.path(), 'utf8');
  expect(text).toMatch(/^WEBVTT/);
  // Every chapter begins with its name, and there the sound is loud within a tenth of a second.
  const chapters = file.listCuePoints() as readonly { position: number; label: string }[];
  expect(chapters.map(({ label }) => label.split(/[.,]/)[0])).toEqual([
    'Step jack',
    'March on the spot',
    'Lateral lunge',
  ]);
  for (const { position, label } of chapters) {
    const at = Math.round((position / 1000) * 44_100);
    const loud = samples.slice(at, at + 22_050).findIndex((sample) => Math.abs(sample) > 600);
    expect(loud / 44_100).toBeLessThan(0.1);
    expect(text).toContain(label);
  }
  expect(errors).toEqual([]);
  await context.close();
});
