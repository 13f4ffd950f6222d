import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { databaseTrouble, openDatabase } from '../store/database.ts';
import { newCircuit, newRun, signedInCoach, testServer, Visitor, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

/** Has every connection that is made from now on read only, or not, and ends those that are. */
async function readOnly(on: boolean): Promise<void> {
  const other = openDatabase(inject('serverPostgres'));
  const name = new URL(server.url).pathname.slice(1);
  await other.pool.query(`alter database ${name} set default_transaction_read_only = ${on ? 'on' : 'off'}`);
  await other.pool.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [name]);
  await other.close();
}

describe('a database that cannot write', () => {
  it('lets everything be read that is there, says that nothing can be kept, and recovers by itself', async () => {
    const { coach } = await signedInCoach(server, 'read-only@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const { id, ...draft } = circuit;
    const save = { ...draft, version: 1, saveId: randomUUID() };
    const run = newRun(circuit);
    await coach.ask(ADDRESSES.circuits).expect(200);

    await readOnly(true);
    await expect.poll(async () => (await coach.ask(ADDRESSES.circuit, id)).status).toBe(200);
    for (const answer of [
      await coach.ask(ADDRESSES.saveCircuit, id).send(save),
      await coach.ask(ADDRESSES.addRun).send(run),
      await coach.ask(ADDRESSES.addGroup).send({ id: randomUUID(), name: 'Dusk' }),
    ]) {
      expect(answer.status).toBe(503);
      expect(answer.headers['retry-after']).toBe('30');
      expect(answer.text).toContain('Nothing you typed is lost');
    }
    await coach.ask(ADDRESSES.circuits).expect(200);
    await new Visitor(server).ask(ADDRESSES.welcome).expect(200);

    await readOnly(false);
    await expect.poll(async () => (await coach.ask(ADDRESSES.saveCircuit, id).send(save)).status).toBe(200);
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  });
});

describe('what a database says', () => {
  // PostgreSQL 15, appendix A.
  it.each([
    ['53100', 'cannot write'],
    ['58030', 'cannot write'],
    ['25006', 'cannot write'],
    ['57P01', 'away'],
    ['08006', 'away'],
    ['53300', 'away'],
    ['22008', 'odd value'],
    ['23505', undefined],
  ])('%s is taken for: %s, however deep it lies', (code, trouble) => {
    const said = Object.assign(new Error('told by the database'), { code });
    expect(databaseTrouble(said)).toBe(trouble);
    expect(databaseTrouble(new Error('Failed query', { cause: new Error('deeper', { cause: said }) }))).toBe(trouble);
  });
});
