import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';
import { troubles } from './layout.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Phones, a laptop's window at twice the size, a tablet upright and lying, laptops, and the screen on the wall. */
const WIDTHS = [360, 390, 640, 768, 1024, 1280, 1920];
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
  { name: 'the log', open: at('/log', '.entry') },
  { name: 'the studio', open: at('/studio', 'h1') },
];

/** What is wrong with every view in a window of some width. */
async function troublesAt(width: number, styled?: string): Promise<readonly string[]> {
  const { context, page, errors } = await openWindow(browser, { width, height: width < 800 ? 844 : 800 });
  await enterDemo(page);
  const found: string[] = [];
  for (const { name, open } of VIEWS) {
    await open(page);
    if (styled) await page.evaluate(putOn, styled);
    await page.waitForTimeout(300);
    found.push(...(await troubles(page)).map((trouble) => `${name}: ${trouble}`));
  }
  await context.close();
  return [...found, ...errors];
}

/** Puts a style on the page past its security policy, which lets no style in from outside, as a reader's own would. */
function putOn(content: string): void {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(content);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}

it.each(WIDTHS)(
  'every view keeps to its edges, cuts nothing off and lets everything be pressed, %s px wide',
  async (width) => {
    expect(await troublesAt(width)).toEqual([]);
  },
);

it.each([390, 1280])('nothing is lost where a reader spaces the text out, %s px wide', async (width) => {
  // Web Content Accessibility Guidelines 2.2, success criterion 1.4.12.
  const spaced =
    '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } p { margin-bottom: 2em !important }';
  expect(await troublesAt(width, spaced)).toEqual([]);
});
