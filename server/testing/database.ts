import type { TestProject } from 'vitest/node';
import { startPostgres } from './postgres.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** Address of the PostgreSQL server that server tests make their databases on. */
    readonly serverPostgres: string;
    readonly serverDataFolder: string;
  }
}

/** Starts PostgreSQL once for all server tests. */
export default function setup(project: TestProject): () => void {
  const postgres = startPostgres('server-database', 54_480);
  project.provide('serverPostgres', postgres.url);
  project.provide('serverDataFolder', postgres.folder);
  return postgres.stop;
}
