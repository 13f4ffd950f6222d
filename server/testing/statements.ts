import type pg from 'pg';

/** A statement as it went to the database. */
export interface Asked {
  readonly text: string;
  readonly values: unknown[];
}

/** Every statement of some work, as it went to the database, in order. */
export async function statementsOf(pool: pg.Pool, work: () => Promise<unknown>): Promise<readonly Asked[]> {
  const asked: Asked[] = [];
  const query = pool.query.bind(pool);
  const noting = (...parts: Parameters<typeof query>) => {
    const [first, second] = parts as readonly unknown[];
    const text = typeof first === 'string' ? first : (first as { text: string }).text;
    const inside = typeof first === 'string' ? undefined : (first as { values?: unknown[] }).values;
    asked.push({ text, values: inside ?? (Array.isArray(second) ? second : []) });
    return query(...parts);
  };
  pool.query = noting as typeof pool.query;
  try {
    await work();
  } finally {
    pool.query = query;
  }
  return asked;
}
