import { migrateDatabase, openDatabase } from '@prompt-spark/server/store/database';
import { loadDemo } from '@prompt-spark/demo/loadDemo';
import { TEST_HEALTH_KEY } from './healthKey.ts';
import { ringOf } from '@prompt-spark/server/health/keyRing';
import { newDatabase, startPostgres } from '@prompt-spark/server/testing/postgres';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  interface ProvidedContext {
    /** Address of the application under test: the production build, on a fresh demo database. */
    readonly appUrl: string;
    readonly appDatabase: string;
  }
}

/** Builds the application if need be, loads a fresh demo, and serves it as `npm start` does. */
export default async function setup(project: TestProject): Promise<() => void> {
  execFileSync('bin/build', { stdio: 'inherit' });
  const postgres = startPostgres('e2e-database', 54_580);
  const databaseUrl = await newDatabase(postgres.url);
  await migrateDatabase(databaseUrl);
  const connection = openDatabase(databaseUrl);
  await loadDemo(connection.database, new Date(), ringOf([TEST_HEALTH_KEY]));
  await connection.close();
  const port = await freePort();
  const server = await serve(databaseUrl, port);
  project.provide('appUrl', `http://127.0.0.1:${String(port)}`);
  project.provide('appDatabase', databaseUrl);
  return () => {
    server.kill('SIGTERM');
    postgres.stop();
  };
}

/** Starts the built server and waits until it says it is ready. */
export async function serve(databaseUrl: string, port: number): Promise<ChildProcess> {
  const server = spawn('node', ['--enable-source-maps', 'server/dist/main.js'], {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      HEALTH_KEY: TEST_HEALTH_KEY.toString('base64'),
      SESSION_SECRET: 'a secret that only tests know, long enough',
      LOG_FILE: '.cache/e2e-server.log',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve, reject) => {
    server.stdout.on('data', (chunk: Buffer) => {
      if (chunk.toString().includes('ready at')) resolve();
    });
    server.once('exit', (code) => reject(new Error(`The server ended with code ${String(code)}.`)));
  });
  return server;
}

/** A port that nothing listens on. */
export async function freePort(): Promise<number> {
  const probe = createServer();
  await new Promise<void>((resolve) => probe.listen(0, '127.0.0.1', resolve));
  const address = probe.address();
  await new Promise((resolve) => probe.close(resolve));
  if (address === null || typeof address === 'string') throw new Error('No free port was found.');
  return address.port;
}
