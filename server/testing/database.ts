import type { TestProject } from 'vitest/node';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';
import { startPostgres } from './postgres.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** Address of the PostgreSQL server that server tests make their databases on. */
    readonly serverPostgres: string;
    readonly serverDataFolder: string;
    /** Where the worker that reads files was built to. */
    readonly importWorker: string;
  }
}

/** Starts PostgreSQL once for all server tests, and builds the worker that they run as it is run in production. */
export default async function setup(project: TestProject): Promise<() => void> {
  project.provide('importWorker', await builtWorker());
  const postgres = startPostgres('server-database', 54_480);
  project.provide('serverPostgres', postgres.url);
  project.provide('serverDataFolder', postgres.folder);
  return postgres.stop;
}

async function builtWorker(): Promise<string> {
  const root = fileURLToPath(new URL('../..', import.meta.url));
  await build({
    root,
    configFile: false,
    logLevel: 'warn',
    build: {
      ssr: 'server/imports/worker.ts',
      outDir: '.cache/import-worker',
      target: 'node20',
      rolldownOptions: { output: { entryFileNames: 'worker.mjs' } },
    },
    ssr: { noExternal: [/^@prompt-spark\//] },
  });
  return `${root}/.cache/import-worker/worker.mjs`;
}
