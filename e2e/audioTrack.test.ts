import { readFileSync } from 'node:fs';
import webvtt from 'node-webvtt';
import type { Browser, Download, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { WaveFile } from 'wavefile';
import { enterDemo, launchBrowser, openWindow, seconds, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const RATE = 44_100;
/** A sample from here on is heard. */
const LOUD = 600;
/** Words are spelled for captions; tags and the ampersand are written otherwise there. */
const plain = (text: string) => text.replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&');

/** A circuit's sound and captions as an outside reader reads them, and the seconds that the sheet says it takes. */
async function readTrack(page: Page) {
  await page.getByRole('tab', { name: 'Script' }).click();
  const sound = page.getByRole('button', { name: 'Save as sound' });
  await expect.poll(() => sound.isEnabled()).toBe(true);
  const save = async (press: () => Promise<void>): Promise<Download> => {
    const [file] = await Promise.all([page.waitForEvent('download'), press()]);
    return file;
  };
  const wav = await save(() => sound.click());
  const vtt = await save(() => page.getByRole('button', { name: 'Save as captions' }).click());
  expect(wav.suggestedFilename()).toMatch(/\.wav$/);
  const file = new WaveFile(readFileSync(await wav.path()));
  const read: unknown = file.getSamples(false, Int16Array);
  if (!(read instanceof Int16Array)) throw new Error('There are no samples of one channel.');
  const { valid, cues } = webvtt.parse(readFileSync(await vtt.path(), 'utf8'));
  expect(valid).toBe(true);
  return {
    format: file.fmt as { sampleRate: number; numChannels: number },
    samples: read,
    chapters: file.listCuePoints() as readonly { position: number; label: string }[],
    cues,
    total: seconds(await page.locator('[data-test="total"]').textContent()),
  };
}

/** What both files must hold to: one length, one second for each chapter, and a sound where a caption says that something is said. */
function expectTrue(title: string, { format, samples, chapters, cues, total }: Awaited<ReturnType<typeof readTrack>>) {
  expect(format).toMatchObject({ sampleRate: RATE, numChannels: 1 });
  const length = samples.length / RATE;
  expect([title, length >= total, length <= total + 5]).toEqual([title, true, true]);
  expect(chapters.length).toBeGreaterThan(0);
  for (const { position, label } of chapters) {
    const cue = cues.find(({ text, start }) => plain(text) === label && Math.abs(start - position / 1000) < 0.01);
    expect([title, label, cue !== undefined]).toEqual([title, label, true]);
  }
  for (const { start, text } of cues) {
    const from = Math.round(start * RATE);
    const loud = samples.subarray(from, from + RATE / 2).findIndex((sample) => Math.abs(sample) > LOUD);
    expect([title, text, loud >= 0 && loud / RATE < 0.15]).toEqual([title, text, true]);
  }
}

it('is taken along as sound with a chapter a drill, and as captions of the same seconds', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await writeNewCircuit(page);
  await typeLines(page, [
    'raise',
    'step jack 12s alt',
    'march on the spot 12s alt',
    'mobilise',
    'lateral lunge 3/side @2s',
  ]);
  const track = await readTrack(page);
  expectTrue('a new one', track);
  expect(track.chapters.map(({ label }) => label.split(/[.,]/)[0])).toEqual([
    'Step jack',
    'March on the spot',
    'Lateral lunge',
  ]);
  expect(errors).toEqual([]);
  await context.close();
});

it('is taken along so for every circuit of the demo', async () => {
  const { context, page, errors } = await openWindow(browser);
  await enterDemo(page);
  await page.goto('/circuits');
  await page.locator('.card').first().waitFor();
  const titles = await page.locator('.card h2').allTextContents();
  expect(titles.length).toBeGreaterThan(4);
  for (const title of titles) {
    await page.goto('/circuits');
    await page.locator('.card h2', { hasText: title }).first().click();
    await page.locator('.row').first().waitFor();
    expectTrue(title, await readTrack(page));
  }
  expect(errors).toEqual([]);
  await context.close();
});
