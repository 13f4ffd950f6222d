import { mkdirSync } from 'node:fs';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, it } from 'vitest';
import { enterDemo, figureDrawn, launchBrowser, openWindow, pasteLines, writeNewCircuit } from './browser.ts';

/** The pictures of each main view in the README, from a fresh demo: `npm run pictures`. */
const FOLDER = 'docs/screenshots';
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

interface View {
  readonly name: string;
  readonly size?: typeof LAPTOP;
  /** Leads from Today, in the demo studio, to where the picture is taken. */
  readonly lead: (page: Page) => Promise<void>;
  /** Milliseconds until the picture is taken, for what moves in to come to rest. */
  readonly rest?: number;
}

async function openSheet(page: Page): Promise<void> {
  await page.goto('/circuits');
  await page.getByRole('link', { name: 'Before squats', exact: true }).click();
  await figureDrawn(page.locator('.row').first());
}

const lunge = (page: Page) => page.locator('.row', { hasText: 'Lateral lunge' }).first();

/** A pasted list with a guess and a drill that nobody knows. */
const OWN_WORDS = ['Mobility:', '• Cat cows x10', '- squatty jumps x5', '- harbour wobbles 30s each side'];

const VIEWS: readonly View[] = [
  { name: 'today', lead: (page) => page.locator('.card').first().waitFor() },
  {
    name: 'month',
    lead: async (page) => {
      await page.goto('/schedule');
      await page.getByRole('link', { name: 'The month after' }).click();
      await page.locator('.day li').first().waitFor();
    },
  },
  {
    name: 'circuits',
    lead: async (page) => {
      await page.goto('/circuits');
      await page.locator('.card').last().waitFor();
    },
  },
  {
    name: 'sheet',
    lead: async (page) => {
      await openSheet(page);
      await lunge(page).locator('.time').click();
    },
  },
  {
    name: 'sheet-phone',
    size: PHONE,
    lead: async (page) => {
      await openSheet(page);
      await lunge(page).locator('.what').click();
    },
  },
  {
    name: 'own-words',
    lead: async (page) => {
      await writeNewCircuit(page);
      await page.getByRole('combobox', { name: 'Whiteboard line' }).click();
      await pasteLines(page, OWN_WORDS);
      await page.getByRole('button', { name: 'Make it ours' }).first().click();
      await page.getByRole('form', { name: 'Make it ours' }).waitFor();
    },
  },
  {
    name: 'group',
    lead: async (page) => {
      await page.goto('/people');
      await page.getByRole('button', { name: 'Dawn Mixed' }).click();
      await page.getByRole('link', { name: 'Who came' }).click();
      await page.getByRole('heading', { name: 'Who came' }).waitFor();
    },
  },
  {
    name: 'stage',
    lead: async (page) => {
      await openSheet(page);
      await page.getByRole('button', { name: 'Start', exact: true }).click();
      await page.getByText('Work', { exact: true }).waitFor();
    },
    // By then the buttons have gone, and the figure is on its way.
    rest: 11_000,
  },
  {
    name: 'swaps',
    lead: async (page) => {
      await openSheet(page);
      await page.goto(`${page.url()}/swaps`);
      await page.getByRole('button', { name: /^Halvard Quist, Cat-cow/ }).click();
      await figureDrawn(page.locator('.panel'));
    },
  },
  {
    name: 'fit',
    lead: async (page) => {
      await openSheet(page);
      await page.getByRole('button', { name: 'Fit', exact: true }).click();
      await page.getByRole('textbox', { name: 'Time available, minutes' }).fill('5:00');
      await page.getByText('In 5:00').waitFor();
    },
  },
  {
    name: 'log',
    lead: async (page) => {
      await page.goto('/log');
      await page.locator('.entry').last().waitFor();
    },
  },
  {
    name: 'drills',
    lead: async (page) => {
      await page.goto('/drills');
      await figureDrawn(page.locator('.card').nth(9));
    },
  },
  {
    name: 'drill',
    lead: async (page) => {
      await page.goto('/drills/lateral-lunge');
      await figureDrawn(page.locator('.rung').first());
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'people',
    lead: async (page) => {
      await page.goto('/people');
      await page.getByRole('button', { name: 'Dawn Mixed' }).click();
    },
  },
  {
    name: 'person',
    lead: async (page) => {
      await page.goto('/people/new');
      await page.getByLabel('Name', { exact: true }).fill('Perran Skye');
      await page.getByRole('button', { name: 'Knee', exact: true }).click();
      await page.getByRole('checkbox', { name: /kneeling on it/ }).check();
    },
  },
  {
    name: 'measures',
    lead: async (page) => {
      await page.goto('/people');
      await page
        .getByRole('link', { name: /^Rafi Benholm/ })
        .first()
        .click();
      await page.getByRole('link', { name: 'Measures' }).click();
      await page.locator('canvas').first().waitFor();
    },
    rest: 1500,
  },
  {
    name: 'script',
    lead: async (page) => {
      await openSheet(page);
      await page.getByRole('tab', { name: 'Script' }).click();
      await page
        .getByRole('button', { name: /^Hear: / })
        .first()
        .waitFor();
    },
  },
  {
    name: 'studio',
    lead: async (page) => {
      await page.goto('/studio');
      await page.getByText('Raise first').waitFor();
    },
  },
];

let browser: Browser;
beforeAll(async () => {
  mkdirSync(FOLDER, { recursive: true });
  browser = await launchBrowser();
});
afterAll(() => browser.close());

async function take(name: string, page: Page, rest = 1_500): Promise<void> {
  // Nothing is under the hand.
  await page.mouse.move(2, 2);
  await page.waitForTimeout(rest);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
}

it('door', async () => {
  const { context, page } = await openWindow(browser, undefined, { ownPace: true, moving: true });
  await page.goto('/');
  await page.getByRole('button', { name: 'Enter the demo studio' }).waitFor();
  await take('door', page);
  await context.close();
});

it.each(VIEWS)('$name', async ({ name, size = LAPTOP, lead, rest }) => {
  const { context, page } = await openWindow(browser, size, { ownPace: true, moving: true });
  await enterDemo(page);
  await lead(page);
  await take(name, page, rest);
  await context.close();
});
