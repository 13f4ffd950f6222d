import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { RunPage } from '@prompt-spark/contract/run';
import type { SessionList } from '@prompt-spark/contract/session';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
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
const circuit = newCircuit();
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'booker@saltmere.example'));
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
});
afterAll(() => server.close());

const span = (from: string, to: string) => coach.ask(ADDRESSES.sessions).query({ from, to });

describe('a session', () => {
  it('stands in the book from its start on, in order of time, with its circuit', async () => {
    const late = newSession(circuit.id, { startsAt: '2026-12-01T18:00:00.000Z' });
    const early = newSession(circuit.id, { startsAt: '2026-12-01T06:15:00.000Z' });
    for (const session of [late, early]) await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const { body } = await span('2026-12-01T00:00:00.000Z', '2026-12-02T00:00:00.000Z').expect(200);
    expect((body as SessionList).sessions).toMatchObject([
      { ...early, coachName: 'Ottoline Crake', title: 'Short one', runId: null },
      { id: late.id },
    ]);
  });

  it('can be taken out of the book', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    await coach.ask(ADDRESSES.session, session.id).expect(200);
    await coach.ask(ADDRESSES.takeOutSession, session.id).expect(204);
    await coach.ask(ADDRESSES.session, session.id).expect(404);
  });

  it('can be fitted for itself alone, and run as planned again', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ fit: null });
    const fit = {
      seconds: 240,
      plan: {
        slots: { one: { kind: 'out' }, two: { kind: 'kept', amount: 'half', sides: 'alternate' } },
        blocks: { raise: { rounds: 1, rest: 'none' } },
        namesOnly: true,
      },
    };
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ id: session.id, fit });
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit: null }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ fit: null });
    const wrong = { ...fit, plan: { ...fit.plan, slots: { one: { kind: 'kept', amount: 'a bit', sides: 'both' } } } };
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit: wrong }).expect(422);
    await coach.ask(ADDRESSES.fitSession, crypto.randomUUID()).send({ fit }).expect(404);
  });

  it('is listed only for a span that makes sense', async () => {
    await span('2026-12-02T00:00:00.000Z', '2026-12-01T00:00:00.000Z').expect(422);
    await span('2026-01-01T00:00:00.000Z', '2026-12-01T00:00:00.000Z').expect(422);
    await span('soon', 'later').expect(422);
  });
});

describe('a run', () => {
  it('is kept with every slot in order, planned and actual', async () => {
    const run = newRun(circuit, { effort: null, warm: null, note: '' });
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    const { body } = await coach.ask(ADDRESSES.runs).expect(200);
    const { turns, pace: _, ...facts } = run;
    const kept = (body as RunPage).runs.find(({ id }) => id === run.id);
    expect(kept).toMatchObject({ ...facts, coachName: 'Ottoline Crake', groupName: null });
    expect(kept?.planned).toBe(turns.reduce((sum, { planned }) => sum + planned, 0));
    expect((await coach.ask(ADDRESSES.runTurns, run.id).expect(200)).body).toEqual({ turns });
  });

  it('is kept once, however often it is sent', async () => {
    const run = newRun(circuit);
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    await coach.ask(ADDRESSES.addRun).send(run).expect(200);
    const { body } = await coach.ask(ADDRESSES.runs);
    expect((body as RunPage).runs.filter(({ id }) => id === run.id)).toHaveLength(1);
  });

  it('shows on its session, the last one where there were two', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const first = newRun(circuit, { sessionId: session.id });
    const again = newRun(circuit, { sessionId: session.id, startedAt: '2026-11-26T19:00:00.000Z' });
    for (const run of [again, first]) await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ runId: again.id });
  });

  it('is refused where its effort is off the scale', async () => {
    await coach
      .ask(ADDRESSES.addRun)
      .send({ ...newRun(circuit), effort: 11 })
      .expect(422);
  });
});
