import { catalogue } from '@prompt-spark/catalogue';
import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { Bin } from '@prompt-spark/contract/bin';
import type { RunPage } from '@prompt-spark/contract/run';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { emptyBins } from '../store/bin.ts';
import {
  newCircuit,
  newRun,
  newSession,
  signedInCoach,
  testServer,
  type TestServer,
  type Visitor,
} from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'bin@saltmere.example'));
});
afterAll(() => server.close());

const bin = async (find?: string) =>
  (
    (
      await coach
        .ask(ADDRESSES.bin)
        .query(find === undefined ? {} : { find })
        .expect(200)
    ).body as Bin
  ).entries;
const kinds = async (find?: string) => (await bin(find)).map(({ kind, title }) => `${kind}: ${title}`).toSorted();
const pulled = newCircuit('# Quay pull\nraise\n  step jack 20s alt');
const drill = { ...catalogue[0], id: 'own-quay-reset', name: 'Quay reset', aliases: [] };

/** Circuit, session, run and drill, all taken out. */
async function fill() {
  const circuit = newCircuit('# Quay pull\nraise\n  step jack 20s alt');
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
  const session = newSession(circuit.id);
  await coach.ask(ADDRESSES.addSession).send(session).expect(201);
  const run = newRun(circuit, { circuitTitle: 'Quay pull', note: 'Wind from the east' });
  await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  await coach.ask(ADDRESSES.takeOutRun, run.id).expect(204);
  await coach.ask(ADDRESSES.takeOutSession, session.id).expect(204);
  await coach.ask(ADDRESSES.takeOutCircuit, circuit.id).expect(204);
  return { circuit, session, run };
}

it('has what was taken out, is searched by title, and gives it back as it was', async () => {
  await coach.ask(ADDRESSES.addDrill).send(drill).expect(201);
  await coach.ask(ADDRESSES.takeOutDrill, drill.id).expect(204);
  const { circuit, session, run } = await fill();
  expect(await kinds()).toEqual(['circuit: Quay pull', 'drill: Quay reset', 'run: Quay pull', 'session: Quay pull']);
  expect(await kinds('QUAY pu')).toEqual(['circuit: Quay pull', 'run: Quay pull', 'session: Quay pull']);
  expect(await kinds('%')).toEqual([]);
  expect((await bin('pull')).find(({ kind }) => kind === 'session')?.at).toBe(session.startsAt);

  await coach.ask(ADDRESSES.bringBackRun, run.id).expect(204);
  await coach.ask(ADDRESSES.bringBackSession, session.id).expect(204);
  await coach.ask(ADDRESSES.bringBackCircuit, circuit.id).expect(204);
  await coach.ask(ADDRESSES.bringBackDrill, drill.id).expect(200);
  expect(await bin()).toEqual([]);
  const log = (await coach.ask(ADDRESSES.runs).expect(200)).body as RunPage;
  expect(log.runs.find(({ id }) => id === run.id)?.note).toBe('Wind from the east');
  await coach.ask(ADDRESSES.bringBackDrill, drill.id).expect(404);
});

it('does not give back a drill whose name another has by now', async () => {
  await coach.ask(ADDRESSES.takeOutDrill, drill.id).expect(204);
  await coach
    .ask(ADDRESSES.addDrill)
    .send({ ...drill, id: 'own-other-reset' })
    .expect(201);
  const refused = await coach.ask(ADDRESSES.bringBackDrill, drill.id);
  expect(refused.status).toBe(422);
  expect(refused.text).toContain('Quay reset');
  expect(await kinds('reset')).toEqual(['drill: Quay reset']);
});

it('keeps a run that is taken out away from the log, its session and the coach’s pace', async () => {
  await coach.ask(ADDRESSES.addCircuit).send(pulled).expect(201);
  const session = newSession(pulled.id);
  await coach.ask(ADDRESSES.addSession).send(session).expect(201);
  const run = newRun(pulled, { sessionId: session.id });
  await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  await coach.ask(ADDRESSES.correctRun, run.id).send({ effort: 7, warm: 'yes', note: 'Two late' }).expect(204);
  const listed = async () =>
    ((await coach.ask(ADDRESSES.runs).query({ circuit: pulled.id }).expect(200)).body as RunPage).runs;
  expect(await listed()).toMatchObject([{ effort: 7, warm: 'yes', note: 'Two late' }]);
  await coach.ask(ADDRESSES.takeOutRun, run.id).expect(204);
  expect(await listed()).toEqual([]);
  expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ runId: null });
  await coach.ask(ADDRESSES.correctRun, run.id).send({ effort: 1, warm: null, note: '' }).expect(404);
  await coach.ask(ADDRESSES.bringBackRun, run.id).expect(204);
  expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ runId: run.id });
});

it('is emptied of what is older than thirty days, but for a circuit that something still needs', async () => {
  const { circuit, session, run } = await fill();
  const needed = await fill();
  await coach.ask(ADDRESSES.bringBackSession, needed.session.id).expect(204);
  const { database } = server.connection;
  for (const table of ['run', 'planned_session', 'circuit']) {
    await database.execute(sql.raw(`update ${table} set taken_out_at = taken_out_at - interval '31 days'`));
  }
  expect(await kinds('pull')).toEqual([]);
  await emptyBins(database);
  await coach.ask(ADDRESSES.circuit, circuit.id).expect(404);
  await coach.ask(ADDRESSES.bringBackSession, session.id).expect(404);
  await coach.ask(ADDRESSES.bringBackRun, run.id).expect(404);
  await coach.ask(ADDRESSES.circuit, needed.circuit.id).expect(200);
});
