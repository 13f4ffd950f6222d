import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { ringOf } from '@prompt-spark/server/health/keyRing';
import { ownerOf } from '@prompt-spark/server/health/owner';
import { seal } from '@prompt-spark/server/health/seal';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import type { Browser, Page } from 'playwright-core';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { launchBrowser, openWindow } from './browser.ts';
import { TEST_HEALTH_KEY } from './healthKey.ts';

/** A studio that has grown for years. */
const CIRCUITS = 2_000;
const RUNS = 20_000;
const PEOPLE = 2_500;
/** What a page may have in it, and what a test allows it to take: aimed at is a second and a half, measured below. */
const MOST_ELEMENTS = 3_000;
const MOST_MS = 8_000;

let browser: Browser;
beforeAll(async () => {
  browser = await launchBrowser();
});
afterAll(() => browser.close());

async function openStudio(page: Page): Promise<void> {
  await page.goto('/door');
  await page.getByRole('button', { name: 'Open a studio' }).click();
  await page.getByLabel('Studio name').fill('Grown Large');
  await page.getByLabel('Your name').fill('Ottoline Crake');
  await page.getByLabel('E-mail').fill('large@saltmere.example');
  await page.getByLabel('Password').fill('salt wind and rope');
  await page.getByRole('button', { name: /open/i }).last().click();
  await page.waitForURL('**/today');
}

/** Fills the studio by copying a circuit of the demo, in the database itself: it would take an hour by hand. */
async function grow(): Promise<string> {
  const client = new pg.Client({ connectionString: inject('appDatabase') });
  await client.connect();
  const { rows } = await client.query<{ id: string; studio_id: string }>(
    `select id, studio_id from coach where email = 'large@saltmere.example'`,
  );
  const { id: coachId, studio_id: studioId } = rows[0] ?? { id: '', studio_id: '' };
  await client.query(
    `insert into circuit (id, studio_id, version, save_id, document, schema_version, saved_at)
     select gen_random_uuid(), $1, 1, gen_random_uuid(), jsonb_set(c.document, '{title}', to_jsonb('Circuit ' || n)), c.schema_version,
       now() - n * interval '1 hour'
     from generate_series(1, $2) as n,
       lateral (select document, schema_version from circuit join studio using (studio_id) where is_demo and expires_at is null
         order by circuit.id offset n % 5 limit 1) as c`,
    [studioId, CIRCUITS],
  );
  await client.query(
    `insert into run (id, studio_id, circuit_id, circuit_title, coach_id, started_at, finished_at, ended_early, note, planned, actual)
     select gen_random_uuid(), $1, c.id, 'Run ' || n, $2, now() - n * interval '3 hours', now() - n * interval '3 hours', false, '', 480, 490
     from generate_series(1, $3) as n, lateral (select id from circuit where studio_id = $1 order by id offset n % 50 limit 1) as c`,
    [studioId, coachId, RUNS],
  );
  const { id: _, ...nobody } = { ...UNKNOWN_PERSON, id: '' };
  const keys = ringOf([TEST_HEALTH_KEY]);
  const people = Array.from({ length: PEOPLE }, (_one, n) => {
    const id = randomUUID();
    const document = { ...nobody, name: `Ragna Firth ${String(n).padStart(4, '0')}`, consentOn: '2026-11-01' };
    return [id, seal(keys, ownerOf(studioId, id), document)];
  });
  const list = JSON.stringify(people);
  await client.query(
    `insert into person (id, studio_id, version, sealed, schema_version)
     select (p->>0)::uuid, $1, 1, p->>1, $3 from jsonb_array_elements($2::jsonb) as p`,
    [studioId, list, SCHEMA_VERSIONS.person],
  );
  await client.query(
    `insert into person_coach (studio_id, person_id, coach_id)
     select $1, (p->>0)::uuid, $3 from jsonb_array_elements($2::jsonb) as p`,
    [studioId, list, coachId],
  );
  // A circuit is written for a group of thirty of them.
  const group = randomUUID();
  await client.query(`insert into training_group (id, studio_id, name, people) values ($2, $1, 'Everybody', 30)`, [
    studioId,
    group,
  ]);
  await client.query(
    `insert into person_group (studio_id, person_id, group_id)
     select $1, (p->>0)::uuid, $3 from jsonb_array_elements($2::jsonb) as p limit 30`,
    [studioId, list, group],
  );
  const { rows: written } = await client.query<{ id: string }>(
    `update circuit set group_id = $2 where id = (select id from circuit where studio_id = $1 order by saved_at desc limit 1)
     returning id`,
    [studioId, group],
  );
  await client.end();
  return written[0]?.id ?? '';
}

it(`is as quick to use with ${String(CIRCUITS)} circuits, ${String(RUNS)} runs and ${String(PEOPLE)} people`, async () => {
  const { context, page, errors } = await openWindow(browser);
  await openStudio(page);
  const circuit = await grow();
  const pages = [
    ['/today', 'h1'],
    ['/circuits', '.card'],
    ['/people', 'article'],
    ['/log', '.entry'],
    ['/drills', '.card'],
    ['/studio', 'h1'],
    [`/circuits/${circuit}`, '.row'],
    [`/circuits/${circuit}/swaps`, 'h1'],
    [`/circuits/${circuit}/fit`, 'h1'],
  ] as const;
  const seen: string[] = [];
  for (const [path, ready] of pages) {
    // The first time everything is made that lists are shown from.
    await page.goto(path);
    await page.locator(ready).first().waitFor();
    const start = performance.now();
    await page.goto(path);
    await page.locator(ready).first().waitFor();
    const took = performance.now() - start;
    await page.waitForTimeout(1_500);
    const elements = await page.evaluate(() => document.querySelectorAll('*').length);
    seen.push(`${path} ${String(Math.round(took))} ms, ${String(elements)} elements`);
    expect.soft(elements, path).toBeLessThan(MOST_ELEMENTS);
    expect.soft(took, path).toBeLessThan(MOST_MS);
  }
  console.log(seen.join('\n'));

  // What one looks for is found, wherever it stands.
  await page.goto('/people');
  await page.getByRole('textbox', { name: 'Find by name' }).fill('Firth 2417');
  await page.getByRole('link', { name: 'Ragna Firth 2417' }).waitFor();
  await page.goto('/circuits');
  await page.getByRole('textbox', { name: /Find by title/ }).fill('Circuit 1999');
  await page.getByRole('link', { name: 'Circuit 1999' }).first().waitFor();
  expect(errors).toEqual([]);
  await context.close();
});
