import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { everyBody, type Try } from '../testing/everyBody.ts';
import { signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

const MARK = 'Marramgrass';

let server: TestServer;
let coach: Visitor;
let tries: readonly Try[];

beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'quiet@saltmere.example'));
  tries = await everyBody(coach, 'quiet@saltmere.example');
});
afterAll(() => server.close());

/** A body with the mark in all of its texts that are free. */
function marked(body: unknown, key = ''): unknown {
  if (typeof body === 'string') return /name|title|note|cue|text|purpose/i.test(key) ? `${MARK} ${body}` : body;
  if (Array.isArray(body)) return body.map((one) => marked(one, key));
  if (typeof body !== 'object' || body === null) return body;
  return Object.fromEntries(Object.entries(body).map(([name, value]) => [name, marked(value, name)]));
}

it('holds nothing of what was sent, even where every query of it fails', async () => {
  const { pool } = server.connection;
  const tables = [
    'circuit',
    'person',
    'run',
    'planned_session',
    'studio_drill',
    'standard',
    'site',
    'training_group',
    'coach',
    'studio',
  ];
  // A rule of the database that nothing fits, so that each write fails with what it was given in its message.
  for (const table of tables) {
    await pool.query(`alter table ${table} add constraint nothing_fits check (studio_id is null) not valid`);
  }
  let failed = 0;
  for (const { route, id, body } of tries) {
    const { status } = await coach.ask(route, id).send(marked(body) as object);
    if (status >= 500) failed += 1;
  }
  await coach.ask(ADDRESSES.circuits).query({ find: MARK });
  await coach.ask({ method: 'GET', path: `/api/${MARK}?q=${MARK}`, access: 'anybody' });
  expect(failed).toBeGreaterThan(8);
  // Then there are no tables to read from either: what was asked for stands in those statements.
  for (const table of tables.filter((name) => name !== 'coach' && name !== 'studio')) {
    await pool.query(`alter table ${table} rename to gone_${table}`);
  }
  let unread = 0;
  for (const ask of [
    coach.ask(ADDRESSES.circuits).query({ find: MARK }),
    coach.ask(ADDRESSES.circuits).query({ tag: MARK.toLowerCase() }),
    coach.ask(ADDRESSES.circuits).query({ drill: MARK }),
    coach.ask(ADDRESSES.people),
    coach.ask(ADDRESSES.runs),
    coach.ask(ADDRESSES.drills),
  ]) {
    if ((await ask).status >= 500) unread += 1;
  }
  expect(unread).toBe(6);
  const logged = server.logged();
  expect(logged).toContain('request failed');
  expect(logged).toContain('23514');
  // What is in an address that is none of ours was asked for in the open; the rest of it was not.
  expect(logged.replaceAll(`/api/${MARK}"`, '')).not.toContain(MARK);
  for (const word of ['quiet@saltmere.example', 'params', 'insert into', '127.0.0.1', '::ffff']) {
    expect(logged, word).not.toContain(word);
  }
  // Nor has the database a log of its own with what it was given.
  expect(readFileSync(join(inject('serverDataFolder'), 'server.log'), 'utf8')).not.toContain(MARK);
});
