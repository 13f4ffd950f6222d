import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { execFileSync } from 'node:child_process';
import { randomInt, randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import pg from 'pg';
import { circuitOf } from '../store/circuits.ts';
import { startPostgres, type TestPostgres } from '../testing/postgres.ts';
import { newCircuit, newRun, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

const ROUNDS = 60;
/** One round in this many ends the whole database server; the others end the connections of one moment. */
const SERVER_EVERY = 15;
const PORT = 54_880;

let postgres: TestPostgres;
let server: TestServer;
let coach: Visitor;
let studioId: string;

beforeAll(async () => {
  postgres = startPostgres('lost-database', PORT);
  server = await testServer(postgres.url);
  const signedIn = await signedInCoach(server, 'lost@saltmere.example');
  coach = signedIn.coach;
  studioId = signedIn.account.studioId;
});
afterAll(async () => {
  await server.close();
  postgres.stop();
});

/** Ends every connection to the test's database but the one that asks. */
async function cutAll(): Promise<void> {
  const client = new pg.Client({ connectionString: server.url });
  client.on('error', () => undefined);
  try {
    await client.connect();
    await client.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()',
    );
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** Ends the database server at once, and starts it again on its port. */
function restartServer(): void {
  const cluster = execFileSync('bin/database', ['where', '.cache/lost-database'], { encoding: 'utf8' }).trim();
  const [pid = ''] = execFileSync('head', ['-1', `${cluster}/postmaster.pid`], { encoding: 'utf8' }).split('\n');
  // SIGQUIT is PostgreSQL's immediate shutdown: it recovers at its next start as after a crash.
  execFileSync('kill', ['-QUIT', pid]);
  postgres = startPostgres('lost-database', PORT);
}

describe('a connection that is lost', () => {
  it(`ends no process and loses nothing that was acknowledged, in ${String(ROUNDS)} rounds under load`, async () => {
    const first = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(first).expect(201);
    const { id, ...draft } = first;
    const statuses = new Map<number, number>();
    const runs: string[] = [];
    let version = 1;
    let trouble = 0;

    /** Saves and records until it is told to stop: statements by themselves and within transactions. */
    async function load(until: () => boolean): Promise<void> {
      while (!until()) {
        const save = { ...draft, version, saveId: randomUUID() };
        const saved = await coach.ask(ADDRESSES.saveCircuit, id).send(save);
        if (saved.status === 200) version += 1;
        const run = newRun(first);
        const kept = await coach.ask(ADDRESSES.addRun).send(run);
        if (kept.status === 201) runs.push(run.id);
        for (const { status, headers } of [saved, kept]) {
          statuses.set(status, (statuses.get(status) ?? 0) + 1);
          if (status !== 503) continue;
          trouble += 1;
          expect(headers['retry-after']).toMatch(/^\d+$/);
        }
        // A save whose answer was lost is found again by its id, as a browser does that sends it once more.
        if (saved.status === 503) version = (await newest()) ?? version;
      }
    }

    async function newest(): Promise<number | undefined> {
      const found = await coach.ask(ADDRESSES.circuit, id);
      return found.status === 200 ? (found.body as { readonly version: number }).version : undefined;
    }

    for (let round = 1; round <= ROUNDS; round += 1) {
      let over = false;
      const loading = load(() => over);
      await new Promise((resolve) => setTimeout(resolve, randomInt(5, 60)));
      if (round % SERVER_EVERY === 0) restartServer();
      else await cutAll();
      over = true;
      await loading;
    }

    expect([...statuses.keys()].filter((status) => status >= 500 && status !== 503)).toEqual([]);
    expect(trouble).toBeGreaterThan(0);
    expect(runs.length).toBeGreaterThan(ROUNDS / 2);
    await expect.poll(async () => (await coach.ask(ADDRESSES.circuit, id)).status, { timeout: 20_000 }).toBe(200);
    expect((await circuitOf(server.connection.database, studioId, id))?.version).toBeGreaterThanOrEqual(version);
    const { rows } = await server.connection.pool.query<{ id: string }>('select id from run');
    const kept = new Set(rows.map((row) => row.id));
    expect(runs.filter((run) => !kept.has(run))).toEqual([]);
  });
});
