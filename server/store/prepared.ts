import type { Database } from './database.ts';

const known = new WeakMap<Database, Map<string, unknown>>();

/**
 * A query that is asked with nearly every request, put into words once: the builder, and the database's planning of it,
 * take longer than the query does.
 *
 * @param name unique among all of them; the database knows the statement by it
 */
export function prepared<Query>(database: Database, name: string, build: () => Query): Query {
  const queries = known.get(database) ?? new Map<string, unknown>();
  known.set(database, queries);
  if (!queries.has(name)) queries.set(name, build());
  // Under one name there is always what one build made.
  return queries.get(name) as Query;
}
