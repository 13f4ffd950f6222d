import { execFileSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** A PostgreSQL server that tests have to themselves, in a folder under .cache and never the demo's. */
export interface TestPostgres {
  /** Address of its maintenance database. */
  readonly url: string;
  /** Where its files really are. */
  readonly folder: string;
  stop(): void;
}

/** Starts a server of its own, or takes up the one that runs in that folder. */
export function startPostgres(folder: string, port: number): TestPostgres {
  const run = (...words: string[]) => execFileSync('bin/database', words, { cwd: ROOT, encoding: 'utf8' }).trim();
  return {
    folder: run('where', `.cache/${folder}`),
    url: run('start', `.cache/${folder}`, String(port)),
    stop: () => void run('stop', `.cache/${folder}`),
  };
}

/** Makes an empty database on a server and gives its address. */
export async function newDatabase(serverUrl: string): Promise<string> {
  const name = `test_${randomBytes(8).toString('hex')}`;
  const client = new pg.Client({ connectionString: serverUrl });
  await client.connect();
  await client.query(`create database ${name}`);
  await client.end();
  const url = new URL(serverUrl);
  url.pathname = `/${name}`;
  return url.href;
}
