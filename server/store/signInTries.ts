import { lt, sql } from 'drizzle-orm';
import { signInTry } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** Counts one more try under a key and says how many there were in the window that is open. Tries whose window has closed are forgotten. */
export async function countTry(
  database: Database,
  key: string,
  windowMs: number,
): Promise<{ readonly totalHits: number; readonly resetTime: Date }> {
  const windowSeconds = windowMs / 1000;
  await database.delete(signInTry).where(lt(signInTry.resetsAt, sql`now()`));
  const [row] = await database
    .insert(signInTry)
    .values({ key, hits: 1, resetsAt: sql`now() + make_interval(secs => ${windowSeconds})` })
    .onConflictDoUpdate({
      target: signInTry.key,
      set: {
        hits: sql`case when ${signInTry.resetsAt} < now() then 1 else ${signInTry.hits} + 1 end`,
        resetsAt: sql`case when ${signInTry.resetsAt} < now() then excluded.resets_at else ${signInTry.resetsAt} end`,
      },
    })
    .returning();
  if (!row) throw new Error('A try to sign in was not counted.');
  return { totalHits: row.hits, resetTime: row.resetsAt };
}

/** Takes one try back, as for one that succeeded. */
export async function uncountTry(database: Database, key: string): Promise<void> {
  await database
    .update(signInTry)
    .set({ hits: sql`greatest(${signInTry.hits} - 1, 0)` })
    .where(sql`${signInTry.key} = ${key}`);
}

/** Forgets the tries under a key. */
export async function forgetTries(database: Database, key: string): Promise<void> {
  await database.delete(signInTry).where(sql`${signInTry.key} = ${key}`);
}
