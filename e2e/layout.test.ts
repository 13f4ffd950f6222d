import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { enterDemo, launchBrowser, openWindow } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

/** Phones, a laptop's window at twice the size, a tablet upright and lying, laptops, and the screen on the wall. */
const WIDTHS = [360, 390, 640, 768, 1024, 1280, 1920];
/** Least side of what is pressed, in pixels: Web Content Accessibility Guidelines 2.2, success criterion 2.5.8. */
const LEAST_TARGET = 24;

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

const VIEWS: readonly View[] = [
  { name: 'Today', open: at('/today', '.card') },
  { name: 'circuits', open: at('/circuits', '.card') },
  { name: 'the sheet', open: sheetOf('', '.row') },
  { name: 'swaps', open: sheetOf('/swaps', 'table') },
  { name: 'fit', open: sheetOf('/fit', 'canvas') },
  { name: 'drills', open: at('/drills', '.card') },
  { name: 'a drill', open: at('/drills/lateral-lunge', '.rung') },
  { name: 'people', open: at('/people', 'article') },
  { name: 'the log', open: at('/log', '.entry') },
  { name: 'the studio', open: at('/studio', 'h1') },
];

/** What is wrong with the layout of the page as it stands, in words. */
const troubles = (page: Page) =>
  page.evaluate((least) => {
    const found: string[] = [];
    const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    if (wide > 0) found.push(`runs ${String(wide)} px past the edge`);

    const shown = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect();
      const { visibility, opacity } = getComputedStyle(element);
      return width > 1 && height > 1 && visibility !== 'hidden' && opacity !== '0';
    };
    const nameOf = (element: Element) =>
      `${element.tagName.toLowerCase()} “${(element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40)}”`;

    // Text that is cut off, and does not say so by an ellipsis.
    for (const element of document.querySelectorAll<HTMLElement>(
      'h1, h2, h3, p, a, button, span, td, th, li, label, dt, dd',
    )) {
      if (!shown(element) || element.closest('.visually-hidden, .v-field, [aria-hidden="true"]')) continue;
      const style = getComputedStyle(element);
      const cut =
        style.overflowX === 'hidden' &&
        style.textOverflow !== 'ellipsis' &&
        element.scrollWidth > element.clientWidth + 1;
      if (cut && element.textContent.trim() !== '' && element.children.length === 0)
        found.push(`${nameOf(element)} is cut off`);
    }

    // What is pressed is large enough, and nothing else that is pressed lies over it. Links in running text are as large as it.
    const pressed = [...document.querySelectorAll<HTMLElement>('button, a[href], input, [role="button"]')].filter(
      (element) => shown(element) && !element.closest('.visually-hidden, p, td, .v-overlay'),
    );
    for (const element of pressed) {
      const { width, height } = element.getBoundingClientRect();
      const inText = element.tagName === 'A' && getComputedStyle(element).display === 'inline';
      const field = element.closest('.v-field, .v-selection-control');
      if (!inText && !field && Math.min(width, height) < least) {
        found.push(`${nameOf(element)} is ${String(Math.round(width))} × ${String(Math.round(height))} px`);
      }
    }
    for (const element of pressed) {
      const { left, top, width, height } = element.getBoundingClientRect();
      const [x, y] = [left + width / 2, top + height / 2];
      if (x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) continue;
      const over = document.elementFromPoint(x, y);
      // The rail at the foot of a phone lies over whatever scrolls under it.
      const other = over?.closest('nav') ? null : over?.closest('button, a[href], [role="button"]');
      if (
        other &&
        other !== element &&
        !element.contains(other) &&
        !other.contains(element) &&
        !other.querySelector(':scope *:focus')
      ) {
        const label = element.closest('label');
        if (!label?.contains(other)) found.push(`${nameOf(other)} lies over ${nameOf(element)}`);
      }
    }
    return found;
  }, LEAST_TARGET);

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
