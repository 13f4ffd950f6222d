import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
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

/** Has the database refuse the query of that number, counted from now, with all that it was given in the refusal. */
function failQuery(number: number): { readonly met: () => boolean; readonly end: () => void } {
  const query = pg.Client.prototype.query as (this: pg.Client, ...given: unknown[]) => unknown;
  let count = 0;
  function failing(this: pg.Client, ...given: unknown[]): unknown {
    count += 1;
    if (count !== number) return query.apply(this, given);
    const [asked, values] = given;
    const all = JSON.stringify([asked, Array.isArray(values) ? values : []]);
    const last = given.at(-1);
    const refused = ['select refuse($1)', [`${MARK} ${all}`]];
    return query.apply(this, typeof last === 'function' ? [...refused, last] : refused);
  }
  Object.assign(pg.Client.prototype, { query: failing });
  return { met: () => count >= number, end: () => void Object.assign(pg.Client.prototype, { query }) };
}

it('holds nothing of what was asked, whichever query of whichever request fails', async () => {
  const quiet = await testServer();
  await quiet.connection.pool.query(
    `create function refuse(text) returns integer language plpgsql as $$ begin raise exception 'refused: %', $1; end $$`,
  );
  const { coach: asker } = await signedInCoach(quiet, 'all-fail@saltmere.example');
  const bodies = await everyBody(asker, 'all-fail@saltmere.example');
  const bare = Object.values(ADDRESSES).filter((route) => !bodies.some((one) => one.route === route));
  // Signing out comes last: after it nothing is asked of the database.
  const last = ADDRESSES.signOut;
  const ordered = [...bare.filter((route) => route !== last), last];
  const all = [...bodies, ...ordered.map((route) => ({ route, id: randomUUID(), body: undefined }))];
  let refused = 0;
  for (const { route, id, body } of all) {
    for (let number = 1, met = true; met; number += 1) {
      const failure = failQuery(number);
      const asked = asker.ask(route, id).query(route.method === 'GET' ? { find: MARK } : {});
      await (body === undefined ? asked : asked.send(marked(body) as object));
      failure.end();
      met = failure.met();
      if (met) refused += 1;
      expect(number, route.path).toBeLessThan(100);
    }
  }
  expect(refused).toBeGreaterThan(all.length);
  expect(quiet.logged()).toContain('P0001');
  for (const word of [MARK, 'all-fail@saltmere.example', 'select ', 'insert into', '127.0.0.1', '::ffff']) {
    expect(quiet.logged(), word).not.toContain(word);
  }
  expect(readFileSync(join(inject('serverDataFolder'), 'server.log'), 'utf8')).not.toContain(MARK);
  await quiet.close();
});
