import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

/** Where every store function runs its queries: the pool, or a transaction on it. */
export type Database = Pick<NodePgDatabase, 'select' | 'insert' | 'update' | 'delete' | 'transaction' | 'execute'>;

/** An open pool of connections, and the query builder over it. */
export interface Connection {
  readonly database: Database;
  readonly pool: pg.Pool;
  close(): Promise<void>;
}

/** Opens a pool. A connection that breaks while idle is dropped; the next query opens another. */
export function openDatabase(url: string, onIdleError: (error: Error) => void = () => undefined): Connection {
  const pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 5_000 });
  pool.on('error', onIdleError);
  return { database: drizzle(pool), pool, close: () => pool.end() };
}

const MIGRATIONS = fileURLToPath(new URL('../migrations', import.meta.url));

/** Brings the tables up to date. Two processes may call it at once; one waits for the other. */
export async function migrateDatabase(url: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock(hashtext($1))', ['prompt-spark migrations']);
    await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
  } finally {
    await client.end();
  }
}
