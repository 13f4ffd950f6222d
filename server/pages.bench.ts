import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { RunPage } from '@prompt-spark/contract/run';
import express from 'express';
import { bench, describe } from 'vitest';
import { ownerOf } from './health/owner.ts';
import { unseal } from './health/seal.ts';
import { expectOk, inTurn, listenOn, ONCE } from './testing/besideBare.ts';
import { statementsOf, type Asked } from './testing/statements.ts';
import { newCircuit, newRun, PASSWORD, signedInCoach, TEST_HEALTH_KEYS, testServer } from './testing/studio.ts';

/**
 * The pages of a studio with 5,000 runs and 500 people, each beside a bare Express that sends the very same statements,
 * those of the sign-in lookup among them, and beside the statements alone. What is sealed the bare one opens, too: shut it
 * would be no answer.
 */
const RUNS = 5_000;
const PEOPLE = 500;
const EMAIL = 'pages@saltmere.example';

const server = await testServer(undefined, { checkAnswers: false });
const { pool } = server.connection;
const { coach } = await signedInCoach(server, EMAIL);
const circuit = newCircuit('# Squats\nraise\n  step jack 20s alt\nmobilise\n  cat-cow 8\n  lateral lunge 8/side');
await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
const run = newRun(circuit);
await coach.ask(ADDRESSES.addRun).send(run).expect(201);
await pool.query(
  `insert into run (id, studio_id, circuit_id, circuit_title, group_id, site_id, coach_id, started_at, finished_at,
     ended_early, effort, warm, note, planned, actual, paused, pace, marks)
   select gen_random_uuid(), studio_id, circuit_id, circuit_title, group_id, site_id, coach_id,
     started_at - n * interval '7 hours', finished_at - n * interval '7 hours', ended_early, effort, warm,
     'Cold hall. Half a minute more on the raise next time.', planned, actual, paused, pace, marks
   from run, generate_series(1, $1::int) n where id = $2`,
  [RUNS - 1, run.id],
);
const names = Array.from({ length: PEOPLE }, (_, at) => `Person ${String(at)},Wrist = ease left,2026-01-05`);
await coach
  .ask(ADDRESSES.importPeople)
  .send({ csv: ['name,limits,consent on', ...names].join('\n') })
  .expect(200);
await pool.query('analyze');

const ours = await listenOn(server.app);
const { cookie } = await ours('POST', '/api/account/sign-in', '', { email: EMAIL, password: PASSWORD });
const { next } = (await coach.ask(ADDRESSES.runs).query({ from: '2020-01-01T00:00:00.000Z' })).body as RunPage;
const after = encodeURIComponent(next ?? '');

const PAGES: readonly (readonly [name: string, path: string])[] = [
  ['the first page of 5,000 runs', ADDRESSES.runs.path],
  ['the second page of 5,000 runs', `${ADDRESSES.runs.path}?after=${after}`],
  ['the first page of 500 people', ADDRESSES.people.path],
];

/** What a request of ours asks of the database is what the bare one asks, too. */
const statements = new Map<string, readonly Asked[]>();
const ask = async (all: readonly Asked[] = []) => {
  const answers: Readonly<Record<string, unknown>>[][] = [];
  for (const { text, values } of all) {
    answers.push((await pool.query<Record<string, unknown>>(text, values)).rows);
  }
  return answers;
};
const bare = express();
bare.use(async (incoming, response) => {
  const answers = await ask(statements.get(incoming.url));
  response.json(answers.map((rows) => rows.map(openedRow)));
});
function openedRow(row: Readonly<Record<string, unknown>>): unknown {
  const { sealed, id, studio_id: studioId } = row;
  if (typeof sealed !== 'string') return row;
  return { ...row, sealed: unseal(TEST_HEALTH_KEYS, ownerOf(String(studioId), String(id)), sealed) };
}
const plain = await listenOn(bare);

describe('beside a bare Express with the same statements', () => {
  for (const [name, path] of PAGES) {
    bench(
      name,
      async () => {
        const get = () => expectOk(ours('GET', path, cookie));
        // The first request of a day notes who was seen; the second is like all that follow.
        await get();
        statements.set(path, await statementsOf(pool, get));
        await inTurn(name, {
          ours: get,
          bare: () => expectOk(plain('GET', path, cookie)),
          queries: () => ask(statements.get(path)),
        });
      },
      ONCE,
    );
  }
});
