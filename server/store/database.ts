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
  // The pool hears a connection that breaks only while nobody uses it; one that breaks within a transaction is heard here.
  pool.on('connect', (client) => client.on('error', onIdleError));
  const answers = () =>
    pool.query('select 1').then(
      () => true,
      () => false,
    );
  return { database: databaseOn(pool), pool, answers, close: () => pool.end() };
}

/**
 * The query builder over a pool. Its own transactions never give a connection back that breaks as they begin: ten of
 * those, and nobody gets one any more. So each is given its connection here, and that goes back whatever comes of it.
 */
function databaseOn(pool: pg.Pool): Database {
  const database = drizzle(pool);
  return Object.assign(database, {
    transaction: async (...[work, config]: Parameters<typeof database.transaction>) => {
      const client = await pool.connect();
      try {
        const result = await drizzle(client).transaction(work, config);
        client.release();
        return result;
      } catch (error) {
        client.release(databaseTrouble(error) === 'away');
        throw error;
      }
    },
  });
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
  const code = codesOf(error).find((one) => one in REFUSALS);
  return code === undefined ? undefined : REFUSALS[code];
}

/** PostgreSQL 15, appendix A: foreign_key_violation and unique_violation. */
const REFUSALS: Readonly<Record<string, 'foreign key' | 'unique'>> = { '23503': 'foreign key', '23505': 'unique' };

/**
 * What is the matter with the database, where an error comes from that: it is away or too busy and may answer soon, it
 * cannot write for now, or it was given a value that it cannot hold.
 */
export function databaseTrouble(error: unknown): 'away' | 'cannot write' | 'odd value' | undefined {
  for (const code of codesOf(error)) {
    if (AWAY.test(code)) return 'away';
    if (CANNOT_WRITE.test(code)) return 'cannot write';
    if (ODD_VALUE.test(code)) return 'odd value';
  }
  return causesOf(error).some(({ message }) => CUT_OFF.test(message)) ? 'away' : undefined;
}

/**
 * PostgreSQL 15, appendix A: connection exceptions, operator intervention (a statement given up, a server that ends or
 * starts), too many connections, a deadlock; and what Node.js calls a connection that fails.
 */
const AWAY =
  /^(?:08...|57...|53300|40001|40P01|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|EHOSTUNREACH|ENOTFOUND|EAI_AGAIN)$/;
/** Disk full, out of memory, a limit of its configuration, read-only, an error of reading or writing. */
const CANNOT_WRITE = /^(?:53100|53200|53400|25006|58030)$/;
/** Data exceptions, such as a date out of range. */
const ODD_VALUE = /^22...$/;
/** What the driver says, without a code, of a connection that broke or could not be had in time. */
const CUT_OFF =
  /^(?:Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error|Client was closed|Cannot use a pool after)/;

function codesOf(error: unknown): readonly string[] {
  return causesOf(error).flatMap((one) => ('code' in one && typeof one.code === 'string' ? [one.code] : []));
}

/** An error and what it says it came from, outermost first. */
function causesOf(error: unknown): readonly Error[] {
  const causes: Error[] = [];
  for (let one = error; one instanceof Error && causes.length < 5; one = one.cause) causes.push(one);
  return causes;
}
