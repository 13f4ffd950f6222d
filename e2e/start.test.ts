import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { freePort } from './app.ts';

/** `npm start` in a data folder of its own, as somebody runs it at home. */
const FOLDER = '.cache/start-test';
const PATIENCE = { timeout: 90_000, interval: 250 };

let port: number;
let databasePort: number;
let started: ChildProcess;
let said = '';

beforeAll(async () => {
  forget();
  [port, databasePort] = [await freePort(), await freePort()];
  started = start();
  await vi.waitFor(async () => expect(await ready()).toBe(200), PATIENCE);
});
afterAll(async () => {
  await end();
  forget();
});

const surroundings = () => ({
  ...process.env,
  DATA_FOLDER: FOLDER,
  PORT: String(port),
  DATABASE_PORT: String(databasePort),
  DATABASE_URL: '',
  HEALTH_KEY: '',
  SESSION_SECRET: '',
  LOG_FILE: `${FOLDER}/log/server.log`,
});

function start(): ChildProcess {
  const process = spawn('bin/start', { env: surroundings(), stdio: ['ignore', 'pipe', 'pipe'] });
  for (const stream of [process.stdout, process.stderr])
    stream.on('data', (chunk: Buffer) => (said += chunk.toString()));
  return process;
}

async function end(): Promise<number | null> {
  if (started.exitCode !== null) return started.exitCode;
  const ended = once(started, 'exit');
  started.kill('SIGTERM');
  return ((await ended) as [number | null])[0];
}

/** Starts once more where that cannot work, and gives what it said. */
async function refused(): Promise<string> {
  said = '';
  const other = start();
  const [code] = (await once(other, 'exit')) as [number | null];
  expect(code).toBe(1);
  return said;
}

const where = () => execFileSync('bin/database', ['where', FOLDER], { encoding: 'utf8' }).trim();

function forget(): void {
  if (!existsSync(FOLDER)) mkdirSync(FOLDER, { recursive: true });
  execFileSync('bin/database', ['stop', FOLDER]);
  rmSync(where(), { recursive: true, force: true });
  rmSync(FOLDER, { recursive: true, force: true });
}

async function ready(): Promise<number> {
  try {
    return (await fetch(`http://127.0.0.1:${String(port)}/readyz`)).status;
  } catch {
    return 0;
  }
}

const serverPid = () =>
  execFileSync('pgrep', ['-P', String(started.pid), '-f', 'server/dist/main.js'], { encoding: 'utf8' }).trim();

describe('what npm start watches over', () => {
  it('is started again when it ends: the server, and the database under it', async () => {
    const before = serverPid();
    execFileSync('kill', ['-9', before]);
    await expect.poll(() => said, PATIENCE).toContain('it is started again in 1 s');
    await expect.poll(ready, PATIENCE).toBe(200);
    const server = serverPid();
    expect(server).not.toBe(before);

    const [postmaster = ''] = execFileSync('head', ['-1', `${where()}/postmaster.pid`], { encoding: 'utf8' }).split(
      '\n',
    );
    execFileSync('kill', ['-9', postmaster]);
    await expect.poll(ready, PATIENCE).toBe(503);
    await expect.poll(ready, PATIENCE).toBe(200);
    // It went on: a server does not end with its database.
    expect(serverPid()).toBe(server);
  });

  it('is left alone by a second start in the same folder, which says so', async () => {
    const server = serverPid();
    expect(await refused()).toContain('Prompt Spark runs from this folder already');
    expect([serverPid(), await ready()]).toEqual([server, 200]);
  });

  it('seals with a new key while it runs, which is kept for its owner alone', async () => {
    const key = () => readFileSync(`${FOLDER}/health-key`, 'utf8').trim();
    const before = key();
    const words = execFileSync('bin/rotate-keys', { env: surroundings(), encoding: 'utf8' });
    expect(words).toMatch(/\b[1-9]\d{0,6} records are sealed with the new key/);
    expect(key()).not.toBe(before);
    expect(key().split('\n')).toHaveLength(1);
    expect(execFileSync('stat', ['-c', '%a', `${FOLDER}/health-key`], { encoding: 'utf8' }).trim()).toBe('600');
    const entered = await fetch(`http://127.0.0.1:${String(port)}/api/account/enter-demo`, {
      method: 'POST',
      headers: { 'Sec-Fetch-Site': 'same-origin' },
    });
    expect(entered.status).toBe(200);
  });
});

describe('a start where something is lost', () => {
  beforeAll(async () => {
    expect(await end()).toBe(0);
  });

  /** Takes something away, tries to start, and puts it back. */
  async function without(path: string, during: () => Promise<void>): Promise<void> {
    renameSync(path, `${path}.away`);
    await during();
    rmSync(path, { recursive: true, force: true });
    renameSync(`${path}.away`, path);
  }

  it('says that the password of the database is gone, and builds nothing over it', async () => {
    await without(`${FOLDER}/database-password`, async () => {
      expect(await refused()).toContain('its password is not');
      expect(existsSync(`${FOLDER}/database-password`)).toBe(false);
    });
  });

  it('says that the database is gone, or is no whole one', async () => {
    const cluster = where();
    await without(cluster, async () => {
      expect(await refused()).toContain('There is a password for a database');
      expect(existsSync(cluster)).toBe(false);
    });
    await without(`${cluster}/PG_VERSION`, async () => {
      expect(await refused()).toContain('is no whole database');
    });
  });

  it('says that the health key is gone, makes none in its place, and starts with it put back', async () => {
    await without(`${FOLDER}/health-key`, async () => {
      expect(await refused()).toContain('The health key is not the one that this database is sealed with');
      expect(existsSync(`${FOLDER}/health-key`)).toBe(false);
    });
    await without(`${FOLDER}/health-key`, async () => {
      writeFileSync(`${FOLDER}/health-key`, Buffer.alloc(32, 9).toString('base64'));
      expect(await refused()).toContain('Give this server the key that was in use before');
    });
    said = '';
    started = start();
    await expect.poll(ready, PATIENCE).toBe(200);
  });
});
