import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { execFileSync } from 'node:child_process';
import { randomInt, randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { accountBySecret } from './accounts.ts';
import { circuitOf } from './circuits.ts';
import { openDatabase } from './database.ts';
import { startPostgres } from '../testing/postgres.ts';
import { newCircuit, PASSWORD, signedInCoach, testServer } from '../testing/studio.ts';

/** The process that runs the cluster, from the first line of its pid file. */
function postmaster(folder: string): string {
  const cluster = execFileSync('bin/database', ['where', folder], { encoding: 'utf8' }).trim();
  const [pid = ''] = execFileSync('head', ['-1', `${cluster}/postmaster.pid`], { encoding: 'utf8' }).split('\n');
  return pid;
}

it('keeps every acknowledged edit when the database is killed with -9 in the middle of fifty', async () => {
  const postgres = startPostgres('crash-database', 54_680);
  const server = await testServer(postgres.url);
  const { coach } = await signedInCoach(server, 'storm@saltmere.example');
  const circuit = newCircuit();
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
  const { id, ...draft } = circuit;

  const pid = postmaster('.cache/crash-database');
  const killAfterMs = randomInt(20, 250);
  const killed = new Promise<void>((resolve) => {
    setTimeout(() => {
      execFileSync('kill', ['-9', pid]);
      resolve();
    }, killAfterMs);
  });

  let acknowledged = 1;
  for (let edit = 1; edit <= 50; edit += 1) {
    const save = {
      ...draft,
      circuit: { ...draft.circuit, title: `Edit ${edit}` },
      version: edit,
      saveId: randomUUID(),
    };
    const { status } = await coach.ask(ADDRESSES.saveCircuit, id).send(save);
    if (status !== 200) break;
    acknowledged = edit + 1;
  }
  await killed;
  await server.close();

  const again = startPostgres('crash-database', 54_680);
  const url = new URL(server.url);
  url.port = new URL(again.url).port;
  const connection = openDatabase(url.href);
  const account = await accountBySecret(connection.database, 'storm@saltmere.example', PASSWORD);
  const record = await circuitOf(connection.database, account?.studioId ?? '', id);
  await connection.close();
  again.stop();

  // One more may have been written whose answer was lost with the database; none that was answered may be missing.
  expect(record?.version).toBeGreaterThanOrEqual(acknowledged);
  expect(record?.version).toBeLessThanOrEqual(acknowledged + 1);
  const edits = (record?.version ?? 0) - 1;
  expect(record?.circuit.title).toBe(edits === 0 ? circuit.circuit.title : `Edit ${edits}`);
});
