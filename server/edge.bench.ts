import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CircuitSave } from '@prompt-spark/contract/circuit';
import express from 'express';
import { randomUUID } from 'node:crypto';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { bench, describe } from 'vitest';
import { expectOk, inTurn, listenOn, ONCE } from './testing/besideBare.ts';
import { newCircuit, PASSWORD, signedInCoach, testServer } from './testing/studio.ts';

/**
 * A busy studio's first page of circuits, one circuit, and an autosave, each beside the same queries and the same sign-in
 * lookups on an Express that does nothing else, and beside the queries alone.
 */
const CIRCUITS = 500;
const BOARD = `# Thursday mixed circuit
for: squat day
in: 8:00
raise
  skipping rope 60s rest 10s
  step jack 40s alt
mobilise 2 rounds rest 20s
  lateral lunge 8-10/side alt
  cat-cow 8 @4s
  half-kneeling hip flexor stretch 2x10s/side
activate
  glute bridge 10 @2-1-2 !
  lateral band walk 10/way ?
  dead bug 6/side
potentiate
  squat jump 5`;

const server = await testServer(undefined, { checkAnswers: false });
const { pool } = server.connection;
const EMAIL = 'busy@saltmere.example';
const { coach, account } = await signedInCoach(server, EMAIL);
for (let index = 0; index < CIRCUITS; index += 1) {
  await coach
    .ask(ADDRESSES.addCircuit)
    .send(newCircuit(BOARD.replace('Thursday', `Number ${String(index)}`)))
    .expect(201);
}
await coach.ask(ADDRESSES.circuits).expect(200);
const one = newCircuit(BOARD);
await coach.ask(ADDRESSES.addCircuit).send(one).expect(201);
const { studioId } = account;

/* The same questions by hand. */
const PAGE = `select c.id, c.version, c.saved_at, to_char(c.saved_at at time zone 'UTC', 'YYYY-MM-DD HH24:MI:SS.US') as at,
    c.group_id, c.site_id, c.summary, c.summary_of
  from circuit c 
  where c.studio_id = $1 and c.taken_out_at is null order by c.saved_at desc, c.id desc limit 51`;
const TAGS = `select distinct unnest(tags) as tag from circuit where studio_id = $1 and taken_out_at is null and tags <> '{}'`;
const ONE = 'select * from circuit where studio_id = $1 and id = $2';
const SAVE = `update circuit set version = $3 + 1, save_id = $4, document = $5, schema_version = 1, summary_of = '', saved_at = now(),
    group_id = $6, site_id = $7
  where studio_id = $1 and id = $2 and version = $3 returning id, version, saved_at, taken_out_at`;
const page = async () => [(await pool.query(PAGE, [studioId])).rows, (await pool.query(TAGS, [studioId])).rows];
const single = async () => (await pool.query(ONE, [studioId, one.id])).rows[0] as unknown;
const save = async (body: CircuitSave) =>
  (
    await pool.query(SAVE, [
      studioId,
      one.id,
      body.version,
      body.saveId,
      JSON.stringify(body.circuit),
      body.groupId,
      body.siteId,
    ])
  ).rows[0] as unknown;

const bare = express();
bare.use(express.json({ limit: '512kb' }), async (incoming, _response, next) => {
  const sid = /prompt-spark=s%3A([\w-]+)\./.exec(incoming.headers.cookie ?? '')?.[1] ?? '';
  const { rows } = await pool.query<{ sess: { coachId: string } }>(
    'select sess from sign_in where sid = $1 and expire >= now()',
    [sid],
  );
  await pool.query(
    'select c.id, c.name, s.studio_id, s.name, s.is_demo from coach c join studio s on s.studio_id = c.studio_id where c.id = $1',
    [rows[0]?.sess.coachId],
  );
  next();
});
bare.get('/api/circuits', async (_request, response) => void response.json(await page()));
bare.get('/api/circuits/:id', async (_request, response) => void response.json(await single()));
bare.put(
  '/api/circuits/:id',
  async (incoming, response) => void response.json(await save(incoming.body as CircuitSave)),
);

const [ours, plain] = [await listenOn(server.app), await listenOn(bare)];
const { cookie } = await ours('POST', '/api/account/sign-in', '', { email: EMAIL, password: PASSWORD });
let { version } = (await single()) as { version: number };

const change = () => {
  version += 1;
  const { circuit, groupId, siteId } = one;
  return { circuit, groupId, siteId, version: version - 1, saveId: randomUUID() };
};
await expectOk(ours('GET', ADDRESSES.circuits.path, cookie));
await expectOk(plain('GET', ADDRESSES.circuits.path, cookie));
describe('beside a bare Express with the same queries and sign-in lookups', () => {
  const path = `/api/circuits/${one.id}`;
  bench(
    'the first page of 500 circuits',
    () =>
      inTurn('the first page of 500 circuits', {
        ours: () => expectOk(ours('GET', ADDRESSES.circuits.path, cookie)),
        bare: () => expectOk(plain('GET', ADDRESSES.circuits.path, cookie)),
        queries: page,
      }),
    ONCE,
  );
  bench(
    'one circuit',
    () =>
      inTurn('one circuit', {
        ours: () => expectOk(ours('GET', path, cookie)),
        bare: () => expectOk(plain('GET', path, cookie)),
        queries: single,
      }),
    ONCE,
  );
  bench(
    'an autosave',
    () =>
      inTurn('an autosave', {
        ours: () => expectOk(ours('PUT', path, cookie, change())),
        bare: () => expectOk(plain('PUT', path, cookie, change())),
        queries: () => save(change()),
      }),
    ONCE,
  );
});

describe('the longest that others wait while pages, circuits and saves are answered', () => {
  const delay = monitorEventLoopDelay({ resolution: 1 });
  bench(
    'sixty requests, one after another',
    async () => {
      delay.reset();
      delay.enable();
      for (let turn = 0; turn < 20; turn += 1) {
        await expectOk(ours('GET', ADDRESSES.circuits.path, cookie));
        await expectOk(ours('GET', `/api/circuits/${one.id}`, cookie));
        await expectOk(ours('PUT', `/api/circuits/${one.id}`, cookie, change()));
      }
      delay.disable();
      console.log(
        `event loop: longest ${(delay.max / 1e6).toFixed(1)} ms, 99 in 100 under ${(delay.percentile(99) / 1e6).toFixed(1)} ms`,
      );
    },
    { iterations: 5, time: 0, warmupIterations: 1 },
  );
});
