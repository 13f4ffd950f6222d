import pg from 'pg';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { expectAccessible, launchBrowser, openWindow, typeLines, writeNewCircuit } from './browser.ts';

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

const PASSWORD = 'tide tables by heart';

/** Opens a studio from the door, as somebody new would. */
async function openStudio(page: Page, name: string, email: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open a studio' }).click();
  await page.getByLabel('Studio name').fill(name);
  await page.getByLabel('Your name').fill('Ebba Quay');
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL('**/today');
}

/** Gives a studio another coach with the same password: there is no invitation yet. */
async function colleagueOf(email: string, colleague: string): Promise<void> {
  const client = new pg.Client({ connectionString: inject('appDatabase') });
  await client.connect();
  await client.query(
    `insert into coach (id, studio_id, name, email, password_hash)
     select gen_random_uuid(), studio_id, 'Oskar Reed', $2, password_hash from coach where email = $1`,
    [email, colleague],
  );
  await client.end();
}

async function signIn(page: Page, email: string, password: string): Promise<void> {
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

it('opens a studio that is empty and says what to do first, leaves it, and finds the way back to where it was going', async () => {
  const { context, page, errors } = await openWindow(browser);
  await page.goto('/');
  await page.getByRole('button', { name: 'Open a studio' }).click();
  // Every field says what it wants.
  await page.getByLabel('E-mail').fill('no address');
  await page.getByLabel('Password').fill('short');
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect.poll(() => page.locator('.v-messages__message').count()).toBe(4);
  await expectAccessible(page, 'opening a studio, with everything wrong');

  await openStudio(page, 'Slipway Strength', 'ebba@saltmere.example');
  await page.getByRole('heading', { name: 'Nothing on today' }).waitFor();
  await expectAccessible(page, 'an empty Today');
  // What there is at its place is asked once.
  const asked = page.getByRole('region', { name: 'What is there where you train?' });
  await asked.getByRole('button', { name: 'Say what is there' }).click();
  await asked.getByRole('button', { name: 'Gym floor' }).click();
  await asked.getByLabel('Benches').fill('3');
  await asked.getByLabel('Treadmills').fill('');
  await expectAccessible(page, 'what is there');
  await asked.getByRole('button', { name: 'Save place' }).click();
  await asked.waitFor({ state: 'detached' });
  await page.goto('/studio');
  await page.getByRole('tab', { name: 'Places' }).click();
  await page.getByText(/3 benches, .*2 cross-trainers, treadmill, partner/).waitFor();
  await page.goto('/today');
  await page.getByRole('heading', { name: 'Nothing on today' }).waitFor();
  expect(await asked.count()).toBe(0);
  await page.getByRole('link', { name: 'Go to the circuits' }).click();
  await page.getByRole('button', { name: 'Write a new circuit' }).first().waitFor();
  await expectAccessible(page, 'no circuits yet');
  await page.goto('/people');
  await page.getByRole('heading', { level: 1, name: 'People' }).waitFor();
  await expectAccessible(page, 'no people yet');
  await page.goto('/log');
  await page.getByRole('heading', { level: 1, name: 'Log' }).waitFor();
  await expectAccessible(page, 'an empty log');

  await writeNewCircuit(page);
  await typeLines(page, ['cat-cow 5']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = new URL(page.url()).pathname;

  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  await page.goto(sheet);
  await page.waitForURL('**/door?then=**');
  await signIn(page, 'ebba@saltmere.example', 'not the password');
  await page.getByRole('alert').waitFor();
  expect(new URL(page.url()).pathname).toBe('/door');
  await signIn(page, 'EBBA@saltmere.example', PASSWORD);
  await page.waitForURL(`**${sheet}`);
  await page.locator('.row', { hasText: 'Cat-cow' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('keeps an address with a second studio’s circuit from the first, and never leads out of the application', async () => {
  const { context, page, errors } = await openWindow(browser);
  await openStudio(page, 'Breakwater', 'first@saltmere.example');
  await writeNewCircuit(page);
  await typeLines(page, ['glute bridge 8']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = new URL(page.url()).pathname;
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');

  await openStudio(page, 'Causeway', 'second@saltmere.example');
  await page.goto(sheet);
  await page.getByText('There is no such circuit in this studio').waitFor();
  expect(await page.locator('.row').count()).toBe(0);
  await page.goto(`/stage/${sheet.split('/').at(-1) ?? ''}`);
  await page.getByText('There is no such circuit in this studio').waitFor();
  await page.goto('/circuits');
  // Only once the list is there can it be said to be empty.
  await page.getByRole('heading', { name: 'No circuits yet' }).waitFor();
  expect(await page.locator('.card').count()).toBe(0);

  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  await page.goto('/door?then=//elsewhere.example/');
  await signIn(page, 'second@saltmere.example', PASSWORD);
  await page.waitForURL('**/today');
  expect(new URL(page.url()).pathname).toBe('/today');
  expect(errors).toEqual([]);
  await context.close();
});

it('says that somebody was signed out while they typed, and lets them sign in again where they are', async () => {
  const { context, page, errors } = await openWindow(browser);
  await openStudio(page, 'Groyne', 'third@saltmere.example');
  await writeNewCircuit(page);
  await typeLines(page, ['cat-cow 5']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = page.url();
  // Signed out in another window.
  await context.clearCookies();
  await typeLines(page, ['glute bridge 8']);
  const dialog = page.getByRole('dialog', { name: 'Signed out' });
  await dialog.waitFor();
  await expectAccessible(page, 'signed out');
  await signIn(page, 'third@saltmere.example', PASSWORD);
  await dialog.waitFor({ state: 'detached' });
  expect(page.url()).toBe(sheet);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.reload();
  await page.locator('.row', { hasText: 'Glute bridge' }).waitFor();
  expect(errors).toEqual([]);
  await context.close();
});

it('shows nothing of one coach to the next who signs in over them', async () => {
  const { context, page, errors } = await openWindow(browser);
  await openStudio(page, 'Jetty', 'fourth@saltmere.example');
  await writeNewCircuit(page);
  await typeLines(page, ['cat-cow 5']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await context.clearCookies();
  await typeLines(page, ['glute bridge 8']);
  await page.getByRole('dialog', { name: 'Signed out' }).waitFor();
  await signIn(page, 'third@saltmere.example', PASSWORD);
  await page.waitForURL('**/today');
  await page.getByRole('heading', { name: 'Nothing on today' }).waitFor();
  await page.goto('/circuits');
  await page.locator('.card').first().waitFor();
  await expect.poll(() => page.locator('.card').count()).toBe(1);
  expect(errors).toEqual([]);
  await context.close();
});

it("keeps one coach's unsent work from a colleague at the same browser, and sends it when they are back", async () => {
  const { context, page, errors } = await openWindow(browser);
  await openStudio(page, 'Harbour Wall', 'fifth@saltmere.example');
  await colleagueOf('fifth@saltmere.example', 'sixth@saltmere.example');
  await writeNewCircuit(page);
  await typeLines(page, ['cat-cow 5']);
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  const sheet = page.url();
  // Their signing-in ends by itself while they type.
  await context.clearCookies();
  await typeLines(page, ['glute bridge 8']);
  await page.getByRole('dialog', { name: 'Signed out' }).waitFor();

  await page.goto('/door');
  await signIn(page, 'sixth@saltmere.example', PASSWORD);
  await page.waitForURL('**/today');
  await page.goto(sheet);
  await page.locator('.row').first().waitFor();
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await expect.poll(() => page.locator('.row').count()).toBe(1);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');

  await signIn(page, 'fifth@saltmere.example', PASSWORD);
  await page.waitForURL('**/today');
  await page.goto(sheet);
  await page.locator('.row', { hasText: 'Glute bridge' }).waitFor();
  await page.locator('[data-test="saved"]', { hasText: 'Saved' }).waitFor();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/door');
  expect(errors).toEqual([]);
  await context.close();
});
