import pg from 'pg';
import type { Browser } from 'playwright-core';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { expectAccessible, launchBrowser, openWindow } from './browser.ts';

const PASSWORD = 'salt wind and rope';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const file = (people: number) => ({
  name: 'people.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(
    ['name,birth year', ...Array.from({ length: people }, (_, at) => `Ebba Quay ${String(at)},1990`)].join('\n'),
  ),
});

/** Has it that the coach gave their password long ago. */
async function longAgo(): Promise<void> {
  const client = new pg.Client({ connectionString: inject('appDatabase') });
  await client.connect();
  await client.query(
    `update sign_in set sess = jsonb_set(sess::jsonb, '{confirmedAt}', '0')::json
     where sess->>'coachId' = (select id::text from coach where email = 'files@saltmere.example')`,
  );
  await client.end();
}

it('takes a file of people in, calls another off, and asks for the password before they are taken out or deleted', async () => {
  const { context, page, errors } = await openWindow(browser);
  await page.goto('/door');
  await page.getByRole('button', { name: 'Open a studio' }).click();
  await page.getByLabel('Studio name').fill('Files');
  await page.getByLabel('Your name').fill('Ottoline Crake');
  await page.getByLabel('E-mail').fill('files@saltmere.example');
  // A password that everybody tries first is not taken.
  await page.getByLabel('Password').fill('password123');
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.getByText('That password is easily guessed').waitFor();
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL('**/today');

  await page.goto('/people');
  await page.getByRole('button', { name: 'Import or export' }).click();
  const chooser = page.getByLabel('CSV file');
  await chooser.setInputFiles(file(3));
  await page.getByText('3 added, 0 already here.').waitFor();
  await expect.poll(() => page.locator('article').count()).toBe(3);

  await chooser.setInputFiles(file(5000));
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByText('The import was called off. Nothing of the file was taken in.').waitFor();
  await page.reload();
  await expect.poll(() => page.locator('article').count()).toBe(3);

  await page.getByRole('button', { name: 'Import or export' }).click();
  await longAgo();
  await page.getByRole('button', { name: 'Export my people' }).click();
  const dialog = page.getByRole('dialog', { name: 'Your password once more' });
  await dialog.waitFor();
  await expectAccessible(page, 'the password once more');
  await dialog.getByLabel('Password').fill('not this one');
  await dialog.getByRole('button', { name: 'Continue' }).click();
  await dialog.getByText('That is not your password').waitFor();
  await dialog.getByLabel('Password').fill(PASSWORD);
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Continue' }).click();
  expect((await download).suggestedFilename()).toBe('people.csv');

  await longAgo();
  await page.getByRole('link', { name: 'Ebba Quay 1' }).click();
  await page
    .getByRole('button', { name: /delete/i })
    .first()
    .click();
  await page
    .getByRole('button', { name: /delete/i })
    .last()
    .click();
  await dialog.waitFor();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await dialog.waitFor({ state: 'detached' });
  await page.goto('/people');
  await expect.poll(() => page.locator('article').count()).toBe(3);

  // Signing out leaves nothing in the browser, whatever its storage held.
  await page.evaluate(() => localStorage.setItem('prompt-spark/circuit@1/unsent/x', '{}'));
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByText('has not reached the server yet').waitFor();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('prompt-spark/')))).toEqual(
    [],
  );
  expect(errors).toEqual([]);
  await context.close();
});
