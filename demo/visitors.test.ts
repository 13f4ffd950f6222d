import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { Account, Welcome } from '@prompt-spark/contract/account';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import type { RunPage } from '@prompt-spark/contract/run';
import { loadDemo } from './loadDemo.ts';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  newCircuit,
  TEST_HEALTH_KEYS,
  testServer,
  Visitor,
  type TestServer,
} from '@prompt-spark/server/testing/studio';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.connection.database, new Date(), TEST_HEALTH_KEYS);
});
afterAll(() => server.close());

async function enter(): Promise<{ readonly visitor: Visitor; readonly account: Account }> {
  const visitor = new Visitor(server);
  const { body } = await visitor.ask(ADDRESSES.enterDemo).expect(200);
  return { visitor, account: body as Account };
}

describe('a visitor of the demo', () => {
  it('finds who came to which of the runs, and what was measured, in the past', async () => {
    const { visitor } = await enter();
    const { people } = (await visitor.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    const { runs } = (await visitor.ask(ADDRESSES.runs).expect(200)).body as RunPage;
    const known = new Set(runs.map(({ id }) => id));
    const seen = people.flatMap(({ document }) => document.seen);
    expect(seen.filter(({ runId }) => known.has(runId)).length).toBeGreaterThan(100);
    expect(new Set(seen.map(({ state }) => state))).toEqual(new Set(['fine', 'niggle', 'not there']));
    const measured = people.flatMap(({ document }) => document.measured);
    expect(measured.length).toBeGreaterThan(5);
    const today = new Date().toISOString().slice(0, 10);
    expect([...seen, ...measured].every(({ day }) => day <= today)).toBe(true);
  });

  it('finds all of it, and nothing of what another visitor entered', async () => {
    const one = await enter();
    const other = await enter();
    expect(one.account.studioId).not.toBe(other.account.studioId);
    const everything = async ({ visitor }: { visitor: Visitor }) => {
      const month = 30 * 86_400_000;
      const span = { from: new Date(Date.now() - month).toISOString(), to: new Date(Date.now() + month).toISOString() };
      const [circuits, people, sessions, runs, places] = await Promise.all([
        visitor.ask(ADDRESSES.circuits).expect(200),
        visitor.ask(ADDRESSES.people).expect(200),
        visitor.ask(ADDRESSES.sessions).query(span).expect(200),
        visitor.ask(ADDRESSES.runs).expect(200),
        visitor.ask(ADDRESSES.places).expect(200),
      ]);
      return [circuits, people, sessions, runs, places].map(({ body }) => body as Record<string, readonly unknown[]>);
    };
    const before = await everything(other);
    for (const [list = [], least] of [
      [before[0]?.['circuits'], 5],
      [before[1]?.['people'], 10],
      [before[2]?.['sessions'], 20],
      [before[3]?.['runs'], 10],
      [before[4]?.['groups'], 3],
    ] as const) {
      expect(list.length).toBeGreaterThanOrEqual(least);
    }
    const ids = (body: unknown) => JSON.stringify(body).match(/[\da-f]{8}(-[\da-f]{4}){3}-[\da-f]{12}/g) ?? [];
    const ofOne = new Set(ids(await everything(one)));
    expect(ids(before).filter((id) => ofOne.has(id))).toEqual([]);

    const circuit = newCircuit('# My secret warm-up\nraise\n  step jack 20s alt');
    await one.visitor.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const { people } = (await one.visitor.ask(ADDRESSES.people)).body as CoachedPeople;
    await one.visitor.ask(ADDRESSES.deletePerson, people[0]?.id).expect(204);
    expect(await everything(other)).toEqual(before);
    await other.visitor.ask(ADDRESSES.circuit, circuit.id).expect(404);
    expect(JSON.stringify(await everything(await enter()))).not.toContain('My secret warm-up');
  });

  it('goes on in the same copy at the same browser, which is gone after a day', async () => {
    const { visitor, account } = await enter();
    expect((await visitor.ask(ADDRESSES.enterDemo).expect(200)).body).toEqual(account);
    await server.connection.pool.query(
      "update studio set expires_at = now() - interval '1 minute' where studio_id = $1",
      [account.studioId],
    );
    await enter();
    await visitor.ask(ADDRESSES.circuits).expect(401);
    const { rows } = await server.connection.pool.query('select 1 from person where studio_id = $1', [
      account.studioId,
    ]);
    expect(rows).toEqual([]);
  });

  it('is not let in where the demo is off', async () => {
    const closed = await testServer(undefined, { demo: false, connection: server.connection });
    const guest = new Visitor(closed);
    expect((await guest.ask(ADDRESSES.welcome)).body as Welcome).toMatchObject({ demoOpen: false });
    await guest.ask(ADDRESSES.enterDemo).expect(404);
  });

  it('cannot sign in by the e-mail of a copy', async () => {
    const { account } = await enter();
    const { rows } = await server.connection.pool.query<{ email: string }>(
      'select email from coach where studio_id = $1',
      [account.studioId],
    );
    for (const password of ['', randomUUID()]) {
      const answer = await new Visitor(server).ask(ADDRESSES.signIn).send({ email: rows[0]?.email, password });
      expect([401, 422]).toContain(answer.status);
    }
  });
});
