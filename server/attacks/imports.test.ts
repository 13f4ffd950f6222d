import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { ImportProgress, ImportReport } from '@prompt-spark/contract/import';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import { randomUUID } from 'node:crypto';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { openImportShop } from '../imports/importShop.ts';
import { QUOTAS } from '../store/quotas.ts';
import { newCircuit, newRun, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

const MANY = 5_000;
const file = (from: number, count: number) =>
  [
    'name,birth year,consent on',
    ...Array.from({ length: count }, (_, at) => `Ebba Quay ${String(from + at)},1990,`),
  ].join('\n');

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

async function everybody(coach: Visitor): Promise<readonly string[]> {
  const names: string[] = [];
  let after: string | null = null;
  do {
    const query: Record<string, string> = after === null ? {} : { after };
    const page = (await coach.ask(ADDRESSES.people).query(query).expect(200)).body as CoachedPeople;
    names.push(...page.people.map(({ document }) => document.name));
    after = page.next;
  } while (after !== null);
  return names;
}

describe('a large file', () => {
  it('is taken in while it is watched, and found page by page', async () => {
    const { coach } = await signedInCoach(server, 'watches@saltmere.example');
    const id = randomUUID();
    const seen: number[] = [];
    const watched = { over: false };
    const importing = coach
      .ask(ADDRESSES.importPeople)
      .send({ id, csv: file(0, MANY) })
      .then((answer) => {
        watched.over = true;
        return answer.body as ImportReport;
      });
    while (!watched.over) {
      const { status, body } = await coach.ask(ADDRESSES.importProgress, id);
      if (status === 200) seen.push((body as ImportProgress).done);
    }
    expect(await importing).toEqual({ added: MANY, same: 0, problems: [] });
    expect(seen.some((done) => done > 0 && done < MANY)).toBe(true);
    expect((await coach.ask(ADDRESSES.importProgress, id)).body).toEqual({ done: MANY, total: MANY, state: 'ended' });
    const names = await everybody(coach);
    expect([names.length, new Set(names).size]).toEqual([MANY, MANY]);
    // The same again is known by its names.
    const again = await coach.ask(ADDRESSES.importPeople).send({ csv: file(0, MANY) });
    expect(again.body).toEqual({ added: 0, same: MANY, problems: [] });
  });

  it('is called off, and then nothing of it is there; nobody else can call it off or watch it', async () => {
    const { coach } = await signedInCoach(server, 'calls-off@saltmere.example');
    const { coach: other } = await signedInCoach(server, 'stranger@saltmere.example');
    const id = randomUUID();
    const importing = coach
      .ask(ADDRESSES.importPeople)
      .send({ id, csv: file(0, MANY) })
      .then((answer) => answer);
    await expect.poll(async () => (await coach.ask(ADDRESSES.importProgress, id)).status).toBe(200);
    await other.ask(ADDRESSES.importProgress, id).expect(404);
    await other.ask(ADDRESSES.callOffImport, id).expect(404);
    await coach.ask(ADDRESSES.callOffImport, id).expect(204);
    const { status, body } = await importing;
    expect([status, body]).toMatchObject([409, { title: 'Called off' }]);
    expect(await everybody(coach)).toEqual([]);
  });

  it('with more than is taken at once, or with nothing but faults, is refused in few words', async () => {
    const { coach } = await signedInCoach(server, 'faults@saltmere.example');
    const many = await coach.ask(ADDRESSES.importPeople).send({ csv: file(0, MANY + 1) });
    expect(many.body).toMatchObject({ added: 0, problems: [{ message: expect.stringContaining('5000') as unknown }] });
    const faulty = await coach
      .ask(ADDRESSES.importPeople)
      .send({ csv: file(0, 3000).replaceAll(',1990', `,${'9'.repeat(300)}`) });
    expect((faulty.body as ImportReport).problems).toHaveLength(100);
    expect(faulty.text.length).toBeLessThan(64 * 1024);
  });

  it('that takes too long to be read is given up, and the next one is read', async () => {
    const shop = openImportShop(pathToFileURL(inject('importWorker')), 1);
    const slow = { kind: 'people', csv: file(0, MANY), names: [], groups: [] } as const;
    await expect(shop.read(slow)).rejects.toMatchObject({ problem: { status: 422 } });
    await shop.close();
    const patient = openImportShop(pathToFileURL(inject('importWorker')));
    expect((await patient.read({ ...slow, csv: file(0, 3) })).count).toBe(3);
    await patient.close();
  });

  it('waits in line, and is asked to come again where the line is long', async () => {
    const shop = openImportShop(pathToFileURL(inject('importWorker')));
    let go: () => void = () => undefined;
    const gate = new Promise<void>((resolve) => {
      go = resolve;
    });
    const order: number[] = [];
    const line = Array.from({ length: 20 }, (_, at) => shop.inLine(() => gate.then(() => void order.push(at))));
    await expect(shop.inLine(() => Promise.resolve())).rejects.toMatchObject({ problem: { status: 429 } });
    go();
    await Promise.all(line);
    expect(order).toEqual(Array.from({ length: 20 }, (_, at) => at));
    await shop.close();
  });
});

describe('a studio', () => {
  it('keeps no more than it may, and is told so in plain words', async () => {
    const { coach, account } = await signedInCoach(server, 'full@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    await server.connection.pool.query(
      `insert into circuit (id, studio_id, version, save_id, document, taken_out_at)
       select gen_random_uuid(), $1, 1, gen_random_uuid(), '{}', now() from generate_series(2, $2)`,
      [account.studioId, QUOTAS.circuits],
    );
    const answer = await coach.ask(ADDRESSES.addCircuit).send(newCircuit());
    expect([answer.status, answer.text]).toMatchObject([
      409,
      expect.stringContaining('at most 10,000 circuits') as unknown,
    ]);
    // What is there can still be changed.
    const { id, ...draft } = circuit;
    await coach
      .ask(ADDRESSES.saveCircuit, id)
      .send({ ...draft, version: 1, saveId: randomUUID() })
      .expect(200);
  });

  it('keeps no more megabytes than it may, by adding nor by saving', async () => {
    const { coach, account } = await signedInCoach(server, 'heavy@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    // Letters that cannot be packed, so that each circuit is as large as it looks.
    // A few at a time: a statement that takes long on a busy machine is called off.
    for (let part = 0; part < 10; part += 1) {
      await server.connection.pool.query(
        `insert into circuit (id, studio_id, version, save_id, document, taken_out_at)
         select gen_random_uuid(), $1, 1, gen_random_uuid(), jsonb_build_object('t', (
           select string_agg(md5(random()::text || m), '') from generate_series(1, 70000) as m)), now() from generate_series(1, 10) as n`,
        [account.studioId],
      );
    }
    expect((await coach.ask(ADDRESSES.addCircuit).send(newCircuit())).status).toBe(409);
    const { id, ...draft } = circuit;
    const line = (at: number) => ({ kind: 'unread' as const, id: `u${String(at)}`, text: 'x'.repeat(400) });
    const large = { ...draft.circuit, unread: Array.from({ length: 200 }, (_, at) => line(at)) };
    const save = (change: object) =>
      coach.ask(ADDRESSES.saveCircuit, id).send({ ...draft, version: 1, saveId: randomUUID(), ...change });
    expect((await save({ circuit: large })).status).toBe(409);
    expect((await save({})).status).toBe(200);
  });

  it('keeps no more megabytes of log than it may', async () => {
    const { coach, account } = await signedInCoach(server, 'logs@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const bytes = async () => {
      const { rows } = await server.connection.pool.query<{ log_bytes: string }>(
        'select log_bytes from studio where studio_id = $1',
        [account.studioId],
      );
      return Number(rows[0]?.log_bytes);
    };
    const run = newRun(circuit);
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    expect(await bytes()).toBe(JSON.stringify(run).length);
    await server.connection.pool.query('update studio set log_bytes = $2 where studio_id = $1', [
      account.studioId,
      QUOTAS.logMegabytes * 1e6 - 10,
    ]);
    const refused = await coach.ask(ADDRESSES.addRun).send(newRun(circuit));
    expect(refused.status).toBe(409);
    expect(refused.text).toContain('megabytes of log');
    expect(await bytes()).toBe(QUOTAS.logMegabytes * 1e6 - 10);
    // The same run sent again, as after an answer that was lost, is not told that there is no room.
    await coach.ask(ADDRESSES.addRun).send(run).expect(200);
  });
});
