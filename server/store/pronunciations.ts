import type { KeptPronunciation } from '@prompt-spark/contract/pronunciation';
import { and, eq } from 'drizzle-orm';
import { pronunciation } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { inTurn } from './inTurn.ts';
import { roomForPronunciation } from './quotas.ts';

/** How a studio's voice says words, by what is written. */
export async function pronunciationsOf(database: Database, studioId: string): Promise<readonly KeptPronunciation[]> {
  return database
    .select({ id: pronunciation.id, written: pronunciation.written, spoken: pronunciation.spoken })
    .from(pronunciation)
    .where(eq(pronunciation.studioId, studioId))
    .orderBy(pronunciation.written, pronunciation.id);
}

/**
 * Keeps how a word is said, new or in the place of what is kept under its id. Undefined where another studio has that id.
 *
 * @throws NoRoom
 */
export function keepPronunciation(
  database: Database,
  studioId: string,
  { id, written, spoken }: KeptPronunciation,
): Promise<readonly KeptPronunciation[] | undefined> {
  return inTurn(database, studioId, 'pronunciations', async (transaction) => {
    const mine = and(eq(pronunciation.studioId, studioId), eq(pronunciation.id, id));
    const [known] = await transaction.select({ id: pronunciation.id }).from(pronunciation).where(mine);
    if (known) await transaction.update(pronunciation).set({ written, spoken }).where(mine);
    else {
      await roomForPronunciation(transaction, studioId);
      const kept = await transaction
        .insert(pronunciation)
        .values({ id, studioId, written, spoken })
        .onConflictDoNothing()
        .returning({ id: pronunciation.id });
      if (kept.length === 0) return undefined;
    }
    return pronunciationsOf(transaction, studioId);
  });
}

/** Has a word said as it is written again. False where there is none. */
export async function forgetPronunciation(database: Database, studioId: string, id: string): Promise<boolean> {
  const rows = await database
    .delete(pronunciation)
    .where(and(eq(pronunciation.studioId, studioId), eq(pronunciation.id, id)))
    .returning({ id: pronunciation.id });
  return rows.length > 0;
}
