import type { StudioPlaces } from '@prompt-spark/contract/studio';
import { PROBLEM_MEDIA_TYPE } from '@prompt-spark/contract/problem';
import { ADDRESSES, type Address } from '@prompt-spark/contract/addresses';
import { sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  newCircuit,
  newRun,
  newMove,
  newSession,
  signedInCoach,
  testServer,
  Visitor,
  type TestServer,
} from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const routes = Object.entries<Address>(ADDRESSES);
const closed = routes.filter(([, { access }]) => access === 'coach');

describe('nobody', () => {
  it.each(closed)('is turned away from %s with a problem', async (_name, route) => {
    const answer = await new Visitor(server).ask(route, randomUUID()).send(route.method === 'GET' ? undefined : {});
    expect(answer.status).toBe(401);
    expect(answer.type).toBe(PROBLEM_MEDIA_TYPE);
    expect(JSON.parse(answer.text)).toMatchObject({ status: 401, title: 'Not signed in' });
  });
});

describe('another studio', () => {
  it('finds nothing of this one by any route, and changes nothing', async () => {
    const { coach: owner } = await signedInCoach(server, 'owner@saltmere.example');
    const { coach: stranger } = await signedInCoach(server, 'stranger@saltmere.example');
    const group = { id: randomUUID(), name: 'Ours alone' };
    await owner.ask(ADDRESSES.addGroup).send(group).expect(201);
    const circuit = newCircuit();
    await owner.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const session = newSession(circuit.id);
    await owner.ask(ADDRESSES.addSession).send(session).expect(201);
    const run = newRun(circuit);
    await owner.ask(ADDRESSES.addRun).send(run).expect(201);
    const { sites } = (await owner.ask(ADDRESSES.places).expect(200)).body as { sites: { id: string }[] };

    // By id: each answers as if there were no such thing.
    const save = { ...circuit, id: undefined, version: 1, saveId: randomUUID() };
    await stranger.ask(ADDRESSES.circuit, circuit.id).expect(404);
    await stranger.ask(ADDRESSES.saveCircuit, circuit.id).send(save).expect(404);
    await stranger.ask(ADDRESSES.takeOutCircuit, circuit.id).expect(404);
    await stranger.ask(ADDRESSES.bringBackCircuit, circuit.id).expect(404);
    await stranger.ask(ADDRESSES.session, session.id).expect(404);
    await stranger.ask(ADDRESSES.takeOutSession, session.id).expect(404);
    await stranger.ask(ADDRESSES.bringBackSession, session.id).expect(404);
    await stranger.ask(ADDRESSES.takeOutRun, run.id).expect(404);
    await stranger.ask(ADDRESSES.bringBackRun, run.id).expect(404);
    await stranger.ask(ADDRESSES.correctRun, run.id).send({ effort: 0, warm: null, note: 'Mine' }).expect(404);
    await stranger.ask(ADDRESSES.pickForSession, session.id).send({ picks: [] }).expect(404);
    await stranger.ask(ADDRESSES.fitSession, session.id).send({ fit: null }).expect(404);
    const { coaches } = (await stranger.ask(ADDRESSES.places).expect(200)).body as StudioPlaces;
    await stranger
      .ask(ADDRESSES.moveSession, session.id)
      .send(newMove({ coachId: coaches[0]?.id ?? '', minutes: 60 }))
      .expect(404);

    const [site] = sites;
    const { id: siteId, version, ...details } = site as { id: string; version: number };
    await stranger.ask(ADDRESSES.saveSite, siteId).send({ version, site: details }).expect(404);
    await stranger.ask(ADDRESSES.saveSite, siteId).send({ version: null, site: details }).expect(404);

    // By mention: what is sent may not point at it.
    await stranger.ask(ADDRESSES.addSession).send(newSession(circuit.id)).expect(404);
    await stranger.ask(ADDRESSES.addRun).send(newRun(circuit)).expect(404);
    const theirs = newCircuit();
    await stranger.ask(ADDRESSES.addCircuit).send(theirs).expect(201);
    await stranger
      .ask(ADDRESSES.addRun)
      .send(newRun(theirs, { sessionId: session.id }))
      .expect(404);
    await stranger
      .ask(ADDRESSES.addCircuit)
      .send(newCircuit(undefined, { siteId: sites[0]?.id ?? '' }))
      .expect(404);

    // Under its ids: what is there stays the owner's.
    await stranger
      .ask(ADDRESSES.addCircuit)
      .send({ ...theirs, id: circuit.id })
      .expect(409);
    await stranger
      .ask(ADDRESSES.addSession)
      .send(newSession(theirs.id, { id: session.id }))
      .expect(409);
    await stranger
      .ask(ADDRESSES.addRun)
      .send(newRun(theirs, { id: run.id }))
      .expect(409);

    // In lists: not there.
    const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' };
    expect((await stranger.ask(ADDRESSES.sessions).query(span).expect(200)).body).toEqual({
      sessions: [],
      unreadable: [],
    });
    expect((await stranger.ask(ADDRESSES.runs).expect(200)).body).toEqual({ runs: [], next: null });
    expect((await stranger.ask(ADDRESSES.runs).query({ circuit: circuit.id }).expect(200)).body).toEqual({
      runs: [],
      next: null,
    });
    expect((await stranger.ask(ADDRESSES.ownPace).expect(200)).body).toMatchObject({
      all: { sessions: 0 },
      groups: [],
    });
    await stranger.ask(ADDRESSES.runTurns, run.id).expect(404);
    await stranger.ask(ADDRESSES.groupWork, group.id).query({ from: span.from }).expect(404);
    expect((await stranger.ask(ADDRESSES.circuits).expect(200)).text).not.toContain(circuit.id);
    expect((await stranger.ask(ADDRESSES.places).expect(200)).text).not.toContain(sites[0]?.id);

    // And the owner's are as they were.
    expect((await owner.ask(ADDRESSES.circuit, circuit.id).expect(200)).body).toMatchObject({ version: 1 });
    const { sessions } = (await owner.ask(ADDRESSES.sessions).query(span).expect(200)).body as { sessions: unknown[] };
    expect(sessions).toHaveLength(1);
  });
});

describe('a request forged by another site', () => {
  it.each(routes.filter(([, { method }]) => method !== 'GET'))('is refused by %s', async (_name, route) => {
    const { coach } = await signedInCoach(server, `${randomUUID()}@saltmere.example`);
    await coach.ask(route, randomUUID()).set('Sec-Fetch-Site', 'cross-site').send({}).expect(403);
  });

  it('is refused where an old browser names another origin, or none', async () => {
    const visitor = new Visitor(server);
    await visitor.ask(ADDRESSES.signOut).unset('Sec-Fetch-Site').expect(403);
    await visitor.ask(ADDRESSES.signOut).unset('Sec-Fetch-Site').set('Origin', 'https://elsewhere.example').expect(403);
  });

  it('is refused where it is no JSON, as from a plain form', async () => {
    await new Visitor(server).ask(ADDRESSES.signIn).type('form').send('email=a').expect(415);
  });
});

describe('the tables', () => {
  it('each carry the studio', async () => {
    const { rows } = await server.connection.database.execute<{ table: string; has: boolean }>(sql`
      select t.table_name as table,
             exists (select 1 from information_schema.columns c
                     where c.table_schema = 'public' and c.table_name = t.table_name and c.column_name = 'studio_id') as has
      from information_schema.tables t where t.table_schema = 'public'`);
    expect(rows.length).toBeGreaterThan(8);
    expect(rows.filter(({ has }) => !has)).toEqual([]);
  });
});
