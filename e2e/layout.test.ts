import { LONG } from '@prompt-spark/core/testing/often';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow, startStage } from './browser.ts';
import { troubles } from './layout.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

type Size = readonly [width: number, height: number];

/** The wall lying and upright, laptops, a tablet lying and upright, a phone on its side, a laptop's window at twice the size, and phones. */
const SIZES: readonly Size[] = LONG
  ? [
      [1920, 1080],
      [1080, 1920],
      [1280, 800],
      [1024, 768],
      [768, 1024],
      [844, 390],
      [640, 400],
      [390, 844],
      [360, 844],
    ]
  : [
      [1280, 800],
      [768, 1024],
      [844, 390],
      [360, 844],
    ];
interface View {
  readonly name: string;
  readonly open: (page: Page) => Promise<void>;
}

const at = (path: string, ready: string) => async (page: Page) => {
  await page.goto(path);
  await page.locator(ready).first().waitFor();
};
const sheetOf = (ending: string, ready: string) => async (page: Page) => {
  await page.goto('/circuits');
  const link = page.getByRole('link', { name: 'Before squats', exact: true });
  await page.goto(`${(await link.getAttribute('href')) ?? ''}${ending}`);
  await page.locator(ready).first().waitFor();
};

/** The sheet with a row open, whose editor has most to show in a line. */
async function openRow(page: Page): Promise<void> {
  await sheetOf('', '.row')(page);
  await page.locator('.row .what').first().click();
  await page.locator('.editor').waitFor();
}

async function openPerson(page: Page): Promise<void> {
  await at('/people', 'article')(page);
  await page.getByRole('link', { name: 'Halvard Quist' }).first().click();
  await page.getByRole('heading', { name: 'Halvard Quist' }).waitFor();
}

async function openMeasures(page: Page): Promise<void> {
  await openPerson(page);
  await page.getByRole('link', { name: 'Measures' }).click();
  await page.getByRole('heading', { name: 'Take a measure' }).waitFor();
}

/** The Stage with its controls, paused. */
async function openStage(page: Page): Promise<void> {
  await sheetOf('', '.row')(page);
  await startStage(page);
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Resume' }).waitFor();
}

const VIEWS: readonly View[] = [
  { name: 'Today', open: at('/today', '.card') },
  { name: 'circuits', open: at('/circuits', '.card') },
  { name: 'the sheet', open: sheetOf('', '.row') },
  { name: 'a row open', open: openRow },
  { name: 'swaps', open: sheetOf('/swaps', 'table') },
  { name: 'fit', open: sheetOf('/fit', 'canvas') },
  { name: 'drills', open: at('/drills', '.card') },
  { name: 'a drill', open: at('/drills/lateral-lunge', '.rung') },
  { name: 'people', open: at('/people', 'article') },
  { name: 'a person', open: openPerson },
  { name: 'somebody new', open: at('/people/new', 'form') },
  { name: 'measures', open: openMeasures },
  { name: 'a drill of our own', open: at('/drills/new?from=lateral-lunge', 'form') },
  { name: 'the bin', open: at('/bin', 'h1') },
  { name: 'the month', open: at('/schedule', 'h1') },
  { name: 'a day, coach by coach', open: at('/schedule/day', 'table') },
  {
    name: 'a group over weeks',
    open: async (page) => {
      await page.goto('/people');
      await page.getByRole('button', { name: 'Dawn Mixed' }).click();
      await page.getByRole('link', { name: 'Who came' }).click();
      await page.getByRole('heading', { name: 'Who came' }).waitFor();
    },
  },
  {
    name: 'a history to hand over',
    open: async (page) => {
      await openPerson(page);
      await page.getByRole('link', { name: 'Their history, to hand over' }).click();
      await page.getByRole('heading', { name: 'Sessions' }).waitFor();
    },
  },
  { name: 'the log', open: at('/log', '.entry') },
  { name: 'the studio', open: at('/studio', 'h1') },
  { name: 'the Stage', open: openStage },
];

/** What is wrong with every view at every size, for a thumb: each is opened once, as wide as the wall, and made smaller. */
async function troublesAt(sizes: readonly Size[], styled?: string): Promise<readonly string[]> {
  const { context, page, errors } = await openWindow(browser, { width: 1920, height: 1080 }, { hasTouch: true });
  await enterDemo(page);
  const found: string[] = [];
  for (const { name, open } of VIEWS) {
    await page.setViewportSize({ width: 1920, height: 1080 });
    await open(page);
    if (styled) await page.evaluate(putOn, styled);
    for (const [width, height] of sizes) {
      await page.setViewportSize({ width, height });
      await settled(page);
      found.push(
        ...(await troubles(page)).map((trouble) => `${name}, ${String(width)} × ${String(height)} px: ${trouble}`),
      );
    }
  }
  await context.close();
  return [...found, ...errors];
}

/** Waits until two looks at the page, a few frames apart, find it of the same size and nothing of it moving. */
async function settled(page: Page): Promise<void> {
  const size = () =>
    page.evaluate(
      () =>
        new Promise<string>((resolve) =>
          requestAnimationFrame(() =>
            requestAnimationFrame(() => {
              const { scrollWidth, scrollHeight } = document.documentElement;
              const moving = document.getAnimations().filter(({ playState }) => playState === 'running').length;
              resolve([scrollWidth, scrollHeight, moving, document.querySelectorAll('*').length].join(' '));
            }),
          ),
        ),
    );
  let before = '';
  await expect
    .poll(async () => {
      const [last, now] = [before, await size()];
      before = now;
      return last === now;
    })
    .toBe(true);
}

/** Puts a style on the page past its security policy, which lets no style in from outside, as a reader's own would. */
function putOn(content: string): void {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(content);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}

it('every view keeps to its edges, cuts nothing off and lets everything be pressed, on any screen', async () => {
  expect(await troublesAt(SIZES)).toEqual([]);
});

it('nothing is lost where a reader spaces the text out, on a phone and on a laptop', async () => {
  // Web Content Accessibility Guidelines 2.2, success criterion 1.4.12.
  const spaced =
    '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } p { margin-bottom: 2em !important }';
  expect(
    await troublesAt(
      [
        [1280, 800],
        [390, 844],
      ],
      spaced,
    ),
  ).toEqual([]);
});
