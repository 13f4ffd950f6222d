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
  /** Whether the database answers. */
  answers(): Promise<boolean>;
  close(): Promise<void>;
}

/** How a pool behaves. */
export interface PoolOptions {
  /** Connections at most. */
  readonly most: number;
  /** Milliseconds after which the database gives a statement up. */
  readonly statementMs: number;
  readonly onIdleError: (error: Error) => void;
}

const USUAL_POOL: PoolOptions = { most: 10, statementMs: 15_000, onIdleError: () => undefined };

/** Opens a pool. A connection that breaks while idle is dropped; the next query opens another. */
export function openDatabase(url: string, options: Partial<PoolOptions> = {}): Connection {
  const { most, statementMs, onIdleError } = { ...USUAL_POOL, ...options };
  const pool = new pg.Pool({
    connectionString: url,
    max: most,
    connectionTimeoutMillis: 5_000,
    statement_timeout: statementMs,
  });
  pool.on('error', onIdleError);
  const answers = () =>
    pool.query('select 1').then(
      () => true,
      () => false,
    );
  return { database: drizzle(pool), pool, answers, close: () => pool.end() };
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

/** Why the database refused something that was asked of it; undefined for anything but a rule of its tables. */
export function refusedBy(error: unknown): 'foreign key' | 'unique' | undefined {
  const code = codeOf(error) ?? (error instanceof Error ? codeOf(error.cause) : undefined);
  // PostgreSQL 15, appendix A: foreign_key_violation and unique_violation.
  return code === '23503' ? 'foreign key' : code === '23505' ? 'unique' : undefined;
}

function codeOf(error: unknown): unknown {
  return typeof error === 'object' && error !== null && 'code' in error ? error.code : undefined;
}
