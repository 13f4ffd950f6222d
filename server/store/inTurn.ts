import { sql } from 'drizzle-orm';
import type { Database } from './database.ts';

/** What a studio changes one request at a time, because a change looks at all the others first: names must not meet. */
export type Turn = 'drills' | 'standards' | 'people' | 'words' | 'pronunciations' | 'runs';

/** Does something in a transaction, once nobody else is changing the same of this studio. */
export function inTurn<Result>(
  database: Database,
  studioId: string,
  turn: Turn,
  work: (transaction: Database) => Promise<Result>,
): Promise<Result> {
  return database.transaction(async (transaction) => {
    await transaction.execute(sql`select pg_advisory_xact_lock(hashtext(${turn}), hashtext(${studioId}))`);
    return work(transaction);
  });
}
