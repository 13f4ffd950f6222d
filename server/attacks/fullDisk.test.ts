import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { execFileSync } from 'node:child_process';
import { closeSync, mkdirSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { openDatabase } from '../store/database.ts';
import { newCircuit, signedInCoach, testServer, Visitor, type TestServer } from '../testing/studio.ts';

const MEGABYTES = 48;
const FILLING = 'filling';
const LONG = ['# Long one', 'raise', ...Array.from({ length: 150 }, () => '  step jack 20s alt')].join('\n');

/** A small disk of its own for the tables, which only root may mount. */
const disk = mountedDisk();
let server: TestServer;

beforeAll(async () => {
  if (disk !== undefined) server = await testServer();
});
afterAll(async () => {
  if (disk === undefined) return;
  await ask(inject('serverPostgres'), `drop database ${databaseName()} with (force)`);
  await server.close();
  await ask(inject('serverPostgres'), 'drop tablespace if exists small_disk');
  execFileSync('umount', ['-l', disk]);
  rmSync(disk, { recursive: true, force: true });
});

function mountedDisk(): string | undefined {
  const folder = mkdtempSync(join(tmpdir(), 'small-disk-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${String(MEGABYTES)}m,mode=755`, 'tmpfs', folder], {
      stdio: 'ignore',
    });
  } catch {
    rmSync(folder, { recursive: true });
    return undefined;
  }
  mkdirSync(join(folder, 'tables'));
  execFileSync('chown', ['-R', 'postgres', folder]);
  return folder;
}

function databaseName(): string {
  return new URL(server.url).pathname.slice(1);
}

async function ask(url: string, sql: string): Promise<void> {
  const other = openDatabase(url);
  try {
    await other.pool.query(sql);
  } finally {
    await other.close();
  }
}

/** Writes into a file until its disk takes no more. */
function fill(path: string): void {
  const file = openSync(path, 'w');
  const block = Buffer.alloc(4096);
  try {
    for (;;) writeSync(file, block);
  } catch (error) {
    if (!(error instanceof Error && 'code' in error && error.code === 'ENOSPC')) throw error;
  } finally {
    closeSync(file);
  }
}

describe.skipIf(disk === undefined)('a disk that is full to its last byte', () => {
  it('is told with 503 and a Retry-After, ends nothing and loses nothing, and is got over by itself', async () => {
    const { coach } = await signedInCoach(server, 'full-disk@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    await ask(inject('serverPostgres'), `create tablespace small_disk location '${disk ?? ''}/tables'`);
    await ask(server.url, 'alter table circuit set tablespace small_disk');
    fill(join(disk ?? '', FILLING));

    const statuses: number[] = [];
    for (let at = 0; at < 60; at += 1) {
      const answer = await coach.ask(ADDRESSES.addCircuit).send(newCircuit(LONG));
      statuses.push(answer.status);
      if (answer.status === 503) expect(answer.headers['retry-after']).toBe('30');
    }
    expect(statuses.at(-1)).toBe(503);
    expect(statuses.every((status) => status === 201 || status === 503)).toBe(true);
    await coach.ask(ADDRESSES.circuit, circuit.id).expect(200);
    await new Visitor(server).ask(ADDRESSES.welcome).expect(200);

    rmSync(join(disk ?? '', FILLING));
    await coach.ask(ADDRESSES.addCircuit).send(newCircuit(LONG)).expect(201);
    const { rows } = await server.connection.pool.query<{ count: number }>('select count(*)::int from circuit');
    expect(rows[0]?.count).toBe(2 + statuses.filter((status) => status === 201).length);
  });
});
