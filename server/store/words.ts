import type { Word } from '@prompt-spark/contract/word';
import { nameWords } from '@prompt-spark/core/reading/words';
import { plainText } from '@prompt-spark/core/reading/plainText';
import { and, eq } from 'drizzle-orm';
import { word } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { inTurn } from './inTurn.ts';
import { roomForWords } from './quotas.ts';

/** Every word of a studio's own, by what is said. */
export async function wordsOf(database: Database, studioId: string): Promise<readonly Word[]> {
  return database
    .select({ id: word.id, said: word.said, drillId: word.drillId, rung: word.rung })
    .from(word)
    .where(eq(word.studioId, studioId))
    .orderBy(word.said, word.id);
}

/**
 * Teaches a studio words. One that it knows already for the same drill is not kept twice; one that it knows for another
 * drill is kept beside it, and what is meant is asked when it is said.
 *
 * @throws NoRoom
 */
export function teachWords(database: Database, studioId: string, words: readonly Word[]): Promise<readonly Word[]> {
  return inTurn(database, studioId, 'words', async (transaction) => {
    await roomForWords(transaction, studioId, words.length);
    await transaction
      .insert(word)
      .values(words.map((one) => ({ ...one, studioId, words: nameWords(plainText(one.said)).join(' ') })))
      .onConflictDoNothing();
    return wordsOf(transaction, studioId);
  });
}

/** Takes a word of the studio's own out. False where there is none. */
export async function forgetWord(database: Database, studioId: string, id: string): Promise<boolean> {
  const rows = await database
    .delete(word)
    .where(and(eq(word.studioId, studioId), eq(word.id, id)))
    .returning({ id: word.id });
  return rows.length > 0;
}
